/** A supper that is coming up, as far as the question "what next?" needs it. */
export interface Coming {
  readonly cooking: "none" | "under way" | "aside" | "done";
  /** When its first step begins, ms since 1970 UTC; null when it has no times. */
  readonly firstAt: number | null;
}

/**
 * The supper whose next thing comes first: a cooking under way before everything, then the earliest beginning, then what was put
 * aside. Those that are done, and those without times, are passed over.
 */
export function nextUp<C extends Coming>(coming: readonly C[]): C | null {
  const underWay = coming.find((c) => c.cooking === "under way");
  if (underWay) return underWay;
  let best: C | null = null;
  for (const c of coming)
    if (c.cooking === "none" && c.firstAt !== null && (best?.firstAt == null || c.firstAt < best.firstAt)) best = c;
  return best ?? coming.find((c) => c.cooking === "aside") ?? null;
}
