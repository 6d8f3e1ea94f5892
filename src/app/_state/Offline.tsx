"use client";

import dynamic from "next/dynamic";
import { useEffect, useState } from "react";
import type { VersionNews } from "@/ui/frame/NewVersion";

/** Fetched when there is a new version, which is seldom. */
const NewVersion = dynamic(() => import("@/ui/frame/NewVersion").then((m) => m.NewVersion), { ssr: false });
/** So long after the page stands, ms: what is kept for days without a network is no hurry. */
const CALM_MS = 5000;

/**
 * Keeps this build for days without a network. A new version waits: it is told, and comes when the cook says so, never in the middle
 * of a step. Where it was taken in another tab this page is told so, and goes on as it is.
 */
export function Offline() {
  const [news, setNews] = useState<VersionNews | null>(null);
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    const workers = navigator.serviceWorker;
    let first = workers.controller === null;
    let asked = false;
    const taken = () => {
      if (first) first = false;
      else if (asked) window.location.reload();
      else setNews({ is: "taken", onReload: () => window.location.reload() });
    };
    workers.addEventListener("controllerchange", taken);
    const timer = setTimeout(async () => {
      const { Serwist } = await import("@serwist/window");
      const worker = new Serwist("/sw.js", { scope: "/" });
      worker.addEventListener("waiting", () =>
        setNews({
          is: "waiting",
          onReload: () => {
            asked = true;
            worker.messageSkipWaiting();
          },
        }),
      );
      // Without one everything works as before, as long as there is a network.
      await worker.register().catch(() => undefined);
      performance.mark("offline");
    }, CALM_MS);
    return () => {
      clearTimeout(timer);
      workers.removeEventListener("controllerchange", taken);
    };
  }, []);
  return news === null ? null : <NewVersion key={news.is} news={news} />;
}
