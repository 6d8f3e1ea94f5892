"use client";

import { useEffect, useRef, useSyncExternalStore } from "react";

/** Whether this browser can tell something while the page is not looked at, and has not been asked yet. */
const canBeAsked = (): boolean => typeof Notification !== "undefined" && Notification.permission === "default";

/** Asks to be allowed to remind; null where it cannot, or has an answer already. */
export function useReminders(): (() => void) | null {
  const open = useSyncExternalStore(listen, canBeAsked, () => false);
  if (!open) return null;
  return () => void Notification.requestPermission().finally(() => listeners.forEach((hear) => hear()));
}
const listeners = new Set<() => void>();
function listen(hear: () => void): () => void {
  listeners.add(hear);
  return () => listeners.delete(hear);
}

/**
 * Tells each of these once by a notification of the device, when it comes up while the page is out of sight and that is allowed.
 * Never the only way: the page says it, and rings.
 */
export function useTold(news: readonly string[]): void {
  const told = useRef<ReadonlySet<string>>(new Set());
  const text = JSON.stringify(news);
  useEffect(() => {
    const now = JSON.parse(text) as readonly string[];
    for (const says of now) if (!told.current.has(says)) void remind(says);
    told.current = new Set(now);
  }, [text]);
}
async function remind(says: string): Promise<void> {
  if (typeof Notification === "undefined" || Notification.permission !== "granted") return;
  if (document.visibilityState === "visible") return;
  try {
    // On a phone only the worker that keeps the app may notify.
    const kept = await navigator.serviceWorker?.getRegistration();
    if (kept?.active) await kept.showNotification(says, { tag: says });
    else new Notification(says, { tag: says });
  } catch {
    // Not allowed after all; the page says it.
  }
}
