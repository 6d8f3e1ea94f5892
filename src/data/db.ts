import * as v from "valibot";
import Dexie, { type EntityTable, type Table } from "dexie";
import type { Dish, Supper } from "@/core/dish/dish";
import type { Eater, Kitchen } from "@/core/dish/kitchen";
import type { Label } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import type { Food } from "@/core/foods/food";
import { DishSchema, EaterSchema, KitchenSchema, PlanInputSchema, SupperSchema } from "@/core/formats/schemas";
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
  /** The cook's own foods. */
  foods!: EntityTable<Food, "id">;
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
    this.version(2)
      .stores({ foods: "id" })
      .upgrade(async (tx) => {
        // Rows of version 1 lack tins, spoons and some settings of steps: reading through the schema completes them.
        const complete = async (table: string, schema: v.GenericSchema, key?: string) =>
          tx
            .table(table)
            .toCollection()
            .modify((row, ref) => {
              const parsed = v.safeParse(schema, key ? row[key] : row);
              if (parsed.success) ref.value = key ? { ...row, [key]: parsed.output } : parsed.output;
            });
        await complete("kitchen", KitchenSchema, "kitchen");
        await complete("eaters", EaterSchema);
        await complete("dishes", DishSchema);
        await complete("suppers", SupperSchema);
        await complete("cookings", PlanInputSchema, "input");
      });
  }
}

export const db = new JadePanDb();
