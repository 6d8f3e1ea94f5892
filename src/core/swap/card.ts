import { foodsOf, type RouteId } from "../dish/dish";
import { openBook } from "../foods/book";
import type { Food, FoodId } from "../foods/food";
import { solidsG, totalG } from "../process/contents";
import type { Answer, Answers, Table } from "./answer";
import { type Packs, packsFor } from "./brings";
import type { Leaving } from "./meats";
import type { Aim } from "../bite/targets";

/** One vessel of a route, small: what is in it after a step, g. */
export interface SmallVessel {
  readonly key: string;
  readonly solidsG: number;
  readonly waterG: number;
  readonly oilG: number;
  readonly massG: number;
}
/** An answer as a screen shows it: the plan itself stays in the worker. */
export interface RouteCard extends Omit<Answer, "plan" | "route"> {
  readonly id: RouteId;
  readonly name: string;
  readonly how: string;
  readonly food: FoodId;
  readonly littleProtein: boolean;
  readonly honest: boolean;
  readonly vessels: readonly SmallVessel[];
  /** Whole packs of the main food; null for what is sold loose. */
  readonly packs: Packs | null;
}
/** All routes with what left, and the foods that they name. */
export interface SwapAnswer {
  readonly leaving: Leaving;
  readonly aim: Aim | null;
  readonly cards: readonly RouteCard[];
  readonly foods: readonly Food[];
}

/** What a screen shows of every route that can be asked for. */
export function cardsOf({ leaving, aim, answers }: Answers, table: Table): SwapAnswer {
  const { food } = openBook(table);
  // Everything that a sentence of a card may name.
  const named = new Set(answers.flatMap((a) => [...foodsOf(a.dish), ...a.moved.map((m) => m.from)]));
  const cards = answers.map((a) => ({ ...cardOf(a), packs: packsFor(food(a.route.food) ?? { packs: [] }, a.mainG) }));
  return { leaving, aim, cards, foods: [...named].flatMap((id) => food(id) ?? []) };
}

function cardOf({ route, plan, ...answer }: Answer): Omit<RouteCard, "packs"> {
  const main = plan.dishes[0]?.parts.find((p) => p.id === "main");
  const vessels = (main?.rows ?? []).flatMap((row): SmallVessel[] => {
    if (row.state !== "computed") return [];
    const { batch } = row.outcome.after;
    return [{ key: row.key, solidsG: solidsG(batch), waterG: batch.waterG, oilG: batch.oilG, massG: totalG(batch) }];
  });
  const { id, name, how, food, littleProtein, honest } = route;
  return { ...answer, id, name, how, food, littleProtein, honest, vessels };
}
