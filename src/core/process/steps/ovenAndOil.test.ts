import { applyStep } from "../apply";
import { newStep } from "../../process/registry";
import { add, type Contents, NOTHING, solidsG, totalG } from "../contents";
import type { ShapedPieces, Vessel } from "../ledger";
import type { StepOf } from "../registry";
import { contents, context, fact, food, likely, refusal, run, vesselOf } from "../__tests__/context";

const mix = (massG: number): Contents => add(contents("tofu-firm", massG * 0.9), contents("wheat-flour", massG * 0.1));
const shaped = (form: ShapedPieces["form"], count: number, eachG: number, mm: number): Vessel => ({
  ...vesselOf({ ...mix(count * eachG), tempC: 5 }),
  pieces: { count, eachG, form, diameterMm: mm, thicknessMm: mm, lengthMm: mm },
});
const bake = (more: Partial<StepOf<"bake">> = {}): StepOf<"bake"> => ({ ...newStep("bake", "b"), ...more });

describe("bake", () => {
  test("a 40 g ball: 20.8 min at 200 °C with drying, 6 % lost (models card 8)", () => {
    const out = run(shaped("ball", 12, 40, 41.75), bake({ minutes: null, coreC: 74 }));
    expect(fact(out, "cooked-through").minutes).toBeGreaterThan(19.5);
    expect(fact(out, "cooked-through").minutes).toBeLessThan(22);
    expect(1 - totalG(out.after.batch) / 480).toBeGreaterThan(0.05);
    expect(1 - totalG(out.after.batch) / 480).toBeLessThan(0.07);
  });
  test("an 80 g ball takes 1.4 times as long; a fan oven is quicker, foil slower", () => {
    const minutes = (v: Vessel, more: Partial<StepOf<"bake">> = {}) =>
      fact(run(v, bake({ minutes: null, coreC: 74, ...more })), "cooked-through").minutes;
    const small = minutes(shaped("ball", 6, 40, 41.75));
    expect(minutes(shaped("ball", 3, 80, 52.6)) / small).toBeGreaterThan(1.3);
    expect(minutes(shaped("ball", 3, 80, 52.6)) / small).toBeLessThan(1.6);
    expect(minutes(shaped("ball", 6, 40, 41.75), { fan: true })).toBeLessThan(small);
    expect(minutes(shaped("ball", 6, 40, 41.75), { cover: "foil" })).toBeGreaterThan(small);
    expect(minutes(shaped("ball", 6, 40, 41.75), { ovenC: 170 })).toBeGreaterThan(small);
  });
  test("minutes that don't reach the core are said, with those that would", () => {
    const short = fact(run(shaped("ball", 3, 80, 52.6), bake({ minutes: 10, coreC: 74 })), "core-short");
    expect(short.givenMin).toBe(10);
    expect(short.neededMin).toBeGreaterThan(20);
  });
  test("what is assembled hot needs no time to heat: a pie put together at 85 °C is done at once", () => {
    const hot: Vessel = { ...shaped("layer", 1, 2000, 45), batch: { ...mix(2000), tempC: 85 } };
    const out = run(hot, bake({ minutes: 15, coreC: 74 }));
    expect(fact(out, "cooked-through").minutes).toBe(0);
    expect(out.facts.some((f) => f.kind === "core-short")).toBe(false);
  });
  test("aubergine cubes lose 35 to 45 % in half an hour at 200 °C (card 19); a lid keeps most of it in", () => {
    const cubes: Vessel = { ...vesselOf(contents("aubergine", 800)), cutMm: 25 };
    const lost = (more: Partial<StepOf<"bake">>) => 1 - totalG(run(cubes, bake(more)).after.batch) / 800;
    expect(lost({ minutes: 30 })).toBeCloseTo(0.4, 2);
    expect(lost({ minutes: 30, cover: "lid" })).toBeLessThan(0.12);
    expect(lost({ minutes: 45 })).toBeGreaterThan(lost({ minutes: 30 }));
  });
  test("baking potatoes of 250–300 g take 45 to 65 min at 190 °C (common practice 55–65)", () => {
    const potatoes: Vessel = {
      ...vesselOf(contents("baking-potato", 1100)),
      pieces: { count: 4, eachG: 275, form: "ball", diameterMm: 79, thicknessMm: 79, lengthMm: 79 },
    };
    const minutes = (vessel: Vessel) =>
      fact(run(vessel, bake({ ovenC: 190, minutes: null, coreC: 96 })), "cooked-through").minutes;
    expect(minutes(potatoes)).toBeGreaterThan(45);
    expect(minutes(potatoes)).toBeLessThan(66);
    // Weighed in and never cut, they are as big as one potato is.
    const whole = vesselOf(contents("baking-potato", 1100));
    expect(minutes(whole) / minutes(potatoes)).toBeCloseTo(1, 1);
    expect(minutes({ ...whole, cutMm: 30 })).toBeLessThan(0.5 * minutes(whole));
  });
  test("a food without a figure is marked as a rule of thumb", () => {
    expect(run(vesselOf(contents("sauerkraut", 300)), bake()).facts).toContainEqual({
      kind: "rule-of-thumb",
      what: "loss",
    });
  });
  test("nonsense and want of an oven are refused by name", () => {
    expect(refusal(vesselOf(mix(100)), bake({ ovenC: 20 }))).toMatchObject({ field: "ovenC" });
    expect(refusal(vesselOf(mix(100)), bake(), { ...likely, ovens: 0 }).kind).toBe("no-oven");
    expect(refusal(vesselOf(mix(100)), bake({ minutes: null, coreC: null }))).toMatchObject({ field: "minutes" });
    expect(refusal({ ...vesselOf(mix(100)), marks: ["frozen"] }, bake()).kind).toBe("still-frozen");
  });
});

describe("air-fry", () => {
  test("forty pieces of 5 cm in a 24 cm basket go in three batches (card 9: 17 each)", () => {
    const flat: Vessel = {
      ...vesselOf(mix(1200)),
      pieces: { count: 40, eachG: 30, form: "patty", diameterMm: 50, thicknessMm: 14, lengthMm: 50 },
    };
    // 0.75 · 0.24² / (π/4 · 0.05²) = 22 round ones; the card's 17 are square: 0.75 · 0.0576 / 0.0025.
    const step = { ...newStep("air-fry", "a"), minutes: 12, coreC: null };
    expect(fact(run(flat, step), "batches").count).toBe(2);
    const square: Vessel = { ...flat, pieces: { ...(flat.pieces as ShapedPieces), form: "slice" } };
    expect(fact(run(square, step), "batches").count).toBe(3);
  });
  test("a batch's minutes are those to the core when none were given", () => {
    const balls = run(shaped("ball", 40, 40, 41.75), { ...newStep("air-fry", "a"), minutes: null, coreC: 74 });
    expect(fact(balls, "batches").eachMin).toBeCloseTo(fact(balls, "cooked-through").minutes, 9);
    expect(fact(balls, "batches").eachMin).toBeGreaterThan(8);
  });
  test("a hundred pieces of 8 cm need more than the two trays of an oven", () => {
    const many: Vessel = {
      ...vesselOf(mix(4000)),
      pieces: { count: 100, eachG: 40, form: "patty", diameterMm: 80, thicknessMm: 8, lengthMm: 80 },
    };
    // 0.75 · 0.36 · 0.45 / (π/4 · 0.08²) = 24 a tray, 48 an oven: three batches, by hand.
    expect(fact(run(many, bake({ minutes: 15 })), "batches")).toMatchObject({
      count: 3,
      limitedBy: "room on the trays",
      eachMin: 15,
    });
    expect(run(shaped("ball", 6, 40, 41.75), bake({ minutes: 15 })).facts.some((f) => f.kind === "batches")).toBe(
      false,
    );
  });
  test("it is quicker than the oven: a 40 g ball in 10.4 min and what its drying surface adds (card 8)", () => {
    const step = { ...newStep("air-fry", "a"), ovenC: 190, minutes: null, coreC: 74 };
    const { minutes } = fact(run(shaped("ball", 6, 40, 41.75), step), "cooked-through");
    expect(minutes).toBeGreaterThan(10.4);
    expect(minutes).toBeLessThan(16.5);
  });
});

describe("deep-fry", () => {
  const oil = (more: Partial<StepOf<"deep-fry">> = {}, massG = 1380): StepOf<"deep-fry"> => ({
    ...newStep("deep-fry", "d"),
    adds: [food("sunflower-oil", massG)],
    ...more,
  });
  const wet = (massG: number) => vesselOf({ ...mix(massG), tempC: 10 });
  test("a batch is what the oil can heat without falling below 160 °C (card 9)", () => {
    const on = { ...likely, burner: { netW: 1200, ratedW: 3000, efficiency: 0.4 } };
    const out = run(wet(1000), oil(), on);
    // The card's 0.264 kg is for 20 % water lost at 748 kJ/kg; ours loses 24 % of its water, so a little less.
    expect(fact(out, "batches").eachG).toBeLessThan(264);
    expect(fact(out, "batches").eachG).toBeGreaterThan(180);
    expect(fact(out, "batches").limitedBy).toBe("heat of the burner");
  });
  test("more oil and a stronger burner take larger batches", () => {
    const each = (step: StepOf<"deep-fry">, netW: number) =>
      fact(run(wet(1000), step, { ...likely, burner: { netW, ratedW: netW / 0.4, efficiency: 0.4 } }), "batches").eachG;
    expect(each(oil({}, 2400), 900)).toBeGreaterThan(each(oil({}, 900), 900));
    expect(each(oil(), 1800)).toBeGreaterThan(each(oil(), 700));
  });
  test("oil taken up goes with the water lost; the rest is left", () => {
    const out = run(wet(400), oil());
    const lost = wet(400).batch.waterG - out.after.batch.waterG;
    expect(out.after.batch.oilG).toBeCloseTo(0.35 * lost, 6);
    expect(out.outputs.find((l) => l.to === "drain")?.contents.oilG).toBeCloseTo(1380 - 0.35 * lost, 6);
  });
  test("no oil, a burner too weak, oil out of range", () => {
    expect(refusal(wet(200), { ...oil(), adds: [] }).kind).toBe("no-liquid");
    expect(refusal(wet(200), oil(), { ...likely, burner: { netW: 200, ratedW: 500, efficiency: 0.4 } }).kind).toBe(
      "too-weak",
    );
    expect(refusal(wet(200), oil({ oilC: 300 }))).toMatchObject({ field: "oilC" });
    // Between the two the oil loses as much as it gets before it is hot.
    const answers = [350, 400, 450, 500, 550, 600, 700].map((netW) => {
      const tried = applyStep(wet(200), oil(), { ...likely, burner: { netW, ratedW: netW / 0.4, efficiency: 0.4 } });
      return tried.ok ? tried.value.phases.every((p) => Number.isFinite(p.minutes)) : tried.failure.kind;
    });
    expect(answers.filter((a) => a !== "too-weak" && a !== true)).toEqual([]);
    expect([answers[0], answers.at(-1)]).toEqual(["too-weak", true]);
  });
});

describe("coat, fill, slice, layer", () => {
  const coat = (more: Partial<StepOf<"coat">>, massG = 200): StepOf<"coat"> => ({
    ...newStep("coat", "c"),
    adds: [food("corn-starch", massG)],
    ...more,
  });
  test("dry starch clings with 4–8 % of the mass, batter with 20–35 %, crumbs with 15–30 % (card 1)", () => {
    const takes = (coating: StepOf<"coat">["coating"]) =>
      fact(run(vesselOf(mix(500)), coat({ coating })), "coated").takesG;
    expect(takes("starch")).toBeCloseTo(30, 6);
    expect(takes("batter")).toBeCloseTo(140, 6);
    expect(takes("crumb")).toBeCloseTo(110, 6);
  });
  test("too little coating is all taken and said", () => {
    const short = fact(run(vesselOf(mix(500)), coat({ coating: "batter" }, 50)), "coated");
    expect(short.takesG).toBeCloseTo(50, 9);
    expect(short.missingG).toBeCloseTo(90, 6);
    expect(refusal(vesselOf(mix(500)), { ...coat({}), adds: [] }).kind).toBe("nothing-to-coat-with");
  });
  test("six logs of 460 g and 15 cm are 77 g and 2.5 cm; eight are × 0.866 as thick (common practice)", () => {
    const logs = (pieceG: number) =>
      fact(run(vesselOf(mix(474)), { ...newStep("shape", "s"), form: "log", pieceG, diameterMm: 150 }), "pieces")
        .pieces;
    expect(logs(77).count).toBe(6);
    expect(logs(77).diameterMm).toBeCloseTo(25, 0);
    expect(logs(57.5).diameterMm / logs(77).diameterMm).toBeCloseTo(0.866, 2);
  });
  test("480 g into eleven balls are 43–44 g and 4.2–4.4 cm (common practice)", () => {
    const balls = fact(
      run(vesselOf(mix(495)), { ...newStep("shape", "s"), form: "ball", pieceG: 43.6 }),
      "pieces",
    ).pieces;
    expect(balls.count).toBe(11);
    expect(balls.diameterMm).toBeGreaterThan(42);
    expect(balls.diameterMm).toBeLessThan(44);
  });
  test("a tin of 30 × 20 × 6 cm holds 3.6 L", () => {
    expect(fact(run(vesselOf(mix(1800)), newStep("layer", "l")), "fill").share).toBeCloseTo(0.5, 6);
    expect(refusal(vesselOf(mix(100)), newStep("layer", "l"), { ...likely, tin: () => null }).kind).toBe("no-tin");
  });
  test("slices share what is there, less the crumbs", () => {
    const out = run(vesselOf(mix(600)), { ...newStep("slice", "s"), count: 12 });
    expect(fact(out, "pieces").pieces.eachG).toBeCloseTo((600 * 0.99) / 12, 6);
  });
});

describe("keeping", () => {
  test("a shallow kilogram cools in an ice bath within the two hours, a deep one in the room does not", () => {
    const hot = vesselOf({ ...mix(1000), tempC: 80 });
    const hours = (where: "room" | "ice-bath", depthMm: number) =>
      fact(run(hot, { ...newStep("cool", "c"), where, depthMm }), "cooled").hoursTo21;
    expect(hours("ice-bath", 40)).toBeLessThan(1);
    expect(hours("room", 100)).toBeGreaterThan(2);
  });
  test("a pulse machine makes batches to two thirds of its bowl", () => {
    // 2 L bowl, 1333 mL to the line; 2 kg of bits at 0.65 g/mL are 3077 mL: three batches.
    const out = run(vesselOf(mix(2000)), newStep("pulse", "p"));
    expect(fact(out, "batches").count).toBe(3);
    expect(refusal(vesselOf(mix(100)), newStep("pulse", "p"), { ...likely, machine: () => null })).toEqual({
      kind: "no-machine",
      wants: "food-processor",
    });
  });
  test("water-sauté: splashes go off, no oil comes, the food loses the longer the more", () => {
    const raw = vesselOf(contents("onion", 300));
    const out = run(raw, { ...newStep("sweat", "s"), minutes: 6 });
    expect(fact(out, "splashes")).toMatchObject({ count: 4, waterG: 80 });
    expect(out.after.batch.oilG).toBe(0);
    expect(totalG(run(raw, { ...newStep("sweat", "s"), minutes: 12 }).after.batch)).toBeLessThan(
      totalG(out.after.batch),
    );
  });
  test("toasting dries nuts a little, stored things move nothing, solids stay throughout", () => {
    const nuts = vesselOf(contents("walnuts", 100));
    const toasted = run(nuts, newStep("toast", "t"));
    expect(toasted.after.batch.waterG).toBeCloseTo(nuts.batch.waterG * 0.55, 6);
    expect(solidsG(toasted.after.batch)).toBe(solidsG(nuts.batch));
    const stored = run(nuts, { ...newStep("store", "s"), where: "freezer" });
    expect(totalG(stored.after.batch)).toBe(totalG(nuts.batch));
    expect(stored.after.marks).toEqual(["frozen"]);
    expect(refusal(stored.after, newStep("reheat", "r")).kind).toBe("still-frozen");
  });
  test("samples share the curves of the oven: five hundred take no second search", () => {
    let calls = 0;
    const held = new Map<string, unknown>();
    const remember = <T>(key: string, workOut: () => T): T => {
      if (!held.has(key)) {
        calls++;
        held.set(key, workOut());
      }
      return held.get(key) as T;
    };
    for (let i = 0; i < 200; i++) {
      const on = { ...context((_id, e) => e.low + ((e.high - e.low) * (i % 20)) / 20), remember };
      run(shaped("ball", 6, 40, 41.75), bake({ minutes: null, coreC: 74 }), on);
    }
    expect(calls).toBeLessThan(4);
  });
});
test("species that nobody names stay what they are", () => {
  expect(totalG(NOTHING)).toBe(0);
});
