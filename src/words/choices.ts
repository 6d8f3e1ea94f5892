import { ALLERGENS } from "@/core/foods/allergens";
import type { Food } from "@/core/foods/food";
import { SODIUM_SHARE_OF_SALT } from "@/core/models/salt";
import { ALLERGEN_NAMES, round } from "./words";
import { list } from "./count";

/**
 * What so much of a food brings into the dish, for whoever chooses among several: "contains soy and wheat · 2.4 g salt". What
 * nobody knows is said, not passed over.
 */
export function describeBrings(food: Food | null, massG: number | null): string {
  if (food === null) return "nobody knows what is in it";
  const states = ALLERGENS.map((a) => [ALLERGEN_NAMES[a], food.allergens[a]] as const);
  const of = (...wanted: readonly string[]) => states.filter(([, s]) => wanted.includes(s)).map(([name]) => name);
  const contains = of("contains");
  const may = of("may");
  const unknown = of("unknown");
  const { sodiumMg } = food.per100;
  const saltG = sodiumMg === null || massG === null ? null : (sodiumMg / 1000 / SODIUM_SHARE_OF_SALT) * (massG / 100);
  return [
    contains.length > 0 ? `contains ${list(contains)}` : "",
    may.length > 0 ? `may contain ${list(may)}` : "",
    unknown.length > 3 ? "most allergens not known" : unknown.length > 0 ? `${list(unknown)} not known` : "",
    contains.length + may.length + unknown.length === 0 ? "no allergen of the list" : "",
    saltG === null ? "salt not known" : saltG >= 0.05 ? `${round(saltG)} g salt` : "",
  ]
    .filter((part) => part !== "")
    .join(" · ");
}
