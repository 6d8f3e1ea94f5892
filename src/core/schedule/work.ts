import type { DishId, PartId } from "../process/step";
import type { Plan } from "../plan";
import { entryPhase } from "../process/ledger";
import type { StepKey } from "../process/log";
import type { Row } from "../process/row";
import type { Schedule } from "./schedule";
import type { Task, TaskId } from "./task";

/** A step on its day: when it begins, its row, and where it belongs. Minutes relative to serving. */
export interface Move {
  readonly key: StepKey;
  /** With which it begins. */
  readonly task: TaskId;
  readonly startMin: number;
  readonly minutes: number;
  readonly handsMin: number;
  readonly row: Extract<Row, { state: "computed" }>;
  readonly part: PartId;
  readonly dish: DishId;
}

/**
 * Steps in the order in which they begin; ties by the order of the dish. Without a plan in time they come in the order of
 * the dish. Blocked steps have no minutes and are left out.
 */
export function orderOfWork(plan: Plan, schedule: Schedule | null): Move[] {
  const byStep = new Map<StepKey, Task[]>();
  for (const task of plan.tasks.filter((t) => t.heatsOvenTo === undefined))
    byStep.set(task.step, [...(byStep.get(task.step) ?? []), task]);
  const moves: Move[] = [];
  for (const dish of plan.dishes)
    for (const part of dish.parts)
      for (const row of part.rows) {
        const tasks = byStep.get(row.key);
        if (row.state !== "computed" || !tasks) continue;
        const first = (tasks[entryPhase(row.outcome.phases)] ?? tasks[0]) as Task;
        moves.push({
          key: row.key,
          task: first.id,
          startMin: schedule?.kind === "fits" ? (schedule.starts[first.id] ?? 0) : 0,
          minutes: tasks.reduce((m, t) => m + t.minutes, 0),
          handsMin: tasks.reduce((m, t) => (t.kind === "hands" ? m + t.minutes : m), 0),
          row,
          part: part.name,
          dish: dish.name,
        });
      }
  return moves
    .map((m, i) => ({ m, i }))
    .sort((a, b) => a.m.startMin - b.m.startMin || a.i - b.i)
    .map(({ m }) => m);
}

/** Steps whose result this one takes up: the one before it in its part, the last of each part that joins, and whose liquor goes in. */
export function takesUp(plan: Plan, row: Row): StepKey[] {
  const dish = plan.dishes.find((d) => d.parts.some((p) => p.rows.some((r) => r.key === row.key)));
  const parts = dish?.parts ?? [];
  const mine = parts.find((p) => p.rows.some((r) => r.key === row.key));
  const before = mine?.rows[mine.rows.findIndex((r) => r.key === row.key) - 1];
  const joined = row.step.adds.flatMap((l) =>
    l.kind === "part"
      ? [parts.find((p) => p.id === l.part)?.rows.at(-1)]
      : l.kind === "liquor"
        ? [parts.flatMap((p) => p.rows).find((r) => r.step.id === l.step)]
        : [],
  );
  // What was done on another day waits for nobody.
  return [before, ...joined].flatMap((r) => (r && !r.step.ready ? [r.key] : []));
}

/** Every row of a plan, in the order of the dishes. */
export const rowsOf = (plan: Plan): Row[] => plan.dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows]));
