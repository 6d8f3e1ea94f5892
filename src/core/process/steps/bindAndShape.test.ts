import { newStep } from "../../process/registry";
import { contents, fact, food, refusal, run, vesselOf } from "../__tests__/context";
import { NOTHING, totalG } from "../contents";
import { EMPTY_VESSEL, type ShapedPieces } from "../ledger";
import type { StepOf } from "../registry";
import { solidsOf } from "../solids";

/** Granules at 1.6 g/g keep their water for themselves: everything added is for the binders. */
const granules = () => {
  const dry = contents("soy-granules", 150);
  return vesselOf({ ...dry, waterG: 1.6 * (150 / 1.08) });
};
const bound = () =>
  run(granules(), { ...newStep("bind", "b"), adds: [food("ground-flax", 20), food("water", 80)] }).after;

test("the window of 20 g flax, by hand: 3 to 8 g of water a gram", () => {
  const rested = run(bound(), { ...newStep("rest", "r"), minutes: 600, where: "worktop" });
  const { state } = fact(rested, "binding");
  // The ledger knows the binder by its solids, taken as 93 % of it: within 3 %.
  expect(Math.abs(state.holdsFromG / (20 * 3) - 1)).toBeLessThan(0.03);
  expect(Math.abs(state.holdsToG / (20 * 8) - 1)).toBeLessThan(0.03);
  // The added water and the flax seed's own: 80 + 1.4 g.
  expect(state.freeWaterG).toBeCloseTo(81.4, 0);
  expect(state.zone).toBe("holds");
});

test("fresh it looks wet, rested it holds; the fridge takes 1.3 times as long", () => {
  expect(
    fact(run(granules(), { ...newStep("bind", "b"), adds: [food("ground-flax", 20), food("water", 80)] }), "binding")
      .state.zone,
  ).toBe("wet");
  const after = (minutes: number, where: StepOf<"rest">["where"]) =>
    fact(run(bound(), { ...newStep("rest", "r"), minutes, where }), "binding").state;
  expect(after(13, "fridge").position).toBeCloseTo(after(10, "worktop").position, 6);
});

test("rest without a binder is only time", () => {
  const outcome = run(granules(), newStep("rest", "r"));
  expect(outcome.facts).toEqual([]);
  expect(outcome.phases.at(-1)).toEqual({ kind: "wait", minutes: 30 });
  expect(outcome.needs).toEqual([{ kind: "fridge" }]);
});

test("a mix in which nothing binds is refused", () => {
  expect(refusal(granules(), { ...newStep("bind", "b"), adds: [food("water", 20)] }).kind).toBe("no-binder");
});

describe("shape", () => {
  const shape = (more: Partial<StepOf<"shape">>): StepOf<"shape"> => ({ ...newStep("shape", "s"), ...more });
  const mix = (grams: number) =>
    vesselOf({ ...NOTHING, waterG: grams * 0.6, solids: solidsOf("soy-granules", grams * 0.4) });
  test("480 g into balls of 43.5 g: 11 of 42.3 g after 3 % on the hands; 4.25 cm at 1 050 kg/m³", () => {
    // Common practice: 480 g into 11 balls of 4.2–4.4 cm.
    const { pieces } = fact(run(mix(480), shape({ form: "ball", pieceG: 43.5 })), "pieces");
    expect(pieces.count).toBe(11);
    expect(pieces.eachG).toBeCloseTo((480 * 0.97) / 11, 6);
    expect(pieces.diameterMm).toBeGreaterThan(42);
    expect(pieces.diameterMm).toBeLessThan(44);
  });
  test("a patty's thickness by hand: 4 m / (π ρ d²)", () => {
    const { pieces } = fact(run(mix(400), shape({ pieceG: 97, diameterMm: 90 })), "pieces");
    expect(pieces.thicknessMm).toBeCloseTo((4 * pieces.eachG) / (Math.PI * 1.05e-3 * 90 ** 2), 3);
  });
  test("what sticks is lost, nothing else", () => {
    const { after, outputs: left } = run(mix(400), shape({}));
    expect(totalG(after.batch)).toBeCloseTo(388, 6);
    expect(left).toHaveLength(1);
  });
  test("a mass that cannot be met is said; thick pieces too; too little makes one", () => {
    expect(fact(run(mix(100), shape({ pieceG: 65, diameterMm: 80 })), "pieces")).toMatchObject({ offTarget: true });
    expect(fact(run(mix(600), shape({ pieceG: 300, diameterMm: 70 })), "pieces").thick).toBe(true);
    expect(fact(run(mix(20), shape({ pieceG: 80 })), "pieces").pieces.count).toBe(1);
  });
  test("absurd sizes are refused by name", () => {
    expect(refusal(mix(400), shape({ pieceG: 0 }))).toMatchObject({ kind: "out-of-range", field: "pieceG" });
    expect(refusal(mix(400), shape({ diameterMm: 900 }))).toMatchObject({
      kind: "out-of-range",
      field: "diameterMm",
    });
  });
});

test("a topping is the first thing on an empty plate; over a layer it makes it thicker; with nothing there is nothing", () => {
  const top = (grams: number) => ({ ...newStep("top", "t"), adds: grams > 0 ? [food("breadcrumbs", grams)] : [] });
  expect(totalG(run(EMPTY_VESSEL, top(60)).after.batch)).toBeCloseTo(60, 6);
  expect(refusal(EMPTY_VESSEL, top(0)).kind).toBe("empty-vessel");
  const pie = run(vesselOf(contents("lentils-cooked", 1200)), { ...newStep("layer", "l") }).after;
  const topped = run(pie, top(120)).after;
  expect((topped.pieces?.thicknessMm ?? 0) / (pie.pieces?.thicknessMm ?? 1)).toBeCloseTo(1320 / 1200, 6);
});

test("a weighing without a line takes no time and says so; one with a line does", () => {
  const weigh = (adds: ReturnType<typeof food>[]) => run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds });
  expect(weigh([]).facts).toEqual([{ kind: "nothing-in" }]);
  expect(weigh([]).phases[0]?.minutes).toBe(0);
  expect(weigh([food("potato", 100)])).toMatchObject({ facts: [], phases: [{ minutes: 1.5 }] });
});

describe("slice", () => {
  const slice = (on: ReturnType<typeof bound>, more: Partial<StepOf<"slice">>) =>
    run(on, { ...newStep("slice", "s"), ...more });
  const shaped = (pieces: Partial<ShapedPieces>) => ({
    ...vesselOf(contents("tofu-firm", 1000)),
    pieces: {
      count: 1,
      eachG: 1000,
      form: "loaf",
      lengthMm: 180,
      diameterMm: 100,
      thicknessMm: 60,
      ...pieces,
    } as const,
  });
  test("a loaf's slices share its length; a thickness that does not fit is said with the number that does", () => {
    const fits = slice(shaped({}), { count: 15, thicknessMm: 12 });
    expect(fits.facts).toHaveLength(1);
    expect(fact(fits, "pieces").pieces).toMatchObject({ count: 15, form: "slice", thicknessMm: 12, lengthMm: 100 });
    const off = slice(shaped({}), { count: 6, thicknessMm: 12 });
    expect(fact(off, "slices")).toEqual({ kind: "slices", count: 6, thicknessMm: 30, askedMm: 12, fitting: 15 });
    expect(off.after.cutMm).toBe(30);
    // Two logs of 150 mm are 300 mm.
    const logs = shaped({ form: "log", count: 2, lengthMm: 150, diameterMm: 40, thicknessMm: 40 });
    expect(fact(slice(logs, { count: 20, thicknessMm: 15 }), "pieces").pieces).toMatchObject({
      thicknessMm: 15,
      lengthMm: 40,
      diameterMm: 40,
    });
  });
  test("a tin's layer is cut through, into pieces as square as the number allows", () => {
    const layer = shaped({ form: "layer", lengthMm: 300, diameterMm: 200, thicknessMm: 45 });
    const cut = (count: number) => fact(slice(layer, { count, thicknessMm: 10 }), "pieces").pieces;
    expect(cut(6)).toMatchObject({ form: "layer", count: 6, lengthMm: 100, diameterMm: 100, thicknessMm: 45 });
    expect(cut(8)).toMatchObject({ lengthMm: 75, diameterMm: 100 });
    expect(cut(7)).toMatchObject({ lengthMm: expect.closeTo(300 / 7, 6) as number, diameterMm: 200 });
    expect(slice(layer, { count: 6 }).facts).toHaveLength(1);
  });
  test("a block gives slices as thick as asked, as wide as their grams make them", () => {
    const { pieces } = fact(slice(vesselOf(contents("tempeh", 300)), { count: 24, thicknessMm: 5 }), "pieces");
    expect(pieces).toMatchObject({ count: 24, thicknessMm: 5 });
    // 300 g less 1 % crumbs in 24: 12.4 g at 1.05 g/ml and 5 mm are 48.6 mm square.
    expect(pieces.lengthMm).toBeCloseTo(48.6, 0);
  });
});
