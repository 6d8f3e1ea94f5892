import type { MethodStep } from "../method/method";
import { singular } from "../lines/lexicon";
import { type Clause, clausesOf, type Word } from "../method/clauses";
import { BY_VERB, carryOut } from "./carryOut";
import { type Doing, isOnlyFat, settleWaiting } from "./doing";
import type { Kitchen } from "./machine";
import { holderOf, isEmpty } from "./pot";
import { isNamedIn } from "./calling";
import type { Mention } from "./references";

/** No cooking at all: what is told beside the method. */
const BESIDE =
  /^(?:notes?\s*:|tips?\s*:|nb\b|hint|edit|ps\b|variation|to store|storage|don't|do not|never|if you use|the (?:filling|log|sauce|rest) keeps\b)/i;
/** Begins what is told of other ways and of keeping. */
const SAYS_ONLY = /\b(?:keeps for|for up to \d+ (?:days|months)|can be made|freezes well|better still)\b/i;

/** Carries out a method sentence by sentence. Work is bounded by its words: each clause is carried out once. */
export function run(k: Kitchen, method: readonly MethodStep[]): void {
  const sections = new Set(k.stock.flatMap((s) => s.section));
  const texts0 = withoutAnnouncements(k, layersRepeated(method.map((m) => m.text)));
  const all = method.map((m, i) =>
    BESIDE.test(m.text.trim()) || SAYS_ONLY.test(m.text)
      ? []
      : clausesOf(underItsName(texts0[i] as string, sections), i),
  );
  const flat = all.flat();
  const texts = flat.map((c) => c.text);
  method.forEach((_, i) => k.told.set(i, all[i]?.length === 0 ? "no-cooking" : "open"));
  flat.forEach((clause, i) => {
    k.sentence = clause.sentence;
    k.said = method[clause.sentence]?.text.toLowerCase() ?? "";
    k.toTable = flat
      .slice(i + 1)
      .filter((c) => c.action === "serve" || c.action === "stuff" || c.action === "top")
      .map((c) => c.text);
    k.later = texts.slice(i + 1).join(" . ");
    for (const h of clause.heats) {
      if (h.of === "oven") k.ovenC = h.tempC;
      if (h.of === "oil") k.oilC = h.tempC;
    }
    const own = spokenOf(k, clause, flat[i + 1]);
    const d: Doing = {
      k,
      // "Cover and bake": what was covered stays so.
      clause: { ...clause, covered: clause.covered || isCovered(flat[i - 1], clause) },
      mentions: withPronouns(k, clause, own),
      next: flat[i + 1] ?? null,
      later: texts.slice(i).join(" . "),
      by: BY_VERB,
    };
    carryOut(d);
    k.lastText = clause.text;
    k.focus =
      clause.action === "none" ? own.filter((m) => m.role === "object" && (m.is === "line" || m.ofMeat === true)) : [];
  });
  method.forEach(({ text }, i) => {
    if (k.told.get(i) === "no-cooking" && isCraft(text, all[i] ?? [])) k.told.set(i, "note");
  });
  const last = flat.at(-1);
  if (last === undefined) return;
  const end: Doing = { k, clause: last, mentions: [], next: null, later: "", by: BY_VERB };
  for (const pot of k.pots) {
    if (pot.meat !== null || pot.left <= 0.001) continue;
    // Fat that was heated for the meat alone: the route brings its own.
    if (k.heatedMeat && pot.steps.length === 0 && isOnlyFat(k, pot)) {
      k.giveBack(pot);
      pot.joining = [];
      continue;
    }
    settleWaiting(end, pot);
    k.settle(pot);
  }
}

const FORBIDS_OR_TELLS = /^(?:notes?\s*:|tips?\s*:|nb\b|hint|don't|do not|never)/i;
/** Verbs of craft: how it is watched and judged. */
const CRAFT = new Set("know check taste use go keep wait trust remember watch turn-over skim need get".split(" "));
/** What is no cooking and yet worth hearing while one cooks: "go by the sound", "it will look wet at first", "do not stir". */
function isCraft(text: string, clauses: readonly Clause[]): boolean {
  if (SAYS_ONLY.test(text)) return false;
  if (clauses.length === 0) return FORBIDS_OR_TELLS.test(text.trim());
  return clauses.every(
    (c) => (c.action === "none" && CRAFT.has(c.verb)) || (c.verb === "" && c.action === "add" && c.text.includes(" ")),
  );
}

/** "Heat half the oil. Fry half the dumplings. Repeat with the rest": in the end all of them. */
const halvesRepeated = (texts: readonly string[]): string[] =>
  texts.map((text, i) =>
    /\brepeat (?:this )?with (?:the )?(?:rest|remaining|other)/i.test(texts.slice(i, i + 4).join(" "))
      ? text.replace(/\b(?:half|a third|a quarter|one third|some) (?:of )?(?=the\b|your\b)/gi, "")
      : text,
  );
/** "Spread a third of the sauce, cover with 4 sheets; repeat twice": in the end all of it lies there. */
const layersRepeated = (given: readonly string[]): string[] =>
  halvesRepeated(given).map((text, i, texts) =>
    /\brepeat/i.test(`${text} ${texts[i + 1] ?? ""}`)
      ? text
          .replace(/\b(?:a |an |one |1 )?(?:third|half|quarter) (?:of )?(?=the\b|your\b)/gi, "")
          .replace(/\b(?:with )(?:a layer of )?\d+ (?=\w+ ?(?:sheets|slices|layers)\b)/gi, "with ")
          .replace(
            /\b(?:\d+|two|three|four|five|six) (?:sheets|slices) (?:of )?(?=(?:the )?(?:lasagn|pasta|aubergine|potato|courgette))/gi,
            "",
          )
      : text,
  );
const ANNOUNCED =
  /^\s*(?:meanwhile|now|next|first|then)?,?\s*(?:to )?(?:make|prepare|start)(?: with)? (?:the|your) ([a-z ]{3,30}?)(?: first)?\s*[.!]?\s*$/i;
/** "Make the white sauce. Melt the butter, …": announced, and then told how. */
function withoutAnnouncements(k: Kitchen, texts: readonly string[]): string[] {
  const out = [...texts];
  texts.forEach((text, i) => {
    const what = ANNOUNCED.exec(text)?.[1];
    const next = texts[i + 1];
    if (what === undefined || next === undefined) return;
    const words = what.split(" ").map(singular);
    const lines = k.stock.filter((s) => s.section.length > 0 && words.some((w) => s.section.includes(w)));
    const later = texts
      .slice(i + 1, i + 5)
      .join(" ")
      .toLowerCase();
    const told = lines.filter((s) => isNamedIn(s, later));
    if (lines.length > 0 && told.length * 2 < lines.length) return;
    out[i] = "";
    out[i + 1] = `For the ${what}: ${next.slice(0, 1).toLowerCase()}${next.slice(1)}`;
  });
  return out;
}
/** "RED onion and garlic in oil": what stands under that heading. */
const underItsName = (text: string, sections: ReadonlySet<string>): string => {
  const first = /^\s*(\p{Lu}{2,})[:\s]+/u.exec(text);
  return first?.[1] !== undefined && sections.has(singular(first[1].toLowerCase()))
    ? `For the ${first[1].toLowerCase()}: ${text.slice(first[0].length)}`
    : text;
};
const isCovered = (before: Clause | undefined, clause: Clause): boolean =>
  before !== undefined && before.sentence === clause.sentence && (before.covered || before.action === "cover");
/** "Boil and mash the potatoes": a verb alone is about what the next one names. */
function spokenOf(k: Kitchen, clause: Clause, next: Clause | undefined): readonly Mention[] {
  const own = k.mentions(clause);
  // "For the potatoes: parboil": what it is about is what is worked on.
  if (clause.about !== "" && clause.about !== k.about) {
    k.about = clause.about;
    const words = clause.about.split(" ").map((word): Word => ({ word, singular: singular(word), role: "object" }));
    const about = own.some((m) => m.role === "object") ? [] : k.mentions({ words, about: "", verb: "" });
    const lines = about.filter(
      (m) => m.is === "line" && k.line(m.line).names.some((n) => words.some((w) => w.singular === n.at(-1))),
    );
    if (lines.length > 0) return [...own, ...lines];
  }
  const says = clause.words.some((w) => /^[a-z]{2,}/.test(w.word) && !/^(?:and|then|well|again)$/.test(w.word));
  if (own.length > 0 || says || next === undefined || next.sentence !== clause.sentence || clause.verb === "")
    return own;
  return clause.minutes === null && / and$|,$/.test(clause.text.trim()) && HEATS_OR_CUTS.test(clause.action)
    ? k.mentions(next).filter((m) => m.role === "object")
    : own;
}
const HEATS_OR_CUTS = /^(?:boil|steam|rinse|drain|press|cut|toast|bake|soak)$/;
const PRONOUN = /^(?:it|them|this|these|they)$/;
/** "Wash the lentils, boil them": of what was only named; "turn the tofu in it": of the pot in hand. */
function withPronouns(k: Kitchen, clause: Clause, own: readonly Mention[]): readonly Mention[] {
  const said = clause.words.find((w) => PRONOUN.test(w.word) && w.role !== "mark");
  // "Split the buns, toast lightly."
  const isBare =
    own.length === 0 && clause.words.every((w) => !/^[a-z]{3,}/.test(w.word) || /ly$|^(?:then|and|well)$/.test(w.word));
  if (
    said === undefined &&
    isBare &&
    /^(?:toast|fry|grill|bake|boil|steam|slice|cut|warm)$/.test(clause.action) &&
    k.focus.length > 0
  )
    return k.focus.map((m): Mention => ({ ...m, role: "object" }));
  if (said === undefined) return own;
  if (k.focus.length > 0 && !own.some((m) => m.role === said.role))
    return [...own, ...k.focus.map((m): Mention => ({ ...m, role: said.role }))];
  const here = k.here === null ? null : holderOf(k.here);
  if (said.role === "object" || here === null || isEmpty(here) || own.some((m) => m.is === "pot" && m.pot === here))
    return own;
  return own.some((m) => m.role === "object")
    ? [...own, { is: "pot", pot: here, role: said.role, share: { is: "plain" }, at: 500 }]
    : own;
}
