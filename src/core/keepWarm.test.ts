import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { inputOf } from "./__tests__/supper";
import type { Dish } from "./dish/dish";
import { judge } from "./judge";
import { keepWarmWays } from "./keepWarm";
import { plan } from "./plan";
import { broken } from "./schedule/__tests__/referee";
import { heldPointsPerMin, pointsPerMin } from "./schedule/loss";
import { scheduleQuestion } from "./schedule/question";
import { schedule } from "./schedule/schedule";

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
    // The oven costs something too.
    expect(way.points).toBeGreaterThanOrEqual(way.minutes * heldPointsPerMin(kind ?? "serve") - 1e-9);
    const wait = found.stretched.find((s) => s.from === way.from);
    expect(way.minutes).toBe((wait?.waitsMin ?? 0) - 2);
    expect(way.pointsNow).toBeCloseTo(
      found.stretched.reduce((sum, s) => sum + s.points, 0),
      9,
    );
    expect(way.points).toBeLessThan(way.pointsNow - 0.1);
    const then = { ...input, supper: way.supper };
    const made = plan(then);
    const steps = (of: typeof made) => of.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows.map((r) => r.step)));
    expect(steps(made).filter((s) => s.kind === "hold")).toHaveLength(
      steps(planned).filter((s) => s.kind === "hold").length + 1,
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
  expect(keepWarmWays({ ...input, kitchen: { ...DEMO_KITCHEN, ovens: [] } }, found.stretched)).toEqual([]);
  for (const kind of ["fry", "sear", "mash", "bake", "cut"] as const)
    expect(heldPointsPerMin(kind)).toBeLessThanOrEqual(pointsPerMin(kind));
});
