import { blockedBefore, cooksAway } from "../calendar/zonedTime";
import type { Kitchen } from "../household/kitchen";
import { capacitiesOf } from "./capacities";
import { HOME_OVEN } from "./oven";
import { lastServed, type ScheduleInput, type TaskNet } from "./task";

/** Six days back is as far as the clock looks: a block is frozen and thawed in four. The budget takes a third of a second. */
const HORIZON_MIN = 6 * 1440;
const NODES = 60_000;

/** What has to be solved for one supper in a kitchen: its tasks, what the kitchen has, and the hours of nobody. */
export const scheduleQuestion = (
  { tasks, lags, apart, budgets }: TaskNet,
  kitchen: Kitchen,
  serveAt: string,
): ScheduleInput => ({
  tasks,
  lags,
  apart,
  budgets,
  capacities: capacitiesOf(kitchen),
  ovenRates: HOME_OVEN,
  ovens: kitchen.ovens.length,
  blocked: blockedBefore(kitchen, serveAt, HORIZON_MIN, lastServed(lags)),
  gone: { hands: cooksAway(kitchen, serveAt, HORIZON_MIN, lastServed(lags)) },
  pointMin: kitchen.pointMin,
  horizonMin: HORIZON_MIN,
  nodes: NODES,
});
