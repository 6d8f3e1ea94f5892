import { batchesFor, batchMinutes, discM2, piecesPerLayer } from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, subtract, totalG, water } from "../contents";
import { type Output, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together } from "./common";
import { footprintM2, pieceShapeOf, SURFACES, wetCoreMinutes } from "./geometry";
import { DRY_PAN_PACKING, oilTaken, PREHEAT_MIN, SWAP_MIN } from "./pan";
import { defineStep, gear, number, type StepWith } from "../descriptor";

const FRY_FIELDS = { pan: gear, coreC: number(40, 100) } as const;
type FryStep = StepWith<"fry", typeof FRY_FIELDS>;
const GRIDDLE_FIELDS = { pan: gear, coreC: number(40, 100) } as const;
type GriddleStep = StepWith<"griddle", typeof GRIDDLE_FIELDS>;

/** What is hot already still needs so long to brown on both faces (common practice). */
const LEAST_BROWNING_MIN = 3;

/**
 * Pan-fry or griddle shaped pieces to a core temperature, one face at a time, in batches by the pan's floor (cards 8
 * and 9). A griddle is the same metal with less oil.
 */
function fry(vessel: Vessel, step: FryStep | GriddleStep, context: StepContext): Applied {
  const { pieces, batch } = vessel;
  if (pieces === null) return fail({ kind: "not-shaped" });
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan } = found.value;
  const perBatch = piecesPerLayer(discM2(pan.diameterM), footprintM2(pieces), DRY_PAN_PACKING);
  const count = batchesFor(pieces.count, perBatch);
  if (count === null) return fail({ kind: "piece-too-big", panMm: pan.diameterM * 1000, pieceMm: pieces.lengthMm });

  const bothFaces = wetCoreMinutes(context, pieceShapeOf(vessel, context), {
    surface: SURFACES.panContact,
    startC: batch.tempC,
    aroundC: context.boilC,
    coreC: step.coreC,
  });
  if (!bothFaces.ok) return bothFaces;
  const eachMin = Math.max(LEAST_BROWNING_MIN, bothFaces.value * context.draw("one face at a time"));

  const brought = together(came.value);
  const waterOffG = batch.waterG * context.draw("pan water lost");
  const steam = water(waterOffG, 100);
  const { stays } = oilTaken(context, brought, waterOffG);
  const after = at(subtract(subtract(add(batch, brought), steam), stays), step.coreC);
  const left: Output[] = [{ to: "air", contents: steam }];
  if (stays.oilG > 1e-9) left.push({ to: "utensil", contents: stays });
  const minutes = step.handsMin ?? batchMinutes(count, eachMin, SWAP_MIN, PREHEAT_MIN);
  return outcome(
    {
      ...vessel,
      batch: after,
      pieces: { ...pieces, eachG: totalG(after) / pieces.count },
    },
    [hands({ ...step, handsMin: minutes }, context, 0)],
    {
      inputs: came.value,
      outputs: left,
      needs: panNeeds(pan),
      facts: [
        { kind: "batches", count, eachG: totalG(batch) / count, eachMin, limitedBy: "room in the pan" },
        { kind: "cooked-through", minutes: eachMin, coreC: step.coreC },
      ],
    },
  );
}
const griddle = fry as (vessel: Vessel, step: GriddleStep, context: StepContext) => Applied;

/** What the house knows of “fry”: settings, defaults, waits, weigh-in and rule. */
export const fryStep = defineStep({
  kind: "fry",
  fields: FRY_FIELDS,
  usual: { pan: null, coreC: 74 },
  waitsMin: 10,
  weighed: "water",
  apply: fry,
});

/** What the house knows of “griddle”: settings, defaults, waits, weigh-in and rule. */
export const griddleStep = defineStep({
  kind: "griddle",
  fields: GRIDDLE_FIELDS,
  usual: { pan: null, coreC: 74 },
  waitsMin: 10,
  weighed: "water",
  apply: griddle,
});
