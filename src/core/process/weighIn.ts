import { fail, type Result, succeed } from "../quantities/result";
import { add, type Contents, liquor, NOTHING, portion, solidsG, SOLUTES, subtract, sum, totalG } from "./contents";
import { type Output, type Outcome, scaledInput } from "./ledger";
import type { Meaning } from "./descriptor";

/** Why a reading says nothing, for `words/failures`. */
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
 * After draining, squeezing and boiling the difference is liquor, with what is dissolved in what ran off (after a squeeze that
 * is the liquor's own: k = (reading − solids − oil)/(computed − solids − oil)). After heat the difference is water alone. After an
 * addition it is more or less of what was added, after a coat more or less of what clings. Every gram stays accounted for: the
 * ledger's other side moves too.
 *
 * A reading that the step alone cannot explain, but within a tenth of what was computed, is how kitchens are: what is missing
 * then stuck somewhere, what is too much is water that came along.
 *
 * @param meaning what the scale says after a step of this kind; null: nothing
 * @param readingG the food alone, vessel tared, g
 */
export function correctByReading(
  meaning: Meaning | null,
  outcome: Outcome,
  readingG: number,
): Result<Corrected, WeighInFailure> {
  const read = explained(meaning, outcome, readingG);
  if (read.ok || read.failure.kind === "not-weighed-here") return read;
  const computedG = totalG(outcome.after.batch);
  if (Math.abs(readingG - computedG) > NEAR * computedG) return read;
  const nearestG = read.failure.kind === "below-possible" ? read.failure.lowestG + 1e-3 : read.failure.highestG;
  const nearest = explained(meaning, outcome, nearestG);
  // What the step explains of it, but nothing that leads away from the scale.
  const toward = nearest.ok && (nearestG - computedG) * (readingG - computedG) > 0;
  const { factor, outcome: made } = toward ? nearest.value : { factor: 1, outcome };
  const { batch } = made.after;
  const restG = readingG - totalG(batch);
  const more = restG < 0 ? portion(batch, restG / totalG(batch)) : { ...NOTHING, waterG: restG };
  const after = { ...made.after, batch: { ...add(batch, more), tempC: batch.tempC } };
  const inputs = restG > 0 ? [...made.inputs, { from: "step" as const, contents: more }] : made.inputs;
  const outputs = restG < 0 ? [...made.outputs, { to: "utensil" as const, contents: portion(more, -1) }] : made.outputs;
  return succeed({ factor, outcome: { ...made, after, inputs, outputs } });
}
/** Within so much of the computed weight no reading is refused. */
const NEAR = 0.1;

function explained(meaning: Meaning | null, outcome: Outcome, readingG: number): Result<Corrected, WeighInFailure> {
  const { batch } = outcome.after;
  if (meaning === null || outcome.after.bath !== null) return fail({ kind: "not-weighed-here" });
  const computedG = totalG(batch);
  const left = (to: Output["to"]) => sum(outcome.outputs.flatMap((l) => (l.to === to ? [l.contents] : [])));
  switch (meaning) {
    case "liquor": {
      const fixedG = solidsG(batch) + batch.oilG;
      const { more, less } = strengthsOf(batch, left("drain"));
      const lowestG = computedG - batch.waterG * (1 + less.soluteG);
      const highestG = computedG + left("drain").waterG * (1 + more.soluteG);
      if (readingG <= Math.max(fixedG, lowestG)) return fail({ kind: "below-possible", lowestG });
      if (readingG > highestG + 0.5) return fail({ kind: "above-possible", highestG });
      const differenceG = Math.min(readingG, highestG) - computedG;
      const factor = (readingG - fixedG) / (computedG - fixedG);
      const moved = film(differenceG > 0 ? more : less, differenceG, batch.tempC);
      return succeed({ factor, outcome: exchange(outcome, moved, "drain") });
    }
    case "water": {
      const lowestG = computedG - batch.waterG;
      const highestG = computedG + left("air").waterG;
      if (readingG <= lowestG) return fail({ kind: "below-possible", lowestG });
      if (readingG > highestG + 0.5) return fail({ kind: "above-possible", highestG });
      const differenceG = Math.min(readingG, highestG) - computedG;
      const factor = batch.waterG === 0 ? 1 : (batch.waterG + differenceG) / batch.waterG;
      return succeed({ factor, outcome: exchange(outcome, { ...liquor(batch, 0), waterG: differenceG }, "air") });
    }
    case "clings":
      return clung(outcome, readingG);
    case "addition": {
      // What sticks to the bowl sticks of what was added too: the rest of it is what the scale can see.
      const stuckG = totalG(left("utensil"));
      const stuck = stuckG <= 0 ? 0 : stuckG / (computedG + stuckG);
      const came = sum(outcome.inputs.map((c) => c.contents));
      const added = stuck === 0 ? came : portion(came, 1 - stuck);
      const addedG = totalG(added);
      const lowestG = computedG - addedG;
      if (addedG === 0) return fail({ kind: "not-weighed-here" });
      if (readingG < lowestG) return fail({ kind: "below-possible", lowestG });
      if (readingG > lowestG + 3 * addedG) return fail({ kind: "above-possible", highestG: lowestG + 3 * addedG });
      const factor = (readingG - lowestG) / addedG;
      const more = portion(added, factor - 1);
      const inputs = outcome.inputs.map((c) => scaledInput(c, factor));
      const after = { ...outcome.after, batch: { ...add(batch, more), tempC: batch.tempC } };
      const outputs = stuck === 0 ? outcome.outputs : stuckAnew(outcome.outputs, portion(came, (factor - 1) * stuck));
      return succeed({ factor, outcome: { ...outcome, after, inputs, outputs } });
    }
  }
}

/** More of what went in (negative: less) sticks in the bowl as well. */
function stuckAnew(outputs: readonly Output[], more: Contents): readonly Output[] {
  const at = outputs.findIndex((l) => l.to === "utensil");
  return outputs.map((l, i) =>
    i === at ? { ...l, contents: { ...add(l.contents, more), tempC: l.contents.tempC } } : l,
  );
}

/** What is dissolved in each gram of water. */
interface Strength {
  readonly per: Pick<Contents, (typeof SOLUTES)[number]>;
  readonly soluteG: number;
}
/**
 * The strength of liquor that comes back, and of liquor that is missing. What comes back is as strong as what ran off; what is
 * missing has never more dissolved in it than batch or run-off, so that nothing falls below zero.
 */
function strengthsOf(batch: Contents, gone: Contents): { readonly more: Strength; readonly less: Strength } {
  const strength = (of: (species: (typeof SOLUTES)[number]) => number): Strength => {
    const per = { saltG: of("saltG"), sugarG: of("sugarG"), acidG: of("acidG"), umamiG: of("umamiG") };
    return { per, soluteG: per.saltG + per.sugarG + per.acidG + per.umamiG };
  };
  const inside = strength((s) => (batch.waterG === 0 ? 0 : batch[s] / batch.waterG));
  if (gone.waterG <= 0) return { more: inside, less: inside };
  const outside = strength((s) => gone[s] / gone.waterG);
  return { more: outside, less: strength((s) => Math.min(inside.per[s], outside.per[s])) };
}
/** So many grams of liquor of a strength. */
function film({ per, soluteG }: Strength, massG: number, tempC: number): Contents {
  const waterG = massG / (1 + soluteG);
  const dissolved = Object.fromEntries(SOLUTES.map((s) => [s, per[s] * waterG]));
  return { ...NOTHING, ...dissolved, waterG, tempC };
}

/** A coat or glaze: between nothing of what was offered and all of it clings; what does not goes back to the bowl. */
function clung(outcome: Outcome, readingG: number): Result<Corrected, WeighInFailure> {
  const offered = sum(outcome.inputs.map((c) => c.contents));
  const stays = sum(outcome.outputs.flatMap((l) => (l.to === "utensil" ? [l.contents] : [])));
  const offeredG = totalG(offered);
  if (offeredG === 0) return fail({ kind: "not-weighed-here" });
  const computedG = totalG(outcome.after.batch);
  const clungG = offeredG - totalG(stays);
  const lowestG = computedG - clungG;
  const highestG = lowestG + offeredG;
  if (readingG < lowestG) return fail({ kind: "below-possible", lowestG });
  if (readingG > highestG + 0.5) return fail({ kind: "above-possible", highestG });
  const more = portion(offered, (Math.min(readingG, highestG) - computedG) / offeredG);
  const factor = clungG === 0 ? 1 : (readingG - lowestG) / clungG;
  return succeed({ factor, outcome: exchange(outcome, more, "utensil") });
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

/** How the weight comes back to what was planned, before anything after it has to change. */
export type WayBack =
  | { readonly kind: "again"; readonly toG: number }
  | { readonly kind: "water"; readonly massG: number }
  | { readonly kind: "add"; readonly massG: number };

/** Differences that no cook goes back for: 2 % of the batch, at least 3 g. */
const NOT_WORTH_IT = { share: 0.02, leastG: 3 } as const;

/**
 * The way back to plan after a reading: the step once more where it is too heavy, water where it came out too dry, the missing
 * grams where too little went in. Null where there is none, or nothing to go back for.
 */
export function wayBack(
  { scaleSays, again }: { readonly scaleSays: Meaning | null; readonly again: boolean },
  plannedG: number,
  readingG: number,
): WayBack | null {
  const overG = readingG - plannedG;
  if (Math.abs(overG) < Math.max(NOT_WORTH_IT.leastG, NOT_WORTH_IT.share * plannedG)) return null;
  if (scaleSays === "addition") return overG < 0 ? { kind: "add", massG: -overG } : null;
  if (!again) return null;
  return overG > 0 ? { kind: "again", toG: plannedG } : { kind: "water", massG: -overG };
}
