"use client";

import { useRef } from "react";

/**
 * Work that is done once however often it is pressed while it runs: a second press in the meantime is the same wish. Work that
 * leaves the page stays done, so that nothing is added twice before the next page stands.
 */
export function useOnce(leaves: boolean): (work: () => Promise<void>) => void {
  const running = useRef(false);
  return (work) => {
    if (running.current) return;
    running.current = true;
    void work().finally(() => {
      if (!leaves) running.current = false;
    });
  };
}
