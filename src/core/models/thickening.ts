import type { StarchId } from "../foods/process";

/** Thickening power of a starch, corn starch = 1 (common practice). */
export const STARCH_STRENGTH: Readonly<Record<StarchId, number>> = {
  "corn-starch": 1,
  "potato-starch": 1.4,
  "tapioca-starch": 1.3,
  arrowroot: 1.25,
  "wheat-flour": 0.5,
  "oat-flour": 0.5,
  "rice-flour": 0.7,
};

/** Grams of corn-starch equivalent per 100 g of liquid. */
export const starchPer100 = (cornEquivalentG: number, liquidG: number): number => (100 * cornEquivalentG) / liquidG;

/** How a sauce runs, from broth to set. */
export type Thickness = "broth" | "light" | "coating" | "thick" | "sets";

/** The scale cooks use, by corn-starch equivalent per 100 g liquid (common practice, estimates). */
export function thicknessOf(per100: number): Thickness {
  if (per100 < 0.8) return "broth";
  if (per100 < 1.5) return "light";
  if (per100 < 2.8) return "coating";
  return per100 <= 5 ? "thick" : "sets";
}

/** How thick it feels at a temperature: starch firms as it cools (engineering estimate, 0.6 % per K from 90 °C). */
export const feltStarch = (per100: number, tempC: number): number => per100 * (1 + 0.006 * (90 - tempC));
/** Liquid that brings a sauce down to a wanted strength, g. */
export const thinningLiquidG = (liquidG: number, per100: number, wanted: number): number =>
  Math.max(0, liquidG * (per100 / wanted - 1));
/** Starch that brings a liquid up to a wanted strength, g of the starch named. */
export const thickeningStarchG = (liquidG: number, per100: number, wanted: number, starch: StarchId): number =>
  Math.max(0, ((wanted - per100) * liquidG) / 100 / STARCH_STRENGTH[starch]);
