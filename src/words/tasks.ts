import type { Plan } from "@/core/plan";
import type { OvenDue, OvenOn } from "@/core/schedule/oven";
import type { Schedule } from "@/core/schedule/schedule";
import { type Move, orderOfWork } from "@/core/schedule/work";
import type { UnitSystem } from "@/core/quantities/units";
import { writeTemp } from "@/core/quantities/write";
import { STEP_NAMES } from "./steps";

/** A step on its day with the words for it. */
export interface TitledMove extends Move {
  readonly title: string;
}
/** The order of work with a title for each step. */
export const titledWork = (plan: Plan, schedule: Schedule | null): TitledMove[] =>
  orderOfWork(plan, schedule).map((m) => ({ ...m, title: `${STEP_NAMES[m.row.step.kind]} · ${m.part}` }));

/** That the oven is switched on, or to another heat. */
export const describeOvenOn = ({ fromC, tempC }: Pick<OvenOn, "fromC" | "tempC">, units: UnitSystem): string =>
  fromC === null ? `Oven on, ${writeTemp(tempC, units)}` : `Oven to ${writeTemp(tempC, units)}`;
/**
 * The oven at the stove: to be on for what follows at a clock time, or on its way, or hot.
 *
 * @param nowMin minutes relative to serving, `lateMin` how late everything is
 * @param planTime the clock time of such a minute
 */
export function describeOvenDue(
  oven: OvenDue,
  title: string,
  nowMin: number,
  lateMin: number,
  planTime: (minute: number) => string,
  units: UnitSystem,
): string {
  const { onMin, hotMin } = oven;
  const what = describeOvenOn(oven, units);
  if (onMin === null || hotMin === null)
    return `${what}: “${title}” follows at ${planTime(oven.startMin + oven.minutes + lateMin)}.`;
  const hot = `hot ${nowMin < hotMin ? "at" : "since"} about ${planTime(hotMin)}`;
  return `${what} since ${planTime(onMin)}, ${hot}, for “${title}”.`;
}
