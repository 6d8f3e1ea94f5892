import ical, { ICalCalendarMethod } from "ical-generator";

/** One thing to do at a time, in words. Instants in milliseconds since 1970 UTC. */
export interface CalendarItem {
  readonly uid: string;
  readonly startsAt: number;
  readonly minutes: number;
  readonly title: string;
  readonly says: string;
}

/**
 * RFC 5545 text of a supper's schedule. Times are written in UTC, which every calendar turns into its own zone.
 *
 * @param stampedAt when the file was made, milliseconds since 1970 UTC
 */
export function writeCalendar(name: string, items: readonly CalendarItem[], stampedAt: number): string {
  const calendar = ical({
    name,
    prodId: { company: "Jade Pan", product: "Clock", language: "EN" },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const item of items)
    calendar.createEvent({
      id: item.uid,
      stamp: new Date(stampedAt),
      start: new Date(item.startsAt),
      end: new Date(item.startsAt + item.minutes * 60_000),
      summary: item.title,
      description: item.says,
    });
  return calendar.toString();
}
