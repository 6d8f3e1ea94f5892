import { type Lag, SERVE, type Task, type TaskId } from "../schedule/task";

/**
 * The least minutes from the first task to the table, with nothing in the way: the longest chain of tasks and the waits between
 * them. A clock with one cook and one oven may need more, never less.
 */
export function leadMinutes(tasks: readonly Task[], lags: readonly Lag[]): number {
  const minutes = new Map(tasks.map((t) => [t.id, t.minutes]));
  const after = new Map<TaskId, Lag[]>();
  for (const lag of lags) after.set(lag.from, [...(after.get(lag.from) ?? []), lag]);
  const known = new Map<TaskId, number>([[SERVE, 0]]);
  const toTable = (id: TaskId): number => {
    const found = known.get(id);
    if (found !== undefined) return found;
    // A task on its own way to itself would never end; the plan makes none.
    known.set(id, minutes.get(id) ?? 0);
    let rest = 0;
    for (const lag of after.get(id) ?? []) rest = Math.max(rest, Math.max(0, lag.minMin) + toTable(lag.to));
    const whole = (minutes.get(id) ?? 0) + rest;
    known.set(id, whole);
    return whole;
  };
  return tasks.reduce((most, t) => Math.max(most, toTable(t.id)), 0);
}
