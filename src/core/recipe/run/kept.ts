import type { FoodId } from "../../foods/food";
import { processOf } from "../../foods/process";
import type { Clause } from "../method/clauses";
import type { Kitchen } from "./machine";
import { type Kept, linesIn, type Pot } from "./pot";
import type { Mention, Share } from "./references";

/** What stands for what was kept where only foods are asked for. */
export const KEPT_FOOD: Readonly<Record<Kept["is"], FoodId[]>> = {
  liquid: ["water"],
  pieces: [],
  oil: ["rapeseed-oil"],
};
/** How much a cook means who says no amount of a liquid that was kept, g (common practice). */
const SAID_G: readonly (readonly [RegExp, number])[] = [
  [/\bmug(?:ful)?\b/, 300],
  [/\bcup(?:ful)?\b/, 240],
  [/\bladle(?:ful)?s?\b/, 120],
  [/\b(?:splash|dash|drop|little|bit|some)\b/, 40],
  [/\b(?:few|couple of) (?:tablespoons|tbsp|spoonfuls)\b/, 45],
];
const AMOUNT = /\b(\d+(?:\.\d+)?) ?(ml|l|litres?|g|tbsp|tablespoons?|cups?)\b/;
const GRAMS: readonly (readonly [RegExp, number])[] = [
  [/^ml|^g$/, 1],
  [/^l/, 1000],
  [/^tbsp|^table/, 15],
  [/^cup/, 240],
];
/** About how many grams of a liquid some words mean; null where they say none. */
function gramsIn(text: string): number | null {
  const [, n, unit] = AMOUNT.exec(text) ?? [];
  if (n !== undefined && unit !== undefined) return Number(n) * (GRAMS.find(([of]) => of.test(unit))?.[1] ?? 1);
  return SAID_G.find(([of]) => of.test(text))?.[1] ?? null;
}
/** Of what was kept a clause takes a cup, a splash, so many millilitres, or all that is there. */
export function keptShare({ words }: Pick<Clause, "words">, { share, at }: Mention, { massG }: Kept): Share {
  if (share.is === "rest" || share.is === "part") return share;
  const before = words
    .slice(Math.max(0, at - 6), at)
    .map((w) => w.word)
    .join(" ");
  const grams = gramsIn(before.split(/[,;]| with | in | over | on | into | and /).at(-1) ?? before);
  return grams === null || massG <= 0 ? { is: "rest" } : { is: "part", of: Math.min(1, grams / massG) };
}

/** Water that goes into a food while it soaks or cooks, g for each gram (rough means of `foods/processTable`). */
const drinks = (food: FoodId): number => {
  const { cook, soak } = processOf(food);
  return cook !== undefined ? 1.3 : soak !== undefined ? 2 : 0;
};
const RESERVES = /\b(?:reserv\w*|keep\w*|sav\w*|set(?:ting)? aside)\b/;
const LIQUIDS = ["soaking", "cooking", "poaching", "reserved"] as const;
const NAMES = ["water", "liquid", "liquor", "broth"] as const;
/** By which names a liquid is called that something soaked or cooked in. */
export function namesOf(k: Kitchen, pot: Pot, isReserved: boolean): string[] {
  const heads = [...linesIn(pot)].flatMap((l) => k.line(l).names.flatMap((n) => n.at(-1) ?? []));
  const before = [...LIQUIDS, ...new Set(heads)].flatMap((of) => NAMES.map((what) => `${of} ${what}`));
  return isReserved ? [...before, "liquid", "liquor"] : before;
}
/** Pours a bath off; it can be taken again by what it was used for: "the soaking liquid", "a cup of the pasta water". */
export function pourOff(k: Kitchen, pot: Pot): void {
  const massG = pot.steps
    .flatMap((s) => s.items)
    .reduce((g, i) => {
      const foods = k.foodsOf(i);
      const isBath = foods.length > 0 && foods.every((f) => f === "water" || k.isLiquid(f));
      return g + k.massOf(i) * (isBath ? 1 : -drinks(foods[0] ?? ""));
    }, 0);
  pot.steps.push({ kind: "drain", items: [], settings: {}, sentence: k.sentence });
  pot.bathed = false;
  const of = pot.steps.at(-1);
  if (of !== undefined && massG > 0)
    k.keep({ of, massG, lines: [], is: "liquid" }, namesOf(k, pot, RESERVES.test(k.said)));
}
