import Dexie, { type EntityTable, type Table } from "dexie";
import type { Dish, Supper } from "@/core/dish/dish";
import type { Eater, Kitchen } from "@/core/dish/kitchen";
import type { Label } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import type { PlanInput } from "@/core/plan";
import type { LogEntry } from "@/core/process/log";

/** A cooking without its log, which lies in a table of its own and is only ever appended to. */
export interface CookingRow {
  readonly id: string;
  readonly supper: string;
  readonly startedAt: string;
  readonly input: PlanInput;
}
export interface LogRow {
  readonly seq?: number;
  readonly cooking: string;
  readonly entry: LogEntry;
}
export interface KitchenRow {
  readonly id: "kitchen";
  readonly kitchen: Kitchen;
}

export class JadePanDb extends Dexie {
  kitchen!: EntityTable<KitchenRow, "id">;
  eaters!: EntityTable<Eater, "id">;
  labels!: EntityTable<Label, "id">;
  dishes!: EntityTable<Dish, "id">;
  suppers!: EntityTable<Supper, "id">;
  cookings!: EntityTable<CookingRow, "id">;
  log!: Table<LogRow, number>;
  entries!: EntityTable<Entry, "id">;

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
  }
}

export const db = new JadePanDb();
