import { expose } from "comlink";
import { dishInText } from "@/core/formats/dishInText";
import { newMemory } from "@/core/quantities/memory";
import { answerRecipe, type RecipeAnswer, type RecipeAround } from "@/core/recipe/answer";
import type { Decisions } from "@/core/recipe/convert";
import type { RecipeProblem } from "@/core/recipe/recipe";

const memory = newMemory();

/** Reads recipes and turns them over; comes when somebody opens the page for it. */
export const recipeApi = {
  turn: (text: string, decisions: Decisions, around: Omit<RecipeAround, "memory">): RecipeAnswer | RecipeProblem =>
    answerRecipe(text, decisions, { ...around, memory }, dishInText(text)),
};
expose(recipeApi);
