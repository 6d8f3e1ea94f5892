import type { FoodId } from "../foods/food";
import type { MeatForm, MeatKind } from "./meat";
import type { Id } from "../quantities/id";
import type { StepKey } from "../process/log";
import { type DishId, foodsWithoutAmount, type Line, lineOf, type PartId, timesStep } from "../process/step";
import type { Step } from "../process/registry";
import type { EaterId } from "../household/people";
import type { SaltTarget } from "../models/salt";

/** What left the pan: in words, and as far as anybody said so the form, the kind and the raw grams for the dish's servings. */
export interface Replaced {
  readonly words: string;
  readonly form: MeatForm | null;
  readonly kind: MeatKind | null;
  readonly rawG: number | null;
}
/** Name of a route that leads from a meat to a plant food. */
export type RouteId = Id<"route">;
/** The way a part was given its bite, and the meat whose bite it aims for. */
export interface PartRoute {
  readonly id: RouteId;
  readonly form: MeatForm;
  readonly kind: MeatKind;
}

/** A component that is made on its own until it is joined. */
export interface Part {
  readonly id: PartId;
  readonly name: string;
  readonly steps: readonly Step[];
  /** How long it may stand, finished, before it is eaten. */
  readonly waitsForTableMin: number;
  /** What its salt is measured against; null says nothing. */
  readonly saltTarget: SaltTarget | null;
  /** Null where no route was taken. */
  readonly route: PartRoute | null;
}

/** Where a dish came from: a line or an address that the cook gave, and what was changed from there. */
export interface Origin {
  readonly from: string;
  readonly changed: readonly string[];
}
/** So long may what is said of its origin be, and so many changes are kept. */
export const ORIGIN = { from: 500, change: 300, changes: 60 } as const;

/** What is cooked, reusable. Amounts are for `servings`. Step ids are unique within the dish. */
export interface Dish {
  readonly id: DishId;
  readonly name: string;
  /** What left the pan; null where nothing did. */
  readonly replaces: Replaced | null;
  readonly servings: number;
  readonly parts: readonly Part[];
  /** The cook was asked whether so much for each is right, and it is: salt and water as eaten, g. */
  readonly sure?: { readonly saltG?: number; readonly liquidG?: number };
  readonly origin?: Origin;
}

/** How a food lies ready: simply there, in the freezer, thawed, soaked or cooked already. */
export const AT_HAND = ["there", "frozen", "thawed", "soaked", "cooked"] as const;
/** A food that lies ready, and how. */
export interface AtHand {
  readonly food: FoodId;
  readonly state: (typeof AT_HAND)[number];
}

/** Name of a supper. */
export type SupperId = Id<"supper">;
/** Where a part's first steps were done: at another supper, whose step sets this one's share of the batch aside. */
export interface MadeWith {
  readonly supper: SupperId;
  readonly step: StepKey;
}
/** A meal on a date. The dishes are copies: editing one never changes the shelf. */
export interface Supper {
  readonly id: SupperId;
  readonly name: string;
  /** Instant of serving, ISO 8601 in UTC. */
  readonly serveAt: string;
  readonly eaters: readonly EaterId[];
  /** Eaters beside those of the household, without known allergens. */
  readonly guests: number;
  /** Foods that lie ready. */
  readonly atHand: readonly AtHand[];
  readonly dishes: readonly Dish[];
  /** Of a later course, minutes after serving, by dish; none is at once. */
  readonly afterMin: Readonly<Record<DishId, number>>;
  /** Steps that the cook holds where they are: when their first task begins, ISO 8601 in UTC, by `dish.step`. */
  readonly pins: Readonly<Record<string, string>>;
  /** So long before it is served everything is to be ready, by plan: room for what takes longer, minutes. */
  readonly roomMin: number;
  /** Batches that other suppers make for this one, by the step before which they lie ready (`dish.step`). */
  readonly madeWith: Readonly<Record<StepKey, MadeWith>>;
}

/** A supper that is ready longer before it is served is another supper, minutes. */
export const MOST_ROOM_MIN = 240;

/** What a dish is called until somebody names it. */
export const NEW_DISH = "New dish";

/** Everybody at the table: eaters of the household and guests. */
export const headCount = (supper: Supper): number => supper.eaters.length + supper.guests;

/** Every line of a dish with where it stands. */
export function linesOf(dish: Dish): { part: Part; step: Step; line: Line }[] {
  return dish.parts.flatMap((part) => part.steps.flatMap((step) => step.adds.map((line) => ({ part, step, line }))));
}

/** Foods of a part whose amount nobody has said, and of what joins it. */
export function openFoods(dish: Dish, id: PartId, seen: ReadonlySet<PartId> = new Set()): ReadonlySet<FoodId> {
  const part = dish.parts.find((p) => p.id === id);
  if (part === undefined || seen.has(id)) return new Set();
  const lines = part.steps.flatMap((s) => s.adds);
  const joined = lines.flatMap((l) => (l.kind === "part" ? [...openFoods(dish, l.part, new Set([...seen, id]))] : []));
  return new Set([...foodsWithoutAmount(lines), ...joined]);
}

/** The share of a part that no line takes yet, 0–1. */
export const shareLeft = (dish: Dish, id: PartId): number =>
  linesOf(dish).reduce(
    (left, { line }) => (line.kind === "part" && line.part === id ? Math.max(0, left - line.share) : left),
    1,
  );

/** Parts that another part could still take: not the part itself, nothing that takes it, nothing that is used up. */
export function partsToJoin(dish: Dish, into: PartId | null): readonly Part[] {
  const takes = (part: PartId): PartId[] =>
    dish.parts
      .filter((p) => p.id === part)
      .flatMap((p) => p.steps.flatMap((s) => s.adds.flatMap((l) => (l.kind === "part" ? [l.part] : []))));
  const reaches = (from: PartId, seen: ReadonlySet<PartId> = new Set()): boolean =>
    from === into || (!seen.has(from) && takes(from).some((p) => reaches(p, new Set([...seen, from]))));
  return dish.parts.filter((p) => shareLeft(dish, p.id) > 1e-9 && (into === null || !reaches(p.id)));
}

/** Every food a dish touches; salt that is added up to a target counts. */
export function foodsOf(dish: Dish): Set<FoodId> {
  const foods = new Set<FoodId>();
  for (const { line } of linesOf(dish)) if (line.kind === "food") foods.add(line.food);
  for (const part of dish.parts)
    for (const step of part.steps) if ("saltTo" in step && step.saltTo !== null) foods.add("salt");
  return foods;
}

/** The same with what could be chosen instead: names and labels of these are wanted too. */
export function foodsNamed(dish: Dish): Set<FoodId> {
  const foods = foodsOf(dish);
  for (const part of dish.parts)
    for (const { choices = [] } of part.steps) for (const { of } of choices) for (const { food } of of) foods.add(food);
  return foods;
}

/** The same dish with every gram of food multiplied. Minutes, sizes, temperatures and targets do not scale. */
export function scaleDish(dish: Dish, factor: number): Dish {
  if (factor === 1) return dish;
  const parts = dish.parts.map((p) => ({
    ...p,
    steps: p.steps.map((s) => timesStep(s, factor)),
  }));
  return { ...dish, parts };
}

/** The same dish with the grams of food that were put in instead of those planned, by step and place of the line. */
export function withAmounts(dish: Dish, amountsOf: (step: Step) => ReadonlyMap<number, number> | undefined): Dish {
  const step = (s: Step): Step => {
    const amounts = amountsOf(s);
    const line = (l: Line, i: number): Line => {
      const said = amounts?.get(i);
      return l.kind === "food" && said !== undefined ? lineOf(l, said) : l;
    };
    return amounts === undefined ? s : ({ ...s, adds: s.adds.map(line) } as Step);
  };
  return { ...dish, parts: dish.parts.map((p) => ({ ...p, steps: p.steps.map(step) })) };
}

/** Parts that no other part takes whole: these come to the table. */
export function servedParts(dish: Dish): Part[] {
  const taken = new Map<PartId, number>();
  for (const { line } of linesOf(dish))
    if (line.kind === "part") taken.set(line.part, (taken.get(line.part) ?? 0) + line.share);
  return dish.parts.filter((p) => (taken.get(p.id) ?? 0) < 1 - 1e-9);
}
