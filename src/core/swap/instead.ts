import type { Allergen } from "../foods/allergens";
import type { FoodBook } from "../foods/book";
import type { FoodId } from "../foods/food";
import type { DietId } from "../household/people";
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
  /** Also where its label has to be read: something as good needs no reading. */
  readonly unread?: true;
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

/** What those at a table make of the foods of a dish: other foods, and how much of the salt that was meant. */
export interface Exchanges {
  readonly instead: ReadonlyMap<FoodId, Instead["by"]>;
  readonly moved: readonly { readonly from: FoodId; readonly to: readonly FoodId[] }[];
  /** Share of every salt target that stays: 1 all, 0 none. */
  readonly saltShare: number;
}
/** A third of the usual salt: a quarter of a day for each, with what foods hold by themselves (NHS: 6 g a day). */
const LESS_SALT = 1 / 3;

/**
 * Foods of a dish exchanged for those at this table who must not have them, or keep a diet that is against them, as far as a small
 * change does it: in every part of it, the route's and what stands around it.
 *
 * @param foods everything that the dish would hold
 */
export function exchangesFor(
  route: Route,
  { eaters, supper }: Pick<PlanInput, "eaters"> & { readonly supper: Pick<Supper, "eaters"> },
  book: FoodBook,
  foods: ReadonlySet<FoodId>,
): Exchanges {
  const atTable = eaters.filter((e) => supper.eaters.includes(e.id));
  const avoided = new Set(atTable.flatMap((e) => e.avoids));
  const diets = new Set(atTable.flatMap((e) => e.diets));
  const disliked = new Set(atTable.flatMap((e) => e.dislikes.flatMap((food) => [food, book.kin(food)])));
  const holds = (food: FoodId, allergen: Allergen) => book.food(food)?.allergens[allergen] === "contains";
  const instead = new Map<FoodId, Instead["by"]>();
  const moved: { from: FoodId; to: readonly FoodId[] }[] = [];
  const take = (food: FoodId, by: Instead["by"]) => {
    if (!foods.has(food) || food === route.food || instead.has(food)) return;
    instead.set(food, by);
    moved.push({ from: food, to: by.map(([other]) => other) });
  };
  for (const { food, for: allergens, by, unread } of INSTEAD) {
    // What is asked stays: its packet may say free. What contains it goes, unless what comes for it is no better.
    const isFree = (a: Allergen) => book.food(food)?.allergens[a] === "free";
    if (!allergens.some((a) => avoided.has(a) && (holds(food, a) || (unread === true && !isFree(a))))) continue;
    if (by.some(([other]) => [...avoided].some((a) => holds(other, a)))) continue;
    take(food, by);
  }
  for (const [diet, changes] of Object.entries(FOR_DIETS) as [DietId, DietChanges][])
    if (diets.has(diet)) for (const [food, by] of Object.entries(changes)) take(food, by);
  for (const food of foods) {
    const isDisliked = (id: FoodId) => disliked.has(id) || disliked.has(book.kin(id));
    if (!isDisliked(food)) continue;
    // What comes for it must be nothing that somebody at this table must not have.
    const serves = (by: FoodId) => !isDisliked(by) && ![...avoided].some((a) => holds(by, a));
    const other = [...LIKED_INSTEAD, ...INSTEAD].find((i) => i.food === food && i.by.every(([by]) => serves(by)));
    // What only seasons is left out where nothing takes its place.
    if (other !== undefined) take(food, other.by);
    else if (book.food(food)?.group === "seasoning") take(food, []);
  }
  const saltShare = diets.has("no-added-salt") ? 0 : diets.has("low-salt") ? LESS_SALT : 1;
  return { instead, moved, saltShare };
}

/** Foods of a route's own steps. */
export const foodsOfRoute = (route: Route): ReadonlySet<FoodId> =>
  new Set([...route.steps, ...(route.second?.steps ?? [])].flatMap((s) => s.adds.map(([food]) => food)));

/** For somebody who does not like the one (common practice). */
const LIKED_INSTEAD: readonly Pick<Instead, "food" | "by">[] = [
  { food: "onion", by: [["leek", 1]] },
  { food: "shallot", by: [["leek", 1]] },
  { food: "tomato-paste", by: [["miso", 0.3]] },
  { food: "smoked-paprika", by: [["paprika", 1]] },
  { food: "rapeseed-oil", by: [["sunflower-oil", 1]] },
  { food: "cider-vinegar", by: [["lemon-juice", 1]] },
  { food: "soy-milk", by: [["oat-milk", 1]] },
  { food: "stock", by: [["water", 1]] },
];
type DietChanges = Readonly<Record<FoodId, Instead["by"]>>;
const OILS: readonly FoodId[] = [
  "rapeseed-oil",
  "olive-oil",
  "sunflower-oil",
  "vegetable-oil",
  "sesame-oil",
  "coconut-oil",
  "plant-butter",
];
/** What gives taste instead of salt, and a coated pan instead of oil (common practice); nothing is left out. */
const FOR_DIETS: Readonly<Partial<Record<DietId, DietChanges>>> = {
  "no-added-salt": {
    salt: [],
    "soy-sauce": [["lemon-juice", 0.4]],
    "soy-sauce-less": [["lemon-juice", 0.4]],
    "dark-soy-sauce": [["balsamic", 0.4]],
    tamari: [["lemon-juice", 0.4]],
    miso: [["tomato-paste", 0.6]],
    "stock-powder": [["yeast-flakes", 0.6]],
    stock: [["water", 1]],
    "yeast-extract": [["yeast-flakes", 1]],
    mustard: [["mustard-powder", 0.2]],
    "mustard-smooth": [["mustard-powder", 0.2]],
    "plant-butter": [["rapeseed-oil", 0.85]],
    breadcrumbs: [["oats", 1]],
    panko: [["oats", 1]],
  },
  "low-salt": {
    salt: [["salt", LESS_SALT]],
    "soy-sauce": [["soy-sauce-less", 0.6]],
    tamari: [["soy-sauce-less", 0.6]],
    miso: [["miso", LESS_SALT]],
    "stock-powder": [["stock-powder", LESS_SALT]],
  },
  "no-added-oil": Object.fromEntries(OILS.map((oil) => [oil, []])),
};

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
  { food: "soy-milk", for: ["soy"], by: [["oat-milk", 1]] },
  { food: "soy-milk", for: ["soy"], by: [["water", 1]] },
  { food: "walnuts", for: ["nuts"], by: [["sunflower-seeds", 1]] },
  {
    food: "stock",
    for: ["celery", "gluten", "soy", "milk", "egg", "mustard"],
    by: [["water", 1]],
    unread: true,
  },
];
