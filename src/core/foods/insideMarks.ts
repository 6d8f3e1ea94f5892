import type { FoodId } from "./food";

/** What has to be hot to the middle before it is eaten: raw egg, raw meat or fish, raw flour in a mix, and what was cooked and kept. */
export const INSIDE_MARKS = ["raw-egg", "raw-meat", "raw-dough", "kept-cooked"] as const;
/** One of these. */
export type InsideMark = (typeof INSIDE_MARKS)[number];
const RAW_FLOURS: ReadonlySet<FoodId> = new Set([
  "wheat-flour",
  "wholemeal-flour",
  "semolina",
  "oat-flour",
  "chickpea-flour",
  "rice-flour",
  "brown-rice-flour",
  "buckwheat-flour",
  "quinoa-flour",
  "gf-flour",
]);
/** Meat, fish and seafood that are sold raw. */
export const RAW_MEATS: ReadonlySet<FoodId> = new Set([
  "beef-mince",
  "pork-mince",
  "chicken-mince",
  "lamb-mince",
  "beef-strips",
  "pork-shoulder",
  "chicken-breast",
  "bacon",
  "sausages",
  "cod",
  "salmon",
  "prawns",
]);
/** What a food brings that has to be hot to the middle; null for most. */
export const insideMarkOf = (kin: FoodId): InsideMark | null =>
  kin === "egg" ? "raw-egg" : RAW_MEATS.has(kin) ? "raw-meat" : RAW_FLOURS.has(kin) ? "raw-dough" : null;
