import type { Estimate } from "../quantities/range";
import type { FoodParameter, LotParameter, StepParameter } from "./parameters";
import type { Id } from "../quantities/id";
import type { Memory } from "../quantities/memory";
import type { BadNumber, Result } from "../quantities/result";
import type { FoodId, FoodLookup } from "../foods/food";
import type { ProcessFigures, RawMark } from "../foods/process";
import { INSIDE_MARKS, type InsideMark } from "../foods/insideMarks";
import type { Fact, ShapedPieces } from "./fact";
import { add, type Contents, NOTHING, portion, SPECIES, sum, totalG } from "./contents";
import { solidsOfFood } from "./solids";
import type { Line, PartId, StepId } from "./step";

export type { Fact, ShapedPieces } from "./fact";

/** What was done to it that later steps have to know. */
export type Mark = "frozen" | "frozen-thawed" | "set-by-heat" | RawMark;
const RAW_MARKS: readonly Mark[] = [
  "raw-beans",
  "raw-mushrooms",
  "raw-tempeh",
  "raw-cyanide",
  "raw-cells",
  ...INSIDE_MARKS,
];
/** Whether a mark goes only when the middle has been hot. */
export const isInside = (mark: Mark): mark is InsideMark => (INSIDE_MARKS as readonly Mark[]).includes(mark);
/** What was this hot was cooked, and is reheated when it is heated again: 135 °F, from which its way down counts (FDA Food Code). */
export const COOKED_C = (135 - 32) / 1.8;
/** Pieces of another part that lie in a sauce or a dish, and are not hot to the middle yet. */
export interface Lump {
  /** Null: cut, not shaped. */
  readonly pieces: ShapedPieces | null;
  /** Thickness as they were cut, mm; null for shaped ones and what was never cut. */
  readonly cutMm: number | null;
  readonly middleC: number;
  readonly marks: readonly InsideMark[];
}
const NO_LUMPS: readonly Lump[] = [];
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
  /** How hot its own pieces are in the middle, where the pot round them is hotter; null where it is as hot as the rest. */
  readonly middleC: number | null;
  /** Pieces that came with other parts and still have to be hot to the middle. */
  readonly lumps: readonly Lump[];
}
/** The coldest middle of its own pieces, °C. */
export const middleOf = (vessel: Vessel): number => vessel.middleC ?? vessel.batch.tempC;
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
  middleC: null,
  lumps: NO_LUMPS,
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
      /** Its own pieces where they are not hot to the middle yet, and those that it had of others. */
      readonly lumps: readonly Lump[];
      readonly softness: number | null;
      /** Liquid that the part still lay in and that comes along, g. */
      readonly bathG: number;
    }
  /** With what of a raw food it ran off. */
  | { readonly from: "liquor"; readonly step: StepId; readonly raw: readonly RawMark[] }
  /** Water that the step itself puts in: dew of steam, blanching water, splashes. */
  | { readonly from: "step" }
);
/** So much of what came, grams on the label and all. */
export const scaledInput = (came: Input, factor: number): Input =>
  came.from === "food"
    ? { ...came, massG: came.massG * factor, contents: portion(came.contents, factor) }
    : { ...came, contents: portion(came.contents, factor) };
/** Something that left at a step, and where to; what is kept is for another day. */
export interface Output {
  readonly to: "air" | "drain" | "utensil" | "sorted" | "kept";
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
  | { readonly kind: "pan"; readonly pan: GearId }
  | { readonly kind: "fridge" }
  | { readonly kind: "freezer" }
  | { readonly kind: "oven"; readonly tempC: number }
  | { readonly kind: "machine"; readonly machine: GearId };

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

/** Why a step cannot be done, for `words/failures`. */
export type StepFailure =
  | BadNumber
  | { readonly kind: "unknown-food"; readonly food: FoodId }
  | { readonly kind: "no-figures"; readonly food: FoodId; readonly wants: "soaking" | "pressing" }
  /** Too soft for any weight. */
  | { readonly kind: "falls-apart"; readonly food: FoodId }
  /** This food is worked out by another kind of step. */
  | { readonly kind: "other-step"; readonly food: FoodId; readonly take: "cook" | "boil" | "soak" }
  | { readonly kind: "still-frozen" }
  | { readonly kind: "not-frozen" }
  | { readonly kind: "too-hard-pressed"; readonly pressureKPa: number; readonly mostKPa: number }
  | { readonly kind: "no-machine"; readonly wants: MachineKind }
  | { readonly kind: "no-tin" }
  | { readonly kind: "no-oven" }
  | { readonly kind: "no-freezer" }
  | { readonly kind: "never-soft"; readonly atC: number }
  | { readonly kind: "nothing-to-coat-with" }
  | { readonly kind: "liquor-missing"; readonly step: StepId }
  | { readonly kind: "liquor-used-up"; readonly step: StepId; readonly share: number }
  | { readonly kind: "empty-vessel" }
  /** Nothing is in it, since nobody said how much of these goes in. */
  | { readonly kind: "amount-missing"; readonly foods: readonly FoodId[] }
  | { readonly kind: "no-liquid" }
  | { readonly kind: "part-missing"; readonly part: PartId }
  | { readonly kind: "part-blocked"; readonly part: PartId }
  | { readonly kind: "part-frozen"; readonly part: PartId }
  | { readonly kind: "cycle"; readonly part: PartId }
  | { readonly kind: "no-pan"; readonly wants: "frying" | "pot" }
  | { readonly kind: "no-burner" }
  /** Two pans at once need two of each. */
  | { readonly kind: "no-second"; readonly wants: "pan" | "burner" }
  | { readonly kind: "piece-too-big"; readonly panMm: number; readonly pieceMm: number }
  | { readonly kind: "never-done"; readonly coreC: number; readonly aroundC: number }
  | { readonly kind: "too-weak"; readonly burnerW: number }
  | { readonly kind: "no-binder" }
  | { readonly kind: "part-used-up"; readonly part: PartId; readonly share: number };

/** Name of a pan, tin or machine of the kitchen. */
export type GearId = Id<"gear">;
/** A pan as the steps see it, m. */
export interface PanFacts {
  readonly id: GearId;
  readonly diameterM: number;
  /** Inside height; null when nobody measured it. */
  readonly heightM: number | null;
}
/** A tin as the steps see it, m. */
export interface TinFacts {
  readonly id: GearId;
  readonly areaM2: number;
  readonly widthM: number;
  readonly heightM: number;
}
/** Kinds of machine that steps ask for. */
export type MachineKind = "blender" | "food-processor" | "pressure-cooker" | "air-fryer" | "other";
/** A machine as the steps see it. */
export interface MachineFacts {
  readonly id: GearId;
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
  /** Heat into the pan from the burner under it, W: the one that the step was given, else the strongest; null without one. */
  readonly burner: { readonly netW: number; readonly ratedW: number; readonly efficiency: number } | null;
  /** The weakest burner, which is what a second pan can count on; null where there are not two. */
  readonly weakest: StepContext["burner"];
  readonly pan: (id: GearId | null, kind: "frying" | "pot") => PanFacts | null;
  /** The widest frying pan beside this one; null where there is none. */
  readonly secondPan: (beside: GearId) => PanFacts | null;
  readonly tin: (id: GearId | null) => TinFacts | null;
  /** The machine named, else the first of one of these kinds. */
  readonly machine: (id: GearId | null, kinds: readonly MachineKind[]) => MachineFacts | null;
  readonly ovens: number;
  readonly altitudeM: number;
  /** Whether there is one. */
  readonly freezer: boolean;
  readonly food: FoodLookup;
  /** Process figures, also of a cook's own food that borrows another's. */
  readonly figures: (food: FoodId) => ProcessFigures;
  /** The built-in food that it is, or that a cook's own food is like. */
  readonly kin: (food: FoodId) => FoodId;
  readonly bring: (lines: readonly Line[]) => readonly Input[] | StepFailure;
  /** A part as it was at its end, whole; null when it is not made. */
  readonly endOf: (part: PartId) => Vessel | null;
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
