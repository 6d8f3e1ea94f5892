import type { FoodId } from "@/core/foods/food";
import { writeMass, writeMassRange } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import type { TypedFood } from "@/core/recipe/lines/typed";

/** What was typed, as it was understood: "Chilli, fresh: about 15 g (10–25 g)", "Salt, table · White pepper · Nutmeg, ground". */
export function describeTyped(read: readonly TypedFood[], nameOf: (food: FoodId) => string, units: UnitSystem): string {
  const [only, ...others] = read;
  if (only === undefined) return "";
  if (others.length > 0) return read.map(({ food, grams }) => withGrams(nameOf(food), grams, units)).join(" · ");
  const { grams } = only;
  if (grams === null) return `${nameOf(only.food)}, amount to be said`;
  const isRange = grams.high - grams.low > 0.05 * grams.likely;
  return `${nameOf(only.food)}: ${writeMass(grams.likely, units)}${isRange ? ` (${writeMassRange(grams.low, grams.high, units)})` : ""}`;
}
const withGrams = (name: string, grams: TypedFood["grams"], units: UnitSystem): string =>
  grams === null ? name : `${name} ${writeMass(grams.likely, units)}`;

/** What a search shows only comes nearest: these words are in no name. */
export const describeNearest = (missed: readonly string[]): string =>
  `No food here is called “${missed.join(" ")}”. These come nearest:`;
