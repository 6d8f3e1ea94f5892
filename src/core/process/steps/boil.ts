import { minutesToCore } from "../../models/conduction";
import { diffusivityAt, uptakeBlock } from "../../models/diffusion";
import { minutesToReduce } from "../../models/reduction";
import { MOIST_FOOD } from "../../models/thermal";
import { checkNumber, fail } from "../../quantities/result";
import { add, at, liquor, mainFood, subtract, totalG, water } from "../contents";
import type { Input, StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, parted, watch } from "./common";
import { leastSoft } from "./soften";
import { defineStep, gear, number, type StepWith } from "../descriptor";

const FIELDS = { pan: gear, pieceMm: number(3, 120), coreC: number(40, 100) } as const;
type BoilStep = StepWith<"boil", typeof FIELDS>;

/** Boiling water on a piece, W/m²K (textbook order 300–1200). */
const BOILING_SURFACE = 800;
const SALT_DIFFUSIVITY_25C = 1e-9;
const PIECE_START_C = 15;

const isBath = (c: Input): boolean =>
  c.from === "food" && (c.food === "water" || c.food === "salt" || c.food === "stock-powder");

/**
 * Boil pieces until the middle is done. The lines that are mostly water are the bath, and are poured off.
 *
 * Minutes: heating the pot by power balance, then conduction into a cube (card 8); inside samples the time is scaled
 * with the square of the size. Salt enters by diffusion (card 4). Pieces of 25–30 mm take 12–18 min (common practice).
 */
function boil(vessel: Vessel, step: BoilStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  const bad = checkNumber("piece size", step.pieceMm, 3, 120);
  if (bad) return fail(bad);
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan, burner } = found.value;
  const { pot: bath, food } = parted(came.value, isBath);
  const raw = add(vessel.batch, food);
  if (totalG(raw) <= 0) return fail({ kind: "empty-vessel" });
  if (bath.waterG <= 0) return fail({ kind: "no-liquid" });
  const main = mainFood(raw);
  if (main !== null && context.figures(main).cook && (leastSoft(vessel.softness, came.value, context) ?? 0) < 1)
    return fail({ kind: "other-step", food: main, take: "cook" });

  const halfM = step.pieceMm / 2000;
  const core = (): number => {
    const direction = { shape: "slab", halfM } as const;
    const time = minutesToCore({
      directions: [direction, direction, direction],
      food: MOIST_FOOD,
      surface: BOILING_SURFACE,
      startC: PIECE_START_C,
      aroundC: context.boilC,
      coreC: step.coreC,
    });
    return time.ok ? time.value : NaN;
  };
  const likelyMin = context.remember(`boil ${halfM} ${step.coreC} ${context.boilC}`, core);
  if (Number.isNaN(likelyMin)) return fail({ kind: "never-done", coreC: step.coreC, aroundC: context.boilC });
  const minutes = likelyMin * context.draw("boiled piece size") ** 2;

  // The kettle brings the water near the boil; the pot has to recover from the cold pieces.
  const recover = minutesToReduce({
    massG: totalG(raw) + totalG(bath),
    waterOffG: 0,
    startC: (totalG(raw) * PIECE_START_C + totalG(bath) * 90) / (totalG(raw) + totalG(bath)),
    boilC: context.boilC,
    burnerW: burner.ratedW,
    efficiency: burner.efficiency,
    lossW: 60,
    specificHeat: 3.9,
  });
  if (!recover.ok) return recover;

  const changeG = totalG(raw) * context.draw("boiled change");
  const drunk = changeG > 0 ? liquor(bath, Math.min(changeG, bath.waterG)) : liquor(bath, 0);
  const lost = changeG < 0 ? water(Math.min(-changeG, raw.waterG), context.boilC) : water(0, context.boilC);
  const even = bath.saltG / (bath.waterG + raw.waterG);
  const uptake = uptakeBlock(diffusivityAt(SALT_DIFFUSIVITY_25C, 95), minutes * 60, [halfM, halfM, halfM]);
  const saltInG = Math.min(bath.saltG - drunk.saltG, Math.max(0, even * raw.waterG * uptake - drunk.saltG));
  const enters = { ...drunk, saltG: drunk.saltG + saltInG };
  const batch = at(add(subtract(raw, lost), enters), context.boilC);
  return outcome(
    { ...vessel, batch },
    [hands(step, context, 2), watch(recover.value.heatMin + minutes), { kind: "hands", minutes: 1 }],
    {
      inputs: came.value,
      outputs: [{ to: "drain", contents: add(subtract(bath, enters), lost) }],
      needs: panNeeds(pan),
      facts: [{ kind: "cooked-through", minutes, coreC: step.coreC }],
    },
  );
}

/** What the house knows of “boil”: settings, defaults, waits, weigh-in and rule. */
export const boilStep = defineStep({
  kind: "boil",
  fields: FIELDS,
  usual: { pan: null, pieceMm: 28, coreC: 95 },
  waitsMin: 5,
  weighed: "liquor",
  apply: boil,
});
