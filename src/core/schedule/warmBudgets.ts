import type { ReplayedPart, Row } from "../process/row";
import { DANGER_ZONE, ownWarmMin, standsWarm, warmAfter, warmLimitMin } from "../process/warmth";
import { type Lag, SERVE, type TaskId, type WaitBudget } from "./task";

type Computed = Extract<Row, { state: "computed" }>;
/** A way that food takes from its first step to one that heats it all through, or to the table. */
interface Way {
  readonly lags: readonly WaitBudget["lags"][number][];
  readonly ownMin: number;
}

/**
 * Warm minutes that add up along each way through a dish: what it stands between its steps and in them together stays within the
 * limit. Waits that the cook allows are left out, the judgement tells when they break the rule; so is a way whose steps alone are
 * over it.
 *
 * @param tasks first and last task of a step
 */
export function warmBudgets(
  parts: readonly ReplayedPart[],
  lags: readonly Lag[],
  roomC: number,
  tasks: { readonly first: (row: Computed) => TaskId; readonly last: (row: Computed) => TaskId },
): WaitBudget[] {
  const budgets: WaitBudget[] = [];
  const limit = warmLimitMin(roomC);
  const rows = new Map(parts.map((p) => [p.id, p.rows.filter((r): r is Computed => r.state === "computed")]));
  const waysTo = new Map<string, readonly Way[]>();
  /** Ends a way: a budget where two waits or more share what is left; a single one has its limit in its lag. */
  const close = ({ lags: over, ownMin }: Way) => {
    if (over.length > 1 && ownMin <= limit)
      budgets.push({ lags: over, mostMin: Math.floor(limit - ownMin), rule: DANGER_ZONE.rule });
  };
  const waits = (way: Way, from: Computed, to: TaskId): Way => {
    if (!standsWarm(from.outcome) || from.step.mayWaitMin !== null) return way;
    const lag = lags.find((l) => l.from === tasks.last(from) && l.to === to);
    if (lag === undefined) return way;
    const { afterMin } = lag;
    const wait = { from: lag.from, to: lag.to, ...(afterMin === undefined ? {} : { afterMin }) };
    return { ...way, lags: [...way.lags, wait] };
  };
  const waysOf = (part: string): readonly Way[] => {
    const known = waysTo.get(part);
    if (known !== undefined) return known;
    let ways: readonly Way[] = [{ lags: [], ownMin: 0 }];
    let before: Computed | null = null;
    for (const row of rows.get(part) ?? []) {
      const previous = before;
      if (previous !== null) ways = ways.map((w) => waits(w, previous, tasks.first(row)));
      const joined = row.outcome.inputs.flatMap((c) => (c.from === "part" ? [c.part] : []));
      for (const other of joined) {
        const last = rows.get(other)?.at(-1);
        if (last !== undefined) ways = [...ways, ...waysOf(other).map((w) => waits(w, last, tasks.first(row)))];
      }
      // What is hot all through begins a new count.
      if (warmAfter(row.outcome, limit) < limit) {
        ways.forEach(close);
        ways = [{ lags: [], ownMin: 0 }];
      }
      const own = ownWarmMin(row.outcome);
      ways = ways.map((w) => ({ ...w, ownMin: w.ownMin + own }));
      before = row;
    }
    waysTo.set(part, ways);
    const last = before;
    if (last !== null) ways.map((w) => waits(w, last, SERVE)).forEach(close);
    return ways;
  };
  for (const part of parts) waysOf(part.id);
  return budgets.filter((b, i) => budgets.findIndex((other) => JSON.stringify(other) === JSON.stringify(b)) === i);
}
