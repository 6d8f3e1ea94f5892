import type { Allergen } from "../foods/allergens";
import type { FoodId } from "../foods/food";

/** A food that takes the place of another in a route for somebody who must not have it: its share of the grams. */
export interface Instead {
  readonly food: FoodId;
  readonly for: readonly Allergen[];
  readonly by: readonly (readonly [food: FoodId, share: number])[];
}

/**
 * Small changes that leave the bite much as it is (common practice). Only what seasons, coats or binds is exchanged: the food
 * that the route is named after is not.
 */
export const INSTEAD: readonly Instead[] = [
  { food: "wheat-flour", for: ["gluten", "wheat"], by: [["rice-flour", 1]] },
  { food: "oat-flour", for: ["gluten", "wheat"], by: [["rice-flour", 0.9]] },
  { food: "breadcrumbs", for: ["gluten", "wheat"], by: [["polenta", 0.9]] },
  { food: "chickpea-flour", for: ["gluten", "wheat"], by: [["rice-flour", 1.1]] },
  { food: "soy-milk", for: ["soy"], by: [["water", 1]] },
  { food: "walnuts", for: ["nuts"], by: [["sunflower-seeds", 1]] },
];
