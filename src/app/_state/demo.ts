"use client";

import type { Clearable, Household } from "@/core/formats/household";
import { nextWeekday } from "@/core/calendar/localTime";
import { instantOf } from "@/core/calendar/zonedTime";
import { db } from "@/data/db";
import { editsFor, editsToClear } from "@/data/household";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { CLEARING } from "@/ui/wording/files";
import { change } from "./store";

const SUNDAY = 7;

/** The demo household with its supper on the Sunday that comes, where the browser is. */
export function demoHousehold(now: number, timeZone: string): Household {
  const serveAt = instantOf(nextWeekday(now, SUNDAY, "19:00", timeZone), "19:00", timeZone);
  return {
    kitchen: { ...DEMO_KITCHEN, timeZone },
    eaters: DEMO_EATERS,
    labels: [],
    foods: [],
    dishes: DEMO_DISHES,
    suppers: [demoSupper(serveAt)],
    cookings: [],
    entries: [],
  } as unknown as Household;
}
/** The demo household beside what is there; a kitchen that the cook has set up stays. */
export async function loadDemo(now: number, timeZone: string): Promise<void> {
  const own = await db.kitchen.count();
  const edits = editsFor(demoHousehold(now, timeZone)).filter((e) => e.table !== "kitchen" || own === 0);
  return change("Load the demo household", edits, "Lantern Yard is on the counter.");
}

/** Clears what the words say and nothing else, and says what went. */
export async function clear(kinds: readonly Clearable[]): Promise<void> {
  const label = kinds.length === 1 ? CLEARING[kinds[0] as Clearable].does : "Clear everything";
  const says = kinds.length === 1 ? CLEARING[kinds[0] as Clearable].done : "Nothing of yours is left in this browser.";
  return change(label, await editsToClear(db, kinds), says);
}
