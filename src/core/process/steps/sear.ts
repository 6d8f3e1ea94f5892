import { UNKNOWN_LAYER_MM } from "../../foods/process";
import { FOOD_HEAT_J_PER_G_K, LATENT_HEAT_J_PER_G, minutesToDry } from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, mainFood, oil, solidsG, subtract, totalG, water } from "../contents";
import { type Fact, type Output, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, fryingPans, hands, outcome, panNeeds, together } from "./common";
import { pieceShapeOf, SURFACES, wetMiddleAfter } from "./geometry";
import { oilTaken, PREHEAT_MIN, roomInPanG, SWAP_MIN } from "./pan";
import { defineStep, flag, fryingPan, number, since, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, twoPans: since(flag, false), browningMin: number(0, 60) } as const;
type SearStep = StepWith<"sear", typeof FIELDS>;

/** A batch that takes longer than this to dry steams instead of searing (engineering estimate). */
const LONGEST_DRYING_MIN = 4;

/**
 * Sear in batches: a batch is limited by the room in the pan and by the water that the burner can drive off before
 * the food stews. Wetter pieces therefore mean more or longer batches. Browning begins only on a dry surface. In two pans at
 * once each takes what it and its burner can.
 *
 * Energy balance in `models/panHeat`; share of water lost and oil taken up are engineering estimates (card 1).
 */
function sear(vessel: Vessel, step: SearStep, context: StepContext): Applied {
  const { batch } = vessel;
  const food = mainFood(batch);
  if (food === null) return fail({ kind: "empty-vessel" });
  const pans = fryingPans(context, step);
  if (!pans.ok) return pans;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const brought = together(came.value);
  const { draw, drawOf } = context;
  const figures = context.figures(food);

  const mass = totalG(batch);
  const brownsAt = figures.brownsAtMoisture ? drawOf("browns at", food, figures.brownsAtMoisture) : Infinity;
  const waterOffG = Math.min(
    batch.waterG,
    Math.max(draw("pan water lost") * batch.waterG, batch.waterG - solidsG(batch) * brownsAt),
  );
  const layerMm = vessel.pieces?.thicknessMm ?? drawOf("layer", food, figures.layerMm ?? UNKNOWN_LAYER_MM);
  const joulesPerG = FOOD_HEAT_J_PER_G_K * (context.boilC - context.roomC) + (waterOffG / mass) * LATENT_HEAT_J_PER_G;
  const holds = pans.value.map(({ pan, netW }) => {
    const roomG = roomInPanG(pan, layerMm);
    const heatG = (netW * LONGEST_DRYING_MIN * 60) / joulesPerG;
    return { netW, massG: Math.min(roomG, heatG), byRoom: roomG <= heatG };
  });
  const atOnceG = holds.reduce((sum, h) => sum + h.massG, 0);
  const count = Math.max(1, Math.ceil(mass / atOnceG));
  // Of two pans the one that takes longer to dry decides.
  let dryMin = 0;
  for (const { netW, massG } of holds) {
    const share = massG / atOnceG / count;
    const dry = minutesToDry({
      netW,
      massG: mass * share,
      waterOffG: waterOffG * share,
      startC: context.roomC,
      boilC: context.boilC,
    });
    if (!dry.ok) return dry;
    dryMin = Math.max(dryMin, dry.value);
  }
  const eachMin = dryMin + step.browningMin;

  const { taken, stays } = oilTaken(context, brought, waterOffG, batch);
  const steam = water(waterOffG, 100);
  const with_ = add(batch, subtract(brought, oil(brought.oilG, brought.tempC)));
  // One face after the other: half of the minutes count for the middle.
  const shape = pieceShapeOf({ ...vessel, batch, cutMm: vessel.cutMm ?? layerMm }, context);
  const heat = { surface: SURFACES.panContact, startC: batch.tempC, aroundC: context.boilC };
  const after = at(add(subtract(with_, steam), taken), wetMiddleAfter(context, shape, heat, eachMin / 2));
  const left: Output[] = [{ to: "air", contents: steam }];
  if (stays.oilG > 1e-9) left.push({ to: "utensil", contents: stays });
  const facts: Fact[] = [
    {
      kind: "batches",
      count,
      eachG: mass / count,
      eachMin,
      limitedBy: holds[0]?.byRoom ? "room in the pan" : "heat of the burner",
    },
    { kind: "water-off", massG: waterOffG },
  ];
  const minutes = step.handsMin ?? PREHEAT_MIN + count * eachMin + (count - 1) * SWAP_MIN * holds.length;
  return outcome({ ...vessel, batch: after }, [hands({ ...step, handsMin: minutes }, context, 0)], {
    inputs: came.value,
    outputs: left,
    needs: pans.value.flatMap(({ pan }) => panNeeds(pan)),
    facts,
  });
}

/** What the house knows of “sear”: settings, defaults, waits, weigh-in and rule. */
export const searStep = defineStep({
  kind: "sear",
  fields: FIELDS,
  usual: { pan: null, twoPans: false, browningMin: 2 },
  waitsMin: 10,
  weighed: "water",
  lines: "coat",
  apply: sear,
});
