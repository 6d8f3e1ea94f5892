import { oneLine } from "../quantities/oneLine";
import type { SpoonSystem } from "../quantities/units";
import type { Lexicon, NameOnLine } from "./lines/lexicon";
import { readHtml } from "./html";
import { recipeInData } from "./jsonLd";
import { originIn } from "./origin";
import { type LineRead, readLine } from "./lines/line";
import { alsoNamed, amountSaid } from "./lines/alsoNamed";
import { listedOn } from "./lines/listed";
import { type MethodStep, readMethod } from "./method/method";
import { partsOf } from "./parts";
import { amountsIn, recipeInProse, spokenNumbers } from "./prose";
import { plainText, withoutBullet } from "./plainText";
import { servingsAmong, servingsIn } from "./servings";
import { unshaped } from "./shapes";

/** A recipe as far as it could be read. */
export interface RecipeRead {
  readonly name: string;
  /** For how many it is; null when it does not say so. */
  readonly servings: number | null;
  readonly lines: readonly LineRead[];
  readonly method: readonly MethodStep[];
  /** Lines that are neither: left aside, and shown. */
  readonly aside: readonly string[];
  /** Where it says that it is from; empty where it says nothing. */
  readonly from: string;
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

/**
 * Reads a recipe from plain text, Markdown, schema.org JSON-LD or an HTML page that holds it. Nothing of it is run, and what
 * cannot be read stays as its words.
 */
export function readRecipe(text: string, lexicon: Lexicon, spoons: SpoonSystem): RecipeRead | RecipeProblem {
  if (text.trim() === "") return { kind: "empty" };
  if (text.length > MOST_CHARACTERS) return { kind: "too-long", most: MOST_CHARACTERS };
  const data = recipeInData(text);
  // A comment is nothing that is read.
  const shown = text.replace(/<!--[\s\S]*?-->/g, "");
  const given =
    data === null
      ? linesOf(unshaped(plainText(/<[a-z!/]/i.test(shown) ? readHtml(shown).text : shown)))
      : [...data.ingredients, ...data.method].flatMap(linesOf);
  const tooMuch = beyond(given);
  if (tooMuch !== null) return tooMuch;
  const linesIn = (those: readonly string[]) =>
    withHeadings(
      those
        .flatMap(linesOf)
        .flatMap((line) => listedOn(withoutBullet(line), lexicon, spoons))
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
      parts = { ...parts, method: given.map(spokenNumbers) };
      lines = told;
    }
  }
  if (!lines.some((l) => l.kind === "ingredient")) return { kind: "no-ingredients" };
  const meats = lines.filter((l) => l.kind === "ingredient" && l.foods.some(isMeat)).length;
  if (meats > MOST_MEATS) return { kind: "too-much", of: "meats", found: meats, most: MOST_MEATS };
  // Its name is no sentence of it.
  const isItsName = (m: string) => m.replace(/[.!:]+$/, "") === nameOf(parts.name);
  const sentences = parts.method
    .flatMap(linesOf)
    .map((m) => withoutBullet(plainText(m)))
    .flatMap((m) => (isItsName(m) ? [] : [m]));
  lines = lines.flatMap((l) => {
    if (l.kind !== "ingredient" || l.amount !== null || l.toTaste) return [l];
    const said = amountSaid(l.text, sentences, lexicon);
    return said === null ? [l] : [readLine(said, lexicon, spoons) ?? l];
  });
  const also = linesIn(alsoNamed(sentences, lines, parts.name, lexicon));
  lines = [...lines, ...also.map((l): LineRead => (l.kind === "ingredient" ? { ...l, ofMethod: true } : l))];
  const method = readMethod(sentences, lines);
  return {
    name: nameOf(parts.name),
    servings: servingsIn(parts.yields.slice(0, LONGEST_LINE)) ?? servingsAmong(given),
    lines,
    method,
    aside: parts.aside,
    from: originIn(given, data?.data ?? null),
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
    return ofOneHead(listed.map((p) => p.replace(/\.$/, "")));
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
  // "(1) 1 cabbage: blanch it. (2) 150 g rice: boil it."
  if (/^\(1\)\s/.test(line) && /\s\(2\)\s/.test(line)) return line.split(/\s*\(\d{1,2}\)\s+/).filter((p) => p !== "");
  const steps = line.split(/(?<=[.!?]\s)(?=\d{1,2}[.)]?\s+\p{Lu})/u);
  return steps.length > 1 && /^\d{1,2}[.)]?\s+\p{Lu}/u.test(line)
    ? steps.map((s) => s.replace(/^\d{1,2}[.)]?\s+/, "").trim())
    : [line];
}
/** "Lamb: 700 g lamb leg; 200 g yoghurt": all of it is for the lamb. */
function ofOneHead(pieces: readonly string[]): string[] {
  const head = /^([\p{L}][\p{L} ]{2,24}):\s+(\S.*)$/u.exec(pieces[0] ?? "");
  if (head?.[1] === undefined || !/\d/.test(head[2] ?? "")) return [...pieces];
  return [head[2] as string, ...pieces.slice(1)].map((p) => `${p} for the ${(head[1] as string).toLowerCase()}`);
}
function beyond(lines: readonly string[]): RecipeProblem | null {
  const words = lines.reduce((n, l) => n + l.split(" ").length, 0);
  const longest = lines.reduce((most, l) => Math.max(most, l.length), 0);
  if (lines.length > MOST_LINES) return { kind: "too-much", of: "lines", found: lines.length, most: MOST_LINES };
  if (words > MOST_WORDS) return { kind: "too-much", of: "words", found: words, most: MOST_WORDS };
  return longest > LONGEST_LINE ? { kind: "too-much", of: "line", found: longest, most: LONGEST_LINE } : null;
}

const LONGEST_NAME = 120;
/** Longer than this it is the recipe itself: its name is what stands before the first stop, or before the first amount. */
const LONG_NAME = 70;
const headOfText = (text: string): string => {
  if (text.length <= LONG_NAME) return text;
  const pieces = text.split(/[.:!?;,]\s|\s-\s|\s(?=\d)/u).map((p) => p.trim());
  const named = pieces.find((p) => /\p{L}{3,}\s+\p{L}{3,}/u.test(p) && p.length <= LONG_NAME);
  return (named ?? text)
    .replace(/^(?:made|cooked|did|here's|this is) (?:the |a |an |my |our )?/i, "")
    .replace(/\s+(?:again|as promised)\b.*$/i, "");
};
const nameOf = (text: string): string => {
  const name = oneLine(plainText(headOfText(text.slice(0, LONGEST_LINE))))
    .replace(/\s+/g, " ")
    .replace(/^#+\s*/, "")
    .replace(
      /\s*[,(]?\s*(?:for|serves|feeds)\s+(?:\d+|one|two|three|four|five|six|eight|ten)(?:\s+people)?\)?\s*$/i,
      "",
    )
    .trim();
  return name === "" ? "A recipe" : name.slice(0, LONGEST_NAME);
};
