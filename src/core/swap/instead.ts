import type { Allergen } from "../foods/allergens";
import type { FoodBook } from "../foods/book";
import type { FoodId } from "../foods/food";
import type { Dish, Supper } from "../dish/dish";
import type { PlanInput } from "../plan";
import { type Line, timesLine } from "../process/step";
import type { Step } from "../process/registry";
import type { Route } from "./routes";

/** A food that takes the place of another in a route for somebody who must not have it: its share of the grams. */
export interface Instead {
  readonly food: FoodId;
  readonly for: readonly Allergen[];
  readonly by: readonly (readonly [food: FoodId, share: number])[];
}

/** What can take the place of a food for somebody who must not have an allergen; null when nothing does. */
export const insteadOf = (food: FoodId, allergen: Allergen): Instead | null =>
  INSTEAD.find((i) => i.food === food && i.for.includes(allergen)) ?? null;

/** The dish with a food exchanged wherever it stands, its grams shared as the exchange says. */
export function exchange(dish: Dish, { food, by }: Instead): Dish {
  const step = (s: Step): Step =>
    s.adds.some((l) => l.kind === "food" && l.food === food)
      ? ({
          ...s,
          adds: s.adds.flatMap((l): Line[] =>
            l.kind === "food" && l.food === food
              ? by.map(([other, share]) => timesLine({ ...l, food: other }, share))
              : [l],
          ),
        } as Step)
      : s;
  return { ...dish, parts: dish.parts.map((p) => ({ ...p, steps: p.steps.map(step) })) };
}

/** Foods of a route exchanged for those at this table who must not have them, as far as a small change does it. */
export function exchangesFor(
  route: Route,
  { eaters, supper }: Pick<PlanInput, "eaters"> & { readonly supper: Pick<Supper, "eaters"> },
  book: FoodBook,
) {
  const avoided = new Set(eaters.filter((e) => supper.eaters.includes(e.id)).flatMap((e) => e.avoids));
  const instead = new Map<FoodId, Instead["by"]>();
  const moved: { from: FoodId; to: readonly FoodId[] }[] = [];
  const used = new Set([...route.steps, ...(route.second?.steps ?? [])].flatMap((s) => s.adds.map(([food]) => food)));
  for (const { food, for: allergens, by } of INSTEAD) {
    if (!used.has(food) || food === route.food) continue;
    const states = book.food(food)?.allergens;
    // What is asked stays: its packet may say free. What contains it goes.
    if (!allergens.some((a) => avoided.has(a) && states?.[a] === "contains")) continue;
    instead.set(food, by);
    moved.push({ from: food, to: by.map(([other]) => other) });
  }
  return { instead, moved };
}

/**
 * Small changes that leave the bite much as it is (common practice). Only what seasons, coats or binds is exchanged: the food
 * that the route is named after is not.
 */
export const INSTEAD: readonly Instead[] = [
  { food: "wheat-flour", for: ["gluten", "wheat"], by: [["rice-flour", 1]] },
  { food: "oat-flour", for: ["gluten", "wheat"], by: [["rice-flour", 0.9]] },
  { food: "breadcrumbs", for: ["gluten", "wheat"], by: [["polenta", 0.9]] },
  { food: "panko", for: ["gluten", "wheat"], by: [["gf-crumbs", 1]] },
  { food: "pasta", for: ["gluten", "wheat"], by: [["pasta-gf", 1]] },
  { food: "pearl-barley", for: ["gluten", "wheat"], by: [["rice-brown", 1]] },
  { food: "bulgur", for: ["gluten", "wheat"], by: [["quinoa", 1]] },
  { food: "couscous", for: ["gluten", "wheat"], by: [["quinoa", 1]] },
  { food: "flatbread", for: ["gluten", "wheat"], by: [["tortilla-corn", 1]] },
  { food: "soy-sauce", for: ["gluten", "wheat"], by: [["tamari", 1]] },
  { food: "oat-cream", for: ["gluten"], by: [["soy-cream", 1]] },
  { food: "oat-milk", for: ["gluten"], by: [["soy-milk", 1]] },
  { food: "soy-cream", for: ["soy"], by: [["oat-cream", 1]] },
  {
    food: "soy-yoghurt",
    for: ["soy"],
    by: [
      ["oat-cream", 0.9],
      ["lemon-juice", 0.1],
    ],
  },
  { food: "cashews", for: ["nuts"], by: [["sunflower-seeds", 1]] },
  { food: "almonds", for: ["nuts"], by: [["pumpkin-seeds", 1]] },
  { food: "hazelnuts", for: ["nuts"], by: [["sunflower-seeds", 1]] },
  { food: "pecans", for: ["nuts"], by: [["sunflower-seeds", 1]] },
  { food: "peanut-butter", for: ["peanut"], by: [["tahini", 1]] },
  { food: "peanuts", for: ["peanut"], by: [["pumpkin-seeds", 1]] },
  { food: "tahini", for: ["sesame"], by: [["sunflower-seeds", 1]] },
  { food: "sesame-oil", for: ["sesame"], by: [["rapeseed-oil", 1]] },
  { food: "sesame-seeds", for: ["sesame"], by: [["pumpkin-seeds", 1]] },
  { food: "celery", for: ["celery"], by: [["fennel", 1]] },
  { food: "celeriac", for: ["celery"], by: [["parsnip", 1]] },
  { food: "chickpea-flour", for: ["gluten", "wheat"], by: [["rice-flour", 1.1]] },
  { food: "soy-milk", for: ["soy"], by: [["water", 1]] },
  { food: "walnuts", for: ["nuts"], by: [["sunflower-seeds", 1]] },
];
