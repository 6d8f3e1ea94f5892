import { CARAWAY_PATTIES, DEMO_KITCHEN, demoSupper, MUSTARD_STRIPS } from "@/demo/household";
import { editStep } from "../dish/edit";
import { plan, type PlanInput } from "../plan";
import { type LogEntry, progressOf } from "../process/log";
import { descriptorOf } from "../process/registry";
import { SALT_TARGETS } from "../models/salt";
import { burnersOf } from "./burners";
import { type Coming, nextUp } from "./nextUp";
import { schedule, type Schedule } from "./schedule";
import { scheduleQuestion } from "./question";
import { cutShort, lastDone, minutesUnattended, openNow, paceOf, runningTimers, stepInHand, timerOf } from "./underWay";
import { waitsBetween } from "./waits";
import { orderOfWork, rowsOf, takesUp } from "./work";

const supper = demoSupper("2026-11-29T19:00:00.000Z");
const input: PlanInput = { supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: [], log: [] };
const planned = plan(input);
const found = schedule(scheduleQuestion(planned, DEMO_KITCHEN, supper.serveAt));
if (found.kind !== "fits") throw new Error("the demo fits");
const key = (step: string) => `mustard-strips.${step}`;
const moves = orderOfWork(planned, found);

describe("the order of work", () => {
  test("by their beginnings, ties by the order of the dish; without times in the order of the dish", () => {
    const starts = moves.map((m) => m.startMin);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    expect(moves[0]?.startMin).toBe(found.startMin);
    expect(orderOfWork(planned, null).map((m) => m.key)).toEqual(rowsOf(planned).map((r) => r.key));
    const sear = moves.find((m) => m.key === key("strips-sear"));
    expect(sear).toMatchObject({ part: "Strips", dish: MUSTARD_STRIPS.name });
    expect(sear?.minutes).toBeGreaterThanOrEqual(sear?.handsMin ?? Infinity);
  });
  test("a step that cannot be computed, and those that wait for it, have no place in it", () => {
    const gone = editStep(MUSTARD_STRIPS, "strips-marinate", (s) => ({
      ...s,
      adds: [{ kind: "food", food: "gone", massG: 3 }],
    }));
    const broken = plan({ ...input, supper: { ...supper, dishes: [gone] } });
    const keys = orderOfWork(broken, null).map((m) => m.key);
    expect(keys).toContain(key("strips-squeeze"));
    expect(keys).not.toContain(key("strips-marinate"));
    expect(keys).not.toContain(key("strips-sear"));
  });
  test("a step that takes a liquor takes up the step that poured it off, and parts of another dish are not its own", () => {
    const dish = editStep(MUSTARD_STRIPS, "sauce-simmer", (s) => ({
      ...s,
      adds: [...s.adds, { kind: "liquor", step: "strips-drain", share: 0.2 }],
    }));
    const twice = { ...MUSTARD_STRIPS, id: "again" };
    const both = plan({ ...input, supper: { ...supper, dishes: [twice, dish] } });
    const row = (id: string) => rowsOf(both).find((r) => r.key === key(id))!;
    expect(takesUp(both, row("sauce-simmer"))).toEqual([key("sauce-brown"), key("strips-drain")]);
    expect(takesUp(both, row("sauce-join"))).toEqual([key("sauce-thicken"), key("strips-sear")]);
  });
  test("a step takes up what stands before it in its part, and the last of each part that joins", () => {
    const row = (id: string) => rowsOf(planned).find((r) => r.key === key(id))!;
    expect(takesUp(planned, row("strips-drain"))).toEqual([key("strips-soak")]);
    expect(takesUp(planned, row("sauce-join"))).toEqual([key("sauce-thicken"), key("strips-sear")]);
    expect(takesUp(planned, row("strips-weigh"))).toEqual([]);
  });
});

describe("burners", () => {
  test("none holds two steps at once, and where there is a choice the hottest step has the strongest", () => {
    const stands = burnersOf(planned, found, DEMO_KITCHEN);
    const byBurner = new Map<string, [number, number][]>();
    for (const m of moves) {
      const burner = stands.get(m.key);
      if (burner) byBurner.set(burner, [...(byBurner.get(burner) ?? []), [m.startMin, m.startMin + m.minutes]]);
    }
    for (const spans of byBurner.values())
      for (const [i, [from, to]] of spans.entries())
        for (const [f, t] of spans.slice(i + 1)) expect(to <= f || from >= t).toBe(true);
    const watts = (step: string) => DEMO_KITCHEN.burners.find((b) => b.id === stands.get(key(step)))?.watts;
    expect(watts("strips-sear")).toBe(1800);
    expect(stands.has(key("strips-soak"))).toBe(false);
    // One burner for two that want it at the same time: the hotter one stands on it.
    const one = { ...DEMO_KITCHEN, burners: DEMO_KITCHEN.burners.slice(0, 1) };
    const clash = { ...found, starts: Object.fromEntries(planned.tasks.map((t) => [t.id, -20])) };
    expect([...burnersOf(planned, clash, one).keys()]).toEqual([key("strips-sear")]);
    expect(burnersOf(planned, { ...found, kind: "does-not-fit" } as never, one).size).toBe(0);
  });
});

describe("under way", () => {
  const begun = progressOf([
    { kind: "begun", at: 0, step: key("strips-weigh") },
    { kind: "done", at: 60_000, step: key("strips-weigh") },
    { kind: "timer", at: 60_000, step: key("strips-soak"), minutes: 10 },
    { kind: "timer", at: 90_000, step: "gone.step", minutes: 0 },
  ]);
  test("the step in hand is the first that is not done, the last one when all are, none when there is none", () => {
    expect(stepInHand(moves, begun)).toBe(moves.findIndex((m) => m.key !== key("strips-weigh")));
    const all = progressOf(moves.map((m, i) => ({ kind: "done", at: i, step: m.key }) as const));
    expect(stepInHand(moves, all)).toBe(moves.length - 1);
    expect(stepInHand([], begun)).toBeNull();
  });
  test("a step may be taken out of its turn when what it takes up is done; when it is over the first open one comes", () => {
    const at = (log: Parameters<typeof progressOf>[0]) => moves[stepInHand(moves, progressOf(log)) as number]?.key;
    const begun = { kind: "begun", at: 1, step: moves[0]!.key } as const;
    expect(at([begun])).toBe(moves[0]?.key);
    const now = openNow(planned, moves, progressOf([begun]));
    expect([...now].sort()).toEqual([key("mash-cut"), key("sauce-cut"), key("strips-weigh")].sort());
    const turned = { kind: "begun", at: 2, step: key("mash-cut") } as const;
    expect(at([begun, turned])).toBe(key("mash-cut"));
    const done = { kind: "done", at: 3, step: key("mash-cut") } as const;
    expect(at([begun, turned, done])).toBe(moves[0]?.key);
    expect(openNow(planned, moves, progressOf([begun, turned, done]))).toContain(key("mash-boil"));
    // The way back leads to what was done last, whatever its place.
    expect(lastDone(progressOf([begun, turned, done]))).toBe(key("mash-cut"));
    expect(lastDone(progressOf([begun]))).toBeNull();
    expect(at([begun, turned, done, { kind: "reopened", at: 4, step: key("mash-cut") }])).toBe(key("mash-cut"));
  });
  test("put aside it stays until something is noted again", () => {
    const aside = { kind: "aside", at: 7 } as const;
    expect(progressOf([aside]).asideAt).toBe(7);
    expect(progressOf([aside, { kind: "cue", at: 8, step: "x", seen: true }]).asideAt).toBeNull();
  });
  test("leaving is asked while something it takes up has time left, and at the end while anything has", () => {
    const running = (step: string, leftMs: number) => ({ step, leftMs, totalMs: 60_000, where: "worktop" as const });
    const timers = [running("a.soak", 5_000), running("a.boil", -1)];
    expect(cutShort(timers, ["a.soak"], false)?.step).toBe("a.soak");
    expect(cutShort(timers, ["a.boil"], false)).toBeNull();
    expect(cutShort(timers, [], false)).toBeNull();
    expect(cutShort(timers, [], true)?.step).toBe("a.soak");
    expect(cutShort([running("a.boil", 0)], ["a.boil"], true)).toBeNull();
  });
  test("a timer is for what passes by itself, else for a batch, else there is none", () => {
    const outcome = (id: string) => {
      const row = rowsOf(planned).find((r) => r.key === key(id));
      if (row?.state !== "computed") throw new Error(id);
      return row.outcome;
    };
    expect(timerOf(outcome("strips-soak"))).toEqual({ minutes: 10, of: "step" });
    expect(minutesUnattended(outcome("strips-soak"))).toBe(10);
    const sear = timerOf(outcome("strips-sear"));
    expect(sear?.of).toBe("batch");
    expect(sear?.minutes).toBeGreaterThan(2);
    expect(timerOf(outcome("strips-weigh"))).toBeNull();
  });
  test("timers count from the instant they were started, wherever they stand, and below zero once they ran out", () => {
    const rows = new Map(rowsOf(planned).map((r) => [r.key, r]));
    const timers = runningTimers(begun, rows, 60_000 + 4 * 60_000);
    expect(timers[0]).toMatchObject({ where: "worktop", leftMs: 6 * 60_000, totalMs: 600_000 });
    expect(timers[1]).toMatchObject({ where: "worktop", leftMs: 90_000 - 300_000, totalMs: 1 });
    const boiling = progressOf([{ kind: "timer", at: 0, step: key("mash-boil"), minutes: 5 }]);
    expect(runningTimers(boiling, rows, 0)[0]?.where).toBe("burner");
  });
  test("late is what its hands-on work should be over by, early what should not have begun", () => {
    const at = (minute: number) => paceOf({ startMin: -60, handsMin: 10 }, minute * 60_000, 0);
    expect(at(-70)).toEqual({ lateMin: 0, earlyMin: 10 });
    expect(at(-55)).toEqual({ lateMin: 0, earlyMin: 0 });
    expect(at(-50)).toEqual({ lateMin: 0, earlyMin: 0 });
    expect(at(-43)).toEqual({ lateMin: 7, earlyMin: 0 });
  });
});

describe("what comes next", () => {
  const coming = (cooking: Coming["cooking"], firstAt: number | null): Coming => ({ cooking, firstAt });
  test("a cooking under way before everything, then the earliest beginning; done and timeless ones are passed over", () => {
    const [late, soon] = [coming("none", 200), coming("none", 100)];
    expect(nextUp([late, soon, coming("none", null), coming("done", 1)])).toBe(soon);
    const underWay = coming("under way", 900);
    expect(nextUp([soon, underWay])).toBe(underWay);
    const aside = coming("aside", 5);
    expect(nextUp([aside, soon])).toBe(soon);
    expect(nextUp([coming("done", 1), aside])).toBe(aside);
    expect(nextUp([coming("none", null), coming("done", 5)])).toBeNull();
    expect(nextUp([])).toBeNull();
  });
});

test("waits between steps by the clock, the longest of several takers", () => {
  const task = (id: string, minutes: number) => ({
    id,
    step: id,
    dish: "d",
    part: "p",
    kind: "hands" as const,
    minutes,
    demands: {},
    ovenC: null,
  });
  const lag = (from: string, to: string) => ({ from, to, minMin: 0, maxMin: null });
  const net = {
    tasks: [task("a", 5), task("b", 5), task("c", 5)],
    lags: [lag("a", "b"), lag("a", "c"), lag("c", "serve")],
  };
  const waits = waitsBetween(net, { a: -100, b: -90, c: -60 });
  expect([...waits]).toEqual([
    ["a", 35],
    ["c", 55],
  ]);
});

test("two dishes in one supper, and one dish in two suppers, have tasks of their own", () => {
  const both = plan({ ...input, supper: { ...supper, dishes: [MUSTARD_STRIPS, CARAWAY_PATTIES] } });
  const other = plan({ ...input, supper: { ...supper, id: "monday" } });
  const ids = [...both.tasks, ...other.tasks].map((t) => t.id);
  expect(new Set(ids).size).toBe(ids.length);
  // Steps keep the names under which logs are stored.
  expect(other.tasks[0]?.step).toBe(planned.tasks[0]?.step);
});

/** How long a result usually waits, minutes: common practice, by what is lost first. */
test.each([
  ["crust and heat", ["sear", "fry", "griddle", "deep-fry", "hold", "reheat", "serve"], 10],
  ["gas of the baking powder, a coat that goes soft", ["batter", "coat", "drain", "air-fry"], 15],
  ["heat of a mash, a mix before it is shaped", ["mash", "bind", "soak", "stand"], 20],
  ["raw and cut", ["cut", "pulse", "blanch", "gel", "press"], 240],
] as const)("usual waits: %s", (_why, kinds, minutes) => {
  for (const kind of kinds) expect([kind, descriptorOf(kind).waitsMin]).toEqual([kind, minutes]);
});
/** Salt in the finished part (design, card 5; job §4: 1.0–1.5 % in the finished dish, sausage and rashers above). */
test.each([
  ["loaf", 0.011, 0.013, 0.015],
  ["mash", 0.008, 0.01, 0.012],
  ["sausage", 0.015, 0.018, 0.021],
] as const)("salt target of a %s", (kind, ...figures) => expect(SALT_TARGETS[kind]).toEqual(figures));

test("a schedule that is no plan puts nothing in time", () => {
  const none: Schedule = { kind: "does-not-fit", proven: true, contradiction: [], reliefs: [], nodesUsed: 0 };
  expect(orderOfWork(planned, none).every((m) => m.startMin === 0)).toBe(true);
});

test("a clock that is set shifts what was noted before it: no timer gains or loses, no step takes longer", () => {
  const min = 60_000;
  const log: LogEntry[] = [
    { kind: "begun", at: 100 * min, step: "d.a" },
    { kind: "timer", at: 110 * min, step: "d.a", minutes: 30 },
    // After ten minutes the device is set back by an hour.
    { kind: "clock", at: 60 * min, byMs: -60 * min },
    { kind: "done", at: 65 * min, step: "d.a" },
  ];
  const progress = progressOf(log);
  expect(progress.timers.get("d.a")).toEqual({ startedAt: 50 * min, endsAt: 80 * min });
  expect((progress.doneAt.get("d.a") as number) - (progress.begunAt.get("d.a") as number)).toBe(25 * min);
});
