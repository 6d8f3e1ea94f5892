import { readFileSync } from "node:fs";
import { join } from "node:path";
import { readHousehold, writeHousehold } from "./household";
import { upgradeFile, upgradeRow, UnreadableRow } from "./upgrades";
import { FILE_VERSION } from "./version";

/** Files as versions 1 to 10 and 12 wrote them, kept as they were. */
const stored = (version: number) => readFileSync(join(__dirname, `__fixtures__/household-${version}.json`), "utf8");

test("what lies ready was only there in version 5, in suppers and in cookings", () => {
  const read = readHousehold(stored(5));
  expect(read.ok && read.value.suppers[0]?.atHand).toEqual([{ food: "tofu-firm", state: "there" }]);
  expect(read.ok && read.value.cookings[0]?.input.supper.atHand).toEqual([{ food: "green-lentils", state: "there" }]);
});
test("a supper of version 8 left no room, on the shelf of suppers and in a cooking", () => {
  const supper = { id: "s", dishes: [] };
  expect(upgradeRow("suppers", supper, 8)).toMatchObject({ id: "s", roomMin: 0 });
  expect(upgradeRow("cookings", { input: { supper } }, 8)).toMatchObject({
    input: { supper: { id: "s", roomMin: 0 } },
  });
  expect(upgradeRow("suppers", { ...supper, roomMin: 7 }, 8)).toMatchObject({ id: "s", roomMin: 7 });
});
test("version 9 fried in one pan, kept warm in the oven, and no supper had a batch of another", () => {
  const fried = ["sear", "fry", "griddle"].map((kind) => ({ id: kind, kind }));
  const dish = {
    id: "d",
    parts: [{ id: "p", steps: [...fried, { id: "h", kind: "hold" }, { id: "b", kind: "brown" }] }],
  };
  const now = {
    id: "d",
    parts: [
      {
        id: "p",
        steps: [
          // What is fried has had minutes of its own since version 13.
          ...fried.map((s) => ({ ...s, twoPans: false, ...(s.kind === "sear" ? {} : { minutes: null }) })),
          { id: "h", kind: "hold", where: "oven" },
          { id: "b", kind: "brown" },
        ],
      },
    ],
  };
  expect(upgradeRow("dishes", dish, 9)).toEqual(now);
  expect(upgradeRow("dishes", now, 9)).toEqual(now);
  const supper = { id: "s", dishes: [now], madeWith: { "d.x": { supper: "t", step: "d.y" } } };
  expect(upgradeRow("suppers", supper, 9)).toEqual(supper);
  expect(upgradeRow("suppers", { id: "s", dishes: [dish] }, 9)).toEqual({ id: "s", dishes: [now], madeWith: {} });
  expect(upgradeRow("cookings", { input: { supper: { id: "s", dishes: [dish] } } }, 9)).toEqual({
    input: { supper: { id: "s", dishes: [now], madeWith: {} } },
  });
});
test("version 10 let ids have several lines: they are mended alike wherever they stand, and texts keep their lines", () => {
  const supper = {
    id: "s\n1",
    name: "S",
    eaters: ["e\u202e"],
    afterMin: { "d\n1": 5 },
    dishes: [{ id: "d\n1", parts: [] }],
  };
  const now = { id: "s 1", name: "S", eaters: ["e"], afterMin: { "d 1": 5 }, dishes: [{ id: "d 1", parts: [] }] };
  expect(upgradeRow("suppers", supper, 10)).toEqual(now);
  const cooking = { id: "c", supper: "s\n1", input: { supper }, log: [{ kind: "begun", at: 1, step: "d\n1.a" }] };
  expect(upgradeRow("cookings", cooking, 10)).toEqual({
    id: "c",
    supper: "s 1",
    input: { supper: now },
    log: [{ kind: "begun", at: 1, step: "d 1.a" }],
  });
  expect(upgradeRow("entries", { id: "e", note: "two\nlines" }, 10)).toEqual({ id: "e", note: "two\nlines" });
  expect(upgradeRow("recipes", { id: "\n", text: "a\nb" }, 10)).toEqual({ id: "…", text: "a\nb" });
});
test("an id of several lines is refused in a file of today; so is a version between versions, and a supper before 2001", () => {
  const file = JSON.parse(stored(10)) as { version: number; eaters: { id: string }[]; suppers: { serveAt: string }[] };
  const read = (more: object) => readHousehold(JSON.stringify({ ...file, version: FILE_VERSION, ...more }));
  expect(read({}).ok).toBe(true);
  expect(read({ eaters: [{ ...file.eaters[0], id: "e\n" }] })).toMatchObject({ failure: { field: "eaters/0/id" } });
  expect(read({ version: 9.5 })).toMatchObject({ failure: { kind: "wrong-field", field: "version" } });
  expect(read({ suppers: [{ ...file.suppers[0], serveAt: "2000-12-31T23:59:59Z" }] })).toMatchObject({
    failure: { field: "suppers/0/serveAt" },
  });
  expect(read({ suppers: [{ ...file.suppers[0], serveAt: "2001-01-01T00:00:00Z" }] }).ok).toBe(true);
});
describe.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])("a file of version %i", (version) => {
  const read = readHousehold(stored(version));
  if (!read.ok) throw new Error(JSON.stringify(read.failure));
  const file = read.value;
  test("is read whole and written as the newest", () => {
    expect(file.version).toBe(FILE_VERSION);
    expect(file.dishes).toHaveLength(2);
    // Counted until version 7.
    expect(file.kitchen?.cooks).toEqual([{ id: "cook-1", name: "Cook", hours: null }]);
    expect(file.kitchen?.ovens).toEqual([{ id: "oven-1", name: "Oven", shelves: 2 }]);
    expect(file.kitchen).toMatchObject({ fridgeL: null, freezerL: null, pointMin: 20 });
    for (const s of [file.suppers[0], file.cookings[0]?.input.supper])
      expect(s).toMatchObject({ afterMin: {}, pins: {}, roomMin: 0, madeWith: {} });
    expect(file.cookings[0]?.input.kitchen.cooks).toHaveLength(1);
    expect(file.kitchen).toMatchObject({ tins: expect.any(Array), spoons: "metric" });
    expect(file.kitchen?.machines.every((m) => m.kind !== undefined)).toBe(true);
    expect(file.cookings[0]?.input.labels).toEqual([]);
    expect(file.cookings[0]?.log).toHaveLength(2);
    expect(file.entries[0]?.cooking).toBeNull();
    for (const dish of file.dishes)
      for (const step of dish.parts.flatMap((p) => p.steps)) {
        if (step.kind === "cut") expect(step.how).toBe("cut");
        if (step.kind === "soak") expect(step.chilled).toBe(false);
        if (step.kind === "boil") {
          expect(step).not.toHaveProperty("coreC");
          expect(step.minutes).toBeNull();
        }
        if (step.kind === "fry") expect(step).toMatchObject({ lid: false, twoPans: false, coreC: 74 });
      }
    const again = readHousehold(writeHousehold(file, "now"));
    expect(again.ok && again.value.entries).toEqual(file.entries);
  });
  test("reading twice changes nothing", () => {
    const once = upgradeFile(JSON.parse(stored(version)), version);
    expect(upgradeFile(once, version)).toEqual(once);
  });
  test.each([
    ["dishes", { parts: 5 }],
    ["suppers", { dishes: [{ parts: null }] }],
    ["cookings", { input: null }],
  ] as const)("a row of %s that has not its shape is refused by name", (list, more) => {
    const broken = JSON.parse(stored(version)) as Record<string, object[]>;
    broken[list] = [{ ...broken[list]?.[0], ...more }];
    expect(readHousehold(JSON.stringify(broken))).toMatchObject({
      ok: false,
      failure: { kind: "wrong-field", field: expect.stringContaining(list) },
    });
  });
});

describe("what version 3 did not tell apart", () => {
  test("who avoids gluten avoids wheat too until they choose; under five stays, an age that nobody asked is unknown", () => {
    const old = { id: "e", name: "E", avoids: ["gluten", "nuts"], small: true };
    const now = upgradeRow("eaters", old, 3);
    expect(now).toMatchObject({ id: "e", name: "E", avoids: ["gluten", "nuts", "wheat"], diets: [], age: "under-5" });
    expect(upgradeRow("eaters", { ...old, avoids: ["soy"], small: false }, 3)).toMatchObject({
      avoids: ["soy"],
      age: null,
    });
    // Chosen since then: read again, nothing comes back.
    expect(upgradeRow("eaters", { ...now, avoids: ["gluten"] }, 3)).toMatchObject({ avoids: ["gluten"] });
  });
  test("an own food with gluten is taken for wheat; one that is free of gluten has to be asked", () => {
    const wheat = (gluten: string) => upgradeRow("foods", { id: "f", allergens: { gluten } }, 3).allergens;
    expect(wheat("contains")).toEqual({ gluten: "contains", wheat: "contains" });
    expect(wheat("free")).toEqual({ gluten: "free", wheat: "unknown" });
    expect(() => upgradeRow("foods", { id: "f", allergens: 3 }, 3)).toThrow(UnreadableRow);
  });
});

test("version 4 knew no dislikes, steamed without pressure, and its scale is off until somebody switches it on", () => {
  expect(upgradeRow("eaters", { id: "e" }, 4)).toEqual({ id: "e", dislikes: [] });
  expect(upgradeRow("eaters", { id: "e", dislikes: ["dill"] }, 4)).toEqual({ id: "e", dislikes: ["dill"] });
  expect(upgradeRow("kitchen", { name: "K" }, 4)).toMatchObject({ name: "K", scale: "typed" });
  const steam = { id: "s", kind: "steam", wrapped: true };
  const dish = { id: "d", replaces: "beef", parts: [{ id: "p", steps: [steam] }] };
  const now = {
    id: "d",
    replaces: { words: "beef", form: null, kind: null, rawG: null },
    parts: [{ id: "p", route: null, steps: [{ ...steam, pressure: false, machine: null }] }],
  };
  const cooking = { id: "c", input: { supper: { dishes: [dish] }, eaters: [{ id: "e" }], kitchen: { name: "K" } } };
  expect(upgradeRow("dishes", dish, 4)).toEqual(now);
  expect(upgradeRow("dishes", now, 4)).toEqual(now);
  expect(upgradeRow("dishes", { ...dish, replaces: "" }, 4).replaces).toBeNull();
  expect(upgradeRow("cookings", cooking, 4).input).toMatchObject({
    supper: { atHand: [], dishes: [now] },
    eaters: [{ id: "e", dislikes: [] }],
    kitchen: { name: "K", scale: "typed" },
  });
  expect(upgradeRow("entries", { id: "e" }, 4)).toEqual({ id: "e", route: null, person: null, ratings: {} });
});

test("a row that is no row at all is unreadable, whatever the version", () => {
  for (const row of [null, 5, "x", [1]]) expect(() => upgradeRow("eaters", row, 2)).toThrow(UnreadableRow);
});

test("names of version 6 that ran over lines are one line now; ids and notes stay as they are", () => {
  const entry = { id: "e", name: "Bean\nstew\u202e", note: "one\ntwo", rows: [{ key: "a.b", part: "The\tbeans" }] };
  expect(upgradeRow("entries", entry, 6)).toEqual({
    id: "e",
    name: "Bean stew",
    note: "one\ntwo",
    rows: [{ key: "a.b", part: "The beans" }],
  });
  const file = upgradeFile(JSON.parse(stored(6)), 6) as unknown as { dishes: { name: string }[] };
  (file.dishes[0] as { name: string }).name = "two\nlines";
  expect(readHousehold(JSON.stringify(file))).toMatchObject({ failure: { field: "dishes/0/name" } });
});
