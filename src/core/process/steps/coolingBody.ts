/** J/(kg K) of a cooked dish (engineering estimate). */
const SPECIFIC_HEAT = 3900;
const DENSITY = 1000;

/**
 * Time constant of a dish that cools as a whole, minutes: τ = m c/(h A). With a depth it lies that deep in a tray and
 * cools from above and below; without, it is a heap as wide as it is high. Thick food cools slower than that (card 16:
 * +30 %).
 */
export function lumpedMinutes(massG: number, depthMm: number | null, surface: number): number {
  const volume = massG / 1000 / DENSITY;
  const area = depthMm === null ? 6 * volume ** (2 / 3) : (2 * volume) / (depthMm / 1000);
  return ((massG / 1000) * SPECIFIC_HEAT) / (surface * area) / 60;
}
