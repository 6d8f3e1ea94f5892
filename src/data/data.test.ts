import { readFileSync } from "node:fs";
import { join } from "node:path";
import "fake-indexeddb/auto";
import Dexie from "dexie";
import fc from "fast-check";
import { editStep } from "@/core/dish/edit";
import { openBook } from "@/core/foods/book";
import { ownFood } from "@/core/foods/own";
import type { Supper } from "@/core/dish/dish";
import { MUSTARD_STRIPS, DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { type Household, readHousehold, writeHousehold } from "@/core/formats/household";
import { broughtIn, clashesOf } from "@/core/formats/bringIn";
import { frozenInput, inputUnderWay } from "@/core/cooking";
import { processOf } from "@/core/foods/process";
import type { Entry } from "@/core/notebook/entry";
import type { LogEntry } from "@/core/process/log";
import type { Kitchen } from "@/core/household/kitchen";
import { plan } from "@/core/plan";
import { Changes, RECENT_KEPT } from "./changes";
import { type Edit, TABLES } from "./edits";
import { CopiesDb, type CopyRow, copiesKept, keepCopy, textOf } from "./copies";
import { fieldChanges, withChanges } from "./fields";
import { type CookingRow, JadePanDb } from "./db";
import {
  batchesWith,
  comingSuppers,
  cookingOf,
  editsFor,
  editsToClear,
  isEmpty,
  kitchenOf,
  logOf,
  notBegunBefore,
  openCookings,
  planInputOf,
  readAll,
  reachingInto,
  suppersBefore,
} from "./household";
import { many, seedOf } from "@/core/__tests__/proof";

let notes = 0;
const asNotes = (entries: readonly LogEntry[]) => entries.map((entry) => ({ id: `note-${notes++}`, entry }));
/** Presses at the Stove, each with notes of its own. */
const atStove = (changes: Changes) => ({
  begin: (cooking: CookingRow, first: LogEntry) => changes.press({ kind: "begin", cooking, notes: asNotes([first]) }),
  append: (cooking: string, entries: readonly LogEntry[]) =>
    changes.press({ kind: "notes", cooking, notes: asNotes(entries) }),
  finish: (cooking: string, last: readonly LogEntry[], entry: Entry) =>
    changes.press({ kind: "finish", cooking, notes: asNotes(last), entry }),
});

let count = 0;
const open = () => {
  const db = new JadePanDb(`test-${count++}`);
  return { db, changes: new Changes(db) };
};
const supper = demoSupper("2026-11-29T19:00:00.000Z");
const demo = {
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  labels: [],
  foods: [],
  dishes: DEMO_DISHES,
  suppers: [supper],
  cookings: [],
  entries: [],
  recipes: [],
  prices: [],
} as unknown as Household;

test("a change can be undone and redone; a new one forgets what was undone", async () => {
  const { db, changes } = open();
  await changes.apply("Load", editsFor(demo));
  await changes.apply("Rename", [
    { table: "dishes", id: MUSTARD_STRIPS.id, row: { ...MUSTARD_STRIPS, name: "Other" } as never },
  ]);
  expect((await db.dishes.get(MUSTARD_STRIPS.id))?.name).toBe("Other");
  expect(await changes.undo()).toEqual({ label: "Rename", stays: 0 });
  expect((await db.dishes.get(MUSTARD_STRIPS.id))?.name).toBe(MUSTARD_STRIPS.name);
  expect(changes.current().redoable?.label).toBe("Rename");
  expect(await changes.redo()).toEqual({ label: "Rename", stays: 0 });
  expect((await db.dishes.get(MUSTARD_STRIPS.id))?.name).toBe("Other");
  await changes.undo();
  await changes.apply("Remove", [{ table: "dishes", id: MUSTARD_STRIPS.id, row: null }]);
  expect(changes.current().redoable).toBeNull();
  expect(await changes.redo()).toBeNull();
  await changes.undo();
  await changes.undo();
  expect(await isEmpty(db)).toBe(true);
  expect(await changes.undo()).toBeNull();
});

test("clearing and importing are one change each", async () => {
  const { db, changes } = open();
  await changes.apply("Load", editsFor(demo));
  await changes.apply("Clear", await editsToClear(db));
  expect(await isEmpty(db)).toBe(true);
  await changes.undo();
  expect(await db.dishes.count()).toBe(DEMO_DISHES.length);
});

test("the file of one browser fills another, log and all, and comes out the same", async () => {
  const { db, changes } = open();
  await changes.apply("Load", editsFor(demo));
  const input = await planInputOf(db, supper, () => "Europe/Dublin");
  await changes.apply("Cook", [
    {
      table: "cookings",
      id: "c1",
      row: { id: "c1", supper: supper.id, startedAt: "2026-11-29T17:00:00.000Z", input } as never,
    },
  ]);
  await atStove(changes).append("c1", [{ kind: "begun", at: 1, step: "a.b" }]);
  await atStove(changes).append("c1", [{ kind: "weighed", at: 2, step: "a.b", readingG: 418, by: "scale" }]);
  const text = writeHousehold(await readAll(db), "now");

  const other = open();
  const read = readHousehold(text);
  if (!read.ok) throw new Error(JSON.stringify(read.failure));
  await other.changes.apply("Import", editsFor(read.value));
  expect(writeHousehold(await readAll(other.db), "now")).toBe(text);
  expect((await cookingOf(other.db, supper.id))?.log).toHaveLength(2);
  expect(await cookingOf(other.db, "nobody's")).toBeNull();
});

describe("each clearing takes what its words say and no other", () => {
  const full = async () => {
    const { db, changes } = open();
    const input = (await planInputOf(db, supper, () => "Europe/Dublin")) as never;
    const entry = {
      id: "e1",
      supper: supper.id,
      cooking: "c1",
      name: "S",
      eaters: 4,
      rows: [],
      ended: "finished" as const,
      saltPerEaterG: null,
      bite: 7,
      note: "",
    };
    const at = "2026-11-29T17:00:00.000Z";
    await changes.apply(
      "Load",
      editsFor({
        ...demo,
        labels: [{ id: "tamari.gluten", food: "tamari", allergen: "gluten", state: "free" }],
        foods: [ownFood("own-1", "Lupin chunks") as never],
        cookings: [{ id: "c1", supper: supper.id, startedAt: at, input, log: [{ kind: "begun", at: 1, step: "a.b" }] }],
        entries: [{ ...entry, startedAt: at, finishedAt: at, servedForAt: at } as never],
      }),
    );
    return { db, changes };
  };
  const counts = async (db: JadePanDb) =>
    Object.fromEntries(await Promise.all(TABLES.map(async (t) => [t, await db.table(t).count()] as const)));
  test.each([
    ["counter", ["suppers", "cookings", "log"]],
    ["shelf", ["dishes"]],
    ["people", ["eaters"]],
    ["foods", ["foods", "labels"]],
    ["kitchen", ["kitchen"]],
    ["notebook", ["entries"]],
  ] as const)("%s: %j", async (kind, gone) => {
    const { db, changes } = await full();
    const before = await counts(db);
    const text = writeHousehold(await readAll(db), "now");
    await changes.apply("Clear", await editsToClear(db, [kind]));
    const after = await counts(db);
    for (const table of TABLES)
      expect([table, after[table]]).toEqual([table, gone.includes(table as never) ? 0 : before[table]]);
    await changes.undo();
    expect(writeHousehold(await readAll(db), "now")).toBe(text);
  });
  test("everything leaves nothing, and comes back whole", async () => {
    const { db, changes } = await full();
    const text = writeHousehold(await readAll(db), "now");
    await changes.apply("Clear everything", await editsToClear(db));
    expect(await isEmpty(db)).toBe(true);
    await changes.undo();
    expect(writeHousehold(await readAll(db), "now")).toBe(text);
  });
  test("what was appended to a log after a change stays when the change is taken back", async () => {
    const { db } = await full();
    const text = writeHousehold(await readAll(db), "now");
    const read = readHousehold(text);
    if (!read.ok) throw new Error(JSON.stringify(read.failure));
    const other = open();
    await other.changes.apply("Import", editsFor(read.value));
    await atStove(other.changes).append("c1", [{ kind: "finished", at: 9 }]);
    await other.changes.undo();
    expect(await logOf(other.db, "c1")).toHaveLength(2);
  });
});

const byId = <T extends { id: string }>(rows: readonly T[]): T[] => rows.slice().sort((a, b) => (a.id < b.id ? -1 : 1));

/** Random households: any of the demo's dishes, people, labels, foods, cookings under way, entries. */
const households = fc
  .record({
    dishes: fc.subarray([...DEMO_DISHES]),
    eaters: fc.subarray([...DEMO_EATERS]),
    kitchen: fc.constantFrom(null, DEMO_KITCHEN, { ...DEMO_KITCHEN, units: "us" as const }),
    labels: fc.uniqueArray(
      fc.tuple(
        fc.constantFrom("tamari", "miso", "stock", "own-1"),
        fc.constantFrom("gluten", "soy", "fish"),
        fc.boolean(),
      ),
      { selector: ([food, allergen]) => `${food}.${allergen}` },
    ),
    foods: fc.subarray([ownFood("own-1", "Lupin chunks"), ownFood("own-2", "Pea strips")]),
    logs: fc.array(fc.array(fc.record({ at: fc.nat(), g: fc.nat(900) }), { maxLength: 6 }), { maxLength: 3 }),
    notes: fc.array(fc.string({ maxLength: 40 }), { maxLength: 3 }),
  })
  .map(({ dishes, eaters, kitchen, labels, foods, logs, notes }): Household => {
    const at = "2026-11-29T17:00:00.000Z";
    const suppers = logs.map((_, i) => ({
      ...supper,
      id: `s${i}`,
      eaters: eaters.map((e) => e.id),
      dishes: dishes.slice(0, 2),
    }));
    const rows = {
      kitchen,
      eaters,
      dishes,
      foods,
      suppers,
      labels: labels.map(([food, allergen, free]) => ({
        id: `${food}.${allergen}`,
        food,
        allergen,
        state: free ? "free" : "contains",
      })),
      cookings: logs.map((log, i) => ({
        id: `c${i}`,
        supper: `s${i}`,
        startedAt: at,
        input: { supper: suppers[i], foods: [], kitchen: DEMO_KITCHEN, eaters, labels: [], log: [] },
        log: log.map(({ at, g }) => ({ kind: "weighed", at, step: "a.b", readingG: g, by: "typed" })),
      })),
      entries: notes.map((note, i) => ({
        id: `e${i}`,
        supper: `s${i}`,
        cooking: null,
        name: "S",
        eaters: 4,
        startedAt: at,
        finishedAt: at,
        servedForAt: at,
        ended: "given-up" as const,
        rows: [],
        saltPerEaterG: null,
        bite: null,
        route: i === 0 ? "tofu-seared" : null,
        person: null,
        ratings: i === 0 ? { firm: 6.5 } : {},
        note,
      })),
      recipes: notes.map((text, i) => ({ id: `r${i}`, dish: `d${i}`, name: "R", text })),
      prices: foods.map((f, i) => ({ id: f.id, price: 2.5 + i, packG: 400 })),
    };
    return JSON.parse(JSON.stringify(rows)) as Household;
  });

test("export → import into an empty, the same or another household gives what was exported, but for what was chosen", async () => {
  await fc.assert(
    fc.asyncProperty(households, households, async (household, before) => {
      const text = writeHousehold(household, "now");
      const read = readHousehold(text);
      if (!read.ok) throw new Error(JSON.stringify(read.failure));
      const { db, changes } = open();
      const bring = async () => {
        const here = await readAll(db);
        const brought = broughtIn(here, read.value, "replace", new Set(), "~x");
        await changes.apply("Replace", [...(await editsToClear(db)), ...editsFor(brought)]);
        return clashesOf(here, read.value, "replace");
      };
      await bring();
      expect(writeHousehold(await readAll(db), "now")).toBe(text);
      // The same household once more.
      expect(await bring()).toEqual({ labels: [], logs: [] });
      expect(writeHousehold(await readAll(db), "now")).toBe(text);
      // In place of another one: all as in the file, but where the stricter label or the log here stands.
      await changes.apply("Other", [...(await editsToClear(db)), ...editsFor(before)]);
      const clashes = await bring();
      const after = await readAll(db);
      const decided = new Set([...clashes.labels, ...clashes.logs].map((c) => c.id));
      const others = (h: Household) => ({
        kitchen: h.kitchen,
        eaters: byId(h.eaters),
        dishes: byId(h.dishes),
        suppers: byId(h.suppers),
        entries: byId(h.entries),
        labels: h.labels
          .filter((l) => !decided.has(l.id))
          .map((l) => l.id)
          .sort(),
        foods: h.foods.map((f) => f.id).sort(),
        cookings: h.cookings.map((c) => c.id).sort(),
      });
      expect(others(after)).toEqual(others(read.value));
      for (const c of after.cookings) {
        const logs = [before, read.value].map((h) => h.cookings.find((o) => o.id === c.id)?.log ?? []);
        expect(logs).toContainEqual(c.log);
      }
      await changes.undo();
      expect(writeHousehold(await readAll(db), "now")).toBe(writeHousehold(before, "now"));
      await db.delete();
    }),
    { numRuns: many(12, 200), seed: seedOf(20261126) },
  );
}, 600_000);

test("a plan's input carries only what differs from the food table: own foods, and what labels said", async () => {
  const { db, changes } = open();
  await changes.apply(
    "Load",
    editsFor({ ...demo, labels: [{ id: "oat-cream.gluten", food: "oat-cream", allergen: "gluten", state: "free" }] }),
  );
  const input = await planInputOf(db, supper, () => "Europe/Dublin");
  expect(input.foods).toEqual([]);
  expect(input.labels).toEqual([{ food: "oat-cream", allergen: "gluten", state: "free" }]);
  expect(openBook(input).food("oat-cream")?.allergens.gluten).toBe("free");
});

test("rows of the first version are completed when the browser opens them: tins, spoons, settings of steps", async () => {
  const name = `old-${Math.random()}`;
  const old = new Dexie(name);
  old.version(1).stores({
    kitchen: "id",
    eaters: "id",
    labels: "id, food",
    dishes: "id",
    suppers: "id, serveAt",
    cookings: "id, supper",
    log: "++seq, cooking",
    entries: "id, finishedAt",
  });
  // As version 1 wrote them: no tins, no spoons, no kinds of machines, a cut without its way, a soak without a place.
  const { tins, spoons, ...kitchen } = DEMO_KITCHEN;
  void [tins, spoons];
  await old.table("kitchen").put({
    id: "kitchen",
    kitchen: {
      ...kitchen,
      pans: kitchen.pans.map(({ heightCm, ...pan }) => (void heightCm, pan)),
      machines: [{ id: "blender", name: "Blender" }],
    },
  });
  await old
    .table("dishes")
    .put(
      JSON.parse(
        JSON.stringify(MUSTARD_STRIPS)
          .replaceAll('"how":"cut",', "")
          .replaceAll('"covered":true,"chilled":false', '"covered":true'),
      ),
    );
  old.close();

  const db = new JadePanDb(name);
  const now = await kitchenOf(db, () => "UTC");
  expect(now.tins).toEqual([]);
  expect(now.spoons).toBe("metric");
  expect(now.machines).toEqual([{ id: "blender", name: "Blender", kind: "other", volumeMl: null, basketCm: null }]);
  expect(now.pans[0]?.heightCm).toBeNull();
  expect(await db.dishes.get("mustard-strips")).toEqual(JSON.parse(JSON.stringify(MUSTARD_STRIPS)));
  db.close();
});

/** The tables as version 2 had them, written out: what old browsers hold does not follow the code. */
const STORES_2 = {
  kitchen: "id",
  eaters: "id",
  labels: "id, food",
  foods: "id",
  dishes: "id",
  suppers: "id, serveAt",
  cookings: "id, supper",
  log: "++seq, cooking",
  entries: "id, finishedAt",
};

test("rows of version 2: cookings get labels, entries a cooking; a row of no shape is kept aside, not skipped", async () => {
  const name = `old-${Math.random()}`;
  const old = new Dexie(name);
  old.version(2).stores(STORES_2);
  const input = { supper, foods: [], kitchen: DEMO_KITCHEN, eaters: DEMO_EATERS, log: [] };
  await old.table("cookings").put({ id: "c1", supper: supper.id, startedAt: "2026-11-29T17:00:00.000Z", input });
  await old.table("cookings").put({ id: "c2", supper: supper.id, startedAt: "2026-11-29T17:00:00.000Z", input: 5 });
  await old.table("dishes").put({ id: "odd", name: "Odd", parts: "none" });
  await old.table("entries").put({ id: "e1", supper: supper.id, finishedAt: "2026-11-29T19:00:00.000Z" });
  old.close();

  const db = new JadePanDb(name);
  expect((await db.cookings.get("c1"))?.input.labels).toEqual([]);
  expect((await db.entries.get("e1"))?.cooking).toBeNull();
  expect(await db.dishes.count()).toBe(0);
  const aside = await db.aside.toArray();
  expect(aside.map(({ table, row }) => [table, row.id]).sort()).toEqual([
    ["cookings", "c2"],
    ["dishes", "odd"],
  ]);
  expect(aside.find((a) => a.table === "dishes")?.row.parts).toBe("none");
  db.close();
});

test("rows of version 3: what was boiled to a core is boiled until tender, in dishes, suppers and cookings", async () => {
  const name = `old-${Math.random()}`;
  const old = new Dexie(name);
  old.version(3).stores({ ...STORES_2, aside: "++id" });
  const boil = { id: "b", kind: "boil", adds: [], handsMin: null, mayWaitMin: null, pan: null, pieceMm: 28, coreC: 95 };
  const steam = { ...boil, id: "s", kind: "steam", coreC: 85, wrapped: true };
  const dish = { id: "d", name: "D", parts: [{ id: "p", steps: [boil, steam] }] };
  await old.table("dishes").put(dish);
  await old.table("suppers").put({ id: "x", serveAt: "2026-11-29T19:00:00.000Z", dishes: [dish] });
  await old.table("cookings").put({
    id: "c",
    supper: "x",
    input: {
      supper: { id: "x", dishes: [dish] },
      kitchen: { cooks: 2, ovens: 0 },
      eaters: [{ id: "e", avoids: ["gluten"], small: true }],
      foods: [],
    },
  });
  old.close();

  const db = new JadePanDb(name);
  const found = [
    await db.dishes.get("d"),
    (await db.suppers.get("x"))?.dishes[0],
    (await db.cookings.get("c"))?.input.supper.dishes[0],
  ];
  for (const one of found) {
    const [boiled, steamed] = one?.parts[0]?.steps ?? [];
    expect(boiled).toMatchObject({ pieceMm: 28, minutes: null });
    expect(boiled).not.toHaveProperty("coreC");
    expect(steamed).toMatchObject({ coreC: 85, minutes: null, wrapped: true });
  }
  expect((await db.cookings.get("c"))?.input.eaters[0]).toEqual({
    id: "e",
    avoids: ["gluten", "wheat"],
    diets: [],
    dislikes: [],
    age: "under-5",
  });
  expect(await db.aside.count()).toBe(0);
  db.close();
});

describe("a cooking", () => {
  const begun = async () => {
    const { db, changes } = open();
    await changes.apply("Load", editsFor(demo));
    const input = frozenInput(await planInputOf(db, supper, () => "Europe/Dublin"));
    const row = (id: string) => ({ id, supper: supper.id, startedAt: "2026-11-29T17:00:00.000Z", input });
    return { db, changes, row };
  };
  const first = { kind: "begun", at: 1, step: "a.b" } as const;
  const last = [{ kind: "finished", at: 9 }] as const;
  const entry = (id: string, cooking: string) =>
    ({ id, cooking, supper: supper.id, finishedAt: "2026-11-29T19:00:00.000Z", rows: [] }) as never;

  test("begun twice at once is one; once it is over the next is another", async () => {
    const { db, changes, row } = await begun();
    await Promise.all([atStove(changes).begin(row("c1"), first), atStove(changes).begin(row("c2"), first)]);
    expect(await db.cookings.count()).toBe(1);
    expect(await db.log.count()).toBe(1);
    await atStove(changes).finish("c1", last, entry("e1", "c1"));
    await atStove(changes).begin(row("c3"), first);
    expect((await db.cookings.toArray()).map((c) => c.id)).toEqual(["c1", "c3"]);
  });
  test("stays on the counter after its time for as long as somebody cooks it; what is in the notebook is over", async () => {
    const { db, changes, row } = await begun();
    const after = "2026-12-01T00:00:00.000Z";
    expect(await comingSuppers(db, after)).toEqual([]);
    await atStove(changes).begin(row("c1"), first);
    expect((await comingSuppers(db, after)).map((s) => s.id)).toEqual([supper.id]);
    expect((await comingSuppers(db, "2026-11-01T00:00:00.000Z")).map((s) => s.id)).toEqual([supper.id]);
    await atStove(changes).finish("c1", last, entry("e1", "c1"));
    expect(await comingSuppers(db, after)).toEqual([]);
    // The entry is taken out of the notebook: the log still says that it is over.
    await db.entries.clear();
    expect(await openCookings(db)).toEqual([]);
  });
  test("suppers before one, as far back as a plan reaches, have the kitchen first", async () => {
    const { db } = open();
    const at = (id: string, serveAt: string): Supper => ({ ...demoSupper(serveAt), id });
    const mine = at("mine", "2026-11-29T19:00:00.000Z");
    const others = [
      at("six days and an hour", "2026-11-23T18:00:00.000Z"),
      at("six days less an hour", "2026-11-23T20:00:00.000Z"),
      at("the day before", "2026-11-28T19:00:00.000Z"),
      at("at the same time", "2026-11-29T19:00:00.000Z"),
      at("after", "2026-11-29T20:00:00.000Z"),
    ];
    await db.suppers.bulkPut([mine, ...others]);
    expect((await suppersBefore(db, mine)).map((s) => s.id)).toEqual(["six days less an hour", "the day before"]);
    expect(reachingInto(mine, others).map((s) => s.id)).toEqual(["six days less an hour", "the day before"]);
  });
  test("only suppers to come that nobody has begun can make a batch for another; who makes and who takes is found", async () => {
    const { db, changes, row } = await begun();
    const at = (id: string, serveAt: string, more: Partial<Supper> = {}): Supper => ({
      ...demoSupper(serveAt),
      id,
      ...more,
    });
    const mine = at("mine", "2026-12-01T19:00:00.000Z", { madeWith: { "d.x": { supper: "other", step: "d.y" } } });
    await db.suppers.bulkPut([
      mine,
      at("over", "2026-11-28T19:00:00.000Z"),
      at("other", "2026-11-30T19:00:00.000Z"),
      at("taker", "2026-12-02T19:00:00.000Z", { madeWith: { "d.x": { supper: "mine", step: "d.y" } } }),
      at("neither", "2026-12-02T20:00:00.000Z", { madeWith: { "d.x": { supper: "other", step: "d.y" } } }),
    ]);
    await atStove(changes).begin(row("c1"), first);
    const now = Date.parse("2026-11-29T12:00:00.000Z");
    expect((await notBegunBefore(db, mine, now)).map((s) => s.id)).toEqual(["other"]);
    const { makers, takers } = await batchesWith(db, mine);
    expect([makers.map((s) => s.id), takers.map((s) => s.id)]).toEqual([["other"], ["taker"]]);
    await db.suppers.delete("other");
    expect((await batchesWith(db, mine)).makers).toEqual([]);
  });
  test("notes once that the clock was set, however many pages see it; a second jump is another", async () => {
    const { db, changes, row } = await begun();
    await atStove(changes).begin(row("c"), first);
    const set = (at: number, byMs: number) => atStove(changes).append("c", [{ kind: "clock", at, byMs }]);
    await set(1_000_000, -3_600_000);
    await set(1_000_400, -3_600_020);
    expect(await db.log.count()).toBe(2);
    await set(1_060_000, -3_600_000);
    expect(await db.log.count()).toBe(3);
  });
  test("finished twice is one entry, with the last notes of the log, both or neither", async () => {
    const { db, changes, row } = await begun();
    await atStove(changes).begin(row("c1"), first);
    await Promise.all([
      atStove(changes).finish("c1", last, entry("e1", "c1")),
      atStove(changes).finish("c1", last, entry("e2", "c1")),
    ]);
    expect((await db.entries.toArray()).map((e) => e.id)).toEqual(["e1"]);
    expect(await logOf(db, "c1")).toHaveLength(2);
    // An entry that cannot be written takes the notes back with it.
    await atStove(changes).begin(row("c2"), first);
    await expect(atStove(changes).finish("c2", last, entry("e1", "c2"))).rejects.toThrow();
    expect(await logOf(db, "c2")).toHaveLength(1);
  });
  test("keeps the figures of its foods, process figures too, and of allergens the stricter", async () => {
    const { db, changes, row } = await begun();
    await atStove(changes).begin(row("c1"), first);
    const { input } = (await db.cookings.get("c1")) as CookingRow;
    const strips = input.foods.find((f) => f.id === "soy-strips");
    expect(strips?.process).toEqual(processOf("soy-strips"));
    expect(input.foods.some((f) => f.id === "salt")).toBe(true);
    const tamari = { food: "tamari", allergen: "gluten", state: "contains" } as const;
    const now = inputUnderWay(input, { foods: [], labels: [tamari] });
    expect(now.changes).toEqual([{ food: "tamari", allergen: "gluten", from: "unknown", to: "contains" }]);
    expect(
      plan(now.input)
        .verdicts.find((v) => v.eater === "ilse")
        ?.contains.map((f) => f.food),
    ).toContain("tamari");
    // The file takes it and gives it back.
    const read = readHousehold(writeHousehold(await readAll(db), "now"));
    expect(read.ok && read.value.cookings[0]?.input.foods.length).toBe(input.foods.length);
  });
});

test("rows of version 4: nobody dislikes anything yet, the stand-in for a scale is off, and changes begin to be kept", async () => {
  const name = `old-${Math.random()}`;
  const old = new Dexie(name);
  old.version(4).stores({ ...STORES_2, aside: "++id" });
  const { scale, ...kitchen } = DEMO_KITCHEN;
  void scale;
  await old.table("kitchen").put({ id: "kitchen", kitchen });
  await old.table("eaters").put({ id: "e", name: "E", avoids: [], diets: [], age: null });
  old.close();
  const db = new JadePanDb(name);
  expect(await db.eaters.get("e")).toMatchObject({ dislikes: [] });
  expect((await kitchenOf(db, () => "UTC")).scale).toBe("typed");
  const changes = new Changes(db);
  await changes.apply("Forget E", [{ table: "eaters", id: "e", row: null }]);
  expect(await db.recent.count()).toBe(1);
  db.close();
});

test("rows of version 6: what a recent change did moves to a row of its own, and is still brought back", async () => {
  const name = `old-${Math.random()}`;
  const old = new Dexie(name);
  old.version(6).stores({ ...STORES_2, aside: "++id", recent: "++seq", recipes: "id, dish", prices: "id" });
  const eater = (called: string) => ({ id: "e", name: called, avoids: [], diets: [], dislikes: [], age: null });
  await old.table("eaters").put(eater("New"));
  const diffs = [{ table: "eaters", id: "e", fields: [[["name"], "Old", "New"]] }];
  const seq = await old.table("recent").add({ label: "Rename", diffs, at: 3, takenBack: false });
  old.close();
  const db = new JadePanDb(name);
  expect(await db.recent.toArray()).toEqual([{ seq, label: "Rename", at: 3, takenBack: false }]);
  expect(await new Changes(db).bringBack(Number(seq))).toEqual({ label: "Rename", stays: 0 });
  expect((await db.eaters.get("e"))?.name).toBe("Old");
  db.close();
});

test.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12])(
  "a browser of version %d opens with what its file of that day would bring, in the tables of today",
  async (version) => {
    const file = readFileSync(join(__dirname, `../core/formats/__fixtures__/household-${version}.json`), "utf8");
    const brought = readHousehold(file);
    if (!brought.ok) throw new Error("fixture cannot be read");
    const lists = ["eaters", "labels", "foods", "dishes", "suppers", "entries", "recipes", "prices"] as const;
    const there = JSON.parse(file) as Record<string, { id: string }[]>;
    const { foods, ...first } = STORES_2;
    const old = new Dexie(`old-${Math.random()}`);
    old.version(version).stores({
      ...first,
      ...(version >= 2 ? { foods } : {}),
      ...(version >= 3 ? { aside: "++id" } : {}),
      ...(version >= 5 ? { recent: "++seq", recipes: "id, dish", prices: "id" } : {}),
      ...(version >= 7 ? { entries: "id, finishedAt, cooking", done: "seq" } : {}),
    });
    for (const list of lists) if (there[list]?.length) await old.table(list).bulkPut(there[list]);
    await old.table("kitchen").put({ id: "kitchen", kitchen: there.kitchen });
    for (const { log, ...row } of there.cookings as unknown as { id: string; log: unknown[] }[]) {
      await old.table("cookings").put(row);
      for (const entry of log) await old.table("log").add({ cooking: row.id, entry });
    }
    old.close();

    const db = new JadePanDb(old.name);
    const now = await readAll(db);
    const byId = (rows: readonly { readonly id: string }[]) => rows.toSorted((a, b) => (a.id < b.id ? -1 : 1));
    for (const list of lists) expect([list, byId(now[list])]).toEqual([list, byId(brought.value[list])]);
    expect(now.kitchen).toEqual(brought.value.kitchen);
    expect(now.cookings).toEqual(brought.value.cookings);
    expect(await db.aside.count()).toBe(0);
    expect(await db.entries.where("cooking").equals("nobody").count()).toBe(0);
    expect(await db.done.count()).toBe(0);
    db.close();
    // Opened once more nothing is brought up again.
    await db.open();
    expect(await readAll(db)).toEqual(now);
    db.close();
  },
);

describe("a text that is typed", () => {
  const named = (name: string, age: string | null = null) => ({
    id: "a",
    name,
    avoids: [],
    diets: [],
    dislikes: [],
    age,
  });
  const typing = (from: string, to: string) => [
    { table: "eaters" as const, id: "a", row: named(to), from: named(from) },
  ];
  const typed = async () => {
    const { db, changes } = open();
    await changes.apply("Add", [{ table: "eaters", id: "a", row: named("Ilse") }]);
    return { db, changes, name: async () => (await db.eaters.get("a"))?.name };
  };
  test("is one change in one stay, with one undo, in the page and in the list; another stay is another", async () => {
    const { db, changes, name } = await typed();
    await changes.apply("Name", typing("Ilse", "E"), "s1");
    await changes.apply("Name", typing("E", "El"), "s1");
    await changes.apply("Name", typing("El", "Else"), "s1");
    expect(await db.recent.count()).toBe(2);
    await changes.apply("Name", typing("Else", "Elsa"), "s2");
    await changes.undo();
    expect(await name()).toBe("Else");
    await changes.undo();
    expect(await name()).toBe("Ilse");
    await changes.redo();
    expect(await name()).toBe("Else");
    const seq = (await db.recent.toArray())[1]?.seq as number;
    await new Changes(db).bringBack(seq);
    expect(await name()).toBe("Ilse");
  });
  test("never overwrites what another tab stored with a text that is older, and what is beside it is written", async () => {
    const { db, changes, name } = await typed();
    await new Changes(db).apply("Name", typing("Ilse", "Ada"), "other tab");
    for (let i = 0; i < 20; i++) expect(await changes.apply("Name", typing("Ilse", `Ilse ${i}`), "s1")).toBeNull();
    expect(await name()).toBe("Ada");
    // On top of what is there it is written.
    await changes.apply("Name", typing("Ada", "Adam"), "s1");
    expect(await name()).toBe("Adam");
    const beside = [{ table: "eaters" as const, id: "a", row: named("x", "adult"), from: named("older") }];
    await changes.apply("Age", beside, "s3");
    expect(await db.eaters.get("a")).toMatchObject({ name: "Adam", age: "adult" });
  });
  test("its own words that have not been drawn yet do not stand in its way", async () => {
    const { changes, name } = await typed();
    await changes.apply("Name", typing("Ilse", "E"), "s1");
    await changes.apply("Name", typing("Ilse", "El"), "s1");
    expect(await name()).toBe("El");
    await changes.undo();
    expect(await name()).toBe("Ilse");
  });
});

describe("recent changes outlast the page", () => {
  const named = (id: string, name: string) => ({ id, name, avoids: [], diets: [], dislikes: [], age: null });
  const rename = (name: string) => [{ table: "eaters" as const, id: "a", row: named("a", name) }];

  test("one is brought back on another page; done twice it is done once, and it can be undone like any change", async () => {
    const { db, changes } = open();
    await changes.apply("Load", editsFor(demo));
    await changes.apply("Forget the people", await editsToClear(db, ["people"]));
    expect(await db.eaters.count()).toBe(0);
    const other = new Changes(db, () => 7);
    const seq = (await db.recent.toArray()).find((r) => r.label === "Forget the people")?.seq as number;
    expect(await other.bringBack(seq)).toEqual({ label: "Forget the people", stays: 0 });
    expect(await db.eaters.count()).toBe(DEMO_EATERS.length);
    expect(await other.bringBack(seq)).toBeNull();
    expect((await db.recent.toArray()).at(-1)).toMatchObject({ label: "Brought back: Forget the people", at: 7 });
    await other.undo();
    expect(await db.eaters.count()).toBe(0);
  });
  test("a change that a worker made is the last one of the page, and is undone from what the store has of it", async () => {
    const { db, changes } = open();
    await changes.apply("Load", editsFor(demo));
    const seq = await new Changes(db).apply("Rename", rename("B"));
    changes.adopt("Rename", seq as number);
    expect(changes.current().undoable?.label).toBe("Rename");
    await changes.undo();
    expect(await db.eaters.get("a")).toBeUndefined();
    await changes.redo();
    expect((await db.eaters.get("a"))?.name).toBe("B");
    expect(await changes.apply("Nothing", [])).toBeNull();
  });
  test("what was changed again since stays, and is counted", async () => {
    const { db, changes } = open();
    await changes.apply("Add", rename("Ada"));
    await changes.apply("Name", rename("Bo"));
    await changes.apply("Name again", rename("Cy"));
    const [, name] = await db.recent.toArray();
    expect(await changes.bringBack(name?.seq as number)).toEqual({ label: "Name", stays: 1 });
    expect(await db.eaters.get("a")).toMatchObject({ name: "Cy" });
  });
  test("undone it says so, done again it is open again; only so many are kept", async () => {
    const { db, changes } = open();
    await changes.apply("Add", rename("Ada"));
    await changes.undo();
    expect((await db.recent.toArray())[0]).toMatchObject({ label: "Add", takenBack: true });
    await changes.redo();
    expect((await db.recent.toArray())[0]).toMatchObject({ takenBack: false });
    for (let i = 0; i < RECENT_KEPT; i++) await changes.apply("Name", rename(`N${i}`));
    const kept = await db.recent.toArray();
    expect(kept).toHaveLength(RECENT_KEPT);
    expect(kept.every((r) => r.label === "Name")).toBe(true);
  });
});

const put = (row: typeof supper): Edit => ({ table: "suppers", id: row.id, row });
describe("changes are kept field by field", () => {
  test("taking one back leaves what another tab wrote beside it", async () => {
    const { db, changes } = open();
    const other = new Changes(db);
    await changes.apply("Load", editsFor(demo));
    const at = supper.dishes[0]?.parts[0]?.steps[0];
    const [minutes, guests] = [{ ...supper, guests: 3 }, (s: typeof supper) => ({ ...s, name: "Feast" })];
    await changes.apply("Guests", [{ table: "suppers", id: supper.id, row: minutes }]);
    await other.apply("Name", [{ table: "suppers", id: supper.id, row: guests(minutes) }]);
    await changes.undo();
    expect(await db.suppers.get(supper.id)).toMatchObject({ name: "Feast", guests: 0 });
    expect(at).toBeDefined();
    await other.undo();
    expect(await db.suppers.get(supper.id)).toMatchObject({ name: "Sunday supper", guests: 0 });
  });
  test("undone before it is stored, an edit is the one taken back", async () => {
    const { db, changes } = open();
    await changes.apply("Load", editsFor(demo));
    const guests = (n: number) => changes.apply(`Guests ${n}`, [put({ ...supper, guests: n })]);
    const [, , back] = await Promise.all([guests(1), guests(2), changes.undo()]);
    expect(back).toEqual({ label: "Guests 2", stays: 0 });
    expect(await db.suppers.get(supper.id)).toMatchObject({ guests: 1 });
    const [first, second] = await Promise.all([changes.undo(), changes.undo()]);
    expect([first?.label, second?.label]).toEqual(["Guests 1", "Load"]);
    expect(await isEmpty(db)).toBe(true);
  });
  test("two tabs edit one supper at once: both edits stay, in any order (20 of 20)", async () => {
    for (let i = 0; i < 20; i++) {
      const { db, changes } = open();
      const other = new Changes(db);
      await changes.apply("Load", editsFor(demo));
      // Both see the supper as it was loaded.
      const here = () => changes.apply("Guests", [{ ...put({ ...supper, guests: i + 1 }), from: supper }]);
      const there = () => other.apply("Name", [{ ...put({ ...supper, name: `Feast ${i}` }), from: supper }]);
      await Promise.all(i % 2 === 0 ? [here(), there()] : [there(), here()]);
      expect(await db.suppers.get(supper.id)).toMatchObject({ guests: i + 1, name: `Feast ${i}` });
    }
  });
  test("undo leaves what another tab put on top, and counts it; an edit that changes nothing is none", async () => {
    const { db, changes } = open();
    const other = new Changes(db);
    await changes.apply("Load", editsFor(demo));
    const three = { ...supper, guests: 3, name: "Ours" };
    await changes.apply("Guests and name", [{ ...put(three), from: supper }]);
    await other.apply("Guests", [{ ...put({ ...three, guests: 5 }), from: three }]);
    await changes.apply("Nothing", [{ ...put(three), from: three }]);
    expect(await changes.undo()).toEqual({ label: "Guests and name", stays: 1 });
    expect(await db.suppers.get(supper.id)).toMatchObject({ guests: 5, name: supper.name });
    expect(await changes.redo()).toEqual({ label: "Guests and name", stays: 1 });
    expect(await db.suppers.get(supper.id)).toMatchObject({ guests: 5, name: "Ours" });
  });
  test("an edit of what another tab removed brings it back rather than losing it", async () => {
    const { db, changes } = open();
    const other = new Changes(db);
    await changes.apply("Load", editsFor(demo));
    await other.apply("Out", [{ table: "suppers", id: supper.id, row: null }]);
    await changes.apply("Guests", [{ ...put({ ...supper, guests: 2 }), from: supper }]);
    expect(await db.suppers.get(supper.id)).toEqual({ ...supper, guests: 2 });
  });
  test("a write that fails is told and does not stop the next", async () => {
    const { db, changes } = open();
    const bad = { table: "suppers", id: "x", row: { id: Symbol("no key") } } as unknown as Edit;
    const [failed, next] = await Promise.allSettled([
      changes.apply("Bad", [bad]),
      changes.apply("Good", [put({ ...supper, guests: 4 })]),
    ]);
    expect([failed.status, next.status]).toEqual(["rejected", "fulfilled"]);
    expect(await db.suppers.get(supper.id)).toMatchObject({ guests: 4 });
    expect(changes.current().undoable?.label).toBe("Good");
  });
  test("items are named by their id; a list whose items came or went is one change", () => {
    const before = {
      id: "s",
      dishes: [
        { id: "a", n: 1 },
        { id: "b", n: 2 },
      ],
      tags: ["x"],
      gone: 1,
    };
    const after = {
      id: "s",
      dishes: [
        { id: "a", n: 1 },
        { id: "b", n: 3 },
      ],
      tags: ["x"],
      came: 2,
    };
    const changed = fieldChanges(before, after);
    expect(changed).toEqual([
      [["dishes", "#b", "n"], 2, 3],
      [["gone"], 1, undefined],
      [["came"], undefined, 2],
    ]);
    expect(withChanges(before, changed, "made")).toEqual(after);
    expect(withChanges(after, changed, "taken back")).toEqual(before);
    expect(fieldChanges(before, { ...before, dishes: [] } as never)).toEqual([[["dishes"], before.dishes, []]]);
    expect(withChanges(null, changed, "made")).toBeNull();
    expect(fieldChanges(null, before)).toEqual([[[], null, before]]);
    expect(fieldChanges(before, before)).toEqual([]);
  });
  test("what turns one row into another turns it back (any rows)", () => {
    const row = fc.record({
      id: fc.constant("r"),
      a: fc.option(fc.integer(), { nil: null }),
      list: fc.uniqueArray(fc.record({ id: fc.constantFrom("x", "y", "z"), n: fc.integer() }), {
        selector: (i) => i.id,
      }),
      deep: fc.record({ b: fc.string(), c: fc.array(fc.integer()) }),
    });
    fc.assert(
      fc.property(row, row, (from, to) => {
        const changed = fieldChanges(from, to);
        expect(withChanges(from, changed, "made")).toEqual(to);
        expect(withChanges(to, changed, "taken back")).toEqual(from);
      }),
      { seed: 7 },
    );
  });
});

test("an own food and a figure from a packet reach the plan", async () => {
  const { db, changes } = open();
  const mine = ownFood("own-1", "Lupin chunks");
  const dish = editStep(MUSTARD_STRIPS, "strips-weigh", (s) => ({
    ...s,
    adds: [{ kind: "food", food: "own-1", massG: 100 }],
  }));
  await changes.apply(
    "Load",
    editsFor({
      ...demo,
      foods: [mine as never],
      labels: [{ id: "tamari.sodiumMg", food: "tamari", figure: "sodiumMg", per100: 6100 }],
    }),
  );
  const input = await planInputOf(db, { ...supper, dishes: [dish] }, () => "Europe/Dublin");
  expect(input.foods.find((f) => f.id === "own-1")?.per100.waterG).toBeNull();
  expect(openBook(input).food("tamari")?.per100.sodiumMg).toBe(6100);
});

describe("copies that the browser keeps by itself", () => {
  const HOUR = 3_600_000;
  const copies = () => new CopiesDb(`copies-${count++}`);
  const named = (name: string) =>
    ({ ...demo, kitchen: { ...(demo.kitchen as Kitchen), name } }) as unknown as Household;
  test("once an hour at the most, only when something changed, the last five; each gives its household back", async () => {
    const store = copies();
    const keep = (at: number, name: string) => keepCopy(at, async () => named(name), store);
    expect(await keep(HOUR, "a")).toBe(true);
    expect(await keep(1.5 * HOUR, "b")).toBe(false);
    expect(await keep(2.5 * HOUR, "a")).toBe(false);
    for (const [i, name] of ["b", "c", "d", "e", "f"].entries()) expect(await keep((4 + i) * HOUR, name)).toBe(true);
    const kept = await copiesKept(store);
    expect(kept.map((c) => c.at / HOUR)).toEqual([8, 7, 6, 5, 4]);
    const last = await store.copies.get(kept[0]?.id as number);
    const read = readHousehold(await textOf(last as CopyRow));
    expect(read.ok && read.value.kitchen?.name).toBe("f");
    expect(read.ok && read.value.dishes).toHaveLength(demo.dishes.length);
  });
  test("a clock that was set back does not stop them, and two pages that are due keep one", async () => {
    const store = copies();
    await keepCopy(9 * HOUR, async () => named("a"), store);
    expect(await keepCopy(2 * HOUR, async () => named("b"), store)).toBe(true);
    const both = await Promise.all([1, 2].map((i) => keepCopy(5 * HOUR, async () => named(`c${i}`), store)));
    expect(both.filter(Boolean)).toHaveLength(1);
  });
});
