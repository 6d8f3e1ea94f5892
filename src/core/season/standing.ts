import { diluteG, SALT_TARGETS, type SaltTarget, saltToAddG } from "../models/salt";
import { type Contents, saltShare, totalG } from "../process/contents";

/** Salt of a finished part against what is usual for its kind. Includes every hidden source the ledger carries. */
export interface SaltStanding {
  readonly share: number;
  readonly perEaterG: number;
  readonly target: { readonly low: number; readonly aim: number; readonly high: number } | null;
  readonly standing: "low" | "right" | "high" | "unmeasured";
  /** Unsalted food that would bring it down to what is usual, or salt that would bring it up, g; 0 where it is right. */
  readonly unsaltedG: number;
  readonly missingSaltG: number;
}

/** How a part's salt stands against its target; null target says nothing. */
export function saltStanding(contents: Contents, eaters: number, target: SaltTarget | null): SaltStanding {
  const share = saltShare(contents);
  const perEaterG = contents.saltG / Math.max(1, eaters);
  const nothing = { unsaltedG: 0, missingSaltG: 0 };
  if (target === null) return { share, perEaterG, target: null, standing: "unmeasured", ...nothing };
  const [low, aim, high] = SALT_TARGETS[target];
  const standing = share < low ? "low" : share > high ? "high" : "right";
  const massG = totalG(contents);
  const missing = standing === "low" ? saltToAddG(massG, contents.saltG, aim) : null;
  return {
    share,
    perEaterG,
    target: { low, aim, high },
    standing,
    unsaltedG: standing === "high" ? diluteG(massG, share, aim) : 0,
    missingSaltG: missing?.ok ? missing.value : 0,
  };
}
