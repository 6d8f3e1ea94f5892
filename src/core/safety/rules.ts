import type { Row } from "../process/replay";
import { moistureOf } from "../process/contents";
import type { StepKey } from "../process/log";

/** Show with every caution. */
export const DEFER = "General guidance; follow your local food code and the label.";

export interface Caution {
  readonly rule: string;
  readonly severity: "stop" | "warn";
  readonly step: StepKey;
  readonly says: string;
  readonly authority: string;
}

interface Rule {
  readonly id: string;
  readonly severity: Caution["severity"];
  readonly authority: string;
  /** The sentence, when the rule is touched. */
  readonly says: (row: Computed) => string | null;
}
type Computed = Extract<Row, { state: "computed" }>;

/** Boundary values pass: exactly two hours is still two hours. */
export const DANGER_ZONE_MIN = 120;
export const DANGER_ZONE_LOW_C = (40 - 32) / 1.8;
export const DANGER_ZONE_HIGH_C = (140 - 32) / 1.8;

const RAW_FLOUR = new Set(["wheat-flour", "oat-flour", "chickpea-flour"]);
const has = (row: Computed, foods: ReadonlySet<string>) =>
  Object.keys(row.outcome.after.batch.solids).some((f) => foods.has(f));
const waitMin = (row: Computed) => row.outcome.phases.reduce((m, p) => (p.kind === "wait" ? m + p.minutes : m), 0);
const chilled = (row: Computed) => row.outcome.needs.some((n) => n.kind === "fridge");

/**
 * Rules warn or stop; they never change an amount. Limits are quoted from memory of the authorities named: the
 * reader is always sent to the local food code and the label.
 */
const RULES: readonly Rule[] = [
  {
    id: "danger-zone",
    severity: "stop",
    authority: "USDA FSIS, 40–140 °F rule",
    says: (row) =>
      ["soak", "rest", "marinate"].includes(row.step.kind) && !chilled(row) && waitMin(row) > DANGER_ZONE_MIN
        ? "This stands between 4 and 60 °C for more than 2 hours. Put it in the fridge, or make it shorter."
        : null,
  },
  {
    id: "hot-oil",
    severity: "warn",
    authority: "fire-safety bodies",
    says: (row) =>
      row.step.kind === "sear" || row.step.kind === "fry"
        ? "Hot oil: pat the pieces dry, lower them away from you, keep a lid within reach and never put water on burning oil."
        : null,
  },
  {
    id: "boiling-water",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      row.step.kind === "boil" || (row.step.kind === "soak" && row.step.waterC >= 80)
        ? "Boiling water: clear the way to the sink before you lift, and pour away from you."
        : null,
  },
  {
    id: "hot-squeeze",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      row.step.kind === "squeeze" && row.before.batch.tempC > 48
        ? `About ${Math.round(row.before.batch.tempC)} °C inside: rinse cold first or use a cloth and tongs.`
        : null,
  },
  {
    id: "raw-flour",
    severity: "warn",
    authority: "FDA, raw flour advice",
    says: (row) =>
      row.step.kind === "bind" && has(row, RAW_FLOUR)
        ? "Don't taste this mix: raw flour can carry germs. Fry a small piece and taste that."
        : null,
  },
  {
    id: "core",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    says: (row) =>
      (row.step.kind === "fry" || row.step.kind === "boil") && row.step.coreC < 74
        ? "The middle is planned below 74 °C. Raise the core temperature."
        : null,
  },
  {
    id: "fridge-days",
    severity: "warn",
    authority: "USDA FSIS, leftovers 3–4 days",
    says: (row) =>
      row.step.kind === "rest" && row.step.where === "fridge" && row.step.minutes > 24 * 60
        ? "More than a day in the fridge: keep it at 4 °C or below and cook it within 3 days."
        : null,
  },
  {
    id: "wet-into-oil",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      row.step.kind === "sear" && moistureOf(row.before.batch) > 2.2
        ? "Very wet for hot oil: it will spit. Squeeze or pat it drier."
        : null,
  },
];

export function cautionsFor(rows: readonly Row[]): Caution[] {
  const computed = rows.filter((r): r is Computed => r.state === "computed");
  return computed.flatMap((row) =>
    RULES.flatMap((rule) => {
      const says = rule.says(row);
      return says === null
        ? []
        : [{ rule: rule.id, severity: rule.severity, step: row.key, says, authority: rule.authority }];
    }),
  );
}
