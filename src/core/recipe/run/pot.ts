import type { FoodId } from "../../foods/food";
import type { StepKind } from "../../process/registry";

/** A share of a line of the list, or of what a pot holds. */
export type Item =
  | { readonly is: "line"; readonly line: number; readonly share: number }
  | { readonly is: "pot"; readonly pot: Pot; readonly share: number }
  /** A share of what an earlier step poured off, strained off, or left in the frying pot. */
  | { readonly is: "kept"; readonly kept: Kept; readonly share: number }
  /** What the kitchen has and no list names: water and salt of a bath. */
  | { readonly is: "food"; readonly food: FoodId; readonly massG: number | null };
/** A step to be written. */
export interface Draft {
  readonly kind: StepKind;
  readonly items: Item[];
  settings: Record<string, unknown>;
  readonly sentence: number;
}
/** What a step lets go and a later one may take again. */
export interface Kept {
  readonly of: Draft;
  /** About so much of it, g: what "a cup of the cooking water" is a share of. */
  readonly massG: number;
  /** The lines that are in it where it is pieces; of a liquid none. */
  readonly lines: readonly number[];
  readonly is: "liquid" | "pieces" | "oil";
}
/** Where a pot is. */
export type Place = "bowl" | "hob" | "oven" | "dish" | "table";
/** What is in one vessel, from the first thing that goes in until it is taken out of it: a part of the dish. */
export interface Pot {
  readonly id: string;
  name: string;
  /** Words by which a sentence speaks of it. */
  readonly called: Set<string>;
  readonly steps: Draft[];
  /** What went in and waits for the next step. */
  waiting: Item[];
  /** Meats that lie in it and join where its next step is wet, baked or served: their routes bring them done. */
  joining: Pot[];
  /** Boiled beside it, and put to it once its bath is poured off. */
  afterDraining: Pot[];
  place: Place;
  /** What is left of it, 0–1; what was taken is in `takenBy`. */
  left: number;
  takenBy: Pot | null;
  /** Holds a liquid that simmers. */
  wet: boolean;
  hot: boolean;
  /** Lies in a bath that can be poured off. */
  bathed: boolean;
  /** Was put in plain water that no list names, and is still to be cooked in it. */
  inWater: boolean;
  shaped: boolean;
  coated: boolean;
  /** Of a meat's route: the place of the meat in the order of meats; null for any other. */
  readonly meat: number | null;
  /** The meat has had the heat that the route gives instead. */
  done: boolean;
  /** No pot of its own: what an earlier step lets go, until something takes it. */
  readonly kept: Kept | null;
  /** Lifted out: what comes next into the pan is another pot. */
  out: boolean;
  /** The heading of most of what is in it. */
  section: string;
}
/** A pot with nothing in it. */
export const newPot = (id: string, meat: number | null = null): Pot => ({
  id,
  name: "",
  called: new Set(),
  steps: [],
  waiting: [],
  joining: [],
  afterDraining: [],
  place: "bowl",
  left: 1,
  takenBy: null,
  wet: false,
  hot: false,
  bathed: false,
  inWater: false,
  shaped: false,
  coated: false,
  meat,
  done: false,
  out: false,
  kept: null,
  section: "",
});
/** What a step lets go, as something that can be spoken of and taken. */
export const keptPot = (id: string, kept: Kept, called: readonly string[]): Pot => ({
  ...newPot(id),
  kept,
  called: new Set(called),
  hot: true,
});
/** Whether nothing has gone in. */
export const isEmpty = (pot: Pot): boolean =>
  pot.steps.length === 0 &&
  pot.waiting.length === 0 &&
  pot.joining.length === 0 &&
  pot.meat === null &&
  pot.kept === null;
/** Where what was in it is now. */
export function holderOf(pot: Pot): Pot {
  let at = pot;
  for (let n = 0; n < 50 && at.takenBy !== null && at.left <= 0.001; n++) at = at.takenBy;
  return at;
}
/** Every line that is in it, with what came in by other pots. */
export function linesIn(pot: Pot, seen = new Set<Pot>()): Set<number> {
  const all = new Set<number>();
  if (seen.has(pot)) return all;
  seen.add(pot);
  for (const item of [...pot.steps.flatMap((s) => s.items), ...pot.waiting])
    if (item.is === "line") all.add(item.line);
    else if (item.is === "kept") for (const l of item.kept.lines) all.add(l);
    else if (item.is === "pot") for (const l of linesIn(item.pot, seen)) all.add(l);
  for (const l of pot.kept?.lines ?? []) all.add(l);
  for (const meat of pot.joining) for (const l of linesIn(meat, seen)) all.add(l);
  return all;
}
