import { portion, subtract, totalG } from "../contents";
import type { Fact, ShapedPieces, StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome } from "./common";
import { flatPieces } from "./geometry";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { thicknessMm: number(0.5, 100), count: number(1, 500) } as const;
type SliceStep = StepWith<"slice", typeof FIELDS>;

/** Slices of a loaf this much thicker or thinner than asked are pointed out, share (rule of thumb). */
const OFF_THICKNESS = 0.25;

/** What the cuts make of what lies on the board. */
interface Cuts {
  readonly pieces: ShapedPieces;
  readonly facts: readonly Fact[];
}

/**
 * A tin's layer is cut into a grid through its whole height. A loaf or log has its length: so many slices share it, and
 * if that is not the thickness asked for, it says how many of those there are. A block gives slices as asked.
 */
function cutUp(on: ShapedPieces | null, count: number, massG: number, askedMm: number): Cuts {
  const eachG = massG / count;
  if (on?.form === "layer") {
    const across = gridAcross(on.lengthMm / on.diameterMm, count);
    const lengthMm = on.lengthMm / (count / across);
    return { pieces: { ...on, count, eachG, lengthMm, diameterMm: on.diameterMm / across }, facts: [] };
  }
  if (on?.form === "loaf" || on?.form === "log" || on?.form === "parcel") {
    const wholeMm = on.lengthMm * on.count;
    const thicknessMm = wholeMm / count;
    const [lengthMm, diameterMm] =
      on.form === "loaf" ? [on.diameterMm, on.thicknessMm] : [on.diameterMm, on.diameterMm];
    const fitting = Math.max(1, Math.round(wholeMm / askedMm));
    return {
      pieces: { count, eachG, form: "slice", thicknessMm, lengthMm, diameterMm },
      facts:
        Math.abs(thicknessMm / askedMm - 1) > OFF_THICKNESS
          ? [{ kind: "slices", count, thicknessMm, askedMm, fitting }]
          : [],
    };
  }
  return { pieces: flatPieces("slice", count, massG, askedMm), facts: [] };
}
/** Pieces across a tin, a divisor of their number, that come nearest to squares. */
function gridAcross(lengthToWidth: number, count: number): number {
  let best = 1;
  const skew = (across: number) => Math.abs(Math.log((lengthToWidth * across * across) / count));
  for (let across = 1; across <= count; across++) if (count % across === 0 && skew(across) < skew(best)) best = across;
  return best;
}

/** Slice into so many pieces; crumbs stay on the board. */
function slice(vessel: Vessel, step: SliceStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch: whole, came } = full.value;
  const crumbs = portion(whole, context.draw("crumbs"));
  const batch = subtract(whole, crumbs);
  const { pieces, facts } = cutUp(vessel.pieces, Math.round(step.count), totalG(batch), step.thicknessMm);
  return outcome(
    { ...vessel, batch, pieces, cutMm: pieces.thicknessMm },
    [hands(step, context, 1 + pieces.count * 0.15)],
    {
      inputs: came,
      outputs: [{ to: "utensil", contents: crumbs }],
      facts: [{ kind: "pieces", pieces, offTarget: false, thick: false }, ...facts],
    },
  );
}

/** What the house knows of “slice”: settings, defaults, waits, weigh-in and rule. */
export const sliceStep = defineStep({
  kind: "slice",
  fields: FIELDS,
  usual: { thicknessMm: 10, count: 10 },
  waitsMin: 60,
  weighed: null,
  apply: slice,
});
