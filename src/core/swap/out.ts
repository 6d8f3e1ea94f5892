import type { Allergen } from "../foods/allergens";
import type { FoodId } from "../foods/food";
import type { DietId, EaterId } from "../household/people";
import type { Plan } from "../plan";
import type { StepFailure } from "../process/ledger";
import type { Answer, Ask } from "./answer";
import type { Route } from "./routes";

/** Why a route is out. */
export type Out =
  | { readonly kind: "contains"; readonly eater: EaterId; readonly allergen: Allergen; readonly food: FoodId }
  | { readonly kind: "diet"; readonly eater: EaterId; readonly diet: DietId; readonly food: FoodId | null }
  | { readonly kind: "disliked"; readonly eater: EaterId; readonly food: FoodId }
  | { readonly kind: "time"; readonly leadMin: number; readonly availableMin: number }
  | { readonly kind: "hands"; readonly handsMin: number }
  | { readonly kind: "not-honest" }
  | { readonly kind: "cannot"; readonly failure: StepFailure };

/** Everything that keeps a route out of this supper. */
export function reasonsOut(route: Route, made: Plan, figures: Pick<Answer, "leadMin" | "handsMin">, ask: Ask): Out[] {
  const out: Out[] = [];
  for (const { eater, allergen, contains } of made.verdicts)
    // What only a label can free is asked, not out.
    for (const f of contains.slice(0, 1)) out.push({ kind: "contains", eater, allergen, food: f.food });
  for (const { eater, diet, verdict, against } of made.diets)
    if (verdict === "against") out.push({ kind: "diet", eater, diet, food: against[0]?.food ?? null });
  // The main food, and whatever stands round it and could not be exchanged.
  for (const { eater, food } of made.disliked) out.push({ kind: "disliked", eater, food });
  if (ask.availableMin !== null && figures.leadMin > ask.availableMin)
    out.push({ kind: "time", leadMin: figures.leadMin, availableMin: ask.availableMin });
  if (ask.mostHandsMin !== null && figures.handsMin > ask.mostHandsMin)
    out.push({ kind: "hands", handsMin: figures.handsMin });
  if (ask.honestOnly && !route.honest) out.push({ kind: "not-honest" });
  const blocked = made.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows)).find((r) => r.state === "blocked");
  if (blocked?.state === "blocked") out.push({ kind: "cannot", failure: blocked.failure });
  return out;
}
