import { GRAVITY } from "../quantities/units";

/** How a wet, spongy food gives up its liquor under pressure. Moisture g water per g solids. */
export interface Compressibility {
  /** Moisture at or below the threshold pressure. */
  readonly referenceMoisture: number;
  readonly thresholdKPa: number;
  readonly exponent: number;
  /** Coefficient of consolidation, m²/s. */
  readonly consolidationM2PerS: number;
}

/** Moisture that stays at a pressure: M_ref (P/P0)^−b. Power-law compressibility; exponents are engineering estimates. */
export function equilibriumMoisture(food: Compressibility, pressureKPa: number): number {
  if (pressureKPa <= food.thresholdKPa) return food.referenceMoisture;
  return food.referenceMoisture * (pressureKPa / food.thresholdKPa) ** -food.exponent;
}

/**
 * Average degree of consolidation for a time factor T_v = c_v t / H².
 *
 * Terzaghi (1943); Taylor, Fundamentals of Soil Mechanics (1948). Early times use the square-root solution,
 * which is within 0.1 % below T_v = 0.2.
 */
export function consolidatedFraction(timeFactor: number): number {
  if (timeFactor <= 0) return 0;
  if (timeFactor < 0.05) return 2 * Math.sqrt(timeFactor / Math.PI);
  let left = 0;
  for (let n = 0; n < 50; n++) {
    const root = (Math.PI * (2 * n + 1)) / 2;
    left += (2 / root ** 2) * Math.exp(-(root ** 2) * timeFactor);
  }
  return 1 - left;
}

/** T_v for a layer that drains through one face (`drainageM` = thickness) or two (half the thickness). */
export const timeFactor = (food: Compressibility, minutes: number, drainageM: number): number =>
  (food.consolidationM2PerS * minutes * 60) / drainageM ** 2;

/** Pressure of weights on a face, kPa. */
export const loadPressureKPa = (loadKg: number, areaM2: number): number => (loadKg * GRAVITY) / areaM2 / 1000;
