import { FRACTIONS } from "./fractions";
import type { Estimate } from "./range";
import {
  celsiusFromFahrenheit,
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  ML_OF,
  type SpoonSystem,
  type VolumeUnit,
} from "./units";

/**
 * An amount as a cook wrote it, read as far as the words go. What it weighs is for `foods/measure` to say: a cup of
 * flour is no cup of water.
 */
export type Amount =
  | { readonly kind: "mass"; readonly massG: Estimate }
  | { readonly kind: "volume"; readonly volumeMl: Estimate; readonly unit: VolumeUnit }
  /** So many pieces, cloves, tins …; `sizeG` when the words gave the size of one ("a 400 g tin"), `size` when they called it so. */
  | {
      readonly kind: "count";
      readonly count: Estimate;
      readonly of: string;
      readonly sizeG: number | null;
      readonly size?: "small" | "large";
    }
  | { readonly kind: "temp"; readonly tempC: Estimate }
  | { readonly kind: "question"; readonly asks: Question };

/** What has to be asked before a number can be given. */
export type Question =
  | { readonly kind: "no-number" }
  | { readonly kind: "unknown-unit"; readonly unit: string }
  | { readonly kind: "which-degrees"; readonly degrees: number }
  | { readonly kind: "two-amounts"; readonly first: string; readonly second: string }
  | { readonly kind: "impossible"; readonly text: string };
const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  half: 0.5,
  quarter: 0.25,
  "a few": 3,
  "a couple of": 2,
};
const MASS: Readonly<Record<string, number>> = {
  mg: 0.001,
  g: 1,
  gr: 1,
  gram: 1,
  gramm: 1,
  gramme: 1,
  kg: 1000,
  kilo: 1000,
  kilogram: 1000,
  oz: GRAMS_PER_OUNCE,
  ounce: GRAMS_PER_OUNCE,
  lb: GRAMS_PER_POUND,
  pound: GRAMS_PER_POUND,
};
/** Word → unit and how many of it. */
const VOLUME: Readonly<Record<string, readonly [VolumeUnit, number]>> = {
  ml: ["ml", 1],
  millilitre: ["ml", 1],
  milliliter: ["ml", 1],
  cl: ["ml", 10],
  dl: ["ml", 100],
  l: ["ml", 1000],
  litre: ["ml", 1000],
  liter: ["ml", 1000],
  tsp: ["tsp", 1],
  teaspoon: ["tsp", 1],
  tbsp: ["tbsp", 1],
  tbs: ["tbsp", 1],
  tablespoon: ["tbsp", 1],
  cup: ["cup", 1],
  "fl oz": ["fl oz", 1],
  "fluid ounce": ["fl oz", 1],
  pint: ["pint", 1],
  quart: ["quart", 1],
};
const COUNTED = [
  "pinch",
  "dash",
  "handful",
  "clove",
  "sprig",
  "leaf",
  "slice",
  "sheet",
  "cube",
  "stick",
  "piece",
  "tin",
  "can",
  "jar",
  "block",
  "bag",
  "pack",
  "packet",
  "carton",
  "tube",
  "bunch",
  "bottle",
  "egg",
  "rasher",
  "head",
  "knob",
  "glug",
  "splash",
  "drizzle",
  "thumb",
  "rib",
  "floret",
  "wedge",
  "strip",
  "ear",
  "spear",
  "pod",
  "nest",
] as const;
/** Words for the same thing, on either side of a sea. */
const SAME: Readonly<Record<string, string>> = {
  can: "tin",
  pack: "bag",
  packet: "bag",
  leave: "leaf",
  egg: "piece",
  pod: "piece",
};
/** How far a measure can be trusted: share below and above. Scales 1 %, spoons 10 %, cups 8 %, hands 40 % (estimates). */
const SPREAD = { scale: 0.01, ml: 0.02, spoon: 0.1, cup: 0.08, pinch: 0.5, hand: 0.4, piece: 0.2, pack: 0.03 } as const;

const NUMBER = String.raw`(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const RANGE = String.raw`(${NUMBER})(?:\s*(?:-|–|—|to|or)\s*(${NUMBER}))?`;

function numberIn(text: string): number {
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim());
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  return Number(text.trim().replace(",", "."));
}
const singular = (word: string): string => {
  if (word in MASS || word in VOLUME || (COUNTED as readonly string[]).includes(word)) return word;
  for (const end of ["ves", "es", "s"]) {
    if (!word.endsWith(end)) continue;
    const stem = end === "ves" ? `${word.slice(0, -3)}f` : word.slice(0, -end.length);
    if (stem in MASS || stem in VOLUME || (COUNTED as readonly string[]).includes(stem)) return stem;
  }
  return word;
};
const spread = (low: number, high: number, share: number): Estimate => ({
  low: low * (1 - share),
  likely: (low + high) / 2,
  high: high * (1 + share),
});

/** Digits, fractions and number words in one spelling: "a 1½-lb block" → "1 1 1/2 lb block". */
function plainText(text: string): string {
  let plain = text.toLowerCase().trim();
  for (const [sign, written] of Object.entries(FRACTIONS)) plain = plain.replaceAll(sign, ` ${written}`);
  plain = plain
    .replace(/(\d)\s*-\s*(\d+\/\d+)/g, "$1 $2")
    .replace(/(\d)-(?=[a-z])/g, "$1 ")
    .replace(/\babout\b|\bapprox\.?\b|\bca\.?\b|~|\blevel\b|\bheaped\b|\bscant\b|\blarge\b|\bsmall\b/g, " ")
    .replace(/\bhalf an?\b/g, "1/2")
    .replace(/\bquarter of an?\b/g, "1/4")
    .replace(/[()]/g, " ");
  for (const [word, n] of Object.entries(WORDS))
    plain = plain.replace(new RegExp(String.raw`^${word}\b|(?<=[-–] ?|\bto )${word}\b`), String(n));
  return plain.replace(/\s+/g, " ").trim();
}

/**
 * Reads an amount as cooks write it: "2 tbsp", "½ tsp", "a 400 g tin", "1 cup walnuts", "a pinch", "3–4 cloves",
 * "1½ lb", "200 degrees". A range stays a range; what the words don't settle comes back as a question, never as a
 * number. Words after the unit (the food's name) are passed over.
 *
 * @param spoons whose cups and spoons are meant
 */
export function readAmount(text: string, spoons: SpoonSystem): Amount {
  return ofSize(text, asWritten(text, spoons));
}
/** "2 large onions": how large one of what is counted is called, right behind the number. */
export function ofSize(text: string, amount: Amount): Amount {
  const size =
    /^[^\p{L}]*(?:(?:an?|one|two|three|four|five|six|half|about)\s+)*(small|smallish|little|large|largish|big)\s/iu.exec(
      text,
    )?.[1];
  if (amount.kind !== "count" || size === undefined) return amount;
  return { ...amount, size: /^(?:small|little)/i.test(size) ? "small" : "large" };
}
function asWritten(text: string, spoons: SpoonSystem): Amount {
  const plain = plainText(text);
  const ask = (asks: Question): Amount => ({ kind: "question", asks });
  if (!/\d/.test(plain)) return ask({ kind: "no-number" });

  const degrees = degreesIn(plain);
  if (degrees) return degrees;

  const sized = new RegExp(String.raw`^${RANGE}?\s*(?:x\s*)?(${NUMBER})\s*(mg|g|kg|oz|lb|ml)\b[\s-]*([a-z]+)`).exec(
    plain,
  );
  if (sized?.[3] && sized[5]) {
    const of = singular(sized[5]);
    if ((COUNTED as readonly string[]).includes(of)) {
      const count = sized[1] === undefined ? 1 : numberIn(sized[1]);
      const each = numberIn(sized[3]) * (MASS[sized[4] as string] ?? 1);
      return { kind: "count", count: spread(count, count, 0), of: SAME[of] ?? of, sizeG: each };
    }
  }

  const match = new RegExp(String.raw`^${RANGE}\s*(.*)$`).exec(plain);
  if (!match?.[1]) return ask({ kind: "no-number" });
  const rest = (match[3] ?? "").replace(/^[.\s]+/, "");
  const second = new RegExp(String.raw`(?:^|,|;|\bor\b)\s*(${NUMBER}\s*(?:g|kg|oz|lb|ml|cups?|tbsp|tsp)\b)`).exec(rest);
  const [low, high] = [numberIn(match[1]), match[2] === undefined ? numberIn(match[1]) : numberIn(match[2])];
  if (!Number.isFinite(low) || !Number.isFinite(high) || low > high) return ask({ kind: "impossible", text });
  const unit = unitIn(rest);
  if (second && unit !== null)
    return ask({ kind: "two-amounts", first: `${match[1]} ${unit}`, second: second[1] ?? "" });
  if (unit === null) {
    if (rest !== "" && /^[a-z]{1,3}\b(?!\s*\S)/.test(rest)) return ask({ kind: "unknown-unit", unit: rest });
    return { kind: "count", count: spread(low, high, 0), of: "piece", sizeG: null };
  }
  return amountIn(low, high, unit, spoons);
}

/**
 * So much of a unit, with the spread that its measure has.
 *
 * @param unit a word of mass or volume or something that is counted, as `unitNamed` gives it
 */
export function amountIn(low: number, high: number, unit: string, spoons: SpoonSystem): Amount {
  if (unit in MASS) {
    const grams = MASS[unit] as number;
    return { kind: "mass", massG: spread(low * grams, high * grams, SPREAD.scale) };
  }
  const volume = VOLUME[unit];
  if (volume) {
    const ml = ML_OF[spoons][volume[0]] * volume[1];
    const share =
      volume[0] === "ml" ? SPREAD.ml : volume[0] === "tsp" || volume[0] === "tbsp" ? SPREAD.spoon : SPREAD.cup;
    return { kind: "volume", volumeMl: spread(low * ml, high * ml, share), unit: volume[0] };
  }
  const of = SAME[unit] ?? unit;
  const share = of === "pinch" || of === "dash" ? SPREAD.pinch : of === "handful" ? SPREAD.hand : SPREAD.piece;
  const packed = ["tin", "jar", "block", "bag", "carton", "tube", "bottle"].includes(of);
  return { kind: "count", count: spread(low, high, packed ? SPREAD.pack : share), of, sizeG: null };
}
/** The unit that a word means, in the singular; null when it is none. */
export function unitNamed(word: string): string | null {
  const unit = singular(word);
  return unit in MASS || unit in VOLUME || (COUNTED as readonly string[]).includes(unit) ? unit : null;
}
/** Grams of a unit of mass, or millilitres of a metric unit of volume; null for what is neither. */
export function baseOf(unit: string): number | null {
  const volume = VOLUME[unit];
  return MASS[unit] ?? (volume?.[0] === "ml" ? volume[1] : null);
}

function unitIn(rest: string): string | null {
  const two = /^(fl oz|fluid ounces?)\b/.exec(rest);
  if (two) return singular(two[1] as string);
  return unitNamed(/^[a-z]+/.exec(rest)?.[0] ?? "");
}

/** "180 °C", "350 F", "200 degrees": without a unit an oven's number is one or the other only where both can be. */
function degreesIn(plain: string): Amount | null {
  const match = new RegExp(
    String.raw`^${RANGE}\s*(°\s*[cf]?|degrees?(?:\s*(?:celsius|fahrenheit|[cf]))?|celsius|fahrenheit|[cf])(?=$|[\s,;])(.*)$`,
  ).exec(plain);
  if (!match?.[1]) {
    const two = new RegExp(String.raw`^(${NUMBER})\s*[,;/]\s*(${RANGE}\s*(?:°\s*)?[cf])\b`).exec(plain);
    return two?.[1] && two[2]
      ? { kind: "question", asks: { kind: "two-amounts", first: two[1], second: two[2] } }
      : null;
  }
  if (/\d/.test(match[4] ?? ""))
    return { kind: "question", asks: { kind: "two-amounts", first: match[1], second: (match[4] ?? "").trim() } };
  const [low, high] = [numberIn(match[1]), match[2] === undefined ? numberIn(match[1]) : numberIn(match[2])];
  const word = (match[3] ?? "").replace(/degrees?|°/g, "").trim();
  const isF = word.startsWith("f");
  if (word === "") {
    // Above 275 no home oven means °C; below 150 none means °F.
    if (low > 275) return degreesOf(celsiusFromFahrenheit(low), celsiusFromFahrenheit(high));
    if (low < 150) return degreesOf(low, high);
    return { kind: "question", asks: { kind: "which-degrees", degrees: low } };
  }
  return isF ? degreesOf(celsiusFromFahrenheit(low), celsiusFromFahrenheit(high)) : degreesOf(low, high);
}
const degreesOf = (low: number, high: number): Amount => ({
  kind: "temp",
  tempC: { low, likely: (low + high) / 2, high },
});
