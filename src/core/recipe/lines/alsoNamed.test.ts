import { readIt } from "../__tests__/table";

/** The lines that a text gives, as they are shown. */
const linesOf = (method: string, list = "500 g split peas\n1 onion\n1 lemon, zest and juice"): string[] => {
  const read = readIt(`Pea soup\nServes 4\nIngredients\n${list}\nMethod\n${method}`);
  if ("kind" in read) throw new Error("no recipe");
  return read.lines.map((l) => l.text);
};
const LIST = ["500 g split peas", "1 onion", "zest of 1 lemon", "juice of 1 lemon"];

describe("what only a sentence names is in the dish", () => {
  test.each([
    ["Fry the onion in 1 tbsp oil.", ["1 tbsp oil"]],
    ["Fry the onion in a little oil and scatter with parsley.", ["parsley"]],
    ["Serve with rye bread and mustard on the side.", ["bread", "mustard"]],
    ["Stir in 100 ml oat cream.", ["100 ml oat cream"]],
    ["Finish with some cashews.", ["cashews"]],
    ["Add the lemon zest, dill if you like.", ["dill (optional)"]],
  ])("%s", (sentence, more) => expect(linesOf(sentence).slice(LIST.length)).toEqual(more));
  test.each([
    "Simmer the peas in the water until they look like porridge.",
    "Fry the onion until it is as brown as a walnut.",
    "Butter the dish, and pour in the soup.",
    "Serve the soup without cream, instead of bread.",
    "Stir for the first time, then beat it.",
    "Cook the peas in boiling water with salt.",
    "Squeeze the juice over the split peas.",
  ])("%s adds nothing", (sentence) => expect(linesOf(sentence)).toEqual(LIST));
});
test("an allergen that only the method names is on the list", () => {
  const read = readIt(
    "Pea soup\nServes 4\n500 g split peas\n1 onion\nSimmer the peas for an hour. Scatter with chopped walnuts.",
  );
  expect(
    "kind" in read ? [] : read.lines.flatMap((l) => (l.kind === "ingredient" ? l.foods.map((f) => f.named) : [])),
  ).toContainEqual({ is: "food", food: "walnuts", sure: true });
});
test("an amount that only the method gives is the line's", () => {
  const [, , , , rice] = linesOf(
    "Simmer the peas. Boil 300 g rice beside them.",
    "500 g split peas\n1 onion\n1 lemon, zest and juice\nrice",
  );
  expect(rice).toBe("300 g rice");
});
