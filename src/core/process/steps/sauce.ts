import { feltStarch, starchPer100, thickeningStarchG, thicknessOf, thinningLiquidG } from "../../models/thickening";
import type { Contents } from "../contents";
import type { Fact, StepContext } from "../ledger";
import { cornEquivalentG } from "./common";

/** A gentle simmer stands a few kelvin below the boil (common practice: 94–97 °C). */
export const SIMMER_BELOW_BOIL_C = 4;
/** How warm a sauce is when it reaches the plate (rule of thumb). */
const AT_TABLE_C = 60;

/** The middle of what coats a spoon, corn starch in g per 100 g of liquid (card 11). */
const COATS_PER_100 = 2.1;

/** How thick the liquid is now and on the plate; nothing is said without starch. */
export function thicknessFacts(contents: Contents, context: Pick<StepContext, "figures">): Fact[] {
  const corn = cornEquivalentG(contents, context.figures);
  if (corn <= 0 || contents.waterG <= 0) return [];
  const liquidG = contents.waterG + contents.oilG;
  const per100 = starchPer100(corn, liquidG);
  const atTable = thicknessOf(feltStarch(per100, AT_TABLE_C));
  // Aimed at as it is in the pan, so that it coats on the plate.
  const wanted = COATS_PER_100 / feltStarch(1, AT_TABLE_C);
  const thin = atTable === "broth" || atTable === "light";
  return [
    {
      kind: "thickness",
      per100,
      thickness: thicknessOf(per100),
      atTable,
      starchG: thin ? thickeningStarchG(liquidG, per100, wanted, "corn-starch") : 0,
      thinningG: atTable === "thick" || atTable === "sets" ? thinningLiquidG(liquidG, per100, wanted) : 0,
    },
  ];
}
