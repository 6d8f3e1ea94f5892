import { feltStarch, starchPer100, thicknessOf } from "../../models/thickening";
import type { Contents } from "../contents";
import type { Fact, StepContext } from "../ledger";
import { cornEquivalentG } from "./common";

/** A gentle simmer stands a few kelvin below the boil. */
export const SIMMER_BELOW_BOIL_C = 4;
/** Where a sauce is when it reaches the plate. */
const AT_TABLE_C = 60;

/** How thick the liquid is now and on the plate; nothing is said without starch. */
export function thicknessFacts(contents: Contents, context: Pick<StepContext, "figures">): Fact[] {
  const corn = cornEquivalentG(contents, context.figures);
  if (corn <= 0 || contents.waterG <= 0) return [];
  const per100 = starchPer100(corn, contents.waterG + contents.oilG);
  return [
    { kind: "thickness", per100, thickness: thicknessOf(per100), atTable: thicknessOf(feltStarch(per100, AT_TABLE_C)) },
  ];
}
