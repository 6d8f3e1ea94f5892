"use client";

import dynamic from "next/dynamic";
import { useSyncExternalStore } from "react";

export interface Notice {
  readonly says: string;
  readonly tone?: "done" | "trouble";
  readonly action?: { readonly label: string; readonly run: () => void };
}

/** The toasts come with the first notice: most page views never show one. */
const NoticeToasts = dynamic(() => import("./NoticeToasts").then((m) => m.NoticeToasts), { ssr: false });

let waiting: readonly Notice[] = [];
const listeners = new Set<() => void>();
const tell = (notices: readonly Notice[]) => {
  waiting = notices;
  for (const listener of listeners) listener();
};

/** Says what happened, with the way back where there is one. */
export function notify(notice: Notice): void {
  tell([...waiting, notice]);
}
/** Takes the notices that were not shown yet. */
export function takeNotices(): readonly Notice[] {
  const taken = waiting;
  if (taken.length > 0) tell([]);
  return taken;
}
export const onNotice = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

let everSaid = false;
const said = () => (everSaid ||= waiting.length > 0);

export function Notices() {
  const show = useSyncExternalStore(onNotice, said, () => false);
  return show ? <NoticeToasts /> : null;
}
