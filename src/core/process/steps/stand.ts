import { fail } from "../../quantities/result";
import { at, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { cooledDown } from "./coolingBody";
import { defineStep, flag, number, type StepWith } from "../descriptor";

const FIELDS = { minutes: number(0, 1440), foil: flag } as const;
type StandStep = StepWith<"stand", typeof FIELDS>;

/** Still air over a dish; foil halves it (engineering estimate). */
const SURFACE = { bare: 10, foil: 5 } as const;

/** Let it stand after the heat: juices settle, sauces and pies thicken, and it cools a little. */
function stand(vessel: Vessel, step: StandStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const surface = step.foil ? SURFACE.foil : SURFACE.bare;
  const { tempC, cooling } = cooledDown(vessel, batch, { aroundC: context.roomC, surface }, step.minutes, null);
  const warm = Math.max(0, Math.min(1, (batch.tempC - context.roomC) / 70));
  const steam = water(batch.waterG * context.draw("steams while standing") * warm, batch.tempC);
  return outcome(
    { ...vessel, batch: at({ ...batch, waterG: batch.waterG - steam.waterG }, tempC), cooling },
    [hands(step, context, 0.5), wait(step.minutes)],
    { outputs: [{ to: "air", contents: steam }], facts: [{ kind: "rule-of-thumb", what: "loss" }] },
  );
}

/** What the house knows of “stand”: settings, defaults, waits, weigh-in and rule. */
export const standStep = defineStep({
  kind: "stand",
  fields: FIELDS,
  usual: { minutes: 10, foil: true },
  waitsMin: 20,
  weighed: "water",
  lines: "before",
  fitsBath: true,
  apply: stand,
});
