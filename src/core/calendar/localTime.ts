/** Wall-clock time in a zone. */
export interface LocalTime {
  /** YYYY-MM-DD */
  readonly date: string;
  /** HH:MM */
  readonly time: string;
  /** 1 Monday – 7 Sunday */
  readonly weekday: number;
  /** In the night in which the clock goes back an hour comes twice: which of the two this is. */
  readonly doubled?: "first" | "second";
}

/** Reads the wall clock of a zone: its date, YYYY-MM-DD, and its time, HH:MM. */
type Reader = (epochMs: number, timeZone: string) => Pick<LocalTime, "date" | "time">;

/** Where the browser has `Temporal` itself, it reads at once; the formats of `Intl` take a phone a tenth of a second to wake. */
const { Temporal: own } = globalThis as { readonly Temporal?: Calendar };
/** What is read of `Temporal` (ECMA-262, 2026). */
interface Calendar {
  readonly Instant: { fromEpochMilliseconds(ms: number): { toZonedDateTimeISO(timeZone: string): Zoned } };
  readonly Now: { timeZoneId(): string };
}
interface Zoned {
  toPlainDate(): { toString(): string };
  toPlainTime(): { toString(): string };
}
/** By the calendar that newer browsers have. */
export const byTemporal =
  (calendar: Pick<Calendar, "Instant">): Reader =>
  (epochMs, timeZone) => {
    const zoned = calendar.Instant.fromEpochMilliseconds(Math.round(epochMs)).toZonedDateTimeISO(timeZone);
    return { date: zoned.toPlainDate().toString(), time: zoned.toPlainTime().toString().slice(0, 5) };
  };

const formats = new Map<string, Intl.DateTimeFormat>();
/** The browser's own clock faces, one a zone: making one takes a hundred times longer than reading it. */
function faceOf(timeZone: string): Intl.DateTimeFormat {
  let face = formats.get(timeZone);
  if (face === undefined) {
    const digits = { month: "2-digit", day: "2-digit", hour: "2-digit", minute: "2-digit" } as const;
    face = new Intl.DateTimeFormat("en-GB", { timeZone, year: "numeric", ...digits, hourCycle: "h23" });
    formats.set(timeZone, face);
  }
  return face;
}
/** By the formats that every browser has. */
export const byIntl: Reader = (epochMs, timeZone) => {
  const parts = Object.fromEntries(
    faceOf(timeZone)
      .formatToParts(Math.round(epochMs))
      .map((p) => [p.type, p.value]),
  );
  const date = `${(parts.year ?? "").padStart(4, "0")}-${parts.month}-${parts.day}`;
  return { date, time: `${parts.hour}:${parts.minute}` };
};
const read = own === undefined ? byIntl : byTemporal(own);

/** The zone that this machine's clock is set to, IANA name. */
export const browserZone = (): string => own?.Now.timeZoneId() ?? Intl.DateTimeFormat().resolvedOptions().timeZone;

const DAY_MS = 86_400_000;
/** Weekday of a date, 1 Monday – 7 Sunday. 1970-01-01 was a Thursday. */
const weekdayOf = (date: string): number => ((Math.floor(Date.parse(date) / DAY_MS) + 3) % 7) + 1;

/**
 * What the clock on the wall shows at an instant.
 *
 * @param epochMs since 1970 UTC, within the years 1 to 9999
 * @param timeZone IANA name, such as Europe/Dublin
 *
 *     localTime(0, "Europe/Dublin") // => { date: "1970-01-01", time: "01:00", weekday: 4 }
 *     localTime(Date.parse("2026-10-25T00:30:00Z"), "Europe/Dublin") // => { date: "2026-10-25", time: "01:30", weekday: 7, doubled: "first" }
 *     localTime(Date.parse("2026-11-29T19:00:00Z"), "UTC") // => { date: "2026-11-29", time: "19:00", weekday: 7 }
 */
export function localTime(epochMs: number, timeZone: string): LocalTime {
  const shown = shownAt(epochMs, timeZone);
  // Clocks are set at night; by day nobody needs to look.
  if (shown.time >= LATEST_CHANGE) return shown;
  const sameAs = (other: LocalTime) => other.time === shown.time && other.date === shown.date;
  for (const ms of SET_BACK_MS) {
    if (sameAs(shownAt(epochMs + ms, timeZone))) return { ...shown, doubled: "first" };
    if (sameAs(shownAt(epochMs - ms, timeZone))) return { ...shown, doubled: "second" };
  }
  return shown;
}
/** Clocks go back by an hour; on Lord Howe Island by half of one. */
const SET_BACK_MS = [3_600_000, 1_800_000];
const LATEST_CHANGE = "04:00";

function shownAt(epochMs: number, timeZone: string): LocalTime {
  const shown = read(epochMs, timeZone);
  return { ...shown, weekday: weekdayOf(shown.date) };
}

/** Date of the next given weekday (1–7) from today on; today counts while its hour is still to come. */
export function nextWeekday(epochMs: number, weekday: number, time: string, timeZone: string): string {
  const now = localTime(epochMs, timeZone);
  let ahead = (weekday - now.weekday + 7) % 7;
  if (ahead === 0 && now.time >= time) ahead = 7;
  return new Date(Date.parse(now.date) + ahead * DAY_MS).toISOString().slice(0, 10);
}
