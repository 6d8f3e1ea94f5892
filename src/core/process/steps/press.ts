import { consolidatedFraction, equilibriumMoisture, loadPressureKPa, timeFactor } from "../../models/consolidation";
import { fail } from "../../quantities/result";
import { liquor, mainFood, moistureOf, solidsG, subtract } from "../contents";
import { type StepContext, type Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { blockFacts, compressibilityOf, keepsItsWater, TOO_COARSE } from "./pressing";
import { USUAL_BLOCK, defineStep, flag, number, type StepWith } from "../descriptor";

const FIELDS = {
  lengthMm: number(10, 500),
  widthMm: number(10, 500),
  thicknessMm: number(3, 200),
  loadKg: number(0, 100),
  minutes: number(0, 1440),
  bothFaces: flag,
} as const;
type PressStep = StepWith<"press", typeof FIELDS>;

/** A soft block that nothing holds at the sides breaks above this (card 3). */
const FRACTURE_KPA = 60;
/**
 * Press under weights: the moisture that stays follows a power law of pressure, the way there Terzaghi's consolidation
 * through one face or two. The reference is the food's own moisture as opened. Asking for more water than there is
 * presses nothing out and says so; time ±2×. Each block bears the whole weight.
 */
function press(vessel: Vessel, step: PressStep, context: StepContext): Applied {
  const { batch } = vessel;
  const id = mainFood(batch);
  if (id === null || batch.waterG <= 0) return fail({ kind: "empty-vessel" });
  if (context.kin(id) === "tofu-silken") return fail({ kind: "falls-apart", food: id });
  const figures = context.figures(id).press;
  if (!figures) return fail({ kind: "no-figures", food: id, wants: "pressing" });
  const pressureKPa = loadPressureKPa(step.loadKg, (step.lengthMm / 1000) * (step.widthMm / 1000));
  if (pressureKPa > FRACTURE_KPA) return fail({ kind: "too-hard-pressed", pressureKPa, mostKPa: FRACTURE_KPA });

  const compressibility = compressibilityOf(vessel, id, figures, context);
  const keeps = equilibriumMoisture(compressibility, pressureKPa);
  const mostG = Math.max(0, batch.waterG - solidsG(batch) * keeps);
  const phases = [hands(step, context, 2), wait(step.minutes)];
  const needs = step.minutes > 120 ? [{ kind: "fridge" } as const] : [];
  if (keepsItsWater(figures, vessel)) return outcome(vessel, phases, { needs, facts: TOO_COARSE });
  if (mostG <= 0)
    return outcome(vessel, phases, { needs, facts: [{ kind: "already-drier", moisture: moistureOf(batch) }] });
  const drainageM = step.thicknessMm / 1000 / (step.bothFaces ? 2 : 1);
  const out = liquor(batch, mostG * consolidatedFraction(timeFactor(compressibility, step.minutes, drainageM)));
  return outcome({ ...vessel, batch: subtract(batch, out) }, phases, {
    outputs: [{ to: "drain", contents: out }],
    needs,
    facts: [{ kind: "pressed", pressureKPa, leavesG: out.waterG, mostG }, ...blockFacts(step, vessel)],
  });
}

/** What the house knows of “press”: settings, defaults, waits, weigh-in and rule. */
export const pressStep = defineStep({
  kind: "press",
  fields: FIELDS,
  usual: { ...USUAL_BLOCK, loadKg: 3, minutes: 30, bothFaces: true },
  waitsMin: 240,
  weighed: "liquor",
  lines: "before",
  again: true,
  apply: press,
});
