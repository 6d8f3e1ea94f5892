import type { FoodGroup, FoodLookup } from "../foods/food";
import { insideMarkOf } from "../foods/insideMarks";
import { fail, type Result, succeed } from "../quantities/result";
import { add, portion, totalG } from "./contents";
import type { StepDescriptor } from "./descriptor";
import {
  type Input,
  type Lump,
  type Mark,
  marked,
  type StepContext,
  type StepFailure,
  type Vessel,
  vesselContents,
} from "./ledger";
import { together } from "./steps/common";
import { leastSoft } from "./steps/soften";
import type { Line, StepCommon } from "./step";

/** Which of a step's lines lie in the vessel before it begins, and which are left for the step itself. */
interface Lines {
  readonly first: readonly Line[];
  readonly rest: readonly Line[];
}
const AROUND: ReadonlySet<FoodGroup> = new Set(["liquid", "fat", "seasoning"]);
const COATS: ReadonlySet<FoodGroup> = new Set([...AROUND, "starch", "grain", "nut"]);

/**
 * All of them, for steps that put nothing in by themselves; for those whose lines are something *for* the food (a marinade, oil, a
 * coat, a filling) the food itself, since nothing else is in the vessel.
 */
function parted(lines: NonNullable<StepDescriptor["lines"]>, adds: readonly Line[], foods: FoodLookup): Lines {
  if (lines === "before") return { first: adds, rest: [] };
  const groupOf = (line: Line) => (line.kind === "food" ? (foods(line.food)?.group ?? "other") : "other");
  const isFood = (line: Line) => line.kind !== "liquor" && !(lines === "coat" ? COATS : AROUND).has(groupOf(line));
  const food = adds.filter(isFood);
  const first = lines === "fill" ? food.slice(0, 1) : food;
  return { first, rest: adds.filter((l) => !first.includes(l)) };
}

/** A vessel with what lies in it before a step begins, what that was, and the step with the lines that are left. */
export interface Opened {
  readonly vessel: Vessel;
  readonly came: readonly Input[];
  readonly step: StepCommon;
  /** Liquid that nobody drained and that parts brought in among the food, g. */
  readonly bathG: number;
}

/**
 * Puts in what a step does not put in by itself (`lines` of its descriptor); null where there is no such thing. A part that comes
 * into an empty vessel goes on as it was, with its pieces and all that was done to it.
 */
export function opened(
  { lines }: StepDescriptor,
  vessel: Vessel,
  step: StepCommon,
  context: StepContext,
): Result<Opened, StepFailure> | null {
  if (lines === undefined || step.adds.length === 0) return null;
  const empty = vessel.bath === null && totalG(vessel.batch) <= 0;
  if (lines !== "before" && !empty) return null;
  const { first, rest } = parted(lines, step.adds, context.food);
  if (first.length === 0) return null;
  const came = context.bring(first);
  if ("kind" in came) return fail(came);
  const left = { came, step: { ...step, adds: rest } };
  const whole = empty ? goesOn(came, context) : null;
  if (whole !== null) return succeed({ ...left, vessel: whole, bathG: 0 });
  return succeed({ ...left, vessel: put(vessel, came, context), bathG: broughtBathG(came) });
}

/** What is poured or strewn on food that still lies in its liquid goes into that; everything else to the food. */
function put(vessel: Vessel, came: readonly Input[], context: StepContext): Vessel {
  const { batch, bath, pieces } = vessel;
  const isAround = (one: Input) =>
    one.from === "liquor" || (one.from === "food" && AROUND.has(context.food(one.food)?.group ?? "other"));
  const round = bath === null ? [] : came.filter(isAround);
  const brought = together(round.length === 0 ? came : came.filter((one) => !round.includes(one)));
  const was = totalG(batch);
  const grown = was <= 0 ? 1 : 1 + totalG(brought) / was;
  return {
    ...vessel,
    batch: add(batch, brought),
    bath: bath === null ? null : add(bath, together(round)),
    pieces: pieces === null ? null : { ...pieces, eachG: pieces.eachG * grown },
    marks: rawWith(vessel.marks, came, context),
    lumps: lumpsWith(vessel.lumps, came),
    softness: leastSoft(vessel.softness, came, context),
  };
}

/** The vessel of the one part that came; null where something else came. */
function goesOn([only, ...others]: readonly Input[], context: StepContext): Vessel | null {
  if (only?.from !== "part" || others.length > 0) return null;
  const end = context.endOf(only.part);
  const wholeG = end === null ? 0 : totalG(vesselContents(end));
  if (end === null || wholeG <= 0) return null;
  const share = totalG(only.contents) / wholeG;
  const batch = portion(end.batch, share);
  const bath = end.bath === null ? null : portion(end.bath, share);
  if (end.pieces === null) return { ...end, batch, bath };
  const count = Math.max(1, Math.round(end.pieces.count * share));
  return { ...end, batch, bath, pieces: { ...end.pieces, count, eachG: totalG(batch) / count } };
}

/** Liquid that parts still lay in and brought along, g. */
export function broughtBathG(came: readonly Input[]): number {
  let massG = 0;
  for (const one of came) if (one.from === "part") massG += one.bathG;
  return massG;
}

/** Pieces that came with parts, beside those that lay there. */
export function lumpsWith(before: readonly Lump[], came: readonly Input[]): readonly Lump[] {
  let lumps = before;
  for (const one of came) if (one.from === "part" && one.lumps.length > 0) lumps = [...lumps, ...one.lumps];
  return lumps;
}

/** What is raw of what came goes along as a mark: with the food, and with a part that is joined. */
export function rawWith(before: readonly Mark[], came: readonly Input[], context: StepContext): readonly Mark[] {
  let marks = before;
  for (const one of came) {
    if (one.from === "part") for (const mark of one.raw) marks = marked(marks, mark);
    if (one.from === "liquor") for (const mark of one.raw) marks = marked(marks, mark);
    if (one.from !== "food") continue;
    const { raw, press } = context.figures(one.food);
    const inside = insideMarkOf(context.kin(one.food));
    if (inside !== null) marks = marked(marks, inside);
    if (raw) marks = marked(marks, raw);
    if (press?.cells) marks = marked(marks, "raw-cells");
  }
  return marks;
}
