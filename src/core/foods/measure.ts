import type { Amount, Question } from "../quantities/amount";
import type { Estimate } from "../quantities/range";
import { fail, type Result, succeed } from "../quantities/result";
import { ML_OF } from "../quantities/units";
import { densityOf } from "./density";
import { householdWeight } from "./householdWeights";
import type { Food, Pack } from "./food";

/** Why an amount of this food cannot be weighed from its words. */
export type MeasureQuestion =
  | Question
  | { readonly kind: "no-measure"; readonly measure: string; readonly known: readonly string[] }
  | { readonly kind: "which-pack"; readonly packs: readonly Pack[] }
  | { readonly kind: "not-an-amount" };

const times = (e: Estimate, grams: number, share = 0): Estimate => ({
  low: e.low * grams * (1 - share),
  likely: e.likely * grams,
  high: e.high * grams * (1 + share),
});
/** Without a figure of their own: a pinch of powder, a dash, a handful of leaves, what the wrist gives, g (engineering estimates). */
const USUAL: Readonly<Record<string, number>> = {
  pinch: 0.4,
  dash: 0.6,
  handful: 25,
  knob: 15,
  glug: 15,
  splash: 10,
  drizzle: 7,
};
const BY_EYE = ["knob", "glug", "splash", "drizzle"];
/** A cup of solids holds so much more or less, loose or packed (engineering estimate). */
const PACKING = 0.1;

const product = (a: Estimate, b: Estimate): Estimate => ({
  low: a.low * b.low,
  likely: a.likely * b.likely,
  high: a.high * b.high,
});
const per = (e: Estimate, by: number): Estimate => ({ low: e.low / by, likely: e.likely / by, high: e.high / by });
const isSpoon = (unit: string): boolean => unit === "tsp" || unit === "tbsp" || unit === "cup";
/** A small one and a large one against one of middle size, where nobody has weighed those (rule of thumb). */
const OF_SIZE = { small: 0.65, large: 1.4 } as const;
/** Nobody said how much pieces of it differ. */
const PIECES_DIFFER = 0.2;
const EYES_DIFFER = 0.4;

/** Grams of one of what is counted: as the table of household weights has it, else the food's own measure, else by eye. */
function weightOfOne(food: Food, of: string, size: "small" | "large" | null): Estimate | null {
  const weighed = (measure: string) =>
    householdWeight(food.id, measure) ?? (food.like === null ? null : householdWeight(food.like, measure));
  // What the cook has typed of a food of one's own comes first.
  const own = food.from.source === "the cook" ? food.measures[of] : undefined;
  const sized = own === undefined && size !== null && of === "piece" ? weighed(size) : null;
  if (sized !== null) return sized;
  const grams = own ?? food.measures[of] ?? USUAL[of];
  const middle =
    (own === undefined ? (weighed(of) ?? (of === "piece" ? weighed("each") : null)) : null) ??
    (grams === undefined
      ? null
      : spread(grams, of === "piece" ? PIECES_DIFFER : BY_EYE.includes(of) ? EYES_DIFFER : 0));
  return middle === null || size === null ? middle : scaled(middle, OF_SIZE[size]);
}
const spread = (grams: number, share: number): Estimate => ({
  low: grams * (1 - share),
  likely: grams,
  high: grams * (1 + share),
});
const scaled = (e: Estimate, by: number): Estimate => ({ low: e.low * by, likely: e.likely * by, high: e.high * by });

/** Grams of a food from an amount in words, with their range; or the question that has to be asked first. */
export function weighAmount(food: Food, amount: Amount): Result<Estimate, MeasureQuestion> {
  switch (amount.kind) {
    case "mass":
      return succeed(amount.massG);
    case "temp":
      return fail({ kind: "not-an-amount" });
    case "question":
      return fail(amount.asks);
    case "volume": {
      // Of what differs by its make a spoon has a range of its own.
      const made = isSpoon(amount.unit) ? householdWeight(food.id, amount.unit) : null;
      if (made !== null) return succeed(product(per(amount.volumeMl, ML_OF.us[amount.unit as "tsp"]), made));
      const density = densityOf(food, amount.unit === "tsp" || amount.unit === "tbsp");
      if (density === null)
        return fail({ kind: "no-measure", measure: amount.unit, known: Object.keys(food.measures) });
      const solid = food.group !== "liquid" && food.group !== "fat";
      return succeed(times(amount.volumeMl, density.gPerMl, density.sure ? (solid ? PACKING : 0) : 0.05));
    }
    case "count": {
      const pack = packOf(food, amount.of, amount.sizeG);
      if (pack === "which") return fail({ kind: "which-pack", packs: food.packs.filter((p) => p.name === amount.of) });
      if (pack !== null) return succeed(times(amount.count, pack));
      if (amount.sizeG !== null) return succeed(times(amount.count, amount.sizeG));
      const each = weightOfOne(food, amount.of, amount.size ?? null);
      if (each === null) return fail({ kind: "no-measure", measure: amount.of, known: Object.keys(food.measures) });
      return succeed(product(amount.count, each));
    }
  }
}

/** Grams that come out of one pack: drained, where the food is used drained. A size on the words scales the pack. */
function packOf(food: Food, of: string, sizeG: number | null): number | "which" | null {
  const named = food.packs.filter((p) => p.name === of);
  const [first] = named;
  if (!first) return null;
  const grams = (p: Pack) => p.drainedG ?? p.netG;
  if (sizeG === null) return named.length > 1 ? "which" : grams(first);
  const nearest = named.reduce((a, b) => (Math.abs(b.netG - sizeG) < Math.abs(a.netG - sizeG) ? b : a));
  return (grams(nearest) / nearest.netG) * sizeG;
}

/** Grams of a dry food a head takes, and of a wet one: a start that any cook will change (common practice). */
const USUAL_G = { dry: 30, wet: 120 } as const;
/** Below this share of water it swells in the pot, g per 100 g. */
const DRY_BELOW = 40;
/** What is usually cooked of a food for so many heads, g, where nobody said how much. */
export const typicalAmountG = ({ per100 }: Food, heads: number): number =>
  heads * (per100.waterG !== null && per100.waterG < DRY_BELOW ? USUAL_G.dry : USUAL_G.wet);
