import type { Plan } from "@/core/plan";
import { entryPhase } from "@/core/process/ledger";
import type { Row } from "@/core/process/replay";
import type { Schedule } from "@/core/schedule/schedule";
import type { Task } from "@/core/schedule/task";
import { STEP_NAMES } from "./words";

/** A step on its day: when it begins, its row and the words for it. Minutes relative to serving. */
export interface Move {
  readonly key: string;
  readonly startMin: number;
  readonly minutes: number;
  readonly handsMin: number;
  readonly row: Extract<Row, { state: "computed" }>;
  readonly part: string;
  readonly dish: string;
  readonly title: string;
}

/** Steps in the order in which they begin; ties by the order of the dish. */
export function movesOf(plan: Plan, schedule: Schedule | null): Move[] {
  const byStep = new Map<string, Task[]>();
  for (const task of plan.tasks) byStep.set(task.step, [...(byStep.get(task.step) ?? []), task]);
  const moves: Move[] = [];
  for (const dish of plan.dishes)
    for (const part of dish.parts)
      for (const row of part.rows) {
        const tasks = byStep.get(row.key);
        if (row.state !== "computed" || !tasks) continue;
        const first = (tasks[entryPhase(row.outcome.phases)] ?? tasks[0]) as Task;
        moves.push({
          key: row.key,
          startMin: schedule?.kind === "fits" ? (schedule.starts[first.id] ?? 0) : 0,
          minutes: tasks.reduce((m, t) => m + t.minutes, 0),
          handsMin: tasks.reduce((m, t) => (t.kind === "hands" ? m + t.minutes : m), 0),
          row,
          part: part.name,
          dish: dish.name,
          title: `${STEP_NAMES[row.step.kind]} · ${part.name}`,
        });
      }
  return moves
    .map((m, i) => ({ m, i }))
    .sort((a, b) => a.m.startMin - b.m.startMin || a.i - b.i)
    .map(({ m }) => m);
}
