import type { SpoonSystem } from "../quantities/units";
import type { Lexicon } from "./lines/lexicon";
import { readLine } from "./lines/line";
import { listedOn } from "./lines/listed";
import { clausesOf } from "./method/clauses";
import { minutesIn } from "./method/method";
import { actionOf, isAlsoNoun } from "./method/verbs";
import { withoutBullet } from "./plainText";
import { servingsIn } from "./servings";

/** The parts of a recipe as text, before anything in it is read. */
export interface RecipeText {
  readonly name: string;
  readonly yields: string;
  readonly ingredients: readonly string[];
  readonly method: readonly string[];
  readonly aside: readonly string[];
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
export function partsOf(all: readonly string[], lexicon: Lexicon, spoons: SpoonSystem): RecipeText {
  const headed = all.some((l) => LIST_HEAD.test(l));
  const parts = { name: "", yields: "", ingredients: [] as string[], method: [] as string[], aside: [] as string[] };
  let at: "top" | "list" | "method" | "after" = "top";
  for (const line of all) {
    const bare = withoutStepNumber(withoutBullet(line.replace(/[*_]+/g, "")));
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
    else if (parts.name === "" && /^(?:\d|[½¼¾⅓⅔])/.test(bare) && isFirstOfList(bare, lexicon, spoons)) {
      at = "list";
      parts.ingredients.push(line);
    } else if (parts.name === "") {
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
  isWorkedOn(line) ||
  (/[.!]$/.test(line) && startsWithVerb(line)) ||
  // "RED onion and garlic in oil 8 min, tomatoes, simmer 20 min."
  (/[.!]$/.test(line) && !/^[\d½¼¾⅓⅔]/.test(line) && minutesIn(line).length > 0) ||
  (line.split(/\s+/).length > 12 &&
    !/^[\d½¼¾⅓⅔]/.test(line) &&
    clausesOf(line, 0).filter((c) => c.verb !== "" && c.action !== "none").length > 2) ||
  ((VERB.test(line) || startsWithVerb(line)) &&
    (line.split(/\s+/).length > (headed ? 6 : 3) || minutesIn(line).length > 0) &&
    !/^\d+\s*(?:g|ml|oz|lb|tbsp|tsp|cups?)\b/i.test(line));
/** "1 Put the chicken in a pan": the number of a step, not one of something. */
function withoutStepNumber(line: string): string {
  const [, rest = "", verb = ""] = /^\d{1,2}\s+((\p{Lu}\p{Ll}+)\s.*)$/u.exec(line) ?? [];
  const isStep =
    rest.split(" ").length > 3 && actionOf(verb.toLowerCase()) !== null && !/^(?:mince|roast|mash)$/i.test(verb);
  return isStep ||
    /^\d{1,2}\s+(?:Off the heat|Meanwhile|In an?|For the|To (?:make|serve|assemble)|While|When|Once|Using)\b/.test(line)
    ? line.replace(/^\d{1,2}\s+/, "")
    : line;
}
/** "1 savoy cabbage: blanch 10 leaves": what is needed and what is done with it in one. */
const isWorkedOn = (line: string): boolean => {
  const after = /^[^:]{3,40}:\s*([a-z-]+)\b(?!ed)/.exec(line)?.[1] ?? "";
  const action = after === "" || /ed$/.test(after) || isAlsoNoun(after) ? null : actionOf(after);
  return action !== null && action !== "none";
};
const startsWithVerb = (line: string): boolean => {
  const first =
    /^(?:\d+[.)]\s*)?(?:then |now |first |meanwhile |gently )?([a-z-]+)\b/i.exec(line)?.[1]?.toLowerCase() ?? "";
  const action = actionOf(first);
  const done = new RegExp(`\\b${first} (?:the|it|them|a|both|half)\\b`, "i").test(line.slice(0, 60));
  if (/^[^\s:]+:/.test(line)) return false;
  return action !== null && action !== "none" && (!isAlsoNoun(first) || done);
};
/** A list without a name above it: "1 kg aubergines, 600 g mince", "2 carrots"; "5 spice tofu" and "30-minute chilli" are names. */
const isFirstOfList = (line: string, lexicon: Lexicon, spoons: SpoonSystem): boolean =>
  isCounted(line, lexicon, spoons) &&
  (/^[\d½¼¾⅓⅔.,/ -]+(?:g|kg|ml|l|tbsp|tsp|tins?|cans?|small|large|medium|big)\b/i.test(line) ||
    listedOn(line, lexicon, spoons).length > 2);
/** Has an amount: then it is an ingredient, however it begins. */
function isCounted(line: string, lexicon: Lexicon, spoons: SpoonSystem): boolean {
  const read = readLine(line, lexicon, spoons);
  return read?.kind === "ingredient" && read.amount !== null;
}
function isListed(line: string, lexicon: Lexicon, spoons: SpoonSystem): boolean {
  const read = readLine(line, lexicon, spoons);
  return (
    (read !== null &&
      read.kind !== "note" &&
      (read.kind === "heading" || read.amount !== null || read.foods.some((f) => f.named.is !== "unknown"))) ||
    listedOn(line, lexicon, spoons).length > 1
  );
}
