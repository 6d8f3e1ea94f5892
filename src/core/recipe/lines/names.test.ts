import { FOODS } from "../../foods/table";
import { usualMm } from "../../foods/vegetables";
import { lexiconOf } from "./lexicon";

/** Whoever adds a food to the table is told here which of the other lists wants a line for it. */
const lexicon = lexiconOf(FOODS);
const plain = (name: string) => (name.split(",")[0] ?? "").replace(/\s*\(.*/, "");

/** Foods whose plain name is that of another one, which asks which of them is meant. */
const NAMED_WITH: ReadonlySet<string> = new Set(
  (
    "adzuki-tinned basil-dried broad-beans-dry chilli-dried dill-dried mint-dried parsley-dried rosemary-dried sage-dried shortcrust tarragon-dried thyme-dried wholemeal-flour bamboo-shoots-raw black-beans-cooked black-beans-tinned borlotti-tinned butter-beans-tinned chickpeas-cooked " +
    "chickpeas-tinned kidney-beans-cooked kidney-beans-tinned lentils-cooked lentils-tinned morels-dried mustard pasta-gf " +
    "pinto-beans-cooked pinto-beans-tinned rice-cooked shiitake-dried soy-sauce-less sweetcorn-tinned tomatoes-tinned " +
    "white-beans-cooked white-beans-tinned worcester-sauce"
  ).split(" "),
);
/** Vegetables without minutes of their own: eaten raw, cooked as a seasoning, from a tin or a jar, or by the rule of thumb. */
const NO_MINUTES: ReadonlySet<string> = new Set(
  (
    "watercress radish water-chestnuts artichoke-hearts red-pepper-jar pear orange pineapple mango banana pomegranate-seeds apricots-dried prunes apple aubergine avocado bean-sprouts birds-eye-chilli dates jalapeno lemon lettuce lime little-gem rocket scotch-bonnet bamboo-shoots bamboo-shoots-raw banana-blossom banana-peel cassava celery chilli courgette " +
    "cranberries-dried cucumber garlic ginger hearts-of-palm jackfruit-young kimchi onion potato-nuggets raisins red-onion " +
    "red-pepper sauerkraut shallot spring-onion sweetcorn-tinned tomato tomatoes-dried tomatoes-tinned"
  ).split(" "),
);

describe("a food is known wherever it is asked for", () => {
  test.each(FOODS.filter((f) => f.group !== "animal").map((f) => [f.id, f.name]))(
    "%s is heard on a line",
    (id, name) => {
      const heard = lexicon.namesIn(plain(name))[0]?.named;
      if (NAMED_WITH.has(id)) return expect(heard).toBeDefined();
      expect(heard?.is === "food" ? heard.food : heard).toBe(id);
    },
  );
  test.each(FOODS.filter((f) => f.group === "vegetable").map((f) => [f.id]))("%s has its minutes in the pot", (id) => {
    expect(usualMm(id) !== null || NO_MINUTES.has(id)).toBe(true);
  });
});
