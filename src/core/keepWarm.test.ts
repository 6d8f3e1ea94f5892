import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf } from "./__tests__/supper";
import type { Dish } from "./dish/dish";
import { judge } from "./judge";
import { keepWarmWays } from "./keepWarm";
import { plan } from "./plan";
import { broken } from "./schedule/__tests__/referee";
import { heldPoints, lossOf, pointsPerMin } from "./schedule/loss";
import { scheduleQuestion } from "./schedule/question";
import { schedule } from "./schedule/schedule";
import type { Stretched } from "./schedule/stretch";

const AT = [2, 4, 5].map((i) => DEMO_DISHES[i] as Dish);
const input = inputOf(AT);
const planned = plan(input);
const found = schedule({ ...scheduleQuestion(planned, DEMO_KITCHEN, input.supper.serveAt), nodes: 10_000 });
if (found.kind !== "fits") throw new Error("does not fit");
const ways = keepWarmWays(input, found.stretched);

test("a wait that costs is spent in a low oven where that costs less: a step more, on the clock, as safe as before", () => {
  expect(ways.length).toBeGreaterThan(0);
  for (const way of ways) {
    const kind = planned.dishes
      .flatMap((d) => d.parts.flatMap((p) => [...p.rows]))
      .find((r) => r.key === planned.tasks.find((t) => t.id === way.from)?.step)?.step.kind;
    // Being kept costs something too.
    const wait = found.stretched.find((s) => s.from === way.from);
    const keptMin = (wait?.waitsMin ?? 0) - 2;
    expect(way.points).toBeGreaterThanOrEqual(heldPoints(kind ?? "serve", way.how, keptMin) - 1e-9);
    if (way.how === "reheat") expect(way.minutes).toBeLessThanOrEqual(keptMin);
    else expect(way.minutes).toBe(keptMin);
    expect(way.pointsNow).toBeCloseTo(
      found.stretched.reduce((sum, s) => sum + s.points, 0),
      9,
    );
    expect(way.points).toBeLessThan(way.pointsNow - 0.1);
    const then = { ...input, supper: way.supper };
    const made = plan(then);
    const steps = (of: typeof made) => of.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows.map((r) => r.step)));
    const added = way.how === "reheat" ? "reheat" : "hold";
    expect(steps(made).filter((s) => s.kind === added)).toHaveLength(
      steps(planned).filter((s) => s.kind === added).length + 1,
    );
    const question = scheduleQuestion(made, DEMO_KITCHEN, then.supper.serveAt);
    const at = schedule({ ...question, nodes: 10_000 });
    if (at.kind !== "fits") throw new Error("does not fit");
    expect(broken(question, at.starts, "hard")).toEqual([]);
    const stops = (of: typeof input, p: typeof made) => judge(of, p, null).filter((c) => c.severity === "stop").length;
    expect(stops(then, made)).toBeLessThanOrEqual(stops(input, planned));
    // It begins a few minutes earlier at most.
    expect(way.startMin).toBeGreaterThan(found.startMin - 30);
  }
});
test("cold food, what costs nothing, and a kitchen without an oven are left alone; in the oven every kind loses less or as much", () => {
  const [wait] = found.stretched;
  if (wait === undefined) throw new Error("something waits");
  expect(keepWarmWays(input, [{ ...wait, points: 0.05 }])).toEqual([]);
  const cold = planned.tasks.find((t) => t.step.includes("-weigh") || t.step.includes("-cut"))?.id as string;
  expect(keepWarmWays(input, [{ ...wait, from: cold, points: 3 }])).toEqual([]);
  // Dressed, but from the fridge.
  const filling = inputOf([DEMO_DISHES[8] as Dish]);
  const dressed = plan(filling).tasks.find((t) => t.step === "torn-filling.torn-dress")?.id as string;
  expect(keepWarmWays(filling, [{ ...wait, from: dressed, to: "serve", waitsMin: 60, points: 3 }])).toEqual([]);
  const noOven = keepWarmWays({ ...input, kitchen: { ...DEMO_KITCHEN, ovens: [] } }, found.stretched);
  expect(noOven.filter((w) => w.how === "oven")).toEqual([]);
  for (const kind of ["fry", "sear", "mash", "bake", "cut"] as const)
    expect(heldPoints(kind, "oven", 1)).toBeLessThanOrEqual(pointsPerMin(kind));
});

describe("how it is kept", () => {
  const stew = (last: Dish["parts"][number]["steps"]) =>
    inputOf([
      dishOf([
        part("stew", "Stew", null, 15, [step("simmer", "simmer", [food("passata", 900)], { minutes: 20 }), ...last]),
      ]),
    ]);
  const long = (input: ReturnType<typeof stew>, waitsMin: number): Stretched => ({
    from: plan(input)
      .tasks.filter((t) => t.step === "d.simmer")
      .at(-1)?.id as string,
    to: "serve",
    usualMin: 15,
    waitsMin,
    points: (waitsMin - 15) / 40,
  });
  /** The same stew must be ready early: somebody leaves, and comes back for dinner. */
  const at = (input: ReturnType<typeof stew>, waitsMin: number) => {
    const wait = long(input, waitsMin);
    const cooksMin = plan(input).tasks.reduce((sum, t) => sum + (t.step === "d.simmer" ? t.minutes : 0), 0);
    const begun = new Date(Date.parse(input.supper.serveAt) - (waitsMin + cooksMin) * 60_000).toISOString();
    const supper = { ...input.supper, pins: { "d.simmer": begun } };
    return keepWarmWays({ ...input, supper }, [wait]);
  };
  test("a stew that is ready an hour and a half early: over hot water or heated again, each with what it takes", () => {
    const ways = at(stew([]), 90);
    expect(ways.length).toBe(2);
    expect(ways.map((w) => w.points)).toEqual(ways.map((w) => w.points).toSorted((a, b) => a - b));
    for (const way of ways) {
      const made = way.supper.dishes[0]?.parts[0]?.steps.at(-1);
      if (way.how === "reheat") expect(made).toMatchObject({ kind: "reheat", where: "hob", minutes: way.minutes });
      else expect(made).toMatchObject({ kind: "hold", where: way.how, minutes: 88 });
    }
  });
  test("what is crisp is kept in the oven or crisped again there, and never under a lid or over water", () => {
    const crisp = keepWarmWays(input, found.stretched).filter((w) => {
      const key = planned.tasks.find((t) => t.id === w.from)?.step;
      const row = planned.dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows])).find((r) => r.key === key);
      return row !== undefined && lossOf(row.step.kind) === "crisp";
    });
    for (const way of crisp) expect(["oven", "reheat"]).toContain(way.how);
  });
  test("under a lid it takes nothing of the kitchen and cools; over water it stays hot and takes a burner", () => {
    const held = (where: "oven" | "water-bath" | "lid") => {
      const row = plan(stew([step("hold", "h", [], { minutes: 60, where, holdC: 80 })])).dishes[0]?.parts[0]?.rows.at(
        -1,
      );
      if (row?.state !== "computed") throw new Error("not computed");
      return row.outcome;
    };
    expect(held("lid").needs).toEqual([]);
    expect(held("water-bath").needs).toEqual([{ kind: "burner" }]);
    expect(held("oven").needs).toEqual([{ kind: "oven", tempC: 80 }]);
    // Common practice: a lidded pot of a litre is well above 60 °C after half an hour, lukewarm to the tongue after two.
    expect(held("lid").after.batch.tempC).toBeGreaterThan(50);
    expect(held("lid").after.batch.tempC).toBeLessThan(80);
    expect(held("water-bath").after.batch.tempC).toBeGreaterThan(75);
    const lostG = (where: Parameters<typeof held>[0]) => held(where).outputs.reduce((g, o) => g + o.contents.waterG, 0);
    expect(lostG("lid")).toBeCloseTo(lostG("oven") * 0.3, 6);
  });
  test("hours under a lid are hours in the warm, and the rule says so", () => {
    const input = stew([step("hold", "h", [], { minutes: 300, where: "lid", holdC: 95 })]);
    const rules = judge(input, plan(input), null).map((c) => c.rule);
    expect(rules).toContain("danger-zone");
    const bath = stew([step("hold", "h", [], { minutes: 300, where: "water-bath", holdC: 80 })]);
    expect(judge(bath, plan(bath), null).map((c) => c.rule)).not.toContain("danger-zone");
  });
  test("what is heated again has lost no heat by waiting", () => {
    const again = plan(stew([step("reheat", "r", [], { where: "hob", minutes: 10 })]));
    const before = again.lags.find((l) => l.to.startsWith("s/d.r") && !l.from.startsWith("s/d.r"));
    expect(before?.pointsPerMin).toBeCloseTo(1 / 120, 12);
  });
});
