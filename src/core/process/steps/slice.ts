import { estimate } from "../../quantities/range";
import { checkNumber, fail, firstBad } from "../../quantities/result";
import { add, portion, subtract, totalG } from "../contents";
import { isMarked, type ShapedPieces, type StepContext, type Vessel } from "../ledger";
import type { SliceStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together } from "./common";

/** Crumbs left on the board, share of the mass (engineering estimate). */
const CRUMBS = estimate(0, 0.01, 0.03);

/** Slice into so many pieces of a thickness; crumbs stay on the board. */
export function slice(vessel: Vessel, step: SliceStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const whole = add(vessel.batch, together(came.value));
  if (totalG(whole) <= 0) return fail({ kind: "empty-vessel" });
  if (isMarked(vessel, "frozen")) return fail({ kind: "still-frozen" });
  const bad = firstBad(
    checkNumber("thickness of a slice", step.thicknessMm, 0.5, 100),
    checkNumber("number of slices", step.count, 1, 500),
  );
  if (bad) return fail(bad);
  const crumbs = portion(whole, context.draw("crumbs", CRUMBS));
  const batch = subtract(whole, crumbs);
  const count = Math.round(step.count);
  const eachG = totalG(batch) / count;
  const acrossMm = Math.sqrt(eachG / 1.05e-3 / step.thicknessMm);
  const pieces: ShapedPieces = {
    count,
    eachG,
    form: "slice",
    diameterMm: acrossMm,
    thicknessMm: step.thicknessMm,
    lengthMm: acrossMm,
  };
  return outcome({ ...vessel, batch, pieces, cutMm: step.thicknessMm }, [hands(step, context, 1 + count * 0.15)], {
    came: came.value,
    left: [{ to: "utensil", contents: crumbs }],
    facts: [{ kind: "pieces", pieces, offTarget: false, thick: false }],
  });
}
