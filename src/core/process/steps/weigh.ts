import { add, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, together } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type WeighStep = StepWith<"weigh", Record<never, Field>>;

/** Open, weigh: what is named goes into the vessel. Without a line it takes no time, and says so. */
function weigh(vessel: Vessel, step: WeighStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const after = { ...vessel, batch: add(vessel.batch, together(came.value)) };
  if (totalG(after.batch) <= 0) return outcome(after, [hands(step, context, 0)], { facts: [{ kind: "nothing-in" }] });
  return outcome(after, [hands(step, context, 1 + step.adds.length / 2)], { inputs: came.value });
}

/** What the house knows of “weigh”: settings, defaults, waits, weigh-in and rule. */
export const weighStep = defineStep({
  kind: "weigh",
  fields: {},
  usual: {},
  waitsMin: null,
  weighed: "addition",
  addsAround: true,
  fitsBath: true,
  apply: weigh,
});
