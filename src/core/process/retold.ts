import type { ProcessFigures } from "../foods/process";
import type { FoodId } from "../foods/food";
import { totalG } from "./contents";
import { type Fact, isMarked, type Outcome } from "./ledger";
import { bindingOf } from "./steps/common";
import { thicknessFacts } from "./steps/sauce";

/**
 * What a step tells, told again of what the scale found: the window of a mix, how thick a sauce is, what a piece weighs. A
 * reading that changes the mix and leaves the old verdict standing would be worse than none.
 *
 * @param before the account as computed
 * @param corrected the same with the reading in it
 */
export function retold(before: Outcome, corrected: Outcome, figures: (food: FoodId) => ProcessFigures): Outcome {
  const { after } = corrected;
  const share = totalG(after.batch) / Math.max(1e-9, totalG(before.after.batch));
  const pieces = after.pieces && { ...after.pieces, eachG: after.pieces.eachG * share };
  const again = (fact: Fact): readonly Fact[] => {
    switch (fact.kind) {
      case "binding": {
        const set = isMarked(after, "set-by-heat");
        const state = bindingOf(after.batch, set ? Infinity : (after.boundMin ?? 0), figures, set);
        return state === null ? [] : [{ kind: "binding", state }];
      }
      case "thickness":
        // Round shaped pieces the sauce was told of alone; the scale had both on it and cannot say how much of each.
        return pieces === null ? thicknessFacts(after.batch, { figures }) : [];
      case "pieces":
        return pieces === null ? [] : [{ ...fact, pieces }];
      default:
        return [fact];
    }
  };
  return { ...corrected, after: { ...after, pieces }, facts: corrected.facts.flatMap(again) };
}
