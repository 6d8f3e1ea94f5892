import { checkNumber, fail, firstBad } from "../../quantities/result";
import { at, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { minutes: number(0, 720), holdC: number(40, 130) } as const;
type HoldStep = StepWith<"hold", typeof FIELDS>;

/** Hold warm in a low oven: it dries a little, and crisp things soften. */
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
  return outcome(
    { ...vessel, batch: at({ ...batch, waterG: batch.waterG - steam.waterG }, Math.min(step.holdC, 95)) },
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
  apply: hold,
});
