import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { inputOf } from "../__tests__/supper";
import { plan } from "../plan";
import { progressOf, type StepKey } from "../process/log";
import { fromNow, type Going, NOTHING_DONE } from "./fromNow";
import { ovensDue } from "./oven";
import { heldAt } from "./pins";
import { scheduleQuestion } from "./question";
import { type Schedule, schedule } from "./schedule";
import { SERVE } from "./task";
import { type Move, orderOfWork, takesUp } from "./work";

const AT = "2026-11-29T19:00:00.000Z";
const SERVE_MS = Date.parse(AT);
const at = (minute: number) => SERVE_MS + minute * 60_000;
type Fits = Extract<Schedule, { kind: "fits" }>;

function evening(dishes = DEMO_DISHES.slice(0, 1)) {
  const planned = plan(inputOf(dishes));
  const found = schedule(scheduleQuestion(planned, DEMO_KITCHEN, AT)) as Fits;
  return { planned, found, moves: orderOfWork(planned, found) };
}
/** The hands of every step that begins before a minute are done when the plan says, its timers run as planned. */
function goneBy({ moves }: ReturnType<typeof evening>, minute: number): Going {
  const doneAt = new Map<StepKey, number>();
  const begunAt = new Map<StepKey, number>();
  const timers = new Map<StepKey, { startedAt: number; endsAt: number }>();
  for (const m of moves) {
    const handsEnd = m.startMin + m.handsMin;
    if (m.startMin >= minute) continue;
    begunAt.set(m.key, at(m.startMin));
    if (handsEnd > minute) continue;
    doneAt.set(m.key, at(handsEnd));
    if (m.minutes > m.handsMin) timers.set(m.key, { startedAt: at(handsEnd), endsAt: at(m.startMin + m.minutes) });
  }
  return { doneAt, begunAt, timers, ovenOnAt: new Map() };
}
const asked = (e: ReturnType<typeof evening>, going: Going, minute: number) =>
  fromNow(e.planned, DEMO_KITCHEN, AT, going, at(minute)) as Fits;

test("where everything went as planned the table is in time, and what is left begins when it was planned or later", () => {
  const e = evening();
  for (const minute of [e.found.startMin, -40, -25]) {
    const now = asked(e, goneBy(e, minute), minute);
    expect([minute, now.kind, now.tableMin ?? 0]).toEqual([minute, "fits", 0]);
    for (const m of e.moves) if (m.startMin >= minute) expect(now.starts[m.task]).toBeGreaterThanOrEqual(minute);
  }
});
test("begun half an hour late, dinner is no later than that, and nothing that takes something up comes before it", () => {
  const e = evening();
  const minute = e.found.startMin + 30;
  const now = asked(e, NOTHING_DONE, minute);
  expect(now.kind).toBe("fits");
  expect(now.tableMin).toBeGreaterThan(15);
  expect(now.tableMin).toBeLessThanOrEqual(31);
  // Waits for the table are counted to when it really comes.
  const table = now.tableMin as number;
  const waits = e.planned.lags.flatMap((l) => {
    const task = e.planned.tasks.find((t) => t.id === l.from);
    const wait = table - (now.starts[l.from] as number) - (task?.minutes ?? NaN);
    return l.to === SERVE && wait > (l.maxMin as number) ? [[l.from, wait]] : [];
  });
  const told = now.stretched.filter((s) => s.to === SERVE).map((s) => [s.from, s.waitsMin]);
  expect(new Map(told as [string, number][])).toEqual(new Map(waits as [string, number][]));
  const begins = (m: Move) => now.starts[m.task] as number;
  for (const m of e.moves)
    for (const before of takesUp(e.planned, m.row))
      expect(begins(e.moves.find((x) => x.key === before) as Move)).toBeLessThan(begins(m));
});
test("a step that runs twenty minutes over makes dinner late by no more, and moves nothing that is done", () => {
  const e = evening();
  const sear = e.moves.find((m) => m.row.step.kind === "sear") as Move;
  // At its planned end and twenty minutes it is still in the pan.
  const minute = sear.startMin + sear.minutes + 20;
  const going = goneBy(e, sear.startMin + 1);
  const now = asked(e, going, minute);
  if (now.kind !== "fits") throw new Error("does not fit");
  expect(now.tableMin).toBeGreaterThan(10);
  expect(now.tableMin).toBeLessThanOrEqual(25);
  for (const [step, done] of going.doneAt) {
    const task = e.planned.tasks.filter((t) => t.step === step).at(-1);
    if (task && now.starts[task.id] !== undefined)
      expect(now.starts[task.id]).toBeLessThanOrEqual((done - SERVE_MS) / 60_000 + 30);
  }
  expect(now.starts[sear.task]).toBe(minute);
});
test("what the cook holds stays where it is as long as that is possible, and gives way when its time is past", () => {
  const e = evening();
  const minute = e.found.startMin + 20;
  const season = e.moves.at(-1) as Move;
  const held = (startMin: number) =>
    fromNow(heldAt(e.planned, season.task, startMin), DEMO_KITCHEN, AT, NOTHING_DONE, at(minute)) as Fits; // prettier-ignore
  expect(held(40).starts[season.task]).toBe(40);
  const past = held(minute - 5);
  expect([past.kind, (past.starts[season.task] as number) > minute]).toEqual(["fits", true]);
});
test("a timer that still runs holds what takes it up", () => {
  const e = evening();
  const soak = e.moves.find((m) => m.row.step.kind === "soak") as Move;
  const drain = e.moves.find((m) => m.row.step.kind === "drain") as Move;
  const minute = soak.startMin + soak.handsMin;
  const ends = minute + 25;
  const going = goneBy(e, minute + 1);
  const timers = new Map([[soak.key, { startedAt: at(minute), endsAt: at(ends) }]]);
  const now = asked(e, { ...going, doneAt: new Map([...going.doneAt, [soak.key, at(minute)]]), timers }, minute);
  expect(now.starts[drain.task]).toBeGreaterThanOrEqual(ends);
});
test("when nothing is left there is nothing to work out", () => {
  const e = evening();
  const going = goneBy(e, 10);
  const doneAt = new Map(e.moves.map((m) => [m.key, at(-1)]));
  expect(fromNow(e.planned, DEMO_KITCHEN, AT, { ...going, doneAt }, at(5))).toBeNull();
});
test("food that has stood too long already holds nothing up", () => {
  const e = evening();
  const strips = e.moves.filter((m) => m.part === "Strips");
  const doneAt = new Map(strips.map((m) => [m.key, at(-400)]));
  const now = asked(e, { doneAt, begunAt: new Map(doneAt), timers: new Map(), ovenOnAt: new Map() }, -70);
  expect(now.kind).toBe("fits");
});

describe("the oven as it is when it is worked out again", () => {
  /** A bake of 20 minutes that takes 14 of heating, 60 of 20 before it, whose oven is hot already where they are of one heat. */
  const net = (tempC: number, firstC = tempC) => {
    const of = (step: string, ovenC: number) => {
      const task = { step, dish: "d", part: step, demands: { oven: 1 } };
      return [
        { ...task, id: step, kind: "wait" as const, minutes: 20, ovenC },
        {
          ...task,
          id: `${step}#oven`,
          kind: "watch" as const,
          minutes: 14,
          demands: {},
          ovenC: null,
          heatsOvenTo: ovenC,
        },
      ];
    };
    const lag = (from: string, to: string) => ({ from, to, minMin: 0, maxMin: null });
    return {
      tasks: [...of("a", firstC), ...of("b", tempC)],
      lags: [lag("a#oven", "a"), lag("b#oven", "b"), lag("a", "b"), lag("b", SERVE)],
      apart: [],
      budgets: [],
      roomMin: 0,
    };
  };
  const minute = -20;
  const doneAt = (minutes: number) => new Map([["a", at(minute - minutes)]]);
  const late = (going: Partial<Going>, of = net(200)) =>
    (fromNow(of, DEMO_KITCHEN, AT, { ...NOTHING_DONE, ...going }, at(minute)) as Fits).tableMin ?? 0;
  test("is hot from what was in it a moment ago, on its way to another heat, and cold after that", () => {
    const a = (minutes: number) => ({ begunAt: new Map([["a", at(minute - 30)]]), doneAt: doneAt(minutes) });
    expect(late(a(5))).toBe(0);
    expect(late(a(20))).toBe(0);
    expect(late(a(21))).toBe(14);
    // 200 to 226 °C: two minutes; 200 to 170: six.
    expect(late(a(5), net(226, 200))).toBe(2);
    expect(late(a(5), net(170, 200))).toBe(6);
    // Down to 100 °C takes longer than from cold.
    expect(late(a(5), net(100, 220))).toBe(24);
    expect(late({ doneAt: doneAt(60), ovenOnAt: new Map([["b", at(minute)]]) }, net(100, 220))).toBe(14);
    // Set to the lower heat four minutes ago.
    expect(late({ ...a(5), ovenOnAt: new Map([["b", at(minute - 4)]]) }, net(170, 200))).toBe(2);
    // Still in it, eight minutes of twenty to go.
    expect(late({ begunAt: new Map([["a", at(minute - 12)]]) })).toBe(8);
  });
  test("is on since it was said to be, and on its way; what nobody said is cold", () => {
    const since = (step: string, minutes: number) => ({ ovenOnAt: new Map([[step, at(minute - minutes)]]) });
    const gone = { doneAt: doneAt(60) };
    expect(late(gone)).toBe(14);
    expect(late({ ...gone, ...since("b", 5) })).toBe(9);
    expect(late({ ...gone, ...since("b", 14) })).toBe(0);
    expect(late({ ...gone, ...since("b", 40) })).toBe(0);
    // What it was on for an hour ago says nothing of now.
    expect(late({ ...gone, ...since("a", 80) })).toBe(14);
    // On for the first, and both to come: twenty minutes more for that one, nothing for the second.
    expect(late(since("a", 14))).toBe(20);
    expect(late(since("a", 4))).toBe(30);
    expect(late({})).toBe(34);
  });
  test("the note is taken back by another, and goes with the clock of the device", () => {
    const on = { kind: "oven", at: 1_000, step: "a", on: true } as const;
    expect(progressOf([on]).ovenOnAt).toEqual(new Map([["a", 1_000]]));
    expect(progressOf([on, { kind: "clock", at: 2_000, byMs: 500 }]).ovenOnAt).toEqual(new Map([["a", 1_500]]));
    expect(progressOf([on, { ...on, on: false }]).ovenOnAt.size).toBe(0);
  });
});
test("the oven is told from the minute before it is due, or once it is said to be on, until its step has begun and it is hot", () => {
  const oven = { step: "a", task: "a#oven", startMin: -60, minutes: 14, fromC: null, tempC: 200 };
  const told = (nowMin: number, going: Partial<Going> = {}, lateMin = 0) =>
    ovensDue([oven], { ...NOTHING_DONE, ...going }, SERVE_MS, nowMin, lateMin).map((o) => [o.onMin, o.hotMin]);
  expect([told(-62), told(-61), told(-30)]).toEqual([[], [[null, null]], [[null, null]]]);
  expect([told(-57, {}, 5), told(-56, {}, 5)]).toEqual([[], [[null, null]]]);
  const ovenOnAt = new Map([["a", at(-70)]]);
  const begunAt = new Map([["a", at(-60)]]);
  expect(told(-70, { ovenOnAt })).toEqual([[-70, -56]]);
  // Put in before it is hot: that is told as long as it is so.
  expect([told(-57, { ovenOnAt, begunAt }), told(-56, { ovenOnAt, begunAt })]).toEqual([[[-70, -56]], []]);
  expect([told(-30, { begunAt }), told(-57, { ovenOnAt, doneAt: begunAt })]).toEqual([[], []]);
});
