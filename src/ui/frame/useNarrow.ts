import { useSyncExternalStore } from "react";

/** Below the width at which two columns stand beside each other (Chakra's `md`). */
const NARROW = "(max-width: 47.99em)";
const listen = (changed: () => void) => {
  const query = window.matchMedia(NARROW);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
};

/** Whether the page is as narrow as a phone. Static pages are drawn wide and corrected before anything is read. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    listen,
    () => window.matchMedia(NARROW).matches,
    () => false,
  );
