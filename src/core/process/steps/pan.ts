import { discM2 } from "../../models/panHeat";
import { estimate } from "../../quantities/range";
import { type Contents, oil, solidsG, totalG } from "../contents";
import type { PanFacts, StepContext } from "../ledger";
import { sumOver } from "../solids";

/** Share of a pan's floor that food may cover and still be turned (common practice). */
export const DRY_PAN_PACKING = 0.7;
/** Loose pieces need gaps to be turned and to let steam off: so much of the floor is food (common practice: a 28 cm pan takes 250–350 g). */
const LOOSE_PACKING = 0.4;
/** g of moist food in a square metre one millimetre high (engineering estimate). */
const FOOD_DENSITY_G_PER_MM_M2 = 1.03 * 1000;
/** Grams of loose pieces of a thickness that lie in one layer with room to be turned. */
export const roomInPanG = (pan: PanFacts, layerMm: number): number =>
  LOOSE_PACKING * discM2(pan.diameterM) * layerMm * FOOD_DENSITY_G_PER_MM_M2;

/** Minutes between two batches (common practice). */
export const SWAP_MIN = 0.5;
/** Minutes until a pan is hot (common practice). */
export const PREHEAT_MIN = 2;

/** Oil that the food takes up; the rest stays on the pan. */
export function oilTaken(
  context: StepContext,
  free: Contents,
  waterOffG: number,
  food: Contents,
): { readonly taken: Contents; readonly stays: Contents } {
  // Oil follows the water that left; sponges and crumbs drink by themselves.
  const drunkG = sumOver(food.solids, (id, grams) => {
    const { drinksOil } = context.figures(id);
    return drinksOil === undefined ? 0 : grams * context.drawOf("oil drunk", id, drinksOil);
  });
  const massG = Math.min(free.oilG, Math.max(drunkG, context.draw("oil uptake") * waterOffG));
  return { taken: oil(massG, 100), stays: oil(free.oilG - massG, 100) };
}

/** Minutes of browning that the figures are for, and how slowly what is left of the water goes after it (engineering estimate). */
const BROWNING_REFERENCE_MIN = 3;
const DRYING_ON_MIN = 25;
/** Water off after minutes of browning, from the share of the raw mass that the usual minutes take: the longer, the more. */
export function brownedOffG(raw: Contents, lossShare: number, browningMin: number): number {
  const left = Math.max(0, raw.waterG - lossShare * totalG(raw));
  const kept = left * Math.exp(-(browningMin - BROWNING_REFERENCE_MIN) / DRYING_ON_MIN);
  return Math.min(raw.waterG * 0.95, Math.max(0, raw.waterG - kept));
}

/** What has steamed off this share of its mass was at the boil all through: the steam comes from inside (rule of thumb). */
export const STEAMED_THROUGH = 0.2;

/** Foods without a figure of their own lose 15–35 % of the raw mass when browned (rule of thumb). */
const UNKNOWN_BROWNED_LOSS = estimate(0.15, 0.25, 0.35);

/** Share of the raw mass that browning takes: each food's share of the raw mass, weighted by its solids (as good as raw mass for one kind). */
export function brownedLossOf(raw: Contents, context: StepContext): number {
  const all = solidsG(raw);
  return sumOver(
    raw.solids,
    (food, grams) =>
      (grams / all) * context.drawOf("browned loss", food, context.figures(food).brownedLoss ?? UNKNOWN_BROWNED_LOSS),
  );
}
