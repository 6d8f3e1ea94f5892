import type { Amount, Question } from "../quantities/amount";
import type { Estimate } from "../quantities/range";
import { fail, type Result, succeed } from "../quantities/result";
import { densityOf } from "./density";
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
      const grams = food.measures[amount.of] ?? USUAL[amount.of];
      if (grams === undefined)
        return fail({ kind: "no-measure", measure: amount.of, known: Object.keys(food.measures) });
      return succeed(times(amount.count, grams, amount.of === "piece" ? 0.2 : BY_EYE.includes(amount.of) ? 0.4 : 0));
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
