import { foodsOf } from "./dish/dish";
import { type AllergenChange, type FoodsSaid, freezeFoods, openBook, withAllergensOfToday } from "./foods/book";
import type { PlanInput } from "./plan";

/**
 * The input of a cooking that begins: every figure of every food in it is kept as it is now. Salt is kept too, since targets
 * bring it.
 */
export function frozenInput(input: PlanInput): PlanInput {
  const ids = new Set(["salt", ...input.supper.dishes.flatMap((dish) => [...foodsOf(dish)])]);
  return { ...input, foods: freezeFoods(ids, openBook(input)), labels: [], log: [] };
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
