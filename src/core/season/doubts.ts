import type { Dish } from "../dish/dish";
import type { Food, FoodGroup, FoodId, FoodLookup } from "../foods/food";
import type { DishId, PartId, StepId } from "../process/step";
import type { StepKind } from "../process/registry";

/** Something that is ten times what cooks take, or more than anybody eats: asked once, never changed. */
export type Doubt =
  /** A line against all that goes into its dish. */
  | {
      readonly kind: "share";
      readonly dish: DishId;
      readonly part: PartId;
      readonly step: StepId;
      /** Its place among the step's own lines. */
      readonly line: number;
      readonly food: FoodId;
      readonly gPerKg: number;
      readonly usualPerKg: readonly [low: number, high: number];
    }
  /** Salt, or water as eaten, of one dish for each at the table, g. */
  | { readonly kind: "salt" | "liquid"; readonly dish: DishId; readonly eachG: number };

type Usual = readonly [low: number, high: number];
/** So many grams cooks take in a kilogram of a dish (seasonings table, from memory; mixes and herbs common practice). */
const USUAL: Readonly<Record<FoodId, Usual>> = {
  salt: [9, 14],
  "salt-coarse": [9, 14],
  "salt-flaky": [9, 14],
  msg: [1, 5],
  "soy-sauce": [15, 40],
  tamari: [15, 35],
  "soy-sauce-less": [20, 50],
  "dark-soy-sauce": [5, 15],
  miso: [15, 60],
  "miso-soy-free": [15, 60],
  "stock-powder": [6, 12],
  "mushroom-seasoning": [3, 10],
  "gravy-granules": [20, 60],
  "yeast-extract": [2, 8],
  "yeast-flakes": [5, 20],
  "shiitake-dried": [3, 10],
  "porcini-dried": [3, 10],
  "seaweed-kombu": [2, 8],
  "seaweed-nori": [1, 4],
  "tomato-paste": [15, 60],
  capers: [5, 20],
  mustard: [8, 25],
  "mustard-smooth": [8, 25],
  "cider-vinegar": [5, 20],
  balsamic: [5, 20],
  "lemon-juice": [5, 25],
  sugar: [3, 15],
  "brown-sugar": [3, 15],
  "maple-syrup": [5, 20],
  "smoked-paprika": [2, 8],
  "liquid-smoke": [0.3, 2],
  "chilli-flakes": [0.5, 3],
  "chilli-powder": [1, 8],
  cayenne: [0.3, 2],
  "black-pepper": [0.5, 3],
  "white-pepper": [0.5, 3],
  "black-salt": [1, 4],
  "hot-sauce": [3, 15],
  gochujang: [10, 40],
  bay: [0.1, 1],
  nutmeg: [0.1, 1],
  cloves: [0.1, 1],
  "baking-powder": [3, 15],
  "baking-soda": [1, 5],
  xanthan: [1, 5],
  agar: [2, 10],
  methylcellulose: [5, 25],
};
/** The same by group: dried leaves and spices, what seasons and is wet, what thickens. Of the rest a dish may be all (common practice). */
const DRY_SEASONING: Usual = [0.5, 6];
const WET_SEASONING: Usual = [5, 50];
const BY_GROUP: Readonly<Partial<Record<FoodGroup, Usual>>> = { starch: [5, 60], fat: [10, 90] };
const DRY_BELOW_G = 20;
const TIMES = 10;
/** A spice mix by itself is no dish. */
const A_DISH_G = 250;
/** What is fried in oil, coated, pickled or cooked in much water is another matter than what is stirred in. */
const OTHERWISE: ReadonlySet<StepKind> = new Set([
  "deep-fry",
  "fry",
  "coat",
  "batter",
  "soak",
  "boil",
  "blanch",
  "cook",
  "rinse",
]);
/** More salt, or more water, than anybody eats of one dish, g for each at the table. */
const MOST_SALT_G = 6;
const MOST_LIQUID_G = 1500;
/** An answer holds until the figure is so much larger. */
const STILL = 1.05;

function usualOf(food: Food | null, kin: FoodId): Usual | null {
  const own = USUAL[kin];
  if (own !== undefined) return own;
  if (food === null) return null;
  if (food.group !== "seasoning") return BY_GROUP[food.group] ?? null;
  return (food.per100.waterG ?? 100) < DRY_BELOW_G ? DRY_SEASONING : WET_SEASONING;
}

/**
 * What of a dish is far from what cooks take.
 *
 * @param dish as it is cooked, in grams for everybody
 * @param each salt and water of it as eaten, g for each at the table; null where it cannot be computed
 */
export function doubtsOf(
  dish: Dish,
  each: { readonly saltG: number | null; readonly waterG: number | null },
  foods: FoodLookup,
  kin: (food: FoodId) => FoodId,
): Doubt[] {
  const all = dish.parts.flatMap((part) =>
    part.steps.flatMap((step) => step.adds.map((line, at) => ({ part, step, line, at }))),
  );
  // Water that is poured away again is no part of the dish.
  const poured = (step: { readonly kind: StepKind }, food: FoodId) =>
    OTHERWISE.has(step.kind) && (food === "water" || foods(food)?.group === "fat");
  const dishG = all.reduce(
    (g, { step, line }) => (line.kind === "food" && !poured(step, line.food) ? g + (line.massG ?? 0) : g),
    0,
  );
  const shares = all.flatMap(({ part, step, line, at }): Doubt[] => {
    if (line.kind !== "food" || line.massG === null || line.sure === true || dishG < A_DISH_G) return [];
    const usualPerKg = OTHERWISE.has(step.kind) ? null : usualOf(foods(line.food), kin(line.food));
    const gPerKg = (1000 * line.massG) / dishG;
    if (usualPerKg === null || gPerKg < TIMES * usualPerKg[1]) return [];
    return [
      { kind: "share", dish: dish.id, part: part.id, step: step.id, line: at, food: line.food, gPerKg, usualPerKg },
    ];
  });
  const above = (kind: "salt" | "liquid", eachG: number | null, most: number, sureG = 0): Doubt[] =>
    eachG !== null && eachG > Math.max(most, STILL * sureG) ? [{ kind, dish: dish.id, eachG }] : [];
  return [
    ...shares,
    ...above("salt", each.saltG, MOST_SALT_G, dish.sure?.saltG),
    ...above("liquid", each.waterG, MOST_LIQUID_G, dish.sure?.liquidG),
  ];
}
