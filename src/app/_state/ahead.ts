"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";

/** So long after the first figure stands, ms: then the browser has nothing better to do. */
const CALM_MS = 6000;
const APART_MS = 1000;

/** Fetches other pages ahead once this one stands, so that they open at once and never hold it up. */
export function useAhead(hrefs: readonly string[], stands: boolean): void {
  const router = useRouter();
  const key = hrefs.join("\n");
  useEffect(() => {
    if (!stands) return;
    // One by one, so that the browser answers touches in between.
    const timers = key.split("\n").map((href, i) => setTimeout(() => router.prefetch(href), CALM_MS + i * APART_MS));
    return () => timers.forEach(clearTimeout);
  }, [router, key, stands]);
}
