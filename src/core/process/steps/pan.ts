import { estimate } from "../../quantities/range";
import { type Contents, oil, solidsG } from "../contents";
import type { StepContext } from "../ledger";
import { sumOver } from "../solids";

/** Share of a pan's floor that food may cover and still be turned (common practice). */
export const DRY_PAN_PACKING = 0.7;
/** Minutes between two batches (common practice). */
export const SWAP_MIN = 0.5;
/** Minutes until a pan is hot (common practice). */
export const PREHEAT_MIN = 2;

/** Oil that the food takes up; the rest stays on the pan. */
export function oilTaken(
  context: StepContext,
  free: Contents,
  waterOffG: number,
): { readonly taken: Contents; readonly stays: Contents } {
  const massG = Math.min(free.oilG, context.draw("oil uptake") * waterOffG);
  return { taken: oil(massG, 100), stays: oil(free.oilG - massG, 100) };
}

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
