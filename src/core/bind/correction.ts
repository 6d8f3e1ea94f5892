import { type BinderAmount, type BindingInput, bindingState } from "../models/binderWater";
import type { FoodId } from "../foods/food";
import { ML_OF } from "../quantities/units";

/** Two US teaspoons of liquid, as much as millilitres. */
export const LIQUID_STEP_G = 2 * ML_OF.us.tsp;
/** More spoons than this are no correction: another binder, or a drier base, is wanted (rule of thumb). */
const MOST_STEPS = 8;

/** Where in its window a mix is brought from the dry side, and from the wet side, 0–1 (rule of thumb: inside, and not past the middle). */
const FROM_DRY = 0.3;
const FROM_WET = 0.75;
const within = (holdsFromG: number, holdsToG: number, share: number) => holdsFromG + share * (holdsToG - holdsFromG);

/** Spoons of liquid that bring a rested mix to 0.3 of its window. */
export function liquidSteps(freeWaterG: number, holdsFromG: number, holdsToG: number): number {
  return Math.max(0, Math.ceil((within(holdsFromG, holdsToG, FROM_DRY) - freeWaterG) / LIQUID_STEP_G));
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
    if (freeWaterG <= within(from, to, FROM_WET)) return steps;
  }
  return 100;
}

/** What brings a mix back into its window: so many spoons of a binder or of liquid, or time. */
export type Correction =
  | { readonly kind: "fine" }
  | { readonly kind: "wait" }
  | { readonly kind: "add-liquid"; readonly steps: number }
  | { readonly kind: "add-binder"; readonly food: FoodId; readonly steps: number }
  /** `waterG` has to go, or is missing, before spoons can do it. */
  | { readonly kind: "other-way"; readonly tooWet: boolean; readonly waterG: number };

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
    return steps > MOST_STEPS
      ? { kind: "other-way", tooWet: false, waterG: within(holdsFromG, holdsToG, FROM_DRY) - freeWaterG }
      : { kind: "add-liquid", steps };
  }
  const steps = binderSteps(freeWaterG, holdsFromG, holdsToG, binder.figures, spoonG);
  return steps > MOST_STEPS
    ? { kind: "other-way", tooWet: true, waterG: freeWaterG - within(holdsFromG, holdsToG, FROM_WET) }
    : { kind: "add-binder", food: binder.food, steps };
}
