import { CARAWAY_PATTIES, DEMO_EATERS, DEMO_KITCHEN, demoSupper, MUSTARD_STRIPS } from "@/demo/household";
import { editStep } from "../dish/edit";
import { allergenTable, type Allergen, type LabelState, stricter } from "../foods/allergens";
import { ownFood } from "../foods/own";
import { FOODS } from "../foods/table";
import type { LogEntry } from "../process/log";
import { broughtIn, clashesOf, longerLog } from "./bringIn";
import { type Household, type Label, readHousehold, writeHousehold } from "./household";
import { labelsOnce } from "./labelsOnce";

const plain = <T>(value: T) => JSON.parse(JSON.stringify(value)) as never;
const label = (food: string, allergen: Allergen, state: LabelState): Label => ({
  id: `${food}.${allergen}`,
  food,
  allergen,
  state,
});
const EMPTY: Household = {
  kitchen: null,
  eaters: [],
  labels: [],
  foods: [],
  dishes: [],
  suppers: [],
  cookings: [],
  entries: [],
  recipes: [],
  prices: [],
};
const mine = { ...ownFood("own-1", "Lupin chunks"), allergens: allergenTable(["lupin"]) };
const dish = editStep(MUSTARD_STRIPS, "strips-weigh", (s) => ({
  ...s,
  adds: [{ kind: "food", food: "own-1", massG: 160 }],
}));
const supper = { ...demoSupper("2026-11-29T19:00:00.000Z"), dishes: [dish] };
const log: LogEntry[] = [
  { kind: "begun", at: 5, step: "mustard-strips.strips-weigh" },
  { kind: "weighed", at: 9, step: "mustard-strips.strips-weigh", readingG: 161, by: "typed" },
];
const file: Household = plain({
  ...EMPTY,
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS.map((e) => ({ ...e, dislikes: ["own-1"] })),
  foods: [mine],
  labels: [label("own-1", "soy", "free"), label("stock", "celery", "contains"), label("stock", "gluten", "free")],
  dishes: [dish, CARAWAY_PATTIES],
  suppers: [supper],
  cookings: [
    {
      id: "c1",
      supper: supper.id,
      startedAt: "2026-11-29T17:40:00.000Z",
      input: {
        supper,
        foods: [...FOODS.slice(0, 3), mine],
        labels: [],
        kitchen: DEMO_KITCHEN,
        eaters: DEMO_EATERS.map((e) => ({ ...e, dislikes: ["own-1", "dill"] })),
        log: [],
      },
      log,
    },
  ],
  entries: [],
});
const copies = (here: Household, from = file, overruled = new Set<string>()) =>
  broughtIn(here, from, "copies", overruled, "~2");

test("a batch that one supper makes for another is made by the copy for the copy; one of a supper elsewhere stays named", () => {
  const [supper] = file.suppers;
  if (supper === undefined) throw new Error("no supper");
  const madeWith = { "d.a": { supper: "first", step: "d.b" }, "d.c": { supper: "elsewhere", step: "d.b" } };
  const from = {
    ...file,
    suppers: [
      { ...supper, id: "first" },
      { ...supper, id: "second", madeWith },
    ],
  };
  expect(copies(EMPTY, from).suppers.map((s) => [s.id, s.madeWith])).toEqual([
    ["first~2", {}],
    ["second~2", { "d.a": { supper: "first~2", step: "d.b" }, "d.c": { supper: "elsewhere", step: "d.b" } }],
  ]);
});
describe("copies stand beside what is here and weaken nothing", () => {
  test("every id is a new one, with everything that refers to it, in the frozen input of a cooking too", () => {
    const copy = copies(EMPTY);
    expect(copy.kitchen).toBeNull();
    expect(copy.foods.map((f) => f.id)).toEqual(["own-1~2"]);
    expect(copy.dishes.map((d) => d.id)).toEqual(["mustard-strips~2", "caraway-patties~2"]);
    expect(copy.suppers[0]).toMatchObject({ id: "sunday-supper~2", eaters: DEMO_EATERS.map((e) => `${e.id}~2`) });
    expect(copy.cookings[0]).toMatchObject({ id: "c1~2", supper: "sunday-supper~2", log });
    expect(copy.cookings[0]?.input.supper.id).toBe("sunday-supper~2");
    expect(copy.cookings[0]?.input.eaters[0]?.dislikes).toEqual(["own-1~2", "dill"]);
    const text = JSON.stringify(copy);
    for (const id of ["own-1", "sunday-supper", "ilse", "c1"]) expect(text).not.toContain(`"${id}"`);
    // Steps of a supper's own copy of a dish keep their names: the log speaks of them.
    expect(copy.suppers[0]?.dishes[0]?.id).toBe("mustard-strips");
    expect(copy.labels.find((l) => l.food === "own-1~2")?.id).toBe("own-1~2.soy");
  });
  test("an own food of the file takes nothing from the one here", () => {
    const here: Household = { ...EMPTY, foods: [plain({ ...mine, name: "Mine", allergens: allergenTable(["soy"]) })] };
    expect(copies(here).foods.some((f) => f.id === "own-1")).toBe(false);
  });
  test.each([
    // here, file, what is written, asked about
    [label("tamari", "gluten", "contains"), label("tamari", "gluten", "free"), "contains", true],
    [label("tamari", "gluten", "free"), label("tamari", "gluten", "contains"), "contains", true],
    [label("tamari", "gluten", "free"), label("tamari", "gluten", "free"), "free", false],
    [null, label("tamari", "gluten", "free"), null, true],
    [null, label("tamari", "gluten", "contains"), "contains", false],
  ] as const)("here %j, in the file %j: %s", (here, there, written, asked) => {
    const household: Household = { ...EMPTY, labels: here === null ? [] : [here] };
    const from: Household = { ...EMPTY, labels: [there] };
    const after = copies(household, from).labels.find((l) => l.id === there.id);
    expect(after === undefined ? null : "state" in after && after.state).toBe(written);
    const { labels } = clashesOf(household, from, "copies");
    expect(labels.length > 0).toBe(asked);
    for (const clash of labels) expect(clash.kept).toBe(stricter(clash.here, clash.file));
  });
  test("the cook may overrule the safer word, row by row", () => {
    const here: Household = { ...EMPTY, labels: [label("tamari", "gluten", "contains")] };
    const from: Household = { ...EMPTY, labels: [label("tamari", "gluten", "free"), label("miso", "gluten", "free")] };
    const after = copies(here, from, new Set(["tamari.gluten"])).labels;
    expect(after).toEqual([label("tamari", "gluten", "free")]);
  });
  test("a figure read here stays; one that nobody read here is taken over", () => {
    const figure = (per100: number, food = "tamari"): Label => ({
      id: `${food}.sodiumMg`,
      food,
      figure: "sodiumMg",
      per100,
    });
    const here: Household = { ...EMPTY, labels: [figure(6000)] };
    expect(copies(here, { ...EMPTY, labels: [figure(10), figure(700, "stock")] }).labels).toEqual([
      figure(700, "stock"),
    ]);
  });
  test("an id as long as allowed stays readable", () => {
    const long = "x".repeat(100);
    const from: Household = { ...EMPTY, eaters: [plain({ ...DEMO_EATERS[0], id: long })] };
    expect(copies(EMPTY, from).eaters[0]?.id).toBe(`${"x".repeat(98)}~2`);
  });
});

describe("replacing restores the file", () => {
  test("into an empty household it is the file itself, without a question", () => {
    expect(clashesOf(EMPTY, file, "replace")).toEqual({ labels: [], logs: [] });
    expect(broughtIn(EMPTY, file, "replace", new Set(), "~2")).toEqual(file);
  });
  test("what somebody here has said stands when it is the stricter; what nobody said is no difference", () => {
    const here: Household = {
      ...file,
      labels: [label("stock", "gluten", "contains")],
      foods: [plain({ ...mine, allergens: allergenTable(["lupin", "nuts"], ["soy"]) })],
    };
    const clashes = clashesOf(here, file, "replace").labels;
    expect(clashes.map((c) => c.id).sort()).toEqual(["own-1.nuts", "own-1.soy", "stock.gluten"]);
    const after = broughtIn(here, file, "replace", new Set(["own-1.soy"]), "~2");
    expect(after.labels).toContainEqual(label("stock", "gluten", "contains"));
    expect(after.foods[0]?.allergens).toMatchObject({ nuts: "contains", soy: "free", lupin: "contains" });
  });
  test("what was read here and an older file does not know stands where it is the stricter, until the cook decides", () => {
    const older = { ...file, labels: [] };
    const here: Household = {
      ...file,
      labels: [label("tamari", "gluten", "contains"), label("stock", "milk", "may"), label("miso", "gluten", "free")],
    };
    const { labels } = clashesOf(here, older, "replace");
    expect(labels).toMatchObject([
      { id: "tamari.gluten", here: "contains", file: "unknown", kept: "contains" },
      { id: "stock.milk", here: "may", kept: "may" },
    ]);
    const after = (overruled: string[]) => broughtIn(here, older, "replace", new Set(overruled), "~2").labels;
    // "Free" is a promise that nobody makes again: it is to be read anew.
    expect(after([])).toEqual([label("tamari", "gluten", "contains"), label("stock", "milk", "may")]);
    expect(after(["tamari.gluten"])).toEqual([label("stock", "milk", "may")]);
  });
  test("a label under another id is the same label: it never stands beside the stricter one", () => {
    const here: Household = { ...file, labels: [label("tamari", "gluten", "contains")] };
    const free = { ...label("tamari", "gluten", "free"), id: "label-1" };
    const loose = { ...file, labels: [free] };
    expect(clashesOf(here, loose, "replace").labels).toMatchObject([{ id: "tamari.gluten", kept: "contains" }]);
    const after = broughtIn(here, loose, "replace", new Set(), "~2");
    expect(after.labels.map((l) => "state" in l && l.state)).toEqual(["contains"]);
    expect(copies(here, loose).labels.map((l) => "state" in l && l.state)).toEqual(["contains"]);
    const text = writeHousehold({ ...EMPTY, labels: [label("tamari", "gluten", "contains"), free] }, "now");
    const read = readHousehold(text);
    expect(read.ok && read.value.labels).toEqual([label("tamari", "gluten", "contains")]);
    const may = label("tamari", "gluten", "may");
    expect([labelsOnce([free, may]), labelsOnce([may, free])]).toEqual([[may], [may]]);
    const figure = (id: string, per100: number) => ({ id, food: "tamari", figure: "sodiumMg", per100 }) as const;
    expect(labelsOnce([figure("x", 1), figure("y", 2)])).toEqual([figure("tamari.sodiumMg", 2)]);
  });
  test("a label of an own food that is on both sides is no exception", () => {
    const here: Household = { ...file, labels: [label("own-1", "soy", "contains")] };
    expect(clashesOf(here, file, "replace").labels.map((c) => c.id)).toEqual(["own-1.soy"]);
    const after = broughtIn(here, file, "replace", new Set(), "~2");
    expect(after.labels).toContainEqual(label("own-1", "soy", "contains"));
  });
  test("of two logs the longer stays when one begins the other; else the cook is asked, and this one stands", () => {
    const more: LogEntry[] = [...log, { kind: "finished", at: 99 }];
    const other: LogEntry[] = [{ kind: "begun", at: 5, step: "mustard-strips.strips-soak" }];
    const cooked = (entries: readonly LogEntry[]): Household => ({
      ...file,
      cookings: file.cookings.map((c) => ({ ...c, log: plain(entries) })),
    });
    const after = (here: Household, overruled = new Set<string>()) =>
      broughtIn(here, file, "replace", overruled, "~2").cookings[0]?.log;
    expect(after(cooked(more))).toEqual(more);
    expect(after(cooked(log.slice(0, 1)))).toEqual(log);
    expect(clashesOf(cooked(more), file, "replace").logs).toEqual([]);
    expect(clashesOf(cooked(other), file, "replace").logs).toMatchObject([{ id: "c1", here: 1, file: 2 }]);
    expect(after(cooked(other))).toEqual(other);
    expect(after(cooked(other), new Set(["c1"]))).toEqual(log);
    expect(longerLog(log, [])).toBe(log);
  });
});
