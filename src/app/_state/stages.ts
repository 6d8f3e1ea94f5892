/** The stages of a supper, in the order of its thread: each is a page below `/supper`. */
export const STAGES = ["swap", "bench", "clock", "stove"] as const;
/** One of them. */
export type StageSlug = (typeof STAGES)[number];
