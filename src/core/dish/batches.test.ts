import fc from "fast-check";
import { DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf, supperOf } from "../__tests__/supper";
import { judge } from "../judge";
import { plan } from "../plan";
import { solidsG, totalG } from "../process/contents";
import { stepKey, type StepKey } from "../process/log";
import type { Step } from "../process/registry";
import type { Computed } from "../safety/rule";
import { rowsOf } from "../schedule/work";
import { batchesFor, fittedAgain, madeApart, madeOnce, onItsOwn, type SharedBatch } from "./batches";
import { batchStandings, withDays } from "./batchStandings";
import type { Dish, Supper } from "./dish";
import { editDish, editStep } from "./edit";

const SUNDAY = "2026-11-29T19:00:00.000Z";
const TUESDAY = "2026-12-01T19:00:00.000Z";
const SOAK = { waterC: 15, minutes: 480, chilled: true } as const;
/** Chickpeas soaked and cooked, and what becomes of them after that. */
const chickpeas = (id: string, massG: number, rest: Parameters<typeof part>[4]): Dish =>
  dishOf(
    [
      part("beans", "Chickpeas", null, 60, [
        step("soak", "soak", [food("chickpeas-dry", massG), food("water", massG * 4)], SOAK),
        step("drain", "drain", []),
        step("cook", "cook", [food("water", massG * 3)]),
        step("drain", "drained", []),
        ...rest,
      ]),
    ],
    id,
  );
const stew = chickpeas("stew", 300, [
  step("simmer", "simmer", [food("passata", 400), food("rapeseed-oil", 20)], { minutes: 20 }),
]);
const salad = chickpeas("salad", 200, [step("season", "dress", [food("olive-oil", 30), food("lemon-juice", 30)])]);
const sunday = supperOf([stew], { id: "sun", name: "Sunday", serveAt: SUNDAY });
const tuesday = supperOf([salad], { id: "tue", name: "Tuesday", serveAt: TUESDAY });
const only = (of: readonly SharedBatch[]): SharedBatch => {
  expect(of).toHaveLength(1);
  return of[0] as SharedBatch;
};
const made = madeOnce(sunday, tuesday, only(batchesFor(sunday, tuesday)));
const planned = (supper: Supper) => plan({ ...inputOf([]), supper });
const rowIn = (supper: Supper, key: StepKey): Computed => {
  const row = rowsOf(planned(supper)).find((r) => r.key === key);
  if (row?.state !== "computed") throw new Error(`${key} ${JSON.stringify(row?.state)}`);
  return row;
};
const KEY = stepKey("salad", "beans-from-1");
const handsMin = (supper: Supper) =>
  planned(supper).tasks.reduce((sum, t) => (t.kind === "hands" ? sum + t.minutes : sum), 0);

describe("what two parts do alike", () => {
  test("the longest beginning with one ratio of grams, up to where it keeps", () => {
    expect(batchesFor(sunday, tuesday)).toEqual([
      {
        from: { dish: "stew", part: "beans", step: "drained" },
        into: { dish: "salad", part: "beans", step: "drained" },
        ratio: 2 / 3,
        where: "fridge",
        days: 2,
      },
    ]);
  });
  test("by those who eat: two at the first table, six at the other", () => {
    const [two, six] = [
      { ...sunday, guests: 2 },
      { ...tuesday, guests: 6 },
    ];
    expect(only(batchesFor(two, six)).ratio).toBeCloseTo((200 * 6) / (300 * 2), 12);
  });
  const changed = (id: string, more: object): Supper =>
    editDish(tuesday, "salad", (d) => editStep(d, id, (s) => ({ ...s, ...more })));
  const last = (later: Supper) => batchesFor(sunday, later).map((b) => b.from.step);
  test("another setting, another ratio, other food or what lies ready already is not alike", () => {
    expect(last(changed("cook", { pressure: true }))).toEqual(["drain"]);
    expect(last(changed("cook", { adds: [food("water", 300)] }))).toEqual(["drain"]);
    expect(last(changed("cook", { adds: [food("water", 600), food("salt", 3)] }))).toEqual(["drain"]);
    expect(last(changed("soak", { minutes: 600 }))).toEqual([]);
    expect(last(changed("soak", { adds: [food("white-beans-dry", 200), food("water", 800)] }))).toEqual([]);
    expect(last(changed("cook", { ready: true }))).toEqual(["drain"]);
    expect(last(changed("soak", { ready: true }))).toEqual([]);
    // Which pot it is in, and how long the cook's own hands take, is as it comes.
    expect(last(changed("cook", { pan: "pot", handsMin: 7, mayWaitMin: 30 }))).toEqual(["drained"]);
  });
  test("a little more or less of one thing is alike, a tenth is not", () => {
    const water = (massG: number) => last(changed("cook", { adds: [food("water", massG)] }));
    expect(water(608)).toEqual(["drained"]);
    expect(water(660)).toEqual(["drain"]);
  });
  test("what ran off an earlier step is the same where it is the same step's", () => {
    const with_ = (id: string, step_: string) => {
      const dish = chickpeas(id, 200, []);
      const line = { kind: "liquor", step: step_, share: 0.5 } as const;
      return supperOf([editStepOf(dish, "cook", [food("water", 600), line])], {
        id,
        serveAt: id === "a" ? SUNDAY : TUESDAY,
      });
    };
    const editStepOf = (dish: Dish, id: string, adds: Step["adds"]) =>
      editStep(dish, id, (s) => ({ ...s, adds }) as Step);
    const until = (one: string, other: string) =>
      batchesFor(with_("a", one), with_("b", other)).map((b) => b.from.step);
    expect(until("drain", "drain")).toEqual(["drained"]);
    expect(until("soak", "drain")).toEqual(["drain"]);
  });
  test("of several parts of the first supper the one that goes along the furthest", () => {
    const short = chickpeas("short", 150, []);
    const soaked = { ...short, parts: short.parts.map((p) => ({ ...p, steps: p.steps.slice(0, 2) })) };
    for (const dishes of [
      [soaked, stew],
      [stew, soaked],
    ])
      expect(only(batchesFor({ ...sunday, dishes }, tuesday)).from).toMatchObject({ dish: "stew", step: "drained" });
  });
  test("for no longer than it keeps: soaked one day, drained two, cooked three", () => {
    const after = (hours: number, later: Supper = tuesday) =>
      last({ ...later, serveAt: new Date(Date.parse(SUNDAY) + hours * 3_600_000).toISOString() });
    const cooked: Dish = { ...salad, parts: salad.parts.map((p) => ({ ...p, steps: p.steps.slice(0, 3) })) };
    expect(after(48)).toEqual(["drained"]);
    expect(after(49)).toEqual(["cook"]);
    expect(after(72)).toEqual(["cook"]);
    expect(after(73)).toEqual([]);
    expect(
      after(24, {
        ...tuesday,
        dishes: [{ ...cooked, parts: [{ ...cooked.parts[0], steps: cooked.parts[0]?.steps.slice(0, 1) }] }] as never,
      }),
    ).toEqual(["soak"]);
    expect(after(0)).toEqual([]);
    expect(after(-24)).toEqual([]);
  });
});

describe("made once", () => {
  test("the first supper makes both, sets the other's share aside and eats what it ate", () => {
    const aside = rowIn(made.first, stepKey("stew", "beans-aside-1"));
    const alone = rowIn(sunday, stepKey("stew", "drained"));
    const stays = aside.outcome.after.batch;
    // A fuller pot has a little less water for each bean: what it loses to it differs by a fiftieth at most.
    const isNear = (a: number, b: number, by: number) => expect(Math.abs(a / b - 1)).toBeLessThan(by);
    isNear(solidsG(stays), solidsG(alone.outcome.after.batch), 0.02);
    isNear(totalG(stays), totalG(alone.outcome.after.batch), 0.05);
    const [kept] = aside.outcome.outputs.filter((o) => o.to === "kept");
    const own = rowIn(tuesday, stepKey("salad", "drained")).outcome.after.batch;
    isNear(solidsG((kept as { contents: typeof stays }).contents), solidsG(own), 0.02);
  });
  test("the other one finds it cold and does none of it; the hands of both are fewer", () => {
    const lies = rowIn(made.later, KEY);
    expect(lies.outcome.phases).toEqual([]);
    expect(lies.outcome.after.batch.tempC).toBeLessThanOrEqual(5);
    expect(planned(made.later).tasks.map((t) => t.step)).toEqual(["salad.dress"]);
    expect(handsMin(made.first) + handsMin(made.later)).toBeLessThan(handsMin(sunday) + handsMin(tuesday));
    expect(made.later.madeWith).toEqual({ [KEY]: { supper: "sun", step: "stew.beans-aside-1" } });
  });
  test("protein of each plate is as before, also where the part is joined later", () => {
    const protein = (s: Supper) => planned(s).perEater.proteinG;
    expect(protein(made.first)).toBeCloseTo(protein(sunday), 9);
    expect(protein(made.later)).toBeCloseTo(protein(tuesday), 9);
    const joined: Dish = {
      ...stew,
      parts: [
        ...stew.parts,
        part("bowl", "Bowl", null, 10, [
          step("season", "bowl", [{ kind: "part", part: "beans", share: 0.75 }, food("walnuts", 40)]),
        ]),
      ],
    };
    const first = { ...sunday, dishes: [joined] };
    expect(protein(madeOnce(first, tuesday, only(batchesFor(first, tuesday))).first)).toBeCloseTo(protein(first), 9);
  });
  test("what is cooked for it is held against the limits for cooling; days that lie between against those for keeping", () => {
    const rules = (supper: Supper) => {
      const input = { ...inputOf([]), supper };
      return judge(input, plan(input), null).map((c) => `${c.rule} ${c.step}`);
    };
    expect(rules(made.first).filter((r) => r.startsWith("cooling"))).toEqual([]);
    const deep = editDish(made.first, "stew", (d) =>
      editStep(d, "beans-aside-1", (s) => ({ ...s, depthMm: 100 }) as Step),
    );
    expect(rules(deep)).toContain("cooling stew.beans-aside-1");
    const late = withDays({ ...made.later, serveAt: "2026-12-04T19:00:00.000Z" }, [made.first]);
    expect(rules(late)).toContain("kept-too-long salad.beans-from-1");
    expect(rules(made.later)).not.toContain("kept-too-long salad.beans-from-1");
    // The days are right already.
    expect(withDays(made.later, [made.first])).toBe(made.later);
    expect(withDays(made.later, [])).toBe(made.later);
  });
});

describe("made apart again", () => {
  test("both are as they were", () => {
    const apart = madeApart(made.first, made.later, KEY);
    expect(apart.later).toEqual(tuesday);
    expect(apart.first?.dishes[0]?.parts[0]?.steps.map((s) => s.id)).toEqual(stew.parts[0]?.steps.map((s) => s.id));
    expect(gramsOf(apart.first as Supper)).toEqual(gramsOf(sunday).map((g) => expect.closeTo(g, 9)));
  });
  test("without the first one only the other is changed", () => {
    expect(madeApart(null, made.later, KEY)).toEqual({ first: null, later: tuesday });
  });
  test("on the shelf a dish makes what it eats, at both ends of a batch", () => {
    expect(onItsOwn(made.later, made.later.dishes[0] as Dish, [])).toEqual(salad);
    const shelved = onItsOwn(made.first, made.first.dishes[0] as Dish, [made.later]);
    expect(gramsOf({ ...sunday, dishes: [shelved] })).toEqual(gramsOf(sunday).map((g) => expect.closeTo(g, 9)));
    // What the cook sets aside by own wish stays.
    expect(onItsOwn(made.first, made.first.dishes[0] as Dish, [tuesday])).toEqual(made.first.dishes[0]);
  });
  test("several suppers have batches of one: whichever goes first, the grams of the others stay", () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ massG: fc.integer({ min: 60, max: 900 }), steps: fc.constantFrom(2, 3, 4) }), {
          minLength: 2,
          maxLength: 4,
        }),
        fc.nat(),
        (wishes, seed) => {
          const takers = wishes.map(({ massG, steps }, i): Supper => {
            const whole = chickpeas(`t${i}`, massG, []);
            const short = { ...whole, parts: whole.parts.map((p) => ({ ...p, steps: p.steps.slice(0, steps) })) };
            return supperOf([short], { id: `taker-${i}`, serveAt: TUESDAY });
          });
          let first = sunday;
          const linked = takers.map((taker) => {
            const both = madeOnce(first, taker, only(batchesFor(first, taker)));
            first = both.first;
            return both.later;
          });
          const stands = (all: readonly Supper[]) =>
            all.every((l) => batchStandings(l, [first]).every((b) => b.kind === "stands"));
          expect(stands(linked)).toBe(true);
          const order = linked.map((l, i) => ({ l, at: (seed * (i + 7)) % 11 })).sort((a, b) => a.at - b.at);
          order.forEach(({ l }, i) => {
            first = madeApart(first, l, Object.keys(l.madeWith)[0] as StepKey).first as Supper;
            expect(stands(order.slice(i + 1).map((o) => o.l))).toBe(true);
          });
          expect(gramsOf(first)).toEqual(gramsOf(sunday).map((g) => expect.closeTo(g, 6)));
        },
      ),
      { numRuns: 60, seed: 5 },
    );
  });
});

describe("what is no longer to be counted on", () => {
  const standing = (later: Supper, others: readonly Supper[]) => batchStandings(later, others)[0];
  test("it stands, is gone, comes later, lies too long", () => {
    expect(standing(made.later, [made.first])).toMatchObject({ kind: "stands", with: "Sunday", where: "fridge" });
    expect(standing(made.later, [])).toMatchObject({ kind: "gone", part: "Chickpeas" });
    expect(standing(made.later, [sunday])).toMatchObject({ kind: "gone" });
    expect(standing(made.later, [{ ...made.first, serveAt: TUESDAY }])).toMatchObject({ kind: "later" });
    expect(standing({ ...made.later, serveAt: "2026-12-02T19:00:00.000Z" }, [made.first])).toMatchObject({
      kind: "too-long",
      days: 3,
      keepsDays: 2,
    });
    expect(batchStandings(tuesday, [made.first])).toEqual([]);
  });
  test("too little when more eat here or fewer there, and fitted again for both", () => {
    const more = { ...made.later, guests: 8 };
    expect(standing(more, [made.first])).toMatchObject({ kind: "too-little", share: expect.closeTo(0.5, 9) });
    const fewer = { ...made.first, guests: 2 };
    expect(standing(made.later, [fewer])).toMatchObject({ kind: "too-little", share: expect.closeTo(0.5, 9) });
    const again = fittedAgain(made.first, more, KEY);
    expect(standing(again?.later as Supper, [again?.first as Supper])).toMatchObject({ kind: "stands" });
    expect(gramsOf(again?.first as Supper)[0]).toBeCloseTo(300 + 400, 9);
  });
  test("beside a share of another supper: half of everything is half for both", () => {
    const monday = supperOf([chickpeas("soup", 100, [])], { id: "mon", serveAt: "2026-11-30T19:00:00.000Z" });
    const short = {
      ...monday,
      dishes: monday.dishes.map((d) => ({ ...d, parts: d.parts.map((p) => ({ ...p, steps: p.steps.slice(0, 2) })) })),
    };
    const both = madeOnce(made.first, short, only(batchesFor(made.first, short)));
    const half = { ...both.first, guests: 2 };
    for (const later of [made.later, both.later])
      expect(standing(later, [half])).toMatchObject({ kind: "too-little", share: expect.closeTo(0.5, 6) });
  });
  test("other food than is needed is none at all, and cannot be fitted", () => {
    const other = editDish(made.first, "stew", (d) =>
      editStep(d, "soak", (s) => ({ ...s, adds: [food("white-beans-dry", 500), food("water", 2000)] })),
    );
    expect(standing(made.later, [other])).toMatchObject({ kind: "too-little", share: 0 });
    expect(fittedAgain(other, made.later, KEY)).toBeNull();
  });
  test("who took the step out of the dish counts on nothing", () => {
    const out = editDish(made.later, "salad", (d) => ({
      ...d,
      parts: d.parts.map((p) => ({ ...p, steps: p.steps.filter((s) => s.kind !== "store") })),
    }));
    expect(batchStandings(out, [made.first])).toEqual([]);
  });
});

/** Grams of every line in the order of the dishes. */
const gramsOf = (supper: Supper): number[] =>
  supper.dishes.flatMap((d) =>
    d.parts.flatMap((p) => p.steps.flatMap((s) => s.adds.flatMap((l) => (l.kind === "food" ? [l.massG ?? NaN] : [])))),
  );
test("the kitchen of the demo has a pot for both", () => {
  expect(planned(made.first).blocked).toBe(0);
  expect(DEMO_KITCHEN.pans.some((p) => p.kind === "pot")).toBe(true);
});
