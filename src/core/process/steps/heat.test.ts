import { newStep } from "../../process/registry";
import { boilingPointC } from "../../models/boilingPoint";
import { contents, context, fact, food, likely, refusal, run, vesselOf } from "../__tests__/context";
import { NOTHING, saltShare, solidsG, totalG } from "../contents";
import { EMPTY_VESSEL } from "../ledger";
import { retold } from "../retold";
import type { StepOf } from "../registry";

describe("sear", () => {
  const step = (more: Partial<StepOf<"sear">> = {}): StepOf<"sear"> => ({
    ...newStep("sear", "s"),
    adds: [food("rapeseed-oil", 20)],
    ...more,
  });
  const strips = (moisture: number, grams = 160) => {
    const dry = contents("soy-strips", grams);
    return vesselOf({ ...dry, waterG: moisture * solidsG(dry) });
  };
  test("batches by the pan's floor, by hand: 0.7 · 616 cm² · 8 mm · 1.03 g/cm³ = 355 g", () => {
    const strong = { ...likely, burner: { netW: 5000, ratedW: 5000, efficiency: 1 } };
    const found = fact(run(strips(1.4, 320), step(), strong), "batches");
    const roomG = 0.7 * (Math.PI / 4) * 28 ** 2 * 0.8 * 1.03;
    expect(roomG).toBeCloseTo(355, 0);
    expect(found.count).toBe(Math.ceil(totalG(strips(1.4, 320).batch) / roomG));
    expect(found.limitedBy).toBe("room in the pan");
  });
  test("minutes by energy, by hand", () => {
    const vessel = strips(1.4);
    const { batch } = vessel;
    const waterOff = Math.max(0.14 * batch.waterG, batch.waterG - 1.3 * solidsG(batch));
    const found = fact(run(vessel, step()), "batches");
    const joules = (totalG(batch) * 3.3 * 80 + waterOff * 2256.4) / found.count;
    expect(found.eachMin).toBeCloseTo(joules / 800 / 60 + 2, 6);
  });
  test("oil goes in for the water that goes out: 0.2 g for a gram, the rest stays on the pan", () => {
    const outcome = run(strips(1.4), step());
    const steam = outcome.outputs.find((l) => l.to === "air")?.contents.waterG ?? 0;
    expect(outcome.after.batch.oilG).toBeCloseTo(Math.min(20, 0.2 * steam), 9);
    expect(outcome.outputs.find((l) => l.to === "utensil")?.contents.oilG).toBeCloseTo(20 - 0.2 * steam, 9);
  });
  test("salt grows stronger as water leaves, in grams it stays", () => {
    const vessel = { ...strips(1.6), batch: { ...strips(1.6).batch, saltG: 4 } };
    const { after } = run(vessel, step());
    expect(after.batch.saltG).toBe(4);
    expect(saltShare(after.batch)).toBeGreaterThan(saltShare(vessel.batch));
  });
});

describe("brown", () => {
  const step = (more: Partial<StepOf<"brown">> = {}): StepOf<"brown"> => ({ ...newStep("brown", "b"), ...more });
  test("button mushrooms lose 62 % of their raw mass (card 19: 55–70 %)", () => {
    const outcome = run(vesselOf(contents("button-mushrooms", 400)), step());
    expect(fact(outcome, "water-off").massG).toBeCloseTo(0.62 * 400, 6);
    expect(totalG(outcome.after.batch)).toBeCloseTo(400 * 0.38, 6);
  });
  test("a food without a figure loses the rule of thumb's quarter", () => {
    expect(fact(run(vesselOf(contents("sweet-potato", 400)), step()), "water-off").massG).toBeCloseTo(100, 6);
  });
  test("twice the mushrooms take about twice the drying", () => {
    const watch = (g: number) =>
      run(vesselOf(contents("button-mushrooms", g)), step({ browningMin: 0 })).phases[1]?.minutes ?? 0;
    expect((watch(800) - 2) / (watch(400) - 2)).toBeCloseTo(2, 6);
  });
  test("an empty pan is refused", () => expect(refusal(EMPTY_VESSEL, step()).kind).toBe("empty-vessel"));
});

describe("simmer and reduce", () => {
  test("of the flour in balls a little thickens the sauce they lie in, flour in the sauce does", () => {
    const mix = vesselOf(contents("chickpeas-cooked", 300), contents("wheat-flour", 60));
    const balls = {
      ...mix,
      pieces: { count: 11, eachG: 33, form: "ball", diameterMm: 39, thicknessMm: 39, lengthMm: 39 } as const,
    };
    const kinds = (vessel: typeof mix, ...more: ReturnType<typeof food>[]) =>
      run(vessel, { ...newStep("simmer", "s"), adds: [food("water", 400), ...more] }).facts.map((f) => f.kind);
    const per100 = (vessel: typeof mix, ...more: ReturnType<typeof food>[]) =>
      fact(run(vessel, { ...newStep("simmer", "s"), adds: [food("water", 400), ...more] }), "thickness").per100;
    // A little of it comes off; what goes into the sauce thickens it all.
    expect(per100(balls)).toBeLessThan(0.5 * per100(mix));
    expect(per100(balls, food("wheat-flour", 15))).toBeGreaterThan(per100(balls) + 1);
    expect(kinds(mix)).toContain("thickness");
  });
  test("weighed, a sauce is told again as thicker; a sauce with balls in it is not told of all that lay on the scale", () => {
    const mix = vesselOf(contents("chickpeas-cooked", 300), contents("wheat-flour", 20));
    const pieces = { count: 11, eachG: 29, form: "ball", diameterMm: 38, thicknessMm: 38, lengthMm: 38 } as const;
    const reading = (vessel: typeof mix) => {
      const told = run(vessel, { ...newStep("simmer", "s"), adds: [food("water", 400)] });
      const { batch } = told.after;
      const lighter = { ...told, after: { ...told.after, batch: { ...batch, waterG: batch.waterG - 100 } } };
      return { told, again: retold(told, lighter, likely.figures) };
    };
    const { told, again } = reading(mix);
    expect(fact(again, "thickness").per100).toBeGreaterThan(fact(told, "thickness").per100);
    const balls = reading({ ...mix, pieces });
    expect(fact(balls.told, "thickness").per100).toBeGreaterThan(0);
    expect(balls.again.facts.map((f) => f.kind)).not.toContain("thickness");
  });
  test("dry lentils that go into a sauce tell how soft they are; sour sauce and height slow them, cooked ones say nothing", () => {
    // Card 12: split red lentils take about a quarter of an hour at the boil; z 28 K makes 4 K below it 1.39 times that.
    const sauce = (id: string, acidG = 0) => ({
      ...newStep("simmer", "s"),
      minutes: 20,
      adds: [food(id, 120), food("water", 400), ...(acidG > 0 ? [food("lemon-juice", acidG / 0.055)] : [])],
    });
    const plain = fact(run(EMPTY_VESSEL, sauce("red-lentils")), "softened");
    expect(plain.atC).toBe(96);
    expect(plain.softMin).toBeGreaterThan(15);
    expect(plain.softMin).toBeLessThan(30);
    expect(plain.share).toBeCloseTo(20 / plain.softMin, 9);
    expect(fact(run(EMPTY_VESSEL, sauce("red-lentils", 3)), "softened").softMin).toBeCloseTo(2 * plain.softMin, 6);
    expect(run(EMPTY_VESSEL, sauce("lentils-cooked")).facts.map((f) => f.kind)).not.toContain("softened");
  });
  test("soaked ones and those of another part go on softening; what was cooked first counts", () => {
    const weighed = run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds: [food("red-lentils", 120)] }).after;
    expect(weighed.softness).toBe(0);
    const broth = [food("water", 400)];
    const simmer = (vessel: typeof weighed, minutes = 10) =>
      run(vessel, { ...newStep("simmer", "s"), minutes, adds: broth });
    const once = fact(simmer(weighed), "softened");
    expect(once.share).toBeCloseTo(10 / once.softMin, 9);
    const twice = simmer(simmer(weighed).after);
    expect(fact(twice, "softened")).toMatchObject({ minutes: 10, share: expect.closeTo(2 * once.share, 9) as number });
    // From then on they are soft and tell nothing more.
    expect(simmer(simmer(weighed, 60).after).facts.map((f) => f.kind)).not.toContain("softened");
    // Beans soaked before need no minutes for drinking, dry ones do (card 12).
    const dry = vesselOf(contents("chickpeas-dry", 200));
    const beans = (waterG: number) =>
      simmer({ ...dry, batch: { ...dry.batch, waterG: dry.batch.waterG + waterG }, softness: 0 });
    expect(fact(beans(0), "softened").softMin).toBeGreaterThan(1.5 * fact(beans(200), "softened").softMin);
    // A part brings its softness along.
    const bring = (softness: number | null) => ({
      ...likely,
      bring: () => [
        {
          from: "part",
          part: "p",
          raw: [],
          lumps: [],
          bathG: 0,
          softness,
          contents: contents("red-lentils", 120),
        } as const,
        { from: "food", food: "water", massG: 400, contents: contents("water", 400) } as const,
      ],
    });
    const joined = (softness: number | null) =>
      run(EMPTY_VESSEL, { ...newStep("simmer", "s"), minutes: 10 }, bring(softness));
    expect(fact(joined(0.5), "softened").share).toBeCloseTo(0.5 + once.share, 9);
    expect(joined(0.5).after.softness).toBeCloseTo(0.5 + once.share, 9);
    expect(joined(null).facts.map((f) => f.kind)).not.toContain("softened");
  });
  test("beans simmered and then boiled for five minutes are still raw: only minutes at the boil count", () => {
    const raw = run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds: [food("kidney-beans-dry", 200)] }).after;
    const simmered = run(raw, { ...newStep("simmer", "s"), minutes: 90, adds: [food("water", 900)] }).after;
    expect(simmered.marks).toEqual(["raw-beans"]);
    const boiled = (minutes: number) =>
      run(simmered, { ...newStep("cook", "c"), minutes, adds: [food("water", 500)] }).after.marks;
    expect(boiled(5)).toEqual(["raw-beans"]);
    expect(boiled(10)).toEqual([]);
  });
  const sauce = () => vesselOf(contents("water", 800), contents("tomato-paste", 100), contents("salt", 6));
  test("under a lid 1 % in ten minutes, open many times that", () => {
    const lost = (lid: boolean) => {
      const step: StepOf<"simmer"> = { ...newStep("simmer", "s"), minutes: 10, lid };
      return totalG(sauce().batch) - totalG(run(sauce(), step).after.batch);
    };
    expect(lost(true)).toBeCloseTo(0.01 * sauce().batch.waterG, 6);
    expect(lost(false)).toBeGreaterThan(5 * lost(true));
  });
  test("reduced to half, salt is twice as strong; minutes by power balance, by hand", () => {
    const step: StepOf<"reduce"> = { ...newStep("reduce", "r"), toShare: 0.5 };
    const vessel = sauce();
    const outcome = run(vessel, step);
    expect(totalG(outcome.after.batch)).toBeCloseTo(totalG(vessel.batch) / 2, 6);
    expect(saltShare(outcome.after.batch)).toBeCloseTo(2 * saltShare(vessel.batch), 9);
    const net = 0.4 * 2000 - 60;
    const mass = totalG(vessel.batch);
    const minutes = (mass * 3.9 * 80 + (mass / 2) * 2256.4) / net / 60;
    expect(outcome.phases[1]?.minutes).toBeCloseTo(minutes, 6);
  });
  test("a burner that cannot, a share that cannot be, a dry pan", () => {
    const weak = { ...likely, burner: { netW: 40, ratedW: 100, efficiency: 0.4 } };
    expect(refusal(sauce(), newStep("reduce", "r"), weak)).toEqual({ kind: "too-weak", burnerW: 100 });
    expect(refusal(sauce(), { ...newStep("reduce", "r"), toShare: 0 })).toMatchObject({
      kind: "out-of-range",
      field: "toShare",
    });
    expect(refusal(vesselOf(contents("rapeseed-oil", 30)), newStep("reduce", "r")).kind).toBe("no-liquid");
  });
});

describe("thicken", () => {
  test("8 g corn starch in 400 g of liquid: 2 g a hundred, coats a spoon, thicker on the plate", () => {
    const step = { ...newStep("thicken", "t"), adds: [food("corn-starch", 8)] };
    const found = fact(run(vesselOf(contents("water", 400)), step), "thickness");
    expect(found.per100).toBeCloseTo(2, 1);
    expect(found.thickness).toBe("coating");
    const nearly = fact(run(vesselOf(contents("water", 310)), step), "thickness");
    expect([nearly.thickness, nearly.atTable]).toEqual(["coating", "thick"]);
  });
  test("wheat flour counts half", () => {
    const per100 = (id: string) =>
      fact(run(vesselOf(contents("water", 400)), { ...newStep("thicken", "t"), adds: [food(id, 10)] }), "thickness")
        .per100;
    expect(per100("wheat-flour") / per100("corn-starch")).toBeCloseTo(0.48, 1);
  });
});

describe("boil", () => {
  const step = (more: Partial<StepOf<"boil">> = {}): StepOf<"boil"> => ({
    ...newStep("boil", "b"),
    adds: [food("water", 1500), food("salt", 15)],
    ...more,
  });
  const potatoes = () => vesselOf(contents("potato", 1000));
  test("water and salt are the bath and go down the drain, but for what entered", () => {
    const { after, outputs: left } = run(potatoes(), step());
    expect(totalG(after.batch)).toBeGreaterThan(1000);
    expect(totalG(after.batch)).toBeLessThan(1020);
    const drained = left.find((l) => l.to === "drain")?.contents;
    expect((drained?.saltG ?? 0) + after.batch.saltG).toBeCloseTo(15 + potatoes().batch.saltG, 2);
    expect(after.batch.saltG).toBeGreaterThan(1);
    expect(after.batch.saltG).toBeLessThan(4);
  });
  test("higher up it takes longer, and never blocks; the cook's own minutes stand, and leave it firm when they are few", () => {
    const at = (metres: number) => ({ ...likely, boilC: boilingPointC(metres) });
    const tender = (metres: number, more: Partial<StepOf<"boil">> = {}) =>
      fact(run(potatoes(), step({ pieceMm: 25, ...more }), at(metres)), "tender");
    const [sea, pass] = [tender(0).neededMin, tender(4000).neededMin];
    // Extension services: a quarter to a half more for each 1,500 m or so.
    expect(tender(2000).neededMin / sea).toBeGreaterThan(1.25);
    expect(pass / sea).toBeLessThan(3);
    expect(tender(0, { minutes: 5 })).toMatchObject({ givenMin: 5, neededMin: sea });
    expect(run(potatoes(), step({ pieceMm: 25, minutes: 1 })).after.batch.tempC).toBeLessThan(60);
  });
  test("shaped pieces are done by their middle", () => {
    const balls = { count: 20, eachG: 20, form: "ball", diameterMm: 33, thicknessMm: 33, lengthMm: 33 } as const;
    const dumplings = { ...vesselOf(contents("potato", 400)), pieces: balls };
    expect(fact(run(dumplings, step()), "cooked-through")).toMatchObject({ coreC: 80 });
    expect(fact(run(dumplings, step({ minutes: 2 })), "core-short").givenMin).toBe(2);
  });
  test("pulses, grains and pasta are sent to the step that works out their drinking; cooked ones may boil on", () => {
    const rice = { ...vesselOf(contents("rice-white", 200)), softness: 0.5 };
    expect(refusal(rice, step())).toEqual({ kind: "other-step", food: "rice-white", take: "cook" });
    const more = step({ adds: [food("water", 1500), food("rice-white", 100)] });
    expect(refusal({ ...rice, softness: 1 }, more).kind).toBe("other-step");
    expect(run({ ...rice, softness: 1 }, step()).facts.map((f) => f.kind)).toContain("tender");
  });
  test("without water there is nothing to boil in", () => {
    expect(refusal(potatoes(), step({ adds: [] })).kind).toBe("no-liquid");
  });
});

describe("mash and season", () => {
  test("hot pieces lose 2.5 % of their water, then salt comes up to its target", () => {
    const vessel = vesselOf(contents("potato", 1000));
    const outcome = run(vessel, { ...newStep("mash", "m"), adds: [food("olive-oil", 30)], saltTo: 0.009 });
    expect(outcome.outputs[0]?.contents.waterG).toBeCloseTo(0.025 * vessel.batch.waterG, 9);
    expect(saltShare(outcome.after.batch)).toBeCloseTo(0.009, 9);
  });
  test("seasoning without a target adds only what is named", () => {
    const outcome = run(vesselOf(contents("water", 500)), {
      ...newStep("season", "s"),
      adds: [food("lemon-juice", 10)],
    });
    expect(outcome.inputs).toHaveLength(1);
    expect(outcome.after.batch.acidG).toBeCloseTo(0.55, 9);
  });
});

describe("fry", () => {
  const pieces = { count: 10, eachG: 60, form: "patty" as const, diameterMm: 75, thicknessMm: 13, lengthMm: 75 };
  const vessel = () => ({ ...vesselOf(contents("soy-granules", 200), { ...NOTHING, waterG: 400 }), pieces });
  const step: StepOf<"fry"> = { ...newStep("fry", "f"), adds: [food("rapeseed-oil", 30)] };
  test("nine patties of 75 mm lie in a 28 cm pan at 70 %, by hand: 0.7 · (280/75)² = 9.8", () => {
    expect(fact(run(vessel(), step), "batches").count).toBe(2);
  });
  test("thicker pieces take the square of the time", () => {
    const minutes = (thicknessMm: number) =>
      fact(run({ ...vessel(), pieces: { ...pieces, thicknessMm } }, step), "cooked-through").minutes;
    expect(minutes(26) / minutes(13)).toBeGreaterThan(3);
    expect(minutes(26) / minutes(13)).toBeLessThan(4);
  });
  test("pieces wider than the pan are refused, loose ones are fried in loads", () => {
    const wide = { ...vessel(), pieces: { ...pieces, diameterMm: 390, lengthMm: 390 } };
    expect(refusal(wide, step)).toEqual({ kind: "piece-too-big", panMm: 280, pieceMm: 390 });
    // Loose strips are fried in loads, one layer each.
    expect(fact(run({ ...vessel(), pieces: null }, step), "batches").count).toBeGreaterThan(0);
  });
  test("no pan, no burner", () => {
    expect(refusal(vessel(), step, { ...likely, pan: () => null })).toEqual({ kind: "no-pan", wants: "frying" });
    expect(refusal(vessel(), step, { ...likely, burner: null }).kind).toBe("no-burner");
  });
  test("samples spread what is uncertain", () => {
    const low = context((_id, e) => e.low);
    const high = context((_id, e) => e.high);
    expect(fact(run(vessel(), step, low), "cooked-through").minutes).toBeLessThan(
      fact(run(vessel(), step, high), "cooked-through").minutes,
    );
  });
});

test("half a gram of starch in a cup of liquid is told as what it is: thin", () => {
  const thin = run(vesselOf(contents("water", 200), contents("corn-starch", 0.5)), newStep("simmer", "s"));
  expect(fact(thin, "thickness").atTable).toBe("broth");
  expect(run(vesselOf(contents("water", 200)), newStep("simmer", "s")).facts.some((f) => f.kind === "thickness")).toBe(
    false,
  );
});
