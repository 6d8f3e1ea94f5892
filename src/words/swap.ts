import type { Gap } from "@/core/bite/rank";
import type { BiteAttribute } from "@/core/bite/shifts";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import { foodInPackG, type Packs } from "@/core/swap/brings";
import type { RouteCard } from "@/core/swap/card";
import type { Answer } from "@/core/swap/answer";
import type { Out } from "@/core/swap/out";
import type { Leaving } from "@/core/swap/meats";
import type { Moved } from "@/core/swap/moved";
import type { Narrowing } from "@/core/swap/narrow";
import type { Caution } from "@/core/safety/rule";
import { describeCaution } from "./cautions";
import { counted } from "./count";
import { DIET_WORDS } from "./diets";
import { describeFailure } from "./failures";
import { ALLERGEN_NAMES, foodInText, foodName, type TextContext } from "./words";

const MORE: Readonly<Record<BiteAttribute, readonly [more: string, less: string]>> = {
  firm: ["firmer", "softer"],
  spring: ["more spring", "less spring"],
  chew: ["chewier", "less chew"],
  strands: ["more strands", "fewer strands"],
  flakes: ["more flakes", "fewer flakes"],
  juice: ["juicier", "drier"],
  crisp: ["crisper", "less crisp"],
  hold: ["holds better", "holds less"],
};
/** What narrows a gap, and its price. */
const NARROWS: Readonly<Record<Narrowing, string>> = {
  "squeeze-less": "squeeze less, and it browns a little later",
  "sear-last": "sear it at the end, in small batches",
  cover: "cover it for the last minutes",
  "freeze-first": "freeze and thaw the block first, two days ahead",
  "bind-more": "a little more binder, and a longer rest in the fridge",
  tear: "tear it along the grain instead of cutting",
  "press-longer": "press it an hour instead of half",
  sauce: "give it a sauce",
};
/** The two largest gaps, and what would narrow one of them. */
export function describeGaps(gaps: readonly Gap[], narrows: readonly Narrowing[]): string {
  if (gaps.length === 0) return "No gap that counts.";
  const says = `${gaps.map((g) => MORE[g.attribute][g.by > 0 ? 0 : 1]).join(", ")} than the meat.`;
  const way = narrows[0] === undefined ? "" : ` To narrow it: ${NARROWS[narrows[0]]}.`;
  return `${says.charAt(0).toUpperCase()}${says.slice(1)}${way}`;
}

/** What the meat came to, and what leaves the pan with it. */
export const describeLeaving = (
  { rawG, cookedG, proteinG, fatG, saltG }: Leaving,
  units: TextContext["units"],
): string =>
  `${writeMass(rawG, units)} raw cooks down to about ${writeMass(cookedG.likely, units)} (${writeMass(cookedG.low, units)} to ${writeMass(cookedG.high, units)}). With it leave ${writeMass(proteinG, units)} of protein, ${writeMass(fatG, units)} of fat and ${writeMass(saltG, units)} of salt.`;

/** How long it takes, and when to begin once the clock has been asked. */
export function describeLead(leadMin: number, begin: string | null | undefined): string {
  if (begin === undefined) return `at least ${writeMinutes(leadMin)}`;
  return begin === null
    ? `at least ${writeMinutes(leadMin)}; it does not fit the hours of this kitchen`
    : `begin by ${begin}, at least ${writeMinutes(leadMin)} before dinner`;
}

/** Whole packs, what is left over and what they cost, as far as somebody said what one costs. */
export function describePacks(
  { pack, count, leftG }: Packs,
  price: number | null,
  units: TextContext["units"],
): string {
  const left = leftG < 1 ? "nothing left over" : `${writeMass(leftG, units)} left over`;
  const cost = price === null ? "" : ` · ${(count * price).toFixed(2)} in all`;
  return `${count} × ${pack.name} of ${writeMass(foodInPackG(pack), units)}, ${left}${cost}`;
}
/** The protein beside that of the meat, and how much of the food would bring as much. */
export function describeProtein(
  { proteinG, forProteinG, mainG, extra, littleProtein }: RouteCard,
  meatEachG: number,
  context: TextContext,
): string {
  const beans =
    extra.beansG >= 1
      ? ` With ${writeMass(Math.round(extra.beansG), context.units)} of white beans ${extra.beansIn === "sauce" ? "in the sauce" : "beside it"}.`
      : "";
  const more =
    forProteinG !== null && forProteinG > mainG * 1.05
      ? ` For as much as the meat: ${writeMass(forProteinG, context.units)}.`
      : littleProtein
        ? " No amount of it brings what the meat did."
        : "";
  const far = extra.beansG >= 1 && proteinG < meatEachG * 0.95 ? " That is as much as a side can be." : "";
  return `The meat brought ${writeMass(meatEachG)} of protein each.${beans === "" ? more : beans}${far}`;
}

type Figures = Pick<Answer, "mainG" | "handsMin" | "batches" | "proteinG" | "saltG" | "oilG">;
/** Figures of a route, the same that the Bench shows. */
export const describeFigures = (f: Figures, food: string, context: TextContext): readonly string[] => [
  `${writeMass(f.mainG, context.units)} ${foodInText(context.foods, food)}`,
  `${writeMinutes(f.handsMin)} of hands${f.batches > 1 ? `, ${counted(f.batches, "batch", "batches")}` : ""}`,
  `${writeMass(f.proteinG)} protein, ${f.saltG === null ? "salt not known" : `${writeMass(f.saltG)} salt`} each`,
];

/** Why a route is out, and what brings it back. */
export function describeOut(out: Out, context: TextContext): string {
  const name = (food: string) => foodInText(context.foods, food);
  switch (out.kind) {
    case "contains":
      return `${name(out.food)} contains ${ALLERGEN_NAMES[out.allergen]}, and ${context.eater(out.eater)} eats along`;
    case "diet":
      return `not ${DIET_WORDS[out.diet].name}, as ${context.eater(out.eater)} eats${out.food === null ? "" : `: ${name(out.food)}`}`;
    case "disliked":
      return `${context.eater(out.eater)} dislikes ${name(out.food)}`;
    case "time":
      return `takes ${writeMinutes(out.leadMin)}, dinner is in ${writeMinutes(Math.max(0, out.availableMin))}: set dinner later to have it back`;
    case "hands":
      return `${writeMinutes(out.handsMin)} of hands-on work`;
    case "not-honest":
      return "stands for meat; you asked for an honest vegetable";
    case "cannot":
      return describeFailure(out.failure, context);
  }
}
/** What was exchanged. */
export const describeMoved = (moved: Answer["moved"], context: TextContext): string =>
  moved
    .map(
      (m) => `${m.to.map((f) => foodInText(context.foods, f)).join(" and ")} for ${foodInText(context.foods, m.from)}`,
    )
    .join(", ");
/** What can harm: a stop in full, of the others the first and how many more there are. */
export function describeCautions(cautions: readonly Caution[], { units, foods, eater }: TextContext): string {
  const [first, ...more] = [...cautions].sort((a, b) => Number(b.severity === "stop") - Number(a.severity === "stop"));
  if (first === undefined) return "";
  const rest = more.length > 0 ? ` And ${counted(more.length, "caution")} more on the Bench.` : "";
  return `${describeCaution(first, { units, foods, eater })}${rest}`;
}
/** What it holds and what only labels tell, as long as nobody said who must not eat what. */
export function describeHolds({ contains, mayHold }: Pick<Answer, "contains" | "mayHold">): string {
  const named = (list: Answer["contains"]) => list.map((a) => ALLERGEN_NAMES[a]).join(", ");
  const certain = contains.length > 0 ? `Contains ${named(contains)}. ` : "";
  return `${certain}${mayHold.length > 0 ? `Labels decide about ${named(mayHold)}. ` : ""}Ask who must not eat what.`;
}
/** Labels that have to be read. */
export const describeAsks = (asks: Answer["asks"], context: TextContext): readonly string[] =>
  asks.map(
    (q) =>
      `read for ${ALLERGEN_NAMES[q.allergen]} (${context.eater(q.eater)}): ${q.foods.map((f) => foodName(context.foods, f)).join(", ")}`,
  );

const ordinal = (n: number): string =>
  `${n}${n % 100 > 10 && n % 100 < 14 ? "th" : (["th", "st", "nd", "rd"][n % 10] ?? "th")}`;
/** "Up from 4th: it comes glazed now." */
export function describePlace({ was, is }: Moved, since: string): string {
  const how = was === null ? "In again" : `${is < was ? "Up" : "Down"} from ${ordinal(was)}`;
  return `${how}: ${since}.`;
}
