import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { inputOf, supperOf } from "../__tests__/supper";
import type { Dish, Supper } from "../dish/dish";
import { timedAmong, timedPlan } from "../timed";
import { capacitiesOf } from "./capacities";
import { fromNow, NOTHING_DONE } from "./fromNow";
import { besides, type Taken, takenBy } from "./taken";
import { whatIf } from "./whatIf";
import { waysOut } from "../waysOut";
import { many } from "../__tests__/proof";

const [strips, patties] = DEMO_DISHES as readonly [Dish, Dish];
const FROZEN = DEMO_DISHES.find((d) => d.parts.some((p) => p.steps.some((s) => s.kind === "freeze"))) as Dish;
const supper = (id: string, serveAt: string, ...dishes: readonly Dish[]): Supper => supperOf(dishes, { id, serveAt });
const alone = (of: Supper) => timedPlan(inputOf(of.dishes, { supper: of }));
const among = (of: Supper, ...earlier: readonly Supper[]) => timedAmong(inputOf(of.dishes, { supper: of }), earlier);
const shelves = capacitiesOf(DEMO_KITCHEN).oven as number;
const takes = (of: Supper, found: Pick<ReturnType<typeof alone>, "plan" | "schedule">) =>
  takenBy(found.plan, found.schedule, of.serveAt, shelves);

/** Minutes at which two suppers together want more of a thing than there is. */
function overdrawn(all: readonly Taken[]): string[] {
  const capacities: Record<string, number> = { ...capacitiesOf(DEMO_KITCHEN) };
  return Object.keys(capacities).flatMap((thing) => {
    const mine = all.filter((t) => t.thing === thing);
    const moments = mine.map((t) => t.from);
    return moments.flatMap((at) => {
      const units = mine.reduce((sum, t) => (t.from <= at && at < t.to ? sum + t.units : sum), 0);
      return units > (capacities[thing] as number) ? [`${thing} ${new Date(at).toISOString()}`] : [];
    });
  });
}

test("two suppers an hour apart share hands, burners, pans and the oven: the one eaten first is as alone, the other makes room", () => {
  const first = supper("a", "2026-11-29T18:15:00.000Z", strips);
  const second = supper("b", "2026-11-29T19:00:00.000Z", patties);
  const [a, b] = [alone(first), alone(second)];
  const shared = among(second, first);
  // Each as if it were alone, they would want the cook twice at once.
  expect(overdrawn([...takes(first, a), ...takes(second, b)]).length).toBeGreaterThan(0);
  expect(shared.schedule.kind).toBe("fits");
  expect(overdrawn([...takes(first, a), ...takes(second, shared)])).toEqual([]);
  expect(shared.beside).toEqual(["a"]);
  if (shared.schedule.kind === "fits" && b.schedule.kind === "fits")
    expect(shared.schedule.startMin).toBeLessThanOrEqual(b.schedule.startMin);
});
test("a supper days before is in nobody's way; three in a row are planned one after the other, whatever their order", () => {
  const sunday = supper("c", "2026-11-29T19:00:00.000Z", FROZEN);
  const friday = supper("a", "2026-11-27T19:00:00.000Z", strips);
  const shared = among(sunday, friday);
  expect(shared.beside).toEqual(["a"]);
  expect(overdrawn([...takes(friday, alone(friday)), ...takes(sunday, shared)])).toEqual([]);
  const quick = supper("d", "2026-11-29T19:00:00.000Z", patties);
  const apart = among(quick, friday);
  expect(apart.beside).toEqual([]);
  expect(apart.schedule).toEqual(alone(quick).schedule);
  const lunch = supper("b", "2026-11-29T18:10:00.000Z", strips);
  expect(among(quick, lunch, friday).schedule).toEqual(among(quick, friday, lunch).schedule);
  // What was found before is found again.
  const known = new Map();
  const twice = [1, 2].map(() => timedAmong(inputOf([patties], { supper: quick }), [lunch], {}, known).schedule);
  expect(twice[1]).toEqual(twice[0]);
  // However many there are, each is known by itself and those before it.
  const suppers = many(4, 9);
  const busy = Array.from({ length: suppers }, (_, i) =>
    supper(`m${i}`, `2026-11-${29 - suppers + i}T12:00:00.000Z`, strips),
  );
  const each = new Map();
  const first = timedAmong(inputOf([patties], { supper: quick }), busy, {}, each).schedule;
  // One that is nine days before reaches into none of these.
  expect(each.size).toBe(Math.min(suppers, 8));
  const other = [...busy.slice(0, -1), supper("last", lunch.serveAt, patties)];
  const then = timedAmong(inputOf([patties], { supper: quick }), other, {}, each);
  expect(then.beside).toEqual(["last"]);
  expect(then.schedule).toEqual(among(quick, ...other).schedule);
  expect(then.schedule).not.toEqual(first);
  expect(known.size).toBe(1);
});
test("ways out, what ifs and the rest of a cooking leave the others what they have", () => {
  const first = supper("a", "2026-11-29T18:30:00.000Z", strips);
  const second = supper("b", "2026-11-29T19:00:00.000Z", patties);
  const { plan: made, taken } = among(second, first);
  const at = Date.parse(second.serveAt);
  const input = inputOf(second.dishes, { supper: second });
  // Ninety minutes before, alone it would be in time; beside the other one the cook has no hands for it.
  const now = at - 90 * 60_000;
  expect(waysOut(input, now).ways.at(-1)?.tableMin).toBe(0);
  const beside = waysOut(input, now, { taken }).ways.find((w) => w.change.kind === "as-it-is");
  expect(beside?.tableMin ?? 0).toBeGreaterThan(0);
  const free = fromNow(made, DEMO_KITCHEN, second.serveAt, NOTHING_DONE, now);
  const busy = fromNow(made, DEMO_KITCHEN, second.serveAt, NOTHING_DONE, now, { taken });
  if (free?.kind !== "fits" || busy?.kind !== "fits") throw new Error("does not fit");
  expect(busy.tableMin ?? 0).toBeGreaterThan(free.tableMin ?? 0);
  expect(overdrawn([...takes(first, alone(first)), ...takes(second, { plan: made, schedule: busy })])).toEqual([]);
  // What has begun at a time that was another's goes on: that one gives way.
  const begunAt = new Map([[made.tasks[0]?.step as string, now]]);
  const everything: Taken[] = [{ thing: "hands", units: 9, from: now - 1, to: at + 9 * 3_600_000 }];
  const going = { ...NOTHING_DONE, begunAt };
  expect(fromNow(made, DEMO_KITCHEN, second.serveAt, going, now, { taken: everything })?.kind).toBe("fits");
  const ifs = (of: readonly Taken[]) =>
    whatIf(made, DEMO_KITCHEN, second.serveAt, of).find((w) => w.change === "helper");
  expect(ifs(taken)?.startMin ?? -999).toBeLessThanOrEqual(ifs([])?.startMin ?? 0);
});
test("what is taken is less for a time: no more than there is, nothing that the kitchen does not have, and not before the horizon", () => {
  const at = (hours: number) => Date.parse("2026-11-29T19:00:00.000Z") + hours * 3_600_000;
  const question = { capacities: { hands: 1, oven: 2 }, gone: { hands: [[-30, -20, 1] as const] }, horizonMin: 600 };
  const taken: Taken[] = [
    { thing: "hands", units: 3, from: at(-2), to: at(-1) },
    { thing: "burner", units: 1, from: at(-2), to: at(-1) },
    { thing: "oven", units: 2, from: at(-30), to: at(-20) },
  ];
  expect(besides(question, taken, "2026-11-29T19:00:00.000Z").gone).toEqual({
    hands: [
      [-30, -20, 1],
      [-120, -60, 1],
    ],
  });
  expect(takenBy({ tasks: [] }, { kind: "does-not-fit" } as never, "2026-11-29T19:00:00.000Z", 2)).toEqual([]);
});
test("the oven is taken whole and on its way up, a pan from the first step of a part in it to the last", () => {
  const baked = DEMO_DISHES.find((d) => d.parts.some((p) => p.steps.some((s) => s.kind === "bake"))) as Dish;
  const of = supper("a", "2026-11-29T19:00:00.000Z", baked);
  const found = alone(of);
  const taken = takes(of, found);
  const ovens = taken.filter((t) => t.thing === "oven");
  expect(ovens.every((t) => t.units === shelves)).toBe(true);
  const on = found.plan.tasks.find((t) => t.heatsOvenTo !== undefined);
  if (found.schedule.kind !== "fits" || on === undefined) throw new Error("it bakes");
  const heated = Date.parse(of.serveAt) + (found.schedule.starts[on.id] as number) * 60_000;
  expect(ovens.some((t) => t.from === heated)).toBe(true);
  const pans = taken.filter((t) => t.thing.startsWith("pan:"));
  expect(new Set(pans.map((t) => `${t.thing} ${t.from}`)).size).toBe(pans.length);
});
