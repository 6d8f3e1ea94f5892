import Dexie, { type EntityTable, type Table, type Transaction } from "dexie";
import type { Dish, Supper, SupperId } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater } from "@/core/household/people";
import type { Label, Price, Recipe } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import type { Food } from "@/core/foods/food";
import { LISTS, type ListName, type Plain, UnreadableRow, upgradeRow } from "@/core/formats/upgrades";
import type { PlanInput } from "@/core/plan";
import type { LogEntry, CookingId } from "@/core/process/log";
import type { Change } from "./changes";

/** A cooking without its log, which lies in a table of its own and is only ever appended to. */
export interface CookingRow {
  readonly id: CookingId;
  readonly supper: SupperId;
  readonly startedAt: string;
  readonly input: PlanInput;
}
export interface LogRow {
  readonly seq?: number;
  readonly cooking: CookingId;
  readonly entry: LogEntry;
}
export interface KitchenRow {
  readonly id: "kitchen";
  readonly kitchen: Kitchen;
}

/** A row that no reader could read, as it was found. */
export interface AsideRow {
  readonly id?: number;
  readonly table: string;
  readonly row: Plain;
  readonly why: string;
}

/** What was done of late, kept across reloads so that it can be brought back; of this browser alone, never in a file. */
export interface RecentRow {
  readonly seq?: number;
  readonly label: string;
  /** ms since 1970 UTC */
  readonly at: number;
  readonly takenBack: boolean;
}

/** What one of the recent changes did, field by field: read when it is brought back, since an import is large. */
export interface DoneRow {
  readonly seq: number;
  readonly diffs: Change["diffs"];
}

export class JadePanDb extends Dexie {
  kitchen!: EntityTable<KitchenRow, "id">;
  eaters!: EntityTable<Eater, "id">;
  labels!: EntityTable<Label, "id">;
  /** The cook's own foods. */
  foods!: EntityTable<Food, "id">;
  dishes!: EntityTable<Dish, "id">;
  suppers!: EntityTable<Supper, "id">;
  cookings!: EntityTable<CookingRow, "id">;
  log!: Table<LogRow, number>;
  entries!: EntityTable<Entry, "id">;
  recipes!: EntityTable<Recipe, "id">;
  prices!: EntityTable<Price, "id">;
  aside!: Table<AsideRow, number>;
  recent!: Table<RecentRow, number>;
  done!: Table<DoneRow, number>;

  constructor(name = "jade-pan") {
    super(name);
    // Forward only: a later version gets its own line and an upgrade, this one stays.
    this.version(1).stores({
      kitchen: "id",
      eaters: "id",
      labels: "id, food",
      dishes: "id",
      suppers: "id, serveAt",
      cookings: "id, supper",
      log: "++seq, cooking",
      entries: "id, finishedAt",
    });
    this.version(2).stores({ foods: "id" });
    this.version(3)
      .stores({ aside: "++id" })
      .upgrade((tx) => bringUp(tx, 1));
    this.version(4).upgrade((tx) => bringUp(tx, 3));
    this.version(5)
      .stores({ recent: "++seq", recipes: "id, dish", prices: "id" })
      .upgrade((tx) => bringUp(tx, 4));
    this.version(6).upgrade((tx) => bringUp(tx, 5));
    this.version(7)
      .stores({ entries: "id, finishedAt, cooking", done: "seq" })
      .upgrade(async (tx) => {
        await bringUp(tx, 6);
        await splitRecent(tx);
      });
    this.version(8).upgrade((tx) => bringUp(tx, 7));
    this.version(9).upgrade((tx) => bringUp(tx, 8));
    this.version(10).upgrade((tx) => bringUp(tx, 9));
  }
}

/** Version 6 kept what a recent change did in the same row as its name. */
async function splitRecent(tx: Transaction): Promise<void> {
  for (const { diffs, ...row } of (await tx.table("recent").toArray()) as (RecentRow & DoneRow)[]) {
    await tx.table("done").put({ seq: row.seq, diffs });
    await tx.table("recent").put(row);
  }
}

/** Tables that older browsers did not have yet, and the version that brought them. */
const CAME_WITH: Readonly<Partial<Record<ListName, number>>> = { recipes: 5, prices: 5 };

/**
 * Rows of an older version and those after it, brought up by the readers of those versions (`formats/upgrades`); reading twice
 * changes nothing. A row that has not the shape of its version is kept in `aside`, where Kitchen offers it as a file, and is not
 * skipped.
 */
async function bringUp(tx: Transaction, from: number): Promise<void> {
  const tables = LISTS.filter((list) => !(list in CAME_WITH) || (CAME_WITH[list] as number) <= from);
  for (const table of ["kitchen", ...tables] as const) {
    const rows = (await tx.table(table).toArray()) as Plain[];
    for (const row of rows)
      try {
        const upgraded =
          table === "kitchen"
            ? { ...row, kitchen: upgradeRow(table, row.kitchen, from) }
            : upgradeRow(table, row, from);
        await tx.table(table).put(upgraded);
      } catch (e) {
        if (!(e instanceof UnreadableRow)) throw e;
        await tx.table("aside").add({ table, row, why: e.message } satisfies Omit<AsideRow, "id">);
        await tx.table(table).delete(row.id);
      }
  }
}

export const db = new JadePanDb();
