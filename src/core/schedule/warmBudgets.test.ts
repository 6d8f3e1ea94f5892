import { DEMO_DISHES, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import type { Dish } from "../dish/dish";
import { plan } from "../plan";
import type { Step } from "../process/registry";

const AT = "2026-11-29T19:00:00.000Z";
const planOf = (dishes: readonly Dish[], roomC = 21) =>
  plan({
    supper: { ...demoSupper(AT), eaters: [], guests: 4, dishes },
    foods: [],
    labels: [],
    kitchen: { ...DEMO_KITCHEN, roomC },
    eaters: [],
    log: [],
  });
const patties = DEMO_DISHES[1] as Dish;

test("what a way stands in all, between its steps and in them, stays within two hours, one in a hot room", () => {
  // USDA FSIS, "Danger Zone": two hours in all, one above 90 °F.
  for (const [roomC, limit] of [
    [21, 120],
    [35, 60],
  ] as const) {
    const { budgets, lags } = planOf([patties], roomC);
    expect(budgets.length).toBeGreaterThan(0);
    for (const b of budgets) {
      expect(b.rule).toBe("danger-zone");
      expect(b.lags.length).toBeGreaterThan(1);
      expect(b.mostMin).toBeLessThanOrEqual(limit);
      for (const { from, to } of b.lags) expect(lags.some((l) => l.from === from && l.to === to)).toBe(true);
    }
  }
});
test("a wait that the cook allows is left out of the sum: the judgement tells of it", () => {
  const count = (dish: Dish) => planOf([dish]).budgets.reduce((n, b) => n + b.lags.length, 0);
  const allowed = {
    ...patties,
    parts: patties.parts.map((p) => ({ ...p, steps: p.steps.map((s) => ({ ...s, mayWaitMin: 300 }) as Step) })),
  };
  expect(count(allowed)).toBeLessThan(count(patties));
});
test("one pan holds the food of one dish at a time", () => {
  const twice = { ...patties, id: "again" };
  const { apart, tasks } = planOf([patties, twice]);
  const dishOf = (id: string) => tasks.find((t) => t.id === id)?.dish;
  const across = apart.filter(([a, b]) => dishOf(a[0] as string) !== dishOf(b[0] as string));
  expect(across.length).toBeGreaterThan(0);
});
