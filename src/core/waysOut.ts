import { daysLater } from "./calendar/zonedTime";
import type { Dish, Supper } from "./dish/dish";
import { editDish } from "./dish/edit";
import type { Kitchen } from "./household/kitchen";
import { ONE_MORE, type OneMore, withOneMore } from "./household/oneMore";
import { judge } from "./judge";
import { type QuickerKind, type QuickerWay, quickerWays, takeQuicker } from "./mend/quicker";
import { type Plan, plan, type PlanInput, type PlanTools } from "./plan";
import { stepKey, type StepKey } from "./process/log";
import type { Row } from "./process/row";
import type { StepId } from "./process/step";
import { type Memory, newMemory } from "./quantities/memory";
import { fromNow, NOTHING_DONE } from "./schedule/fromNow";
import { longestChain } from "./schedule/longest";
import { scheduleQuestion } from "./schedule/question";
import { begunFrom, type Reason, reasonsOf } from "./schedule/reasons";
import { type Schedule, tryOut } from "./schedule/schedule";
import { besides, type Taken } from "./schedule/taken";
import { rowsOf } from "./schedule/work";
import { type AnotherRoute, anotherRoutes } from "./swap/anotherRoute";
import type { TimedTools } from "./timed";

/** One thing to do differently so that dinner comes about. */
export type WayChange =
  /** As it is, begun now. */
  | { readonly kind: "as-it-is" }
  | {
      readonly kind: "quicker";
      readonly steps: readonly { readonly step: StepKey; readonly way: QuickerKind; readonly minutes: number | null }[];
    }
  | { readonly kind: "let-move" }
  /** A part made by another route, of so much of another food. */
  | ({ readonly kind: "route" } & Omit<AnotherRoute, "supper">)
  | { readonly kind: "one-more"; readonly of: OneMore };

/** A change that was tried, what it costs, and the supper and the kitchen as they are with it. */
export interface WayOut {
  readonly change: WayChange;
  /** When it begins, minutes relative to the serving time that was asked for. */
  readonly startMin: number;
  /** How much later than asked it comes to the table, minutes. */
  readonly tableMin: number;
  /** Points of bite that longer waits cost then, and another route. */
  readonly points: number;
  readonly supper: Supper;
  readonly kitchen: Kitchen;
}
/** Why a supper cannot be on the table in time, and what can be done about it, the best first. */
export interface WaysOut {
  /** The longest chain of steps, and the minutes there are; null where these would be enough: then hands, gear or hours are not. */
  readonly tooLong: {
    readonly needsMin: number;
    readonly thereAreMin: number;
    /** Its longest steps, the longest first. */
    readonly steps: readonly { readonly step: StepKey; readonly minutes: number }[];
  } | null;
  /** Where the minutes would be enough: what together is in the way, each with its name in this kitchen. */
  readonly because: readonly NamedReason[];
  readonly ways: readonly WayOut[];
}
/** A reason; of a pan or a machine with its name. */
export type NamedReason = Reason & { readonly name: string | null };

/** Each try is a look ahead, no plan: it takes such a part of the clock's budget. */
const SHARE = 24;
/** And where dinner comes later; as it is, it is looked at as long as at the stove: what a way brings is told from that. */
const LATER_NODES = 1_000;
/** Nobody waits longer for dinner than this; then it is for another day, and so many are looked at. */
const LATE_EVENING_MIN = 180;
const MOST_DAYS = 6;
/** A later time on the table leaves a little room, minutes. */
const ROUND_MIN = 5;
/** A change that brings dinner no more than this forward is not worth making, minutes. */
const WORTH_MIN = 10;
const MOST_WAYS = 6;
const MOST_ROUTES = 2;
/** So many steps tell why. */
const TOLD_STEPS = 3;

/**
 * What to do when a supper fits in no way, or should have begun already: quicker ways of its longest steps, steps that are held let go,
 * another route of a part, a helper, a burner or an oven more, or dinner later. Each is planned and put on the clock; what is not as safe as before, or brings
 * nothing, is left out.
 *
 * @param now instant, ms since 1970 UTC; null where nothing is past
 */
export function waysOut(asked: PlanInput, now: number | null, tools: TimedTools = {}): WaysOut {
  // Once it is late nobody leaves room.
  const input: PlanInput = { ...asked, supper: { ...asked.supper, roomMin: 0 } };
  const { memory = newMemory(), taken = [] } = tools;
  const planned = plan(input, { memory });
  const trying = { now, memory, taken, before: planned, nodes: LATER_NODES };
  const asItIs =
    now === null ? null : tryWay({ kind: "as-it-is" }, input, { ...trying, mostMin: Infinity, nodes: undefined });
  const mostMin = asItIs === null ? Infinity : asItIs.tableMin - WORTH_MIN;
  const tried = (change: WayChange, then: Partial<Pick<PlanInput, "supper" | "kitchen">>) =>
    tryWay(change, { ...input, ...then }, { ...trying, mostMin });
  const found = [
    ...quickerSuppers(input, { memory }).map(({ steps, supper }) => tried({ kind: "quicker", steps }, { supper })),
    ...(Object.keys(input.supper.pins).length === 0
      ? []
      : [tried({ kind: "let-move" }, { supper: { ...input.supper, pins: {} } })]),
    ...otherRoutes(input, planned, now, memory).map(({ supper, ...route }) =>
      tried({ kind: "route", ...route }, { supper }),
    ),
    ...ONE_MORE.map((of) => tried({ kind: "one-more", of }, { kitchen: withOneMore(input.kitchen, of) })),
  ].filter((way): way is WayOut => way !== null);
  const { pointMin } = input.kitchen;
  // What begins later is nearer to the day, what loses less is nearer to the dish.
  const price = (w: WayOut) => w.points * pointMin - w.startMin;
  const worth = found
    .filter((w) => w.tableMin <= mostMin)
    .sort((a, b) => a.tableMin - b.tableMin || price(a) - price(b));
  const tooLong = tooLongOf(planned, input, now);
  return {
    tooLong,
    because: tooLong === null ? becauseOf(planned, input, now, taken) : [],
    ways: [...worth.slice(0, MOST_WAYS), ...(asItIs === null ? [] : [asItIs])],
  };
}

/** What together keeps it from being on the table when it was asked for. */
function becauseOf(
  planned: Plan,
  { kitchen, supper }: PlanInput,
  now: number | null,
  taken: readonly Taken[],
): readonly NamedReason[] {
  const question = besides(scheduleQuestion(planned, kitchen, supper.serveAt), taken, supper.serveAt);
  const asked = now === null ? question : begunFrom(question, Math.ceil((now - Date.parse(supper.serveAt)) / 60_000));
  const gear = new Map<string, string>();
  for (const { id, name } of kitchen.pans) gear.set(`pan:${id}`, name);
  for (const { id, name } of kitchen.machines) gear.set(`machine:${id}`, name);
  return reasonsOf(asked).map((reason) => ({
    ...reason,
    name: reason.kind === "thing" ? (gear.get(reason.thing) ?? null) : null,
  }));
}

interface Trying {
  readonly now: number | null;
  readonly taken: readonly Taken[];
  readonly memory: ReturnType<typeof newMemory>;
  readonly before: Plan;
  /** Later on the table than this is of no use, minutes after the serving time. */
  readonly mostMin: number;
  /** How much work a later dinner may take. */
  readonly nodes: number | undefined;
}
/** A change put on the clock; null where it does not fit, cannot be worked out, or is less safe. */
function tryWay(change: WayChange, input: PlanInput, trying: Trying): WayOut | null {
  const { now, memory, taken, before, mostMin } = trying;
  const { supper, kitchen } = input;
  const planned = plan(input, { memory });
  if (planned.blocked > before.blocked) return null;
  const nowMin = now === null ? -Infinity : (now - Date.parse(supper.serveAt)) / 60_000;
  // Whatever the kitchen has, its longest chain takes so long.
  if (longestChain(planned.tasks, planned.lags).minutes + nowMin > mostMin) return null;
  const found = inTime(planned, kitchen, supper.serveAt, nowMin, taken) ?? later(input, planned, trying);
  if (found?.kind !== "fits") return null;
  const stops = (of: Plan, at: Schedule | null) =>
    judge(input, of, at)
      .filter((c) => c.severity === "stop")
      .map((c) => `${c.rule} ${c.step}`);
  const known = new Set(stops(before, null));
  if (change.kind !== "as-it-is" && stops(planned, found).some((s) => !known.has(s))) return null;
  return {
    change,
    startMin: found.startMin,
    tableMin: Math.ceil((found.tableMin ?? 0) / ROUND_MIN) * ROUND_MIN,
    points: found.stretched.reduce(
      (sum, s) => sum + s.points,
      change.kind === "route" ? Math.max(0, change.points) : 0,
    ),
    supper,
    kitchen,
  };
}
/** Other routes of its parts, as far as their longest chain leaves them a chance. */
function otherRoutes(input: PlanInput, planned: Plan, now: number | null, memory: Memory): readonly AnotherRoute[] {
  const thereAreMin = now === null ? Infinity : (Date.parse(input.supper.serveAt) - now) / 60_000;
  const isInTime = ({ tasks, lags }: Plan) => longestChain(tasks, lags).minutes <= thereAreMin;
  const found: AnotherRoute[] = [];
  for (const route of anotherRoutes(input, planned, isInTime, { memory })) if (found.push(route) === MOST_ROUTES) break;
  return found;
}
/** On the table when it was asked for, begun no earlier than now. */
function inTime(
  planned: Plan,
  kitchen: Kitchen,
  serveAt: string,
  nowMin: number,
  taken: readonly Taken[],
): Schedule | null {
  if (longestChain(planned.tasks, planned.lags).minutes > -nowMin) return null;
  const question = besides(scheduleQuestion(planned, kitchen, serveAt), taken, serveAt);
  const found = tryOut({ ...question, nodes: Math.ceil(question.nodes / SHARE) });
  return found.kind === "fits" && found.startMin >= nowMin ? found : null;
}
/** Later that day; where it would get too late, at the same hour of another day. Minutes stay relative to the hour that was asked for. */
function later(input: PlanInput, planned: Plan, { now, memory, taken, mostMin, nodes }: Trying): Schedule | null {
  const { kitchen, supper } = input;
  const { serveAt } = supper;
  if (now === null) return null;
  const asked = fromNow(planned, kitchen, serveAt, NOTHING_DONE, now, { nodes, taken });
  const soonest = asked?.kind === "fits" && keepsHeld(planned, asked.starts) ? asked : null;
  if (soonest?.kind === "fits" && (soonest.tableMin ?? 0) <= LATE_EVENING_MIN) return soonest;
  for (let days = 1; days <= MOST_DAYS; days++) {
    const at = daysLater(serveAt, days, kitchen.timeZone);
    const byMin = (Date.parse(at) - Date.parse(serveAt)) / 60_000;
    if (byMin > mostMin) return null;
    // Planned anew: a step that is held keeps its day, whenever dinner is.
    const thatDay = plan({ ...input, supper: { ...supper, serveAt: at } }, { memory });
    const found = inTime(thatDay, kitchen, at, (now - Date.parse(at)) / 60_000, taken);
    if (found?.kind === "fits") return { ...found, startMin: found.startMin + byMin, tableMin: byMin };
  }
  return soonest;
}

/** At the stove what is held is let go where nothing else is left; here that is a way of its own. */
const keepsHeld = ({ tasks }: Plan, starts: Readonly<Record<string, number>>): boolean =>
  tasks.every((t) => t.notAfter === undefined || (starts[t.id] ?? 0) <= t.notAfter);

/** The supper with each of its long steps done the quicker way, and with all of them. */
function quickerSuppers(
  input: PlanInput,
  tools: PlanTools,
): { readonly steps: Extract<WayChange, { kind: "quicker" }>["steps"]; readonly supper: Supper }[] {
  const { supper, kitchen } = input;
  const rowOf = (dish: Dish, step: StepId): Row | null => {
    const alone = { ...input, supper: { ...supper, dishes: [dish] } };
    return rowsOf(plan(alone, tools)).find((r) => r.step.id === step) ?? null;
  };
  const after = (dish: Dish, way: QuickerWay) => {
    const step = dish.parts.flatMap((p) => p.steps).find((s) => s.id === way.step);
    const minutes = step !== undefined && "minutes" in step ? step.minutes : null;
    return { step: stepKey(way.dish, way.step), way: way.kind, minutes };
  };
  const ways = supper.dishes.flatMap((dish) =>
    quickerWays(dish, kitchen).flatMap((way) => {
      const changed = takeQuicker(dish, way, rowOf, kitchen);
      return changed === null ? [] : [{ way, changed }];
    }),
  );
  const single = ways.map(({ way, changed }) => ({
    steps: [after(changed, way)],
    supper: editDish(supper, way.dish, () => changed),
  }));
  // Freezing can be left out or its thaw be quicker: of two ways of one part the first is taken with the others.
  const together = ways.filter(
    ({ way }, i) => ways.findIndex((w) => w.way.part === way.part && w.way.dish === way.dish) === i,
  );
  if (together.length < 2) return single;
  const all = together.reduce<{ supper: Supper; steps: (typeof single)[number]["steps"] }>(
    (so, { way }) => {
      const dish = so.supper.dishes.find((d) => d.id === way.dish) as Dish;
      const changed = takeQuicker(dish, way, rowOf, kitchen);
      return changed === null
        ? so
        : { supper: editDish(so.supper, way.dish, () => changed), steps: [...so.steps, after(changed, way)] };
    },
    { supper, steps: [] },
  );
  return [...single, all];
}

/** The chain that takes longer than there is time. */
function tooLongOf(planned: Plan, { supper }: PlanInput, now: number | null): WaysOut["tooLong"] {
  const { minutes, tasks } = longestChain(planned.tasks, planned.lags);
  const thereAreMin = now === null ? Infinity : (Date.parse(supper.serveAt) - now) / 60_000;
  if (minutes <= thereAreMin) return null;
  const bySteps = new Map<StepKey, number>();
  for (const t of tasks) bySteps.set(t.step, (bySteps.get(t.step) ?? 0) + t.minutes);
  const steps = [...bySteps].map(([step, m]) => ({ step, minutes: m })).sort((a, b) => b.minutes - a.minutes);
  return { needsMin: minutes, thereAreMin: Math.floor(thereAreMin), steps: steps.slice(0, TOLD_STEPS) };
}
