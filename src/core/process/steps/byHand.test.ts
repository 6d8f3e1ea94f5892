import { DEMO_KITCHEN } from "@/demo/household";
import { ML_OF } from "../../quantities/units";
import { foodIndex } from "../../foods/search";
import { FOODS } from "../../foods/table";
import { ownFood } from "../../foods/own";
import { contents, context, food, likely, refusal, run, vesselOf } from "../__tests__/context";
import { add, at, moistureOf, NOTHING, totalG } from "../contents";
import { EMPTY_VESSEL, type Fact, type Outcome, type Vessel } from "../ledger";
import { newStep, type Step, type StepKind, type StepOf } from "../registry";
import { applyStep } from "../apply";

/**
 * Arithmetic done by hand beside each line: what a cook could check with a scale, a clock and a pencil. Rates and minutes are
 * the house's own estimates, written down in `docs/models.md`.
 */
const step = <K extends StepKind>(kind: K, more: Partial<StepOf<K>> = {}): Step =>
  ({ ...newStep(kind, "s"), ...more }) as unknown as Step;
const handsMin = ({ phases }: Outcome) => phases.reduce((m, p) => (p.kind === "hands" ? m + p.minutes : m), 0);
const fact = <K extends Fact["kind"]>(outcome: Outcome, kind: K) =>
  outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);
const tofu = (massG = 300): Vessel => vesselOf(contents("tofu-firm", massG));

describe("hands-on minutes", () => {
  test.each([
    // 300 g at 5 g a minute and mm: 50 g/min, and a minute for board and knife.
    ["cut into 10 mm", step("cut", { how: "cut", pieceMm: 10 }), 1 + 300 / 60],
    // Finer than 6 mm nobody gets slower than 30 g a minute; coarser than 50 mm nobody faster than 250.
    ["cut into 3 mm", step("cut", { how: "cut", pieceMm: 3 }), 1 + 300 / 60],
    ["cut into 80 mm", step("cut", { how: "cut", pieceMm: 80 }), 1 + 300 / 250],
    ["tear", step("cut", { how: "tear", pieceMm: 30 }), 1 + 300 / 120],
    ["shred", step("cut", { how: "shred", pieceMm: 30 }), 1 + 300 / 60],
    ["crumble", step("cut", { how: "crumble", pieceMm: 8 }), 1 + 300 / 200],
    ["grate", step("cut", { how: "grate", pieceMm: 8 }), 1 + 300 / 80],
    ["top with two things", step("top", { adds: [food("panko", 20), food("parsley", 5)] }), 2 + 2 / 2],
    ["a batter's minutes", step("batter", { adds: [food("wheat-flour", 100), food("water", 120)] }), 4],
    ["soak", step("soak", { adds: [food("water", 500)] }), 2],
    ["weigh three things", step("weigh", { adds: [food("salt", 1), food("panko", 9), food("thyme", 1)] }), 1 + 3 / 2],
    ["sort at 200 g a minute", step("sort"), 1 + 300 / 200],
    ["drain", step("drain"), 1],
    ["pat 400 g a minute", step("pat"), 1 + 300 / 400],
    ["press", step("press"), 2],
    ["freeze", step("freeze"), 2],
    ["season", step("season", { adds: [food("salt", 2)] }), 2],
    ["marinate", step("marinate", { adds: [food("soy-sauce", 20)] }), 3],
    ["bind", step("bind", { adds: [food("ground-flax", 20)] }), 4],
    ["rest", step("rest"), 1],
    ["layer one thing", step("layer", { adds: [food("passata", 50)] }), 3 + 1],
    ["hold", step("hold"), 1],
    ["stand", step("stand"), 0.5],
    ["cool", step("cool"), 2],
    ["store", step("store"), 3],
    ["reheat", step("reheat"), 2],
    ["serve", step("serve"), 3],
    ["bake", step("bake"), 2],
    ["steam", step("steam"), 2],
    ["simmer", step("simmer", { adds: [food("water", 100)] }), 1],
    // Two minutes for the machine, one and a half for each filling of it: 300 g are one.
    ["pulse", step("pulse"), 2 + 1.5],
    // A minute, half a minute a rinse, and half a minute of swirling each.
    ["rinse twice", step("rinse", { how: "swirl", times: 2 }), 1 + 2 * 0.5 + 2 * 0.5],
    ["thicken", step("thicken", { minutes: 2, adds: [food("corn-starch", 5), food("water", 50)] }), 1 + 2],
  ] as const)("%s", (name, s, minutes) => {
    const vessel = name === "soak" ? vesselOf(contents("soy-strips", 100)) : tofu();
    expect(handsMin(run(vessel, s))).toBeCloseTo(minutes, 9);
  });
  const pieces = { count: 12, eachG: 25, form: "ball", diameterMm: 36, thicknessMm: 36, lengthMm: 36 } as const;
  test.each([
    // A fifth of a minute a piece, ten minutes at the most.
    ["glaze", step("glaze", { adds: [food("maple-syrup", 20)] }), 1 + 12 * 0.2],
    ["stuff eight", step("stuff", { count: 8 }), 1 + 8 * 0.8],
    ["slice ten", step("slice", { count: 10, thicknessMm: 3 }), 1 + 10 * 0.15],
  ] as const)("%s", (_name, s, minutes) => {
    expect(handsMin(run({ ...tofu(), pieces }, s))).toBeCloseTo(minutes, 9);
  });
  test("the cook's own minutes stand instead of the usual ones", () => {
    expect(handsMin(run(tofu(), step("season", { handsMin: 9, adds: [food("salt", 2)] })))).toBe(9);
  });
  test("mash: four minutes and one for every 500 g with what goes in", () => {
    const outcome = run(
      vesselOf(contents("potato", 900)),
      step("mash", { adds: [food("soy-milk", 100)], saltTo: null }),
    );
    // 2.5 % of the potatoes' water steams off before.
    const steam = 0.025 * contents("potato", 900).waterG;
    expect(handsMin(outcome)).toBeCloseTo(4 + (1000 - steam) / 500, 9);
    expect(totalG(outcome.after.batch)).toBeCloseTo(1000 - steam, 9);
    expect(outcome.outputs[0]).toMatchObject({ to: "air" });
  });
});

describe("what stays, by pencil", () => {
  test("two rinses of a litre round 100 g of water in pieces of 10 mm: a film and half a minute of diffusion, twice", () => {
    const salty = vesselOf(add(contents("tofu-firm", 0), { ...NOTHING, waterG: 100, saltG: 5, sugarG: 2 }));
    const { after } = run(salty, step("rinse", { how: "swirl", times: 2, waterG: 1000 }));
    // 1e-9 m²/s at 25 °C with 18 kJ/mol at 20 °C; a ball like a cube of 10 mm has 2.068 mm of volume over surface.
    const speed = 1e-9 * Math.exp((-18000 / 8.314462618) * (1 / 293.15 - 1 / 298.15));
    const far = (minutes: number) => 2 * Math.sqrt((speed * minutes * 60) / 0.0020678 ** 2 / Math.PI);
    const stays = (minutes: number) => 1 - ((0.05 + 0.95 * far(minutes)) * 1000) / 1100;
    expect(after.batch.saltG).toBeCloseTo(5 * stays(0.5) ** 2, 2);
    expect(after.batch.sugarG).toBeCloseTo(2 * stays(0.5) ** 2, 2);
    expect(after.batch.waterG).toBeCloseTo(100, 9);
    // A whole block hardly notices; cut small it does.
    const left = (cutMm: number) => run({ ...salty, cutMm }, step("rinse", { times: 2 })).after.batch.saltG;
    expect(left(60)).toBeGreaterThan(4.2);
    expect(left(4)).toBeLessThan(3.5);
  });
  test("cooling: 1 kg, 4 cm deep in the room: τ = m c d/(2 V h) · (1 + Bi/3), and twice the time is the square of the share", () => {
    const hot = vesselOf({ ...contents("lentils-cooked", 1000), tempC: 80 });
    const after = (minutes: number) =>
      run(hot, step("cool", { minutes, depthMm: 40, where: "room" })).after.batch.tempC;
    // 1 kg · 3900 J/kgK over 10 W/m²K · 2 · 0.001 m³/0.04 m, in minutes.
    const stirred = 3900 / (10 * ((2 * 0.001) / 0.04)) / 60;
    // Bi = h L/k with L = volume over surface, 2 cm, and k 0.501 (models card 8).
    const tau = stirred * (1 + (10 * 0.02) / 0.50099 / 3);
    expect(after(60)).toBeCloseTo(20 + 60 * Math.exp(-60 / tau), 4);
    expect((after(120) - 20) / 60).toBeCloseTo(((after(60) - 20) / 60) ** 2, 9);
    const iced = run(hot, step("cool", { minutes: 60, depthMm: 40, where: "ice-bath" }));
    expect(iced.after.batch.tempC).toBeCloseTo(0.5 + 79.5 * Math.exp(-60 / (stirred / 10)), 9);
    // From 135 to 70 °F in a room of 20 °C: what was hotter does not count.
    const hours = fact(run(hot, step("cool", { minutes: 60, depthMm: 40, where: "room" })), "cooled")?.hoursTo21;
    expect(hours).toBeCloseTo((tau * Math.log((57.2222 - 20) / (21.1111 - 20))) / 60, 3);
  });
  test("two days of cooling and half a day of keeping warm are the most", () => {
    const hot = vesselOf({ ...contents("lentils-cooked", 1000), tempC: 80 });
    expect(run(hot, step("cool", { minutes: 2880 })).phases.at(-1)?.minutes).toBe(2880);
    expect(refusal(hot, step("cool", { minutes: 2881 }))).toMatchObject({ kind: "out-of-range", high: 2880 });
    expect(run(hot, step("hold", { minutes: 720 })).phases.at(-1)?.minutes).toBe(720);
    expect(refusal(hot, step("hold", { minutes: 721 }))).toMatchObject({ kind: "out-of-range", high: 720 });
  });
  test("salt wanders into boiled roots, at most to the share that both waters would have, and more in smaller ones", () => {
    const boiled = (pieceMm: number) =>
      run(vesselOf(contents("potato", 800)), step("boil", { pieceMm, adds: [food("water", 1500), food("salt", 15)] }));
    const salt = (o: Outcome) => o.after.batch.saltG - contents("potato", 800).saltG;
    const even = (15 / (1500 + contents("potato", 800).waterG)) * contents("potato", 800).waterG;
    expect(salt(boiled(28))).toBeGreaterThan(0.1 * even);
    expect(salt(boiled(28))).toBeLessThan(even);
    // A pot without salt gives none.
    const plain = run(vesselOf(contents("potato", 800)), step("boil", { pieceMm: 28, adds: [food("water", 1500)] }));
    expect(Math.abs(salt(plain))).toBeLessThan(0.05);
    expect(boiled(28).after.batch.tempC).toBeGreaterThan(95);
    // And fresh water draws it out of what was brined.
    const brined = vesselOf({ ...contents("potato", 800), saltG: 16 });
    const drawn = run(brined, step("boil", { pieceMm: 10, adds: [food("water", 1500)] })).after.batch.saltG;
    expect(drawn).toBeLessThan(14);
    expect(drawn).toBeGreaterThan((16 / (1500 + contents("potato", 800).waterG)) * contents("potato", 800).waterG);
  });
  test("batter: 120 g of water to 100 g of flour, dry matter over 0.89, and a flour that nobody knows is none", () => {
    const made = run(EMPTY_VESSEL, step("batter", { adds: [food("wheat-flour", 100), food("water", 120)] }));
    const flour = contents("wheat-flour", 100);
    expect(fact(made, "batter")?.waterPerFlour).toBeCloseTo((120 + flour.waterG) / ((flour.solids.sum + 0) / 0.89), 1);
    const water = applyStep(
      vesselOf(contents("tofu-firm", 100)),
      step("batter", { adds: [food("water", 50)] }),
      likely,
    );
    expect(water).toMatchObject({ ok: false, failure: { kind: "no-binder" } });
  });
  test("a bath that was drunk to the last gram leaves no bath", () => {
    const outcome = run(
      vesselOf(contents("soy-strips", 100)),
      step("soak", { minutes: 600, adds: [food("water", 60)] }),
    );
    expect(fact(outcome, "bath-short")?.missingG).toBeGreaterThan(50);
    expect(totalG(outcome.after.bath ?? NOTHING)).toBeLessThan(4);
    expect(moistureOf(outcome.after.batch)).toBeLessThan(1);
  });
});

describe("what the kitchen lacks", () => {
  test("without an air fryer there is a reason; a long bake is left alone, a short one watched", () => {
    const none = { ...context((_id, e) => e.likely), machine: () => null };
    expect(applyStep(tofu(), step("air-fry"), none)).toMatchObject({ ok: false, failure: { kind: "no-machine" } });
    const baked = (minutes: number) => run(tofu(), step("bake", { minutes })).phases.map((p) => p.kind);
    expect(baked(30)).toContain("wait");
    expect(baked(15)).toContain("watch");
    expect(baked(15)).not.toContain("wait");
  });
});

test("imperial and Australian measures are none of the metric ones (GNU units: brcup, brtablespoon; AS: 20 mL)", () => {
  expect(ML_OF.imperial.cup).toBeCloseTo(284.130625, 6);
  expect(ML_OF.imperial.tbsp).toBeCloseTo(284.130625 / 16, 6);
  expect(ML_OF.au.tbsp).toBe(20);
  expect(ML_OF.au.cup).toBe(250);
  expect(DEMO_KITCHEN.spoons).toBe("metric");
});
test("a food whose name is the whole question comes before one that only begins with it", () => {
  const index = foodIndex([...FOODS, ownFood("a", "Salt marsh grass"), ownFood("b", "Salt")]);
  expect(index.find("salt").foods[0]?.id).toBe("b");
});

test("a sauce that will not coat says how much starch would do it; one that sets, how much liquid", () => {
  const thick = (starchG: number) =>
    fact(
      run(vesselOf(at(contents("water", 400), 95)), step("thicken", { adds: [food("corn-starch", starchG)] })),
      "thickness",
    );
  // To coat at 60 °C (× 1.18): 2.1/1.18 = 1.78 g per 100 g; 400 g with 2 g in them miss 5.1 g.
  expect(thick(2)?.starchG).toBeCloseTo(1.78 * 4 - 2, 0);
  expect(thick(2)?.thinningG).toBe(0);
  expect(thick(8)).toMatchObject({ starchG: 0, thinningG: 0 });
  // 24 g in 400 g are 6 g per 100: 400 · (6/1.78 − 1) = 948 g more.
  expect(thick(24)?.thinningG ?? 0).toBeGreaterThan(850);
  expect(thick(24)?.starchG).toBe(0);
});

describe("limits and batches by hand", () => {
  test("a gel says how much water a gram of its binder holds: 48 g on 16 g is three", () => {
    const made = run(EMPTY_VESSEL, step("gel", { adds: [food("ground-flax", 16), food("water", 48)] }));
    // Ground flax holds a little water of its own.
    expect(fact(made, "gel")?.waterPerG).toBeGreaterThan(3);
    expect(fact(made, "gel")?.waterPerG).toBeLessThan(3.1);
  });
  test("kept an hour in the fridge it is still warm, kept a day it is cold", () => {
    const hot = vesselOf(at(contents("tofu-firm", 1000), 60));
    const kept = (days: number) => run(hot, step("store", { days })).after.batch.tempC;
    expect(kept(1 / 24)).toBeGreaterThan(20);
    expect(kept(1)).toBeLessThan(8);
  });
  test("stuffed pieces may be 3 to 200 mm thick and 1 to 500 in number", () => {
    const stuffed = (thicknessMm: number, count = 4) =>
      applyStep(
        tofu(),
        step("stuff", { thicknessMm, count, adds: [food("spinach", 100)] }),
        context((_id, e) => e.likely),
      ).ok;
    expect([2.9, 3, 200, 201].map((mm) => stuffed(mm))).toEqual([false, true, true, false]);
    expect([0, 1, 500, 501].map((n) => stuffed(30, n))).toEqual([false, true, true, false]);
  });
  test("a coat takes 0.8 min a piece with crumbs, 0.4 with starch, two for the plates, and no longer than for sixty", () => {
    const pieces = (count: number): Vessel => ({
      ...tofu(),
      pieces: { count, eachG: 300 / count, form: "slice", diameterMm: 40, thicknessMm: 12, lengthMm: 40 },
    });
    const coat = (count: number, coating: "crumb" | "starch") =>
      handsMin(run(pieces(count), step("coat", { coating, adds: [food("corn-starch", 60)] })));
    expect(coat(10, "crumb")).toBeCloseTo(2 + 0.8 * 10, 6);
    expect(coat(10, "starch")).toBeCloseTo(2 + 0.4 * 10, 6);
    expect(coat(100, "starch")).toBeCloseTo(2 + 0.4 * 60, 6);
  });
  test("what fries loose covers half of the oil at 15 kg to the square metre; pieces by their own floor", () => {
    const fried = (vessel: Vessel) =>
      fact(run(vessel, step("deep-fry", { adds: [food("sunflower-oil", 3000)], minutes: 1 })), "batches");
    // A pot of 24 cm: 0.5 · 0.0452 m² · 15 kg/m² = 339 g; slices of 40 by 60 mm: about ten on half of the surface.
    const loose = fried({ ...vesselOf(contents("potato", 1500)), cutMm: 10 });
    expect(loose?.eachG ?? 0).toBeLessThanOrEqual(340);
    const slices = fried({
      ...tofu(),
      pieces: { count: 30, eachG: 10, form: "slice", diameterMm: 40, thicknessMm: 12, lengthMm: 60 },
    });
    expect((slices?.eachG ?? 0) / 10).toBeLessThanOrEqual(10);
  });
});
