import { minutesToDry } from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, oil, subtract, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together, watch } from "./common";
import { pieceShapeOf, SURFACES, wetMiddleAfter } from "./geometry";
import { brownedLossOf, brownedOffG, PREHEAT_MIN, STEAMED_THROUGH } from "./pan";
import { defineStep, fryingPan, number, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, browningMin: number(0, 60) } as const;
type BrownStep = StepWith<"brown", typeof FIELDS>;

/**
 * Brown vegetables or mushrooms: each food loses a share of its raw mass as water (ranges of card 19), more the longer it
 * browns, and the minutes follow from the heat that takes.
 */
function brown(vessel: Vessel, step: BrownStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const all = add(vessel.batch, together(came.value));
  const free = oil(all.oilG, all.tempC);
  const raw = subtract(all, free);
  if (totalG(raw) <= 0) return fail({ kind: "empty-vessel" });

  const waterOffG = brownedOffG(raw, brownedLossOf(raw, context), step.browningMin);
  const dry = minutesToDry({
    netW: burner.netW,
    massG: totalG(raw),
    waterOffG,
    startC: context.roomC,
    boilC: context.boilC,
  });
  if (!dry.ok) return dry;
  const steam = water(waterOffG, 100);
  // Steamed and stirred in their own water while it goes: heat from all sides, if only as hot as it boils.
  const middleC = wetMiddleAfter(
    context,
    pieceShapeOf({ ...vessel, batch: raw }, context),
    { surface: SURFACES.panContact, startC: all.tempC, aroundC: context.boilC },
    (dry.value + step.browningMin) / 2,
  );
  const after = at(subtract(all, steam), waterOffG > STEAMED_THROUGH * totalG(raw) ? context.boilC : middleC);
  return outcome(
    { ...vessel, batch: after },
    [hands(step, context, 1), watch(PREHEAT_MIN + dry.value + step.browningMin)],
    {
      inputs: came.value,
      outputs: [{ to: "air", contents: steam }],
      needs: panNeeds(pan),
      facts: [{ kind: "water-off", massG: waterOffG }],
    },
  );
}

/** What the house knows of “brown”: settings, defaults, waits, weigh-in and rule. */
export const brownStep = defineStep({
  kind: "brown",
  fields: FIELDS,
  usual: { pan: null, browningMin: 3 },
  waitsMin: 60,
  weighed: "water",
  apply: brown,
});
