import { fail } from "../../quantities/result";
import { diffusivityAt, SALT_DIFFUSIVITY_25C, uptakeLargeBath } from "../../models/diffusion";
import { add, type Contents, liquor, mainFood, NOTHING, saltShare, subtract, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { pieceShapeOf, volumeOverSurfaceM } from "./geometry";
import { choice, defineStep, number, wholeNumber, type StepWith } from "../descriptor";

const FIELDS = {
  how: choice("swirl", "soak", "simmer"),
  times: wholeNumber(1, 20),
  waterG: number(10, 50_000),
} as const;
type RinseStep = StepWith<"rinse", typeof FIELDS>;

/** As the form says them. */
const MINUTES = { swirl: 0.5, soak: 10, simmer: 10 } as const;
/** Brine that clings to the outside and goes at once, share of the pieces' water (engineering estimate). */
const SURFACE_SHARE = 0.05;
/** Loose pieces of which nobody knows the size (rule of thumb: strips, shreds, slices). */
const UNKNOWN_PIECE_MM = 10;

/**
 * Rinse in fresh water: what clings goes at once, what is inside wanders out as far as time and size allow (small bath, card 4):
 * a rinse washes the surface of a block and a good part of a caper. Never below the share that both waters would have. The water
 * itself comes and goes; solids stay.
 */
function rinse(vessel: Vessel, step: RinseStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (batch.waterG <= 0) return fail({ kind: "empty-vessel" });
  const main = mainFood(batch);
  const sold = main === null ? undefined : context.food(main)?.measures.piece;
  const cutMm = vessel.cutMm ?? (sold === undefined ? UNKNOWN_PIECE_MM : null);
  const halfM = volumeOverSurfaceM(pieceShapeOf({ ...vessel, cutMm }, context));
  const speed = diffusivityAt(SALT_DIFFUSIVITY_25C, step.how === "simmer" ? context.boilC : context.roomC);
  const wanders = uptakeLargeBath("slab", (speed * MINUTES[step.how] * 60) / halfM ** 2);
  const exchange = Math.min(1, (SURFACE_SHARE + (1 - SURFACE_SHARE) * wanders) * context.draw("rinsing"));
  const stays = (1 - (exchange * step.waterG) / (batch.waterG + step.waterG)) ** step.times;
  const washed: Contents = { ...liquor(batch, batch.waterG * (1 - stays)), waterG: 0 };
  const fresh = water(step.waterG * step.times, context.roomC);
  const rinsed = subtract(batch, washed);
  const perRinse = MINUTES[step.how] * step.times;
  return outcome(
    { ...vessel, batch: rinsed, bath: null },
    [
      hands(step, context, 1 + step.times * 0.5 + (step.how === "swirl" ? perRinse : 0)),
      ...(step.how === "swirl" ? [] : [wait(perRinse)]),
    ],
    {
      inputs: [{ from: "food", food: "water", massG: fresh.waterG, contents: fresh }],
      outputs: [{ to: "drain", contents: add(add(fresh, washed), vessel.bath ?? NOTHING) }],
      facts: [{ kind: "rinsed", fromShare: saltShare(batch), toShare: totalG(rinsed) > 0 ? saltShare(rinsed) : 0 }],
    },
  );
}

/** What the house knows of “rinse”: settings, defaults, waits, weigh-in and rule. */
export const rinseStep = defineStep({
  kind: "rinse",
  fields: FIELDS,
  usual: { how: "swirl", times: 2, waterG: 1000 },
  waitsMin: 120,
  weighed: "liquor",
  lines: "before",
  fitsBath: true,
  apply: rinse,
});
