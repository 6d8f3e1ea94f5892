import { food, readIt, table } from "./__tests__/table";
import { convert } from "./convert";
import { recipeInData } from "./jsonLd";
import { heatsIn } from "./method";
import { proposalFor } from "./replace";
import { settle } from "./settle";

const turned = (text: string) =>
  convert(readIt(text), { lines: {}, routes: {}, setting: null, servings: null }, { table, availableMin: null });
/** The steps of a part with their settings, and what goes in. */
const stepsOf = (text: string, part: string) =>
  (turned(text).dish.parts.find((p) => p.id === part)?.steps ?? []).map((s) => {
    const { kind, adds, minutes, lid, ovenC, cover, saltTo } = s as unknown as Record<string, unknown> & {
      adds: readonly { food?: string; massG?: number; part?: string }[];
    };
    const put = adds.map((l) => (l.part === undefined ? `${l.massG} ${l.food}` : `<${l.part}>`)).join(", ");
    const set = Object.entries({ minutes, lid, ovenC, cover, saltTo }).filter(([, v]) => v !== undefined && v !== null);
    return `${String(kind)}${set.map(([k, v]) => ` ${k}=${String(v)}`).join("")}: ${put}`;
  });
/** What goes into the part that takes the meat's place. */
const foodsOfMain = (text: string): readonly string[] => {
  const main = turned(text).dish.parts.find((p) => p.id === "main");
  return main?.steps.flatMap((s) => s.adds.flatMap((l) => (l.kind === "food" ? [l.food] : []))) ?? [];
};

// Grams of pieces, spoons and cups: common practice and USDA household weights, from memory.
test.each([
  ["1 stick butter", 113],
  ["2 slices cheddar", 50],
  ["200 ml buttermilk", 206],
  ["2 tbsp honey", 42.6],
  ["1 egg yolk", 50],
  ["8 rashers bacon", 200],
  ["3 slices ham", 90],
  ["2 chicken breasts", 300],
  ["4 pork sausages", 240],
  ["1 tin tuna", 110],
  ["4 anchovy fillets", 16],
  ["100 ml mayonnaise", 95],
  ["1 chicken stock cube", 10],
  ["1 bunch spring onions", 90],
  ["1 head cauliflower", 575],
])("%s weighs about %s g", (line, grams) => {
  const [settled] = settle(readIt(`X\nServes 2\nIngredients\n${line}\nMethod\nSimmer 10 minutes.`), {}, food);
  const g = settled?.meats[0]?.rawG ?? null;
  const put = settled?.puts.reduce((sum, p) => sum + (p.massG?.likely ?? 0), 0) ?? 0;
  if (g !== null) return expect(g).toBeCloseTo(grams, 0);
  // What replaces it may weigh more or less: only those that go gram for gram are held here.
  const perG = proposalSum(line);
  expect(put / perG).toBeCloseTo(grams, -1);
});
const proposalSum = (line: string): number => (/egg/.test(line) ? 0.94 : /anchov/.test(line) ? 1.3 : 1);

// Shares for a gram of what leaves; common practice.
test.each([
  ["stock", "stock 1"],
  ["gelatine", "agar 0.33"],
  ["butter", "plant-butter 1"],
  ["fat", "rapeseed-oil 1"],
  ["milk", "oat-milk 1"],
  ["cream", "oat-cream 1"],
  ["yoghurt", "soy-yoghurt 1"],
  ["cheese-melt", "plant-cheese 1"],
  ["cheese-hard", "yeast-flakes 0.4, salt 0.015"],
  ["cheese-soft", "tofu-firm 0.95, lemon-juice 0.05, salt 0.012"],
  ["honey", "maple-syrup 1"],
  ["fish-sauce", "soy-sauce 0.95, salt 0.08"],
  ["anchovy", "capers 1, miso 0.3"],
  ["worcester", "soy-sauce 0.5, malt-vinegar 0.35, molasses 0.15"],
  ["oyster-sauce", "mushroom-sauce 1"],
  ["mayonnaise", "plant-mayonnaise 1"],
  ["egg-pasta", "pasta 1"],
  ["hidden", ""],
] as const)("in place of %s: %s", (job, by) => {
  const { by: found } = proposalFor({ job, words: "", cube: false, eggUse: "binds", fried: false });
  expect(found.map(([f, share]) => `${f} ${share}`).join(", ")).toBe(by);
});
test("an egg for each use, a cube, butter that is fried in, what sours", () => {
  const of = (more: Partial<Parameters<typeof proposalFor>[0]>) =>
    proposalFor({ job: "egg", words: "", cube: false, eggUse: "binds", fried: false, ...more })
      .by.map(([f, share]) => `${f} ${share}`)
      .join(", ");
  expect(of({})).toBe("ground-flax 0.14, water 0.8");
  expect(of({ eggUse: "brushed" })).toBe("soy-milk 0.3");
  expect(of({ eggUse: "raises" })).toBe("aquafaba 0.9");
  expect(of({ eggUse: "emulsion" })).toBe("aquafaba 0.7");
  expect(of({ eggUse: "itself" })).toBe("tofu-firm 1, black-salt 0.008");
  expect(of({ job: "stock", cube: true })).toBe("stock-powder 1");
  expect(of({ job: "butter", fried: true })).toBe("rapeseed-oil 0.8");
  expect(of({ job: "milk", words: "1 cup buttermilk" })).toBe("soy-milk 0.94, cider-vinegar 0.06");
  expect(of({ job: "cream", words: "sour cream" })).toBe("soy-yoghurt 1");
  expect(of({ job: "egg-pasta", words: "egg noodles" })).toBe("rice-noodles 1");
});

test("a stew: what is fried, what simmers with its minutes and its lid, salt by taste, the meat joins", () => {
  const text =
    "Stew\nServes 4\n500 g stewing beef\n200 g onions, chopped\n1 tbsp olive oil\n600 ml beef stock\n10 g parsley\nsalt\nFry the onions in the oil for 6 minutes. Add the beef and stock and simmer, covered, for 90 minutes. Serve with the parsley.";
  expect(stepsOf(text, "rest")).toEqual([
    "cut: 200 onion",
    "brown: 14 olive-oil",
    "simmer minutes=90 lid=true: 600 stock",
    "season saltTo=0.009: <main>, 10 parsley",
  ]);
});
test("a short open simmer has no lid; salt that is given is put in as it is", () => {
  const text =
    "Sauce\nServes 4\n300 g beef strips\n400 ml passata\n4 g salt\nSimmer the beef in the passata with the salt for 15-25 minutes.";
  expect(stepsOf(text, "rest")).toEqual(["simmer minutes=20 lid=false: 414 passata, 4 salt", "season: <main>"]);
});
test("what is mashed with the potatoes is in the mash, which goes over the rest before the oven, and the cheese over it", () => {
  const text =
    "Supper\nServes 4\n400 g beef mince\n200 ml passata\n800 g potatoes, peeled\n40 g butter\n60 ml milk\n50 g mature cheddar, grated\nchopped parsley, to serve\nBrown the mince. Add the passata and simmer for 20 minutes. Boil the potatoes for 15 minutes, then mash with the butter and milk. Top with the mash and the cheese and bake at 200C for 25 minutes.";
  expect(stepsOf(text, "pot-1").at(-1)).toBe("mash saltTo=0.01: 40 plant-butter, 62 oat-milk");
  expect(stepsOf(text, "rest").slice(1)).toEqual([
    "season saltTo=0.009: <main>",
    "top: <pot-1>, 50 plant-cheese",
    "bake minutes=25 ovenC=200 cover=bare: ",
    "serve: 2 parsley",
  ]);
});
test("potatoes that are boiled and not mashed are drained", () => {
  const text =
    "Supper\nServes 4\n400 g beef strips\n800 g potatoes\n30 g butter\nFry the beef. Boil the potatoes for 15 minutes and toss them in the butter.";
  expect(stepsOf(text, "pot-1").at(-1)).toBe("drain: ");
  expect(turned(text).dish.parts.find((p) => p.id === "pot-1")?.name).toBe("Potatoes");
});
test("a marinade goes into the meat's own, what is served with it is not heated, and oil with minutes fries", () => {
  const text =
    "Supper\nServes 4\n500 g chicken strips\n1 tsp ground cumin\n2 tbsp lemon juice\n300 g courgettes, sliced\n2 tbsp olive oil\n100 g sour cream\nToss the chicken with the cumin and lemon juice and marinate for 20 minutes. Heat the oil; cook the courgettes 7 minutes in the oil. Serve in warm bowls with the sour cream.";
  const main = stepsOf(text, "main").find((s) => /cumin/.test(s)) ?? "";
  expect(main).toMatch(/^(?:marinate|season)/);
  expect(main).toMatch(/lemon-juice/);
  expect(stepsOf(text, "rest")).toEqual(["cut: 300 courgette", "brown: 27 olive-oil", "season: 100 soy-yoghurt"]);
});
test("oil that is heated before something is fried is for that; salt by taste and sauces stay out of the meat", () => {
  const text =
    "Supper\nServes 4\n500 g chicken strips\n1 tsp ground cumin\nsalt\n2 tbsp olive oil\n200 g onions\nRub the chicken with the cumin and salt. Heat the oil in a pan. Fry the onions for 5 minutes.";
  expect(foodsOfMain(text)).toContain("cumin");
  expect(foodsOfMain(text)).not.toContain("salt");
  expect(stepsOf(text, "rest").slice(0, 2)).toEqual(["cut: 200 onion", "brown: 27 olive-oil"]);
  const mix =
    "Balls\nServes 4\n500 g pork mince\n1 tsp oregano\n400 ml passata\nMix the mince, oregano and passata. Shape into 20 balls. Simmer for 10 minutes.";
  expect(foodsOfMain(mix)).toContain("oregano");
  expect(foodsOfMain(mix)).not.toContain("passata");
});
test("what is mixed and shaped with mince is in the mix; egg and crumbs that bind it are the route's own", () => {
  const text =
    "Patties\nServes 4\n500 g ground turkey\n1 egg\n40 g breadcrumbs\n2 spring onions, finely chopped\n1 tsp garlic powder\n4 slices provolone\nCombine turkey, egg, crumbs, spring onions and garlic powder. Shape into 4 patties. Grill for 5 minutes per side. Serve with the cheese.";
  const made = turned(text);
  const foods = foodsOfMain(text);
  expect(foods).toEqual(expect.arrayContaining(["spring-onion", "garlic-powder"]));
  expect(foods).not.toContain("breadcrumbs");
  expect(made.covered).toEqual([1, 2]);
  expect(stepsOf(text, "rest")).toEqual(["weigh: 100 plant-cheese"]);
});
test("a batter is the route's own; chips are fried as often as the method says, in the oil of the list", () => {
  const text =
    "Supper\nServes 4\n600 g cod fillets\n150 g plain flour\n200 ml beer\n800 g potatoes, cut into chips\n1.5 litres sunflower oil\nHeat the oil to 140C and fry the chips for 6 minutes. Whisk the flour and beer into a batter. Heat the oil to 185C. Dip the fish in the batter and fry for 6 minutes. Fry the chips again for 3 minutes.";
  const made = turned(text);
  expect(made.setting).toBe("dry");
  expect(made.dish.replaces?.form).toBe("battered");
  expect(made.covered).toEqual([1, 2]);
  expect(made.dish.parts.map((p) => p.name)).toContain("Chips");
  const chips = made.dish.parts.find((p) => p.name === "Chips")?.steps ?? [];
  expect(chips.map((s) => [s.kind, "oilC" in s ? [s.oilC, s.minutes] : s.kind === "cut" && s.pieceMm])).toEqual([
    ["cut", 12],
    ["deep-fry", [140, 6]],
    ["deep-fry", [185, 3]],
  ]);
  const baked = turned(
    "S\nServes 4\n600 g cod fillets\n800 g potatoes, cut into wedges\nBake the potatoes at 200C for 40 minutes. Fry the fish.",
  );
  expect(baked.dish.parts.find((p) => p.name === "Chips")?.steps[1]).toMatchObject({
    kind: "bake",
    minutes: 40,
    ovenC: 200,
  });
});
test("pulses that simmer in the sauce are in it, those that are drained have their own pot", () => {
  const text = (how: string) => `Supper\nServes 4\n8 pork sausages\n200 g green lentils\n600 ml chicken stock\n${how}`;
  expect(stepsOf(text("Add the lentils and stock and simmer for 30 minutes."), "rest")[0]).toBe(
    "simmer minutes=30 lid=false: 200 green-lentils, 600 stock",
  );
  expect(stepsOf(text("Boil the lentils and drain. Simmer the stock for 10 minutes."), "pot-1").length).toBe(3);
});
test("foods are cut as the list says, those of one size together, what there is most of last", () => {
  const text =
    "S\nServes 4\n300 g beef strips\n200 ml stock\n200 g onions, finely chopped\n300 g carrots, in 2 cm pieces\n10 g garlic, crushed\n100 g celery, finely diced\n2 tbsp oil\nFry the onions, carrots, garlic and celery in the oil for 8 minutes. Add the beef and stock and simmer for 10 minutes.";
  const cuts = turned(text)
    .dish.parts.find((p) => p.id === "rest")
    ?.steps.flatMap((s) => (s.kind === "cut" ? [[s.pieceMm, s.adds.length]] : []));
  expect(cuts).toEqual([
    [2, 1],
    [4, 2],
    [20, 1],
  ]);
});
test("a simmer of a minute stays one of a minute", () => {
  const text = "Sauce\nServes 4\n300 g beef strips\n400 ml passata\nSimmer the beef in the passata for 1 minute.";
  expect(stepsOf(text, "rest")[0]).toBe("simmer minutes=1 lid=false: 414 passata");
});
test("baked in its sauce at the oven's heat, covered where the method covers", () => {
  const text = (how: string) =>
    `Bake\nServes 4\n300 g beef strips\n400 ml beef stock\nSimmer the beef in the stock for 5 minutes. ${how}`;
  expect(stepsOf(text("Bake at 200°C for 25 minutes."), "rest").at(-1)).toBe("bake minutes=25 ovenC=200 cover=bare: ");
  expect(stepsOf(text("Cover and bake at 350F for 30-40 minutes."), "rest").at(-1)).toBe(
    "bake minutes=35 ovenC=177 cover=lid: ",
  );
  expect(stepsOf(text("Bake for 25 minutes."), "rest").at(-1)).toBe("bake minutes=25 ovenC=190 cover=bare: ");
});
test("grains in their own pot, rice in the stock that it is given, potatoes mashed, pasta drained", () => {
  const beside = (line: string, method: string) =>
    stepsOf(`X\nServes 2\n200 g beef strips\n${line}\n300 ml beef stock\n${method}`, "pot-1");
  expect(beside("150 g pasta", "Simmer 10 minutes. Boil the pasta for 9 minutes.")).toEqual([
    "weigh: 150 pasta",
    "cook: 900 water",
    "drain: ",
  ]);
  expect(beside("200 g long grain rice", "Add the rice and stock and simmer for 20 minutes.")[1]).toBe(
    "cook: 300 stock, 100 water",
  );
  expect(beside("100 g quinoa", "Simmer the beef 20 minutes.")[1]).toBe("cook: 200 water");
  expect(beside("500 g potatoes", "Simmer the beef 20 minutes. Boil and mash the potatoes.")).toEqual([
    "cut: 500 potato",
    "boil: 650 water, 5 salt",
    "mash saltTo=0.01: ",
  ]);
});
test("nothing is heated in a salad; what roasts by itself goes into the oven", () => {
  expect(
    stepsOf("Salad\nServes 2\n1 tin white beans\n60 g red onion\n20 g olive oil\nMix everything.", "rest"),
  ).toEqual(["weigh: 240 white-beans-tinned, 60 red-onion, 20 olive-oil"]);
  expect(
    stepsOf(
      "Tray\nServes 2\n4 pork sausages\n300 g carrots\nRoast the sausages and carrots at 200°C for 30 minutes.",
      "rest",
    ),
  ).toEqual(["weigh: 300 carrot", "bake minutes=30 ovenC=200 cover=bare: "]);
});
test("a meat without an amount is asked and in no route; data too deep is no recipe", () => {
  expect(turned("X\nServes 2\nbeef strips\n300 ml stock\nSimmer 9 minutes.").meats).toEqual([]);
  const deep = (n: number): object => (n === 0 ? { "@type": "Recipe", name: "R" } : { "@graph": [deep(n - 1)] });
  expect(recipeInData(JSON.stringify(deep(3)))?.name).toBe("R");
  expect(recipeInData(JSON.stringify(deep(30)))).toBeNull();
  const steps = [{ "@type": "HowToSection", itemListElement: [{ text: "a" }, "b"] }, "c\nd"];
  expect(recipeInData(JSON.stringify({ "@type": ["Recipe"], recipeInstructions: steps }))?.method).toEqual([
    "a",
    "b",
    "c",
    "d",
  ]);
});
test("every gas mark, and each place of a second figure", () => {
  const gas = ["1/4", "1/2", "1", "2", "3", "4", "5", "6", "7", "8", "9"].map(
    (m) => heatsIn(`gas mark ${m}`)[0]?.tempC,
  );
  expect(gas).toEqual([110, 130, 140, 150, 170, 180, 190, 200, 220, 230, 240]);
  expect(heatsIn("180°C/350°F/gas 4").map((h) => h.tempC)).toEqual([180]);
  expect(heatsIn("180°C/350°F/gas 7").map((h) => h.tempC)).toEqual([null]);
  expect(heatsIn("180°C/450°F/gas 4").map((h) => h.tempC)).toEqual([null]);
});
