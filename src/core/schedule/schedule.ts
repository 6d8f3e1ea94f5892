import { SHELVES_OF_ONE_OVEN } from "./capacities";
import { type Bound, closeNetwork } from "./network";
import { better, foundIn, handsBlocks } from "./objective";
import { SAME_HEAT_K } from "./oven";
import { searchOrders } from "./orders";
import { longWaits, type Stretched, stretched } from "./stretch";
import { search, type SearchProblem, type SearchTask } from "./search";
import { type Lag, type ScheduleInput, SERVE, type Task, type TaskId } from "./task";

/** A change that would make the supper fit, found by trying it. */
export type Relief =
  | {
      readonly kind: "wait-longer";
      readonly from: string;
      readonly to: string;
      readonly nowMin: number;
      readonly neededMin: number | null;
    }
  | { readonly kind: "one-more"; readonly resource: string }
  | { readonly kind: "be-home" };

/** Start times with what is proven of them, or why there are none. */
export type Schedule =
  | {
      readonly kind: "fits";
      /** Start of each task, minutes relative to serving. */
      readonly starts: Readonly<Record<string, number>>;
      readonly startMin: number;
      readonly handsBlocks: number;
      readonly handsMin: number;
      /** Nobody can start later than this; equal to `startMin` when the plan is proven the latest. */
      readonly boundMin: number;
      /** Waits longer than usual, without which nothing fits; empty where all keep their limits. */
      readonly stretched: readonly Stretched[];
      readonly proven: boolean;
      readonly nodesUsed: number;
    }
  | {
      readonly kind: "does-not-fit";
      /** Proven impossible, or only not found within the budget. */
      readonly proven: boolean;
      /** Lags that contradict each other, when that alone is the reason. */
      readonly contradiction: readonly Lag[];
      readonly reliefs: readonly Relief[];
      readonly nodesUsed: number;
    };

/** The first look with longer waits takes the whole budget, each look for shorter ones such a part of it. */
const STRETCH_SHARE = 15;
const HANDS = "hands";
const OVEN = "oven";

/**
 * Start times for all tasks, worked back from serving: every lag kept, no resource overdrawn, nothing that needs a
 * cook while nobody is there. Starts as late as it can, with few interruptions.
 *
 * Equal input gives an equal answer: the budget counts nodes. Method: see `network` and `search`; tasks with maximum
 * lags after Bartusch, Möhring and Radermacher, Annals of Operations Research 16 (1988) 201.
 */
export function schedule(input: ScheduleInput): Schedule {
  const attempt = solve(input);
  if (attempt.kind === "fits") return attempt;
  let share = 1;
  const longer = stretched(input, (asked) => {
    const tried = solve({ ...asked, nodes: Math.ceil(input.nodes / share) }, false);
    share = STRETCH_SHARE;
    return tried.kind === "fits" ? tried.starts : null;
  });
  if (longer !== null) {
    const found = solve(longer.input);
    const starts = found.kind === "fits" ? found.starts : longer.starts;
    const plan = found.kind === "fits" ? found : { ...fitting(input, starts), boundMin: 0, proven: false };
    return { ...plan, stretched: longWaits(input, starts) };
  }
  return { ...attempt, reliefs: reliefsFor(input) };
}

/** A node costs about as much as there are pairs of tasks: many tasks get fewer. */
const PAIR_WORK = 2e7;
/** The nodes that a problem of so many tasks may use. */
const affordable = (nodes: number, tasks: number): number =>
  Math.max(1, Math.min(nodes, Math.ceil(PAIR_WORK / Math.max(1, tasks) ** 2)));

/** @param ties whether fewer interruptions are looked for, once a plan is found */
function solve(asked: ScheduleInput, ties = true): Schedule {
  const { tasks } = asked;
  const n = tasks.length;
  const input = { ...asked, nodes: affordable(asked.nodes, n) };
  const index = new Map(tasks.map((t, i) => [t.id, i]));
  const nodeOf = (id: TaskId) => (id === SERVE ? n : (index.get(id) ?? missing(id)));
  const durationOf = (id: TaskId) => (id === SERVE ? 0 : (tasks[nodeOf(id)] as Task).minutes);

  const lags: Lag[] = [
    ...input.lags,
    ...tasks.map((t) => ({ from: t.id, to: SERVE, minMin: 0, maxMin: input.horizonMin - t.minutes })),
  ];
  const bounds: Bound[] = lags.flatMap((lag, why) => {
    const [from, to, duration] = [nodeOf(lag.from), nodeOf(lag.to), durationOf(lag.from)];
    const least: Bound = { from: to, to: from, atMost: -(duration + lag.minMin), why };
    return lag.maxMin === null ? [least] : [least, { from, to, atMost: duration + lag.maxMin, why }];
  });
  const network = closeNetwork(n + 1, bounds);
  if (network.kind === "conflict") {
    const contradiction = [...new Set(network.cycle)].map((i) => lags[i] as Lag);
    return { kind: "does-not-fit", proven: true, contradiction, reliefs: [], nodesUsed: 0 };
  }
  if (n === 0)
    return {
      kind: "fits",
      starts: {},
      startMin: 0,
      handsBlocks: 0,
      handsMin: 0,
      boundMin: 0,
      stretched: [],
      proven: true,
      nodesUsed: 0,
    };

  const problem = problemOf(input, network.distance, index);
  const latest = searchOrders({ ...problem, nodes: Math.ceil(input.nodes * ORDERS_SHARE) });
  if (latest.starts === null && latest.complete)
    return { kind: "does-not-fit", proven: true, contradiction: [], reliefs: [], nodesUsed: latest.nodesUsed };
  // The rest of the budget looks for fewer interruptions among plans that begin no earlier.
  const floor = latest.starts === null ? -Infinity : Math.min(...latest.starts);
  const searched = Math.ceil(
    input.nodes * (latest.starts !== null && !ties ? 0 : latest.complete ? TIES_SHARE : 1 - ORDERS_SHARE),
  );
  const result = search({
    ...problem,
    earliest: problem.earliest.map((e) => Math.max(e, floor)),
    nodes: searched,
  });
  const known = latest.starts === null ? null : foundIn(problem, latest.starts);
  const best = known === null || (result.best !== null && better(result.best, known)) ? result.best : known;
  const nodesUsed = latest.nodesUsed + result.nodesUsed;
  if (best === null)
    return { kind: "does-not-fit", proven: result.complete, contradiction: [], reliefs: [], nodesUsed };
  const { starts, earliestStart } = best;
  const proven = latest.complete || result.complete || earliestStart === result.latestPossibleStart;
  return {
    ...fitting(input, Object.fromEntries(tasks.map((t, i) => [t.id, starts[i] as number]))),
    boundMin: proven ? earliestStart : result.latestPossibleStart,
    stretched: [],
    proven,
    nodesUsed,
  };
}
/** A plan as it is told, before anything is proven of it. */
const fitting = ({ tasks }: ScheduleInput, starts: Readonly<Record<string, number>>) => ({
  kind: "fits" as const,
  starts,
  startMin: Math.min(...Object.values(starts)),
  handsMin: tasks.reduce((sum, t) => (t.kind === "hands" ? sum + t.minutes : sum), 0),
  handsBlocks: blocksOf(tasks, starts),
  nodesUsed: 0,
});
/** Stretches of hands-on work without a gap. */
const blocksOf = (tasks: readonly Task[], starts: Readonly<Record<string, number>>): number =>
  handsBlocks(
    {
      tasks: tasks.map((t) => ({ duration: t.minutes, demand: [t.demands[HANDS] ?? 0], attended: true, ovenC: null })),
      handsResource: 0,
    },
    tasks.map((t) => starts[t.id] as number),
  );
/** Of the budget, for the latest first start and its proof. */
const ORDERS_SHARE = 0.5;
/** For fewer interruptions, once the start is proven. */
const TIES_SHARE = 0.25;

function problemOf(input: ScheduleInput, closed: Float64Array, index: ReadonlyMap<string, number>): SearchProblem {
  const { tasks } = input;
  const n = tasks.length;
  const resources = Object.keys(input.capacities);
  const distance = new Float64Array(n * n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) distance[i * n + j] = closed[i * (n + 1) + j] as number;
  const searchTasks: SearchTask[] = tasks.map((t) => ({
    duration: t.minutes,
    demand: resources.map((r) => t.demands[r] ?? 0),
    attended: t.kind !== "wait",
    ovenC: t.ovenC,
  }));
  return {
    tasks: searchTasks,
    capacity: resources.map((r) => input.capacities[r] as number),
    handsResource: resources.indexOf(HANDS),
    // One oven has one heat; with several, each may have its own.
    ovenResource: (input.capacities[OVEN] ?? 0) <= SHELVES_OF_ONE_OVEN ? resources.indexOf(OVEN) : null,
    ovenToleranceK: SAME_HEAT_K,
    ovenRates: input.ovenRates ?? null,
    distance,
    latest: tasks.map((_, i) => closed[n * (n + 1) + i] as number),
    earliest: tasks.map((_, i) => -(closed[i * (n + 1) + n] as number)),
    blocked: [...input.blocked].sort((a, b) => a[0] - b[0]),
    apart: input.apart.map(([a, b]) => [
      a.map((id) => index.get(id) as number),
      b.map((id) => index.get(id) as number),
    ]),
    nodes: input.nodes,
  };
}

/** Each change that is tried takes such a part of the budget; together they take no more than the whole of it. */
const RELIEF_SHARE = 8;
/** Tries one change at a time, on a fraction of the budget, and keeps those that help; longest waits first by need. */
function reliefsFor(input: ScheduleInput): Relief[] {
  const nodes = Math.ceil(input.nodes / RELIEF_SHARE);
  let left = affordable(input.nodes, input.tasks.length);
  const fits = (changed: Partial<ScheduleInput>) => {
    if (left <= 0) return null;
    const tried = solve({ ...input, ...changed, nodes });
    left -= tried.nodesUsed;
    return tried.kind === "fits" ? tried : null;
  };
  const reliefs: Relief[] = [];
  for (const resource of Object.keys(input.capacities)) {
    const capacities = { ...input.capacities, [resource]: (input.capacities[resource] as number) + 1 };
    if (fits({ capacities })) reliefs.push({ kind: "one-more", resource });
  }
  if (input.blocked.length > 0 && fits({ blocked: [] })) reliefs.push({ kind: "be-home" });
  input.lags.forEach((lag, i) => {
    if (lag.maxMin === null) return;
    const without = input.lags.map((l, j) => (j === i ? { ...l, maxMin: null } : l));
    const found = fits({ lags: without });
    if (!found) return;
    const end = (found.starts[lag.from] as number) + (input.tasks.find((t) => t.id === lag.from) as Task).minutes;
    const start = lag.to === SERVE ? 0 : (found.starts[lag.to] as number);
    reliefs.push({ kind: "wait-longer", from: lag.from, to: lag.to, nowMin: lag.maxMin, neededMin: start - end });
  });
  return reliefs;
}

function missing(id: TaskId): never {
  throw new RangeError(`No task ${id}`);
}
