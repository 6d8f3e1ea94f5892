"use client";

import { useEffect, useRef, useState } from "react";
import type { TimerView } from "@/ui/stove/stoveProps";

/** A short tone when a timer runs out while the page is open; the screen says it in any case. */
export function useRing(timers: readonly Pick<TimerView, "step" | "leftMs">[]) {
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const t of timers) {
      if (t.leftMs > 0) rung.current.delete(t.step);
      else if (!rung.current.has(t.step)) {
        rung.current.add(t.step);
        if (t.leftMs > -2000) ring();
      }
    }
  }, [timers]);
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
