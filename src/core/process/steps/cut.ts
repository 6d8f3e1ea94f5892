import { totalG } from "../contents";
import { type StepContext, type Vessel } from "../ledger";
import { type Applied, filled, hands, outcome } from "./common";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { how: choice("cut", "tear", "shred", "crumble", "grate"), pieceMm: number(1, 300) } as const;
type CutStep = StepWith<"cut", typeof FIELDS>;

/** Grams a home cook cuts per minute into pieces of a size: coarse goes faster, fine onions about a kilo in a quarter of an hour (common practice). */
const cutRateGPerMin = (pieceMm: number): number => Math.min(250, Math.max(60, 5 * pieceMm));
/** Holes of a box grater, mm (common practice). */
const GRATER_MM = 5;
/** Tearing, shredding and crumbling by hand, grating on a box grater, g a minute (engineering estimates). */
const BY_HAND_G_PER_MIN = { tear: 120, shred: 60, crumble: 200, grate: 80 } as const;

/** Cut, tear, shred, crumble or grate: no mass moves, the pieces and the minutes do. A frozen block cannot be cut. */
function cut(vessel: Vessel, step: CutStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const rate = step.how === "cut" ? cutRateGPerMin(step.pieceMm) : BY_HAND_G_PER_MIN[step.how];
  const cutMm = step.how === "grate" ? Math.min(step.pieceMm, GRATER_MM) : step.pieceMm;
  const after: Vessel = { ...vessel, batch, cutMm, pieces: null };
  return outcome(after, [hands(step, context, 1 + totalG(batch) / rate)], { inputs: came });
}

/** What the house knows of “cut”: settings, defaults, waits, weigh-in and rule. */
export const cutStep = defineStep({
  kind: "cut",
  fields: FIELDS,
  usual: { how: "cut", pieceMm: 10 },
  waitsMin: 240,
  weighed: null,
  apply: cut,
});
