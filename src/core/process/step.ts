import type { FoodId } from "../foods/food";
import type { Id } from "../quantities/id";

/** Name of a step, unique within its dish. */
export type StepId = Id<"step">;
/** Name of a part, unique within its dish. */
export type PartId = Id<"part">;
/** Name of a dish, unique within its supper and on the shelf. */
export type DishId = Id<"dish">;

/**
 * Something that goes in: grams of a food (per the dish's own number of servings), a share of a finished part, or a
 * share of the liquor that an earlier step poured or pressed off.
 */
export type Line =
  | { readonly kind: "food"; readonly food: FoodId; readonly massG: number }
  | { readonly kind: "part"; readonly part: PartId; readonly share: number }
  | { readonly kind: "liquor"; readonly step: StepId; readonly share: number };

/** What every step has beside its kind's own settings. */
export interface StepCommon {
  readonly id: StepId;
  readonly kind: string;
  readonly adds: readonly Line[];
  /** The cook's own minutes of hands-on work instead of the usual ones. */
  readonly handsMin: number | null;
  /** How long the result may wait for the next step; null for the usual. */
  readonly mayWaitMin: number | null;
  /** Done on another day: the block lies frozen in the freezer, the beans are cooked. It costs no time and no hands now. */
  readonly ready?: boolean;
}

/** Forms that pieces are given by hand. */
export const SHAPE_FORMS = ["ball", "patty", "log", "loaf", "fillet", "rasher", "parcel", "skewer"] as const;
/** A form that pieces are given by hand. */
export type ShapeForm = (typeof SHAPE_FORMS)[number];

/** A share that nobody takes for none or for all. */
export const SHARES = { low: 0.01, high: 0.99 } as const;
/** An inch: half of what the FDA allows for a shallow pan, since a home fridge has no fan (common practice). */
export const SHALLOW_MM = 25;
