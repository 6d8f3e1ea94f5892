import { fail } from "../../quantities/result";
import { add, at } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together } from "./common";
import { SIMMER_BELOW_BOIL_C, thicknessFacts } from "./sauce";
import { defineStep, fryingPan, number, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, minutes: number(0, 60) } as const;
type ThickenStep = StepWith<"thicken", typeof FIELDS>;

/** Thicken: starch gelatinises in a minute or two at the boil; the strength is grams of corn-starch equivalent. */
function thicken(vessel: Vessel, step: ThickenStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = at(add(vessel.batch, together(came.value)), context.boilC - SIMMER_BELOW_BOIL_C);
  if (batch.waterG <= 0) return fail({ kind: "no-liquid" });
  return outcome({ ...vessel, batch }, [hands(step, context, 1 + step.minutes)], {
    inputs: came.value,
    needs: panNeeds(found.value.pan),
    facts: thicknessFacts(batch, context),
  });
}

/** What the house knows of “thicken”: settings, defaults, waits, weigh-in and rule. */
export const thickenStep = defineStep({
  kind: "thicken",
  fields: FIELDS,
  usual: { pan: null, minutes: 2 },
  waitsMin: 30,
  weighed: "addition",
  addsAround: true,
  apply: thicken,
});
