import { processOf } from "../../foods/process";
import { REFILL_SHARE, REFILL_TIME_MIN, refilledMoisture } from "../../models/sponge";
import { fail } from "../../quantities/result";
import { add, mainFood, moistureOf, portion, solidsG, subtract, totalG } from "../contents";
import type { Came, Fact, StepContext, Vessel } from "../ledger";
import type { MarinateStep } from "../step";
import { type Applied, broughtBy, hands, outcome, saltUpTo, together, wait } from "./common";

/**
 * Marinate: squeezed pieces spring back and drink the marinade with everything dissolved in it.
 *
 * Uptake by sponge refill (`models/sponge`). With `fit` no more is made than the pieces drink: the amounts shrink in
 * proportion when they are wetter than planned, and the salt to add makes up the difference to the target.
 * Limits: no oil barrier; a marinade that is mostly oil wets poorly.
 */
export function marinate(vessel: Vessel, step: MarinateStep, context: StepContext): Applied {
  const { batch } = vessel;
  const food = mainFood(batch);
  if (food === null) return fail({ kind: "empty-vessel" });
  const offered = broughtBy(step, context);
  if (!offered.ok) return offered;
  const marinade = together(offered.value);
  if (totalG(marinade) <= 0) return fail({ kind: "no-liquid" });

  const full = processOf(food).soak?.fullMoisture;
  const { draw, drawLot } = context;
  const room = full
    ? refilledMoisture(
        moistureOf(batch),
        drawLot(`${food} full moisture`, full) * draw("refill", REFILL_SHARE),
        step.minutes,
        draw("refill time", REFILL_TIME_MIN),
      ) - moistureOf(batch)
    : Infinity;
  const drinksG = room * solidsG(batch);
  const share = marinade.waterG === 0 ? 1 : Math.min(1, drinksG / marinade.waterG);

  const came: readonly Came[] = step.fit ? offered.value.map((c) => scaled(c, share)) : offered.value;
  const taken = portion(marinade, share);
  const pool = step.fit ? null : subtract(marinade, taken);
  const salted = saltUpTo(add(batch, taken), step.saltTo);
  if (!salted.ok) return salted;
  const facts: Fact[] = [...salted.value.facts];
  if (share < 1) {
    if (step.fit) facts.push({ kind: "fitted", share, drinksG: taken.waterG });
    else if (pool && totalG(pool) > 0.5) facts.push({ kind: "left-in-bowl", massG: totalG(pool) });
  }
  const after: Vessel = {
    ...vessel,
    batch: salted.value.contents,
    bath: pool && totalG(pool) > 1e-9 ? (vessel.bath ? add(vessel.bath, pool) : pool) : vessel.bath,
  };
  return outcome(after, [hands(step, context, 3), wait(step.minutes)], {
    came: [...came, ...salted.value.came],
    needs: step.chilled ? [{ kind: "fridge" }] : [],
    facts,
  });
}

const scaled = (c: Came, share: number): Came =>
  c.from === "food"
    ? { ...c, massG: c.massG * share, contents: portion(c.contents, share) }
    : { ...c, contents: portion(c.contents, share) };
