import type { MeatForm } from "../../dish/meat";
import type { FoodLookup } from "../../foods/food";
import { weighAmount } from "../../foods/measure";
import type { Amount } from "../../quantities/amount";
import type { Estimate } from "../../quantities/range";
import type { Animal, AnimalJob } from "./animals";
import type { Named } from "./lexicon";

/** Grams of a millilitre of an animal product (USDA household weights from memory; sauces and minced meat estimates). */
const DENSITY: Readonly<Record<AnimalJob | "meat", number>> = {
  stock: 1,
  gelatine: 0.63,
  egg: 1.03,
  butter: 0.96,
  fat: 0.92,
  milk: 1.03,
  cream: 1.01,
  yoghurt: 1.03,
  "cheese-melt": 0.48,
  "cheese-hard": 0.42,
  "cheese-soft": 0.75,
  honey: 1.42,
  "fish-sauce": 1.2,
  anchovy: 1.1,
  worcester: 1.15,
  "oyster-sauce": 1.2,
  mayonnaise: 0.95,
  "egg-pasta": 0.4,
  hidden: 1,
  meat: 0.6,
};
/** Grams of one of it, by what is counted (common practice). */
const EACH: Readonly<Partial<Record<AnimalJob, Readonly<Record<string, number>>>>> = {
  stock: { cube: 10, bag: 25 },
  gelatine: { leaf: 2, sheet: 2, bag: 7, piece: 2 },
  egg: { piece: 50 },
  butter: { stick: 113, knob: 15, piece: 113 },
  fat: { knob: 15 },
  milk: { tin: 400, splash: 15 },
  cream: { tin: 170, splash: 15 },
  "cheese-melt": { slice: 25, piece: 125, handful: 30, bag: 200, stick: 25 },
  "cheese-hard": { handful: 25, knob: 20 },
  "cheese-soft": { block: 200, bag: 200, piece: 200, slice: 25 },
  honey: { drizzle: 10 },
  "fish-sauce": { splash: 8, dash: 3 },
  anchovy: { piece: 4, tin: 30, jar: 60 },
  worcester: { splash: 5, dash: 2 },
  "egg-pasta": { bag: 250, nest: 60, sheet: 20 },
  hidden: { piece: 60, bag: 320, tin: 400, sheet: 215, jar: 190, slice: 40 },
};
/** Grams of one piece of meat by its form (common practice). */
const MEAT_EACH: Readonly<Record<MeatForm, number>> = {
  mince: 500,
  strips: 150,
  chunks: 110,
  pulled: 500,
  fillet: 150,
  battered: 30,
  rasher: 25,
  ball: 35,
  sausage: 60,
  patty: 115,
  loaf: 800,
  roast: 1500,
  cutlet: 170,
  skewer: 100,
  bits: 12,
  "cold-slices": 30,
  "stock-bones": 500,
};
const TIN_OF_FISH_G = 110;

const scaled = (e: Estimate, by: number, share: number): Estimate => ({
  low: e.low * by * (1 - share),
  likely: e.likely * by,
  high: e.high * by * (1 + share),
});
/** What nobody has on a scale: pieces of meat differ so much. */
const PIECES_DIFFER = 0.25;
const SPOONS_DIFFER = 0.1;

function animalG(animal: Animal, amount: Amount): Estimate | null {
  switch (amount.kind) {
    case "mass":
      return amount.massG;
    case "volume":
      return scaled(amount.volumeMl, DENSITY[animal.job], SPOONS_DIFFER);
    case "count": {
      if (amount.sizeG !== null) return scaled(amount.count, amount.sizeG, 0);
      const tinned = amount.of === "tin" || amount.of === "jar";
      const each =
        animal.job === "meat"
          ? tinned
            ? TIN_OF_FISH_G
            : meatEach(animal.form, amount.of)
          : EACH[animal.job]?.[amount.of];
      return each === undefined ? null : scaled(amount.count, each, PIECES_DIFFER);
    }
    default:
      return null;
  }
}
const meatEach = (form: MeatForm, of: string): number =>
  of === "slice" ? (form === "rasher" ? 25 : 30) : of === "rasher" ? 25 : MEAT_EACH[form];

/** Breads that a recipe counts and the table does not have, g of one of them (common practice; their packets say). */
const BREADS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:corn tortillas?|taco shells?|popp?adums?|poppadoms?)\b/i, 20],
  [/\b(?:gyoza|dumpling|wonton|potsticker) (?:wrappers?|skins?|sheets?)\b/i, 9],
  [/\b(?:tortillas?|wraps?|chapatis?|rotis?)\b/i, 50],
  [/\b(?:buns?|rolls?|pittas?|pitas?|baps?|english muffins?)\b/i, 60],
  [/\b(?:flatbreads?|naans?|bagels?|baguettes?)\b/i, 90],
];
const BREADS_DIFFER = 0.3;

/**
 * Grams of what a line names; null when its words don't settle it.
 *
 * @param words what it is called, where nobody knows it
 */
export function gramsOf(named: Named, amount: Amount | null, foods: FoodLookup, words = ""): Estimate | null {
  if (amount === null || amount.kind === "question" || amount.kind === "temp") return null;
  if (named.is === "animal") return animalG(named.animal, amount);
  if (amount.kind === "mass") return amount.massG;
  const food = named.is === "food" ? foods(named.food) : null;
  if (food !== null) {
    const weighed = weighAmount(food, amount);
    if (weighed.ok) return weighed.value;
    // A bunch or a head of something whose piece is known, a bag whose size is not.
    const piece = amount.kind === "count" ? (food.measures.piece ?? null) : null;
    if (amount.kind === "count" && piece !== null && (amount.of === "head" || amount.of === "bunch"))
      return scaled(amount.count, piece * (amount.of === "bunch" ? 6 : 1), PIECES_DIFFER);
    return null;
  }
  // Of what nobody knows a millilitre is about a gram, spoons of it half of that or more: an estimate, and shown as one.
  if (amount.kind === "volume")
    return { low: amount.volumeMl.low * 0.4, likely: amount.volumeMl.likely * 0.8, high: amount.volumeMl.high };
  const bread = amount.of === "piece" ? BREADS.find(([name]) => name.test(words))?.[1] : undefined;
  if (amount.sizeG !== null) return scaled(amount.count, amount.sizeG, 0);
  return bread === undefined ? null : scaled(amount.count, bread, BREADS_DIFFER);
}
