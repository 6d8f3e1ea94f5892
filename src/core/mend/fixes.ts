import type { BindingAdvice } from "../bind/advice";
import { LIQUID_STEP_G } from "../bind/correction";
import type { FoodId } from "../foods/food";
import { totalG } from "../process/contents";
import type { Fact } from "../process/fact";
import type { StepKind } from "../process/registry";
import type { Row } from "../process/replay";

/** A way out that one press takes: what would be done to the dish at one step. Grams are those shown, for the table. */
export type Fix =
  | { readonly kind: "put-before"; readonly step: StepKind }
  | { readonly kind: "put-after"; readonly step: StepKind }
  /** The same lines in another kind of step. */
  | { readonly kind: "take"; readonly step: StepKind }
  | { readonly kind: "minutes"; readonly minutes: number }
  | { readonly kind: "add"; readonly food: FoodId; readonly massG: number };

/**
 * The ways out of what a step tells, where one edit of this step or beside it is enough. What has several ways out, or
 * needs something of the kitchen, is left to the sentence that tells it.
 *
 * @param rows the part's rows in order
 * @param at which of them
 */
export function fixesOf(rows: readonly Row[], at: number, advice: BindingAdvice | null): readonly Fix[] {
  const row = rows[at];
  if (row === undefined || row.state === "waiting") return [];
  const before = rows[at - 1];
  if (row.state === "blocked") return ofFailure(row, before);
  const fixes: Fix[] = [];
  const waterG = waterMissingG(row.outcome.facts);
  if (waterG > 0) fixes.push({ kind: "add", food: "water", massG: Math.ceil(waterG) });
  for (const fact of row.outcome.facts) {
    if (fact.kind === "core-short" && "minutes" in row.step)
      fixes.push({ kind: "minutes", minutes: Math.ceil(fact.neededMin) });
    // Not only probably: as long as it takes where the fridge or the freezer is slow.
    if (fact.kind === "through" && fact.givenMin < fact.neededMin)
      fixes.push({ kind: "minutes", minutes: 30 * Math.ceil(fact.highMin / 30) });
    // What a part brings along is drained in that part.
    if (fact.kind === "undrained" && row.before.bath !== null && totalG(row.before.bath) > 1)
      fixes.push({ kind: "put-before", step: "drain" });
  }
  return advice === null ? fixes : [...fixes, ...ofAdvice(advice, rows[at + 1])];
}

/** A fuller bowl also stays warmer, so that they drink more: enough to stand over them is enough to drink. */
const waterMissingG = (facts: readonly Fact[]): number =>
  facts.reduce((g, fact) => {
    if (fact.kind === "uncovered") return Math.max(g, fact.needG - fact.pouredG);
    return fact.kind === "bath-short" ? Math.max(g, fact.missingG) : g;
  }, 0);

function ofFailure({ failure }: Extract<Row, { state: "blocked" }>, before: Row | undefined): readonly Fix[] {
  if (failure.kind === "other-step") return [{ kind: "take", step: failure.take }];
  // After a thaw that was too short, another one is no help: that one has to be longer.
  if (failure.kind === "still-frozen" && before?.step.kind !== "thaw") return [{ kind: "put-before", step: "thaw" }];
  return [];
}

function ofAdvice({ correction, spoonG }: BindingAdvice, next: Row | undefined): readonly Fix[] {
  switch (correction.kind) {
    case "add-liquid":
      return [{ kind: "add", food: "water", massG: Math.round(correction.steps * LIQUID_STEP_G) }];
    case "add-binder":
      return [{ kind: "add", food: correction.food, massG: Math.round(correction.steps * spoonG) }];
    case "wait":
      return next?.step.kind === "rest" ? [] : [{ kind: "put-after", step: "rest" }];
    case "other-way":
      return [];
  }
}
