import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import type { Dish } from "../dish/dish";
import { editStep } from "../dish/edit";
import { plan } from "../plan";
import type { Step } from "../process/registry";
import table from "../checks/check-values.json";
import { capacitiesOf } from "./capacities";
import { schedule } from "./schedule";
import { taskOf } from "./__tests__/questions";
import { broken } from "./__tests__/referee";
import { type Lag, type ScheduleInput, SERVE } from "./task";

/** Instances A and B of model card 15, whose optima were counted exhaustively by two independent searches. */
interface Instance {
  serve: number;
  tasks: Record<string, { dur: number; res: Record<string, number>; temp: number | null; attended: boolean }>;
  lags: [string, string, number, number | null][];
  cap: Record<string, number>;
  maxTempDiff_C: number;
  blockedSlots: number[];
}
const check = (id: string) =>
  (
    table as unknown as {
      checks: { id: string; inputs: Instance; expected: Record<string, number> & { starts: Record<string, number> } }[];
    }
  ).checks.find((c) => c.id === id) as {
    inputs: Instance;
    expected: Record<string, number> & { starts: Record<string, number> };
  };

function questionOf(instance: Instance): ScheduleInput {
  const names = Object.keys(instance.tasks);
  return {
    tasks: names.map((name) => {
      const t = instance.tasks[name] as Instance["tasks"][string];
      return {
        ...taskOf(0, t.dur, t.res, t.attended),
        id: name,
        kind: t.res.hands !== undefined ? "hands" : t.attended ? "watch" : "wait",
        ovenC: t.temp,
      };
    }),
    lags: instance.lags.map(([from, to, minMin, maxMin]) => ({
      from,
      to: to === "END" ? SERVE : to,
      minMin,
      maxMin,
    })),
    apart: [],
    capacities: instance.cap,
    blocked: instance.blockedSlots.map((slot) => [slot - instance.serve, slot - instance.serve + 1] as const),
    alikeK: instance.maxTempDiff_C,
    horizonMin: instance.serve,
    nodes: 60_000,
    objective: "card",
  };
}
function optimum(instance: Instance) {
  const found = schedule(questionOf(instance));
  expect(found.proven).toBe(true);
  if (found.kind !== "fits") return { feasible: false as const };
  const starts = Object.fromEntries(Object.entries(found.starts).map(([id, at]) => [id, at + instance.serve]));
  return {
    feasible: true as const,
    latestStart: found.startMin + instance.serve,
    handsBlocks: found.handsBlocks,
    sumStarts: Object.values(starts).reduce((a, b) => a + b, 0),
    starts,
  };
}

describe("published optima of card 15 (exhaustive search by two independent programs)", () => {
  test.each(["instance_A", "instance_B"])("%s", (id) => {
    const { inputs, expected } = check(id);
    expect(optimum(inputs)).toEqual({
      feasible: true,
      latestStart: expected.latestStart,
      handsBlocks: expected.handsBlocks,
      sumStarts: expected.sumStarts,
      starts: expected.starts,
    });
  });
  test("B at home on Saturday", () => {
    const { inputs } = check("instance_B");
    const home = { ...inputs, blockedSlots: inputs.blockedSlots.filter((s) => s < 66) };
    expect(optimum(home)).toMatchObject({ latestStart: 45, handsBlocks: 3, sumStarts: 583 });
  });
  test("B where heats within 30 K share the oven", () => {
    const { inputs } = check("instance_B");
    expect(optimum({ ...inputs, maxTempDiff_C: 30 })).toMatchObject({ latestStart: 15, sumStarts: 505 });
  });
  test("B without a longest wait from cook to mix", () => {
    const { inputs } = check("instance_B");
    const lags = inputs.lags.map((l): Instance["lags"][number] => (l[0] === "cook" ? [l[0], l[1], l[2], null] : l));
    expect(optimum({ ...inputs, lags })).toMatchObject({ latestStart: 15, handsBlocks: 3, sumStarts: 523 });
  });
  test("A with one burner, B with one shelf, and B with a short rest do not fit: proven", () => {
    const a = check("instance_A").inputs;
    const b = check("instance_B").inputs;
    expect(optimum({ ...a, cap: { ...a.cap, burner: 1 } }).feasible).toBe(false);
    expect(optimum({ ...b, cap: { ...b.cap, oven: 1 } }).feasible).toBe(false);
    const rested = b.lags.map((l): Instance["lags"][number] => (l[0] === "mix" ? [l[0], l[1], l[2], 20] : l));
    expect(optimum({ ...b, lags: rested }).feasible).toBe(false);
  });
});

const supperPlan = plan({
  supper: demoSupper("2026-11-29T19:00:00.000Z"),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
});
const demo: ScheduleInput = {
  tasks: supperPlan.tasks,
  lags: supperPlan.lags,
  apart: supperPlan.apart,
  capacities: capacitiesOf(DEMO_KITCHEN),
  blocked: [],
  horizonMin: 2 * 1440,
  nodes: 20_000,
};

describe("the demo supper", () => {
  test("fits, keeps every rule, and answers the same twice", () => {
    const first = schedule(demo);
    if (first.kind !== "fits") throw new Error("does not fit");
    expect(broken(demo, first.starts)).toEqual([]);
    expect(schedule(demo)).toEqual(first);
    expect(first.startMin).toBeGreaterThanOrEqual(-100);
    expect(first.boundMin).toBeGreaterThanOrEqual(first.startMin);
    const seared =
      (first.starts["sunday-supper/mustard-strips.sauce-join#0"] as number) -
      (first.starts["sunday-supper/mustard-strips.strips-sear#0"] as number) -
      14;
    expect(seared).toBeLessThanOrEqual(10);
  });
  test("an hour away in the afternoon is worked around", () => {
    const away = { ...demo, blocked: [[-60, -30] as const] };
    const found = schedule(away);
    if (found.kind === "fits") expect(broken(away, found.starts, "hard")).toEqual([]);
    else expect(found.reliefs.map((r) => r.kind)).toContain("be-home");
  });
  test("with no burner left it does not fit, and one more burner is named", () => {
    const one = schedule({ ...demo, capacities: { ...demo.capacities, burner: 0 }, nodes: 8_000 });
    expect(one.kind).toBe("does-not-fit");
    if (one.kind === "does-not-fit") expect(one.reliefs).toContainEqual({ kind: "one-more", resource: "burner" });
  });
  test("waits that contradict each other are named as the reason", () => {
    const lags: Lag[] = [
      ...demo.lags,
      { from: "sunday-supper/mustard-strips.strips-weigh#0", to: SERVE, minMin: 0, maxMin: 5 },
    ];
    const found = schedule({ ...demo, lags });
    expect(found).toMatchObject({ kind: "does-not-fit", proven: true });
    if (found.kind === "does-not-fit") expect(found.contradiction.some((l) => l.maxMin === 5)).toBe(true);
  });
  test("an unknown task is misuse", () => {
    expect(() => schedule({ ...demo, lags: [{ from: "nobody", to: SERVE, minMin: 0, maxMin: null }] })).toThrow(
      RangeError,
    );
  });
});

describe("every dish of the shelf on the clock", () => {
  test.each(DEMO_DISHES.map((d) => [d.id, d] as const))(
    "%s: what joins is made before, and oil heats meanwhile",
    (_id, dish) => {
      const planned = plan({
        supper: { ...demoSupper("2026-11-29T19:00:00.000Z"), dishes: [dish] },
        foods: [],
        labels: [],
        kitchen: DEMO_KITCHEN,
        eaters: DEMO_EATERS,
        log: [],
      });
      const found = schedule({
        ...planned,
        capacities: capacitiesOf(DEMO_KITCHEN),
        blocked: [],
        horizonMin: 6 * 1440,
        nodes: 6_000,
      });
      if (found.kind !== "fits") throw new Error("does not fit");
      const tasksOf = (step: string) => planned.tasks.filter((t) => t.step === `${dish.id}.${step}`);
      const end = (step: string) => Math.max(...tasksOf(step).map((t) => (found.starts[t.id] as number) + t.minutes));
      for (const part of dish.parts)
        for (const step of part.steps)
          for (const line of step.adds) {
            const before =
              line.kind === "part"
                ? dish.parts.find((p) => p.id === line.part)?.steps.at(-1)?.id
                : line.kind === "liquor"
                  ? line.step
                  : undefined;
            if (before === undefined) continue;
            const entry = tasksOf(step.id).find((t) => t.kind === "hands") as { id: string };
            expect(end(before)).toBeLessThanOrEqual(found.starts[entry.id] as number);
          }
    },
  );
});

test("of the frozen dish a thaw that may not be through is to begin early, one that surely is is not", () => {
  const frozen = DEMO_DISHES.find((d) => d.parts.some((p) => p.steps.some((s) => s.kind === "thaw"))) as Dish;
  const thaw = frozen.parts.flatMap((p) => p.steps).find((s) => s.kind === "thaw") as Step;
  const earlyIn = (minutes: number) => {
    const dish = editStep(frozen, thaw.id, (s) => ({ ...s, minutes }) as Step);
    const supper = { ...demoSupper("2026-11-29T19:00:00.000Z"), dishes: [dish] };
    const made = plan({ supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: [], log: [] });
    return [...new Set(made.tasks.flatMap((t) => (t.early ? [t.step] : [])))];
  };
  // 10 to 22 h for such a block in the fridge.
  expect(earlyIn(15 * 60)).toEqual(["torn-filling.torn-thaw"]);
  expect(earlyIn(36 * 60)).toEqual([]);
});
