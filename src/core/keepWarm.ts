import { addStep, editDish, freeId } from "./dish/edit";
import type { Supper } from "./dish/dish";
import { judge } from "./judge";
import { type Plan, plan, type PlanInput } from "./plan";
import { stepKey } from "./process/log";
import { newStep, type Step } from "./process/registry";
import { newMemory } from "./quantities/memory";
import { heldPointsPerMin, lossOf } from "./schedule/loss";
import { scheduleQuestion } from "./schedule/question";
import { tryOut } from "./schedule/schedule";
import type { Stretched } from "./schedule/stretch";
import type { TaskId } from "./schedule/task";
import { besides } from "./schedule/taken";
import { rowsOf } from "./schedule/work";
import type { TimedTools } from "./timed";

/** A long wait spent in a low oven instead of on the worktop. */
export interface KeptWarm {
  /** The task whose food waits. */
  readonly from: TaskId;
  readonly minutes: number;
  /** Points of bite that all waits of the supper cost now, and with this one kept warm. */
  readonly pointsNow: number;
  readonly points: number;
  /** When the supper begins then, minutes relative to serving. */
  readonly startMin: number;
  readonly supper: Supper;
}
/** A wait that costs less is not worth the oven. */
const WORTH_POINTS = 0.1;
const MOST = 4;
/** A try takes such a part of the clock's budget. */
const SHARE = 12;
/** So much of the wait is the way into the oven and out of it, minutes. */
const IN_AND_OUT_MIN = 2;

/**
 * What becomes of waits that are longer than they should be when the food is kept warm meanwhile: a step of its own, with the oven and
 * the hands that it takes, put on the clock. Only what costs less than it does now, and is as safe, is told.
 */
export function keepWarmWays(input: PlanInput, stretched: readonly Stretched[], tools: TimedTools = {}): KeptWarm[] {
  const memory = tools.memory ?? newMemory();
  const planned = plan(input, { ...tools, memory });
  const pointsNow = stretched.reduce((sum, s) => sum + s.points, 0);
  const stopsNow = stopsOf(input, planned).length;
  return stretched
    .filter((s) => s.points >= WORTH_POINTS)
    .slice(0, MOST)
    .flatMap((s): KeptWarm[] => {
      const minutes = s.waitsMin - IN_AND_OUT_MIN;
      const held = withHold(input.supper, planned, s.from, minutes);
      if (held === null) return [];
      const { supper, rate } = held;
      const then = { ...input, supper };
      const made = plan(then, { ...tools, memory });
      const question = besides(
        scheduleQuestion(made, input.kitchen, supper.serveAt),
        tools.taken ?? [],
        supper.serveAt,
      );
      const found = tryOut({ ...question, nodes: Math.ceil(question.nodes / SHARE) });
      if (found.kind !== "fits" || made.blocked > planned.blocked || stopsOf(then, made).length > stopsNow) return [];
      const points = found.stretched.reduce((sum, x) => sum + x.points, 0) + minutes * rate;
      if (points > pointsNow - WORTH_POINTS) return [];
      return [{ from: s.from, minutes, pointsNow, points, startMin: found.startMin, supper }];
    });
}
const stopsOf = (input: PlanInput, planned: Plan) => judge(input, planned, null).filter((c) => c.severity === "stop");

/** The supper with a step after this task's that keeps its food warm; null for what nobody keeps warm. */
function withHold(
  supper: Supper,
  { tasks, dishes }: Plan,
  from: TaskId,
  minutes: number,
): { readonly supper: Supper; readonly rate: number } | null {
  const key = tasks.find((t) => t.id === from)?.step;
  const row = rowsOf({ dishes } as Plan).find((r) => r.key === key);
  const dish = supper.dishes.find((d) => row !== undefined && stepKey(d.id, row.step.id) === key);
  if (row?.state !== "computed" || dish === undefined || minutes < 1) return null;
  const loss = lossOf(row.step.kind);
  // Cold food stays cold, and what is kept warm already goes on.
  if (loss === "fresh" || row.step.kind === "hold" || row.outcome.after.batch.tempC < HOT_C) return null;
  const hold = { ...newStep("hold", freeId(dish, `${row.part}-hold`)), minutes } as Step;
  return {
    supper: editDish(supper, dish.id, (d) => addStep(d, row.part, hold, row.step.id)),
    rate: heldPointsPerMin(row.step.kind),
  };
}
/** Colder food is warmed up, not kept warm: 60 °C, as the rule of the danger zone has it. */
const HOT_C = 60;
