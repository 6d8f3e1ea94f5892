import type { StepContext, Vessel } from "../ledger";
import type { SeasonStep } from "../step";
import { type Applied, filled, hands, outcome, saltUpTo } from "./common";

/** Season: what is named, then salt up to the target by mass balance. */
export function season(vessel: Vessel, step: SeasonStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch: mixed, came } = full.value;
  const salted = saltUpTo(mixed, step.saltTo);
  if (!salted.ok) return salted;
  return outcome({ ...vessel, batch: salted.value.contents }, [hands(step, context, 2)], {
    came: [...came, ...salted.value.came],
    facts: salted.value.facts,
  });
}
