import { refilledMoisture } from "../../models/sponge";
import { diffusivityAt, frontDepthM } from "../../models/diffusion";
import { fail } from "../../quantities/result";
import { add, at, type Contents, mainFood, moistureOf, NOTHING, portion, solidsG, subtract, totalG } from "../contents";
import { type Input, type Fact, scaledInput, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, FRIDGE_C, hands, outcome, saltUpTo, together, wait } from "./common";
import { pieceShapeOf, volumeOverSurfaceM } from "./geometry";
import { evenedOut, toEvenG } from "./smallBath";
import { defineStep, flag, minutes, saltTo, type StepWith } from "../descriptor";

const FIELDS = { minutes, fit: flag, saltTo, chilled: flag } as const;
type MarinateStep = StepWith<"marinate", typeof FIELDS>;

/**
 * Marinate: squeezed pieces spring back and drink the marinade with everything dissolved in it.
 *
 * Uptake by sponge refill (`models/sponge`). With `fit` no more is made than the pieces drink: the amounts shrink in
 * proportion when they are wetter than planned, and the salt to add makes up the difference to the target.
 * Limits: no oil barrier; a marinade that is mostly oil wets poorly.
 */
function marinate(vessel: Vessel, step: MarinateStep, context: StepContext): Applied {
  const { batch } = vessel;
  const food = mainFood(batch);
  if (food === null) return fail({ kind: "empty-vessel" });
  const offered = broughtBy(step, context);
  if (!offered.ok) return offered;
  const marinade = together(offered.value);
  if (totalG(marinade) <= 0) return fail({ kind: "no-liquid" });

  const full = context.figures(food).soak?.fullMoisture;
  const { draw, drawOf } = context;
  const room = full
    ? refilledMoisture(
        moistureOf(batch),
        drawOf("full moisture", food, full) * draw("marinade refill"),
        step.minutes,
        draw("marinade refill time"),
      ) - moistureOf(batch)
    : Infinity;
  const drinksG = room * solidsG(batch);
  const share = marinade.waterG === 0 ? 1 : Math.min(1, drinksG / marinade.waterG);
  if (!full) return soakedIn(vessel, step, context, offered.value);

  const came: readonly Input[] = step.fit ? offered.value.map((c) => scaledInput(c, share)) : offered.value;
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
    batch: at(salted.value.contents, cooledTo(salted.value.contents.tempC, step)),
    bath: pool && totalG(pool) > 1e-9 ? (vessel.bath ? add(vessel.bath, pool) : pool) : vessel.bath,
  };
  return outcome(after, [hands(step, context, 3), wait(step.minutes)], {
    inputs: [...came, ...salted.value.came],
    needs: step.chilled ? [{ kind: "fridge" }] : [],
    facts,
  });
}

/** A dish of pieces in the fridge: half of the difference is gone in about half an hour (engineering estimate). */
const FRIDGE_MIN = 45;
const cooledTo = (tempC: number, step: MarinateStep): number =>
  step.chilled ? FRIDGE_C + (tempC - FRIDGE_C) * Math.exp(-step.minutes / FRIDGE_MIN) : tempC;

/** A strip or cube of usual size (rule of thumb). */
const UNKNOWN_PIECE_MM = 15;

/**
 * Pieces that are no sponge: a film clings, and what is dissolved wanders in, to the share that both waters together
 * would have, as far as time and size allow: a small bath and a slab of the piece's volume over surface (card 4). The rest
 * stays in the bowl.
 */
function soakedIn(vessel: Vessel, step: MarinateStep, context: StepContext, offered: readonly Input[]): Applied {
  const { batch } = vessel;
  const marinade = together(offered);
  const clings = portion(marinade, Math.min(1, (context.draw("marinade film") * totalG(batch)) / totalG(marinade)));
  const pool = subtract(marinade, clings);
  const shape = pieceShapeOf({ ...vessel, cutMm: vessel.cutMm ?? UNKNOWN_PIECE_MM }, context);
  const speed = diffusivityAt(context.drawLot("marinade diffusivity"), step.chilled ? FRIDGE_C : context.roomC);
  const wanders = wanderedIn(batch, pool, (speed * step.minutes * 60) / volumeOverSurfaceM(shape) ** 2, context);
  const salted = saltUpTo(add(add(batch, clings), wanders), step.saltTo);
  if (!salted.ok) return salted;
  const stays = subtract(pool, wanders);
  const facts: Fact[] = [
    ...salted.value.facts,
    { kind: "left-in-bowl", massG: totalG(stays) },
    { kind: "depth-reached", mm: frontDepthM(speed, step.minutes * 60) * 1000, middleMm: shape.thicknessMm / 2 },
  ];
  return outcome(
    {
      ...vessel,
      batch: at(salted.value.contents, cooledTo(salted.value.contents.tempC, step)),
      bath: totalG(stays) > 1e-9 ? (vessel.bath ? add(vessel.bath, stays) : stays) : vessel.bath,
    },
    [hands(step, context, 3), wait(step.minutes)],
    {
      inputs: [...offered, ...salted.value.came],
      needs: step.chilled ? [{ kind: "fridge" }] : [],
      facts,
    },
  );
}

/** What wanders from the bowl into the pieces until then; what is evenly strong already stays where it is. */
function wanderedIn(pieces: Contents, pool: Contents, fourier: number, context: StepContext): Contents {
  const far = evenedOut(pieces, pool, fourier, context);
  const into = (of: Parameters<typeof toEvenG>[2]) => Math.max(0, toEvenG(pieces, pool, of) * far);
  return {
    ...NOTHING,
    tempC: pool.tempC,
    saltG: into("saltG"),
    sugarG: into("sugarG"),
    acidG: into("acidG"),
    umamiG: into("umamiG"),
  };
}

/** What the house knows of “marinate”: settings, defaults, waits, weigh-in and rule. */
export const marinateStep = defineStep({
  kind: "marinate",
  fields: FIELDS,
  usual: { minutes: 10, fit: true, saltTo: null, chilled: false },
  waitsMin: 90,
  weighed: "addition",
  lines: "coat",
  fitsBath: true,
  apply: marinate,
});
