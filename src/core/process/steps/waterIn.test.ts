import { newStep } from "../../process/registry";
import { add, contentsOfFood, moistureOf, NOTHING, totalG } from "../contents";
import { EMPTY_VESSEL, type Vessel } from "../ledger";
import type { StepOf } from "../registry";
import { contents, fact, food, foods, likely, refusal, run, vesselOf } from "../__tests__/context";

const cook = (more: Partial<StepOf<"cook">> = {}, waterG = 900): StepOf<"cook"> => ({
  ...newStep("cook", "c"),
  adds: [food("water", waterG)],
  ...more,
});
const lentils = () => vesselOf(contents("green-lentils", 200));

describe("cook", () => {
  test("200 g of lentils come to about 2.8 times their mass (USDA moistures, card 12: 2.84)", () => {
    const out = run(lentils(), cook());
    expect(totalG(out.after.batch) / 200).toBeGreaterThan(2.6);
    expect(totalG(out.after.batch) / 200).toBeLessThan(2.95);
    expect(fact(out, "softened")).toMatchObject({ share: 1, atC: 100 });
    expect(out.after.bath).not.toBeNull();
  });
  test("soaked chickpeas take an hour, unsoaked two (card 12: 118.2 min at 100 °C)", () => {
    const dry = fact(run(vesselOf(contents("chickpeas-dry", 200)), cook()), "softened").softMin;
    const soaked = vesselOf(add(contents("chickpeas-dry", 200), { ...NOTHING, waterG: 200 }));
    expect(dry).toBeCloseTo(118.2, 0);
    expect(fact(run(soaked, cook()), "softened").softMin).toBeCloseTo(60, 6);
  });
  test("under pressure it is over five times as fast; on a mountain slower", () => {
    const minutes = (step: StepOf<"cook">, on = likely) => fact(run(lentils(), step, on), "softened").softMin;
    // 80 kPa gauge at sea level is 117 °C (IAPWS): 10^(17/28) = 4.05 times.
    expect(minutes(cook()) / minutes(cook({ pressure: true }))).toBeCloseTo(4.06, 1);
    expect(minutes(cook(), { ...likely, boilC: 93.3 })).toBeGreaterThan(1.6 * minutes(cook()));
  });
  test("dry pinto-type beans under pressure, unsoaked: about 30 min (common practice)", () => {
    const beans = vesselOf(contents("pinto-beans-dry", 190));
    const { softMin } = fact(run(beans, cook({ pressure: true }, 333)), "softened");
    expect(softMin).toBeGreaterThan(25);
    expect(softMin).toBeLessThan(40);
  });
  test("pasta boiled short goes on where it was; dry rice that comes to it begins", () => {
    const pasta = run(EMPTY_VESSEL, { ...cook({ minutes: 6 }, 2000), adds: [food("pasta", 200), food("water", 2000)] });
    const { softMin } = fact(pasta, "softened");
    expect(pasta.after.softness).toBeCloseTo(6 / softMin, 9);
    const on = (more: Partial<StepOf<"cook">>) =>
      fact(run(pasta.after, { ...newStep("cook", "d"), ...more }), "softened");
    expect(on({ minutes: null })).toMatchObject({ share: 1, minutes: expect.closeTo(softMin - 6, 9) as number });
    expect(on({ minutes: 2 }).share).toBeCloseTo(8 / softMin, 9);
    expect(on({ minutes: 2, adds: [food("rice-white", 300)] }).share).toBeLessThan(0.3);
    // More pasta to what is half done: the least done counts, also where nothing is cooked.
    const mixed = run(pasta.after, { ...newStep("weigh", "w"), adds: [food("pasta", 50)] });
    expect(mixed.after.softness).toBe(0);
  });
  test("tomato slows it: sour liquid doubles the time", () => {
    const sour = vesselOf(add(contents("green-lentils", 200), { ...NOTHING, acidG: 5 }));
    expect(fact(run(sour, cook()), "softened").softMin).toBeCloseTo(50, 6);
  });
  test("too little water is said, and what there is goes in; too short is hard", () => {
    const out = run(lentils(), cook({}, 200));
    expect(fact(out, "bath-short").missingG).toBeGreaterThan(50);
    expect(out.after.bath).toBeNull();
    expect(fact(run(lentils(), cook({ minutes: 10 })), "softened").share).toBeCloseTo(0.4, 6);
  });
  // Card 19 and common practice: two cups of water to one of rice on the hob, one to one under pressure; yield 2.7 to 3.
  const CUP = { rice: 185, water: 237 };
  const rice = () => vesselOf(contents("rice-white", CUP.rice));
  test("rice with twice its volume of water on the hob drinks it, and comes to 2.7 to 3 times its mass", () => {
    const out = run(rice(), cook({}, 2 * CUP.water));
    const yields = totalG(out.after.batch) / CUP.rice;
    expect(yields).toBeGreaterThan(2.6);
    expect(yields).toBeLessThan(3);
    expect(totalG(out.after.bath ?? NOTHING)).toBeLessThan(0.2 * 2 * CUP.water);
    expect(out.facts.map((f) => f.kind)).not.toContain("bath-short");
  });
  test("rice with its own volume of water under pressure is not short; with half of it, it is", () => {
    const short = (waterG: number) =>
      run(rice(), cook({ pressure: true }, waterG)).facts.some((f) => f.kind === "bath-short");
    expect(short(CUP.water)).toBe(false);
    expect(short(CUP.water / 2)).toBe(true);
  });
  test("what is pot and what is food is told apart the same way in every sample", () => {
    const lines = likely.bring([food("rice-white", 185), food("water", 474)]);
    const world = { ...likely, bring: () => lines };
    const step = newStep("cook", "c");
    expect(totalG(run(EMPTY_VESSEL, step, world).after.batch)).toBe(totalG(run(EMPTY_VESSEL, step, world).after.batch));
  });
  test("what cannot be cooked is refused by name; no water too; the cooker's line is told", () => {
    const other = (food: string) => refusal(vesselOf(contents(food, 100)), cook());
    expect(other("potato")).toEqual({ kind: "other-step", food: "potato", take: "boil" });
    expect(other("soy-strips")).toEqual({ kind: "other-step", food: "soy-strips", take: "soak" });
    expect(refusal(lentils(), cook({}, 0)).kind).toBe("no-liquid");
    expect(refusal(lentils(), cook({ pressure: true }), { ...likely, machine: () => null })).toEqual({
      kind: "no-machine",
      wants: "pressure-cooker",
    });
    // 2 L cooker, half of it for what foams: 1 L.
    const full = fact(run(lentils(), cook({ pressure: true }, 1200)), "fill");
    expect(full.of).toBe("pressure-cooker");
    expect(full.share).toBeGreaterThan(1.2);
  });
  test("raw beans stay marked until ten minutes at a rolling boil, wherever they came in (FDA Bad Bug Book)", () => {
    const raw = run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds: [food("kidney-beans-dry", 200)] }).after;
    expect(raw.marks).toEqual(["raw-beans"]);
    const marks = (step: StepOf<"cook">) => run(raw, step).after.marks;
    expect(marks(cook({ minutes: 8 }))).toEqual(["raw-beans"]);
    expect(marks(cook({ minutes: 10 }))).toEqual([]);
    expect(marks(cook({ minutes: 10, pressure: true }))).toEqual([]);
    const inOne = { ...cook({ minutes: 30 }), adds: [food("kidney-beans-dry", 200), food("water", 900)] };
    expect(run(EMPTY_VESSEL, inOne).after.marks).toEqual([]);
    expect(run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds: [food("red-lentils", 200)] }).after.marks).toEqual([]);
  });
  test("mushrooms that must not be eaten raw lose their mark by being hot right through", () => {
    const raw = run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds: [food("enoki", 100)] }).after;
    expect(raw.marks).toEqual(["raw-mushrooms"]);
    expect(run(raw, newStep("season", "s")).after.marks).toEqual(["raw-mushrooms"]);
    expect(run(raw, newStep("brown", "b")).after.marks).toEqual([]);
  });
});

describe("steam and blanch", () => {
  const log: Vessel = {
    ...vesselOf(contents("tofu-firm", 500)),
    pieces: { count: 1, eachG: 500, form: "log", diameterMm: 60, thicknessMm: 60, lengthMm: 170 },
  };
  test("a 6 cm log in foil takes about an hour to 85 °C (card 8: 67 min from 10 °C)", () => {
    const cold = { ...log, batch: { ...log.batch, tempC: 10 } };
    const out = run(cold, { ...newStep("steam", "s"), wrapped: true, coreC: 85 });
    const minutes = fact(out, "cooked-through").minutes;
    // An infinite cylinder takes a little longer than the log with its ends.
    expect(minutes).toBeGreaterThan(60);
    expect(minutes).toBeLessThan(80);
    expect(out.after.batch.waterG).toBe(log.batch.waterG);
  });
  test("bare is quicker than wrapped, thinner than thicker", () => {
    const minutes = (v: Vessel, wrapped: boolean) =>
      fact(run(v, { ...newStep("steam", "s"), wrapped }), "cooked-through").minutes;
    const thin: Vessel = { ...log, pieces: { ...(log.pieces as never as object), thicknessMm: 30 } as never };
    expect(minutes(log, false)).toBeLessThan(minutes(log, true));
    expect(minutes(thin, false)).toBeLessThan(minutes(log, false) / 2);
  });
  test("blanched peas are cold and a little heavier", () => {
    const out = run(EMPTY_VESSEL, { ...newStep("blanch", "b"), adds: [food("peas", 400)] });
    expect(out.after.batch.tempC).toBe(5);
    expect(totalG(out.after.batch)).toBeCloseTo(412, 6);
  });
});

describe("gels and batters", () => {
  test("7 g of flax in 3 tbsp of water stand in for one egg of 51 g (common practice)", () => {
    const out = run(EMPTY_VESSEL, { ...newStep("gel", "g"), adds: [food("ground-flax", 7), food("water", 44.4)] });
    expect(fact(out, "gel").eggs).toBeCloseTo(1, 1);
    expect(totalG(out.after.batch)).toBeCloseTo(51.4, 6);
    expect(out.after.boundMin).toBe(10);
  });
  test("nothing that gels is refused", () => {
    expect(refusal(EMPTY_VESSEL, { ...newStep("gel", "g"), adds: [food("water", 50)] }).kind).toBe("no-binder");
  });
  test.each([
    [150, "thin"],
    [110, "tray"],
    [90, "thick"],
    [60, "stiff"],
  ] as const)("%d g of water to 100 g of flour is %s (card 19)", (waterG, body) => {
    const out = run(EMPTY_VESSEL, {
      ...newStep("batter", "b"),
      adds: [food("rice-flour", 100), food("water", waterG - 11.9)],
    });
    expect(fact(out, "batter")).toMatchObject({ body });
    expect(fact(out, "batter").waterPerFlour).toBeCloseTo(waterG / 99, 1);
  });
});

test("marinade of a food that is no sponge clings as a film; salt wanders in as thickness and time allow", () => {
  const tofu = (cutMm: number): Vessel => ({ ...vesselOf(contents("tofu-firm", 300)), cutMm });
  const step = {
    ...newStep("marinate", "m"),
    fit: false,
    minutes: 120,
    adds: [food("soy-sauce", 60), food("water", 60)],
  };
  const salt = (v: Vessel, minutes: number) => run(v, { ...step, minutes }).after.batch.saltG;
  expect(salt(tofu(10), 120)).toBeGreaterThan(salt(tofu(30), 120));
  expect(salt(tofu(20), 480)).toBeGreaterThan(salt(tofu(20), 30));
  // Never more than the share that both waters together would have (card 4).
  const all = contents("soy-sauce", 60).saltG;
  const even = (all * 246) / (246 + contents("soy-sauce", 60).waterG + 60);
  expect(salt(tofu(5), 2000)).toBeLessThan(even + 0.06 * all);
  expect(run(tofu(20), step).after.bath).not.toBeNull();
});
test("an own food that is like strips soaks like strips", () => {
  const mine = { ...foods("soy-strips"), id: "own-1", like: "soy-strips" } as never;
  const figures = (id: string) => likely.figures(id === "own-1" ? "soy-strips" : id);
  const on = { ...likely, food: () => mine, figures };
  const vessel = vesselOf(contentsOfFood(mine, 160, 20) as never);
  const soak = { ...newStep("soak", "s"), adds: [food("water", 900)] };
  expect(moistureOf(run(vessel, soak, on).after.batch)).toBeCloseTo(
    moistureOf(run(vesselOf(contents("soy-strips", 160)), soak).after.batch),
    9,
  );
});
