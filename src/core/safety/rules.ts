import type { Row } from "../process/replay";
import type { PartId } from "../process/step";
import { FIRE_AND_GEAR } from "./fireAndGear";
import { FOODS_WITH_CARE } from "./foodsWithCare";
import { PEOPLE } from "./people";
import type { Caution, Computed, Rule, RuleContext } from "./rule";
import { TIME_AND_WARMTH, warmAfter } from "./timeAndWarmth";

/**
 * Rules warn or stop; they never change an amount. Limits are quoted from memory of the authorities named: the
 * reader is always sent to the local food code and the label.
 */
export const RULES: readonly Rule[] = [...TIME_AND_WARMTH, ...FOODS_WITH_CARE, ...FIRE_AND_GEAR, ...PEOPLE];

/**
 * All cautions of a dish, part by part in the order of steps. Rules see what went before in the same part; the minutes in
 * the warm go along when parts join, those of the part that stood longest.
 */
export function cautionsFor(
  parts: readonly (readonly Row[])[],
  who: Pick<RuleContext, "smallEaters" | "avoided">,
): Caution[] {
  const warm = warmMinutes(parts);
  const cautions: Caution[] = [];
  for (const rows of parts) {
    const earlier: Computed[] = [];
    for (const row of rows) {
      if (row.state !== "computed") continue;
      const context = { ...who, earlier, warmMin: warm(row) };
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

/** Minutes in the warm after each step. Only computed steps join parts, so no two can wait for each other here. */
function warmMinutes(parts: readonly (readonly Row[])[]): (row: Computed) => number {
  const after = new Map<Computed, number>();
  const ends = new Map<PartId, number>();
  const endOf = (id: PartId): number => {
    const known = ends.get(id);
    if (known !== undefined) return known;
    let minutes = 0;
    for (const row of parts.find((rows) => rows[0]?.part === id) ?? []) {
      if (row.state !== "computed") break;
      const joined = row.outcome.came.flatMap((c) => (c.from === "part" ? [endOf(c.part)] : []));
      minutes = warmAfter(row, Math.max(minutes, ...joined));
      after.set(row, minutes);
    }
    ends.set(id, minutes);
    return minutes;
  };
  for (const rows of parts) if (rows[0]) endOf(rows[0].part);
  return (row) => after.get(row) ?? 0;
}
