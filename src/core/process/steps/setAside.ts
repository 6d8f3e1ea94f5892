import { fail } from "../../quantities/result";
import { portion, subtract, totalG } from "../contents";
import type { ShapedPieces, StepContext, Vessel } from "../ledger";
import { SHALLOW_MM, SHARES } from "../step";
import { choice, defineStep, number, type StepWith } from "../descriptor";
import { type Applied, hands, outcome } from "./common";
import { cooledDown } from "./coolingBody";
import { COLD_PLACES } from "./store";

const FIELDS = {
  share: number(SHARES.low, SHARES.high),
  where: choice("fridge", "freezer"),
  depthMm: number(5, 400),
} as const;
type SetAsideStep = StepWith<"set-aside", typeof FIELDS>;

const DAY_MIN = 24 * 60;
/** A box is found, filled, closed and dated (common practice). */
const BOX_MIN = 3;

/**
 * Set aside: a share of the batch, with as much of what it lies in, goes into the fridge or the freezer for another day; of pieces
 * whole ones. What stays is as it was. What went in hot is held against the limits for cooling, spread as deep as it says.
 */
function setAside(vessel: Vessel, step: SetAsideStep, context: StepContext): Applied {
  const { batch, bath } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  if (step.where === "freezer" && !context.freezer) return fail({ kind: "no-freezer" });
  const { share, pieces } = wholePieces(vessel.pieces, step.share);
  const kept = portion(batch, share);
  const drowned = bath === null ? null : portion(bath, share);
  const { fact } = cooledDown(vessel, kept, COLD_PLACES[step.where], DAY_MIN, step.depthMm);
  return outcome(
    {
      ...vessel,
      batch: subtract(batch, kept),
      bath: bath === null || drowned === null ? bath : subtract(bath, drowned),
      pieces,
    },
    [hands(step, context, BOX_MIN)],
    {
      outputs: [
        { to: "kept", contents: kept },
        ...(drowned === null ? [] : [{ to: "kept", contents: drowned } as const]),
      ],
      facts: [{ kind: "set-aside", massG: totalG(kept) }, ...(fact === null ? [] : [fact])],
    },
  );
}
/** The nearest share that cuts no piece in two, and the pieces that stay; a single one is cut. */
function wholePieces(
  pieces: ShapedPieces | null,
  asked: number,
): { readonly share: number; readonly pieces: ShapedPieces | null } {
  if (pieces === null || pieces.count < 2) return { share: asked, pieces };
  const goes = Math.min(pieces.count - 1, Math.max(1, Math.round(pieces.count * asked)));
  return { share: goes / pieces.count, pieces: { ...pieces, count: pieces.count - goes } };
}

/** What the house knows of “set aside”: settings, defaults, waits, weigh-in and rule. */
export const setAsideStep = defineStep({
  kind: "set-aside",
  fields: FIELDS,
  usual: { share: 0.5, where: "fridge", depthMm: SHALLOW_MM },
  waitsMin: 15,
  weighed: null,
  lines: "before",
  fitsFrozen: true,
  fitsBath: true,
  apply: setAside,
});
