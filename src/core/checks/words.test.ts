/**
 * How amounts are read and written, what becomes of every recipe of the corpus, and how the routes for every form of meat rank, as
 * last approved (`npm run approve`): beside the tests that say what is right, nothing of it moves unseen.
 */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { allFoods } from "../foods/book";
import { weighAmount } from "../foods/measure";
import { MEAT_FORMS } from "../dish/meat";
import { readAmount } from "../quantities/amount";
import {
  writeLength,
  writeMass,
  writeMassRange,
  writeMinutes,
  writeNearSpoon,
  writePercent,
  writeSpoons,
  writeTemp,
  writeVolume,
} from "../quantities/write";
import { answerRecipe } from "../recipe/answer";
import { table } from "../recipe/__tests__/table";
import { SETTINGS } from "../bite/targets";
import { answersTo } from "../swap/answer";
import { DEMO_KITCHEN } from "@/demo/household";
import { newMemory } from "../quantities/memory";
import { approved } from "./__tests__/approved";
import { told } from "./__tests__/told";

const file = (name: string) => join(__dirname, name);
const read = (name: string) => readFileSync(file(name), "utf8");
const stays = (name: string, now: readonly string[]) =>
  expect(now).toEqual(
    approved(file(name), `${now.join("\n")}\n`)
      .trimEnd()
      .split("\n"),
  );

const SIZES = [
  0, 0.04, 0.3, 0.5, 0.95, 1, 1.5, 2.4, 3.7, 5, 7.5, 9.96, 10, 14.8, 15, 22, 28.3, 30, 50, 75, 99.6, 100, 113, 150,
].concat([200, 227, 236.6, 250, 333, 400, 453.6, 500, 750, 999, 1000, 1234, 1500, 2268, 5000, 12_345, 50_000]);
const MINUTES = [
  0, 0.2, 0.5, 0.99, 1, 1.4, 1.6, 5, 45, 59.4, 59.6, 60, 61, 89, 90, 119.7, 120, 600, 1439, 1440, 1500, 2880, 4000,
  10_080,
];
const AMOUNTS = [
  "3 tbsp",
  "1½ cups",
  "2-3",
  "1 1/2 tsp",
  "a pinch",
  "a good handful",
  "2 lb 3 oz",
  "1,5 kg",
  "1.500 g",
  "½ l",
  "350 F",
  "180 C",
]
  .concat([
    "200 degrees",
    "gas mark 4",
    "a 400 g tin",
    "a tin",
    "two cloves",
    "6/7",
    "10 ml",
    "8 fl oz",
    "1 pint",
    "2 quarts",
    "1 stick",
    "half",
  ])
  .concat([
    "a dozen",
    "1 heaped tbsp",
    "1 level tsp",
    "1 scant cup",
    "a generous cup",
    "-3 g",
    "0 g",
    "three or four",
    "1 x 400g",
    "2 x 200 ml",
  ]);

test("amounts as they are written and read", () => {
  const written = (["metric", "us"] as const).flatMap((units) => [
    ...SIZES.map(
      (x) =>
        `${units} ${x}: ${writeMass(x, units)} | ${writeVolume(x, units)} | ${writeLength(x, units)} | ${writeTemp(x, units)}`,
    ),
    ...SIZES.slice(1).map((x) => `${units} ${x * 0.9} to ${x * 1.1}: ${writeMassRange(x * 0.9, x * 1.1, units)}`),
  ]);
  const spoons = SIZES.map((x) => `${x} ml: ${writeSpoons(x)} | ${writeNearSpoon(x)} | ${writePercent(x / 1000)}`);
  const times = MINUTES.map((m) => `${m} min: ${writeMinutes(m)}`);
  const amounts = (["metric", "us", "imperial", "au"] as const).flatMap((system) =>
    AMOUNTS.map((text) => `${system} ${text}: ${JSON.stringify(told(readAmount(text, system)))}`),
  );
  stays("words.txt", [...written, ...spoons, ...times, ...amounts]);
});
test("household measures of every food", () => {
  const now = allFoods({ foods: [], labels: [] }).map((food) => {
    const weighed = ["1 tbsp", "1 cup", "2", "a tin", "1 pack"].map((text) =>
      weighAmount(food, readAmount(text, "metric")),
    );
    return `${food.id}: ${JSON.stringify(told(weighed.map((w) => (w.ok ? w.value : w.failure))))}`;
  });
  stays("measures.txt", now);
});
test("every recipe of the corpus, turned over", () => {
  const now = read("recipes.txt")
    .split(/^=== /m)
    .slice(1)
    .flatMap((block) => {
      const [head = "", ...rest] = block.split("\n");
      const text = rest
        .slice(
          0,
          rest.findIndex((l) => /^---\s*$/.test(l)),
        )
        .join("\n");
      const answer = answerRecipe(text, { lines: {}, routes: {}, setting: null, servings: null }, {
        table,
        spoons: "metric",
        availableMin: null,
        ratings: new Map(),
      } as never);
      if ("kind" in answer) return [`# ${head}: ${JSON.stringify(answer)}`];
      const { settled, setting, covered, dish, own, meats } = answer;
      return [
        `# ${head}: ${JSON.stringify(told({ setting, covered, own, servings: dish.servings }))}`,
        ...settled.map((s) => JSON.stringify(told(s))),
        ...meats.map((m) => `meat ${JSON.stringify(told(m.cards.slice(0, 3).map((c) => [c.id, c.mainG])))}`),
        ...dish.parts.flatMap((p) => p.steps.map((s) => `${p.name}: ${JSON.stringify(told(s))}`)),
      ];
    });
  stays("turned.txt", now);
});
test("routes for every form of meat", () => {
  const memory = newMemory();
  const now = MEAT_FORMS.flatMap((form, i) => {
    const setting = SETTINGS[i % SETTINGS.length] as (typeof SETTINGS)[number];
    const found = answersTo(
      {
        form,
        kind: ["fillet", "battered"].includes(form) ? "white-fish" : "beef",
        words: "",
        rawG: 600,
        setting,
        availableMin: 2000,
        mostHandsMin: null,
        honestOnly: false,
        protein: (["plate", "more", "side", "sauce"] as const)[i % 4] ?? "plate",
        bringsFat: i % 2 === 0,
      },
      { ...table, kitchen: DEMO_KITCHEN },
      new Map(),
      memory,
    );
    return [
      `# ${form}, ${setting}: ${JSON.stringify(told(found.leaving))} ${JSON.stringify(told(found.aim))}`,
      ...found.answers.map(
        ({
          route,
          mainG,
          forProteinG,
          distance,
          leadMin,
          handsMin,
          batches,
          proteinG,
          saltG,
          oilG,
          extra,
          out,
          gaps,
          narrows,
          contains,
          mayHold,
        }) =>
          `${route.id} ${JSON.stringify(told({ mainG, forProteinG, distance, leadMin, handsMin, batches, proteinG, saltG, oilG, extra, out, gaps, narrows, contains, mayHold }))}`,
      ),
    ];
  });
  stays("routes.txt", now);
});
