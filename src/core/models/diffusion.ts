import { GAS_CONSTANT, kelvin } from "../quantities/units";
import { findRoot } from "./roots";

/** Geometry of a piece; the half size is half the thickness of a slab or the radius. */
export type PieceShape = "slab" | "sphere";

/** 18 (15–22) kJ/mol: diffusion of salt and sugar in wet food (engineering estimate). */
const ACTIVATION_J = 18_000;

/** Salt in moist food at 25 °C, m²/s (card 4). */
export const SALT_DIFFUSIVITY_25C = 1e-9;

/** Diffusivity at a temperature, from that at 25 °C (Arrhenius). */
export const diffusivityAt = (at25M2PerS: number, tempC: number): number =>
  at25M2PerS * Math.exp((-ACTIVATION_J / GAS_CONSTANT) * (1 / kelvin(tempC) - 1 / kelvin(25)));

/**
 * Fractional uptake from a bath so large that its strength stays. Crank, The Mathematics of Diffusion, 2nd ed.
 * (1975), chapters 4 to 6; short times by the square-root forms.
 *
 * @param fourier D t / a², a = half thickness or radius
 */
export function uptakeLargeBath(shape: PieceShape, fourier: number): number {
  if (fourier <= 0) return 0;
  if (fourier < 1e-3)
    return shape === "slab" ? 2 * Math.sqrt(fourier / Math.PI) : 6 * Math.sqrt(fourier / Math.PI) - 3 * fourier;
  let left = 0;
  for (let n = 0; n < 60; n++) {
    const odd = 2 * n + 1;
    const term =
      shape === "slab"
        ? (8 / (odd ** 2 * Math.PI ** 2)) * Math.exp((-(odd ** 2) * Math.PI ** 2 * fourier) / 4)
        : (6 / (Math.PI ** 2 * (n + 1) ** 2)) * Math.exp(-((n + 1) ** 2) * Math.PI ** 2 * fourier);
    left += term;
    if (term < 1e-14) break;
  }
  return 1 - left;
}

/** Roots of tan q = −αq, one in each ((k−½)π, kπ). Crank (1975), table of roots. */
export const slabRoots = (alpha: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => {
    const k = i + 1;
    return findRoot((q) => Math.sin(q) + alpha * q * Math.cos(q), (k - 0.5) * Math.PI, k * Math.PI) ?? k * Math.PI;
  });

/**
 * Fractional uptake of a slab from a small bath; α = water in the bath / water in the food, above 0. Crank (1975) eq. 4.37.
 *
 * @param roots those for this α, when they are at hand
 */
export function uptakeSmallBath(
  alpha: number,
  fourier: number,
  roots: readonly number[] = slabRoots(alpha, 40),
): number {
  if (!(alpha > 0) || fourier <= 0) return 0;
  let left = 0;
  for (const q of roots)
    left += ((2 * alpha * (1 + alpha)) / (1 + alpha + alpha ** 2 * q ** 2)) * Math.exp(-(q ** 2) * fourier);
  // Forty terms leave a little over at the very first moments.
  return Math.max(0, 1 - left);
}

/** Depth at which a tenth of the surface strength has arrived, m: erfc(x / 2√(Dt)) = 0.1 at x = 2.326 √(Dt). */
export const frontDepthM = (diffusivity: number, seconds: number): number =>
  2.326174 * Math.sqrt(diffusivity * seconds);
