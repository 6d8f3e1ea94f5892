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

export interface FoodIndex {
  /** Foods that answer, best first; ties by name. An empty query gives all by name. */
  readonly find: (query: string, most?: number) => readonly Food[];
}

/**
 * Search over names and the names of other regions. Every word of the query has to be found somewhere; a food
 * whose own name begins with it comes first.
 */
export function foodIndex(foods: readonly Food[]): FoodIndex {
  const entries = foods
    .map((food) => ({ food, names: [food.name, ...food.also].map(plain) }))
    .sort((a, b) => a.food.name.localeCompare(b.food.name, "en"));
  return {
    find: (query, most = 50) => {
      const words = plain(query).split(/\s+/).filter(Boolean);
      const found: { food: Food; score: number }[] = [];
      for (const { food, names } of entries) {
        let score: number | null = 0;
        for (const word of words) {
          let best: number | null = null;
          names.forEach((name, i) => {
            const r = rank(name, word);
            // A regional name counts a little less than the name on the shelf.
            if (r !== null && (best === null || r + (i > 0 ? 0.5 : 0) < best)) best = r + (i > 0 ? 0.5 : 0);
          });
          score = best === null || score === null ? null : score + best;
        }
        if (score !== null) found.push({ food, score });
      }
      return found
        .sort((a, b) => a.score - b.score)
        .slice(0, most)
        .map((f) => f.food);
    },
  };
}
