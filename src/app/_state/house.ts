"use client";

import type { Clearable } from "@/core/formats/clearable";
import { db } from "@/data/db";
import { editsFor, editsToClear } from "@/data/household";
import { CLEARING } from "@/words/clearing";
import { change, DEMO_LABEL } from "./store";

/** The demo household beside what is there; a kitchen that the cook has set up stays. */
export async function loadDemo(now: number, timeZone: string): Promise<void> {
  // The demo is fetched when somebody asks for it.
  const [{ demoHousehold }, own] = await Promise.all([import("./demo"), db.kitchen.count()]);
  const edits = editsFor(demoHousehold(now, timeZone)).filter((e) => e.table !== "kitchen" || own === 0);
  return change(DEMO_LABEL, edits, "Lantern Yard is on the counter.");
}

/** Clears what the words say and nothing else, and says what went. */
export async function clear(kinds: readonly Clearable[]): Promise<void> {
  const label = kinds.length === 1 ? CLEARING[kinds[0] as Clearable].does : "Clear everything";
  const says =
    kinds.length === 1
      ? CLEARING[kinds[0] as Clearable].done
      : "Everything is cleared. Copies that this browser kept by itself stay, in Kitchen, until you remove them.";
  return change(label, await editsToClear(db, kinds), says);
}
