/** Two clocks read at one moment, ms: the one of the device, which can be set, and the one of the page, which only runs. */
export interface Reading {
  readonly wall: number;
  readonly run: number;
}

/** Clocks of devices are corrected by less than this all the time, ms. */
const CORRECTED_MS = 5000;

/**
 * By how much the clock of the device went on more than time passed, ms; 0 where they agree. Below 0 it was set back. Above 0 it
 * was set forward, or the device slept: a page cannot tell these apart.
 *
 *     jumpBetween({ wall: 0, run: 0 }, { wall: 1000, run: 1000 }) // => 0
 *     jumpBetween({ wall: 3_600_000, run: 0 }, { wall: 1000, run: 1000 }) // => -3_600_000
 */
export function jumpBetween(before: Reading, after: Reading): number {
  const jumped = after.wall - before.wall - (after.run - before.run);
  return Math.abs(jumped) < CORRECTED_MS ? 0 : jumped;
}

/** Notes may be so much ahead of the clock of another page, ms. */
const AHEAD_MS = 120_000;
/**
 * By how much the clock went back since a note was made, ms, 0 or below: a note from the future says that it was set back by that
 * much at least.
 */
export const backSince = (notedAt: number, now: number): number => (notedAt - now < AHEAD_MS ? 0 : now - notedAt);
