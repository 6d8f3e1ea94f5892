import { isUnitWord } from "../lines/readAmount";
import {
  type Callable,
  CLASSES,
  EVERYTHING,
  IN_HAND,
  KIND_HEADS,
  NEUTRAL,
  ONLY_ONE,
  plain,
  SIMMERS,
  VAGUE,
} from "./calling";
import type { Clause, Role, Word } from "../method/clauses";
import { linesIn, type Pot } from "./pot";

/** How much of it a clause takes. */
export type Share =
  | { readonly is: "part"; readonly of: number }
  | { readonly is: "rest" }
  | { readonly is: "grams"; readonly words: string }
  | { readonly is: "plain" };
/** What a clause speaks of: a line, or something that an earlier clause made. */
export type Mention = { readonly role: Role; readonly share: Share; readonly at: number } & (
  | { readonly is: "line"; readonly line: number }
  /** `ofMeat`: the meat was named, and the pot is where it lies. */
  | { readonly is: "pot"; readonly pot: Pot; readonly ofMeat?: true }
);

const RUN = 4;
interface Candidate {
  readonly mention:
    Omit<Extract<Mention, { is: "line" }>, "role" | "share" | "at"> | { readonly is: "pot"; readonly pot: Pot };
  readonly length: number;
  readonly strength: number;
}

/** Everything that a clause speaks of, in its order. */
export function mentionsIn(
  { words, about, verb }: Pick<Clause, "words" | "about" | "verb">,
  lines: readonly Callable[],
  pots: readonly Pot[],
  isLeft: (line: number) => boolean,
  hand: {
    readonly here: Pot | null;
    readonly isSaid: (line: number, words: string) => boolean;
    /** A clause further on brings it to the table or lays it on top. */
    readonly comesLater: (c: Callable) => boolean;
  },
): Mention[] {
  const found: Mention[] = [];
  const text = words.map((w) => w.word);
  const tokens = words.map((w) => plain(w.word));
  const sectionWords = about === "" ? [] : about.split(/\s+/).map(plain);
  const verbs = [verb, ...sectionWords];
  const inAbout = (c: Callable) => c.section.some((w) => verbs.includes(w));
  for (let i = 0; i < words.length; i++) {
    const { role } = words[i] as Word;
    if (role === "mark") continue;
    // "In boiling water", "under cold water", where the list has another water.
    if (
      tokens[i] === "water" &&
      /^(?:boiling|hot|cold|warm|just-boiled)$/.test(text[i - 1] ?? "") &&
      /^(?:in|under|into)$/.test(text[i - 2] ?? "") &&
      !lines.some((c) => isLeft(c.line) && c.names.some((n) => n.includes("water") && n.includes(tokens[i - 1] ?? "")))
    )
      continue;
    // Water from the tap is on no list: "in plenty of cold water".
    if (
      tokens[i] === "water" &&
      /\b(?:plenty of|lots of|fresh|salted|simmering|pan of|pot of|bowl of|splash of|dash of|drop of|little|bit of|cup of the)\b/.test(
        text.slice(Math.max(0, i - 4), i).join(" "),
      )
    )
      continue;
    // "The rest of the salad": what still lies under that heading.
    const rest = lines.filter((c) => c.section.includes(tokens[i] as string) && isLeft(c.line));
    if (rest.length > 0 && shareBefore(text, i).is === "rest") {
      for (const c of rest) found.push({ is: "line", line: c.line, role, share: { is: "plain" }, at: i });
      continue;
    }
    // What stands under the heading in hand is meant before what stands elsewhere.
    const candidates = candidatesAt(tokens, i, lines, pots, isLeft).map((c) => {
      const line = c.mention.is === "line" ? c.mention.line : null;
      const near =
        line !== null && sectionWords.length > 0 && isLeft(line) && lines.some((l) => l.line === line && inAbout(l));
      return near ? { ...c, strength: c.strength + 3 } : c;
    });
    const best = Math.max(0, ...candidates.map((c) => c.length * 10 + c.strength));
    if (best > 0) {
      const top = candidates.filter((c) => c.length * 10 + c.strength === best);
      const share = shareBefore(text, i);
      const both = /^(?:both|two|2)$/.test(text[i - 1] ?? "") || /^both$/.test(text[i - 2] ?? "");
      const length = top[0]?.length ?? 1;
      const isSame = (c: Candidate) =>
        share.is === "grams" && c.mention.is === "line" && hand.isSaid(c.mention.line, share.words);
      const ofMix = /^(?:mix|mixture)$/.test(tokens[i + length] ?? "")
        ? candidates.filter((c) => c.length === length && c.mention.is === "line" && !isLeft(c.mention.line))
        : [];
      const one =
        ofMix.length > 0
          ? ofMix.slice(0, 1)
          : /s$/.test(text[i + length - 1] ?? "") && isOneSort(top, lines, isLeft) && share.is === "plain"
            ? top
            : both
              ? candidates.filter((c) => c.length === length && c.strength >= 4 && c.mention.is === "line")
              : choose(top, lines, isLeft, (c) => inAbout(c), isSame, hand.here?.section ?? "");
      for (const c of one) found.push({ ...c.mention, role, share, at: i });
      i += (top[0]?.length ?? 1) - 1;
      // "Half the lentil sauce": one thing, the sauce that the lentils are in.
      const isIn = top.some((c) => c.mention.is === "line" && !isLeft(c.mention.line));
      if (isIn && IN_HAND.has(tokens[i + 1] ?? "")) i += 1;
      continue;
    }
    const word = tokens[i] as string;
    // "Add the prawns to the soup": to what simmers, not all that still stands under that heading.
    const simmers = SIMMERS.test(word)
      ? pots.findLast(
          (p) =>
            p.wet && p.left > 0.999 && !p.out && lines.some((c) => c.section.includes(word) && linesIn(p).has(c.line)),
        )
      : undefined;
    if (simmers !== undefined && shareBefore(text, i).is !== "rest") {
      found.push({ is: "pot", pot: simmers, role, share: shareBefore(text, i), at: i });
      continue;
    }
    // "Stir the glaze together": all that stands under that heading.
    const under = lines.filter((c) => c.section.includes(word) && isLeft(c.line));
    // "Roast" is the one under that heading, not "roast potatoes".
    const just = under.filter((c) => c.section.length === 1);
    const ofSection = just.length > 1 ? just : under;
    if (ofSection.length > 1 && !found.some((f) => f.is === "line" && ofSection.some((c) => c.line === f.line))) {
      for (const c of ofSection) found.push({ is: "line", line: c.line, role, share: { is: "plain" }, at: i });
      continue;
    }
    if (found.some((f) => f.is === "line" && f.at === i - 1 && ofSection.some((c) => c.line === f.line))) continue;
    const ofClass = CLASSES[word];
    // "Tipping off any excess fat": what ran out, none of the list.
    if (word === "fat" && /^(?:excess|any|rendered|surplus|off|spare)$/.test(text[i - 1] ?? "")) continue;
    if (ofClass !== undefined) {
      for (const c of lines)
        if (isLeft(c.line) && ofClass(c) && !found.some((f) => f.is === "line" && f.line === c.line))
          found.push({ is: "line", line: c.line, role, share: shareBefore(text, i), at: i });
      continue;
    }
    const wet = SIMMERS.test(word) ? pots.findLast((p) => p.wet && p.left > 0.999 && !p.out) : undefined;
    // "Filling in a dish": what simmered, not the dough that was made since.
    const filled =
      word === "filling" && hand.here !== null && !hand.here.wet
        ? pots.findLast((p) => p.wet && p.left > 0.999)
        : undefined;
    // "Pour in the sauce": the one that was stirred together in a bowl.
    const stirred =
      word === "sauce" && /^(?:pour|add|stir|tip|return)$/.test(verb) && hand.here?.hot === true
        ? pots.findLast(
            (p) => !p.hot && p.left > 0.999 && p !== hand.here && p.steps.length === 1 && p.steps[0]?.kind === "weigh",
          )
        : undefined;
    // "The rest of the sauce": of the one that was begun.
    const begun = shareBefore(text, i).is === "rest" ? pots.findLast((p) => p.left > 0.01 && p.left < 0.99) : undefined;
    // "Pile the filling down the centre" of the pastry in hand: what was made before it.
    const { here } = hand;
    const forShell =
      here !== null && /^(?:filling|mixture|mix|stuffing)$/.test(word) && isShell(here, lines)
        ? pots.findLast(
            (p) => p !== here && p.left > 0.999 && p.kept === null && p.steps.length > 0 && !isShell(p, lines),
          )
        : undefined;
    const held = begun ?? stirred ?? wet ?? forShell ?? filled ?? hand.here;
    if (
      (IN_HAND.has(word) || SIMMERS.test(word)) &&
      held !== null &&
      ofSection.length === 0 &&
      !(word === about && i === 0)
    )
      found.push({ is: "pot", pot: held, role, share: shareBefore(text, i), at: i });
  }
  const intoDish =
    /\binto? (?:a|an|the|your) (?:\w+ ){0,2}(?:dish|tin|bowl|plate)\b/.test(text.join(" ")) && hand.here?.hot === true;
  const bidden = words.filter((w) => w.role !== "mark").map((w) => w.word);
  if (EVERYTHING.test(bidden.join(" ")) && !intoDish) {
    const role = words.find((w) => /^(?:everything|ingredient|lot|rest)/.test(w.singular))?.role ?? "object";
    const left = lines.filter((c) => isLeft(c.line) && !hand.comesLater(c));
    const meant = left.filter((c) => c.section.some((w) => tokens.includes(w) || sectionWords.includes(w)));
    const bare = left.filter((c) => c.section.length === 0);
    const near = left.filter((c) => hand.here !== null && c.section.join(" ") === hand.here.section);
    const first = left.filter((c) => c.section.join(" ") === left[0]?.section.join(" "));
    for (const c of [meant, bare, near, first].find((those) => those.length > 0) ?? [])
      if (!found.some((f) => f.is === "line" && f.line === c.line))
        found.push({
          is: "line",
          line: c.line,
          role: role === "mark" ? "object" : role,
          share: { is: "rest" },
          at: 999,
        });
  }
  // Said twice, the one with its amount counts: "tempeh satay, 300 g tempeh".
  return found.flatMap((f, i) => {
    if (found.findIndex((g) => same(f, g)) !== i) return [];
    const said = f.share.is === "plain" ? found.find((g) => same(f, g) && g.share.is === "grams") : undefined;
    return [said ?? f];
  });
}
const SHELLS = /^(?:pastry|filo|wrapper|tortilla|dough|bun|case|sheet|bread)$/;
/** Pastry, wrappers and the like with nothing in them. */
const isShell = (pot: Pot, lines: readonly Callable[]): boolean => {
  const inIt = [...linesIn(pot)].flatMap((l) => lines.find((c) => c.line === l) ?? []);
  const isOnIt = (c: Callable) => c.group === "fat" || c.group === "liquid" || c.group === "seasoning";
  return (
    inIt.some((c) => c.names.some((n) => n.some((w) => SHELLS.test(w)))) &&
    inIt.every((c) => isOnIt(c) || c.names.some((n) => n.some((w) => SHELLS.test(w))))
  );
};
const same = (a: Mention, b: Mention): boolean =>
  a.is === "line" ? b.is === "line" && a.line === b.line : b.is === "pot" && a.pot === b.pot;

function candidatesAt(
  tokens: readonly string[],
  i: number,
  lines: readonly Callable[],
  pots: readonly Pot[],
  isLeft: (l: number) => boolean,
): Candidate[] {
  const all: Candidate[] = [];
  for (const c of lines)
    for (const name of c.names) {
      const length = runOf(tokens, i, name);
      if (length === 0) continue;
      const said = tokens.slice(i, i + length);
      // "Paste in, 1 min": the only paste there is.
      const only =
        said.length === 1 &&
        ONLY_ONE.has(said[0] as string) &&
        isLeft(c.line) &&
        lines.filter((o) => o.names.some((n) => n.at(-1) === said[0])).length === 1;
      if (!only && said.every((w) => VAGUE.has(w))) continue;
      const isHead = said.at(-1) === name.at(-1);
      // "Lamb" of "lamb stock" is called so only where nothing else is.
      const whole = length >= name.filter((w) => !NEUTRAL.has(w)).length;
      const weak = !isHead && KIND_HEADS.has(name.at(-1) ?? "") ? 5 : 0;
      all.push({
        mention: { is: "line", line: c.line },
        length,
        strength: (isHead ? 4 : 0) + (whole ? 2 : 0) + (isLeft(c.line) ? 1 : 0) - weak,
      });
    }
  for (const pot of pots)
    for (const name of pot.called) {
      const parts = name.split(" ");
      if (parts.every((w, k) => tokens[i + k] === w))
        all.push({ mention: { is: "pot", pot }, length: parts.length, strength: 5 });
    }
  return all;
}
/** How many words from here on are words of a name, in its order. */
function runOf(tokens: readonly string[], i: number, name: readonly string[]): number {
  let at = -1;
  let length = 0;
  while (length < RUN) {
    const next = name.indexOf(tokens[i + length] as string, at + 1);
    if (next < 0) break;
    at = next;
    length++;
  }
  return length;
}
/** "The beans": kidney, black and pinto beans under one heading, none of them used yet. */
function isOneSort(top: readonly Candidate[], lines: readonly Callable[], isLeft: (l: number) => boolean): boolean {
  const those = top.flatMap(({ mention }) =>
    mention.is === "line" ? (lines.find((l) => l.line === mention.line) ?? []) : [],
  );
  return (
    those.length > 1 &&
    those.length === top.length &&
    those.every((c) => isLeft(c.line) && c.group === "pulse" && c.section.join(" ") === those[0]?.section.join(" "))
  );
}
/** Of what is called alike what is left, and of that what stands under the heading that the clause is about; the first. */
function choose(
  top: readonly Candidate[],
  lines: readonly Callable[],
  isLeft: (l: number) => boolean,
  inAbout: (c: Callable) => boolean,
  isSame: (c: Candidate) => boolean,
  section: string,
): readonly Candidate[] {
  if (top.length < 2) return top;
  const same = top.filter(isSame);
  if (same.length > 0) return same.slice(0, 1);
  const lineOf = (c: Candidate) =>
    c.mention.is === "line" ? (lines.find((l) => c.mention.is === "line" && l.line === c.mention.line) ?? null) : null;
  const pots = top.filter((c) => c.mention.is === "pot");
  const about = top.filter((c) => {
    const line = lineOf(c);
    return line !== null && inAbout(line);
  });
  const left = (about.length > 0 ? about : top).filter((c) => c.mention.is === "line" && isLeft(c.mention.line));
  const near = left.filter((c) => section !== "" && lineOf(c)?.section.join(" ") === section);
  return [near[0] ?? left[0] ?? pots.at(-1) ?? (top[0] as Candidate)];
}

const NUMBER = /^\d+(?:\.\d+)?(?:\/\d+)?$/;
/** What stands before a name of how much of it is meant: "half the", "1 tbsp of the", "the rest of the". */
function shareBefore(text: readonly string[], i: number): Share {
  const before = text.slice(Math.max(0, i - 6), i).join(" ");
  const near = before.split(/[,;]| with | in | over | on | into /).at(-1) ?? before;
  if (/\ball but\b/.test(before)) return { is: "rest" };
  if (
    /\b(?:rest of|remaining|remainder of|other half of|the last of|left over)\b/.test(near) ||
    /\bremaining\b/.test(near)
  )
    return { is: "rest" };
  if (/\b(?:2|two) thirds\b|\b0\.67 of\b/.test(near)) return { is: "part", of: 2 / 3 };
  if (/\bhalf\b/.test(near)) return { is: "part", of: 0.5 };
  if (/\bmost of\b/.test(near)) return { is: "part", of: 0.7 };
  if (/\bquarter of\b/.test(near)) return { is: "part", of: 0.25 };
  if (/\bthird of\b/.test(near)) return { is: "part", of: 1 / 3 };
  const words = near.trim().split(" ");
  const number = words.findLastIndex((w) => NUMBER.test(w) || /^\d+(?:g|ml|kg|l)$/.test(w));
  if (number >= 0) {
    const said = words.slice(number).filter((w) => w !== "of" && w !== "the");
    if (said.length > 1 ? isUnitWord(said[1] as string) : /[a-z]$/.test(said[0] ?? ""))
      return { is: "grams", words: said.slice(0, 2).join(" ") };
  }
  return { is: "plain" };
}
