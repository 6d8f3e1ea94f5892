"use client";

import { useEffect, useRef, useState } from "react";
import { backSince, jumpBetween, type Reading } from "@/core/calendar/jump";
import type { LogEntry, CookingId } from "@/core/process/log";
import { ONE_JUMP_MS } from "@/data/press";
import { instant, noted } from "./store";

/** How often the two clocks are compared, ms. */
const LOOK_MS = 1000;
const reading = (): Reading => ({ wall: instant(), run: performance.now() });

/** What the clock of the device did; `byMs` below 0 was noted already, above 0 the cook is asked. */
export interface ClockJump {
  readonly byMs: number;
  /** Where the clock was set forward and nobody slept: timers get these minutes back. */
  readonly onGiveBack: (() => void) | null;
  readonly onSeen: () => void;
}

/**
 * Watches the clock of the device while something cooks. A clock that is set back is noted at once: timers go on by the minutes
 * that passed. One that leaps forward counts as time that passed, since devices sleep; the cook can say that it was set.
 */
export function useClockJump(cooking: CookingId, log: readonly LogEntry[]): ClockJump | null {
  const [jump, setJump] = useState<{ readonly byMs: number; readonly at: number } | null>(null);
  const last = useRef<Reading | null>(null);
  const notedAt = log.at(-1)?.at ?? 0;
  useEffect(() => {
    const note = (by: number) => void noted.add(cooking, { kind: "clock", at: instant(), byMs: by });
    const set = (by: number) => {
      if (by === 0) return;
      setJump({ byMs: by, at: instant() });
      if (by < 0) note(by);
    };
    const look = () => {
      const now = reading();
      // The first look has no earlier one: the last note says whether the clock went back while no page stood.
      set(last.current === null ? backSince(notedAt, now.wall) : jumpBetween(last.current, now));
      last.current = now;
    };
    if (last.current === null) look();
    const timer = setInterval(look, LOOK_MS);
    document.addEventListener("visibilitychange", look);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", look);
    };
  }, [cooking, notedAt]);
  if (jump === null) return null;
  const { byMs, at } = jump;
  // Another tab was told the same, and it was answered there.
  if (byMs > 0 && log.some((e) => e.kind === "clock" && e.byMs > 0 && e.at > at - ONE_JUMP_MS)) return null;
  const onSeen = () => setJump(null);
  const giveBack = () => {
    setJump(null);
    void noted.add(cooking, { kind: "clock", at: instant(), byMs });
  };
  return { byMs, onGiveBack: byMs > 0 ? giveBack : null, onSeen };
}
