import { type Estimate, estimate, exactly } from "../quantities/range";
import type { FoodId } from "./food";

/** Starches that thicken; see `models/thickening`. */
export type StarchId =
  "corn-starch" | "potato-starch" | "tapioca-starch" | "arrowroot" | "wheat-flour" | "oat-flour" | "rice-flour";

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
}
/** What a binder does; see `bind/window`. Grams of water per gram of binder, minutes, flax-equivalents. */
export interface BinderFigures {
  readonly holdsFrom: number;
  readonly holdsTo: number;
  readonly timeConstantMin: number;
  readonly strength: number;
  /** For starches: figures once heated through. */
  readonly hot?: { readonly holdsFrom: number; readonly holdsTo: number; readonly strength: number };
}
export interface ProcessFigures {
  readonly soak?: SoakFigures;
  readonly press?: PressFigures;
  readonly binder?: BinderFigures;
  /** Moisture that a binding base keeps to itself, g water per g solids. */
  readonly keepsMoisture?: number;
  /** Share of the raw mass lost when browned in a pan. */
  readonly brownedLoss?: Estimate;
  /** Thickness of one layer in the pan, mm. */
  readonly layerMm?: Estimate;
  /** Moisture below which a seared piece browns instead of steaming. */
  readonly brownsAtMoisture?: Estimate;
  readonly starch?: StarchId;
}

/**
 * Process figures of foods. Form of the equations: see the models; the numbers are common practice or engineering
 * estimates (marked in `docs/models.md`), to be corrected by weighing.
 */
const FIGURES: Readonly<Record<FoodId, ProcessFigures>> = {
  "soy-strips": {
    soak: {
      startMoisture: 0.08,
      fullMoisture: estimate(2.0, 2.4, 2.8),
      t90At20Min: estimate(15, 25, 40),
      activationKJ: estimate(12, 20, 30),
      leach: estimate(0.01, 0.03, 0.08),
    },
    press: {
      referenceMoisture: 2.4,
      thresholdKPa: 1,
      exponent: estimate(0.12, 0.17, 0.22),
      consolidationM2PerS: estimate(0.3e-6, 1e-6, 3e-6),
    },
    keepsMoisture: 1.6,
    layerMm: estimate(6, 8, 10),
    brownsAtMoisture: estimate(1.15, 1.3, 1.45),
  },
  "soy-granules": {
    soak: {
      startMoisture: 0.08,
      fullMoisture: estimate(2.0, 2.3, 3.0),
      t90At20Min: estimate(8, 15, 25),
      activationKJ: estimate(12, 18, 30),
      leach: estimate(0.01, 0.03, 0.08),
    },
    press: {
      referenceMoisture: 2.3,
      thresholdKPa: 1,
      exponent: estimate(0.08, 0.12, 0.18),
      consolidationM2PerS: estimate(1e-6, 3e-6, 1e-5),
    },
    keepsMoisture: 1.6,
    layerMm: estimate(8, 10, 14),
    brownsAtMoisture: estimate(1.0, 1.2, 1.4),
  },
  "tofu-firm": {
    press: {
      referenceMoisture: 4.9,
      thresholdKPa: 0.5,
      exponent: estimate(0.08, 0.12, 0.18),
      consolidationM2PerS: estimate(0.5e-7, 1.5e-7, 5e-7),
    },
    keepsMoisture: 2.5,
    layerMm: estimate(12, 15, 20),
    brownsAtMoisture: estimate(2.2, 2.8, 3.4),
  },
  tempeh: { layerMm: estimate(8, 10, 15), brownsAtMoisture: estimate(1.0, 1.2, 1.4), keepsMoisture: 1.4 },
  "red-lentils": {
    soak: {
      startMoisture: 0.1,
      fullMoisture: estimate(0.9, 1.1, 1.3),
      t90At20Min: estimate(45, 90, 150),
      activationKJ: estimate(20, 35, 45),
      breakC: 55,
      activationAboveKJ: 12,
      leach: estimate(0.03, 0.06, 0.1),
    },
    keepsMoisture: 1.9,
  },
  cashews: {
    soak: {
      startMoisture: 0.05,
      fullMoisture: estimate(0.4, 0.5, 0.6),
      t90At20Min: estimate(180, 300, 480),
      activationKJ: estimate(20, 27, 35),
      leach: estimate(0.01, 0.03, 0.06),
    },
  },
  walnuts: {
    soak: {
      startMoisture: 0.04,
      fullMoisture: estimate(0.25, 0.35, 0.45),
      t90At20Min: estimate(240, 480, 720),
      activationKJ: estimate(20, 27, 35),
      leach: estimate(0.01, 0.03, 0.06),
    },
    keepsMoisture: 0.3,
  },
  "chickpeas-cooked": { keepsMoisture: 1.4 },
  "black-beans-cooked": { keepsMoisture: 1.4 },
  "button-mushrooms": { brownedLoss: estimate(0.55, 0.62, 0.7), layerMm: estimate(15, 20, 30), keepsMoisture: 3 },
  "oyster-mushrooms": { brownedLoss: estimate(0.55, 0.62, 0.7), layerMm: estimate(15, 20, 30), keepsMoisture: 3 },
  onion: { brownedLoss: estimate(0.2, 0.28, 0.35), layerMm: estimate(10, 15, 20), keepsMoisture: 6 },
  shallot: { brownedLoss: estimate(0.2, 0.28, 0.35), layerMm: estimate(10, 15, 20), keepsMoisture: 3 },
  carrot: { brownedLoss: estimate(0.1, 0.18, 0.28), layerMm: estimate(10, 15, 20), keepsMoisture: 6 },
  celeriac: { brownedLoss: estimate(0.1, 0.18, 0.28), layerMm: estimate(10, 15, 20), keepsMoisture: 6 },
  garlic: { brownedLoss: estimate(0.1, 0.2, 0.3), keepsMoisture: 1 },
  "ground-flax": { binder: { holdsFrom: 3, holdsTo: 8, timeConstantMin: 5, strength: 1 } },
  "ground-chia": { binder: { holdsFrom: 4, holdsTo: 10, timeConstantMin: 8, strength: 1.1 } },
  husk: { binder: { holdsFrom: 2, holdsTo: 20, timeConstantMin: 5, strength: 4 } },
  "oat-flour": { binder: { holdsFrom: 1, holdsTo: 2.4, timeConstantMin: 60, strength: 0.25 }, starch: "oat-flour" },
  "chickpea-flour": { binder: { holdsFrom: 0.7, holdsTo: 1.6, timeConstantMin: 12, strength: 0.3 } },
  "wheat-flour": {
    binder: { holdsFrom: 0.4, holdsTo: 0.9, timeConstantMin: 12, strength: 0.3 },
    starch: "wheat-flour",
  },
  breadcrumbs: { binder: { holdsFrom: 0.8, holdsTo: 2.5, timeConstantMin: 12, strength: 0.1 } },
  "tapioca-starch": {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 2, holdsTo: 8, strength: 0.7 },
    },
    starch: "tapioca-starch",
  },
  "corn-starch": {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 2, holdsTo: 8, strength: 0.6 },
    },
    starch: "corn-starch",
  },
  "potato-starch": {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 2, holdsTo: 8, strength: 0.6 },
    },
    starch: "potato-starch",
  },
  gluten: { binder: { holdsFrom: 1, holdsTo: 1.9, timeConstantMin: 4, strength: 1.2 } },
};

const NONE: ProcessFigures = {};
export const processOf = (food: FoodId): ProcessFigures => FIGURES[food] ?? NONE;

/** Palm, two hands, twisted cloth: kPa (engineering estimates). */
export const SQUEEZE_PRESSURE_KPA = {
  palm: estimate(3, 5, 8),
  hands: estimate(15, 20, 30),
  cloth: estimate(30, 50, 80),
} as const;
export const UNKNOWN_LAYER_MM = exactly(15);
