import type { Allergen } from "../foods/allergens";
import type { FoodId, FoodLookup } from "../foods/food";
import { type Dish, foodsOf, type Part, type Supper } from "../dish/dish";
import type { DietId, Eater, EaterId } from "../household/people";
import type { PartId, DishId } from "../process/step";
import { DIET_RULES, dietSays, type DietTools } from "./diets";
import type { Verdict } from "./eaters";

/** Whether somebody can eat one part, with the foods that decide. */
export interface PartVerdict {
  readonly dish: DishId;
  readonly part: PartId;
  readonly eater: EaterId;
  readonly verdict: Verdict["verdict"];
  readonly by: readonly { readonly food: FoodId; readonly allergen: Allergen }[];
}
const WORST_FIRST = ["contains", "may", "ask"] as const;
const STATE = { contains: "contains", may: "may", ask: "unknown" } as const;

/** How somebody's diets stand to one part: foods against one, and foods that only a label or the cook can tell. */
export interface PartDiets {
  readonly dish: DishId;
  readonly part: PartId;
  readonly eater: EaterId;
  /** Nothing is in it yet, or a part that it takes is gone: no pass. */
  readonly open: boolean;
  readonly against: readonly { readonly food: FoodId; readonly diet: DietId }[];
  readonly ask: readonly { readonly food: FoodId; readonly diet: DietId }[];
}

/**
 * Eaters × parts for diets that judge foods; those about a whole supper, such as low salt, are told beside it. A part without food
 * says nothing.
 */
export function whoseDiet(
  supper: Supper,
  eaters: readonly Eater[],
  { food, kin }: Pick<DietTools, "food" | "kin">,
): PartDiets[] {
  const judging = (diets: Eater["diets"]) => DIET_RULES.filter((rule) => rule.food && diets.includes(rule.id));
  const atTable = eaters.filter((e) => supper.eaters.includes(e.id) && judging(e.diets).length > 0);
  return supper.dishes.flatMap((dish) =>
    dish.parts.flatMap((part) => {
      const held = [...(foodsIn(dish, part.id) ?? [])];
      return atTable.map(({ id, diets }) => {
        const found = (says: "against" | "ask") =>
          judging(diets).flatMap((rule) =>
            held
              .filter((one) => dietSays(rule, one, { food, kin }) === says)
              .map((one) => ({ food: one, diet: rule.id })),
          );
        return {
          dish: dish.id,
          part: part.id,
          eater: id,
          open: held.length === 0,
          against: found("against"),
          ask: found("ask"),
        };
      });
    }),
  );
}

/**
 * Eaters × parts: what somebody can eat of a supper, part by part, with all that a part takes from others. A part without food
 * is open; a food nobody knows asks. Shared oil, boards and trays are the cautions', not this table's.
 */
export function whoCanEat(supper: Supper, eaters: readonly Eater[], foods: FoodLookup): PartVerdict[] {
  const atTable = eaters.filter((e) => supper.eaters.includes(e.id) && e.avoids.length > 0);
  return supper.dishes.flatMap((dish) =>
    dish.parts.flatMap((part) => {
      const held = foodsIn(dish, part.id);
      return atTable.map(({ id, avoids }) => ({
        dish: dish.id,
        part: part.id,
        eater: id,
        ...judged(held, avoids, foods),
      }));
    }),
  );
}

function judged(
  held: ReadonlySet<FoodId> | null,
  avoids: readonly Allergen[],
  foods: FoodLookup,
): Pick<PartVerdict, "verdict" | "by"> {
  if (held === null || held.size === 0) return { verdict: "open", by: [] };
  for (const verdict of WORST_FIRST) {
    const by = avoids.flatMap((allergen) =>
      [...held]
        .filter((food) => (foods(food)?.allergens[allergen] ?? "unknown") === STATE[verdict])
        .map((food) => ({ food, allergen })),
    );
    if (by.length > 0) return { verdict, by };
  }
  return { verdict: "clear", by: [] };
}

/** Every food of a part and of the parts and liquors that it takes; null where one of them is gone. */
function foodsIn(dish: Dish, id: PartId, seen: ReadonlySet<PartId> = new Set()): Set<FoodId> | null {
  const part = dish.parts.find((p) => p.id === id);
  if (part === undefined || seen.has(id)) return null;
  const held = foodsOf({ ...dish, parts: [part] });
  for (const from of takenBy(part, dish)) {
    const more = from === null ? null : foodsIn(dish, from, new Set([...seen, id]));
    if (more === null) return null;
    for (const food of more) held.add(food);
  }
  return held;
}
const takenBy = (part: Part, dish: Dish): (PartId | null)[] =>
  part.steps.flatMap((s) =>
    s.adds.flatMap((line): (PartId | null)[] => {
      if (line.kind === "part") return [line.part];
      if (line.kind !== "liquor") return [];
      const from = dish.parts.find((p) => p.steps.some((x) => x.id === line.step));
      return from?.id === part.id ? [] : [from?.id ?? null];
    }),
  );
