import type { Fact, Outcome } from "../process/ledger";
import type { StepKey } from "../process/log";
import type { Row } from "../process/replay";
import type { FoodId } from "../foods/food";
import type { StepKind } from "../process/step";

/** Show with every caution. */
export const DEFER = "General guidance; follow your local food code and the label.";

export interface Caution {
  readonly rule: string;
  readonly severity: "stop" | "warn";
  readonly step: StepKey;
  readonly says: string;
  readonly authority: string;
}

export type Computed = Extract<Row, { state: "computed" }>;
/** What a rule may look at beside the step itself. */
export interface RuleContext {
  /** The steps of the same part before this one, in order. */
  readonly earlier: readonly Computed[];
  /** Minutes that what is in it, or the part that stood longest, has been unchilled below 60 °C, this step counted. */
  readonly warmMin: number;
  /** Somebody under five eats. */
  readonly smallEaters: boolean;
  /** Foods that somebody at the table avoids, with who and what. */
  readonly avoided: ReadonlyMap<string, string>;
}
export interface Rule {
  readonly id: string;
  readonly severity: Caution["severity"];
  readonly authority: string;
  /** The sentence, when the rule is touched. */
  readonly says: (row: Computed, context: RuleContext) => string | null;
}

/** Food that is this hot all through begins a new count of warm minutes: 165 °F. */
export const KILLED_C = (165 - 32) / 1.8;

export const foodSet = (...ids: FoodId[]): ReadonlySet<FoodId> => new Set(ids);
export const holds = (row: Computed, foods: ReadonlySet<string>): boolean =>
  row.outcome.after.batch.solids.foods.some((food) => foods.has(food));
export const brings = (row: Computed, foods: ReadonlySet<string>) =>
  row.outcome.came.some((c) => c.from === "food" && foods.has(c.food));
export const is = (row: Computed, ...kinds: StepKind[]) => kinds.includes(row.step.kind);
export const waitMin = ({ outcome }: { outcome: Outcome }) =>
  outcome.phases.reduce((m, p) => (p.kind === "wait" ? m + p.minutes : m), 0);
export const cold = (row: Computed) => row.outcome.needs.some((n) => n.kind === "fridge" || n.kind === "freezer");
export const heated = (row: Computed) =>
  row.outcome.needs.some((n) => n.kind === "oven" || n.kind === "burner" || n.kind === "machine");
export const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);
export const hot = (row: Computed) => row.outcome.after.batch.tempC >= KILLED_C;
