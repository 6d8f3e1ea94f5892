import type { StepKey } from "../process/log";
import type { Row } from "../process/row";
import { ownWarmMin, standsWarm, warmMinutes } from "../process/warmth";
import type { Computed, Warmth } from "./rule";

/** Minutes in the warm of each step. */
export type WarmthOf = (row: Computed) => Warmth;

/**
 * What the rules see of the minutes in the warm. By the clock the wait after a step is the planned one; without a clock the
 * one that the cook allows, which counts for the caution alone and not for what follows.
 */
export function warmthOf(parts: readonly (readonly Row[])[], waits: ReadonlyMap<StepKey, number> | null): WarmthOf {
  const minutes = warmMinutes(parts, waits);
  return (row) => {
    const afterStepMin = minutes.get(row) ?? 0;
    const waitMin = waits === null ? row.step.mayWaitMin : (waits.get(row.key) ?? null);
    return {
      afterStepMin,
      ownMin: ownWarmMin(row.outcome),
      afterWaitMin: waitMin === null || !standsWarm(row.outcome) ? null : afterStepMin + waitMin,
      waitIs: waits === null ? "wait" : "clock",
    };
  };
}
