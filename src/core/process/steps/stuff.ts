import { fail } from "../../quantities/result";
import { add, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, together } from "./common";
import { flatPieces } from "./geometry";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { count: number(1, 500), thicknessMm: number(3, 200) } as const;
type StuffStep = StepWith<"stuff", typeof FIELDS>;

/** Stuff or wrap: the filling goes into so many shells, halves or sheets, in equal shares. */
function stuff(vessel: Vessel, step: StuffStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  const pieces = flatPieces("shell", Math.round(step.count), totalG(batch), step.thicknessMm);
  return outcome({ ...vessel, batch, pieces }, [hands(step, context, 1 + pieces.count * 0.8)], {
    inputs: came.value,
    facts: [{ kind: "pieces", pieces, offTarget: false, thick: false }],
  });
}

/** What the house knows of “stuff”: settings, defaults, waits, weigh-in and rule. */
export const stuffStep = defineStep({
  kind: "stuff",
  fields: FIELDS,
  usual: { count: 8, thicknessMm: 30 },
  waitsMin: 120,
  weighed: "addition",
  lines: "fill",
  apply: stuff,
});
