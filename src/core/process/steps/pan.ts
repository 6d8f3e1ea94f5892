import { processOf, UNKNOWN_LAYER_MM } from "../../foods/process";
import { discM2, FOOD_HEAT_J_PER_G_K, LATENT_HEAT_J_PER_G, minutesToDry } from "../../models/panHeat";
import { estimate } from "../../quantities/range";
import { fail } from "../../quantities/result";
import { add, at, type Contents, mainFood, oil, solidsG, subtract, totalG, water } from "../contents";
import type { Fact, Left, StepContext, Vessel } from "../ledger";
import type { BrownStep, SearStep } from "../step";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together, watch } from "./common";

/** Share of a pan's floor that food may cover and still be turned (common practice). */
const DRY_PAN_PACKING = 0.7;
/** A batch that takes longer than this to dry steams instead of searing (engineering estimate). */
const LONGEST_DRYING_MIN = 4;
const WET_DENSITY_G_PER_MM_M2 = 1.03 * 1000;
const SWAP_MIN = 0.5;
const PREHEAT_MIN = 2;
/** Share of the water lost in a pan, and oil taken up per gram of water lost (engineering estimates). */
const WATER_LOST = estimate(0.08, 0.14, 0.2);
const OIL_PER_WATER = estimate(0.1, 0.2, 0.35);

/** Oil that the food takes up; the rest stays on the pan. */
function oilTaken(context: StepContext, free: Contents, waterOffG: number): { taken: Contents; stays: Contents } {
  const massG = Math.min(free.oilG, context.draw("oil uptake", OIL_PER_WATER) * waterOffG);
  return { taken: oil(massG, 100), stays: oil(free.oilG - massG, 100) };
}

/**
 * Sear in batches: a batch is limited by the room in the pan and by the water that the burner can drive off before
 * the food stews. Wetter pieces therefore mean more or longer batches. Browning begins only on a dry surface.
 *
 * Energy balance in `models/panHeat`; share of water lost and oil taken up are engineering estimates (card 1).
 */
export function sear(vessel: Vessel, step: SearStep, context: StepContext): Applied {
  const { batch } = vessel;
  const food = mainFood(batch);
  if (food === null) return fail({ kind: "empty-vessel" });
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const brought = together(came.value);
  const { draw, drawLot } = context;
  const figures = processOf(food);

  const mass = totalG(batch);
  const brownsAt = figures.brownsAtMoisture ? drawLot(`${food} browns at`, figures.brownsAtMoisture) : Infinity;
  const waterOffG = Math.min(
    batch.waterG,
    Math.max(draw("water lost", WATER_LOST) * batch.waterG, batch.waterG - solidsG(batch) * brownsAt),
  );
  const roomG =
    DRY_PAN_PACKING *
    discM2(pan.diameterM) *
    drawLot(`${food} layer`, figures.layerMm ?? UNKNOWN_LAYER_MM) *
    WET_DENSITY_G_PER_MM_M2;
  const joulesPerG = FOOD_HEAT_J_PER_G_K * (context.boilC - context.roomC) + (waterOffG / mass) * LATENT_HEAT_J_PER_G;
  const heatG = (burner.netW * LONGEST_DRYING_MIN * 60) / joulesPerG;
  const count = Math.max(1, Math.ceil(mass / Math.min(roomG, heatG)));
  const dry = minutesToDry({
    netW: burner.netW,
    massG: mass / count,
    waterOffG: waterOffG / count,
    startC: context.roomC,
    boilC: context.boilC,
  });
  if (!dry.ok) return dry;
  const eachMin = dry.value + step.browningMin;

  const { taken, stays } = oilTaken(context, brought, waterOffG);
  const steam = water(waterOffG, 100);
  const with_ = add(batch, subtract(brought, oil(brought.oilG, brought.tempC)));
  const after = at(add(subtract(with_, steam), taken), 85);
  const left: Left[] = [{ to: "air", contents: steam }];
  if (stays.oilG > 1e-9) left.push({ to: "utensil", contents: stays });
  const facts: Fact[] = [
    {
      kind: "batches",
      count,
      eachG: mass / count,
      eachMin,
      limitedBy: roomG <= heatG ? "room in the pan" : "heat of the burner",
    },
    { kind: "water-off", massG: waterOffG },
  ];
  const minutes = step.handsMin ?? PREHEAT_MIN + count * eachMin + (count - 1) * SWAP_MIN;
  return outcome({ ...vessel, batch: after }, [hands({ ...step, handsMin: minutes }, context, 0)], {
    came: came.value,
    left,
    needs: panNeeds(pan),
    facts,
  });
}

/**
 * Brown vegetables or mushrooms: each food loses a share of its raw mass as water (ranges of card 19), and the
 * minutes follow from the heat that takes. Foods without a figure lose 15–35 % (rule of thumb).
 */
const UNKNOWN_BROWNED_LOSS = estimate(0.15, 0.25, 0.35);

export function brown(vessel: Vessel, step: BrownStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const all = add(vessel.batch, together(came.value));
  const free = oil(all.oilG, all.tempC);
  const raw = subtract(all, free);
  if (totalG(raw) <= 0) return fail({ kind: "empty-vessel" });

  const lossShare = lossOf(raw, context);
  const waterOffG = Math.min(raw.waterG * 0.95, lossShare * totalG(raw));
  const dry = minutesToDry({
    netW: burner.netW,
    massG: totalG(raw),
    waterOffG,
    startC: context.roomC,
    boilC: context.boilC,
  });
  if (!dry.ok) return dry;
  const steam = water(waterOffG, 100);
  const after = at(subtract(all, steam), 90);
  return outcome(
    { ...vessel, batch: after },
    [hands(step, context, 1), watch(PREHEAT_MIN + dry.value + step.browningMin)],
    {
      came: came.value,
      left: [{ to: "air", contents: steam }],
      needs: panNeeds(pan),
      facts: [{ kind: "water-off", massG: waterOffG }],
    },
  );
}

/** Loss of the mix: each food's share of the raw mass, weighted by its solids (as good as raw mass for one kind). */
function lossOf(raw: Contents, context: StepContext): number {
  const all = solidsG(raw);
  let loss = 0;
  for (const food in raw.solids)
    loss +=
      ((raw.solids[food] as number) / all) *
      context.drawLot(`${food} browned loss`, processOf(food).brownedLoss ?? UNKNOWN_BROWNED_LOSS);
  return loss;
}
