import type { FoodId, FoodLookup } from "../foods/food";
import { densityOf } from "../foods/density";
import { bindingInputOf } from "../process/steps/common";
import type { StepContext } from "../process/ledger";
import type { StepKey } from "../process/log";
import type { Row } from "../process/row";
import type { BinderAmount } from "../models/binderWater";
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

/** In most kitchens, without gluten, and without a taste of its own. */
const USUAL_BINDER = "potato-starch";
function usual(figures: StepContext["figures"]): BinderAmount {
  const { binder } = figures(USUAL_BINDER);
  if (!binder) throw new RangeError(`${USUAL_BINDER} has no figures for binding`);
  return { food: USUAL_BINDER, massG: 0, figures: binder };
}

type Computed = Extract<Row, { state: "computed" }>;
const isMixed = (row: Row): row is Computed =>
  row.state === "computed" && (row.step.kind === "bind" || row.step.kind === "rest") && bindingOfRow(row) !== null;
/** Shaped pieces take nothing more. */
const takesMore = (row: Computed) => row.outcome.after.pieces === null;
const bindingOfRow = (row: Computed) => row.outcome.facts.find((f) => f.kind === "binding")?.state ?? null;

/**
 * Advice for the mixes of one part, at the steps where something can still be added: where binders go in and where they
 * rest. What counts is how the mix is when it has had the rest that the part gives it; a mix that holds then only has to
 * be waited for. The binder to add is the flour or crumb there is most of, else the gel former; where only the food's
 * own starch binds, potato starch.
 */
export function bindingAdvice(
  rows: readonly Row[],
  foods: FoodLookup,
  figures: StepContext["figures"],
): readonly BindingAdvice[] {
  return rows.filter(isMixed).flatMap((row, i, mixed) => {
    if (!takesMore(row)) return [];
    const next = mixed.findIndex((r, j) => j > i && r.step.kind === "bind");
    const last = mixed[next < 0 ? mixed.length - 1 : next - 1] as Computed;
    if (bindingOfRow(last)?.zone === "holds")
      return bindingOfRow(row)?.zone === "holds"
        ? []
        : [{ step: row.key, correction: { kind: "wait" }, spoonG: 0 } as const];
    const { batch, boundMin } = last.outcome.after;
    const input = bindingInputOf(batch, boundMin ?? 0, figures);
    if (input.binders.length === 0) return [];
    const byMass = input.binders.filter((b) => !b.figures.base).sort((a, b) => b.massG - a.massG);
    const binder = byMass.find((b) => b.figures.strength < FLOUR_STRENGTH) ?? byMass[0] ?? usual(figures);
    const spoonG = spoonOf(binder.food, foods);
    const correction = correctionFor(input, binder, spoonG);
    return correction === null || correction.kind === "fine" ? [] : [{ step: row.key, correction, spoonG }];
  });
}

function spoonOf(id: FoodId, foods: FoodLookup): number {
  const food = foods(id);
  const density = food === null ? null : densityOf(food, true);
  return density === null ? USUAL_SPOON_G : density.gPerMl * ML_OF.us.tbsp;
}
