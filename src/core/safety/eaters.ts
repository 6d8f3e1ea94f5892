import type { Allergen } from "../foods/allergens";
import type { FoodId, FoodLookup } from "../foods/food";
import { foodsOf, linesOf, type Supper } from "../dish/dish";
import type { Eater } from "../dish/kitchen";

/** Where a food stands in the supper: the dish and the parts it goes into. */
export interface Finding {
  readonly food: FoodId;
  readonly dish: string;
  readonly parts: readonly string[];
}
/**
 * Whether somebody can eat the whole supper. `ask` is not a pass: at least one label has to be read. The check
 * reaches every food of every part of every dish; a food nobody knows asks.
 */
export interface Verdict {
  readonly eater: string;
  readonly allergen: Allergen;
  readonly verdict: "contains" | "ask" | "clear";
  readonly contains: readonly Finding[];
  readonly ask: readonly Finding[];
}

export function eaterVerdicts(supper: Supper, eaters: readonly Eater[], foods: FoodLookup): Verdict[] {
  const findings: Finding[] = supper.dishes.flatMap((dish) => {
    const lines = linesOf(dish);
    return [...foodsOf(dish)].map((food) => ({
      food,
      dish: dish.id,
      parts: [...new Set(lines.filter((l) => l.line.kind === "food" && l.line.food === food).map((l) => l.part.name))],
    }));
  });
  return eaters
    .filter((eater) => supper.eaters.includes(eater.id))
    .flatMap((eater) =>
      eater.avoids.map((allergen) => {
        const state = (f: Finding) => foods(f.food)?.allergens[allergen] ?? "unknown";
        const contains = findings.filter((f) => state(f) === "contains");
        const ask = findings.filter((f) => state(f) === "unknown");
        const verdict = contains.length > 0 ? "contains" : ask.length > 0 ? "ask" : "clear";
        return { eater: eater.id, allergen, verdict, contains, ask };
      }),
    );
}
