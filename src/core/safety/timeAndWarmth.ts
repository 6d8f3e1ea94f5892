import { totalG } from "../process/contents";
import { cold, factOf, foodSet, heated, holds, hot, is, waitMin, type Rule, type Computed } from "./rule";
import { POTATO } from "./foodsWithCare";

const RICE = foodSet("rice-white", "rice-brown", "rice-cooked");
const GARLIC = foodSet("garlic");
/** Boundary values pass: exactly two hours is still two hours. */
export const DANGER_ZONE_MIN = 120;
export const DANGER_ZONE_LOW_C = (40 - 32) / 1.8;
export const DANGER_ZONE_HIGH_C = (140 - 32) / 1.8;
const HOLD_C = (135 - 32) / 1.8;

/** Minutes that wet food has stood unchilled below 60 °C after a step, from those before it; what is hot all through begins anew. */
export function warmAfter(row: Computed, before: number): number {
  const { batch } = row.outcome.after;
  const minutes = hot(row) ? 0 : before;
  const wet = batch.waterG > 0.15 * totalG(batch);
  return wet && !cold(row) && !heated(row) && batch.tempC <= DANGER_ZONE_HIGH_C ? minutes + waitMin(row) : minutes;
}

/** How warm for how long: standing, cooking through, cooling, keeping, thawing. */
export const TIME_AND_WARMTH: readonly Rule[] = [
  {
    id: "danger-zone",
    severity: "stop",
    authority: "USDA FSIS, 40–140 °F rule",
    says: (row, { warmMin }) =>
      waitMin(row) > 0 && !cold(row) && !heated(row) && !hot(row) && warmMin > DANGER_ZONE_MIN
        ? "This stands between 4 and 60 °C for more than 2 hours in all. Put it in the fridge, or make it shorter."
        : null,
  },
  {
    id: "core",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    says: (row) =>
      "coreC" in row.step && row.step.coreC !== null && !is(row, "reheat") && row.step.coreC < 74
        ? "The middle is planned below 74 °C. Raise the core temperature."
        : null,
  },
  {
    id: "core-short",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    says: (row) => {
      const short = factOf(row, "core-short");
      return short
        ? `The minutes are too few: the middle needs about ${Math.round(short.neededMin)} min to reach ${Math.round(short.coreC)} °C. Give it longer, make it thinner, or test it with a thermometer.`
        : null;
    },
  },
  {
    id: "hot-hold",
    severity: "stop",
    authority: "FDA Food Code 3-501.16",
    says: (row) =>
      row.step.kind === "hold" && row.step.holdC < HOLD_C ? "Hold hot food at 57 °C or more, 60 °C at home." : null,
  },
  {
    id: "reheat",
    severity: "stop",
    authority: "USDA FSIS; Food Code 3-403.11",
    says: (row) =>
      row.step.kind === "reheat" && row.step.coreC < 74 ? "Reheat to 74 °C right through, steaming." : null,
  },
  {
    id: "cooling",
    severity: "stop",
    authority: "FDA Food Code 3-501.14",
    says: (row, { earlier }) => {
      const last = is(row, "store") ? earlier.findLast((e) => is(e, "cool")) : row;
      const cooled = last && factOf(last, "cooled");
      const hotIntoStore = is(row, "store") && !cooled && row.before.batch.tempC > DANGER_ZONE_HIGH_C;
      // A short cooling before the next step is no cooling for the fridge: only long ones and stores are held to it.
      const counts = is(row, "store") || (row.step.kind === "cool" && row.step.minutes >= DANGER_ZONE_MIN);
      const slow = cooled && (cooled.hoursTo21 === null || cooled.hoursTo21 > 2 || (cooled.hoursTo5 ?? 0) > 6);
      return hotIntoStore || (counts && slow)
        ? "It cools too slowly: from 57 to 21 °C within 2 hours, to 5 °C within 6. Spread it at most 5 cm deep, set it in ice water, or divide it."
        : null;
    },
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
    id: "kept-too-long",
    severity: "stop",
    authority: "USDA FSIS, leftovers 3–4 days",
    says: (row) =>
      row.step.kind === "store" && row.step.where === "fridge" && row.step.days > 4
        ? "Cooked food keeps 3–4 days at 4 °C. Freeze what is not eaten by then."
        : null,
  },
  {
    id: "cooked-rice",
    severity: "warn",
    authority: "UK FSA; FSIS allows longer, the stricter is taken",
    says: (row) =>
      is(row, "cool", "store", "stand") && holds(row, RICE)
        ? "Cooked rice: cool it within an hour, at most one day in the fridge, reheat it once, steaming."
        : null,
  },
  {
    id: "cooked-rice-days",
    severity: "stop",
    authority: "UK FSA",
    says: (row) =>
      row.step.kind === "store" && row.step.where === "fridge" && row.step.days > 1 && holds(row, RICE)
        ? "Cooked rice keeps one day in the fridge: its spores survive cooking. Freeze it instead."
        : null,
  },
  {
    id: "foil-potato",
    severity: "warn",
    authority: "FDA / CDC, botulism",
    says: (row) =>
      row.step.kind === "bake" && row.step.cover === "foil" && holds(row, POTATO)
        ? "Potatoes baked in foil: unwrap them as soon as they are out; keep them above 57 °C or chill within 2 hours."
        : null,
  },
  {
    id: "swollen-pack",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "freeze")
        ? "A pack swells as it freezes: that is ice. One that was swollen before it went in is spoilt, throw it away."
        : null,
  },
  {
    id: "thaw",
    severity: "warn",
    authority: "USDA FSIS, safe thawing",
    says: (row) =>
      row.step.kind !== "thaw"
        ? null
        : row.step.how === "fridge"
          ? "Thaw in the fridge, never on the counter."
          : "Cold water: in a leak-proof bag, water changed every half hour, and cook it at once.",
  },
  {
    id: "garlic-in-oil",
    severity: "stop",
    authority: "NCHFP and extension services",
    says: (row) =>
      row.step.kind === "store" &&
      row.step.where === "fridge" &&
      row.step.days > 4 &&
      holds(row, GARLIC) &&
      row.outcome.after.batch.oilG > 0.2 * totalG(row.outcome.after.batch)
        ? "Garlic in oil: at most 4 days at 4 °C, else freeze it (botulism)."
        : null,
  },
];
