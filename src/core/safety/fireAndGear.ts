import { moistureOf } from "../process/contents";
import { type Computed, NO_FACTS, brings, factOf, foodSet, holds, is, rule, type Rule, when } from "./rule";

const HARD = foodSet("squash-whole", "butternut", "celeriac", "swede");
/** Refined oil is near its flash point not far above this (fire services, from memory). */
const MOST_OIL_C = 230;
/** Where food browns before it is full of oil (USDA: 350–375 °F, from memory). */
const FRYING_C = { low: 175, high: 190 };
/** Baking paper as its makers print on it (from memory). */
const PAPER_C = 220;
/** A cup of liquid, which a pressure cooker boils off before its time is up if it starts with less (makers, from memory). */
const LEAST_LIQUID_G = 250;

/** Where fats begin to smoke, °C: refined as shops sell them (from memory; a range of ± 15 K by make). */
const SMOKES_C: Readonly<Record<string, number>> = {
  "rapeseed-oil": 205,
  "sunflower-oil": 225,
  "olive-oil": 190,
  "sesame-oil": 177,
  "coconut-oil": 177,
  "plant-butter": 150,
};
/** A thermostat and a thermometer are off by so much (rule of thumb). */
const SMOKE_MARGIN_K = 10;
/** Straight from water, with nothing that dries or coats it. */
const DRIES = [
  "pat",
  "coat",
  "batter",
  "squeeze",
  "press",
  "bind",
  "shape",
  "pulse",
  "mash",
  "gel",
  "bake",
  "air-fry",
  "toast",
  "sear",
  "brown",
] as const;
const WETTED = ["soak", "drain", "rinse", "blanch", "boil", "marinate", "thaw", "steam"] as const;

/** Hot oil, boiling water, blades, pressure, and what runs over. */
export const FIRE_AND_GEAR: readonly Rule[] = [
  rule({
    id: "hot-oil",
    severity: "warn",
    authority: "fire-safety bodies",
    touches: (row) => when(is(row, "sear", "fry", "deep-fry"), NO_FACTS),
  }),
  rule({
    id: "oil-too-hot",
    severity: "stop",
    authority: "fire-safety bodies, from memory",
    touches: (row) =>
      when(row.step.kind === "deep-fry" && row.step.oilC > MOST_OIL_C - 20, {
        lowC: FRYING_C.low,
        highC: FRYING_C.high,
      }),
  }),
  rule({
    id: "oil-line",
    severity: "stop",
    authority: "fire services: a third of the pot at most",
    touches: (row) => when(is(row, "deep-fry") && (factOf(row, "fill")?.share ?? 0) > 1, NO_FACTS),
  }),
  rule({
    id: "oil-height",
    severity: "warn",
    authority: "fire services: a third of the pot at most",
    touches: (row) => when(is(row, "deep-fry") && factOf(row, "fill") === undefined, NO_FACTS),
  }),
  rule({
    id: "smoke-point",
    severity: "warn",
    authority: "common practice; smoke points vary by make, from memory",
    touches: (row, { kin }) => {
      if (row.step.kind !== "deep-fry") return null;
      for (const came of row.outcome.inputs) {
        const smokeC = came.from === "food" ? SMOKES_C[kin(came.food)] : undefined;
        if (came.from === "food" && smokeC !== undefined && smokeC < row.step.oilC + SMOKE_MARGIN_K)
          return { food: came.food, smokeC };
      }
      return null;
    },
  }),
  rule({
    id: "boiling-water",
    severity: "warn",
    authority: "common practice",
    touches: (row) =>
      when(
        is(row, "boil", "blanch") ||
          (row.step.kind === "cook" && !row.step.pressure) ||
          (row.step.kind === "soak" && row.step.waterC >= 80),
        NO_FACTS,
      ),
  }),
  rule({
    id: "hot-squeeze",
    severity: "warn",
    authority: "common practice",
    touches: (row) => when(is(row, "squeeze") && row.before.batch.tempC > 48, { tempC: row.before.batch.tempC }),
  }),
  rule({
    id: "hot-blender",
    severity: "warn",
    authority: "common practice; makers' manuals",
    touches: (row) =>
      when(row.step.kind === "pulse" && row.step.to === "smooth" && row.outcome.after.batch.tempC > 60, NO_FACTS),
  }),
  rule({
    id: "machine-line",
    severity: "warn",
    authority: "common practice: bowls to two thirds",
    touches: (row) => {
      const goes = is(row, "pulse") ? (factOf(row, "batches")?.count ?? 1) : 1;
      return when(goes > 1, { loads: goes });
    },
  }),
  rule({
    id: "pressure-fill",
    severity: "stop",
    authority: "makers' manuals; extension services",
    touches: (row) =>
      when(row.step.kind === "cook" && row.step.pressure && (factOf(row, "fill")?.share ?? 0) > 1, NO_FACTS),
  }),
  rule({
    id: "pressure-liquid",
    severity: "stop",
    authority: "makers' manuals",
    touches: (row) =>
      when(
        row.step.kind === "cook" &&
          row.step.pressure &&
          row.outcome.inputs.reduce((g, c) => g + c.contents.waterG, row.before.bath?.waterG ?? 0) < LEAST_LIQUID_G,
        { leastMl: LEAST_LIQUID_G },
      ),
  }),
  rule({
    id: "pressure-release",
    severity: "warn",
    authority: "makers' manuals; USDA extension services",
    touches: (row) => when((row.step.kind === "cook" || row.step.kind === "steam") && row.step.pressure, NO_FACTS),
  }),
  rule({
    id: "hard-squash",
    severity: "warn",
    authority: "common practice",
    touches: (row, context) =>
      when(is(row, "cut", "slice") && (brings(row, HARD, context) || holds(row, HARD, context)), NO_FACTS),
  }),
  rule({
    id: "paper-in-the-oven",
    severity: "warn",
    authority: "makers' packets, usually 220 °C",
    touches: (row) =>
      when(row.step.kind === "bake" && row.step.cover === "parchment" && row.step.ovenC > PAPER_C, { mostC: PAPER_C }),
  }),
  rule({
    id: "tin-full",
    severity: "warn",
    authority: "common practice",
    touches: (row) => when(is(row, "layer") && (factOf(row, "fill")?.share ?? 0) > 0.95, NO_FACTS),
  }),
  rule({
    // More than it holds runs over onto the fire.
    id: "pot-full",
    severity: "stop",
    authority: "common practice; burns units on scalds",
    touches: (row) => {
      const fill = factOf(row, "fill");
      const pressed = row.step.kind === "cook" && row.step.pressure;
      return when(!is(row, "deep-fry") && !pressed && fill?.of === "pot" && fill.share > 1, NO_FACTS);
    },
  }),
  rule({
    id: "wet-into-oil",
    severity: "warn",
    authority: "common practice",
    touches: (row, { earlier }) => {
      // Its surface: wet since the last water, dry again once it was patted, dusted, battered or squeezed.
      const at = earlier.findLastIndex((r) => is(r, ...WETTED, ...DRIES));
      const wet = at >= 0 && is(earlier[at] as Computed, ...WETTED);
      const dried = at >= 0 && is(earlier[at] as Computed, ...DRIES);
      const dripping = is(row, "deep-fry", "fry") && wet;
      return when(dripping || (is(row, "sear") && !dried && moistureOf(row.before.batch) > 2.2), NO_FACTS);
    },
  }),
];
