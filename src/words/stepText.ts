import { mainFood, totalG } from "@/core/process/contents";
import type { Step } from "@/core/process/registry";
import type { RowRanges } from "@/core/sampling";
import { writeMass, writeMassRange } from "@/core/quantities/write";
import { heatText, isHeat } from "./heatText";
import { CUT_VERBS, prepText } from "./prepText";
import { list } from "./count";
import { type Computed, factOf, type StepText } from "./stepSaid";

export type { StepText } from "./stepSaid";
import { STEP_NAMES } from "./steps";
import { describeWhatGoesIn, lower } from "./goesIn";
import { foodInText, type TextContext } from "./words";

/** What a vessel that was empty gets, by name: "button mushrooms and onion". Null when something lay in it before. */
function comesIn(row: Computed, { foods }: TextContext): string | null {
  if (totalG(row.before.batch) > 0) return null;
  const names = row.outcome.inputs.flatMap((c) => (c.from === "food" ? [foodInText(foods, c.food)] : []));
  return names.length === 0 || names.length > 2 ? null : list(names);
}

/** Called after what they become: before that they are still what they are made of. */
const BECOMES = /\b(?:mash|crust|pur[eé]e)\b/i;
const BEFORE_IT: ReadonlySet<Step["kind"]> = new Set(["weigh", "cut", "boil", "cook", "steam", "drain", "rinse"]);
/** "Under the crust", "Still to be looked at": said where it stands, not what it is. */
const SAYS_WHERE = /^(?:under|on|in|with|for|over|to|beside|still|from)\b/i;

/** What a part is called in a sentence behind "the": "potatoes" before they are mash, "dish" where its name says where it lies. */
function calledAt(row: Computed, part: string, { foods }: TextContext): string {
  const name = lower(part).replace(/^(?:the|an?) /, "");
  if (SAYS_WHERE.test(name)) return "dish";
  const main = mainFood(row.outcome.after.batch);
  return BECOMES.test(name) && BEFORE_IT.has(row.step.kind) && main !== null ? foodInText(foods, main) : name;
}

export function describeStep(
  row: Computed,
  part: string,
  ranges: RowRanges | null,
  textContext: TextContext,
): StepText {
  const { units } = textContext;
  const { step, outcome } = row;
  const goesIn = describeWhatGoesIn(row, textContext);
  const weight = writeMass(totalG(outcome.after.batch), units);
  const range = ranges ? ` (${writeMassRange(ranges.massG.low, ranges.massG.high, units)})` : "";
  const batches = factOf(row, "batches");
  const name = calledAt(row, part, textContext);
  const title = titleOf(step, step.kind === "cut" ? (comesIn(row, textContext) ?? name) : name);
  const withIt = goesIn ? `Add ${goesIn}. ` : "";
  const said = { row, name, title, goesIn, withIt, weight, range, batches, units, textContext };
  const text = isHeat(step) ? heatText(step, said) : prepText(step, said);
  return step.note === undefined ? text : { ...text, note: step.note };
}

/** "Mash it": a part that is called what is done to it is not named again beside the verb. */
function verbed(verb: string, name: string): string {
  const last = name.split(" ").at(-1) ?? name;
  if (!last.startsWith(verb.toLowerCase())) return `${verb} the ${name}`;
  return `${verb} ${last.endsWith("s") ? "them" : "it"}`;
}
/** "Pat the rashers dry": verbs of two words close round the part. */
function titleOf(step: Step, name: string): string {
  switch (step.kind) {
    case "cut":
      return verbed(CUT_VERBS[step.how], name);
    case "pat":
      return `Pat the ${name} dry`;
    case "hold":
      return `Keep the ${name} warm`;
    case "sweat":
      return `Sweat the ${name} in water`;
    default:
      return verbed(STEP_NAMES[step.kind], name);
  }
}
