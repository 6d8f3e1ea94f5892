import type { Supper, SupperId } from "./dish/dish";
import { type Kitchen, netWatts } from "./household/kitchen";
import { type BurnerChoice, type Plan, plan, type PlanInput, type PlanTools } from "./plan";
import type { StepKey } from "./process/log";
import { burnersOf } from "./schedule/burners";
import { capacitiesOf } from "./schedule/capacities";
import { scheduleQuestion } from "./schedule/question";
import { type Schedule, schedule, tryOut } from "./schedule/schedule";
import { asDone, type Task, type TaskId, type Way } from "./schedule/task";
import { besides, type Taken, takenBy } from "./schedule/taken";
import { rowsOf } from "./schedule/work";

/** A plan with its times, and the burners that its steps were given; none where each has the strongest, or no times were found. */
export interface Timed {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly burners: BurnerChoice;
}
/** Which step stands where is decided on such a part of the clock's budget. */
const SHARE = 12;
/** Of two plans that cost the same the one with fewer minutes at the stove is better: so little does one of them cost, points. */
const LONGER_POINTS = 1 / 1200;
/** Burners are of no more kinds than this. */
const MOST_HOBS = 4;
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
 * more want it at once than there are, the solver decides which takes a weaker one and its minutes, and which waits.
 */
export function timedPlan(input: PlanInput, tools: TimedTools = {}): Timed {
  const planned = plan(input, tools);
  const { kitchen, supper } = input;
  const ask = (made: Plan) =>
    besides(scheduleQuestion(made, kitchen, supper.serveAt), tools.taken ?? [], supper.serveAt);
  const first = schedule(ask(planned));
  const asFirst: Timed = { plan: planned, schedule: first, burners: {} };
  if (first.kind !== "fits" || !hasWeaker(kitchen)) return asFirst;
  const hobs = hobsOf(kitchen);
  const stands = burnersOf(planned, first, kitchen);
  const isWeak = (step: StepKey) => !hobs[0]?.burners.some((b) => b === stands.get(step));
  const onHobs = hobs.slice(1).map(({ burners }) => onBurner(input, planned, burners[0] as string, tools));
  const slowest = onHobs.at(-1);
  const hot = [...minutesOf(planned)].flatMap(([step, minutes]) =>
    stands.has(step) && (slowest?.get(step)?.sum ?? Infinity) > minutes + SLOWER_MIN ? [step] : [],
  );
  if (!hot.some(isWeak)) return asFirst;
  const question = ask({ ...planned, tasks: withHobs(planned.tasks, hot, hobs, onHobs) });
  const capacities = { ...question.capacities, ...Object.fromEntries(hobs.map((h) => [h.thing, h.burners.length])) };
  const chosen = tryOut({ ...question, capacities, nodes: Math.ceil(question.nodes / SHARE) });
  const inTurn = Object.fromEntries(hot.map((step) => [step, hobs[0]?.burners[0] as string]));
  const tried =
    chosen.kind === "fits"
      ? [spread(asDone(question.tasks, chosen.ways ?? {}), chosen.starts, hot, hobs), inTurn]
      : [inTurn];
  for (const burners of tried) {
    const made = plan(input, { ...tools, burners });
    const at = made.blocked > planned.blocked ? null : schedule(ask(made));
    if (at?.kind === "fits") return { plan: made, schedule: at, burners };
  }
  return asFirst;
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

/** Burners that heat alike, and what a task asks for that stands on one of them. */
interface Hob {
  readonly thing: string;
  readonly burners: readonly string[];
}
/** The strongest first. */
function hobsOf({ burners }: Kitchen): readonly Hob[] {
  const watts = [...new Set(burners.map(netWatts))].sort((a, b) => b - a).slice(0, MOST_HOBS);
  return watts.map((w) => ({ thing: `hob:${w}`, burners: burners.filter((b) => netWatts(b) === w).map((b) => b.id) }));
}
type OnBurner = ReadonlyMap<StepKey, { readonly sum: number; readonly phases: readonly number[] }>;
/** Minutes of the phases of each step when all stand on this burner; steps that it cannot do are missing. */
function onBurner(input: PlanInput, planned: Plan, burner: string, tools: PlanTools): OnBurner {
  const fast = minutesOf(planned);
  const tooWeak = new Set<StepKey>();
  for (;;) {
    const open = [...fast.keys()].filter((step) => !tooWeak.has(step));
    const slow = plan(input, { ...tools, burners: Object.fromEntries(open.map((step) => [step, burner])) });
    const blocked = rowsOf(slow).filter((r) => r.state === "blocked" && fast.has(r.key));
    // What cannot be done on it holds up what follows: it keeps the strongest, and the rest is looked at again.
    for (const row of blocked) tooWeak.add(row.key);
    if (blocked.length > 0) continue;
    const then = minutesOf(slow);
    return new Map(
      open.map((step) => {
        const phases = slow.tasks.filter((t) => t.step === step && t.heatsOvenTo === undefined).map((t) => t.minutes);
        return [step, { sum: then.get(step) ?? 0, phases }] as const;
      }),
    );
  }
}
/** The tasks of hot steps on the strongest hob, or else on a weaker one with its minutes. */
function withHobs(
  tasks: Plan["tasks"],
  hot: readonly StepKey[],
  hobs: readonly Hob[],
  onHobs: readonly OnBurner[],
): Plan["tasks"] {
  return tasks.map((task): Task => {
    if (!hot.includes(task.step) || task.heatsOvenTo !== undefined) return task;
    const phases = tasks.filter((t) => t.step === task.step && t.heatsOvenTo === undefined);
    const on = ({ thing }: Hob) => ({ ...task.demands, ...(task.demands.burner === undefined ? {} : { [thing]: 1 }) });
    const orElse = onHobs.flatMap((of, i): Way[] => {
      const then = of.get(task.step)?.phases ?? [];
      const minutes = then.length === phases.length ? then[phases.indexOf(task)] : undefined;
      if (minutes === undefined) return [];
      return [{ minutes, demands: on(hobs[i + 1] as Hob), points: (minutes - task.minutes) * LONGER_POINTS }];
    });
    return { ...task, demands: on(hobs[0] as Hob), choice: task.step, ...(orElse.length === 0 ? {} : { orElse }) };
  });
}
/** A burner for each hot step, of the hob that it was given. */
function spread(
  tasks: readonly Task[],
  starts: Readonly<Record<TaskId, number>>,
  hot: readonly StepKey[],
  hobs: readonly Hob[],
): BurnerChoice {
  const free = new Map<string, number>();
  const uses = hot.flatMap((step) => {
    const own = tasks.filter((t) => t.step === step && t.demands.burner !== undefined);
    const hob = hobs.find(({ thing }) => own.some((t) => t.demands[thing] !== undefined));
    const from = Math.min(...own.map((t) => starts[t.id] ?? 0));
    const to = Math.max(...own.map((t) => (starts[t.id] ?? 0) + t.minutes));
    return hob === undefined ? [] : [{ step, hob, from, to }];
  });
  return Object.fromEntries(
    uses
      .sort((a, b) => a.from - b.from)
      .map(({ step, hob, from, to }) => {
        const isFree = (id: string) => (free.get(id) ?? -Infinity) <= from;
        const burner = hob.burners.find(isFree) ?? (hob.burners[0] as string);
        free.set(burner, to);
        return [step, burner];
      }),
  );
}

const hasWeaker = ({ burners }: Kitchen): boolean => new Set(burners.map(netWatts)).size > 1;
/** Minutes of each step that is computed. */
const minutesOf = (planned: Plan): ReadonlyMap<StepKey, number> =>
  new Map(
    rowsOf(planned).flatMap((row) =>
      row.state === "computed" ? [[row.key, row.outcome.phases.reduce((m, p) => m + p.minutes, 0)] as const] : [],
    ),
  );
