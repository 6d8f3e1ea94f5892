"use client";

import { type Dish, foodsNamed, headCount } from "@/core/dish/dish";
import type { Plan, PlanInput } from "@/core/plan";
import type { RecipeOut } from "@/core/formats/recipeOut";
import type { Food, FoodLookup, FoodId } from "@/core/foods/food";
import { longestChain } from "@/core/schedule/longest";
import { describeStep } from "@/words/stepText";
import { amountInText, foodInText, type TextContext } from "@/words/words";
import { download, fileName } from "./download";

/** A dish of a supper as a file. The writers come when somebody asks for one. */
export async function saveDish(
  as: "file" | "json-ld" | "markdown",
  dish: Dish,
  {
    plan,
    input,
    textContext,
    own,
  }: {
    readonly plan: Plan;
    readonly input: PlanInput;
    readonly textContext: TextContext;
    readonly own: readonly Food[];
  },
): Promise<void> {
  const name = fileName(dish.name);
  if (as === "file") {
    const { writeHousehold } = await import("@/core/formats/household");
    const held = foodsNamed(dish);
    const household = {
      kitchen: null,
      eaters: [],
      labels: [],
      foods: own.filter((f) => held.has(f.id)),
      dishes: [dish],
      suppers: [],
      cookings: [],
      entries: [],
      recipes: [],
      prices: [],
    };
    download(`${name}.json`, "application/json", writeHousehold(household as never, new Date().toISOString()));
    return;
  }
  const { writeRecipeJsonLd, writeRecipeMarkdown } = await import("@/core/formats/recipeOut");
  const named = foodsNamed(dish);
  const kept = { dish, foods: own.filter((f) => named.has(f.id)) };
  const recipe = { ...recipeOf(dish, plan, input, textContext), kept };
  if (as === "json-ld") download(`${name}.jsonld`, "application/ld+json", writeRecipeJsonLd(recipe));
  else download(`${name}.md`, "text/markdown", writeRecipeMarkdown(recipe));
}

/** The dish in words, for those who eat at this supper. */
function recipeOf(dish: Dish, plan: Plan, input: PlanInput, textContext: TextContext): Omit<RecipeOut, "kept"> {
  const planned = plan.dishes.find((d) => d.id === dish.id);
  const tasks = plan.tasks.filter((t) => t.dish === dish.id);
  const pans = new Set(tasks.flatMap((t) => Object.keys(t.demands)));
  return {
    name: dish.name,
    servings: Math.max(1, headCount(input.supper)),
    ingredients: (planned?.parts ?? []).map((p) => ({
      part: p.name,
      lines: p.rows.flatMap((r) =>
        r.state === "computed"
          ? r.outcome.inputs.flatMap((i) =>
              i.from === "food"
                ? [`${amountInText(textContext, i.food, i.massG)} ${nameOf(textContext.foods, i.food)}`]
                : [],
            )
          : [],
      ),
    })),
    steps: (planned?.parts ?? []).flatMap((p) =>
      p.rows.flatMap((r) => {
        if (r.state !== "computed") return [];
        const { title, does, note } = describeStep(r, p.name, null, textContext);
        return [{ part: p.name, title, text: note === undefined ? does : `${does} ${note}` }];
      }),
    ),
    handsMin: tasks.reduce((m, t) => (t.kind === "hands" ? m + t.minutes : m), 0),
    totalMin: longestChain(tasks, plan.lags).minutes,
    tools: input.kitchen.pans.filter((pan) => [...pans].some((d) => d.includes(pan.id))).map((pan) => pan.name),
    proteinG: plan.perEater.proteinG,
    saltG: plan.perEater.saltG,
    replaces: dish.replaces?.words ?? null,
  };
}
const nameOf = (foods: FoodLookup, id: FoodId): string => foodInText(foods, id);
