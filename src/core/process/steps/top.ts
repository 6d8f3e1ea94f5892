import { fail } from "../../quantities/result";
import { add, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { TopStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together } from "./common";

/** Top: crumbs, mash, herbs or sauce go over it; the shape underneath stays, and a layer grows by its topping. */
export function top(vessel: Vessel, step: TopStep, context: StepContext): Applied {
  const before = totalG(vessel.batch);
  if (before <= 0) return fail({ kind: "empty-vessel" });
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  const { pieces } = vessel;
  const grown =
    pieces === null
      ? null
      : {
          ...pieces,
          eachG: totalG(batch) / pieces.count,
          thicknessMm: pieces.form === "layer" ? (pieces.thicknessMm * totalG(batch)) / before : pieces.thicknessMm,
        };
  return outcome({ ...vessel, batch, pieces: grown }, [hands(step, context, 2 + step.adds.length / 2)], {
    came: came.value,
  });
}
