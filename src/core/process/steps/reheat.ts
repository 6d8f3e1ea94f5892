import { fail } from "../../quantities/result";
import { at, type Contents, totalG, water } from "../contents";
import { type StepContext, type Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, watch } from "./common";
import { lumpedMinutes } from "./coolingBody";
import { coreFact, ovenCoreMinutes, pieceShapeOf } from "./geometry";
import { choice, defineStep, number, numberOrNull, type StepWith } from "../descriptor";

const FIELDS = { coreC: number(40, 99), minutes: numberOrNull(1, 240), where: choice("oven", "hob") } as const;
type ReheatStep = StepWith<"reheat", typeof FIELDS>;

/** A moderate oven, as leftovers are warmed (common practice). */
const OVEN_C = 170;
/** An oven on a dish, W/m²K, fan or not (engineering estimate). */
const OVEN_SURFACE = 22;
/** Where nobody says how long: not on full flame, so that nothing catches, and a little over in the oven (common practice). */
const GENTLY = { hob: 1.6, oven: 1.1 } as const;
const LEAST_MIN = 3;
/** A pan with its lid on, W, and J/(g K) of a cooked dish (engineering estimates). */
const PAN_LOSS_W = 60;
const SPECIFIC_HEAT = 3.9;

/**
 * Reheat throughout; a splash of liquid may go in. On the hob by the power of the burner, stirred; in the oven as a dish that
 * warms as a whole, shaped pieces by their middle. Minutes that are too few leave it short of its target, and say so.
 */
function reheat(vessel: Vessel, step: ReheatStep, context: StepContext): Applied {
  if (step.where === "oven" && context.ovens === 0) return fail({ kind: "no-oven" });
  if (step.where === "hob" && context.burner === null) return fail({ kind: "no-burner" });
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const neededMin = Math.max(
    0,
    step.where === "hob" ? hobMinutes(batch, step, context) : ovenMinutes(vessel, batch, step, context),
  );
  if (!Number.isFinite(neededMin) && step.minutes === null)
    return fail({ kind: "never-done", coreC: step.coreC, aroundC: OVEN_C });
  const minutes = step.minutes ?? Math.max(LEAST_MIN, neededMin * GENTLY[step.where]);
  const reached = Math.min(1, neededMin === 0 ? 1 : minutes / neededMin);
  const steam = water(batch.waterG * context.draw("lost reheating"), 100);
  const tempC = Math.max(batch.tempC, batch.tempC + (step.coreC - batch.tempC) * reached);
  return outcome(
    { ...vessel, batch: at({ ...batch, waterG: batch.waterG - steam.waterG }, tempC) },
    [hands(step, context, 2), watch(minutes)],
    {
      inputs: came,
      outputs: [{ to: "air", contents: steam }],
      needs: step.where === "oven" ? [{ kind: "oven", tempC: OVEN_C }] : [{ kind: "burner" }],
      facts: [coreFact(neededMin, minutes, step.coreC)],
    },
  );
}

/** Minutes that the burner needs to bring it all to the target. */
function hobMinutes(batch: Contents, step: ReheatStep, { burner }: StepContext): number {
  const netW = (burner?.netW ?? 0) - PAN_LOSS_W;
  return netW <= 0 ? Infinity : (totalG(batch) * SPECIFIC_HEAT * (step.coreC - batch.tempC)) / netW / 60;
}
/** Minutes in the oven: shaped pieces by their middle, everything else as one dish. */
function ovenMinutes(vessel: Vessel, batch: Contents, step: ReheatStep, context: StepContext): number {
  if (vessel.pieces !== null) {
    const heat = { surface: OVEN_SURFACE, dries: false, startC: batch.tempC, ovenC: OVEN_C };
    const core = ovenCoreMinutes(context, pieceShapeOf({ ...vessel, batch }, context), heat, step.coreC);
    return core.ok ? core.value : Infinity;
  }
  const tau = lumpedMinutes(totalG(batch), null, OVEN_SURFACE);
  return tau * Math.log((OVEN_C - batch.tempC) / (OVEN_C - step.coreC));
}

/** What the house knows of “reheat”: settings, defaults, waits, weigh-in and rule. */
export const reheatStep = defineStep({
  kind: "reheat",
  fields: FIELDS,
  usual: { coreC: 75, minutes: null, where: "oven" },
  waitsMin: 10,
  weighed: "water",
  apply: reheat,
});
