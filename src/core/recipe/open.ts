import type { LineAsk, Settled } from "./settle";

/** An ask that leaves a line out as long as nobody answers it; the others are to be looked at. */
export const isOpen = (ask: LineAsk): boolean => ask.kind === "amount" || ask.kind === "two-amounts";
/** What still has to be said before the dish holds what the recipe holds: without it a line would be missing. */
export const openLines = (settled: readonly Settled[]): readonly number[] =>
  settled.filter((s) => s.asks.some(isOpen)).map((s) => s.line);
