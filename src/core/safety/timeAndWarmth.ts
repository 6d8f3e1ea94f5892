import { totalG } from "../process/contents";
import { DANGER_ZONE, standsWarm, warmLimitMin } from "../process/warmth";
import { POTATO } from "./foodsWithCare";
import { isInside, middleOf, vesselContents } from "../process/ledger";
import { type Fact, isClose } from "../process/fact";
import type { InsideMark } from "../foods/insideMarks";
import type { StepKind } from "../process/registry";
import { type Computed, factOf, foodSet, FRIDGE_C, holds, is, KILLED_C, NO_FACTS, rule, type Rule, when } from "./rule";

const RICE = foodSet("rice-white", "rice-brown", "rice-cooked");
/** FDA Food Code 3-501.16: 135 °F; USDA asks households for 140 °F. */
const HOLD_C = (135 - 32) / 1.8;
const HOLD_AT_HOME_C = (140 - 32) / 1.8;
/** Planned middles: 165 °F with a margin for the reading (FDA Food Code 3-401.11 asks less for most foods). */
const CORE_C = 74;
/** FDA Food Code 3-501.14: from 135 to 70 °F within two hours, to 41 °F within six. */
const COOLING = { fromC: HOLD_C, firstC: (70 - 32) / 1.8, lastC: (41 - 32) / 1.8 };
const FIRST_HOURS = 2;
const LAST_HOURS = 6;
/** USDA: 3–4 days for leftovers; garlic in oil 4 days in the fridge (FDA); cooked rice a day (UK FSA); all from memory. */
const LEFTOVER_DAYS = 4;
const GARLIC_DAYS = 4;
const RICE_DAYS = 1;

const coreBelow = (row: Computed, leastC: number): boolean =>
  "coreC" in row.step && row.step.coreC !== null && !is(row, "reheat") && row.step.coreC < leastC;
/** Bound, shaped or laid together: what was outside is inside now. A slice or a skewer of plain food is none. */
const isMix = ({ before: { pieces, boundMin } }: Computed): boolean =>
  boundMin !== null || (pieces !== null && !["slice", "shell", "skewer"].includes(pieces.form));
/** What is said of a middle that is short of its heat; of plain food nobody asks one that the cook has not asked for. */
function coreAsked(row: Computed): Extract<Fact, { kind: "core-short" }> | undefined {
  const asked = isMix(row) || is(row, "reheat") || ("coreC" in row.step && row.step.coreC !== null);
  return asked ? factOf(row, "core-short") : undefined;
}
/** Kinds that heat what is in them. */
const HEATS: ReadonlySet<StepKind> = new Set([
  "sear",
  "fry",
  "griddle",
  "brown",
  "sweat",
  "deep-fry",
  "bake",
  "air-fry",
  "simmer",
  "reduce",
  "boil",
  "cook",
  "steam",
  "reheat",
  "hold",
]);
/** What in it has to be hot to the middle and has not been; of what was kept only where somebody has heated it since. */
function notHotInside(
  row: Computed,
  earlier: readonly Computed[],
): { readonly what: InsideMark; readonly middleC: number } | null {
  const { after } = row.outcome;
  // Within what ovens differ by a thermometer decides, and is asked for there.
  const heated = [...earlier, row].findLast((r) => HEATS.has(r.step.kind));
  const close = heated && coreAsked(heated);
  if (close && isClose(close) && close.coreC >= CORE_C && after.lumps.length === 0) return null;
  for (const { marks, middleC } of after.lumps) if (marks[0] !== undefined) return { what: marks[0], middleC };
  const warmed = () => [...earlier, row].some((r) => HEATS.has(r.step.kind) && r.before.marks.includes("kept-cooked"));
  const what = after.marks.find((m): m is InsideMark => isInside(m) && (m !== "kept-cooked" || warmed()));
  return what === undefined ? null : { what, middleC: middleOf(after) };
}
/**
 * Pickled, salted, sugared or dry, food keeps beyond the days of leftovers: acid in its water as in kraut and dressings, brine as of
 * olives, jam, toasted seeds (common practice; pH below 4.6 and water activity below 0.85 are the FDA's lines).
 */
const KEEPS = { acidInWater: 0.006, saltInWater: 0.1, sugarInWater: 1.2, waterShare: 0.15 } as const;
function keepsItself({ outcome: { after } }: Computed): boolean {
  const whole = vesselContents(after);
  const { waterG } = whole;
  return (
    waterG < KEEPS.waterShare * totalG(whole) ||
    whole.acidG >= KEEPS.acidInWater * waterG ||
    whole.saltG >= KEEPS.saltInWater * waterG ||
    whole.sugarG >= KEEPS.sugarInWater * waterG
  );
}
/** What keeps no air out there and no acid in: garlic, herbs, chillies, tomatoes. */
const IN_OIL = foodSet(
  "garlic",
  "chilli",
  "tomato",
  "parsley",
  "basil",
  "thyme",
  "rosemary",
  "tarragon",
  "dill",
  "sage",
  "mint",
  "chives",
  "coriander-leaf",
);
/** Oil that makes up this share keeps the air from what lies in it (engineering estimate). */
const OILY = 0.2;

/** How warm for how long: standing, cooking through, cooling, keeping, thawing. */
export const TIME_AND_WARMTH: readonly Rule[] = [
  rule({
    id: "danger-zone",
    severity: "stop",
    authority: "USDA FSIS, 40–140 °F rule",
    touches: (row, { warmth: { afterStepMin, ownMin, afterWaitMin, waitIs }, roomC }) => {
      const { lowC, highC } = DANGER_ZONE;
      const limitMin = warmLimitMin(roomC);
      const told = (warmMin: number, from: "step" | "clock" | "wait") => ({ warmMin, limitMin, lowC, highC, from });
      if (ownMin > 0 && afterStepMin > limitMin) return told(afterStepMin, "step");
      // The wait after it breaks what the step itself keeps; what was broken before has been told.
      const breaks = afterWaitMin !== null && afterWaitMin > limitMin && afterStepMin <= limitMin;
      return breaks ? told(afterWaitMin, waitIs) : null;
    },
  }),
  rule({
    id: "core",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    touches: (row) => when(coreBelow(row, CORE_C) && isMix(row), { leastC: CORE_C }),
  }),
  rule({
    id: "raw-inside",
    severity: "stop",
    authority: "USDA FSIS: 165 °F (74 °C) for what holds raw egg, meat or flour, and for what is reheated",
    touches: (row, { last, earlier }) => {
      const found = last || is(row, "serve") ? notHotInside(row, earlier) : null;
      return found && { ...found, leastC: CORE_C };
    },
  }),
  rule({
    // A vegetable may stay crisp; only leftovers and mixes have to be hot all through.
    id: "core-low",
    severity: "warn",
    authority: "FDA Food Code 3-401: plant food for holding hot, 57 °C",
    touches: (row) => when(coreBelow(row, HOLD_C) && !isMix(row), { leastC: HOLD_C }),
  }),
  rule({
    id: "core-short",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    touches: (row) => {
      const short = coreAsked(row);
      return short && !isClose(short) ? { neededMin: short.neededMin, coreC: short.coreC } : null;
    },
  }),
  rule({
    id: "core-close",
    severity: "warn",
    authority: "FDA Food Code 3-401; home ovens differ by a quarter (engineering estimate)",
    touches: (row) => {
      const short = coreAsked(row);
      return short && isClose(short) ? { lowMin: short.lowMin, highMin: short.highMin, coreC: short.coreC } : null;
    },
  }),
  rule({
    id: "hot-hold",
    severity: "stop",
    authority: "FDA Food Code 3-501.16",
    touches: (row) =>
      when(row.step.kind === "hold" && row.step.where !== "lid" && row.step.holdC < HOLD_C, {
        leastC: HOLD_C,
        atHomeC: HOLD_AT_HOME_C,
      }),
  }),
  rule({
    id: "reheat",
    severity: "stop",
    authority: "USDA FSIS; Food Code 3-403.11",
    touches: (row) => when(row.step.kind === "reheat" && row.step.coreC < CORE_C, { leastC: KILLED_C }),
  }),
  rule({
    id: "reheated-twice",
    severity: "warn",
    authority: "UK FSA: reheat only once",
    touches: (row, { earlier }) => when(is(row, "reheat") && earlier.some((r) => is(r, "reheat")), NO_FACTS),
  }),
  rule({
    id: "cooling",
    severity: "stop",
    authority: "FDA Food Code 3-501.14",
    touches: (row) => {
      // A short cooling before the next step is no cooling for the fridge: only long ones and stores are held to it.
      const counts =
        is(row, "store", "set-aside") || (row.step.kind === "cool" && row.step.minutes >= DANGER_ZONE.limitMin);
      const cooled = counts ? factOf(row, "cooled") : undefined;
      if (cooled === undefined) return null;
      const { hoursTo21, hoursTo5 } = cooled;
      const slow = hoursTo21 === null || hoursTo21 > FIRST_HOURS || hoursTo5 === null || hoursTo5 > LAST_HOURS;
      return slow && !(hoursTo21 === 0 && hoursTo5 === 0) ? COOLING : null;
    },
  }),
  rule({
    id: "fridge-days",
    severity: "warn",
    authority: "USDA FSIS, leftovers 3–4 days",
    // What was done on another day has lain there since; what is dry still stood in the cupboard.
    touches: (row) =>
      when(
        (row.step.kind === "rest" && row.step.where === "fridge" && row.step.minutes > 24 * 60) ||
          (row.step.ready === true && row.outcome.after.batch.tempC > 0 && standsWarm(row.outcome)),
        { atC: FRIDGE_C },
      ),
  }),
  rule({
    id: "kept-too-long",
    severity: "stop",
    authority: "USDA FSIS, leftovers 3–4 days",
    touches: (row) =>
      when(
        row.step.kind === "store" && row.step.where === "fridge" && row.step.days > LEFTOVER_DAYS && !keepsItself(row),
        { atC: FRIDGE_C },
      ),
  }),
  rule({
    id: "cooked-rice",
    severity: "warn",
    authority: "UK FSA; FSIS allows longer, the stricter is taken",
    touches: (row, context) =>
      when((is(row, "cool", "store", "set-aside") || row.step.ready === true) && holds(row, RICE, context), NO_FACTS),
  }),
  rule({
    id: "cooked-rice-days",
    severity: "stop",
    authority: "UK FSA",
    touches: (row, context) =>
      when(
        row.step.kind === "store" &&
          row.step.where === "fridge" &&
          row.step.days > RICE_DAYS &&
          holds(row, RICE, context),
        NO_FACTS,
      ),
  }),
  rule({
    id: "foil-potato",
    severity: "warn",
    authority: "FDA / CDC, botulism",
    touches: (row, context) =>
      when(row.step.kind === "bake" && row.step.cover === "foil" && holds(row, POTATO, context), { hotC: HOLD_C }),
  }),
  rule({
    id: "swollen-pack",
    severity: "warn",
    authority: "common practice",
    touches: (row) => when(is(row, "freeze"), NO_FACTS),
  }),
  rule({
    id: "thaw",
    severity: "warn",
    authority: "USDA FSIS, safe thawing",
    touches: (row) => (row.step.kind === "thaw" ? { how: row.step.how } : null),
  }),
  rule({
    id: "garlic-in-oil",
    severity: "stop",
    authority: "NCHFP and extension services",
    touches: (row, context) => {
      const { batch } = row.outcome.after;
      const inOil = holds(row, IN_OIL, context) && batch.oilG > OILY * totalG(batch);
      const chilledLong = row.step.kind === "store" && row.step.where === "fridge" && row.step.days > GARLIC_DAYS;
      const warm = row.step.kind === "rest" && row.step.where === "worktop" && row.step.minutes > DANGER_ZONE.limitMin;
      return when(inOil && (chilledLong || warm), { days: GARLIC_DAYS, atC: FRIDGE_C });
    },
  }),
];
