import { type Dish, foodsOf } from "../dish/dish";
import { type Allergen, ALLERGENS } from "../foods/allergens";
import type { FoodBook } from "../foods/book";
import type { Plan } from "../plan";
import type { Answer, Question } from "./answer";
import { longestChain } from "../schedule/longest";

/** What a dish holds for certain, and what only labels can tell. */
export function allergensOf(dish: Dish, book: FoodBook): Pick<Answer, "contains" | "mayHold"> {
  const states = (allergen: Allergen) =>
    [...foodsOf(dish)].map((id) => book.food(id)?.allergens[allergen] ?? "unknown");
  const contains = ALLERGENS.filter((a) => states(a).includes("contains"));
  return {
    contains,
    mayHold: ALLERGENS.filter((a) => !contains.includes(a) && states(a).some((s) => s === "unknown" || s === "may")),
  };
}

/** Labels that have to be read for somebody at the table. */
export const questionsOf = (made: Plan): Question[] =>
  made.verdicts.flatMap(({ eater, allergen, ask, may }) =>
    ask.length + may.length === 0 ? [] : [{ eater, allergen, foods: [...ask, ...may].map((f) => f.food) }],
  );

/** What a card shows of a plan. */
type Figures = Pick<Answer, "leadMin" | "handsMin" | "batches" | "proteinG" | "saltG" | "oilG">;
/** Minutes, batches, protein, salt and free oil of a planned route. */
export function figuresOf(made: Plan): Figures {
  const rows = made.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows));
  let batches = 1;
  for (const row of rows)
    if (row.state === "computed")
      for (const fact of row.outcome.facts) if (fact.kind === "batches") batches = Math.max(batches, fact.count);
  const served = made.dishes.flatMap((d) => d.parts.filter((p) => p.served));
  const oilG = served.reduce((sum, p) => {
    const last = p.rows.at(-1);
    return last?.state === "computed" ? sum + last.outcome.after.batch.oilG : sum;
  }, 0);
  return {
    leadMin: longestChain(made.tasks, made.lags).minutes,
    handsMin: made.tasks.reduce((m, t) => (t.kind === "hands" ? m + t.minutes : m), 0),
    batches,
    proteinG: made.perEater.proteinG,
    saltG: made.perEater.saltG,
    oilG,
  };
}
