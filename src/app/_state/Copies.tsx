"use client";

import { useEffect } from "react";
import { instant } from "./store";

/** So long after a page stands, and how often after that, ms; whether a copy is due is looked at then. */
const CALM_MS = 15_000;
const LOOK_MS = 600_000;

/** The browser keeps copies of everything by itself: made beside the page, once an hour at the most. */
export function Copies() {
  useEffect(() => {
    const look = () =>
      void import("@/workers/client")
        .then(({ computing }) => computing.keepCopy(instant()))
        // Where nothing can be stored the page says so already.
        .catch(() => undefined);
    const first = setTimeout(look, CALM_MS);
    const later = setInterval(look, LOOK_MS);
    return () => {
      clearTimeout(first);
      clearInterval(later);
    };
  }, []);
  return null;
}
