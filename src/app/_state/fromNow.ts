"use client";

import { useEffect, useState } from "react";
import type { Plan } from "@/core/plan";
import type { Progress } from "@/core/process/log";
import type { Schedule } from "@/core/schedule/schedule";
import { computing } from "@/workers/client";
import type { SupperView } from "./supper";

/** So far behind, the rest is worked out again, minutes; and again each so many, and with every note. */
const LATE_MIN = 5;
const AGAIN_MIN = 2;

/** What becomes of a supper that is behind, or has lost a burner: worked out from now; null while it is about on time, or nothing fits. */
export function useFromNow(
  planned: Plan,
  { input: { kitchen }, supper: { serveAt }, taken }: Pick<SupperView, "input" | "supper" | "taken">,
  progress: Progress,
  lateMin: number,
  now: number,
): Extract<Schedule, { kind: "fits" }> | null {
  const [told, setTold] = useState<{ readonly slot: number; readonly rest: Schedule | null } | null>(null);
  // Without a burner the plan is another one, and nobody is where it would have them.
  const behind = lateMin >= LATE_MIN || progress.failed.size > 0;
  const slot = !behind ? null : Math.floor(now / (AGAIN_MIN * 60_000));
  useEffect(() => {
    if (slot === null) return;
    let current = true;
    const { begunAt, doneAt, timers, ovenOnAt } = progress;
    void computing
      .fromNow(planned, kitchen, serveAt, { begunAt, doneAt, timers, ovenOnAt }, Date.now(), taken)
      .then((rest) => current && setTold({ slot, rest }));
    return () => {
      current = false;
    };
  }, [planned, kitchen, serveAt, taken, progress, slot]);
  // The last one stays until the next is there: what comes next must not change back and forth under a finger.
  return slot !== null && told !== null && slot - told.slot <= 1 && told.rest?.kind === "fits" ? told.rest : null;
}
