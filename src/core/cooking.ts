import { foodsOf } from "./dish/dish";
import { type AllergenChange, type FoodsSaid, freezeFoods, openBook, withAllergensOfToday } from "./foods/book";
import type { Food } from "./foods/food";
import { type BurnerChoice, type PlanInput, withGearNamed } from "./plan";

/**
 * The input of a cooking that begins: every figure of every food in it is kept as it is now, and the pans that were chosen.
 * Salt is kept too, since targets bring it.
 */
export function frozenInput(input: PlanInput): PlanInput {
  const ids = new Set(["salt", ...input.supper.dishes.flatMap((dish) => [...foodsOf(dish)])]);
  return { ...withGearNamed(input), foods: freezeFoods(ids, openBook(input)), labels: [], log: [] };
}

/**
 * The input of a cooking under way: figures as they were when it began; of allergens the stricter of then and today, and
 * what has changed since.
 */
export function inputUnderWay(
  frozen: PlanInput,
  today: FoodsSaid,
): { readonly input: PlanInput; readonly changes: readonly AllergenChange[] } {
  const { foods, changes } = withAllergensOfToday(frozen.foods, openBook(today));
  return { input: { ...frozen, foods, labels: today.labels }, changes };
}

/**
 * What a screen asks about: the input, and, for a cooking under way, what stands today. Whoever answers works the input out;
 * a screen needs no food table for it.
 */
export interface Question {
  readonly input: PlanInput;
  readonly today: FoodsSaid | null;
  /** On which burner steps stand, as the clock chose; the strongest where nothing is said. */
  readonly burners?: BurnerChoice;
}
/** The input that a question is about, and the allergens that stand otherwise than when its cooking began. */
export const askedAbout = ({ input, today }: Pick<Question, "input" | "today">): ReturnType<typeof inputUnderWay> =>
  today === null ? { input, changes: [] } : inputUnderWay(input, today);

/** The foods that a supper touches, resolved: names, figures and allergens for whoever shows it. */
export function foodsIn(input: PlanInput): readonly Food[] {
  const { food } = openBook(input);
  const ids = new Set(["salt", ...input.supper.dishes.flatMap((dish) => [...foodsOf(dish)])]);
  return [...ids].flatMap((id) => food(id) ?? []);
}
