/** How a word of the list says that it is cut, mm (common practice); the first that fits counts. */
const CUTS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:grated|minced|crushed|pressed)\b/, 2],
  [/\bfine(?:ly)? (?:chopped|diced|sliced)\b/, 4],
  [/\b(?:roughly|coarsely) (?:chopped|diced)\b|\bcubed?\b|\bchunks?\b|\bwedges\b|\bquartered\b/, 25],
  [/\bchips\b|\bfries\b/, 12],
  [/\bhalved\b/, 40],
  [/\bthickly sliced\b/, 10],
  [/\bsliced\b|\brings\b|\bstrips\b|\bmatchsticks\b/, 5],
  [/\b(?:chopped|diced)\b/, 8],
];
/** How large a line wants its food, mm: "in 2 cm pieces", "finely chopped"; null where it says nothing of it. */
export function cutMm(text: string): number | null {
  const lower = text.toLowerCase();
  const [, size, unit] = /(\d+(?:\.\d+)?)\s*-?\s*(mm|cm)\b/.exec(lower) ?? [];
  if (size !== undefined) return Math.max(1, Math.min(300, Number(size) * (unit === "cm" ? 10 : 1)));
  return CUTS.find(([word]) => word.test(lower))?.[1] ?? null;
}
