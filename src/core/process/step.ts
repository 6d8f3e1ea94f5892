import type { FoodId } from "../foods/food";

export type StepId = string;
export type PartId = string;

/** Something that goes in: grams of a food (per the dish's own number of servings), or a share of a finished part. */
export type Line =
  | { readonly kind: "food"; readonly food: FoodId; readonly massG: number }
  | { readonly kind: "part"; readonly part: PartId; readonly share: number };

interface Common {
  readonly id: StepId;
  readonly adds: readonly Line[];
  /** The cook's own minutes of hands-on work instead of the usual ones. */
  readonly handsMin: number | null;
  /** How long the result may wait for the next step; null for the usual. */
  readonly mayWaitMin: number | null;
}
type Of<K extends string, Fields> = Common & { readonly kind: K } & Readonly<Fields>;

/** Pans are named by the kitchen; null takes the widest of the fitting kind. */
type Pan = { pan: string | null };

export type WeighStep = Of<"weigh", object>;
export type CutStep = Of<"cut", { pieceMm: number }>;
export type SoakStep = Of<"soak", { waterC: number; minutes: number; covered: boolean }>;
export type DrainStep = Of<"drain", object>;
export type SqueezeStep = Of<"squeeze", { how: "palm" | "hands" | "cloth"; minutes: number }>;
/** `saltTo`: salt is added until it makes up this fraction; null adds none. `fit`: no more than the sponge drinks. */
export type MarinateStep = Of<"marinate", { minutes: number; fit: boolean; saltTo: number | null; chilled: boolean }>;
export type SearStep = Of<"sear", Pan & { browningMin: number }>;
export type BrownStep = Of<"brown", Pan & { browningMin: number }>;
export type SeasonStep = Of<"season", { saltTo: number | null }>;
export type SimmerStep = Of<"simmer", Pan & { minutes: number; lid: boolean }>;
export type ReduceStep = Of<"reduce", Pan & { toShare: number }>;
export type ThickenStep = Of<"thicken", Pan & { minutes: number }>;
export type BoilStep = Of<"boil", Pan & { pieceMm: number; coreC: number }>;
export type MashStep = Of<"mash", { saltTo: number | null }>;
export type BindStep = Of<"bind", { saltTo: number | null }>;
export type RestStep = Of<"rest", { minutes: number; where: "fridge" | "worktop" }>;
export type ShapeStep = Of<"shape", { form: "ball" | "patty"; pieceG: number; diameterMm: number }>;
export type FryStep = Of<"fry", Pan & { coreC: number }>;

export type Step =
  | WeighStep
  | CutStep
  | SoakStep
  | DrainStep
  | SqueezeStep
  | MarinateStep
  | SearStep
  | BrownStep
  | SeasonStep
  | SimmerStep
  | ReduceStep
  | ThickenStep
  | BoilStep
  | MashStep
  | BindStep
  | RestStep
  | ShapeStep
  | FryStep;
export type StepKind = Step["kind"];
export type StepOf<K extends StepKind> = Extract<Step, { kind: K }>;
