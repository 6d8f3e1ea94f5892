import { type Lag, SERVE, type Task, type TaskId } from "./task";

/** What a supper takes with nothing in the way: its longest chain of tasks, in the order in which they are done. */
export interface LongestChain {
  /** From the first of them to the table. */
  readonly minutes: number;
  readonly tasks: readonly Task[];
}

/**
 * The least minutes from the first task to the table: the longest chain of tasks and the waits between them. A clock with one cook
 * and one oven may need more, never less. A dish that comes later is counted from its own time.
 */
export function longestChain(tasks: readonly Task[], lags: readonly Lag[]): LongestChain {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const after = new Map<TaskId, Lag[]>();
  for (const lag of lags) after.set(lag.from, [...(after.get(lag.from) ?? []), lag]);
  const known = new Map<TaskId, { readonly minutes: number; readonly next: TaskId | null }>();
  const toTable = (id: TaskId): number => {
    if (id === SERVE) return 0;
    const found = known.get(id);
    if (found !== undefined) return found.minutes;
    const own = byId.get(id)?.minutes ?? 0;
    // A task on its own way to itself would never end; the plan makes none.
    known.set(id, { minutes: own, next: null });
    let best: { readonly rest: number; readonly next: TaskId | null } = { rest: 0, next: null };
    for (const lag of after.get(id) ?? []) {
      const rest = Math.max(0, lag.minMin) + toTable(lag.to) - (lag.to === SERVE ? (lag.afterMin ?? 0) : 0);
      if (rest > best.rest || best.next === null) best = { rest, next: lag.to };
    }
    known.set(id, { minutes: own + best.rest, next: best.next });
    return own + best.rest;
  };
  const first = tasks.reduce<Task | null>((f, t) => (f === null || toTable(t.id) > toTable(f.id) ? t : f), null);
  const chain: Task[] = [];
  for (let at = first; at !== null; at = byId.get(known.get(at.id)?.next ?? SERVE) ?? null) chain.push(at);
  return { minutes: first === null ? 0 : toTable(first.id), tasks: chain };
}
