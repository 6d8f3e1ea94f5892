import { DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { inputOf, supperOf } from "../__tests__/supper";
import { biteOf } from "../bite/targets";
import { distance } from "../bite/rank";
import { targetOf } from "../bite/targets";
import type { Dish, RouteId, Supper } from "../dish/dish";
import type { MeatForm, MeatKind } from "../dish/meat";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import { longestChain } from "../schedule/longest";
import { waysOut } from "../waysOut";
import { answersTo } from "./answer";
import { anotherRoutes } from "./anotherRoute";
import { ROUTES } from "./routeTable";

/** A dish as Swap makes it, with a side and a sauce that a cook put beside it. */
function swapped(route: string, form: MeatForm, kind: MeatKind = "beef", lies: Supper["atHand"] = []): Dish {
  const { answers } = answersTo(
    {
      form,
      kind,
      words: "500 g of it",
      rawG: 500,
      setting: "dry",
      availableMin: null,
      mostHandsMin: null,
      honestOnly: false,
      protein: "plate",
      bringsFat: false,
    },
    { ...inputOf([]), supper: { ...supperOf([]), atHand: lies } },
  );
  const found = answers.find((a) => a.route.id === route);
  if (found === undefined) throw new Error(`no route ${route} to ${form}`);
  return {
    ...found.dish,
    parts: [
      ...found.dish.parts,
      part("side", "Mash", "mash", 15, [
        step("boil", "boil", [food("potato", 800), food("water", 1200)]),
        step("mash", "mash", [food("plant-butter", 30)]),
      ]),
    ],
  };
}
const always = { ...DEMO_KITCHEN, sleep: null, away: [] };
const asked = (dish: Dish, more: Partial<Supper> = {}): PlanInput =>
  inputOf([], { supper: supperOf([dish], more), kitchen: always });
const routes = (input: PlanInput, mostMin = Infinity) => {
  const isInTime = (p: ReturnType<typeof plan>) => longestChain(p.tasks, p.lags).minutes <= mostMin;
  return [...anotherRoutes(input, plan(input), isInTime)];
};
const FROZEN = ROUTES.find(
  (r) => r.steps.some((s) => s.kind === "freeze") && r.forms.includes("chunks"),
) as (typeof ROUTES)[number];
const frozen = swapped(FROZEN.id, "chunks");
const endG = (input: PlanInput) => plan(input).dishes[0]?.parts.find((p) => p.id === "main")?.endG ?? NaN;

test("another route of the form, for as much on the plate; side and names of the parts stay", () => {
  const input = asked(frozen);
  const before = endG(input);
  const found = routes(input, 180);
  expect(found.length).toBeGreaterThan(0);
  const aim = targetOf("chunks", "beef");
  for (const { supper, route, massG, points, food: main } of found) {
    const made = { ...input, supper };
    expect(Math.abs(endG(made) / before - 1)).toBeLessThan(0.05);
    const planned = plan(made);
    expect(planned.blocked).toBe(0);
    expect(longestChain(planned.tasks, planned.lags).minutes).toBeLessThanOrEqual(180);
    const [dish] = supper.dishes;
    expect(dish?.parts.find((p) => p.id === "side")).toEqual(frozen.parts.find((p) => p.id === "side"));
    expect(dish?.parts.find((p) => p.id === "main")?.route).toEqual({ id: route, form: "chunks", kind: "beef" });
    const own = dish?.parts
      .flatMap((p) => p.steps.flatMap((s) => s.adds))
      .filter((l) => l.kind === "food" && l.food === main);
    expect(own?.reduce((sum, l) => sum + (l.kind === "food" ? (l.massG ?? NaN) : 0), 0)).toBeCloseTo(massG, 0);
    const far = (id: RouteId) =>
      distance(biteOf((ROUTES.find((r) => r.id === id) as typeof FROZEN).bite), aim as NonNullable<typeof aim>);
    expect(points).toBeCloseTo(far(route) - far(FROZEN.id), 9);
  }
});
test("one whose food lies ready comes first, with the steps that are done", () => {
  const last = routes(asked(frozen)).at(-1);
  const lies = routes(asked(frozen, { atHand: [{ food: last?.food as string, state: "there" }] }));
  expect(lies[0]?.food).toBe(last?.food);
});
test("a batter goes with the route that needs it, and comes with one that does", () => {
  const palm = ROUTES.find((r) => r.second !== null && r.forms.includes("battered")) as typeof FROZEN;
  const input = asked(swapped(palm.id, "battered", "white-fish"));
  for (const { supper } of routes(input)) {
    const parts = supper.dishes[0]?.parts ?? [];
    const route = ROUTES.find((r) => r.id === parts.find((p) => p.id === "main")?.route?.id);
    expect(parts.filter((p) => p.id.startsWith("batter"))).toHaveLength(route?.second === null ? 0 : 1);
    expect(plan({ ...input, supper }).blocked).toBe(0);
  }
});
test("what nobody asked before is asked by none, what somebody must not eat is in none", () => {
  const eaters = [
    { id: "ada", name: "Ada", avoids: ["soy", "gluten", "wheat"], diets: [], dislikes: [], age: null },
  ] as const;
  const jackfruit = ROUTES.find((r) => r.food === "jackfruit-young" && r.forms.includes("pulled")) as typeof FROZEN;
  const input = {
    ...asked(swapped(jackfruit.id, "pulled", "pork"), { eaters: ["ada"], guests: 3 }),
    eaters: eaters as never,
  };
  const open = (of: PlanInput) =>
    plan(of)
      .verdicts.filter((v) => v.verdict !== "clear")
      .map((v) => `${v.allergen} ${v.verdict}`);
  const known = open(input);
  for (const { supper } of routes(input)) for (const v of open({ ...input, supper })) expect(known).toContain(v);
});
test("a route of fish takes the place of no beef", () => {
  const fits = (r: (typeof ROUTES)[number], kind: MeatKind) => r.kinds === null || r.kinds.includes(kind);
  const form = ["fillet", "strips", "chunks", "cutlet"].find(
    (f) =>
      ROUTES.filter((r) => r.forms.includes(f as MeatForm) && fits(r, "beef")).length > 1 &&
      ROUTES.some((r) => r.forms.includes(f as MeatForm) && !fits(r, "beef")),
  ) as MeatForm;
  const own = ROUTES.find((r) => r.forms.includes(form) && fits(r, "beef")) as typeof FROZEN;
  const found = routes(asked(swapped(own.id, form)));
  expect(found.length).toBeGreaterThan(0);
  for (const { route } of found) expect(fits(ROUTES.find((r) => r.id === route) as typeof FROZEN, "beef")).toBe(true);
});
test("for more than the dish is written for, the grams told are for those who eat", () => {
  const [found] = routes(asked(frozen, { guests: 8 }), 180);
  const lines = found?.supper.dishes[0]?.parts.flatMap((p) => p.steps.flatMap((s) => s.adds)) ?? [];
  const own = lines.reduce((sum, l) => sum + (l.kind === "food" && l.food === found?.food ? (l.massG ?? NaN) : 0), 0);
  expect((found?.massG ?? NaN) / own).toBeCloseTo(8 / frozen.servings, 1);
});
test("a part whose liquor another part uses stays", () => {
  const soaked = swapped("soy-chunks-seared", "chunks");
  const drain = soaked.parts[0]?.steps.find((s) => s.kind === "drain")?.id as string;
  const sauce = part("sauce", "Sauce", null, 20, [
    step("simmer", "simmer", [food("water", 200), { kind: "liquor", step: drain, share: 0.5 }], { minutes: 10 }),
  ]);
  expect(routes(asked(soaked)).length).toBeGreaterThan(0);
  expect(routes(asked({ ...soaked, parts: [...soaked.parts, sauce] }))).toEqual([]);
});
test("a part that others were put into, or that nobody took a route to, stays", () => {
  const joined: Dish = {
    ...frozen,
    parts: frozen.parts.map((p) =>
      p.id === "main"
        ? { ...p, steps: [...p.steps, step("season", "joined", [{ kind: "part", part: "side", share: 0.5 }])] }
        : p,
    ),
  };
  expect(routes(asked(joined))).toEqual([]);
  const own = { ...frozen, parts: frozen.parts.map((p) => ({ ...p, route: null })) };
  expect(routes(asked(own))).toEqual([]);
});
test("among the ways out of a block that would still be frozen: tried, in time, as safe, with its price", () => {
  const input = asked(frozen);
  const now = Date.parse(input.supper.serveAt) - 4 * 3_600_000;
  const found = waysOut(input, now).ways.filter((w) => w.change.kind === "route");
  expect(found.length).toBeGreaterThan(0);
  for (const way of found) {
    expect(way.tableMin).toBe(0);
    expect(way.startMin).toBeGreaterThanOrEqual(-240);
    if (way.change.kind === "route") expect(way.points).toBeGreaterThanOrEqual(Math.max(0, way.change.points) - 1e-9);
    const made = { ...input, supper: way.supper };
    const stops = judge(made, plan(made), null).filter((c) => c.severity === "stop");
    expect(stops.map((s) => s.rule)).toEqual([]);
  }
});
