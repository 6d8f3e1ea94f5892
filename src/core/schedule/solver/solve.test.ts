import { DEMO_DISHES } from "@/demo/household";
import kitchens from "../../checks/clock-instances.json";
import published from "../../checks/instances.json";
import { random } from "../../process/__tests__/context";
import { demoQuestion, kitchenQuestion, publishedQuestion, randomQuestion, taskOf } from "../__tests__/questions";
import { broken, costOf } from "../__tests__/referee";
import { schedule } from "../schedule";
import { type Lag, type ScheduleInput, SERVE, type Task } from "../task";
import { many, seedOf } from "../../__tests__/proof";

// Thirty kitchen instances whose optima MiniZinc with Gecode 6.2 proved.
test.each(kitchens.instances.map((x) => [x.name, x] as const))("%s: the optimum that Gecode proved", (_name, x) => {
  const input = kitchenQuestion(x);
  const found = schedule(input);
  if (found.kind === "fits") expect(broken(input, found.starts)).toEqual([]);
  const start = found.kind === "fits" ? found.startMin + x.horizonSlots : null;
  expect([found.proven, start]).toEqual([true, x.latestFirstStart]);
});
test.each(kitchens.instances.map((x) => [x.name, x] as const))("%s: the makespan that Gecode proved", (_name, x) => {
  // Forwards: everything begins at 0 or later, the nights lie where they lay.
  const input = { ...kitchenQuestion(x), objective: "makespan" as const };
  const found = schedule(input);
  const ends = input.tasks.map((t) => (found.kind === "fits" ? (found.starts[t.id] as number) : NaN) + t.minutes);
  expect([found.proven, found.kind === "fits" ? Math.max(...ends) + x.horizonSlots : null]).toEqual([true, x.makespan]);
});
// Optima: Kolisch and Sprecher 1996; Fisher and Thompson 1963; Lawrence 1984.
test.each(published.instances.map((x) => [x.id, x] as const))("%s: the published makespan", (_id, x) => {
  const input = publishedQuestion(x);
  const found = schedule(input);
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(broken(input, found.starts)).toEqual([]);
  const ends = input.tasks.map((t) => (found.starts[t.id] as number) + t.minutes);
  expect([found.proven, Math.max(...ends) + input.horizonMin]).toEqual([true, x.optimum]);
});

const SEEDS = Array.from({ length: many(60, 600) }, (_, i) => seedOf(i));
test("random kitchens: every plan passes a referee that shares no code, and is proven", () => {
  let fits = 0;
  let long = 0;
  for (const seed of SEEDS) {
    const input = randomQuestion(seed);
    const found = schedule(input);
    expect([seed, found.proven]).toEqual([seed, true]);
    if (found.kind !== "fits") continue;
    fits++;
    expect([seed, broken(input, found.starts, "hard")]).toEqual([seed, []]);
    expect(Math.min(...Object.values(found.starts))).toBe(found.startMin);
    // What is told of long waits is what the referee finds against the usual limits.
    expect(broken(input, found.starts, "usual")).toHaveLength(found.stretched.length);
    if (found.stretched.length > 0) long++;
  }
  expect(fits).toBeGreaterThan(SEEDS.length * 0.6);
  expect(long).toBeGreaterThan(SEEDS.length * 0.06);
});

/** Five small tasks, of which every placing is looked at. */
function smallQuestion(seed: number): ScheduleInput {
  const r = random(seed + 1000);
  const whole = (low: number, high: number) => low + Math.floor(r() * (high - low + 1));
  const tasks = Array.from({ length: 4 }, (_, i): Task => {
    const task = taskOf(i, whole(1, 4), r() < 0.5 ? { hands: 1 } : { oven: 1 }, r() < 0.5);
    const at = whole(-8, -5);
    const held = r() < 0.15 ? { notBefore: at, notAfter: at + whole(0, 3) } : {};
    return { ...task, ...held, ovenC: "oven" in task.demands && r() < 0.5 ? 180 : null };
  });
  const lag = (from: number, to: string): Lag => {
    const maxMin = whole(0, 3);
    return { from: String(from), to, minMin: 0, maxMin, hardMin: maxMin + 4, pointsPerMin: whole(1, 12) / 60 };
  };
  const afterMin = whole(0, 3);
  return {
    tasks,
    lags: [lag(0, "1"), lag(2, "3"), { ...lag(1, SERVE), afterMin }, lag(3, SERVE)],
    apart: r() < 0.3 ? [[["0", "1"], ["2", "3"]]] : [], // prettier-ignore
    capacities: { hands: 1, oven: whole(1, 2) },
    blocked: r() < 0.5 ? [[-6, -3]] : [],
    budgets: r() < 0.4 ? [{ lags: [{ from: "0", to: "1" }, { from: "2", to: "3" }], mostMin: whole(0, 3), rule: "warm" }] : [], // prettier-ignore
    ...(r() < 0.3 ? { gone: { oven: [[-9, -4, 1]], hands: [[-4, -2, 1], [-3, -1, 1]] } } : {}), // prettier-ignore
    horizonMin: 9,
    nodes: 20_000,
  };
}
/** The cheapest of all plans, by looking at every one. */
function cheapest(input: ScheduleInput): number | null {
  const { tasks, horizonMin } = input;
  let best: number | null = null;
  const starts: Record<string, number> = {};
  const place = (i: number): void => {
    if (i === tasks.length) {
      const cost = costOf(input, starts);
      if ((best === null || cost < best) && broken(input, starts, "hard").length === 0) best = cost;
      return;
    }
    const task = tasks[i] as Task;
    for (let at = 3 - task.minutes; at >= -horizonMin; at--) {
      starts[task.id] = at;
      place(i + 1);
    }
  };
  place(0);
  return best;
}
test("small questions: as cheap as the cheapest of all plans", () => {
  let fits = 0;
  for (let n = 0; n < many(8, 60); n++) {
    const seed = seedOf(n);
    const input = smallQuestion(seed);
    const least = cheapest(input);
    const found = schedule(input);
    const cost = found.kind === "fits" ? costOf(input, found.starts) : null;
    expect([seed, found.proven, cost === null]).toEqual([seed, true, least === null]);
    if (cost === null) continue;
    fits++;
    expect([seed, cost.toFixed(6)]).toEqual([seed, (least as number).toFixed(6)]);
  }
  expect(fits).toBeGreaterThan(many(1, 20));
});

test("of equal plans a thaw that may not be through begins early, where somebody is in the kitchen anyway; all else late", () => {
  const task = (id: string, minutes: number, kind: Task["kind"], more: Partial<Task> = {}): Task => ({
    ...taskOf(0, minutes, kind === "hands" ? { hands: 1 } : {}, kind !== "wait"),
    id,
    kind,
    ...more,
  });
  const block = (early: boolean): ScheduleInput => ({
    // Beans begin 600 min before; the block may be put to thaw by the same hands, or late in the day.
    tasks: [
      task("soak", 5, "hands"),
      task("out", 5, "hands", { early }),
      task("thaw", 200, "wait", { early }),
      task("fry", 10, "hands"),
    ],
    lags: [
      { from: "soak", to: SERVE, minMin: 595, maxMin: null },
      { from: "out", to: "thaw", minMin: 0, maxMin: 0 },
      { from: "thaw", to: "fry", minMin: 0, maxMin: null },
      { from: "fry", to: SERVE, minMin: 0, maxMin: 5 },
    ],
    apart: [],
    capacities: { hands: 1 },
    blocked: [],
    horizonMin: 1440,
    nodes: 6_000,
  });
  expect(schedule(block(true))).toMatchObject({
    startMin: -600,
    starts: { soak: -600, out: -595, thaw: -590, fry: -10 },
  });
  // Both in one stretch of hands, so without the wish it is the same here; with the fry near it is not.
  const late = schedule({
    ...block(false),
    lags: block(false).lags.map((l) => (l.from === "thaw" ? { ...l, maxMin: 60 } : l)),
  });
  expect(late).toMatchObject({ starts: { out: -215, thaw: -210, fry: -10 } });
  const wished = schedule({
    ...block(true),
    lags: block(true).lags.map((l) => (l.from === "thaw" ? { ...l, maxMin: 60 } : l)),
  });
  expect(wished).toMatchObject({ startMin: -600, starts: { soak: -600, thaw: -270, fry: -10 } });
});
/** Bakes on the one shelf, back to back, so that only their order is open. */
const bakes = (of: readonly (readonly [minutes: number, ovenC: number])[]): ScheduleInput => ({
  tasks: of.map(([minutes, ovenC], i) => ({ ...taskOf(i, minutes, { oven: 1 }, false), ovenC })),
  lags: of.map((_, i) => ({ from: String(i), to: SERVE, minMin: 0, maxMin: null })),
  apart: [],
  capacities: { oven: 1 },
  blocked: [],
  horizonMin: of.reduce((sum, [minutes]) => sum + minutes, 0),
  nodes: 20_000,
});
/** How often the oven is brought to a heat, bake after bake. */
const heatsOf = (of: readonly (readonly [number, number])[], order: readonly number[]) =>
  order.filter((b, at) => at === 0 || Math.abs((of[order[at - 1] as number]?.[1] ?? 0) - (of[b]?.[1] ?? 0)) > 10)
    .length;
const orderOf = (starts: Readonly<Record<string, number>>) =>
  Object.keys(starts)
    .map(Number)
    .sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0));
test("of equal plans the one in which the oven changes its heat least: against every order of drawn bakes", () => {
  // By lateness alone the longest comes first, and 180 °C twice.
  const three = [[30, 180], [20, 220], [10, 180]] as const; // prettier-ignore
  const found = schedule(bakes(three));
  expect(found.kind === "fits" && heatsOf(three, orderOf(found.starts))).toBe(2);
  const orders = (left: readonly number[]): number[][] =>
    left.length === 0 ? [[]] : left.flatMap((b) => orders(left.filter((x) => x !== b)).map((rest) => [b, ...rest]));
  // On two shelves the short one joins late: that it keeps the heat is no reason to put it in with the long one.
  expect(schedule({ ...bakes(three), capacities: { oven: 2 }, horizonMin: 50 })).toMatchObject({
    starts: { "0": -30, "1": -50, "2": -10 },
  });
  for (let seed = 0; seed < 12; seed++) {
    const r = random(seed + 70);
    const of = Array.from({ length: 5 }, () => [5 + Math.floor(r() * 20), 160 + 20 * Math.floor(r() * 3)] as const);
    const asked = schedule(bakes(of));
    const least = Math.min(...orders([0, 1, 2, 3, 4]).map((order) => heatsOf(of, order)));
    expect([seed, asked.kind === "fits" && heatsOf(of, orderOf(asked.starts))]).toEqual([seed, least]);
  }
});
test("more work never gives a worse plan", () => {
  const input = demoQuestion([2, 10]);
  const costs = [1, 20, 400, 8_000].map((nodes) => {
    const found = schedule({ ...input, nodes });
    return found.kind === "fits" ? costOf(input, found.starts) : Infinity;
  });
  expect([...costs].sort((a, b) => b - a)).toEqual(costs);
  expect(costs.at(-1)).toBeLessThan(costs[0] as number);
});
test("better plans are told as they are found, each cheaper than the one before", () => {
  const input = demoQuestion([0]);
  const told: number[] = [];
  const found = schedule(input, (starts) => told.push(costOf(input, starts)));
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(told.length).toBeGreaterThan(1);
  expect(told[0]).toBeGreaterThan(costOf(input, found.starts));
  expect(Math.min(...told)).toBeCloseTo(costOf(input, found.starts), 6);
});
test("a point of bite is worth as many minutes as the cook says", () => {
  const input = demoQuestion([1]);
  const start = (pointMin: number) => {
    const found = schedule({ ...input, pointMin });
    return found.kind === "fits" ? [found.startMin, found.stretched.length] : [];
  };
  // Where bite is worth much it begins earlier and nothing waits too long.
  expect(start(1000)[1]).toBe(0);
  expect(start(1)[0]).toBeGreaterThan(start(1000)[0] as number);
});

const names = DEMO_DISHES.map((d) => d.id);
test.each(names.map((id, i) => [id, i] as const))("%s alone is proven", (_id, i) => {
  const input = demoQuestion([i]);
  const found = schedule(input);
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(found.proven).toBe(true);
  expect(broken(input, found.starts, "hard")).toEqual([]);
});
const PAIRS = names.flatMap((a, i) =>
  names.slice(i + 1).flatMap((b, k) => ((i * 7 + k) % 4 === 0 ? [[`${a} and ${b}`, [i, i + 1 + k]] as const] : [])),
);
test.each(PAIRS)("%s together have a plan; what waits longer than usual is told with its price", (_name, dishes) => {
  const input = demoQuestion(dishes);
  const found = schedule({ ...input, nodes: 6_000 });
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(broken(input, found.starts, "hard")).toEqual([]);
  expect(broken(input, found.starts, "usual")).toHaveLength(found.stretched.length);
  for (const s of found.stretched) expect(s.points).toBeGreaterThan(0);
});
test("five dishes at once have a plan", () => {
  const input = demoQuestion([0, 1, 2, 3, 4]);
  const found = schedule({ ...input, nodes: 3_000 });
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(broken(input, found.starts, "hard")).toEqual([]);
});

test("a task that alone needs more than there is never fits; three that share one thing in parts do not overdraw it", () => {
  const input = (tasks: readonly Task[], capacities: ScheduleInput["capacities"]): ScheduleInput => ({
    tasks,
    lags: [],
    apart: [],
    capacities,
    blocked: [],
    horizonMin: 200,
    nodes: 2000,
  });
  const alone = input([taskOf(0, 10, { oven: 2 }, true)], { oven: 1 });
  expect(schedule(alone)).toMatchObject({ kind: "does-not-fit", proven: true });
  const shared = input([0, 1, 2].map((i) => taskOf(i, 10, { oven: 0.4 }, true)), { oven: 1 }); // prettier-ignore
  const found = schedule(shared);
  if (found.kind !== "fits") throw new Error("does not fit");
  expect([broken(shared, found.starts), found.startMin]).toEqual([[], -20]);
});
