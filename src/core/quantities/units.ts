/**
 * Units of the kitchen. Grams, millilitres, °C and minutes are the only ones inside; everything else is
 * turned at the edge, here.
 *
 * Source: NIST SP 811 Appendix B and Handbook 44 Appendix C (US customary factors, exact).
 */
export const GRAMS_PER_POUND = 453.59237;
export const GRAMS_PER_OUNCE = GRAMS_PER_POUND / 16;
const ML_PER_CUBIC_INCH = 2.54 ** 3;
export const ML_PER_US_CUP = (231 / 16) * ML_PER_CUBIC_INCH;
export const ML_PER_US_TABLESPOON = ML_PER_US_CUP / 16;
export const ML_PER_US_TEASPOON = ML_PER_US_TABLESPOON / 3;
export const PASCAL_PER_PSI = 6894.757293168361;
export const ABSOLUTE_ZERO_C = -273.15;
/** Standard gravity, m/s² (CGPM 1901). */
export const GRAVITY = 9.80665;

export const celsiusFromFahrenheit = (tempF: number): number => ((tempF - 32) * 5) / 9;
export const fahrenheitFromCelsius = (tempC: number): number => (tempC * 9) / 5 + 32;
export const kelvin = (tempC: number): number => tempC - ABSOLUTE_ZERO_C;

export type UnitSystem = "metric" | "us";
