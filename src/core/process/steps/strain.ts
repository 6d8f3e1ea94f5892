import { add, at, type Contents, NOTHING, portion, subtract, totalG, water } from "../contents";
import { fail } from "../../quantities/result";
import type { FoodId } from "../../foods/food";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome } from "./common";
import { solidsWhere, sumOver } from "../solids";
import { choice, defineStep, type StepWith } from "../descriptor";

const FIELDS = { keep: choice("liquid", "pieces") } as const;
type StrainStep = StepWith<"strain", typeof FIELDS>;

/**
 * Strain: pieces and liquid of one pot part company; one goes on, the other can be taken again like any liquor, or goes. What was
 * simmered is one mass in the ledger: pieces keep the water that belongs to them, salt and sugar go along in one strength, fat
 * floats on the liquid but for a film. What passes a sieve whole stays whole.
 */
function strain(vessel: Vessel, step: StrainStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const { pieces, liquid } = vessel.bath === null ? parted(batch, context) : { pieces: batch, liquid: vessel.bath };
  const filmG = Math.min(totalG(liquid), totalG(pieces) * context.draw("draining film"));
  const film = totalG(liquid) > 0 ? portion(liquid, filmG / totalG(liquid)) : NOTHING;
  const solid = add(pieces, film);
  const poured = subtract(liquid, film);
  if (step.keep === "liquid" && totalG(poured) <= 0) return fail({ kind: "no-liquid" });
  const [stays, goes] = step.keep === "liquid" ? [poured, solid] : [solid, poured];
  const after =
    step.keep === "liquid"
      ? {
          ...vessel,
          batch: stays,
          bath: null,
          pieces: null,
          cutMm: null,
          boundMin: null,
          middleC: null,
          softness: null,
          lumps: [],
        }
      : { ...vessel, batch: stays, bath: null };
  return outcome(after, [hands(step, context, 2)], {
    outputs: [{ to: "drain", contents: goes }],
    facts: totalG(goes) <= 0 ? [{ kind: "nothing-to-drain" }] : [],
  });
}

/** Dissolved, melted or ground to nothing: it goes where the liquid goes. */
const isPiece = (food: FoodId, { food: lookup, figures }: StepContext): boolean => {
  const found = lookup(food);
  if (found === null) return true;
  const { group } = found;
  if (group === "liquid" || group === "fat" || group === "starch") return false;
  return group !== "seasoning" || figures(food).soak !== undefined;
};
/** Of what was simmered together: pieces with the water that is theirs, and the rest. */
function parted(batch: Contents, context: StepContext): { readonly pieces: Contents; readonly liquid: Contents } {
  const solids = solidsWhere(batch.solids, (food) => isPiece(food, context));
  const heldG = sumOver(solids, (food, grams) => grams * holds(food, context) * context.draw("held when strained"));
  const waterG = Math.min(batch.waterG, heldG);
  const share = batch.waterG > 0 ? waterG / batch.waterG : 0;
  const dissolved = portion({ ...batch, solids: NOTHING.solids, waterG: 0, oilG: 0 }, share);
  const oilG = batch.oilG * Math.min(share, OIL_ON_PIECES);
  const pieces = at(add({ ...dissolved, solids, oilG }, water(waterG, batch.tempC)), batch.tempC);
  return { pieces, liquid: at(subtract(batch, pieces), batch.tempC) };
}
/** Fat floats: at most so much of it stays on the pieces (engineering estimate). */
const OIL_ON_PIECES = 0.3;
/** Water that belongs to a gram of solids: of what was dried as much as it holds when full, of what is fresh its own. */
function holds(food: FoodId, { food: lookup, figures }: StepContext): number {
  const full = figures(food).cook?.cookedMoisture ?? figures(food).soak?.fullMoisture;
  if (full !== undefined) return full.likely;
  const per100 = lookup(food)?.per100;
  const waterG = per100?.waterG ?? null;
  return waterG === null ? USUAL_HOLD : waterG / Math.max(5, 100 - waterG);
}
/** Of what nobody knows: two thirds water (rule of thumb). */
const USUAL_HOLD = 2;

/** What the house knows of “strain”: settings, defaults, waits, weigh-in and rule. */
export const strainStep = defineStep({
  kind: "strain",
  fields: FIELDS,
  usual: { keep: "liquid" },
  waitsMin: 60,
  weighed: "liquor",
  lines: "before",
  fitsBath: true,
  leavesFood: true,
  apply: strain,
});
