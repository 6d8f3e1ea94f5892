import { checkNumber, fail, firstBad } from "../../quantities/result";
import { at, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { lumpedMinutes } from "./coolingBody";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { minutes: number(0, 720), holdC: number(40, 130) } as const;
type HoldStep = StepWith<"hold", typeof FIELDS>;

/** Still warm air of a low oven, W/m²K (engineering estimate). */
const OVEN_SURFACE = 18;
/** Moist food in an oven stays below this (engineering estimate). */
const MOST_C = 95;

/** Hold warm in a low oven: it dries a little, crisp things soften, and it drifts towards the heat of the oven, no faster than it can. */
function hold(vessel: Vessel, step: HoldStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  if (context.ovens === 0) return fail({ kind: "no-oven" });
  const bad = firstBad(
    checkNumber("minutes", step.minutes, 0, 12 * 60),
    checkNumber("holding temperature", step.holdC, 40, 130),
  );
  if (bad) return fail(bad);
  const share = Math.min(0.5, (context.draw("dries while held") * step.minutes) / 10);
  const steam = water(batch.waterG * share, step.holdC);
  const towardsC = Math.min(step.holdC, MOST_C);
  const tau = lumpedMinutes(totalG(batch), null, OVEN_SURFACE);
  const tempC = towardsC + (batch.tempC - towardsC) * Math.exp(-step.minutes / tau);
  return outcome(
    { ...vessel, batch: at({ ...batch, waterG: batch.waterG - steam.waterG }, tempC) },
    [hands(step, context, 1), wait(step.minutes)],
    {
      outputs: [{ to: "air", contents: steam }],
      needs: [{ kind: "oven", tempC: step.holdC }],
      facts: [{ kind: "rule-of-thumb", what: "loss" }],
    },
  );
}

/** What the house knows of “hold”: settings, defaults, waits, weigh-in and rule. */
export const holdStep = defineStep({
  kind: "hold",
  fields: FIELDS,
  usual: { minutes: 20, holdC: 95 },
  waitsMin: 10,
  weighed: "water",
  lines: "before",
  fitsBath: true,
  apply: hold,
});
