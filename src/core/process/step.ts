import type { FoodId } from "../foods/food";

export type StepId = string;
export type PartId = string;

/**
 * Something that goes in: grams of a food (per the dish's own number of servings), a share of a finished part, or a
 * share of the liquor that an earlier step poured or pressed off.
 */
export type Line =
  | { readonly kind: "food"; readonly food: FoodId; readonly massG: number }
  | { readonly kind: "part"; readonly part: PartId; readonly share: number }
  | { readonly kind: "liquor"; readonly step: StepId; readonly share: number };

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

/** Length × width × thickness of a block, mm. */
type Block = { lengthMm: number; widthMm: number; thicknessMm: number };
/** Oven work: to a core temperature, or for minutes; with both, the minutes are held against the core. */
type Baking = { ovenC: number; minutes: number | null; coreC: number | null };

// Getting ready
export type WeighStep = Of<"weigh", object>;
export type SortStep = Of<"sort", object>;
export type CutStep = Of<"cut", { how: "cut" | "tear" | "shred" | "crumble" | "grate"; pieceMm: number }>;
export type PulseStep = Of<"pulse", { machine: string | null; to: "bits" | "smooth"; saltTo: number | null }>;
export type MashStep = Of<"mash", { saltTo: number | null }>;

// Water in
export type SoakStep = Of<"soak", { waterC: number; minutes: number; covered: boolean; chilled: boolean }>;
/** Pulses, grains or pasta in water, until soft or for the cook's own minutes. */
export type CookStep = Of<"cook", Pan & { pressure: boolean; machine: string | null; minutes: number | null }>;
export type BoilStep = Of<"boil", Pan & { pieceMm: number; coreC: number }>;
export type SteamStep = Of<"steam", Pan & { coreC: number; wrapped: boolean }>;
export type BlanchStep = Of<"blanch", Pan & { minutes: number }>;
export type GelStep = Of<"gel", { minutes: number }>;

// Water out
export type DrainStep = Of<"drain", object>;
export type RinseStep = Of<"rinse", { how: "swirl" | "soak" | "simmer"; times: number; waterG: number }>;
export type SqueezeStep = Of<"squeeze", { how: "palm" | "hands" | "cloth"; minutes: number }>;
export type PressStep = Of<"press", Block & { loadKg: number; minutes: number; bothFaces: boolean }>;
export type FreezeStep = Of<"freeze", Block & { minutes: number }>;
export type ThawStep = Of<"thaw", Block & { minutes: number; how: "fridge" | "cold-water" }>;
export type PatStep = Of<"pat", object>;

// Flavour in
export type SeasonStep = Of<"season", { saltTo: number | null }>;
/** `saltTo`: salt is added until it makes up this fraction; null adds none. `fit`: no more than the sponge drinks. */
export type MarinateStep = Of<"marinate", { minutes: number; fit: boolean; saltTo: number | null; chilled: boolean }>;
export type GlazeStep = Of<"glaze", object>;
export type ToastStep = Of<"toast", Pan & { minutes: number }>;

// Structure
export type BatterStep = Of<"batter", { standMin: number }>;
export type BindStep = Of<"bind", { saltTo: number | null }>;
export type RestStep = Of<"rest", { minutes: number; where: "fridge" | "worktop" }>;
export type ShapeForm = "ball" | "patty" | "log" | "loaf" | "fillet" | "rasher" | "parcel";
/** Diameter of a ball or patty, length of a log; the rest follows from the mass. */
export type ShapeStep = Of<"shape", { form: ShapeForm; pieceG: number; diameterMm: number }>;
export type StuffStep = Of<"stuff", { count: number; thicknessMm: number }>;
export type SliceStep = Of<"slice", { thicknessMm: number; count: number }>;
/** `pickUp`: share of the pieces' mass that clings; null for the usual of the kind. */
export type CoatStep = Of<"coat", { coating: "starch" | "batter" | "crumb" | "seeds"; pickUp: number | null }>;

// Heat
export type SearStep = Of<"sear", Pan & { browningMin: number }>;
export type BrownStep = Of<"brown", Pan & { browningMin: number }>;
export type SweatStep = Of<"sweat", Pan & { minutes: number }>;
export type FryStep = Of<"fry", Pan & { coreC: number }>;
export type GriddleStep = Of<"griddle", Pan & { coreC: number }>;
export type DeepFryStep = Of<"deep-fry", Pan & { oilC: number; minutes: number }>;
export type AirFryStep = Of<"air-fry", Baking & { machine: string | null }>;
export type BakeStep = Of<"bake", Baking & { fan: boolean; cover: "bare" | "foil" | "parchment" | "lid" }>;
export type SimmerStep = Of<"simmer", Pan & { minutes: number; lid: boolean }>;
export type ReduceStep = Of<"reduce", Pan & { toShare: number }>;
export type ThickenStep = Of<"thicken", Pan & { minutes: number }>;

// Joining and keeping
export type LayerStep = Of<"layer", { tin: string | null }>;
export type TopStep = Of<"top", object>;
export type HoldStep = Of<"hold", { minutes: number; holdC: number }>;
export type StandStep = Of<"stand", { minutes: number; foil: boolean }>;
export type CoolStep = Of<"cool", { minutes: number; depthMm: number; where: "room" | "fridge" | "ice-bath" }>;
export type StoreStep = Of<"store", { where: "fridge" | "freezer"; days: number }>;
export type ReheatStep = Of<"reheat", { coreC: number; minutes: number; where: "oven" | "hob" }>;
export type ServeStep = Of<"serve", object>;

export type Step =
  | WeighStep
  | SortStep
  | CutStep
  | PulseStep
  | MashStep
  | SoakStep
  | CookStep
  | BoilStep
  | SteamStep
  | BlanchStep
  | GelStep
  | DrainStep
  | RinseStep
  | SqueezeStep
  | PressStep
  | FreezeStep
  | ThawStep
  | PatStep
  | SeasonStep
  | MarinateStep
  | GlazeStep
  | ToastStep
  | BatterStep
  | BindStep
  | RestStep
  | ShapeStep
  | StuffStep
  | SliceStep
  | CoatStep
  | SearStep
  | BrownStep
  | SweatStep
  | FryStep
  | GriddleStep
  | DeepFryStep
  | AirFryStep
  | BakeStep
  | SimmerStep
  | ReduceStep
  | ThickenStep
  | LayerStep
  | TopStep
  | HoldStep
  | StandStep
  | CoolStep
  | StoreStep
  | ReheatStep
  | ServeStep;
export type StepKind = Step["kind"];
export type StepOf<K extends StepKind> = Extract<Step, { kind: K }>;
