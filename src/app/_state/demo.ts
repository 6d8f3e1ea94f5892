"use client";

import type { Household } from "@/core/formats/household";
import { instantOf, nextWeekday } from "@/core/formats/zonedTime";
import { db } from "@/data/db";
import { editsFor, editsToClear } from "@/data/household";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
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
export const loadDemo = (now: number, timeZone: string) =>
  change("Load the demo household", editsFor(demoHousehold(now, timeZone)), "Lantern Yard is on the counter.");
export const clearAll = async () => change("Clear everything", await editsToClear(db), "The counter is empty.");
