import { batchesFor, madeOnce, type SharedBatch } from "./dish/batches";
import type { Supper } from "./dish/dish";
import { judge } from "./judge";
import { type Plan, plan, type PlanInput } from "./plan";
import { newMemory } from "./quantities/memory";
import { scheduleQuestion } from "./schedule/question";
import { type Schedule, tryOut } from "./schedule/schedule";
import { besides } from "./schedule/taken";
import { rowsOf } from "./schedule/work";
import type { TimedTools } from "./timed";

/** A batch made once for two suppers, tried: what it saves, and both suppers with it. */
export interface OneBatch {
  readonly batch: SharedBatch;
  /** The supper that is eaten first and makes it, and the one that takes its share. */
  readonly first: Supper;
  readonly later: Supper;
  /** Hands-on minutes of both together that nobody spends. */
  readonly savesMin: number;
  /** When each begins, minutes relative to its serving time, as it is and with the batch. */
  readonly laterStartMin: { readonly before: number; readonly after: number };
  readonly firstStartMin: { readonly before: number; readonly after: number };
}
/** Saving less than this of hands, or of beginning early, is not worth a box in the fridge, minutes. */
const WORTH_HANDS_MIN = 4;
const WORTH_EARLIER_MIN = 30;
const MOST = 3;
/** A try takes such a part of the clock's budget. */
const SHARE = 24;

/**
 * What suppers that are eaten before could make along with their own: steps that are done alike, once and for both. Each is planned
 * and put on the clock at both; what is not as safe as before, does not fit, or saves nothing is left out.
 *
 * @param others suppers that nobody has begun to cook
 */
export function oneBatchWays(input: PlanInput, others: readonly Supper[], tools: TimedTools = {}): OneBatch[] {
  const memory = tools.memory ?? newMemory();
  const at = (supper: Supper, taken = NOTHING): Put => {
    const asked = { ...input, supper, log: [] };
    const planned = plan(asked, { memory });
    const question = besides(scheduleQuestion(planned, input.kitchen, supper.serveAt), taken, supper.serveAt);
    return { asked, planned, schedule: tryOut({ ...question, nodes: Math.ceil(question.nodes / SHARE) }) };
  };
  const { supper: later } = input;
  const candidates = others.flatMap((first) => batchesFor(first, later).map((batch) => ({ first, batch })));
  if (candidates.length === 0) return [];
  const laterBefore = at(later, tools.taken);
  return candidates
    .flatMap(({ first, batch }): OneBatch[] => {
      const made = madeOnce(first, later, batch);
      const firstBefore = at(first);
      const firstAfter = at(made.first);
      const laterAfter = at(made.later, tools.taken);
      if (!isAsGood(firstBefore, firstAfter) || !isAsGood(laterBefore, laterAfter)) return [];
      const savesMin = handsOf(firstBefore) + handsOf(laterBefore) - handsOf(firstAfter) - handsOf(laterAfter);
      const laterStartMin = { before: startOf(laterBefore), after: startOf(laterAfter) };
      const isWorth = savesMin >= WORTH_HANDS_MIN || laterStartMin.after - laterStartMin.before >= WORTH_EARLIER_MIN;
      if (!isWorth) return [];
      const firstStartMin = { before: startOf(firstBefore), after: startOf(firstAfter) };
      return [{ batch, ...made, savesMin, laterStartMin, firstStartMin }];
    })
    .sort((a, b) => b.savesMin - a.savesMin)
    .slice(0, MOST);
}
const NOTHING: NonNullable<TimedTools["taken"]> = [];

/** A supper planned and put on the clock. */
interface Put {
  readonly asked: PlanInput;
  readonly planned: Plan;
  readonly schedule: Schedule;
}
/** With it everything can be computed that could before, it still fits the clock and the pots, and nothing unsafe came. */
function isAsGood(before: Put, after: Put): boolean {
  const stops = ({ asked, planned, schedule }: Put) =>
    judge(asked, planned, schedule).filter((c) => c.severity === "stop").length;
  return (
    after.planned.blocked <= before.planned.blocked &&
    after.schedule.kind === "fits" &&
    overfull(after) <= overfull(before) &&
    stops(after) <= stops(before)
  );
}
/** Pots, bowls and tins that are filled above their line. */
const overfull = ({ planned }: Put): number =>
  rowsOf(planned).filter((r) => r.state === "computed" && r.outcome.facts.some((f) => f.kind === "fill" && f.share > 1))
    .length;
const handsOf = ({ planned }: Put): number =>
  planned.tasks.reduce((sum, t) => (t.kind === "hands" ? sum + t.minutes : sum), 0);
const startOf = ({ schedule }: Put): number => (schedule.kind === "fits" ? schedule.startMin : 0);
