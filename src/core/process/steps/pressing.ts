import type { FoodId } from "../../foods/food";
import type { PressFigures } from "../../foods/process";
import type { Compressibility } from "../../models/consolidation";
import { totalG } from "../contents";
import { type Fact, isMarked, type StepContext, type Vessel } from "../ledger";

/** Frozen and thawed, a block is a sponge: it gives way sooner, and faster (card 3, engineering estimates). */
const SPONGE = { drip: 0.12, thresholdKPa: 0.5 } as const;

/**
 * How a food gives up its liquor here, under a board or in the hand. The reference is its own moisture as opened; frozen and
 * thawed it is a sponge.
 */
export function compressibilityOf(
  vessel: Vessel,
  food: FoodId,
  figures: PressFigures,
  context: StepContext,
): Compressibility {
  const { drawOf } = context;
  const opened = ownMoisture(context, food) ?? figures.referenceMoisture;
  if (isMarked(vessel, "frozen-thawed"))
    return {
      referenceMoisture: opened * (1 - SPONGE.drip),
      thresholdKPa: SPONGE.thresholdKPa,
      exponent: drawOf("sponge", food),
      consolidationM2PerS: drawOf("sponge consolidation", food),
    };
  return {
    // What is sold dry is full at its table's moisture, not at that of its packet.
    referenceMoisture: context.figures(food).soak ? figures.referenceMoisture : opened,
    thresholdKPa: figures.thresholdKPa,
    exponent: drawOf("compressibility", food, figures.exponent),
    consolidationM2PerS: drawOf("consolidation", food, figures.consolidationM2PerS),
  };
}

/** Moisture of the food as it comes out of its packet, by its composition; null when its water is unknown. */
function ownMoisture(context: StepContext, id: FoodId): number | null {
  const waterG = context.food(id)?.per100.waterG ?? null;
  return waterG === null || waterG >= 100 ? null : waterG / (100 - waterG);
}

/** Tofu and its like, a little heavier than water, kg/m³ (common practice: 400 g measure about 100 × 75 × 50 mm). */
const BLOCK_DENSITY = 1050;
/** A block may be this much lighter or heavier than its edges say before it is asked about (rule of thumb: edges are read to about 10 % each). */
const LIGHTEST = 0.7;
const HEAVIEST = 1.4;

interface Edges {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly thicknessMm: number;
}

/** Holds a block's edges against the grams there are: minutes depend on the edges, so one of the two may be wrong. */
export function blockFacts({ lengthMm, widthMm, thicknessMm }: Edges, { batch }: Vessel): readonly Fact[] {
  const eachG = (lengthMm * widthMm * thicknessMm * BLOCK_DENSITY) / 1e6;
  const massG = totalG(batch);
  const ratio = massG / eachG;
  return ratio >= LIGHTEST && ratio < HEAVIEST ? [] : [{ kind: "block-size", eachG, massG, count: Math.round(ratio) }];
}

/** Coarser than this, mm, raw cells keep their water (rule of thumb). */
const COARSE_MM = 8;

/** Raw vegetables in coarse pieces give nothing until they are grated, cooked soft, or frozen and thawed. */
export const keepsItsWater = (figures: PressFigures, vessel: Vessel): boolean =>
  figures.cells === true &&
  isMarked(vessel, "raw-cells") &&
  !isMarked(vessel, "frozen-thawed") &&
  (vessel.cutMm === null || vessel.cutMm > COARSE_MM);
/** What is told when raw pieces keep their water. */
export const TOO_COARSE: readonly Fact[] = [{ kind: "coarse-to-squeeze", mostMm: COARSE_MM }];
