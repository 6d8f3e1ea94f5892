import { portion, subtract, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type SortStep = StepWith<"sort", Record<never, Field>>;

/** Sort: pulses, seeds or greens are looked over, and what does not belong goes. */
function sort(vessel: Vessel, step: SortStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const out = portion(batch, context.draw("sorted out"));
  return outcome({ ...vessel, batch: subtract(batch, out) }, [hands(step, context, 1 + totalG(batch) / 200)], {
    inputs: came,
    outputs: [{ to: "sorted", contents: out }],
    facts: [{ kind: "rule-of-thumb", what: "loss" }],
  });
}

/** What the house knows of “sort”: settings, defaults, waits, weigh-in and rule. */
export const sortStep = defineStep({
  kind: "sort",
  fields: {},
  usual: {},
  waitsMin: null,
  weighed: null,
  fitsBath: true,
  apply: sort,
});
