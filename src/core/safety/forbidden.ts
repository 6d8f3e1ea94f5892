import type { Food, FoodId } from "../foods/food";
import type { FoodBook } from "../foods/book";
import type { Eater } from "../household/people";
import { DIET_RULES } from "./diets";

/** Whether somebody at the table surely must not eat a food: it contains what they avoid, or is against their diet. A question is none. */
export function isForbidden(
  food: Food,
  { kin }: Pick<FoodBook, "kin">,
  eaters: readonly Pick<Eater, "avoids" | "diets">[],
): boolean {
  const against = (diet: string) => DIET_RULES.find((r) => r.id === diet)?.food?.(food, kin(food.id)) === "against";
  return eaters.some((e) => e.avoids.some((a) => food.allergens[a] === "contains") || e.diets.some(against));
}
/** The same by the id of a food; what nobody knows is no prohibition, it is asked. */
export const forbiddenAt =
  (book: Pick<FoodBook, "kin" | "food">, eaters: readonly Pick<Eater, "avoids" | "diets">[]) =>
  (id: FoodId): boolean => {
    const food = book.food(id);
    return food !== null && isForbidden(food, book, eaters);
  };
