import { oneLine } from "../quantities/oneLine";
import type { SpoonSystem } from "../quantities/units";
import type { Lexicon, NameOnLine } from "./lexicon";
import { readHtml } from "./html";
import { recipeInData } from "./jsonLd";
import { type LineRead, readLine } from "./line";
import { listedOn } from "./listed";
import { type MethodStep, minutesIn, readMethod } from "./method";
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
  const parts = data ?? partsOf(given, lexicon, spoons);
  const lines = parts.ingredients
    .flatMap(linesOf)
    .flatMap((line) => listedOn(line, lexicon, spoons))
    .flatMap((line) => readLine(line, lexicon, spoons) ?? []);
  if (!lines.some((l) => l.kind === "ingredient")) return { kind: "no-ingredients" };
  const meats = lines.filter((l) => l.kind === "ingredient" && l.foods.some(isMeat)).length;
  if (meats > MOST_MEATS) return { kind: "too-much", of: "meats", found: meats, most: MOST_MEATS };
  const method = readMethod(
    parts.method.flatMap(linesOf).map((m) => withoutBullet(plainText(m))),
    lines,
  );
  return {
    name: nameOf(parts.name),
    servings: servingsIn(parts.yields.slice(0, LONGEST_LINE)),
    lines,
    method,
    aside: parts.aside,
  };
}

/** Lines that have something on them; one that is longer than any line is parted where its sentences end. */
const linesOf = (text: string): string[] =>
  text
    .split("\n")
    .map((l) => l.replace(/\s+/g, " ").trim())
    .flatMap((l) => (l.length <= LONGEST_LINE ? l : l.split(/(?<=[.!?])\s+/)))
    .filter((l) => l !== "");
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
    new RegExp(String.raw`\b${SERVINGS}\s*(?:servings?|portions?|portionen|people|persons|eaters)\b`, "i").exec(
      plain,
    ) ??
    /^\s*(\d+)\s*$/.exec(plain);
  const n = Number(said?.[1]);
  return n >= 1 && n <= 100 ? n : null;
}

const LIST_HEAD = /^(?:#+\s*)?(?:ingredients?|you(?:'ll| will)? need|what you need|zutaten|shopping list)\b[\s:]*$/i;
const METHOD_HEAD =
  /^(?:#+\s*)?(?:methods?|directions?|instructions?|preparation|steps?|how to(?: make(?: it)?)?|what to do|zubereitung|procedure)\b[\s:]*$/i;
const AFTER =
  /^(?:#+\s*)?(?:nutrition(?:al)?(?: facts| information)?|notes?|tips?|storage|reviews?|comments?|recipe notes)\b/i;
const CHATTER =
  /^(?:(?:jump to|print|pin|share|save|rate)\b|★|☆|prep(?:aration)?(?: time)?\b|cook(?:ing)? time\b|total(?: time)?\b|prep\b.*\bcook\b|author|course|cuisine|calories|keyword|by\s+\p{Lu}|https?:|www\.|\d+(?:\.\d+)?\s*(?:stars|kcal)\b)/iu;
const YIELD =
  /^(?:\*|_)*\s*(?:serves|servings?|yields?|makes|feeds|portions?|\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:servings?|portions?|people|persons|eaters))\b/i;
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
  VERB.test(line) &&
  (line.split(/\s+/).length > (headed ? 6 : 3) || minutesIn(line).length > 0) &&
  !/^\d+\s*(?:g|ml|oz|lb|tbsp|tsp|cups?)\b/i.test(line);
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
