import { NOTHING_KNOWN } from "./allergens";
import type { Food, FoodId } from "./food";
import { oneLine } from "../quantities/oneLine";
import { hasFigures } from "./process";

/** A food of the cook's own. Only the name is known: every figure is unknown, every allergen is a question. */
export function ownFood(id: FoodId, name: string): Food {
  return {
    id,
    name: oneLine(name),
    also: [],
    group: "other",
    per100: {
      waterG: null,
      proteinG: null,
      fatG: null,
      carbohydrateG: null,
      fibreG: null,
      sugarsG: null,
      sodiumMg: null,
      acidG: 0,
      glutamateG: 0,
    },
    allergens: NOTHING_KNOWN,
    measures: {},
    packs: [],
    keeps: {},
    like: null,
    from: { source: "the cook", confidence: "low" },
  };
}

/** What cannot be said as long as a figure is unknown. */
export type Blocks = "ledger" | "salt" | "protein" | "soaking-and-pressing" | "who-can-eat";

/** What cannot be computed with this food as long as its figures are unknown. */
export function blockedBy(food: Food): readonly Blocks[] {
  const blocks: Blocks[] = [];
  if (food.per100.waterG === null) blocks.push("ledger");
  if (food.per100.sodiumMg === null) blocks.push("salt");
  if (food.per100.proteinG === null) blocks.push("protein");
  if (!hasFigures(food.like ?? food.id)) blocks.push("soaking-and-pressing");
  if (Object.values(food.allergens).includes("unknown")) blocks.push("who-can-eat");
  return blocks;
}
