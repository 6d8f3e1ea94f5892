import type { Draw } from "../quantities/draw";
import type { BadNumber } from "../quantities/result";
import type { FoodId } from "../foods/food";
import type { Thickness } from "../models/thickening";
import type { BindingState } from "../models/binderWater";
import { add, type Contents, NOTHING, SPECIES, sum, totalG } from "./contents";
import type { Line, PartId } from "./step";

/** Equal pieces, once shaped. */
export interface ShapedPieces {
  readonly count: number;
  readonly eachG: number;
  readonly form: "ball" | "patty";
  readonly diameterMm: number;
  readonly thicknessMm: number;
}

/** A part on its way: the food, the liquid it lies in, and what shaping and binding remember. */
export interface Vessel {
  readonly batch: Contents;
  readonly bath: Contents | null;
  readonly pieces: ShapedPieces | null;
  /** Minutes the binders have had, at room temperature; null before binding. */
  readonly boundMin: number | null;
}
export const EMPTY_VESSEL: Vessel = { batch: NOTHING, bath: null, pieces: null, boundMin: null };

export type Came = { readonly contents: Contents } & (
  | { readonly from: "food"; readonly food: FoodId; readonly massG: number }
  | { readonly from: "part"; readonly part: PartId }
);
export interface Left {
  readonly to: "air" | "drain" | "utensil";
  readonly contents: Contents;
}

/** Time in the order it passes: both hands, an eye on it, or by itself. */
export interface Phase {
  readonly kind: "hands" | "watch" | "wait";
  readonly minutes: number;
}

export type Need =
  { readonly kind: "burner" } | { readonly kind: "pan"; readonly pan: string } | { readonly kind: "fridge" };

/** What a step has to tell beside grams and minutes. */
export type Fact =
  | { readonly kind: "soaked"; readonly share: number; readonly bathC: number }
  | { readonly kind: "already-drier"; readonly moisture: number }
  | { readonly kind: "bath-short"; readonly missingG: number }
  | { readonly kind: "fitted"; readonly share: number; readonly drinksG: number }
  | { readonly kind: "left-in-bowl"; readonly massG: number }
  | { readonly kind: "salt-added"; readonly massG: number; readonly wanted: number }
  | { readonly kind: "already-saltier"; readonly share: number; readonly wanted: number }
  | {
      readonly kind: "batches";
      readonly count: number;
      readonly eachG: number;
      readonly eachMin: number;
      readonly limitedBy: "room in the pan" | "heat of the burner";
    }
  | { readonly kind: "water-off"; readonly massG: number }
  | { readonly kind: "thickness"; readonly per100: number; readonly thickness: Thickness; readonly atTable: Thickness }
  | { readonly kind: "cooked-through"; readonly minutes: number; readonly coreC: number }
  | { readonly kind: "binding"; readonly state: BindingState }
  | { readonly kind: "pieces"; readonly pieces: ShapedPieces; readonly offTarget: boolean; readonly thick: boolean };

export interface Outcome {
  readonly after: Vessel;
  readonly came: readonly Came[];
  readonly left: readonly Left[];
  readonly phases: readonly Phase[];
  readonly needs: readonly Need[];
  readonly facts: readonly Fact[];
}

export type StepFailure =
  | BadNumber
  | { readonly kind: "unknown-food"; readonly food: FoodId }
  | { readonly kind: "unknown-water"; readonly food: FoodId }
  | { readonly kind: "no-figures"; readonly food: FoodId; readonly wants: "soaking" | "pressing" }
  | { readonly kind: "empty-vessel" }
  | { readonly kind: "no-bath" }
  | { readonly kind: "no-liquid" }
  | { readonly kind: "part-missing"; readonly part: PartId }
  | { readonly kind: "part-blocked"; readonly part: PartId }
  | { readonly kind: "cycle"; readonly part: PartId }
  | { readonly kind: "no-pan"; readonly wants: "frying" | "pot" }
  | { readonly kind: "no-burner" }
  | { readonly kind: "piece-too-big"; readonly panMm: number; readonly pieceMm: number }
  | { readonly kind: "never-done"; readonly coreC: number; readonly aroundC: number }
  | { readonly kind: "too-weak"; readonly burnerW: number }
  | { readonly kind: "no-binder" }
  | { readonly kind: "not-shaped" }
  | { readonly kind: "part-used-up"; readonly part: PartId; readonly share: number };

export interface PanFacts {
  readonly id: string;
  readonly diameterM: number;
}

/** What a step may know of the world: figures of the kitchen, and the value of each uncertain parameter. */
export interface StepContext {
  readonly roomC: number;
  readonly boilC: number;
  /** Heat into the pan from the strongest burner, W; null without one. */
  readonly burner: { readonly netW: number; readonly ratedW: number; readonly efficiency: number } | null;
  readonly pan: (id: string | null, kind: "frying" | "pot") => PanFacts | null;
  readonly bring: (lines: readonly Line[]) => readonly Came[] | StepFailure;
  /** An uncertain parameter of this step alone. */
  readonly draw: Draw;
  /** One of the lot of food, the same wherever the supper uses it. */
  readonly drawLot: Draw;
  /** Times by size, reckoned once and scaled inside samples. */
  readonly remember: (key: string, reckon: () => number) => number;
}

/** Every gram of a vessel: the food and what it lies in. */
export const vesselContents = (v: Vessel): Contents => (v.bath === null ? v.batch : add(v.batch, v.bath));

/** Largest gap in any species between before + came and after + left, g. Zero but for rounding, or a step is wrong. */
export function conservationGapG(before: Vessel, outcome: Outcome): number {
  const into = add(vesselContents(before), sum(outcome.came.map((c) => c.contents)));
  const out = add(vesselContents(outcome.after), sum(outcome.left.map((l) => l.contents)));
  const gaps: number[] = SPECIES.map((s) => Math.abs(into[s] - out[s]));
  for (const food of new Set([...Object.keys(into.solids), ...Object.keys(out.solids)]))
    gaps.push(Math.abs((into.solids[food] ?? 0) - (out.solids[food] ?? 0)));
  return Math.max(...gaps);
}

export const cameG = (outcome: Outcome): number => outcome.came.reduce((m, c) => m + totalG(c.contents), 0);
export const leftG = (outcome: Outcome): number => outcome.left.reduce((m, l) => m + totalG(l.contents), 0);
