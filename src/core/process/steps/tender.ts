import { tenderMinutes, usualMm } from "../../foods/vegetables";
import { timeFactorAt } from "../../models/softening";
import { type Contents, mainFood } from "../contents";
import type { StepContext } from "../ledger";

/**
 * Of the minutes in the table so much goes into heating the pieces, which takes as long anywhere; the rest is softening, which
 * goes slower where water boils cooler (engineering estimate).
 */
const HEATING_SHARE = 0.4;
/** Under pressure much of the heating is over before the clock starts: pressure builds and falls for ten minutes (rule of thumb: whole potatoes 10–15 min). */
const RAMPS_HEAT = 0.35;
/** Hotter than water boils anywhere in the open, °C. */
const PRESSURE_C = 105;

const BROKEN_UP: ReadonlySet<string> = new Set(["cauliflower", "broccoli", "white-cabbage", "red-cabbage", "fennel"]);
/** Size of vegetables for their minutes: as cut, a whole one by its grams, else as they grow. */
export function tenderMm(contents: Contents, cutMm: number | null, wholeMm: number, context: StepContext): number {
  const main = mainFood(contents) ?? "";
  // Nobody steams a whole head: it is broken into florets or cut into wedges.
  if (cutMm === null && BROKEN_UP.has(main)) return usualMm(main) ?? wholeMm;
  const weighed = context.food(main)?.measures.piece !== undefined;
  return cutMm ?? (weighed ? wholeMm : (usualMm(main) ?? wholeMm));
}

/** Tofu, tempeh and seitan are tender as they come: nothing is said of it, their minutes are the cook's. */
export const tenderAsItComes = (contents: Contents, context: StepContext): boolean =>
  context.food(mainFood(contents) ?? "")?.group === "protein";

/** Minutes until vegetables of a size are tender in boiling water or its steam, at `atC` (here's boil). Cooler slows, and never blocks. */
export function minutesToTender(
  contents: Contents,
  way: "boiled" | "steamed",
  mm: number,
  context: StepContext,
  atC: number = context.boilC,
): number {
  const usual = tenderMinutes(mainFood(contents) ?? "", way, mm);
  const heating = HEATING_SHARE * (atC > PRESSURE_C ? RAMPS_HEAT : 1);
  const softening = heating + (1 - HEATING_SHARE) * timeFactorAt(atC);
  return context.drawOf("tender", mainFood(contents) ?? "", usual) * softening;
}
