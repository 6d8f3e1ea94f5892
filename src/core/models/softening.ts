import { atmospherePa, saturationTempC } from "./boilingPoint";

/** Temperature rise, K, that makes softening ten times as fast (20–40; the weakest number of this card). */
export const SOFTENING_Z_K = 28;
/** Share of the hardness that is left when a pulse is done, and when it is mush. */
const DONE_LEFT = 0.1;

/** How many times as long it takes at another temperature than `referenceC`: 10^((T_ref − T)/z). */
export const timeFactorAt = (tempC: number, referenceC = 100, zK = SOFTENING_Z_K): number =>
  10 ** ((referenceC - tempC) / zK);

/** Hardness left after minutes at one temperature, 0–1: first order, 10 % at `doneMin`. */
export const hardnessLeft = (minutes: number, doneMin: number): number => DONE_LEFT ** (minutes / doneMin);

/** A stretch of a cooking: minutes, and its temperatures at both ends, °C. */
export interface Stretch {
  readonly minutes: number;
  readonly fromC: number;
  readonly toC: number;
}

/**
 * Minutes at the reference temperature that do the same as these stretches. On a linear ramp the integral of
 * 10^((T − T_ref)/z) has a closed form; holds count in full.
 */
export function equivalentMinutes(stretches: readonly Stretch[], referenceC = 100, zK = SOFTENING_Z_K): number {
  const rate = (tempC: number) => 10 ** ((tempC - referenceC) / zK);
  return stretches.reduce((sum, { minutes, fromC, toC }) => {
    if (Math.abs(toC - fromC) < 1e-9) return sum + minutes * rate(fromC);
    return sum + ((minutes * (zK / Math.LN10)) / (toC - fromC)) * (rate(toC) - rate(fromC));
  }, 0);
}

/** Where water boils in a cooker with a spring valve: gauge pressure adds to that of the place, °C. */
export const cookerC = (altitudeM: number, gaugeKPa: number): number =>
  saturationTempC(atmospherePa(altitudeM) + gaugeKPa * 1000);

/**
 * Cooked over dry mass when `leached` of the solids go into the water: (1 − w0)(1 − ℓ)/(1 − w1), with moistures as
 * shares of the whole.
 */
export const cookedYield = (dryWater: number, cookedWater: number, leached: number): number =>
  ((1 - dryWater) * (1 - leached)) / (1 - cookedWater);

/** Water to pour on so that nothing is left standing: what is drunk, and what goes off as steam, g. */
export const absorbedWaterG = (dryG: number, yieldTimes: number, steamG: number): number =>
  dryG * (yieldTimes - 1) + steamG;
