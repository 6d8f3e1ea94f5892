import fc from "fast-check";
import { execFileSync } from "node:child_process";
import { likelyDraw, sampledDraws } from "./draw";
import {
  drawnAt,
  estimate,
  lognormal,
  normalQuantile,
  quantile,
  triangularCdf,
  triangularQuantile,
  rangeOf,
} from "./range";
import { checkNumber } from "./result";
import * as units from "./units";
import { writeLength, writeMass, writeMassRange, writeMinutes, writeNearSpoon, writeSpoons, writeTemp } from "./write";

test.each([
  ["pound", "gram", units.GRAMS_PER_POUND],
  ["ounce", "gram", units.GRAMS_PER_OUNCE],
  ["uscup", "ml", units.ML_PER_US_CUP],
  ["ustablespoon", "ml", units.ML_PER_US_TABLESPOON],
  ["usteaspoon", "ml", units.ML_PER_US_TEASPOON],
  ["psi", "Pa", units.PASCAL_PER_PSI],
  ["gravity", "m/s^2", units.GRAVITY],
])("GNU units agrees: one %s in %s", (from, to, ours) => {
  const said = Number(execFileSync("units", ["--terse", "-d", "12", from, to], { encoding: "utf8" }));
  expect(Math.abs(ours / said - 1)).toBeLessThan(1e-10);
});

test("a parameter of one step is told apart from the same one of another, whatever was asked before", () => {
  const spread = estimate(0, 5, 10);
  const ask = (draws: ReturnType<typeof sampledDraws>, sample: number, scope: string) =>
    draws(sample)("film", spread, scope);
  const mixed = sampledDraws(50, 1);
  const values = Array.from({ length: 50 }, (_, i) => ask(mixed, i, i % 2 === 0 ? "a" : "b"));
  const alone = Array.from({ length: 50 }, (_, i) => ask(sampledDraws(50, 1), i, i % 2 === 0 ? "a" : "b"));
  expect(values).toEqual(alone);
});
test("stratified draws follow the triangular distribution, seeded and keyed by name", () => {
  const n = 500;
  const e = estimate(5, 8, 15);
  const of = sampledDraws(n, 11);
  const values = Array.from({ length: n }, (_, i) => of(i)("soak", e)).sort((a, b) => a - b);
  // Mean 28/3 and variance 4.3889 of triangular(5, 8, 15): standard formulas.
  const mean = values.reduce((a, b) => a + b) / n;
  const variance = values.reduce((a, b) => a + (b - mean) ** 2, 0) / n;
  expect(mean).toBeCloseTo(28 / 3, 2);
  expect(variance).toBeCloseTo(4.3889, 1);
  const again = sampledDraws(n, 11);
  again(0)("another parameter", e);
  expect(Array.from({ length: n }, (_, i) => again(i)("soak", e)).sort((a, b) => a - b)).toEqual(values);
  expect(of(3)("soak", e)).not.toBe(of(3)("squeeze", e));
  expect(likelyDraw("soak", e)).toBe(8);
});

test("quantile and distribution function are inverse", () => {
  const e = estimate(1, 2, 5);
  for (const u of [0, 0.1, 0.25, 0.5, 0.9, 1]) expect(triangularCdf(e, triangularQuantile(e, u))).toBeCloseTo(u, 9);
  expect(quantile([1, 2, 3, 4], 0.5)).toBe(2.5);
  expect(() => quantile([], 0.5)).toThrow(RangeError);
  expect(() => estimate(3, 2, 4)).toThrow(RangeError);
});

test("numbers are refused by name and bounds", () => {
  expect(checkNumber("minutes", 5, 0, 10)).toBeNull();
  expect(checkNumber("minutes", -1, 0, 10)).toEqual({
    kind: "out-of-range",
    field: "minutes",
    got: -1,
    low: 0,
    high: 10,
  });
  expect(checkNumber("minutes", Infinity, 0, 10)).toEqual({ kind: "not-a-number", field: "minutes" });
});

test("amounts are written as a cook reads them", () => {
  expect([writeMass(312.4), writeMass(4.23), writeMass(3), writeMass(12_340)]).toEqual([
    "312 g",
    "4.2 g",
    "3 g",
    "12.3 kg",
  ]);
  expect([writeMass(100, "us"), writeMass(1000, "us")]).toEqual(["3.5 oz", "2.20 lb"]);
  expect([writeMass(7, "us"), writeMass(0.9, "us"), writeMass(340, "us")]).toEqual(["0.25 oz", "0.03 oz", "12 oz"]);
  expect([writeMassRange(340, 400), writeMassRange(340.1, 340.2)]).toEqual(["340–400 g", "340 g"]);
  expect([writeMinutes(0.5), writeMinutes(12.4), writeMinutes(70), writeMinutes(120), writeMinutes(3000)]).toEqual([
    "30 s",
    "12 min",
    "1 h 10",
    "2 h",
    "2 days 2 h",
  ]);
  expect([writeTemp(95), writeTemp(180, "us"), writeLength(28), writeLength(150), writeLength(254, "us")]).toEqual([
    "95 °C",
    "356 °F",
    "28 mm",
    "15 cm",
    "10.0 in",
  ]);
});

test("P10 and P90 are those of the sorted samples (R's type 7, by simple sorting), and what is certain is one value", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 300 }),
      (values) => {
        const sorted = values.slice().sort((a, b) => a - b);
        const { low, high } = rangeOf(Float64Array.from(values));
        expect(low).toBeCloseTo(quantile(sorted, 0.1), 6);
        expect(high).toBeCloseTo(quantile(sorted, 0.9), 6);
      },
    ),
    { seed: 11, numRuns: 300 },
  );
  expect(rangeOf(Float64Array.from([3, 3, 3]))).toEqual({ low: 3, high: 3 });
});

// Percentage points of the standard normal distribution (any table, to ten digits; e.g. Abramowitz and Stegun, 26.2).
test.each([
  [0.5, 0],
  [0.6, 0.2533471031],
  [0.75, 0.6744897502],
  [0.9, 1.2815515655],
  [0.975, 1.9599639845],
  [0.98, 2.0537489106],
  [0.99, 2.326347874],
  [0.999, 3.0902323062],
  [0.0001, -3.7190164855],
  [0.02, -2.0537489106],
  [0.03, -1.8807936082],
  [0.2, -0.8416212336],
])("the normal quantile at %f is %f", (u, z) => {
  expect(normalQuantile(u)).toBeCloseTo(z, 8);
});
test("a lognormal estimate has its median at likely and its tenth and ninetieth percentile where they were given", () => {
  const e = lognormal(8, 10, 12.5);
  expect(drawnAt(e, 0.5)).toBeCloseTo(10, 9);
  expect(drawnAt(e, 0.1)).toBeCloseTo(8, 6);
  expect(drawnAt(e, 0.9)).toBeCloseTo(12.5, 6);
});

test("small volumes in the cups and spoons that meet them, else none", () => {
  // NIST Handbook 44: 1 cup = 236.6 mL = 16 tbsp = 48 tsp.
  expect(
    [0.62, 2.46, 4.93, 7.4, 14.8, 22.2, 44.4, 59.1, 79, 118.3, 177, 236.6, 315, 355, 473].map(writeSpoons),
  ).toEqual([
    "⅛ tsp",
    "½ tsp",
    "1 tsp",
    "1½ tsp",
    "1 tbsp",
    "1½ tbsp",
    "3 tbsp",
    "¼ cup",
    "⅓ cup",
    "½ cup",
    "¾ cup",
    "1 cup",
    "1⅓ cups",
    "1½ cups",
    "2 cups",
  ]);
  expect([0.2, 0.9].map(writeSpoons)).toEqual([null, null]);
  expect([0.1, 0.4, 1.6, 4.4, 20].map(writeNearSpoon)).toEqual([
    null,
    "scant ⅛ tsp",
    "generous ¼ tsp",
    "scant 1 tsp",
    null,
  ]);
  fc.assert(
    fc.property(fc.double({ min: 0.5, max: 3000, noNaN: true }), (ml) => {
      const told = writeSpoons(ml);
      if (told === null) return;
      const [, whole, part, unit] = /^(\d*)([⅛¼⅓½⅔¾]?) (\w+?)s?$/.exec(told) as unknown as string[];
      const parts: Record<string, number> = {
        "": 0,
        "⅛": 1 / 8,
        "¼": 1 / 4,
        "⅓": 1 / 3,
        "½": 1 / 2,
        "⅔": 2 / 3,
        "¾": 3 / 4,
      };
      const value = Number(whole || 0) + (parts[part as string] as number);
      expect(Math.abs((value * units.ML_OF.us[unit as "cup"]) / ml - 1)).toBeLessThanOrEqual(0.081);
    }),
    { seed: 20261127 },
  );
});
