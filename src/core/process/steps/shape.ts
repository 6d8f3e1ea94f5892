import { ballDiameterM, equalPieces, pattyThicknessM } from "../../models/forming";
import { fail } from "../../quantities/result";
import { portion, subtract, totalG } from "../contents";
import { type Fact, type ShapedPieces, type StepContext, type Vessel } from "../ledger";
import { SHAPE_FORMS, type ShapeForm } from "../step";
import { type Applied, bindingOf, hands, outcome } from "./common";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { form: choice(...SHAPE_FORMS), pieceG: number(3, 5000), diameterMm: number(10, 400) } as const;
type ShapeStep = StepWith<"shape", typeof FIELDS>;

/** A log of a hand’s usual make is about so thick (common practice). */
const THICK_MM = 30;
/** Minutes a piece takes by hand (engineering estimates). */
const MINUTES_EACH: Readonly<Record<ShapeForm, number>> = {
  ball: 0.6,
  patty: 0.6,
  log: 1,
  loaf: 4,
  fillet: 1,
  rasher: 0.4,
  parcel: 2,
  skewer: 1.5,
};
/** Usual proportions: a fillet is 2.2 times as long as wide, a loaf 1.8 times, and 0.65 as high, a rasher four times (common practice). */
const FILLET_LONG = 2.2;
const LOAF = { long: 1.8, high: 0.65 } as const;
const RASHER_LONG = 4;

/** Sizes in mm of one piece of a form: the given length is the diameter, the length of a log, parcel or loaded skewer, else the width. */
function sizesOf(
  form: ShapeForm,
  massG: number,
  density: number,
  givenMm: number,
): Omit<ShapedPieces, "count" | "eachG"> {
  const mm3 = (massG / density) * 1e6;
  switch (form) {
    case "ball": {
      const diameterMm = ballDiameterM(massG, density) * 1000;
      return { form, diameterMm, thicknessMm: diameterMm, lengthMm: diameterMm };
    }
    case "patty": {
      const thicknessMm = pattyThicknessM(massG, density, givenMm / 1000) * 1000;
      return { form, diameterMm: givenMm, thicknessMm, lengthMm: givenMm };
    }
    case "log":
    case "skewer":
    case "parcel": {
      const diameterMm = Math.sqrt((4 * mm3) / (Math.PI * givenMm));
      return { form, diameterMm, thicknessMm: diameterMm, lengthMm: givenMm };
    }
    case "loaf": {
      const diameterMm = Math.cbrt(mm3 / (LOAF.long * LOAF.high));
      return { form, diameterMm, thicknessMm: diameterMm * LOAF.high, lengthMm: diameterMm * LOAF.long };
    }
    case "fillet":
    case "rasher": {
      const lengthMm = givenMm * (form === "fillet" ? FILLET_LONG : RASHER_LONG);
      return { form, diameterMm: givenMm, thicknessMm: mm3 / (givenMm * lengthMm), lengthMm };
    }
  }
}

/** Shape equal pieces by mass, or thread so many grams on a skewer; of a mix what sticks to bowl and hands is lost (card 7). */
function shape(vessel: Vessel, step: ShapeStep, context: StepContext): Applied {
  const mass = totalG(vessel.batch);
  if (mass <= 0) return fail({ kind: "empty-vessel" });
  // Pieces are threaded as they are: nothing of a mix stays on bowl and hands.
  const waste = step.form === "skewer" ? 0 : context.draw("shaping waste");
  const { count, eachG, offTarget } = equalPieces(mass, step.pieceG, waste);
  const density = context.draw("mix density");
  const pieces: ShapedPieces = { count, eachG, ...sizesOf(step.form, eachG, density, step.diameterMm) };
  const lost = portion(vessel.batch, waste);
  const state = vessel.boundMin === null ? null : bindingOf(vessel.batch, vessel.boundMin, context.figures);
  const thick = pieces.thicknessMm > THICK_MM && !["loaf", "parcel", "skewer"].includes(step.form);
  const facts: Fact[] = [{ kind: "pieces", pieces, offTarget, thick }];
  if (state) facts.push({ kind: "binding", state });
  const minutes = 2 + MINUTES_EACH[step.form] * count;
  return outcome({ ...vessel, batch: subtract(vessel.batch, lost), pieces }, [hands(step, context, minutes)], {
    outputs: [{ to: "utensil", contents: lost }],
    facts,
  });
}

/** What the house knows of “shape”: settings, defaults, waits, weigh-in and rule. */
export const shapeStep = defineStep({
  kind: "shape",
  fields: FIELDS,
  usual: { form: "patty", pieceG: 80, diameterMm: 85 },
  waitsMin: 120,
  weighed: null,
  lines: "before",
  apply: shape,
});
