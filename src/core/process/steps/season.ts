import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, saltUpTo } from "./common";
import { defineStep, saltTo, type StepWith } from "../descriptor";

const FIELDS = { saltTo } as const;
type SeasonStep = StepWith<"season", typeof FIELDS>;

/** Season: what is named, then salt up to the target by mass balance. */
function season(vessel: Vessel, step: SeasonStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch: mixed, came } = full.value;
  const salted = saltUpTo(mixed, step.saltTo);
  if (!salted.ok) return salted;
  return outcome({ ...vessel, batch: salted.value.contents }, [hands(step, context, 2)], {
    inputs: [...came, ...salted.value.came],
    facts: salted.value.facts,
  });
}

/** What the house knows of “season”: settings, defaults, waits, weigh-in and rule. */
export const seasonStep = defineStep({
  kind: "season",
  fields: FIELDS,
  usual: { saltTo: null },
  waitsMin: 60,
  weighed: "addition",
  apply: season,
});
