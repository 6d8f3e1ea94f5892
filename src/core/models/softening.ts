import { atmospherePa, saturationTempC } from "./boilingPoint";

/** Temperature rise, K, that makes softening ten times as fast (20–40; the weakest number of this card). */
export const SOFTENING_Z_K = 28;

/** How many times as long it takes at another temperature than `referenceC`: 10^((T_ref − T)/z). */
export const timeFactorAt = (tempC: number, referenceC = 100, zK = SOFTENING_Z_K): number =>
  10 ** ((referenceC - tempC) / zK);

/** Where water boils in a cooker with a spring valve: gauge pressure adds to that of the place, °C. */
export const cookerC = (altitudeM: number, gaugeKPa: number): number =>
  saturationTempC(atmospherePa(altitudeM) + gaugeKPa * 1000);
