/** What is poured off, strained off, left in the fryer, noted, chosen or done in the recipe's own words. Dishes by common practice. */
import type { Eater } from "../../household/people";
import { plan } from "../../plan";
import { chosenOf, type Line } from "../../process/step";
import type { Step } from "../../process/registry";
import { readIt, table } from "../__tests__/table";
import { convert, type Converted } from "../convert";
import type { Choices } from "../lines/settle";

const turned = (list: string, method: string, eaters: readonly Eater[] = [], lines: Choices = {}): Converted =>
  convert(
    readIt(`Supper\nServes 4\nIngredients\n${list.split("; ").join("\n")}\nMethod\n${method}`),
    { lines, routes: {}, setting: null, servings: null },
    { table: { ...table, eaters }, availableMin: null },
  );
const stepsOf = ({ dish }: Converted): readonly Step[] => dish.parts.flatMap((p) => p.steps);
const stepWith = (made: Converted, isIt: (l: Line) => boolean): Step | undefined =>
  stepsOf(made).find((s) => s.adds.some(isIt));
const liquorIn = (made: Converted) =>
  stepsOf(made).flatMap((s) =>
    s.adds.flatMap((l) =>
      l.kind === "liquor"
        ? [{ into: s.kind, of: stepsOf(made).find((x) => x.id === l.step)?.kind, share: l.share }]
        : [],
    ),
  );
/** Nothing of the dish stands still when it is planned. */
const blockedIn = ({ dish, own }: Converted) =>
  plan({ ...table, foods: own, log: [], supper: { ...table.supper, dishes: [dish] } }).blocked;
const eater = (more: Partial<Eater>): Eater => ({
  id: "e",
  name: "E",
  avoids: [],
  diets: [],
  dislikes: [],
  age: null,
  ...more,
});

describe("a bath that is taken again", () => {
  test.each([
    ["the soaking liquid", "Add the soaking liquid and simmer for 10 minutes."],
    ["the reserved liquid", "Pour in the reserved liquid and simmer for 10 minutes."],
    ["the mushroom water", "Add the mushroom water and simmer for 10 minutes."],
  ])("%s goes into the sauce, all of it", (_name, sentence) => {
    const made = turned(
      "30 g dried porcini; 1 onion; 2 tbsp oil; 400 g tinned tomatoes",
      `Soak the porcini in 300 ml hot water for 20 minutes. Drain, reserving the soaking liquid. Fry the onion in the oil for 8 minutes. Add the tomatoes and the porcini. ${sentence}`,
    );
    expect(liquorIn(made)).toEqual([{ into: "simmer", of: "drain", share: 1 }]);
    expect(blockedIn(made)).toBe(0);
  });
  test("a cup of the cooking water is a cup, not the pot", () => {
    const made = turned(
      "400 g spaghetti; 4 tbsp olive oil; 4 cloves garlic",
      "Cook the spaghetti in salted water for 9 minutes. Drain, keeping a cup of the cooking water. Fry the garlic in the oil for 2 minutes. Add the spaghetti and a cup of the cooking water and toss for 2 minutes.",
    );
    const [one] = liquorIn(made);
    const poured = plan({ ...table, foods: [], log: [], supper: { ...table.supper, dishes: [made.dish] } })
      .dishes.flatMap((d) => d.parts.flatMap((p) => p.rows))
      .find((r) => r.step.kind === "drain");
    const pouredG = poured?.state === "computed" ? (poured.outcome.outputs[0]?.contents.waterG ?? 0) : 0;
    expect((one?.share ?? 0) * pouredG).toBeGreaterThan(170);
    expect((one?.share ?? 0) * pouredG).toBeLessThan(330);
  });
  test("water that nobody asks for again is gone", () => {
    expect(
      liquorIn(
        turned(
          "400 g pasta; 300 g passata",
          "Boil the pasta for 9 minutes, drain. Warm the passata and add the pasta.",
        ),
      ),
    ).toEqual([]);
  });
});

describe("a broth that is strained", () => {
  const list = "2 onions; 2 carrots; 20 g dried shiitake; 2 litres water; 2 tbsp soy sauce; 300 g tofu";
  test("the liquid goes on, and what gave its taste is gone where the recipe throws it away", () => {
    const made = turned(
      list,
      "Simmer the onions, carrots and shiitake in the water for 45 minutes. Strain the stock into a clean pan and discard the vegetables. Add the soy sauce and tofu and simmer for 5 minutes.",
    );
    expect(made.dish.parts).toHaveLength(1);
    expect(stepsOf(made).find((s) => s.kind === "strain")).toMatchObject({ keep: "liquid" });
    expect(liquorIn(made)).toEqual([]);
    expect(blockedIn(made)).toBe(0);
  });
  test("a piece of it that comes back does", () => {
    const made = turned(
      list,
      "Simmer the onions, carrots and shiitake in the water for 45 minutes. Strain the stock into a clean pan. Add the soy sauce and tofu and simmer for 5 minutes. Return the shiitake to the pan and simmer for 2 minutes.",
    );
    expect(liquorIn(made)).toMatchObject([{ of: "strain" }]);
  });
  test("lentils that simmered in much water are drained of it; flour is sieved without a step", () => {
    const drained = turned(
      "200 g green lentils; 1 onion; 1 litre stock",
      "Put the lentils, onion and stock in a pan and simmer for 25 minutes. Drain the lentils.",
    );
    expect(stepsOf(drained).some((s) => s.kind === "strain" || s.kind === "drain")).toBe(true);
    const sieved = turned("200 g flour; 100 ml water", "Sieve the flour into a bowl. Mix in the water.");
    expect(stepsOf(sieved).some((s) => s.kind === "strain")).toBe(false);
  });
});

test("chips are fried twice in one oil", () => {
  const made = turned(
    "1 kg potatoes; 1 litre sunflower oil",
    "Heat the oil to 140C. Fry the potatoes for 5 minutes, then drain on kitchen paper. Heat the oil to 190C and fry again for 3 minutes.",
  );
  expect(stepsOf(made).filter((s) => s.adds.some((l) => l.kind === "food" && l.food === "sunflower-oil"))).toHaveLength(
    1,
  );
  expect(liquorIn(made)).toEqual([{ into: "deep-fry", of: "deep-fry", share: 1 }]);
  expect(blockedIn(made)).toBe(0);
});

describe("what no verb here is for", () => {
  const list = "300 g tofu; 6 cloves garlic; 200 ml olive oil";
  test("it stands as a step in the recipe's own words, with its minutes, its heat and what goes in", () => {
    const made = turned(list, "Confit the garlic in the oil at 110C for 1 hour. Smoke the tofu for 30 minutes. Serve.");
    expect(stepsOf(made).filter((s) => s.kind === "as-written")).toMatchObject([
      { text: "Confit the garlic in the oil at 110c for 1 hour", minutes: 60, heat: "hob", heatC: 110 },
      { text: "Smoke the tofu for 30 minutes", minutes: 30, heat: "none" },
    ]);
    expect(blockedIn(made)).toBe(0);
  });
  test.each(["Ferment for 3 days.", "Ferment it for 3 days."])("%s of what is in hand", (sentence) => {
    const made = turned("400 g white cabbage; 8 g salt", `Rub the cabbage with the salt. ${sentence}`);
    expect(stepsOf(made).at(-1)).toMatchObject({ kind: "as-written", minutes: 4320, attention: "wait" });
  });
  test.each([
    "The sauce should be thick.",
    "Once the oil is hot.",
    "Made the stew again this time.",
    "Good for the week.",
  ])("“%s” bids nothing", (sentence) => {
    const made = turned(list, `Fry the tofu in the oil for 8 minutes. ${sentence}`);
    expect(stepsOf(made).some((s) => s.kind === "as-written")).toBe(false);
  });
});

test("craft is a note on the step before it; storing and heating the oven are none", () => {
  const made = turned(
    "300 g mushrooms; 2 tbsp oil",
    "Heat the oven to 200C. Fry the mushrooms in the oil for 8 minutes. Do not stir them at first. You will know by the sound. Keeps for 3 days in the fridge.",
  );
  const notes = stepsOf(made).flatMap((s) => s.note ?? []);
  expect(notes).toEqual(["Do not stir them at first. You will know by the sound."]);
  expect(made.sentences.map((s) => s.told)).toEqual(["no-cooking", "steps", "note", "note", "no-cooking"]);
});

describe("this or that, and what may be left out", () => {
  const list =
    "500 g mushrooms; 2 tbsp oil; 100 ml red wine (optional); 2 tbsp soy sauce or tamari; 30 g walnuts, optional, to serve";
  const method =
    "Fry the mushrooms in the oil for 8 minutes. Add the wine and soy sauce and simmer for 10 minutes. Scatter with the walnuts.";
  const choicesOf = (made: Converted) =>
    stepsOf(made).flatMap((s) =>
      (s.choices ?? []).map((c) => ({
        of: c.of.map((l) => l.food),
        optional: c.optional,
        taken: chosenOf(s, c)?.option ?? null,
      })),
    );
  test("all stay choices where they stand, with the amount of the line", () => {
    const made = turned(list, method);
    expect(choicesOf(made)).toEqual([
      { of: ["wine-red"], optional: true, taken: 0 },
      { of: ["soy-sauce", "tamari"], optional: false, taken: 0 },
      { of: ["walnuts"], optional: true, taken: 0 },
    ]);
  });
  test("what somebody at the table must not eat is left out, one press away, and of two the other is taken", () => {
    const made = turned(list.replace("tamari", "coconut aminos"), method, [
      eater({ diets: ["alcohol-free"], avoids: ["soy", "nuts"] }),
    ]);
    const foods = stepsOf(made).flatMap((s) => s.adds.flatMap((l) => (l.kind === "food" ? [l.food] : [])));
    for (const food of ["wine-red", "walnuts", "soy-sauce"]) expect(foods).not.toContain(food);
    expect(choicesOf(made).map((c) => c.taken)).toEqual([null, 0, null]);
    expect(stepWith(made, (l) => l.kind === "food" && l.food === "own-coconut-aminos")?.kind).toBe("simmer");
    expect(blockedIn(made)).toBe(0);
  });
  test("the cook's word stands against the diet, and for leaving out", () => {
    const wine = 2;
    const vegan = [eater({ diets: ["alcohol-free"] })];
    const at = readIt(`S\nServes 4\nIngredients\n${list.split("; ").join("\n")}\nMethod\n${method}`).lines.findIndex(
      (l) => /wine/.test(l.text),
    );
    expect(choicesOf(turned(list, method, vegan, { [at]: { leaveOut: false } }))[0]?.taken).toBe(0);
    expect(choicesOf(turned(list, method, [], { [at]: { leaveOut: true } }))[0]?.taken).toBeNull();
    expect(at).toBe(wine);
  });
  test("a part that is nothing without it goes, and its choice stands where it went", () => {
    const made = turned(
      "400 g pasta; 60 g walnuts (optional); 300 g passata",
      "Toast the walnuts in a dry pan for 3 minutes. Cook the pasta for 9 minutes and drain. Warm the passata, add the pasta and the walnuts.",
      [eater({ avoids: ["nuts"] })],
    );
    expect(stepsOf(made).some((s) => s.kind === "toast")).toBe(false);
    expect(choicesOf(made)).toEqual([{ of: ["walnuts"], optional: true, taken: null }]);
    expect(blockedIn(made)).toBe(0);
  });
});

describe("where a recipe is from", () => {
  const text = (more: string) =>
    `Stew\nServes 4\n${more}\nIngredients\n500 g beef mince\n1 egg\n400 ml passata\nMethod\nBrown the mince, add the passata and simmer for 2 hours.`;
  const dishOf = (given: string, from?: string) =>
    convert(
      readIt(given),
      { lines: {}, routes: {}, setting: null, servings: null, ...(from === undefined ? {} : { from }) },
      { table, availableMin: null },
    );
  test.each([
    ["Source: Gran's red notebook", "Gran's red notebook"],
    ["Adapted from the harvest supper", "the harvest supper"],
    ["https://example.org/stew", "https://example.org/stew"],
  ])("“%s” stays with the dish, and so does what was changed", (line, from) => {
    const { origin } = dishOf(text(line)).dish;
    expect(origin?.from).toBe(from);
    expect(origin?.changed[0]).toMatch(/^500 g beef mince: \S/);
    expect(origin?.changed.some((c) => c.startsWith("1 egg: "))).toBe(true);
  });
  test("the cook's word counts; nothing said is no origin", () => {
    expect(dishOf(text("Source: a book"), "Mum").dish.origin?.from).toBe("Mum");
    expect(dishOf(text("Source: a book"), "").dish.origin).toBeUndefined();
    expect(dishOf(text("")).dish.origin).toBeUndefined();
  });
  test("the hours of its meat are told beside the sentence", () => {
    const { sentences } = dishOf(text(""));
    expect(sentences.at(-1)?.shortened).toEqual({ saidMin: 120, takenMin: 35 });
  });
});
