import type { StepKind } from "../../process/registry";
import { singular } from "../lines/lexicon";
import type { Clause } from "../method/clauses";
import type { Action } from "../method/verbs";
import { type Kitchen, RAW_MIN } from "./machine";
import { holderOf, isEmpty, type Item, linesIn, type Pot } from "./pot";
import type { Mention } from "./references";

/** A clause with what it speaks of, while it is carried out. */
export interface Doing {
  readonly k: Kitchen;
  readonly clause: Clause;
  readonly mentions: readonly Mention[];
  readonly next: Clause | null;
  /** Everything that the sentences from here on say, for what is only decided by what follows. */
  readonly later: string;
  /** What each verb does, for a verb that means another one here. */
  readonly by: Readonly<Record<Action, (d: Doing) => void>>;
}
/** Carries out one clause of an action. */
export type Rule = (d: Doing) => void;
const NOT_FOOD =
  /\b(?:oven|jug|bowl|tray|tin|pan|wok|skillet|hands?|board|machine|processor|blender|heat|lid|grill|edges?|edge|rack|paper|skewers?|steam hole|slits)\b/;
/** A step at the end of a pot: what waits in it goes in, then what is named. */
export function addStep(
  d: Doing,
  pot: Pot,
  kind: StepKind,
  settings: Record<string, unknown> = {},
  items: readonly Item[] = [],
): void {
  pot.steps.push({ kind, items: [...pot.waiting, ...items], settings, sentence: d.clause.sentence });
  pot.waiting = [];
  if (pot.name === "") nameIt(d.k, pot, d.clause);
  told(d, "steps");
}
/** What waits in a pot goes in, by a step of its own where nothing else takes it. */
export function settleWaiting(d: Doing, pot: Pot): void {
  const joining = pot.joining.flatMap((m) => d.k.takePot(m, pot, { is: "plain" }) ?? []);
  pot.joining = [];
  if (pot.wet && pot.hot && !d.clause.offHeat && pot.waiting.some((i) => d.k.isRaw(i)))
    addStep(d, pot, "simmer", { minutes: RAW_MIN }, joining);
  else if (pot.waiting.length + joining.length > 0)
    addStep(d, pot, pot.steps.length === 0 && !pot.hot ? "weigh" : "season", {}, joining);
}
/** Notes what became of the sentence; a step is more than no cooking. */
export function told(d: Doing, what: "steps" | "with-meat" | "no-cooking"): void {
  const before = d.k.told.get(d.clause.sentence);
  if (before !== "steps") d.k.told.set(d.clause.sentence, what);
}
function nameIt(k: Kitchen, pot: Pot, { about }: Clause): void {
  const lines = [...linesIn(pot)].map((l) => k.line(l));
  const sections = lines.map((l) => l.section.join(" ")).filter((s) => s !== "");
  const most = sections.find((s) => sections.filter((o) => o === s).length * 2 > lines.length);
  const words = about !== "" ? about.split(" ") : (most?.split(" ") ?? []);
  // What is only laid together is called by no part of it.
  const isStapleAlone = lines.length > 0 && lines.every((l) => l.foods.every((f) => k.isBoiled(f) || f === "water"));
  const isMade = !isStapleAlone && pot.steps.some((s) => s.items.some((i) => i.is === "line"));
  for (const w of isMade ? words : [])
    if (w.length > 2 && !["serve", "finish", "cook", "layer", "layers", "side", "white", "cold"].includes(w))
      pot.called.add(singular(w));
  if (isMade && words.length > 1) pot.called.add(words.map(singular).join(" "));
  pot.section = most ?? about;
  // Called by what a cook would call it: the dish it lies in, its heading, else the most of what is no liquid and no fat.
  const isNamed = (l: (typeof lines)[number]) =>
    !l.foods.every((f) => k.isLiquid(f) || f === "water" || k.groupOf(f) === "fat");
  const solid = lines.filter(isNamed);
  const biggest = (solid.length > 0 ? solid : lines).toSorted((a, b) => (b.massG ?? 0) - (a.massG ?? 0))[0];
  const inDish = pot.steps[0]?.kind === "layer" && lines.length > 1;
  pot.name = inDish ? "dish" : about || most || biggest?.names[0]?.join(" ") || "";
}
/** The pots that a clause is about, and the lines that it takes from the list, by how they stand to its verb. */
export const named = (d: Doing, ...roles: readonly Mention["role"][]): Mention[] =>
  d.mentions.filter((m) => roles.includes(m.role));
/** The pots among what is spoken of. */
export const potsOf = (mentions: readonly Mention[]): Pot[] => mentions.flatMap((m) => (m.is === "pot" ? [m.pot] : []));
/** All of a pot, as something that is spoken of. */
export const wholeOf = (pot: Pot): Mention & { readonly is: "pot" } => ({
  is: "pot",
  pot,
  role: "object",
  share: { is: "plain" },
  at: 0,
});
/** The middle of the time that a clause names, both sides counted. */
export function minutesOf({ clause: { minutes } }: Pick<Doing, "clause">): number | null {
  if (minutes === null) return null;
  const middle = (minutes.low + minutes.high) / 2;
  return Math.round(middle * (minutes.eachSide ? 2 : 1) * 10) / 10;
}
/** Every food in a pot, with what came in by other pots. */
export const foodsIn = (d: Doing, pot: Pot) => [...linesIn(pot)].flatMap((l) => d.k.line(l).foods);
/** The meats that lie in a pot, as what goes into its next step. */
export const joins = (d: Doing, pot: Pot): Item[] => {
  const items = pot.joining.flatMap((m) => d.k.takePot(m, pot, { is: "plain" }) ?? []);
  pot.joining = [];
  return items;
};
/** What takes up heat in water by itself: pulses, grains, pasta. */
export const isStaple = (d: Doing, pot: Pot): boolean => {
  const foods = foodsIn(d, pot).filter(
    (f) => d.k.groupOf(f) !== "fat" && d.k.groupOf(f) !== "seasoning" && f !== "water",
  );
  return foods.length > 0 && foods.every(d.k.isBoiled);
};
/** Whether this sentence or one after it bakes. */
export const willBake = (d: Doing): boolean =>
  /\b(?:bake|roast|oven|brown it)\b|\b\d{3} ?(?:°|c\b|degrees)|\bmin\w* (?:1[4-9]\d|2[0-6]\d)\b(?! ?(?:g|ml))/.test(
    d.later,
  );
const HEATS_ALL = new Set<Action>(["simmer", "cook", "bake", "boil", "fry", "sweat"]);
function allOfTheList(d: Doing): Pot | null {
  const { k } = d;
  const lines = k.stock.filter(
    (s) =>
      k.isLeft(s.line) &&
      !s.toServe &&
      !s.byTaste &&
      !s.names.some((n) => new RegExp(`\\b${n.at(-1) ?? ""}`).test(d.later.slice(d.clause.text.length))),
  );
  if (lines.length === 0) return null;
  const pot = k.open();
  for (const s of lines)
    pot.waiting.push(...k.take({ is: "line", line: s.line, role: "object", share: { is: "plain" }, at: 0 }, pot));
  pot.joining.push(...k.meats.filter((m) => m.left > 0.999));
  return pot;
}
const HOT_WORK = new Set<Action>(["fry", "sweat", "cook", "deep-fry", "toast", "warm"]);
const PRONOUN = /\b(?:it|them|they|this|these|both|everything|all)\b/;
/** What a clause works on: what it names, else the pot in hand; a new pot for what still lies on the list. */
export function workedOn(d: Doing, roles: readonly Mention["role"][] = ["object"]): Pot | null {
  const { k } = d;
  const objects = named(d, ...roles);
  if (objects.length === 0) {
    const says = d.clause.words
      .filter((w) => w.role === "object")
      .map((w) => w.word)
      .slice(0, 4)
      .join(" ");
    const thing = NOT_FOOD.exec(says);
    const pronoun = PRONOUN.exec(says);
    if (thing !== null && (pronoun === null || pronoun.index > thing.index)) return null;
    if (k.here !== null && !isEmpty(k.here)) return k.workOn(holderOf(k.here));
    // "Simmer for 40 minutes", and nothing was said before: all of the list.
    return k.pots.some((p) => p.meat === null && !isEmpty(p)) || pronoun !== null || !HEATS_ALL.has(d.clause.action)
      ? null
      : allOfTheList(d);
  }
  const pots = [...new Set(potsOf(objects))];
  const lines = objects.filter((m) => m.is === "line");
  if (pots.length === 1 && lines.length === 0) {
    const [one] = pots as [Pot];
    // The fat that was heated for it.
    const pan = k.here;
    const work = besideMeat(k, k.workOn(one));
    if (
      pan !== null &&
      pan !== one &&
      pan.steps.length === 0 &&
      pan.left > 0.999 &&
      isOnlyFat(k, pan) &&
      HOT_WORK.has(d.clause.action)
    ) {
      work.waiting.push(...pan.waiting);
      pan.waiting = [];
    }
    return work;
  }
  // What lies in the pan already takes what is named with it: "fry the onion" in the oil that is hot.
  const fat =
    d.clause.action !== "toast" && k.here !== null && k.here.steps.length === 0 && !k.here.out && isOnlyFat(k, k.here)
      ? k.here
      : null;
  const pot = fat ?? k.open();
  k.here = pot;
  for (const m of objects) {
    if (m.is === "pot" && m.pot.meat !== null && m.pot.left > 0.999) pot.joining.push(m.pot);
    else pot.waiting.push(...k.take(m, pot));
  }
  return pot;
}
/** A pan in which nothing but fat waits. */
export const isOnlyFat = (k: Kitchen, pot: Pot): boolean =>
  pot.waiting.length > 0 &&
  pot.joining.every((m) => m.done) &&
  pot.waiting.every((i) => k.foodsOf(i).every((f) => k.groupOf(f) === "fat"));
/** What stands behind "with", "in", "over" goes in too. */
export function bringAlong(d: Doing, pot: Pot, roles: readonly Mention["role"][]): void {
  for (const m of named(d, ...roles)) {
    if (m.is === "pot" && (m.pot === pot || m.pot.takenBy === pot)) continue;
    if (m.is === "pot" && m.pot.meat !== null && m.pot.left > 0.999) pot.joining.push(m.pot);
    else pot.waiting.push(...d.k.take(m, pot));
  }
}
/** What goes to a meat that a route brings done lies beside it in a pot of its own. */
export function besideMeat(k: Kitchen, pot: Pot): Pot {
  if (pot.meat === null) return pot;
  const next = k.open();
  if (pot.left > 0.999) next.joining.push(pot);
  next.place = "hob";
  next.hot = true;
  return next;
}
/** The vessel that what is added goes into: what "into" and "to" name, else the pot in hand. */
export function into(d: Doing): Pot {
  const { k } = d;
  const [goal] = potsOf(named(d, "into", "over")).filter((p) => p.left > 0.001);
  const objects = new Set(potsOf(named(d, "object")));
  const thePan =
    /\b(?:in|into|to) (?:the|same|this|that)(?: same)? (?:frying )?(?:pan|pot|skillet|wok|casserole|saucepan)\b/.test(
      d.clause.text,
    );
  const pan =
    thePan && goal === undefined
      ? k.pots.findLast(
          (p) =>
            p.place === "hob" &&
            p.left > 0.999 &&
            !p.out &&
            !p.bathed &&
            p.steps.at(-1)?.kind !== "drain" &&
            !objects.has(p) &&
            !isEmpty(p),
        )
      : undefined;
  if (pan !== undefined) return k.workOn(pan);
  if (goal !== undefined && !objects.has(goal)) return goal.meat !== null ? besideMeat(k, goal) : k.workOn(goal);
  if (k.here !== null && k.here.left > 0.999 && !k.here.out && !objects.has(k.here)) return besideMeat(k, k.here);
  // What is in hand itself goes to what was cooked before it; where there is nothing else, it is there already.
  if (k.here !== null && objects.size === 1 && objects.has(k.here) && k.here.left > 0.999 && k.here.meat === null) {
    const { here } = k;
    return k.pots.findLast((p) => p !== here && p.wet && p.left > 0.999 && !p.out) ?? here;
  }
  return k.open();
}
