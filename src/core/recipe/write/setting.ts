import type { Setting } from "../../bite/targets";
import type { Food, FoodLookup } from "../../foods/food";
import type { Settled } from "../lines/settle";
import type { MethodStep, Operation } from "../method/method";
import type { RecipeRead } from "../recipe";

/** So much to pour makes it a sauce, g (engineering estimate). */
const SAUCE_G = 120;

/** How the dish holds its meat: it moves the target of the bite. */
export function settingOf(recipe: RecipeRead, settled: readonly Settled[], foods: FoodLookup): Setting {
  const text = recipe.method
    .map((m) => m.text)
    .join(" ")
    .toLowerCase();
  const baked = recipe.method.some((m) => does(m, "bake"));
  const wetG = settled
    .flatMap((s) => s.puts)
    .filter((p) => p.food !== null && isWet(foods(p.food)))
    .reduce((g, p) => g + (p.massG?.likely ?? 0), 0);
  if (/\bbatter\b/.test(text) && recipe.method.some((m) => does(m, "fry", "deep-fry"))) return "dry";
  if (baked && /\b(?:pastry|crust|mash(?:ed)?|topping|crumble|pie)\b/.test(`${recipe.name.toLowerCase()} ${text}`))
    return "crust";
  if (wetG >= SAUCE_G && recipe.method.some((m) => does(m, "simmer", "bake", "boil"))) return "sauce";
  const sweet = settled.some((s) => s.puts.some((p) => p.food === "maple-syrup" || p.food === "brown-sugar"));
  return sweet && recipe.method.some((m) => does(m, "simmer")) ? "glazed" : "dry";
}

const does = (step: MethodStep, ...any: readonly Operation[]): boolean =>
  any.some((op) => step.operations.includes(op));
/** What is poured: a liquid, and whatever is mostly water and no vegetable. */
const isWet = (food: Food | null): boolean =>
  food !== null && food.id !== "tomato" && (food.group === "liquid" || food.id === "tomatoes-tinned");
