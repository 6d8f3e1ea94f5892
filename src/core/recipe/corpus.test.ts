import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { allFoods } from "../foods/book";
import { ML_OF } from "../quantities/units";
import { formOf } from "./lines/animals";
import { readHtml } from "./html";
import { readAmountOnLine } from "./lines/readAmount";
import { lexiconOf } from "./lines/lexicon";
import { type LineRead, readLine } from "./lines/line";
import { heatsIn, minutesIn, readMethod } from "./method/method";
import { describeRecipeProblem } from "@/words/recipe";
import { readRecipe } from "./recipe";
import { servingsIn } from "./servings";

const read = (name: string) => readFileSync(join(__dirname, "../checks", name), "utf8");
const FOODS = allFoods({ foods: [], labels: [] });
const lexicon = lexiconOf(FOODS);

/** A line as it is written in the corpus: amount | food. */
function written(line: LineRead | null): string {
  if (line === null) return "nothing | -";
  if (line.kind !== "ingredient") return `${line.kind} | -`;
  const food = line.foods.map(({ words, named }) => {
    switch (named.is) {
      case "food":
        return named.food;
      case "unknown":
        return `~${words}`;
      case "animal":
        return named.animal.job === "meat" ? `@meat:${named.animal.form}:${named.animal.kind}` : `@${named.animal.job}`;
    }
  });
  return `${amountOf(line)} | ${food.join(line.joined === "or" ? "/" : "+")}`;
}
const short = (n: number) => String(Math.round(n * 10) / 10);
function amountOf({ amount, toTaste }: Extract<LineRead, { kind: "ingredient" }>): string {
  if (amount === null) return toTaste ? "taste" : "-";
  switch (amount.kind) {
    case "mass":
      return `${short(amount.massG.likely)} g`;
    case "volume":
      return `${Math.round((amount.volumeMl.likely / ML_OF.metric[amount.unit]) * 100) / 100} ${amount.unit}`;
    case "count":
      return `${short(amount.count.likely)} ${amount.of}${amount.sizeG === null ? "" : ` ${short(amount.sizeG)}`}`;
    default:
      return "?";
  }
}
/** What the corpus wants; a range is held against its middle, and a reading that must be looked at ends in "?". */
const wanted = (line: string) =>
  line
    .replace(/^([\d.]+)-([\d.]+)/, (_, a: string, b: string) => short((Number(a) + Number(b)) / 2))
    .replace(/(?<=[a-z])\?$/, "");

const LINES = read("recipe-lines.txt")
  .split("\n")
  .filter((l) => l !== "" && !l.startsWith("#"))
  .map((l) => {
    const [text = "", ...want] = l.split(" | ");
    return [text, want.join(" | ")] as const;
  });
test.each(LINES)("%s", (text, want) => {
  const line = readLine(text, lexicon, "metric");
  expect(written(line)).toBe(wanted(want));
  // What was only heard is to be looked at.
  if (/[a-z]\?$/.test(want))
    expect(line?.kind === "ingredient" && line.foods.map((f) => f.named)).toMatchObject([{ sure: false }]);
});

const RECIPES = read("recipes.txt")
  .split(/^=== /m)
  .slice(1)
  .map((block) => {
    const [head = "", ...rest] = block.split("\n");
    const at = rest.findIndex((l) => /^---\s*$/.test(l));
    const want = rest.slice(at + 1).filter((l) => l !== "");
    const value = (name: string) =>
      want
        .find((l) => l.startsWith(name))
        ?.slice(name.length)
        .trim() ?? "";
    const lines = want.filter((l) => l.includes(" | ")).map(wanted);
    const text = rest.slice(0, at).join("\n");
    return [head, { text, lines, serves: value("serves"), minutes: value("minutes"), heats: value("heats") }] as const;
  });
test.each(RECIPES)("a whole recipe: %s", (_head, { text, lines, serves, minutes, heats }) => {
  const got = readRecipe(text, lexicon, "metric");
  if ("kind" in got) throw new Error(got.kind);
  expect(got.lines.filter((l) => l.kind !== "note").map(written)).toEqual(lines);
  expect(String(got.servings)).toBe(serves);
  const range = (t: { low: number; high: number }) =>
    t.low === t.high ? short(t.low) : `${short(t.low)}-${short(t.high)}`;
  expect(got.method.flatMap((m) => m.minutes.map(range)).join(", ")).toBe(minutes);
  expect(got.method.flatMap((m) => m.heats.map((h) => (h.tempC === null ? "?" : short(h.tempC)))).join(", ")).toBe(
    heats,
  );
});

test("every food of the table answers to its plain name, or to a sister in another state", () => {
  const lost = FOODS.filter((f) => f.group !== "animal" && f.id !== "worcester-sauce").filter((f) => {
    const line = readLine(`100 g ${f.name.toLowerCase()}`, lexicon, "metric");
    const named = line?.kind === "ingredient" ? line.foods[0]?.named : undefined;
    const stem = (id: string) =>
      id.replace(/-(?:dry|cooked|tinned|raw|white|brown|powder|dried|gf|firm|extra-firm|smoked)$/g, "").split("-")[0];
    return !(named?.is === "food" && stem(named.food) === stem(f.id));
  });
  expect(lost.map((f) => f.id)).toEqual([]);
});
test("no food of plants is taken for an animal, no animal for a plant", () => {
  for (const f of FOODS) {
    const line = readLine(`100 g ${f.name.toLowerCase()}`, lexicon, "metric");
    const animals = line?.kind === "ingredient" ? line.foods.filter((x) => x.named.is === "animal") : [];
    // A Worcestershire-type sauce is fish until its label says otherwise.
    if (f.id !== "worcester-sauce") expect([f.id, animals.length > 0]).toEqual([f.id, f.group === "animal"]);
  }
});
test.each([
  ["1 tbsp honey butter", ["butter", "honey"]],
  ["200 g cream cheese butter", ["butter", "cheese-soft"]],
  // Of a meat and what it is made with, the meat is what leaves.
  ["200 g butter-fried bacon", ["meat"]],
  ["100 g bacon fat", ["fat"]],
])("two animal products in one name are both found, and one is not found twice: %s", (text, jobs) => {
  const line = readLine(text, lexicon, "metric");
  const found = line?.kind === "ingredient" ? line.foods.map((f) => f.named) : [];
  expect(found.map((n) => (n.is === "animal" ? n.animal.job : n.is))).toEqual(jobs);
});

test.each([
  ["lettuce and tomato", ["lettuce lettuce", "tomato tomato"]],
  ["100 g dust of stars and onions", ["dust of stars unknown", "onions onion"]],
  ["2 onions peeled and chopped", ["onions onion"]],
  ["4 tomatoes ripe and juicy", ["tomatoes tomato"]],
  ["2 tbsp chilli and soy paste", ["chilli and soy paste gochujang"]],
  ["salt and freshly ground black pepper", ["salt salt", "freshly ground black pepper black-pepper"]],
] as const)("what nobody knows stays beside what is known, what is done to it does not: %s", (text, foods) => {
  const line = readLine(text, lexicon, "metric");
  const found = line?.kind === "ingredient" ? line.foods : [];
  expect(
    found.map(({ words, named }) =>
      `${words} ${named.is === "food" ? named.food : named.is}`.replace(/ (?:peeled|ripe).* /, " "),
    ),
  ).toEqual(foods);
});

test("two amounts of a kind add up, of two kinds none swallows the other; a tin may be about so large", () => {
  const amount = (line: string) => readAmountOnLine(line, "metric");
  expect(amount("1 cup plus 2 tbsp flour").amount).toMatchObject({ kind: "volume", volumeMl: { likely: 280 } });
  expect(amount("200 g plus 1 tbsp sugar")).toMatchObject({
    amount: { kind: "mass", massG: { likely: 200 } },
    words: "plus 1 tbsp sugar",
  });
  expect(amount("250 ml plus 20 g sugar")).toMatchObject({
    amount: { kind: "volume", volumeMl: { likely: 250 } },
    words: "plus 20 g sugar",
  });
  expect(amount("2 (about 400 g) tins chickpeas").amount).toMatchObject({ kind: "count", of: "tin", sizeG: 400 });
});

test.each([
  // Common practice: what it is cut to counts over what it is sold as.
  ["chicken breast, cut into strips", "poultry", "strips"],
  ["chicken thighs, diced", "poultry", "chunks"],
  ["turkey breast, for roasting", "poultry", "fillet"],
  ["roast pork, shredded", "pork", "pulled"],
  ["pork loin, sliced thinly", "pork", "strips"],
  ["pork shoulder", "pork", "chunks"],
  ["leg of lamb", "lamb", "roast"],
  ["bacon, chopped", "pork", "rasher"],
  ["ham, sliced", "pork", "cold-slices"],
  ["chicken wings, roasted", "poultry", "chunks"],
  ["chicken, a whole one, roasted", "poultry", "roast"],
  ["cod fillets, cubed", "white-fish", "fillet"],
  ["fish cakes", "white-fish", "patty"],
] as const)("%s: a %s in the form %s", (line, kind, form) => expect(formOf(line, kind, false)).toBe(form));

test("a page's own scripts are no data of the recipe", () => {
  const page = `<script>var a = 1</script><p>One</p><script type="application/ld+json">{"a":1}</script><p>Two</p>`;
  expect(readHtml(page)).toEqual({ text: "\nOne\n\nTwo\n", data: ['{"a":1}'] });
});

test("what is printed is read as it was: any amount of any food, in any order of amount and food", () => {
  const food = fc.constantFrom(...FOODS.filter((f) => f.group === "vegetable" || f.group === "animal"));
  const unit = fc.constantFrom("g", "kg", "oz", "lb", "ml", "tbsp", "tsp", "cup");
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 900 }), unit, food, (n, of, f) => {
      const name = f.name.split(",")[0] as string;
      const [before, behind] = [`${n} ${of} ${name}`, `${name}: ${n} ${of}`].map((t) => readLine(t, lexicon, "metric"));
      expect(written(before as LineRead)).toBe(written(behind as LineRead));
      expect(written(before as LineRead)).toMatch(/^[\d.]+ (?:g|ml|tbsp|tsp|cup) \| /);
    }),
    { seed: 20261127 },
  );
});
test("whatever is pasted, nothing breaks and nothing runs", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme", maxLength: 400 }), (text) => {
      const got = readRecipe(text, lexicon, "us");
      expect("kind" in got || got.lines.length > 0).toBe(true);
    }),
    { seed: 20261127 },
  );
  expect(readRecipe(" ", lexicon, "metric")).toEqual({ kind: "empty" });
  expect(readRecipe("nothing here", lexicon, "metric")).toEqual({ kind: "no-ingredients" });
  expect(readRecipe("x".repeat(100_001), lexicon, "metric")).toMatchObject({ kind: "too-long" });
  expect(readRecipe(`${"[".repeat(5000)}`, lexicon, "metric")).toMatchObject({ kind: "too-much", of: "line" });
});
test("work is bounded by lines and words, and what goes beyond is refused with a sentence, never read in part", () => {
  let looked = 0;
  const counting = { ...lexicon, namesIn: (text: string) => (looked++, lexicon.namesIn(text)) };
  const read = (text: string) => readRecipe(text, counting, "metric");
  const lines = (n: number, line: string) => `Stew\n${`${line}\n`.repeat(n)}`;
  for (const [text, of] of [
    [lines(2000, "500 g potatoes"), "lines"],
    [lines(100, `500 g beef mince ${"mince ".repeat(90)}`), "words"],
    [`500 g beef mince ${"mince ".repeat(1600)}`, "line"],
    [lines(60, "500 g beef mince"), "meats"],
  ] as const) {
    looked = 0;
    const got = read(text);
    expect(got).toMatchObject({ kind: "too-much", of });
    if (!("kind" in got)) throw new Error("was read");
    expect(describeRecipeProblem(got)).toMatch(/^Recipe: .*\d.*\. (?:Paste|Put) /);
    // Each line is looked at a few times, however many there are.
    expect(looked).toBeLessThanOrEqual(of === "meats" ? 40 * 61 : 0);
  }
  const long = `Stew\nIngredients\n500 g potatoes\nMethod\n${"Boil the potatoes for 20 minutes. ".repeat(100)}`;
  const got = read(long);
  expect("kind" in got ? got : got.method.flatMap((m) => m.minutes ?? []).length).not.toBe(0);
});

test("minutes and heats in words", () => {
  const range = (text: string) => minutesIn(text).map(({ low, high, eachSide }) => [low, high, eachSide]);
  expect(range("for 1 hour 30 minutes, then 10–15 min")).toEqual([
    [90, 90, false],
    [10, 15, false],
  ]);
  expect(range("2½ hrs; 45 secs; overnight; 3 minutes on each side")).toEqual([
    [150, 150, false],
    [0.75, 0.75, false],
    [3, 3, true],
    [480, 720, false],
  ]);
  const heats = (text: string) => heatsIn(text).map((h) => h.tempC);
  expect(heats("Heat to 180C/160C fan/gas 4")).toEqual([180]);
  expect(heats("at 400°F (200°C)")).toEqual([204]);
  expect(heats("200C/350F")).toEqual([null]);
  expect(heats("200 degrees")).toEqual([null]);
  expect(heats("450 degrees, then 120 degrees")).toEqual([232, 120]);
  expect(heats("for 20 minutes with 300 g")).toEqual([]);
});
test.each([
  ["Cook for 20 minutes.", "simmer"],
  ["Cook the courgettes 7 minutes in the oil.", "fry"],
  ["Fry the onions in oil, add the vinegar and cook 5 minutes.", "fry simmer mix"],
  ["Warm the milk and butter for 3 minutes.", "simmer"],
  ["Warm the olive oil in a pan.", ""],
  ["Add the butter and simmer 10 minutes.", "simmer mix"],
  ["Serve in warm bowls.", "serve"],
])("what is done in a sentence: %s", (text, ops) => {
  const [step] = readMethod([text], []);
  expect([...(step?.operations ?? [])].sort()).toEqual(ops.split(" ").filter(Boolean).sort());
});

test("servings in words", () => {
  expect(
    ["Serves 4-6", "Makes 12 portions", "for two", "4", "Yield: 6 servings", "bake for 20 min"].map(servingsIn),
  ).toEqual([4, 12, 2, 4, 6, null]);
  const read = readRecipe("Supper\n4-6 people\n400 g pasta\nBoil the pasta for 10 minutes.", lexicon, "metric");
  expect("kind" in read ? read.kind : [read.servings, read.lines.length]).toEqual([4, 1]);
});
test("a hostile text is read like an honest one, within a test's time: long lines, blanks, digits, brackets", () => {
  const fill = (piece: string) => piece.repeat(Math.floor(45_000 / piece.length));
  for (const piece of [
    " ",
    "1 ",
    "a ",
    "1/",
    "(",
    "1 (",
    ", ",
    "- ",
    "or ",
    "1-",
    "°",
    "gas ",
    "<b>",
    "1 hour ",
    "a:",
  ]) {
    const data = { "@type": "Recipe", recipeIngredient: [fill(piece), "1 egg"], recipeInstructions: fill(piece) };
    for (const text of [`1${fill(piece)}\n1 egg`, JSON.stringify(data)])
      expect(readRecipe(text, lexicon, "metric")).toBeDefined();
  }
});
