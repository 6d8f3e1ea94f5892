import { diffusivityAt, SALT_DIFFUSIVITY_25C } from "../../models/diffusion";
import { minutesToReduce } from "../../models/reduction";
import { fail, type Result, succeed } from "../../quantities/result";
import { add, at, type Contents, liquor, mainFood, salt, subtract, totalG, water } from "../contents";
import type { Fact, Input, StepContext, StepFailure, Vessel } from "../ledger";
import {
  type Applied,
  broughtBy,
  hands,
  NEAR_BOIL_K,
  outcome,
  overfull,
  panAndBurner,
  panNeeds,
  parted,
  watch,
} from "./common";
import { coreFact, pieceShapeOf, SURFACES, volumeOverSurfaceM, wetCoreMinutes, wetMiddleAfter } from "./geometry";
import { evenedOut, toEvenG } from "./smallBath";
import { leastSoft } from "./soften";
import { minutesToTender, tenderAsItComes, tenderMm } from "./tender";
import { defineStep, numberOrNull, pot, type StepWith } from "../descriptor";

const FIELDS = { pan: pot, pieceMm: numberOrNull(3, 120), minutes: numberOrNull(0.5, 240) } as const;
type BoilStep = StepWith<"boil", typeof FIELDS>;

/** Shaped pieces (dumplings, sausages) are done when the middle is this hot; above it where water boils hotter than that (common practice: starch and egg set by then). */
const SHAPED_CORE_C = 80;

const isBath = (c: Input): boolean =>
  c.from === "food" && (c.food === "water" || c.food === "salt" || c.food === "stock-powder");

/**
 * Boil pieces in water that is poured off, until they are tender, or for the cook's own minutes.
 *
 * Vegetables: kinetics of softening with each food's own minutes at 100 °C (`foods/vegetables`); a cooler boil slows it. Shaped
 * pieces: conduction to the middle (card 8). Salt goes in or out by diffusion between pieces and bath (card 4), so that fresh
 * water draws it from what was brined.
 */
function boil(vessel: Vessel, step: BoilStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const { pot: bath, food } = parted(came.value, isBath);
  const raw = add(vessel.batch, food);
  if (totalG(raw) <= 0) return fail({ kind: "empty-vessel" });
  if (bath.waterG <= 0) return fail({ kind: "no-liquid" });
  const main = mainFood(raw);
  if (main !== null && context.figures(main).cook && (leastSoft(vessel.softness, came.value, context) ?? 0) < 1)
    return fail({ kind: "other-step", food: main, take: "cook" });

  const cutMm = step.pieceMm ?? vessel.cutMm;
  const shape = pieceShapeOf({ batch: raw, pieces: vessel.pieces, cutMm }, context);
  const heat = { surface: SURFACES.boiling, startC: raw.tempC, aroundC: context.boilC };
  const done = doneOf(
    vessel,
    raw,
    tenderMm(raw, cutMm, shape.thicknessMm, context),
    shape,
    heat,
    step.minutes,
    context,
  );
  if (!done.ok) return done;
  const { minutes, fact } = done.value;

  // The kettle brings the water near the boil; the pot has to recover from the cold pieces.
  const recover = minutesToReduce({
    massG: totalG(raw) + totalG(bath),
    waterOffG: 0,
    startC: (totalG(raw) * raw.tempC + totalG(bath) * 90) / (totalG(raw) + totalG(bath)),
    boilC: context.boilC,
    burnerW: burner.ratedW,
    efficiency: burner.efficiency,
    lossW: 60,
    specificHeat: 3.9,
  });
  if (!recover.ok) return recover;

  const changeG = totalG(raw) * context.draw("boiled change");
  const drunk = changeG > 0 ? liquor(bath, Math.min(changeG, bath.waterG)) : liquor(bath, 0);
  const lost = changeG < 0 ? water(Math.min(-changeG, raw.waterG), context.boilC) : water(0, context.boilC);
  const wet = subtract(add(raw, drunk), lost);
  const pool = add(subtract(bath, drunk), lost);
  const exchanged = saltInto(wet, pool, volumeOverSurfaceM(shape), minutes, context);
  const batch = at({ ...wet, saltG: wet.saltG + exchanged }, wetMiddleAfter(context, shape, heat, minutes));
  return outcome(
    { ...vessel, batch },
    [hands(step, context, 2), watch(recover.value.heatMin + minutes), { kind: "hands", minutes: 1 }],
    {
      inputs: came.value,
      outputs: [{ to: "drain", contents: subtract(pool, salt(exchanged, pool.tempC)) }],
      needs: panNeeds(pan),
      facts: [
        ...(fact.kind === "tender" && tenderAsItComes(raw, context) ? [] : [fact]),
        ...overfull(pan, totalG(raw) + totalG(bath)),
      ],
    },
  );
}

/** Minutes in the boil, and what there is to say of them. */
function doneOf(
  vessel: Vessel,
  raw: Contents,
  mm: number,
  shape: ReturnType<typeof pieceShapeOf>,
  heat: { readonly surface: number; readonly startC: number; readonly aroundC: number },
  asked: number | null,
  context: StepContext,
): Result<{ minutes: number; fact: Fact }, StepFailure> {
  if (vessel.pieces === null) {
    const neededMin = minutesToTender(raw, "boiled", mm, context);
    const minutes = asked ?? neededMin;
    return succeed({ minutes, fact: { kind: "tender", neededMin, givenMin: minutes, atC: context.boilC } });
  }
  const coreC = Math.min(SHAPED_CORE_C, context.boilC - NEAR_BOIL_K);
  const core = wetCoreMinutes(context, shape, { ...heat, coreC });
  if (!core.ok) return core;
  const neededMin = core.value * context.draw("boiled piece size") ** 2;
  const minutes = asked ?? neededMin;
  return succeed({ minutes, fact: coreFact(neededMin, minutes, coreC) });
}

/** Grams of salt that go from the bath into the pieces; below 0 they come out. Small bath, card 4. */
function saltInto(pieces: Contents, bath: Contents, halfM: number, minutes: number, context: StepContext): number {
  const fourier = (diffusivityAt(SALT_DIFFUSIVITY_25C, context.boilC) * minutes * 60) / halfM ** 2;
  return toEvenG(pieces, bath, "saltG") * evenedOut(pieces, bath, fourier, context);
}

/** What the house knows of “boil”: settings, defaults, waits, weigh-in and rule. */
export const boilStep = defineStep({
  kind: "boil",
  fields: FIELDS,
  usual: { pan: null, pieceMm: null, minutes: null },
  waitsMin: 5,
  weighed: "liquor",
  apply: boil,
});
