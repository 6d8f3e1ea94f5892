import type { Setting } from "../bite/targets";
import type { Dish } from "../dish/dish";
import { foodsNamed, foodsOf, scaleDish } from "../dish/dish";
import { openBook } from "../foods/book";
import type { Food } from "../foods/food";
import { cardsOf, type RouteCard, type SwapAnswer } from "../swap/card";
import { type Around, convert, type Decisions, readFor, takenOf } from "./convert";
import type { Sentence } from "./write/turn";
import type { RecipeProblem, RecipeRead } from "./recipe";
import type { MeatLine, Settled } from "./lines/settle";
import type { SpoonSystem } from "../quantities/units";

/** A meat of the recipe with its routes as a screen shows them. */
export interface MeatCards {
  readonly line: number;
  readonly meat: MeatLine;
  readonly aim: SwapAnswer["aim"];
  readonly cards: readonly RouteCard[];
  /** The route that is in the dish. */
  readonly taken: string | null;
}
/** A recipe turned over as a screen shows it: plans stay in the worker. */
export interface RecipeAnswer {
  readonly recipe: RecipeRead;
  readonly settled: readonly Settled[];
  readonly setting: Setting;
  readonly meats: readonly MeatCards[];
  readonly covered: readonly number[];
  /** Lines that no sentence says anything of: they lie in a part of their own. */
  readonly unplaced: readonly number[];
  /** What became of each sentence of the method, in its order. */
  readonly sentences: readonly Sentence[];
  readonly dish: Dish;
  readonly own: readonly Food[];
  /** Foods that its sentences name. */
  readonly foods: readonly Food[];
  /** The text carried a dish of ours, which came back whole. */
  readonly cameBack?: true;
}

/** What reading and turning depend on, beside the recipe and what the cook decided. */
export interface RecipeAround extends Around {
  readonly spoons: SpoonSystem;
}
/** A dish of ours that a text carries whole, with the foods of a cook's own that it names. */
export interface KeptDish {
  readonly dish: Dish;
  readonly foods: readonly Food[];
}
/**
 * What a recipe is answered with, read and turned over in one go.
 *
 * @param kept the dish that the text carries, if it does: it comes back as it was written, and nothing is turned
 */
export function answerRecipe(
  text: string,
  decisions: Decisions,
  around: RecipeAround,
  kept: KeptDish | null = null,
): RecipeAnswer | RecipeProblem {
  const { table } = around;
  const recipe = readFor(text, table, around.spoons);
  if ("kind" in recipe) return recipe;
  if (kept !== null) return broughtBack(recipe, kept, decisions, table);
  const { settled, setting, meats, covered, unplaced, sentences, dish, own } = convert(recipe, decisions, around);
  const book = openBook(table);
  const cards = meats.map(({ line, meat, answers }): MeatCards => {
    const answer = cardsOf(answers, table);
    const taken = takenOf(answer.cards, decisions.routes[line], (c) => c.id);
    return { line, meat, aim: answer.aim, cards: answer.cards, taken: taken?.id ?? null };
  });
  const named = new Set([
    ...foodsNamed(dish),
    ...settled.flatMap((s) => s.puts.flatMap((p) => p.food ?? [])),
    ...cards.flatMap((m) =>
      m.cards.flatMap((c) => [c.food, ...c.moved.flatMap((x) => [x.from, ...x.to]), ...foodsOf(c.dish)]),
    ),
  ]);
  const foods = [...[...named].flatMap((id) => book.food(id) ?? []), ...own];
  return { recipe, settled, setting, meats: cards, covered, unplaced, sentences, dish, own, foods };
}

/** The dish as it was written out, for as many as it is wanted now. */
function broughtBack(recipe: RecipeRead, kept: KeptDish, decisions: Decisions, table: Around["table"]): RecipeAnswer {
  const servings = decisions.servings ?? kept.dish.servings;
  const scaled = scaleDish(kept.dish, servings / kept.dish.servings);
  const dish: Dish = { ...scaled, id: "recipe", servings };
  const book = openBook({ ...table, foods: [...table.foods, ...kept.foods] });
  return {
    recipe: { ...recipe, servings },
    settled: [],
    setting: "dry",
    meats: [],
    covered: [],
    unplaced: [],
    sentences: recipe.method.map(() => ({ told: "steps", steps: [] })),
    dish,
    own: kept.foods,
    foods: [...foodsNamed(dish)].flatMap((id) => book.food(id) ?? []),
    cameBack: true,
  };
}
