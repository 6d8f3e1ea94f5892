import type { Household } from "./household";

/** What can be cleared by itself: each takes the lists that its words name, and no other. */
export const CLEARABLE = {
  counter: ["suppers", "cookings"],
  shelf: ["dishes", "recipes"],
  people: ["eaters"],
  foods: ["foods", "labels", "prices"],
  kitchen: ["kitchen"],
  notebook: ["entries"],
} as const satisfies Record<string, readonly (keyof Household)[]>;
/** A kind of thing that can be cleared by itself. */
export type Clearable = keyof typeof CLEARABLE;
/** All kinds: clearing them leaves nothing. */
export const EVERYTHING = Object.keys(CLEARABLE) as readonly Clearable[];
