import { checkNumber, fail, firstBad } from "../../quantities/result";
import { add, type Contents, liquor, NOTHING, saltShare, subtract, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { choice, defineStep, number, wholeNumber, type StepWith } from "../descriptor";
import { spreadBy } from "../parameters";

const FIELDS = {
  how: choice("swirl", "soak", "simmer"),
  times: wholeNumber(1, 20),
  waterG: number(10, 50_000),
} as const;
type RinseStep = StepWith<"rinse", typeof FIELDS>;

const MINUTES = { swirl: 0.5, soak: 10, simmer: 10 } as const;

/**
 * Rinse in fresh water: after each rinse what is dissolved has fallen to 1 − E·V/(w + V), w the water in the pieces.
 * The water itself comes and goes; solids stay.
 */
function rinse(vessel: Vessel, step: RinseStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (batch.waterG <= 0) return fail({ kind: "empty-vessel" });
  const bad = firstBad(
    checkNumber("number of rinses", step.times, 1, 20),
    checkNumber("water for a rinse", step.waterG, 10, 50_000),
  );
  if (bad) return fail(bad);
  const exchange = context.draw("rinsing", spreadBy("rinsing", step.how));
  const stays = (1 - (exchange * step.waterG) / (batch.waterG + step.waterG)) ** step.times;
  const washed: Contents = { ...liquor(batch, batch.waterG * (1 - stays)), waterG: 0 };
  const fresh = water(step.waterG * step.times, context.roomC);
  const rinsed = subtract(batch, washed);
  const perRinse = MINUTES[step.how] * step.times;
  return outcome(
    { ...vessel, batch: rinsed, bath: null },
    [
      hands(step, context, 1 + step.times * 0.5 + (step.how === "swirl" ? perRinse : 0)),
      ...(step.how === "swirl" ? [] : [wait(perRinse)]),
    ],
    {
      inputs: [{ from: "food", food: "water", massG: fresh.waterG, contents: fresh }],
      outputs: [{ to: "drain", contents: add(add(fresh, washed), vessel.bath ?? NOTHING) }],
      facts: [{ kind: "rinsed", fromShare: saltShare(batch), toShare: totalG(rinsed) > 0 ? saltShare(rinsed) : 0 }],
    },
  );
}

/** What the house knows of “rinse”: settings, defaults, waits, weigh-in and rule. */
export const rinseStep = defineStep({
  kind: "rinse",
  fields: FIELDS,
  usual: { how: "swirl", times: 2, waterG: 1000 },
  waitsMin: 120,
  weighed: "liquor",
  apply: rinse,
});
