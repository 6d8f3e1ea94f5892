import { newStep } from "../../process/registry";
import { contents, fact, food, refusal, run, vesselOf } from "../__tests__/context";
import { moistureOf, NOTHING, solidsG, totalG } from "../contents";
import { EMPTY_VESSEL, type Vessel } from "../ledger";
import type { StepOf } from "../registry";
import { solidsOf } from "../solids";

const squeeze = (more: Partial<StepOf<"squeeze">> = {}): StepOf<"squeeze"> => ({ ...newStep("squeeze", "s"), ...more });
/** Strips soaked to 2.30 g/g with 3 g of salt in their liquor. */
const soaked = () => {
  const dry = contents("soy-strips", 160);
  return vesselOf({ ...dry, waterG: 2.3 * solidsG(dry), saltG: 3, sugarG: 1.2 });
};

test("held long enough, the moisture is M_ref (P/P0)^−b, by hand: 2.4 · 20^−0.17 = 1.442", () => {
  const { after } = run(soaked(), squeeze({ minutes: 30 }));
  expect(moistureOf(after.batch)).toBeCloseTo(2.4 * 20 ** -0.17, 3);
});

test("in half a minute most of the liquor is out: consolidation of 12.5 mm at 1e-6 m²/s", () => {
  const spare = 2.3 - 2.4 * 20 ** -0.17;
  const gone = 2.3 - moistureOf(run(soaked(), squeeze({ minutes: 0.5 })).after.batch);
  // T_v = 1e-6 · 30 / 0.0125² = 0.192; Taylor's table gives U = 0.50 at 0.197.
  expect(gone / spare).toBeCloseTo(0.494, 2);
});

test("every solute leaves at the liquor's concentration; solids and oil stay", () => {
  const vessel = soaked();
  const { after, outputs: left } = run(vessel, squeeze());
  const share = after.batch.waterG / vessel.batch.waterG;
  expect(after.batch.saltG).toBeCloseTo(3 * share, 9);
  expect(after.batch.sugarG).toBeCloseTo(1.2 * share, 9);
  expect(solidsG(after.batch)).toBe(solidsG(vessel.batch));
  expect(left[0]?.contents.saltG).toBeCloseTo(3 * (1 - share), 9);
});

test("half a gram of water is water still", () => {
  const little = vesselOf({ ...contents("soy-strips", 0.4), waterG: 0.6 });
  expect(run(little, squeeze()).after.batch.waterG).toBeLessThan(0.6);
});

test("palm, hands, cloth: 5, 20 and 50 kPa keep 1.83, 1.44 and 1.23 g/g (card 3)", () => {
  const kept = (how: StepOf<"squeeze">["how"]) => moistureOf(run(soaked(), squeeze({ how, minutes: 30 })).after.batch);
  expect(kept("palm")).toBeCloseTo(1.83, 2);
  expect(kept("hands")).toBeCloseTo(1.44, 2);
  expect(kept("cloth")).toBeCloseTo(1.23, 2);
});

test("food that is drier than that gives nothing and says so", () => {
  const dry = contents("soy-strips", 160);
  const outcome = run(vesselOf({ ...dry, waterG: 1.1 * solidsG(dry) }), squeeze());
  expect(fact(outcome, "already-drier").moisture).toBeCloseTo(1.1, 9);
  expect(outcome.outputs).toEqual([]);
});

test("the cook's own minutes count as hands-on time, the squeeze as its own", () => {
  const minutes = (more: Partial<StepOf<"squeeze">>) => run(soaked(), squeeze(more)).phases[0]?.minutes;
  expect(minutes({ minutes: 2 })).toBe(3);
  expect(minutes({ minutes: 2, handsMin: 7 })).toBe(7);
});

test("grated vegetables lose what cooks say they lose in a cloth (common practice)", () => {
  const lost = (food: string) => {
    const raw = { ...vesselOf(contents(food, 1000)), cutMm: 4 };
    const out = run(raw, squeeze({ how: "cloth", minutes: 2 }));
    expect(out.facts).toEqual([]);
    return out.outputs.reduce((g, l) => g + totalG(l.contents), 0) / 1000;
  };
  // Potato a fifth to a third, courgette a third to a half, wilted spinach about half.
  expect(lost("potato")).toBeGreaterThan(0.2);
  expect(lost("potato")).toBeLessThan(0.33);
  expect(lost("courgette")).toBeGreaterThan(0.3);
  expect(lost("courgette")).toBeLessThan(0.5);
  expect(lost("spinach")).toBeGreaterThan(0.4);
  expect(lost("spinach")).toBeLessThan(0.6);
});
test("raw and coarse it keeps its water and says so; grated, blanched, mashed, hot or thawed it runs", () => {
  const raw = (id: string): Vessel => ({ ...vesselOf(contents(id, 500)), marks: ["raw-cells"] });
  const lost = (vessel: Vessel) => run(vessel, squeeze()).outputs.length;
  for (const cutMm of [20, null]) {
    const out = run({ ...raw("potato"), cutMm }, squeeze());
    expect(out.facts).toEqual([{ kind: "coarse-to-squeeze", mostMm: 8 }]);
    expect(out.outputs).toEqual([]);
    expect(out.after.batch).toEqual(raw("potato").batch);
  }
  expect(lost({ ...raw("potato"), cutMm: 8 })).toBe(1);
  expect(lost({ ...raw("spinach"), marks: ["raw-cells", "frozen-thawed"] })).toBe(1);
  expect(lost(run(raw("spinach"), { ...newStep("blanch", "b"), minutes: 1 }).after)).toBe(1);
  expect(lost(run(raw("aubergine"), newStep("mash", "m")).after)).toBe(1);
  expect(run(raw("potato"), newStep("brown", "b")).after.marks).toEqual([]);
  const press = run(raw("potato"), newStep("press", "p"));
  expect(press).toMatchObject({ outputs: [], facts: [{ kind: "coarse-to-squeeze" }] });
  // The mark comes with the food.
  const weighed = run(EMPTY_VESSEL, { ...newStep("weigh", "w"), adds: [food("potato", 300)] });
  expect(weighed.after.marks).toEqual(["raw-cells"]);
  // A box grater makes them fine, whatever size was typed.
  const grated = run(vesselOf(contents("potato", 500)), { ...newStep("cut", "c"), how: "grate", pieceMm: 20 });
  expect(grated.after.cutMm).toBe(5);
  expect(run(grated.after, squeeze()).facts).toEqual([]);
  // A sponge of soy needs no grater.
  expect(run(soaked(), squeeze()).facts).toEqual([]);
});

test.each([
  [vesselOf({ ...NOTHING, solids: solidsOf("soy-strips", 100) }), "empty-vessel"],
  [vesselOf(contents("tofu-silken", 200)), "no-figures"],
])("refused with the reason (%#)", (vessel, kind) => {
  expect(refusal(vessel, squeeze()).kind).toBe(kind);
});
