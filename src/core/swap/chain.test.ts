import { dishOf, inputOf as supperInput } from "../__tests__/supper";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import type { Part } from "../dish/dish";
import { chainsFor, partsFromChain } from "./chain";
import { ROUTES } from "./routeTable";

const EMPTY = dishOf([]);
const named = (id: string) => ({ id, like: null, name: id });
const inputOf = (parts: readonly Part[]): PlanInput => supperInput([dishOf(parts)]);
const FOODS = [...new Set(ROUTES.map((r) => r.food))];

test.each(FOODS)("every usual chain of %s can be cooked to its end, safely", (food) => {
  const chains = chainsFor({ id: food, like: null });
  expect(chains.length).toBeGreaterThan(0);
  for (const chain of chains) {
    const parts = partsFromChain(EMPTY, chain, named(food), 400);
    const input = inputOf(parts);
    const planned = plan(input);
    expect([chain.route, chain.form, planned.blocked]).toEqual([chain.route, chain.form, 0]);
    expect(judge(input, planned, null).filter((c) => c.severity === "stop")).toEqual([]);
    const put = parts
      .flatMap((p) => p.steps.flatMap((s) => s.adds))
      .filter((l) => l.kind === "food" && l.food === food);
    // Steeped again and again, water is what a stock is made of: all else goes in once, in the grams that were asked for.
    if (food !== "water")
      expect(put.reduce((g, l) => g + (l.kind === "food" ? (l.massG ?? NaN) : 0), 0)).toBeGreaterThanOrEqual(400);
  }
});
test("forms that the hands give are chains of their own, with the steps for them", () => {
  const forms = chainsFor({ id: "soy-granules", like: null }).map((c) => [c.route, c.form]);
  expect(forms).toEqual([
    ["soy-granules-browned", null],
    ["soy-granules-bound", "ball"],
    ["soy-granules-bound", "patty"],
    ["soy-granules-bound", "loaf"],
  ]);
  const tempeh = chainsFor({ id: "tempeh", like: null }).find((c) => c.form === "skewer");
  const steps = partsFromChain(EMPTY, tempeh as never, named("tempeh"), 400)[0]?.steps ?? [];
  expect(steps.find((s) => s.kind === "shape")).toMatchObject({ form: "skewer" });
});
test("a food of one's own takes the chains of what it is like, and goes in itself", () => {
  const [first] = chainsFor({ id: "own-1", like: "tofu-firm" });
  const parts = partsFromChain(EMPTY, first as never, { id: "own-1", like: "tofu-firm", name: "Mine" }, 300);
  const foods = parts.flatMap((p) => p.steps.flatMap((s) => s.adds.map((l) => (l.kind === "food" ? l.food : ""))));
  expect(foods).toContain("own-1");
  expect(foods).not.toContain("tofu-firm");
  expect(chainsFor({ id: "own-2", like: null })).toEqual([]);
  expect(partsFromChain(EMPTY, { route: "gone", name: "", how: "", form: null }, named("tofu-firm"), 300)).toEqual([]);
});
test("the same chain twice in a dish: no id stands twice, and each takes its own batter", () => {
  const battered = chainsFor({ id: "banana-blossom", like: null }).find((c) => c.route === "blossom-battered");
  const once = { ...EMPTY, parts: partsFromChain(EMPTY, battered as never, named("banana-blossom"), 300) };
  const twice = [...once.parts, ...partsFromChain(once, battered as never, named("banana-blossom"), 200)];
  const ids = twice.flatMap((p) => [p.id, ...p.steps.map((s) => s.id)]);
  expect(new Set(ids).size).toBe(ids.length);
  const takes = twice.flatMap((p) =>
    p.steps.flatMap((s) => s.adds.flatMap((l) => (l.kind === "part" ? [l.part] : []))),
  );
  expect(new Set(takes).size).toBe(2);
  expect(plan(inputOf(twice)).blocked).toBe(0);
});
test.each(["rice-white", "rice-brown", "pearl-barley", "bulgur", "quinoa"])(
  "%s: first in the water that it takes up, which leaves nothing to pour off; then in plenty",
  (food) => {
    const [absorbed, plenty] = chainsFor({ id: food, like: null });
    expect([absorbed?.route, plenty?.route]).toEqual(["grain-absorbed", "grain-plenty"]);
    for (const chain of [absorbed, plenty]) {
      const planned = plan(inputOf(partsFromChain(EMPTY, chain as never, named(food), 300)));
      const facts = planned.dishes[0]?.parts[0]?.rows.flatMap((r) => (r.state === "computed" ? r.outcome.facts : []));
      expect([planned.blocked, facts?.filter((f) => f.kind === "bath-short" || f.kind === "undrained")]).toEqual([
        0,
        [],
      ]);
    }
  },
);
