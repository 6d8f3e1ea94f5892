import { checkNumber, fail } from "../../quantities/result";
import { add, at, totalG, water } from "../contents";
import { type StepContext, type Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, panAndBurner, panNeeds, watch } from "./common";
import { pieceShapeOf, SURFACES, wetCoreMinutes } from "./geometry";
import { defineStep, flag, gear, number, type StepWith } from "../descriptor";

const FIELDS = { pan: gear, coreC: number(40, 99), wrapped: flag } as const;
type SteamStep = StepWith<"steam", typeof FIELDS>;

const HEAT_UP_MIN = 5;

/** Steam bare or wrapped pieces to a core temperature: conduction with a steam film, foil keeps it back (card 8). */
function steam(vessel: Vessel, step: SteamStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  const bad = checkNumber("core temperature", step.coreC, 40, 99);
  if (bad) return fail(bad);
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const minutes = wetCoreMinutes(context, pieceShapeOf(vessel, context), {
    surface: step.wrapped ? SURFACES.steamWrapped : SURFACES.steam,
    startC: batch.tempC,
    aroundC: context.boilC,
    coreC: step.coreC,
  });
  if (!minutes.ok) return minutes;
  const dew = water(step.wrapped ? 0 : totalG(batch) * context.draw("condensed"), context.boilC);
  const lasting = minutes.value * context.draw("steamed piece size");
  return outcome(
    { ...vessel, batch: at(add(batch, dew), step.coreC) },
    [hands(step, context, 2), watch(HEAT_UP_MIN + lasting)],
    {
      inputs: dew.waterG > 0 ? [...came, { from: "step", contents: dew }] : came,
      needs: panNeeds(found.value.pan),
      facts: [{ kind: "cooked-through", minutes: lasting, coreC: step.coreC }],
    },
  );
}

/** What the house knows of “steam”: settings, defaults, waits, weigh-in and rule. */
export const steamStep = defineStep({
  kind: "steam",
  fields: FIELDS,
  usual: { pan: null, coreC: 85, wrapped: false },
  waitsMin: 60,
  weighed: "liquor",
  apply: steam,
});
