import { newStep } from "../../dish/edit";
import { contents, fact, food, refusal, run, vesselOf } from "../__tests__/context";
import { NOTHING, totalG } from "../contents";
import { EMPTY_VESSEL } from "../ledger";
import type { RestStep, ShapeStep } from "../step";
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
  const after = (minutes: number, where: RestStep["where"]) =>
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
  const shape = (more: Partial<ShapeStep>): ShapeStep => ({ ...newStep("shape", "s"), ...more });
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
    const { after, left } = run(mix(400), shape({}));
    expect(totalG(after.batch)).toBeCloseTo(388, 6);
    expect(left).toHaveLength(1);
  });
  test("a mass that cannot be met is said; thick pieces too; too little makes one", () => {
    expect(fact(run(mix(100), shape({ pieceG: 65, diameterMm: 80 })), "pieces")).toMatchObject({ offTarget: true });
    expect(fact(run(mix(600), shape({ pieceG: 300, diameterMm: 70 })), "pieces").thick).toBe(true);
    expect(fact(run(mix(20), shape({ pieceG: 80 })), "pieces").pieces.count).toBe(1);
  });
  test("absurd sizes are refused by name", () => {
    expect(refusal(mix(400), shape({ pieceG: 0 }))).toMatchObject({ kind: "out-of-range", field: "mass of a piece" });
    expect(refusal(mix(400), shape({ diameterMm: 900 }))).toMatchObject({
      kind: "out-of-range",
      field: "size of a piece",
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
