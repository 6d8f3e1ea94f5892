"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";

/** So long after the first figure stands, ms: then the browser has nothing better to do. */
const CALM_MS = 2500;

/** Fetches other pages ahead once this one stands, so that they open at once and never hold it up. */
export function useAhead(hrefs: readonly string[], stands: boolean): void {
  const router = useRouter();
  const key = hrefs.join("\n");
  useEffect(() => {
    if (!stands) return;
    const timer = setTimeout(() => key.split("\n").forEach((href) => router.prefetch(href)), CALM_MS);
    return () => clearTimeout(timer);
  }, [router, key, stands]);
}
