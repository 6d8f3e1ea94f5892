import { ABSOLUTE_ZERO_C, kelvin } from "../quantities/units";
import { findRoot } from "./roots";

/**
 * Pressure of the standard atmosphere, Pa, at a geopotential height below 11 km.
 * Source: ICAO Doc 7488, Manual of the ICAO Standard Atmosphere.
 */
export const atmospherePa = (altitudeM: number): number => 101_325 * (1 - (0.0065 * altitudeM) / 288.15) ** 5.25588;

/** Coefficients of IAPWS-IF97 region 4 (release R7-97, table 34). */
const N = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5, -0.32325550322333e7,
  0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6, -0.23855557567849, 0.65017534844798e3,
] as const;

/** Saturation pressure of water, Pa, 0–374 °C. Source: IAPWS-IF97, equation 30. */
export function saturationPa(tempC: number): number {
  const t = kelvin(tempC);
  const theta = t + N[8] / (t - N[9]);
  const a = theta ** 2 + N[0] * theta + N[1];
  const b = N[2] * theta ** 2 + N[3] * theta + N[4];
  const c = N[5] * theta ** 2 + N[6] * theta + N[7];
  return 1e6 * ((2 * c) / (-b + Math.sqrt(b ** 2 - 4 * a * c))) ** 4;
}

/** Saturation temperature of water, °C, 0.6 kPa–22 MPa. Source: IAPWS-IF97, equation 31. */
export function saturationTempC(pressurePa: number): number {
  const beta = (pressurePa / 1e6) ** 0.25;
  const e = beta ** 2 + N[2] * beta + N[5];
  const f = N[0] * beta ** 2 + N[3] * beta + N[6];
  const g = N[1] * beta ** 2 + N[4] * beta + N[7];
  const d = (2 * g) / (-f - Math.sqrt(f ** 2 - 4 * e * g));
  return (N[9] + d - Math.sqrt((N[9] + d) ** 2 - 4 * (N[8] + N[9] * d))) / 2 + ABSOLUTE_ZERO_C;
}

/** Where water boils at a height above the sea, °C; the rise by dissolved salt (< 0.5 K) is left out. */
export const boilingPointC = (altitudeM: number): number => saturationTempC(atmospherePa(altitudeM));

/** The height whose boiling point is this, m: lets a cook enter what the thermometer said. */
export const altitudeOfBoilingM = (tempC: number): number | null =>
  findRoot((h) => boilingPointC(h) - tempC, -430, 9000);
