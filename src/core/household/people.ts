import type { Allergen } from "../foods/allergens";
import type { FoodId } from "../foods/food";
import type { Id } from "../quantities/id";

/**
 * Ages that cautions tell apart: shapes that choke below five, salt by day (NHS). "under-5" is what an older household said of
 * a child and nobody has said more closely since; it counts as the youngest of them.
 */
export const AGE_GROUPS = ["under-1", "1-3", "under-5", "4-6", "7-10", "11-17", "adult"] as const;
/** One of these groups. */
export type AgeGroup = (typeof AGE_GROUPS)[number];

/** Ways of eating that are rules of their own, each with its definition on screen (`safety/diets`). */
export const DIETS = [
  "vegan",
  "alcohol-free",
  "halal-minded",
  "no-added-oil",
  "no-added-salt",
  "no-added-sugar",
  "low-salt",
] as const;
/** One of these diets. */
export type DietId = (typeof DIETS)[number];

/** Low salt is at most so much a head at one supper: a quarter of an adult's 6 g a day (NHS, from memory). */
export const LOW_SALT_G = 1.5;

/** Name of somebody of the household. */
export type EaterId = Id<"eater">;
/** Somebody at the table. */
export interface Eater {
  readonly id: EaterId;
  readonly name: string;
  readonly avoids: readonly Allergen[];
  readonly diets: readonly DietId[];
  /** Foods that are no harm, only unwelcome: told beside the allergens, never as a caution. */
  readonly dislikes: readonly FoodId[];
  /** Null until somebody was asked. */
  readonly age: AgeGroup | null;
}

/** Below five, or in a group that begins below: some shapes are no food for them. */
export const isSmall = ({ age }: Eater): boolean =>
  age === "under-1" || age === "1-3" || age === "under-5" || age === "4-6";

/** Most salt a day, g (NHS, from memory: 1 under one, 2 to three, 3 to six, 5 to ten, 6 from eleven on). */
const SALT_A_DAY_G: Readonly<Record<AgeGroup, number>> = {
  "under-1": 1,
  "1-3": 2,
  "under-5": 2,
  "4-6": 3,
  "7-10": 5,
  "11-17": 6,
  adult: 6,
};
/** Most salt a day for somebody, g; where nobody said the age, that of an adult. */
export const saltADayG = ({ age }: Eater): number => SALT_A_DAY_G[age ?? "adult"];
