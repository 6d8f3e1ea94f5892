import { fail } from "../../quantities/result";
import { add, totalG } from "../contents";
import { isMarked, type StepContext, type Vessel } from "../ledger";
import type { CutStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together } from "./common";

/** Grams a home cook cuts per minute into pieces of a size: coarse goes faster (engineering estimate). */
const cutRateGPerMin = (pieceMm: number): number => Math.min(250, Math.max(30, 5 * pieceMm));
/** Tearing, shredding and crumbling by hand, grating on a box grater, g a minute (engineering estimates). */
const BY_HAND_G_PER_MIN = { tear: 120, shred: 60, crumble: 200, grate: 80 } as const;

/** Cut, tear, shred, crumble or grate: no mass moves, the pieces and the minutes do. A frozen block cannot be cut. */
export function cut(vessel: Vessel, step: CutStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  if (isMarked(vessel, "frozen")) return fail({ kind: "still-frozen" });
  const rate = step.how === "cut" ? cutRateGPerMin(step.pieceMm) : BY_HAND_G_PER_MIN[step.how];
  const after: Vessel = { ...vessel, batch, cutMm: step.pieceMm, pieces: null };
  return outcome(after, [hands(step, context, 1 + totalG(batch) / rate)], { came: came.value });
}
