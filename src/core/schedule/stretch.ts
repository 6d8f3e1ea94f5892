import { type Lag, SERVE, type ScheduleInput } from "./task";

/** A wait that is longer than usual, so that everything fits. */
export interface Stretched {
  readonly from: string;
  readonly to: string;
  readonly usualMin: number;
  readonly waitsMin: number;
  /** Points of bite that it costs (an estimate). */
  readonly points: number;
}
/** Points of bite that there are to lose: food that has lost them all is ruined. */
const ALL_POINTS = 10;
type Starts = Readonly<Record<string, number>>;

/** Whether the limit is only the usual one: beyond it food loses. */
export const isSoft = ({ maxMin, hardMin }: Lag): boolean =>
  maxMin !== null && hardMin !== undefined && (hardMin === null || hardMin > maxMin);

/** The longest wait at all, minutes: where food is unsafe, or has nothing left to lose; null is no limit. */
export function hardestOf(lag: Lag): number | null {
  if (lag.maxMin === null || !isSoft(lag)) return lag.maxMin;
  const rate = lag.pointsPerMin ?? 0;
  const ruined = rate > 0 ? lag.maxMin + Math.floor(ALL_POINTS / rate) : Infinity;
  const hardest = Math.min(lag.hardMin ?? Infinity, ruined);
  return hardest === Infinity ? null : hardest;
}

/** How long each lag's food waits in a plan; the table is laid `tableMin` after serving. */
export function waitOf(input: Pick<ScheduleInput, "tasks">, lag: Lag, starts: Starts, tableMin = 0): number {
  const task = input.tasks.find((t) => t.id === lag.from);
  return (
    (lag.to === SERVE ? tableMin + (lag.afterMin ?? 0) : (starts[lag.to] ?? 0)) -
    ((starts[lag.from] ?? 0) + (task?.minutes ?? 0))
  );
}

/** The waits of a plan that are longer than usual, the dearest first. */
export function longWaits(input: Pick<ScheduleInput, "tasks" | "lags">, starts: Starts, tableMin = 0): Stretched[] {
  return input.lags
    .flatMap((lag): Stretched[] => {
      if (!isSoft(lag)) return [];
      const waitsMin = waitOf(input, lag, starts, tableMin);
      const usualMin = lag.maxMin as number;
      const points = (waitsMin - usualMin) * (lag.pointsPerMin ?? 0);
      return waitsMin > usualMin ? [{ from: lag.from, to: lag.to, usualMin, waitsMin, points }] : [];
    })
    .sort((a, b) => b.points - a.points || (a.from < b.from ? -1 : 1));
}
