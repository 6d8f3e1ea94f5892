import type { Plan } from "../plan";
import type { Progress, StepKey } from "../process/log";
import type { Schedule } from "./schedule";
import type { OvenRates, TaskId } from "./task";

/** A home oven (common practice: 180 °C in 10 to 15 min, from 220 to 180 °C in 10 with the door ajar). */
export const HOME_OVEN: OvenRates = { up: 13, down: 5 };
/** Heats that are this near count as one. */
export const SAME_HEAT_K = 10;

/** Whole minutes that one oven needs from one heat to another; none between heats that count as one. */
export function changeoverMin(
  fromC: number,
  toC: number,
  { up, down }: OvenRates = HOME_OVEN,
  alikeK = SAME_HEAT_K,
): number {
  const byK = toC - fromC;
  if (Math.abs(byK) <= alikeK) return 0;
  return Math.ceil(byK > 0 ? byK / up : -byK / down);
}

/** So long after its last use an oven counts as cold, minutes (engineering estimate). */
export const STAYS_HOT_MIN = 20;

/** When the oven is switched on, or to another heat, and for which step. Minutes relative to serving. */
export interface OvenOn {
  readonly step: StepKey;
  readonly task: string;
  readonly startMin: number;
  readonly minutes: number;
  /** The heat that it has from the step before; null where it is cold. */
  readonly fromC: number | null;
  readonly tempC: number;
}
/**
 * What has to be done at the oven before its steps: one that is hot from the step before needs nothing, or only the way to another
 * heat, which begins when that step has left it.
 */
export function ovenOn(plan: Pick<Plan, "tasks">, schedule: Schedule | null): OvenOn[] {
  if (schedule?.kind !== "fits") return [];
  const at = (id: TaskId) => schedule.starts[id] ?? 0;
  const uses = plan.tasks
    .filter((t) => t.ovenC !== null && t.minutes > 0)
    .map((t) => ({ from: at(t.id), to: at(t.id) + t.minutes, tempC: t.ovenC as number }));
  /** Who had it last before a moment, while it is hot from that. */
  const lastBefore = (when: number) =>
    uses
      .filter((u) => u.from < when && u.to >= when - STAYS_HOT_MIN)
      .reduce<(typeof uses)[number] | null>((last, u) => (last === null || u.to > last.to ? u : last), null);
  return plan.tasks
    .flatMap((t): OvenOn[] => {
      const tempC = t.heatsOvenTo;
      if (tempC === undefined) return [];
      const when = at(t.id) + t.minutes;
      const fromC = lastBefore(when)?.tempC ?? null;
      const minutes = fromC === null ? t.minutes : changeoverMin(fromC, tempC);
      return minutes === 0 ? [] : [{ step: t.step, task: t.id, startMin: when - minutes, minutes, fromC, tempC }];
    })
    .sort((a, b) => a.startMin - b.startMin);
}

/** An oven that a cook is told of: to be switched on by now, or said to be on. Minutes relative to serving. */
export interface OvenDue extends OvenOn {
  /** Since when it is said to be on, and when it is hot by that; null where nobody said so. */
  readonly onMin: number | null;
  readonly hotMin: number | null;
}
/**
 * What of it a cook is told at a moment: what is due from the minute before on, and what was said to be on, until its step has begun and
 * it is hot.
 *
 * @param nowMin minutes relative to serving, `lateMin` how late everything is
 */
export function ovensDue(
  ovens: readonly OvenOn[],
  { begunAt, doneAt, ovenOnAt }: Pick<Progress, "begunAt" | "doneAt" | "ovenOnAt">,
  serveMs: number,
  nowMin: number,
  lateMin: number,
): OvenDue[] {
  return ovens.flatMap((oven) => {
    const since = ovenOnAt.get(oven.step);
    const onMin = since === undefined ? null : (since - serveMs) / 60_000;
    const hotMin = onMin === null ? null : onMin + oven.minutes;
    const isTold = hotMin !== null || nowMin - lateMin >= oven.startMin - 1;
    const isOver = doneAt.has(oven.step) || (begunAt.has(oven.step) && (hotMin === null || nowMin >= hotMin));
    return isTold && !isOver ? [{ ...oven, onMin, hotMin }] : [];
  });
}
