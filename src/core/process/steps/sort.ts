import { estimate } from "../../quantities/range";
import { fail } from "../../quantities/result";
import { add, portion, subtract, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { SortStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together } from "./common";

/** Stones, husks and spoilt ones: 0–2 % of dry pulses (engineering estimate). */
const SORTED_OUT = estimate(0, 0.004, 0.02);

/** Sort: pulses, seeds or greens are looked over, and what does not belong goes. */
export function sort(vessel: Vessel, step: SortStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const out = portion(batch, context.draw("sorted out", SORTED_OUT));
  return outcome({ ...vessel, batch: subtract(batch, out) }, [hands(step, context, 1 + totalG(batch) / 200)], {
    came: came.value,
    left: [{ to: "sorted", contents: out }],
    facts: [{ kind: "rule-of-thumb", what: "loss" }],
  });
}
