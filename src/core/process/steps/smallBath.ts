import { slabRoots, uptakeSmallBath } from "../../models/diffusion";
import type { Contents } from "../contents";
import type { StepContext } from "../ledger";

/**
 * How far pieces and the bath around them have come to equal strength. A bath so small that it weakens is a bath of its own
 * size: its water over that of the pieces, to two digits, so that the roots need not be found anew in every kitchen.
 *
 * @param fourier diffusivity times time over the square of the half thickness
 * @returns 0 (nothing has wandered; also where either side is dry) to 1 (evenly strong)
 */
export function evenedOut(pieces: Contents, bath: Contents, fourier: number, context: StepContext): number {
  if (pieces.waterG <= 0 || bath.waterG <= 0) return 0;
  const alpha = Number((bath.waterG / pieces.waterG).toPrecision(2));
  const roots = context.remember(`slab roots ${alpha}`, () => slabRoots(alpha, 40));
  return uptakeSmallBath(alpha, fourier, roots);
}

/** What of something dissolved the pieces' water would hold, more than now, were both evenly strong, g; below zero: less. */
export function toEvenG(pieces: Contents, bath: Contents, of: "saltG" | "sugarG" | "acidG" | "umamiG"): number {
  const both = pieces.waterG + bath.waterG;
  return both <= 0 ? 0 : ((pieces[of] + bath[of]) / both) * pieces.waterG - pieces[of];
}
