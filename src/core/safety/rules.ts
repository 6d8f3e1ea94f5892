import type { Row } from "../process/replay";
import { FIRE_AND_GEAR } from "./fireAndGear";
import { FOODS_WITH_CARE } from "./foodsWithCare";
import { PEOPLE } from "./people";
import type { Caution, Computed, Rule, RuleContext } from "./rule";
import { TIME_AND_WARMTH } from "./timeAndWarmth";

/**
 * Rules warn or stop; they never change an amount. Limits are quoted from memory of the authorities named: the
 * reader is always sent to the local food code and the label.
 */
export const RULES: readonly Rule[] = [...TIME_AND_WARMTH, ...FOODS_WITH_CARE, ...FIRE_AND_GEAR, ...PEOPLE];

/** All cautions of the parts' rows, in the order of steps; rules see what went before in the same part. */
export function cautionsFor(
  parts: readonly (readonly Row[])[],
  who: Pick<RuleContext, "smallEaters" | "avoided">,
): Caution[] {
  const cautions: Caution[] = [];
  for (const rows of parts) {
    const earlier: Computed[] = [];
    for (const row of rows) {
      if (row.state !== "computed") continue;
      const context = { ...who, earlier };
      for (const rule of RULES) {
        const says = rule.says(row, context);
        if (says !== null)
          cautions.push({ rule: rule.id, severity: rule.severity, step: row.key, says, authority: rule.authority });
      }
      earlier.push(row);
    }
  }
  return cautions;
}
