import type { Allergen, LabelState } from "./allergens";
import type { Food, FoodId, Per100 } from "./food";
import { labelCanFree } from "./table";

/** Figures that a packet's label may override; free acid and glutamate are on no label. */
export const FIGURES = ["waterG", "proteinG", "fatG", "carbohydrateG", "fibreG", "sugarsG", "sodiumMg"] as const;
/** A figure per 100 g that a label may state. */
export type Figure = (typeof FIGURES)[number];

/** One thing a packet said: of an allergen, or of a figure per 100 g. */
export type LabelSaying =
  | { readonly food: FoodId; readonly allergen: Allergen; readonly state: LabelState }
  | { readonly food: FoodId; readonly figure: Figure; readonly per100: number };

/**
 * The food as its packet has it: what the label says counts, everything else stays. A "free" never outweighs what the kind
 * of food settles (`labelCanFree`).
 */
export function withLabels(food: Food, sayings: readonly LabelSaying[]): Food {
  const own = sayings.filter((s) => s.food === food.id);
  if (own.length === 0) return food;
  const allergens = { ...food.allergens };
  const per100: { -readonly [K in keyof Per100]: Per100[K] } = { ...food.per100 };
  for (const saying of own) {
    if ("allergen" in saying) {
      const settled = food.allergens[saying.allergen] === "contains" && !labelCanFree(food.id, saying.allergen);
      if (!settled) allergens[saying.allergen] = saying.state;
    } else per100[saying.figure] = saying.per100;
  }
  return { ...food, allergens, per100 };
}

/** What in a food's figures cannot be. Fields are named as the form and the file name them. */
export type Contradiction =
  | { readonly kind: "more-than-whole"; readonly sumG: number; readonly figures: readonly Figure[] }
  | { readonly kind: "part-over-whole"; readonly part: Figure; readonly whole: Figure }
  | { readonly kind: "salt-over-whole"; readonly saltG: number };

/** Rounding on labels and residues leave room of two grams. */
const SLACK_G = 2;

/**
 * Checks figures against each other: water, protein, fat and carbohydrate cannot make more than 100 g, fibre and
 * sugars lie inside carbohydrate, and the salt in the sodium has to fit as well. Unknown figures contradict nothing.
 */
export function contradictionIn(per100: Per100): Contradiction | null {
  const parts = (["waterG", "proteinG", "fatG", "carbohydrateG"] as const).filter((f) => per100[f] !== null);
  const sumG = parts.reduce((sum, f) => sum + (per100[f] ?? 0), 0);
  if (sumG > 100 + SLACK_G) return { kind: "more-than-whole", sumG, figures: parts };
  for (const part of ["fibreG", "sugarsG"] as const)
    if (per100[part] !== null && per100.carbohydrateG !== null && per100[part] > per100.carbohydrateG + SLACK_G)
      return { kind: "part-over-whole", part, whole: "carbohydrateG" };
  const saltG = ((per100.sodiumMg ?? 0) / 1000) * 2.5;
  if (sumG + saltG > 100 + 2 * SLACK_G && saltG > SLACK_G) return { kind: "salt-over-whole", saltG };
  return null;
}
