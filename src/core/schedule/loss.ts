import type { StepKind } from "../process/registry";

/** What food loses that waits longer than it should. */
export type LossKind = "crisp" | "heat" | "fresh";
/** Points of bite (0 to 10) that a minute beyond the usual wait costs. Engineering estimates. */
const PER_MINUTE: Readonly<Record<LossKind, number>> = { crisp: 1 / 12, heat: 1 / 40, fresh: 1 / 120 };
const CRISP: ReadonlySet<StepKind> = new Set([
  "deep-fry",
  "air-fry",
  "sear",
  "fry",
  "griddle",
  "coat",
  "toast",
  "batter",
]);
const HOT: ReadonlySet<StepKind> = new Set([
  "brown",
  "sweat",
  "simmer",
  "reduce",
  "thicken",
  "boil",
  "steam",
  "cook",
  "blanch",
  "bake",
  "mash",
  "glaze",
  "hold",
  "reheat",
  "season",
  "stand",
  "serve",
  "stuff",
  "layer",
  "top",
]);

/** What the result of a step loses by waiting: its crust, its heat, or only its freshness. */
export const lossOf = (kind: StepKind): LossKind => (CRISP.has(kind) ? "crisp" : HOT.has(kind) ? "heat" : "fresh");
/** Points of bite a minute beyond the usual wait. */
export const pointsPerMin = (kind: StepKind): number => PER_MINUTE[lossOf(kind)];

/** The same kept warm in a low oven: crisp things soften in what steams off them, others dry a little. Engineering estimates. */
const HELD_PER_MINUTE: Readonly<Record<LossKind, number>> = { crisp: 1 / 40, heat: 1 / 120, fresh: 1 / 120 };
/** Points of bite a minute in a low oven. */
export const heldPointsPerMin = (kind: StepKind): number => HELD_PER_MINUTE[lossOf(kind)];
