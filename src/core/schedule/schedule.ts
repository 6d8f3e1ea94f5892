import { SHELVES_OF_ONE_OVEN } from "./capacities";
import { type Bound, closeNetwork } from "./network";
import { search, type SearchProblem, type SearchTask } from "./search";
import { type Lag, type ScheduleInput, SERVE, type Task } from "./task";

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
  return { ...attempt, reliefs: reliefsFor(input) };
}

function solve(input: ScheduleInput): Schedule {
  const { tasks } = input;
  const n = tasks.length;
  const index = new Map(tasks.map((t, i) => [t.id, i]));
  const nodeOf = (id: string) => (id === SERVE ? n : (index.get(id) ?? missing(id)));
  const durationOf = (id: string) => (id === SERVE ? 0 : (tasks[nodeOf(id)] as Task).minutes);

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
      proven: true,
      nodesUsed: 0,
    };

  const problem = problemOf(input, network.distance, index);
  const result = search(problem);
  if (result.best === null)
    return {
      kind: "does-not-fit",
      proven: result.complete,
      contradiction: [],
      reliefs: [],
      nodesUsed: result.nodesUsed,
    };
  const { starts, earliestStart, handsBlocks } = result.best;
  return {
    kind: "fits",
    starts: Object.fromEntries(tasks.map((t, i) => [t.id, starts[i] as number])),
    startMin: earliestStart,
    handsBlocks,
    handsMin: tasks.reduce((sum, t) => (t.kind === "hands" ? sum + t.minutes : sum), 0),
    boundMin: result.complete ? earliestStart : result.latestPossibleStart,
    proven: result.complete || earliestStart === result.latestPossibleStart,
    nodesUsed: result.nodesUsed,
  };
}

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
    ovenToleranceK: 10,
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

/** Tries one change at a time, on a fraction of the budget, and keeps those that help; longest waits first by need. */
function reliefsFor(input: ScheduleInput): Relief[] {
  const nodes = Math.ceil(input.nodes / 8);
  const fits = (changed: Partial<ScheduleInput>) => {
    const tried = solve({ ...input, ...changed, nodes });
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

function missing(id: string): never {
  throw new RangeError(`No task ${id}`);
}
