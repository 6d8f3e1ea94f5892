import type { FoodId, FoodLookup } from "../foods/food";
import { densityOf } from "../foods/measure";
import { bindingInputOf } from "../process/steps/common";
import type { StepContext } from "../process/ledger";
import type { StepKey } from "../process/log";
import type { Row } from "../process/replay";
import { ML_OF } from "../quantities/units";
import { type Correction, correctionFor } from "./correction";

/** What would bring a mix into its window, at the step where it is mixed or rests. */
export interface BindingAdvice {
  readonly step: StepKey;
  readonly correction: Exclude<Correction, { kind: "fine" }>;
  /** Grams of one spoon of the binder that would be added. */
  readonly spoonG: number;
}
/** A tablespoon of a flour of which nobody knows the density, g (rule of thumb). */
const USUAL_SPOON_G = 8;
/** Gel formers are not added by the spoon as flour and crumbs are (card 6: β of flours and crumbs is below 1). */
const FLOUR_STRENGTH = 1;

/**
 * Advice for a mix that does not hold as it is, or null when it does, or when the step is none at which something can
 * still be added. The binder is the flour or crumb there is most of, else the gel former.
 */
export function bindingAdvice(row: Row, foods: FoodLookup, figures: StepContext["figures"]): BindingAdvice | null {
  if (row.state !== "computed" || (row.step.kind !== "bind" && row.step.kind !== "rest")) return null;
  const { batch, boundMin } = row.outcome.after;
  if (boundMin === null) return null;
  const input = bindingInputOf(batch, boundMin, figures);
  const byMass = input.binders.slice().sort((a, b) => b.massG - a.massG);
  const binder = byMass.find((b) => b.figures.strength < FLOUR_STRENGTH) ?? byMass[0];
  if (!binder) return null;
  const spoonG = spoonOf(binder.food, foods);
  const correction = correctionFor(input, binder, spoonG);
  return correction === null || correction.kind === "fine" ? null : { step: row.key, correction, spoonG };
}

function spoonOf(id: FoodId, foods: FoodLookup): number {
  const food = foods(id);
  const density = food === null ? null : densityOf(food, true);
  return density === null ? USUAL_SPOON_G : density.gPerMl * ML_OF.us.tbsp;
}
