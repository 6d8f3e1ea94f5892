import { dishOf, inputOf as supperInput } from "./__tests__/supper";
import { ownFood } from "./foods/own";
import type { Food } from "./foods/food";
import { judge } from "./judge";
import { plan, type PlanInput } from "./plan";
import { newMemory } from "./quantities/memory";
import { newStep, type Step, type StepKind, type StepOf } from "./process/registry";
import type { Line } from "./process/step";
import type { Schedule } from "./schedule/schedule";

const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
let count = 0;
const step = <K extends StepKind>(kind: K, adds: readonly Line[] = [], more: Partial<StepOf<K>> = {}): Step =>
  ({ ...newStep(kind, `${kind}-${count++}`), adds, ...more }) as unknown as Step;
const inputOf = (steps: readonly Step[], foods: readonly Food[] = [], waitsForTableMin = 10): PlanInput => {
  const part = { id: "p", name: "P", steps, waitsForTableMin, saltTarget: null, route: null };
  return supperInput([dishOf([part])], { foods });
};
const rulesOf = (input: PlanInput, schedule: Schedule | null = null) =>
  judge(input, plan(input), schedule).map((c) => c.rule);

describe("cautions follow the food that an own one is like", () => {
  test.each([
    ["kidney-beans-dry", "kidney-lectin", [step("cook", [food("own-1", 200), food("water", 900)])]],
    ["wheat-flour", "raw-flour", [step("bind", [food("own-1", 100), food("ground-flax", 20), food("water", 60)])]],
    ["wine-red", "alcohol", [step("simmer", [food("own-1", 200), food("water", 100)])]],
    ["chilli", "chilli-hands", [step("cut", [food("own-1", 20)])]],
    ["rice-cooked", "cooked-rice-days", [step("weigh", [food("own-1", 300)]), step("store", [], { days: 2 })]],
  ] as const)("like %s: %s", (like, rule, steps) => {
    const mine: Food = { ...ownFood("own-1", "Mine"), like, per100: { ...ownFood("x", "x").per100, waterG: 12 } };
    expect(rulesOf(inputOf(steps, [mine]))).toContain(rule);
    expect(rulesOf(inputOf(steps, [{ ...mine, like: null }]))).not.toContain(rule);
  });
});

describe("standing between two steps", () => {
  const tofu = step("weigh", [food("tofu-firm", 400)], { handsMin: 0 });
  const cut = step("cut", [], { handsMin: 0 });
  const season = step("season", [food("salt", 4)], { handsMin: 0 });
  const input = inputOf([tofu, cut, season], [], 5);
  const planned = plan(input);
  /** Everything as late as it can, with so many minutes between cutting and seasoning. */
  const timed = (gapMin: number): Schedule => {
    const starts: Record<string, number> = {};
    let at = -5;
    for (const task of planned.tasks.slice().reverse()) {
      at -= task.minutes;
      starts[task.id] = at;
      if (task.step === `d.${season.id}`) at -= gapMin;
    }
    return {
      kind: "fits",
      starts,
      startMin: at,
      handsBlocks: 1,
      handsMin: 9,
      boundMin: at,
      stretched: [],
      proven: true,
      nodesUsed: 0,
    };
  };
  test("by the clock: tofu that stands unchilled for three hours is stopped, with the minutes; under two hours it is not", () => {
    const [caution] = judge(input, planned, timed(180)).filter((c) => c.rule === "danger-zone");
    expect(caution).toMatchObject({ step: `d.${cut.id}`, severity: "stop", facts: { from: "clock", warmMin: 180 } });
    // Five minutes more until the table: 115 make exactly two hours.
    expect(rulesOf(input, timed(115))).not.toContain("danger-zone");
    expect(rulesOf(input, timed(116))).toContain("danger-zone");
  });
  test("in the fridge it may stand", () => {
    const chilled = inputOf([tofu, step("rest", [], { minutes: 30 }), season]);
    expect(rulesOf(chilled, null)).not.toContain("danger-zone");
  });
  test("without a clock the wait that the cook allows is told, when it would break the rule", () => {
    const allowed = (mayWaitMin: number | null) => rulesOf(inputOf([tofu, { ...cut, mayWaitMin } as Step, season]));
    expect(allowed(121)).toContain("danger-zone");
    expect(allowed(120)).not.toContain("danger-zone");
    expect(allowed(null)).not.toContain("danger-zone");
  });
  test("usual waits never contradict the rule: what has stood for 90 minutes may wait 30 more, not 240", () => {
    const stood = inputOf([tofu, step("rest", [], { minutes: 90, where: "worktop", handsMin: 0 }), cut, season]);
    const lag = plan(stood).lags.find((l) => l.from.includes(cut.id));
    expect(lag?.maxMin).toBe(30);
    // Fresh from the fridge it is the whole two hours, less than the usual four.
    expect(planned.lags.find((l) => l.from.includes(cut.id))?.maxMin).toBe(120);
  });
});

test("a plan is the same whatever was asked before, and with a memory or without", () => {
  const beans = (id: string, t90: number): Food => ({
    ...ownFood(id, id),
    like: "pinto-beans-dry",
    per100: { ...ownFood("x", "x").per100, waterG: 11 },
    process: {
      cook: {
        softMin: { low: 50, likely: 70, high: 90 },
        from: "soaked",
        cookedMoisture: { low: 1.6, likely: 1.7, high: 1.8 },
        leach: { low: 0.03, likely: 0.05, high: 0.08 },
        foams: true,
      },
      soak: {
        startMoisture: 0.12,
        fullMoisture: { low: 1.1, likely: 1.2, high: 1.3 },
        t90At20Min: { low: t90, likely: t90, high: t90 },
        activationKJ: { low: 40, likely: 40, high: 40 },
        leach: { low: 0.03, likely: 0.05, high: 0.08 },
      },
    },
  });
  // Two foods under one id whose soaking differs: the second one must not get the first one's minutes.
  const slow = inputOf([step("cook", [food("own-1", 200), food("water", 900)])], [beans("own-1", 900)]);
  const quick = inputOf(slow.supper.dishes[0]?.parts[0]?.steps ?? [], [beans("own-1", 300)]);
  const minutes = (input: PlanInput, memory = newMemory()) =>
    plan(input, { memory }).tasks.reduce((m, t) => m + t.minutes, 0);
  const [alone, other] = [minutes(slow), minutes(quick)];
  expect(alone).toBeGreaterThan(other + 5);
  const memory = newMemory();
  expect([minutes(slow, memory), minutes(quick, memory), minutes(slow, memory)]).toEqual([alone, other, alone]);
  const backwards = newMemory();
  expect([minutes(quick, backwards), minutes(slow, backwards)]).toEqual([other, alone]);
  expect(plan(slow)).toEqual(plan(slow, { memory }));
});
