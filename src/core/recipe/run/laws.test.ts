/** Laws of a recipe that became a dish, on every recipe of the house and on drawn ones. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { many } from "../../__tests__/proof";
import { Draw, seeds } from "../../checks/__tests__/drawn";
import { linesOf } from "../../dish/dish";
import { plan } from "../../plan";
import { newMemory } from "../../quantities/memory";
import { readIt, table } from "../__tests__/table";
import { convert, type Converted } from "../convert";

const read = (path: string): string => readFileSync(join(__dirname, "../../../..", path), "utf8");
const OURS = ["own-first", "own-second"].flatMap((name) =>
  (JSON.parse(read(`bench/cookable/${name}.json`)) as { id: string; text: string }[]).map(
    (r) => [r.id, r.text] as const,
  ),
);
const CORPUS = read("src/core/checks/recipes.txt")
  .split(/^=== /m)
  .slice(1)
  .map((block) => {
    const [head = "", ...rest] = block.split("\n---\n")[0]?.split("\n") ?? [];
    return [head, rest.join("\n")] as const;
  });
const memory = newMemory();
const turned = (text: string): Converted | null => {
  const recipe = readIt(text);
  if ("kind" in recipe) return null;
  return convert(
    recipe,
    { lines: {}, routes: {}, setting: null, servings: null },
    { table, availableMin: null, memory },
  );
};

/** Grams of each food in the dish beside what its routes bring by themselves; oil that something is fried in again counts once. */
function gramsIn({ dish, meats }: Converted): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  const add = (food: string, g: number) => sums.set(food, (sums.get(food) ?? 0) + g);
  const fried = new Map<string, number>();
  for (const { part, step, line } of linesOf(dish)) {
    if (line.kind !== "food") continue;
    const key = `${part.id}/${line.food}`;
    if (step.kind === "deep-fry" && fried.has(key)) continue;
    if (step.kind === "deep-fry") fried.set(key, line.massG ?? 0);
    add(line.food, line.massG ?? 0);
  }
  const taken = dish.parts.flatMap(({ route }) => route?.id ?? []);
  for (const { answers } of meats) {
    const own = answers.answers.find((a) => taken.includes(a.route.id));
    for (const { part, line } of own === undefined ? [] : linesOf(own.dish))
      if (line.kind === "food" && (part.id === "main" || part.id === "batter")) add(line.food, -(line.massG ?? 0));
  }
  return sums;
}
/** What is wrong with a dish that was made of a recipe. */
function faultsOf(made: Converted): string[] {
  const faults: string[] = [];
  const grams = gramsIn(made);
  const wanted = new Map<string, number>();
  for (const s of made.settled)
    if (!made.covered.includes(s.line))
      for (const p of s.puts)
        if (p.food !== null && !p.byTaste) wanted.set(p.food, (wanted.get(p.food) ?? 0) + (p.massG?.likely ?? 0));
  for (const [food, g] of wanted) {
    const there = grams.get(food) ?? 0;
    // Water of a bath is the kitchen's own; what is told by the pinch is rounded.
    if (food !== "water" && there < g * 0.97 - 1) faults.push(`${food}: ${there.toFixed(0)} of ${g.toFixed(0)} g`);
    if (food !== "water" && food !== "salt" && there > g * 1.03 + 1)
      faults.push(`${food}: ${there.toFixed(0)} g, more than ${g.toFixed(0)}`);
  }
  const ids = made.dish.parts.flatMap((p) => [p.id, ...p.steps.map((s) => s.id)]);
  if (new Set(ids).size !== ids.length) faults.push("two parts or steps of one name");
  const { dishes } = plan({
    ...table,
    foods: made.own,
    supper: { ...table.supper, guests: made.dish.servings, dishes: [made.dish] },
    log: [],
  });
  for (const row of dishes.flatMap((d) => d.parts.flatMap((p) => p.rows)))
    if (row.state === "blocked" && ["part-missing", "cycle", "part-used-up"].includes(row.failure.kind))
      faults.push(`${row.key}: ${row.failure.kind}`);
  return faults;
}

describe("every line once, every share at most once, no part that waits for itself", () => {
  test.each([...CORPUS, ...OURS])("%s", (_name, text) => {
    const made = turned(text);
    expect(made === null ? [] : faultsOf(made)).toEqual([]);
  });
  test("sentences in any order, of lists in any order", () => {
    const texts = [...CORPUS, ...OURS].map(([, text]) => text.split("\n"));
    for (const seed of seeds(many(12, 300))) {
      const d = new Draw(9000 + seed);
      const lines = Array.from({ length: d.whole(4, 9) }, () => d.one(d.one(texts))).filter((l) => /^\d/.test(l));
      const method = Array.from({ length: d.whole(3, 8) }, () => d.one(d.one(texts))).filter((l) => /\.$/.test(l));
      const made = turned(["Drawn", "Serves 4", "Ingredients", "1 onion", ...lines, "Method", ...method].join("\n"));
      expect([seed, made === null ? [] : faultsOf(made)]).toEqual([seed, []]);
    }
  });
});

test("reading is total: scraps of sentences in any order are read, or refused kindly", () => {
  const scraps =
    "onion in oil 8 min|in a dish|into a pie dish|pastry lid|on top|200 °C, 30 min|toss together in oil over it|sauce over|flour, milk, crumbs|12 balls|15 mins fridge|it all goes into the pan|RED onion|rest of salad|mash|layer red, white|throw it away|pat out|fold in the rest|cover with it|brush|serve|boil it|drain|lay it in it for an hour|crumbs tossed in the oil over it|press into the crumbs|fill, roll, fold".split(
      "|",
    );
  for (const seed of seeds(many(60, 3000))) {
    const d = new Draw(4000 + seed);
    const method = Array.from({ length: d.whole(2, 9) }, () => d.one(scraps));
    const list =
      "RED: 1 onion, 2 tbsp oil, 200 g tomatoes\n100 g flour\n50 g breadcrumbs\n100 ml oat milk\n200 g tofu\n100 g puff pastry";
    const made = turned(`Scraps\nServes 2\n${list}\n\nMethod\n${method.join(d.one([". ", ", ", "; "]))}.`);
    expect([seed, made === null ? [] : faultsOf(made)]).toEqual([seed, []]);
  }
});

test("every sentence is steps, goes with the meat, or is no cooking; a verb that nobody knows is a step in its own words", () => {
  const made = turned(
    "Supper\nServes 2\n400 g beef strips\n1 onion, sliced\n1 tbsp oil\n300 ml beef stock\nHeat the oven to 180C. Fry the beef for 5 minutes. Soften the onion in the oil for 8 minutes. Flamboozle it. Add the stock and simmer for 10 minutes.",
  );
  expect(made?.sentences.map((s) => s.told)).toEqual(["no-cooking", "with-meat", "steps", "steps", "steps"]);
  const own = made?.dish.parts.flatMap((p) => p.steps).find((s) => s.kind === "as-written");
  expect(own).toMatchObject({ text: "Flamboozle it", minutes: null, heat: "none" });
});
