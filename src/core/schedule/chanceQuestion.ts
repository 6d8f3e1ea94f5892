import type { Plan } from "../plan";
import type { StepKey } from "../process/log";
import type { Row } from "../process/row";
import type { Ranges } from "../sampling";
import { type ChanceQuestion, type Duration, durationOf } from "./chance";
import type { Schedule } from "./schedule";
import { rowsOf } from "./work";

/** A planned supper as the question of how likely it is in time: its durations are those of the ranges on the Bench. */
export function chanceQuestion(
  plan: Pick<Plan, "tasks" | "lags" | "apart" | "dishes">,
  schedule: Extract<Schedule, { kind: "fits" }>,
  ranges: Ranges,
  capacities: ChanceQuestion["capacities"],
): ChanceQuestion {
  const rows = new Map<StepKey, Row>(rowsOf(plan as Plan).map((r) => [r.key, r]));
  const durations = new Map<string, Duration>();
  for (const task of plan.tasks) {
    const row = rows.get(task.step);
    if (row?.state !== "computed" || task.heatsOvenTo !== undefined) continue;
    const planned = row.outcome.phases.reduce((m, p) => (p.kind === task.kind ? m + p.minutes : m), 0);
    durations.set(task.id, durationOf(task, planned, ranges[task.step]?.[task.kind] ?? null, row.outcome.facts));
  }
  return { tasks: plan.tasks, lags: plan.lags, apart: plan.apart, capacities, starts: schedule.starts, durations };
}
