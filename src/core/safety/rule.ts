import type { Allergen } from "../foods/allergens";
import type { Food, FoodId } from "../foods/food";
import type { InsideMark } from "../foods/insideMarks";
import type { Eater, EaterId } from "../household/people";
import type { Fact } from "../process/ledger";
import type { StepKey } from "../process/log";
import type { StepKind } from "../process/registry";
import type { Row } from "../process/row";

/** Somebody at the table who must not have what a step brings. */
export interface Avoidance {
  readonly eater: EaterId;
  readonly allergen: Allergen;
}

/**
 * What each rule has to tell beside its own name: figures in grams, minutes and °C, from which `words/cautions` makes
 * the sentence. A new rule needs a line here, its test in one of the rooms of rules, and its words.
 */
export interface CautionFacts {
  readonly "danger-zone": {
    readonly warmMin: number;
    readonly limitMin: number;
    readonly lowC: number;
    readonly highC: number;
    /** Where the minutes come from: the step itself, the clock, or a wait that the cook allows after it. */
    readonly from: "step" | "clock" | "wait";
  };
  readonly core: { readonly leastC: number };
  readonly "raw-inside": { readonly what: InsideMark; readonly middleC: number; readonly leastC: number };
  readonly "core-low": { readonly leastC: number };
  readonly "core-short": { readonly neededMin: number; readonly coreC: number };
  readonly "core-close": { readonly lowMin: number; readonly highMin: number; readonly coreC: number };
  readonly "hot-hold": { readonly leastC: number; readonly atHomeC: number };
  readonly reheat: { readonly leastC: number };
  readonly cooling: { readonly fromC: number; readonly firstC: number; readonly lastC: number };
  readonly "fridge-days": { readonly atC: number };
  readonly "kept-too-long": { readonly atC: number };
  readonly "cooked-rice": object;
  readonly "cooked-rice-days": object;
  readonly "foil-potato": { readonly hotC: number };
  readonly "swollen-pack": object;
  readonly thaw: { readonly how: "fridge" | "cold-water" };
  readonly "garlic-in-oil": { readonly days: number; readonly atC: number };
  readonly "raw-flour": object;
  readonly "seaweed-iodine": object;
  readonly hijiki: object;
  readonly "kidney-lectin": object;
  /** The bean in the pot, and whether water here ever gets hot enough for it. */
  readonly "raw-pulses": { readonly food: FoodId; readonly boilC: number; readonly needsPressure: boolean };
  readonly "pulses-underdone": object;
  readonly "pulses-served-hard": object;
  readonly "raw-sprouts": object;
  readonly "served-frozen-kind": { readonly food: FoodId };
  readonly "reheated-twice": object;
  readonly "pressure-release": object;
  readonly "from-frozen": object;
  readonly "mushrooms-raw": object;
  readonly "mushrooms-served-raw": object;
  readonly morels: object;
  readonly foraged: object;
  readonly "cyanide-raw": { readonly food: FoodId };
  readonly "cyanide-served-raw": object;
  readonly "bitter-kernels": object;
  readonly "pickle-on-the-shelf": object;
  readonly tempeh: { readonly leastC: number };
  readonly "tempeh-served-raw": object;
  readonly nutmeg: { readonly aHeadG: number };
  readonly "raw-animal": object;
  readonly "banana-peel": { readonly peel: boolean };
  readonly "green-potato": object;
  readonly "hot-oil": object;
  readonly "oil-too-hot": { readonly lowC: number; readonly highC: number };
  readonly "oil-line": object;
  readonly "oil-height": object;
  readonly "smoke-point": { readonly food: FoodId; readonly smokeC: number };
  readonly "boiling-water": object;
  readonly "hot-squeeze": { readonly tempC: number };
  readonly "hot-blender": object;
  readonly "machine-line": { readonly loads: number };
  readonly "pressure-fill": object;
  readonly "pressure-liquid": { readonly leastMl: number };
  readonly "hard-squash": object;
  readonly "paper-in-the-oven": { readonly mostC: number };
  readonly "tin-full": object;
  readonly "pot-full": object;
  readonly "wet-into-oil": object;
  readonly "chilli-hands": object;
  readonly choking: { readonly what: "round" | "nuts" | "raw" | "dried-fruit" };
  readonly "salt-a-day": {
    readonly saltG: number;
    readonly who: readonly { readonly eater: EaterId; readonly dayG: number }[];
  };
  readonly "lupin-peanut": { readonly eater: EaterId };
  readonly alcohol: object;
  readonly "cross-contact": { readonly who: readonly Avoidance[] };
}
/** The name of a rule. */
export type RuleId = keyof CautionFacts;

/** A rule that was touched at a step: which, how grave, on whose authority, and what there is to tell. */
export type Caution = {
  readonly [K in RuleId]: {
    readonly rule: K;
    readonly severity: "stop" | "warn";
    readonly step: StepKey;
    readonly authority: string;
    readonly facts: CautionFacts[K];
  };
}[RuleId];

/** A step that could be computed: rules see no other. */
export type Computed = Extract<Row, { state: "computed" }>;
/** What a rule may look at beside the step itself. */
export interface RuleContext {
  /** The steps of the same part before this one, in order. */
  readonly earlier: readonly Computed[];
  /** How long what is in it has been in the warm when the step is over, and when it has waited after it. */
  readonly warmth: Warmth;
  /** How warm the kitchen is. */
  readonly roomC: number;
  /** Where water boils here. */
  readonly boilC: number;
  /** The last step of something that comes to the table. */
  readonly last: boolean;
  /** The last of them all: what is about the supper as a whole is told here. */
  readonly closing: boolean;
  readonly food: (id: FoodId) => Food | null;
  /** Who eats, and grams of salt a head; null where something cannot be computed. */
  readonly eating: readonly Eater[];
  readonly heads: number;
  readonly saltG: number | null;
  /** Somebody under five eats. */
  readonly smallEaters: boolean;
  /** Foods that somebody at the table avoids, with who and what. */
  readonly avoided: ReadonlyMap<FoodId, readonly Avoidance[]>;
  /** The built-in food whose cautions count for a food. */
  readonly kin: (food: FoodId) => FoodId;
}
/** Minutes unchilled below 60 °C so far, those of the part that stood longest counted. */
export interface Warmth {
  /** When the step is over. */
  readonly afterStepMin: number;
  /** What its own waiting added. */
  readonly ownMin: number;
  /** When the next step begins: by the clock, or by the longest wait that the cook allows; null when nothing is known. */
  readonly afterWaitMin: number | null;
  readonly waitIs: "clock" | "wait";
}

/** One rule: when it is touched, and on whose authority. */
export interface Rule<K extends RuleId = RuleId> {
  readonly id: K;
  readonly severity: Caution["severity"];
  readonly authority: string;
  /** What there is to tell, when the rule is touched; null when it is not. */
  readonly touches: (row: Computed, context: RuleContext) => CautionFacts[K] | null;
}
/** Keeps the id, so that the facts are those of the rule. */
export const rule = <K extends RuleId>(r: Rule<K>): Rule => r as unknown as Rule;
/** For rules whose name says it all. */
export const NO_FACTS = {};
/** The facts when the condition holds. */
export const when = <F>(touched: boolean, facts: F): F | null => (touched ? facts : null);

/** Food that is this hot all through begins a new count of warm minutes: 165 °F (FDA Food Code 3-403.11). */
export const KILLED_C = (165 - 32) / 1.8;
/** What a fridge should be at the most, °C: 40 °F (FDA). */
export const FRIDGE_C = 4;

type FoodSet = ReadonlySet<FoodId>;
/** A set of built-in foods. */
export const foodSet = (...ids: FoodId[]): FoodSet => new Set(ids);
/** Something of these foods, or of own foods that are like them, is in the vessel afterwards. */
export const holds = (row: Computed, foods: FoodSet, { kin }: RuleContext): boolean =>
  row.outcome.after.batch.solids.foods.some((food) => foods.has(kin(food)));
/** Something of these foods, or of own foods that are like them, comes in at this step. */
export const brings = (row: Computed, foods: FoodSet, { kin }: RuleContext): boolean =>
  row.outcome.inputs.some((c) => c.from === "food" && foods.has(kin(c.food)));
/** Whether a step is of one of these kinds. */
export const is = (row: Computed, ...kinds: StepKind[]) => kinds.includes(row.step.kind);
/** What a step tells of this kind, if it does. */
export const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);
