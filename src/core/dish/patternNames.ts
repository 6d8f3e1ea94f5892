/** Parts to start from, by the name that they get. Their steps are in `patterns`. */
export const PATTERN_NAMES = {
  seared: "Soaked and seared",
  bound: "Bound and shaped",
  sauce: "Sauce",
  stew: "Simmered in a sauce",
  mash: "Boiled and mashed",
  vegetables: "Browned vegetables",
  grain: "Rice or grain under a lid",
  pot: "Boiled in plenty of water",
  cream: "Nut or seed cream",
  baked: "Layered and baked",
  empty: "Empty part",
} as const;
/** A part to start from. */
export type PatternId = keyof typeof PATTERN_NAMES;
/** All of them, in the order in which they are offered. */
export const PATTERN_IDS = Object.keys(PATTERN_NAMES) as readonly PatternId[];
