import type { Id } from "../quantities/id";
import type { StepKey } from "../process/log";
import type { PartId, DishId } from "../process/step";

/** Name of a task: supper, step of a dish, phase. */
export type TaskId = Id<"task">;
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
}
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
}
/** Tasks of one group use a thing from the first to the last; groups of a pair may not interleave. */
export type Apart = readonly [readonly TaskId[], readonly TaskId[]];

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
  /** Asleep or away, [from, to) in minutes relative to serving: no hands and no eye. */
  readonly blocked: readonly (readonly [number, number])[];
  /** How far back it may reach, minutes. */
  readonly horizonMin: number;
  readonly nodes: number;
}
