/** Turns of phrase of recipes as people paste them, each with what a cook would do: common practice. */
import { plan } from "../../plan";
import type { Step } from "../../process/registry";
import { readIt, table } from "../__tests__/table";
import { convert, type Converted } from "../convert";

const turned = (list: string, method: string, name = "Supper"): Converted =>
  convert(
    readIt(`${name}\nServes 4\nIngredients\n${list.split("; ").join("\n")}\nMethod\n${method}`),
    { lines: {}, routes: {}, setting: null, servings: null },
    { table, availableMin: null },
  );
const stepsOf = (made: Converted): readonly Step[] => made.dish.parts.flatMap((p) => p.steps);
/** Every kind that a food passes from where it goes in to the table, over all parts that take it. */
function way({ dish }: Converted, food: string): string {
  const kinds: string[] = [];
  const follow = (part: string, at: number): void => {
    const p = dish.parts.find((x) => x.id === part);
    // Salt that is tasted is no station.
    for (const s of p?.steps.slice(at) ?? []) if (s.kind !== "season" || s.adds.length > 0) kinds.push(s.kind);
    for (const q of dish.parts)
      q.steps.forEach((s, i) => {
        if (s.adds.some((l) => l.kind === "part" && l.part === part)) follow(q.id, i);
      });
  };
  for (const p of dish.parts)
    p.steps.forEach((s, i) => {
      if (s.adds.some((l) => l.kind === "food" && l.food === food)) follow(p.id, i);
    });
  return kinds.join(" ");
}
const gramsAt = (made: Converted, kind: string, food: string): number =>
  stepsOf(made)
    .filter((s) => s.kind === kind)
    .reduce(
      (g, s) => g + s.adds.reduce((sum, l) => sum + (l.kind === "food" && l.food === food ? (l.massG ?? 0) : 0), 0),
      0,
    );
const blockedIn = ({ dish, own }: Converted) =>
  plan({ ...table, foods: own, log: [], supper: { ...table.supper, dishes: [dish] } }).blocked;

test.each([
  [
    "what was shaped is fried in the oil that is heated after it",
    "400 g tin chickpeas, drained; 40 g flour; 1 litre sunflower oil",
    "Mash the chickpeas with the flour and shape into 12 balls. Heat the oil to 180C and fry in batches for 4 minutes.",
    "chickpeas-tinned",
    "mash shape deep-fry",
  ],
  [
    "flour, then egg, then crumbs that balls are rolled in",
    "500 g potatoes; 50 g flour; 2 eggs; 100 g breadcrumbs; 1 litre sunflower oil",
    "Boil the potatoes for 20 minutes, drain and mash. Shape into 8 balls. Roll in flour, then egg, then breadcrumbs. Heat the oil to 180C and deep-fry for 4 minutes.",
    "potato",
    "boil drain mash shape coat coat coat deep-fry",
  ],
  [
    "the filling is piled on the pastry in hand",
    "300 g mushrooms; 1 tbsp oil; 320 g puff pastry",
    "Fry the mushrooms in the oil for 8 minutes and leave to cool. Roll out the pastry and put on a baking sheet. Pile the filling down the centre. Bake at 200C for 30 minutes.",
    "button-mushrooms",
    "brown cool layer bake",
  ],
  [
    "spread over a case that was baked, and poured over that",
    "200 g flour; 100 g butter; 3 tbsp cold water; 3 leeks; 20 g butter; 300 ml soya milk; 60 g cornflour",
    "Rub the 100 g butter into the flour, stir in the water and chill for 30 minutes. Roll out and line a tin. Bake at 190C for 15 minutes. Soften the leeks in the remaining butter for 15 minutes, then spread over the pastry case. Whisk the soya milk with the cornflour. Pour over the leeks. Bake for 30 minutes.",
    "leek",
    "sweat top top bake",
  ],
  [
    "scattered over what simmers and cooked on",
    "300 g rice; 900 ml stock; 150 g frozen peas",
    "Simmer the rice in the stock for 12 minutes. Scatter over the peas and cook for 3 minutes more.",
    "peas",
    "simmer",
  ],
  [
    "late into the pot",
    "400 g tin white beans, drained; 400 g tin chopped tomatoes; 100 g kale",
    "Simmer the tomatoes for 5 minutes. Add the beans and cook for 10 minutes, adding the kale for the last 2 minutes.",
    "kale",
    "simmer",
  ],
  [
    "in the broth, not in water beside it",
    "1 litre stock; 2 carrots; 150 g wheat noodles",
    "Simmer the carrots in the stock for 10 minutes. Cook the noodles in the broth for 4 minutes.",
    "wheat-noodles",
    "simmer",
  ],
  [
    "a pan of water that was brought to a simmer for it",
    "200 g vital wheat gluten; 200 ml stock",
    "Mix the gluten with the stock and knead for 3 minutes. Cut into chunks. Bring a pan of water to a simmer, add the chunks and simmer for 45 minutes. Drain.",
    "gluten",
    "bind cut boil drain",
  ],
  [
    "weighed down",
    "400 g firm tofu; 1 tbsp oil",
    "Wrap the tofu in kitchen paper, weigh it down and leave for 20 minutes. Cut into cubes and fry in the oil for 8 minutes.",
    "tofu-firm",
    "weigh press cut brown",
  ],
  [
    "left in the marinade",
    "400 g tempeh; 4 tbsp soy sauce; 1 tbsp maple syrup",
    "Mix the soy sauce and maple syrup for the marinade. Add the tempeh, turn to coat and leave in the fridge for 2 hours. Grill for 10 minutes.",
    "tempeh",
    "weigh marinate griddle",
  ],
  [
    "squeezed of the water that the salt drew",
    "300 g white cabbage; 1 tsp salt",
    "Toss the cabbage with the salt and leave for 15 minutes, then squeeze out the water.",
    "white-cabbage",
    "weigh rest squeeze",
  ],
  [
    "rice that stands in water before it is cooked",
    "300 g basmati rice; 600 ml stock",
    "Soak the rice in cold water for 20 minutes, then drain. Simmer the rice in the stock for 12 minutes.",
    "rice-white",
    "weigh rinse simmer",
  ],
  [
    "patties keep the minutes of the recipe",
    "400 g tin kidney beans, drained; 60 g breadcrumbs; 2 tbsp oil",
    "Mash the beans, mix in the breadcrumbs and shape into 4 patties. Fry in the oil for 4 minutes each side.",
    "kidney-beans-tinned",
    "mash bind shape fry",
  ],
])("%s", (_name, list, method, food, kinds) => {
  const made = turned(list, method);
  expect(way(made, food)).toBe(kinds);
  expect(blockedIn(made)).toBe(0);
});

test("a splash of what a later sentence wants is a splash, and the rest is left for it", () => {
  const made = turned(
    "1 kg potatoes; 400 ml soya milk; 30 g plant butter; 30 g flour",
    "Boil the potatoes for 20 minutes, drain and mash with a splash of milk. Melt the butter, stir in the flour for 1 minute, then whisk in the milk and simmer for 5 minutes.",
  );
  expect(gramsAt(made, "mash", "soy-milk")).toBeLessThan(80);
  expect(gramsAt(made, "season", "soy-milk") + gramsAt(made, "simmer", "soy-milk")).toBeGreaterThan(320);
});
test("what rice stands in is no tap water where the list has it: it stays in the dish", () => {
  const made = turned(
    "300 g basmati rice; 600 ml stock",
    "Soak the rice in the stock for 20 minutes. Simmer for 12 minutes.",
  );
  const stock = stepsOf(made).flatMap((s) =>
    s.adds.flatMap((l) => (l.kind === "food" && l.food === "stock" ? [l.massG] : [])),
  );
  expect(stock.reduce((g: number, m) => g + (m ?? 0), 0)).toBeGreaterThan(580);
});
test("half of it, and again with the rest: all of it; four sheets at a time: all the sheets", () => {
  const made = turned(
    "400 g tin chopped tomatoes; 300 g passata; 12 lasagne sheets; 200 g plant cheese",
    "Simmer the tomatoes with the passata for 20 minutes. Spread a third of the sauce over the base of a dish, top with 4 sheets of lasagne and a third of the cheese. Repeat twice. Bake at 190C for 40 minutes.",
  );
  expect(made.unplaced).toEqual([]);
  expect(way(made, "pasta")).toMatch(/bake$/);
  expect(
    stepsOf(made)
      .flatMap((s) => s.adds)
      .filter((l) => l.kind === "part" && l.share < 0.99),
  ).toEqual([]);
});
test("minced meat in a bowl with what it is mixed with: the route takes both in", () => {
  const made = turned(
    "500 g beef mince; 1 onion, finely chopped; 1 tsp mustard; 2 tbsp oil",
    "Tip the mince into a bowl with the onion and mustard. Mix with your hands and shape into 4 patties. Fry in the oil for 5 minutes each side.",
  );
  const main = made.dish.parts.find((p) => p.route !== null);
  expect(main?.steps.some((s) => s.adds.some((l) => l.kind === "food" && l.food === "onion"))).toBe(true);
  expect(made.unplaced).toEqual([]);
});
test("water that a binder is mixed with comes along with it", () => {
  const made = turned(
    "150 g mixed nuts; 100 g breadcrumbs; 2 tbsp ground flaxseed mixed with 6 tbsp water",
    "Tip the nuts and breadcrumbs into a bowl with the flaxseed mixture. Mix well, press into a loaf tin and bake at 180C for 40 minutes.",
  );
  expect(made.unplaced).toEqual([]);
  expect(way(made, "water")).toMatch(/bake$/);
});
test.each([
  ["the bay leaves", "Remove the bay leaves."],
  ["excess fat", "Tip off any excess fat."],
  ["the skewers", "Soak 8 wooden skewers in water."],
])("%s: nothing of the dish goes or comes", (_name, sentence) => {
  const list = "400 g tin chopped tomatoes; 2 bay leaves; 30 g plant butter; 300 g mushrooms";
  const plain = turned(
    list,
    "Fry the mushrooms in the butter for 8 minutes. Add the tomatoes and bay and simmer for 20 minutes.",
  );
  const more = turned(
    list,
    `Fry the mushrooms in the butter for 8 minutes. Add the tomatoes and bay and simmer for 20 minutes. ${sentence}`,
  );
  expect(stepsOf(more).map((s) => [s.kind, s.adds])).toEqual(stepsOf(plain).map((s) => [s.kind, s.adds]));
});
test("“until everything is soft” takes nothing in; minutes less than the packet are none", () => {
  const made = turned(
    "2 onions; 3 carrots; 1 tbsp oil; 200 g red lentils; 700 ml stock; 300 g macaroni",
    "Heat the oil and add the onions and carrots. Cook for 15 minutes until everything is softened. Stir in the lentils and stock and simmer for 25 minutes. Cook the macaroni for 2 minutes less than the packet says.",
  );
  expect(way(made, "red-lentils")).toBe("simmer");
  expect(stepsOf(made).find((s) => s.kind === "cook")).toMatchObject({ minutes: null });
});
test("a stew in the oven has no longer the hours of its meat", () => {
  const made = turned(
    "800 g stewing beef, diced; 1 onion; 2 tbsp oil; 400 ml beef stock",
    "Brown the beef in half the oil. Soften the onion in the rest. Add the stock and the beef, cover and cook in the oven at 160C for 2 hours.",
  );
  const bake = stepsOf(made).find((s) => s.kind === "bake" && s.ovenC === 160);
  expect(bake).toMatchObject({ minutes: 35 });
});
