/**
 * Root of a continuous function by bisection.
 *
 * @param low, high bracket with f(low) and f(high) of opposite sign (or zero)
 * @returns the root to 1e-12 relative, or null when the bracket holds no change of sign
 */
export function bisect(f: (x: number) => number, low: number, high: number): number | null {
  let [a, b] = [low, high];
  const atLow = f(a);
  const atHigh = f(b);
  if (atLow === 0) return a;
  if (atHigh === 0) return b;
  if (!(atLow * atHigh < 0)) return null;
  for (let i = 0; i < 200 && b - a > 1e-12 * Math.max(Math.abs(a), Math.abs(b)); i++) {
    const middle = (a + b) / 2;
    if (f(middle) * atLow > 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
