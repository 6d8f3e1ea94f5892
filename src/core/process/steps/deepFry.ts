import {
  batchesFor,
  batchMinutes,
  discM2,
  FOOD_HEAT_J_PER_G_K,
  heatUpSeconds,
  largestBatchKg,
  LATENT_HEAT_J_PER_G,
  type OilBath,
  oilTempC,
} from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, type Contents, oil, subtract, totalG, water } from "../contents";
import { type Fact, type Output, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together } from "./common";
import { footprintM2, pieceShapeOf, SURFACES, volumeOverSurfaceM, wetMiddleAfter } from "./geometry";
import { SWAP_MIN } from "./pan";
import { defineStep, number, pot, type StepWith } from "../descriptor";
import { spreadBy } from "../parameters";
import { sumOver } from "../solids";

const FIELDS = { pan: pot, oilC: number(130, 230), minutes: number(0.5, 60) } as const;
type DeepFryStep = StepWith<"deep-fry", typeof FIELDS>;

/** Card 9: J/(g K) and g/mL of oil (handbook), the pot, what it loses to the kitchen, the first seconds in which food takes most heat, and how cool the oil may get (engineering estimates). */
const OIL_HEAT = 2.4;
const OIL_DENSITY = 0.92;
const POT_HEAT_J_PER_K = 600;
const LOSS_W_PER_K = 2.5;
const TAKING_S = 60;
const FLOOR_C = 160;
/** Shaped from a mix they are rough and full of pores: so much more surface gives off steam (engineering estimate). */
const ROUGH = 1.8;
/** Moist food, kg/m³ (engineering estimate). */
const FOOD_DENSITY = 1050;
/** Batter or crumb on cut pieces: flour that makes up this share of the solids (engineering estimate). */
const COATED_SHARE = 0.15;
/** Pieces may cover half of the surface (common practice). */
const PACKING = 0.5;
/** Oil never stands higher than a third of the pot (fire services). */
const OIL_LINE = 1 / 3;
/** A piece of which nobody gave the size covers about so much, g per m² (engineering estimate). */
const UNKNOWN_COVER_G_PER_M2 = 15_000;

/**
 * Deep-fry in batches that keep the oil hot: a batch is limited by the surface (half of it) and by the heat that the
 * oil has in store and the burner brings, so that it never falls below 160 °C (card 9).
 *
 * Water leaves through a crust that grows: so much from each m² with the square root of the time, the more the hotter the oil
 * (form: one-dimensional drying; the figure is set by chips of 10 mm that lose half of their mass in seven minutes, common
 * practice). Oil follows the water that left, more of it into pores, batter and crumb (USDA SR: falafel 17.8 % fat, chips 13–15 %,
 * from memory). Oil that is left can be fried in again, or goes back into its jar.
 */
function deepFry(vessel: Vessel, step: DeepFryStep, context: StepContext): Applied {
  const { batch, pieces } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const brought = together(came.value);
  if (brought.oilG <= 0) return fail({ kind: "no-liquid" });

  const mass = totalG(batch);
  const shape = pieceShapeOf(vessel, context);
  const porous = pieces !== null;
  const rough = porous ? ROUGH : 1;
  const perM2 = context.draw("fried water lost") * Math.sqrt((step.oilC - 100) / 80) * Math.sqrt(step.minutes * 60);
  const lost = Math.min(0.9, (perM2 * rough) / (volumeOverSurfaceM(shape) * FOOD_DENSITY) / (batch.waterG / mass));
  const bath: OilBath = {
    capacity: brought.oilG * OIL_HEAT + POT_HEAT_J_PER_K,
    netW: burner.netW,
    lossWPerK: LOSS_W_PER_K,
    roomC: context.roomC,
    startC: step.oilC,
    demandJPerKg:
      1000 *
      (FOOD_HEAT_J_PER_G_K * Math.max(0, context.boilC - batch.tempC) +
        ((lost * batch.waterG) / mass) * LATENT_HEAT_J_PER_G),
    timeConstantS: TAKING_S,
  };
  const byHeat = largestBatchKg(bath, FLOOR_C);
  if (!byHeat.ok) return fail({ kind: "too-weak", burnerW: burner.ratedW });
  const surface = discM2(pan.diameterM);
  const roomG =
    pieces === null
      ? PACKING * surface * UNKNOWN_COVER_G_PER_M2
      : Math.floor((PACKING * surface) / footprintM2(pieces)) * (mass / pieces.count);
  if (roomG <= 0) return fail({ kind: "piece-too-big", panMm: pan.diameterM * 1000, pieceMm: pieces?.lengthMm ?? 0 });
  const heatG = byHeat.value * 1000;
  const most = Math.min(roomG, heatG);
  const perBatch = pieces === null ? most : Math.max(1, Math.floor(most / (mass / pieces.count)));
  const count = batchesFor(pieces?.count ?? mass, perBatch) ?? 1;
  const eachG = mass / count;
  const eachMin = step.minutes;

  const waterOffG = batch.waterG * lost;
  const steam = water(waterOffG, 100);
  const takenG = Math.min(
    brought.oilG,
    waterOffG *
      context.draw(
        "fried oil uptake",
        spreadBy("fried oil uptake", porous || coated(batch, context) ? "porous" : "plain"),
      ),
  );
  const stays = oil(brought.oilG - takenG, step.oilC);
  // The food never gets hotter than its own water boils; the middle takes its time.
  const middleC = wetMiddleAfter(
    context,
    shape,
    { surface: SURFACES.deepOil, startC: batch.tempC, aroundC: context.boilC },
    step.minutes,
  );
  const after = at(subtract(subtract(add(batch, brought), steam), stays), middleC);
  const left: Output[] = [{ to: "air", contents: steam }];
  // It can be taken again: chips are fried twice in one oil.
  if (stays.oilG > 1e-9) left.push({ to: "drain", contents: stays });
  const lowestC = oilTempC(bath, eachG / 1000, 75);
  const facts: Fact[] = [
    {
      kind: "batches",
      count,
      eachG,
      eachMin,
      limitedBy: roomG <= heatG ? "room in the pan" : "heat of the burner",
    },
    { kind: "water-off", massG: waterOffG },
  ];
  if (lowestC < FLOOR_C - 1) facts.push({ kind: "oil-dips", lowestC, floorC: FLOOR_C });
  if (pan.heightM !== null)
    facts.push({
      kind: "fill",
      of: "pot",
      share: brought.oilG / OIL_DENSITY / 1e6 / surface / (pan.heightM * OIL_LINE),
    });
  const heatUpMin = heatUpSeconds({ ...bath, startC: context.roomC }, step.oilC) / 60;
  if (!Number.isFinite(heatUpMin)) return fail({ kind: "too-weak", burnerW: burner.ratedW });
  const work = step.handsMin ?? batchMinutes(count, eachMin, SWAP_MIN, 1);
  return outcome(
    { ...vessel, batch: after },
    [{ kind: "watch", minutes: Math.max(1, heatUpMin), early: true }, hands({ ...step, handsMin: work }, context, 0)],
    { inputs: came.value, outputs: left, needs: panNeeds(pan), facts },
  );
}

/** Whether a coat of flour, starch or crumb lies on cut pieces. */
function coated(batch: Contents, { figures }: StepContext): boolean {
  let all = 0;
  const flour = sumOver(batch.solids, (food, grams) => {
    all += grams;
    const { starch, binder } = figures(food);
    return starch !== undefined || (binder !== undefined && !binder.base) ? grams : 0;
  });
  return flour > COATED_SHARE * all;
}

/** What the house knows of “deep-fry”: settings, defaults, waits, weigh-in and rule. */
export const deepFryStep = defineStep({
  kind: "deep-fry",
  fields: FIELDS,
  usual: { pan: null, oilC: 180, minutes: 4 },
  waitsMin: 10,
  weighed: "water",
  lines: "coat",
  apply: deepFry,
});
