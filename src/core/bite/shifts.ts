import type { StepKind } from "../process/registry";

/** Texture from 0 to 10, in the words of the bench. */
export const BITE = ["firm", "spring", "chew", "strands", "flakes", "juice", "crisp", "hold"] as const;
/** One of the eight attributes of a bite. */
export type BiteAttribute = (typeof BITE)[number];
/** How a kind of step moves the attributes, in tenths. */
export type BiteShift = Readonly<Partial<Record<BiteAttribute, number>>>;

/**
 * What a step does to the bite, first order (models card 13; expert estimates of one author). Freezing counts for tofu
 * alone, and more than three shifts in a row should not be added up.
 */
export const BITE_SHIFTS: Readonly<Partial<Record<StepKind, BiteShift>>> = {
  press: { firm: 1, chew: 0.5, juice: -1, hold: 1 },
  thaw: { firm: 1, spring: 3, chew: 3, strands: 3, flakes: 1, hold: -1 },
  sear: { firm: 1, chew: 0.5, juice: -1, crisp: 2 },
  fry: { firm: 1, chew: 0.5, juice: -1, crisp: 2 },
  griddle: { firm: 1, chew: 0.5, juice: -1, crisp: 2 },
  "deep-fry": { juice: 1, crisp: 5, hold: 1 },
  "air-fry": { firm: 1, chew: 1, juice: -2, crisp: 3 },
  bake: { firm: 1, chew: 1, juice: -2, crisp: 2 },
  simmer: { firm: -0.5, juice: 2, crisp: -2 },
  cut: { hold: -1 },
  pulse: { chew: -1, strands: -3, hold: -2 },
  bind: { strands: -2, hold: 3 },
  steam: { firm: 1, spring: 2, juice: 1, crisp: -1, hold: 2 },
  squeeze: { firm: 0.5, juice: -1 },
  marinate: { juice: 1 },
  hold: { crisp: -1, juice: -0.5 },
};
