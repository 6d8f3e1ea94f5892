/**
 * Hours for a lumped body to cool (or warm) from one temperature to another, null when the surroundings never
 * take it there. Newton's law; optimistic for thick food.
 */
export function hoursBetween(fromC: number, toC: number, aroundC: number, timeConstantS: number): number | null {
  const ratio = (fromC - aroundC) / (toC - aroundC);
  if (!(ratio > 0) || !Number.isFinite(ratio)) return null;
  const hours = (timeConstantS * Math.log(ratio)) / 3600;
  return hours < 0 ? null : hours;
}
