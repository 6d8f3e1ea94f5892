import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { many, seedOf } from "../../__tests__/proof";
import { ALLERGENS } from "../../foods/allergens";
import { FOODS } from "../../foods/table";
import { changesNothing } from "./accounted";
import { isFormName, meatNames, PRODUCTS } from "./animals";
import { lexiconOf } from "./lexicon";
import { readLine } from "./line";
import { listedOn } from "./listed";

const lexicon = lexiconOf(FOODS);
const corpus = (name: string) => readFileSync(join(__dirname, "../../checks", name), "utf8");
const LINES = corpus("recipe-lines.txt")
  .split("\n")
  .filter((l) => l !== "" && !l.startsWith("#"))
  .map((l) => l.split(" | ")[0] as string);

const foodsOn = (text: string): string => {
  const line = readLine(text, lexicon, "metric");
  if (line?.kind !== "ingredient") return line?.kind ?? "nothing";
  return line.foods
    .map(({ named, words }) =>
      named.is === "food" ? named.food : named.is === "animal" ? `@${named.animal.job}` : `~${words}`,
    )
    .join(" + ");
};
/** All that is read of a line; notes of what is done to it are no reading of a food. */
function reading(text: string): string {
  const lines = listedOn(text, lexicon, "metric").map((piece) => readLine(piece, lexicon, "metric"));
  return JSON.stringify(
    lines.map((line) =>
      line?.kind !== "ingredient" ? (line?.kind ?? null) : [line.amount, line.foods, line.joined, line.open],
    ),
  );
}

describe("every word of a line is accounted for", () => {
  // Allergies and what was seen at a table: a last noun never wins over a word before it that nobody has explained.
  test.each([
    "100 g acorn flour",
    "1 cup hazelnut flour",
    "50 g peanut flour",
    "30 g lupin flour",
    "2 tbsp sesame flour",
    "1 tsp garlic salt",
    "2 tbsp sesame salt",
    "2 tbsp honey mustard",
    "100 g honey roasted peanuts",
    "80 g anchovy-stuffed olives",
    "1 tbsp chilli bean paste",
    "200 g seeded bread",
    "2 tbsp soy sauce (gluten free)",
    "1 tin chopped tomatoes with chillies",
    "200 g egg tofu",
  ])("%s is a food that nobody knows yet: every allergen of it is asked", (text) => {
    expect(foodsOn(text)).toContain("~");
  });
  test.each([
    ["200 g smoked salt", "smoked"],
    ["300 g frozen carrots", "frozen"],
    ["2 Vidalia onions", "vidalia"],
    ["300 g roasted carrots", "roasted"],
    ["2 dried thyme-scented courgettes", "dried"],
  ])("%s opens with “%s”", (text, word) => {
    const line = readLine(text, lexicon, "metric");
    expect(line?.kind === "ingredient" && [...line.open, foodsOn(text)].join(" ").toLowerCase()).toContain(word);
  });
  test.each([
    ["1 onion, peeled and finely chopped", "onion"],
    ["400 g tin kidney beans, drained and rinsed", "kidney-beans-tinned"],
    ["1 tbsp olive oil, plus extra for frying", "olive-oil"],
    ["600 ml hot vegetable stock", "stock"],
    ["1 handful fresh flat-leaf parsley, roughly chopped", "parsley"],
    ["2 medium-sized carrots, cut into 2 cm dice", "carrot"],
    ["2 tsp ground cumin and coriander", "cumin + coriander-seed"],
    ["100 g mustard, grainy", "mustard"],
    ["100 g almond flour", "ground-almonds"],
    ["2 tbsp walnut oil", "walnut-oil"],
    ["1 tbsp groundnut oil", "peanut-oil"],
    ["1 tbsp mustard oil", "mustard-oil"],
    ["3 tbsp black bean sauce", "black-bean-sauce"],
    ["1 scotch bonnet pepper", "scotch-bonnet"],
    ["200 g gluten-free flour", "gf-flour"],
    ["250 g gluten-free spaghetti", "pasta-gf"],
    ["10 g mushroom powder", "mushroom-seasoning"],
    ["100 g brown rice flour", "brown-rice-flour"],
    ["50 g cashew butter", "cashew-butter"],
    ["2 dried red chillies", "chilli-dried-hot"],
    ["3 dried ancho chillies", "chilli-dried"],
    ["1 tsp hot chilli powder", "chilli-powder"],
    ["½ tsp dried chilli flakes", "chilli-flakes"],
    ["1 tsp thyme, dried", "thyme-dried"],
    ["1 tsp dried thyme", "thyme-dried"],
    ["a pinch of white pepper", "white-pepper"],
    ["200 g frozen peas", "peas"],
    ["30 g dried porcini mushrooms", "porcini-dried"],
  ])("%s is read without a question", (text, foods) => {
    const line = readLine(text, lexicon, "metric");
    expect([foodsOn(text), line?.kind === "ingredient" ? line.open : null]).toEqual([foods, []]);
  });
  test("most lines of the corpus ask nothing", () => {
    const open = LINES.filter((text) => {
      const line = readLine(text, lexicon, "metric");
      return line?.kind === "ingredient" && line.open.length > 0;
    });
    expect(open.length).toBeLessThan(LINES.length * 0.05);
  });
  test("a name put into any line changes its reading or opens it", () => {
    const names = [
      ...FOODS.flatMap((f) => [f.name.split(/[,(]/)[0] ?? "", ...f.also]),
      ...Object.values(PRODUCTS).flat(),
      ...meatNames().map(([name]) => name),
      ...ALLERGENS,
    ];
    const words = [...new Set(names.flatMap((n) => n.toLowerCase().split(/[^\p{L}'-]+/u)))].filter(
      (w) => w.length > 2 && !lexicon.wordsIn(w).every((word) => changesNothing(word, lexicon)),
    );
    expect(words.length).toBeGreaterThan(500);
    fc.assert(
      fc.property(fc.constantFrom(...LINES), fc.constantFrom(...words), fc.nat(), (text, word, at) => {
        const tokens = text.split(" ");
        const [own, [mine = ""]] = [lexicon.wordsIn(text), lexicon.wordsIn(word)];
        // Another name of the same food or meat says nothing new.
        const same = JSON.stringify(lexicon.namesIn(word)[0]?.named ?? "none");
        const kind = /"kind":"[^"]*"|"job":"(?!meat)[^"]*"/.exec(same)?.[0] ?? same;
        const read = JSON.stringify(readLine(text, lexicon, "metric"));
        fc.pre(!read.includes(same) && !read.includes(kind));
        // What only says a form is said of whatever meat is on the line ("turkey bacon"), and leaves with it.
        fc.pre(!(isFormName(mine) && read.includes('"job":"meat"')));
        // What is struck out is no part of the line.
        fc.pre(
          mine !== "meat" &&
            !text.includes("~~") &&
            !own.includes(mine) &&
            readLine(text, lexicon, "metric")?.kind === "ingredient",
        );
        const place = at % (tokens.length + 1);
        const changed = [...tokens.slice(0, place), word, ...tokens.slice(place)].join(" ");
        const line = readLine(changed, lexicon, "metric");
        expect([
          changed,
          reading(changed) !== reading(text) || (line?.kind === "ingredient" && line.open.length > 0),
        ]).toEqual([changed, true]);
      }),
      { numRuns: many(600, 20_000), seed: seedOf(20261201) },
    );
  });
});

describe("a list on one line keeps every food", () => {
  const listed = (text: string) => listedOn(text, lexicon, "metric").map(foodsOn);
  test.each([
    ["gherkins, mustard, toast", ["gherkins", "mustard-smooth", "bread"]],
    ["salt, white pepper, nutmeg", ["salt", "white-pepper", "nutmeg"]],
    ["2 tsp cumin, 1 tsp paprika, ½ tsp turmeric", ["cumin", "paprika", "turmeric"]],
    ["300g penne, 2 tins tuna, 1 onion", ["pasta", "@meat", "onion"]],
    ["50g butter + 50g flour + 600ml milk", ["@butter", "wheat-flour", "@milk"]],
    ["2 carrots and 1 onion", ["carrot", "onion"]],
    ["flour, egg, breadcrumbs", ["wheat-flour", "@egg", "breadcrumbs"]],
    ["1 stock cube dissolved in 300 ml boiling water", ["stock-powder", "water"]],
    ["500 ml hot vegetable stock, made with 1 cube", ["stock-powder", "water"]],
    ["1 litre vegetable stock (from powder)", ["stock-powder", "water"]],
    ["300ml beef stock made with a beef stock cube", ["@stock", "water"]],
    ["250 g tinned chickpeas, 1 red chilli, salt", ["chickpeas-tinned", "chilli", "salt"]],
  ])("%s", (text, foods) => expect(listed(text)).toEqual(foods));
  test.each([
    "1 onion, finely chopped",
    "4 cod fillets, 150g each",
    "Salt, to taste",
    "1,5 kg potatoes, peeled",
    "parsley, chopped",
  ])("%s is one food", (text) => expect(listedOn(text, lexicon, "metric")).toEqual([text]));
});

describe("the size of one piece is never a figure from elsewhere on the line", () => {
  const amount = (text: string) => {
    const line = readLine(text, lexicon, "metric");
    return line?.kind === "ingredient" ? line.amount : null;
  };
  const wholeG = (text: string) => {
    const read = amount(text);
    return read?.kind === "count" && read.sizeG !== null ? read.count.likely * read.sizeG : null;
  };
  test("figures in brackets are what all pieces weigh, and what one container holds", () => {
    expect(wholeG("6 leaves basil (10 g)")).toBeCloseTo(10);
    expect(wholeG("4 slices cheddar (80 g)")).toBeCloseTo(80);
    expect(wholeG("4 chicken breasts (about 600 g)")).toBeCloseTo(600);
    expect(wholeG("4 cod fillets, 150g each")).toBeCloseTo(600);
    expect(wholeG("2 tins (400 g) chickpeas")).toBeCloseTo(800);
  });
  test("a length is no number of pieces, a dozen is twelve, millilitres are no size of a cube", () => {
    expect(amount("8 inch squash")).toMatchObject({ kind: "question" });
    expect(amount("2 dozen eggs")).toMatchObject({ kind: "count", count: { likely: 24 } });
    expect(amount("1 stock cube (for 500 ml)")).toMatchObject({ kind: "count", sizeG: null });
  });
});
