import { expose } from "comlink";
import { newMemory } from "@/core/quantities/memory";
import type { SpoonSystem } from "@/core/quantities/units";
import { answerRecipe, type RecipeAnswer } from "@/core/recipe/answer";
import type { Decisions } from "@/core/recipe/convert";
import type { RecipeProblem } from "@/core/recipe/recipe";
import type { Ratings, Table } from "@/core/swap/answer";

const memory = newMemory();

/** Reads recipes and turns them over; comes when somebody opens the page for it. */
export const recipeApi = {
  turn: (
    text: string,
    decisions: Decisions,
    around: {
      readonly table: Table;
      readonly spoons: SpoonSystem;
      readonly availableMin: number | null;
      readonly ratings: Ratings;
    },
  ): RecipeAnswer | RecipeProblem => answerRecipe(text, decisions, { ...around, memory }),
};
expose(recipeApi);
