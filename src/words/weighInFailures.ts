import type { WeighInFailure } from "@/core/process/weighIn";
import type { UnitSystem } from "@/core/quantities/units";
import { writeMass } from "@/core/quantities/write";

/** Why a reading of the scale is not taken, and the way out. */
export function describeWeighInFailure(failure: WeighInFailure, units: UnitSystem): string {
  switch (failure.kind) {
    case "not-weighed-here":
      return "A reading says nothing at this step: weigh when nothing else lies in the bowl.";
    case "below-possible":
      return `That is less than the dry food in it (${writeMass(failure.lowestG, units)}). Was the bowl tared with food in it, or is it another unit?`;
    case "above-possible":
      return `That is more than was in the bowl (${writeMass(failure.highestG, units)}). Was the bowl tared, or is it another unit?`;
  }
}
