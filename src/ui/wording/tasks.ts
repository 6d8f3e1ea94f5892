import type { Plan } from "@/core/plan";
import type { OvenOn } from "@/core/schedule/oven";
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
 * The oven at the stove: on since a clock time, or to be on for what follows at one.
 *
 * @param wallTime of an instant, `planTime` of a minute relative to serving
 */
export const describeOvenDue = (
  oven: OvenOn & { readonly since: number | null },
  title: string,
  wallTime: (ms: number) => string,
  planTime: (minute: number) => string,
  units: UnitSystem,
): string =>
  oven.since === null
    ? `${describeOvenOn(oven, units)}: “${title}” follows at ${planTime(oven.startMin + oven.minutes)}.`
    : `${describeOvenOn(oven, units)} since ${wallTime(oven.since)}, for “${title}”.`;
