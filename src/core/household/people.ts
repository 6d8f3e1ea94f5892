import type { Allergen } from "../foods/allergens";

/** Somebody at the table. */
export interface Eater {
  readonly id: string;
  readonly name: string;
  readonly avoids: readonly Allergen[];
  /** Under five: some shapes are no food for them. */
  readonly small: boolean;
}
