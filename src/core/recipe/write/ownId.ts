import type { FoodId } from "../../foods/food";

/** The id of a food that only the recipe's words name. */
export const ownId = (words: string): FoodId =>
  `own-${words
    .toLowerCase()
    .replace(/[^\p{L}0-9]+/gu, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 40)}`;
