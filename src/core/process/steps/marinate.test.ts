import { newStep } from "../../process/registry";
import { contents, fact, food, refusal, run, vesselOf } from "../__tests__/context";
import { moistureOf, saltShare, solidsG, totalG } from "../contents";
import type { StepOf } from "../registry";

const marinade = [food("soy-sauce", 40), food("water", 60)];
const marinate = (more: Partial<StepOf<"marinate">> = {}): StepOf<"marinate"> => ({
  ...newStep("marinate", "m"),
  adds: marinade,
  ...more,
});
/** Strips squeezed to a moisture. */
const squeezed = (moisture: number) => {
  const dry = contents("soy-strips", 100);
  return vesselOf({ ...dry, waterG: moisture * solidsG(dry) });
};
/** Room for liquid, by hand: 0.87 · 2.4 − M, and all but e^−15 of it after 15 minutes. */
const room = (moisture: number) => (0.87 * 2.4 - moisture) * (100 / 1.08);

test("dry enough, everything is drunk and nothing is scaled", () => {
  // Room at 1.0 g/g: 1.088 · 92.6 = 100.7 g of water; the marinade brings 88.5.
  const outcome = run(squeezed(1), marinate({ minutes: 15 }));
  expect(totalG(outcome.after.batch)).toBeCloseTo(totalG(squeezed(1).batch) + 100, 6);
  expect(outcome.facts).toEqual([]);
  expect(outcome.after.bath).toBeNull();
});

test("wetter, only the share that it drinks is made", () => {
  const waterOffered = 60 + 40 * 0.7115;
  const outcome = run(squeezed(1.6), marinate({ minutes: 15 }));
  const share = room(1.6) / waterOffered;
  expect(fact(outcome, "fitted").share).toBeCloseTo(share, 3);
  const soy = outcome.inputs.find((c) => c.from === "food" && c.food === "soy-sauce");
  expect(soy?.from === "food" && soy.massG).toBeCloseTo(40 * share, 1);
  expect(moistureOf(outcome.after.batch)).toBeCloseTo(
    (1.6 * (100 / 1.08) + room(1.6)) / solidsG(outcome.after.batch),
    2,
  );
});

test("without fitting, the rest stays in the bowl and is said", () => {
  const outcome = run(squeezed(1.6), marinate({ minutes: 15, fit: false }));
  const pool = fact(outcome, "left-in-bowl").massG;
  expect(pool).toBeCloseTo(totalG(outcome.after.bath ?? outcome.after.batch), 6);
  expect(totalG(outcome.after.batch) + pool).toBeCloseTo(totalG(squeezed(1.6).batch) + 100, 6);
});

test("salt is added up to the target, and none when it is there already", () => {
  const salted = run(squeezed(1), marinate({ saltTo: 0.02 }));
  expect(saltShare(salted.after.batch)).toBeCloseTo(0.02, 9);
  const enough = run(squeezed(1), marinate({ saltTo: 0.005 }));
  expect(fact(enough, "already-saltier").wanted).toBe(0.005);
  expect(enough.inputs).toHaveLength(2);
});

test("a short dip drinks less than a long one", () => {
  const drunk = (minutes: number) => run(squeezed(1.2), marinate({ minutes, fit: true })).after.batch.waterG;
  expect(drunk(0.3)).toBeLessThan(drunk(2));
  expect(drunk(2)).toBeLessThanOrEqual(drunk(30));
});

test("in the fridge it needs the fridge", () => {
  expect(run(squeezed(1), marinate({ chilled: true })).needs).toEqual([{ kind: "fridge" }]);
  expect(run(squeezed(1), marinate()).needs).toEqual([]);
});

test("nothing to marinate, or in, is refused", () => {
  expect(refusal(vesselOf(contents("water", 10)), marinate()).kind).toBe("empty-vessel");
  expect(refusal(squeezed(1), marinate({ adds: [] })).kind).toBe("no-liquid");
});

test("cubes say how deep the marinade has come: 2.33 √(Dt), half as deep in a quarter of the time", () => {
  const cubes = { ...vesselOf(contents("tofu-firm", 300)), cutMm: 24 };
  const deep = (minutes: number) => fact(run(cubes, marinate({ minutes })), "depth-reached");
  expect(deep(120).mm / deep(30).mm).toBeCloseTo(2, 6);
  // Salt in tofu at 20 °C, D about 1e-9 m²/s (card 4): 2.33 · √(1e-9 · 7200) = 6.2 mm.
  expect(deep(120).mm).toBeGreaterThan(4.5);
  expect(deep(120).mm).toBeLessThan(8);
  expect(deep(120).middleMm).toBeGreaterThan(11);
});
