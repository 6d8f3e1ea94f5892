import { type Bound, closeNetwork } from "./network";
import { handsBlocks } from "./blocks";
import { type Relief, reliefsFor } from "./reliefs";
import { hardestOf, longWaits, type Stretched } from "./stretch";
import type { Aim } from "./solver/terms";
import { solveFor } from "./solver/solve";
import { asDone, type Lag, lastServed, type Objective, type ScheduleInput, SERVE, type TaskId, waysOf } from "./task";

/** Start times with what is proven of them, or why there are none. */
export type Schedule =
  | {
      readonly kind: "fits";
      /** Start of each task, minutes relative to serving. */
      readonly starts: Readonly<Record<string, number>>;
      readonly startMin: number;
      /** Of each task that can be done in several ways the one that was taken. */
      readonly ways?: Readonly<Record<TaskId, number>>;
      /** When the table is laid, minutes after serving; 0 unless it was asked for as soon as can be. */
      readonly tableMin?: number;
      readonly handsBlocks: number;
      readonly handsMin: number;
      /** Nobody can start later than this; equal to `startMin` when the plan is proven the latest. */
      readonly boundMin: number;
      /** Waits longer than usual; empty where all keep their limits. */
      readonly stretched: readonly Stretched[];
      /** No plan is better by what was asked for. */
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

const AIMS: Readonly<Record<Objective, readonly Aim[]>> = {
  kitchen: ["sum", "blocks", "heats", "lateness"],
  soonest: ["table", "loss", "lateness"],
  card: ["latest-start", "blocks", "lateness"],
  "latest-start": ["latest-start"],
  makespan: ["makespan"],
};
/** So many claims are looked at for each node of the budget. */
const WORK_PER_NODE = 1000;

/**
 * Start times for all tasks, worked back from serving: every hard limit kept, no resource overdrawn, nothing that needs a cook while
 * nobody is there; of these the plan with the smallest sum of what waiting costs and of beginning earlier, with few interruptions.
 *
 * Equal input gives an equal answer: the budget counts work. Method: see `network` and `solver`; tasks with maximum lags after
 * Bartusch, Möhring and Radermacher, Annals of Operations Research 16 (1988) 201.
 *
 * @param onBetter hears the starts of every better plan as it is found
 */
export function schedule(
  input: ScheduleInput,
  onBetter: (starts: Readonly<Record<string, number>>) => void = () => undefined,
): Schedule {
  const found = solve(input, AIMS[input.objective ?? "kitchen"], onBetter);
  return found.kind === "fits" ? found : { ...found, reliefs: reliefsFor(input, (asked) => solve(asked, ["sum"])) };
}
/** The same for whoever tries one thing after the other: where nothing fits, nothing is looked for that would help. */
export const tryOut = (input: ScheduleInput): Schedule => solve(input, AIMS[input.objective ?? "kitchen"]);

/** @param aims what is made small, one after the other */
function solve(
  asked: ScheduleInput,
  aims: readonly Aim[],
  onBetter: (starts: Readonly<Record<string, number>>) => void = () => undefined,
): Schedule {
  const { tasks } = asked;
  const n = tasks.length;
  // Where loss is no part of the sum, food waits no longer than usual.
  const input =
    aims[0] === "sum" || aims[0] === "table"
      ? asked
      : { ...asked, lags: asked.lags.map(({ hardMin: _, ...lag }) => (void _, lag)) };
  const ends = (lag: Lag) => (lag.to === SERVE ? (lag.afterMin ?? 0) : 0);
  const lastMin = lastServed(input.lags);
  const index = new Map(tasks.map((t, i) => [t.id, i]));
  const nodeOf = (id: TaskId) => (id === SERVE ? n : (index.get(id) ?? missing(id)));
  const spans = tasks.map((t) => waysOf(t).map((w) => w.minutes));
  const span = (id: TaskId) => {
    const minutes = spans[nodeOf(id)] as readonly number[];
    return { least: Math.min(...minutes), most: Math.max(...minutes) };
  };
  const lags: Lag[] = [
    ...input.lags,
    ...tasks.map((t) => ({ from: t.id, to: SERVE, minMin: -lastMin, maxMin: input.horizonMin - span(t.id).most })),
  ];
  const bounds: Bound[] = lags.flatMap((lag, why) => {
    const [from, to] = [nodeOf(lag.from), nodeOf(lag.to)];
    const takes = span(lag.from);
    const least: Bound = { from: to, to: from, atMost: -(takes.least - ends(lag) + lag.minMin), why };
    const hardest = hardestOf(lag);
    return hardest === null ? [least] : [least, { from, to, atMost: takes.most - ends(lag) + hardest, why }];
  });
  // Where the table moves, minutes of the day are no longer counted from it: the bounds of the starts hold them.
  const fixed = aims[0] === "table" ? [] : tasks;
  for (const [i, { notBefore, notAfter }] of fixed.entries()) {
    const why = input.lags.length + i;
    if (notBefore !== undefined) bounds.push({ from: i, to: n, atMost: -notBefore, why });
    if (notAfter !== undefined) bounds.push({ from: n, to: i, atMost: notAfter, why });
  }
  const network = closeNetwork(n + 1, bounds);
  const none = { kind: "does-not-fit" as const, contradiction: [], reliefs: [] };
  if (network.kind === "conflict") {
    const circle = [...new Set(network.cycle)];
    const asked = circle.filter((i) => i < input.lags.length);
    const contradiction = (asked.length > 0 ? asked : circle).map((i) => lags[i] as Lag);
    return { ...none, proven: true, contradiction, nodesUsed: 0 };
  }
  const byId = (starts: readonly number[]) => Object.fromEntries(tasks.map((t, i) => [t.id, starts[i] as number]));
  const found = solveFor(input, network.distance, aims, input.nodes * WORK_PER_NODE, (s) => onBetter(byId(s)));
  if (found.starts === null) return { ...none, proven: found.impossible, nodesUsed: found.conflicts };
  const starts = byId(found.starts);
  const startMin = n === 0 ? 0 : Math.min(...found.starts);
  const ways = Object.fromEntries(
    tasks.flatMap((t, i) => (t.orElse === undefined ? [] : [[t.id, found.ways[i] ?? 0]])),
  );
  const done = asDone(tasks, ways);
  const proven = found.reached[0]?.proven ?? false;
  return {
    kind: "fits",
    starts,
    startMin,
    ...(Object.keys(ways).length === 0 ? {} : { ways }),
    handsMin: done.reduce((sum, t) => (t.kind === "hands" ? sum + t.minutes : sum), 0),
    handsBlocks: handsBlocks(done, starts),
    boundMin: proven ? startMin : Math.max(startMin, found.latestFirst),
    stretched: longWaits({ ...input, tasks: done }, starts, found.table),
    ...(found.table === 0 ? {} : { tableMin: found.table }),
    proven,
    nodesUsed: found.conflicts,
  };
}

function missing(id: TaskId): never {
  throw new RangeError(`No task ${id}`);
}
