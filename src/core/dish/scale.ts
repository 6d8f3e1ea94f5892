import type { DishId } from "../process/step";
import type { FoodId } from "../foods/food";
import { fail, type Result, succeed } from "../quantities/result";
import { type Dish, linesOf, scaleDish } from "./dish";
import { type Tin, tinAreaCm2 } from "../household/kitchen";

/** Why a dish cannot be scaled by what is in hand or by a tin. */
export type ScaleFailure =
  { readonly kind: "not-in-dish"; readonly food: FoodId } | { readonly kind: "out-of-range"; readonly factor: number };

/** A tenth to ten times: beyond that a dish is another dish. */
const LEAST = 0.1;
const MOST = 10;

/** Grams of a food in the whole dish, for its own number of servings. */
export const gramsOf = (dish: Dish, food: FoodId): number =>
  linesOf(dish).reduce((g, { line }) => (line.kind === "food" && line.food === food ? g + (line.massG ?? 0) : g), 0);

/** How many times the dish has to be made so that a food comes to so many grams at the table. */
export function factorForGrams(
  dish: Dish,
  food: FoodId,
  inHandG: number,
  shownFactor: number,
): Result<number, ScaleFailure> {
  const now = gramsOf(dish, food) * shownFactor;
  if (now <= 0) return fail({ kind: "not-in-dish", food });
  return inRange(inHandG / now);
}
/** From one tin to another at the same depth: by area. 8 × 8 → 9 × 13 in is × 1.83 (common practice). */
export const factorForTin = (from: Tin, to: Tin): Result<number, ScaleFailure> =>
  inRange(tinAreaCm2(to) / tinAreaCm2(from));

const inRange = (factor: number): Result<number, ScaleFailure> =>
  Number.isFinite(factor) && factor >= LEAST && factor <= MOST
    ? succeed(factor)
    : fail({ kind: "out-of-range", factor });

/**
 * Every gram of food multiplied; servings stay, so each gets more or less of it. What does not scale: minutes by the
 * size of a piece, batches, steam from an open pan, chilli, machine bowls. Pieces filled or sliced by number do.
 */
export function scaleAmounts(dish: Dish, factor: number): Dish {
  const scaled = scaleDish(dish, factor);
  const parts = scaled.parts.map((p) => ({
    ...p,
    steps: p.steps.map((s) =>
      s.kind === "stuff" || s.kind === "slice" ? { ...s, count: Math.max(1, Math.round(s.count * factor)) } : s,
    ),
  }));
  return { ...scaled, parts };
}

/** The same dish under another name and id, ready for the shelf. */
export const duplicate = (dish: Dish, id: DishId, name: string): Dish => ({ ...dish, id, name });
