import type { LineAsk, Settled } from "./settle";

/** An ask for how much; the others are to be looked at. */
export const isOpen = (ask: LineAsk): boolean => ask.kind === "amount" || ask.kind === "two-amounts";
/** Lines of meat without an amount: no route can take their place before it is said. */
export const openMeats = (settled: readonly Settled[]): readonly number[] =>
  settled.filter((s) => s.meats.some((m) => m.rawG === null)).map((s) => s.line);
/** Other lines without an amount: they come along, and are asked again on the Bench. */
export const unsaidLines = (settled: readonly Settled[]): readonly number[] =>
  settled.filter((s) => s.meats.length === 0 && s.asks.some(isOpen)).map((s) => s.line);
