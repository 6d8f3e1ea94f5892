"use client";

import { useEffect, useRef, useState } from "react";
import type { CookingId } from "@/core/process/log";
import type { TimerView } from "@/ui/stove/stoveProps";

/**
 * A short tone when a timer has run out, once, however long ago: the device may have slept, or the page was away. What has rung is
 * remembered for as long as the tab lives; the screen says it in any case.
 */
export function useRing(cooking: CookingId, timers: readonly Pick<TimerView, "step" | "leftMs">[]) {
  const rung = useRef<Set<string> | null>(null);
  useEffect(() => {
    const heard = (rung.current ??= rungBefore());
    for (const t of timers) {
      const key = `${cooking} ${t.step}`;
      if (t.leftMs > 0 ? !heard.delete(key) : heard.has(key)) continue;
      if (t.leftMs <= 0) {
        heard.add(key);
        ring();
      }
      remember(heard);
    }
  }, [cooking, timers]);
}
const RUNG = "jade-pan.rung";
function rungBefore(): Set<string> {
  try {
    return new Set(JSON.parse(sessionStorage.getItem(RUNG) ?? "[]") as string[]);
  } catch {
    return new Set();
  }
}
function remember(rung: ReadonlySet<string>): void {
  try {
    sessionStorage.setItem(RUNG, JSON.stringify([...rung]));
  } catch {
    // Storage that is blocked remembers nothing: a reload rings once more.
  }
}
function ring() {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    volume.gain.value = 0.15;
    tone.frequency.value = 660;
    tone.connect(volume).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.7);
    tone.onended = () => void audio.close();
  } catch {
    // No sound here; the timer card says it.
  }
}

/** Keeps the screen awake; true where it cannot, so that the page can say so. */
export function useAwake(): boolean {
  const [sleeps, setSleeps] = useState(false);
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const ask = () => {
      if (document.visibilityState !== "visible") return;
      if (!("wakeLock" in navigator)) return setSleeps(true);
      navigator.wakeLock.request("screen").then(
        (l) => {
          lock = l;
          setSleeps(false);
        },
        () => setSleeps(true),
      );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, []);
  return sleeps;
}
