import type { Allergen } from "../foods/allergens";
import type { FoodId, FoodLookup } from "../foods/food";
import { type Dish, foodsOf, type Part, type Supper } from "../dish/dish";
import type { DietId, Eater, EaterId } from "../household/people";
import type { StepKind } from "../process/registry";
import type { DishId, PartId } from "../process/step";
import { DIET_RULES, dietSays, type DietTools } from "./diets";
import type { Verdict } from "./eaters";

/** What several parts may lie in, one after the other or side by side, so that crumbs of one come to the other. */
export type SharedIn = "oil" | "basket" | "tray" | "pan" | "board" | "blender";
/** Another part that is cooked in the same as this one and is not clear for somebody. */
export interface Shared {
  readonly in: SharedIn;
  readonly dish: DishId;
  readonly part: PartId;
  readonly verdict: Verdict["verdict"];
  readonly by: PartVerdict["by"];
}
/** Whether somebody can eat one part, with the foods that decide. */
export interface PartVerdict {
  readonly dish: DishId;
  readonly part: PartId;
  readonly eater: EaterId;
  /** "shared": nothing in it stands against it, and it is cooked in what another part was. */
  readonly verdict: Verdict["verdict"] | "shared";
  readonly by: readonly { readonly food: FoodId; readonly allergen: Allergen }[];
  readonly shared: readonly Shared[];
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
 * is open; a food nobody knows asks. What is deep-fried in the oil, air-fried in the basket or baked on the tray of a part that
 * somebody must not eat is no pass for them (FDA, FSA and coeliac societies: oil and trays of their own; from memory), nor is what
 * comes into its pan, onto its board or into its blender, unless that is washed before.
 */
export function whoCanEat(supper: Supper, eaters: readonly Eater[], foods: FoodLookup): PartVerdict[] {
  const atTable = eaters.filter((e) => supper.eaters.includes(e.id) && e.avoids.length > 0);
  return supper.dishes.flatMap((dish) =>
    dish.parts.flatMap((part) => {
      const held = foodsIn(dish, part.id);
      const beside = sharing(supper, dish, part.id);
      return atTable.map(({ id, avoids }): PartVerdict => {
        const own = judged(held, avoids, foods);
        const shared = beside.flatMap((other): Shared[] => {
          const { verdict, by } = judged(foodsIn(other.of, other.part), avoids, foods);
          return by.length === 0 ? [] : [{ in: other.in, dish: other.of.id, part: other.part, verdict, by }];
        });
        const verdict = own.verdict === "clear" && shared.length > 0 ? "shared" : own.verdict;
        return { dish: dish.id, part: part.id, eater: id, verdict, by: own.by, shared };
      });
    }),
  );
}

const LIES_IN: Readonly<Partial<Record<StepKind, SharedIn>>> = {
  "deep-fry": "oil",
  "air-fry": "basket",
  bake: "tray",
  sear: "pan",
  fry: "pan",
  griddle: "pan",
  brown: "pan",
  cut: "board",
  slice: "board",
  pulse: "blender",
};
/** What of the kitchen a part comes into, by thing; a step that names its pan or machine shares with that one and with any. */
interface Touches {
  readonly in: SharedIn;
  readonly gear: string | null;
}
/** What a part is made in; what was laid in a dish of its own touches no tray, what is washed before holds nothing of others. */
function liesIn(part: Part, own: boolean): readonly Touches[] {
  const inDish = part.steps.some((s) => s.kind === "layer");
  return part.steps.flatMap((s) => {
    const where = s.ready ? undefined : LIES_IN[s.kind];
    if (where === undefined || (where === "tray" && inDish) || (own && s.washed === true)) return [];
    const gear = "pan" in s ? s.pan : "machine" in s ? s.machine : null;
    return [{ in: where, gear: gear ?? null }];
  });
}
const meets = (a: Touches, b: Touches): boolean =>
  a.in === b.in && (a.gear === null || b.gear === null || a.gear === b.gear);
/** Other parts of the supper that are cooked in the same as a part or something that it takes. */
function sharing(supper: Supper, dish: Dish, id: PartId) {
  const own = madeOf(dish, id);
  const mine = dish.parts.filter((p) => own.has(p.id)).flatMap((p) => liesIn(p, true));
  return supper.dishes.flatMap((of) =>
    of.parts
      .filter((p) => of !== dish || (!own.has(p.id) && !madeOf(dish, p.id).has(id)))
      .flatMap((p) => {
        const shared = new Set(liesIn(p, false).flatMap((t) => (mine.some((m) => meets(m, t)) ? [t.in] : [])));
        return [...shared].map((where) => ({ of, part: p.id, in: where }));
      }),
  );
}
/** A part and every part that goes into it. */
function madeOf(dish: Dish, id: PartId, seen: ReadonlySet<PartId> = new Set()): ReadonlySet<PartId> {
  const part = dish.parts.find((p) => p.id === id);
  if (part === undefined || seen.has(id)) return seen;
  return takenBy(part, dish).reduce<ReadonlySet<PartId>>(
    (all, from) => (from === null ? all : madeOf(dish, from, all)),
    new Set([...seen, id]),
  );
}

function judged(
  held: ReadonlySet<FoodId> | null,
  avoids: readonly Allergen[],
  foods: FoodLookup,
): { readonly verdict: Verdict["verdict"]; readonly by: PartVerdict["by"] } {
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
