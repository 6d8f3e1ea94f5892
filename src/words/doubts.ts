import type { FoodId } from "@/core/foods/food";
import { writeMass } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import type { Doubt } from "@/core/season/doubts";

const figure = (g: number): string => (g >= 10 ? String(Math.round(g)) : String(Number(g.toFixed(1))));

/** What is far from what cooks take, as a question that one press answers. */
export function describeDoubt(doubt: Doubt, nameOf: (food: FoodId) => string, units: UnitSystem): string {
  switch (doubt.kind) {
    case "share":
      return `${nameOf(doubt.food)}: ${figure(doubt.gPerKg)} g in a kilo of this dish, where ${figure(doubt.usualPerKg[0])} to ${figure(doubt.usualPerKg[1])} g are usual. Is this right?`;
    case "salt":
      return `${writeMass(doubt.eachG, units)} of salt for each in this one dish: more than a whole day's. Is this right?`;
    case "liquid":
      return `${writeMass(doubt.eachG, units)} of liquid for each in this one dish. Is this right?`;
  }
}
