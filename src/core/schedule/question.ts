import { blockedBefore, cooksAway } from "../calendar/zonedTime";
import type { Kitchen } from "../household/kitchen";
import { capacitiesOf } from "./capacities";
import { HOME_OVEN } from "./oven";
import { hardestOf } from "./stretch";
import { type Lag, lastServed, type ScheduleInput, SERVE, type TaskNet } from "./task";

/** Six days back is as far as the clock looks: a block is frozen and thawed in four. The budget takes a third of a second. */
const HORIZON_MIN = 6 * 1440;
const NODES = 60_000;

/** Nobody cooks so shortly before leaving or going to bed, minutes (common practice: coat, teeth, a look round). */
const ON_THE_WAY_MIN = 10;

/**
 * What has to be solved for one supper in a kitchen: its tasks, what the kitchen has, and the hours of nobody.
 *
 * @param untilMin so long after serving hours are looked at, minutes
 */
export const scheduleQuestion = (
  { tasks, lags, apart, budgets, roomMin }: TaskNet,
  kitchen: Kitchen,
  serveAt: string,
  untilMin: number = lastServed(lags),
): ScheduleInput => ({
  tasks,
  lags: lags.map((lag) => withRoom(lag, roomMin)),
  apart,
  budgets,
  capacities: capacitiesOf(kitchen, tasks),
  ovenRates: HOME_OVEN,
  ovens: kitchen.ovens.length,
  blocked: blockedBefore(kitchen, serveAt, HORIZON_MIN, untilMin).map(
    ([from, to]) => [from > 0 ? from : Math.max(-HORIZON_MIN, from - ON_THE_WAY_MIN), to] as const,
  ),
  gone: { hands: cooksAway(kitchen, serveAt, HORIZON_MIN, untilMin) },
  pointMin: kitchen.pointMin,
  horizonMin: HORIZON_MIN,
  nodes: NODES,
});

/** What goes to the table is ready so much earlier, as far as it may wait at all; what that costs is counted like any other wait. */
function withRoom(lag: Lag, roomMin: number): Lag {
  if (lag.to !== SERVE || roomMin === 0) return lag;
  return { ...lag, minMin: Math.max(lag.minMin, Math.min(lag.minMin + roomMin, hardestOf(lag) ?? Infinity)) };
}
