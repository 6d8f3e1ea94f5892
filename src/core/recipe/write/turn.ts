import type { Dish, Part } from "../../dish/dish";
import type { Food, FoodId, FoodLookup } from "../../foods/food";
import { ownFood } from "../../foods/own";
import { singular } from "../lines/lexicon";
import { gramsOf } from "../lines/weigh";
import { readAmountOnLine } from "../lines/readAmount";
import { Kitchen, type Stock, type Told } from "../run/machine";
import { type Item, linesIn, newPot, type Pot } from "../run/pot";
import { leaveOut } from "./leaveOut";
import { leftOver } from "./leftOver";
import { stockOf } from "./stock";
import { run } from "../run/run";
import { ownId } from "./ownId";
import type { Step } from "../../process/registry";
import { NOTE_MOST, type StepId } from "../../process/step";
import { meatParts } from "./meat";
import { Writer } from "./write";
import type { RecipeRead } from "../recipe";
import { type Settled, USUAL_SERVINGS } from "../lines/settle";

/** What became of a sentence of the method, and the steps that it is. */
export interface Sentence {
  readonly told: Told;
  readonly steps: readonly StepId[];
  /** Minutes of it that were the meat's alone, and what is taken instead. */
  readonly shortened?: { readonly saidMin: number; readonly takenMin: number };
}
/** What a method calls a meat by the form that it is given. */
const CALLED: Readonly<Record<string, readonly string[]>> = {
  loaf: ["loaf", "meat loaf"],
  patty: ["patty", "burger"],
  mince: ["meatball", "kofta"],
  ball: ["ball", "meatball", "kofta"],
  sausage: ["sausage"],
  fillet: ["fillet", "fish"],
  battered: ["fillet", "fish"],
  cutlet: ["cutlet", "chop", "escalope"],
  skewer: ["skewer", "kebab", "kofta"],
  roast: ["joint", "roast"],
  rasher: ["bacon", "lardon"],
};
/** A dish made of a recipe, the foods that nobody knew, and the lines that a route makes needless. */
export interface Turned {
  readonly dish: Dish;
  readonly own: readonly Food[];
  /** Lines (egg and crumbs of a mix, a coating) that the route of the meat brings by itself. */
  readonly covered: readonly number[];
  /** Lines that no sentence says anything of: they lie in a part of their own. */
  readonly unplaced: readonly number[];
  /** What became of each sentence of the method, in its order. */
  readonly sentences: readonly Sentence[];
}

/** What binds or coats. */
const BINDERS = new Set([
  "ground-flax",
  "water",
  "breadcrumbs",
  "panko",
  "wheat-flour",
  "oat-milk",
  "soy-milk",
  "oats",
  "oat-flour",
  "aquafaba",
]);
/** What a batter is made of beside that. */
const BATTER = new Set([...BINDERS, "beer", "sparkling-water", "baking-powder", "corn-starch", "rice-flour"]);
/** "Pork gyoza with a dipping sauce" are gyoza; a word of the list is no name of the dish. */
function dishNameOf(name: string, stock: readonly Stock[]): string {
  const words = (name.toLowerCase().split(/\bwith\b|[,(:–]| - /)[0] ?? "")
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 3);
  const last = singular(words.at(-1) ?? "");
  return stock.some((s) => s.names.some((n) => n.includes(last))) ? "" : last;
}
/** Craft that a sentence tells, by the step before it. */
function notesOf(method: RecipeRead["method"], k: Kitchen, writer: Writer): ReadonlyMap<StepId, string> {
  const notes = new Map<StepId, string>();
  let last: StepId | null = null;
  method.forEach(({ text }, i) => {
    last = writer.stepsOf.get(i)?.at(-1) ?? last;
    if (k.told.get(i) !== "note" || last === null) return;
    const note = [notes.get(last), text.trim()].filter((t) => t !== undefined).join(" ");
    if (note.length <= NOTE_MOST) notes.set(last, note);
  });
  return notes;
}
const noted = (parts: readonly Part[], notes: ReadonlyMap<StepId, string>): Part[] =>
  parts.map((p) => ({
    ...p,
    steps: p.steps.map((s): Step => {
      const note = notes.get(s.id);
      return note === undefined ? s : { ...s, note };
    }),
  }));
/** Of a food that only the recipe names, characters: within what a household's file takes. */
const LONGEST_NAME = 120;
/**
 * The dish of a recipe: its method carried out sentence by sentence, for each meat the parts of the route that takes its place. Every
 * line that was not left out is in it somewhere; what no sentence names lies in a part of its own, and is asked.
 *
 * @param routes the dishes of the routes, by the line of the meat
 */
export function turn(
  recipe: RecipeRead,
  settled: readonly Settled[],
  routes: ReadonlyMap<number, readonly Dish[]>,
  foods: FoodLookup,
  id: string,
): Turned {
  const meats = [...routes].flatMap(([line, dishes]) => dishes.map((dish) => ({ line, dish })));
  const meatPots = meats.map((_, i) => newPot(i === 0 ? "main" : `main-${i + 1}`, i));
  meats.forEach(({ dish }, i) => {
    for (const name of CALLED[dish.replaces?.form ?? "mince"] ?? []) meatPots[i]?.called.add(name);
  });
  const meatAt = new Map(meats.map((m, i) => [m.line, i] as const).toReversed());
  // Another mince of the same mix goes with the first.
  for (const s of settled)
    for (const m of s.meats) {
      const with1 = meats.findIndex(
        (o) => settled.find((x) => x.line === o.line)?.meats.some((y) => y.form === m.form) === true,
      );
      if (!meatAt.has(s.line) && with1 >= 0 && m.rawG !== null) meatAt.set(s.line, with1);
    }
  const stock = stockOf(recipe, settled, meatAt, foods);
  const gramsSaid = (words: string, line: number): number | null => {
    const { amount } = readAmountOnLine(`${words} x`, "metric");
    const food = stock.find((s) => s.line === line)?.foods[0];
    return food === undefined ? null : (gramsOf({ is: "food", food, sure: true }, amount, foods)?.likely ?? null);
  };
  const routeDoes = meats.map((m) => new Set<string>(m.dish.parts.flatMap((p) => p.steps.map((x) => x.kind))));
  const k = new Kitchen(stock, foods, gramsSaid, meatPots, routeDoes);
  k.dishName = dishNameOf(recipe.name, stock);
  run(k, recipe.method);
  const own = new Map<FoodId, Food>();
  for (const s of settled)
    for (const p of [...s.puts, ...(s.instead?.others ?? [])])
      if (p.food === null && s.state !== "left-out")
        own.set(ownId(p.words), ownFood(ownId(p.words), p.words.slice(0, LONGEST_NAME)));
  const writer = new Writer(k, settled);
  const covered = new Set<number>();
  /** What was made ready for a meat whose route brings its own. */
  const needless = new Set<Pot>();
  const isOut = (item: Item): boolean =>
    item.is === "line" && settled.find((s) => s.line === item.line)?.instead?.out === true;
  const mains = meats.flatMap(({ dish }, i): Part[] => {
    const pot = meatPots[i] as Pot;
    const kinds = new Set(dish.parts.flatMap((p) => p.steps.map((s) => s.kind)));
    const brings = (item: Item): boolean => {
      if (item.is === "food" || item.is === "kept") return false;
      // A batter that was stirred for it.
      const of = item.is === "line" ? k.line(item.line).foods : [...linesIn(item.pot)].flatMap((l) => k.line(l).foods);
      const binds = kinds.has("bind") && k.mixes.has(pot) && of.every((f) => BINDERS.has(f));
      const coats = (kinds.has("coat") || kinds.has("batter")) && k.coats.has(pot) && of.every((f) => BATTER.has(f));
      return binds || coats;
    };
    const within = k.within.get(pot) ?? [];
    for (const item of within)
      if (item.is === "line" && brings(item)) covered.add(item.line);
      else if (item.is === "pot" && brings(item)) {
        for (const line of linesIn(item.pot)) covered.add(line);
        needless.add(item.pot);
      }
    return meatParts(
      dish,
      i,
      within.filter((it) => !brings(it) && !isOut(it)).flatMap((it) => writer.linesOf(it)),
    );
  });
  const names = new Set(mains.map((m) => m.name));
  const parts = k.pots
    .filter((p) => p.meat === null && p.steps.length > 0 && !needless.has(p))
    .map((p) => writer.part(p, names));
  const left = leftOver(writer.named([...mains, ...parts]), k, settled, covered, writer);
  const made = leaveOut(left.parts, (choice) => writer.outs.has(choice));
  const dish: Dish = {
    id,
    name: recipe.name,
    replaces: meats[0]?.dish.replaces ?? null,
    servings: recipe.servings ?? USUAL_SERVINGS,
    parts: noted(made, notesOf(recipe.method, k, writer)),
  };
  const there = new Set(made.flatMap((p) => p.steps.map((s) => s.id)));
  // A note that found no step, or no room, is no more than told.
  const kept = made.length === 0 ? "" : dish.parts.flatMap((p) => p.steps.map((s) => s.note ?? "")).join("\n");
  const toldOf = (i: number): Told => {
    const said = k.told.get(i) ?? "open";
    return said === "note" && !kept.includes(recipe.method[i]?.text.trim() ?? "") ? "no-cooking" : said;
  };
  const sentences = recipe.method.map((_, i): Sentence => {
    const steps = (writer.stepsOf.get(i) ?? []).filter((id) => there.has(id));
    const shortened = k.shortened.get(i);
    const sentence = { told: steps.length > 0 ? ("steps" as const) : toldOf(i), steps };
    return shortened === undefined ? sentence : { ...sentence, shortened };
  });
  return { dish, own: [...own.values()], covered: [...covered], unplaced: left.unplaced, sentences };
}
