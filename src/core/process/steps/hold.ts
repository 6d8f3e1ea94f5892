import { fail } from "../../quantities/result";
import { at, type Contents, totalG, water } from "../contents";
import type { Need, StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { cooledDown, lumpedMinutes } from "./coolingBody";
import { choice, defineStep, number, since, type StepWith } from "../descriptor";

const FIELDS = {
  minutes: number(0, 720),
  holdC: number(40, 130),
  where: since(choice("oven", "water-bath", "lid"), "oven"),
} as const;
type HoldStep = StepWith<"hold", typeof FIELDS>;

/** Still warm air of a low oven, a bowl in hot water, and the room under a lid, W/m²K (engineering estimates). */
const SURFACE = { oven: 18, "water-bath": 60, lid: 5 } as const;
/** Moist food in an oven stays below this, and so does a bath that does not boil (engineering estimate). */
const MOST_C = 95;
/** Covered, so much of it dries as would in an oven (engineering estimate). */
const COVERED = 0.3;

/**
 * Keep warm: in a low oven it dries a little, and crisp things soften; in a bowl over hot water it does neither, and takes a burner;
 * under a lid it takes nothing and cools slowly. It drifts towards the heat around it, no faster than it can.
 */
function hold(vessel: Vessel, step: HoldStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const needs = needsOf(step);
  if (step.where === "oven" && context.ovens === 0) return fail({ kind: "no-oven" });
  if (step.where === "water-bath" && context.burner === null) return fail({ kind: "no-burner" });
  const dries = context.draw("dries while held") * (step.where === "oven" ? 1 : COVERED);
  const steam = water(batch.waterG * Math.min(0.5, (dries * step.minutes) / 10), step.holdC);
  const { tempC, cooling } =
    step.where === "lid"
      ? cooledDown(vessel, batch, { aroundC: context.roomC, surface: SURFACE.lid }, step.minutes, null)
      : { tempC: warmedC(batch, step), cooling: vessel.cooling };
  return outcome(
    {
      ...vessel,
      batch: at({ ...batch, waterG: batch.waterG - steam.waterG }, tempC),
      cooling,
    },
    [hands(step, context, 1), wait(step.minutes)],
    { outputs: [{ to: "air", contents: steam }], needs, facts: [{ kind: "rule-of-thumb", what: "loss" }] },
  );
}
function warmedC(batch: Contents, { where, holdC, minutes }: HoldStep): number {
  const towardsC = Math.min(holdC, MOST_C);
  return towardsC + (batch.tempC - towardsC) * Math.exp(-minutes / lumpedMinutes(totalG(batch), null, SURFACE[where]));
}
function needsOf(step: HoldStep): readonly Need[] {
  if (step.where === "lid") return [];
  return [step.where === "oven" ? { kind: "oven", tempC: step.holdC } : { kind: "burner" }];
}

/** What the house knows of “hold”: settings, defaults, waits, weigh-in and rule. */
export const holdStep = defineStep({
  kind: "hold",
  fields: FIELDS,
  usual: { minutes: 20, holdC: 95, where: "oven" },
  waitsMin: 10,
  weighed: "water",
  lines: "before",
  fitsBath: true,
  apply: hold,
});
