import { openEvaporationGPerMin } from "../../models/reduction";
import { discM2 } from "../../models/panHeat";
import { estimate } from "../../quantities/range";
import { checkNumber, fail } from "../../quantities/result";
import { add, at, subtract, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { SimmerStep } from "../step";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together, watch } from "./common";
import { SIMMER_BELOW_BOIL_C, thicknessFacts } from "./sauce";

/** Covered pans lose 0–2 % of their water in ten minutes (engineering estimate). */
const LID_LOSS_PER_MIN = estimate(0, 0.001, 0.002);
const CONVECTIVE = estimate(5, 8, 12);

/** Simmer in sauce, with or without lid; parts and foods join here. Evaporation by the Lewis analogy (card 10). */
export function simmer(vessel: Vessel, step: SimmerStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const bad = checkNumber("minutes", step.minutes, 0, 600);
  if (bad) return fail(bad);
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan } = found.value;
  const mixed = add(vessel.batch, together(came.value));
  if (mixed.waterG <= 0) return fail({ kind: "no-liquid" });
  const simmerC = context.boilC - SIMMER_BELOW_BOIL_C;
  const perMin = step.lid
    ? mixed.waterG * context.draw("loss under the lid", LID_LOSS_PER_MIN)
    : openEvaporationGPerMin(
        simmerC,
        discM2(pan.diameterM),
        context.roomC,
        0.97,
        context.draw("air over the pan", CONVECTIVE),
      );
  const steam = water(Math.min(mixed.waterG * 0.95, perMin * step.minutes), simmerC);
  const batch = at(subtract(mixed, steam), simmerC);
  return outcome({ ...vessel, batch }, [hands(step, context, 1), watch(step.minutes)], {
    came: came.value,
    left: [{ to: "air", contents: steam }],
    needs: panNeeds(pan),
    facts: thicknessFacts(batch, context),
  });
}
