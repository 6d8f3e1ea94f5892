import type { Supper, SupperId } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import { plainKitchen } from "@/core/household/plainKitchen";
import { CLEARABLE, type Clearable, EVERYTHING } from "@/core/formats/clearable";
import type { Household, Label } from "@/core/formats/household";
import type { PlanInput } from "@/core/plan";
import type { LabelSaying } from "@/core/foods/labels";
import { type LogEntry, progressOf, type CookingId } from "@/core/process/log";
import { type CookingLog, type Edit, type TableName, TABLES } from "./edits";
import type { CookingRow, JadePanDb } from "./db";
import type { StoredCooking } from "./noteQueue";

/** @param timeZone where the household is, asked only where it has no kitchen yet: a browser is slow to say */
export async function kitchenOf(db: JadePanDb, timeZone: () => string): Promise<Kitchen> {
  return (await db.kitchen.get("kitchen"))?.kitchen ?? plainKitchen(timeZone());
}

/** Everything a plan of this supper needs, as the household stands now. */
export async function planInputOf(db: JadePanDb, supper: Supper, timeZone: () => string): Promise<PlanInput> {
  const [kitchen, eaters, labels, own] = await Promise.all([
    kitchenOf(db, timeZone),
    db.eaters.toArray(),
    db.labels.toArray(),
    db.foods.toArray(),
  ]);
  return { supper, kitchen, eaters, foods: own, labels: sayingsOf(labels), log: [] };
}

/** A plan reaches back so far, ms. */
const REACH_MS = 6 * 86_400_000;
/** Those of other suppers that are eaten in the days in which this one may be made. */
export const reachingInto = (supper: Supper, others: readonly Supper[]): Supper[] =>
  others.filter(
    (s) =>
      s.id !== supper.id && s.serveAt < supper.serveAt && Date.parse(s.serveAt) > Date.parse(supper.serveAt) - REACH_MS,
  );
/**
 * Suppers that are eaten before this one and have the kitchen first. Also those that are over: what they took is over with them, and
 * a cooking under way keeps its order when they are.
 */
export async function suppersBefore(db: JadePanDb, supper: Supper): Promise<Supper[]> {
  const from = new Date(Date.parse(supper.serveAt) - REACH_MS).toISOString();
  return reachingInto(supper, await db.suppers.where("serveAt").between(from, supper.serveAt).toArray());
}

/** Those of them that are still to come and that nobody has begun to cook. */
export async function notBegunBefore(db: JadePanDb, supper: Supper, now: number): Promise<Supper[]> {
  const coming = (await suppersBefore(db, supper)).filter((s) => Date.parse(s.serveAt) > now);
  const begun = await db.cookings
    .where("supper")
    .anyOf(coming.map((s) => s.id))
    .toArray();
  return coming.filter((s) => !begun.some((c) => c.supper === s.id));
}
/** Suppers that make a batch for this one, and those that have one of it. */
export async function batchesWith(
  db: JadePanDb,
  supper: Supper,
): Promise<{ readonly makers: readonly Supper[]; readonly takers: readonly Supper[] }> {
  const ids = [...new Set(Object.values(supper.madeWith).map((m) => m.supper))];
  const isTaker = (s: Supper) => Object.values(s.madeWith).some((m) => m.supper === supper.id);
  const [makers, takers] = await Promise.all([
    db.suppers.bulkGet(ids),
    db.suppers.where("serveAt").above(supper.serveAt).filter(isTaker).toArray(),
  ]);
  return { makers: makers.flatMap((s) => s ?? []), takers };
}

/** Labels as a plan takes them: what was said, without the id under which it is kept. */
export const sayingsOf = (labels: readonly Label[]): LabelSaying[] =>
  labels.map((label) => {
    const { food } = label;
    return "allergen" in label
      ? { food, allergen: label.allergen, state: label.state }
      : { food, figure: label.figure, per100: label.per100 };
  });

/** The cooking of a supper that is under way or was the last one, with the ids of its notes. */
export async function cookingOf(db: JadePanDb, supper: SupperId): Promise<StoredCooking | null> {
  const all = await db.cookings.where("supper").equals(supper).toArray();
  const cooking = all.sort((a, b) => a.startedAt.localeCompare(b.startedAt)).at(-1);
  if (cooking === undefined) return null;
  const rows = await db.log.where("cooking").equals(cooking.id).sortBy("seq");
  return { cooking, log: rows.map((r) => r.entry), ids: rows.flatMap((r) => r.note ?? []) };
}
/** Cookings that are not over, each with its log; those in the notebook are over, and are not looked at. */
export async function openCookings(db: JadePanDb): Promise<{ cooking: CookingRow; log: LogEntry[] }[]> {
  const [ids, over] = await Promise.all([
    db.cookings.toCollection().primaryKeys(),
    db.entries.orderBy("cooking").uniqueKeys(),
  ]);
  const ended = new Set(over.map(String));
  const found = await Promise.all(
    ids
      .filter((id) => !ended.has(id))
      .map(async (id) => ({ cooking: await db.cookings.get(id), log: await logOf(db, id) })),
  );
  return found.flatMap(({ cooking, log }) =>
    cooking === undefined || progressOf(log).finishedAt !== null ? [] : [{ cooking, log }],
  );
}
/** Suppers that are served after an instant (ISO 8601 UTC), and older ones that somebody still cooks, by their time. */
export async function comingSuppers(db: JadePanDb, since: string): Promise<Supper[]> {
  const [ahead, open] = await Promise.all([db.suppers.where("serveAt").above(since).toArray(), openCookings(db)]);
  const known = new Set(ahead.map((s) => s.id));
  const late = await db.suppers.bulkGet([...new Set(open.map((o) => o.cooking.supper))].filter((id) => !known.has(id)));
  return [...late.flatMap((s) => s ?? []), ...ahead].sort((a, b) => (a.serveAt < b.serveAt ? -1 : 1));
}
export async function logOf(db: JadePanDb, cooking: CookingId): Promise<LogEntry[]> {
  const rows = await db.log.where("cooking").equals(cooking).sortBy("seq");
  return rows.map((r) => r.entry);
}

export async function readAll(db: JadePanDb): Promise<Household> {
  return db.transaction("r", db.tables, async () => {
    const cookings = await db.cookings.toArray();
    return {
      kitchen: (await db.kitchen.get("kitchen"))?.kitchen ?? null,
      eaters: await db.eaters.toArray(),
      labels: await db.labels.toArray(),
      foods: await db.foods.toArray(),
      dishes: await db.dishes.toArray(),
      suppers: await db.suppers.toArray(),
      cookings: await Promise.all(cookings.map(async (c) => ({ ...c, log: await logOf(db, c.id) }))),
      entries: await db.entries.toArray(),
      recipes: await db.recipes.toArray(),
      prices: await db.prices.toArray(),
    } as unknown as Household;
  });
}

/** Nothing of the cook's is in any table. */
export async function isEmpty(db: JadePanDb): Promise<boolean> {
  const counts = await Promise.all(TABLES.map((table) => db.table(table).count()));
  return counts.every((n) => n === 0);
}

const rows = (table: Edit["table"], items: readonly { readonly id: string }[]): Edit[] =>
  items.map((row) => ({ table, id: row.id, row }));

/** Edits that write a household, logs and all. */
export function editsFor(household: Household): Edit[] {
  const logs: CookingLog[] = [];
  const cookings = household.cookings.map(({ log, ...cooking }) => {
    if (log.length > 0) logs.push({ id: cooking.id, entries: log as LogEntry[] });
    return cooking;
  });
  const kitchen = household.kitchen ? [{ id: "kitchen" as const, kitchen: household.kitchen }] : [];
  return [
    ...rows("kitchen", kitchen),
    ...rows("eaters", household.eaters),
    ...rows("labels", household.labels),
    ...rows("foods", household.foods),
    ...rows("dishes", household.dishes),
    ...rows("suppers", household.suppers),
    ...rows("cookings", cookings),
    ...rows("log", logs),
    ...rows("entries", household.entries),
    ...rows("recipes", household.recipes),
    ...rows("prices", household.prices),
  ];
}

/** Edits that remove what these kinds hold; all of them together leave nothing. */
export async function editsToClear(db: JadePanDb, kinds: readonly Clearable[] = EVERYTHING): Promise<Edit[]> {
  const tables = new Set<TableName>(kinds.flatMap((kind) => CLEARABLE[kind]));
  if (tables.has("cookings")) tables.add("log");
  const edits = editsFor(await readAll(db)).filter(({ table }) => tables.has(table) && table !== "log");
  const logs = tables.has("log") ? await db.log.orderBy("cooking").uniqueKeys() : [];
  return [
    ...edits.map((edit) => ({ ...edit, row: null })),
    ...logs.map((id) => ({ table: "log", id: String(id), row: null }) as const),
  ];
}
