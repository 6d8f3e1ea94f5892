import { SALT_TARGETS, type SaltTarget } from "../models/salt";
import { type Contents, saltShare } from "../process/contents";

/** Salt of a finished part against what is usual for its kind. Includes every hidden source the ledger carries. */
export interface SaltStanding {
  readonly share: number;
  readonly perEaterG: number;
  readonly target: { readonly low: number; readonly aim: number; readonly high: number } | null;
  readonly standing: "low" | "right" | "high" | "unmeasured";
}

/** How a part's salt stands against its target; null target says nothing. */
export function saltStanding(contents: Contents, eaters: number, target: SaltTarget | null): SaltStanding {
  const share = saltShare(contents);
  const perEaterG = contents.saltG / Math.max(1, eaters);
  if (target === null) return { share, perEaterG, target: null, standing: "unmeasured" };
  const [low, aim, high] = SALT_TARGETS[target];
  const standing = share < low ? "low" : share > high ? "high" : "right";
  return { share, perEaterG, target: { low, aim, high }, standing };
}
