"use client";

import dynamic from "next/dynamic";
import { useEffect, useState } from "react";

/** Fetched when a new version waits, which is seldom. */
const NewVersion = dynamic(() => import("@/ui/frame/NewVersion").then((m) => m.NewVersion), { ssr: false });
/** So long after the page stands, ms: what is kept for days without a network is no hurry. */
const CALM_MS = 5000;

/**
 * Keeps this build for days without a network. A new version waits: it is told, and comes when the cook says so, never in the middle of a step.
 */
export function Offline() {
  const [reload, setReload] = useState<(() => void) | null>(null);
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    const timer = setTimeout(async () => {
      const { Serwist } = await import("@serwist/window");
      const worker = new Serwist("/sw.js", { scope: "/" });
      worker.addEventListener("waiting", () =>
        setReload(() => () => {
          worker.addEventListener("controlling", () => window.location.reload());
          worker.messageSkipWaiting();
        }),
      );
      // Without one everything works as before, as long as there is a network.
      await worker.register().catch(() => undefined);
    }, CALM_MS);
    return () => clearTimeout(timer);
  }, []);
  return reload === null ? null : <NewVersion onReload={reload} />;
}
