import ical, { ICalAlarmType, ICalCalendarMethod } from "ical-generator";

/** RFC 5545, 3.3.11: the package escapes summaries and descriptions, but not UIDs. */
const asText = (text: string): string => text.replace(/[\\;,]/g, "\\$&").replace(/\r?\n/g, "\\n");

/** One thing to do at a time, in words. Instants in milliseconds since 1970 UTC. */
export interface CalendarItem {
  readonly uid: string;
  readonly startsAt: number;
  readonly minutes: number;
  readonly title: string;
  readonly says: string;
}

/** Sequence numbers count the seconds from here, so that they grow with every export and fit into 31 bits until 2092. */
const COUNTED_FROM = Date.UTC(2024, 0, 1);
/** So much ahead the calendar reminds, s. */
const REMINDS_BEFORE_S = 5 * 60;

/**
 * RFC 5545 text of a supper's schedule. Times are written in UTC, which every calendar turns into its own zone. The same step has
 * the same UID in every export and a later export a higher SEQUENCE (3.8.7.4): read again, it takes the place of the older one.
 *
 * @param stampedAt when the file was made, milliseconds since 1970 UTC
 */
export function writeCalendar(name: string, items: readonly CalendarItem[], stampedAt: number): string {
  const calendar = ical({
    name,
    prodId: { company: "Jade Pan", product: "Clock", language: "EN" },
    method: ICalCalendarMethod.PUBLISH,
  });
  const sequence = Math.max(0, Math.floor((stampedAt - COUNTED_FROM) / 1000));
  for (const item of items) {
    const event = calendar.createEvent({
      id: asText(item.uid),
      sequence,
      stamp: new Date(stampedAt),
      start: new Date(item.startsAt),
      end: new Date(item.startsAt + item.minutes * 60_000),
      summary: item.title,
      description: item.says,
    });
    event.createAlarm({ type: ICalAlarmType.display, triggerBefore: REMINDS_BEFORE_S, description: item.title });
  }
  return calendar.toString();
}
