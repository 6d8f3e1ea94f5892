"use client";

import { type ReactNode, use } from "react";

/** The code of the store is started in a beat of its own, beside the theme, and not in the midst of drawing the page. */
const store =
  typeof document === "undefined"
    ? Promise.resolve()
    : new Promise((beat) => setTimeout(beat)).then(() => import("./store"));

export function WithStore({ children }: { children: ReactNode }) {
  use<unknown>(store);
  return children;
}
