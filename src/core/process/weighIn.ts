import { fail, type Result, succeed } from "../quantities/result";
import { add, type Contents, liquor, portion, solidsG, subtract, sum, totalG } from "./contents";
import { type Output, type Outcome, scaledInput } from "./ledger";
import type { Meaning } from "./descriptor";

/** Why a reading says nothing, for `ui/wording/failures`. */
export type WeighInFailure =
  | { readonly kind: "not-weighed-here" }
  | { readonly kind: "below-possible"; readonly lowestG: number }
  | { readonly kind: "above-possible"; readonly highestG: number };

/** A step's account as the scale corrects it. */
export interface Corrected {
  readonly outcome: Outcome;
  /** Liquor, water or addition left over computed; 1 when the scale agrees. */
  readonly factor: number;
}

/**
 * A reading replaces a computed mass and says what else left or stayed.
 *
 * After draining and squeezing the difference is liquor, so water and every dissolved species are multiplied by
 * k = (reading − solids − oil)/(computed − solids − oil). After heat the difference is water alone. After an
 * addition it is more or less of what was added. Every gram stays accounted for: the ledger's other side moves too.
 *
 * @param meaning what the scale says after a step of this kind; null: nothing
 * @param readingG the food alone, vessel tared, g
 */
export function correctByReading(
  meaning: Meaning | null,
  outcome: Outcome,
  readingG: number,
): Result<Corrected, WeighInFailure> {
  const { batch } = outcome.after;
  if (meaning === null || outcome.after.bath !== null) return fail({ kind: "not-weighed-here" });
  const computedG = totalG(batch);
  const gone = sum(outcome.outputs.map((l) => l.contents));
  switch (meaning) {
    case "liquor": {
      const fixedG = solidsG(batch) + batch.oilG;
      const highestG = computedG + totalG(liquor(gone, gone.waterG));
      if (readingG <= fixedG) return fail({ kind: "below-possible", lowestG: fixedG });
      if (readingG > highestG + 0.5) return fail({ kind: "above-possible", highestG });
      const factor = (readingG - fixedG) / (computedG - fixedG);
      return succeed({ factor, outcome: exchange(outcome, liquor(batch, batch.waterG * (factor - 1)), "drain") });
    }
    case "water": {
      const lowestG = computedG - batch.waterG;
      const highestG = computedG + gone.waterG;
      if (readingG <= lowestG) return fail({ kind: "below-possible", lowestG });
      if (readingG > highestG + 0.5) return fail({ kind: "above-possible", highestG });
      const differenceG = readingG - computedG;
      const factor = batch.waterG === 0 ? 1 : (batch.waterG + differenceG) / batch.waterG;
      return succeed({ factor, outcome: exchange(outcome, { ...liquor(batch, 0), waterG: differenceG }, "air") });
    }
    case "addition": {
      const added = sum(outcome.inputs.map((c) => c.contents));
      const addedG = totalG(added);
      const lowestG = computedG - addedG;
      if (addedG === 0) return fail({ kind: "not-weighed-here" });
      if (readingG < lowestG) return fail({ kind: "below-possible", lowestG });
      if (readingG > lowestG + 3 * addedG) return fail({ kind: "above-possible", highestG: lowestG + 3 * addedG });
      const factor = (readingG - lowestG) / addedG;
      const more = portion(added, factor - 1);
      const inputs = outcome.inputs.map((c) => scaledInput(c, factor));
      const after = { ...outcome.after, batch: { ...add(batch, more), tempC: batch.tempC } };
      return succeed({ factor, outcome: { ...outcome, after, inputs } });
    }
  }
}

/** Moves `more` (negative: less) into the batch and out of what had left, so that nothing is created. */
function exchange(outcome: Outcome, more: Contents, to: Output["to"]): Outcome {
  const { batch } = outcome.after;
  let moved = false;
  const left = outcome.outputs.map((l) => {
    if (moved || l.to !== to) return l;
    moved = true;
    return { ...l, contents: subtract(l.contents, more) };
  });
  const after = { ...outcome.after, batch: { ...add(batch, more), tempC: batch.tempC } };
  return { ...outcome, after, outputs: moved ? left : [...left, { to, contents: portion(more, -1) }] };
}
