import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { inputOf } from "../__tests__/supper";
import { plan } from "../plan";
import { broken } from "./__tests__/referee";
import { changeoverMin, HOME_OVEN, ovenOn } from "./oven";
import { scheduleQuestion } from "./question";
import { schedule } from "./schedule";
import type { ScheduleInput, Task } from "./task";
import { orderOfWork } from "./work";

describe("an oven takes its time (common practice: 180 °C in 10 to 15 minutes)", () => {
  test.each([
    [20, 180, 13],
    [20, 220, 16],
    [180, 189, 0],
    [180, 190, 0],
    [180, 220, 4],
    [220, 180, 8],
    [220, 120, 20],
  ])("from %d to %d °C: %d min", (from, to, minutes) => expect(changeoverMin(from, to)).toBe(minutes));
});

const bake = (id: string, ovenC: number, minutes = 30): Task => ({
  id,
  step: id,
  dish: "d",
  part: id,
  kind: "wait",
  minutes,
  demands: { oven: 1 },
  ovenC,
});
const asked = (tasks: readonly Task[], more: Partial<ScheduleInput> = {}): ScheduleInput => ({
  tasks,
  lags: [],
  apart: [],
  capacities: { hands: 1, oven: 2 },
  ovenRates: HOME_OVEN,
  blocked: [],
  horizonMin: 600,
  nodes: 20_000,
  ...more,
});
function startsOf(input: ScheduleInput): Readonly<Record<string, number>> {
  const found = schedule(input);
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(broken(input, found.starts)).toEqual([]);
  return found.starts;
}
test("two bakes at one heat share the oven; at two heats it has to get from one to the other, the shorter way first", () => {
  const same = startsOf(asked([bake("a", 180), bake("b", 185)]));
  expect([same.a, same.b]).toEqual([-30, -30]);
  // 180 to 220 takes 4 minutes, 220 to 180 takes 8: so the cooler one comes first.
  const two = startsOf(asked([bake("hot", 220), bake("cool", 180)]));
  expect(two).toMatchObject({ hot: -30, cool: -64 });
  const forced = startsOf(
    asked([bake("hot", 220), bake("cool", 180)], { lags: [{ from: "hot", to: "cool", minMin: 0, maxMin: null }] }),
  );
  expect(forced).toMatchObject({ cool: -30, hot: -68 });
  const atOnce = asked([bake("hot", 220), bake("cool", 180)], { ovenRates: undefined });
  expect(Math.min(...Object.values(startsOf(atOnce)))).toBe(-60);
});

const baking = DEMO_DISHES.filter((d) => d.parts.some((p) => p.steps.some((s) => s.kind === "bake")));
test.each(baking.map((d) => [d.id, d] as const))(
  "%s: the oven is switched on in time, once for what is baked in a row",
  (_, dish) => {
    const input = inputOf([dish]);
    const made = plan(input);
    const question = scheduleQuestion(made, DEMO_KITCHEN, input.supper.serveAt);
    const found = schedule(question);
    if (found.kind !== "fits") throw new Error("does not fit");
    expect(broken(question, found.starts, "hard")).toEqual([]);
    const ovens = ovenOn(made, found);
    expect(ovens.length).toBeGreaterThan(0);
    for (const on of ovens) {
      const step = made.tasks.find((t) => t.step === on.step && t.ovenC !== null);
      // Hot right when the step begins, neither later nor for nothing.
      expect(on.startMin + on.minutes).toBe(found.starts[step?.id ?? ""]);
      expect(on.tempC).toBe(step?.ovenC);
      expect(on.startMin).toBeGreaterThanOrEqual(found.startMin);
    }
    // It is no step and takes no minutes of one.
    expect(
      orderOfWork(made, found).every(
        (m) =>
          m.minutes ===
          made.tasks.filter((t) => t.step === m.key && t.heatsOvenTo === undefined).reduce((n, t) => n + t.minutes, 0),
      ),
    ).toBe(true);
  },
);
/** The oven is switched on for a step. */
const heats = (id: string, tempC: number): Task => ({
  ...bake(`${id}#oven`, tempC, 13),
  step: id,
  ovenC: null,
  heatsOvenTo: tempC,
  kind: "watch",
  demands: {},
});
test("an oven that is hot from the step before is not switched on again, one that has gone cold is", () => {
  const tasks = [bake("a", 180), heats("a", 180), bake("b", 180), heats("b", 180)];
  const at = (b: number) =>
    ovenOn({ tasks }, { kind: "fits", starts: { a: -200, "a#oven": -213, b, "b#oven": b - 13 } } as never).map(
      (o) => o.step,
    );
  expect(at(-170)).toEqual(["a"]);
  expect(at(-151)).toEqual(["a"]);
  expect(at(-149)).toEqual(["a", "b"]);
  expect(ovenOn({ tasks }, null)).toEqual([]);
});
test("between two heats it is told when the first has left the oven, and only the way that is still to go", () => {
  const tasks = [bake("hot", 220), heats("hot", 220), bake("cool", 180), heats("cool", 180)];
  const told = (cool: number) =>
    ovenOn({ tasks }, { kind: "fits", starts: { hot: -100, "hot#oven": -113, cool, "cool#oven": cool - 13 } } as never);
  // Out at -70; eight minutes down to 180 °C: never while the first still bakes.
  expect(told(-62)[1]).toMatchObject({ step: "cool", startMin: -70, minutes: 8, fromC: 220, tempC: 180 });
  // Gone cold in between.
  expect(told(-40)[1]).toMatchObject({ startMin: -53, minutes: 13, fromC: null });
  // Two heats in a row and back within minutes: the last one counts, however short ago the first was.
  const short = [bake("hot", 220), heats("hot", 220), bake("cool", 180, 5), heats("cool", 180)];
  const back = [...short, bake("again", 220, 10), heats("again", 220)];
  const starts = { hot: -70, "hot#oven": -83, cool: -32, "cool#oven": -45, again: -23, "again#oven": -36 };
  const last = ovenOn({ tasks: back }, { kind: "fits", starts } as never).find((o) => o.step === "again");
  expect(last).toMatchObject({ fromC: 180, minutes: 4, startMin: -27 });
});
