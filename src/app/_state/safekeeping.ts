"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { db } from "@/data/db";
import type { LastExport } from "@/words/safekeeping";
import { DEMO_LABEL } from "./store";

/** Of this browser alone: when everything was last saved to a file, and when the reminder of it was put away. */
const EXPORTED = "jade-pan.exported-at";
const PUT_AWAY = "jade-pan.reminder-put-away-at";
const listeners = new Set<() => void>();
function timeOf(key: string): number | null {
  try {
    const at = Number(localStorage.getItem(key));
    return Number.isFinite(at) && at > 0 ? at : null;
  } catch {
    // Storage that is blocked remembers nothing; the reminder then counts from the first cooking.
    return null;
  }
}
function note(key: string, at: number): void {
  try {
    localStorage.setItem(key, String(at));
  } catch {
    return;
  }
  for (const listener of listeners) listener();
}
export const noteExport = (at: number): void => note(EXPORTED, at);
export const putReminderAway = (at: number): void => note(PUT_AWAY, at);
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
const useTime = (key: string): number | null =>
  useSyncExternalStore(
    subscribe,
    () => timeOf(key),
    () => null,
  );

export function useLastExport(now: number | null): LastExport | null {
  const [at, putAwayAt] = [useTime(EXPORTED), useTime(PUT_AWAY)];
  // Counted by what the notebook has of them, rows of cookings are large; the demo household is nothing of one's own.
  const since = useLiveQuery(async () => {
    const [cookings, recent] = await Promise.all([
      at === null ? db.cookings.count() : db.entries.where("finishedAt").above(new Date(at).toISOString()).count(),
      db.recent.toArray(),
    ]);
    const changes = recent.filter((r) => r.at > (at ?? 0) && r.label !== DEMO_LABEL).length;
    return { cookings, changes };
  }, [at]);
  return useMemo(
    () =>
      now === null || since === undefined
        ? null
        : {
            at,
            now,
            cookingsSince: since.cookings,
            changesSince: since.changes,
            putAway: putAwayAt !== null && putAwayAt > (at ?? 0),
          },
    [at, now, since, putAwayAt],
  );
}
/** Null until the browser has answered, or where it never does. */
export function usePersisted(): boolean | null {
  const [persisted, setPersisted] = useState<boolean | null>(null);
  useEffect(() => void navigator.storage?.persisted?.().then(setPersisted), []);
  return persisted;
}
