import { totalG } from "./contents";
import type { Outcome } from "./ledger";
import type { StepKey } from "./log";
import type { Row } from "./row";
import type { PartId } from "./step";

/**
 * How long food stands in the warm. Data for two rooms: the schedule must not plan a wait that breaks the limit, and the
 * judgement tells where one is broken.
 *
 * Source: USDA FSIS, "Danger Zone (40–140 °F)": no longer than two hours in all. Boundary values pass: exactly two hours is
 * still two hours.
 */
export const DANGER_ZONE = {
  rule: "danger-zone",
  limitMin: 120,
  lowC: (40 - 32) / 1.8,
  highC: (140 - 32) / 1.8,
} as const;
/** Above this the room halves the time: 90 °F. */
const HOT_ROOM_C = (90 - 32) / 1.8;
/** Minutes in the warm that are allowed in all in a room of this temperature. */
export const warmLimitMin = (roomC: number): number =>
  roomC > HOT_ROOM_C ? DANGER_ZONE.limitMin / 2 : DANGER_ZONE.limitMin;
/** Food that is this hot all through begins a new count: 165 °F. */
const KILLED_C = (165 - 32) / 1.8;
/** Drier food than this share of water bears standing (engineering estimate: flours and dried food lie far below). */
const WET_SHARE = 0.15;

/** Whether a step stands in fridge or freezer. */
export const inCold = ({ needs }: Outcome): boolean => needs.some((n) => n.kind === "fridge" || n.kind === "freezer");
/** Whether a step stands on a burner, in an oven or in a machine. */
export const onHeat = ({ needs }: Outcome): boolean =>
  needs.some((n) => n.kind === "oven" || n.kind === "burner" || n.kind === "machine");

/** Whether minutes spent as this step leaves the food count: wet, neither chilled nor heated, and not above 60 °C. */
export function standsWarm(outcome: Outcome): boolean {
  const { batch } = outcome.after;
  return batch.waterG > WET_SHARE * totalG(batch) && !inCold(outcome) && batch.tempC <= DANGER_ZONE.highC;
}

/** Warm minutes when a step is over, from those before it; what is hot all through begins anew. */
export function warmAfter(outcome: Outcome, before: number): number {
  const hot = outcome.after.batch.tempC >= KILLED_C;
  return (hot ? 0 : before) + ownWarmMin(outcome);
}
/**
 * What the step itself adds: its waiting, and the work at it. A block in cold water is cold while it is frozen inside: only what goes
 * on after the soonest that it can be through counts (USDA FSIS, The Big Thaw: water changed every half hour; from memory).
 */
export function ownWarmMin(outcome: Outcome): number {
  if (onHeat(outcome) || !standsWarm(outcome)) return 0;
  let freeMin = 0;
  let minutes = 0;
  for (const { minutes: m } of outcome.phases) minutes += m;
  for (const f of outcome.facts) {
    if (f.kind === "through" && f.what === "thawed") freeMin = f.lowMin;
    // What has gone cold in ice water stands cold.
    if (f.kind === "cooled") return Math.min(minutes, f.warmMin);
    if (f.kind === "soaked" && f.usual === true) return 0;
  }
  return Math.max(0, minutes - freeMin);
}

/**
 * Minutes in the warm when each step of a dish is over. They add up along a part and go along when parts join, those of the
 * part that stood longest; what waits between two steps counts as the step before left it. Only computed steps join parts,
 * so no two can wait for each other here.
 *
 * @param parts rows of each part
 * @param waits minutes between a step and what takes its result up, by the clock; null without one
 */
export function warmMinutes(
  parts: readonly (readonly Row[])[],
  waits: ReadonlyMap<StepKey, number> | null,
): ReadonlyMap<Row, number> {
  const found = new Map<Row, number>();
  const ends = new Map<PartId, number>();
  const endOf = (id: PartId): number => {
    const known = ends.get(id);
    if (known !== undefined) return known;
    let minutes = 0;
    for (const row of parts.find((rows) => rows[0]?.part === id) ?? []) {
      if (row.state !== "computed") break;
      const joined = row.outcome.inputs.flatMap((c) => (c.from === "part" ? [endOf(c.part)] : []));
      minutes = warmAfter(row.outcome, Math.max(minutes, ...joined));
      found.set(row, minutes);
      if (standsWarm(row.outcome)) minutes += waits?.get(row.key) ?? 0;
    }
    ends.set(id, minutes);
    return minutes;
  };
  for (const rows of parts) if (rows[0]) endOf(rows[0].part);
  return found;
}
