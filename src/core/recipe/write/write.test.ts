import type { Part } from "../../dish/dish";
import type { Step } from "../../process/registry";
import { food, readIt, table } from "../__tests__/table";
import { convert } from "../convert";
import { recipeInData } from "../jsonLd";
import { heatsIn } from "../method/method";
import { proposalFor } from "../lines/replace";
import { settle } from "../lines/settle";

const turned = (text: string) =>
  convert(readIt(text), { lines: {}, routes: {}, setting: null, servings: null }, { table, availableMin: null });
/** Steps with their settings, and what goes in. */
const written = (steps: readonly Step[]) =>
  steps.map((s) => {
    const { kind, adds, minutes, browningMin, lid, ovenC, cover, saltTo } = s as unknown as Record<string, unknown> & {
      adds: readonly { food?: string; massG?: number; part?: string }[];
    };
    const put = adds.map((l) => (l.part === undefined ? `${l.massG} ${l.food}` : `<${l.part}>`)).join(", ");
    const all = { minutes: minutes ?? browningMin, lid, ovenC, cover, saltTo };
    const set = Object.entries(all).filter(([, v]) => v !== undefined && v !== null && v !== false);
    return `${String(kind)}${set.map(([k, v]) => ` ${k}=${String(v)}`).join("")}: ${put}`;
  });
/** The steps of the part that a food goes into first, but for a route's own. */
const stepsWith = (text: string, food: string) => {
  const holds = (p: Part) => p.steps.some((s) => s.adds.some((l) => l.kind === "food" && l.food === food));
  return written(turned(text).dish.parts.find((p) => p.route === null && holds(p))?.steps ?? []);
};
/** The steps of a part by its id. */
const stepsOf = (text: string, part: string) =>
  written(turned(text).dish.parts.find((p) => p.id === part)?.steps ?? []);
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

test("a stew: what is fried, what simmers, the meat's own hours left off, salt by taste, the meat joins", () => {
  const text =
    "Stew\nServes 4\n500 g stewing beef\n200 g onions, chopped\n1 tbsp olive oil\n600 ml beef stock\n10 g parsley\nsalt\nFry the onions in the oil for 6 minutes. Add the beef and stock and simmer, covered, for 90 minutes. Serve with the parsley.";
  expect(stepsWith(text, "onion")).toEqual([
    "cut: 200 onion",
    "brown minutes=2.5: 14 olive-oil",
    "simmer minutes=35 lid=true: 600 stock, <main>",
    "season saltTo=0.009: ",
    "serve: 10 parsley",
  ]);
  expect(turned(text).sentences.map((s) => s.told)).toEqual(["steps", "steps", "steps"]);
});
test("a short open simmer has no lid; salt that is given is put in as it is", () => {
  const text = (minutes: string) =>
    `Sauce\nServes 4\n300 g beef strips\n400 ml passata\n4 g salt\nSimmer the beef in the passata with the salt for ${minutes}.`;
  expect(stepsWith(text("15-25 minutes"), "passata")).toEqual(["simmer minutes=20: 414 passata, 4 salt, <main>"]);
  expect(stepsWith(text("1 minute"), "passata")[0]).toMatch(/^simmer minutes=1:/);
});
test("what is mashed with the potatoes is in the mash, which goes over the rest before the oven, and the cheese over it", () => {
  const text =
    "Supper\nServes 4\n400 g beef mince\n200 ml passata\n800 g potatoes, peeled\n40 g butter\n60 ml milk\n50 g mature cheddar, grated\nchopped parsley, to serve\nBrown the mince. Add the passata and simmer for 20 minutes. Boil the potatoes for 15 minutes, then mash with the butter and milk. Top with the mash and the cheese and bake at 200C for 25 minutes.";
  expect(stepsWith(text, "potato")).toEqual([
    "boil minutes=15: 800 potato, 1040 water",
    "drain: ",
    "mash saltTo=0.01: 40 plant-butter, 62 oat-milk",
  ]);
  expect(stepsWith(text, "plant-cheese")).toEqual([
    "layer: <part-1>",
    "top: <part-2>, 50 plant-cheese",
    "bake minutes=25 ovenC=200 cover=bare: ",
  ]);
  expect(turned(text).sentences.map((s) => s.told)).toEqual(["with-meat", "steps", "steps", "steps"]);
});
test("half of it, and then the rest, make the whole of a line; so do spoons and what they leave", () => {
  const text =
    "Pan\nServes 2\n3 tbsp olive oil\n2 onions, sliced\n300 g mushrooms\n40 g butter\nSoften the onions in 1 tbsp of the oil for 8 minutes. Lift out. Fry the mushrooms in the rest of the oil for 6 minutes. Toss with half the butter. Stir the rest of the butter into the onions.";
  const { dish } = turned(text);
  const all = dish.parts.flatMap((p) => p.steps.flatMap((s) => s.adds));
  const grams = (food: string) => all.flatMap((l) => (l.kind === "food" && l.food === food ? [l.massG] : []));
  expect(grams("olive-oil")).toEqual([14, 27]);
  expect(grams("plant-butter").length + grams("rapeseed-oil").length).toBe(2);
});
test("a line that no sentence names is told, and lies in a part of its own", () => {
  const { unplaced, dish } = turned(
    "Pot\nServes 2\n300 g carrots\n400 ml stock\n40 g walnuts\nSimmer the carrots in the stock for 20 minutes.",
  );
  expect(unplaced).toEqual([2]);
  expect(dish.parts.at(-1)).toMatchObject({ id: "open", steps: [{ kind: "weigh", adds: [{ food: "walnuts" }] }] });
});
test("fat is the route's own only where a sentence fries the meat in it; what nobody names is told", () => {
  const { covered, unplaced } = turned(
    "Pan\nServes 2\n300 g beef strips\n1 tbsp olive oil\n1 tbsp sesame oil\n300 g carrots\n400 ml stock\nFry the beef in the olive oil for 5 minutes. Simmer the carrots in the stock for 20 minutes.",
  );
  expect([covered, unplaced]).toEqual([[1], [2]]);
});
test("a lid that is put on stays on", () => {
  const text =
    "Pot\nServes 2\n300 g carrots\n400 ml stock\nCook the carrots in the stock. Add the stock, cover and simmer for 20 minutes.";
  expect(stepsWith(text, "carrot").some((s) => s.startsWith("simmer") && s.includes("lid=true"))).toBe(true);
});
test("what was boiled is drained before it goes on, said or not", () => {
  const text =
    "Supper\nServes 4\n400 g beef strips\n800 g potatoes\n30 g butter\nFry the beef. Boil the potatoes for 15 minutes.";
  expect(stepsWith(text, "potato").at(-1)).toBe("drain: ");
  expect(stepsWith(`${text} Toss them in the butter.`, "potato").at(-1)).toBe("season: 30 plant-butter");
});
test("a marinade goes into the meat's own, what is served with it is not heated, and oil with minutes fries", () => {
  const text =
    "Supper\nServes 4\n500 g chicken strips\n1 tsp ground cumin\n2 tbsp lemon juice\n300 g courgettes, sliced\n2 tbsp olive oil\n100 g sour cream\nToss the chicken with the cumin and lemon juice and marinate for 20 minutes. Heat the oil; cook the courgettes 7 minutes in the oil. Serve in warm bowls with the sour cream.";
  const main = stepsOf(text, "main").find((s) => /cumin/.test(s)) ?? "";
  expect(main).toMatch(/^(?:marinate|season)/);
  expect(main).toMatch(/lemon-juice/);
  expect(stepsWith(text, "courgette")).toEqual([
    "cut: 300 courgette",
    "sweat minutes=7: 27 olive-oil",
    "serve: 100 soy-yoghurt",
  ]);
});
test("oil that is heated before something is fried is for that; salt by taste stays out of the meat", () => {
  const text =
    "Supper\nServes 4\n500 g chicken strips\n1 tsp ground cumin\nsalt\n2 tbsp olive oil\n200 g onions\nRub the chicken with the cumin and salt. Heat the oil in a pan. Fry the onions for 5 minutes.";
  expect(foodsOfMain(text)).toContain("cumin");
  expect(foodsOfMain(text)).not.toContain("salt");
  expect(stepsWith(text, "onion")[0]).toBe("brown minutes=1.5: 27 olive-oil, 200 onion");
});
test("what is mixed and shaped with mince is in the mix; egg and crumbs that bind it are the route's own", () => {
  const text =
    "Patties\nServes 4\n500 g ground turkey\n1 egg\n40 g breadcrumbs\n2 spring onions, finely chopped\n1 tsp garlic powder\n4 slices provolone\nCombine turkey, egg, crumbs, spring onions and garlic powder. Shape into 4 patties. Grill for 5 minutes per side. Serve with the cheese.";
  const made = turned(text);
  const foods = foodsOfMain(text);
  expect(foods).toEqual(expect.arrayContaining(["spring-onion", "garlic-powder"]));
  expect(foods).not.toContain("breadcrumbs");
  expect(made.covered).toEqual([1, 2]);
  expect(stepsWith(text, "plant-cheese")).toEqual(["serve: <main>, 100 plant-cheese"]);
});
test("two minces in one mix are one meat with the grams of both", () => {
  const text =
    "Balls\nServes 4\n300 g beef mince\n200 g pork mince\n1 tsp oregano\n400 g tin chopped tomatoes\nMix the minces with the oregano and roll into 20 balls. Brown them. Simmer the tomatoes for 15 minutes, add the balls and simmer for 10 minutes.";
  const { meats, dish } = turned(text);
  expect(meats.map((m) => [m.line, m.meat.rawG])).toEqual([[0, 500]]);
  expect(dish.parts.filter((p) => p.route !== null)).toHaveLength(1);
});
test("a batter is the route's own; chips are fried as often as the method says, in the oil of the list", () => {
  const text =
    "Supper\nServes 4\n600 g cod fillets\n150 g plain flour\n200 ml beer\n800 g potatoes, cut into chips\n1.5 litres sunflower oil\nHeat the oil to 140C and fry the chips for 6 minutes. Whisk the flour and beer into a batter. Heat the oil to 185C. Dip the fish in the batter and fry for 6 minutes. Fry the chips again for 3 minutes.";
  const made = turned(text);
  expect(made.setting).toBe("dry");
  expect(made.dish.replaces?.form).toBe("battered");
  expect(made.covered).toEqual([1, 2]);
  const chips = made.dish.parts.find((p) => p.route === null && p.id !== "batter")?.steps ?? [];
  expect(chips.map((s) => [s.kind, "oilC" in s ? [s.oilC, s.minutes] : s.kind === "cut" && s.pieceMm])).toEqual([
    ["cut", 12],
    ["deep-fry", [140, 6]],
    ["deep-fry", [185, 3]],
  ]);
  const baked =
    "S\nServes 4\n600 g cod fillets\n800 g potatoes, cut into wedges\nBake the potatoes at 200C for 40 minutes. Fry the fish.";
  expect(stepsWith(baked, "potato").at(-1)).toBe("bake minutes=40 ovenC=200 cover=bare: ");
});
test("pulses that simmer in the sauce are in it, those that are drained have their own pot", () => {
  const text = (how: string) => `Supper\nServes 4\n8 pork sausages\n200 g green lentils\n600 ml chicken stock\n${how}`;
  expect(stepsWith(text("Add the lentils and stock and simmer for 30 minutes."), "green-lentils")[0]).toBe(
    "simmer minutes=30: 200 green-lentils, 600 stock",
  );
  expect(stepsWith(text("Boil the lentils and drain. Simmer the stock for 10 minutes."), "green-lentils")).toEqual([
    "weigh: 200 green-lentils",
    "cook: 800 water",
    "drain: ",
  ]);
});
test("foods are cut as the list says, those of one size together, what there is most of last", () => {
  const text =
    "S\nServes 4\n300 g beef strips\n200 ml stock\n200 g onions, finely chopped\n300 g carrots, in 2 cm pieces\n10 g garlic, crushed\n100 g celery, finely diced\n2 tbsp oil\nFry the onions, carrots, garlic and celery in the oil for 8 minutes. Add the beef and stock and simmer for 10 minutes.";
  const cuts = turned(text)
    .dish.parts.find((p) => p.route === null)
    ?.steps.flatMap((s) => (s.kind === "cut" ? [[s.pieceMm, s.adds.length]] : []));
  expect(cuts).toEqual([
    [2, 1],
    [4, 2],
    [20, 1],
  ]);
});
test("baked in its sauce at the oven's heat, covered where the method covers", () => {
  const text = (how: string) =>
    `Bake\nServes 4\n300 g beef strips\n400 ml beef stock\nSimmer the beef in the stock for 5 minutes. ${how}`;
  const bake = (how: string) => stepsWith(text(how), "stock").find((s) => s.startsWith("bake"));
  expect(bake("Bake at 200°C for 25 minutes.")).toBe("bake minutes=25 ovenC=200 cover=bare: ");
  expect(bake("Cover and bake at 350F for 30-40 minutes.")).toBe("bake minutes=35 ovenC=177 cover=lid: ");
  expect(bake("Bake for 25 minutes.")).toBe("bake minutes=25 ovenC=190 cover=bare: ");
});
test("grains in their own pot, also where no sentence names them; potatoes mashed, pasta drained", () => {
  const beside = (line: string, method: string, food: string) =>
    stepsWith(`X\nServes 2\n200 g beef strips\n${line}\n300 ml beef stock\n${method}`, food);
  expect(beside("150 g pasta", "Simmer 10 minutes. Boil the pasta for 9 minutes.", "pasta")).toEqual([
    "weigh: 150 pasta",
    "cook minutes=9: 900 water",
    "drain: ",
  ]);
  expect(beside("100 g quinoa", "Simmer the beef 20 minutes.", "quinoa")[1]).toBe("cook: 200 water");
  expect(beside("500 g potatoes", "Simmer the beef 20 minutes. Boil and mash the potatoes.", "potato")).toEqual([
    "boil: 500 potato, 650 water",
    "drain: ",
    "mash saltTo=0.01: ",
  ]);
});
test("nothing is heated in a salad; what roasts by itself goes into the oven", () => {
  expect(
    stepsWith("Salad\nServes 2\n1 tin white beans\n60 g red onion\n20 g olive oil\nMix everything.", "red-onion"),
  ).toEqual(["weigh: 240 white-beans-tinned, 60 red-onion, 20 olive-oil"]);
  const tray =
    "Tray\nServes 2\n4 pork sausages\n300 g carrots\nRoast the sausages and carrots at 200°C for 30 minutes.";
  expect(stepsWith(tray, "carrot")).toEqual(["weigh: 300 carrot, <main>", "bake minutes=30 ovenC=200 cover=bare: "]);
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
