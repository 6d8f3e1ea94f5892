import { fail } from "../../quantities/result";
import { totalG } from "../contents";
import type { ShapedPieces, StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome } from "./common";
import { defineStep, type StepWith, tin } from "../descriptor";

const FIELDS = { tin } as const;
type LayerStep = StepWith<"layer", typeof FIELDS>;

/** Cooked layers weigh about what water does (engineering estimate). */
const DENSITY_G_PER_M3 = 1e6;

/** Layer or assemble in a tin: everything comes together, and either fits or does not. */
function layer(vessel: Vessel, step: LayerStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const massG = totalG(batch);
  const tin = context.tin(step.tin);
  if (tin === null) return fail({ kind: "no-tin" });
  const depthM = massG / DENSITY_G_PER_M3 / tin.areaM2;
  const pieces: ShapedPieces = {
    count: 1,
    eachG: massG,
    form: "layer",
    diameterMm: tin.widthM * 1000,
    thicknessMm: depthM * 1000,
    lengthMm: (tin.areaM2 / tin.widthM) * 1000,
  };
  return outcome({ ...vessel, batch, bath: null, pieces }, [hands(step, context, 3 + step.adds.length)], {
    inputs: came,
    outputs: vessel.bath === null ? [] : [{ to: "drain", contents: vessel.bath }],
    facts: [{ kind: "fill", of: "tin", share: depthM / tin.heightM }],
  });
}

/** What the house knows of “layer”: settings, defaults, waits, weigh-in and rule. */
export const layerStep = defineStep({
  kind: "layer",
  fields: FIELDS,
  usual: { tin: null },
  waitsMin: 60,
  weighed: "addition",
  apply: layer,
});
