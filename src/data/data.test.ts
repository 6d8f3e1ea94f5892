import "fake-indexeddb/auto";
import Dexie from "dexie";
import { editStep } from "@/core/dish/edit";
import { ownFood } from "@/core/foods/own";
import { MUSTARD_STRIPS, DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { type Household, readHousehold, writeHousehold } from "@/core/formats/household";
import { Changes } from "./changes";
import { JadePanDb } from "./db";
import {
  appendToLog,
  cookingOf,
  editsFor,
  editsToClear,
  foodsWithLabels,
  isEmpty,
  kitchenOf,
  planInputOf,
  readAll,
  restoreLogs,
} from "./household";

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
} as unknown as Household;

test("a change can be undone and redone; a new one forgets what was undone", async () => {
  const { db, changes } = open();
  await changes.apply("Load", editsFor(demo));
  await changes.apply("Rename", [
    { table: "dishes", id: MUSTARD_STRIPS.id, row: { ...MUSTARD_STRIPS, name: "Other" } as never },
  ]);
  expect((await db.dishes.get(MUSTARD_STRIPS.id))?.name).toBe("Other");
  expect(await changes.undo()).toBe("Rename");
  expect((await db.dishes.get(MUSTARD_STRIPS.id))?.name).toBe(MUSTARD_STRIPS.name);
  expect(changes.current().redoable?.label).toBe("Rename");
  expect(await changes.redo()).toBe("Rename");
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
  const input = await planInputOf(db, supper, "Europe/Dublin");
  await changes.apply("Cook", [
    {
      table: "cookings",
      id: "c1",
      row: { id: "c1", supper: supper.id, startedAt: "2026-11-29T17:00:00.000Z", input } as never,
    },
  ]);
  await appendToLog(db, "c1", [{ kind: "begun", at: 1, step: "a.b" }]);
  await appendToLog(db, "c1", [{ kind: "weighed", at: 2, step: "a.b", readingG: 418, by: "scale" }]);
  const text = writeHousehold(await readAll(db), "now");

  const other = open();
  const read = readHousehold(text);
  if (!read.ok) throw new Error(JSON.stringify(read.failure));
  await other.changes.apply("Import", editsFor(read.value));
  await restoreLogs(other.db, read.value);
  await restoreLogs(other.db, read.value);
  expect(writeHousehold(await readAll(other.db), "now")).toBe(text);
  expect((await cookingOf(other.db, supper.id))?.log).toHaveLength(2);
  expect(await cookingOf(other.db, "nobody's")).toBeNull();
});

test("a plan's input carries only the foods it names, with what the labels said", async () => {
  const { db, changes } = open();
  await changes.apply(
    "Load",
    editsFor({ ...demo, labels: [{ id: "oat-cream.gluten", food: "oat-cream", allergen: "gluten", state: "free" }] }),
  );
  const input = await planInputOf(db, supper, "Europe/Dublin");
  expect(input.foods.find((f) => f.id === "oat-cream")?.allergens.gluten).toBe("free");
  expect(input.foods.some((f) => f.id === "walnuts")).toBe(false);
  expect(input.foods.some((f) => f.id === "salt")).toBe(true);
  expect(foodsWithLabels([]).find((f) => f.id === "oat-cream")?.allergens.gluten).toBe("unknown");
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
  const now = await kitchenOf(db, "UTC");
  expect(now.tins).toEqual([]);
  expect(now.spoons).toBe("metric");
  expect(now.machines).toEqual([{ id: "blender", name: "Blender", kind: "other", volumeMl: null, basketCm: null }]);
  expect(now.pans[0]?.heightCm).toBeNull();
  expect(await db.dishes.get("mustard-strips")).toEqual(JSON.parse(JSON.stringify(MUSTARD_STRIPS)));
  db.close();
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
  const input = await planInputOf(db, { ...supper, dishes: [dish] }, "Europe/Dublin");
  expect(input.foods.find((f) => f.id === "own-1")?.per100.waterG).toBeNull();
  expect(input.foods.find((f) => f.id === "tamari")?.per100.sodiumMg).toBe(6100);
});
