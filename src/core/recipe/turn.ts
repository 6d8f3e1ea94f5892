import type { Dish } from "../dish/dish";
import type { Setting } from "../bite/targets";
import type { Food, FoodId, FoodLookup } from "../foods/food";
import { ownFood } from "../foods/own";
import { meatParts, openPart, ownId, ownPots, restOf } from "./parts";
import { does, isWet, type Known, shapedAfter, withMeat } from "./places";
import type { RecipeRead } from "./recipe";
import { type Settled, USUAL_SERVINGS } from "./settle";

/** A dish made of a recipe, the foods that nobody knew, and the lines that a route makes needless. */
export interface Turned {
  readonly dish: Dish;
  readonly own: readonly Food[];
  /** Lines (egg and crumbs of a mix, a coating) that the route of the meat brings by itself. */
  readonly covered: readonly number[];
}

/** What binds or coats. */
const BINDERS = new Set([
  "ground-flax",
  "water",
  "breadcrumbs",
  "panko",
  "wheat-flour",
  "oat-milk",
  "soy-milk",
  "oats",
  "oat-flour",
  "aquafaba",
]);
/** What a batter is made of beside that. */
const BATTER = new Set([...BINDERS, "beer", "sparkling-water", "baking-powder", "corn-starch", "rice-flour"]);
/** Of a food that only the recipe names, characters: within what a household's file takes. */
const LONGEST_NAME = 120;
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

/**
 * The dish of a recipe: for each meat the parts of the route that takes its place, what has its own pot, and the rest in the
 * order of the method. Every line that was not left out is in it somewhere; what nobody knows lies in a part of its own,
 * so that it stops nothing else.
 *
 * @param routes the dishes of the routes, by the line of the meat
 */
export function turn(
  recipe: RecipeRead,
  settled: readonly Settled[],
  routes: ReadonlyMap<number, readonly Dish[]>,
  foods: FoodLookup,
  id: string,
): Turned {
  const meats = [...routes].flatMap(([line, dishes]) => dishes.map((dish) => ({ line, dish })));
  const covered = coveredBy(
    recipe,
    settled,
    meats.map((m) => m.dish),
  );
  const left = settled
    .filter((s) => !covered.includes(s.line))
    .flatMap((s) => s.puts.map((put) => ({ ...put, line: s.line })));
  const known: Known[] = [];
  const unknown: Known[] = [];
  const own = new Map<FoodId, Food>();
  for (const { food, words, massG, line, byTaste } of left) {
    const between = massG === null || massG.low === massG.high ? null : { lowG: massG.low, highG: massG.high };
    const put = { massG: massG?.likely ?? null, between, line, byTaste };
    if (food !== null) known.push({ ...put, food });
    else {
      const name = words.slice(0, LONGEST_NAME);
      own.set(ownId(words), ownFood(ownId(words), name));
      unknown.push({ ...put, food: ownId(words) });
    }
  }
  let beside: readonly Known[] = known;
  const mains = meats.flatMap(({ dish, line }, i) => {
    const within = withMeat(beside, line, recipe, foods);
    const made = meatParts(dish, i, within);
    if (made === null) return meatParts(dish, i, []) ?? [];
    beside = beside.filter((k) => !within.includes(k));
    return made;
  });
  const { parts: pots, left: others } = ownPots(beside, recipe, foods);
  const rest = restOf(others, mains, pots, recipe, foods);
  const open = unknown.length === 0 ? [] : [openPart(unknown)];
  const dish: Dish = {
    id,
    name: recipe.name,
    replaces: meats[0]?.dish.replaces ?? null,
    servings: recipe.servings ?? USUAL_SERVINGS,
    parts: [...mains, ...pots, ...rest, ...open],
  };
  return { dish, own: [...own.values()], covered };
}

/** Egg and crumbs that bind or coat, where the route binds and coats by itself. */
function coveredBy(recipe: RecipeRead, settled: readonly Settled[], dishes: readonly Dish[]): number[] {
  // A stock's route is made with its own water.
  const poured = dishes.some((d) => d.replaces?.form === "stock-bones")
    ? settled.filter((s) => s.puts.length > 0 && s.puts.every((p) => p.food === "water")).map((s) => s.line)
    : [];
  const kinds = new Set(dishes.flatMap((d) => d.parts.flatMap((p) => p.steps.map((s) => s.kind))));
  const coats = kinds.has("coat") || dishes.some((d) => d.parts.length > 1);
  if (!kinds.has("bind") && !coats) return poured;
  const mixes = recipe.method.filter(
    (m) =>
      (kinds.has("bind") && (does(m, "shape") || (does(m, "mix") && shapedAfter(m, recipe.method)))) ||
      (coats && /\b(?:coat|dip|dredge|crumb|batter|dust)\b/i.test(m.text)),
  );
  const used = new Set(mixes.flatMap((m) => m.lines));
  const ofBatter = coats
    ? new Set(recipe.method.filter((m) => /\bbatter\b/i.test(m.text)).flatMap((m) => m.lines))
    : new Set<number>();
  const made = ({ line, puts }: Settled, of: ReadonlySet<number>, by: ReadonlySet<string>) =>
    of.has(line) && puts.length > 0 && puts.every((p) => p.food !== null && by.has(p.food));
  const bound = settled.filter((s) => made(s, used, BINDERS) || made(s, ofBatter, BATTER)).map((s) => s.line);
  return [...poured, ...bound];
}
