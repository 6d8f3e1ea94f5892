import { FRIDGE_SLOWNESS } from "../../models/binderWater";
import { minutesToCore } from "../../models/conduction";
import { ballDiameterM, equalPieces, pattyThicknessM, SHAPING_WASTE } from "../../models/forming";
import { batchesFor, batchMinutes, discM2, piecesPerLayer } from "../../models/panHeat";
import { MOIST_FOOD } from "../../models/thermal";
import { estimate } from "../../quantities/range";
import { checkNumber, fail, firstBad } from "../../quantities/result";
import { add, at, oil, portion, subtract, totalG, water } from "../contents";
import type { Fact, Left, ShapedPieces, StepContext, Vessel } from "../ledger";
import type { BindStep, FryStep, RestStep, ShapeStep } from "../step";
import {
  type Applied,
  bindingOf,
  broughtBy,
  hands,
  outcome,
  panAndBurner,
  panNeeds,
  saltUpTo,
  together,
  wait,
} from "./common";

/** Mix with binders: they begin to drink; how far they are is told by the rest that follows. */
export function bind(vessel: Vessel, step: BindStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const salted = saltUpTo(add(vessel.batch, together(came.value)), step.saltTo);
  if (!salted.ok) return salted;
  const batch = salted.value.contents;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const state = bindingOf(batch, 2);
  if (state === null) return fail({ kind: "no-binder" });
  return outcome({ ...vessel, batch, boundMin: 2 }, [hands(step, context, 4)], {
    came: [...came.value, ...salted.value.came],
    facts: [...salted.value.facts, { kind: "binding", state }],
  });
}

/** Rest: nothing moves but time; in the fridge binders take 1.3 times as long. */
export function rest(vessel: Vessel, step: RestStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  const bad = checkNumber("minutes", step.minutes, 0, 48 * 60);
  if (bad) return fail(bad);
  const counted = step.where === "fridge" ? step.minutes / FRIDGE_SLOWNESS : step.minutes;
  const boundMin = vessel.boundMin === null ? null : vessel.boundMin + counted;
  const state = boundMin === null ? null : bindingOf(vessel.batch, boundMin);
  const facts: Fact[] = state === null ? [] : [{ kind: "binding", state }];
  const batch = at(vessel.batch, step.where === "fridge" ? 6 : context.roomC);
  return outcome({ ...vessel, batch, boundMin }, [hands(step, context, 1), wait(step.minutes)], {
    needs: step.where === "fridge" ? [{ kind: "fridge" }] : [],
    facts,
  });
}

const MIX_DENSITY = estimate(1030, 1050, 1080);
const THICK_MM = 30;

/** Shape equal pieces by mass; what sticks to bowl and hands is lost (card 7). */
export function shape(vessel: Vessel, step: ShapeStep, context: StepContext): Applied {
  const mass = totalG(vessel.batch);
  if (mass <= 0) return fail({ kind: "empty-vessel" });
  const bad = firstBad(
    checkNumber("mass of a piece", step.pieceG, 3, 5000),
    step.form === "patty" ? checkNumber("diameter of a piece", step.diameterMm, 15, 400) : null,
  );
  if (bad) return fail(bad);
  const waste = context.draw("shaping waste", SHAPING_WASTE);
  const { count, eachG, offTarget } = equalPieces(mass, step.pieceG, waste);
  const density = context.draw("mix density", MIX_DENSITY);
  const diameterMm = step.form === "ball" ? ballDiameterM(eachG, density) * 1000 : step.diameterMm;
  const thicknessMm =
    step.form === "ball" ? diameterMm : pattyThicknessM(eachG, density, step.diameterMm / 1000) * 1000;
  const pieces: ShapedPieces = { count, eachG, form: step.form, diameterMm, thicknessMm };
  const lost = portion(vessel.batch, waste);
  const state = vessel.boundMin === null ? null : bindingOf(vessel.batch, vessel.boundMin);
  const facts: Fact[] = [{ kind: "pieces", pieces, offTarget, thick: thicknessMm > THICK_MM }];
  if (state) facts.push({ kind: "binding", state });
  return outcome({ ...vessel, batch: subtract(vessel.batch, lost), pieces }, [hands(step, context, 2 + 0.6 * count)], {
    left: [{ to: "utensil", contents: lost }],
    facts,
  });
}

const PAN_SURFACE = 300;
/** One face at a time takes about twice as long as both at once (card 8). */
const ONE_FACE_FACTOR = estimate(1.6, 2, 2.4);
const WATER_LOST = estimate(0.08, 0.14, 0.2);
const OIL_PER_WATER = estimate(0.1, 0.2, 0.35);
const SWAP_MIN = 0.5;
const PREHEAT_MIN = 2;
const FRYING_PACKING = 0.7;
const CHILLED_C = 8;

/** Pan-fry shaped pieces to a core temperature, one face at a time, in batches by the pan's floor (cards 8 and 9). */
export function fry(vessel: Vessel, step: FryStep, context: StepContext): Applied {
  const { pieces, batch } = vessel;
  if (pieces === null) return fail({ kind: "not-shaped" });
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan } = found.value;
  const floor = discM2(pan.diameterM);
  const perBatch = piecesPerLayer(floor, discM2(pieces.diameterMm / 1000), FRYING_PACKING);
  const count = batchesFor(pieces.count, perBatch);
  if (count === null) return fail({ kind: "piece-too-big", panMm: pan.diameterM * 1000, pieceMm: pieces.diameterMm });

  // Reckoned once for each whole millimetre and scaled by size² in between, so that samples search no roots.
  const nearestMm = Math.max(1, Math.round(pieces.thicknessMm));
  const bothFaces = context.remember(`fry ${nearestMm} ${step.coreC} ${context.boilC} ${pieces.form}`, () => {
    const time = minutesToCore({
      directions: [{ shape: pieces.form === "ball" ? "sphere" : "slab", halfM: nearestMm / 2000 }],
      food: MOIST_FOOD,
      surface: PAN_SURFACE,
      startC: CHILLED_C,
      aroundC: context.boilC,
      coreC: step.coreC,
    });
    return time.ok ? time.value : NaN;
  });
  if (Number.isNaN(bothFaces)) return fail({ kind: "never-done", coreC: step.coreC, aroundC: context.boilC });
  const eachMin =
    bothFaces * (pieces.thicknessMm / nearestMm) ** 2 * context.draw("one face at a time", ONE_FACE_FACTOR);

  const brought = together(came.value);
  const waterOffG = batch.waterG * context.draw("water lost", WATER_LOST);
  const steam = water(waterOffG, 100);
  const takenG = Math.min(brought.oilG, context.draw("oil uptake", OIL_PER_WATER) * waterOffG);
  const stays = oil(brought.oilG - takenG, 100);
  const after = at(subtract(subtract(add(batch, brought), steam), stays), step.coreC);
  const left: Left[] = [{ to: "air", contents: steam }];
  if (stays.oilG > 1e-9) left.push({ to: "utensil", contents: stays });
  const minutes = step.handsMin ?? batchMinutes(count, eachMin, SWAP_MIN, PREHEAT_MIN);
  return outcome(
    { ...vessel, batch: after, pieces: { ...pieces, eachG: totalG(after) / pieces.count } },
    [hands({ ...step, handsMin: minutes }, context, 0)],
    {
      came: came.value,
      left,
      needs: panNeeds(pan),
      facts: [
        { kind: "batches", count, eachG: totalG(batch) / count, eachMin, limitedBy: "room in the pan" },
        { kind: "cooked-through", minutes: eachMin, coreC: step.coreC },
      ],
    },
  );
}
