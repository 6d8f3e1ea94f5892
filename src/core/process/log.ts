import type { Id } from "../quantities/id";
import type { DishId, StepId } from "./step";

/** A step of a cooking: the dish's id in the supper, a dot, the step's id. */
export type StepKey = Id<"step of a dish">;
/** Name of a cooking: a supper may be cooked more than once. */
export type CookingId = Id<"cooking">;
/** The key of a step of a dish. */
export const stepKey = (dishId: DishId, stepId: StepId): StepKey => `${dishId}.${stepId}`;

/**
 * The record of one cooking. Entries are only ever appended; a mistake is corrected by a later one. `at` is an
 * instant in milliseconds since 1970 UTC, passed in by whoever has a clock.
 */
export type LogEntry = { readonly at: number } & (
  | { readonly kind: "begun"; readonly step: StepKey }
  | { readonly kind: "done"; readonly step: StepKey }
  | { readonly kind: "reopened"; readonly step: StepKey }
  | { readonly kind: "weighed"; readonly step: StepKey; readonly readingG: number; readonly by: "typed" | "scale" }
  | { readonly kind: "timer"; readonly step: StepKey; readonly minutes: number }
  | { readonly kind: "timer-off"; readonly step: StepKey }
  | { readonly kind: "cue"; readonly step: StepKey; readonly seen: boolean }
  /** So much of a line went in at this step, counted from here on; `line` is its place among the step's own. */
  | { readonly kind: "amount"; readonly step: StepKey; readonly line: number; readonly massG: number }
  /** The clock of the device was set by so much: what was noted before it is counted anew, so that no timer gains or loses by it. */
  | { readonly kind: "clock"; readonly byMs: number }
  /** A burner of the kitchen fails, or works again. */
  | { readonly kind: "burner"; readonly burner: string; readonly works: boolean }
  /** The oven is on for this step, or it is not after all. */
  | { readonly kind: "oven"; readonly step: StepKey; readonly on: boolean }
  /** What stood as a stop when the cook began all the same, by step and rule. */
  | { readonly kind: "accepted"; readonly stops: readonly { readonly step: StepKey; readonly rule: string }[] }
  /** Left for later; whatever is noted next picks it up again. */
  | { readonly kind: "aside" }
  | { readonly kind: "finished" }
);

/** The last reading of each step. */
export function readings(log: readonly LogEntry[]): ReadonlyMap<StepKey, number> {
  const map = new Map<StepKey, number>();
  for (const entry of log) if (entry.kind === "weighed") map.set(entry.step, entry.readingG);
  return map;
}

/** Whether a note changes what is in a vessel, so that everything after it is worked out again. */
export const changesThePlan = ({ kind }: LogEntry): boolean => kind === "weighed" || kind === "amount";

/** The last amount that was noted of each line, g, by step and place. */
export function amountsPutIn(log: readonly LogEntry[]): ReadonlyMap<StepKey, ReadonlyMap<number, number>> {
  const map = new Map<StepKey, Map<number, number>>();
  for (const entry of log)
    if (entry.kind === "amount") map.set(entry.step, (map.get(entry.step) ?? new Map()).set(entry.line, entry.massG));
  return map;
}

/**
 * Whether what goes in at a step grows with a reading of another one: not where the cook has said how much went in, nor where it was
 * done before the scale was read.
 */
export function growsWith(log: readonly LogEntry[]): (step: StepKey, reading: StepKey) => boolean {
  const putIn = amountsPutIn(log);
  const { doneAt } = progressOf(log);
  const readAt = new Map(log.flatMap((e) => (e.kind === "weighed" ? [[e.step, e.at] as const] : [])));
  return (step, reading) => !putIn.has(step) && !((doneAt.get(step) ?? Infinity) < (readAt.get(reading) ?? 0));
}

/** Where a cooking stands, read from its log alone: the same after a reload, a crash, or on another day. */
export interface Progress {
  readonly begunAt: ReadonlyMap<StepKey, number>;
  readonly doneAt: ReadonlyMap<StepKey, number>;
  readonly timers: ReadonlyMap<StepKey, { readonly startedAt: number; readonly endsAt: number }>;
  readonly cues: ReadonlySet<StepKey>;
  /** Since when the oven is on for a step. */
  readonly ovenOnAt: ReadonlyMap<StepKey, number>;
  /** Burners that have failed. */
  readonly failed: ReadonlySet<string>;
  readonly finishedAt: number | null;
  /** Since when it has been put aside; null while somebody is at it. */
  readonly asideAt: number | null;
  /** The step that was turned to last, when it was taken out of its turn and is not done. */
  readonly turnedTo: StepKey | null;
}

/** Reads where a cooking stands from its log. */
export function progressOf(log: readonly LogEntry[]): Progress {
  const begunAt = new Map<StepKey, number>();
  const doneAt = new Map<StepKey, number>();
  const timers = new Map<StepKey, { startedAt: number; endsAt: number }>();
  const ovenOnAt = new Map<StepKey, number>();
  const cues = new Set<StepKey>();
  const failed = new Set<string>();
  let finishedAt: number | null = null;
  let asideAt: number | null = null;
  let turnedTo: StepKey | null = null;
  const setBy = (byMs: number) => {
    for (const [step, at] of begunAt) begunAt.set(step, at + byMs);
    for (const [step, at] of doneAt) doneAt.set(step, at + byMs);
    for (const [step, at] of ovenOnAt) ovenOnAt.set(step, at + byMs);
    for (const [step, { startedAt, endsAt }] of timers)
      timers.set(step, { startedAt: startedAt + byMs, endsAt: endsAt + byMs });
  };
  for (const entry of log) {
    asideAt = entry.kind === "aside" ? entry.at : null;
    switch (entry.kind) {
      case "begun":
        if (!begunAt.has(entry.step)) begunAt.set(entry.step, entry.at);
        turnedTo = entry.step;
        break;
      case "done":
        doneAt.set(entry.step, entry.at);
        if (turnedTo === entry.step) turnedTo = null;
        break;
      case "reopened":
        doneAt.delete(entry.step);
        turnedTo = entry.step;
        break;
      case "timer":
        timers.set(entry.step, { startedAt: entry.at, endsAt: entry.at + entry.minutes * 60_000 });
        break;
      case "timer-off":
        timers.delete(entry.step);
        break;
      case "cue":
        if (entry.seen) cues.add(entry.step);
        else cues.delete(entry.step);
        break;
      case "oven":
        if (entry.on) ovenOnAt.set(entry.step, entry.at);
        else ovenOnAt.delete(entry.step);
        break;
      case "burner":
        if (entry.works) failed.delete(entry.burner);
        else failed.add(entry.burner);
        break;
      case "clock":
        setBy(entry.byMs);
        break;
      case "finished":
        finishedAt = entry.at;
        break;
      case "weighed":
      case "amount":
      case "accepted":
      case "aside":
        break;
    }
  }
  return { begunAt, doneAt, timers, ovenOnAt, cues, failed, finishedAt, asideAt, turnedTo };
}
