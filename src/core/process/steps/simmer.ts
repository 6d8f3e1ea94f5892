import { minutesToReduce, openEvaporationGPerMin } from "../../models/reduction";
import { discM2 } from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, type Contents, mainFood, NOTHING, subtract, totalG, water } from "../contents";
import { type Input, middleOf, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, overfull, panAndBurner, panNeeds, together, watch } from "./common";
import { pieceShapeOf, SURFACES, wetMiddleAfter } from "./geometry";
import { SIMMER_BELOW_BOIL_C, thicknessFacts } from "./sauce";
import { softenedBy } from "./soften";
import { scaledSolids } from "../solids";
import { defineStep, flag, fryingPan, number, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, minutes: number(0, 600), lid: flag } as const;
type SimmerStep = StepWith<"simmer", typeof FIELDS>;

/** Heat that a pan loses to the room (engineering estimate). */
const PAN_LOSS_W = 60;

/**
 * Simmer in sauce, with or without lid; parts and foods join here. What went in cold has to come to heat first, by the power of
 * the burner; the minutes count from there. Evaporation by the Lewis analogy (card 10). The middle of pieces follows by
 * conduction: a few seconds heat nothing.
 */
function simmer(vessel: Vessel, step: SimmerStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const mixed = add(vessel.batch, together(came.value));
  if (mixed.waterG <= 0) return fail({ kind: "no-liquid" });
  const simmerC = context.boilC - SIMMER_BELOW_BOIL_C;
  const heat = minutesToReduce({
    massG: totalG(mixed),
    waterOffG: 0,
    startC: mixed.tempC,
    boilC: simmerC,
    burnerW: burner.ratedW,
    efficiency: burner.efficiency,
    lossW: PAN_LOSS_W,
    specificHeat: 3.9,
  });
  if (!heat.ok) return heat;
  const perMin = step.lid
    ? mixed.waterG * context.draw("loss under the lid")
    : openEvaporationGPerMin(simmerC, discM2(pan.diameterM), context.roomC, 0.97, context.draw("air over the pan"));
  const steam = water(Math.min(mixed.waterG * 0.95, perMin * step.minutes), simmerC);
  const middleC = inPieces(vessel, mixed, context)
    ? wetMiddleAfter(
        context,
        pieceShapeOf({ ...vessel, batch: mixed }, context),
        // Pieces that lay there begin with their own middle, whatever is poured over them.
        {
          surface: SURFACES.simmering,
          startC: vessel.pieces === null ? mixed.tempC : Math.min(mixed.tempC, middleOf(vessel)),
          aroundC: simmerC,
        },
        // While it comes to heat the pieces are on the way too: half of that time counts.
        step.minutes + heat.value.heatMin / 2,
      )
    : simmerC;
  // The pot is as hot as its liquid, whatever the middle of a piece.
  const batch = at(subtract(mixed, steam), simmerC);
  const softened = softenedBy(vessel, came.value, mixed, simmerC, step.minutes, context);
  const sauce = thicknessFacts(sauceOf(vessel, came.value, batch), context);
  const after = { ...vessel, batch, middleC: middleC < simmerC - 1 ? middleC : null };
  return outcome(after, [hands(step, context, 1), watch(heat.value.heatMin + step.minutes)], {
    inputs: came.value,
    outputs: [{ to: "air", contents: steam }],
    needs: panNeeds(pan),
    facts: [...(softened === null ? [] : [softened]), ...sauce, ...overfull(pan, totalG(mixed))],
  });
}

/** Whether it has a middle that heats by itself: shaped, cut, or sold in pieces; a sauce is stirred to one heat. */
function inPieces(vessel: Vessel, mixed: Contents, context: StepContext): boolean {
  if (vessel.pieces !== null || vessel.cutMm !== null) return true;
  const food = context.food(mainFood(mixed) ?? "");
  return food !== null && (food.group === "mushroom" || food.group === "protein" || food.measures.piece !== undefined);
}

/** A third of the flour and crumb on and in shaped pieces comes off into the sauce and thickens it (rule of thumb). */
const COMES_OFF = 1 / 3;
/** What the sauce is made of: everything, or round shaped pieces what came now and a little of them. */
const sauceOf = (vessel: Vessel, came: readonly Input[], batch: Contents): Contents =>
  vessel.pieces === null
    ? batch
    : add(together(came), { ...NOTHING, solids: scaledSolids(vessel.batch.solids, COMES_OFF), tempC: batch.tempC });

/** What the house knows of “simmer”: settings, defaults, waits, weigh-in and rule. */
export const simmerStep = defineStep({
  kind: "simmer",
  fields: FIELDS,
  usual: { pan: null, minutes: 5, lid: false },
  waitsMin: 60,
  weighed: "water",
  takesBath: true,
  again: true,
  addsAround: true,
  apply: simmer,
});
