import type { FoodId } from "../foods/food";
import type { Estimate } from "../quantities/range";
import type { Id } from "../quantities/id";

/** Name of a step, unique within its dish. */
export type StepId = Id<"step">;
/** Name of a part, unique within its dish. */
export type PartId = Id<"part">;
/** Name of a dish, unique within its supper and on the shelf. */
export type DishId = Id<"dish">;

/** A food that goes in, for the dish's own number of servings. */
export interface FoodLine {
  readonly kind: "food";
  readonly food: FoodId;
  /** Grams; null while nobody has said how much: it counts for allergens, diets and shopping, and its step computes without it. */
  readonly massG: number | null;
  /** What it may weigh where it was counted or poured, not weighed ("1 onion"), g; absent where the grams are what was said. */
  readonly between?: { readonly lowG: number; readonly highG: number };
  /** The cook was asked whether so much is right, and it is. */
  readonly sure?: true;
}
/**
 * Something that goes in: a food, a share of a finished part, or a share of the liquor that an earlier step poured or
 * pressed off.
 */
export type Line =
  | FoodLine
  | { readonly kind: "part"; readonly part: PartId; readonly share: number }
  | { readonly kind: "liquor"; readonly step: StepId; readonly share: number };

/** The line with so many times the grams, and so what it may weigh; an amount that nobody said stays unsaid. */
export function timesLine(line: Line, by: number): Line {
  if (line.kind !== "food" || line.massG === null) return line;
  const { between } = line;
  return {
    ...line,
    massG: line.massG * by,
    ...(between === undefined ? {} : { between: { lowG: between.lowG * by, highG: between.highG * by } }),
  };
}
/** The line with just so many grams. */
export const lineOf = ({ food }: FoodLine, massG: number | null): FoodLine => ({ kind: "food", food, massG });
/**
 * A line of a food with what it may weigh, in the dish's own grams.
 *
 * @param factor how many times the dish is made: grams shown over grams in the dish, above 0
 */
export function lineWith(food: FoodId, grams: Estimate | null, factor = 1): FoodLine {
  const line: FoodLine = { kind: "food", food, massG: grams === null ? null : grams.likely / factor };
  return grams === null || grams.low === grams.high
    ? line
    : { ...line, between: { lowG: grams.low / factor, highG: grams.high / factor } };
}
/** Foods of lines whose amount nobody has said. */
export const foodsWithoutAmount = (lines: readonly Line[]): FoodId[] =>
  lines.flatMap((l) => (l.kind === "food" && l.massG === null ? [l.food] : []));

/**
 * "Tamari or soy sauce", "a glass of wine if you like": of `of` at most one stands among the step's lines. What doesn't stand there
 * counts nowhere.
 */
export interface Choice {
  readonly of: readonly FoodLine[];
  /** It may be left out altogether. */
  readonly optional: boolean;
}
/** So long may what is said beside a step be. */
export const NOTE_MOST = 300;

/** What every step has beside its kind's own settings. */
export interface StepCommon {
  readonly id: StepId;
  readonly kind: string;
  readonly adds: readonly Line[];
  /** The cook's own minutes of hands-on work instead of the usual ones. */
  readonly handsMin: number | null;
  /** How long the result may wait for the next step; null for the usual. */
  readonly mayWaitMin: number | null;
  /** Done on another day: the block lies frozen in the freezer, the beans are cooked. It costs no time and no hands now. */
  readonly ready?: boolean;
  /** Pan, board or blender are washed before it, so that nothing of another part comes along. */
  readonly washed?: boolean;
  /** What the cook or the recipe says beside it ("go by the sound"), at most `NOTE_MOST` characters. */
  readonly note?: string;
  /** What may stand here instead of what does, or in addition. */
  readonly choices?: readonly Choice[];
}

/** The step with so many times the grams, of what goes in and of what could. */
export function timesStep<S extends StepCommon>(step: S, by: number): S {
  const { choices } = step;
  const times = (c: Choice): Choice => ({ ...c, of: c.of.map((l) => timesLine(l, by) as FoodLine) });
  return {
    ...step,
    adds: step.adds.map((l) => timesLine(l, by)),
    ...(choices === undefined ? {} : { choices: choices.map(times) }),
  };
}
/** Which of a choice stands among the step's lines: its place in both, or null where it is left out. */
export function chosenOf(step: StepCommon, choice: Choice): { readonly option: number; readonly line: number } | null {
  for (const [option, { food }] of choice.of.entries()) {
    const line = step.adds.findIndex((l) => l.kind === "food" && l.food === food);
    if (line >= 0) return { option, line };
  }
  return null;
}
/** The step with another of a choice, where the old one stood; null leaves it out where it may be. */
export function choosing<S extends StepCommon>(step: S, choice: Choice, option: number | null): S {
  const was = chosenOf(step, choice);
  const next = option === null ? undefined : choice.of[option];
  if (next === undefined)
    return was === null || !choice.optional ? step : { ...step, adds: step.adds.filter((_, i) => i !== was.line) };
  return { ...step, adds: was === null ? [...step.adds, next] : step.adds.map((l, i) => (i === was.line ? next : l)) };
}

/** Forms that pieces are given by hand. */
export const SHAPE_FORMS = ["ball", "patty", "log", "loaf", "fillet", "rasher", "parcel", "skewer"] as const;
/** A form that pieces are given by hand. */
export type ShapeForm = (typeof SHAPE_FORMS)[number];

/** A share that nobody takes for none or for all. */
export const SHARES = { low: 0.01, high: 0.99 } as const;
/** An inch: half of what the FDA allows for a shallow pan, since a home fridge has no fan (common practice). */
export const SHALLOW_MM = 25;
