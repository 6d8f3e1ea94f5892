import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { foodsOf, linesOf } from "../dish/dish";
import { plan } from "../plan";
import type { Table } from "../swap/answer";
import { food, readIt, table } from "./__tests__/table";
import { convert, type Converted, type Decisions } from "./convert";
import type { RecipeRead } from "./recipe";
import { settle } from "./lines/settle";

const read = (name: string) => readFileSync(join(__dirname, "../checks", name), "utf8");
const TEXTS = read("recipes.txt")
  .split(/^=== /m)
  .slice(1)
  .map((block) => {
    const [head = "", ...rest] = block.split("\n");
    return [
      head,
      rest
        .slice(
          0,
          rest.findIndex((l) => /^---\s*$/.test(l)),
        )
        .join("\n"),
    ] as const;
  });
const LINES = read("recipe-lines.txt")
  .split("\n")
  .filter((l) => l !== "" && !l.startsWith("#") && !l.includes("heading |"))
  .map((l) => l.split(" | ")[0] as string);
const NONE: Decisions = { lines: {}, routes: {}, setting: null, servings: null };
const turned = (text: string, decisions: Partial<Decisions> = {}): Converted & { recipe: RecipeRead } => {
  const recipe = readIt(text);
  const around = { table, availableMin: null };
  return { recipe, ...convert(recipe, { ...NONE, ...decisions }, around) };
};
const planned = ({ dish, own }: Converted) =>
  plan({ ...table, foods: own, supper: { ...table.supper, guests: dish.servings, dishes: [dish] }, log: [] });
/** Grams of each food that the dish takes beside what the routes bring by themselves. */
const inRest = ({ dish, meats }: Converted) => {
  const sums = new Map<string, number>();
  const count = (food: string, massG: number) => sums.set(food, (sums.get(food) ?? 0) + massG);
  for (const { line } of linesOf(dish)) if (line.kind === "food") count(line.food, line.massG ?? 0);
  const routes = dish.parts.flatMap(({ route }) => route?.id ?? []);
  for (const { answers } of meats) {
    const taken = answers.answers.find((a) => routes.includes(a.route.id));
    for (const { part, line } of taken === undefined ? [] : linesOf(taken.dish))
      if (line.kind === "food" && (part.id === "main" || part.id === "batter")) count(line.food, -(line.massG ?? 0));
  }
  return sums;
};

test.each(TEXTS)("%s: a dish without animals that computes, with all that the recipe holds", (_head, text) => {
  const made = turned(text);
  for (const id of foodsOf(made.dish)) expect([id, food(id)?.group === "animal"]).toEqual([id, false]);
  const rows = planned(made).dishes.flatMap((d) => d.parts.flatMap((p) => p.rows.map((row) => ({ part: p.id, row }))));
  const blocked = rows.filter(({ part, row }) => row.state !== "computed" && part !== "open");
  expect(blocked.map(({ part, row }) => [part, row.step.kind])).toEqual([]);
  expect(rows.length).toBeGreaterThan(0);
  // What was kept or replaced is in the dish with its grams, but for what a route brings and salt that is tasted.
  const sums = inRest(made);
  for (const s of made.settled) {
    if (made.covered.includes(s.line)) continue;
    for (const put of s.puts.filter((p) => p.food !== null && p.massG !== null && !(p.food === "salt" && p.byTaste)))
      expect(sums.get(put.food as string) ?? 0).toBeGreaterThanOrEqual((put.massG?.likely ?? 0) * 0.94 - 0.06);
  }
  // Every meat whose grams are known has its routes, and one of them is in the dish.
  const meats = made.settled.flatMap((s) => s.meats.filter((m) => m.rawG !== null));
  expect(made.meats).toHaveLength(meats.length);
  expect(made.dish.parts.filter((p) => p.route !== null)).toHaveLength(meats.length);
});

test("nothing of a list is lost: it is in the dish, asked, or brought by the route", () => {
  fc.assert(
    fc.property(fc.subarray(LINES, { minLength: 1, maxLength: 9 }), (lines) => {
      const recipe = readIt(`Supper\nIngredients\n${lines.join("\n")}\nMethod\nSimmer everything for 20 minutes.`);
      const settled = settle(recipe, {}, food);
      for (const s of settled) {
        expect(s.puts.length + s.meats.length).toBeGreaterThan(0);
        const open = s.puts.some((p) => p.massG === null) || s.meats.some((m) => m.rawG === null);
        if (open) expect(s.asks.map((a) => a.kind)).toEqual(expect.arrayContaining([expect.stringMatching(/amount/)]));
        // What nobody knows is asked, and no label passes it.
        if (s.puts.some((p) => p.food === null)) expect(s.asks.length).toBeGreaterThan(0);
      }
    }),
    { numRuns: 60, seed: 20261127 },
  );
});

test("a food that nobody knows goes where the recipe puts it and asks for every allergen", () => {
  const made = turned("Stew\nServes 2\n300 g beef strips\n2 tbsp asafoetida\n200 ml beef stock\nSimmer 20 minutes.");
  expect(made.own.map((f) => f.name)).toEqual(["asafoetida"]);
  expect(new Set(Object.values(made.own[0]?.allergens ?? {}))).toEqual(new Set(["unknown"]));
  expect(foodsOf(made.dish)).toContain("own-asafoetida");
  expect(made.dish.parts.map((p) => p.id)).toEqual(["main", "part-1"]);
});

// Shares by hand from `replace.ts`: common practice.
test("each animal product is replaced for its job, in grams", () => {
  const grams = (list: string, method = "Simmer 10 minutes.") => {
    const { settled } = turned(`Dish\nServes 2\nIngredients\n${list}\nMethod\n${method}`);
    return settled.map((s) => s.puts.map((p) => [p.food, Math.round((p.massG?.likely ?? 0) * 10) / 10]));
  };
  expect(grams("2 eggs", "Mix everything and shape into 4 patties.")).toEqual([
    [
      ["ground-flax", 14],
      ["water", 80],
    ],
  ]);
  expect(grams("1 egg, to glaze", "Brush with egg and bake 20 minutes.")).toEqual([[["soy-milk", 15]]]);
  expect(grams("2 hard-boiled eggs")).toEqual([
    [
      ["tofu-firm", 100],
      ["black-salt", 0.8],
    ],
  ]);
  expect(grams("4 leaves gelatine")).toEqual([[["agar", 2.6]]]);
  expect(grams("1 beef stock cube")).toEqual([[["stock-powder", 10]]]);
  expect(grams("50 g parmesan")).toEqual([
    [
      ["yeast-flakes", 20],
      ["salt", 0.8],
    ],
  ]);
  expect(grams("250 ml buttermilk")[0]?.map(([f]) => f)).toEqual(["soy-milk", "cider-vinegar"]);
  expect(grams("30 g butter", "Fry the onions in the butter.")).toEqual([[["rapeseed-oil", 24]]]);
  expect(grams("30 g butter", "Stir in the butter.")).toEqual([[["plant-butter", 30]]]);
});
test("salt of fish sauce comes back: 18 g of it hold what soy sauce and salt hold", () => {
  // Fish sauce about 23 to 26 g of salt in 100 g (USDA 06179: 7.85 g sodium, from memory).
  const { settled } = turned("Dish\nServes 2\nIngredients\n18 g fish sauce\nMethod\nSimmer 5 minutes.");
  const salt = (settled[0]?.puts ?? []).reduce((g, p) => {
    const mg = food(p.food as string)?.per100.sodiumMg ?? 0;
    return g + ((p.massG?.likely ?? 0) * mg) / 100 / 393.4;
  }, 0);
  expect(salt).toBeGreaterThan(18 * 0.2);
  expect(salt).toBeLessThan(18 * 0.28);
});

test("what the cook decides counts: left out, another amount, another food, another egg, another route", () => {
  const text = "Stew\nServes 2\n300 g beef strips\n2 eggs\n8 oz (500 g) lentils\n200 ml beef stock\nSimmer 20 minutes.";
  const plainly = turned(text);
  expect(plainly.settled.map((s) => s.asks.map((a) => a.kind))).toEqual([[], ["egg-use"], ["two-amounts"], []]);
  const decided = turned(text, {
    lines: { 1: { leaveOut: true }, 2: { massG: 226, food: "red-lentils" } },
    routes: { 0: "soy-strips-seared" },
  });
  expect(decided.settled.map((s) => [s.state, s.asks.length])).toEqual([
    ["meat", 0],
    ["left-out", 0],
    ["kept", 0],
    ["replaced", 0],
  ]);
  expect(inRest(decided).get("red-lentils")).toBe(226);
  expect(decided.dish.parts[0]?.route?.id).toBe("soy-strips-seared");
  expect(inRest(turned(text, { lines: { 1: { eggUse: "raises" } } })).get("aquafaba")).toBe(90);
});
test("two meats, two routes: their parts have ids of their own and both are eaten", () => {
  const made = turned("Two\nServes 2\n300 g beef strips\n100 g bacon\n200 ml beef stock\nSimmer 20 minutes.");
  const ids = made.dish.parts.map((p) => p.id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(made.dish.parts.filter((p) => p.route !== null)).toHaveLength(2);
  expect(planned(made).dishes[0]?.parts.every((p) => p.rows.every((r) => r.state === "computed"))).toBe(true);
});
test("more meat never means less plant", () => {
  const mainG = (g: number) =>
    turned(`S\nServes 4\n${g} g beef strips\n200 ml stock\nSimmer 9 minutes.`).meats[0]?.answers.answers[0]?.mainG ?? 0;
  const grown = [100, 250, 500, 900].map(mainG);
  expect([...grown].sort((a, b) => a - b)).toEqual(grown);
  expect(grown[0]).toBeGreaterThan(0);
});
test("a route that somebody must not eat is never taken by itself; chosen it is told as out", () => {
  const soy: Table = {
    ...table,
    supper: { ...table.supper, eaters: ["a"], guests: 3 },
    eaters: [{ id: "a", name: "Ada", avoids: ["soy"], diets: [], dislikes: [], age: null }],
  };
  const recipe = readIt("S\nServes 4\n500 g beef strips\n300 ml stock\nSimmer 9 minutes.");
  const plainly = convert(recipe, NONE, { table: soy, availableMin: null });
  const taken = plainly.dish.parts.find((p) => p.route !== null)?.route?.id;
  expect(plainly.meats[0]?.answers.answers.find((a) => a.route.id === taken)?.out).toEqual([]);
  // With no minutes to dinner every route is out, and none is taken.
  const late = convert(recipe, NONE, { table: soy, availableMin: 0 });
  expect(late.meats[0]?.answers.answers.every((a) => a.out.length > 0)).toBe(true);
  expect(late.dish.parts.every((p) => p.route === null)).toBe(true);
});
