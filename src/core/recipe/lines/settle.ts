import type { MeatForm, MeatKind } from "../../dish/meat";
import type { FoodId, FoodLookup } from "../../foods/food";
import { processOf } from "../../foods/process";
import type { Estimate } from "../../quantities/range";
import type { AnimalJob } from "./animals";
import type { FoodOnLine, LineRead } from "./line";
import type { RecipeRead } from "../recipe";
import { type EggUse, eggUseIn, proposalFor, type ReplaceReason } from "./replace";
import { gramsOf } from "./weigh";

/** What the cook says of a line that was left open, or wants otherwise. */
export interface LineChoice {
  /** Of what is optional `false` takes it in although somebody at the table must not eat it. */
  readonly leaveOut?: boolean;
  /** Grams of what stands on the line, before anything is replaced. */
  readonly massG?: number;
  /** A food of the table or of the cook's own for what the line names. */
  readonly food?: FoodId;
  readonly eggUse?: EggUse;
  /** The reading is right as it is. */
  readonly looked?: boolean;
  /** Which of several alternatives, counted from 0. */
  readonly which?: number;
}
/** Choices by the line's place in the list. */
export type Choices = Readonly<Record<number, LineChoice>>;

/** What has to be looked at before the reading of a line counts. */
export type LineAsk =
  | { readonly kind: "amount" }
  | { readonly kind: "two-amounts"; readonly first: string; readonly second: string }
  | { readonly kind: "unknown-food"; readonly words: string }
  | { readonly kind: "look" }
  /** Words of the line that nobody has explained. */
  | { readonly kind: "words"; readonly words: readonly string[] }
  | { readonly kind: "alternatives"; readonly of: readonly string[] }
  /** It may be left out. */
  | { readonly kind: "optional"; readonly out: boolean }
  | { readonly kind: "egg-use" }
  | { readonly kind: "label"; readonly words: string };

/** A food that goes into the dish. */
export interface Put {
  /** Null is a food that nobody knows: a food of the cook's own by these words. */
  readonly food: FoodId | null;
  readonly words: string;
  /** Null while nobody knows how much. */
  readonly massG: Estimate | null;
  /** The cook tastes: the grams are this house's estimate. */
  readonly byTaste: boolean;
}
/** A meat that a route takes the place of. */
export interface MeatLine {
  readonly form: MeatForm;
  readonly kind: MeatKind;
  /** Raw, g; null while nobody knows how much. */
  readonly rawG: number | null;
}
/** What becomes of a line of the recipe. */
export interface Settled {
  readonly line: number;
  readonly state: "kept" | "replaced" | "meat" | "left-out";
  readonly puts: readonly Put[];
  readonly meats: readonly MeatLine[];
  readonly reasons: readonly ReplaceReason[];
  readonly asks: readonly LineAsk[];
  /** What stays a choice in the dish. */
  readonly instead?: Instead;
}
/** What a line leaves to the cook: another food in its place, or none. */
export interface Instead {
  readonly others: readonly Put[];
  readonly optional: boolean;
  /** Left out for now. */
  readonly out: boolean;
}

/** A pinch where nothing is said, g for each eater (estimates that a cook tastes). */
const BY_TASTE_G: Readonly<Record<FoodId, number>> = {
  "black-pepper": 0.3,
  nutmeg: 0.05,
  "rapeseed-oil": 5,
  "olive-oil": 5,
};
/** Any other seasoning, g for each eater. */
const SEASONING_G = 0.5;

/** What the recipe makes of its meat: a mince that is rolled is a ball. */
function formIn(form: MeatForm, method: string): MeatForm {
  if (form === "fillet" && /\bbatter(?:ed)?\b/.test(method)) return "battered";
  if (form !== "mince") return form;
  if (/\bmeat ?balls?\b|\bballs\b/.test(method)) return "ball";
  if (/\b(?:patt(?:y|ies)|burgers?)\b/.test(method)) return "patty";
  if (/\bmeat ?loaf\b|\bloaf tin\b/.test(method)) return "loaf";
  if (/\bskewers?\b|\bkoftas?\b|\bkebabs?\b/.test(method)) return "skewer";
  return form;
}

/**
 * Every line of a recipe with what becomes of it, as far as its words and the cook's choices say.
 *
 * @param forbidden whether somebody at the table surely must not eat a food
 */
export function settle(
  recipe: RecipeRead,
  choices: Choices,
  foods: FoodLookup,
  forbidden: About["forbidden"] = () => false,
): Settled[] {
  const method = [recipe.name, ...recipe.method.map((m) => m.text)].join(" ").toLowerCase();
  const baked = recipe.method.some((m) => m.operations.includes("bake"));
  const eaters = recipe.servings ?? USUAL_SERVINGS;
  return recipe.lines.flatMap((line, i): Settled[] =>
    line.kind === "ingredient" ? [settled(line, i, choices[i] ?? {}, { method, baked, eaters, foods, forbidden })] : [],
  );
}
/** A recipe that does not say for how many it is. */
export const USUAL_SERVINGS = 4;

interface About {
  readonly method: string;
  readonly baked: boolean;
  readonly eaters: number;
  readonly foods: FoodLookup;
  readonly forbidden: (food: FoodId) => boolean;
}
type Ingredient = Extract<LineRead, { kind: "ingredient" }>;

function settled(line: Ingredient, at: number, choice: LineChoice, about: About): Settled {
  const none = { line: at, puts: [], meats: [], reasons: [], asks: [] };
  if (choice.leaveOut === true && !line.optional) return { ...none, state: "left-out" };
  const asks: LineAsk[] = [];
  const puts: Put[] = [];
  const meats: MeatLine[] = [];
  const reasons: ReplaceReason[] = [];
  if (line.joined === "or" && line.foods.length > 1 && choice.which === undefined)
    asks.push({ kind: "alternatives", of: line.foods.map((f) => f.words) });
  if (line.amount?.kind === "question" && choice.massG === undefined)
    asks.push(
      line.amount.asks.kind === "two-amounts"
        ? { kind: "two-amounts", first: line.amount.asks.first, second: line.amount.asks.second }
        : { kind: "amount" },
    );
  // What nobody knows is asked by its whole name already.
  const isNamed = line.foods.some((f) => f.named.is !== "unknown");
  if (line.open.length > 0 && isNamed && choice.looked !== true && choice.food === undefined)
    asks.push({ kind: "words", words: line.open });
  const [taken, others] = chosen(line, choice, about);
  for (const found of taken) {
    const named: FoodOnLine["named"] =
      choice.food !== undefined && (line.foods.length === 1 || isDoubtful(found.named))
        ? { is: "food", food: choice.food, sure: true }
        : found.named;
    const hidden = named.is === "animal" && named.animal.job === "hidden";
    if (named.is !== "unknown" && !named.sure && choice.looked !== true && !hidden) asks.push({ kind: "look" });
    const said =
      choice.massG === undefined
        ? gramsOf(named, line.amount, about.foods, found.words)
        : { low: choice.massG, likely: choice.massG, high: choice.massG };
    const portion = said === null && line.amount === null ? portionG(named, line, about) : null;
    const massG = said ?? portion;
    if (portion !== null) asks.push({ kind: "amount" });
    const animal = named.is === "animal" ? named.animal : null;
    if (animal?.job === "meat") {
      const { kind } = animal;
      meats.push({ form: formIn(animal.form, about.method), kind, rawG: massG?.likely ?? null });
      if (massG === null && line.amount?.kind !== "question") asks.push({ kind: "amount" });
      continue;
    }
    const replaced = animal === null ? null : replacement(animal.job, line, choice, about);
    if (replaced?.unsure === true) asks.push({ kind: "egg-use" });
    if (replaced !== null) reasons.push(replaced.proposal.reason);
    const by = replaced?.proposal.by ?? [[named.is === "food" ? named.food : null, 1] as const];
    if (replaced !== null && by.length === 0) asks.push({ kind: "label", words: found.words });
    if (named.is === "unknown") asks.push({ kind: "unknown-food", words: found.words });
    const byTaste = massG === null && line.amount?.kind !== "question" && tasted(named, line, about.foods);
    if (massG === null && !byTaste && line.amount?.kind !== "question") asks.push({ kind: "amount" });
    for (const [food, perG] of by.length === 0 ? [[null, 1] as const] : by)
      puts.push({
        food,
        words: found.words,
        massG: byTaste ? tasteG(food, about.eaters) : times(massG, perG),
        byTaste,
      });
  }
  const state = meats.length > 0 ? "meat" : reasons.length > 0 ? "replaced" : "kept";
  const out =
    line.optional &&
    (choice.leaveOut ?? puts.some((p) => p.food !== null && about.forbidden(p.food))) &&
    puts.length > 0;
  if (line.optional) asks.push({ kind: "optional", out });
  const open: Instead = {
    // "Dripping or lard" are one oil: nothing to choose.
    others:
      puts.length === 1
        ? others
            .flatMap((f) => putFor(f, line, choice, about))
            .filter((p) => p.food === null || p.food !== puts[0]?.food)
        : [],
    optional: line.optional,
    out,
  };
  const settled = { line: at, state, puts, meats, reasons, asks } as const;
  return meats.length === 0 && (open.optional || open.others.length > 0) ? { ...settled, instead: open } : settled;
}

/** What an alternative would put in, where that is one food. */
function putFor({ named, words }: FoodOnLine, line: Ingredient, choice: LineChoice, about: About): Put[] {
  const grams = gramsOf(named, line.amount, about.foods, words);
  const [said, byTaste] =
    grams === null && tasted(named, line, about.foods)
      ? [tasteG(named.is === "food" ? named.food : null, about.eaters), true]
      : [grams, false];
  if (named.is !== "animal") return [{ food: named.is === "food" ? named.food : null, words, massG: said, byTaste }];
  if (named.animal.job === "meat") return [];
  const by = replacement(named.animal.job, line, choice, about).proposal.by;
  return by.length === 1 ? by.map(([food, perG]) => ({ food, words, massG: times(said, perG), byTaste })) : [];
}

const isDoubtful = (named: FoodOnLine["named"]): boolean => named.is === "unknown" || !named.sure;
/**
 * Of alternatives the one that the cook chose, and the others. Until then it is the first plant among them that everybody at the
 * table may eat, else what a plant takes the place of, else one that nobody knows, else the first.
 */
function chosen(
  line: Ingredient,
  choice: LineChoice,
  { forbidden }: About,
): [readonly FoodOnLine[], readonly FoodOnLine[]] {
  const { foods } = line;
  if (line.joined === "and" || foods.length < 2) return [foods, []];
  const isPlant = ({ named }: FoodOnLine) =>
    named.is === "food" || (named.is === "animal" && named.animal.job !== "meat");
  const fits = foods.findIndex((f) => f.named.is === "food" && !forbidden(f.named.food));
  const replaced = foods.findIndex((f) => f.named.is === "animal" && f.named.animal.job !== "meat");
  // What nobody knows is asked; what is known to harm is not taken before it.
  const unknown = foods.findIndex((f) => f.named.is === "unknown");
  const order = [fits, replaced, unknown, foods.findIndex(isPlant)];
  const which = choice.which ?? order.find((at) => at >= 0) ?? 0;
  return [foods.slice(which, which + 1), foods.filter((_, i) => i !== which)];
}
const times = (e: Estimate | null, by: number): Estimate | null =>
  e === null ? null : { low: e.low * by, likely: e.likely * by, high: e.high * by };
/** Salt, pepper, oil and herbs may come without an amount: a cook tastes. Everything else has to be said. */
function tasted(named: FoodOnLine["named"], line: Ingredient, foods: FoodLookup): boolean {
  if (named.is !== "food" || line.amount !== null) return false;
  const group = foods(named.food)?.group;
  return group === "seasoning" || group === "fat" || named.food === "water" || line.toTaste;
}
/** Rice, pasta and other grains that come to the table beside a dish, dry, g for each eater (common practice of packets). */
const PORTION_G: Estimate = { low: 50, likely: 75, high: 100 };
/** A staple that a recipe only serves it with: the usual portion, and asked all the same. */
function portionG(named: FoodOnLine["named"], line: Ingredient, { eaters, foods, method }: About): Estimate | null {
  if (named.is !== "food" || processOf(named.food).cook === undefined || /-(?:cooked|tinned)$/.test(named.food))
    return null;
  if (foods(named.food)?.group !== "grain") return null;
  const word = line.text
    .toLowerCase()
    .match(/[a-z]+/g)
    ?.find((w) => new RegExp(`\\b(?:serve|with|over|beside|alongside)\\b[^.]*\\b${w}\\b`).test(method));
  return /\bto serve\b/i.test(line.text) || word !== undefined ? times(PORTION_G, eaters) : null;
}
function tasteG(food: FoodId | null, eaters: number): Estimate {
  const each = (food === null ? undefined : BY_TASTE_G[food]) ?? SEASONING_G;
  return { low: 0, likely: each * eaters, high: 3 * each * eaters };
}

function replacement(job: AnimalJob, line: Ingredient, choice: LineChoice, { method, baked }: About) {
  const words = line.text.toLowerCase();
  const use = choice.eggUse ?? (job === "egg" ? eggUseIn(words, method, baked) : null);
  const fried =
    job === "butter" &&
    /\b(?:fry|sear|brown|saut[eé]|soften)[^.]{0,40}\bbutter|\bbutter[^.]{0,30}\b(?:pan|fry|sear)/.test(method);
  const cube = /\bcubes?\b|\bpowder\b|\bgranules?\b/.test(words);
  return {
    proposal: proposalFor({ job, words, cube, eggUse: use ?? "binds", fried }),
    unsure: job === "egg" && use === null,
  };
}
