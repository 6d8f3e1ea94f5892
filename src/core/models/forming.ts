/** Geometry of equal pieces. Masses g, densities kg/m³, lengths m. */
export const ballDiameterM = (massG: number, density: number): number =>
  ((6 * massG) / 1000 / (Math.PI * density)) ** (1 / 3);
/** Thickness of a disc, or length of a log, of this mass, density and diameter, m. */
export const pattyThicknessM = (massG: number, density: number, diameterM: number): number =>
  (4 * massG) / 1000 / (Math.PI * density * diameterM ** 2);

/** Equal pieces: how many, and of what mass. */
export interface Pieces {
  readonly count: number;
  readonly eachG: number;
  /** True when the pieces miss the wanted mass by more than 12 %: show the neighbours as well. */
  readonly offTarget: boolean;
}

/** Equal pieces from a mix: as many as come nearest to the wanted mass, at least one. */
export function equalPieces(mixG: number, wantedG: number, waste: number): Pieces {
  const usable = mixG * (1 - waste);
  const count = Math.max(1, Math.round(usable / wantedG));
  const eachG = usable / count;
  return { count, eachG, offTarget: Math.abs(eachG / wantedG - 1) > 0.12 };
}
