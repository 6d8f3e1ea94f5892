import { estimate } from "../../quantities/range";
import { checkNumber, fail, firstBad } from "../../quantities/result";
import { portion, subtract, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { SliceStep } from "../step";
import { type Applied, filled, hands, outcome } from "./common";
import { flatPieces } from "./geometry";

/** Crumbs left on the board, share of the mass (engineering estimate). */
const CRUMBS = estimate(0, 0.01, 0.03);

/** Slice into so many pieces of a thickness; crumbs stay on the board. */
export function slice(vessel: Vessel, step: SliceStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch: whole, came } = full.value;
  const bad = firstBad(
    checkNumber("thickness of a slice", step.thicknessMm, 0.5, 100),
    checkNumber("number of slices", step.count, 1, 500),
  );
  if (bad) return fail(bad);
  const crumbs = portion(whole, context.draw("crumbs", CRUMBS));
  const batch = subtract(whole, crumbs);
  const pieces = flatPieces("slice", Math.round(step.count), totalG(batch), step.thicknessMm);
  return outcome(
    { ...vessel, batch, pieces, cutMm: step.thicknessMm },
    [hands(step, context, 1 + pieces.count * 0.15)],
    {
      came,
      left: [{ to: "utensil", contents: crumbs }],
      facts: [{ kind: "pieces", pieces, offTarget: false, thick: false }],
    },
  );
}
