import { setupMin } from "./oven";
import type { OvenRates } from "./task";
import { better, type Found, foundIn } from "./objective";

/**
 * The search behind `schedule()`: depth first over start times, latest first, in a closed temporal network, with
 * resource and interleaving checks as soon as a task is placed. The budget is a number of nodes, so equal input
 * gives an equal plan. Units are the caller's slots (minutes in the kitchen, other slots in published instances).
 */
export interface SearchTask {
  readonly duration: number;
  /** Per resource, units while it runs. */
  readonly demand: readonly number[];
  /** Avoids the blocked slots. */
  readonly attended: boolean;
  /** Oven temperature, when the resource `ovenResource` is in demand. */
  readonly ovenC: number | null;
}
/** Tasks with their bounds, resources and blocked hours. */
export interface SearchProblem {
  readonly tasks: readonly SearchTask[];
  readonly capacity: readonly number[];
  /** Resource of the hands: its contiguous blocks are counted. */
  readonly handsResource: number;
  readonly ovenResource: number | null;
  /** Dishes share an oven when their temperatures differ by no more than this. */
  readonly ovenToleranceK: number;
  /** How fast the oven comes to another heat; null is at once. */
  readonly ovenRates: OvenRates | null;
  /** Closed distances between task starts (see `network`), tasks only. */
  readonly distance: Float64Array;
  readonly earliest: readonly number[];
  readonly latest: readonly number[];
  /** Sorted, disjoint [from, to). */
  readonly blocked: readonly (readonly [number, number])[];
  readonly apart: readonly (readonly [readonly number[], readonly number[]])[];
  readonly nodes: number;
}
/** The best plan found and what is proven of it. */
export interface SearchResult {
  readonly best: Found | null;
  readonly nodesUsed: number;
  /** The whole space was seen: `best` is the optimum, or nothing fits. */
  readonly complete: boolean;
  /** No schedule can start later than this. */
  readonly latestPossibleStart: number;
}

/** The smaller, the sooner a task is placed. */
type Order = (task: number, low: Float64Array, high: Float64Array) => number;

/** Share of the budget for the first, complete dive; the rest goes to restarts. */
const FIRST_DIVE = 1 / 3;
/** Nodes of one restart, per task: enough to place everything and to fix a few clashes. */
const RESTART_NODES_PER_TASK = 12;

/** Depth-first search with a budget of nodes, then restarts; equal input, equal answer. */
export function search(problem: SearchProblem): SearchResult {
  const n = problem.tasks.length;
  const latestPossibleStart = Math.min(Math.min(...problem.latest), ...energyBounds(problem));
  let best: Found | null = null;
  let nodes = 0;
  /** Only schedules that start at `floor` or later are looked for. */
  let floor = -Infinity;

  const fromTheTop = (order: Order, until: number) => {
    const low = Float64Array.from(problem.earliest, (e) => Math.max(e, floor));
    const high = Float64Array.from(problem.latest);
    if (low.some((l, i) => l > (high[i] as number))) return true;
    return dive(order, low, high, new Array<number>(n).fill(NaN), 0, until);
  };
  const domain: Order = (i, low, high) => (high[i] as number) - (low[i] as number);
  const complete = fromTheTop(domain, Math.ceil(problem.nodes * FIRST_DIVE));

  // Restarts: backward serial placement with a little deterministic noise in the priorities, asking for better each time.
  const latestEnd = (noise: number): Order => {
    const shift = Array.from(
      { length: n },
      (_, i) => noise * noiseOf(i, nodes) * (problem.tasks[i] as SearchTask).duration,
    );
    return (i, _low, high) => -((high[i] as number) + (problem.tasks[i] as SearchTask).duration + (shift[i] as number));
  };
  for (let attempt = 0; !complete && nodes < problem.nodes; attempt++) {
    const known = best as Found | null;
    const equal = attempt % 4 === 3 || known?.earliestStart === latestPossibleStart;
    floor = known === null ? -Infinity : known.earliestStart + (equal ? 0 : 1);
    const order = attempt % 2 === 0 ? latestEnd(attempt / 2) : withNoise(domain, attempt);
    const before = nodes;
    fromTheTop(order, Math.min(problem.nodes, nodes + RESTART_NODES_PER_TASK * n));
    if (nodes === before) nodes++; // a floor that leaves no window uses no node; the budget must still end
  }
  return { best, nodesUsed: nodes, complete, latestPossibleStart };

  function withNoise(order: Order, seed: number): Order {
    const factor = Array.from({ length: n }, (_, i) => 1 + noiseOf(i, seed + 7919));
    return (i, low, high) => order(i, low, high) * (factor[i] as number);
  }

  /** False when the budget ended the dive. */
  function dive(
    order: Order,
    low: Float64Array,
    high: Float64Array,
    starts: number[],
    placed: number,
    until: number,
  ): boolean {
    if (placed === n) {
      consider(starts);
      return true;
    }
    if (hopeless(low, high)) return true;
    let next = -1;
    let bestKey = Infinity;
    for (let i = 0; i < n; i++) {
      if (!Number.isNaN(starts[i])) continue;
      const single = high[i] === low[i] ? -1e9 : order(i, low, high);
      if (single < bestKey) [next, bestKey] = [i, single];
    }
    for (let value = high[next] as number; value >= (low[next] as number); value--) {
      if (nodes >= until) return false;
      nodes++;
      const clash = clashAt(next, value, starts);
      if (clash !== null) {
        value = Math.min(value, clash + 1);
        continue;
      }
      const [lower, upper] = narrowed(low, high, next, value);
      if (lower === null) continue;
      starts[next] = value;
      const finished = dive(order, lower, upper, starts, placed + 1, until);
      starts[next] = NaN;
      if (!finished) return false;
    }
    return true;
  }

  /** Windows after one start is fixed; null when one of them is empty. */
  function narrowed(
    low: Float64Array,
    high: Float64Array,
    task: number,
    value: number,
  ): [Float64Array, Float64Array] | [null, null] {
    const lower = low.slice();
    const upper = high.slice();
    for (let j = 0; j < n; j++) {
      const most = value + (problem.distance[task * n + j] as number);
      const least = value - (problem.distance[j * n + task] as number);
      if (most < (upper[j] as number)) upper[j] = most;
      if (least > (lower[j] as number)) lower[j] = least;
      if ((lower[j] as number) > (upper[j] as number)) return [null, null];
    }
    return [lower, upper];
  }

  /** True when nothing below can beat the best found. */
  function hopeless(low: Float64Array, high: Float64Array): boolean {
    if (best === null) return false;
    let start = Infinity;
    let sum = 0;
    for (let i = 0; i < n; i++) {
      start = Math.min(start, high[i] as number);
      sum += high[i] as number;
    }
    if (start < best.earliestStart) return true;
    return start === best.earliestStart && best.handsBlocks <= 1 && sum <= best.sumOfStarts;
  }

  /**
   * The largest start below `value` that could be free of what makes `value` clash, or null when nothing clashes.
   * Skipping to it loses no schedule.
   */
  function clashAt(task: number, value: number, starts: readonly number[]): number | null {
    const me = problem.tasks[task] as SearchTask;
    const end = value + me.duration;
    if (me.attended && me.duration > 0)
      for (const [from, to] of problem.blocked) if (value < to && end > from) return from - me.duration;
    for (let j = 0; j < n; j++) {
      const other = starts[j] as number;
      if (Number.isNaN(other) || problem.ovenResource === null) continue;
      const them = problem.tasks[j] as SearchTask;
      if (me.ovenC === null || them.ovenC === null) continue;
      const [before, behind] = [setupMin(problem, task, j), setupMin(problem, j, task)];
      const overlap = value < other + them.duration + behind && end + before > other;
      if (overlap && Math.abs(me.ovenC - them.ovenC) > problem.ovenToleranceK) return other - me.duration - before;
    }
    if (interleaves(task, value, starts)) return value - 1;
    for (let r = 0; r < problem.capacity.length; r++) {
      const need = me.demand[r] as number;
      if (need === 0 || me.duration === 0) continue;
      const peak = peakUse(r, task, value, end, starts);
      if (peak + need > (problem.capacity[r] as number)) return value - 1;
    }
    return null;
  }

  /** Highest use of a resource in [from, to) by the tasks already placed: it can only rise where one of them begins. */
  function peakUse(resource: number, task: number, from: number, to: number, starts: readonly number[]): number {
    let peak = 0;
    const at = (instant: number) => {
      let use = 0;
      for (let j = 0; j < n; j++) {
        const start = starts[j] as number;
        const other = problem.tasks[j] as SearchTask;
        if (j !== task && start <= instant && instant < start + other.duration) use += other.demand[resource] as number;
      }
      if (use > peak) peak = use;
    };
    at(from);
    for (let j = 0; j < n; j++) {
      const start = starts[j] as number;
      if (start > from && start < to && ((problem.tasks[j] as SearchTask).demand[resource] as number) > 0) at(start);
    }
    return peak;
  }

  /** Two groups that hold one thing must lie wholly one after the other. */
  function interleaves(task: number, value: number, starts: readonly number[]): boolean {
    for (const [first, second] of problem.apart) {
      const inFirst = first.includes(task);
      if (!inFirst && !second.includes(task)) continue;
      const mine = inFirst ? first : second;
      const theirs = inFirst ? second : first;
      let before: boolean | null = null;
      for (const m of mine) {
        const start = m === task ? value : (starts[m] as number);
        if (Number.isNaN(start)) continue;
        for (const t of theirs) {
          const other = starts[t] as number;
          if (Number.isNaN(other)) continue;
          const isBefore = start + (problem.tasks[m] as SearchTask).duration <= other;
          const isAfter = other + (problem.tasks[t] as SearchTask).duration <= start;
          if (!isBefore && !isAfter) return true;
          if (before !== null && before !== isBefore) return true;
          before = isBefore;
        }
      }
    }
    return false;
  }

  function consider(starts: readonly number[]): void {
    const found = foundIn(problem, starts);
    if (best === null || better(found, best)) best = found;
  }
}

/** A number in [0, 1) for a task and a seed; the same every time. */
function noiseOf(task: number, seed: number): number {
  let h = Math.imul(task + 1, 0x9e3779b1) ^ Math.imul(seed + 1, 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d);
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 32;
}

/** No schedule starts later than the work on one resource allows: last end − work / capacity. */
function energyBounds({ tasks, latest, capacity }: SearchProblem): number[] {
  return capacity.map((units, r) => {
    let end = -Infinity;
    let work = 0;
    tasks.forEach((t, i) => {
      const demand = t.demand[r] as number;
      if (demand === 0) return;
      end = Math.max(end, (latest[i] as number) + t.duration);
      work += demand * t.duration;
    });
    return work === 0 || units === 0 ? Infinity : Math.floor(end - work / units);
  });
}
