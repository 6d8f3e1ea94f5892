import Dexie, { type EntityTable, type Table } from "dexie";
import type { Dish, Supper, SupperId } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater } from "@/core/household/people";
import type { Label, Price, Recipe } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import type { Food } from "@/core/foods/food";
import type { Plain } from "@/core/formats/upgrades";
import { FILE_VERSION } from "@/core/formats/version";
import type { PlanInput } from "@/core/plan";
import type { LogEntry, CookingId } from "@/core/process/log";
import type { Change } from "./edits";

/** A cooking without its log, which lies in a table of its own and is only ever appended to. */
export interface CookingRow {
  readonly id: CookingId;
  readonly supper: SupperId;
  readonly startedAt: string;
  readonly input: PlanInput;
}
/** A note of a cooking under an id of its own, by which it is known whether it was written; older ones have none. */
export interface LogRow {
  readonly seq?: number;
  readonly cooking: CookingId;
  readonly note?: NoteId;
  readonly entry: LogEntry;
}
/** The id of a note, made where it is noted. */
export type NoteId = string;
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
    let was = 0;
    super(
      name,
      noting((version) => (was = version)),
    );
    // One version alone is named: the library goes through all tables again for each that is. What an older browser holds is
    // brought up from what it was by the readers of the versions in between.
    this.version(FILE_VERSION)
      .stores(STORES)
      // Fetched by the few browsers that hold something older; the store waits for it.
      .upgrade(async (tx) => (await Dexie.waitFor(import("./bringUp"))).bringUp(tx, was));
  }
}

/** The tables as they are now, by their keys. A browser that has others gets them when it opens. */
const STORES = {
  kitchen: "id",
  eaters: "id",
  labels: "id, food",
  foods: "id",
  dishes: "id",
  suppers: "id, serveAt",
  cookings: "id, supper",
  log: "++seq, cooking, &note",
  entries: "id, finishedAt, cooking",
  recipes: "id, dish",
  prices: "id",
  aside: "++id",
  recent: "++seq",
  done: "seq",
};

/** The browser's own store, which tells the version of the data that it opened; the library keeps that to itself. */
function noting(onVersion: (version: number) => void): { indexedDB?: IDBFactory } {
  if (typeof indexedDB === "undefined") return {};
  const own = indexedDB;
  const open = (name: string, version?: number) => {
    const request = own.open(name, version);
    // The library writes versions times ten.
    request.addEventListener("upgradeneeded", ({ oldVersion }) => onVersion(Math.round(oldVersion / 10)));
    return request;
  };
  return {
    indexedDB: {
      open,
      deleteDatabase: (name) => own.deleteDatabase(name),
      databases: () => own.databases(),
      cmp: (a, b) => own.cmp(a, b),
    },
  };
}

export const db = new JadePanDb();
