import type { ScheduleInput } from "../task";
import { Linear } from "./linear";
import { type Model, modelOf } from "./model";
import { type Aim, type Terms, termsOf } from "./terms";

/** What a search brings. */
export interface Solved {
  /** Null when none was found. */
  readonly starts: readonly number[] | null;
  /** The way that each task goes; 0 where there is but one. */
  readonly ways: readonly number[];
  /** When the table is laid; 0 unless it moves. */
  readonly table: number;
  /** For each aim that was reached: the sum, and whether no smaller one is possible. */
  readonly reached: readonly { readonly aim: Aim; readonly sum: number; readonly proven: boolean }[];
  /** Every way was looked at or ruled out: there is no plan. */
  readonly impossible: boolean;
  /** No plan has a smaller sum of the first aim. */
  readonly least: number;
  /** Nobody can begin later than this. */
  readonly latestFirst: number;
  readonly conflicts: number;
}
/** A restart comes after so many contradictions, times the Luby sequence. */
const RESTART = 60;
/** So many learned clauses are kept from one restart to the next, at least. */
const KEEP = 3000;
/** The first aim takes such a part of the work; each later one, of which nothing is claimed, a fifteenth at most. */
const FIRST_SHARE = 0.75;
const LATER_SHARE = 1 / 15;

/**
 * The best plan by one aim after the other: each is made as small as it can be, then kept while the next is. The budget is work
 * (claims looked at), so that equal questions get equal answers and more work never gives a worse plan: the search with more work
 * passes through everything that the search with less has found.
 *
 * @param closed see `modelOf`
 * @param work how many claims may be looked at
 * @param onBetter hears of every better plan as it is found
 */
export function solveFor(
  input: ScheduleInput,
  closed: Float64Array,
  aims: readonly Aim[],
  work: number,
  onBetter: (starts: readonly number[]) => void = () => undefined,
): Solved {
  const moves = aims[0] === "makespan" || aims[0] === "table" ? aims[0] : null;
  const kept: { aim: Aim; sum: number }[] = [];
  const reached: { aim: Aim; sum: number; proven: boolean }[] = [];
  let best: readonly number[] | null = null;
  let ways: readonly number[] = [];
  let conflicts = 0;
  let least = -Infinity;
  let latestFirst = Infinity;
  for (const [a, aim] of aims.entries()) {
    const model = modelOf(input, closed, moves);
    for (const { aim: before, sum } of kept) model.engine.rule(new Linear(termsOf(before, model, input), sum));
    const terms = termsOf(aim, model, input);
    if (terms.length === 0 && a > 0) continue;
    const share = a === 0 ? FIRST_SHARE : LATER_SHARE;
    const found = minimise(model, terms, share * work, best, onBetter);
    conflicts += found.conflicts;
    if (a === 0) {
      least = found.least;
      latestFirst = found.latestFirst;
    }
    if (found.starts === null) break;
    best = found.starts;
    ways = found.ways;
    reached.push({ aim, sum: found.sum, proven: found.complete });
    kept.push({ aim, sum: found.sum });
  }
  const impossible = best === null && least === Infinity;
  const table = moves === null ? 0 : (reached[0]?.sum ?? 0);
  return { starts: best, ways, table, reached, impossible, least, latestFirst, conflicts };
}

interface Minimum {
  readonly starts: readonly number[] | null;
  readonly ways: readonly number[];
  readonly sum: number;
  readonly complete: boolean;
  readonly least: number;
  readonly latestFirst: number;
  readonly conflicts: number;
}
/** Searches with restarts until nothing smaller is left or the work is done. `known` is a plan that keeps all rules. */
function minimise(
  model: Model,
  terms: Terms,
  work: number,
  known: readonly number[] | null,
  onBetter: (starts: readonly number[]) => void,
): Minimum {
  const { engine, starts, first } = model;
  const cost = engine.variable(-LARGEST_SUM, LARGEST_SUM);
  const aim = new Linear([...terms, [2 * cost + 1, 1]], 0);
  engine.rule(aim);
  const sumNow = () => terms.reduce((s, [half, weight]) => s + weight * (engine.bound[half] as number), 0);
  /** Of the way from the least that is possible to what was found, how far the next plan may be: near is hard to find. */
  let reach = REACH;
  /** The value of each variable in the best plan so far. */
  let values: number[] | null = null;
  let plan: readonly number[] | null = null;
  let ways: readonly number[] = [];
  let sum = Infinity;
  let least = -Infinity;
  let latestFirst = Infinity;
  const end = (complete: boolean): Minimum => {
    if (complete) least = sum;
    return { starts: plan, ways, sum, complete, least, latestFirst, conflicts: engine.conflicts };
  };
  if (!model.sound) return end(true);

  for (let run = 0; ; run++) {
    engine.backTo(0);
    engine.prune(KEEP);
    if (!engine.propagate()) return end(true);
    least = engine.low(cost);
    if (run === 0) latestFirst = engine.high(first);
    const target = plan === null || reach >= 1 ? null : Math.floor(least + reach * (sum - 1 - least));
    const until = engine.conflicts + RESTART * luby(run);
    /** By heart at first and every fifth time: all as late as it can be, without waits that cost. */
    const byHeart = (plan === null && run % 2 === 0) || run % 5 === 4;
    for (;;) {
      if (!engine.propagate()) {
        if (!engine.learn()) return end(true);
        if (engine.work > work) return end(false);
        if (engine.conflicts >= until) {
          reach += (1 - REACH) / 2;
          break;
        }
        continue;
      }
      if (engine.work > work) return end(false);
      if (target !== null && engine.level === 0) {
        if (engine.high(cost) > target && engine.low(cost) <= target) {
          engine.decide(2 * cost + 1, -target);
          continue;
        }
        if (engine.low(cost) > target) break;
      }
      if (decide(model, cost, latestFirst, byHeart, values ?? known, values !== null)) continue;
      plan = starts.map((s) => engine.low(s));
      ways = model.ways.map((chosen) =>
        Math.max(
          0,
          chosen.findIndex((v) => engine.low(v) === 1),
        ),
      );
      values = Array.from({ length: engine.bound.length / 2 }, (_, v) => engine.low(v));
      sum = sumNow();
      onBetter(plan);
      engine.backTo(0);
      if (!engine.claim(2 * cost + 1, 1 - sum, [])) return end(true);
      reach = REACH;
      break;
    }
  }
}

/** Sums stay below this. */
const LARGEST_SUM = 500_000_000;
/** The next plan is looked for so far above the least that is possible, as a part of the way to the best so far. */
const REACH = 0.85;
/** So far before the latest start that is possible it is looked first, minutes; beyond the last everywhere. */
const WINDOWS = [60, 240, 960];

/** Decides one thing more; false when all is decided. */
function decide(
  model: Model,
  cost: number,
  latestFirst: number,
  byHeart: boolean,
  values: readonly number[] | null,
  ofAll: boolean,
): boolean {
  const { engine, starts, first, table, excess } = model;
  if (engine.level <= 1)
    for (const minutes of WINDOWS) {
      const from = latestFirst - minutes;
      if (engine.high(first) < from) continue;
      if (engine.low(first) >= from) break;
      engine.decide(2 * first, from);
      return true;
    }
  if (values !== null && !ofAll) {
    // A plan is known from the aim before: it is gone through first.
    for (const [i, s] of starts.entries()) {
      const value = values[i] as number;
      if (engine.low(s) === engine.high(s)) continue;
      towards(engine, s, value);
      return true;
    }
  }
  if (byHeart) {
    // A table that moves is tried as early as it can be: what does not go raises the least.
    if (engine.low(table) < engine.high(table)) {
      engine.decide(2 * table + 1, -engine.low(table));
      return true;
    }
    for (const { v } of excess)
      if (engine.low(v) < engine.high(v)) {
        engine.decide(2 * v + 1, -engine.low(v));
        return true;
      }
    let latest = -1;
    for (const s of starts) {
      if (engine.low(s) === engine.high(s)) continue;
      if (latest < 0 || engine.high(s) > engine.high(latest)) latest = s;
    }
    if (latest >= 0) {
      engine.decide(2 * latest, engine.high(latest));
      return true;
    }
  }
  for (;;) {
    const v = engine.activity.take();
    if (v < 0) return false;
    const [low, high] = [engine.low(v), engine.high(v)];
    if (low === high || v === cost) continue;
    engine.activity.open(v);
    if (ofAll) towards(engine, v, (values as readonly number[])[v] as number);
    // Late rather than early; a wait as short as it can be.
    else if (v < model.starts.length + 2) engine.decide(2 * v, high);
    else engine.decide(2 * v + 1, -low);
    return true;
  }
}
/** Decides a variable as it was, or as near to it as it can be. */
function towards(engine: Model["engine"], v: number, value: number): void {
  const [low, high] = [engine.low(v), engine.high(v)];
  if (value <= low) engine.decide(2 * v + 1, -low);
  else if (value >= high) engine.decide(2 * v, high);
  else engine.decide(2 * v, value);
}

/** 1, 1, 2, 1, 1, 2, 4 … (Luby, Sinclair and Zuckerman, Information Processing Letters 47 (1993) 173). */
function luby(i: number): number {
  for (let size = 1; ; size = 2 * size + 1) {
    if (size >= i + 1) return size === i + 1 ? (size + 1) / 2 : luby(i - (size - 1) / 2);
  }
}
