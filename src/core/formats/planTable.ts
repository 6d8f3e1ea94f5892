import Papa from "papaparse";
import type { LocalTime } from "../calendar/localTime";

/** One line of a plan: a step, or the oven that is switched on. */
export interface PlanLine {
  readonly begins: Pick<LocalTime, "date" | "time">;
  readonly ends: Pick<LocalTime, "date" | "time">;
  readonly title: string;
  readonly part: string;
  readonly dish: string;
  readonly minutes: number;
  readonly handsMin: number;
  readonly what: string;
}

/**
 * The plan as a table (RFC 4180): a heading, then a line for each step with local days and times, CRLF between them. What a
 * spreadsheet would take for a formula is marked as text.
 */
export const writePlanTable = (lines: readonly PlanLine[]): string =>
  Papa.unparse(
    {
      fields: ["day", "begins", "ends on", "ends", "step", "part", "dish", "minutes", "hands min", "what to do"],
      data: lines.map((l) => [
        l.begins.date,
        l.begins.time,
        l.ends.date,
        l.ends.time,
        l.title,
        l.part,
        l.dish,
        l.minutes,
        l.handsMin,
        l.what,
      ]),
    },
    { newline: "\r\n", escapeFormulae: true },
  );
