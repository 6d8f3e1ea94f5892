import fc from "fast-check";
import jsonld from "jsonld";
import { Temporal } from "temporal-polyfill";
import { allFoods } from "../foods/book";
import { lexiconOf } from "../recipe/lines/lexicon";
import { DEMO_DISHES } from "@/demo/household";
import { type Dish, scaleDish } from "../dish/dish";
import { table } from "../recipe/__tests__/table";
import { answerRecipe } from "../recipe/answer";
import { readRecipe } from "../recipe/recipe";
import { dishInText } from "./dishInText";
import { isoDuration, type RecipeOut, writeRecipeJsonLd, writeRecipeMarkdown } from "./recipeOut";

const lexicon = lexiconOf(allFoods({ foods: [], labels: [] }));
const RECIPE: RecipeOut = {
  name: "Pot of *everything*",
  servings: 3,
  ingredients: [
    { part: "Strips", lines: ["160 g dried soy strips", "7.5 g smoked paprika"] },
    { part: "Sauce", lines: ["350 g water", "1½ tbsp tomato paste"] },
  ],
  steps: [
    { part: "Strips", title: "Soak the strips", text: "Pour 1 kg of water over them. Leave 12 min." },
    { part: "Sauce", title: "Simmer the sauce", text: "Add 350 g water. Simmer for 20 min." },
  ],
  handsMin: 25,
  totalMin: 95,
  tools: ["Frying pan"],
  proteinG: 31.24,
  saltG: 2,
  replaces: "500 g beef strips",
  kept: null,
};

test("durations are what Temporal reads back", () => {
  expect([0, 35, 60, 95, 2900].map(isoDuration)).toEqual(["PT0M", "PT35M", "PT1H", "PT1H35M", "P2DT20M"]);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 100_000 }), (minutes) => {
      const read = Temporal.Duration.from(isoDuration(minutes));
      expect(read.total({ unit: "minutes", relativeTo: "2026-01-01T00:00[UTC]" })).toBe(minutes);
    }),
    { seed: 20261127 },
  );
});
test("the JSON-LD expands in a general library to a Recipe of schema.org with its parts", async () => {
  const SCHEMA = { "@context": { "@vocab": "https://schema.org/" } };
  const documentLoader = async (url: string) => ({ contextUrl: undefined, document: SCHEMA, documentUrl: url });
  const [node] = (await jsonld.expand(JSON.parse(writeRecipeJsonLd(RECIPE)), {
    documentLoader: documentLoader as never,
  })) as Record<string, unknown[]>[];
  const of = (name: string) => node?.[`https://schema.org/${name}`] ?? [];
  expect(node?.["@type"]).toEqual(["https://schema.org/Recipe"]);
  expect(of("recipeIngredient")).toHaveLength(4);
  expect(of("totalTime")).toEqual([{ "@value": "PT1H35M" }]);
  expect(of("recipeInstructions")).toMatchObject([
    { "@type": ["https://schema.org/HowToSection"] },
    { "@type": ["https://schema.org/HowToSection"] },
  ]);
  // 2 g of salt are 787 mg of sodium (39.34 %).
  expect(JSON.stringify(of("nutrition"))).toContain("787 mg");
});
test("what is written is read again: name, servings, every ingredient, every step", () => {
  for (const text of [writeRecipeJsonLd(RECIPE), writeRecipeMarkdown(RECIPE)]) {
    const read = readRecipe(text, lexicon, "us");
    if ("kind" in read) throw new Error(read.kind);
    expect(read.servings).toBe(3);
    const foods = read.lines.flatMap((l) => (l.kind === "ingredient" ? l.foods.map((f) => f.named) : []));
    expect(foods).toMatchObject([
      { food: "soy-strips" },
      { food: "smoked-paprika" },
      { food: "water" },
      { food: "tomato-paste" },
    ]);
    expect(read.method.flatMap((m) => m.minutes.map((t) => t.low))).toEqual([12, 20]);
  }
});

describe("a dish of ours comes back whole", () => {
  const outs = [
    ["JSON-LD", writeRecipeJsonLd],
    [
      "JSON-LD in a page",
      (r: RecipeOut) => `<html><script type="application/ld+json">${writeRecipeJsonLd(r)}</script></html>`,
    ],
    ["Markdown", writeRecipeMarkdown],
  ] as const;
  const around = { table: { ...table, foods: [] }, spoons: "metric", availableMin: null } as const;
  const UNDECIDED = { lines: {}, routes: {}, setting: null, servings: null };
  const answered = (text: string, servings: number | null = null) => {
    const answer = answerRecipe(text, { ...UNDECIDED, servings }, around, dishInText(text));
    if ("kind" in answer) throw new Error(answer.kind);
    return answer;
  };
  test.each(outs.flatMap(([name, write]) => DEMO_DISHES.map((d) => [name, d.id, write, d] as const)))(
    "%s: %s, every step of every part to the gram",
    (_name, _id, write, dish) => {
      const noted = { ...dish, origin: { from: "a notebook -- page 3", changed: ["beef -> strips"] } };
      const { dish: back, own } = answered(write({ ...RECIPE, kept: { dish: noted, foods: [] } }));
      expect(back).toEqual({ ...noted, id: "recipe" });
      expect(own).toEqual([]);
    },
  );
  test("for twice as many it is twice as much", () => {
    const [dish] = DEMO_DISHES;
    if (dish === undefined) throw new Error("no dish");
    const { dish: back } = answered(writeRecipeMarkdown({ ...RECIPE, kept: { dish, foods: [] } }), dish.servings * 2);
    expect(back.parts).toEqual(scaleDish(dish, 2).parts);
  });
  test("what was tampered with is read like any other recipe", () => {
    const [dish] = DEMO_DISHES;
    const text = writeRecipeMarkdown({ ...RECIPE, kept: { dish: dish as Dish, foods: [] } });
    const broken = text.replace(/"servings":\d+/, '"servings":-1');
    expect(dishInText(broken)).toBeNull();
    expect(answered(broken).cameBack).toBeUndefined();
    expect(dishInText("{ not json")).toBeNull();
    expect(dishInText("Serves 4\n500 g mince")).toBeNull();
  });
});
