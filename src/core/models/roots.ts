/**
 * Root of a continuous function between two points, by Brent's method: inverse quadratic interpolation where it converges, halving
 * where it does not. Source: Brent, Algorithms for Minimization without Derivatives (1973), chapter 4.
 *
 * @param low, high bracket with f(low) and f(high) of opposite sign (or zero)
 * @returns the root to 1e-12 relative, or null when the bracket holds no change of sign
 */
export function findRoot(f: (x: number) => number, low: number, high: number): number | null {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (!(fa * fb < 0)) return null;
  let [c, fc] = [a, fa];
  let step = b - a;
  let before = step;
  for (let i = 0; i < 200; i++) {
    // b is the best guess, c the other end of the bracket, a the guess before.
    if (Math.abs(fc) < Math.abs(fb)) [a, b, c, fa, fb, fc] = [b, c, b, fb, fc, fb];
    const within = 0.5e-12 * Math.max(Math.abs(b), Math.abs(c));
    const half = (c - b) / 2;
    if (Math.abs(half) <= within || fb === 0) return b;
    const guess = Math.abs(before) >= within && Math.abs(fa) > Math.abs(fb) ? interpolated(a, b, c, fa, fb, fc) : NaN;
    // An interpolation that leaves the bracket, or hardly shrinks it, gives way to halving.
    if (Math.abs(guess) < Math.min(1.5 * Math.abs(half), Math.abs(before) / 2) && guess * half > 0) {
      before = step;
      step = guess;
    } else before = step = half;
    [a, fa] = [b, fb];
    b += Math.abs(step) > within ? step : Math.sign(half) * within;
    fb = f(b);
    if (fb > 0 === fc > 0) {
      [c, fc] = [a, fa];
      before = step = b - a;
    }
  }
  return b;
}

/** How far to go from b: along the line through two points, or the inverse parabola through three. */
function interpolated(a: number, b: number, c: number, fa: number, fb: number, fc: number): number {
  const s = fb / fa;
  if (a === c) return ((c - b) * s) / (s - 1);
  const [q, r] = [fa / fc, fb / fc];
  const above = s * ((c - b) * q * (q - r) - (b - a) * (r - 1));
  return -above / ((q - 1) * (r - 1) * (s - 1));
}
