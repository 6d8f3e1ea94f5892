import { newStep } from "../../process/registry";
import { add, contentsOfFood, moistureOf, NOTHING, saltShare, solidsG, totalG } from "../contents";
import { EMPTY_VESSEL, type Vessel } from "../ledger";
import type { StepOf } from "../registry";
import { contents, fact, food, foods, likely, refusal, run, vesselOf } from "../__tests__/context";
import { solidsOf } from "../solids";

const block = (): Vessel => vesselOf(contents("tofu-firm", 400));
const press = (more: Partial<StepOf<"press">> = {}): StepOf<"press"> => ({ ...newStep("press", "p"), ...more });

describe("press", () => {
  test("4 kg on 100 × 75 × 50 mm for half an hour: 58.8 g of a block at M 4.9 (models card 3, hand table)", () => {
    // The table's block has M 4.9; ours as opened has 82/18 = 4.56, so what leaves is 4.56/4.9 of it.
    const out = run(block(), press({ loadKg: 4, minutes: 30 }));
    const opened = 82 / 18;
    const solids = solidsG(block().batch) + 0.0001;
    expect(fact(out, "pressed").pressureKPa).toBeCloseTo(5.2302, 3);
    const keeps = opened * (5.2302 / 0.5) ** -0.12;
    const mostG = block().batch.waterG - solids * keeps;
    expect(fact(out, "pressed").mostG).toBeCloseTo(mostG, 1);
    // Half thickness 25 mm, c_v 1.5e-7: T_v = 0.432, U = 0.7208 (Terzaghi's table: .403 → 70 %).
    expect(fact(out, "pressed").leavesG / mostG).toBeGreaterThan(0.7);
    expect(fact(out, "pressed").leavesG / mostG).toBeLessThan(0.74);
  });
  test("longer and heavier is lighter, and half as thick is four times as fast", () => {
    const grams = (more: Partial<StepOf<"press">>) => totalG(run(block(), press(more)).after.batch);
    expect(grams({ minutes: 60 })).toBeLessThan(grams({ minutes: 10 }));
    expect(grams({ loadKg: 8 })).toBeLessThan(grams({ loadKg: 2 }));
    expect(grams({ thicknessMm: 25, minutes: 10 })).toBeCloseTo(grams({ thicknessMm: 50, minutes: 40 }), 6);
  });
  test("asking for more water than there is presses nothing out and says so", () => {
    const dry: Vessel = { ...block(), batch: { ...block().batch, waterG: 60 } };
    const out = run(dry, press());
    expect(out.after).toEqual(dry);
    expect(fact(out, "already-drier").moisture).toBeCloseTo(moistureOf(dry.batch), 9);
  });
  test("a weight that breaks it, a frozen block, silken tofu and nonsense are refused by name", () => {
    expect(refusal(block(), press({ loadKg: 60 })).kind).toBe("too-hard-pressed");
    expect(refusal({ ...block(), marks: ["frozen"] }, press()).kind).toBe("still-frozen");
    expect(refusal(vesselOf(contents("tofu-silken", 300)), press())).toMatchObject({ kind: "falls-apart" });
    expect(refusal(block(), press({ thicknessMm: 0 }))).toMatchObject({ field: "thicknessMm" });
    expect(refusal(block(), press({ loadKg: NaN }))).toMatchObject({ kind: "not-a-number" });
  });
  test("edges that don't belong to the grams are asked about; several blocks are counted", () => {
    // 100 × 75 × 50 mm at 1.05 g/ml: 393.75 g. The block of this test weighs 400 g.
    const size = (massG: number, more: Partial<StepOf<"press">> = {}) =>
      run(vesselOf(contents("tofu-firm", massG)), press(more)).facts.filter((f) => f.kind === "block-size");
    expect(size(400)).toEqual([]);
    expect(size(800)).toMatchObject([{ count: 2, massG: 800 }]);
    expect(size(800)[0]).toHaveProperty("eachG", expect.closeTo(393.75, 6));
    expect(size(400, { lengthMm: 200 })).toMatchObject([{ count: 1 }]);
  });
  test("over two hours it wants the fridge", () => {
    expect(run(block(), press({ minutes: 121 })).needs).toEqual([{ kind: "fridge" }]);
    expect(run(block(), press({ minutes: 120 })).needs).toEqual([]);
  });
});

describe("freeze and thaw", () => {
  const freeze = (more: Partial<StepOf<"freeze">> = {}): StepOf<"freeze"> => ({ ...newStep("freeze", "f"), ...more });
  const thaw = (more: Partial<StepOf<"thaw">> = {}): StepOf<"thaw"> => ({ ...newStep("thaw", "t"), ...more });
  const frozen = () => run(block(), freeze({ minutes: 14 * 60 })).after;

  test("a 400 g block takes about 7 to 8 h in the freezer and 24 h in the fridge, with 15 % on top", () => {
    // Card 18: freezing 7.2 h, fridge at h 6 36 h; the product adds 15 % for the sensible heat.
    expect(fact(run(block(), freeze()), "through").neededMin / 60).toBeCloseTo(7.247 * 1.15, 1);
    const given = fact(run(frozen(), thaw()), "through");
    expect(given.neededMin / 60).toBeCloseTo(25.7 * 1.15, 0);
    expect(given.lowMin).toBeLessThan(given.neededMin);
    expect(given.highMin).toBeGreaterThan(given.neededMin);
  });
  test("thawed in time it has dripped 12 % of its water and is a sponge; too short it stays frozen", () => {
    const out = run(frozen(), thaw({ minutes: 48 * 60 }));
    expect(out.after.marks).toEqual(["frozen-thawed"]);
    expect(out.after.batch.waterG).toBeCloseTo(block().batch.waterG * 0.88, 6);
    const short = run(frozen(), thaw({ minutes: 20 * 60 }));
    expect(short.after.marks).toEqual(["frozen"]);
    expect(refusal(short.after, newStep("cut", "c")).kind).toBe("still-frozen");
    expect(run(short.after, { ...newStep("thaw", "t2"), how: "cold-water", minutes: 240 }).after.marks).toEqual([
      "frozen-thawed",
    ]);
  });
  test("cold water is many times as fast as the fridge, thinner slices faster still", () => {
    const minutes = (more: Partial<StepOf<"thaw">>) => fact(run(frozen(), thaw(more)), "through").neededMin;
    expect(minutes({ how: "cold-water" }) * 8).toBeLessThan(minutes({}));
    expect(minutes({ thicknessMm: 20 })).toBeLessThan(minutes({ thicknessMm: 50 }) / 1.8);
  });
  test("the sponge gives up far more under the same board", () => {
    const thawed = run(frozen(), thaw({ minutes: 60 * 60 })).after;
    const loses = (v: Vessel) => totalG(v.batch) - totalG(run(v, press({ loadKg: 4 })).after.batch);
    expect(loses(thawed)).toBeGreaterThan(2 * loses(block()));
  });
  test("what was never frozen does not thaw; too short a freeze leaves it soft", () => {
    expect(refusal(block(), thaw()).kind).toBe("not-frozen");
    expect(run(block(), freeze({ minutes: 60 })).after.marks).toEqual([]);
  });
});

describe("rinse", () => {
  const brined = (): Vessel =>
    vesselOf({ ...NOTHING, solids: solidsOf("jackfruit-young", 28), waterG: 250, saltG: 3.8, tempC: 20 });
  const rinse = (more: Partial<StepOf<"rinse">>): StepOf<"rinse"> => ({ ...newStep("rinse", "r"), ...more });
  test("a rinse leaves no less than the share of both waters, and standing takes more than a swirl", () => {
    const out = run(brined(), rinse({ how: "soak", times: 2, waterG: 1000 }));
    // Never below the even share: 250 g of 1250 g of water, twice.
    expect(out.after.batch.saltG).toBeGreaterThan(3.8 * (250 / 1250) ** 2);
    expect(out.after.batch.saltG).toBeLessThan(
      run(brined(), rinse({ how: "swirl", times: 2, waterG: 1000 })).after.batch.saltG,
    );
    expect(out.after.batch.waterG).toBeCloseTo(250, 9);
    expect(fact(out, "rinsed").toShare).toBeCloseTo(saltShare(out.after.batch), 9);
  });
  test("more rinses, more water and a longer way take more salt out", () => {
    const salt = (more: Partial<StepOf<"rinse">>) => run(brined(), rinse(more)).after.batch.saltG;
    expect(salt({ times: 3 })).toBeLessThan(salt({ times: 1 }));
    expect(salt({ waterG: 2000 })).toBeLessThan(salt({ waterG: 300 }));
    expect(salt({ how: "simmer" })).toBeLessThan(salt({ how: "soak" }));
    expect(salt({ how: "soak" })).toBeLessThan(salt({ how: "swirl" }));
  });
  test("no rinses or no water are refused by name", () => {
    expect(refusal(brined(), rinse({ times: 0 }))).toMatchObject({ field: "times" });
    expect(refusal(EMPTY_VESSEL, rinse({})).kind).toBe("empty-vessel");
  });
});

test("patting takes two per cent of the water with what is dissolved in it, and nothing else", () => {
  const wet = vesselOf(add(contents("tofu-firm", 300), { ...NOTHING, saltG: 4 }));
  const out = run(wet, newStep("pat", "p"));
  expect(out.after.batch.waterG).toBeCloseTo(wet.batch.waterG * 0.98, 9);
  expect(out.after.batch.saltG / wet.batch.saltG).toBeCloseTo(0.98, 9);
  expect(solidsG(out.after.batch)).toBe(solidsG(wet.batch));
});
test("sorting takes a little of everything", () => {
  const out = run(EMPTY_VESSEL, { ...newStep("sort", "s"), adds: [food("green-lentils", 250)] });
  expect(totalG(out.after.batch)).toBeCloseTo(249, 0);
  expect(out.outputs[0]?.to).toBe("sorted");
});
test("a packet that says another water presses otherwise", () => {
  const wetter = { ...foods("tofu-firm"), per100: { ...foods("tofu-firm")?.per100, waterG: 86 } } as never;
  const on = { ...likely, food: () => wetter };
  const vessel = vesselOf(contentsOfFood(wetter, 400, 20) as never);
  expect(fact(run(vessel, press({ loadKg: 4 }), on), "pressed").leavesG).toBeGreaterThan(
    fact(run(block(), press({ loadKg: 4 })), "pressed").leavesG,
  );
});
