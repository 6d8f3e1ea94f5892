import { at, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, panAndBurner, panNeeds } from "./common";
import { defineStep, fryingPan, number, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, minutes: number(0.1, 60) } as const;
type ToastStep = StepWith<"toast", typeof FIELDS>;

/** Nuts and crumbs begin to brown, and after so many minutes all of their loss is counted (rules of thumb). */
const TOASTED_C = 120;
const FULL_HEAT_MIN = 2;

/** Toast nuts or crumbs, or bloom spices in fat: some of their little water goes, the longer the more. Stir throughout. */
function toast(vessel: Vessel, step: ToastStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const stays = (1 - context.draw("toasted")) ** (step.minutes / 5);
  const steam = water(batch.waterG * (1 - stays), 100);
  // Dry and thin it passes the boil, up to so much in two minutes (engineering estimate); a moment only warms it.
  const towards = Math.min(1, step.minutes / FULL_HEAT_MIN);
  const after = at(
    { ...batch, waterG: batch.waterG - steam.waterG },
    batch.tempC + (TOASTED_C - batch.tempC) * towards,
  );
  return outcome(
    { ...vessel, batch: after },
    [hands({ ...step, handsMin: step.handsMin ?? step.minutes + 1 }, context, 0)],
    {
      inputs: came,
      outputs: [{ to: "air", contents: steam }],
      needs: panNeeds(found.value.pan),
      facts: [{ kind: "rule-of-thumb", what: "loss" }],
    },
  );
}

/** What the house knows of “toast”: settings, defaults, waits, weigh-in and rule. */
export const toastStep = defineStep({
  kind: "toast",
  fields: FIELDS,
  usual: { pan: null, minutes: 5 },
  waitsMin: null,
  weighed: "water",
  apply: toast,
});
