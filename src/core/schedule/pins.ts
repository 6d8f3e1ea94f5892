import type { Supper } from "../dish/dish";
import type { StepKey } from "../process/log";
import type { Task, TaskId, TaskNet } from "./task";

/** The task without the place where the cook holds it. */
export function free({ notBefore: _from, notAfter: _to, ...task }: Task): Task {
  void [_from, _to];
  return task;
}
/** A net in which one task begins at a minute relative to serving, or may move again (null). */
export const heldAt = <N extends TaskNet>({ tasks, ...net }: N, task: TaskId, startMin: number | null): TaskNet => ({
  ...net,
  tasks: tasks.map((t): Task => {
    if (t.id !== task) return t;
    return startMin === null ? free(t) : { ...t, notBefore: startMin, notAfter: startMin };
  }),
});

/** The supper with a step held where it begins, at so many minutes relative to serving; null lets it move again. */
export function withPin<S extends Pick<Supper, "pins" | "serveAt">>(
  supper: S,
  step: StepKey,
  startMin: number | null,
): S {
  const others = Object.entries(supper.pins).filter(([key]) => key !== step);
  const at = startMin === null ? null : new Date(Date.parse(supper.serveAt) + startMin * 60_000).toISOString();
  return { ...supper, pins: Object.fromEntries(at === null ? others : [...others, [step, at]]) };
}
