import type { Food } from "./food";

/** Lower case without accents, so that "crème" is found by "creme". */
const plain = (text: string): string =>
  text
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase();

/** How well a name answers: whole name 0, its start 1, start of a word 2, inside 3; null is not at all. */
function rank(name: string, query: string): number | null {
  const at = name.indexOf(query);
  if (at < 0) return null;
  if (name === query) return 0;
  if (at === 0) return 1;
  return /[\s(,-]/.test(name.charAt(at - 1)) ? 2 : 3;
}

/** A list of foods that can be asked for by name. */
export interface FoodIndex {
  /** Foods that answer, best first; ties by name. An empty query gives all by name. */
  readonly find: (query: string, most?: number) => readonly Food[];
}

/**
 * Search over names and the names of other regions. Every word of the query has to be found somewhere, "-s" or not; a
 * food whose own name begins with it comes first. When nothing has every word, what has the most of them is shown:
 * "frozen peas" are peas.
 */
export function foodIndex(foods: readonly Food[]): FoodIndex {
  const entries = foods
    .map((food) => ({ food, names: [food.name, ...food.also].map(plain) }))
    .sort((a, b) => a.food.name.localeCompare(b.food.name, "en"));
  return {
    find: (query, most = 50) => {
      const words = plain(query).split(/\s+/).filter(Boolean);
      const answers = entries.map(({ food, names }) => {
        const scores = words.map((word) => scoreOf(names, word)).filter((score) => score !== null);
        return { food, missed: words.length - scores.length, score: scores.reduce((a, b) => a + b, 0) };
      });
      const fewest = Math.min(...answers.map((a) => a.missed));
      if (fewest > words.length / 2) return [];
      return answers
        .filter((a) => a.missed === fewest)
        .sort((a, b) => a.score - b.score)
        .slice(0, most)
        .map((a) => a.food);
    },
  };
}

/** The best of the names for one word, lower is better; a regional name counts a little less than the one on the shelf. */
function scoreOf(names: readonly string[], word: string): number | null {
  const singular = word.length > 3 && word.endsWith("s") ? word.slice(0, -1) : null;
  let best: number | null = null;
  names.forEach((name, i) => {
    const found = rank(name, word) ?? (singular === null ? null : rank(name, singular));
    const score = found === null ? null : found + (i > 0 ? 0.5 : 0);
    if (score !== null && (best === null || score < best)) best = score;
  });
  return best;
}
