import { moistureOf } from "../process/contents";
import { brings, factOf, foodSet, holds, is, type Rule } from "./rule";

const HARD = foodSet("squash-whole", "butternut", "celeriac", "swede");
const MOST_OIL_C = 230;
const PAPER_C = 220;
const LEAST_LIQUID_G = 250;

/** Hot oil, boiling water, blades, pressure, and what runs over. */
export const FIRE_AND_GEAR: readonly Rule[] = [
  {
    id: "hot-oil",
    severity: "warn",
    authority: "fire-safety bodies",
    says: (row) =>
      is(row, "sear", "fry", "deep-fry")
        ? "Hot oil: pat the pieces dry, lower them away from you, keep a lid within reach and never put water on burning oil."
        : null,
  },
  {
    id: "oil-too-hot",
    severity: "stop",
    authority: "fire-safety bodies, from memory",
    says: (row) =>
      row.step.kind === "deep-fry" && row.step.oilC > MOST_OIL_C - 20
        ? "Oil this hot smokes and can catch fire. Stay at 175–190 °C."
        : null,
  },
  {
    id: "oil-line",
    severity: "stop",
    authority: "common practice: oil to half the pot",
    says: (row) =>
      is(row, "deep-fry") && (factOf(row, "fill")?.share ?? 0) > 1
        ? "The oil stands above half of the pot and boils over when food goes in. Take a deeper pot or less oil."
        : null,
  },
  {
    id: "boiling-water",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "boil", "blanch") ||
      (row.step.kind === "cook" && !row.step.pressure) ||
      (row.step.kind === "soak" && row.step.waterC >= 80)
        ? "Boiling water: clear the way to the sink before you lift, and pour away from you."
        : null,
  },
  {
    id: "hot-squeeze",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "squeeze") && row.before.batch.tempC > 48
        ? `About ${Math.round(row.before.batch.tempC)} °C inside: rinse cold first or use a cloth and tongs.`
        : null,
  },
  {
    id: "hot-blender",
    severity: "warn",
    authority: "common practice; makers' manuals",
    says: (row) =>
      row.step.kind === "pulse" && row.step.to === "smooth" && row.outcome.after.batch.tempC > 60
        ? "Hot liquid in a closed blender bursts out: fill it a third, leave the lid vented under a cloth, begin slowly."
        : null,
  },
  {
    id: "machine-line",
    severity: "warn",
    authority: "common practice: bowls to two thirds",
    says: (row) => {
      const loads = is(row, "pulse") ? (factOf(row, "batches")?.count ?? 1) : 1;
      return loads > 1 ? `All at once would be over the bowl's two-thirds line. Make it in ${loads} loads.` : null;
    },
  },
  {
    id: "pressure-fill",
    severity: "stop",
    authority: "makers' manuals; extension services",
    says: (row) =>
      row.step.kind === "cook" && row.step.pressure && (factOf(row, "fill")?.share ?? 0) > 1
        ? "Over the line: two thirds at most, half for beans and grains that foam. Cook it in two goes."
        : null,
  },
  {
    id: "pressure-liquid",
    severity: "stop",
    authority: "makers' manuals",
    says: (row) =>
      row.step.kind === "cook" &&
      row.step.pressure &&
      row.outcome.came.reduce((g, c) => g + c.contents.waterG, row.before.bath?.waterG ?? 0) < LEAST_LIQUID_G
        ? "Too little liquid for a pressure cooker: at least 250 mL, or what your manual says."
        : null,
  },
  {
    id: "hard-squash",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "cut", "slice") && (brings(row, HARD) || holds(row, HARD))
        ? "Hard under the knife: cut a flat side first, lay it on that, push down with the heel of a large knife, fingers away."
        : null,
  },
  {
    id: "paper-in-the-oven",
    severity: "warn",
    authority: "makers' packets, usually 220 °C",
    says: (row) =>
      row.step.kind === "bake" && row.step.cover === "parchment" && row.step.ovenC > PAPER_C
        ? "Baking paper browns and burns above 220 °C. Check its packet or bake without."
        : null,
  },
  {
    id: "tin-full",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "layer") && (factOf(row, "fill")?.share ?? 0) > 0.95
        ? "The tin is full to its rim and will boil over. Take a larger one, or set a tray under it."
        : null,
  },
  {
    id: "pot-full",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      row.step.kind === "cook" && !row.step.pressure && (factOf(row, "fill")?.share ?? 0) > 1
        ? "The pot is too full for this. Take a larger one or cook in two goes."
        : null,
  },
  {
    id: "wet-into-oil",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "sear") && moistureOf(row.before.batch) > 2.2
        ? "Very wet for hot oil: it will spit. Squeeze or pat it drier."
        : null,
  },
];
