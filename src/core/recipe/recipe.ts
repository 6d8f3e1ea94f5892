import { oneLine } from "../quantities/oneLine";
import type { SpoonSystem } from "../quantities/units";
import type { Lexicon, NameOnLine } from "./lines/lexicon";
import { readHtml } from "./html";
import { recipeInData } from "./jsonLd";
import { type LineRead, readLine } from "./lines/line";
import { listedOn } from "./lines/listed";
import { type MethodStep, minutesIn, readMethod } from "./method/method";
import { clausesOf } from "./method/clauses";
import { actionOf, isAlsoNoun } from "./method/verbs";
import { amountsIn, recipeInProse } from "./prose";
import { plainNumbers, plainText, withoutBullet } from "./plainText";

/** A recipe as far as it could be read. */
export interface RecipeRead {
  readonly name: string;
  /** For how many it is; null when it does not say so. */
  readonly servings: number | null;
  readonly lines: readonly LineRead[];
  readonly method: readonly MethodStep[];
  /** Lines that are neither: left aside, and shown. */
  readonly aside: readonly string[];
}
/** Why a text is no recipe. */
export type RecipeProblem =
  | { readonly kind: "empty" }
  | { readonly kind: "too-long"; readonly most: number }
  /** More of these than a recipe has: nothing of it is read, rather than a part of it. */
  | {
      readonly kind: "too-much";
      readonly of: "lines" | "words" | "line" | "meats";
      readonly found: number;
      readonly most: number;
    }
  | { readonly kind: "no-ingredients" };

/** What a recipe may have at the most: the work of reading it grows with its words and lines, and with nothing else. */
export const MOST_CHARACTERS = 100_000;
const MOST_LINES = 400;
const MOST_WORDS = 8000;
/** Routes are sought for each. */
const MOST_MEATS = 24;
const isMeat = ({ named }: Pick<NameOnLine, "named">): boolean => named.is === "animal" && named.animal.job === "meat";
/** Characters of a line; a longer one is parted at its sentences. */
const LONGEST_LINE = 2000;

/** The parts of a recipe as text, before anything in it is read. */
export interface RecipeText {
  readonly name: string;
  readonly yields: string;
  readonly ingredients: readonly string[];
  readonly method: readonly string[];
  readonly aside: readonly string[];
}

/**
 * Reads a recipe from plain text, Markdown, schema.org JSON-LD or an HTML page that holds it. Nothing of it is run, and what
 * cannot be read stays as its words.
 */
export function readRecipe(text: string, lexicon: Lexicon, spoons: SpoonSystem): RecipeRead | RecipeProblem {
  if (text.trim() === "") return { kind: "empty" };
  if (text.length > MOST_CHARACTERS) return { kind: "too-long", most: MOST_CHARACTERS };
  const data = recipeInData(text);
  const given =
    data === null
      ? linesOf(plainText(/<[a-z!/]/i.test(text) ? readHtml(text).text : text))
      : [...data.ingredients, ...data.method].flatMap(linesOf);
  const tooMuch = beyond(given);
  if (tooMuch !== null) return tooMuch;
  const linesIn = (those: readonly string[]) =>
    withHeadings(
      those
        .flatMap(linesOf)
        .flatMap((line) => listedOn(line, lexicon, spoons))
        .flatMap((line) => readLine(line, lexicon, spoons) ?? []),
      lexicon,
    );
  let parts = data ?? partsOf(given, lexicon, spoons);
  let lines = linesIn(parts.ingredients);
  const isRead = (those: readonly LineRead[]) => those.some((l) => l.kind === "ingredient" && l.amount !== null);
  // Running text has no lines: its amounts part it.
  if (data === null && (!isRead(lines) || given.length < 3)) {
    const prose = recipeInProse(given.join(given.length > 1 ? ". " : " "));
    const told = prose === null ? [] : linesIn(prose.ingredients);
    if (prose !== null && isRead(told)) {
      parts = { ...prose, aside: [] };
      lines = told;
    }
  }
  // What only its sentences say how much of: "bake 500 g pumpkin, mash it".
  const counted = lines.filter((l) => l.kind === "ingredient" && l.amount !== null).length;
  if (data === null && (counted === 0 || (counted === 1 && parts.method.length === 0))) {
    const told = linesIn(amountsIn(given.join(", "), lexicon));
    if (isRead(told)) {
      parts = { ...parts, method: given };
      lines = told;
    }
  }
  if (!lines.some((l) => l.kind === "ingredient")) return { kind: "no-ingredients" };
  const meats = lines.filter((l) => l.kind === "ingredient" && l.foods.some(isMeat)).length;
  if (meats > MOST_MEATS) return { kind: "too-much", of: "meats", found: meats, most: MOST_MEATS };
  const method = readMethod(
    parts.method.flatMap(linesOf).map((m) => withoutBullet(plainText(m))),
    lines,
  );
  return {
    name: nameOf(parts.name),
    servings: servingsIn(parts.yields.slice(0, LONGEST_LINE)) ?? servingsAmong(given),
    lines,
    method,
    aside: parts.aside,
  };
}

/** Names of a part of the dish. */
const PART_NAMES =
  /^(?:the )?(?:(?:\w+ ){0,2}(?:sauce|filling|crust|pastry|dough|batter|slaw|salad|gravy|glaze|marinade|dressing|topping|top|base|dip|paste|burgers?|patties|meatballs|mash|mashed potatoes|stew|dumplings|roast|soup|layers?|coating|crumb|sides?|garnish)|on the side|to (?:cook|dip|wrap|coat|fry|assemble)\b.*)$/i;
/** A line without an amount that names a part of the dish, or what the next line brings ("Peas", then "400 g frozen peas"), is a heading. */
function withHeadings(lines: readonly LineRead[], lexicon: Lexicon): LineRead[] {
  return lines.map((line, i) => {
    const next = lines[i + 1];
    if (
      line.kind !== "ingredient" ||
      line.amount !== null ||
      line.toTaste ||
      next?.kind !== "ingredient" ||
      next.amount === null
    )
      return line;
    if (/[,;()\d]/.test(line.text) || line.text.split(" ").length > 4 || !/^\p{Lu}/u.test(line.text)) return line;
    const words = lexicon.wordsIn(line.text);
    const repeats = words.length === 1 && lexicon.wordsIn(next.text).includes(words[0] as string);
    const named =
      PART_NAMES.test(line.text.trim()) &&
      !(line.foods.every((f) => f.named.is === "food") && /\bsauce\b/i.test(line.text));
    return repeats || named || (PART_NAMES.test(line.text.trim()) && i === 0)
      ? { kind: "heading", text: line.text }
      : line;
  });
}
/** Lines that have something on them; one that is longer than any line is parted where its sentences end. */
const linesOf = (text: string): string[] =>
  text
    .split("\n")
    .map((l) => l.replace(/\s+/g, " ").trim())
    .flatMap(partedLine)
    .flatMap((l) => (l.length <= LONGEST_LINE ? l : l.split(/(?<=[.!?])\s+/)))
    .filter((l) => l !== "");
/** Several foods on one line by dots or semicolons, rows of a table, steps that are numbered in one paragraph. */
function partedLine(given: string): string[] {
  // Told in questions and answers: the answers are the recipe.
  if (/^Q\s*:/.test(given)) return [];
  const line = given.replace(/^A\s*:\s+/, "");
  if (line.length > LONGEST_LINE) return [line];
  const listed = line.split(/\s*(?:[·•]|;)\s+/).filter((p) => p !== "");
  if (
    listed.length > 2 &&
    listed.filter((p) => /\d|^[\p{L}' -]{3,24}$/u.test(p)).length * 4 >= listed.length * 3 &&
    listed.every((p) => p.length < 90)
  )
    return listed.map((p) => p.replace(/\.$/, ""));
  const row = /^([^|]{2,60})\s\|\s([^|]{1,60})$/.exec(line);
  if (row?.[1] && row[2] && /\d/.test(row[2])) {
    // "Carrots | 2, diced" is counted.
    const counted = /^(\d+(?:[./]\d+)?)\s*(?:(large|small|medium|big)\b)?\s*(?:,\s*(.*))?$/i.exec(row[2].trim());
    if (counted?.[1])
      return [
        `${counted[1]} ${counted[2] === undefined ? "" : `${counted[2]} `}${row[1].trim().toLowerCase()}${counted[3] === undefined ? "" : `, ${counted[3]}`}`,
      ];
    return [`${row[1].trim()}: ${row[2].trim()}`];
  }
  const steps = line.split(/(?<=[.!?]\s)(?=\d{1,2}[.)]?\s+\p{Lu})/u);
  return steps.length > 1 && /^\d{1,2}[.)]?\s+\p{Lu}/u.test(line)
    ? steps.map((s) => s.replace(/^\d{1,2}[.)]?\s+/, "").trim())
    : [line];
}
function beyond(lines: readonly string[]): RecipeProblem | null {
  const words = lines.reduce((n, l) => n + l.split(" ").length, 0);
  const longest = lines.reduce((most, l) => Math.max(most, l.length), 0);
  if (lines.length > MOST_LINES) return { kind: "too-much", of: "lines", found: lines.length, most: MOST_LINES };
  if (words > MOST_WORDS) return { kind: "too-much", of: "words", found: words, most: MOST_WORDS };
  return longest > LONGEST_LINE ? { kind: "too-much", of: "line", found: longest, most: LONGEST_LINE } : null;
}

const LONGEST_NAME = 120;
const nameOf = (text: string): string => {
  const name = oneLine(plainText(text.slice(0, LONGEST_LINE)))
    .replace(/\s+/g, " ")
    .replace(/^#+\s*/, "")
    .replace(
      /\s*[,(]?\s*(?:for|serves|feeds)\s+(?:\d+|one|two|three|four|five|six|eight|ten)(?:\s+people)?\)?\s*$/i,
      "",
    )
    .trim();
  return name === "" ? "A recipe" : name.slice(0, LONGEST_NAME);
};

const SERVINGS = String.raw`(\d+)(?:\s*(?:-|–|to)\s*\d+)?`;
/** For how many a recipe is, from what it says of its yield. */
export function servingsIn(text: string): number | null {
  const plain = plainNumbers(text);
  const said =
    new RegExp(
      String.raw`\b(?:serves|feeds|servings?|yields?|makes|portions?|for)\s*:?\s*(?:about\s+)?${SERVINGS}\b(?!\s*(?:min|h\b|g\b|°|cm|ml|balls|patties|pieces))`,
      "i",
    ).exec(plain) ??
    new RegExp(
      String.raw`\b${SERVINGS}\s*(?:servings?|portions?|portionen|people|persons|eaters|(?:big |large |small )?(?:bowls|plates))\b`,
      "i",
    ).exec(plain) ??
    /\((\d+)\)\s*$/.exec(plain) ??
    /\b(\d+)\s+of us\b/i.exec(plain) ??
    /^\s*(\d+)\s*$/.exec(plain);
  const n = Number(said?.[1]);
  return n >= 1 && n <= 100 ? n : null;
}

/** Where no line of its own says for how many it is: "serves 3 hungry people" in a sentence. */
function servingsAmong(lines: readonly string[]): number | null {
  for (const line of lines.slice(0, 60)) {
    const said =
      /\b(?:serves|feeds|does)\s+(\d+)\b|\bfor\s+(\d+)\s+(?:people|persons|of us)\b|\b(\d+)\s+(?:people|persons|portions|servings|of us)\b/i.exec(
        plainNumbers(line),
      );
    const n = Number(said?.[1] ?? said?.[2] ?? said?.[3]);
    if (n >= 1 && n <= 100) return n;
  }
  return null;
}
const LIST_HEAD =
  /^(?:#+\s*)?(?:ingredients?|you(?:'ll| will)? need|what you need|have ready|zutaten|shopping list)\b[\s:]*$/i;
const METHOD_HEAD =
  /^(?:#+\s*)?(?:methods?|directions?|instructions?|preparation|steps?|how to(?: make(?: it)?)?|how (?:i|we) (?:make|do|cook) it|what to do|do|to make(?: it)?|zubereitung|procedure)\b[\s:]*$/i;
const AFTER =
  /^(?:#+\s*)?(?:nutrition(?:al)?(?: facts| information)?|(?:recipe |cook's )?notes?|tips?|storage|reviews?|comments?)\s*(?::|$)/i;
const CHATTER =
  /^(?:(?:jump to|print|pin|share|save|rate)\b|★|☆|prep(?:aration)?(?: time)?\b|cook(?:ing)? time\b|total(?: time)?\b|prep\b.*\bcook\b|author|course|cuisine|calories|keyword|by\s+\p{Lu}|https?:|www\.|\d+(?:\.\d+)?\s*(?:stars|kcal)\b)/iu;
const YIELD =
  /^(?:\*|_)*\s*(?:serves|servings?|yields?|makes|feeds|portions?|for:?\s+(?:\d+|two|three|four|five|six|eight|ten)(?:\s+people)?$|\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:servings?|portions?|people|persons|eaters))\b/i;
const VERB =
  /^(?:\d+[.)]\s*)?(?:heat|preheat|fry|stir|cook|brown|add|mix|place|put|boil|bring|season|serve|bake|roast|melt|combine|whisk|pour|cover|cut|chop|grill|griddle|sear|shape|form|leave|simmer|poach|warm|mash|toss|drain|remove|return|meanwhile|in an?|using|scramble|lay|strain|peel|soak|rinse|marinate|line|grease|brush|spread|top|finish|turn|transfer|blend|soften|sweat|stir-fry|make|take|rub|fold|beat|arrange|scatter|sprinkle|coat|thread|wash|let|for the last)\b/i;

/** Plain text parted into name, yield, list and method: by its headings where it has them, else by how its lines look. */
function partsOf(all: readonly string[], lexicon: Lexicon, spoons: SpoonSystem): RecipeText {
  const headed = all.some((l) => LIST_HEAD.test(l));
  const parts = { name: "", yields: "", ingredients: [] as string[], method: [] as string[], aside: [] as string[] };
  let at: "top" | "list" | "method" | "after" = "top";
  for (const line of all) {
    const bare = withoutBullet(line.replace(/[*_]+/g, ""));
    if (LIST_HEAD.test(bare)) at = "list";
    else if (METHOD_HEAD.test(bare)) at = "method";
    else if (AFTER.test(bare) && at !== "top") at = "after";
    else if (YIELD.test(bare) && servingsIn(bare) !== null) parts.yields ||= bare;
    else if (CHATTER.test(bare) && !(at === "list" && isCounted(bare, lexicon, spoons))) parts.aside.push(line);
    else if (at === "after") parts.aside.push(line);
    else if (at === "method") parts.method.push(bare);
    else if (at === "list")
      (isMethod(bare, headed) ? ((at = "method"), parts.method) : parts.ingredients).push(
        at === "method" ? bare : line,
      );
    else if (parts.name === "") {
      parts.name = bare;
      if (servingsIn(bare) !== null) parts.yields ||= bare;
    } else if (!headed) {
      if (isMethod(bare, false)) {
        at = "method";
        parts.method.push(bare);
      } else if (isListed(bare, lexicon, spoons)) {
        at = "list";
        parts.ingredients.push(line);
      } else parts.aside.push(line);
    } else parts.aside.push(line);
  }
  return parts;
}
/** A sentence that begins with what to do, and is too long for a food; under a heading for the list even then no food. */
const isMethod = (line: string, headed: boolean): boolean =>
  (/[.!]$/.test(line) && startsWithVerb(line)) ||
  (line.split(/\s+/).length > 12 &&
    !/^[\d½¼¾⅓⅔]/.test(line) &&
    clausesOf(line, 0).filter((c) => c.verb !== "" && c.action !== "none").length > 2) ||
  ((VERB.test(line) || startsWithVerb(line)) &&
    (line.split(/\s+/).length > (headed ? 6 : 3) || minutesIn(line).length > 0) &&
    !/^\d+\s*(?:g|ml|oz|lb|tbsp|tsp|cups?)\b/i.test(line));
const startsWithVerb = (line: string): boolean => {
  const first =
    /^(?:\d+[.)]\s*)?(?:then |now |first |meanwhile |gently )?([a-z-]+)\b/i.exec(line)?.[1]?.toLowerCase() ?? "";
  const action = actionOf(first);
  const done = new RegExp(`\\b${first} (?:the|it|them|a|both|half)\\b`, "i").test(line.slice(0, 60));
  return action !== null && action !== "none" && (!isAlsoNoun(first) || done);
};
/** Has an amount: then it is an ingredient, however it begins. */
function isCounted(line: string, lexicon: Lexicon, spoons: SpoonSystem): boolean {
  const read = readLine(line, lexicon, spoons);
  return read?.kind === "ingredient" && read.amount !== null;
}
function isListed(line: string, lexicon: Lexicon, spoons: SpoonSystem): boolean {
  const read = readLine(line, lexicon, spoons);
  return (
    read !== null &&
    read.kind !== "note" &&
    (read.kind === "heading" || read.amount !== null || read.foods.some((f) => f.named.is !== "unknown"))
  );
}
