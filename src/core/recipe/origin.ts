import { type Dish, type Origin, ORIGIN } from "../dish/dish";
import type { FoodLookup } from "../foods/food";
import type { RecipeRead } from "./recipe";
import type { Settled } from "./lines/settle";

const SAID = /^\s*(?:source|adapted from|recipe (?:from|by)|originally from|inspired by)\b\s*[:–-]?\s*(\S.{2,})$/i;
const ADDRESS = /\bhttps?:\/\/\S+/;
/** Where a recipe says that it is from: "Source: Gran's book", an address on a line of its own or in its data. Empty where it says nothing. */
export function originIn(lines: readonly string[], data: Readonly<Record<string, unknown>> | null): string {
  const url = [data?.isBasedOn, data?.url, data?.mainEntityOfPage].find((u) => typeof u === "string" && u !== "");
  if (typeof url === "string") return url.slice(0, ORIGIN.from);
  for (const line of lines) {
    const said = SAID.exec(line)?.[1] ?? (line.trim().split(/\s+/).length === 1 ? ADDRESS.exec(line)?.[0] : undefined);
    if (said !== undefined) return said.trim().slice(0, ORIGIN.from);
  }
  return "";
}

/** Where a dish came from, and each line of the list of which something else became. */
export function originOf(
  from: string,
  recipe: RecipeRead,
  settled: readonly Settled[],
  dish: Dish,
  foods: FoodLookup,
): Origin | undefined {
  if (from.trim() === "") return undefined;
  const routes = dish.parts.filter((p) => p.route !== null).map((p) => p.name);
  const changed = settled.flatMap((s): string[] => {
    const text = recipe.lines[s.line]?.text ?? "";
    if (s.state === "left-out" || s.instead?.out === true) return [`${text}: left out`];
    if (s.state === "meat") return [`${text}: ${routes.join(", ")}`];
    if (s.state !== "replaced") return [];
    return [`${text}: ${s.puts.map((p) => (p.food === null ? p.words : (foods(p.food)?.name ?? p.food))).join(", ")}`];
  });
  return {
    from: from.trim().slice(0, ORIGIN.from),
    changed: changed.slice(0, ORIGIN.changes).map((c) => c.slice(0, ORIGIN.change)),
  };
}
