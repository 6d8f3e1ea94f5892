import { readFileSync } from "node:fs";
import { join } from "node:path";
import Papa from "papaparse";
import { MEAT_FORMS, MEAT_KINDS } from "../dish/meat";
import { distance, largestGaps, nearness, rated, shifted } from "./rank";
import { BITE } from "./shifts";
import { type Bite, biteOf, inSetting, target, TARGET_IDS, targetOf } from "./targets";

interface FormRow extends Record<string, string> {
  readonly form: string;
}
const FORMS = Papa.parse<FormRow>(readFileSync(join(__dirname, "../checks/bite-forms.csv"), "utf8").trim(), {
  header: true,
}).data;
/** Rows of the table by the names that they have here. */
const NAMES: Readonly<Record<string, (typeof TARGET_IDS)[number]>> = {
  "pulled meat": "pulled",
  "mince, loose": "mince",
  patty: "patty",
  "chicken strips": "poultry-strips",
  "beef strips": "red-strips",
  "crisp bacon": "rasher",
  "white fish": "white-fish",
  "fish, battered": "battered-fish",
  meatball: "ball",
  "hot dog": "smoked-sausage",
  "meatloaf slice": "loaf",
  "roast slice": "roast",
  "stew chunks": "chunks",
  "cold slice": "cold-slices",
  "crumbed cutlet": "cutlet",
  skewer: "skewer",
  bits: "bits",
};

test.each(FORMS.map((row) => [row.form, row] as const))("%s stands as the corrected table has it", (form, row) => {
  const { bite, weights } = target(NAMES[form] as (typeof TARGET_IDS)[number]);
  for (const attribute of BITE) {
    expect([attribute, bite[attribute]]).toEqual([attribute, Number(row[attribute])]);
    expect([attribute, weights[attribute]]).toEqual([attribute, Number(row[`w_${attribute}`])]);
  }
});
test("every form and kind has a target but bones; what is only near says so", () => {
  for (const form of MEAT_FORMS)
    for (const kind of MEAT_KINDS) expect(targetOf(form, kind) === null).toBe(form === "stock-bones");
  expect(targetOf("strips", "poultry")).toMatchObject({ id: "poultry-strips", nearest: false });
  expect(targetOf("strips", "lamb")).toMatchObject({ id: "red-strips", nearest: false });
  expect(targetOf("fillet", "seafood")).toMatchObject({ id: "seafood", nearest: false });
  expect(targetOf("roast", "white-fish")).toMatchObject({ id: "roast", nearest: true });
  expect(new Set(TARGET_IDS).size).toBe(TARGET_IDS.length);
});

describe("distances by hand: √(Σ w (a − b)²/Σ w)", () => {
  const soyStrips = biteOf([6, 6, 7, 7, 1, 6, 4, 7]);
  test.each([
    // w 1.5 1 2.5 2.5 .5 1.5 1 1 = 11.5; spring +1, chew −1, strands −1: (1 + 2.5 + 2.5)/11.5.
    ["soy strips, beef strips", soyStrips, "red-strips", Math.sqrt(6 / 11.5)],
    // w 1.5 1 2 2 .5 1.5 1 1 = 10.5; spring +1, chew +1, flakes −1, juice −1: (1 + 2 + .5 + 1.5)/10.5.
    ["soy strips, chicken strips", soyStrips, "poultry-strips", Math.sqrt(5 / 10.5)],
    // w 2 1 2 1 .5 1.5 1 1 = 10; strands −1, juice −1: (1 + 1.5)/10.
    ["granules, mince", biteOf([5, 4, 5, 1, 0, 5, 3, 3]), "mince", Math.sqrt(2.5 / 10)],
    // w 1 .5 1.5 3 .5 2 .5 1 = 10; −1 −2 −2 −1 +1 −1 0 −2: (1 + 2 + 6 + 3 + .5 + 2 + 4)/10.
    ["jackfruit, pulled", biteOf([3, 1, 3, 8, 3, 7, 1, 2]), "pulled", Math.sqrt(18.5 / 10)],
    // w 1 .5 1.5 .5 .5 1 3 1 = 9; spring +1, chew −1, strands −2, flakes +1, juice −1, crisp −1, hold −1.
    [
      "shaved tofu, bacon",
      biteOf([5, 2, 4, 1, 2, 2, 8, 4]),
      "rasher",
      Math.sqrt((0.5 + 1.5 + 2 + 0.5 + 1 + 3 + 1) / 9),
    ],
  ] as const)("%s", (_name, bite, id, expected) => {
    expect(distance(bite, target(id))).toBeCloseTo(expected, 10);
  });
  test("bands: below 1, to 2, to 3.5, beyond", () => {
    expect([0.99, 1, 2, 2.01, 3.5, 3.51].map(nearness)).toEqual([
      "close",
      "similar",
      "similar",
      "stretch",
      "stretch",
      "different",
    ]);
  });
  test("the largest gaps count with their weights; half a point is the least, what has no weight is none", () => {
    const jackfruit = biteOf([3, 1, 3, 8, 3, 7, 1, 2]);
    expect(largestGaps(jackfruit, target("pulled")).map((g) => [g.attribute, g.by])).toEqual([
      ["chew", -2],
      ["hold", -2],
    ]);
    const { bite, weights } = target("mince");
    expect(largestGaps({ ...bite, firm: bite.firm + 0.49 }, { bite, weights })).toEqual([]);
    expect(largestGaps({ ...bite, firm: bite.firm + 0.5 }, { bite, weights })).toHaveLength(1);
    expect(largestGaps({ ...bite, crisp: 9 }, { bite, weights: { ...weights, crisp: 0 } })).toEqual([]);
  });
});

test("ratings are drawn to the table while they are few: 7, 6, 7 on a base of 5 are 5.83 (card 13)", () => {
  const base = biteOf([5, 5, 5, 5, 5, 5, 5, 5]);
  const said = rated(base, [{ firm: 7 }, { firm: 6 }, { firm: 7 }]);
  expect(said.firm).toBeCloseTo(5.8333, 4);
  expect(said.juice).toBe(5);
  expect(rated(base, [])).toEqual(base);
});
test("shifts add up and stay on the rule", () => {
  const bite = biteOf([9.5, 0, 5, 5, 5, 1, 5, 5]);
  const moved: Bite = shifted(bite, { firm: 1, juice: -2 }, { chew: 0.5 });
  expect(moved).toMatchObject({ firm: 10, juice: 0, chew: 5.5, spring: 0 });
});
test("the setting asks for another bite: crisp counts for nothing in a sauce, hold for more under a crust", () => {
  const aim = targetOf("strips", "beef");
  if (aim === null) throw new Error("strips have a bite");
  expect(inSetting(aim, "dry")).toBe(aim);
  expect(inSetting(aim, "sauce").weights).toMatchObject({ crisp: 0, juice: aim.weights.juice + 0.5 });
  expect(inSetting(aim, "glazed").bite.crisp).toBe(aim.bite.crisp + 1);
  expect(inSetting(aim, "crust").weights).toMatchObject({ crisp: 0, hold: aim.weights.hold + 0.5 });
});
