import type { Stretched } from "@/core/schedule/stretch";
import { describeStretch } from "./clock";
import type { AllergenChange } from "@/core/foods/book";
import type { FoodLookup } from "@/core/foods/food";
import { totalG } from "@/core/process/contents";
import type { Meaning } from "@/core/process/descriptor";
import type { Row } from "@/core/process/row";
import { wayBack } from "@/core/process/weighIn";
import type { Pace } from "@/core/schedule/underWay";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import type { Line } from "@/core/process/step";
import { STEP_NAMES } from "./steps";
import { ALLERGEN_NAMES, foodInText, foodName } from "./words";

/**
 * How the cooking stands against its time.
 *
 * @param at the clock time so many minutes after serving
 * @param tableMin how late the table becomes
 */
export function describePace(
  { lateMin, earlyMin }: Pace,
  at: (minutes: number) => string,
  tableMin = lateMin,
): { late: boolean; says: string } {
  if (lateMin >= 1) return { late: true, says: `${writeMinutes(lateMin)} behind · ready ${at(tableMin)}` };
  if (earlyMin >= 2) return { late: false, says: `${writeMinutes(earlyMin)} ahead` };
  return { late: false, says: `on time for ${at(0)}` };
}

/** Where a part cannot be cooked the minutes of the others are no comfort. */
export const NOT_ALL = { late: true, says: "not all of it can be done" };

/** What becomes of a supper that is behind: when it is on the table, and what waits too long for it. @param partly a part of it cannot be cooked */
export function describeFromNow(
  { tableMin = 0, stretched }: { readonly tableMin?: number; readonly stretched: readonly Stretched[] },
  at: (minutes: number) => string,
  nameOf: (task: string) => string,
  partly = false,
): string[] {
  const table =
    tableMin === 0
      ? `Worked out from now: ${partly ? "the rest" : "it"} can still be on the table at ${at(0)}.`
      : `Worked out from now: ${partly ? "the rest is " : ""}on the table at ${at(tableMin)}, ${writeMinutes(tableMin)} late.`;
  const told = stretched.filter((s) => s.points >= TOLD_POINTS).slice(0, 2);
  return [table, ...told.map((s) => `${describeStretch(s, nameOf)}: bite −${s.points.toFixed(1)}.`)];
}
/** A loss that is told at the Stove, points of bite. */
const TOLD_POINTS = 0.2;

/** The clock of the device leapt by so much, ms; what that does to the timers. */
export function describeJump(byMs: number): string {
  const by = writeMinutes(Math.max(1, Math.round(Math.abs(byMs) / 60_000)));
  return byMs < 0
    ? `The clock of this device went back by ${by}. Timers go on by the minutes that really passed; look at the times of day.`
    : `The clock of this device leapt ahead by ${by}: it slept, or it was set. Timers count it as time that passed.`;
}

/** How a reading differs from the computed weight. */
export function describeDifference(differenceG: number, meaning: Meaning | null, units: UnitSystem): string {
  if (Math.abs(differenceG) < 1) return "Just as predicted.";
  const [more, less] = meaning === "addition" ? ["more", "less"] : ["wetter", "drier"];
  return `${writeMass(Math.abs(differenceG), units)} ${differenceG > 0 ? more : less} than predicted.`;
}

/** The way back to plan: the sentence, and the button that leads to the next weighing. */
export interface WayBackWords {
  readonly says: string;
  readonly does: string;
}
/** What brings a weighed step back to its planned weight; null where nothing does. */
export function describeWayBack(
  row: Extract<Row, { state: "computed" }>,
  readingG: number,
  units: UnitSystem,
): WayBackWords | null {
  const plannedG = totalG(row.outcome.after.batch);
  const back = wayBack(row, plannedG, readingG);
  if (back === null) return null;
  const step = STEP_NAMES[row.step.kind];
  switch (back.kind) {
    case "again":
      return { says: `${step} on to ${writeMass(back.toG, units)}: then all stays as planned.`, does: `${step} again` };
    case "water":
      return {
        says: `Work ${writeMass(back.massG, units)} of water back in: then all stays as planned.`,
        does: "Water is in, weigh again",
      };
    case "add":
      return {
        says: `Put in the ${writeMass(back.massG, units)} that are missing: then all stays as planned.`,
        does: "They are in, weigh again",
      };
  }
}

/** Another amount than planned, in words; a line that is no food says nothing. */
export const describePutIn = (
  line: Line | undefined,
  massG: number,
  { foods, units }: { readonly foods: FoodLookup; readonly units: UnitSystem },
): string | null =>
  line?.kind === "food"
    ? `${writeMass(massG, units)} of ${foodInText(foods, line.food)}${line.massG === null ? "" : ` instead of ${writeMass(line.massG, units)}`}.`
    : null;

const STATES = {
  contains: "contains it",
  may: "may contain it",
  free: "is free of it",
  unknown: "has to be read on the label",
} as const;
/** An allergen that stands otherwise than when the cooking began. */
export const describeAllergenChange = ({ food, allergen, to }: AllergenChange, foods: FoodLookup): string =>
  `Since you began: ${foodName(foods, food)}, ${ALLERGEN_NAMES[allergen]}: now it ${STATES[to]}. The stricter of then and now counts.`;

/** A timer that has run out, for a notification. */
export const describeOver = ({ title, cue }: { readonly title: string; readonly cue: string }): string =>
  cue === "" ? `${title}: time is up` : `${title}: time is up. ${cue}`;
