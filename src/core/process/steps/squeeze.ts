import { consolidatedFraction, equilibriumMoisture, timeFactor } from "../../models/consolidation";
import { fail } from "../../quantities/result";
import { liquor, mainFood, moistureOf, solidsG, subtract, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome } from "./common";
import { compressibilityOf, keepsItsWater, TOO_COARSE } from "./pressing";
import { choice, defineStep, number, type StepWith } from "../descriptor";
import { spreadBy } from "../parameters";

const FIELDS = { how: choice("palm", "hands", "cloth"), minutes: number(0, 60) } as const;
type SqueezeStep = StepWith<"squeeze", typeof FIELDS>;

/** A handful drains to both sides of 25 mm (engineering estimate). */
const DRAINAGE_M = 0.0125;

/** What two hands squeeze in those minutes, g of soaked food (common practice). */
const BOWL_G = 600;

/**
 * Squeeze: liquor leaves a soaked, spongy food, or a grated vegetable, under hand or cloth.
 *
 * The moisture that stays follows a power law of pressure, the way there one-dimensional consolidation, so most of
 * it leaves in the first half minute. Source: `models/consolidation`; exponents are engineering estimates per food.
 * Limits: solids and oil stay; every solute leaves at the liquor's concentration.
 */
function squeeze(vessel: Vessel, step: SqueezeStep, context: StepContext): Applied {
  const { batch } = vessel;
  const food = mainFood(batch);
  if (food === null || batch.waterG <= 0) return fail({ kind: "empty-vessel" });
  const figures = context.figures(food).press;
  if (!figures) return fail({ kind: "no-figures", food, wants: "pressing" });

  const compressibility = compressibilityOf(vessel, food, figures, context);
  const keeps = equilibriumMoisture(
    compressibility,
    context.draw("squeeze pressure", spreadBy("squeeze pressure", step.how)),
  );
  const minutes = Math.max(step.minutes, 0.1);
  // Handful by handful: the minutes are those of a bowl for four.
  const bowls = Math.max(1, totalG(batch) / BOWL_G);
  const work = hands({ ...step, handsMin: step.handsMin ?? step.minutes * bowls + 1 }, context, 0);
  if (keepsItsWater(figures, vessel)) return outcome(vessel, [work], { facts: TOO_COARSE });
  const spareG = batch.waterG - solidsG(batch) * keeps;
  if (spareG <= 0) return outcome(vessel, [work], { facts: [{ kind: "already-drier", moisture: moistureOf(batch) }] });

  const leaves = liquor(batch, spareG * consolidatedFraction(timeFactor(compressibility, minutes, DRAINAGE_M)));
  return outcome({ ...vessel, batch: subtract(batch, leaves) }, [work], {
    outputs: [{ to: "drain", contents: leaves }],
  });
}

/** What the house knows of “squeeze”: settings, defaults, waits, weigh-in and rule. */
export const squeezeStep = defineStep({
  kind: "squeeze",
  fields: FIELDS,
  usual: { how: "hands", minutes: 2 },
  waitsMin: 60,
  weighed: "liquor",
  lines: "before",
  again: true,
  apply: squeeze,
});
