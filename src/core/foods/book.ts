import { ALLERGENS, type Allergen, type AllergenState, type AllergenTable, stricter } from "./allergens";
import type { Food, FoodId, FoodLookup } from "./food";
import { type LabelSaying, withLabels } from "./labels";
import { type ProcessFigures, processOf } from "./process";
import { FOODS } from "./table";

/** What a household says of foods beside the table that ships: its own foods, stored figures, and what packets said. */
export interface FoodsSaid {
  /** Own foods; a food under a built-in id brings figures that win over the table (those of a cooking under way). */
  readonly foods: readonly Food[];
  readonly labels: readonly LabelSaying[];
}

/** The one way to look a food up, opened once where a plan begins. */
export interface FoodBook {
  /** Composition, allergens, measures, packs; null for a food that nobody knows. */
  readonly food: FoodLookup;
  /** How it drinks, presses, binds, softens and browns; an own food borrows these of the one it is like. */
  readonly figures: (id: FoodId) => ProcessFigures;
  /** The built-in food whose cautions count for it: itself, or the one it is like. */
  readonly kin: (id: FoodId) => FoodId;
}

const BUILT_IN: ReadonlyMap<FoodId, Food> = new Map(FOODS.map((f) => [f.id, f]));
/** An own food may be like another own food; so many hops are followed. */
const MOST_HOPS = 5;

/**
 * Opens the book: the table that ships, then what packets said, then the household's own foods.
 *
 * - A figure that is stored wins over the table: a cooking under way keeps what it began with.
 * - Of allergens the stricter of what is stored and what stands today holds.
 * - An own food inherits what the food it is like *contains*, never that it is free of anything.
 */
export function openBook({ foods, labels }: FoodsSaid): FoodBook {
  const said = new Map(foods.map((f) => [f.id, f]));
  const known = new Map<FoodId, Food | null>();
  const kin = (id: FoodId): FoodId => {
    let at = id;
    for (let hop = 0; hop < MOST_HOPS; hop++) {
      const like: FoodId | null = said.get(at)?.like ?? null;
      if (like === null) return at;
      at = like;
    }
    // Foods that are like each other in a circle are like nothing that is known.
    return id;
  };
  const resolve = (id: FoodId): Food | null => {
    const own = said.get(id);
    const shipped = BUILT_IN.get(id);
    if (shipped !== undefined) {
      const today = withLabels(shipped, labels);
      return own === undefined ? today : { ...own, allergens: strictest(own.allergens, today.allergens) };
    }
    if (own === undefined) return null;
    const like = own.like === null || kin(id) === id ? null : food(kin(id));
    return like === null ? withLabels(own, labels) : inheriting(withLabels(own, labels), like);
  };
  const food: FoodLookup = (id) => {
    let found = known.get(id);
    if (found === undefined) known.set(id, (found = resolve(id)));
    return found;
  };
  const figuresKnown = new Map<FoodId, ProcessFigures>();
  const figures = (id: FoodId): ProcessFigures => {
    let found = figuresKnown.get(id);
    if (found === undefined) figuresKnown.set(id, (found = said.get(id)?.process ?? processOf(kin(id))));
    return found;
  };
  return { food, figures, kin };
}

/** Every food of the table and of the household, as the household knows it. */
export function allFoods(said: FoodsSaid): readonly Food[] {
  if (said.foods.length === 0 && said.labels.length === 0) return FOODS;
  const book = openBook(said);
  const own = said.foods.filter((f) => !BUILT_IN.has(f.id));
  return [...FOODS, ...own].map((f) => book.food(f.id) as Food);
}

const eachAllergen = (state: (allergen: Allergen) => AllergenState): AllergenTable =>
  Object.fromEntries(ALLERGENS.map((a) => [a, state(a)])) as Record<Allergen, AllergenState>;
const strictest = (a: AllergenTable, b: AllergenTable): AllergenTable =>
  eachAllergen((allergen) => stricter(a[allergen], b[allergen]));

/** What it contains comes of the food it is like, unless the cook has said otherwise; measures where it has none. */
const inheriting = (own: Food, like: Food): Food => ({
  ...own,
  measures: { ...like.measures, ...own.measures },
  allergens: eachAllergen((allergen) =>
    own.allergens[allergen] === "unknown" && like.allergens[allergen] === "contains"
      ? "contains"
      : own.allergens[allergen],
  ),
});

/** An allergen that stands otherwise than when the cooking began. */
export interface AllergenChange {
  readonly food: FoodId;
  readonly allergen: Allergen;
  readonly from: AllergenState;
  readonly to: AllergenState;
}
/**
 * Foods as a cooking keeps them: every figure resolved, process figures too, so that a corrected table never changes a
 * supper under way.
 */
export const freezeFoods = (ids: Iterable<FoodId>, book: FoodBook): Food[] =>
  [...ids].flatMap((id) => {
    const food = book.food(id);
    // What it is like stands for itself: other own foods in between may be gone later.
    const like = food === null || food.like === null ? null : book.kin(id);
    return food === null ? [] : [{ ...food, like: like === id ? null : like, process: book.figures(id) }];
  });

/** Frozen foods with the allergens of today where they are stricter, and what changed since, to be told. */
export function withAllergensOfToday(
  frozen: readonly Food[],
  today: FoodBook,
): { readonly foods: readonly Food[]; readonly changes: readonly AllergenChange[] } {
  const changes: AllergenChange[] = [];
  const foods = frozen.map((food) => {
    const now = today.food(food.id)?.allergens;
    if (now === undefined) return food;
    for (const allergen of ALLERGENS) {
      const [from, to] = [food.allergens[allergen], now[allergen]];
      if (from !== to) changes.push({ food: food.id, allergen, from, to });
    }
    return { ...food, allergens: strictest(food.allergens, now) };
  });
  return { foods, changes };
}
