import { totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type TopStep = StepWith<"top", Record<never, Field>>;

/**
 * Top: crumbs, mash, herbs or sauce go over it; the shape underneath stays, and a layer grows by its topping.
 * On an empty plate its lines are the first things there.
 */
function top(vessel: Vessel, step: TopStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const before = totalG(vessel.batch);
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
    inputs: came,
  });
}

/** What the house knows of “top”: settings, defaults, waits, weigh-in and rule. */
export const topStep = defineStep({
  kind: "top",
  fields: {},
  usual: {},
  waitsMin: 60,
  weighed: "addition",
  apply: top,
});
