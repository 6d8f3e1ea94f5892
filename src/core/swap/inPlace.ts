import { type Dish, linesOf, type Part } from "../dish/dish";
import { editPart, freeId, removePart } from "../dish/edit";
import type { FoodLookup } from "../foods/food";
import { type Line, type PartId, timesLine } from "../process/step";
import type { Step } from "../process/registry";

const BATTER = "batter";

/** The batters that only this part takes, whole; null where it takes other parts, or somebody uses what runs off it. */
export function ownBatters(dish: Dish, part: Part): readonly PartId[] | null {
  const lines = linesOf(dish);
  const own = new Set(part.steps.map((s) => s.id));
  const takes = lines.flatMap(({ part: into, line }) => (into.id === part.id && line.kind === "part" ? [line] : []));
  const isOwn = (id: PartId) =>
    id.startsWith(BATTER) && lines.filter(({ line }) => line.kind === "part" && line.part === id).length === 1;
  const isUsed = lines.some(({ part: by, line }) => line.kind === "liquor" && by.id !== part.id && own.has(line.step));
  return isUsed || takes.some((l) => !isOwn(l.part)) ? null : takes.map((l) => l.part);
}

/**
 * The part of a dish whose place a route can take: the one that a route made, else the first with plant protein in it; null where
 * others hang on it.
 */
export function partToSwap(dish: Dish, foods: FoodLookup): Part | null {
  const holds = (p: Part) =>
    p.steps.some((s) => s.adds.some((l) => l.kind === "food" && foods(l.food)?.group === "protein"));
  const part = dish.parts.find((p) => p.route !== null) ?? dish.parts.find(holds);
  return part === undefined || ownBatters(dish, part) === null ? null : part;
}

/**
 * The dish with what a route makes in a part's place: its own part, and the batter that it may need. Everything else stays.
 *
 * @param made the dish that the route makes, for its own servings; what stands round its part is not taken
 */
export function inPlaceOf(dish: Dish, part: Part, made: Dish): Dish {
  const main = made.parts.find((p) => p.route !== null);
  const batters = ownBatters(dish, part);
  if (main === undefined || batters === null) return dish;
  const second = made.parts.find((p) => p.id === BATTER);
  const times = dish.servings / made.servings;
  const emptied = editPart(dish, part.id, (p) => ({ ...p, steps: [] }));
  const bare = batters.reduce((d: Dish, id) => removePart(d, id), emptied);
  const batter = second === undefined ? null : freeId(bare, BATTER);
  const line = (l: Line): Line =>
    timesLine(l.kind === "part" && batter !== null ? { ...l, part: batter } : l, l.kind === "food" ? times : 1);
  const named = (steps: readonly Step[], prefix: string): Step[] =>
    steps.map((s, i) => ({ ...s, id: `${prefix}-${main.route?.id}-${i + 1}`, adds: s.adds.map(line) }) as Step);
  const { name, route, saltTarget, waitsForTableMin, steps } = main;
  const changed = { ...part, name, route, saltTarget, waitsForTableMin, steps: named(steps, part.id) };
  return {
    ...bare,
    parts: [
      ...bare.parts.map((p) => (p.id === part.id ? changed : p)),
      ...(second === undefined || batter === null
        ? []
        : [{ ...second, id: batter, steps: named(second.steps, batter) }]),
    ],
  };
}

/** What left the pan as the cook said it for a route, its grams for the dish's own servings as all grams of a dish are. */
export function replacedBy(dish: Dish, { replaces, servings }: Dish): Dish["replaces"] {
  if (replaces === null || replaces.rawG === null) return replaces;
  return { ...replaces, rawG: (replaces.rawG * dish.servings) / servings };
}
