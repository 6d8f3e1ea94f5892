import type { Allergen } from "../foods/allergens";
import type { FoodId, FoodLookup } from "../foods/food";
import { type Dish, foodsOf, linesOf, type Supper } from "../dish/dish";
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
  const findings = supper.dishes.flatMap(findingsOf);
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

/** Each food of a dish once, with the parts it goes into; salt that a target brings stands in none by name. */
function findingsOf(dish: Dish): Finding[] {
  const parts = new Map<FoodId, string[]>([...foodsOf(dish)].map((food) => [food, []]));
  for (const { line, part } of linesOf(dish)) {
    const names = line.kind === "food" ? parts.get(line.food) : undefined;
    if (names && !names.includes(part.name)) names.push(part.name);
  }
  return [...parts].map(([food, names]) => ({ food, dish: dish.id, parts: names }));
}
