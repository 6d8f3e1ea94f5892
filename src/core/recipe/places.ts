import type { Food, FoodId, FoodLookup } from "../foods/food";
import type { FoodLine } from "../process/step";
import { isHeated, type MethodStep, type Operation } from "./method";
import type { RecipeRead } from "./recipe";

/** A food of the recipe that goes into the dish. */
export interface Known {
  readonly food: FoodId;
  /** Null while nobody has said how much. */
  readonly massG: number | null;
  /** What it may weigh, where it was counted or poured; null where it was weighed. */
  readonly between: FoodLine["between"] | null;
  readonly line: number;
  readonly byTaste: boolean;
}

/** Whether a sentence does any of this. */
export const does = (step: MethodStep, ...any: readonly Operation[]): boolean =>
  any.some((op) => step.operations.includes(op));
/** What is poured: a liquid, and whatever is mostly water and no vegetable. */
export const isWet = (food: Food | null): boolean =>
  food !== null && food.id !== "tomato" && (food.group === "liquid" || food.id === "tomatoes-tinned");

/** What is laid over something that then goes into the oven. */
export const TOPS = /\btop(?:ped|ping)?\b|\bscatter|\bsprinkle|\bover the top\b|\bcover with\b/i;
const TO_SERVE = /\bto (?:serve|garnish|finish)\b/i;
/** What is done to meat before it is heated, with what is named beside it. */
const WITH_MEAT = /\bmarinad|\brub\b|\bseason\b|\btoss\b|\bcoat\b/i;

const MELTS = new Set(["plant-cheese", "yeast-flakes"]);

/** Where a food of the list goes: in at the frying, where it is wet, over it before the oven, or in at the end. */
export type Place = "fried" | "wet" | "top" | "end";
/** What the first sentence that names a food does with it; what no sentence names goes where the method is wet. */
export function placeOf(k: Known, { method, lines }: RecipeRead, food: Food | null): Place {
  const at = method.findIndex((m) => m.lines.includes(k.line));
  const step = method[at];
  if (TO_SERVE.test(lines[k.line]?.text ?? "") && (step === undefined || !isHeated(step))) return "end";
  if (step === undefined) {
    // What the method never names goes into the sauce, but for what melts: that is laid over.
    if (MELTS.has(k.food)) return method.some((m) => does(m, "bake")) ? "top" : "end";
    return method.some((m) => does(m, "simmer", "boil")) ? "wet" : "end";
  }
  const baked = method.slice(at).some((m) => does(m, "bake"));
  if (TOPS.test(step.text) && baked && !does(step, "fry", "sear", "simmer", "boil")) return "top";
  if (does(step, "serve") && !isHeated(step)) return "end";
  // "Heat the oil in a pan. Fry …"
  const next = method[at + 1];
  if (food?.group === "fat" && !isHeated(step) && next !== undefined && does(next, "fry", "sear")) return "fried";
  const fries = food !== null && ["vegetable", "mushroom", "fat"].includes(food.group);
  if (does(step, "fry", "sear") && (fries || !does(step, "simmer", "boil"))) return "fried";
  return method.slice(at).some(isHeated) ? "wet" : "end";
}

/** The first sentence that speaks of a line says what becomes of it. */
const firstOf = (line: number, method: readonly MethodStep[]): MethodStep | undefined =>
  method.find((m) => m.lines.includes(line));

/** What goes into the meat itself before it is heated: what it is marinated, rubbed or mixed and shaped with. */
export function withMeat(known: readonly Known[], meat: number, { method }: RecipeRead, foods: FoodLookup): Known[] {
  return known.filter((k) => {
    // Salt that is tasted: the route salts by itself.
    if (k.food === "salt" && k.byTaste) return false;
    const step = firstOf(k.line, method);
    if (step === undefined || !step.lines.includes(meat) || isHeated(step)) return false;
    if (does(step, "marinate") || WITH_MEAT.test(step.text)) return true;
    // A mix that is shaped takes no sauce.
    return !isWet(foods(k.food)) && (does(step, "shape") || (does(step, "mix") && shapedAfter(step, method)));
  });
}
/** Whether what is mixed here is shaped later. */
export const shapedAfter = (step: MethodStep, method: readonly MethodStep[]): boolean =>
  method.slice(method.indexOf(step)).some((m) => does(m, "shape"));

/** How a word of the list says that it is cut, mm (common practice); the first that fits counts. */
const CUTS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:grated|minced|crushed|pressed)\b/, 2],
  [/\bfine(?:ly)? (?:chopped|diced|sliced)\b/, 4],
  [/\b(?:roughly|coarsely) (?:chopped|diced)\b|\bcubed?\b|\bchunks?\b|\bwedges\b|\bquartered\b/, 25],
  [/\bhalved\b/, 40],
  [/\bthickly sliced\b/, 10],
  [/\bsliced\b|\brings\b|\bstrips\b|\bmatchsticks\b/, 5],
  [/\b(?:chopped|diced)\b/, 8],
];
/** As most kitchens chop an onion. */
const USUAL_MM = 8;
/** How large a line wants its food, mm: "in 2 cm pieces", "finely chopped". */
export function cutMm(line: number, { lines }: RecipeRead): number {
  const text = (lines[line]?.text ?? "").toLowerCase();
  const [, size, unit] = /(\d+(?:\.\d+)?)\s*-?\s*(mm|cm)\b/.exec(text) ?? [];
  if (size !== undefined) return Math.max(1, Math.min(300, Number(size) * (unit === "cm" ? 10 : 1)));
  return CUTS.find(([word]) => word.test(text))?.[1] ?? USUAL_MM;
}

/** What is mashed together with the potatoes of a line. */
export const withMash = (known: readonly Known[], potatoes: number, { method }: RecipeRead): Known[] =>
  known.filter((k) => {
    const step = firstOf(k.line, method);
    return k.line !== potatoes && step !== undefined && does(step, "mash") && step.lines.includes(potatoes);
  });
