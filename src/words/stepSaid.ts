import type { Fact } from "@/core/process/ledger";
import type { Row } from "@/core/process/row";
import type { UnitSystem } from "@/core/quantities/units";
import type { TextContext } from "./words";

/** One step as somebody at the stove would say it: what to do, then why. */
export interface StepText {
  readonly title: string;
  readonly does: string;
  readonly why: string;
  /** What the cook or the recipe noted beside it. */
  readonly note?: string;
}
export type Computed = Extract<Row, { state: "computed" }>;
/** What a step tells of this kind, if it does. */
export const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);

/** What the sentences of every step are made of. */
export interface Said {
  readonly row: Computed;
  /** The part as it is called inside a sentence. */
  readonly name: string;
  readonly title: string;
  readonly goesIn: string;
  /** "Add 30 g mustard. ", or nothing. */
  readonly withIt: string;
  readonly weight: string;
  /** " (335–382 g)", or nothing. */
  readonly range: string;
  readonly batches: Extract<Fact, { kind: "batches" }> | undefined;
  readonly units: UnitSystem;
  readonly textContext: TextContext;
}
/** The part, and what it becomes, unless its name says so already: "batter", "flax gel". */
export const becoming = (name: string, what: string): string => (name.includes(what) ? name : `${name} ${what}`);
/** Minutes under an eye or by itself. */
export const waitMin = (row: Computed): number =>
  row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);
