import { add, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { CutStep, MashStep, SeasonStep, WeighStep } from "../step";
import { estimate } from "../../quantities/range";
import { type Applied, broughtBy, hands, outcome, saltUpTo, together } from "./common";

/** Open, weigh: what is named goes into the vessel. */
export function weigh(vessel: Vessel, step: WeighStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const after = { ...vessel, batch: add(vessel.batch, together(came.value)) };
  return outcome(after, [hands(step, context, 1 + step.adds.length / 2)], { came: came.value });
}

/** Grams a home cook cuts per minute into pieces of a size: coarse goes faster (engineering estimate). */
const cutRateGPerMin = (pieceMm: number): number => Math.min(250, Math.max(30, 5 * pieceMm));

/** Cut, slice or tear: no mass moves, the pieces and the minutes do. */
export function cut(vessel: Vessel, step: CutStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  if (totalG(batch) <= 0) return { ok: false, failure: { kind: "empty-vessel" } };
  const minutes = 1 + totalG(batch) / cutRateGPerMin(step.pieceMm);
  return outcome({ ...vessel, batch }, [hands(step, context, minutes)], { came: came.value });
}

/** Season: what is named, then salt up to the target by mass balance. */
export function season(vessel: Vessel, step: SeasonStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const mixed = add(vessel.batch, together(came.value));
  if (totalG(mixed) <= 0) return { ok: false, failure: { kind: "empty-vessel" } };
  const salted = saltUpTo(mixed, step.saltTo);
  if (!salted.ok) return salted;
  return outcome({ ...vessel, batch: salted.value.contents }, [hands(step, context, 2)], {
    came: [...came.value, ...salted.value.came],
    facts: salted.value.facts,
  });
}

/** Mash: hot pieces steam off some water while they are crushed (2–5 %, engineering estimate), then season. */
export function mash(vessel: Vessel, step: MashStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  if (totalG(vessel.batch) <= 0) return { ok: false, failure: { kind: "empty-vessel" } };
  const steam = water(vessel.batch.waterG * context.draw("steam while mashing", estimate(0.01, 0.025, 0.05)), 90);
  const mixed = add({ ...vessel.batch, waterG: vessel.batch.waterG - steam.waterG }, together(came.value));
  const salted = saltUpTo(mixed, step.saltTo);
  if (!salted.ok) return salted;
  return outcome({ ...vessel, batch: salted.value.contents }, [hands(step, context, 4 + totalG(mixed) / 500)], {
    came: [...came.value, ...salted.value.came],
    left: [{ to: "air", contents: steam }],
    facts: salted.value.facts,
  });
}
