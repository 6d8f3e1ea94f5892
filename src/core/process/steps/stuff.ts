import { checkNumber, fail, firstBad } from "../../quantities/result";
import { add, totalG } from "../contents";
import type { ShapedPieces, StepContext, Vessel } from "../ledger";
import type { StuffStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together } from "./common";

/** Stuff or wrap: the filling goes into so many shells, halves or sheets, in equal shares. */
export function stuff(vessel: Vessel, step: StuffStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  const bad = firstBad(
    checkNumber("number of pieces", step.count, 1, 500),
    checkNumber("thickness of a piece", step.thicknessMm, 3, 200),
  );
  if (bad) return fail(bad);
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  const count = Math.round(step.count);
  const eachG = totalG(batch) / count;
  const acrossMm = Math.sqrt(eachG / 1.03e-3 / step.thicknessMm);
  const pieces: ShapedPieces = {
    count,
    eachG,
    form: "shell",
    diameterMm: acrossMm,
    thicknessMm: step.thicknessMm,
    lengthMm: acrossMm,
  };
  return outcome({ ...vessel, batch, pieces }, [hands(step, context, 1 + count * 0.8)], {
    came: came.value,
    facts: [{ kind: "pieces", pieces, offTarget: false, thick: false }],
  });
}
