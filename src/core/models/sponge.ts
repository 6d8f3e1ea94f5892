/**
 * Refill of squeezed, elastic pieces: they spring back and draw liquid in within a minute or two.
 *
 * M(t) = M_sq + (M_full − M_sq)(1 − e^(−t/τ)). Capillary refill takes seconds (Washburn, Phys. Rev. 17 (1921)
 * 273); the exponential with τ about a minute is an engineering estimate. It carries every solute along.
 *
 * @param squeezedMoisture, fullMoisture g water per g solids
 */
export function refilledMoisture(
  squeezedMoisture: number,
  fullMoisture: number,
  minutes: number,
  timeConstantMin: number,
): number {
  if (fullMoisture <= squeezedMoisture) return squeezedMoisture;
  return squeezedMoisture + (fullMoisture - squeezedMoisture) * (1 - Math.exp(-minutes / timeConstantMin));
}
