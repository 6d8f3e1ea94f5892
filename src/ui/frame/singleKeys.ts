"use client";

import { useLayoutEffect, useRef, useSyncExternalStore } from "react";
import { tinykeys } from "tinykeys";

const SETTING = "jade-pan.single-keys";
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
const read = () => localStorage.getItem(SETTING) !== "off";
const write = (on: boolean) => {
  localStorage.setItem(SETTING, on ? "on" : "off");
  for (const listener of listeners) listener();
};

/** Whether keys without Ctrl or Alt do anything; the cook's choice, remembered in this browser. */
export function useKeysOn(): [boolean, (on: boolean) => void] {
  return [useSyncExternalStore(subscribe, read, () => true), write];
}

/** What a key does; `clicks` when a focused button answers the same key itself. */
export interface SingleKey {
  readonly run: () => void;
  readonly clicks?: boolean;
}

/** Single keys, named as tinykeys names them; silent while somebody types, under a dialog, and when switched off. */
export function useSingleKeys(keys: Readonly<Record<string, SingleKey>>): void {
  const [on] = useKeysOn();
  const latest = useRef(keys);
  // Before the screen is painted: whoever reads the new step and presses at once means that one.
  useLayoutEffect(() => {
    latest.current = keys;
  });
  const names = Object.keys(keys).join(" ");
  useLayoutEffect(() => {
    if (!on) return;
    const answer = (name: string) => (e: KeyboardEvent) => {
      const key = latest.current[name];
      if (!key || e.repeat || e.ctrlKey || e.metaKey || e.altKey) return;
      if (document.querySelector("[role=dialog]")) return;
      const target = e.target instanceof HTMLElement ? e.target : null;
      if (target?.closest("input:not([type=checkbox]):not([type=range]), textarea, select")) return;
      if (key.clicks && target?.closest("button, a, input")) return;
      e.preventDefault();
      key.run();
    };
    return tinykeys(window, Object.fromEntries(names.split(" ").map((name) => [name, answer(name)])));
  }, [on, names]);
}
