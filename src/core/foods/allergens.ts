/**
 * The fourteen groups of Annex II, Regulation (EU) 1169/2011, which take in the nine of the United States
 * (FALCPA 2004 and FASTER 2021: milk, egg, fish, crustacean shellfish, tree nuts, peanut, wheat, soy, sesame).
 * Two things are told apart in the cereals: "gluten" is what somebody with coeliac disease avoids (oats among them unless a
 * label says gluten-free), "wheat" is the allergy to wheat itself: barley, rye and oats are a question there, and gluten-free
 * wheat starch is no food for it.
 */
export const ALLERGENS = [
  "gluten",
  "wheat",
  "crustaceans",
  "egg",
  "fish",
  "peanut",
  "soy",
  "milk",
  "nuts",
  "celery",
  "mustard",
  "sesame",
  "sulphites",
  "lupin",
  "molluscs",
] as const;
/** One of the fourteen groups, or wheat by itself. */
export type Allergen = (typeof ALLERGENS)[number];

/**
 * What is known of one allergen in one food. `unknown` is never a pass: the cook is asked to read the label. `may` is a label
 * that says "may contain": told apart from "contains", and no pass either.
 */
export type AllergenState = "contains" | "may" | "free" | "unknown";
/** What a label can say. */
export type LabelState = Exclude<AllergenState, "unknown">;
/** What is known of all of them in one food. */
export type AllergenTable = Readonly<Record<Allergen, AllergenState>>;

const STRICTNESS: Readonly<Record<AllergenState, number>> = { free: 0, unknown: 1, may: 2, contains: 3 };
/**
 * The one of two states that a guest with an allergy is safer with.
 *
 *     stricter("free", "unknown") // => "unknown"
 *     stricter("may", "unknown") // => "may"
 *     stricter("contains", "may") // => "contains"
 */
export const stricter = (a: AllergenState, b: AllergenState): AllergenState => (STRICTNESS[a] >= STRICTNESS[b] ? a : b);

/** A table in which everything not named is free: only for foods whose kind settles it. */
export function allergenTable(contains: readonly Allergen[], ask: readonly Allergen[] = []): AllergenTable {
  const table = Object.fromEntries(ALLERGENS.map((a) => [a, "free"])) as Record<Allergen, AllergenState>;
  for (const a of ask) table[a] = "unknown";
  for (const a of contains) table[a] = "contains";
  return table;
}

/** For a food of which nothing was said. */
export const NOTHING_KNOWN: AllergenTable = allergenTable([], ALLERGENS);
