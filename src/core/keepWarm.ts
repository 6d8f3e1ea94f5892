import { addStep, editDish, freeId } from "./dish/edit";
import type { Supper } from "./dish/dish";
import { judge } from "./judge";
import { type Plan, plan, type PlanInput } from "./plan";
import { stepKey } from "./process/log";
import { newStep, type Step } from "./process/registry";
import { type Memory, newMemory } from "./quantities/memory";
import { heldPoints, KEEPS_WARM, type KeepsWarm, lossOf } from "./schedule/loss";
import { scheduleQuestion } from "./schedule/question";
import { tryOut } from "./schedule/schedule";
import type { Stretched } from "./schedule/stretch";
import type { TaskId } from "./schedule/task";
import { besides } from "./schedule/taken";
import { rowsOf } from "./schedule/work";
import type { TimedTools } from "./timed";

/** A long wait of which something is made: kept warm, or heated again at its end, instead of left on the worktop. */
export interface KeptWarm {
  /** The task whose food waits. */
  readonly from: TaskId;
  readonly how: KeepsWarm;
  /** So long it is kept, or takes to heat again. */
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
/** Of each wait so many ways are told, those that cost least. */
const MOST_EACH = 2;
/** A try takes such a part of the clock's budget. */
const SHARE = 12;
/** So much of the wait is the way into the oven and out of it, minutes. */
const IN_AND_OUT_MIN = 2;

/**
 * What becomes of waits that are longer than they should be when the food is kept warm meanwhile, or heated again: a step of its own,
 * with the oven, the burner and the hands that it takes, put on the clock. Only what costs less than it does now, and is as safe, is told.
 */
export function keepWarmWays(input: PlanInput, stretched: readonly Stretched[], tools: TimedTools = {}): KeptWarm[] {
  const memory = tools.memory ?? newMemory();
  const planned = plan(input, { ...tools, memory });
  const pointsNow = stretched.reduce((sum, s) => sum + s.points, 0);
  const stopsNow = stopsOf(input, planned).length;
  const tried = (s: Stretched, how: KeepsWarm): KeptWarm[] => {
    const kept = withKeeping(input, planned, s, how, memory);
    if (kept === null) return [];
    const { supper, minutes, costs } = kept;
    const then = { ...input, supper };
    const made = plan(then, { ...tools, memory });
    const question = besides(scheduleQuestion(made, input.kitchen, supper.serveAt), tools.taken ?? [], supper.serveAt);
    const found = tryOut({ ...question, nodes: Math.ceil(question.nodes / SHARE) });
    if (found.kind !== "fits" || made.blocked > planned.blocked || stopsOf(then, made).length > stopsNow) return [];
    const points = found.stretched.reduce((sum, x) => sum + x.points, 0) + costs;
    if (points > pointsNow - WORTH_POINTS) return [];
    return [{ from: s.from, how, minutes, pointsNow, points, startMin: found.startMin, supper }];
  };
  return stretched
    .filter((s) => s.points >= WORTH_POINTS)
    .slice(0, MOST)
    .flatMap((s) =>
      KEEPS_WARM.flatMap((how) => tried(s, how))
        .sort((a, b) => a.points - b.points)
        .slice(0, MOST_EACH),
    );
}
const stopsOf = (input: PlanInput, planned: Plan) => judge(input, planned, null).filter((c) => c.severity === "stop");

/** The supper with a step after this task's that keeps its food warm or heats it again; null for what nobody keeps warm. */
function withKeeping(
  { supper, kitchen, ...input }: PlanInput,
  { tasks, dishes }: Plan,
  { from, waitsMin }: Stretched,
  how: KeepsWarm,
  memory: Memory,
): { readonly supper: Supper; readonly minutes: number; readonly costs: number } | null {
  const key = tasks.find((t) => t.id === from)?.step;
  const row = rowsOf({ dishes } as Plan).find((r) => r.key === key);
  const dish = supper.dishes.find((d) => row !== undefined && stepKey(d.id, row.step.id) === key);
  const keptMin = waitsMin - IN_AND_OUT_MIN;
  if (row?.state !== "computed" || dish === undefined || keptMin < 1) return null;
  const { kind, id } = row.step;
  const loss = lossOf(kind);
  // Cold food stays cold, what is kept warm already goes on, and nothing stays crisp where its steam stays.
  if (loss === "fresh" || kind === "hold" || row.outcome.after.batch.tempC < HOT_C) return null;
  if (loss === "crisp" && (how === "water-bath" || how === "lid")) return null;
  const added = (step: Step) => editDish(supper, dish.id, (d) => addStep(d, row.part, step, id));
  if (how !== "reheat") {
    const hold = { ...newStep("hold", freeId(dish, `${row.part}-hold`)), minutes: keptMin, where: how } as const;
    return { supper: added(hold), minutes: keptMin, costs: heldPoints(kind, how, keptMin) };
  }
  // As long as it takes from as cold as it has become by then.
  for (const minutes of REHEAT_MIN) {
    const again = {
      ...newStep("reheat", freeId(dish, `${row.part}-reheat`)),
      minutes,
      where: loss === "crisp" ? "oven" : "hob",
    } as const;
    const changed = added(again);
    const made = rowsOf(plan({ ...input, kitchen, supper: changed }, { memory })).find((r) => r.step.id === again.id);
    if (made?.state !== "computed" || minutes > keptMin) return null;
    if (!made.outcome.facts.some((f) => f.kind === "core-short"))
      return { supper: changed, minutes, costs: heldPoints(kind, how, keptMin) };
  }
  return null;
}
/** Minutes of heating again that are tried. */
const REHEAT_MIN = [4, 6, 8, 10, 15, 20, 30] as const;
/** Colder food is warmed up, not kept warm: 60 °C, as the rule of the danger zone has it. */
const HOT_C = 60;
