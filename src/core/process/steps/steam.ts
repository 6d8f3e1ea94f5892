import { fail } from "../../quantities/result";
import { add, at, totalG, water } from "../contents";
import type { Fact, Input, StepContext, Vessel } from "../ledger";
import {
  type Applied,
  broughtBy,
  hands,
  NEAR_BOIL_K,
  outcome,
  panAndBurner,
  panNeeds,
  parted,
  wait,
  watch,
} from "./common";
import { coreFact, pieceShapeOf, SURFACES, wetCoreMinutes, wetMiddleAfter } from "./geometry";
import { underPressure } from "./pressureCooker";
import { minutesToTender, tenderAsItComes, tenderMm } from "./tender";
import { defineStep, flag, machine, numberOrNull, pot, type StepWith } from "../descriptor";

const FIELDS = {
  pan: pot,
  coreC: numberOrNull(40, 99),
  minutes: numberOrNull(0.5, 240),
  wrapped: flag,
  pressure: flag,
  machine,
} as const;
type SteamStep = StepWith<"steam", typeof FIELDS>;

/** Two fingers of water (common practice). */
const HEAT_UP_MIN = 5;
/** What is shaped and nobody said how hot: set all through (card 13, steamed logs). */
const USUAL_CORE_C = 85;

/** Water under the steamer is named by the cook or not; it never touches the food. */
const isUnder = (c: Input) => c.from === "food" && c.food === "water";

/**
 * Steam bare or wrapped: vegetables until they are tender (`foods/vegetables`), shaped pieces until the middle is hot
 * (conduction with a steam film, foil keeps it back, card 8), or for the cook's own minutes. Water that is named goes under the
 * steamer and is poured off. Under pressure the steam is hotter and it takes the cooker's ramps, as for parcels.
 */
function steam(vessel: Vessel, step: SteamStep, context: StepContext): Applied {
  const place = placeOf(step, context);
  if (!place.ok) return place;
  const { atC, needs } = place.value;
  const brought = broughtBy(step, context);
  if (!brought.ok) return brought;
  const came = brought.value;
  const { pot: under, food } = parted(came, isUnder);
  const batch = add(vessel.batch, food);
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const shape = pieceShapeOf({ ...vessel, batch }, context);
  const heat = {
    surface: step.wrapped ? SURFACES.steamWrapped : SURFACES.steam,
    startC: batch.tempC,
    aroundC: atC,
  };
  const size = context.draw("steamed piece size");
  const coreC =
    step.coreC ?? (vessel.pieces === null && !step.wrapped ? null : Math.min(USUAL_CORE_C, atC - NEAR_BOIL_K));
  let neededMin: number;
  if (coreC === null)
    neededMin = minutesToTender(
      batch,
      "steamed",
      tenderMm(batch, vessel.cutMm, shape.thicknessMm, context),
      context,
      atC,
    );
  else {
    const core = wetCoreMinutes(context, shape, { ...heat, coreC });
    if (!core.ok) return core;
    neededMin = core.value * size;
  }
  const minutes = step.minutes ?? neededMin;
  const told: Fact =
    coreC === null ? { kind: "tender", neededMin, givenMin: minutes, atC } : coreFact(neededMin, minutes, coreC);
  const facts = told.kind === "tender" && tenderAsItComes(batch, context) ? [] : [told];
  const dew = water(step.wrapped ? 0 : totalG(batch) * context.draw("condensed"), context.boilC);
  // While pressure builds and falls it is hot in there too.
  const rampsMin = step.pressure ? context.draw("pressure ramps") : 0;
  const middleC =
    coreC !== null && step.minutes === null ? coreC : wetMiddleAfter(context, shape, heat, (minutes + rampsMin) / size);
  return outcome(
    { ...vessel, batch: at(add(batch, dew), middleC) },
    step.pressure
      ? [hands(step, context, 2), wait(minutes + rampsMin)]
      : [hands(step, context, 2), watch(HEAT_UP_MIN + minutes)],
    {
      inputs: dew.waterG > 0 ? [...came, { from: "step", contents: dew }] : came,
      outputs: under.waterG > 0 ? [{ to: "utensil", contents: under }] : [],
      needs,
      facts,
    },
  );
}

/** A pot on a burner, or the pressure cooker. */
function placeOf(step: SteamStep, context: StepContext) {
  if (step.pressure) return underPressure(step.machine, context);
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  return { ok: true, value: { atC: context.boilC, needs: panNeeds(found.value.pan) } } as const;
}

/** What the house knows of “steam”: settings, defaults, waits, weigh-in and rule. */
export const steamStep = defineStep({
  kind: "steam",
  fields: FIELDS,
  usual: { pan: null, coreC: null, minutes: null, wrapped: false, pressure: false, machine: null },
  waitsMin: 60,
  weighed: "liquor",
  apply: steam,
});
