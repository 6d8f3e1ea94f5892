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
 * Asleep and away before serving, [from, to) in whole minutes relative to serving, merged and sorted.
 */
export function blockedBefore(kitchen: Kitchen, serveAt: string, horizonMin: number): [number, number][] {
  const serve = Date.parse(serveAt);
  const days = Math.ceil(horizonMin / 1440) + 2;
  const last = Temporal.PlainDate.from(localTime(serve, kitchen.timeZone).date);
  const spans: [number, number][] = [];
  for (let back = days; back >= -1; back--) {
    const day = last.subtract({ days: back });
    const hours: DailyHours[] = kitchen.away.filter((a) => a.days.includes(day.dayOfWeek));
    if (kitchen.sleep) hours.push(kitchen.sleep);
    for (const { from, to } of hours) {
      const endDay = to <= from ? day.add({ days: 1 }) : day;
      const at = (d: Temporal.PlainDate, time: string) =>
        (Date.parse(instantOf(d.toString(), time, kitchen.timeZone)) - serve) / 60_000;
      spans.push([Math.round(at(day, from)), Math.round(at(endDay, to))]);
    }
  }
  const merged: [number, number][] = [];
  for (const [from, to] of spans.filter(([f, t]) => t > -horizonMin && f < 0 && t > f).sort((a, b) => a[0] - b[0])) {
    const previous = merged.at(-1);
    if (previous && from <= previous[1]) previous[1] = Math.max(previous[1], to);
    else merged.push([from, to]);
  }
  return merged;
}
