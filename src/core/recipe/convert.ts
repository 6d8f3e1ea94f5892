import type { Setting } from "../bite/targets";
import type { Dish, Supper } from "../dish/dish";
import { openBook, allFoods, type FoodBook } from "../foods/book";
import type { Food } from "../foods/food";
import type { SpoonSystem } from "../quantities/units";
import { type Memory, newMemory } from "../quantities/memory";
import { type Ask, type Answers, answersTo, type Ratings, type Table } from "../swap/answer";
import { forbiddenAt } from "../safety/forbidden";
import { lexiconOf } from "./lines/lexicon";
import { originOf } from "./origin";
import { readRecipe, type RecipeProblem, type RecipeRead } from "./recipe";
import { type Choices, type MeatLine, settle, type Settled, USUAL_SERVINGS } from "./lines/settle";
import { settingOf } from "./write/setting";
import { type Sentence, turn } from "./write/turn";

/** Reads a recipe with the names of this household's foods. */
export function readFor(
  text: string,
  table: Pick<Table, "foods" | "labels">,
  spoons: SpoonSystem,
): RecipeRead | RecipeProblem {
  return readRecipe(text, lexiconOf(allFoods(table)), spoons);
}

/** A meat of a recipe with the routes that can take its place, ranked. */
export interface MeatAnswers {
  readonly line: number;
  readonly meat: MeatLine;
  readonly answers: Answers;
}
/** What the cook decides of a recipe. */
export interface Decisions {
  readonly lines: Choices;
  /** The route of each meat, by its line; the first that fits where nobody chose. */
  readonly routes: Readonly<Record<number, string>>;
  /** How the meat's place is held; null takes what the recipe shows. */
  readonly setting: Setting | null;
  /** For how many it is, where the recipe does not say; null takes what it says. */
  readonly servings: number | null;
  /** Where it is from, a line or an address; what the recipe says of it where the cook says nothing. */
  readonly from?: string;
}
/** A recipe turned over, as far as it is decided. */
export interface Converted {
  readonly settled: readonly Settled[];
  readonly setting: Setting;
  readonly meats: readonly MeatAnswers[];
  /** Lines that the routes make needless. */
  readonly covered: readonly number[];
  /** Lines that no sentence says anything of: they lie in a part of their own. */
  readonly unplaced: readonly number[];
  /** What became of each sentence of the method, in its order. */
  readonly sentences: readonly Sentence[];
  readonly dish: Dish;
  /** Foods that nobody knew: by their names alone, every allergen of them is asked. */
  readonly own: readonly Food[];
}

/** What a route is asked for, beside what the recipe says. */
export interface Around {
  readonly table: Table;
  readonly availableMin: number | null;
  readonly ratings?: Ratings;
  readonly memory?: Memory;
}

/**
 * A recipe turned over: what becomes of each line, the routes for each meat (built and planned), and the dish that comes of it.
 * Nothing is guessed silently: what was not clear is an ask of its line.
 */
export function convert(given: RecipeRead, decisions: Decisions, around: Around): Converted {
  const recipe = { ...given, servings: decisions.servings ?? given.servings };
  const book: FoodBook = openBook(around.table);
  const settled = settle(recipe, decisions.lines, book.food, forbiddenAt(book, around.table.eaters));
  const setting = decisions.setting ?? settingOf(recipe, settled, book.food);
  const servings = recipe.servings ?? USUAL_SERVINGS;
  const memory = around.memory ?? newMemory();
  // A dish of the recipe's own size: the supper scales it to who eats.
  const supper: Table["supper"] = { ...around.table.supper, ...seatsFor(around.table.supper, servings) };
  const meats = settled.flatMap(({ line, meats: found }) =>
    found.flatMap((given): MeatAnswers[] => {
      const meat = inOneMix(given, line, settled);
      if (meat === null) return [];
      if (meat.rawG === null || meat.rawG <= 0) return [];
      const ask: Ask = {
        form: meat.form,
        kind: meat.kind,
        words: textOf(recipe, line),
        rawG: meat.rawG,
        setting,
        availableMin: around.availableMin,
        mostHandsMin: null,
        honestOnly: false,
        protein: "plate",
        bringsFat: false,
      };
      return [{ line, meat, answers: answersTo(ask, { ...around.table, supper }, around.ratings, memory) }];
    }),
  );
  const routes = new Map<number, Dish[]>();
  for (const { line, answers } of meats) {
    const chosen = takenOf(answers.answers, decisions.routes[line], (a) => a.route.id);
    if (chosen !== undefined) routes.set(line, [...(routes.get(line) ?? []), chosen.dish]);
  }
  const turned = turn(recipe, settled, routes, book.food, "recipe");
  const origin = originOf(decisions.from ?? recipe.from, recipe, settled, turned.dish, book.food);
  const dish = origin === undefined ? turned.dish : { ...turned.dish, origin };
  return { settled, setting, meats, ...turned, dish };
}

/** Forms that several minces are mixed into. */
const MIXED = new Set<MeatLine["form"]>(["mince", "ball", "patty", "loaf", "skewer"]);
/** Several minces in one mix are one meat, by the first of them, with the grams of all; null for the others. */
function inOneMix(meat: MeatLine, line: number, settled: readonly Settled[]): MeatLine | null {
  if (!MIXED.has(meat.form)) return meat;
  const alike = settled.flatMap((s) =>
    s.meats.filter((m) => m.form === meat.form).map((m) => ({ line: s.line, rawG: m.rawG })),
  );
  if (alike.some((m) => m.rawG === null)) return meat;
  if (alike[0]?.line !== line) return null;
  return { ...meat, rawG: alike.reduce((g, m) => g + (m.rawG ?? 0), 0) };
}

/** The route that was chosen, else the first that is not out: what somebody must not eat is never taken by itself. */
export const takenOf = <A extends { readonly out: readonly unknown[] }>(
  ranked: readonly A[],
  chosen: string | undefined,
  idOf: (answer: A) => string,
): A | undefined => ranked.find((a) => idOf(a) === chosen) ?? ranked.find((a) => a.out.length === 0);

/** A line as it was given, at most as long as a name may be. */
const textOf = ({ lines }: RecipeRead, at: number): string => (lines[at]?.text ?? "").slice(0, 200);
/** The recipe's servings at the table: its eaters as they are, and guests for the rest of its places. */
const seatsFor = (supper: Table["supper"], servings: number): Pick<Supper, "eaters" | "guests"> => ({
  eaters: supper.eaters,
  guests: Math.max(0, servings - supper.eaters.length),
});
