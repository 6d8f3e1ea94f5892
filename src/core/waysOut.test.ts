import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf as planInput, supperOf } from "./__tests__/supper";
import type { Dish, Supper } from "./dish/dish";
import type { Kitchen } from "./household/kitchen";
import { borrowedIn, withOneMore, withoutBorrowed } from "./household/oneMore";
import { judge } from "./judge";
import { quickerWays } from "./mend/quicker";
import { plan } from "./plan";
import { broken } from "./schedule/__tests__/referee";
import { scheduleQuestion } from "./schedule/question";
import { schedule } from "./schedule/schedule";
import { rowsOf } from "./schedule/work";
import { type WayOut, type WaysOut, waysOut } from "./waysOut";
import { many } from "./__tests__/proof";

const AT = Date.parse("2026-11-29T19:00:00.000Z");
const always: Kitchen = { ...DEMO_KITCHEN, sleep: null, away: [] };
const inputOf = (dishes: readonly Dish[], more: Partial<Supper> = {}, kitchen: Kitchen = always) =>
  planInput(dishes, { supper: supperOf(dishes, more), kitchen });
const hoursBefore = (hours: number) => AT - hours * 3_600_000;
const kinds = ({ ways }: WaysOut) =>
  ways.map(({ change }) =>
    change.kind === "quicker" ? change.steps.map((s) => `${s.step} ${s.way}`).join(" + ") : change.kind,
  );
const wayOf = (found: WaysOut, kind: string): WayOut => found.ways[kinds(found).indexOf(kind)] as WayOut;

const FROZEN = DEMO_DISHES.find((d) => d.parts.some((p) => p.steps.some((s) => s.kind === "freeze"))) as Dish;
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
const BEANS = dishOf(
  [
    part("beans", "Beans", null, 60, [
      step("soak", "soak", [food("chickpeas-dry", 300), food("water", 1200)], {
        waterC: 15,
        minutes: 480,
        chilled: true,
      }),
      step("drain", "drain", []),
      step("cook", "cook", [food("water", 1200)], { pan: "pot" }),
      step("drain", "drain-again", []),
    ]),
  ],
  "beans",
);
const [first, second] = DEMO_DISHES as readonly [Dish, Dish];

test("a block that would be frozen still: the chain and the hours there are, thawed in cold water or not frozen at all", () => {
  const found = waysOut(inputOf([FROZEN]), hoursBefore(30));
  expect(found.tooLong?.thereAreMin).toBe(1800);
  // 14 h freezing and 36 h thawing are two days and more.
  expect(found.tooLong?.needsMin).toBeGreaterThan(50 * 60);
  expect(found.tooLong?.steps.map((s) => s.step)).toEqual([
    "torn-filling.torn-thaw",
    "torn-filling.torn-freeze",
    "torn-filling.torn-rest",
  ]);
  expect(kinds(found)).toEqual([
    "torn-filling.torn-freeze unfrozen",
    "torn-filling.torn-thaw thaw-in-water",
    "as-it-is",
  ]);
  // USDA FSIS, The Big Thaw (from memory): a pound in cold water in about an hour, three in two to three.
  const thaw = wayOf(found, "torn-filling.torn-thaw thaw-in-water");
  expect(thaw.change.kind === "quicker" && thaw.change.steps[0]?.minutes).toBeGreaterThanOrEqual(60);
  expect(thaw.change.kind === "quicker" && thaw.change.steps[0]?.minutes).toBeLessThanOrEqual(180);
  expect(found.ways.slice(0, 2).every((w) => w.tableMin === 0 && w.startMin >= -1800)).toBe(true);
  const through = rowsOf(plan(inputOf(thaw.supper.dishes)))
    .flatMap((r) => (r.state === "computed" ? r.outcome.facts : []))
    .flatMap((f) => (f.kind === "through" && f.what === "thawed" ? [f] : []));
  // Also where it goes slowly.
  expect(through.map((f) => f.givenMin >= f.highMin)).toEqual([true]);
  // What went in at the freezer goes in at the step after the thaw.
  const unfrozen = plan(inputOf(wayOf(found, "torn-filling.torn-freeze unfrozen").supper.dishes));
  expect(unfrozen.blocked).toBe(0);
  expect(unfrozen.perEater.proteinG).toBeCloseTo(plan(inputOf([FROZEN])).perEater.proteinG, 6);
  // As it is: not in the middle of a night, but at the same hour of the first day that leaves the time.
  const asItIs = wayOf(found, "as-it-is");
  expect(asItIs.tableMin).toBe(2 * 1440);
  expect(asItIs.startMin).toBeGreaterThanOrEqual(-1800);
  expect(asItIs.supper.dishes).toEqual([FROZEN]);
});
test("two dishes half an hour before dinner are for the same evening, and nothing is told that comes no sooner", () => {
  const found = waysOut(inputOf(DEMO_DISHES.slice(0, 2)), hoursBefore(0.5));
  const later = found.ways.at(-1);
  expect(later?.change.kind).toBe("as-it-is");
  // The longest chain alone is 85 minutes.
  expect(later?.tableMin).toBeGreaterThanOrEqual(55);
  expect(later?.tableMin).toBeLessThanOrEqual(90);
  for (const way of found.ways.slice(0, -1)) expect(way.tableMin).toBeLessThanOrEqual((later?.tableMin ?? 0) - 10);
});
test("the soak is forgotten: hot water for the nuts, and for the beans hot water or pressure; both at once saves the most", () => {
  // Common practice: half an hour to an hour in water off the boil.
  const cream = waysOut(inputOf([CREAM]), hoursBefore(3));
  expect(kinds(cream)).toEqual(["cream.soak hot-soak", "as-it-is"]);
  const soak = wayOf(cream, "cream.soak hot-soak").supper.dishes[0]?.parts[0]?.steps[0];
  expect(soak).toMatchObject({ kind: "soak", waterC: 95, covered: true, chilled: false });
  expect(soak?.kind === "soak" && soak.minutes).toBeGreaterThanOrEqual(30);
  expect(soak?.kind === "soak" && soak.minutes).toBeLessThanOrEqual(60);
  const beans = waysOut(inputOf([BEANS]), hoursBefore(1.5));
  expect(kinds(beans)).toEqual(["beans.soak hot-soak", "as-it-is"]);
  // Both begun now would be ready in the middle of the night: they are for another day, as they are.
  expect(wayOf(beans, "as-it-is").tableMin).toBe(1440);
  expect(beans.ways.map((w) => w.tableMin)).toEqual([...beans.ways.map((w) => w.tableMin)].sort((a, b) => a - b));
  expect(quickerWays(BEANS, { machines: [], pans: [], burners: [] }).map((w) => w.kind)).toEqual(["hot-soak"]);
  // Two parts with a long step each: only both together bring dinner in time.
  const both = waysOut(inputOf([BEANS, CREAM]), hoursBefore(4));
  expect(kinds(both)[0]).toBe("beans.soak hot-soak + cream.soak hot-soak");
  expect(both.ways[0]?.tableMin).toBe(0);
  expect(both.ways.slice(1).every((w) => w.tableMin > 0)).toBe(true);
});
test("a quicker way that is less safe, or does not go into the cooker, is none", () => {
  // Until such a block is surely through, its outside has been warm for long, and the press comes on top.
  const size = { lengthMm: 140, widthMm: 110, thicknessMm: 65 };
  const block = dishOf(
    [
      part("block", "Block", null, 60, [
        step("freeze", "freeze", [food("tofu-firm", 1000)], { ...size, minutes: 2 * 1440 }),
        step("thaw", "thaw", [], { ...size, minutes: 2 * 1440 }),
        step("press", "press", [], { ...size, loadKg: 5, minutes: 60 }),
        step("cut", "cut", [], { pieceMm: 20 }),
      ]),
    ],
    "block",
  );
  expect(kinds(waysOut(inputOf([block]), hoursBefore(90)))).toEqual(["block.freeze unfrozen", "as-it-is"]);
  const many = step("cook", "cook", [food("pinto-beans-dry", 2500), food("water", 9000)], { pan: "pot" });
  const pots = dishOf([part("beans", "Beans", null, 60, [many])], "many");
  expect(kinds(waysOut(inputOf([pots]), hoursBefore(1.25)))).toEqual(["as-it-is"]);
});
test("where the chain alone would be in time but two hands are not, dinner is later, and no beginning is past", () => {
  const found = waysOut(inputOf([first, second]), AT - 95 * 60_000);
  expect(found.tooLong).toBeNull();
  // Told is what is in the way, and nothing besides: with two cooks it would be in time.
  expect(found.because).toContainEqual(
    expect.objectContaining({ kind: "thing", thing: "hands", units: 1, name: null }),
  );
  expect(
    waysOut(inputOf([first, second], {}, withOneMore(always, "hands")), AT - 95 * 60_000).because,
  ).not.toContainEqual(expect.objectContaining({ thing: "hands", units: 1 }));
  const asItIs = wayOf(found, "as-it-is");
  expect(asItIs.tableMin).toBeGreaterThan(0);
  expect(found.ways.every((w) => w.startMin >= -95)).toBe(true);
});
test("beans that were not soaked: under pressure in half an hour, as cooks know", () => {
  const pot = step("cook", "cook", [food("pinto-beans-dry", 250), food("water", 1000)], { pan: "pot" });
  const dish = dishOf([part("beans", "Beans", null, 60, [pot])], "pintos");
  const found = waysOut(inputOf([dish]), hoursBefore(1.25));
  expect(kinds(found)).toEqual(["pintos.cook pressure", "as-it-is"]);
  const [way] = found.ways as [WayOut];
  expect(way.tableMin).toBe(0);
  // 25 to 40 min under pressure and what it takes to come up to it and down (common practice).
  expect(way.startMin).toBeLessThan(-30);
  expect(way.startMin).toBeGreaterThan(-75);
});
test("each way, done, is a supper that begins no earlier than now, breaks nothing, and is as safe as before", () => {
  const cases = [
    [[FROZEN], 30],
    [[CREAM], 3],
    [[BEANS], 4],
    [[first, second], 0.75],
  ] as const;
  for (const [dishes, hours] of cases.slice(many(1, 0), many(3, cases.length))) {
    const input = inputOf(dishes);
    const stops = (of: typeof input, at: Parameters<typeof judge>[2]) =>
      judge(of, plan(of), at).filter((c) => c.severity === "stop").length;
    for (const { supper, kitchen, tableMin, startMin } of waysOut(input, hoursBefore(hours)).ways) {
      const serveAt = new Date(AT + tableMin * 60_000).toISOString();
      const then = { ...input, kitchen, supper: { ...supper, serveAt } };
      const question = scheduleQuestion(plan(then), kitchen, serveAt);
      const at = schedule(question);
      if (at.kind !== "fits") throw new Error(`${supper.dishes[0]?.name}: does not fit`);
      expect(broken(question, at.starts, "hard")).toEqual([]);
      expect(at.startMin + tableMin).toBeGreaterThanOrEqual(-hours * 60 - 1);
      expect(startMin).toBeGreaterThanOrEqual(-hours * 60 - 1);
      expect(stops(then, at)).toBeLessThanOrEqual(stops(input, null));
    }
  }
});
test("steps that are held let go; a helper where hands are what is missing; nothing is offered that brings nothing", () => {
  const input = inputOf([first, second]);
  const planned = plan(input);
  const held = schedule(scheduleQuestion(planned, always, input.supper.serveAt));
  if (held.kind !== "fits") throw new Error("does not fit");
  const [key] = planned.tasks.filter((t) => t.kind === "hands").map((t) => t.step);
  // Held at a time that dinner has left behind.
  const pins = { [key as string]: new Date(AT + 30 * 60_000).toISOString() };
  const stuck = waysOut(inputOf([first, second], { pins }), hoursBefore(5));
  expect(kinds(stuck)[0]).toBe("let-move");
  expect(stuck.ways[0]).toMatchObject({ tableMin: 0, supper: { pins: {} } });
  expect(stuck.tooLong).toBeNull();
  expect(stuck.because).toEqual([{ kind: "held", name: null }]);
  const late = waysOut(input, hoursBefore(0.5));
  expect(kinds(late)).toEqual(["one-more", "as-it-is"]);
  expect(late.ways[0]?.kitchen.cooks.map((c) => c.name)).toEqual([...always.cooks.map((c) => c.name), "Helper"]);
  // Nothing past, and everything fits: no way is worse than none.
  expect(waysOut(inputOf([CREAM]), null).tooLong).toBeNull();
});
test("whoever asks from work is not in the kitchen: the first plan begins when somebody is there", () => {
  const away: Kitchen = { ...always, away: [{ from: "08:30", to: "18:45", days: [7] }] };
  const found = waysOut(inputOf([first], {}, away), hoursBefore(10));
  expect(kinds(found)).toEqual(["as-it-is"]);
  expect(found.ways[0]?.startMin).toBeGreaterThanOrEqual(-15);
  expect(found.ways[0]?.tableMin).toBeGreaterThan(30);
  // Who comes at five is no help before.
  const guest = { from: "17:00", to: "22:00", days: [1, 2, 3, 4, 5, 6, 7] };
  const alone: Kitchen = { ...always, cooks: [{ id: "a", name: "A", hours: guest }] };
  const evening = waysOut(inputOf([first], {}, alone), hoursBefore(2.5));
  expect(evening.ways[0]?.startMin ?? -120).toBeGreaterThanOrEqual(-120);
});
test("a step that is held keeps its day when dinner is for another one", () => {
  const pins = { "torn-filling.torn-press": new Date(AT - 4.5 * 3_600_000).toISOString() };
  const found = waysOut(inputOf([FROZEN], { pins }), hoursBefore(30));
  // The press on Sunday comes before the block is thawed: only let go is there a day for it as it is.
  expect(kinds(found)).toContain("let-move");
  expect(wayOf(found, "let-move").tableMin).toBe(2 * 1440);
  expect(found.ways.filter((w) => w.change.kind === "as-it-is" && w.tableMin > 0 && w.tableMin < 3 * 1440)).toEqual([]);
});
test("a kitchen gets one more of a thing under a name that is free", () => {
  const twice = withOneMore(withOneMore(always, "hands"), "hands");
  expect(twice.cooks.map((c) => c.id)).toEqual([...always.cooks.map((c) => c.id), "helper-1", "helper-2"]);
  const full = withOneMore(withOneMore(twice, "burner"), "oven");
  expect(borrowedIn(full)).toEqual(["hands", "hands", "burner", "oven"]);
  expect(withoutBorrowed(full)).toEqual(always);
  // A cook of the house who is called so stays.
  const own = { ...always, cooks: [...always.cooks, { id: "cook-2f", name: "Helper", hours: null }] };
  expect([borrowedIn(own), withoutBorrowed(own)]).toEqual([[], own]);
  const named = { ...always, burners: [{ id: "burner-1", name: "Camping stove", kind: "gas" as const, watts: 1500 }] };
  expect([borrowedIn(named), withoutBorrowed(named)]).toEqual([[], named]);
  const burner = withOneMore(always, "burner").burners.at(-1);
  expect(burner?.watts).toBe(Math.min(...always.burners.map((b) => b.watts)));
  expect(new Set(withOneMore(always, "burner").burners.map((b) => b.id)).size).toBe(always.burners.length + 1);
  expect(withOneMore(always, "oven").ovens).toHaveLength(always.ovens.length + 1);
  expect(withOneMore({ ...always, burners: [] }, "burner").burners[0]).toMatchObject({ kind: "coil", watts: 1500 });
});
test("a supper that is late only for the room that it leaves is in time without it, and what is taken leaves none", () => {
  const roomMin = 60;
  const input = inputOf(DEMO_DISHES.slice(0, 1));
  const roomy = { ...input, supper: { ...input.supper, roomMin } };
  const startsAt = (of: typeof input) => {
    const found = schedule(scheduleQuestion(plan(of), of.kitchen, of.supper.serveAt));
    return found.kind === "fits" ? found.startMin : NaN;
  };
  const between = (startsAt(roomy) + startsAt(input)) / 2;
  expect(startsAt(roomy)).toBeLessThan(startsAt(input) - 20);
  const found = waysOut(roomy, Date.parse(input.supper.serveAt) + between * 60_000);
  const asItIs = wayOf(found, "as-it-is");
  expect(asItIs.tableMin).toBe(0);
  expect(asItIs.supper.roomMin).toBe(0);
  expect(startsAt({ ...input, supper: asItIs.supper })).toBeGreaterThanOrEqual(between);
});
test("what comes frozen can be bought thawed; what the cook freezes cannot; the widest pan sears more at once", () => {
  const size = { lengthMm: 140, widthMm: 110, thicknessMm: 65 };
  const bought = dishOf(
    [
      part("block", "Block", null, 60, [
        step("freeze", "freeze", [food("tofu-firm", 400)], { ...size, minutes: 2 * 1440, ready: true }),
        step("thaw", "thaw", [], { ...size, minutes: 2 * 1440 }),
        step("press", "press", [], { ...size, loadKg: 5, minutes: 60 }),
        step("cut", "cut", [], { pieceMm: 20 }),
      ]),
    ],
    "block",
  );
  const found = waysOut(inputOf([bought]), hoursBefore(3));
  const way = wayOf(found, "block.thaw bought-thawed");
  expect(way).toMatchObject({ tableMin: 0 });
  expect(way.startMin).toBeGreaterThan(-180);
  expect(quickerWays(FROZEN, DEMO_KITCHEN).map((w) => w.kind)).not.toContain("bought-thawed");
  const strips = dishOf(
    [
      part("strips", "Strips", null, 10, [
        step("sear", "sear", [food("tofu-firm", 1500), food("rapeseed-oil", 30)], { pan: "small" }),
      ]),
    ],
    "strips",
  );
  const pan = (id: string, diameterCm: number) => ({ id, name: id, kind: "frying" as const, diameterCm, heightCm: 5 });
  const kitchen = { ...always, pans: [pan("small", 18), pan("wide", 30)] };
  const wider = waysOut(inputOf([strips], {}, kitchen), hoursBefore(0.7));
  const wide = wayOf(wider, "strips.sear wider-pan");
  expect(wide.supper.dishes[0]?.parts[0]?.steps[0]).toMatchObject({ pan: "wide" });
  expect(wide.tableMin).toBeLessThan(wayOf(wider, "as-it-is").tableMin);
});
