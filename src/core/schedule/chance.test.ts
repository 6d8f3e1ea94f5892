import { DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import values from "../checks/check-values.json";
import { plan } from "../plan";
import { lognormal } from "../quantities/range";
import { sampleRanges } from "../sampling";
import { capacitiesOf } from "./capacities";
import { chanceOnTime, type ChanceQuestion, type Duration, durationOf } from "./chance";
import { chanceQuestion } from "./chanceQuestion";
import { scheduleQuestion } from "./question";
import { schedule } from "./schedule";
import { SERVE, type Task } from "./task";

/** Durations from their 10th and 90th percentile, as the check gives them. */
const from = (low: number, high: number): Duration => ({
  minutes: lognormal(low, Math.sqrt(low * high), high),
  needs: null,
});
const task = (id: string, more: Partial<Task> = {}): Task => ({
  id,
  step: id,
  dish: "d",
  part: "p",
  kind: "wait",
  minutes: 1,
  demands: {},
  ovenC: null,
  ...more,
});
/** Tasks one after the other, all of them planned at the same moment, so that nothing but the chain counts. */
function chain(spreads: readonly (readonly [number, number])[], startMin: number): ChanceQuestion {
  const tasks = spreads.map((_, i) => task(`t${i}`));
  return {
    tasks,
    lags: tasks.map((t, i) => ({
      from: t.id,
      to: tasks[i + 1]?.id ?? SERVE,
      minMin: 0,
      maxMin: null,
    })),
    apart: [],
    capacities: {},
    starts: Object.fromEntries(tasks.map((t, i) => [t.id, startMin + i * 1e-6])),
    durations: new Map(spreads.map(([low, high], i) => [`t${i}`, from(low, high)])),
  };
}
const THREE = (values.checks as unknown as { id: string }[]).find((c) => c.id === "chain_three_tasks") as unknown as {
  inputs: { p10_p90_min: [number, number][] };
  expected: { mean: number; P_le_60: number; P_le_55: number; q90: number };
};

test("a rest that is longer than the way round over another task holds", () => {
  const tasks = ["a", "b", "c"].map((id) => task(id, { minutes: 10 }));
  const lag = (from: string, to: string, minMin = 0) => ({ from, to, minMin, maxMin: null });
  const question: ChanceQuestion = {
    tasks,
    lags: [lag("a", "b"), lag("b", "c"), lag("a", "c", 30), lag("c", SERVE)],
    apart: [],
    capacities: {},
    starts: { a: -50, b: -40, c: -10 },
    durations: new Map([["a", { minutes: lognormal(25, 25, 25), needs: null }]]),
  };
  // a ends at −25 instead of −40, 15 late, so c begins 30 later, at 5.
  expect(chanceOnTime(question, 100).likelyMin).toBeCloseTo(15, 6);
});
describe("against convolution (check 14-time, chain_three_tasks; 4,000 runs are good to ± 0.02)", () => {
  const { inputs, expected } = THREE;
  test.each([
    [60, expected.P_le_60],
    [55, expected.P_le_55],
  ])("within %d minutes", (minutes, share) => {
    // Half a minute of grace is taken off again.
    const { onTime, error } = chanceOnTime(chain(inputs.p10_p90_min, -minutes + -0.5 + 1));
    expect(Math.abs(onTime - share)).toBeLessThan(0.02);
    expect(error).toBeCloseTo(Math.sqrt((onTime * (1 - onTime)) / 4000), 6);
  });
  test("the ninetieth percentile is how much earlier it has to begin", () => {
    const { earlierMin, likelyMin } = chanceOnTime(chain(inputs.p10_p90_min, 0));
    expect(earlierMin).toBeGreaterThanOrEqual(Math.floor(expected.q90) - 1);
    expect(earlierMin).toBeLessThanOrEqual(Math.ceil(expected.q90) + 1);
    expect(likelyMin).toBeCloseTo(expected.mean, -0.5);
  });
  test("two side by side are later than either: the product of their shares (closed form)", () => {
    const { onTime: alone } = chanceOnTime(chain([[8, 18]], -14.5));
    const one = chain(
      [
        [8, 18],
        [8, 18],
      ],
      -14.5,
    );
    const both = { ...one, lags: one.tasks.map((t) => ({ from: t.id, to: SERVE, minMin: 0, maxMin: null })) };
    expect(Math.abs(chanceOnTime(both).onTime - alone ** 2)).toBeLessThan(0.02);
  });
});

test("what slips, slips on: the ninetieth of each end (closed form: P90 of the first alone; the convolution's of all three)", () => {
  const { inputs, expected } = THREE;
  const { slips } = chanceOnTime(chain(inputs.p10_p90_min, -30));
  // A task of the chain is planned to take 1 min.
  expect(Math.abs((slips.t0 ?? 0) - ((inputs.p10_p90_min[0] as [number, number])[1] - 1))).toBeLessThanOrEqual(1);
  expect(Math.abs((slips.t2 ?? 0) - (expected.q90 - 1))).toBeLessThanOrEqual(1);
  expect(Object.keys(chanceOnTime({ ...chain([[10, 12]], -1), durations: new Map() }).slips)).toEqual([]);
});

test("what shares one thing waits for it, what has room for both does not", () => {
  const tasks = [
    task("a", { minutes: 10, demands: { burner: 1 } }),
    task("b", { minutes: 10, demands: { burner: 1 } }),
  ];
  const of = (burners: number): ChanceQuestion => ({
    tasks,
    lags: tasks.map((t) => ({ from: t.id, to: SERVE, minMin: 0, maxMin: null })),
    apart: [],
    capacities: { burner: burners },
    starts: { a: -20, b: -10 },
    durations: new Map([["a", from(14.99, 15.01)]]),
  });
  // The first one takes five minutes longer: with one burner the second is late by them.
  expect(chanceOnTime(of(1)).likelyMin).toBeCloseTo(5, 0);
  expect(chanceOnTime(of(1)).causes).toEqual([{ step: "a", minutes: expect.closeTo(5, 0) }]);
  expect(chanceOnTime(of(2)).likelyMin).toBeCloseTo(0, 0);
  expect(chanceOnTime({ ...of(2), apart: [[["a"], ["b"]]] }).likelyMin).toBeCloseTo(5, 0);
});
test("all hands of an evening are slow together: more late evenings than if each were slow by itself", () => {
  const spread = (kind: Task["kind"]) => {
    const q = chain(
      Array.from({ length: 8 }, () => [9, 11] as const),
      -84,
    );
    return chanceOnTime({ ...q, tasks: q.tasks.map((t) => ({ ...t, kind })) }).earlierMin;
  };
  expect(spread("hands")).toBeGreaterThan(spread("wait") + 3);
});
test("a thaw that may not be through counts, one that surely is does not", () => {
  const thaw = (givenMin: number) =>
    durationOf(task("t", { minutes: givenMin }), givenMin, null, [
      { kind: "through", what: "thawed", neededMin: 600, lowMin: 480, highMin: 750, givenMin },
    ]);
  const of = (givenMin: number) =>
    chanceOnTime({
      ...chain([[1, 2]], -givenMin),
      tasks: [task("t0", { minutes: givenMin })],
      durations: new Map([["t0", thaw(givenMin)]]),
    });
  expect(of(1500).onTime).toBe(1);
  expect(Math.abs(of(600).onTime - 0.5)).toBeLessThan(0.03);
  expect(of(600).earlierMin).toBeGreaterThan(120);
});
test("no spread is certain; equal seeds give equal answers", () => {
  const q = { ...chain([[10, 12]], -1), durations: new Map() };
  expect(chanceOnTime(q)).toMatchObject({ onTime: 1, error: 0, earlierMin: 0, causes: [] });
  const r = chain([[10, 14]], -12);
  expect(chanceOnTime(r)).toEqual(chanceOnTime(r));
  expect(chanceOnTime(r, 4000, 2)).not.toEqual(chanceOnTime(r));
  expect(durationOf(task("t"), 0, { low: 1, high: 2 }, []).minutes).toEqual({ low: 1, likely: 1, high: 1 });
  expect(durationOf(task("t", { minutes: 10 }), 20, { low: 16, high: 25 }, []).minutes).toMatchObject({
    low: 8,
    high: 12.5,
    lognormal: true,
  });
});
test("the demo supper: as late as it can be begun it is a gamble, and begun as much earlier as it says it is not", () => {
  const supper = demoSupper("2026-11-29T19:00:00.000Z");
  const input = { supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: DEMO_EATERS, log: [] };
  const made = plan(input);
  const found = schedule(scheduleQuestion(made, DEMO_KITCHEN, supper.serveAt));
  if (found.kind !== "fits") throw new Error("does not fit");
  const sampling = sampleRanges(input, 200, 1);
  let run = sampling.next();
  while (run.done !== true) run = sampling.next();
  const question = chanceQuestion(made, found, run.value, capacitiesOf(DEMO_KITCHEN));
  const asked = chanceOnTime(question);
  expect(asked.onTime).toBeLessThan(0.6);
  expect(asked.earlierMin).toBeGreaterThan(3);
  expect(asked.causes.length).toBeGreaterThan(0);
  const earlier = Object.fromEntries(Object.entries(question.starts).map(([id, at]) => [id, at - asked.earlierMin]));
  expect(Math.abs(chanceOnTime({ ...question, starts: earlier }).onTime - 0.9)).toBeLessThan(0.03);
});
