import type { Food, FoodId } from "../foods/food";
import { SODIUM_SHARE_OF_SALT } from "../models/salt";

/**
 * What is in a vessel, in grams. `solids` is everything that is neither water nor tracked beside it, by the food
 * it came from: a food's own fat stays in its solids, `oilG` is free oil only.
 */
export interface Contents {
  readonly solids: Readonly<Record<FoodId, number>>;
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
export const SPECIES = ["waterG", "oilG", ...SOLUTES] as const;
export type Species = (typeof SPECIES)[number];

export const NOTHING: Contents = Object.freeze({
  solids: Object.freeze({}),
  waterG: 0,
  oilG: 0,
  saltG: 0,
  sugarG: 0,
  acidG: 0,
  umamiG: 0,
  tempC: 20,
});

export function solidsG(contents: Contents): number {
  let sum = 0;
  for (const food in contents.solids) sum += contents.solids[food] as number;
  return sum;
}
const soluteG = (c: Contents): number => c.saltG + c.sugarG + c.acidG + c.umamiG;
export const totalG = (c: Contents): number => solidsG(c) + c.waterG + c.oilG + soluteG(c);
/** g water per g solids. */
export const moistureOf = (c: Contents): number => {
  const solids = solidsG(c);
  return solids === 0 ? Infinity : c.waterG / solids;
};
export const saltShare = (c: Contents): number => {
  const total = totalG(c);
  return total === 0 ? 0 : c.saltG / total;
};

function combineSolids(a: Contents["solids"], b: Contents["solids"], sign: 1 | -1): Contents["solids"] {
  // Water, oil, salt and liquor share the one empty record: nothing to copy then.
  if (b === NOTHING.solids) return a;
  if (a === NOTHING.solids && sign === 1) return b;
  const solids: Record<FoodId, number> = { ...a };
  for (const food in b) solids[food] = (solids[food] ?? 0) + sign * (b[food] as number);
  return solids;
}

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
export function portion(c: Contents, share: number): Contents {
  const solids: Record<FoodId, number> = {};
  for (const food in c.solids) solids[food] = (c.solids[food] as number) * share;
  return {
    solids,
    waterG: c.waterG * share,
    oilG: c.oilG * share,
    saltG: c.saltG * share,
    sugarG: c.sugarG * share,
    acidG: c.acidG * share,
    umamiG: c.umamiG * share,
    tempC: c.tempC,
  };
}

/**
 * So much water with the solutes that are in it, and nothing else: what runs out of a food that is drained,
 * squeezed, pressed or patted, and what a weigh-in after those takes away or gives back.
 */
export function liquor(c: Contents, waterG: number): Contents {
  const share = c.waterG === 0 ? 0 : waterG / c.waterG;
  return {
    ...NOTHING,
    waterG,
    saltG: c.saltG * share,
    sugarG: c.sugarG * share,
    acidG: c.acidG * share,
    umamiG: c.umamiG * share,
    tempC: c.tempC,
  };
}

export const water = (waterG: number, tempC: number): Contents => ({ ...NOTHING, waterG, tempC });
export const oil = (oilG: number, tempC: number): Contents => ({ ...NOTHING, oilG, tempC });
export const salt = (saltG: number, tempC: number): Contents => ({ ...NOTHING, saltG, tempC });
export const at = (c: Contents, tempC: number): Contents => ({ ...c, tempC });
export const sum = (all: readonly Contents[]): Contents => all.reduce(add, NOTHING);

/**
 * Contents of so much of a food as bought. Free oil only for fats and creams (their fat is not held in cells);
 * null when the food's water is unknown, since nothing can be computed then. Unknown sugar stays in the solids.
 */
export function contentsOfFood(food: Food, massG: number, tempC: number): Contents | null {
  const { waterG, fatG, sugarsG, sodiumMg, acidG, glutamateG } = food.per100;
  if (waterG === null) return null;
  const per = massG / 100;
  const free = food.group === "fat" || food.group === "liquid" ? (fatG ?? 0) : 0;
  const salt = (sodiumMg ?? 0) / 1000 / SODIUM_SHARE_OF_SALT;
  const sugar = Math.max(0, Math.min(sugarsG ?? 0, 100 - waterG - free - salt));
  const solids = Math.max(0, 100 - waterG - free - salt - sugar - acidG - glutamateG);
  return {
    solids: solids * per > 0 ? { [food.id]: solids * per } : {},
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
export function mainFood(c: Contents): FoodId | null {
  let best: FoodId | null = null;
  for (const food in c.solids)
    if (best === null || (c.solids[food] as number) > (c.solids[best] as number)) best = food;
  return best;
}
