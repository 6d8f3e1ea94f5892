import { ML_OF } from "../quantities/units";
import type { Food } from "./food";

/**
 * Grams per millilitre from the food's own household measures, which are of US cups and spoons as in the tables.
 * Liquids without a measure count as water, and say so by a wider range.
 */
export function densityOf(food: Food, bySpoon: boolean): { readonly gPerMl: number; readonly sure: boolean } | null {
  const order = bySpoon ? (["tbsp", "tsp", "cup"] as const) : (["cup", "tbsp", "tsp"] as const);
  for (const measure of order) {
    const grams = food.measures[measure];
    if (grams !== undefined) return { gPerMl: grams / ML_OF.us[measure], sure: true };
  }
  return food.group === "liquid" ? { gPerMl: 1.02, sure: false } : null;
}
