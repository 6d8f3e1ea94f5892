import { fail } from "../../quantities/result";
import { add, NOTHING, portion, subtract, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type DrainStep = StepWith<"drain", Record<never, Field>>;

/**
 * Drain: the bath goes, but for the film that clings. Pulses may have drunk the whole pot by then: nothing runs off, which
 * is worth a remark and no reason to stop.
 */
function drain(vessel: Vessel, step: DrainStep, context: StepContext): Applied {
  const { bath } = vessel;
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  if (bath === null)
    return outcome(vessel, [hands(step, context, 1)], {
      outputs: [{ to: "drain", contents: NOTHING }],
      facts: [{ kind: "nothing-to-drain" }],
    });
  const filmG = Math.min(totalG(bath), totalG(vessel.batch) * context.draw("draining film"));
  const film = portion(bath, filmG / totalG(bath));
  return outcome({ ...vessel, batch: add(vessel.batch, film), bath: null }, [hands(step, context, 1)], {
    outputs: [{ to: "drain", contents: subtract(bath, film) }],
  });
}

/** What the house knows of “drain”: settings, defaults, waits, weigh-in and rule. */
export const drainStep = defineStep({
  kind: "drain",
  fields: {},
  usual: {},
  waitsMin: 15,
  weighed: "liquor",
  lines: "before",
  again: true,
  fitsBath: true,
  apply: drain,
});
