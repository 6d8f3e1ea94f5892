/**
 * A parameter nobody knows exactly, as low, likely and high. `likely` is what the deterministic run uses, so
 * that the sums on a screen add up; samples are drawn from the triangular distribution between low and high.
 */
export interface Estimate {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** Lognormal: `likely` is the median, low and high the 10th and 90th percentile (models card 14). */
  readonly lognormal?: true;
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
/** A factor or time whose median is likely and whose logarithm is normal, from its 10th and 90th percentile. */
export const lognormal = (low: number, likely: number, high: number): Estimate => ({
  ...estimate(low, likely, high),
  lognormal: true,
});
/** A value that is certain. */
export const exactly = (value: number): Estimate => ({ low: value, likely: value, high: value });

/** z of the 90th percentile of the normal distribution. */
const Z90 = 1.2815515655446004;
/**
 * Inverse of the standard normal distribution function, u in (0, 1). Acklam's rational approximation (2003), relative error
 * below 1.2e-9.
 */
export function normalQuantile(u: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
  ];
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const poly = (coefficients: readonly number[], x: number) => coefficients.reduce((sum, k) => sum * x + k, 0);
  const tail = (q: number) => poly(c, q) / (poly(d, q) * q + 1);
  if (u < 0.02425) return tail(Math.sqrt(-2 * Math.log(u)));
  if (u > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - u)));
  const q = u - 0.5;
  return (poly(a, q * q) * q) / (poly(b, q * q) * q * q + 1);
}
/** The value of an estimate at a share of all cases, u in (0, 1): triangular, or lognormal where it says so. */
export function drawnAt(estimate: Estimate, u: number): number {
  if (!estimate.lognormal) return triangularQuantile(estimate, u);
  const { low, likely, high } = estimate;
  return likely * Math.exp((normalQuantile(u) * Math.log(high / low)) / (2 * Z90));
}

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
