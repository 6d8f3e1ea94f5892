import { SHELVES_OF_ONE_OVEN } from "../capacities";
import { changeoverMin, SAME_HEAT_K } from "../oven";
import { hardestOf, isSoft } from "../stretch";
import { lastServed, type ScheduleInput, SERVE, type Task, waysOf } from "../task";
import { Engine } from "./engine";
import { disjoint, type Point, Shared } from "./shared";
import { Linear } from "./linear";
import {
  alwaysNeeds,
  type Chosen,
  exclusiveWays,
  leastMinutes,
  mostMinutes,
  overdraws,
  unitsOf,
  usesOf,
  waysAndEnds,
} from "./ways";

/** Of a minute of beginning earlier, so that prices of waits are whole numbers: a point of bite every two hours is 10 of them. */
export const SCALE = 60;
/** A point of bite is worth so many minutes of beginning earlier, where nobody says otherwise. */
export const POINT_MIN = 20;
/** A table that moves comes no later than this after the soonest that the tasks alone allow. */
const MOST_LATE_MIN = 600;
/** Whoever works with their hands. */
export const HANDS = "hands";
const OVEN = "oven";

/** A question put to the engine. */
export interface Model extends Chosen {
  readonly engine: Engine;
  /** Variables: the start of each task, the earliest of them, the table. */
  readonly starts: readonly number[];
  readonly first: number;
  readonly table: number;
  /** Minutes beyond the usual limit of each wait that costs, and ways that cost. */
  readonly excess: readonly { readonly v: number; readonly price: number }[];
  /** True until something contradicts at once. */
  sound: boolean;
}

/**
 * The question as variables and rules. Everything that any two tasks cannot do at once becomes an order of the two; what only three
 * or more overdraw is looked at as a whole.
 *
 * @param closed longest distances between all starts, the table last (see `network`)
 * @param moves how the table moves: everything after −horizon, as soon as it can be; or later than asked, where it has to be
 */
export function modelOf(input: ScheduleInput, closed: Float64Array, moves: "makespan" | "table" | null): Model {
  const makespan = moves === "makespan";
  const { tasks, lags } = input;
  const n = tasks.length;
  const size = n + 1;
  const engine = new Engine();
  const apartBy = (i: number, j: number) => closed[i * size + j] as number;
  const soonest = tasks.reduce((most, t, i) => Math.max(most, (t.notBefore ?? -Infinity) - apartBy(n, i)), 0);
  const lateMost = moves === "table" ? soonest + MOST_LATE_MIN : 0;
  const index = new Map(tasks.map((t, i) => [t.id, i]));
  const table = makespan ? engine.variable(-input.horizonMin, 0) : engine.variable(0, lateMost);
  const starts = tasks.map((t, i) =>
    makespan
      ? engine.variable(-input.horizonMin, -leastMinutes(t))
      : engine.variable(
          Math.max(-apartBy(i, n), t.notBefore ?? -Infinity),
          Math.min(apartBy(n, i) + lateMost, lastStart(input, t) + lateMost, t.notAfter ?? Infinity),
        ),
  );
  const start = (i: number) => starts[i] as number;
  const first = engine.variable(-input.horizonMin, 0);
  const { ways, ends, sound } = waysAndEnds(engine, input, starts);
  const end = (i: number) => ends[i] as Point;
  /** From the end of a task to a moment at least so much; under a claim, or always. */
  const after = (i: number, to: number, gap: number, when?: number, least?: number) =>
    engine.difference(end(i).v, to, end(i).plus + gap, when, least);
  const model: { -readonly [K in keyof Model]: Model[K] } = {
    engine,
    starts,
    ends,
    ways,
    table,
    first,
    excess: [],
    sound,
  };
  const must = (holds: boolean) => {
    if (!holds) model.sound = false;
  };

  for (const [i, s] of starts.entries()) {
    if (engine.low(s) > engine.high(s)) model.sound = false;
    must(engine.difference(model.first, s, 0));
    // Nothing is done after the last dish is on the table.
    if (moves === "table") must(after(i, table, -lastServed(lags)));
    if (makespan) must(after(i, table, 0));
  }
  const nodeOf = (id: string) => (id === SERVE ? table : start(index.get(id) as number));
  const excess: { v: number; price: number }[] = [];
  for (const lag of lags) {
    const from = end(index.get(lag.from) as number);
    const to = nodeOf(lag.to);
    const plus = from.plus - (lag.to === SERVE ? (lag.afterMin ?? 0) : 0);
    must(engine.difference(from.v, to, plus + lag.minMin));
    const hardest = hardestOf(lag);
    if (hardest !== null) must(engine.difference(to, from.v, -(plus + hardest)));
    const price = priceOf(lag.pointsPerMin, input.pointMin ?? POINT_MIN);
    if (!isSoft(lag) || price === 0) continue;
    const usual = lag.maxMin as number;
    const v = engine.variable(0, Math.max(0, (hardest ?? input.horizonMin) - usual));
    engine.rule(new Linear([[2 * to, 1], [2 * from.v + 1, 1], [2 * v + 1, 1]], plus + usual)); // prettier-ignore
    excess.push({ v, price });
  }
  for (const [i, chosen] of ways.entries())
    for (const [w, v] of chosen.entries()) {
      const price = priceOf(waysOf(tasks[i] as Task)[w]?.points, input.pointMin ?? POINT_MIN);
      if (price > 0) excess.push({ v, price });
    }
  model.excess = excess;
  for (const { lags: over, mostMin } of input.budgets ?? []) {
    // Waits that add up: a sum of starts, in which what stands between two of them cancels out.
    const weights = new Map<number, number>();
    let limit = mostMin;
    for (const { from, to, afterMin } of over) {
      const [a, b] = [end(index.get(from) as number), nodeOf(to)];
      limit += a.plus - (to === SERVE ? (afterMin ?? 0) : 0);
      weights.set(b, (weights.get(b) ?? 0) + 1);
      weights.set(a.v, (weights.get(a.v) ?? 0) - 1);
    }
    const terms = [...weights]
      .filter(([, w]) => w !== 0)
      .map(([v, w]) => [w > 0 ? 2 * v : 2 * v + 1, Math.abs(w)] as const);
    engine.rule(new Linear(terms, limit));
  }

  // Hours of nobody: an attended task ends before, or begins after.
  tasks.forEach((t, i) => {
    if (t.kind === "wait" || t.minutes === 0) return;
    for (const [from, to] of input.blocked)
      must(engine.clause([2 * end(i).v + 1, end(i).plus - from, 2 * start(i), to]));
  });

  const oneOven = ovensOf(input) === 1;
  if (!oneOven) must(severalOvens(engine, input, model));
  const setup = (a: number, b: number) => (oneOven ? setupOf(input, a, b) : 0);
  const canPrecede = (a: number, b: number) =>
    moves !== null || apartBy(a, b) >= leastMinutes(tasks[a] as Task) + setup(a, b);
  const alwaysPrecedes = (a: number, b: number) =>
    moves === null && -apartBy(b, a) >= mostMinutes(tasks[a] as Task) + setup(a, b);
  for (const [a, b] of exclusivePairs(input)) {
    const [ab, ba] = [canPrecede(a, b), canPrecede(b, a)];
    if (!ab && !ba) model.sound = false;
    else if (!ab || !ba) must(ab ? after(a, start(b), setup(a, b)) : after(b, start(a), setup(b, a)));
    else if (alwaysPrecedes(a, b) || alwaysPrecedes(b, a)) continue;
    else {
      const order = engine.variable(0, 1);
      must(after(a, start(b), setup(a, b), 2 * order, 1));
      must(after(b, start(a), setup(b, a), 2 * order + 1, 0));
    }
  }
  must(exclusiveWays(engine, input, model));
  for (const [first, second] of input.apart) {
    const order = engine.variable(0, 1);
    for (const x of first)
      for (const y of second) {
        const [a, b] = [index.get(x) as number, index.get(y) as number];
        must(after(a, start(b), 0, 2 * order, 1));
        must(after(b, start(a), 0, 2 * order + 1, 0));
      }
  }
  for (const [thing, capacity] of Object.entries(input.capacities)) {
    const users = tasks.flatMap((t, i) =>
      waysOf(t).some((w) => unitsOf(w, thing) > 0) && mostMinutes(t) > 0 ? [i] : [],
    );
    const uses = users.flatMap((i) => usesOf(tasks[i] as Task, thing, { v: start(i), plus: 0 }, end(i), ways[i] ?? []));
    const units = uses.map((u) => u.units).sort((a, b) => a - b);
    if (uses.some((u) => u.when === undefined && u.units > capacity)) model.sound = false;
    const away = input.gone?.[thing] ?? [];
    if (units.reduce((sum, u) => sum + u, 0) <= capacity && away.length === 0) continue;
    // Hands that need their cook are not there in the hours of nobody.
    const attended = thing === HANDS && users.every((i) => tasks[i]?.kind !== "wait");
    const nobody = attended ? input.blocked.map(([from, to]) => [from, to, capacity] as const) : [];
    const gone = disjoint([...nobody, ...away], capacity);
    const together = (units[0] ?? 0) + (units[1] ?? Infinity) <= capacity;
    engine.rule(new Shared(uses, capacity, gone, together || away.length > 0));
  }
  return model;
}

/** The latest start of a task: nothing is done after the last dish is on the table. */
const lastStart = ({ lags }: ScheduleInput, task: Task): number => lastServed(lags) - leastMinutes(task);

/** What a minute beyond the usual limit costs, in parts of a minute of beginning earlier. */
const priceOf = (points: number | undefined, pointMin: number): number => Math.round((points ?? 0) * pointMin * SCALE);

/** How many ovens share the shelves. */
export const ovensOf = ({ ovens, capacities }: ScheduleInput): number =>
  ovens ?? ((capacities[OVEN] ?? 0) <= SHELVES_OF_ONE_OVEN ? 1 : 2);
/** Minutes between two tasks while one oven goes from the heat of the first to that of the second. */
function setupOf({ tasks, ovenRates, alikeK }: ScheduleInput, before: number, after: number): number {
  const [from, to] = [tasks[before]?.ovenC ?? null, tasks[after]?.ovenC ?? null];
  if (ovenRates === undefined || from === null || to === null) return 0;
  return changeoverMin(from, to, ovenRates, alikeK);
}
/** Whether two tasks want heats that do not count as one. */
export const otherHeat = ({ alikeK = SAME_HEAT_K }: ScheduleInput, a: Task, b: Task): boolean =>
  a.ovenC !== null && b.ovenC !== null && Math.abs(a.ovenC - b.ovenC) > alikeK;

/** With several ovens: what wants another heat stands in another oven, or before, or after. */
function severalOvens(engine: Engine, input: ScheduleInput, { starts, ends }: Pick<Model, "starts" | "ends">): boolean {
  const { tasks } = input;
  const ovens = ovensOf(input);
  const baked = tasks.flatMap((t, i) => (t.ovenC !== null && t.minutes > 0 ? [i] : []));
  const oven = new Map(baked.map((i) => [i, engine.variable(0, ovens - 1)]));
  const under = (from: number, to: number, gap: number): number | null => {
    const way = engine.variable(0, 1);
    return engine.difference(from, to, gap, 2 * way, 1) ? way : null;
  };
  const end = (i: number) => ends[i] as Point;
  for (const [k, i] of baked.entries())
    for (const j of baked.slice(k + 1)) {
      const [a, b] = [tasks[i] as Task, tasks[j] as Task];
      if (!otherHeat(input, a, b)) continue;
      const [x, y] = [starts[i] as number, starts[j] as number];
      const [first, second] = [oven.get(i) as number, oven.get(j) as number];
      const ways = [
        under(end(i).v, y, end(i).plus + setupOf(input, i, j)),
        under(end(j).v, x, end(j).plus + setupOf(input, j, i)),
        under(first, second, 1),
        under(second, first, 1),
      ];
      if (!engine.clause(ways.flatMap((way) => (way === null ? [] : [2 * way, 1])))) return false;
    }
  return true;
}
/** Pairs that never run at once: together they need more of something than there is, or another heat of the one oven. */
function exclusivePairs(input: ScheduleInput): (readonly [number, number])[] {
  const { tasks, capacities } = input;
  const pairs: (readonly [number, number])[] = [];
  const oneOven = ovensOf(input) === 1;
  const needs = tasks.map(alwaysNeeds);
  tasks.forEach((a, i) => {
    if (mostMinutes(a) === 0) return;
    for (let j = i + 1; j < tasks.length; j++) {
      const b = tasks[j] as Task;
      if (mostMinutes(b) === 0) continue;
      if (overdraws(needs[i] ?? {}, needs[j] ?? {}, capacities) || (oneOven && otherHeat(input, a, b)))
        pairs.push([i, j]);
    }
  });
  return pairs;
}
