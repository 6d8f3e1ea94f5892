import type { StepKey } from "../process/log";
import { type Lag, SERVE, type Task } from "./task";

/** Tasks and lags of a plan, whatever else it holds. */
interface Net {
  readonly tasks: readonly Task[];
  readonly lags: readonly Lag[];
}

/**
 * How long the result of each step waits, by the clock, until it is taken up: by the next step of its part, by another
 * part, or by the table. Of several the longest counts: the last share stands longest.
 *
 * @param starts of every task, minutes relative to serving
 * @returns minutes by step; steps that nothing waits for are missing
 */
export function waitsBetween({ tasks, lags }: Net, starts: Readonly<Record<string, number>>): Map<StepKey, number> {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const waits = new Map<StepKey, number>();
  for (const { from, to, afterMin } of lags) {
    const [before, after] = [byId.get(from), byId.get(to)];
    if (before === undefined || before.step === after?.step) continue;
    const takenUpAt = to === SERVE ? (afterMin ?? 0) : starts[to];
    const start = starts[from];
    if (takenUpAt === undefined || start === undefined) continue;
    const wait = takenUpAt - (start + before.minutes);
    waits.set(before.step, Math.max(wait, waits.get(before.step) ?? 0));
  }
  return waits;
}
