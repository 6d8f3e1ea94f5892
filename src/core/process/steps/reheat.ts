import { checkNumber, fail, firstBad } from "../../quantities/result";
import { at, water } from "../contents";
import { type StepContext, type Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, watch } from "./common";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { coreC: number(40, 99), minutes: number(1, 240), where: choice("oven", "hob") } as const;
type ReheatStep = StepWith<"reheat", typeof FIELDS>;

const OVEN_C = 170;

/** Reheat throughout; a splash of liquid may go in. Minutes are the cook's own: test the middle. */
function reheat(vessel: Vessel, step: ReheatStep, context: StepContext): Applied {
  const bad = firstBad(
    checkNumber("minutes", step.minutes, 1, 240),
    checkNumber("core temperature", step.coreC, 40, 99),
  );
  if (bad) return fail(bad);
  if (step.where === "oven" && context.ovens === 0) return fail({ kind: "no-oven" });
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const steam = water(batch.waterG * context.draw("lost reheating"), 100);
  return outcome(
    { ...vessel, batch: at({ ...batch, waterG: batch.waterG - steam.waterG }, step.coreC) },
    [hands(step, context, 2), watch(step.minutes)],
    {
      inputs: came,
      outputs: [{ to: "air", contents: steam }],
      needs: step.where === "oven" ? [{ kind: "oven", tempC: OVEN_C }] : [{ kind: "burner" }],
      facts: [{ kind: "rule-of-thumb", what: "minutes" }],
    },
  );
}

/** What the house knows of “reheat”: settings, defaults, waits, weigh-in and rule. */
export const reheatStep = defineStep({
  kind: "reheat",
  fields: FIELDS,
  usual: { coreC: 75, minutes: 15, where: "oven" },
  waitsMin: 10,
  weighed: "water",
  apply: reheat,
});
