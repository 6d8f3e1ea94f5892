import type { AllergenChange } from "@/core/foods/book";
import type { FoodLookup } from "@/core/foods/food";
import type { Meaning } from "@/core/process/descriptor";
import type { Pace } from "@/core/schedule/underWay";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import { ALLERGEN_NAMES, foodName } from "./words";

/** How the cooking stands against its time. `at` is the clock time in so many minutes after serving. */
export function describePace(
  { lateMin, earlyMin }: Pace,
  at: (minutes: number) => string,
): { late: boolean; says: string } {
  if (lateMin >= 1) return { late: true, says: `${writeMinutes(lateMin)} behind · ready ${at(lateMin)}` };
  if (earlyMin >= 2) return { late: false, says: `${writeMinutes(earlyMin)} ahead` };
  return { late: false, says: `on time for ${at(0)}` };
}

/** How a reading differs from the computed weight. */
export function describeDifference(differenceG: number, meaning: Meaning | null, units: UnitSystem): string {
  if (Math.abs(differenceG) < 1) return "Just as predicted.";
  const [more, less] = meaning === "addition" ? ["more", "less"] : ["wetter", "drier"];
  return `${writeMass(Math.abs(differenceG), units)} ${differenceG > 0 ? more : less} than predicted.`;
}

const STATES = {
  contains: "contains it",
  may: "may contain it",
  free: "is free of it",
  unknown: "has to be read on the label",
} as const;
/** An allergen that stands otherwise than when the cooking began. */
export const describeAllergenChange = ({ food, allergen, to }: AllergenChange, foods: FoodLookup): string =>
  `Since you began: ${foodName(foods, food)}, ${ALLERGEN_NAMES[allergen]}: now it ${STATES[to]}. The stricter of then and now counts.`;
