import type { StepKey } from "../process/log";
import type { Fact } from "../process/fact";
import { drawnAt, type Estimate, exactly, lognormal } from "../quantities/range";
import type { Apart, Lag, Task } from "./task";
import { SERVE } from "./task";

/** How long a task may take: its minutes by the likely, low (P10) and high (P90) course, and how much may come on top. */
export interface Duration {
  readonly minutes: Estimate;
  /** A thaw or soak that may not be through: minutes needed, beside those that are given. */
  readonly needs: { readonly minutes: Estimate; readonly givenMin: number } | null;
}
/** What is asked: a plan with its times, and how long each of its tasks may take. */
export interface ChanceQuestion {
  readonly tasks: readonly Task[];
  readonly lags: readonly Lag[];
  readonly apart: readonly Apart[];
  readonly capacities: Readonly<Record<string, number>>;
  readonly starts: Readonly<Record<string, number>>;
  /** By the id of a task; one that is not in it takes what is planned. */
  readonly durations: ReadonlyMap<string, Duration>;
}
/** How likely a plan is to be on the table in time. Minutes after the planned time; below 0 is early. */
export interface Chance {
  /** Share of the runs that are in time, and its standard error. */
  readonly onTime: number;
  readonly error: number;
  /** The middle of all runs. */
  readonly likelyMin: number;
  /** So much earlier everything would have to begin for 90 in 100; 0 where it is so already. */
  readonly earlierMin: number;
  /** Steps that lie on the way of the late runs, with the minutes that each is late there on average. The gravest first. */
  readonly causes: readonly { readonly step: StepKey; readonly minutes: number }[];
  /** By the id of a task: so many minutes later than planned it ends in one evening of ten. Those that keep to the minute are not in it. */
  readonly slips: Readonly<Record<string, number>>;
}

const SURE = 0.9;
/** All hands-on work of an evening is quicker or slower together (models card 14: sd 0.10). */
const EVENING_SD = 0.1;
const Z90 = 1.2815515655446004;
const MOST_CAUSES = 3;
/** On time is to the minute: half a minute is nobody's lateness. */
const GRACE_MIN = 0.5;
/** So many evenings say how far each task slips: a tail is drawn, not read to the minute. */
const SLIP_RUNS = 1000;

/** mulberry32: small, seeded, good enough for 4,000 evenings. */
function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 2 ** 32;
  };
}

/**
 * Runs a plan through many evenings: the order of its tasks stays, none begins before its time, and what takes longer pushes
 * what needs it, or needs the same hands, burner, oven or pan. Models card 14; the random numbers are the same for every
 * question about the same tasks, so that two plans can be held against each other.
 *
 * @param runs how many evenings, 1 or more
 * @param seed equal seeds give equal answers
 */
export function chanceOnTime(question: ChanceQuestion, runs = 4000, seed = 1): Chance {
  const { tasks, starts, durations } = question;
  const order = tasks
    .map((task, i) => ({ task, i, at: starts[task.id] ?? 0 }))
    .sort((a, b) => a.at - b.at || a.at + a.task.minutes - (b.at + b.task.minutes) || a.i - b.i);
  const place = new Map(order.map(({ task }, p) => [task.id, p]));
  const before = arcsOf(question, order, place);
  const toTable = question.lags.flatMap((l) => {
    const p = l.to === SERVE ? place.get(l.from) : undefined;
    return p === undefined ? [] : [[p, l.minMin - (l.afterMin ?? 0)] as const];
  });
  const drawn = order.map(({ task }) => durations.get(task.id) ?? { minutes: exactly(task.minutes), needs: null });
  const n = order.length;
  const next = random(seed);
  const ends = new Float64Array(n);
  const took = new Float64Array(n);
  const pushedBy = new Int32Array(n);
  const late = new Float64Array(runs);
  const slips = slipsOf(order, Math.min(runs, SLIP_RUNS));
  const blame = new Map<string, number>();
  let lateRuns = 0;
  const evening = lognormal(Math.exp(-EVENING_SD * Z90), 1, Math.exp(EVENING_SD * Z90));

  for (let run = 0; run < runs; run++) {
    const slow = drawnAt(evening, next());
    for (let p = 0; p < n; p++) {
      const { task, at } = order[p] as (typeof order)[number];
      const { minutes, needs } = drawn[p] as Duration;
      let takes = drawnAt(minutes, next()) * (task.kind === "hands" ? slow : 1);
      if (needs !== null) takes += Math.max(0, drawnAt(needs.minutes, next()) - needs.givenMin);
      let start = at;
      let by = -1;
      for (const [q, gap] of before[p] as readonly (readonly [number, number])[]) {
        const from = (ends[q] as number) + gap;
        if (from > start + 1e-9) [start, by] = [from, q];
      }
      took[p] = takes;
      ends[p] = start + takes;
      pushedBy[p] = by;
    }
    slips.note(run, ends);
    let finish = -Infinity;
    let last = -1;
    for (const [p, gap] of toTable) {
      const end = (ends[p] as number) + gap;
      if (end > finish) [finish, last] = [end, p];
    }
    late[run] = finish;
    if (finish <= GRACE_MIN) continue;
    lateRuns++;
    for (let p = last; p >= 0; p = pushedBy[p] as number) {
      const { task } = order[p] as (typeof order)[number];
      const longer = (took[p] as number) - task.minutes;
      if (longer > 0) blame.set(task.step, (blame.get(task.step) ?? 0) + longer);
    }
  }
  late.sort();
  const onTime = (runs - lateRuns) / runs;
  return {
    onTime,
    error: Math.sqrt((onTime * (1 - onTime)) / runs),
    likelyMin: atShare(late, 0.5),
    earlierMin: Math.max(0, Math.ceil(atShare(late, SURE) - GRACE_MIN)),
    causes: [...blame]
      .map(([step, minutes]) => ({ step, minutes: minutes / lateRuns }))
      .filter((c) => c.minutes >= 0.5)
      .sort((a, b) => b.minutes - a.minutes || (a.step < b.step ? -1 : 1))
      .slice(0, MOST_CAUSES),
    slips: slips.told(),
  };
}

/** The value below which a share of all lie; `sorted` ascending. */
const atShare = (sorted: ArrayLike<number>, share: number): number =>
  sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)] as number;

/** How much later than planned each task ends, noted evening by evening. */
function slipsOf(order: Order, runs: number) {
  const planned = order.map(({ task, at }) => at + task.minutes);
  const over = order.map(() => new Float32Array(runs));
  return {
    note(run: number, ends: Float64Array): void {
      if (run >= runs) return;
      for (const [p, of] of over.entries()) of[run] = (ends[p] as number) - (planned[p] as number);
    },
    told: (): Chance["slips"] =>
      Object.fromEntries(
        order.flatMap(({ task }, p) => {
          const minutes = Math.round(atShare((over[p] as Float32Array).sort(), SURE));
          return minutes > 0 ? [[task.id, minutes] as const] : [];
        }),
      ),
  };
}

type Order = readonly { readonly task: Task; readonly at: number }[];
/** What each task waits for: its lags, and whatever stands before it at the same thing and leaves no room for both. */
function arcsOf(
  { lags, apart, capacities }: ChanceQuestion,
  order: Order,
  place: ReadonlyMap<string, number>,
): (readonly (readonly [number, number])[])[] {
  const before: [number, number][][] = order.map(() => []);
  for (const { from, to, minMin } of lags) {
    const [a, b] = [place.get(from), place.get(to)];
    if (a !== undefined && b !== undefined && a < b) before[b]?.push([a, minMin]);
  }
  const groups = apart.flatMap(([first, second]) => first.flatMap((a) => second.map((b) => [a, b] as const)));
  for (const [one, other] of groups) {
    const [a, b] = [place.get(one), place.get(other)];
    if (a === undefined || b === undefined) continue;
    const [first, second] = a < b ? [a, b] : [b, a];
    before[second]?.push([first, 0]);
  }
  for (let b = 0; b < order.length; b++)
    for (let a = 0; a < b; a++) {
      const [x, y] = [order[a], order[b]] as [Order[number], Order[number]];
      const both = Object.entries(capacities).some(([thing, units]) => {
        const [p, q] = [x.task.demands[thing] ?? 0, y.task.demands[thing] ?? 0];
        return p > 0 && q > 0 && p + q > units;
      });
      // Where three share a thing that has room for two, the first that ends makes room; the plan keeps them apart already.
      if (both && x.at + x.task.minutes <= y.at) before[b]?.push([a, 0]);
    }
  return withoutDetours(before);
}
/** Leaves out what follows from the rest: who waits for one that waits for another waits for both. */
function withoutDetours(before: readonly (readonly (readonly [number, number])[])[]): [number, number][][] {
  const waitsFor = before.map((arcs) => new Set(arcs.filter(([, gap]) => gap >= 0).map(([a]) => a)));
  return before.map((arcs) =>
    arcs
      .filter(([a, gap]) => !arcs.some(([b, other]) => other >= gap && waitsFor[b]?.has(a)))
      .map(([a, gap]) => [a, gap] as [number, number]),
  );
}

/** Minutes of one kind of a step, from its samples (P10 and P90), as shares of what is planned. */
export function durationOf(
  task: Task,
  planned: number,
  range: { readonly low: number; readonly high: number } | null,
  facts: readonly Fact[],
): Duration {
  const through = facts.find((f) => f.kind === "through");
  const needs =
    through?.kind === "through" && task.kind === "wait" && through.lowMin > 0
      ? { minutes: lognormal(through.lowMin, through.neededMin, through.highMin), givenMin: through.givenMin }
      : null;
  if (range === null || planned <= 0 || !(range.high > range.low) || range.low <= 0)
    return { minutes: exactly(task.minutes), needs };
  const [low, high] = [(task.minutes * range.low) / planned, (task.minutes * range.high) / planned];
  const middle = Math.min(high, Math.max(low, Math.sqrt(low * high)));
  return { minutes: lognormal(low, middle, high), needs };
}
