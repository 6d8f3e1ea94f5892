import { type Estimate, exactly } from "../quantities/range";
import type { FoodId } from "./food";
import type { InsideMark } from "./insideMarks";
import { FIGURES } from "./processTable";

/** Starches that thicken; see `models/thickening`. */
export const STARCHES = [
  "corn-starch",
  "potato-starch",
  "tapioca-starch",
  "arrowroot",
  "wheat-flour",
  "oat-flour",
  "rice-flour",
] as const;
/** A food that thickens as starch. */
export type StarchId = (typeof STARCHES)[number];

/** How a dried food drinks; see `models/soaking`. Minutes at 20 °C, kJ/mol, g water per g solids. */
export interface SoakFigures {
  readonly startMoisture: number;
  readonly fullMoisture: Estimate;
  readonly t90At20Min: Estimate;
  readonly activationKJ: Estimate;
  readonly breakC?: number;
  readonly activationAboveKJ?: number;
  /** Solids that go into the bath, share of the solids. */
  readonly leach: Estimate;
}
/** How it gives liquor up; see `models/consolidation`. */
export interface PressFigures {
  /** Moisture as opened or fully soaked; only the default where a label or the ledger knows better. */
  readonly referenceMoisture: number;
  readonly thresholdKPa: number;
  readonly exponent: Estimate;
  readonly consolidationM2PerS: Estimate;
  /** Cells hold the water: it runs only once they are grated, chopped fine or cooked soft. */
  readonly cells?: true;
}
/** What a binder does; see `bind/window`. Grams of water per gram of binder, minutes, flax-equivalents. */
export interface BinderFigures {
  readonly holdsFrom: number;
  readonly holdsTo: number;
  readonly timeConstantMin: number;
  readonly strength: number;
  /** Grams that, with their water, take the place of one shelled egg (common practice); none where nobody uses it so. */
  readonly eggG?: number;
  /** Not a powder that is added by the spoon: grated or mashed, its own starch binds. */
  readonly base?: true;
  /** For starches: figures once heated through. */
  readonly hot?: { readonly holdsFrom: number; readonly holdsTo: number; readonly strength: number };
}
/** How a pulse, grain or pasta softens and swells in water; see `models/softening`. */
export interface CookFigures {
  /** Temperature rise that makes it ten times as fast, K; that of pulses where nothing is said. */
  readonly zK?: number;
  /** Minutes at 100 °C until done, from the state named. */
  readonly softMin: Estimate;
  readonly from: "dry" | "soaked";
  /** Moisture once cooked, g water per g solids. */
  readonly cookedMoisture: Estimate;
  readonly leach: Estimate;
  /** Foams under pressure: fill the cooker to half only. */
  readonly foams: boolean;
}
/** What a step has to see to first: food that must not be eaten as it is, cells that keep their water. */
export type RawMark = "raw-beans" | "raw-mushrooms" | "raw-tempeh" | "raw-cyanide" | "raw-cells" | InsideMark;
/** How a food behaves in the kitchen; what is missing is not known. */
export interface ProcessFigures {
  readonly raw?: Exclude<RawMark, "raw-cells" | InsideMark>;
  readonly cook?: CookFigures;
  /** Oil that it drinks in a pan, g for each g of its solids: sponges and crumbs. */
  readonly drinksOil?: Estimate;
  /** Share of the raw mass lost in the oven, 30 min at 200 °C. */
  readonly bakedLoss?: Estimate;
  readonly soak?: SoakFigures;
  readonly press?: PressFigures;
  readonly binder?: BinderFigures;
  /** Moisture that a binding base keeps to itself, g water per g solids. */
  readonly keepsMoisture?: number;
  /** Share of the raw mass lost when browned in a pan. */
  readonly brownedLoss?: Estimate;
  /** Baked halved or hollow: the wall that heat has to go through from both sides, mm. */
  readonly wallMm?: number;
  /** A flat bread, which lies alone: how wide, mm. */
  readonly flatMm?: number;
  /** Bakes in its own skin: no surface that dries. */
  readonly skin?: true;
  /** Thickness of one layer in the pan, mm. */
  readonly layerMm?: Estimate;
  /** Moisture below which a seared piece browns instead of steaming. */
  readonly brownsAtMoisture?: Estimate;
  readonly starch?: StarchId;
}

const NONE: ProcessFigures = {};
/** Figures by the food's id; a cook's own food asks for those of the food it is like. */
export const processOf = (food: FoodId): ProcessFigures => FIGURES[food] ?? NONE;
/** Whether anything is known of how this built-in food behaves. */
export const hasFigures = (food: FoodId): boolean => food in FIGURES;

/** Thickness of a layer of pieces of which nobody said it, mm. */
export const UNKNOWN_LAYER_MM = exactly(15);
