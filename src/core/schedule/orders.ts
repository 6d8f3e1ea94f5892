import { setupMin } from "./oven";
import type { SearchProblem, SearchTask } from "./search";

/** The plan that begins latest, and what is proven of it. */
export interface OrdersResult {
  /** Null when none was found. */
  readonly starts: readonly number[] | null;
  /** Every order was seen or ruled out: no plan begins later, or there is none. */
  readonly complete: boolean;
  readonly nodesUsed: number;
}

/** What cannot be at the same time, and the ways out of it: each puts some tasks before some others. */
interface Conflict {
  /** Under which its failures are remembered. */
  readonly key: number;
  readonly ways: readonly (readonly (readonly [before: number, after: number])[])[];
}

const FIRST_RUN_NODES = 200;
const RUNS_GROW = 2;
/** A node of a supper of two dishes looks at about so many bounds; where there are more tasks the budget ends sooner. */
const WORK_PER_NODE = 8_000;

/**
 * The latest plan by branching on order alone. In a closed temporal network the plan in which everything is as late as it can be
 * has the latest first start of all; where two tasks want one thing at once in it, one of them comes first: each order is a
 * branch, and narrows every other window exactly. Orders that only one way allows are put in at once (disjunctive propagation);
 * what failed often is decided first, in runs that grow (domain over weighted degree, restarts), so the last run sees everything.
 * Equal input, equal answer: the budget counts nodes and the bounds they look at.
 *
 * Sources: Dechter, Meiri and Pearl, Artificial Intelligence 49 (1991); Bartusch, Möhring and Radermacher, Annals of Operations
 * Research 16 (1988) 201; Boussemart et al., ECAI 2004.
 */
export function searchOrders(problem: SearchProblem): OrdersResult {
  const { tasks, capacity, apart, blocked } = problem;
  const n = tasks.length;
  const size = n + 1;
  const zero = n;
  const minutes = tasks.map((t) => t.duration);
  const pairs = exclusivePairs(problem);
  /** From the start of one to the earliest start of another behind it: its minutes, and the oven on its way to another heat. */
  const setups = Float64Array.from({ length: n * n }, (_, i) => setupMin(problem, Math.floor(i / n), i % n));
  const lead = (a: number, b: number) => (minutes[a] as number) + (setups[a * n + b] as number);
  // Where any two may run together, three may be too many: one that no pair overdraws is looked at as a whole.
  const shared = capacity.flatMap((units, r) => {
    const needs = tasks
      .map((t) => t.demand[r] as number)
      .filter((need) => need > 0)
      .sort((a, b) => a - b);
    return (needs[0] ?? 0) + (needs[1] ?? Infinity) <= units ? [r] : [];
  });
  const weights = new Map<number, number>();
  let best: number[] | null = null;
  let bestStart = -Infinity;
  let nodes = 0;
  /** Bounds looked at so far. */
  let work = 0;
  const mostWork = problem.nodes * WORK_PER_NODE;
  const stack: Float64Array[] = [];

  const alone = tasks.some((t) => t.duration > 0 && t.demand.some((need, r) => need > (capacity[r] as number)));
  if (alone) return { starts: null, complete: true, nodesUsed: 1 };
  const root = new Float64Array(size * size);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) root[i * size + j] = problem.distance[i * n + j] as number;
    root[zero * size + i] = problem.latest[i] as number;
    root[i * size + zero] = -(problem.earliest[i] as number);
  }
  for (let limit = FIRST_RUN_NODES; ; limit *= RUNS_GROW) {
    const until = Math.min(problem.nodes, nodes + limit);
    const done = visit(root.slice(), 0, until);
    if (done) return { starts: best, complete: true, nodesUsed: nodes };
    if (nodes >= problem.nodes || work >= mostWork) return { starts: best, complete: false, nodesUsed: nodes };
  }

  /** Everything below this network; false when the budget ended it. */
  function visit(d: Float64Array, depth: number, until: number): boolean {
    if (nodes >= until || work >= mostWork) return false;
    nodes++;
    if (!propagate(d) || boundOf(d) <= bestStart) return true;
    const conflict = worst(d);
    if (conflict === null) {
      best = Array.from({ length: n }, (_, i) => d[zero * size + i] as number);
      bestStart = Math.min(...best);
      return true;
    }
    const before = bestStart;
    for (const way of byCost(conflict, d)) {
      const next = (stack[depth] ??= new Float64Array(size * size));
      next.set(d);
      if (!way.every(([a, b]) => tighten(next, b, a, -lead(a, b)))) continue;
      if (!visit(next, depth + 1, until)) return false;
    }
    if (bestStart === before) weights.set(conflict.key, (weights.get(conflict.key) ?? 1) + 1);
    return true;
  }

  /** start[v] − start[u] ≤ w, with all that follows of it; false when it contradicts. */
  function tighten(d: Float64Array, u: number, v: number, w: number): boolean {
    if (w >= (d[u * size + v] as number)) return true;
    if ((d[v * size + u] as number) + w < 0) return false;
    for (let i = 0; i < size; i++) {
      const through = (d[i * size + u] as number) + w;
      if (through >= (d[i * size + v] as number)) continue;
      work += size;
      for (let j = 0; j < size; j++) {
        const sum = through + (d[v * size + j] as number);
        if (sum < (d[i * size + j] as number)) d[i * size + j] = sum;
      }
    }
    return true;
  }
  function canPrecede(d: Float64Array, a: number, b: number): boolean {
    return (d[a * size + b] as number) >= lead(a, b);
  }
  function precedes(d: Float64Array, a: number, b: number): boolean {
    return -(d[b * size + a] as number) >= lead(a, b);
  }

  /** Hours of nobody, and orders that only one way allows; false when nothing is left. */
  function propagate(d: Float64Array): boolean {
    for (let again = true; again;) {
      again = false;
      work += pairs.length + n;
      for (let i = 0; i < n; i++) {
        if (!(tasks[i] as SearchTask).attended || minutes[i] === 0) continue;
        for (const [from, to] of blocked) {
          const latest = d[zero * size + i] as number;
          if (latest < to && latest + (minutes[i] as number) > from) {
            if (!tighten(d, zero, i, from - (minutes[i] as number))) return false;
            again = true;
          }
          const earliest = -(d[i * size + zero] as number);
          if (earliest < to && earliest + (minutes[i] as number) > from) {
            if (!tighten(d, i, zero, -to)) return false;
            again = true;
          }
        }
      }
      for (const [a, b] of pairs) {
        if (precedes(d, a, b) || precedes(d, b, a)) continue;
        const [ab, ba] = [canPrecede(d, a, b), canPrecede(d, b, a)];
        if (ab && ba) continue;
        if (!ab && !ba) return false;
        if (!(ab ? tighten(d, b, a, -lead(a, b)) : tighten(d, a, b, -lead(b, a)))) return false;
        again = true;
      }
      for (const [first, second] of apart) {
        if (allBefore(d, first, second, precedes) || allBefore(d, second, first, precedes)) continue;
        const [ab, ba] = [allBefore(d, first, second, canPrecede), allBefore(d, second, first, canPrecede)];
        if (ab && ba) continue;
        if (!ab && !ba) return false;
        const [before, after] = ab ? [first, second] : [second, first];
        for (const a of before) for (const b of after) if (!tighten(d, b, a, -lead(a, b))) return false;
        again = true;
      }
    }
    return true;
  }
  function allBefore(
    d: Float64Array,
    first: readonly number[],
    second: readonly number[],
    holds: (d: Float64Array, a: number, b: number) => boolean,
  ): boolean {
    return first.every((a) => second.every((b) => holds(d, a, b)));
  }

  /** No plan below begins later than this: the latest first start, and the work that each thing has to do before its ends. */
  function boundOf(d: Float64Array): number {
    let bound = Infinity;
    for (let i = 0; i < n; i++) bound = Math.min(bound, d[zero * size + i] as number);
    for (let r = 0; r < capacity.length; r++) {
      const ends: [end: number, work: number][] = [];
      for (let i = 0; i < n; i++) {
        const demand = (tasks[i] as SearchTask).demand[r] as number;
        if (demand > 0)
          ends.push([(d[zero * size + i] as number) + (minutes[i] as number), demand * (minutes[i] as number)]);
      }
      ends.sort((a, b) => a[0] - b[0]);
      let work = 0;
      for (const [end, more] of ends) {
        work += more;
        bound = Math.min(bound, Math.floor(end - work / (capacity[r] as number)));
      }
    }
    return bound;
  }

  /** Of what clashes when everything is as late as it can be, that which failed most and costs most; null when nothing does. */
  function worst(d: Float64Array): Conflict | null {
    const at = (i: number) => d[zero * size + i] as number;
    const overlap = (a: number, b: number) => at(a) < at(b) + lead(b, a) && at(b) < at(a) + lead(a, b);
    let found: Conflict | null = null;
    let most = -Infinity;
    const consider = (conflict: Conflict) => {
      const score = (weights.get(conflict.key) ?? 1) * (1 + Math.min(...conflict.ways.map((way) => costOf(way, d))));
      if (score > most) [found, most] = [conflict, score];
    };
    pairs.forEach(([a, b], p) => {
      if (overlap(a, b)) consider({ key: p, ways: [[[a, b]], [[b, a]]] });
    });
    apart.forEach(([first, second], g) => {
      const clash =
        !allBefore(d, first, second, (_, a, b) => at(a) + lead(a, b) <= at(b)) &&
        !allBefore(d, second, first, (_, a, b) => at(a) + lead(a, b) <= at(b));
      if (clash) consider({ key: pairs.length + g, ways: [product(first, second), product(second, first)] });
    });
    for (const r of shared) {
      const set = overdrawn(r, at);
      if (set !== null)
        consider({
          key: pairs.length + apart.length + r,
          ways: set.flatMap((a) => set.filter((b) => b !== a).map((b) => [[a, b] as const])),
        });
    }
    return found;
  }
  /** The first set of tasks that together overdraw a thing, as few as do. */
  function overdrawn(r: number, at: (i: number) => number): number[] | null {
    const users = tasks.flatMap((t, i) => ((t.demand[r] as number) > 0 && t.duration > 0 ? [i] : []));
    for (const i of users) {
      const running = users.filter((j) => at(j) <= at(i) && at(i) < at(j) + (minutes[j] as number));
      const need = (j: number) => (tasks[j] as SearchTask).demand[r] as number;
      if (running.reduce((sum, j) => sum + need(j), 0) <= (capacity[r] as number)) continue;
      const set: number[] = [];
      let sum = 0;
      for (const j of running.sort((a, b) => need(b) - need(a) || a - b)) {
        set.push(j);
        sum += need(j);
        if (sum > (capacity[r] as number)) return set;
      }
    }
    return null;
  }
  /** How much earlier something has to begin this way. */
  function costOf(way: Conflict["ways"][number], d: Float64Array): number {
    let cost = 0;
    for (const [a, b] of way)
      cost = Math.max(cost, (d[zero * size + a] as number) + lead(a, b) - (d[zero * size + b] as number));
    return cost;
  }
  function byCost({ ways }: Conflict, d: Float64Array): Conflict["ways"] {
    return ways
      .map((way) => ({ way, cost: costOf(way, d) }))
      .sort((a, b) => a.cost - b.cost)
      .map((w) => w.way);
  }
}

const product = (first: readonly number[], second: readonly number[]): (readonly [number, number])[] =>
  first.flatMap((a) => second.map((b) => [a, b] as const));

/** Pairs that never run at once: together they need more of something than there is, or another heat of the one oven. */
function exclusivePairs({
  tasks,
  capacity,
  ovenResource,
  ovenToleranceK,
}: SearchProblem): (readonly [number, number])[] {
  const pairs: (readonly [number, number])[] = [];
  tasks.forEach((a, i) => {
    if (a.duration === 0) return;
    for (let j = i + 1; j < tasks.length; j++) {
      const b = tasks[j] as SearchTask;
      if (b.duration === 0) continue;
      const overdraws = capacity.some((units, r) => {
        const [x, y] = [a.demand[r] as number, b.demand[r] as number];
        return x > 0 && y > 0 && x + y > units;
      });
      const heats =
        ovenResource !== null && a.ovenC !== null && b.ovenC !== null && Math.abs(a.ovenC - b.ovenC) > ovenToleranceK;
      if (overdraws || heats) pairs.push([i, j]);
    }
  });
  return pairs;
}
