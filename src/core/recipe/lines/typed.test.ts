import { FOODS } from "../../foods/table";
import { HOUSEHOLD_WEIGHTS } from "../../foods/householdWeights";
import { typedReader } from "./typed";

/** What a cook types on the Bench is read as the page of recipes reads it. */
const read = typedReader(FOODS, "us");
const said = (text: string) =>
  read(text).read?.map(({ food, grams }) => [food, grams && Math.round(grams.likely * 10) / 10]);

describe("what is typed where a food goes in", () => {
  // Household weights: USDA SR Legacy from memory, or common practice (householdWeights.ts).
  test.each<[string, unknown]>([
    ["1 red chilli", [["chilli", 15]]],
    ["2 bay leaves", [["bay", 0.4]]],
    ["1 stock cube", [["stock-powder", 10]]],
    ["160 g soy strips", [["soy-strips", 160]]],
    ["1 onion", [["onion", 110]]],
    ["1 small onion", [["onion", 70]]],
    ["1 large onion", [["onion", 150]]],
    ["3 garlic cloves", [["garlic", 9]]],
    ["2 celery ribs", [["celery", 80]]],
    ["a thumb of ginger", [["ginger", 15]]],
    ["a bunch of parsley", [["parsley", 40]]],
    ["4 lemon wedges", [["lemon", 56]]],
    ["1 cup rice", [["rice-white", 185]]],
    ["1 tsp kosher salt", [["salt-coarse", 4]]],
    [
      "salt, white pepper, nutmeg",
      [
        ["salt", null],
        ["white-pepper", null],
        ["nutmeg", null],
      ],
    ],
    [
      "2 tsp cumin, 1 tsp paprika",
      [
        ["cumin", 4.2],
        ["paprika", 2.3],
      ],
    ],
    ["soy sauce", [["soy-sauce", null]]],
  ])("%s", (text, want) => expect(said(text)).toEqual(want));
  test.each([
    "250 g kidney beans",
    "1 Scots widget",
    "almonds or walnuts",
    "2 tbsp honey mustard",
    "500 g beef mince",
    "",
  ])("%s is not taken for understood", (text) => expect(read(text).read).toBeNull());
  test("whatever food is chosen keeps the amount that was typed", () => {
    expect(read("250 g kidney beans").gramsOf("kidney-beans-tinned")?.likely).toBe(250);
    expect(read("250 g kidney beans").words).toBe("kidney beans");
    expect(read("a tin of beans").words).toBe("tinned beans");
    expect(read("a 400 g tin of beans").gramsOf("kidney-beans-tinned")?.likely).toBeCloseTo(240, 0);
    expect(read("some cashews").gramsOf("cashews")).toBeNull();
  });
  test("a range stays a range", () => {
    const [onion] = read("1 onion").read ?? [];
    expect(onion?.grams?.low).toBeLessThan(100);
    expect(onion?.grams?.high).toBeGreaterThan(150);
    const [salt] = read("1 tsp kosher salt").read ?? [];
    expect((salt?.grams?.high ?? 0) / (salt?.grams?.low ?? 1)).toBeGreaterThan(1.8);
  });
  test("every household weight is of a food of the table, in order, with its source", () => {
    const ids = new Set(FOODS.map((f) => f.id));
    for (const { food, measure, each, source } of HOUSEHOLD_WEIGHTS) {
      expect([food, ids.has(food)]).toEqual([food, true]);
      expect([food, measure, each.low > 0 && each.low <= each.likely && each.likely <= each.high]).toEqual([
        food,
        measure,
        true,
      ]);
      expect(source).toMatch(/memory|practice/);
    }
  });
});
