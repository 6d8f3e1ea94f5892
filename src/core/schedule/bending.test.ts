import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { inputOf as planInput, supperOf } from "../__tests__/supper";
import type { Dish, Supper } from "../dish/dish";
import type { Kitchen } from "../household/kitchen";
import { judge } from "../judge";
import { plan } from "../plan";
import { broken } from "./__tests__/referee";
import { chanceOnTime } from "./chance";
import { heldAt, withPin } from "./pins";
import { scheduleQuestion } from "./question";
import { type Schedule, schedule } from "./schedule";
import { SERVE } from "./task";
import { waitsBetween } from "./waits";
import { orderOfWork } from "./work";

const AT = "2026-11-29T19:00:00.000Z";
const inputOf = (more: Partial<Supper> = {}, kitchen: Kitchen = DEMO_KITCHEN, dishes = DEMO_DISHES.slice(0, 2)) =>
  planInput(dishes, { supper: supperOf(dishes, more), kitchen });
function solved(more: Partial<Supper> = {}, kitchen: Kitchen = DEMO_KITCHEN, dishes = DEMO_DISHES.slice(0, 2)) {
  const input = inputOf(more, kitchen, dishes);
  const planned = plan(input);
  const question = scheduleQuestion(planned, kitchen, AT);
  const found = schedule(question);
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(broken(question, found.starts, "hard")).toEqual([]);
  return { input, planned, question, found, moves: orderOfWork(planned, found) };
}
type Fits = Extract<Schedule, { kind: "fits" }>;
const [first, second] = DEMO_DISHES as readonly [Dish, Dish];

test("a main course forty minutes after the starter: each dish on its own time, and neither waits for the other", () => {
  const { planned, question, found } = solved({ afterMin: { [second.id]: 40 } });
  const ends = (dish: Dish) =>
    Math.max(...planned.tasks.filter((t) => t.dish === dish.id).map((t) => (found.starts[t.id] as number) + t.minutes));
  expect(ends(first)).toBeLessThan(0);
  expect(ends(second)).toBeGreaterThan(20);
  expect(ends(second)).toBeLessThan(40);
  expect(found.stretched).toEqual([]);
  // What waits for the later course is counted to its own time.
  const last = planned.lags.find((l) => l.to === SERVE && (l.afterMin ?? 0) === 40);
  const step = planned.tasks.find((t) => t.id === last?.from)?.step as string;
  expect(waitsBetween(planned, found.starts).get(step)).toBe(
    40 - (found.starts[last?.from ?? ""] ?? NaN) - (planned.tasks.find((t) => t.id === last?.from)?.minutes ?? NaN),
  );
  // About in time, though its last task ends half an hour after the serving time.
  const { capacities } = question;
  const likely = chanceOnTime({ ...planned, capacities, starts: found.starts, durations: new Map() }, 20);
  expect(likely.likelyMin).toBeLessThan(10);
});
test("a step that is held stays to the minute, and the rest makes room; moved where its waits break, it says which", () => {
  const { planned, question, moves, input } = solved();
  const cut = moves.find((m) => m.row.step.kind === "cut") as (typeof moves)[number];
  const held = withPin(input.supper, cut.key, cut.startMin - 30);
  expect(held.pins[cut.key]).toBe(new Date(Date.parse(AT) + (cut.startMin - 30) * 60_000).toISOString());
  const again = solved({ pins: held.pins });
  expect(again.found.starts[cut.task]).toBe(cut.startMin - 30);
  expect(withPin(held, cut.key, null).pins).toEqual({});
  // Fried in the morning it would stand longer than food may.
  const fry = moves.find((m) => m.row.step.kind === "fry") as (typeof moves)[number];
  const far = schedule({ ...question, ...heldAt(planned, fry.task, -400) });
  expect(far.kind).toBe("does-not-fit");
  if (far.kind === "does-not-fit") expect(far.contradiction.length).toBeGreaterThan(0);
});
test("a pin keeps its instant when dinner moves", () => {
  const { input, moves } = solved();
  const move = moves[0] as (typeof moves)[number];
  const pins = withPin(input.supper, move.key, move.startMin).pins;
  const later = plan({ ...input, supper: { ...input.supper, serveAt: "2026-11-29T20:00:00.000Z", pins } });
  expect(later.tasks.find((t) => t.id === move.task)?.notBefore).toBe(move.startMin - 60);
});
test("a cook who comes at six helps from six on and not before", () => {
  const hours = { days: [1, 2, 3, 4, 5, 6, 7], from: "18:00", to: "22:00" };
  const helped = { ...DEMO_KITCHEN, cooks: [...DEMO_KITCHEN.cooks, { id: "ilse", name: "Ilse", hours }] };
  const alone = solved();
  const two = solved({}, helped);
  expect(two.question.gone?.hands?.some(([from, to]) => to === -60 && from < -1000)).toBe(true);
  expect(two.found.startMin).toBeGreaterThanOrEqual(alone.found.startMin);
  const hands = (at: number, { planned, found }: { planned: typeof two.planned; found: Fits }) =>
    planned.tasks.filter((t) => {
      const start = found.starts[t.id] as number;
      return t.kind === "hands" && start <= at && at < start + t.minutes;
    }).length;
  const minutes = Array.from({ length: 120 }, (_, i) => i - 120);
  expect(Math.max(...minutes.filter((m) => m < -60).map((m) => hands(m, two)))).toBeLessThanOrEqual(1);
  expect(Math.max(...minutes.map((m) => hands(m, two)))).toBe(2);
});
test("with a second oven two heats bake at once; with one they wait for each other", () => {
  const ovens = [...DEMO_KITCHEN.ovens, { id: "small", name: "Small oven", shelves: 1 }];
  const bake = (id: string, ovenC: number) => ({
    id,
    step: id,
    dish: "d",
    part: id,
    kind: "wait" as const,
    minutes: 30,
    demands: { oven: 1 },
    ovenC,
  });
  const question = (kitchen: Kitchen) =>
    scheduleQuestion(
      { tasks: [bake("a", 220), bake("b", 160)], lags: [], apart: [], budgets: [], roomMin: 0 },
      kitchen,
      AT,
    );
  expect(question({ ...DEMO_KITCHEN, ovens }).capacities.oven).toBe(3);
  expect(schedule(question({ ...DEMO_KITCHEN, ovens }))).toMatchObject({ starts: { a: -30, b: -30 } });
  expect(schedule(question(DEMO_KITCHEN))).toMatchObject({ startMin: -65 });
});
test("a fridge that is full makes what has to be chilled wait; one that nobody measured is no limit", () => {
  const chilled = { ...DEMO_KITCHEN, fridgeL: 0.1 };
  const rests = DEMO_DISHES.filter((d) => plan(inputOf({}, DEMO_KITCHEN, [d])).tasks.some((t) => t.demands.fridge));
  const dishes = rests.slice(0, 1);
  expect(dishes).toHaveLength(1);
  const tight = plan(inputOf({}, chilled, dishes));
  expect(schedule(scheduleQuestion(tight, chilled, AT)).kind).toBe("does-not-fit");
  const unknown = { ...DEMO_KITCHEN, fridgeL: null };
  expect(plan(inputOf({}, unknown, dishes)).tasks.every((t) => t.demands.fridge === undefined)).toBe(true);
});
test("standing too long is judged by the time of the course", () => {
  const { input, planned, found } = solved({ afterMin: { [second.id]: 40 } });
  expect(judge(input, planned, found).filter((c) => c.rule === "danger-zone")).toEqual([]);
});
