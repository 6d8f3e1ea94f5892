/**
 * A parameter nobody knows exactly, as low, likely and high. `likely` is what the deterministic run uses, so
 * that the sums on a screen add up; samples are drawn from the triangular distribution between low and high.
 */
export interface Estimate {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** An interval shown to the cook: the 10th and the 90th percentile of the samples. */
export interface Range {
  readonly low: number;
  readonly high: number;
}

export const estimate = (low: number, likely: number, high: number): Estimate => {
  if (!(low <= likely && likely <= high)) throw new RangeError(`Estimate out of order: ${low}, ${likely}, ${high}`);
  return { low, likely, high };
};
export const exactly = (value: number): Estimate => ({ low: value, likely: value, high: value });

/** Inverse of the triangular distribution function, u in [0, 1]. Standard formula. */
export function triangularQuantile({ low, likely, high }: Estimate, u: number): number {
  const width = high - low;
  if (width === 0) return low;
  const modeAt = (likely - low) / width;
  return u < modeAt ? low + Math.sqrt(u * width * (likely - low)) : high - Math.sqrt((1 - u) * width * (high - likely));
}

/** Distribution function of the triangular distribution. Standard formula. */
export function triangularCdf({ low, likely, high }: Estimate, x: number): number {
  if (x <= low) return 0;
  if (x >= high) return 1;
  return x <= likely
    ? (x - low) ** 2 / ((high - low) * (likely - low))
    : 1 - (high - x) ** 2 / ((high - low) * (high - likely));
}

/** Linear interpolation between order statistics (the definition R calls type 7); `sorted` ascending, not empty. */
export function quantile(sorted: ArrayLike<number>, q: number): number {
  const at = (sorted.length - 1) * q;
  const below = Math.floor(at);
  const low = sorted[below];
  if (low === undefined) throw new RangeError("quantile of nothing");
  const high = sorted[Math.min(below + 1, sorted.length - 1)] ?? low;
  return low + (high - low) * (at - below);
}

/** P10–P90 of unsorted samples. */
export function rangeOf(samples: Float64Array): Range {
  const sorted = samples.slice().sort();
  return { low: quantile(sorted, 0.1), high: quantile(sorted, 0.9) };
}
