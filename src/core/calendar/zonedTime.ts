import { Temporal } from "temporal-polyfill";
import type { DailyHours, Kitchen } from "../household/kitchen";
import { localTime } from "./localTime";

/**
 * Instants of wall-clock times. This file is the one door through which the date library comes in; who only reads a clock
 * takes `localTime`, which needs none.
 */

/** Instant, ISO 8601 UTC, of a local date `YYYY-MM-DD` and time `HH:MM` in a zone. A skipped hour moves forward. */
export function instantOf(date: string, time: string, timeZone: string): string {
  const zoned = Temporal.PlainDateTime.from(`${date}T${time}`).toZonedDateTime(timeZone);
  return new Date(zoned.epochMilliseconds).toISOString();
}

/**
 * The same hour of the wall clock so many days later, ISO 8601 UTC; a skipped hour moves forward.
 *
 *     daysLater("2026-10-24T18:00:00.000Z", 1, "Europe/Dublin") // => "2026-10-25T19:00:00.000Z"
 */
export function daysLater(at: string, days: number, timeZone: string): string {
  const zoned = Temporal.Instant.from(at).toZonedDateTimeISO(timeZone).add({ days });
  return new Date(zoned.epochMilliseconds).toISOString();
}

/**
 * Asleep and away before serving, [from, to) in whole minutes relative to serving, merged and sorted.
 */
export function blockedBefore(kitchen: Kitchen, serveAt: string, horizonMin: number, lastMin = 0): [number, number][] {
  const hours = (weekDay: number): DailyHours[] => [
    ...kitchen.away.filter((a) => a.days.includes(weekDay)),
    ...(kitchen.sleep ? [kitchen.sleep] : []),
  ];
  return spansOf(hours, kitchen.timeZone, serveAt, [-horizonMin, lastMin]);
}
/**
 * When each cook with hours of their own is not there: [from, to, 1] in whole minutes relative to serving.
 */
export function cooksAway(
  kitchen: Pick<Kitchen, "cooks" | "timeZone">,
  serveAt: string,
  horizonMin: number,
  lastMin = 0,
): [number, number, number][] {
  return kitchen.cooks.flatMap(({ hours }) => {
    if (hours === null) return [];
    const there = spansOf((day) => (hours.days.includes(day) ? [hours] : []), kitchen.timeZone, serveAt, [
      -horizonMin,
      lastMin,
    ]);
    const away: [number, number, number][] = [];
    let from = -horizonMin;
    for (const [begin, end] of [...there, [lastMin, lastMin] as const]) {
      if (begin > from) away.push([from, begin, 1]);
      from = Math.max(from, end);
    }
    return away;
  });
}

/** Stretches of daily hours between two minutes relative to serving, merged and sorted. Days are 1 (Monday) to 7. */
function spansOf(
  hoursOn: (weekDay: number) => readonly DailyHours[],
  timeZone: string,
  serveAt: string,
  [first, last]: readonly [number, number],
): [number, number][] {
  const serve = Date.parse(serveAt);
  const today = Temporal.PlainDate.from(localTime(serve, timeZone).date);
  const spans: [number, number][] = [];
  for (let back = Math.ceil(-first / 1440) + 2; back >= -1 - Math.ceil(last / 1440); back--) {
    const day = today.subtract({ days: back });
    for (const { from, to } of hoursOn(day.dayOfWeek)) {
      const endDay = to <= from ? day.add({ days: 1 }) : day;
      const at = (d: Temporal.PlainDate, time: string) =>
        (Date.parse(instantOf(d.toString(), time, timeZone)) - serve) / 60_000;
      spans.push([Math.round(at(day, from)), Math.round(at(endDay, to))]);
    }
  }
  const merged: [number, number][] = [];
  for (const [from, to] of spans.filter(([f, t]) => t > first && f < last && t > f).sort((a, b) => a[0] - b[0])) {
    const previous = merged.at(-1);
    if (previous && from <= previous[1]) previous[1] = Math.max(previous[1], to);
    else merged.push([from, to]);
  }
  return merged;
}
