import { FIRE_AND_GEAR } from "./fireAndGear";
import { FOODS_WITH_CARE } from "./foodsWithCare";
import { PEOPLE } from "./people";
import type { Caution, Computed, Rule, RuleContext } from "./rule";
import { TIME_AND_WARMTH } from "./timeAndWarmth";
import type { WarmthOf } from "./warmth";

/**
 * Rules warn or stop; they never change an amount. Limits are quoted from memory of the authorities named: the
 * reader is always sent to the local food code and the label.
 */
export const RULES: readonly Rule[] = [...TIME_AND_WARMTH, ...FOODS_WITH_CARE, ...FIRE_AND_GEAR, ...PEOPLE];

/** All cautions of one part in the order of its steps. Rules see what went before in the same part. */
export function cautionsOf(
  rows: readonly Computed[],
  who: Omit<RuleContext, "earlier" | "warmth" | "last" | "closing">,
  warmthOf: WarmthOf,
  served: "no" | "yes" | "last of all",
  rules: readonly Rule[] = RULES,
): Caution[] {
  const cautions: Caution[] = [];
  const earlier: Computed[] = [];
  for (const row of rows) {
    const context: RuleContext = {
      ...who,
      earlier,
      warmth: warmthOf(row),
      last: served !== "no" && row === rows.at(-1),
      closing: served === "last of all" && row === rows.at(-1),
    };
    for (const { id, severity, authority, touches } of rules) {
      const facts = touches(row, context);
      // The rule's own facts under its own id: `rule()` keeps the two together.
      if (facts !== null) cautions.push({ rule: id, severity, step: row.key, authority, facts } as unknown as Caution);
    }
    earlier.push(row);
  }
  return cautions;
}
