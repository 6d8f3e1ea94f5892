import type { StepOf } from "../process/registry";
import type { ShapeForm } from "../process/step";

/** A piece of each form as cooks make it: grams of one (null is all there is in one) and the size that is asked for, mm (common practice). */
const USUAL: Readonly<Record<ShapeForm, { readonly pieceG: number | null; readonly diameterMm: number }>> = {
  ball: { pieceG: 40, diameterMm: 42 },
  patty: { pieceG: 80, diameterMm: 85 },
  log: { pieceG: 80, diameterMm: 110 },
  loaf: { pieceG: null, diameterMm: 100 },
  fillet: { pieceG: 120, diameterMm: 70 },
  rasher: { pieceG: 15, diameterMm: 35 },
  parcel: { pieceG: 120, diameterMm: 110 },
  skewer: { pieceG: 90, diameterMm: 120 },
};

/**
 * Another form for the pieces of a step. Grams and size follow it as long as nobody has set their own: they are then those that
 * are usual for the form.
 *
 * @param wholeG grams that there are to shape; null when nobody knows
 */
export function reshaped(step: StepOf<"shape">, form: ShapeForm, wholeG: number | null): StepOf<"shape"> {
  const was = USUAL[step.form];
  const is = USUAL[form];
  const ownMass = step.pieceG !== (was.pieceG ?? wholeG);
  return {
    ...step,
    form,
    pieceG: ownMass ? step.pieceG : (is.pieceG ?? wholeG ?? step.pieceG),
    diameterMm: step.diameterMm === was.diameterMm ? is.diameterMm : step.diameterMm,
  };
}
