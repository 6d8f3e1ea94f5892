import type { Food, FoodId } from "./food";
import { ALSO } from "./names";

/** Lower case without accents, so that "crème" is found by "creme". */
const plain = (text: string): string =>
  text
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase();

/** Words that name nothing: of "corn on the cob" corn and cob are looked for. */
const SAYS_NOTHING: ReadonlySet<string> = new Set("a an and of on or the with in for to some".split(" "));

/** How well a name answers a word: whole name 0, its start 1, a whole word 2, start of a word 3, inside 5; null is not at all. */
function rank(name: string, query: string): number | null {
  const at = name.indexOf(query);
  if (at < 0) return null;
  if (name === query) return 0;
  if (at === 0) return 1;
  const starts = [...name.matchAll(/[^\s(),-]+/g)];
  if (starts.some(([word]) => word === query)) return 2;
  if (starts.some(([word]) => word.startsWith(query))) return 3;
  // Only a long word says something inside another one: "on" is in cinnamon, and means nothing there.
  return query.length >= INSIDE_FROM ? 5 : null;
}
const INSIDE_FROM = 4;

/** What a search found. */
export interface FoundFoods {
  /** Best first; ties by name. */
  readonly foods: readonly Food[];
  /** Words that no name of these has: they only come nearest, and are not what was asked for. */
  readonly missed: readonly string[];
}
/** A list of foods that can be asked for by name. */
export interface FoodIndex {
  /** Foods that answer. An empty query gives all by name. */
  readonly find: (query: string, most?: number) => FoundFoods;
  /** The name on the shelf. */
  readonly nameOf: (food: FoodId) => string;
}

/**
 * Search over names, the names of other regions and of recipes. Every word of the query has to be found somewhere, "-s" or not; a
 * food whose own name begins with it comes first. When nothing has every word, what has the most of them is shown, and the words
 * that it lacks are told: "frozen peas" are peas, "kohlrabi crisps" are none of the crisps.
 */
export function foodIndex(foods: readonly Food[]): FoodIndex {
  const entries = foods
    .map((food) => ({
      food,
      names: [food.name, ...food.also].map(plain),
      called: (ALSO[food.id] ?? "").split(", ").filter(Boolean).map(plain),
    }))
    .sort((a, b) => a.food.name.localeCompare(b.food.name, "en"));
  const shelf = new Map(foods.map((f) => [f.id, f.name]));
  return {
    nameOf: (food) => shelf.get(food) ?? food,
    find: (query, most = 50) => {
      const text = plain(query).trim();
      const words = text.split(/\s+/).filter((word) => word !== "" && !SAYS_NOTHING.has(word));
      const answers = entries.map(({ food, names, called }) => {
        if (names[0] === text) return { food, missed: [], score: -2 };
        // What a recipe calls it, word for word, is what is meant: rice is white rice, a red chilli a fresh one.
        if (text !== "" && called.some((name) => isSame(name, text))) return { food, missed: [], score: -1 };
        const scores = words.map((word) => scoreOf([...names, ...called], names.length, word));
        const missed = words.filter((_, i) => scores[i] === null);
        return { food, missed, score: scores.reduce<number>((a, b) => a + (b ?? 0), 0) };
      });
      const fewest = Math.min(...answers.map((a) => a.missed.length));
      if (fewest > words.length / 2) return { foods: [], missed: words };
      const found = answers.filter((a) => a.missed.length === fewest).sort((a, b) => a.score - b.score);
      return { foods: found.slice(0, most).map((a) => a.food), missed: found[0]?.missed ?? [] };
    },
  };
}
const isSame = (name: string, text: string): boolean =>
  name === text || `${name}s` === text || `${name}es` === text || name === `${text}s`;

/** The best of the names for one word, lower is better; a name of another region counts a little less than the one on the shelf. */
function scoreOf(names: readonly string[], own: number, word: string): number | null {
  const singular = word.length > 3 && word.endsWith("s") ? word.slice(0, -1) : null;
  let best: number | null = null;
  names.forEach((name, i) => {
    const found = rank(name, word) ?? (singular === null ? null : rank(name, singular));
    const score = found === null ? null : found + (i === 0 ? 0 : i < own ? 0.5 : 1);
    if (score !== null && (best === null || score < best)) best = score;
  });
  return best;
}
