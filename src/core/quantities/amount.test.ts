import { UcumLhcUtils } from "@lhncbc/ucum-lhc";
import { readAmount } from "./amount";
import { ML_OF } from "./units";

describe("cups and spoons against UCUM (@lhncbc/ucum-lhc)", () => {
  const ucum = UcumLhcUtils.getInstance();
  test.each([
    ["[cup_us]", "mL", ML_OF.us.cup],
    ["[tbs_us]", "mL", ML_OF.us.tbsp],
    ["[tsp_us]", "mL", ML_OF.us.tsp],
    ["[foz_us]", "mL", ML_OF.us["fl oz"]],
    ["[pt_us]", "mL", ML_OF.us.pint],
    ["[qt_us]", "mL", ML_OF.us.quart],
    ["[foz_br]", "mL", ML_OF.imperial["fl oz"]],
    ["[pt_br]", "mL", ML_OF.imperial.pint],
    ["[cup_m]", "mL", ML_OF.metric.cup],
    ["[tbs_m]", "mL", ML_OF.metric.tbsp],
    ["[tsp_m]", "mL", ML_OF.metric.tsp],
  ])("one %s is the same in %s", (from, to, ours) => {
    const { toVal } = ucum.convertUnitTo(from, 1, to);
    // UCUM's metric cup is 240 mL, a legal one; kitchens mean 250.
    const expected = from === "[cup_m]" ? 250 : (toVal as number);
    expect(Math.abs(ours / expected - 1)).toBeLessThan(1e-5);
  });
  test("an Australian tablespoon is four teaspoons, an imperial cup half a pint", () => {
    expect(ML_OF.au.tbsp).toBe(20);
    expect(ML_OF.imperial.cup).toBeCloseTo(284.130625, 6);
  });
});

describe("amounts the way cooks write them", () => {
  const read = (text: string) => readAmount(text, "us");
  test.each([
    ["250 g", 250],
    ["1.2 kg", 1200],
    ["1,5 kg", 1500],
    ["1½ lb", 680.389],
    ["8 oz", 226.796],
    ["1-1/2 pounds potatoes", 680.389],
    ["about 300 grams", 300],
  ])("%s is %d g", (text, expected) => {
    const amount = read(text);
    expect(amount.kind).toBe("mass");
    if (amount.kind === "mass") expect(amount.massG.likely).toBeCloseTo(expected, 2);
  });
  test.each([
    ["2 tbsp", 29.574],
    ["½ tsp", 2.464],
    ["1 cup walnuts", 236.588],
    ["half a cup", 118.294],
    ["⅔ cup", 157.725],
    ["1 1/2 cups", 354.882],
    ["12 fl oz", 354.882],
    ["2 dl", 200],
    ["0.5 litres", 500],
  ])("%s is %d mL", (text, expected) => {
    const amount = read(text);
    expect(amount.kind).toBe("volume");
    if (amount.kind === "volume") expect(amount.volumeMl.likely).toBeCloseTo(expected, 2);
  });
  test("a range stays a range", () => {
    const cloves = read("3–4 cloves");
    expect(cloves).toMatchObject({ kind: "count", of: "clove", count: { likely: 3.5 } });
    const spoons = read("2 to 3 tbsp");
    if (spoons.kind === "volume") expect(spoons.volumeMl.high / spoons.volumeMl.low).toBeGreaterThan(1.5);
    expect(spoons.kind).toBe("volume");
  });
  test.each([
    ["a 400 g tin", { count: { likely: 1 }, of: "tin", sizeG: 400 }],
    ["a 14 oz tin", { count: { likely: 1 }, of: "tin", sizeG: 14 * 28.349523125 }],
    ["2 x 400g cans", { count: { likely: 2 }, of: "tin", sizeG: 400 }],
    ["1 (540 g) can chickpeas", { count: { likely: 1 }, of: "tin", sizeG: 540 }],
    ["a pinch", { of: "pinch", sizeG: null }],
    ["two leaves", { of: "leaf", count: { likely: 2 } }],
    ["3", { of: "piece", count: { likely: 3 } }],
  ])("%s is counted", (text, expected) => {
    expect(read(text)).toMatchObject({ kind: "count", ...expected });
  });
  test.each([
    ["180 °C", 180],
    ["350 F", 176.67],
    ["350 degrees fahrenheit", 176.67],
    ["180–200 C", 190],
    ["90 degrees", 90],
    ["400 degrees", 204.44],
  ])("%s is %d °C", (text, expected) => {
    const amount = read(text);
    expect(amount.kind).toBe("temp");
    if (amount.kind === "temp") expect(amount.tempC.likely).toBeCloseTo(expected, 1);
  });
  test.each([
    ["200 degrees", { kind: "which-degrees", degrees: 200 }],
    ["180, 360–380 F", { kind: "two-amounts" }],
    ["1 cup or 240 g", { kind: "two-amounts" }],
    ["some", { kind: "no-number" }],
    ["", { kind: "no-number" }],
    ["3 xyz", { kind: "unknown-unit", unit: "xyz" }],
    ["5–3 g", { kind: "impossible" }],
  ])("%s is a question, never a number", (text, asks) => {
    expect(read(text)).toMatchObject({ kind: "question", asks });
  });
  test("spoons of one land are not those of another", () => {
    const ml = (spoons: "us" | "metric" | "imperial" | "au") => {
      const amount = readAmount("1 tbsp", spoons);
      return amount.kind === "volume" ? amount.volumeMl.likely : NaN;
    };
    expect([ml("us"), ml("metric"), ml("imperial"), ml("au")].map((x) => Math.round(x * 10) / 10)).toEqual([
      14.8, 15, 17.8, 20,
    ]);
  });
});
