import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";

/** Heat to melt ice, J/kg (handbook). */
const FUSION_J_PER_KG = 333_500;
/** Where the water of food begins to freeze, °C (ASHRAE: −0.6 to −2.8 for most foods, from memory). */
export const FREEZING_POINT_C = -1;
/** Moist food, kg/m³ (engineering estimate). */
const DENSITY = 1050;
/** W/(m K): thawing goes through thawed food, freezing through frozen food (engineering estimates). */
const CONDUCTIVITY = { thaw: 0.5, freeze: 1.6 } as const;
/** Heat to the freezing point and beyond comes on top of the melting (engineering estimate 10–20 %). */
export const SENSIBLE_SHARE = { low: 1.1, likely: 1.15, high: 1.2 } as const;

/** Surface coefficients, W/m²K (engineering estimates): still air of a fridge round a pack, freezer, changed water. */
export const SURROUNDINGS = {
  fridge: { tempC: 4, surface: { low: 6, likely: 9, high: 14 } },
  "cold-water": { tempC: 10, surface: { low: 100, likely: 150, high: 250 } },
  freezer: { tempC: -18, surface: { low: 5, likely: 8, high: 12 } },
} as const;

/** A block, its water and its surroundings. */
export interface FrozenBlock {
  /** Edges, m, in any order. */
  readonly edgesM: readonly [number, number, number];
  /** Share of water, 0–1. */
  readonly water: number;
}

/**
 * Plank's shape factors of a brick whose edges are 1 × β₁ × β₂ of the thinnest: P = β₁β₂/(2(β₁β₂ + β₁ + β₂)), and R by
 * Ede's formula. A cube has P = 1/6, R = 1/24 (published); the general formula is from memory of the ASHRAE
 * Refrigeration Handbook.
 */
export function shapeFactors(edgesM: FrozenBlock["edgesM"]): { p: number; r: number } {
  const [a, b, c] = [...edgesM].sort((x, y) => x - y) as [number, number, number];
  const [b1, b2] = [c / a, b / a];
  const p = (b1 * b2) / (2 * (b1 * b2 + b1 + b2));
  const q = 4 * Math.sqrt((b1 - b2) * (b1 - 1) + (b2 - 1) ** 2);
  // Cube, slab and square rod make the formula 0/0: nudge the edges apart.
  if (q < 1e-6) return shapeFactors([a, b * 1.0005, c * 1.001]);
  const m = (b1 + b2 + 1 + q / 4) / 3;
  const n = (b1 + b2 + 1 - q / 4) / 3;
  // (x − 1) ln(x/(x − 1)) goes to 0 with x → 1: there n stands when the two thinnest edges are equal.
  const term = (x: number) => (x - 1 < 1e-9 ? 0 : (x - 1) * (b1 - x) * (b2 - x) * Math.log(x / (x - 1)));
  return { p, r: (term(m) - term(n)) / (2 * q) + (2 * b1 + 2 * b2 - 1) / 72 };
}

/**
 * Minutes until a brick is frozen or thawed to the middle, by Plank: t = ρλ/ΔT (P a/h + R a²/k). Melting alone; the
 * sensible part is a factor of its own. The spread is large: always show a range.
 */
export function minutesThrough(
  block: FrozenBlock,
  way: "thaw" | "freeze",
  aroundC: number,
  surface: number,
): Result<number, BadNumber | { kind: "never"; aroundC: number }> {
  const bad = firstBad(
    ...block.edgesM.map((edge) => checkNumber("size of the block", edge * 1000, 5, 500)),
    checkNumber("share of water", block.water, 0.05, 1),
  );
  if (bad) return fail(bad);
  const difference = way === "thaw" ? aroundC - FREEZING_POINT_C : FREEZING_POINT_C - aroundC;
  if (difference <= 0) return fail({ kind: "never", aroundC });
  const { p, r } = shapeFactors(block.edgesM);
  const thinnest = Math.min(...block.edgesM);
  const seconds =
    ((DENSITY * block.water * FUSION_J_PER_KG) / difference) *
    ((p * thinnest) / surface + (r * thinnest ** 2) / CONDUCTIVITY[way]);
  return succeed(seconds / 60);
}
