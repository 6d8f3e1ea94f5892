import { singular } from "../lines/lexicon";
import { heatsIn, type Minutes, minutesIn } from "./method";
import { plainNumbers } from "../plainText";
import { type Action, actionOf, actionOfForm, isAlsoNoun } from "./verbs";

/** How a word stands to the verb of its clause. */
export type Role = "object" | "with" | "into" | "over" | "from" | "but" | "mark";
/** A word of a clause. */
export interface Word {
  /** Lower case, as it stands. */
  readonly word: string;
  readonly singular: string;
  readonly role: Role;
}
/** One thing that is done: a verb with what stands beside it. */
export interface Clause {
  readonly sentence: number;
  readonly text: string;
  readonly action: Action;
  /** The verb as it stands; empty where none was said ("then the garlic"). */
  readonly verb: string;
  readonly words: readonly Word[];
  readonly minutes: Minutes | null;
  /** A heat that the clause names, °C, and of what. */
  readonly heats: readonly { readonly of: "oven" | "oil" | "core"; readonly tempC: number }[];
  readonly covered: boolean;
  readonly offHeat: boolean;
  /** "For the sauce, …": what it is about. */
  readonly about: string;
}

interface Token {
  readonly word: string;
  readonly hard: boolean;
  readonly soft: boolean;
}
const tokensOf = (text: string): Token[] =>
  [...text.matchAll(/[\p{L}\p{N}'’°/.-]*[\p{L}\p{N}°]|[.;:!?]+|[,()–—]| - |\+|&/gu)].map(([found]) => {
    const word = found.trim().toLowerCase().replace(/’/g, "'");
    return { word, hard: /^[.;:!?]+$/.test(word), soft: /^(?:[,–—-]|and|then|but|&|\+)$/.test(word) };
  });

const BEFORE_VERB = new Set(
  "then and now meanwhile next first finally gently carefully gradually slowly lightly just also immediately quickly lastly please so you we i to lovingly thinly finely coarsely roughly briefly dry- well after that at once afterwards loosely firmly thoroughly generously evenly shallow deep either they it in step again immediately when while once or".split(
    " ",
  ),
);
const DETERMINERS = new Set(
  "the it them a an all half each both any this that these those everything some in for your 1 2 3 4 another to over with off out up down together on until till gently slowly hard well at into back through from beside alongside under inside".split(
    " ",
  ),
);
const TIME_UNITS = /^(?:hours?|hrs?|h|minutes?|mins?|min|m|seconds?|secs?|side|sides|overnight)$/;
const MARKS = new Set(["until", "till", "while", "when", "so", "because", "or", "if", "as"]);

/** Whether a clause begins at this word. */
function beginsAt(tokens: readonly Token[], i: number, inMark: boolean): boolean {
  const { word = "" } = tokens[i] ?? {};
  if (actionOf(word) === null) return false;
  const before = tokens[i - 1];
  const after = tokens[i + 1];
  const isDone = after !== undefined && !after.hard && (DETERMINERS.has(after.word) || /^\d/.test(after.word));
  const atSign = before === undefined || before.hard || before.soft || before.word === "(" || before.word === ")";
  if (before?.word === "to" || before?.word === "the" || before?.word === "a" || before?.word === "not") return false;
  if (before !== undefined && (before.word === "don't" || before.word === "never")) return false;
  const inPlace = atSign || BEFORE_VERB.has(before.word) || TIME_UNITS.test(before.word) || /ly$/.test(before.word);
  if (inMark) {
    const opens =
      before !== undefined && (before.hard || before.soft || /^(?:meanwhile|then|now|next|you|we)$/.test(before.word));
    return (
      opens &&
      (before.hard || /^(?:meanwhile|then|now|next)$/.test(before.word) || before.word === "," || isDone) &&
      (isDone || !isAlsoNoun(word)) &&
      after !== undefined &&
      !after.hard &&
      after.word !== ","
    );
  }
  if (!inPlace && /^(?:stir|fold|whisk|beat)$/.test(word) && after?.word === "in") return true;
  if (!inPlace) return isDone && /^(?:the|it|them|half)$/.test(after?.word ?? "") && before?.word !== "and";
  if (FOODS_TOO.has(word))
    return (
      (before === undefined || before.soft || before.hard) && /^(?:the|it|them|each|both)$/.test(after?.word ?? "")
    );
  if (!isAlsoNoun(word)) return true;
  if (before === undefined || before.hard) return true;
  if ((after === undefined || after.hard) && before.word === "and" && !inList(tokens, i)) return true;
  return isDone || (after !== undefined && TIME_UNITS.test(tokens[i + 2]?.word ?? "")) || before.word === "then";
}

/** Verbs that stand in lists of foods. */
const FOODS_TOO = new Set(["flour", "salt", "batter", "bread", "crumb", "butter", "oil"]);
/** Whether a word stands in a list of what something goes with. */
function inList(tokens: readonly Token[], i: number): boolean {
  for (let n = i - 1; n >= 0; n--) {
    const { word, hard } = tokens[n] as Token;
    if (hard) return false;
    if (word === "with") return true;
    if (actionOf(word) !== null && !isAlsoNoun(word)) return false;
  }
  return false;
}

/** A piece without a verb that says where something goes: "pak choi in", "mash on top", "chicken back in". */
const GOES =
  /(?:^|\s)(?:in|back in|go in|goes in|went in|back|on top|over|out)(?: bit by bit| slowly| gradually| again| now| a little at a time)?$/;
/** Where what stands before a verb is only when, where or what for. */
const ONLY_WHEN =
  /^(?:for|to|in|on|while|when|once|meanwhile|after|off|with|as|at|before|over|using|if|first|next|finally|then|now)\b/;

/** A sentence as its clauses: each verb with its objects, where, with what, how long, how hot. */
export function clausesOf(sentence: string, at: number): Clause[] {
  const plain = numbered(
    sentence.replace(
      /\b(stir|pan|deep|shallow|flash)[ -](?=fr(?:y|ied|ies)\b)|\b(pressure|slow)[ -](?=cook)/gi,
      (m) => `${m.trim().replace(/-$/, "")}-`,
    ),
  );
  const pieces = piecesOf(plain);
  const clauses: Clause[] = [];
  let about = "";
  let carried = "";
  for (const piece of pieces) {
    if (piece.verb === null) {
      const text = piece.words
        .map((w) => w.word)
        .join(" ")
        .replace(/^(?:(?:then|and|,)(?=\s|$)|\s)+/, "")
        .replace(/(?:[,.;:!\s]|\s(?:and|then))+$/, "");
      if (text === "") continue;
      const goes =
        /^in (?:go|goes|went) /.test(text) ||
        GOES.test(
          text
            .replace(/\s*,?\s*\d[^a-z]*(?:min\w*|hours?).*$/, "")
            .replace(/\bfor the last.*$/, "")
            .trim(),
        );
      if (!goes && ONLY_WHEN.test(text) && piece.more) {
        carried = `${carried} ${text}`;
        about = /^(?:for|to make) (?:the )?([^,]+)$/.exec(text)?.[1] ?? about;
        continue;
      }
      const before = clauses.at(-1)?.action;
      const again =
        before !== undefined &&
        REPEATS.has(before) &&
        (before === "coat" || /^(?:with|over|in|into|the|a|an|all|half|both|\d)\b/.test(text))
          ? before
          : "add";
      const action: Action = /\bout(?: again)?$/.test(text)
        ? "lift-out"
        : /\bon top$|\bover$/.test(text)
          ? "top"
          : /\bback\b/.test(text)
            ? "return"
            : "add";
      clauses.push(
        clause(
          at,
          text,
          goes ? action : again,
          goes ? "in" : "",
          wordsIn(text.replace(/^in (?:go|goes|went) /, "")),
          about,
          carried,
        ),
      );
      carried = "";
      continue;
    }
    const text = piece.words.map((w) => w.word).join(" ");
    // "Make the crust: cut the butter into the flour."
    const made =
      /^(?:make|start|prepare) (?:the |a )?([^,.;:]+)[:.,]\s*$/.exec(text)?.[1] ??
      /^to make (?:the )?([^,]+)/.exec(text)?.[1];
    if (made !== undefined && piece.more) {
      about = made.trim();
      continue;
    }
    clauses.push(
      clause(
        at,
        `${text}`,
        piece.action,
        piece.verb,
        wordsIn(text.slice(piece.verb.length), piece.verb),
        about,
        carried,
      ),
    );
    carried = "";
  }
  return clauses;
}
/** What goes on with the next thing: "toss with the pepper, then with the starch", "dip in the flour, then the egg". */
const REPEATS = new Set<Action>(["toss", "coat", "brush", "season", "top", "layer", "spread", "stuff", "mix", "cut"]);
const numbered = (text: string): string =>
  plainNumbers(text.replace(/\bhalf an hour\b/gi, "30 minutes").replace(/½ (hours?|h)\b/gi, "30 minutes"))
    .replace(/\b0\.5 hours?\b/gi, "30 minutes")
    .replace(/\ban hour and a quarter\b/gi, "75 minutes")
    .replace(/\b(?:a )?quarter of an hour\b|\b0\.25 hours?\b/gi, "15 minutes")
    .replace(/\b(?:a|1) (?:minute)\b/gi, "1 minute")
    .replace(/\ban hour and (?:a half|0\.5)\b/gi, "90 minutes")
    .replace(/\b(?:an|the last|another) hour\b/gi, "60 minutes");

interface Piece {
  readonly words: readonly Token[];
  readonly verb: string | null;
  readonly action: Action;
  /** Something follows in the same sentence. */
  readonly more: boolean;
}
function piecesOf(text: string): Piece[] {
  const tokens = tokensOf(text);
  const starts: { at: number; verb: boolean }[] = [];
  let inMark = false;
  let depth = 0;
  tokens.forEach((t, i) => {
    if (t.word === "(") depth++;
    else if (t.word === ")") depth = Math.max(0, depth - 1);
    if (depth > 0) return;
    if (t.hard) inMark = false;
    if (beginsAt(tokens, i, inMark)) {
      starts.push({ at: i, verb: true });
      inMark = false;
    } else if (i === 0 || t.hard || t.word === "then" || (t.soft && goesBehind(tokens, i))) {
      if (!t.hard || i + 1 < tokens.length) starts.push({ at: t.hard || t.soft ? i + 1 : i, verb: false });
      inMark = false;
    } else if (MARKS.has(t.word)) inMark = t.word !== "or" && t.word !== "as" && t.word !== "if" ? true : inMark;
  });
  return starts.flatMap((start, n): Piece[] => {
    const end = starts[n + 1]?.at ?? tokens.length;
    if (end <= start.at) return [];
    const words = tokens.slice(start.at, end);
    const first = words[0]?.word ?? "";
    if (start.verb) return [{ words, verb: first, action: actionOf(first) as Action, more: n + 1 < starts.length }];
    // Told as what was done: "Mushrooms browned hard in oil", "Simmered 30 min".
    const told = words.findIndex(
      (w, i) =>
        actionOfForm(w.word) !== null &&
        words.slice(0, i).every((b) => b.word !== "until" && b.word !== "till") &&
        isTold(words, i),
    );
    const action = told < 0 ? null : actionOfForm(words[told]?.word ?? "");
    if (action !== null) {
      const moved = [words[told] as Token, ...words.slice(0, told), ...words.slice(told + 1)];
      return [{ words: moved, verb: words[told]?.word ?? "", action, more: n + 1 < starts.length }];
    }
    return [{ words, verb: null, action: "add", more: n + 1 < starts.length }];
  });
}
/** A form that tells what was done stands first, or with its time or its vessel behind it. */
function isTold(words: readonly Token[], at: number): boolean {
  const { word = "" } = words[at] ?? {};
  if (!/(?:ed|ing)$/.test(word) && word !== "fried" && !/^(?:it|that|this|which)$/.test(words[at - 1]?.word ?? ""))
    return false;
  if (at === 0) return true;
  const next = words
    .slice(at + 1, at + 4)
    .map((w) => w.word)
    .join(" ");
  return (
    /^(?:in|for|hard|until|till|over|with|and|,|\d)/.test(next) && !/^(?:the|a|of)$/.test(words[at - 1]?.word ?? "")
  );
}
/** Whether what follows a comma is a piece of its own that says where something goes. */
function goesBehind(tokens: readonly Token[], i: number): boolean {
  const rest: string[] = [];
  for (const t of tokens.slice(i + 1)) {
    if (t.hard || t.word === "," || t.word === "then") break;
    rest.push(t.word);
  }
  const text = rest.join(" ").replace(/\s*for the last.*$/, "");
  return rest.length > 1 && rest.length < 9 && GOES.test(text) && actionOf(rest[0] ?? "") === null;
}

const ROLES: Readonly<Record<string, Role>> = {
  with: "with",
  in: "into",
  into: "into",
  through: "into",
  to: "into",
  inside: "into",
  over: "over",
  on: "over",
  onto: "over",
  around: "over",
  from: "from",
  but: "but",
  except: "but",
  until: "mark",
  till: "mark",
  so: "mark",
  while: "mark",
  when: "mark",
  keeping: "mark",
  leaving: "mark",
  reserving: "mark",
  turning: "mark",
  stirring: "mark",
  beside: "mark",
  alongside: "mark",
  adding: "object",
};
/** A little word that belongs to its verb: "stir in the garlic", "pour over the sauce". */
const BELONGS: readonly (readonly [RegExp, RegExp])[] = [
  [
    /^(?:stir|fold|whisk|beat|pour|mix|tip|throw|chuck|scatter|crumble|sprinkle|work|drop|add|tear|slide|put|blend|lower)$/,
    /^in$/,
  ],
  [/^(?:pour|scatter|spoon|sprinkle|drizzle|crumble|spread|grate|dot|ladle|tip|brush|strew)$/, /^(?:over|on)$/],
];
function wordsIn(text: string, verb = ""): Word[] {
  let role: Role = "object";
  let first = BELONGS.some(([v]) => v.test(verb));
  let depth = 0;
  let fixed = false;
  return tokensOf(text).flatMap((t): Word[] => {
    if (t.word === "(") depth++;
    if (t.word === ")") depth--;
    if (depth > 0 || t.word === ")") return [];
    if (t.word === "," && role === "mark") {
      role = "object";
      fixed = false;
    }
    const isPart = first && BELONGS.some(([v, w]) => v.test(verb) && w.test(t.word));
    first = false;
    if (isPart) return [];
    const next = ROLES[t.word];
    if (next !== undefined && !fixed) {
      role = next;
      fixed = next === "mark";
      return [{ word: t.word, singular: t.word, role }];
    }
    return [{ word: t.word, singular: singular(t.word), role }];
  });
}

function clause(
  sentence: number,
  text: string,
  action: Action,
  verb: string,
  words: readonly Word[],
  about: string,
  before: string,
): Clause {
  const whole = `${before} ${text}`;
  // Behind "until" only the time counts that stands before it.
  const [minutes = null] = minutesIn(whole.replace(/\([^)]*\)/g, " "));
  return {
    sentence,
    text,
    action,
    verb,
    words: [...(/^\s*(?:for|to make|to)\b/.test(before) ? [] : wordsIn(before)), ...words],
    minutes: minutes ?? quickly(whole) ?? minutesIn(whole)[0] ?? null,
    heats: heatsIn(whole).flatMap((h) => {
      // Bare degrees are asked; until then no home oven means so few of Fahrenheit's.
      const tempC = h.tempC ?? (Number(/\d+/.exec(h.from)?.[0]) <= 260 ? Number(/\d+/.exec(h.from)?.[0]) : null);
      return tempC === null ? [] : [{ of: heatOf(whole, h.from), tempC }];
    }),
    covered:
      /\b(?:cover|covered|lid|foil)\b/.test(whole) &&
      !/\b(?:uncover|uncovered|lid off|take off the lid|without a lid)\b/.test(whole),
    offHeat: /\boff the heat\b|\bfrom the heat\b/.test(whole),
    about,
  };
}
const quickly = (text: string): Minutes | null =>
  /\b(?:a|the last) minute\b/.test(text) ? { low: 1, high: 1, eachSide: false } : null;
function heatOf(text: string, from: string): "oven" | "oil" | "core" {
  const before = text.slice(0, Math.max(0, text.indexOf(from.slice(0, 3))));
  if (/\b(?:probe|thermometer|middle|inside|core|reads)\b/.test(before) || /\binside\b/.test(text)) return "core";
  const inOil = /\b(?:deep-fry|fry)\b|\b(?:oil|fat)\s+(?:to|at|reaches|is)\b/.test(text);
  return inOil && !/\b(?:oven|tray|bake|roast)\b/.test(text) ? "oil" : "oven";
}
