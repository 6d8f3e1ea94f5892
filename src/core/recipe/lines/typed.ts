import type { Food, FoodId } from "../../foods/food";
import type { Estimate } from "../../quantities/range";
import type { SpoonSystem } from "../../quantities/units";
import { type Lexicon, lexiconOf } from "./lexicon";
import { readLine } from "./line";
import { listedOn } from "./listed";
import { readAmountOnLine } from "./readAmount";
import { gramsOf } from "./weigh";

/** A food with what was said of its amount, in words that a cook types. */
export interface TypedFood {
  readonly food: FoodId;
  /** Null where nobody said how much, or the words don't settle it. */
  readonly grams: Estimate | null;
}
/** What was typed, as the page of recipes would read it. */
export interface Typed {
  /** All foods of it, where every word of it is understood; null else. */
  readonly read: readonly TypedFood[] | null;
  /** The words that are left for the food when the amount is taken off. */
  readonly words: string;
  /** So much of any other food that is chosen for these words. */
  readonly gramsOf: (food: FoodId) => Estimate | null;
}

/** Reads what is typed where a food goes in: "1 red chilli", "2 tbsp mustard", "salt, white pepper, nutmeg". */
export function typedReader(foods: readonly Food[], spoons: SpoonSystem): (text: string) => Typed {
  const lexicon = lexiconOf(foods);
  const byId = new Map(foods.map((f) => [f.id, f]));
  const lookup = (id: FoodId) => byId.get(id) ?? null;
  return (text) => {
    const { amount, words } = readAmountOnLine(text, spoons);
    // "A tin of beans" is one of the tinned ones.
    const packed = amount?.kind === "count" && amount.of === "tin" ? "tinned " : "";
    return {
      read: readAll(text, lexicon, spoons, lookup),
      words: `${packed}${words.replace(/^of\s+/i, "")}`.trim(),
      gramsOf: (food) => gramsOf({ is: "food", food, sure: true }, amount, lookup),
    };
  };
}

function readAll(
  text: string,
  lexicon: Lexicon,
  spoons: SpoonSystem,
  lookup: (id: FoodId) => Food | null,
): readonly TypedFood[] | null {
  const all: TypedFood[] = [];
  for (const piece of listedOn(text, lexicon, spoons)) {
    const line = readLine(piece, lexicon, spoons);
    if (line?.kind !== "ingredient" || line.open.length > 0 || (line.joined === "or" && line.foods.length > 1))
      return null;
    for (const { named } of line.foods) {
      if (named.is !== "food" || !named.sure) return null;
      all.push({ food: named.food, grams: line.foods.length > 1 ? null : gramsOf(named, line.amount, lookup) });
    }
  }
  return all.length === 0 ? null : all;
}
