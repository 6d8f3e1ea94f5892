/** Forms in which meat leaves the pan. */
export const MEAT_FORMS = [
  "mince",
  "strips",
  "chunks",
  "pulled",
  "fillet",
  "battered",
  "rasher",
  "ball",
  "sausage",
  "patty",
  "loaf",
  "roast",
  "cutlet",
  "skewer",
  "bits",
  "cold-slices",
  "stock-bones",
] as const;
/** One of these forms. */
export type MeatForm = (typeof MEAT_FORMS)[number];

/** Kinds of meat, as far as their bite and their figures differ. */
export const MEAT_KINDS = ["beef", "pork", "poultry", "lamb", "white-fish", "oily-fish", "seafood"] as const;
/** One of these kinds. */
export type MeatKind = (typeof MEAT_KINDS)[number];
