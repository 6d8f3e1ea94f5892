import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf, supperOf } from "./__tests__/supper";
import { localTime } from "./calendar/localTime";
import type { Dish, Supper } from "./dish/dish";
import { judge } from "./judge";
import type { PlanInput } from "./plan";
import { broken } from "./schedule/__tests__/referee";
import { fromNow } from "./schedule/fromNow";
import { scheduleQuestion } from "./schedule/question";
import { orderOfWork } from "./schedule/work";
import { type TimedAmong, timedAmong } from "./timed";
import { waysOut } from "./waysOut";

/**
 * A week in the demo kitchen: patties on Friday evening; on Sunday a nut cream that soaks overnight and a filling of tofu that is frozen
 * and thawed, then balls in broth as the main course. Work on five days from 8:00 to 17:15, sleep from 22:30 to 7:00, one cook, one oven.
 */
const dish = (id: string): Dish => DEMO_DISHES.find((d) => d.id === id) as Dish;
const CREAM = dishOf(
  [
    part("nuts", "Nut cream", null, 60, [
      step("soak", "soak", [food("cashews", 150), food("water", 500)], { waterC: 15, minutes: 480, chilled: true }),
      step("drain", "drain", []),
      step("pulse", "blend", [food("water", 200)]),
    ]),
  ],
  "cream",
);
const FRIDAY = supperOf([dish("caraway-patties")], { id: "fri", serveAt: "2026-11-27T19:00:00.000Z" });
const SUNDAY = supperOf([CREAM, dish("torn-filling"), dish("pea-balls")], {
  id: "sun",
  serveAt: "2026-11-29T19:00:00.000Z",
  afterMin: { "pea-balls": 40 },
});
const asked = (supper: Supper, more: Partial<PlanInput> = {}) => inputOf(supper.dishes, { supper, ...more });
const friday = timedAmong(asked(FRIDAY), []);
const sunday = timedAmong(asked(SUNDAY), [FRIDAY]);
const starts = ({ schedule }: TimedAmong) => {
  if (schedule.kind !== "fits") throw new Error("does not fit");
  return schedule.starts;
};
const HOURS = 3_600_000;
const SUNDAY_MS = Date.parse(SUNDAY.serveAt);
const local = (serveAt: string, minute: number) => localTime(Date.parse(serveAt) + minute * 60_000, "Europe/Dublin");

test("both suppers fit, proven; the block goes into the freezer on Friday before work, and out of it before the night", () => {
  for (const [of, supper] of [
    [friday, FRIDAY],
    [sunday, SUNDAY],
  ] as const) {
    expect(of.schedule.kind === "fits" && of.schedule.proven).toBe(true);
    const question = scheduleQuestion(of.plan, DEMO_KITCHEN, supper.serveAt);
    expect(broken(question, starts(of), "hard")).toEqual([]);
    expect(judge(asked(supper), of.plan, of.schedule).filter((c) => c.severity === "stop")).toEqual([]);
  }
  const work = orderOfWork(sunday.plan, sunday.schedule);
  const when = (key: string) => {
    const { date, time } = local(SUNDAY.serveAt, work.find((m) => m.key === key)?.startMin ?? NaN);
    return `${date} ${time}`;
  };
  // Ten minutes before leaving and before bed nobody begins anything.
  expect(when("torn-filling.torn-freeze") < "2026-11-27 07:49").toBe(true);
  expect(when("torn-filling.torn-thaw") > "2026-11-27 17:15").toBe(true);
  expect(when("torn-filling.torn-thaw") < "2026-11-27 22:20").toBe(true);
  expect(when("cream.soak") < "2026-11-29 11:00").toBe(true);
});
test("hands are nowhere at work, asleep, or at two suppers at once; the starter stands before the main is finished", () => {
  const hands = [
    [friday, FRIDAY],
    [sunday, SUNDAY],
  ].flatMap(([of, supper]) =>
    (of as TimedAmong).plan.tasks
      .filter((t) => t.kind === "hands")
      .map((t) => {
        const from = Date.parse((supper as Supper).serveAt) + (starts(of as TimedAmong)[t.id] as number) * 60_000;
        return { step: t.step, from, to: from + t.minutes * 60_000 };
      }),
  );
  for (const { step: what, from, to } of hands) {
    const at = localTime(from, "Europe/Dublin");
    const until = localTime(to, "Europe/Dublin").time;
    const atWork = at.weekday <= 5 && at.time < "17:15" && until > "08:00";
    expect([what, atWork, at.time < "07:00" || until > "22:30"]).toEqual([what, false, false]);
  }
  const sorted = hands.toSorted((a, b) => a.from - b.from);
  sorted.forEach((h, i) => expect(h.to).toBeLessThanOrEqual(sorted[i + 1]?.from ?? Infinity));
  const ends = (id: string) =>
    Math.max(
      ...sunday.plan.tasks.filter((t) => t.dish === id).map((t) => (starts(sunday)[t.id] as number) + t.minutes),
    );
  expect([ends("cream"), ends("torn-filling")].every((m) => m <= 0)).toBe(true);
  expect(ends("pea-balls")).toBeGreaterThan(20);
  expect(ends("pea-balls")).toBeLessThanOrEqual(40);
});
test("dinner an hour earlier, a burner that is gone: a plan again, with its price", () => {
  const earlier = { ...SUNDAY, serveAt: "2026-11-29T18:00:00.000Z" };
  expect(timedAmong(asked(earlier), [FRIDAY]).schedule.kind).toBe("fits");
  const kitchen = { ...DEMO_KITCHEN, burners: DEMO_KITCHEN.burners.slice(0, 1) };
  const one = timedAmong(asked(SUNDAY, { kitchen }), [FRIDAY]);
  if (one.schedule.kind !== "fits" || sunday.schedule.kind !== "fits") throw new Error("does not fit");
  expect(one.schedule.startMin).toBeLessThanOrEqual(sunday.schedule.startMin);
});
test("the soak is forgotten until Sunday at one: hot water brings it in time; forgotten block and all, no freezing does", () => {
  const onlyCream = supperOf([CREAM], { id: "sun", serveAt: SUNDAY.serveAt });
  const soak = waysOut(asked(onlyCream), SUNDAY_MS - 6 * HOURS).ways[0];
  expect(soak).toMatchObject({ tableMin: 0, change: { kind: "quicker", steps: [{ way: "hot-soak" }] } });
  const all = waysOut(asked(SUNDAY), SUNDAY_MS - 6 * HOURS);
  expect(all.tooLong?.steps[0]?.step).toBe("torn-filling.torn-thaw");
  expect(all.ways[0]).toMatchObject({
    tableMin: 0,
    change: { kind: "quicker", steps: [{ way: "hot-soak" }, { way: "unfrozen" }] },
  });
});
test("on Sunday the press takes twenty minutes longer: the rest is late by that and the way of a cold oven, nothing that is done moves", () => {
  const done = new Map<string, number>();
  const press = "torn-filling.torn-press";
  const at = (step: string) =>
    sunday.plan.tasks.filter((t) => t.step === step).map((t) => ({ from: starts(sunday)[t.id] as number, ...t }));
  const end = Math.max(...at(press).map((t) => t.from + t.minutes));
  for (const t of sunday.plan.tasks) {
    const over = Math.max(...at(t.step).map((x) => x.from + x.minutes));
    if (over < end && t.step !== press) done.set(t.step, SUNDAY_MS + over * 60_000);
  }
  done.set(press, SUNDAY_MS + (end + 20) * 60_000);
  const going = {
    begunAt: new Map([["cream.soak", SUNDAY_MS + (at("cream.soak")[0]?.from ?? 0) * 60_000]]),
    doneAt: done,
    timers: new Map(),
    ovenOnAt: new Map(),
  };
  const rest = fromNow(sunday.plan, DEMO_KITCHEN, SUNDAY.serveAt, going, SUNDAY_MS + (end + 20) * 60_000);
  if (rest?.kind !== "fits") throw new Error("does not fit");
  // Nobody noted that the oven is on: it counts as cold, and takes its fifteen minutes from now.
  expect(rest.tableMin ?? 0).toBeGreaterThanOrEqual(20);
  expect(rest.tableMin ?? 0).toBeLessThanOrEqual(35);
  for (const t of sunday.plan.tasks.filter((x) => x.step === "torn-filling.torn-cut"))
    expect(rest.starts[t.id]).toBeGreaterThanOrEqual(end + 20);
});
