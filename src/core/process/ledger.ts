import type { Estimate } from "../quantities/range";
import type { FoodParameter, LotParameter, StepParameter } from "./parameters";
import type { Memory } from "../quantities/memory";
import type { BadNumber, Result } from "../quantities/result";
import type { FoodId, FoodLookup } from "../foods/food";
import type { ProcessFigures, RawMark } from "../foods/process";
import type { Thickness } from "../models/thickening";
import type { BindingState } from "../models/binderWater";
import { add, type Contents, NOTHING, portion, SPECIES, sum, totalG } from "./contents";
import { solidsOfFood } from "./solids";
import type { Line, PartId, ShapeForm, StepId } from "./step";

/** Equal pieces, once shaped, sliced, filled or laid in a tin. */
export interface ShapedPieces {
  readonly count: number;
  readonly eachG: number;
  readonly form: ShapeForm | "slice" | "shell" | "layer";
  /** Across; for a log its thickness, for a layer in a tin the tin's width. */
  readonly diameterMm: number;
  /** The way that heat has to go. */
  readonly thicknessMm: number;
  readonly lengthMm: number;
}
/** What was done to it that later steps have to know. */
export type Mark = "frozen" | "frozen-thawed" | "set-by-heat" | RawMark;
const RAW_MARKS: readonly Mark[] = ["raw-beans", "raw-mushrooms", "raw-tempeh", "raw-cells"];
/** What of a vessel is raw. */
export const rawOf = (vessel: Vessel): readonly RawMark[] =>
  vessel.marks.filter((m): m is RawMark => RAW_MARKS.includes(m));

/** Hot food on its way down, as the Food Code counts it: minutes below 135 °F so far, and when it passed 70 °F. */
export interface Cooling {
  readonly sinceMin: number;
  /** Minutes from 135 to 70 °F; null while it is warmer. */
  readonly to21Min: number | null;
  /** How deep it lies since it was spread; null as it was cooked. */
  readonly depthMm: number | null;
}
/** A part on its way: the food, the liquid it lies in, and what shaping, binding and freezing remember. */
export interface Vessel {
  readonly batch: Contents;
  readonly bath: Contents | null;
  readonly pieces: ShapedPieces | null;
  /** Thickness of loose pieces as they were cut, mm; null when nobody said. */
  readonly cutMm: number | null;
  /** Minutes the binders have had, at room temperature; null before binding. */
  readonly boundMin: number | null;
  readonly marks: readonly Mark[];
  /** How far the least done pulse, grain or pasta in it is: 0 dry or soaked, 1 soft; null where there is none. */
  readonly softness: number | null;
  /** Null: never hot, or heated again since. */
  readonly cooling: Cooling | null;
}
const NO_MARKS: readonly Mark[] = [];
/** A vessel before its first step. */
export const EMPTY_VESSEL: Vessel = {
  batch: NOTHING,
  bath: null,
  pieces: null,
  cutMm: null,
  boundMin: null,
  marks: NO_MARKS,
  softness: null,
  cooling: null,
};
/** Whether something was done to it that later steps have to know. */
export const isMarked = (vessel: Vessel, mark: Mark): boolean => vessel.marks.includes(mark);
/** The marks with one more; the same list when it is there. */
export const marked = (marks: readonly Mark[], mark: Mark): readonly Mark[] =>
  marks.includes(mark) ? marks : [...marks, mark];

/** Something that went in at a step. */
export type Input = { readonly contents: Contents } & (
  | { readonly from: "food"; readonly food: FoodId; readonly massG: number }
  | {
      readonly from: "part";
      readonly part: PartId;
      readonly raw: readonly RawMark[];
      readonly softness: number | null;
      /** Liquid that the part still lay in and that comes along, g. */
      readonly bathG: number;
    }
  | { readonly from: "liquor"; readonly step: StepId }
  /** Water that the step itself puts in: dew of steam, blanching water, splashes. */
  | { readonly from: "step" }
);
/** So much of what came, grams on the label and all. */
export const scaledInput = (came: Input, factor: number): Input =>
  came.from === "food"
    ? { ...came, massG: came.massG * factor, contents: portion(came.contents, factor) }
    : { ...came, contents: portion(came.contents, factor) };
/** Something that left at a step, and where to. */
export interface Output {
  readonly to: "air" | "drain" | "utensil" | "sorted";
  readonly contents: Contents;
}

/** Time in the order it passes: both hands, an eye on it, or by itself. */
export interface Phase {
  readonly kind: "hands" | "watch" | "wait";
  readonly minutes: number;
  /** Begins before the step's own food is there: oil heats while the pieces are coated. */
  readonly early?: true;
}
/** The phase at which the step's food has to be there. */
export const entryPhase = (phases: readonly Phase[]): number =>
  Math.max(
    0,
    phases.findIndex((p) => !p.early),
  );

/** What of the kitchen a step holds while it runs. */
export type Need =
  | { readonly kind: "burner" }
  | { readonly kind: "pan"; readonly pan: string }
  | { readonly kind: "fridge" }
  | { readonly kind: "freezer" }
  | { readonly kind: "oven"; readonly tempC: number }
  | { readonly kind: "machine"; readonly machine: string };

/** What a step has to tell beside grams and minutes. */
export type Fact =
  | { readonly kind: "soaked"; readonly share: number; readonly bathC: number }
  | { readonly kind: "already-drier"; readonly moisture: number }
  | { readonly kind: "bath-short"; readonly missingG: number }
  | { readonly kind: "nothing-to-drain" }
  /** It still lies in so much liquid, its own or that of a part that joined. */
  | { readonly kind: "undrained"; readonly massG: number }
  | { readonly kind: "nothing-in" }
  | { readonly kind: "fitted"; readonly share: number; readonly drinksG: number }
  | { readonly kind: "left-in-bowl"; readonly massG: number }
  | { readonly kind: "salt-added"; readonly massG: number; readonly wanted: number }
  | { readonly kind: "already-saltier"; readonly share: number; readonly wanted: number }
  | {
      readonly kind: "batches";
      readonly count: number;
      readonly eachG: number;
      readonly eachMin: number;
      readonly limitedBy:
        "room in the pan" | "heat of the burner" | "room in the basket" | "room in the bowl" | "room on the trays";
    }
  | { readonly kind: "water-off"; readonly massG: number }
  | { readonly kind: "thickness"; readonly per100: number; readonly thickness: Thickness; readonly atTable: Thickness }
  | { readonly kind: "cooked-through"; readonly minutes: number; readonly coreC: number }
  | { readonly kind: "binding"; readonly state: BindingState }
  | { readonly kind: "pieces"; readonly pieces: ShapedPieces; readonly offTarget: boolean; readonly thick: boolean }
  /**
   * Softening of pulses and grains: minutes to soft under these conditions, the minutes of this step, and how far they
   * are now, earlier steps counted (1: soft).
   */
  | {
      readonly kind: "softened";
      readonly share: number;
      readonly softMin: number;
      readonly minutes: number;
      readonly atC: number;
    }
  | { readonly kind: "pressed"; readonly pressureKPa: number; readonly leavesG: number; readonly mostG: number }
  /** A block of the given edges weighs `eachG`, there are `massG`: so many blocks, or none of that size. */
  | { readonly kind: "block-size"; readonly eachG: number; readonly massG: number; readonly count: number }
  /** So many slices share a loaf's length and come out so thick; `fitting` of the thickness asked for go into it. */
  | {
      readonly kind: "slices";
      readonly count: number;
      readonly thicknessMm: number;
      readonly askedMm: number;
      readonly fitting: number;
    }
  | { readonly kind: "coarse-to-squeeze"; readonly mostMm: number }
  | { readonly kind: "rinsed"; readonly fromShare: number; readonly toShare: number }
  /** Freezing or thawing to the middle: minutes it takes with their range, and the minutes given. */
  | {
      readonly kind: "through";
      readonly what: "frozen" | "thawed";
      readonly neededMin: number;
      readonly lowMin: number;
      readonly highMin: number;
      readonly givenMin: number;
    }
  | { readonly kind: "gel"; readonly eggs: number; readonly waterPerG: number }
  | { readonly kind: "batter"; readonly waterPerFlour: number; readonly body: "thin" | "tray" | "thick" | "stiff" }
  | { readonly kind: "coated"; readonly takesG: number; readonly missingG: number }
  | { readonly kind: "splashes"; readonly count: number; readonly waterG: number }
  | { readonly kind: "core-short"; readonly neededMin: number; readonly givenMin: number; readonly coreC: number }
  /** Vegetables: minutes until they are tender where the water boils at `atC`, and the minutes they get. */
  | { readonly kind: "tender"; readonly neededMin: number; readonly givenMin: number; readonly atC: number }
  /** Browned and taken out: the middle is so hot, and cooks on in what follows. */
  | { readonly kind: "browned-only"; readonly middleC: number }
  | { readonly kind: "oil-dips"; readonly lowestC: number; readonly floorC: number }
  /** How much of a pan, tin, bowl or cooker is filled: 1 is to the line that is safe for it. */
  | { readonly kind: "fill"; readonly of: "tin" | "pot" | "machine" | "pressure-cooker"; readonly share: number }
  | {
      readonly kind: "cooled";
      readonly toC: number;
      readonly hoursTo21: number | null;
      readonly hoursTo5: number | null;
    }
  /** The figure is only a usual one: nothing is known of this food under this step. */
  | { readonly kind: "rule-of-thumb"; readonly what: "loss" | "minutes" | "pick-up" };

/** The account of a step: what went in and out, how long, what it needs and tells. */
export interface Outcome {
  readonly after: Vessel;
  readonly inputs: readonly Input[];
  readonly outputs: readonly Output[];
  readonly phases: readonly Phase[];
  readonly needs: readonly Need[];
  readonly facts: readonly Fact[];
}

/** What applying a step gives: its account, or the reason why it cannot be done. */
export type Applied = Result<Outcome, StepFailure>;

/** Why a step cannot be done, for `ui/wording/failures`. */
export type StepFailure =
  | BadNumber
  | { readonly kind: "unknown-food"; readonly food: FoodId }
  | { readonly kind: "unknown-water"; readonly food: FoodId }
  | { readonly kind: "no-figures"; readonly food: FoodId; readonly wants: "soaking" | "pressing" }
  /** This food is worked out by another kind of step. */
  | { readonly kind: "other-step"; readonly food: FoodId; readonly take: "cook" | "boil" | "soak" }
  | { readonly kind: "still-frozen" }
  | { readonly kind: "not-frozen" }
  | { readonly kind: "too-hard-pressed"; readonly pressureKPa: number; readonly mostKPa: number }
  | { readonly kind: "no-machine"; readonly wants: MachineKind }
  | { readonly kind: "no-tin" }
  | { readonly kind: "no-oven" }
  | { readonly kind: "never-soft"; readonly atC: number }
  | { readonly kind: "nothing-to-coat-with" }
  | { readonly kind: "liquor-missing"; readonly step: StepId }
  | { readonly kind: "liquor-used-up"; readonly step: StepId; readonly share: number }
  | { readonly kind: "empty-vessel" }
  | { readonly kind: "no-liquid" }
  | { readonly kind: "part-missing"; readonly part: PartId }
  | { readonly kind: "part-blocked"; readonly part: PartId }
  | { readonly kind: "part-frozen"; readonly part: PartId }
  | { readonly kind: "cycle"; readonly part: PartId }
  | { readonly kind: "no-pan"; readonly wants: "frying" | "pot" }
  | { readonly kind: "no-burner" }
  | { readonly kind: "piece-too-big"; readonly panMm: number; readonly pieceMm: number }
  | { readonly kind: "never-done"; readonly coreC: number; readonly aroundC: number }
  | { readonly kind: "too-weak"; readonly burnerW: number }
  | { readonly kind: "no-binder" }
  | { readonly kind: "not-shaped" }
  | { readonly kind: "part-used-up"; readonly part: PartId; readonly share: number };

/** A pan as the steps see it, m. */
export interface PanFacts {
  readonly id: string;
  readonly diameterM: number;
  /** Inside height; null when nobody measured it. */
  readonly heightM: number | null;
}
/** A tin as the steps see it, m. */
export interface TinFacts {
  readonly id: string;
  readonly areaM2: number;
  readonly widthM: number;
  readonly heightM: number;
}
/** Kinds of machine that steps ask for. */
export type MachineKind = "blender" | "food-processor" | "pressure-cooker" | "air-fryer" | "other";
/** A machine as the steps see it. */
export interface MachineFacts {
  readonly id: string;
  /** Bowl, jug or cooker; null when nobody said. */
  readonly volumeMl: number | null;
  /** Floor of a basket, m². */
  readonly floorM2: number | null;
  readonly gaugeKPa: number;
}

/** What a step may know of the world: figures of the kitchen, and the value of each uncertain parameter. */
export interface StepContext {
  readonly roomC: number;
  readonly boilC: number;
  /** Heat into the pan from the strongest burner, W; null without one. */
  readonly burner: { readonly netW: number; readonly ratedW: number; readonly efficiency: number } | null;
  readonly pan: (id: string | null, kind: "frying" | "pot") => PanFacts | null;
  readonly tin: (id: string | null) => TinFacts | null;
  /** The machine named, else the first of one of these kinds. */
  readonly machine: (id: string | null, kinds: readonly MachineKind[]) => MachineFacts | null;
  readonly ovens: number;
  readonly altitudeM: number;
  readonly food: FoodLookup;
  /** Process figures, also of a cook's own food that borrows another's. */
  readonly figures: (food: FoodId) => ProcessFigures;
  readonly bring: (lines: readonly Line[]) => readonly Input[] | StepFailure;
  /** An uncertain parameter of this step alone; without an estimate it has the spread of its row in the table. */
  readonly draw: (id: StepParameter, spread?: Estimate) => number;
  /** One of the whole lot, the same wherever the supper uses it. */
  readonly drawLot: (id: LotParameter) => number;
  /** One of a food, the same wherever the supper uses it. */
  readonly drawOf: (id: FoodParameter, food: FoodId, spread?: Estimate) => number;
  /** Times by size, worked out once and scaled inside samples. */
  readonly remember: Memory;
}

/** Every gram of a vessel: the food and what it lies in. */
export const vesselContents = (v: Vessel): Contents => (v.bath === null ? v.batch : add(v.batch, v.bath));

/** Largest gap in any species between before + came and after + left, g. Zero but for rounding, or a step is wrong. */
export function conservationGapG(before: Vessel, outcome: Outcome): number {
  const into = add(vesselContents(before), sum(outcome.inputs.map((c) => c.contents)));
  const out = add(vesselContents(outcome.after), sum(outcome.outputs.map((l) => l.contents)));
  const gaps: number[] = SPECIES.map((s) => Math.abs(into[s] - out[s]));
  for (const food of new Set([...into.solids.foods, ...out.solids.foods]))
    gaps.push(Math.abs(solidsOfFood(into.solids, food) - solidsOfFood(out.solids, food)));
  return Math.max(...gaps);
}

/** Grams of everything that went in. */
export const inputsG = (outcome: Outcome): number => outcome.inputs.reduce((m, c) => m + totalG(c.contents), 0);
/** Grams of everything that left. */
export const outputsG = (outcome: Outcome): number => outcome.outputs.reduce((m, l) => m + totalG(l.contents), 0);
