import { type Action, actionOf, actionOfForm, isAlsoNoun } from "./verbs";

/** A word or a sign of a sentence. */
interface Token {
  readonly word: string;
  readonly hard: boolean;
  readonly soft: boolean;
}
/** A sentence as its words and signs. */
export const tokensOf = (text: string): Token[] =>
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
  const before = tokens[i - 1];
  const after = tokens[i + 1];
  if (actionOf(word) === null) return !inMark && isToldOn(tokens, i);
  const isDone = after !== undefined && !after.hard && (DETERMINERS.has(after.word) || /^\d/.test(after.word));
  const atSign = before === undefined || before.hard || before.soft || before.word === "(" || before.word === ")";
  if (before?.word === "to" || before?.word === "the" || before?.word === "a" || before?.word === "not") return false;
  if (before !== undefined && (before.word === "don't" || before.word === "never")) return false;
  const inPlace =
    atSign ||
    isWhereOnly(tokens, i) ||
    BEFORE_VERB.has(before.word) ||
    TIME_UNITS.test(before.word) ||
    /ly$/.test(before.word);
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
  // "Split peas: simmer".
  if (before === undefined && tokens[i + 2]?.word === ":") return false;
  // "Mince and onion in a pan": a thing, where another thing follows.
  if (
    atSign &&
    /^(?:and|\+|&)$/.test(after?.word ?? "") &&
    actionOf(tokens[i + 2]?.word ?? "") === null &&
    /^(?:mince|stew|steam|roast|flour|stuffing|filling|dough|mash)$/.test(word)
  )
    return false;
  if (before === undefined || before.hard) return true;
  if ((after === undefined || after.hard) && before.word === "and" && !inList(tokens, i)) return true;
  // "Drain well, steam dry, mash."
  if ((after === undefined || after.hard) && before.word === "," && bids(tokens, i) && !inList(tokens, i)) return true;
  return isDone || (after !== undefined && TIME_UNITS.test(tokens[i + 2]?.word ?? "")) || before.word === "then";
}

/** "And simmers for half an hour", ", browned hard in two goes": told, not bidden, behind something else that was told. */
function isToldOn(tokens: readonly Token[], i: number): boolean {
  const { word = "" } = tokens[i] ?? {};
  const before = tokens[i - 1]?.word ?? "";
  const after = tokens[i + 1]?.word ?? "";
  if (actionOfForm(word) === null) return false;
  if (/[^s]s$/.test(word))
    return (
      /^(?:and|it|that|which|they|everything|all)$/.test(before) &&
      /^(?:for|until|till|in|on|gently|slowly|\d.*)$/.test(after)
    );
  if (!/ed$/.test(word) || !/^(?:,|and|then)$/.test(before) || !/^(?:in|for|hard|until|till|with|\d.*)$/.test(after))
    return false;
  // Where a sentence bids, a form that ends so only says how something is.
  return actionOf(tokens.slice(0, i).findLast((t) => t.hard)?.word ?? tokens[0]?.word ?? "") === null;
}

/** "In saucepan melt butter": nothing but where stands before it. */
function isWhereOnly(tokens: readonly Token[], i: number): boolean {
  const from = tokens.slice(0, i).findLastIndex((t) => t.hard || t.word === ",") + 1;
  const before = tokens
    .slice(from, i)
    .map((t) => t.word)
    .join(" ");
  return /^(?:then |meanwhile |and )*(?:in|into|on|over|using) (?:[a-z-]+ ){0,3}(?:saucepan|pan|pot|skillet|bowl|wok|dish|casserole|oven|blender|processor|heat|oil|butter)$/.test(
    before,
  );
}
/** Verbs that stand in lists of foods. */
const FOODS_TOO = new Set(["flour", "salt", "batter", "bread", "crumb", "butter", "oil"]);
/** Whether the sentence before this word begins by bidding. */
function bids(tokens: readonly Token[], i: number): boolean {
  const from = tokens.slice(0, i).findLastIndex((t) => t.hard) + 1;
  return from < i && actionOf(tokens[from]?.word ?? "") !== null;
}
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
export const GOES =
  /(?:^|\s)(?:on the side|alongside|in|back in|go in|goes in|went in|back|on top|over|out)(?: bit by bit| slowly| gradually| again| now| a little at a time)?$/;
/** A stretch of a sentence: a verb with what stands behind it, or what stands there without one. */
interface Piece {
  readonly words: readonly Token[];
  readonly verb: string | null;
  readonly action: Action;
  /** Something follows in the same sentence. */
  readonly more: boolean;
  /** Counted, with a colon and a verb behind it: what that verb is about. */
  readonly before: boolean;
  /** A name with a colon behind it, and a verb behind that. */
  readonly named: boolean;
}
/** A sentence as its stretches, each beginning with what is done or with what goes somewhere. */
export function piecesOf(text: string): Piece[] {
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
    } else if (
      t.word === "at" &&
      tokens[i + 1]?.word === "the" &&
      tokens[i + 2]?.word === "end" &&
      tokens[i - 1]?.soft === true
    ) {
      starts.push({ at: i + 3, verb: false });
      inMark = false;
    } else if (
      t.word === "," &&
      starts.at(-1)?.verb === false &&
      TIME_UNITS.test(tokens[i - 1]?.word ?? "") &&
      !/^(?:until|till|turning|stirring|covered|or|so|while|then|and|\d.*)$/.test(tokens[i + 1]?.word ?? "")
    ) {
      // "Butter, leeks 8 min, garlic 1 min."
      starts.push({ at: i + 1, verb: false });
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
    const next = starts.slice(n + 1).find((s) => s.at === end);
    const verbNext = starts.some((s) => s.verb && s.at === end);
    const before =
      !start.verb &&
      n === 0 &&
      verbNext &&
      next !== undefined &&
      tokens[next.at - 1]?.word === ":" &&
      words.some((w) => /^\d/.test(w.word));
    const named = !start.verb && n === 0 && verbNext && !before && words.length < 6 && tokens[end - 1]?.word === ":";
    if (start.verb)
      return [
        {
          before,
          named,
          words,
          verb: first,
          action: actionOf(first) ?? actionOfForm(first) ?? "none",
          more: n + 1 < starts.length,
        },
      ];
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
      return [{ before, named, words: moved, verb: words[told]?.word ?? "", action, more: n + 1 < starts.length }];
    }
    return [{ before, named, words, verb: null, action: "add", more: n + 1 < starts.length }];
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
