/** Dishes of recipes in few words, and of turns of phrase that every second recipe has. What they should come to: common practice. */
import { readIt, table } from "../__tests__/table";
import { convert } from "../convert";
import { BY_VERB } from "./carryOut";
import type { Doing } from "./doing";

const turned = (list: string, method: string) =>
  convert(
    readIt(`Supper\nServes 4\nIngredients\n${list.split("; ").join("\n")}\nMethod\n${method}`),
    { lines: {}, routes: {}, setting: null, servings: null },
    { table, availableMin: null },
  );
/** The kinds of the steps of the part that a food goes into first, from that step on. */
function through(list: string, method: string, food: string): string {
  const { dish } = turned(list, method);
  for (const part of dish.parts) {
    const at = part.steps.findIndex((s) => s.adds.some((l) => l.kind === "food" && l.food === food));
    if (at >= 0 && part.route === null)
      return part.steps
        .slice(at)
        .filter((s) => s.kind !== "season" || s.adds.length > 0)
        .map((s) => s.kind)
        .join(" ");
  }
  return "nowhere";
}

test.each([
  [
    "onion in oil 8 min",
    "1 onion; 2 tbsp oil; 400 g passata",
    "Onion in oil 8 min. Passata in, 15 min.",
    "onion",
    "sweat simmer",
  ],
  [
    "a pan of cold water",
    "800 g potatoes; 30 g plant butter",
    "Put the potatoes in a pan of cold salted water, bring to the boil and cook for 15 minutes. Drain well and mash with the butter.",
    "potato",
    "boil drain mash",
  ],
  ["cooked peas", "300 g frozen peas", "Cook the peas for 3 minutes, drain and serve.", "peas", "boil drain"],
  [
    "raw roots come to nobody's table",
    "200 g mushrooms; 2 tbsp oil",
    "Fry the mushrooms in the oil for 6 minutes. Serve with 600 g potatoes, crushed.",
    "potato",
    "boil drain mash",
  ],
  [
    "under a heavy pan",
    "400 g firm tofu",
    "Wrap the tofu in a clean tea towel, put a heavy pan on top and leave for 30 minutes. Cut it into cubes.",
    "tofu-firm",
    "weigh press cut",
  ],
  [
    "tossed in starch that was mixed",
    "400 g firm tofu; 3 tbsp cornflour; 2 tbsp oil",
    "Mix the cornflour and 1 tsp salt in a bowl, add the tofu and toss. Fry in the oil for 8 minutes.",
    "tofu-firm",
    "weigh coat fry",
  ],
  [
    "out of the pan and back",
    "300 g mushrooms; 1 onion; 2 tbsp oil; 150 ml vegetable stock",
    "Fry the mushrooms in half the oil for 6 minutes. Tip into a bowl. Fry the onion in the rest of the oil for 8 minutes. Return the mushrooms to the pan, pour in the stock and simmer for 5 minutes.",
    "onion",
    "brown simmer",
  ],
  [
    "steps that are numbered without a dot",
    "1 onion; 2 tbsp oil; 400 g passata",
    "1 Fry the onion in the oil for 8 minutes.\n2 Add the passata to the pan and simmer for 15 minutes.",
    "onion",
    "brown simmer",
  ],
  [
    "back into the oven",
    "500 g potatoes; 1 onion; 400 ml vegetable stock; 2 tbsp oil",
    "Fry the onion in the oil for 8 minutes, add the stock, cover and bake at 160C for 30 minutes. Add the potatoes and return to the oven for 45 minutes.",
    "potato",
    "season bake",
  ],
  [
    "a sauce by its own heading",
    "1 onion; 2 tbsp oil; 400 g passata; For the white sauce:; 40 g plant butter; 40 g flour; 500 ml oat milk",
    "Fry the onion in the oil for 8 minutes, add the passata and simmer for 20 minutes.\nMeanwhile, make the white sauce. Melt the butter in a pan, stir in the flour and cook for 1 minute. Gradually whisk in the milk, then simmer for 5 minutes.",
    "wheat-flour",
    "sweat season simmer",
  ],
  [
    "a sauce in few words",
    "60 g plant butter; 60 g flour; 700 ml oat milk",
    "Butter+flour 2 min, milk, whisk till thick 6 min.",
    "wheat-flour",
    "sweat simmer",
  ],
  [
    "flour, milk, crumbs",
    "400 g firm tofu; 60 g flour; 100 ml soy milk; 80 g breadcrumbs; 100 ml oil",
    "Slice the tofu. Flour, soy milk, crumbs. Fry in the oil, 4 minutes a side.",
    "tofu-firm",
    "cut coat coat coat fry",
  ],
  [
    "over what is in the hot tin",
    "8 plant sausages; 2 tbsp oil; 140 g flour; 250 ml oat milk",
    "Heat the oven to 220C. Put the sausages and oil in a roasting tin and roast for 15 minutes. Whisk the flour and milk to a smooth batter. Pour the batter into the hot tin and bake for 30 minutes.",
    "plant-sausages",
    "layer bake top bake",
  ],
  [
    "noodles in boiling water with greens",
    "200 g wheat noodles; 1 pak choi, halved",
    "Cook the noodles in boiling water for 4 minutes, adding the pak choi for the last minute, then drain.",
    "wheat-noodles",
    "weigh cook drain season",
  ],
  [
    "layers, begun sauces and the rest of them",
    "2 aubergines, sliced; 2 tbsp oil; 2 tins green lentils, drained; 1 tin tomatoes; 50 g flour; 50 g plant butter; 600 ml soy milk",
    "Brush the aubergines with the oil and roast at 200C for 25 minutes. Simmer the lentils and tomatoes for 15 minutes. Melt the butter, stir in the flour and cook for 2 minutes. Add the milk and cook for 5 minutes until thick. Put half the lentil sauce in a baking dish, top with half the aubergines, then the rest of the sauce and the rest of the aubergines. Pour over the white sauce. Bake for 40 minutes.",
    "wheat-flour",
    "sweat simmer",
  ],
])("%s", (_name, list, method, food, kinds) => expect(through(list, method, food)).toBe(kinds));

test("balls that are dropped into the sauce simmer in it, and the sauce keeps its own steps", () => {
  const { dish } = turned(
    "500 g beef mince; 1 onion; 2 tbsp oil; 400 g passata",
    "Shape the mince into 20 balls. Fry the onion in half the oil for 8 minutes, add the passata and simmer for 10 minutes. Heat the rest of the oil in a frying pan and brown the meatballs for 8 minutes. Drop them into the sauce and simmer for 10 minutes.",
  );
  const sauce = dish.parts.find((p) =>
    p.steps.some((s) => s.adds.some((l) => l.kind === "food" && l.food === "passata")),
  );
  expect(sauce?.steps.at(-1)?.adds ?? sauce?.steps.at(-2)?.adds).toBeDefined();
  expect(
    sauce?.steps.filter((s) => s.kind === "simmer" && s.adds.some((l) => l.kind === "part" && l.part === "main")),
  ).toHaveLength(1);
});
test("what is piled into the buns is not baked with the patties", () => {
  const list = "1 tin black beans (240 g drained); 60 g oats; 1 tsp cumin; 4 buns, lettuce, tomato, vegan mayo";
  const method =
    "Pulse the beans and oats, mix with everything else. Form 4 patties. Bake at 190 °C for 30 minutes. Pile into buns with salad and mayo.";
  expect(through(list, method, "lettuce")).toBe("serve");
  expect(through(list, method, "cumin")).toBe("bind shape bake");
});
test("rice that is only served with it has the usual portion, and is asked", () => {
  const made = turned(
    "1 onion; 2 tbsp oil; 400 g passata; rice, to serve",
    "Fry the onion in the oil for 8 minutes, add the passata and simmer for 15 minutes. Serve with the rice.",
  );
  const rice = made.settled.find((s) => s.puts.some((p) => p.food === "rice-white"));
  expect(rice?.puts[0]?.massG).toEqual({ low: 200, likely: 300, high: 400 });
  expect(rice?.asks).toContainEqual({ kind: "amount" });
});
test("a kind of meat that only the method names is asked", () => {
  const made = turned(
    "1 onion; 2 tbsp oil; 400 g passata",
    "Fry the onion in the oil, add the passata and simmer for 15 minutes. Top with crisp bacon.",
  );
  expect(made.settled.filter((s) => s.meats.length > 0).map((s) => s.asks)).toEqual([[{ kind: "amount" }]]);
});

test("what is layered lies in its order: sauce, sheets, sauce, and all of it where it is repeated", () => {
  const { dish } = turned(
    "1 onion; 2 tbsp oil; 400 g passata; 12 dried lasagne sheets; For the white sauce:; 40 g plant butter; 40 g flour; 500 ml oat milk",
    "Fry the onion in the oil for 8 minutes, add the passata and simmer for 20 minutes.\nMake the white sauce. Melt the butter, stir in the flour and cook for 1 minute. Whisk in the milk and simmer for 5 minutes.\nSpread a third of the tomato sauce over the base of a dish, cover with 4 lasagne sheets, then a third of the white sauce. Repeat the layers twice.\nBake at 200C for 35 minutes.",
  );
  const last = dish.parts.find((p) => p.steps.some((s) => s.kind === "bake"));
  expect(last?.steps.map((s) => [s.kind, s.adds.map((l) => (l.kind === "food" ? l.food : l.share)).join()])).toEqual([
    ["layer", "1"],
    ["top", "pasta"],
    ["top", "1"],
    ["bake", ""],
  ]);
});
test("a tin of tomatoes is no fresh tomato, and hot water for a bath is not the water of the sauce", () => {
  const made = turned(
    "2 tins tomatoes; 100 g rice noodles; 2 tbsp peanut butter; 3 tbsp water",
    "Simmer the tomatoes for 10 minutes. Soak the noodles in boiling water for 5 minutes and drain. Whisk the peanut butter with the water.",
  );
  expect(made.settled[0]?.puts[0]?.food).toBe("tomatoes-tinned");
  const peanut = made.dish.parts.find((p) =>
    p.steps.some((s) => s.adds.some((l) => l.kind === "food" && l.food === "peanut-butter")),
  );
  expect(peanut?.steps[0]?.adds.map((l) => (l.kind === "food" ? `${l.food} ${Math.round(l.massG ?? 0)}` : ""))).toEqual(
    ["peanut-butter 32", "water 45"],
  );
});

test("what goes into a pan goes into no dish that comes out of the oven", () => {
  const list = "2 aubergines; 2 tbsp oil; 1 onion; 400 g passata";
  const method =
    "Slice the aubergines, brush with the oil and roast at 200C for 25 minutes. Onion in a pan 10 min; passata, 20 min.";
  expect(through(list, method, "aubergine")).toBe("cut season bake");
  expect(through(list, method, "onion")).toBe("sweat simmer");
});
test("a verb that means another, and that one the first, ends", () => {
  // Nothing of the clause is looked at any more.
  const deep = { k: { meanings: 8 } } as unknown as Doing;
  expect(() => BY_VERB.add(deep)).not.toThrow();
  expect(() => BY_VERB.add({ k: { meanings: 7 } } as unknown as Doing)).toThrow();
});
