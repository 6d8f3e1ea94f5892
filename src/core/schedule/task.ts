import type { Id } from "../quantities/id";
import type { StepKey } from "../process/log";
import type { PartId, DishId } from "../process/step";

/** Name of a task: supper, step of a dish, phase. */
export type TaskId = Id<"task">;
/** A way in which a task can be done. */
export interface Way {
  readonly minutes: number;
  readonly demands: Readonly<Record<string, number>>;
  /** Points of bite that it costs to do it so. */
  readonly points?: number;
}
/** A stretch of work or waiting that begins and ends as one. Minutes are whole. */
export interface Task {
  readonly id: TaskId;
  readonly step: StepKey;
  readonly dish: DishId;
  readonly part: PartId;
  readonly kind: "hands" | "watch" | "wait";
  readonly minutes: number;
  readonly demands: Readonly<Record<string, number>>;
  /** Heat of the oven it stands in; tasks share an oven when they want about the same. null is no oven. */
  readonly ovenC: number | null;
  /** Heats the oven up to so much, °C, for the step it belongs to; it is no part of the step's own minutes. */
  readonly heatsOvenTo?: number;
  /** Begins no earlier, and no later, than these: minutes relative to serving. Both the same: it stays where it is. */
  readonly notBefore?: number;
  readonly notAfter?: number;
  /** It may take longer than its minutes, as a thaw does: where a plan costs no more by it, it begins early rather than late. */
  readonly early?: boolean;
  /** Ways to do it instead: on a weak burner it takes longer. Its own minutes and demands are way 0, these are 1, 2 … */
  readonly orElse?: readonly Way[];
  /** Tasks with the same choice go the same way, as the phases of a step do; absent, it chooses alone. */
  readonly choice?: string;
}
/** All ways in which a task can be done, its own first. */
export const waysOf = ({
  minutes,
  demands,
  orElse = [],
}: Pick<Task, "minutes" | "demands" | "orElse">): readonly Way[] => [{ minutes, demands }, ...orElse];
/** The same tasks as they are done: each on its way, and no other. @param ways by task; absent, its own */
export const asDone = (tasks: readonly Task[], ways: Readonly<Record<TaskId, number>>): readonly Task[] =>
  tasks.map(({ orElse, choice: _, ...task }) => {
    void _;
    const way = orElse?.[(ways[task.id] ?? 0) - 1];
    return way === undefined ? task : { ...task, minutes: way.minutes, demands: way.demands };
  });
/** The table: every lag that ends in it is counted to the moment of serving. */
export const SERVE = "serve";

/** From the end of one task to the start of another (or to serving): at least, at most. null is no limit. */
export interface Lag {
  readonly from: TaskId;
  readonly to: TaskId;
  readonly minMin: number;
  readonly maxMin: number | null;
  /**
   * Where `maxMin` is only the usual limit: beyond it food loses, beyond this it is ruined or unsafe; null is no limit.
   * Absent, `maxMin` itself is hard.
   */
  readonly hardMin?: number | null;
  /** Points of bite that a minute beyond the usual limit costs. */
  readonly pointsPerMin?: number;
  /** Where it ends at the table: minutes after serving at which this dish is served. */
  readonly afterMin?: number;
}
/** When the last dish is on the table, minutes after serving. */
export const lastServed = (lags: readonly Pick<Lag, "to" | "afterMin">[]): number =>
  lags.reduce((most, l) => Math.max(most, l.to === SERVE ? (l.afterMin ?? 0) : 0), 0);
/** Waits that add up: together no longer than so much, minutes. */
export interface WaitBudget {
  readonly lags: readonly Pick<Lag, "from" | "to" | "afterMin">[];
  readonly mostMin: number;
  /** The rule that sets the limit. */
  readonly rule: string;
}
/** Tasks of one group use a thing from the first to the last; groups of a pair may not interleave. */
export type Apart = readonly [readonly TaskId[], readonly TaskId[]];

/** Tasks of a dish or a supper and what ties them together. */
export interface TaskNet {
  readonly tasks: readonly Task[];
  readonly lags: readonly Lag[];
  readonly apart: readonly Apart[];
  readonly budgets: readonly WaitBudget[];
  /** So long before it is served everything is to be ready, minutes. */
  readonly roomMin: number;
}

/** How fast an oven heats up, and cools with its door ajar, K a minute. */
export interface OvenRates {
  readonly up: number;
  readonly down: number;
}

/** What `schedule()` takes: tasks without times. Times are whole minutes; serving is minute 0, earlier is negative. */
export interface ScheduleInput {
  readonly tasks: readonly Task[];
  readonly lags: readonly Lag[];
  readonly apart: readonly Apart[];
  readonly capacities: Readonly<Record<string, number>>;
  /** How fast the oven comes to another heat, K a minute; absent, it does at once. */
  readonly ovenRates?: OvenRates;
  /** Heats that are so near count as one, K; 10 where nothing is said. */
  readonly alikeK?: number;
  /** How many ovens share the shelves: one has one heat at a time. Absent: one up to two shelves, else two. */
  readonly ovens?: number;
  /** Asleep or away, [from, to) in minutes relative to serving: no hands and no eye. */
  readonly blocked: readonly (readonly [number, number])[];
  /** Of a thing, how many units are not there for a time: a cook who leaves at five. [from, to, units] */
  readonly gone?: Readonly<Record<string, readonly (readonly [number, number, number])[]>>;
  /** How far back it may reach, minutes. */
  readonly horizonMin: number;
  /** How much work the solver may take: 1 is a small supper's, 60,000 some seconds. */
  readonly nodes: number;
  /** Warm minutes that add up over several waits. */
  readonly budgets?: readonly WaitBudget[];
  /** A point of bite is worth so many minutes of beginning earlier; 20 where nothing is said. */
  readonly pointMin?: number;
  /** What is asked for; "kitchen" where nothing is said. */
  readonly objective?: Objective;
}
/**
 * kitchen: loss of bite and minutes of beginning earlier as one sum, then few interruptions, few changes of the oven, then everything late but what may take longer. card: the latest
 * first start, then these, within the usual waits. soonest: the table as little late as can be, then the least loss, then late. latest-start, makespan: these alone, within the usual waits.
 */
export const OBJECTIVES = ["kitchen", "soonest", "card", "latest-start", "makespan"] as const;
/** One of these. */
export type Objective = (typeof OBJECTIVES)[number];
