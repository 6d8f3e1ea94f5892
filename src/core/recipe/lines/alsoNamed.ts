import type { Lexicon, NameOnLine } from "./lexicon";
import { singular } from "./lexicon";
import type { LineRead } from "./line";
import { actionOf } from "../method/verbs";

/**
 * Foods that only the sentences of a method name: "fry in 1 tbsp oil", "scatter with parsley", "rye bread on the side". They are in
 * the dish as much as what the list has, with the amount that the sentence gives or none. Each comes as a line of a list.
 */
export function alsoNamed(
  method: readonly string[],
  lines: readonly LineRead[],
  name: string,
  lexicon: Lexicon,
): string[] {
  const listed = wordsOfList(lines, name.length > 60 ? "" : name, lexicon);
  const found: string[] = [];
  for (const sentence of method)
    for (const clause of sentence.split(/(?<=[^\d])[,;:](?=\s)|[.!?](?:\s|$)|\s-\s/))
      for (const named of lexicon.namesIn(clause)) {
        const line = lineOf(clause, named, lexicon);
        if (line === null || isKnown(named, listed) || isClassOf(named, lines, lexicon)) continue;
        for (const word of callsOf(named)) listed.add(word);
        found.push(line);
      }
  return found;
}

const NUMBER = String.raw`(?:\d+(?:[.,/]\d+)?(?:\s*(?:-|–|to)\s*\d+(?:[.,]\d+)?)?|[½¼¾⅓⅔])`;
const UNIT = String.raw`(?:g|gr|grams?|kg|ml|millilit(?:re|er)s?|l|lit(?:re|er)s?|dl|cl|tbsp|tsp|T|t|table ?spoons?|tea ?spoons?|cups?|cloves?|tins?|cans?|sprigs?|sticks?|stalks?|slices?|bunch(?:es)?|handfuls?|knobs?|splash(?:es)?|pinch(?:es)?|drizzles?|glugs?|squeezes?|dash(?:es)?|leaves|lb|oz)`;
/** An amount that ends right before a name. */
const AMOUNT_BEFORE = new RegExp(
  String.raw`(?:(?:an?|some|${NUMBER})\s*(?:(?:good|big|small|large|little|generous|few|heaped|level|extra)\s+)*(?:${UNIT}\b\.?\s*)?(?:of\s+)?)$`,
  "i",
);
/** Words that stand between an amount and a name and belong to it. */
const BELONGS =
  /(?:\b(?:fresh|dried|chopped|ground|grated|sliced|toasted|crusty|warm|hot|cold|soft|steamed|boiled|mashed|cooked|plain|extra|more|good|finely|freshly|frozen|tinned|roasted|crushed|vegan|plant|smoked)\s+)+$/i;
/** Said of what is not put in, or of what something looks like. */
const NOT_PUT_IN =
  /(?:\b(?:like|unlike|size of|instead of|rather than|in place of|without|no|not|never|than|as|texture of|consistency of|colour of|smell of|taste of|thickness of|the|this|that|these|those|your|its|their|our|all|each|every|both|half|rest of|remaining|more|extra|other|same)\s+)$/i;
/** Names that a method gives to what it has made, or to its tools. */
const MADE = new Set(
  "water salt stock broth gravy pastry dough bread batter sauce paste dressing marinade glaze crumb breadcrumb cake roll wrap noodle pancake tortilla dumpling gnocchi soup jam cream mince meat loaf cracker leaf pepper oil milk".split(
    " ",
  ),
);
/** At the table: there a bread is a bread. */
const BESIDE = /\b(?:serves?d?|on the side|alongside|with it|to mop|at the table|eat)\b/i;
/** Of these a sentence that gives no amount says only what is in hand. */
const needsAmount = (words: readonly string[]): boolean => MADE.has(words.at(-1) ?? "") && words.length === 1;

function lineOf(clause: string, named: NameOnLine, lexicon: Lexicon): string | null {
  if (named.named.is === "unknown") return null;
  if (named.words === "meat") return null;
  // "Two 3 cm steaks" of a cauliflower are no beef.
  if (named.words === "steak" && /\b(?:from|out of|of) (?:the|each|a)\b/i.test(clause)) return null;
  const words = [...clause.matchAll(/[\p{L}\p{N}'’-]+/gu)];
  if (words.length !== lexicon.wordsIn(clause).length) return null;
  const first = words[named.at];
  const last = words[named.at + named.length - 1];
  if (first?.index === undefined || last?.index === undefined) return null;
  const end = last.index + last[0].length;
  const own = clause.slice(first.index, end);
  // "Time" sounds like thyme: a list may be dictated, a sentence is not listened to that closely.
  if (
    !lexicon.namesIn(own).some(
      (n) =>
        n.words ===
        own
          .toLowerCase()
          .split(/[^\p{L}\p{N}'’-]+/u)
          .map(singular)
          .join(" "),
    )
  )
    return null;
  let from = first.index;
  const belongs = BELONGS.exec(clause.slice(0, from))?.[0] ?? "";
  from -= belongs.length;
  const amount = AMOUNT_BEFORE.exec(clause.slice(0, from))?.[0] ?? "";
  const behind = /^\s+(\d{1,4}\s*(?:g|kg|ml)?)(?=\s*(?:$|[,;.)]))/i.exec(clause.slice(end))?.[1] ?? "";
  const before = clause.slice(0, from - amount.length);
  const counted = /\d|[½¼¾⅓⅔]/.test(amount) || behind !== "";
  if (!counted) {
    // "Leave to pickle", "the pickled carrot".
    if (/^pickle(?:d|s)?$/i.test(own) && (/\bto\s+$/i.test(clause.slice(0, from)) || /d$/i.test(own))) return null;
    if (NOT_PUT_IN.test(clause.slice(0, from)) || NOT_PUT_IN.test(before)) return null;
    if (needsAmount(named.words.split(" ")) && !BESIDE.test(clause)) return null;
    // "Butter the dish", "oil a tin", "flour the board": done with it, not put in.
    if (/^\s*$/.test(before) && amount === "" && /^\s+(?:the|an?|your|it|them)\b/i.test(clause.slice(end))) return null;
    // "Split and toast the buns": a verb between two others.
    if (
      /(?:\band|\bthen|,)\s*$/.test(before) &&
      amount === "" &&
      actionOf(own.toLowerCase()) !== null &&
      /^\s+(?:the|it|them|each|both|your)\b/i.test(clause.slice(end))
    )
      return null;
    // "Split the buns, toast lightly."
    if (
      /^\s*(?:(?:and|then) )?$/.test(before) &&
      amount === "" &&
      actionOf(own.toLowerCase()) !== null &&
      clause.slice(end).trim() !== ""
    )
      return null;
    // "Rice cooker", "bread knife", "pepper mill", "egg-sized".
    if (/^\s*(?:[- ](?:sized?|like|shaped|knife|mill|cooker|pan|pot|board|bowl|dish|tin)\b)/i.test(clause.slice(end)))
      return null;
  }
  const isPoured = named.named.is === "food" && (named.named.food === "water" || named.named.food === "salt");
  if (isPoured && !/\d/.test(amount)) return null;
  const optional = /\bif (?:you (?:like|have|want)|needed|it)\b|\boptional/i.test(clause) ? " (optional)" : "";
  const said = `${amount}${belongs}${own}${behind === "" ? "" : ` ${behind}`}`.replace(/\s+/g, " ").trim();
  return `${said.replace(/^(?:some|a (?:little|few|good)(?= ))\s*(?:of )?/i, "").replace(/^an? (?!little)/i, "1 ")}${optional}`;
}

/** The words that a name calls something by: itself, and the food that it is. */
function callsOf({ words, named }: NameOnLine): string[] {
  const own = words.split(" ").map(singular);
  const food = named.is === "food" ? named.food.split("-").map(singular) : [];
  const job = named.is === "animal" ? [named.animal.job.split("-")[0] as string] : [];
  return [...own.slice(-1), ...food, ...job];
}
/** Words that speak of any food of a group: "the mushrooms" may be shiitake. */
const CLASS_OF: Readonly<Record<string, string>> = {
  mushroom: "mushroom",
  bean: "pulse",
  lentil: "pulse",
  pasta: "grain",
  noodle: "grain",
  nut: "nut",
};
function isClassOf({ words }: NameOnLine, lines: readonly LineRead[], lexicon: Lexicon): boolean {
  const group = CLASS_OF[singular(words)];
  return (
    group !== undefined &&
    lines.some(
      (l) =>
        l.kind === "ingredient" &&
        l.foods.some((f) => f.named.is === "food" && lexicon.groupOf(f.named.food) === group),
    )
  );
}
const isKnown = (name: NameOnLine, listed: ReadonlySet<string>): boolean => callsOf(name).some((w) => listed.has(w));
/** Every word by which the list, its headings or the dish's name speak of something. */
function wordsOfList(lines: readonly LineRead[], name: string, lexicon: Lexicon): Set<string> {
  const listed = new Set<string>(lexicon.wordsIn(name));
  for (const line of lines) {
    for (const word of lexicon.wordsIn(line.text)) listed.add(word);
    if (line.kind === "ingredient")
      for (const { words, named } of line.foods) {
        for (const word of lexicon.wordsIn(words)) listed.add(word);
        if (named.is === "food") for (const word of named.food.split("-")) listed.add(singular(word));
        if (named.is === "animal") listed.add(named.animal.job.split("-")[0] as string);
      }
  }
  return listed;
}
/**
 * A line without an amount whose sentence gives one: "rice" on the list, "300 g rice" in the method. The line with that amount, for
 * each line that has one.
 */
export function amountSaid(line: string, method: readonly string[], lexicon: Lexicon): string | null {
  const [name] = lexicon.namesIn(line);
  if (name === undefined || name.named.is === "unknown" || lexicon.wordsIn(line).length > 3) return null;
  for (const sentence of method)
    for (const found of lexicon.namesIn(sentence)) {
      if (found.words !== name.words) continue;
      const own = [...sentence.matchAll(/[\p{L}\p{N}'’-]+/gu)][found.at];
      const amount = own?.index === undefined ? undefined : AMOUNT_BEFORE.exec(sentence.slice(0, own.index))?.[0];
      if (amount !== undefined && new RegExp(String.raw`\d\s*${UNIT}\b`).test(amount))
        return `${amount.trim()} ${line}`;
    }
  return null;
}
