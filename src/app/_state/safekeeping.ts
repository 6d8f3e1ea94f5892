"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { db } from "@/data/db";
import type { LastExport } from "@/words/safekeeping";

/** Of this browser alone: when everything was last saved to a file. */
const KEY = "jade-pan.exported-at";
const listeners = new Set<() => void>();
function exportedAt(): number | null {
  try {
    const at = Number(localStorage.getItem(KEY));
    return Number.isFinite(at) && at > 0 ? at : null;
  } catch {
    // Storage that is blocked remembers nothing; the reminder then counts from the first cooking.
    return null;
  }
}
export function noteExport(at: number): void {
  try {
    localStorage.setItem(KEY, String(at));
  } catch {
    return;
  }
  for (const listener of listeners) listener();
}
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export function useLastExport(now: number | null): LastExport | null {
  const at = useSyncExternalStore(subscribe, exportedAt, () => null);
  // Counted by what the notebook has of them: rows of cookings are large.
  const cookingsSince = useLiveQuery(
    () =>
      at === null ? db.cookings.count() : db.entries.where("finishedAt").above(new Date(at).toISOString()).count(),
    [at],
  );
  return useMemo(
    () => (now === null || cookingsSince === undefined ? null : { at, now, cookingsSince }),
    [at, now, cookingsSince],
  );
}
/** Null until the browser has answered, or where it never does. */
export function usePersisted(): boolean | null {
  const [persisted, setPersisted] = useState<boolean | null>(null);
  useEffect(() => void navigator.storage?.persisted?.().then(setPersisted), []);
  return persisted;
}
