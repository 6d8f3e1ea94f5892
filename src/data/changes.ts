import type { Entry } from "@/core/notebook/entry";
import { type LogEntry, progressOf } from "@/core/process/log";
import type { CookingRow, JadePanDb } from "./db";
import { type FieldChange, fieldChanges, type Row, withChanges } from "./fields";

/** Tables whose rows can be changed and changed back. */
export const TABLES = [
  "kitchen",
  "eaters",
  "labels",
  "foods",
  "dishes",
  "suppers",
  "cookings",
  "log",
  "entries",
] as const;
export type TableName = (typeof TABLES)[number];
/**
 * The log of one cooking as a whole, under the cooking's id, for restoring and clearing. At the Stove entries are only
 * ever appended (`append`), and taking a change back never takes away what was appended after it.
 */
export interface CookingLog extends Row {
  readonly entries: readonly LogEntry[];
}
const lengthOf = (row: Row | null): number => (row === null ? 0 : (row as CookingLog).entries.length);

/** A row to write, or (null) to remove. */
export interface Edit {
  readonly table: TableName;
  readonly id: string;
  readonly row: Row | null;
}
interface Diff {
  readonly table: TableName;
  readonly id: string;
  readonly fields: readonly FieldChange[];
}
/** What one action did, as plain data: field by field, so that taking it back leaves the others alone. */
export interface Change {
  readonly label: string;
  readonly diffs: readonly Diff[];
}

export interface History {
  readonly undoable: Change | null;
  readonly redoable: Change | null;
}

/**
 * Every write of the household goes through here, each in one transaction. Edits can be taken back; what is noted at the
 * Stove cannot, it is only ever corrected by a later note. The history lives as long as the page.
 */
export class Changes {
  private done: Change[] = [];
  private undone: Change[] = [];
  private snapshot: History = { undoable: null, redoable: null };
  private readonly listeners = new Set<() => void>();

  constructor(private readonly db: JadePanDb) {}

  async apply(label: string, edits: readonly Edit[]): Promise<void> {
    const diffs: Diff[] = [];
    await this.inOne(async () => {
      for (const edit of edits) {
        const fields = fieldChanges(await this.read(edit), edit.row);
        diffs.push({ table: edit.table, id: edit.id, fields });
        await this.write(edit);
      }
    });
    this.done.push({ label, diffs });
    this.undone = [];
    this.tell();
  }

  /** Takes the last change back; its label, or null when there is none. */
  async undo(): Promise<string | null> {
    return this.move(this.done, this.undone, "taken back");
  }
  async redo(): Promise<string | null> {
    return this.move(this.undone, this.done, "made");
  }

  /** Begins a cooking of a supper; while one of it is under way it stays the one, however often this is asked. */
  async begin(cooking: CookingRow, first: LogEntry): Promise<void> {
    await this.inOne(async () => {
      for (const { id } of await this.db.cookings.where("supper").equals(cooking.supper).toArray())
        if (progressOf(await this.entriesOf(id)).finishedAt === null) return;
      await this.db.cookings.add(cooking);
      await this.append(cooking.id, [first]);
    });
  }
  /** Appends to the log of a cooking; nothing that is in it is ever changed. */
  async append(cooking: string, entries: readonly LogEntry[]): Promise<void> {
    await this.db.log.bulkAdd(entries.map((entry) => ({ cooking, entry })));
  }
  /** The last notes of a cooking and its entry in the notebook, both or neither, and once. */
  async finish(cooking: string, last: readonly LogEntry[], entry: Entry): Promise<void> {
    await this.inOne(async () => {
      if (progressOf(await this.entriesOf(cooking)).finishedAt !== null) return;
      await this.append(cooking, last);
      await this.db.entries.add(entry);
    });
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = (): History => this.snapshot;

  private async move(from: Change[], to: Change[], how: "made" | "taken back"): Promise<string | null> {
    const change = from.pop();
    if (!change) return null;
    const diffs = how === "made" ? change.diffs : change.diffs.slice().reverse();
    await this.inOne(async () => {
      for (const { table, id, fields } of diffs) {
        const now = await this.read({ table, id });
        const other = how === "made" ? "taken back" : "made";
        const grown = table === "log" && lengthOf(now) > lengthOf(withChanges(now, fields, other));
        if (!grown) await this.write({ table, id, row: withChanges(now, fields, how) });
      }
    });
    to.push(change);
    this.tell();
    return change.label;
  }
  private inOne(work: () => Promise<void>): Promise<void> {
    const tables = TABLES.map((t) => this.db.table(t));
    return this.db.transaction("rw", tables, work);
  }
  private async entriesOf(cooking: string): Promise<readonly LogEntry[]> {
    const rows = await this.db.log.where("cooking").equals(cooking).sortBy("seq");
    return rows.map((r) => r.entry);
  }
  private async read({ table, id }: Pick<Edit, "table" | "id">): Promise<Row | null> {
    if (table !== "log") return ((await this.db.table(table).get(id)) as Row | undefined) ?? null;
    const log: CookingLog = { id, entries: await this.entriesOf(id) };
    return log.entries.length === 0 ? null : log;
  }
  private async write({ table, id, row }: Edit): Promise<void> {
    if (table === "log") {
      await this.db.log.where("cooking").equals(id).delete();
      if (row !== null) await this.append(id, (row as CookingLog).entries);
    } else if (row === null) await this.db.table(table).delete(id);
    else await this.db.table(table).put(row);
  }
  private tell(): void {
    this.snapshot = { undoable: this.done.at(-1) ?? null, redoable: this.undone.at(-1) ?? null };
    for (const listener of this.listeners) listener();
  }
}
