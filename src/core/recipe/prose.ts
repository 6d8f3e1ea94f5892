import type { Lexicon } from "./lines/lexicon";
import { readAmountOnLine } from "./lines/readAmount";
import { actionOf } from "./method/verbs";

/**
 * A recipe in running text, typed or dictated without a break: what is needed, told one after the other with its amounts, and then what
 * is done with it. Common practice of letters and voice notes.
 */
export interface Prose {
  readonly name: string;
  readonly yields: string;
  readonly ingredients: readonly string[];
  readonly method: readonly string[];
}

const ONES =
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(
    " ",
  );
const TENS = " ten twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
const small = (word: string): number | null => {
  const one = ONES.indexOf(word);
  if (one > 0) return one;
  const ten = TENS.indexOf(word);
  return ten > 0 ? ten * 10 : null;
};
/** Numbers that are spoken: "a hundred and fifty", "seven hundred and fifty", "two hundred degrees". */
export function spokenNumbers(text: string): string {
  const words = text.split(/(\s+)/);
  const out: string[] = [];
  for (let i = 0; i < words.length; i++) {
    const at = (n: number) => (words[i + 2 * n] ?? "").toLowerCase().replace(/[,.;:]$/, "");
    // "Hundred mil".
    const bareHundred = at(0) === "hundred" && /^(?:g|grams?|mils?|ml)$/.test(at(1));
    const first = bareHundred ? 100 : (small(at(0)) ?? (/^(?:a|an)$/.test(at(0)) && at(1) === "hundred" ? 1 : null));
    if (first === null) {
      out.push(words[i] as string);
      continue;
    }
    let value = first;
    let used = 1;
    if (at(1) === "hundred" || at(1) === "thousand") {
      value = first * (at(1) === "hundred" ? 100 : 1000);
      used = 2;
      const and = at(2) === "and" ? 1 : 0;
      const more = small(at(2 + and));
      if (more !== null) {
        value += more;
        used = 3 + and;
        const unit = more >= 20 ? small(at(used)) : null;
        if (unit !== null && unit < 10) {
          value += unit;
          used++;
        }
      }
    } else if (first >= 20) {
      const unit = small(at(1));
      if (unit !== null && unit < 10) {
        value += unit;
        used = 2;
      }
    } else if (
      first === 1 &&
      !/^(?:hundred|thousand)$/.test(at(1)) &&
      used === 1 &&
      at(0) === "one" &&
      !/^(?:and|g|gram|kilo|tin|can|onion|tea|table|tbsp|tsp|red|green|big|large|small|clove|leek|carrot)/.test(at(1))
    ) {
      out.push(words[i] as string);
      continue;
    }
    // "One and a half litres".
    if (used === 1 && at(1) === "and" && at(2) === "a" && at(3) === "half") {
      value += 0.5;
      used = 4;
    }
    const tail = /[,.;:]$/.exec(words[i + 2 * (used - 1)] ?? "")?.[0] ?? "";
    out.push(`${value}${tail}`);
    i += 2 * (used - 1);
  }
  return out.join("");
}

const UNIT = String.raw`(?:g|gr|grams?|grammes?|kg|kilos?|ml|millilit(?:re|er)s?|mils?|l|lit(?:re|er)s?|tbsp|tsp|table ?spoons?|tea ?spoons?|cups?|cloves?|tins?|cans?|sprigs?|sticks?|stalks?|heads?|bulbs?|handfuls?|pinch(?:es)?|knobs?|splash(?:es)?|sheets?|slices?|lumps?|glass(?:es)?|pieces?|pack(?:et)?s?|jars?|blocks?|bottles?|mugs?|bunch(?:es)?|lb|pounds?|oz|ounces?)`;
/** Where the next amount begins: a figure with a unit or with what is counted, "a tablespoon of", "a handful of". */
const AMOUNT = new RegExp(
  String.raw`(?<![\d.])(?<!(?:feeds|serves|does|for|of us) )(?:(?:about |another |say )?(?:\d+(?:[.,/]\d+)?|[½¼¾⅓⅔])(?:\s*(?:-|to)\s*\d+)?\s*(?:x\s*)?(?!\s*(?:minutes?|mins?|hours?|degrees?|people|persons|of us|of you|thirds?|quarters?|halves|°|cm|mm|th\b))(?=${UNIT}\b|[a-z½])|\b(?:an?|another|half an?|half) (?=(?:(?:good|big|small|large|little) )?(?:${UNIT}|onion|leek|carrot|lemon|lime|egg|kilo|dozen|ham)\b))`,
  "gi",
);
/** Where what is done begins: the first verb with what it is done to. */
function methodFrom(text: string): number {
  const words = [...text.matchAll(/[\p{L}-]+/gu)];
  for (let i = 0; i < words.length - 1; i++) {
    const word = (words[i]?.[0] ?? "").toLowerCase();
    const next = (words[i + 1]?.[0] ?? "").toLowerCase();
    const action = actionOf(word);
    if (action === null || /^(?:need|take|get|use|do|make)$/.test(word)) continue;
    const before = (words[i - 1]?.[0] ?? "").toLowerCase();
    const between = text.slice((words[i - 1]?.index ?? 0) + before.length, words[i]?.index ?? 0);
    const opens = i === 0 || /[.;:!\n]/.test(between) || /^(?:so|then|first|now|you|and)$/.test(before);
    if (opens && /^(?:the|them|it|your|all)$/.test(next)) return lead(text, words, i);
  }
  return -1;
}
/** "So wipe", "then first fry": the little words belong to what is done. */
function lead(text: string, words: readonly RegExpMatchArray[], at: number): number {
  let i = at;
  while (
    i > 0 &&
    /^(?:so|then|first|now|and|you)$/i.test(words[i - 1]?.[0] ?? "") &&
    /^\s*$/.test(text.slice((words[i - 1]?.index ?? 0) + (words[i - 1]?.[0].length ?? 0), words[i]?.index ?? 0))
  )
    i--;
  return words[i]?.index ?? 0;
}

/** Whether what stands before the method is worked on already: "simmer 250 g of lentils", "chop a leek and soften it in 2 tablespoons". */
const worksIn = (told: string): boolean =>
  [
    ...told.matchAll(
      /(?:^|[.;:,]\s*|\b(?:and|then|meanwhile)\s+)([a-z-]+)\s+(?=\d|an?\s|the\s|it\b|them\b|two\b|three\b)/gi,
    ),
  ].filter(([, verb = ""]) => {
    const action = actionOf(verb.toLowerCase());
    return (
      action !== null &&
      (action !== "none" || verb === "chop") &&
      !/^(?:use|take|need|get|make|serve|have)$/i.test(verb)
    );
  }).length > 1;
/** Reads running text; null where no amounts stand in it, or nothing is done. */
export function recipeInProse(given: string): Prose | null {
  const text = spokenNumbers(given.replace(/\s+/g, " ").trim())
    .replace(/\bhalf an hour\b/gi, "30 minutes")
    .replace(/\ba kilo\b/gi, "1 kg");
  const from = methodFrom(text);
  if (from <= 0) return null;
  const told = text.slice(0, from);
  if (worksIn(told)) return null;
  const starts = [...told.matchAll(AMOUNT)]
    .map((m) => m.index ?? 0)
    .filter((at, i, all) => i === 0 || at > (all[i - 1] ?? 0))
    // "A small glass (100 ml) of stock", "a lump of butter of say 40 grams": the same thing said again.
    .filter((at, i) => i === 0 || !saysAgain(told, at));
  if (starts.length < 3) return null;
  const ingredients: string[] = [];
  starts.forEach((at, i) => {
    const piece = told
      .slice(at, starts[i + 1] ?? told.length)
      .replace(/[\s,.;]+$/, "")
      .replace(/(?:[\s,]+(?:and|then|plus|with|for the \w+))+$/i, "")
      .replace(/^(?:another|say|about) /i, "")
      .replace(/^an? /i, "1 ")
      .replace(/^half an? /i, "0.5 ")
      .replace(/^(\d+ \w+) of /i, "$1 ")
      .replace(/ (?:that's|which is) optional\b/i, " (optional)")
      .replace(/ and if you like$/i, "")
      // "1 lump of butter of say 40 grams", "1 small glass (100 ml) of stock".
      .replace(
        /^\d+ (?:small |big |good |large )?(?:lump|knob|piece|glass|jar|mug|bottle) of (.+?) of (?:about |say )*(\d.*)$/i,
        "$2 $1",
      )
      .replace(/^\d+ (?:small |big |good |large )?\w+ \((\d[^)]*)\) of (.+)$/i, "$1 $2")
      .replace(/^(\d+ .+?) of (?:about |say )*(\d+(?:[.,]\d+)? ?(?:g|grams?|kg))$/i, "$1 ($2)");
    ingredients.push(piece.trim());
  });
  const top = told.slice(0, starts[0]);
  const name = (
    /(?:this is|it's|make|our|my)\s+(?:the |an? )?(.{3,60}?)(?= (?:it|that|which|with|you|for \d|feeds|does|serves)\b|[,.])/i.exec(
      top,
    )?.[1] ??
    /^([^.,:;]{3,60})/.exec(top)?.[1] ??
    ""
  ).trim();
  const feeds = /\b(?:feeds|serves|does|for|makes)\s+(\d+|\w+)\b/i.exec(top);
  const people = feeds === null ? null : (small((feeds[1] ?? "").toLowerCase()) ?? Number(feeds[1]));
  const sentences = text
    .slice(from)
    .split(/(?<=[.!?])\s+/)
    .filter((s) => s !== "");
  return {
    name,
    yields: people !== null && people > 0 ? `serves ${people}` : "",
    ingredients: [...ingredients, ...alsoUsed(text.slice(from), ingredients)],
    method: sentences,
  };
}
/** Whether an amount stands in brackets, or has no food of its own behind it: it says how much the food before it is. */
const saysAgain = (told: string, at: number): boolean => {
  const open = told.slice(0, at);
  return (
    open.lastIndexOf("(") > open.lastIndexOf(")") ||
    (/\b(?:of|about|say|around|weighing)\s+(?:about |say )?$/i.test(open) &&
      new RegExp(String.raw`^(?:about |say )?[\d.,/]+\s*${UNIT}(?=[,.;]|\s*$| and\b)`, "i").test(told.slice(at)))
  );
};
const ENDS =
  /^(?:\+|&|and|in|for|at|with|until|till|on|over|into|then|to|from|the|or|plus|minutes?|mins?|all|whole|each|that|which|as|if|really|go|goes)$/i;
/** Every amount with the food that stands behind it, wherever it stands in a text. */
export function amountsIn(given: string, lexicon: Lexicon): string[] {
  const text = spokenNumbers(given.replace(/\s+/g, " "));
  const found = [...text.matchAll(AMOUNT)].flatMap((m): string[] => {
    const from = m.index ?? 0;
    const behind = text.slice(from).split(/(?<=\S)\s+/);
    const words: string[] = [];
    let inside = false;
    for (const w of behind) {
      inside ||= w.startsWith("(");
      if (inside) {
        words.push(w.replace(/[,.;:]+$/, ""));
        if (w.includes(")")) inside = false;
        if (!inside && /[,.;:]$/.test(w)) break;
        continue;
      }
      if (words.length > 0 && ENDS.test(w)) break;
      if (words.length > 2 && /^\d/.test(w)) break;
      words.push(w.replace(/[,.;:]+$/, ""));
      if (/[,.;:)]$/.test(w) || words.length > 6) break;
    }
    const line = words
      .join(" ")
      .replace(/^an? /i, "1 ")
      .replace(/^(\d+ \w+) of /i, "$1 ");
    return lexicon.namesIn(line).length > 0 ? [line] : [];
  });
  return [...new Set(found)];
}
/** What only the method gives an amount of: "serve it with 300 grams of pasta". */
function alsoUsed(method: string, ingredients: readonly string[]): string[] {
  const listed = ingredients.join(" ").toLowerCase();
  return [...method.matchAll(/(?<![\d.])(\d+\s*(?:g|grams?|kg|ml)\b)\s+(?:of )?([a-z]+(?: [a-z]+)?)/gi)].flatMap(
    ([, amount = "", food = ""]) => {
      const [first = ""] = food.toLowerCase().split(" ");
      if (first === "water" || listed.includes(first.replace(/s$/, ""))) return [];
      const line = `${amount} ${actionOf(food.split(" ")[1] ?? "") !== null || /ed$/.test(food) ? first : food}`;
      return readAmountOnLine(line, "metric").amount === null ? [] : [line];
    },
  );
}
