/**
 * Units of the kitchen. Grams, millilitres, °C and minutes are the only ones inside; everything else is
 * turned at the edge, here.
 *
 * Source: NIST SP 811 Appendix B and Handbook 44 Appendix C (US customary factors, exact).
 */
export const GRAMS_PER_POUND = 453.59237;
/** Avoirdupois ounce (exact). */
export const GRAMS_PER_OUNCE = GRAMS_PER_POUND / 16;
const ML_PER_CUBIC_INCH = 2.54 ** 3;
/** US customary cup (exact). */
export const ML_PER_US_CUP = (231 / 16) * ML_PER_CUBIC_INCH;
/** US tablespoon, a sixteenth of a cup (exact). */
export const ML_PER_US_TABLESPOON = ML_PER_US_CUP / 16;
/** US teaspoon, a third of a tablespoon (exact). */
export const ML_PER_US_TEASPOON = ML_PER_US_TABLESPOON / 3;
/** Pound-force per square inch (NIST SP 811). */
export const PASCAL_PER_PSI = 6894.757293168361;
/** 0 K in °C. */
export const ABSOLUTE_ZERO_C = -273.15;
/** Standard gravity, m/s² (CGPM 1901). */
export const GRAVITY = 9.80665;

/** °C from °F. */
export const celsiusFromFahrenheit = (tempF: number): number => ((tempF - 32) * 5) / 9;
/** °F from °C. */
export const fahrenheitFromCelsius = (tempC: number): number => (tempC * 9) / 5 + 32;
/** Molar gas constant, J/(mol K) (SI 2019, exact to the digits given). */
export const GAS_CONSTANT = 8.31446261815324;
/** K from °C. */
export const kelvin = (tempC: number): number => tempC - ABSOLUTE_ZERO_C;

/** Units in which the screen speaks. */
export type UnitSystem = "metric" | "us";
/** Whose cups and spoons a recipe means. */
export type SpoonSystem = "metric" | "us" | "imperial" | "au";
/** Imperial fluid ounce, mL: 1/160 of the gallon of 4.54609 L (Weights and Measures Act 1985, exact). */
const ML_PER_IMPERIAL_OUNCE = 4546.09 / 160;
const ML_PER_US_OUNCE = ML_PER_US_CUP / 8;

/** Household measures of volume. */
export type VolumeUnit = "ml" | "tsp" | "tbsp" | "cup" | "fl oz" | "pint" | "quart";
/**
 * Millilitres of each spoon and cup. Metric and Australian cups hold 250 mL, an imperial one half a pint; an
 * Australian tablespoon is 20 mL, an imperial one 1/16 of its cup (common practice). Metric pints are imperial ones.
 */
export const ML_OF: Readonly<Record<SpoonSystem, Readonly<Record<VolumeUnit, number>>>> = {
  metric: spoons(5, 15, 250, ML_PER_IMPERIAL_OUNCE, 20),
  us: spoons(ML_PER_US_TEASPOON, ML_PER_US_TABLESPOON, ML_PER_US_CUP, ML_PER_US_OUNCE, 16),
  imperial: spoons(
    (ML_PER_IMPERIAL_OUNCE * 10) / 48,
    (ML_PER_IMPERIAL_OUNCE * 10) / 16,
    ML_PER_IMPERIAL_OUNCE * 10,
    ML_PER_IMPERIAL_OUNCE,
    20,
  ),
  au: spoons(5, 20, 250, ML_PER_IMPERIAL_OUNCE, 20),
};
function spoons(tsp: number, tbsp: number, cup: number, ounce: number, ouncesInPint: number) {
  return { ml: 1, tsp, tbsp, cup, "fl oz": ounce, pint: ounce * ouncesInPint, quart: 2 * ounce * ouncesInPint };
}
