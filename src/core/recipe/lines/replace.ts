import type { FoodId } from "../../foods/food";
import type { AnimalJob } from "./animals";

/** What an egg does in a dish. */
export const EGG_USES = ["binds", "brushed", "raises", "sets", "emulsion", "itself"] as const;
/** One of these. */
export type EggUse = (typeof EGG_USES)[number];
/** Why something takes the place of an animal product; words are in `words`. */
export type ReplaceReason =
  Exclude<AnimalJob, "egg"> | `egg-${EggUse}` | "butter-fried" | "buttermilk" | "sour-cream" | "noodles";
/** What takes the place of an animal product: foods with grams for each gram of it. */
export interface Proposal {
  readonly reason: ReplaceReason;
  /** Empty where only a label can tell: it stays by its name, and every allergen of it is asked. */
  readonly by: readonly (readonly [food: FoodId, perG: number])[];
}

/**
 * What takes the place of each product, for its job in the dish. Common practice; shares are of the grams that left.
 * Salt follows: fish sauce holds 25 g in 100, soy sauce 15; hard cheese 1.6, yeast flakes next to none.
 */
const PROPOSALS: Readonly<Record<ReplaceReason, Proposal["by"]>> = {
  stock: [["stock", 1]],
  gelatine: [["agar", 0.33]],
  "egg-binds": [
    ["ground-flax", 0.14],
    ["water", 0.8],
  ],
  "egg-brushed": [["soy-milk", 0.3]],
  "egg-raises": [["aquafaba", 0.9]],
  // A custard of a tart: silken tofu, and flour of chickpeas that sets (common practice).
  "egg-sets": [
    ["tofu-silken", 0.9],
    ["chickpea-flour", 0.12],
  ],
  "egg-emulsion": [["aquafaba", 0.7]],
  "egg-itself": [
    ["tofu-firm", 1],
    ["black-salt", 0.008],
  ],
  butter: [["plant-butter", 1]],
  "butter-fried": [["rapeseed-oil", 0.8]],
  fat: [["rapeseed-oil", 1]],
  milk: [["oat-milk", 1]],
  buttermilk: [
    ["soy-milk", 0.94],
    ["cider-vinegar", 0.06],
  ],
  cream: [["oat-cream", 1]],
  "sour-cream": [["soy-yoghurt", 1]],
  yoghurt: [["soy-yoghurt", 1]],
  "cheese-melt": [["plant-cheese", 1]],
  "cheese-hard": [
    ["yeast-flakes", 0.4],
    ["salt", 0.015],
  ],
  "cheese-soft": [
    ["tofu-firm", 0.95],
    ["lemon-juice", 0.05],
    ["salt", 0.012],
  ],
  honey: [["maple-syrup", 1]],
  "fish-sauce": [
    ["soy-sauce", 0.95],
    ["salt", 0.08],
  ],
  anchovy: [
    ["capers", 1],
    ["miso", 0.3],
  ],
  worcester: [
    ["soy-sauce", 0.5],
    ["malt-vinegar", 0.35],
    ["molasses", 0.15],
  ],
  "oyster-sauce": [["mushroom-sauce", 1]],
  mayonnaise: [["plant-mayonnaise", 1]],
  "egg-pasta": [["pasta", 1]],
  noodles: [["rice-noodles", 1]],
  hidden: [],
};
/** A cube of stock is salt and savour, not water. */
const CUBE: Proposal["by"] = [["stock-powder", 1]];

/** What the proposal depends on. */
export interface Job {
  readonly job: AnimalJob;
  /** The line's words, lower case. */
  readonly words: string;
  readonly cube: boolean;
  /** For eggs; what the cook said, or what the dish shows. */
  readonly eggUse: EggUse;
  /** Something is fried in it. */
  readonly fried: boolean;
}

/** What takes the place of an animal product in this dish. */
export function proposalFor({ job, words, cube, eggUse, fried }: Job): Proposal {
  const reason = ((): ReplaceReason => {
    if (job === "egg") return `egg-${eggUse}`;
    if (job === "butter" && fried) return "butter-fried";
    if (job === "milk" && /butter ?milk/.test(words)) return "buttermilk";
    if (job === "cream" && /sour|fra[iî]che|smetana/.test(words)) return "sour-cream";
    if (job === "egg-pasta" && /noodle/.test(words)) return "noodles";
    return job;
  })();
  return { reason, by: job === "stock" && cube ? CUBE : PROPOSALS[reason] };
}

/** What the eggs of a dish are for, as far as its lines and its method show; null asks. */
export function eggUseIn(words: string, method: string, baked: boolean): EggUse | null {
  if (/\b(?:wash|glaze|brush)/.test(words) || /\bbrush[^.]{0,40}\begg/.test(method)) return "brushed";
  if (/\b(?:hard[- ]boiled|boiled|fried|poached|scrambled|omelette)\b/.test(words)) return "itself";
  if (/\b(?:scramble|fry|poach|boil)[^.]{0,25}\beggs?\b/.test(method)) return "itself";
  if (/\bmayonnaise\b|\bdrizzle in the oil\b/.test(method)) return "emulsion";
  if (/\b(?:patt|shape|meat ?ball|burger|loaf|bind|crumb|coat|mix everything|dip)/.test(method)) return "binds";
  if (baked && /\b(?:quiche|custard|just set|until set)\b/.test(method)) return "sets";
  if (baked && /\b(?:whisk|fold|batter|rise)/.test(method)) return "raises";
  return null;
}
