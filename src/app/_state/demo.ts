import type { Household } from "@/core/formats/household";
import { nextWeekday } from "@/core/calendar/localTime";
import { instantOf } from "@/core/calendar/zonedTime";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { demoEntries } from "@/demo/notebook";

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
    entries: demoEntries(serveAt),
    recipes: [],
    prices: [],
  } as unknown as Household;
}
