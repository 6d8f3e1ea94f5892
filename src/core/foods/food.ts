import type { Id } from "../quantities/id";
import type { AllergenTable } from "./allergens";
import type { ProcessFigures } from "./process";

/** Name of a food inside the product; own foods have one of their own. */
export type FoodId = Id<"food">;
/** How far a figure is to be trusted. */
export type Confidence = "high" | "medium" | "low";

/** Where a figure comes from. "From memory" means that nobody had the page open while typing. */
export interface Provenance {
  readonly source: string;
  readonly confidence: Confidence;
}

/** Grams per 100 g as sold, sodium in mg. null is unknown, which is not the same as none. */
export interface Per100 {
  readonly waterG: number | null;
  readonly proteinG: number | null;
  readonly fatG: number | null;
  readonly carbohydrateG: number | null;
  readonly fibreG: number | null;
  readonly sugarsG: number | null;
  readonly sodiumMg: number | null;
  readonly acidG: number;
  readonly glutamateG: number;
}

/** Shelf on which a food stands; decides which of its fat and sugar is free. */
export type FoodGroup =
  | "protein"
  | "pulse"
  | "mushroom"
  | "vegetable"
  | "grain"
  | "starch"
  | "fat"
  | "liquid"
  | "seasoning"
  | "nut"
  | "animal"
  | "other";

/** How a shop sells it: name of the pack, grams on the label, grams once drained. */
export interface Pack {
  readonly name: string;
  readonly netG: number;
  readonly drainedG: number | null;
}
/** Days that it keeps once opened or cut (common practice; the label and the nose decide). */
export type Keeps = Readonly<Partial<Record<"fridge" | "freezer" | "cupboard", number>>>;

/** A food with everything that the table or the cook says of it. */
export interface Food {
  readonly id: FoodId;
  readonly name: string;
  /** Names in other regions, for the search. */
  readonly also: readonly string[];
  readonly group: FoodGroup;
  readonly per100: Per100;
  readonly allergens: AllergenTable;
  /** Grams of a household measure, such as `tbsp` or `piece`. */
  readonly measures: Readonly<Record<string, number>>;
  readonly packs: readonly Pack[];
  readonly keeps: Keeps;
  /** For a cook's own food: the food whose process figures it borrows; null when nobody knows. */
  readonly like: FoodId | null;
  readonly from: Provenance;
  /** Made by somebody else: what its packet says of salt and sugar was put in. Absent: grown, or a plain ingredient. */
  readonly bought?: true;
  /** Process figures as they were when a cooking began; absent: those of the table. */
  readonly process?: ProcessFigures;
}

/** Looks a food up; a food that no longer exists is null, and the step that wants it says so. */
export type FoodLookup = (id: FoodId) => Food | null;
