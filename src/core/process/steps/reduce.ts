import { minutesToReduce } from "../../models/reduction";
import { fail } from "../../quantities/result";
import { add, at, subtract, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, overfull, panAndBurner, panNeeds, together, watch } from "./common";
import { thicknessFacts } from "./sauce";
import { defineStep, fryingPan, number, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, toShare: number(0.1, 1) } as const;
type ReduceStep = StepWith<"reduce", typeof FIELDS>;

/** A thin sauce, mostly water (engineering estimate). */
const SAUCE_HEAT_J_PER_G_K = 3.9;

/** Reduce to a share of its mass at the boil: the water is given, the minutes follow from the burner (card 10). */
function reduce(vessel: Vessel, step: ReduceStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const mixed = add(vessel.batch, together(came.value));
  if (mixed.waterG <= 0) return fail({ kind: "no-liquid" });
  const offG = Math.min(mixed.waterG * 0.95, totalG(mixed) * (1 - step.toShare));
  const time = minutesToReduce({
    massG: totalG(mixed),
    waterOffG: offG,
    startC: mixed.tempC,
    boilC: context.boilC,
    burnerW: burner.ratedW,
    efficiency: burner.efficiency,
    lossW: context.draw("pan heat loss"),
    specificHeat: SAUCE_HEAT_J_PER_G_K,
  });
  if (!time.ok) return time;
  const steam = water(offG, context.boilC);
  const batch = at(subtract(mixed, steam), context.boilC);
  return outcome({ ...vessel, batch }, [hands(step, context, 1), watch(time.value.heatMin + time.value.boilMin)], {
    inputs: came.value,
    outputs: [{ to: "air", contents: steam }],
    needs: panNeeds(pan),
    facts: [{ kind: "water-off", massG: offG }, ...thicknessFacts(batch, context), ...overfull(pan, totalG(mixed))],
  });
}

/** What the house knows of “reduce”: settings, defaults, waits, weigh-in and rule. */
export const reduceStep = defineStep({
  kind: "reduce",
  fields: FIELDS,
  usual: { pan: null, toShare: 0.75 },
  waitsMin: 60,
  weighed: "water",
  takesBath: true,
  again: true,
  addsAround: true,
  apply: reduce,
});
