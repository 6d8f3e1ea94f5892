import type { Supper, SupperId } from "./dish/dish";
import { type Kitchen, netWatts } from "./household/kitchen";
import { type BurnerChoice, type Plan, plan, type PlanInput, type PlanTools } from "./plan";
import type { StepKey } from "./process/log";
import { burnersOf } from "./schedule/burners";
import { capacitiesOf } from "./schedule/capacities";
import { scheduleQuestion } from "./schedule/question";
import { type Schedule, schedule, tryOut } from "./schedule/schedule";
import { besides, type Taken, takenBy } from "./schedule/taken";
import { rowsOf } from "./schedule/work";

/** A plan with its times, and the burners that its steps were given; none where each has the strongest, or no times were found. */
export interface Timed {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly burners: BurnerChoice;
}
/** Which of two plans is cheaper is seen on such a part of the clock's budget. */
const SHARE = 12;
/** What a caller may pass in beside the input of a plan with times. */
export interface TimedTools extends PlanTools {
  /** What others have of the kitchen. */
  readonly taken?: readonly Taken[];
}
/** Nobody cooks more suppers in the days that a plan may reach back; and so many answers are kept. */
const MOST_EARLIER = 8;
const MOST_KNOWN = 60;
/** A step is slowed down by a burner when it takes so much longer on it, minutes. */
const SLOWER_MIN = 0.5;

/**
 * Plan and times of a supper, each step with the minutes of the burner that it stands on. Planned on the strongest burner first; where
 * two want it at once, either one takes a weaker one and its minutes, or it waits: what costs less is taken.
 */
export function timedPlan(input: PlanInput, tools: TimedTools = {}): Timed {
  const planned = plan(input, tools);
  const { kitchen, supper } = input;
  const ask = (made: Plan) =>
    besides(scheduleQuestion(made, kitchen, supper.serveAt), tools.taken ?? [], supper.serveAt);
  const first = schedule(ask(planned));
  const asFirst: Timed = { plan: planned, schedule: first, burners: {} };
  if (first.kind !== "fits" || !hasWeaker(kitchen)) return asFirst;
  const stands = burnersOf(planned, first, kitchen);
  const strong = strongestOf(kitchen);
  const isWeak = (id: string | undefined) => !strong.some((b) => b.id === id);
  const hot = slowedSteps(input, planned, tools).filter((step) => stands.has(step));
  if (!hot.some((step) => isWeak(stands.get(step)))) return asFirst;
  const on = (choose: (step: StepKey) => string): BurnerChoice => Object.fromEntries(hot.map((s) => [s, choose(s)]));
  const strongest = strong[0]?.id ?? "";
  const given = [
    on((step) => stands.get(step) ?? strongest),
    on((step) => (isWeak(stands.get(step)) ? strongest : (stands.get(step) as string))),
  ];
  const found = given.flatMap((burners) => {
    const made = plan(input, { ...tools, burners });
    if (made.blocked > planned.blocked) return [];
    const question = ask(made);
    const at = tryOut({ ...question, nodes: Math.ceil(question.nodes / SHARE) });
    return [{ plan: made, schedule: at, burners, costs: at.kind === "fits" ? costOf(at, kitchen) : Infinity }];
  });
  const best = found.reduce<(typeof found)[number] | null>((a, b) => (a !== null && a.costs <= b.costs ? a : b), null);
  if (best === null) return asFirst;
  return {
    plan: best.plan,
    schedule: schedule(ask(best.plan)),
    burners: best.burners,
  };
}

/** A supper among those of its week. */
export interface TimedAmong extends Timed {
  /** What suppers before it have of the kitchen. */
  readonly taken: readonly Taken[];
  /** Suppers before it that have something of the kitchen while this one is made. */
  readonly beside: readonly SupperId[];
}
/**
 * The same for a supper of a week: what suppers before it take of the kitchen is not there for it. The one that is eaten first is
 * planned first.
 *
 * @param earlier suppers that are eaten before it, in any order
 * @param known what was found before, by every input: for whoever asks again and again
 */
export function timedAmong(
  input: PlanInput,
  earlier: readonly Supper[],
  tools: TimedTools = {},
  known: Map<string, Timed> = new Map(),
): TimedAmong {
  const inOrder = earlier.toSorted((a, b) => (a.serveAt < b.serveAt ? -1 : a.serveAt > b.serveAt ? 1 : 0));
  const { kitchen, foods } = input;
  const shelves = capacitiesOf(kitchen).oven ?? 0;
  const taken: (Taken & { readonly supper: SupperId })[] = [];
  const week = inOrder.slice(-MOST_EARLIER);
  for (const [i, supper] of week.entries()) {
    const key = JSON.stringify([week.slice(0, i + 1), kitchen, foods]);
    const found = known.get(key) ?? timedPlan({ ...input, supper, log: [] }, { ...tools, taken });
    if (known.size > MOST_KNOWN) known.clear();
    known.set(key, found);
    for (const t of takenBy(found.plan, found.schedule, supper.serveAt, shelves))
      taken.push({ ...t, supper: supper.id });
  }
  const own = timedPlan(input, { ...tools, taken });
  const serveMs = Date.parse(input.supper.serveAt);
  const fromMs = own.schedule.kind === "fits" ? serveMs + own.schedule.startMin * 60_000 : serveMs;
  return { ...own, taken, beside: [...new Set(taken.filter((t) => t.to > fromMs).map((t) => t.supper))] };
}

/** Steps that the weakest burner of the kitchen slows down, or cannot do. */
function slowedSteps(input: PlanInput, planned: Plan, tools: PlanTools): readonly StepKey[] {
  const weakest = input.kitchen.burners.reduce((a, b) => (netWatts(b) < netWatts(a) ? b : a));
  const fast = minutesOf(planned);
  const tooWeak = new Set<StepKey>();
  for (;;) {
    const open = [...fast.keys()].filter((step) => !tooWeak.has(step));
    const slow = plan(input, { ...tools, burners: Object.fromEntries(open.map((step) => [step, weakest.id])) });
    const blocked = rowsOf(slow).filter((r) => r.state === "blocked" && fast.has(r.key));
    // What cannot be done on it holds up what follows: it keeps the strongest, and the rest is looked at again.
    if (blocked.length > 0) {
      for (const row of blocked) tooWeak.add(row.key);
      continue;
    }
    const then = minutesOf(slow);
    return [...fast].flatMap(([step, minutes]) =>
      tooWeak.has(step) || (then.get(step) ?? 0) > minutes + SLOWER_MIN ? [step] : [],
    );
  }
}

const hasWeaker = ({ burners }: Kitchen): boolean => new Set(burners.map(netWatts)).size > 1;
/** The burners with the most heat. */
const strongestOf = ({ burners }: Kitchen): readonly Kitchen["burners"][number][] => {
  const most = Math.max(...burners.map(netWatts));
  return burners.filter((b) => netWatts(b) === most);
};
/** Minutes of each step that is computed. */
const minutesOf = (planned: Plan): ReadonlyMap<StepKey, number> =>
  new Map(
    rowsOf(planned).flatMap((row) =>
      row.state === "computed" ? [[row.key, row.outcome.phases.reduce((m, p) => m + p.minutes, 0)] as const] : [],
    ),
  );
/** Loss and minutes of beginning earlier as one sum, minutes. */
const costOf = (found: Extract<Schedule, { kind: "fits" }>, { pointMin }: Kitchen): number =>
  found.stretched.reduce((sum, s) => sum + s.points, 0) * pointMin - found.startMin;
