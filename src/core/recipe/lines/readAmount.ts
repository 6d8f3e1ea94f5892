import { type Amount, amountIn, baseOf, ofSize, unitNamed } from "../../quantities/amount";
import type { SpoonSystem } from "../../quantities/units";
import { plainNumbers } from "../plainText";

/** What stands on a line of an amount, and the words that are left for the food. */
export interface AmountOnLine {
  /** Null when none is given. */
  readonly amount: Amount | null;
  readonly toTaste: boolean;
  readonly words: string;
}

const NUM = String.raw`\d+(?:\.\d+)?(?:/\d+)?`;
const QTY = String.raw`(${NUM})(?:\s*(?:-|–|—|to|or)\s*(${NUM}))?`;
/** What a cook puts between the number and the unit, or the food. */
const ADJECTIVE = String.raw`(?:(?:about|approx\.?|approximately|around|roughly|ca\.?|generous|good|heaped|heaping|rounded|level|scant|large|small|medium|big|thick|thin|fat|thumb-sized|very|extra[- ]large|medium-sized)\s+)*`;
const BASE = String.raw`(?:kg|kilos?|g|gr|grams?|grammes?|mg|ml|cl|dl|l|litres?|liters?|oz|ounces?|lbs?|pounds?|fl\.? ?oz)`;
/** Of these a figure in brackets is what one of them holds; of slices and leaves it is what all of them weigh. */
const CONTAINERS: ReadonlySet<string> = new Set([
  "tin",
  "jar",
  "bag",
  "block",
  "bottle",
  "cube",
  "carton",
  "tube",
  "stick",
  "sheet",
]);
const MASS = String.raw`(?:kg|kilos?|g|gr|grams?|grammes?|oz|ounces?|lbs?|pounds?)`;
const PACKS = String.raw`(?:tins?|cans?|jars?|packs?|packets?|packages?|pkgs?|bags?|cartons?|blocks?|bottles?|tubes?|boxes|box|pouch(?:es)?)`;
/** Spellings of units that the table of words does not have: shorthand, and spoons of the neighbours. */
const SHORT: Readonly<Record<string, string>> = {
  T: "tbsp",
  Tbs: "tbsp",
  tbl: "tbsp",
  tblsp: "tbsp",
  EL: "tbsp",
  el: "tbsp",
  t: "tsp",
  TL: "tsp",
  tl: "tsp",
  c: "cup",
  C: "cup",
  qt: "quart",
  pt: "pint",
  stalk: "stick",
  stalks: "stick",
  bulb: "head",
  ribs: "stick",
  rib: "stick",
  lump: "knob",
  pkg: "bag",
  pkt: "bag",
  pkts: "bag",
  package: "bag",
  packages: "bag",
  pouch: "bag",
  mil: "ml",
  mils: "ml",
  box: "bag",
  Zehe: "clove",
  Zehen: "clove",
  Prise: "pinch",
  Bund: "bunch",
  Dose: "tin",
};
const unitOf = (word: string): string | null => {
  const bare = word.replace(/\.$/, "");
  return SHORT[bare] ?? unitNamed(bare.toLowerCase().replace(/^fl\.? ?oz$/, "fl oz"));
};
/** Whether a word is that of a unit, a container or a piece. */
export const isUnitWord = (word: string): boolean => unitOf(word) !== null || new RegExp(`^${PACKS}$`, "i").test(word);
const number = (text: string): number => {
  const [a = 0, b = 1] = text.split("/").map(Number);
  return a / b;
};
/** Amounts that say the same thing twice may differ so much: recipes round. */
const SAME_WITHIN = 0.15;

/**
 * Reads the amount of an ingredient line, wherever it stands on it: before the food, behind it, a size in brackets, the same
 * amount in two worlds of units. Two amounts that differ by more than 15 % are asked.
 */
export function readAmountOnLine(line: string, spoons: SpoonSystem): AmountOnLine {
  const toTaste = /\b(?:to|as|for) (?:your )?taste\b|\bas needed\b|\bas required\b/i.test(line);
  const text = homophones(plainNumbers(line.replace(/\b(?:to|as) (?:your )?taste\b/gi, " ")));
  const found =
    before(text.replace(/^(?:an?|1) (?=\d+(?:\.\d+)?\s*-?\s*(?:cm|inch|mm)\b)/i, ""), spoons) ?? behind(text, spoons);
  if (found === null) return { amount: null, toTaste, words: text };
  return { amount: ofSize(text, found.amount), toTaste, words: found.words.trim() };
}

/** What dictation makes of numbers: "too tablespoons", "for eggs" (which may be four or mean something else). */
function homophones(text: string): string {
  return text
    .replace(/^(?:too|to)\s+(?=table ?spoons?|tea ?spoons?|cups?|pounds?|ounces?|cloves?|sticks?|tins?|cans?)/i, "2 ")
    .replace(/\btable spoon/gi, "tablespoon")
    .replace(/\btea spoon/gi, "teaspoon");
}

interface Found {
  readonly amount: Amount;
  readonly words: string;
}
const counted = (low: number, high: number, of: string, sizeG: number | null): Amount => {
  const made = amountIn(low, high, of, "metric");
  return made.kind === "count" ? { ...made, sizeG } : made;
};
/** Grams, or the millilitres that stand for them on a tin, of "400 g". */
const sizeOf = (value: string, unit: string): number | null => {
  const base = baseOf(unitOf(unit) ?? "");
  return base === null ? null : number(value) * base;
};

function before(text: string, spoons: SpoonSystem): Found | null {
  // "1 each: onion, carrot"
  const each = new RegExp(String.raw`^(${NUM})\s+each\s*:?\s+(.+)$`, "i").exec(text);
  if (each?.[1]) return { amount: counted(number(each[1]), number(each[1]), "piece", null), words: each[2] as string };
  // "2 x 400 g tins", "1 14-oz can", "a 400 g tin", "2 8-oz. packages", "2 x 120 g salmon fillets"
  const sized = new RegExp(
    String.raw`^(?:(${NUM}|an?)(?:\s*(x|×)\s*|\s+))?\(?(${NUM})[\s-]*(${BASE})\.?\)?[\s-]*(${PACKS})?\b\.?\s*(.*)$`,
    "i",
  ).exec(text);
  if (sized && (sized[5] || (sized[2] && sized[1]))) {
    const n = sized[1] === undefined || /^a/i.test(sized[1]) ? 1 : number(sized[1]);
    const of = sized[5] === undefined ? "piece" : unitOf(sized[5]);
    if (of !== null)
      return { amount: counted(n, n, of, sizeOf(sized[3] as string, sized[4] as string)), words: sized[6] as string };
  }
  // "1 (14 oz) can"
  const inBrackets = new RegExp(
    String.raw`^(${NUM})\s*\((?:about\s+)?(${NUM})[\s-]*(${BASE})\.?\)\s*(${PACKS})\b\s*(.*)$`,
    "i",
  ).exec(text);
  if (inBrackets?.[1]) {
    const n = number(inBrackets[1]);
    const size = sizeOf(inBrackets[2] as string, inBrackets[3] as string);
    return { amount: counted(n, n, unitOf(inBrackets[4] as string) ?? "tin", size), words: inBrackets[5] as string };
  }
  const handfuls =
    /^(?:an?|some)\s+(?:(?:good|small|large|generous|big|little)\s+)*(?=(?:pinch|dash|handful|knob|glug|splash|drizzle|thumb|bunch|sprig|stick|clove|slice|tin|can|jar|head|few)\b)/i;
  const plain = text
    .replace(/^(?:about|approx\.?|approximately|around|roughly|ca\.?|circa|~)\s*(?=\d)/i, "")
    .replace(handfuls, "1 ")
    .replace(/^thumb[- ]?sized? (?:piece|knob|chunk)(?: of)?\b/i, "1 thumb")
    .replace(/^(?:1|a) few\b(?: of)?/i, "3")
    .replace(/^(?:1|a) couple(?: of)?\b/i, "2")
    .replace(
      /^(?=(?:small |big |large |good )?(?:(?:pinch|dash|handful|knob|glug|splash|drizzle|thumb|bunch|sprig|tin|head) of|(?:pinch|dash|handful|knob|splash|bunch|sprig) \p{L})\b)/iu,
      "1 ",
    );
  // "8 inch squash": a length is no number of them.
  const length = /^\d+(?:\.\d+)?\s*-?\s*(?:inch(?:es)?|in\b|"|″|cm|mm)\s*(?=\p{L}|-)/iu.exec(plain);
  if (length !== null)
    return {
      amount: { kind: "question", asks: { kind: "no-number" } },
      words: plain.slice(length[0].length).replace(/^-?(?:long|thick|wide)?\s*/, ""),
    };
  const dozens = new RegExp(String.raw`^(${NUM})\s+dozen\s+(.+)$`, "i").exec(plain);
  if (dozens?.[1]) {
    const n = 12 * number(dozens[1]);
    return ofPieces(n, n, dozens[2] as string);
  }
  // "6/7 cloves": of what is counted one by one nobody takes six sevenths.
  const either = /^(\d+)\/(\d+)(?=\s*(?:cloves?|slices?|sprigs?|leaves|rashers?|eggs?)\b)/i.exec(plain);
  const ranged = either && Number(either[2]) === Number(either[1]) + 1 ? plain.replace("/", "-") : plain;
  const leading = new RegExp(String.raw`^${QTY}\s*(.*)$`, "i").exec(ranged);
  if (!leading?.[1]) return null;
  return withUnit(leading[1], leading[2] ?? leading[1], leading[3] as string, text, spoons);
}

function withUnit(from: string, to: string, after: string, line: string, spoons: SpoonSystem): Found {
  const [low, high] = [number(from), number(to)];
  if (!(low > 0) || !(high < 1e6) || low > high)
    return { amount: { kind: "question", asks: { kind: "impossible", text: line } }, words: after };
  const rest = after.replace(new RegExp(String.raw`^${ADJECTIVE}`, "i"), "");
  const word = /^(fl\.? ?oz\.?|fluid ounces?|[A-Za-zäöü]+\.?)(?=$|[\s,/(+]|\d)/.exec(rest);
  const unit = word?.[1] === undefined ? null : unitOf(word[1]);
  // "2 eggs": an egg is the food, not its measure.
  if (unit === null || unit === "egg" || unit === "piece") {
    const words = unit === "piece" ? rest.slice((word?.[1] ?? "").length) : rest;
    return ofPieces(low, high, words);
  }
  const behindUnit = rest.slice((word?.[1] as string).length);
  // "4 cloves": the spice, when nothing stands behind it.
  if (!/\p{L}/u.test(behindUnit)) return { amount: counted(low, high, "piece", null), words: rest };
  return twice(amountIn(low, high, unit, spoons), unit, low, behindUnit, spoons);
}

/** Pieces, with the size of one or of all where it is given: "4 breasts (about 600 g)", "4 fillets, 150 g each". */
function ofPieces(low: number, high: number, words: string): Found {
  const size = new RegExp(
    // Never a volume, and never a figure from elsewhere on the line: "1 stock cube dissolved in 300 ml".
    String.raw`(?:[,(]\s*(?:about|approx\.?|approximately|around|roughly|ca\.?|total(?:ling)?|weighing)?|\b(?:about|approx\.?|approximately|around|roughly|ca\.?|weighing(?: about)?|of))\s*(${NUM})[\s-]*(${MASS})\b\.?\s*(each|apiece)?(?:\s*(?:in )?total(?:ly)?)?\s*\)?`,
    "i",
  ).exec(words);
  // "1 chicken stock cube", "3 garlic cloves", "2 celery sticks": the unit stands behind the food.
  const trailing =
    /\b(cubes?|cloves?|sticks?|stalks?|leaves|leaf|sprigs?|rashers?|slices?|heads?|(?<=garlic )bulbs?|wedges?|florets?|spears?|(?<=lasagne |lasagna |nori |yuba |filo )sheets?)\b/i.exec(
      words.split(/[,(]/)[0] as string,
    );
  const of = trailing === null ? "piece" : (unitOf(trailing[1] as string) ?? "piece");
  const left = trailing === null || of === "cube" ? words : words.replace(trailing[0], " ");
  if (size?.[1] === undefined) return { amount: counted(low, high, of, null), words: left };
  const all = sizeOf(size[1], size[2] as string);
  const each = size[3] === undefined && all !== null ? all / low : all;
  return { amount: counted(low, high, of, each), words: left.replace(size[0], " ") };
}

/** The same amount once more in other units, or something added to it. */
function twice(amount: Amount, unit: string, low: number, rest: string, spoons: SpoonSystem): Found {
  // "1 packet (7 g)": the size of one.
  if (amount.kind === "count") {
    const size = new RegExp(String.raw`^(.*?)\(\s*(?:about\s+)?(${NUM})[\s-]*(${BASE})\.?(\s+each)?\s*\)`, "i").exec(
      rest,
    );
    if (size?.[2] === undefined) return { amount, words: rest };
    const given = sizeOf(size[2], size[3] as string);
    const ofAll = size[4] === undefined && !CONTAINERS.has(unit) && given !== null;
    return {
      amount: { ...amount, sizeG: ofAll ? given / low : given },
      words: `${size[1] as string}${rest.slice(size[0].length)}`,
    };
  }
  const plus = new RegExp(String.raw`^\s*(?:plus|\+|and)\s*(${NUM})\s*([A-Za-z]+)\.?\b(.*)$`, "i").exec(rest);
  const added = plus?.[2] === undefined ? null : unitOf(plus[2]);
  if (plus?.[1] && added !== null) {
    const more = amountIn(number(plus[1]), number(plus[1]), added, spoons);
    const sum = together(amount, more);
    if (sum !== null) return { amount: sum, words: plus[3] as string };
  }
  // "25 g/1 oz", "1 lb (450 g)", "600g/1lb 5oz", "1 cup (240 ml)", "1 lb 5 oz"
  const other = new RegExp(
    String.raw`^\s*[/(|,]?\s*(?:or\s+)?(?:about\s+)?(${NUM})\s*(${BASE}|cups?|tbsp|tsp)\b\.?(?:\s*(${NUM})\s*(oz|ounces?)\b\.?)?(?:\s*[/|]\s*(${NUM})\s*(${BASE})\b\.?)?\s*\)?(.*)$`,
    "i",
  ).exec(rest);
  if (other?.[1] === undefined) return { amount, words: rest };
  const words = other[7] as string;
  const otherUnit = unitOf(other[2] as string) ?? "";
  const compound = /^\s*\d/.test(rest) && /^(?:lb|pound)/.test(unit) && /^o/i.test(other[2] as string);
  const second = amountIn(number(other[1]), number(other[1]), otherUnit, spoons);
  if (compound) return { amount: together(amount, second) ?? amount, words };
  const ounces = other[3] === undefined ? null : amountIn(number(other[3]), number(other[3]), "oz", spoons);
  const whole = ounces === null ? second : (together(second, ounces) ?? second);
  const [a, b] = [valueOf(amount), valueOf(whole)];
  if (a !== null && b !== null && amount.kind === whole.kind && Math.abs(a - b) > SAME_WITHIN * Math.max(a, b))
    return {
      amount: {
        kind: "question",
        asks: { kind: "two-amounts", first: `${low} ${unit}`, second: `${other[1]} ${other[2] ?? ""}` },
      },
      words,
    };
  // The scale is surer than the spoon, and the metric figure than the ounces.
  const better = (amount.kind === "volume" && whole.kind === "mass") || /^(?:g|kg|ml|l)$/.test(otherUnit);
  return { amount: better ? whole : amount, words };
}
const valueOf = (a: Amount): number | null =>
  a.kind === "mass" ? a.massG.likely : a.kind === "volume" ? a.volumeMl.likely : null;
const add = (a: { low: number; likely: number; high: number }, b: typeof a) => ({
  low: a.low + b.low,
  likely: a.likely + b.likely,
  high: a.high + b.high,
});
function together(a: Amount, b: Amount): Amount | null {
  if (a.kind === "mass" && b.kind === "mass") return { kind: "mass", massG: add(a.massG, b.massG) };
  if (a.kind === "volume" && b.kind === "volume")
    return { kind: "volume", volumeMl: add(a.volumeMl, b.volumeMl), unit: "ml" };
  return null;
}

/** "flour (200 g)", "Butter – 50 g", "Caster sugar, 2 tsp", "Cooked ham: 120 g, in strips", "juice of 1 lemon". */
function behind(text: string, spoons: SpoonSystem): Found | null {
  const of = new RegExp(
    String.raw`^(?:grated |finely grated )?(?:(?:zest|rind) and )?(juice|zest|leaves|rind)(?: and (?:zest|rind))? of (${NUM}|an?)\s+(.+)$`,
    "i",
  ).exec(text);
  if (of?.[2]) {
    const n = /^a/i.test(of[2]) ? 1 : number(of[2]);
    return { amount: counted(n, n, "piece", null), words: `${of[3] as string} ${of[1] as string}` };
  }
  const match = new RegExp(String.raw`^([^\d:]+?)\s*[:–—,(-]\s*${QTY}\s*(${BASE}|[A-Za-z]+)\b\.?\)?(.*)$`, "i").exec(
    text,
  );
  if (!match?.[2]) return bareBehind(text);
  const unit = unitOf(match[4] as string);
  if (unit === null) return bareBehind(text);
  const [low, high] = [number(match[2]), number(match[3] ?? match[2])];
  return { amount: amountIn(low, high, unit, spoons), words: `${match[1] as string}${match[5] as string}` };
}

/** "pasta 350g", "flatbreads 4", "Onions – 2 large": nothing but a space or a dash stands between. */
function bareBehind(text: string): Found | null {
  const weighed = new RegExp(
    String.raw`^(\p{L}[^\d:,]*?)\s+${QTY}\s*(${BASE}|tbsp|tsp|cups?|tins?|cans?|cloves?|sticks?)\b\.?(.*)$`,
    "iu",
  ).exec(text);
  if (weighed?.[2]) {
    const [low, high] = [number(weighed[2]), number(weighed[3] ?? weighed[2])];
    return {
      amount: amountIn(low, high, unitOf(weighed[4] as string) as string, "metric"),
      words: `${weighed[1] as string}${weighed[5] as string}`,
    };
  }
  const pieces = /^(\p{L}[\p{L}' -]*?)\s*(?:[:–—-]\s*)?\s(\d{1,2})(?:\s+(?:large|small|medium|big))?(\s*,.*)?$/iu.exec(
    text,
  );
  if (!pieces?.[2]) return null;
  return ofPieces(Number(pieces[2]), Number(pieces[2]), `${pieces[1] as string}${pieces[3] ?? ""}`);
}
