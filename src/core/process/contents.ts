import type { Food, FoodId } from "../foods/food";
import { type Estimate, estimate } from "../quantities/range";
import { SODIUM_SHARE_OF_SALT } from "../models/salt";
import { combineSolids, NO_SOLIDS, scaledSolids, type Solids, solidsOf, sumOfSolids } from "./solids";

/**
 * What is in a vessel, in grams. `solids` is everything that is neither water nor tracked beside it, by the food
 * it came from: a food's own fat stays in its solids, `oilG` is free oil only.
 */
export interface Contents {
  readonly solids: Solids;
  readonly waterG: number;
  readonly oilG: number;
  /** NaCl equivalents. */
  readonly saltG: number;
  readonly sugarG: number;
  readonly acidG: number;
  /** Glutamate equivalents. */
  readonly umamiG: number;
  readonly tempC: number;
}

/** Species that are dissolved in the water and travel with it. */
export const SOLUTES = ["saltG", "sugarG", "acidG", "umamiG"] as const;
/** Everything that is conserved beside solids. */
export const SPECIES = ["waterG", "oilG", ...SOLUTES] as const;

/** An empty vessel at room temperature. */
export const NOTHING: Contents = {
  solids: NO_SOLIDS,
  waterG: 0,
  oilG: 0,
  saltG: 0,
  sugarG: 0,
  acidG: 0,
  umamiG: 0,
  tempC: 20,
};

/** Grams of solids of all foods. */
export const solidsG = (c: Contents): number => sumOfSolids(c.solids);
const soluteG = (c: Contents): number => c.saltG + c.sugarG + c.acidG + c.umamiG;
/** Every gram. */
export const totalG = (c: Contents): number => solidsG(c) + c.waterG + c.oilG + soluteG(c);
/** g water per g solids. */
export const moistureOf = (c: Contents): number => {
  const solids = solidsG(c);
  return solids === 0 ? Infinity : c.waterG / solids;
};
/** Salt over everything, 0–1; nothing has none. */
export const saltShare = (c: Contents): number => {
  const total = totalG(c);
  return total === 0 ? 0 : c.saltG / total;
};

/** J/(g K) of the solids and oil of a mix against those of water, for mixing temperatures. */
const heatCapacity = (c: Contents): number => 4.18 * c.waterG + 1.8 * solidsG(c) + 2 * c.oilG;

/** Both together, at the temperature of their mix. */
export function add(a: Contents, b: Contents): Contents {
  if (a === NOTHING) return b;
  if (b === NOTHING) return a;
  const [heatA, heatB] = [heatCapacity(a), heatCapacity(b)];
  const heat = heatA + heatB;
  return {
    solids: combineSolids(a.solids, b.solids, 1),
    waterG: a.waterG + b.waterG,
    oilG: a.oilG + b.oilG,
    saltG: a.saltG + b.saltG,
    sugarG: a.sugarG + b.sugarG,
    acidG: a.acidG + b.acidG,
    umamiG: a.umamiG + b.umamiG,
    tempC: heat === 0 ? a.tempC : (a.tempC * heatA + b.tempC * heatB) / heat,
  };
}

/** What stays when `part` leaves; the temperature is the first one's. */
export function subtract(a: Contents, part: Contents): Contents {
  return {
    solids: combineSolids(a.solids, part.solids, -1),
    waterG: a.waterG - part.waterG,
    oilG: a.oilG - part.oilG,
    saltG: a.saltG - part.saltG,
    sugarG: a.sugarG - part.sugarG,
    acidG: a.acidG - part.acidG,
    umamiG: a.umamiG - part.umamiG,
    tempC: a.tempC,
  };
}

/** A share of everything. */
export const portion = (c: Contents, share: number): Contents => ({
  solids: scaledSolids(c.solids, share),
  waterG: c.waterG * share,
  oilG: c.oilG * share,
  saltG: c.saltG * share,
  sugarG: c.sugarG * share,
  acidG: c.acidG * share,
  umamiG: c.umamiG * share,
  tempC: c.tempC,
});

/**
 * So much water with the solutes that are in it, and nothing else: what runs out of a food that is drained,
 * squeezed, pressed or patted, and what a weigh-in after those takes away or gives back.
 */
export function liquor(c: Contents, waterG: number): Contents {
  const share = c.waterG === 0 ? 0 : waterG / c.waterG;
  return {
    solids: NO_SOLIDS,
    oilG: 0,
    waterG,
    saltG: c.saltG * share,
    sugarG: c.sugarG * share,
    acidG: c.acidG * share,
    umamiG: c.umamiG * share,
    tempC: c.tempC,
  };
}

/** So much plain water. */
export const water = (waterG: number, tempC: number): Contents => ({
  solids: NO_SOLIDS,
  waterG,
  oilG: 0,
  saltG: 0,
  sugarG: 0,
  acidG: 0,
  umamiG: 0,
  tempC,
});
/** So much free oil. */
export const oil = (oilG: number, tempC: number): Contents => ({ ...NOTHING, oilG, tempC });
/** So much salt. */
export const salt = (saltG: number, tempC: number): Contents => ({ ...NOTHING, saltG, tempC });
/** The same at another temperature. Written out: it runs for nearly every step of every sample. */
export const at = (c: Contents, tempC: number): Contents => ({
  solids: c.solids,
  waterG: c.waterG,
  oilG: c.oilG,
  saltG: c.saltG,
  sugarG: c.sugarG,
  acidG: c.acidG,
  umamiG: c.umamiG,
  tempC,
});
/** All of them together. */
export const sum = (all: readonly Contents[]): Contents => all.reduce(add, NOTHING);

/** Water in 100 g of a food of which nobody knows more than its name: anything from a dry powder to a lettuce. */
export const UNKNOWN_WATER_G: Estimate = estimate(0, 60, 95);

/**
 * Contents of so much of a food as bought. Free oil only for fats and creams (their fat is not held in cells), sugar only
 * for seasonings and liquids: what a carrot or a bean holds in its cells stays in its solids, so that its moisture is water
 * over everything else, as tables give it.
 *
 * @param waterG of 100 g; of a food whose water nobody knows what is taken for it
 */
export function contentsOfFood(
  food: Food,
  massG: number,
  tempC: number,
  waterG: number = food.per100.waterG ?? UNKNOWN_WATER_G.likely,
): Contents {
  const { fatG, sugarsG, sodiumMg, acidG, glutamateG } = food.per100;
  const per = massG / 100;
  const free = food.group === "fat" || food.group === "liquid" ? (fatG ?? 0) : 0;
  const dissolved = food.group === "seasoning" || food.group === "liquid" ? (sugarsG ?? 0) : 0;
  const salt = (sodiumMg ?? 0) / 1000 / SODIUM_SHARE_OF_SALT;
  const sugar = Math.max(0, Math.min(dissolved, 100 - waterG - free - salt));
  const solids = Math.max(0, 100 - waterG - free - salt - sugar - acidG - glutamateG);
  return {
    solids: solids * per > 0 ? solidsOf(food.id, solids * per) : NO_SOLIDS,
    waterG: waterG * per,
    oilG: free * per,
    saltG: salt * per,
    sugarG: sugar * per,
    acidG: acidG * per,
    umamiG: glutamateG * per,
    tempC,
  };
}

/** The food that makes most of the solids: the one whose process figures count. */
export function mainFood({ solids: { foods, grams } }: Contents): FoodId | null {
  let best = 0;
  for (let i = 1; i < foods.length; i++) if ((grams[i] as number) > (grams[best] as number)) best = i;
  return foods[best] ?? null;
}
