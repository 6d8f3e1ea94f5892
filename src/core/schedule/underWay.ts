import type { Outcome } from "../process/ledger";
import type { Progress, StepKey } from "../process/log";
import type { Row } from "../process/row";
import type { Plan } from "../plan";
import { type Move, takesUp } from "./work";

/** Where a cooking stands: the step in hand, its timer, the timers that run, and how late it is. Instants in ms since 1970 UTC. */

/** The step in hand: the one that was turned to, else the first that is not done, or the last one; null when nothing can be done. */
export function stepInHand(
  moves: readonly Pick<Move, "key">[],
  progress: Pick<Progress, "doneAt" | "turnedTo">,
): number | null {
  if (moves.length === 0) return null;
  const turned = moves.findIndex((m) => m.key === progress.turnedTo);
  if (turned >= 0) return turned;
  const open = moves.findIndex((m) => !progress.doneAt.has(m.key));
  return open < 0 ? moves.length - 1 : open;
}

/** The step that was done last: the one to go back to; null before any is. */
export function lastDone({ doneAt }: Pick<Progress, "doneAt">): StepKey | null {
  let last: StepKey | null = null;
  for (const [key, at] of doneAt) if (last === null || at >= (doneAt.get(last) as number)) last = key;
  return last;
}

/** Steps that may be taken out of their turn: not done, and everything that they take up is. */
export const openNow = (plan: Plan, moves: readonly Move[], progress: Progress): ReadonlySet<StepKey> =>
  new Set(
    moves
      .filter((m) => !progress.doneAt.has(m.key))
      .filter((m) => takesUp(plan, m.row).every((key) => progress.doneAt.has(key)))
      .map((m) => m.key),
  );

/** Minutes that pass by themselves or under an eye once the hands are done. */
export const minutesUnattended = ({ phases }: Outcome): number =>
  phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);

/** The timer that a step offers: for what passes by itself, else for one batch; null when there is nothing to time. */
export function timerOf(outcome: Outcome): { readonly minutes: number; readonly of: "step" | "batch" } | null {
  const minutes = minutesUnattended(outcome);
  if (minutes > 0) return { minutes, of: "step" };
  const batches = outcome.facts.find((f) => f.kind === "batches");
  return batches?.kind === "batches" ? { minutes: batches.eachMin, of: "batch" } : null;
}

/** A timer that runs, or has run out. */
export interface RunningTimer {
  readonly step: StepKey;
  readonly where: "burner" | "fridge" | "worktop";
  /** Below 0 when it has run out. */
  readonly leftMs: number;
  readonly totalMs: number;
}
/** Timers of a cooking in the order in which they were started. */
export function runningTimers(progress: Progress, rows: ReadonlyMap<StepKey, Row>, now: number): RunningTimer[] {
  return [...progress.timers].map(([step, { startedAt, endsAt }]) => {
    const row = rows.get(step);
    const needs = row?.state === "computed" ? row.outcome.needs : [];
    const where = needs.some((n) => n.kind === "burner")
      ? "burner"
      : needs.some((n) => n.kind === "fridge")
        ? "fridge"
        : "worktop";
    return { step, where, leftMs: endsAt - now, totalMs: Math.max(1, endsAt - startedAt) };
  });
}

/**
 * The timer that still has time left for what is done now: of something that this step takes up, or, when the supper is over, of
 * anything. Null when nothing is cut short.
 *
 * @param takenUp steps whose result this step takes up
 */
export const cutShort = (
  timers: readonly RunningTimer[],
  takenUp: readonly StepKey[],
  isLast: boolean,
): RunningTimer | null => timers.find((t) => t.leftMs > 0 && (isLast || takenUp.includes(t.step))) ?? null;

/** Minutes behind the plan (0 when not), and minutes ahead of it. */
export interface Pace {
  readonly lateMin: number;
  readonly earlyMin: number;
}
/**
 * How the step in hand stands against its time: it is late when its hands-on work should be over, early when it should not
 * have begun.
 */
export function paceOf(move: Pick<Move, "startMin" | "handsMin">, now: number, serveAt: number): Pace {
  const nowMin = (now - serveAt) / 60_000;
  return {
    lateMin: Math.max(0, nowMin - (move.startMin + move.handsMin)),
    earlyMin: Math.max(0, move.startMin - nowMin),
  };
}
