import type { Entry } from "@/core/notebook/entry";
import { type CookingId, type LogEntry, progressOf } from "@/core/process/log";
import type { CookingRow, LogRow, NoteId } from "./db";

/** Two pages see one jump of the clock within this, ms. */
export const ONE_JUMP_MS = 10_000;

/** Something noted at the Stove, under an id of its own: however often it is tried, it is written once. */
export interface Note {
  readonly id: NoteId;
  readonly entry: LogEntry;
}
/** What one press at the Stove notes: the beginning of a cooking, notes, or its end with the entry in the notebook. */
export type Press =
  | { readonly kind: "begin"; readonly cooking: CookingRow; readonly notes: readonly Note[] }
  | { readonly kind: "notes"; readonly cooking: CookingId; readonly notes: readonly Note[] }
  | { readonly kind: "finish"; readonly cooking: CookingId; readonly notes: readonly Note[]; readonly entry: Entry };

/** Those of the notes of one press that are not written yet and still true beside what is. */
export function stillNew(notes: readonly Note[], there: readonly LogRow[]): readonly Note[] {
  const ids = new Set(there.map((r) => r.note));
  const { doneAt } = progressOf(there.map((r) => r.entry));
  if (notes.some(({ id, entry }) => entry.kind === "done" && !ids.has(id) && doneAt.has(entry.step))) return [];
  return notes.filter(
    ({ id, entry }) =>
      !ids.has(id) &&
      !(entry.kind === "clock" && there.some((r) => r.entry.kind === "clock" && oneJump(entry, r.entry))),
  );
}
type Jump = Extract<LogEntry, { kind: "clock" }>;
/** Of two pages that see the clock of the device being set, one notes it. */
const oneJump = (a: Jump, b: Jump): boolean =>
  Math.abs(a.at - b.at) < ONE_JUMP_MS && Math.abs(a.byMs - b.byMs) < ONE_JUMP_MS;
