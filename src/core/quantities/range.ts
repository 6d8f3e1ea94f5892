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

/**
 * An estimate whose values are in order.
 *
 * @throws RangeError when they are not
 */
export const estimate = (low: number, likely: number, high: number): Estimate => {
  if (!(low <= likely && likely <= high)) throw new RangeError(`Estimate out of order: ${low}, ${likely}, ${high}`);
  return { low, likely, high };
};
/** A value that is certain. */
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

/** The same of values in any order, which it brings half into order: a third of the time that sorting takes. */
function quantileOf(values: Float64Array, q: number): number {
  const at = (values.length - 1) * q;
  const below = Math.floor(at);
  const low = select(values, below);
  if (at === below) return low;
  let high = Infinity;
  for (let i = below + 1; i < values.length; i++) high = Math.min(high, values[i] as number);
  return low + (high - low) * (at - below);
}
/** The value that would stand at a place if all were sorted; smaller ones are before it then (Hoare's selection). */
function select(values: Float64Array, place: number): number {
  let [left, right] = [0, values.length - 1];
  while (left < right) {
    const pivot = values[(left + right) >> 1] as number;
    let [i, j] = [left, right];
    while (i <= j) {
      while ((values[i] as number) < pivot) i++;
      while ((values[j] as number) > pivot) j--;
      if (i > j) break;
      const held = values[i] as number;
      values[i++] = values[j] as number;
      values[j--] = held;
    }
    if (place <= j) right = j;
    else if (place >= i) left = i;
    else break;
  }
  return values[place] as number;
}

/** P10–P90 of unsorted samples. */
export function rangeOf(samples: Float64Array): Range {
  const [first] = samples;
  // What is certain is the same in every run; sorting it would be most of the work.
  if (first !== undefined && samples.every((s) => s === first)) return { low: first, high: first };
  const values = samples.slice();
  return { low: quantileOf(values, 0.1), high: quantileOf(values, 0.9) };
}
