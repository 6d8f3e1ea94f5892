import { type BinderAmount, type BindingInput, bindingState } from "../models/binderWater";
import type { FoodId } from "../foods/food";

/** 2 US teaspoons of liquid. */
export const LIQUID_STEP_G = 9.858;
/** More spoons than this are no correction: another binder, or a drier base, is wanted. */
const MOST_STEPS = 8;

/** Spoons of liquid that bring a rested mix to 0.3 of its window. */
export function liquidSteps(freeWaterG: number, holdsFromG: number, holdsToG: number): number {
  return Math.max(0, Math.ceil((holdsFromG + 0.3 * (holdsToG - holdsFromG) - freeWaterG) / LIQUID_STEP_G));
}

/** Tablespoons of a binder that bring a rested mix down to 0.75 of its window; at most 100 are tried. */
export function binderSteps(
  freeWaterG: number,
  holdsFromG: number,
  holdsToG: number,
  binder: BinderAmount["figures"],
  spoonG: number,
): number {
  for (let steps = 0; steps < 100; steps++) {
    const from = holdsFromG + steps * spoonG * binder.holdsFrom;
    const to = holdsToG + steps * spoonG * binder.holdsTo;
    if (freeWaterG <= from + 0.75 * (to - from)) return steps;
  }
  return 100;
}

export type Correction =
  | { readonly kind: "fine" }
  | { readonly kind: "wait" }
  | { readonly kind: "add-liquid"; readonly steps: number }
  | { readonly kind: "add-binder"; readonly food: FoodId; readonly steps: number }
  | { readonly kind: "other-way"; readonly tooWet: boolean };

/**
 * What brings a mix into its window, judged at full rest: spoons of liquid, tablespoons of one binder, or only
 * time. Null without a binder.
 */
export function correctionFor(input: BindingInput, binder: BinderAmount, spoonG: number): Correction | null {
  const rested = bindingState({ ...input, restMin: Infinity });
  const now = bindingState(input);
  if (rested === null || now === null) return null;
  if (rested.zone === "holds") return now.zone === "holds" ? { kind: "fine" } : { kind: "wait" };
  const { freeWaterG, holdsFromG, holdsToG } = rested;
  if (rested.position < 0.15) {
    const steps = liquidSteps(freeWaterG, holdsFromG, holdsToG);
    return steps > MOST_STEPS ? { kind: "other-way", tooWet: false } : { kind: "add-liquid", steps };
  }
  const steps = binderSteps(freeWaterG, holdsFromG, holdsToG, binder.figures, spoonG);
  return steps > MOST_STEPS ? { kind: "other-way", tooWet: true } : { kind: "add-binder", food: binder.food, steps };
}
