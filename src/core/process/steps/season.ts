import { add, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { SeasonStep } from "../step";
import { type Applied, broughtBy, hands, outcome, saltUpTo, together } from "./common";

/** Season: what is named, then salt up to the target by mass balance. */
export function season(vessel: Vessel, step: SeasonStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const mixed = add(vessel.batch, together(came.value));
  if (totalG(mixed) <= 0) return { ok: false, failure: { kind: "empty-vessel" } };
  const salted = saltUpTo(mixed, step.saltTo);
  if (!salted.ok) return salted;
  return outcome({ ...vessel, batch: salted.value.contents }, [hands(step, context, 2)], {
    came: [...came.value, ...salted.value.came],
    facts: salted.value.facts,
  });
}
