import type { PressFigures } from "../../foods/process";
import { totalG } from "../contents";
import { type Fact, isMarked, type Vessel } from "../ledger";

/** Tofu and its like, a little heavier than water, kg/m³ (common practice: 400 g measure about 100 × 75 × 50 mm). */
const BLOCK_DENSITY = 1050;
/** A block may be this much lighter or heavier than its edges say before it is asked about. */
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
