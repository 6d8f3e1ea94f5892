import { type BadNumber, checkNumber } from "../quantities/result";
import type { Applied, StepContext, Vessel } from "./ledger";
import type { StepCommon } from "./step";

/**
 * A setting of a step, as plain data. Its limits stand here and nowhere else: the schema of the API, the check before a rule runs
 * and the form read them.
 */
export type Field = Values & {
  /** What whoever leaves it out means: for settings that came later. */
  readonly absent?: string | boolean | null;
};
type Values =
  | {
      readonly is: "number";
      readonly low: number;
      readonly high: number;
      readonly whole: boolean;
      readonly orNull: boolean;
    }
  | { readonly is: "choice"; readonly of: readonly string[] }
  | { readonly is: "flag" }
  /** The cook's or the recipe's own words, in one line or several. */
  | { readonly is: "text"; readonly most: number }
  /** The id of a pan, tin or machine of the kitchen; null takes the one that fits. */
  | { readonly is: "gear"; readonly of: GearKind };
/** What a step may ask of the kitchen's shelves. */
export type GearKind = "frying" | "pot" | "tin" | "machine";
/** Settings of a kind of step by name. */
export type Fields = Readonly<Record<string, Field>>;

/** A number within limits, both included. */
export const number = (low: number, high: number) =>
  ({ is: "number", low, high, whole: false, orNull: false }) as const;
/** A whole number within limits. */
export const wholeNumber = (low: number, high: number) =>
  ({ is: "number", low, high, whole: true, orNull: false }) as const;
/** A number, or null for "the usual" or "not asked". */
export const numberOrNull = (low: number, high: number) =>
  ({ is: "number", low, high, whole: false, orNull: true }) as const;
/** One of these words. */
export const choice = <const T extends readonly string[]>(...of: T) => ({ is: "choice", of }) as const;
/** The same, where a caller who does not know it yet means this. */
export const since = <const F extends Field>(field: F, absent: string | boolean | null): F => ({ ...field, absent });
/** Words, at most so many characters. */
export const text = (most: number) => ({ is: "text", most }) as const;
/** Yes or no. */
export const flag = { is: "flag" } as const;
/** A frying pan by its id, or null for the fitting one. */
export const fryingPan = { is: "gear", of: "frying" } as const;
/** A pot by its id, or null for the fitting one. */
export const pot = { is: "gear", of: "pot" } as const;
/** A tin or oven dish by its id, or null for the fitting one. */
export const tin = { is: "gear", of: "tin" } as const;
/** A machine by its id, or null for the first of the kinds that the step can use. */
export const machine = { is: "gear", of: "machine" } as const;

/** Two weeks: the longest that a step may be asked to take by itself. */
export const LONGEST_MIN = 14 * 1440;
/** Minutes that a step takes by itself, where nothing shorter is the most. */
export const minutes = number(0, LONGEST_MIN);
/** Salt is added until it makes up this fraction; null adds none. */
export const saltTo = numberOrNull(0, 0.1);
/** Length, width and thickness of a block, mm. */
export const block = { lengthMm: number(5, 500), widthMm: number(5, 500), thicknessMm: number(5, 500) } as const;
/** A supermarket block of firm tofu. */
export const USUAL_BLOCK = { lengthMm: 100, widthMm: 75, thicknessMm: 50 } as const;

/** What every step has beside its kind's own settings: the cook's own minutes, and how long the result may wait. */
export const COMMON_NUMBERS = { handsMin: numberOrNull(0, 1000), mayWaitMin: numberOrNull(0, 20_000) } as const;
type NumberField = Extract<Field, { is: "number" }>;

/**
 * The first setting that lies beyond its limits, before the rule runs. What comes through the API never does; a file that was
 * written with other limits is still read, and the step says so.
 */
export function beyondLimits({ numbers }: StepDescriptor, step: StepCommon): BadNumber | null {
  const settings = step as unknown as Readonly<Record<string, number | null>>;
  for (const [name, { low, high, orNull }] of numbers) {
    const value = settings[name] ?? null;
    if (value === null && orNull) continue;
    const bad = checkNumber(name, value ?? NaN, low, high);
    if (bad !== null) return bad;
  }
  return null;
}

type ValueOf<F extends Field> = F extends { is: "number"; orNull: true }
  ? number | null
  : F extends { is: "number" }
    ? number
    : F extends { is: "choice"; of: readonly (infer T)[] }
      ? T
      : F extends { is: "text" }
        ? string
        : F extends { is: "flag" }
          ? boolean
          : string | null;
/** The values of a kind's own settings. */
export type Settings<F extends Fields> = { readonly [N in keyof F]: ValueOf<F[N]> };
/** A step of one kind with its own settings. */
export type StepWith<K extends string, F extends Fields> = StepCommon & { readonly kind: K } & Settings<F>;

/** What a difference on the scale means after a step (models card 17). */
export type Meaning = "liquor" | "water" | "addition" | "clings";

/**
 * Everything the core knows of a kind of step, in one place. Its form and its words stand in `ui`; everything else that
 * depends on the kind is computed from here.
 */
export interface StepDescriptor<K extends string = string, F extends Fields = Fields> {
  readonly kind: K;
  /** Its own settings, beside what every step has. */
  readonly fields: F;
  /** Those of them, and of what every step has, that are numbers. */
  readonly numbers: readonly (readonly [name: string, field: NumberField])[];
  /** Settings of a fresh step. */
  readonly usual: Settings<F>;
  /** How long its result may usually wait for the next step, minutes; null is no limit (common practice). */
  readonly waitsMin: number | null;
  /** What a weigh-in after it corrects; null: the scale says nothing here. */
  readonly weighed: Meaning | null;
  /** May be done once more, or longer, until the scale shows what was planned. */
  readonly again?: true;
  /** May be done to a block that is still frozen. */
  readonly fitsFrozen?: true | "thin";
  /** Is only half done before it has come to the middle. */
  readonly toTheMiddle?: true;
  /** What goes in lies round the pieces, as a sauce does, and makes none of them heavier. */
  readonly addsAround?: true;
  /** Pieces that were shaped are none afterwards. */
  readonly endsPieces?: true;
  /**
   * What its own lines are, where they don't simply come together with what is in the vessel: "before": they lie in it before
   * anything is done; else something for the food in it, which they bring along when the vessel is empty: "around" a liquid or
   * seasoning, "coat" these and what clings, "fill" a filling for what stands first.
   */
  readonly lines?: "before" | "around" | "coat" | "fill";
  /** May be done while the food still lies in its liquid. */
  readonly fitsBath?: true;
  /** What leaves can be food, as raw as what stays. */
  readonly leavesFood?: true;
  /** What it lay in goes along: blended or simmered with its own liquid. */
  readonly takesBath?: true;
  /** Softens vegetables without leaving them hot, so that their water runs. */
  readonly opensCells?: true;
  /** The rule: a vessel in, a vessel and its account out, or the reason why it cannot be done. */
  readonly apply: (vessel: Vessel, step: StepWith<K, F>, context: StepContext) => Applied;
}

/** A descriptor from what its file says of it, with the kind and the fields as literal types. */
export const defineStep = <const K extends string, const F extends Fields>(
  descriptor: Omit<StepDescriptor<K, F>, "numbers">,
): StepDescriptor<K, F> => ({
  ...descriptor,
  numbers: Object.entries<Field>({ ...descriptor.fields, ...COMMON_NUMBERS }).flatMap(([name, field]) =>
    field.is === "number" ? [[name, field] as const] : [],
  ),
});
