import type { SupperId } from "@/core/dish/dish";
import { type CookingId, type LogEntry, progressOf } from "@/core/process/log";
import type { Entry } from "@/core/notebook/entry";
import type { Press } from "./press";
import type { CookingRow, NoteId } from "./db";

/** A press that is not stored, or is and was not read back yet. */
interface Held {
  readonly press: Press;
  readonly written: boolean;
}
/** What of the Stove is not in the store. */
export interface HeldNotes {
  /** In the order in which it was pressed; what is drawn has it at once. */
  readonly presses: readonly Press[];
  /** Those of them that are not stored. */
  readonly unstored: readonly Press[];
  /** Why the first of them could not be stored; null where nothing was refused. */
  readonly refused: unknown;
}
const NOTHING: HeldNotes = { presses: [], unstored: [], refused: null };

/**
 * Everything noted at the Stove goes through here: it is drawn at once, written in its order, and kept until it is written. A full
 * disk stops no cooking; what it refused is tried again with the next press, and whenever `flush` is called.
 */
export class NoteQueue {
  private held: readonly Held[] = [];
  private snapshot = NOTHING;
  private flushing: Promise<void> | null = null;
  private readonly listeners = new Set<() => void>();

  /** @param write stores one press, and says which of its notes are in the store now */
  constructor(private readonly write: (press: Press) => Promise<readonly NoteId[]>) {}

  /** Resolves once it has been tried, stored or not. */
  add(press: Press): Promise<void> {
    this.set([...this.held, { press, written: false }], this.snapshot.refused);
    return this.flush();
  }
  /** Writes what can be written, the first first; a refusal ends it, and nothing later is tried before. */
  flush(): Promise<void> {
    return (this.flushing ??= this.writeAll().finally(() => (this.flushing = null)));
  }
  /** These notes of a cooking were read from the store: what is drawn of them comes from there. */
  seen(cooking: CookingId | null, ids: readonly NoteId[]): void {
    const there = new Set(ids);
    const stays = ({ press, written }: Held) =>
      !written || (cookingIn(press) === cooking && press.notes.some((n) => !there.has(n.id)));
    if (!this.held.every(stays)) this.set(this.held.filter(stays), this.snapshot.refused);
  }
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = (): HeldNotes => this.snapshot;

  private async writeAll(): Promise<void> {
    for (let next = this.next(); next !== undefined; next = this.next()) {
      const { press } = next;
      try {
        const ids = new Set(await this.write(press));
        const notes = press.notes.filter((n) => ids.has(n.id));
        // What another tab had done already was dropped.
        const now = notes.length === 0 ? [] : [{ press: { ...press, notes }, written: true }];
        this.set(
          this.held.flatMap((h) => (h === next ? now : [h])),
          null,
        );
      } catch (error) {
        this.set(this.held, error ?? new Error("refused"));
        return;
      }
    }
  }
  private next(): Held | undefined {
    return this.held.find((h) => !h.written);
  }
  private set(held: readonly Held[], refused: unknown): void {
    this.held = held;
    this.snapshot = {
      presses: held.map((h) => h.press),
      unstored: held.filter((h) => !h.written).map((h) => h.press),
      refused,
    };
    for (const listener of this.listeners) listener();
  }
}

/** The cooking that a press is of. */
export const cookingIn = (press: Press): CookingId => (press.kind === "begin" ? press.cooking.id : press.cooking);

/** A cooking as the store has it: its row, its notes, and their ids. */
export interface StoredCooking {
  readonly cooking: CookingRow;
  readonly log: readonly LogEntry[];
  readonly ids: readonly NoteId[];
}
/** The cooking of a supper with what is held of it on top; one that has begun and is not stored counts as begun. */
export function withHeld(
  stored: StoredCooking | null,
  supper: SupperId,
  presses: readonly Press[],
): Omit<StoredCooking, "ids"> | null {
  const over = stored === null || progressOf(stored.log).finishedAt !== null;
  const begun = presses.find((p) => p.kind === "begin" && p.cooking.supper === supper);
  const row = over && begun?.kind === "begin" ? begun.cooking : (stored?.cooking ?? null);
  if (row === null) return null;
  const [log, ids] = stored?.cooking.id === row.id ? [stored.log, new Set(stored.ids)] : [[], new Set<NoteId>()];
  const more = presses.filter((p) => cookingIn(p) === row.id).flatMap((p) => p.notes.filter((n) => !ids.has(n.id)));
  return { cooking: row, log: more.length === 0 ? log : [...log, ...more.map((n) => n.entry)] };
}
/** Entries of the notebook with those of cookings whose end is held. */
export function entriesWithHeld(entries: readonly Entry[], presses: readonly Press[]): readonly Entry[] {
  const known = new Set(entries.map((e) => e.id));
  const more = presses.flatMap((p) => (p.kind === "finish" && !known.has(p.entry.id) ? [p.entry] : []));
  return more.length === 0 ? entries : [...more.toReversed(), ...entries];
}
