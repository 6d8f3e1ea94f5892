import { counted } from "./count";

const DAY_MS = 24 * 3_600_000;
/** A copy is asked for after so many changes or cookings (house rule). */
const DUE_CHANGES = 10;
const DUE_COOKINGS = 2;

/** When everything was last saved to a file, and what has been done since. */
export interface LastExport {
  /** ms since 1970; null is never. */
  readonly at: number | null;
  readonly now: number;
  readonly cookingsSince: number;
  readonly changesSince: number;
  /** The reminder was put away since then: it comes once. */
  readonly putAway: boolean;
}

/** "Last export 12 days ago, 3 cookings since." */
export function describeLastExport({
  at,
  now,
  cookingsSince,
}: Pick<LastExport, "at" | "now" | "cookingsSince">): string {
  const since = cookingsSince === 0 ? "nothing cooked since" : `${counted(cookingsSince, "cooking")} since`;
  if (at === null)
    return cookingsSince === 0 ? "Not exported yet." : `Not exported yet; ${counted(cookingsSince, "cooking")} so far.`;
  const days = Math.floor((now - at) / DAY_MS);
  return `Last export ${days === 0 ? "today" : days === 1 ? "yesterday" : `${days} days ago`}, ${since}.`;
}
/** A reminder when a copy is due; null as long as none is. */
export function describeExportDue({ cookingsSince, changesSince, putAway }: LastExport): string | null {
  if (putAway || (cookingsSince < DUE_COOKINGS && changesSince < DUE_CHANGES)) return null;
  const what = cookingsSince >= DUE_COOKINGS ? counted(cookingsSince, "cooking") : counted(changesSince, "change");
  return `${what} lie in this browser alone. A file in another place keeps them if it is lost.`;
}
/** Whether the browser has promised not to clear what is stored; null where it does not say. */
export const describePersisted = (persisted: boolean | null): string =>
  persisted === null
    ? "This browser does not say whether it may clear its store when space is short."
    : persisted
      ? "The browser has promised to keep this store, even when space is short."
      : "The browser may clear this store when space is short; it was asked to keep it when the first thing was stored.";

/** A copy that the browser made by itself, by its time. */
export const describeCopy = (when: string): string => `Copy of ${when}`;
/** "Reading the file: 4,200 of 10,012 rows." */
export const describeRows = (what: string, done: number, all: number): string =>
  `${what}: ${done.toLocaleString("en")} of ${all.toLocaleString("en")} rows.`;

/** Rows that an export could not have been read with: named, and where they are. */
export const describeSetAside = (aside: readonly { readonly why: string }[]): string =>
  `${counted(aside.length, "row")} could not have been read again and ${aside.length === 1 ? "is" : "are"} in a second file; everything else is in the first. ${aside.map((a) => a.why).join("; ")}.`;
