"use client";

import { startTransition, useDeferredValue, useEffect, useState } from "react";

/**
 * True once something may be drawn, one beat after it could be: the first drawing of a page is then done in slices, between
 * which the browser answers touches. Later changes are drawn at once.
 */
export const useDrawnInSlices = (ready: boolean): boolean => useDeferredValue(ready, false) && ready;

/** True once what is ready has been painted: what lies below the first screen is drawn after it, and laid out in a beat of its own. */
export function useAfterPaint(ready: boolean): boolean {
  const [painted, setPainted] = useState(false);
  useEffect(() => {
    if (!ready) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setPainted(true)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [ready]);
  return painted && ready;
}
