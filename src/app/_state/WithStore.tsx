"use client";

import { type ReactNode, use } from "react";

const beat = () => new Promise((next) => setTimeout(next));
/** The code of the store is started in beats of its own, beside the theme, and not in the midst of drawing the page. */
const store =
  typeof document === "undefined"
    ? Promise.resolve()
    : beat()
        .then(() => import("dexie"))
        .then(beat)
        .then(() => import("./store"));

export function WithStore({ children }: { children: ReactNode }) {
  use<unknown>(store);
  return children;
}
