import type { LocalTime } from "@/core/calendar/localTime";
import { counted } from "./count";

const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** `19:00`; in the night that has an hour twice `01:30¹` and `01:30²`: short, since it stands in columns and on lanes. */
export const writeClock = ({ time, doubled }: LocalTime): string => `${time}${doubled ? TWICE[doubled] : ""}`;
const TWICE = { first: "¹", second: "²" } as const;
/** What the marks mean, where one of these times has one; null elsewhere. */
export const describeTwice = (times: readonly string[]): string | null =>
  times.some((t) => /[¹²]$/.test(t))
    ? "The clock goes back in this night, and an hour comes twice: ¹ is the first time, ² the second."
    : null;
/** `Sun 29 Nov, 19:00` */
export const writeDay = (t: LocalTime): string => `${writeDate(t)}, ${writeClock(t)}`;
/** `Sun 29 Nov` */
export function writeDate({ date, weekday }: LocalTime): string {
  const [, month, day] = date.split("-");
  return `${DAYS[weekday - 1]} ${Number(day)} ${MONTHS[Number(month) - 1]}`;
}
/** The clock time alone on the same day as `other`, with the day otherwise. */
export const writeWhen = (t: LocalTime, other: LocalTime): string =>
  t.date === other.date ? writeClock(t) : `${DAYS[t.weekday - 1]} ${writeClock(t)}`;

/** A time that was asked for in the hour that a night in spring leaves out; nothing where the clock shows it. */
export const describeMissingHour = (asked: string, got: LocalTime): string | undefined =>
  got.time === asked
    ? undefined
    : `That night has no ${asked}: the clock goes forward over it. Dinner is at ${writeClock(got)}.`;

/** `in 2 days`, `in 3 h 05`, `in 12 min`, `now`, `14 min late`. */
export function writeUntil(minutes: number): string {
  if (minutes < -0.5) return `${span(-minutes)} late`;
  return minutes < 0.5 ? "now" : `in ${span(minutes)}`;
}
function span(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  if (hours < 24) return `${hours} h ${String(whole % 60).padStart(2, "0")}`;
  return counted(Math.round(hours / 24), "day");
}
/** `4:05`, `1:02:09`; below zero with a minus sign. */
export function writeCountdown(ms: number): string {
  const seconds = Math.ceil(Math.abs(ms) / 1000);
  const two = (n: number) => String(n).padStart(2, "0");
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  const sign = ms < 0 && seconds > 0 ? "−" : "";
  return hours > 0 ? `${sign}${hours}:${two(minutes)}:${two(seconds % 60)}` : `${sign}${minutes}:${two(seconds % 60)}`;
}
