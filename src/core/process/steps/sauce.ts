import { minutesToReduce, openEvaporationGPerMin } from "../../models/reduction";
import { discM2 } from "../../models/panHeat";
import { feltStarch, starchPer100, thicknessOf } from "../../models/thickening";
import { estimate } from "../../quantities/range";
import { checkNumber, fail } from "../../quantities/result";
import { add, at, type Contents, subtract, totalG, water } from "../contents";
import type { Fact, StepContext, Vessel } from "../ledger";
import type { ReduceStep, SimmerStep, ThickenStep } from "../step";
import {
  type Applied,
  broughtBy,
  cornEquivalentG,
  hands,
  outcome,
  panAndBurner,
  panNeeds,
  together,
  watch,
} from "./common";

const SAUCE_HEAT_J_PER_G_K = 3.9;
/** Loss from the pan's sides, W (engineering estimate). */
const PAN_LOSS_W = 60;
/** Covered pans lose 0–2 % of their water in ten minutes (engineering estimate). */
const LID_LOSS_PER_MIN = estimate(0, 0.001, 0.002);
/** A gentle simmer stands a few kelvin below the boil. */
const SIMMER_BELOW_BOIL_C = 4;
const CONVECTIVE = estimate(5, 8, 12);
/** Where a sauce is when it reaches the plate. */
const AT_TABLE_C = 60;

/** How thick the liquid is now and on the plate; nothing is said without starch. */
function thicknessFacts(contents: Contents): Fact[] {
  const corn = cornEquivalentG(contents);
  if (corn <= 0 || contents.waterG <= 0) return [];
  const per100 = starchPer100(corn, contents.waterG + contents.oilG);
  return [
    { kind: "thickness", per100, thickness: thicknessOf(per100), atTable: thicknessOf(feltStarch(per100, AT_TABLE_C)) },
  ];
}

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
    facts: thicknessFacts(batch),
  });
}

/** Reduce to a share of its mass at the boil: the water is given, the minutes follow from the burner (card 10). */
export function reduce(vessel: Vessel, step: ReduceStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const bad = checkNumber("share that stays", step.toShare, 0.1, 1);
  if (bad) return fail(bad);
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const mixed = add(vessel.batch, together(came.value));
  if (mixed.waterG <= 0) return fail({ kind: "no-liquid" });
  const offG = Math.min(mixed.waterG * 0.95, totalG(mixed) * (1 - step.toShare));
  const time = minutesToReduce({
    massG: totalG(mixed),
    waterOffG: offG,
    startC: mixed.tempC,
    boilC: context.boilC,
    burnerW: burner.ratedW,
    efficiency: burner.efficiency,
    lossW: context.draw("pan loss", estimate(PAN_LOSS_W / 2, PAN_LOSS_W, PAN_LOSS_W * 2)),
    specificHeat: SAUCE_HEAT_J_PER_G_K,
  });
  if (!time.ok) return time;
  const steam = water(offG, context.boilC);
  const batch = at(subtract(mixed, steam), context.boilC);
  return outcome({ ...vessel, batch }, [hands(step, context, 1), watch(time.value.heatMin + time.value.boilMin)], {
    came: came.value,
    left: [{ to: "air", contents: steam }],
    needs: panNeeds(pan),
    facts: [{ kind: "water-off", massG: offG }, ...thicknessFacts(batch)],
  });
}

/** Thicken: starch gelatinises in a minute or two at the boil; the strength is grams of corn-starch equivalent. */
export function thicken(vessel: Vessel, step: ThickenStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = at(add(vessel.batch, together(came.value)), context.boilC - SIMMER_BELOW_BOIL_C);
  if (batch.waterG <= 0) return fail({ kind: "no-liquid" });
  return outcome({ ...vessel, batch }, [hands(step, context, 1 + step.minutes)], {
    came: came.value,
    needs: panNeeds(found.value.pan),
    facts: thicknessFacts(batch),
  });
}
