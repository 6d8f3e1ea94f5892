import { fail } from "../../quantities/result";
import { add, portion, subtract, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, together } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type GlazeStep = StepWith<"glaze", Record<never, Field>>;

/** Straight from the fire, and so much of the glaze's water boils off on it (common practice: nearly half of it). */
const HOT_PAN_C = 70;
const BOILS_OFF = 0.45;

/** Brush or toss with a glaze or oil: nearly all of it clings. */
function glaze(vessel: Vessel, step: GlazeStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const brought = together(came.value);
  const stays = portion(brought, context.draw("on the brush"));
  const count = vessel.pieces?.count ?? 4;
  const put = subtract(brought, stays);
  // In a pan that is hot from the searing most of its water goes at once, and the rest clings.
  const steam = water(vessel.batch.tempC >= HOT_PAN_C ? put.waterG * BOILS_OFF : 0, 100);
  return outcome(
    { ...vessel, batch: add(vessel.batch, subtract(put, steam)) },
    [hands(step, context, 1 + Math.min(10, count * 0.2))],
    {
      inputs: came.value,
      outputs: [
        ...(totalG(stays) > 0 ? [{ to: "utensil" as const, contents: stays }] : []),
        ...(steam.waterG > 0 ? [{ to: "air" as const, contents: steam }] : []),
      ],
    },
  );
}

/** What the house knows of “glaze”: settings, defaults, waits, weigh-in and rule. */
export const glazeStep = defineStep({
  kind: "glaze",
  fields: {},
  usual: {},
  waitsMin: 30,
  weighed: "clings",
  lines: "coat",
  apply: glaze,
});
