import type { FoodId } from "@/core/foods/food";

/** What stands in for another food, as a button says it; the food itself may not be in the supper yet. */
export const INSTEAD_NAMES: Readonly<Record<FoodId, string>> = {
  "rice-flour": "rice flour",
  polenta: "maize meal",
  "gf-crumbs": "gluten-free crumbs",
  "pasta-gf": "gluten-free pasta",
  "rice-brown": "brown rice",
  quinoa: "quinoa",
  "tortilla-corn": "corn tortillas",
  tamari: "tamari",
  "soy-cream": "soy cream",
  "soy-milk": "soy drink",
  "oat-cream": "oat cream",
  "lemon-juice": "lemon juice",
  "sunflower-seeds": "sunflower seeds",
  "pumpkin-seeds": "pumpkin seeds",
  tahini: "tahini",
  "rapeseed-oil": "rapeseed oil",
  fennel: "fennel",
  parsnip: "parsnip",
  water: "water",
};
