import { celsiusFromFahrenheit } from "../../quantities/units";
import { singular } from "../lines/lexicon";
import type { FoodOnLine, LineRead } from "../lines/line";
import { plainNumbers } from "../plainText";

/** What is done in a sentence of the method, as far as its verb says so. */
export type Operation =
  | "fry"
  | "sear"
  | "simmer"
  | "boil"
  | "bake"
  | "grill"
  | "deep-fry"
  | "steam"
  | "mash"
  | "shape"
  | "rest"
  | "marinate"
  | "mix"
  | "serve";
/** An oven's heat that means one thing, or has to be asked. */
export type Heat =
  | { readonly tempC: number; readonly from: string }
  | { readonly tempC: null; readonly from: string; readonly why: "which-unit" | "contradicts" };
/** A time that a sentence names, minutes. */
export interface Minutes {
  readonly low: number;
  readonly high: number;
  /** "on each side": the whole is twice that. */
  readonly eachSide: boolean;
}
/** A sentence of the method. */
export interface MethodStep {
  readonly text: string;
  readonly operations: readonly Operation[];
  readonly minutes: readonly Minutes[];
  readonly heats: readonly Heat[];
  readonly covered: boolean;
  /** Places of the lines that it uses, in the list of lines. */
  readonly lines: readonly number[];
}

const VERBS: readonly (readonly [Operation, RegExp])[] = [
  ["deep-fry", /\bdeep[- ]?fr(?:y|ied|ying)\b/],
  [
    "fry",
    /\b(?:stir[- ]?fr(?:y|ied)|pan[- ]?fr(?:y|ied)|(?<!deep[- ])fr(?:y|ied)|saut[eé]|soften|sweat|scramble|cook (?:the )?(?:bacon|onions?|garlic|shallots?)|melt)\b/,
  ],
  ["sear", /\b(?:sear|brown|caramelis|caramelize)\w*\b/],
  [
    "simmer",
    /\b(?:simmer|braise|stew|poach|slow cook\w*|on low|bubble|reduce|warm(?! (?:the )?(?:[a-z]+ )?(?:oil|butter|ghee)\b))\b/,
  ],
  ["boil", /\b(?:boil|parboil|blanch|cook the (?:noodles|pasta|spaghetti|rice))\b/],
  ["bake", /\b(?:bake|roast(?! (?:on|the)?\s*(?:all|in the pan))|oven)\b/],
  ["grill", /\b(?:grill|griddle|broil|barbecue)\b/],
  ["steam", /\bsteam\b/],
  ["mash", /\bmash\b/],
  ["shape", /\b(?:shape|form into|roll into)\b/],
  ["marinate", /\bmarinate\b/],
  ["rest", /\b(?:rest|leave|stand|chill)\b/],
  ["mix", /\b(?:mix|combine|whisk|stir|toss|blend|add)\b/],
  ["serve", /\b(?:serve|garnish|sprinkle)\b/],
];

const UNIT_MIN: readonly (readonly [RegExp, number])[] = [
  [/^h/i, 60],
  [/^m/i, 1],
  [/^s/i, 1 / 60],
];
const N = String.raw`\d+(?:\.\d+)?`;
const TIME_UNIT = String.raw`(hours?|hrs?|h|minutes?|mins?|min|m|seconds?|secs?)`;

/** The times that a text names, ranges kept: "1 hour 30 minutes", "10–15 min", "2½ h", "overnight". */
export function minutesIn(given: string): Minutes[] {
  // "2 minutes less than the packet says" are not two minutes.
  const text = given.replace(/\b\d+ ?min\w* (?:less|fewer|shorter|short of)\b/gi, " ");
  const plain = plainNumbers(text);
  const found: Minutes[] = [];
  const times = new RegExp(
    String.raw`(${N})(?:\s*(?:-|–|—|to|or)\s*(${N}))?[\s-]*${TIME_UNIT}\b\.?(?:\s*(?:and\s*)?(${N})\s*(minutes?|mins?|min|m)\b)?(\s*(?:more\s+)?(?:per|on each|each|a) side)?`,
    "gi",
  );
  for (const [, from = "", to, unit = "", more, , side] of plain.matchAll(times)) {
    const each = UNIT_MIN.find(([word]) => word.test(unit))?.[1] ?? 1;
    const extra = more === undefined || each !== 60 ? 0 : Number(more);
    found.push({
      low: Number(from) * each + extra,
      high: Number(to ?? from) * each + extra,
      eachSide: side !== undefined,
    });
  }
  if (/\bovernight\b/i.test(plain)) found.push({ low: 480, high: 720, eachSide: false });
  return found;
}

/** Gas marks 1/4 to 9, °C (common practice of oven tables). */
const GAS: Readonly<Record<string, number>> = {
  "0.25": 110,
  "0.5": 130,
  "1": 140,
  "2": 150,
  "3": 170,
  "4": 180,
  "5": 190,
  "6": 200,
  "7": 220,
  "8": 230,
  "9": 240,
};
/** Two figures of one oven may differ so much, K. */
const SAME_WITHIN_K = 10;

/** The heats that a text names. A fan's figure beside it is no second one; two that contradict each other, and bare degrees, are asked. */
export function heatsIn(text: string): Heat[] {
  const plain = plainNumbers(text)
    .replace(/\(?\bfan\s*(?:oven\s*)?\d+\s*°?\s*[cf]?\b\)?/gi, " ")
    .replace(/\d+\s*°?\s*[cf]?\s+fan\b/gi, " ")
    .replace(/([/|,(])\s*(?=[/|,(])/g, "");
  const one = String.raw`(?:gas(?:\s*mark)?\s*(1/4|1/2|\d(?:\.\d+)?)|(\d{2,3})\s*(?:(°|degrees?|deg)\s*)?(celsius|fahrenheit|c|f)?\b)`;
  const groups = new RegExp(String.raw`${one}(?:\s*[/|,(]\s*${one}\)?)?(?:\s*[/|,(]\s*${one}\)?)?`, "gi");
  const heats: Heat[] = [];
  for (const match of plain.matchAll(groups)) {
    const figures = [0, 1, 2].flatMap((i) => {
      const [gas, n, sign, unit] = match.slice(1 + 4 * i, 5 + 4 * i);
      if (gas !== undefined) return [GAS[gas === "1/4" ? "0.25" : gas === "1/2" ? "0.5" : gas] ?? NaN];
      if (n === undefined || (sign === undefined && unit === undefined)) return [];
      const value = Number(n);
      if (unit !== undefined) return [/^f/i.test(unit) ? celsiusFromFahrenheit(value) : value];
      // Above 275 no home oven means °C; below 150 none means °F.
      if (value > 275) return [celsiusFromFahrenheit(value)];
      return value < 150 ? [value] : [NaN];
    });
    const [first] = figures;
    if (first === undefined) continue;
    const from = match[0].trim();
    if (Number.isNaN(first)) heats.push({ tempC: null, from, why: "which-unit" });
    else if (figures.some((f) => Math.abs(f - first) > SAME_WITHIN_K))
      heats.push({ tempC: null, from, why: "contradicts" });
    else heats.push({ tempC: Math.round(first), from });
  }
  return heats;
}

/** Words of a line by which a method would speak of it: of "dry white wine" wine, of "chicken thighs" chicken and thighs. */
function callWords(line: LineRead): readonly string[] {
  if (line.kind !== "ingredient") return [];
  return line.foods.flatMap(({ words, named }) => {
    const all = words
      .split(/[^\p{L}]+/u)
      .map(singular)
      .filter((w) => w.length > 2 && !VAGUE.has(w));
    return [...all, ...sortWords(named)];
  });
}
/** What a method calls it by its sort: "add the meat", "scatter over the cheese", "mix in the crumbs". */
function sortWords(named: FoodOnLine["named"]): readonly string[] {
  if (named.is === "animal") {
    const { job } = named.animal;
    return job === "meat" ? ["meat"] : job.startsWith("cheese") ? ["cheese"] : [];
  }
  return named.is === "food" && CRUMBS.has(named.food) ? ["crumb", "breadcrumb"] : [];
}
const CRUMBS = new Set(["breadcrumbs", "panko"]);
const VAGUE = new Set(
  "fresh dried large small medium ground plain dry raw ripe whole fine white red green black brown sweet hot cold boneless skinless smoked tinned canned and the with for piece cut thick thin unsalted salted low sodium extra virgin frozen baby long grain natural double single powder sauce".split(
    " ",
  ),
);

/** Sentences of the method with what they do, for how long, how hot, and which lines they use. */
export function readMethod(text: readonly string[], lines: readonly LineRead[]): MethodStep[] {
  const calls = lines.map(callWords);
  const sentences = text.flatMap((paragraph) => sentencesOf(paragraph));
  const used = new Set<number>();
  return sentences.map((sentence) => {
    const lower = sentence.toLowerCase();
    const words = wordsOf(lower);
    // "Mix everything but the passata."
    const but = wordsOf(/\b(?:but|except|apart from)\b([^,.;]*)/.exec(lower)?.[1] ?? "");
    const everything = /\b(?:everything|all (?:the )?(?:ingredients|rest)|the rest|remaining ingredients)\b/.test(
      lower,
    );
    const named = lines.flatMap((line, i) =>
      line.kind === "ingredient" &&
      !(everything && calls[i]?.some((w) => but.has(w))) &&
      (calls[i]?.some((w) => words.has(w)) || (everything && !used.has(i)))
        ? [i]
        : [],
    );
    for (const i of named) used.add(i);
    return {
      text: sentence,
      operations: operationsIn(lower),
      minutes: minutesIn(sentence),
      heats: heatsIn(sentence),
      covered: /\b(?:cover|covered|lid)\b/.test(lower),
      lines: named,
    };
  });
}
const HEATS: ReadonlySet<Operation> = new Set(["fry", "sear", "simmer", "boil", "bake", "grill", "steam", "deep-fry"]);
/** Whether anything is heated in a sentence. */
export const isHeated = ({ operations }: Pick<MethodStep, "operations">): boolean =>
  operations.some((op) => HEATS.has(op));

/** "Serve in warm tortillas" heats nothing. */
function operationsIn(lower: string): readonly Operation[] {
  if (/^(?:to )?serve\b/.test(lower)) return ["serve"];
  const operations = VERBS.flatMap(([op, verb]) => (verb.test(lower) ? [op] : []));
  const heated = isHeated({ operations });
  if (!COOKS_ON.test(lower) && (heated || !COOKS.test(lower))) return operations;
  // "Cook 7 minutes" says not how: in fat it fries, else, and behind another heat, it simmers.
  const fries = !heated && /\b(?:oil|butter|ghee|margarine)\b/.test(lower);
  return [...operations, fries ? "fry" : "simmer"];
}
const COOKS_ON = /\bcook (?:on )?(?:gently|low|\d)|\bcook for\b/;
const COOKS = /\bcook\b[^.]*\d/;
const wordsOf = (text: string): ReadonlySet<string> => new Set(text.split(/[^\p{L}]+/u).map(singular));
const sentencesOf = (paragraph: string): string[] =>
  paragraph
    // "Add the oil and onions; cook 7 minutes" is one thing.
    .split(/(?<=[.!?])\s+(?=[\p{L}\d])|(?<=;)\s+(?=\p{Lu})/u)
    .map((s) => s.trim())
    .filter((s) => /\p{L}/u.test(s));
