import type { LogEntry } from "@/core/process/log";
import type { JadePanDb } from "./db";

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
type Row = { readonly id: string };
/**
 * The log of one cooking as a whole, under the cooking's id, for restoring and clearing. At the Stove entries are only
 * ever appended (`appendToLog`), and taking a change back never takes away what was appended after it.
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
interface Diff extends Edit {
  readonly before: Row | null;
}
/** What one action did, as plain data: undoing it writes `before`, doing it again writes `row`. */
export interface Change {
  readonly label: string;
  readonly diffs: readonly Diff[];
}

export interface History {
  readonly undoable: Change | null;
  readonly redoable: Change | null;
}

/**
 * Every change of the household goes through here, in one transaction, and can be taken back. The history lives as
 * long as the page.
 */
export class Changes {
  private done: Change[] = [];
  private undone: Change[] = [];
  private snapshot: History = { undoable: null, redoable: null };
  private readonly listeners = new Set<() => void>();

  constructor(private readonly db: JadePanDb) {}

  async apply(label: string, edits: readonly Edit[]): Promise<void> {
    const diffs: Diff[] = [];
    await this.db.transaction(
      "rw",
      TABLES.map((t) => this.db.table(t)),
      async () => {
        for (const edit of edits) {
          const before = await this.read(edit);
          diffs.push({ ...edit, before });
          await this.write(edit);
        }
      },
    );
    this.done.push({ label, diffs });
    this.undone = [];
    this.tell();
  }

  /** Takes the last change back; its label, or null when there is none. */
  undo(): Promise<string | null> {
    return this.move(this.done, this.undone, (d) => ({ ...d, row: d.before }), true);
  }
  redo(): Promise<string | null> {
    return this.move(this.undone, this.done, (d) => d, false);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly current = (): History => this.snapshot;

  private async move(
    from: Change[],
    to: Change[],
    edit: (d: Diff) => Edit,
    backwards: boolean,
  ): Promise<string | null> {
    const change = from.pop();
    if (!change) return null;
    const diffs = backwards ? change.diffs.slice().reverse() : change.diffs;
    await this.db.transaction(
      "rw",
      TABLES.map((t) => this.db.table(t)),
      async () => {
        for (const d of diffs) {
          const since = backwards ? d.row : d.before;
          if (d.table !== "log" || lengthOf(await this.read(d)) <= lengthOf(since)) await this.write(edit(d));
        }
      },
    );
    to.push(change);
    this.tell();
    return change.label;
  }
  private async read({ table, id }: Pick<Edit, "table" | "id">): Promise<Row | null> {
    if (table !== "log") return ((await this.db.table(table).get(id)) as Row | undefined) ?? null;
    const rows = await this.db.log.where("cooking").equals(id).sortBy("seq");
    if (rows.length === 0) return null;
    const log: CookingLog = { id, entries: rows.map((r) => r.entry) };
    return log;
  }
  private async write({ table, id, row }: Edit): Promise<void> {
    if (table === "log") {
      await this.db.log.where("cooking").equals(id).delete();
      const entries = row === null ? [] : (row as CookingLog).entries;
      await this.db.log.bulkAdd(entries.map((entry) => ({ cooking: id, entry })));
    } else if (row === null) await this.db.table(table).delete(id);
    else await this.db.table(table).put(row);
  }
  private tell(): void {
    this.snapshot = { undoable: this.done.at(-1) ?? null, redoable: this.undone.at(-1) ?? null };
    for (const listener of this.listeners) listener();
  }
}
