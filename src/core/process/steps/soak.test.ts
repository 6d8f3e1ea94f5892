import { newStep } from "../../process/registry";
import { food, fact, refusal, run, vesselOf, contents } from "../__tests__/context";
import { moistureOf, NOTHING, solidsG, totalG } from "../contents";
import { EMPTY_VESSEL } from "../ledger";
import type { StepOf } from "../registry";

const soak = (more: Partial<StepOf<"soak">>): StepOf<"soak"> => ({
  ...newStep("soak", "s"),
  adds: [food("water", 900)],
  ...more,
});
const strips = () => vesselOf(contents("soy-strips", 160));

test("160 g strips hold 148.1 g solids: 8 parts water to 100 parts solids, by hand", () => {
  expect(solidsG(strips().batch)).toBeCloseTo(160 / 1.08, 1);
  expect(strips().batch.waterG).toBeCloseTo(160 * (0.08 / 1.08), 6);
});

test("the bath starts at the temperature of the mix", () => {
  // Energy balance by hand: 0.9 kg water at 95, 0.16 kg food and a 0.6 kg bowl at 20 °C.
  const hot = 0.9 * 4180;
  const cold = 0.16 * 1800 + 0.6 * 850;
  expect(fact(run(strips(), soak({})), "soaked").bathC).toBeCloseTo((hot * 95 + cold * 20) / (hot + cold), 6);
});

test("what was drunk and what stayed add up to what was poured, and solids leach", () => {
  const { after } = run(strips(), soak({}));
  expect(after.batch.waterG + (after.bath?.waterG ?? 0)).toBeCloseTo(900 + strips().batch.waterG, 6);
  // Leaching: 3 % of the solids in the likely run.
  expect(solidsG(after.batch) / solidsG(strips().batch)).toBeCloseTo(0.97, 9);
  expect(after.bath && solidsG(after.bath)).toBeCloseTo(0.03 * solidsG(strips().batch), 9);
});

test("salt enters with the water at the bath's strength", () => {
  const { after } = run(strips(), soak({ adds: [food("water", 900), food("salt", 9)] }));
  const drunk = after.batch.waterG - strips().batch.waterG;
  expect(after.batch.saltG - strips().batch.saltG).toBeCloseTo((9 * drunk) / 900, 2);
});

test("a bath that is too small is drunk dry and says what is missing", () => {
  const outcome = run(strips(), soak({ adds: [food("water", 200)] }));
  expect(fact(outcome, "bath-short").missingG).toBeGreaterThan(80);
  expect(outcome.after.bath?.waterG ?? 0).toBeCloseTo(0, 6);
});

test("covered stays warmer than open, so it drinks more", () => {
  const drunk = (covered: boolean) => moistureOf(run(strips(), soak({ covered, minutes: 15, waterC: 70 })).after.batch);
  expect(drunk(true)).toBeGreaterThan(drunk(false));
});

test.each([
  [{ adds: [] }, "no-liquid"],
  [{ minutes: -1 }, "out-of-range"],
  [{ minutes: Number.NaN }, "not-a-number"],
  [{ minutes: 5000 }, "out-of-range"],
])("bad settings are refused (%#)", (more, kind) => {
  expect(refusal(strips(), soak(more as Partial<StepOf<"soak">>)).kind).toBe(kind);
});

test("what drinks may come with its water in the same step", () => {
  const apart = run(vesselOf(contents("soy-strips", 160)), soak({ adds: [food("water", 900), food("salt", 9)] }));
  const together = run(EMPTY_VESSEL, soak({ adds: [food("soy-strips", 160), food("water", 900), food("salt", 9)] }));
  expect(together.after.batch).toEqual(apart.after.batch);
  expect(together.after.bath).toEqual(apart.after.bath);
  expect(refusal(EMPTY_VESSEL, soak({ adds: [food("water", 900)] })).kind).toBe("empty-vessel");
});

test("a food without soaking figures says so by name", () => {
  expect(refusal(vesselOf(contents("potato", 300)), soak({}))).toEqual({
    kind: "no-figures",
    food: "potato",
    wants: "soaking",
  });
});

describe("drain", () => {
  const soaked = () => run(strips(), soak({ adds: [food("water", 900), food("salt", 9)] })).after;
  test("5 % of the food's mass clings as film, at the strength of the bath", () => {
    const vessel = soaked();
    const { after, outputs: left } = run(vessel, newStep("drain", "d"));
    const film = 0.05 * totalG(vessel.batch);
    expect(totalG(after.batch)).toBeCloseTo(totalG(vessel.batch) + film, 6);
    expect(after.bath).toBeNull();
    const strength = (vessel.bath?.saltG ?? 0) / totalG(vessel.bath ?? NOTHING);
    expect(after.batch.saltG - vessel.batch.saltG).toBeCloseTo(film * strength, 6);
    expect(left[0]?.to).toBe("drain");
  });
  test("without a bath nothing runs off, which it says, and the chain goes on", () => {
    const dry = strips();
    const { after, outputs: left, facts } = run(dry, newStep("drain", "d"));
    expect(after.batch).toBe(dry.batch);
    expect(left.map(({ to, contents }) => [to, totalG(contents)])).toEqual([["drain", 0]]);
    expect(facts.map((f) => f.kind)).toEqual(["nothing-to-drain"]);
    expect(refusal(EMPTY_VESSEL, newStep("drain", "d")).kind).toBe("empty-vessel");
  });
});

test("loose pieces in too little water say how much would cover them; beans lie close and say nothing", () => {
  const told = (grams: number) =>
    run(strips(), soak({ adds: [food("water", grams)] })).facts.find((f) => f.kind === "uncovered");
  // By hand: 148.1 g solids drink to about 2.2 g/g (314 g with what they hold); two fifths of the heap are gaps:
  // 2/3 of (1 + 2.2) · 148.1 g/1.03 = 307 mL; 1 cm over a floor of 380 cm² is 380 mL. In all about a litre.
  const told600 = told(600);
  expect(told600?.kind === "uncovered" && told600.needG).toBeGreaterThan(850);
  expect(told600?.kind === "uncovered" && told600.needG).toBeLessThan(1100);
  expect(told(900)).toBeUndefined();
  const beans = vesselOf(contents("kidney-beans-dry", 300));
  const short = run(beans, soak({ adds: [food("water", 500)], waterC: 20, minutes: 600, chilled: true }));
  expect(short.facts.some((f) => f.kind === "uncovered")).toBe(false);
});
