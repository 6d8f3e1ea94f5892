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
/** Where nothing is ruined or unsafe, food may wait so much longer than it should at most, minutes. */
const MOST_LONGER_MIN = 240;
type Starts = Readonly<Record<string, number>>;
/** A wait is halved towards its usual limit so often before it is left as it is. */
const HALVINGS = 3;

const isSoft = (lag: Lag): boolean =>
  lag.maxMin !== null && lag.hardMin !== undefined && (lag.hardMin === null || lag.hardMin > lag.maxMin);
const hardest = (lag: Lag): number => Math.min(lag.hardMin ?? Infinity, (lag.maxMin as number) + MOST_LONGER_MIN);

/** How long each lag's food waits in a plan. */
export function waitOf(input: ScheduleInput, lag: Lag, starts: Starts): number {
  const task = input.tasks.find((t) => t.id === lag.from);
  return (lag.to === SERVE ? 0 : (starts[lag.to] ?? 0)) - ((starts[lag.from] ?? 0) + (task?.minutes ?? 0));
}

/**
 * Where nothing fits within the usual waits: the same question with waits that cost, each as short as it can be got. First every
 * wait up to where food is ruined or unsafe; then, the dearest first, each back to its usual limit while the others may grow, where
 * the sum gets less; at last each back to its usual limit or half way there, as long as a plan is found. Null when even the first
 * does not fit.
 *
 * @param solve finds the starts of a question, or null
 */
export function stretched(
  input: ScheduleInput,
  solve: (input: ScheduleInput) => Starts | null,
): { readonly input: ScheduleInput; readonly starts: Starts } | null {
  const soft = input.lags.flatMap((lag, i) => (isSoft(lag) ? [i] : []));
  if (soft.length === 0) return null;
  const usual = (i: number) => input.lags[i]?.maxMin as number;
  const asked = (limits: readonly (number | null)[]): ScheduleInput => ({
    ...input,
    lags: input.lags.map((l, i) => ({ ...l, maxMin: limits[i] ?? null })),
  });
  const price = (starts: Starts) => longWaits(input, starts).reduce((sum, w) => sum + w.points, 0);
  const dearest = (starts: Starts) => {
    const cost = (i: number) => {
      const lag = input.lags[i] as Lag;
      return Math.max(0, waitOf(input, lag, starts) - usual(i)) * (lag.pointsPerMin ?? 0);
    };
    return soft.filter((i) => cost(i) > 0).sort((a, b) => cost(b) - cost(a) || a - b);
  };

  let limits: (number | null)[] = input.lags.map((lag) => (isSoft(lag) ? hardest(lag) : lag.maxMin));
  const first = solve(asked(limits));
  if (first === null) return null;
  let starts = first;
  for (const i of dearest(starts)) {
    const tried = limits.map((l, j) => (j === i ? usual(i) : l));
    const found = solve(asked(tried));
    if (found !== null && price(found) < price(starts)) [limits, starts] = [tried, found];
  }
  const settled = () =>
    limits.map((l, i) =>
      isSoft(input.lags[i] as Lag)
        ? Math.min(l as number, Math.max(usual(i), waitOf(input, input.lags[i] as Lag, starts)))
        : l,
    );
  limits = settled();
  for (const i of dearest(starts))
    for (let half = 0; half < HALVINGS && (limits[i] as number) > usual(i); half++) {
      const shorter = half === 0 ? usual(i) : Math.floor(((limits[i] as number) + usual(i)) / 2);
      const tried = limits.map((l, j) => (j === i ? shorter : l));
      const found = solve(asked(tried));
      if (found === null) continue;
      [limits, starts] = [tried, found];
      limits = settled();
    }
  return { input: asked(limits), starts };
}

/** The waits of a plan that are longer than usual, the dearest first. */
export function longWaits(input: ScheduleInput, starts: Starts): Stretched[] {
  return input.lags
    .flatMap((lag): Stretched[] => {
      if (!isSoft(lag)) return [];
      const waitsMin = waitOf(input, lag, starts);
      const usualMin = lag.maxMin as number;
      const points = (waitsMin - usualMin) * (lag.pointsPerMin ?? 0);
      return waitsMin > usualMin ? [{ from: lag.from, to: lag.to, usualMin, waitsMin, points }] : [];
    })
    .sort((a, b) => b.points - a.points || (a.from < b.from ? -1 : 1));
}
