import type { SupperId } from "@/core/dish/dish";
import { progressOf, type LogEntry, type CookingId } from "@/core/process/log";
import type { JadePanDb, LogRow, NoteId, RecentRow } from "./db";
import {
  type Change,
  type Edit,
  type Diff,
  type TypedChange,
  type CookingLog,
  TABLES,
  merged,
  goingOn,
  keyOf,
  grouped,
  byTable,
  PORTION,
} from "./edits";
import { fieldChanges, untouchedSince, withChanges, type Row } from "./fields";
import { type Press, type Note, stillNew } from "./press";

/** So many of the last changes are kept across reloads. */
export const RECENT_KEPT = 40;
/** A change that was taken back: what it was called, and how many fields stay because something newer lies on top. */
export interface BroughtBack {
  readonly label: string;
  readonly stays: number;
}

/** A change of this page, and where the list of recent ones has it. */
interface Kept {
  readonly label: string;
  readonly seq: number;
  /** null: as the store has it. */
  readonly diffs: Change["diffs"] | null;
  /** The stay in a field of text in which it was typed. */
  readonly stay: string | null;
}
export interface History {
  readonly undoable: { readonly label: string } | null;
  readonly redoable: { readonly label: string } | null;
}

/**
 * Every write of the household goes through here, each in one transaction. Edits can be taken back; what is noted at the
 * Stove cannot, it is only ever corrected by a later note. The history lives as long as the page; the last changes are kept
 * longer, in `recent`, each to be taken back by itself.
 */
export class Changes {
  private done: Kept[] = [];
  private undone: Kept[] = [];
  private snapshot: History = { undoable: null, redoable: null };
  private last: Promise<unknown> = Promise.resolve();
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly db: JadePanDb,
    private readonly now: () => number = Date.now,
  ) {}

  /**
   * @param stay the stay in a field of text in which it was typed: further changes of that text in the same stay are one change
   *   with it, and a text that another tab has stored meanwhile is left as it is
   * @returns where the list of recent changes has it; null where nothing was changed
   */
  apply(label: string, edits: readonly Edit[], stay: string | null = null): Promise<number | null> {
    return this.inTurn(() => this.applyNow(label, edits, stay));
  }
  /** A change that a worker of this page made counts as the last one of the page. */
  adopt(label: string, seq: number): void {
    this.done.push({ label, seq, diffs: null, stay: null });
    this.undone = [];
    this.tell();
  }

  /**
   * Takes a change of the list of recent ones back, as a change of its own. What has been changed again since stays as it is by
   * now, and is counted. Null when the list no longer holds it, or it was taken back already.
   */
  bringBack(seq: number): Promise<BroughtBack | null> {
    return this.inTurn(() => this.bringBackNow(seq));
  }

  /** Takes this page's last change back; null when there is none. */
  undo(): Promise<BroughtBack | null> {
    return this.inTurn(() => this.move(this.done, this.undone, "taken back"));
  }
  redo(): Promise<BroughtBack | null> {
    return this.inTurn(() => this.move(this.undone, this.done, "made"));
  }

  /**
   * Writes what was pressed at the Stove, all of it or nothing, and each note once however often it is tried. What another tab has
   * done meanwhile is not done again: a cooking that is under way is not begun a second time, one that is over does not end again,
   * and the press that says a step done goes as a whole where that step is done already, so that no step is skipped.
   *
   * @returns ids of the notes that were written
   */
  async press(press: Press): Promise<readonly NoteId[]> {
    let written: readonly Note[] = [];
    await this.inOne(async () => {
      const cooking = press.kind === "begin" ? press.cooking.id : press.cooking;
      const there = await this.notesOf(cooking);
      if (press.kind === "begin" && (await this.isUnderWay(press.cooking.supper))) return;
      // Begun elsewhere under another name, or cleared meanwhile: there is nothing to note it in.
      if (press.kind !== "begin" && (await this.db.cookings.get(cooking)) === undefined) return;
      const fresh = stillNew(press.notes, there);
      if (fresh.length === 0 && press.notes.length > 0) return;
      if (press.kind === "finish" && progressOf(there.map((r) => r.entry)).finishedAt !== null) return;
      if (press.kind === "begin") await this.db.cookings.add(press.cooking);
      await this.db.log.bulkAdd(fresh.map(({ id, entry }) => ({ cooking, note: id, entry })));
      if (press.kind === "finish") await this.db.entries.add(press.entry);
      written = fresh;
    });
    return written.map((n) => n.id);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = (): History => this.snapshot;

  private async applyNow(label: string, edits: readonly Edit[], stay: string | null = null): Promise<number | null> {
    const diffs: Diff[] = [];
    const before = stay === null ? null : this.typedIn(stay);
    let seq = 0;
    await this.inOne(async () => {
      const there = await this.readMany(edits);
      const after = new Map(there);
      for (const edit of edits) {
        const now = after.get(keyOf(edit)) ?? null;
        const row =
          edit.from === undefined || now === null
            ? edit.row
            : merged(
                now,
                edit.from,
                edit.row,
                stay === null ? null : { last: before === null ? null : String(before.field[2]) },
              );
        after.set(keyOf(edit), row);
      }
      const touched = [...new Map(edits.map((edit) => [keyOf(edit), edit])).values()];
      for (const { table, id } of touched) {
        const fields = fieldChanges(there.get(keyOf({ table, id })) ?? null, after.get(keyOf({ table, id })) ?? null);
        if (fields.length > 0) diffs.push({ table, id, fields });
      }
      await this.writeMany(
        touched.map(({ table, id }) => ({ table, id, row: after.get(keyOf({ table, id })) ?? null })),
      );
      if (diffs.length === 0) return;
      const more = before === null ? null : goingOn(before, diffs);
      if (more !== null && before !== null) {
        diffs.splice(0, diffs.length, ...more);
        seq = before.seq;
        await this.db.done.put({ seq, diffs });
      } else seq = await this.keep({ label, at: this.now(), takenBack: false }, diffs);
    });
    if (diffs.length === 0) return null;
    if (before !== null && seq === before.seq) this.done.pop();
    this.done.push({ label, diffs, seq, stay });
    this.undone = [];
    this.tell();
    return seq;
  }
  /** This page's last change, when it was typed in this stay and changed one text. */
  private typedIn(stay: string): TypedChange | null {
    const last = this.done.at(-1);
    const [diff] = last?.diffs ?? [];
    const [field] = diff?.fields ?? [];
    if (last === undefined || last.stay !== stay || diff === undefined || field === undefined) return null;
    return typeof field[2] === "string" ? { seq: last.seq, table: diff.table, id: diff.id, field } : null;
  }
  private async bringBackNow(seq: number): Promise<BroughtBack | null> {
    const change = await this.db.recent.get(seq);
    const done = await this.db.done.get(seq);
    if (change === undefined || done === undefined || change.takenBack) return null;
    let stays = 0;
    const edits: Edit[] = [];
    const rows = await this.readMany(done.diffs);
    for (const { table, id, fields } of done.diffs.slice().reverse()) {
      const now = rows.get(keyOf({ table, id })) ?? null;
      const untouched = untouchedSince(now, fields);
      stays += fields.length - untouched.length;
      if (untouched.length > 0) edits.push({ table, id, row: withChanges(now, untouched, "taken back") });
    }
    await this.applyNow(`Brought back: ${change.label}`, edits);
    await this.db.recent.update(seq, { takenBack: true });
    return { label: change.label, stays };
  }
  /** One after the other: whoever undoes right after an edit means that edit, stored or not. */
  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const result = this.last.then(work);
    this.last = result.catch(() => undefined);
    return result;
  }
  private async move(from: Kept[], to: Kept[], how: "made" | "taken back"): Promise<BroughtBack | null> {
    const change = from.at(-1);
    if (!change) return null;
    const did = change.diffs ?? (await this.db.done.get(change.seq))?.diffs ?? [];
    const diffs = how === "made" ? did : did.slice().reverse();
    let stays = 0;
    await this.inOne(async () => {
      const rows = await this.readMany(diffs);
      const moved = new Map<string, Edit>();
      for (const { table, id, fields } of diffs) {
        const key = keyOf({ table, id });
        const now = rows.get(key) ?? null;
        const untouched = untouchedSince(now, fields, how === "made" ? "taken back" : "made");
        stays += fields.length - untouched.length;
        if (untouched.length === 0) continue;
        const row = withChanges(now, untouched, how);
        rows.set(key, row);
        moved.set(key, { table, id, row });
      }
      await this.writeMany([...moved.values()]);
      await this.db.recent.update(change.seq, { takenBack: how === "taken back" });
    });
    from.pop();
    to.push(change);
    this.tell();
    return { label: change.label, stays };
  }
  private inOne(work: () => Promise<void>): Promise<void> {
    const tables = TABLES.map((t) => this.db.table(t));
    return this.db.transaction("rw", [...tables, this.db.recent, this.db.done], work);
  }
  private async keep(row: Omit<RecentRow, "seq">, diffs: Change["diffs"]): Promise<number> {
    const seq = await this.db.recent.add(row);
    await this.db.done.put({ seq, diffs });
    const old = await this.db.recent.orderBy("seq").reverse().offset(RECENT_KEPT).primaryKeys();
    await this.db.recent.bulkDelete(old);
    await this.db.done.bulkDelete(old);
    return seq;
  }
  private async isUnderWay(supper: SupperId): Promise<boolean> {
    for (const { id } of await this.db.cookings.where("supper").equals(supper).toArray())
      if (progressOf(await this.entriesOf(id)).finishedAt === null) return true;
    return false;
  }
  private notesOf(cooking: CookingId): Promise<readonly LogRow[]> {
    return this.db.log.where("cooking").equals(cooking).sortBy("seq");
  }
  private async entriesOf(cooking: CookingId): Promise<readonly LogEntry[]> {
    return (await this.notesOf(cooking)).map((r) => r.entry);
  }
  /** Rows as they are by now, under `keyOf`; many of a table are read at once. */
  private async readMany(edits: readonly Pick<Edit, "table" | "id">[]): Promise<Map<string, Row | null>> {
    const rows = new Map<string, Row | null>();
    for (const [table, ids] of byTable(edits))
      if (table === "log") for (const id of ids) rows.set(keyOf({ table, id }), await this.read({ table, id }));
      else {
        const found = (await this.db.table(table).bulkGet(ids)) as (Row | undefined)[];
        ids.forEach((id, i) => rows.set(keyOf({ table, id }), found[i] ?? null));
      }
    return rows;
  }
  /** Many rows of a table are written at once, in portions between which the page can answer. */
  private async writeMany(edits: readonly Edit[]): Promise<void> {
    for (const edit of edits) if (edit.table === "log") await this.write(edit);
    for (const [table, ids] of byTable(edits.filter((e) => e.table !== "log" && e.row === null)))
      await this.db.table(table).bulkDelete(ids);
    const kept = edits.filter((e) => e.table !== "log" && e.row !== null);
    for (let at = 0; at < kept.length; at += PORTION)
      for (const [table, portion] of grouped(kept.slice(at, at + PORTION)))
        await this.db.table(table).bulkPut(portion.map((e) => e.row));
  }
  private async read({ table, id }: Pick<Edit, "table" | "id">): Promise<Row | null> {
    if (table !== "log") return ((await this.db.table(table).get(id)) as Row | undefined) ?? null;
    const log: CookingLog = { id, entries: await this.entriesOf(id) };
    return log.entries.length === 0 ? null : log;
  }
  private async write({ table, id, row }: Edit): Promise<void> {
    if (table === "log") {
      await this.db.log.where("cooking").equals(id).delete();
      if (row !== null)
        await this.db.log.bulkAdd((row as CookingLog).entries.map((entry) => ({ cooking: id as CookingId, entry })));
    } else if (row === null) await this.db.table(table).delete(id);
    else await this.db.table(table).put(row);
  }
  private tell(): void {
    this.snapshot = { undoable: this.done.at(-1) ?? null, redoable: this.undone.at(-1) ?? null };
    for (const listener of this.listeners) listener();
  }
}
