import { UNKNOWN_LAYER_MM } from "../../foods/process";
import { batchesFor, batchMinutes, discM2, piecesPerLayer } from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, mainFood, subtract, totalG, water } from "../contents";
import { type Fact, type Output, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, fryingPans, hands, outcome, panNeeds, together } from "./common";
import {
  coreFact,
  footprintM2,
  type PieceShape,
  pieceShapeOf,
  SURFACES,
  wetCoreMinutes,
  wetMiddleAfter,
} from "./geometry";
import { DRY_PAN_PACKING, oilTaken, PREHEAT_MIN, roomInPanG, SWAP_MIN } from "./pan";
import { defineStep, flag, fryingPan, numberOrNull, since, type StepWith } from "../descriptor";

/** The same for pan and griddle. `minutes`: the cook's own in the pan, all faces together, for each batch; null works them out. */
const FIELDS = {
  pan: fryingPan,
  twoPans: since(flag, false),
  coreC: numberOrNull(40, 100),
  minutes: since(numberOrNull(0.5, 60), null),
  lid: flag,
} as const;
type FryStep = StepWith<"fry", typeof FIELDS>;
type GriddleStep = StepWith<"griddle", typeof FIELDS>;

/** What is hot already still needs so long to brown on both faces (common practice). */
const LEAST_BROWNING_MIN = 3;
/** Browned all round and no more: three to four minutes a face for what is flat, a little longer for balls (common practice). */
const BROWNING_MIN = { flat: 7, round: 10 } as const;
/** Under a lid steam heats the other face meanwhile: hardly longer than from both at once (engineering estimate). */
const LID_SHARE = 0.6;
/** Above this nobody asks: a middle that is to be hot is 74 °C (165 °F), models card 16. */
const THROUGH_C = 74;

/**
 * Pan-fry or griddle pieces, shaped or cut, one face at a time, in batches by the pan's floor (cards 8 and 9): to a core
 * temperature, under a lid if wanted, or browned only, when the middle comes later in the sauce or the oven. A griddle is the
 * same metal with less oil.
 */
function fry(vessel: Vessel, step: FryStep | GriddleStep, context: StepContext): Applied {
  const { pieces, batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const main = mainFood(batch);
  // Loose strips lie as high as they are thick.
  const layerMm =
    vessel.cutMm ??
    (main === null ? 0 : context.drawOf("layer", main, context.figures(main).layerMm ?? UNKNOWN_LAYER_MM));
  const pans = fryingPans(context, step);
  if (!pans.ok) return pans;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const atOnce = pans.value.reduce(
    (sum, { pan }) =>
      sum +
      (pieces ? piecesPerLayer(discM2(pan.diameterM), footprintM2(pieces), DRY_PAN_PACKING) : roomInPanG(pan, layerMm)),
    0,
  );
  const count = batchesFor(pieces ? pieces.count : totalG(batch), atOnce);
  if (count === null) {
    const panMm = Math.max(...pans.value.map(({ pan }) => pan.diameterM * 1000));
    return fail({ kind: "piece-too-big", panMm, pieceMm: pieces?.lengthMm ?? layerMm });
  }

  const shape = panShapeOf(vessel, layerMm, context);
  const heat = { surface: SURFACES.panContact, startC: batch.tempC, aroundC: context.boilC };
  const faces = context.draw("one face at a time") * (step.lid ? LID_SHARE : 1);
  const browning = shape.shape === "sphere" ? BROWNING_MIN.round : BROWNING_MIN.flat;
  // Through-heating is worked out even when nobody asks for it: what is only browned is told to be raw inside.
  const wantedC = step.coreC ?? Math.min(THROUGH_C, context.boilC - 1);
  const bothFaces = wetCoreMinutes(context, shape, { ...heat, coreC: wantedC });
  if (!bothFaces.ok) return bothFaces;
  const neededMin = bothFaces.value * faces;
  const eachMin = step.minutes ?? (step.coreC === null ? browning : Math.max(LEAST_BROWNING_MIN, neededMin));

  const brought = together(came.value);
  const waterOffG = batch.waterG * context.draw("pan water lost");
  const steam = water(waterOffG, 100);
  const { stays } = oilTaken(context, brought, waterOffG, batch);
  const isReached = step.coreC !== null && eachMin >= neededMin;
  const middleC = isReached ? (step.coreC ?? wantedC) : wetMiddleAfter(context, shape, heat, eachMin / faces);
  const after = at(subtract(subtract(add(batch, brought), steam), stays), middleC);
  const left: Output[] = [{ to: "air", contents: steam }];
  if (stays.oilG > 1e-9) left.push({ to: "utensil", contents: stays });
  const minutes = step.handsMin ?? batchMinutes(count, eachMin, SWAP_MIN * pans.value.length, PREHEAT_MIN);
  const facts: Fact[] = [
    { kind: "batches", count, eachG: totalG(batch) / count, eachMin, limitedBy: "room in the pan" },
    step.coreC === null ? { kind: "browned-only", middleC } : coreFact(neededMin, eachMin, wantedC),
  ];
  return outcome({ ...vessel, batch: after }, [hands({ ...step, handsMin: minutes }, context, 0)], {
    inputs: came.value,
    outputs: left,
    needs: pans.value.flatMap(({ pan }) => panNeeds(pan)),
    facts,
  });
}
const griddle = fry as (vessel: Vessel, step: GriddleStep, context: StepContext) => Applied;

/** Cut pieces lie on a face: slices as thick as they were cut, which is how a cook means it for the pan. */
const panShapeOf = (vessel: Vessel, layerMm: number, context: StepContext): PieceShape =>
  vessel.pieces !== null
    ? pieceShapeOf(vessel, context)
    : { shape: "slab", thicknessMm: layerMm, widthMm: layerMm * 3, lengthMm: layerMm * 3 };

/** What the house knows of “fry”: settings, defaults, waits, weigh-in and rule. */
export const fryStep = defineStep({
  kind: "fry",
  fields: FIELDS,
  usual: { pan: null, twoPans: false, coreC: 74, minutes: null, lid: false },
  waitsMin: 10,
  weighed: "water",
  lines: "coat",
  apply: fry,
});

/** What the house knows of “griddle”: settings, defaults, waits, weigh-in and rule. */
export const griddleStep = defineStep({
  kind: "griddle",
  fields: FIELDS,
  usual: { pan: null, twoPans: false, coreC: 74, minutes: null, lid: false },
  waitsMin: 10,
  weighed: "water",
  lines: "coat",
  apply: griddle,
});
