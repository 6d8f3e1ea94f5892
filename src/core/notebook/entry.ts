import type { EaterId } from "../household/people";
import type { BiteAttribute } from "../bite/shifts";
import { headCount, type Supper, type RouteId, type SupperId } from "../dish/dish";
import type { Plan } from "../plan";
import type { Id } from "../quantities/id";
import { totalG } from "../process/contents";
import { type LogEntry, progressOf, readings, type StepKey, type CookingId } from "../process/log";
import type { StepKind } from "../process/registry";

/** One step of a carried-out supper: what was planned before anything was weighed, and what came of it. */
export interface EntryRow {
  readonly key: StepKey;
  readonly part: string;
  readonly step: StepKind;
  readonly plannedMin: number;
  readonly actualMin: number | null;
  readonly plannedG: number;
  readonly weighedG: number | null;
}
/** Name of an entry of the notebook. */
export type EntryId = Id<"entry">;
/** A carried-out supper as the notebook keeps it. */
export interface Entry {
  readonly id: EntryId;
  readonly supper: SupperId;
  /** The cooking that it is of; null for entries from before they named it. */
  readonly cooking: CookingId | null;
  readonly name: string;
  readonly eaters: number;
  /** Instants, ISO 8601 UTC. */
  readonly startedAt: string;
  readonly finishedAt: string;
  readonly servedForAt: string;
  /** Whether it came to the table, or was given up on the way. */
  readonly ended: "finished" | "given-up";
  readonly rows: readonly EntryRow[];
  readonly saltPerEaterG: number | null;
  /** 0–10, or not said. */
  readonly bite: number | null;
  /** The route that its main part took, whose mouth judged it, and what of the eight attributes was rated, 0–10. */
  readonly route: RouteId | null;
  readonly person: EaterId | null;
  readonly ratings: Readonly<Partial<Record<BiteAttribute, number>>>;
  readonly note: string;
}

/**
 * Rows of an entry. `planned` is the plan without the log: planned figures never change because something was
 * weighed. A step's actual minutes run from its beginning to its end, waits by itself left out of neither.
 */
export function entryRows(planned: Plan, log: readonly LogEntry[]): EntryRow[] {
  const progress = progressOf(log);
  const weighed = readings(log);
  return planned.dishes.flatMap((dish) =>
    dish.parts.flatMap((part) =>
      part.rows.flatMap((row) => {
        if (row.state !== "computed") return [];
        const began = progress.begunAt.get(row.key);
        const done = progress.doneAt.get(row.key);
        return [
          {
            key: row.key,
            part: part.name,
            step: row.step.kind,
            plannedMin: handsOnMinutes(row.outcome.phases),
            // A clock that is corrected by a second or two makes no time run backwards.
            actualMin: began === undefined || done === undefined ? null : Math.max(0, done - began) / 60_000,
            plannedG: totalG(row.outcome.after.batch),
            weighedG: weighed.get(row.key) ?? null,
          },
        ];
      }),
    ),
  );
}

/** What an entry is made of when a cooking ends. */
export interface Finished {
  readonly id: EntryId;
  readonly cooking: CookingId;
  readonly startedAt: string;
  /** ms since 1970 UTC */
  readonly finishedAt: number;
  readonly supper: Supper;
  readonly planned: Plan;
  /** The plan with everything that was weighed. */
  readonly actual: Plan;
  readonly log: readonly LogEntry[];
  readonly ended: Entry["ended"];
}
/** The entry of a cooking that ends now; bite and note are still to be said. */
export const entryOf = ({
  id,
  cooking,
  startedAt,
  finishedAt,
  supper,
  planned,
  actual,
  log,
  ended,
}: Finished): Entry => ({
  id,
  supper: supper.id,
  cooking,
  name: supper.name,
  eaters: headCount(supper),
  startedAt,
  finishedAt: new Date(finishedAt).toISOString(),
  servedForAt: supper.serveAt,
  ended,
  rows: entryRows(planned, log),
  saltPerEaterG: actual.perEater.saltG,
  bite: null,
  route: supper.dishes.flatMap((d) => d.parts).find((p) => p.route !== null)?.route?.id ?? null,
  person: null,
  ratings: {},
  note: "",
});

/** Minutes at the step before the cook turns to the next: what follows by itself or on a timer is not the cook's. */
export function handsOnMinutes(phases: readonly { kind: "hands" | "watch" | "wait"; minutes: number }[]): number {
  return phases.reduce((sum, p) => (p.kind === "hands" ? sum + p.minutes : sum), 0);
}
