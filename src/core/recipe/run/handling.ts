import type { StepKind } from "../../process/registry";
import {
  addStep,
  bringAlong,
  type Doing,
  minutesOf,
  named,
  potsOf,
  type Rule,
  settleWaiting,
  told,
  workedOn,
} from "./doing";
import { heated } from "./heating";
import { pourOff } from "./kept";
import { mixed } from "./mixing";
import { holderOf, isEmpty, type Item, linesIn, type Pot } from "./pot";
import { strained } from "./straining";

/** One operation on what is in a pot. */
export const on =
  (kind: StepKind, settings: (d: Doing, pot: Pot) => Record<string, unknown> | null = () => ({})): Rule =>
  (d) => {
    const pot = workedOn(d);
    if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
    const set = settings(d, pot);
    if (set === null) return told(d, "no-cooking");
    if (pot.waiting.length > 0 && pot.steps.length === 0 && kind !== "cut" && kind !== "mash" && kind !== "pulse")
      addStep(d, pot, "weigh");
    addStep(d, pot, kind, set);
  };
/** To stand: of what has just been soaked, stirred to a gel or a batter, or marinated it is that step's time. */
export function leaves(d: Doing): void {
  const { k, clause } = d;
  const pot = k.here === null ? null : holderOf(k.here);
  const target = named(d, "object").length > 0 ? workedOn(d) : pot;
  if (target === null || isEmpty(target)) return told(d, "no-cooking");
  if (clause.verb === "let" && target.steps.length === 0 && /\b(?:soft|soften|brown|colour)\b/.test(clause.text))
    return heated(d, target, "sweat");
  const minutes = minutesOf(d);
  const last = target.steps.at(-1);
  const chilled = /\b(?:fridge|refrigerat|chill|overnight)\w*\b/.test(clause.text) || clause.action === "chill";
  const cools = clause.action === "cool" || /\b(?:to|until|till) cool\b/.test(clause.text);
  if (minutes === null && clause.action === "leave" && !chilled && !(cools && target.hot)) return told(d, "no-cooking");
  if (last !== undefined && target.waiting.length === 0 && minutes !== null) {
    if (["soak", "gel", "marinate"].includes(last.kind)) {
      last.settings = { ...last.settings, minutes, ...(last.kind === "marinate" ? { chilled } : {}) };
      return told(d, "steps");
    }
    if (last.kind === "batter") {
      last.settings = { standMin: minutes };
      return told(d, "steps");
    }
  }
  if (target.waiting.length > 0) settleWaiting(d, target);
  if (minutes !== null && inMarinade(d, target, { minutes, chilled })) return;
  const work = k.workOn(target);
  // "Wrap it in a towel, put a heavy pan on top and leave for 30 minutes."
  const under =
    /\b(?:weigh (?:it |them |the \w+ )?down|heavy|weights?|weighted|books?)\b|\b(?:pan|tins?|plate) on top\b/;
  if (
    minutes !== null &&
    under.test(`${k.lastText} ${clause.text}`) &&
    !isEmpty(work) &&
    [...linesIn(work)].every((l) => k.line(l).foods.every(k.canPress))
  )
    return addStep(d, work, "press", { minutes });
  if (chilled || cools) work.hot = false;
  if (chilled) addStep(d, work, "rest", { minutes: minutes ?? 30, where: "fridge" });
  else if (cools) addStep(d, work, "cool", { minutes: minutes ?? 20, where: "room" });
  else if (work.hot) addStep(d, work, "stand", { minutes: minutes ?? 10 });
  else addStep(d, work, "rest", { minutes: minutes ?? 30, where: "worktop" });
}
const AROMATIC = /^(?:garlic|ginger|chilli|shallot|spring-onion|lemongrass)/;
/** What was put into a cold marinade and is left in it: marinated, the marinade round it. */
function inMarinade(d: Doing, pot: Pot, settings: { readonly minutes: number; readonly chilled: boolean }): boolean {
  const { k } = d;
  const last = pot.steps.at(-1);
  const isLiquid = (i: Item) =>
    i.is !== "pot" &&
    k.foodsOf(i).every((f) => k.isLiquid(f) || ["seasoning", "fat"].includes(k.groupOf(f)) || AROMATIC.test(f));
  const before = pot.steps.slice(0, -1).flatMap((s) => s.items);
  if (last === undefined || last.kind !== "season" || pot.hot || before.length === 0 || !before.every(isLiquid))
    return false;
  if (last.items.some(isLiquid) || !pot.called.has("marinade")) return false;
  pot.steps.pop();
  const food = k.open();
  food.waiting.push(...last.items);
  for (const i of last.items) if (i.is === "pot") i.pot.takenBy = food;
  addStep(d, food, "weigh");
  addStep(
    d,
    food,
    "marinate",
    settings,
    k.take({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 }, food),
  );
  k.here = food;
  return true;
}
/** The list wants it soaked: in three times its mass of water, hot for a short time or cold overnight (common practice). */
export function soakedBefore(d: Doing, pot: Pot): void {
  const [hot] = [...linesIn(pot)].map((l) => d.k.line(l).soakedHot);
  const settings = hot === true ? { waterC: 95, minutes: 30 } : { waterC: 18, minutes: 600 };
  addStep(d, pot, "soak", settings, [{ is: "food", food: "water", massG: 3 * d.k.massIn(pot) }]);
  pot.bathed = true;
}
/** Pours a bath off; on paper or a rack nothing runs that a scale would see. */
export function drains(d: Doing): void {
  const pot = workedOn(d);
  if (pot === null) return told(d, "no-cooking");
  const isSoaked = pot.steps.length === 0 && [...linesIn(pot)].some((l) => d.k.line(l).soaked);
  if (pot.waiting.length > 0) addStep(d, pot, "weigh");
  if (isSoaked) soakedBefore(d, pot);
  if (/\b(?:paper|rack|towel)\b/.test(d.clause.text)) return told(d, pot.steps.length > 0 ? "steps" : "no-cooking");
  if (!pot.bathed) {
    const last = pot.steps.at(-1)?.kind;
    const isBroth = pot.wet && pot.meat === null && (last === "simmer" || last === "reduce");
    if (!isBroth || /\b(?:fat|oil|excess)\b/.test(d.clause.text))
      return told(d, pot.steps.length > 0 ? "steps" : "no-cooking");
    return strained(d, pot, "pieces");
  }
  pourOff(d.k, pot);
  told(d, "steps");
  for (const side of pot.afterDraining.splice(0))
    pot.waiting.push(...d.k.take({ is: "pot", pot: side, role: "object", share: { is: "plain" }, at: 0 }, pot));
}
/** Cuts, tears, shreds or grates what is named; butter that is cut into flour is a dough. */
export function cuts(d: Doing): void {
  // "Tear in the basil."
  if (/^(?:tear|snip|grate|chop) in\b/.test(d.clause.text)) return d.by.add(d);
  // "Cut the butter into the flour."
  const beside = named(d, "into").filter((m) => m.is === "line");
  if (beside.length > 0) return mixed(d);
  // The flesh of what is hollowed out goes its own way, the shells theirs.
  const inside = /^scoop (?:out )?(?:the )?(flesh|inside|middle|pulp)/.exec(d.clause.text)?.[1];
  const hollow = inside === undefined || d.k.here === null ? null : holderOf(d.k.here);
  if (inside !== undefined && hollow !== null && !isEmpty(hollow) && hollow.left > 0.999) {
    const flesh = d.k.open();
    addStep(
      d,
      flesh,
      "weigh",
      {},
      d.k.take({ is: "pot", pot: hollow, role: "object", share: { is: "part", of: FLESH }, at: 0 }, flesh),
    );
    flesh.called.add(inside);
    hollow.called.add("shell");
    return;
  }
  const how = /\btear\b/.test(d.clause.verb)
    ? "tear"
    : /\b(?:shred|pull|flake)\b/.test(d.clause.verb)
      ? "shred"
      : /\bgrate\b/.test(d.clause.verb)
        ? "grate"
        : "cut";
  const pot = workedOn(d);
  if (pot === null) return told(d, "no-cooking");
  const [goal] = potsOf(named(d, "into", "over")).filter((p) => p !== pot && p.left > 0.001);
  addStep(d, pot, "cut", { how, pieceMm: how === "shred" ? 6 : how === "tear" ? 25 : (sizeIn(d.clause.text) ?? 10) });
  for (const name of ["strip", "piece", "shred", "slice", "cube", "slab", "steak", "wedge", "finger", "chunk", "round"])
    if (d.clause.text.includes(name)) pot.called.add(name);
  // "Tear the basil into the sauce."
  if (goal !== undefined && goal.meat === null) {
    goal.waiting.push(...d.k.take({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 }, goal));
    d.k.here = goal;
  }
}
/** So much of what is hollowed out comes out (engineering estimate). */
const FLESH = 0.35;
function sizeIn(text: string): number | null {
  const [, n, under, unit] = /(\d+(?:\.\d+)?)(?:\/(\d+))?\s*-?\s*(mm|cm|inch(?:es)?)\b/.exec(text) ?? [];
  return n === undefined
    ? null
    : Math.max(1, Math.min(100, (Number(n) / Number(under ?? 1)) * (unit === "mm" ? 1 : unit === "cm" ? 10 : 25)));
}
/** Slices what was made; what still lies on the list is cut. */
export function slices(d: Doing): void {
  if (named(d, "object").some((m) => m.is === "line")) return cuts(d);
  const pot = workedOn(d);
  if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
  const thicknessMm = sizeIn(d.clause.text) ?? 10;
  addStep(d, pot, "slice", { thicknessMm, count: 12 });
  pot.called.add("slice");
}
/** Salt and pepper that are tasted, and what is named beside them. */
export function seasons(d: Doing): void {
  const { k } = d;
  const objects = named(d, "object");
  const pot =
    objects.length > 0 && objects.every((m) => m.is === "line" && k.line(m.line).byTaste)
      ? k.here && holderOf(k.here)
      : workedOn(d);
  if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
  bringAlong(d, pot, ["with"]);
  if (pot.meat !== null) return;
  const onTaste = k.stock.filter((s) => s.byTaste && k.isLeft(s.line) && /salt|pepper/.test(s.names.flat().join(" ")));
  pot.waiting.push(
    ...onTaste.filter((s) => !s.foods.includes("salt")).flatMap((s) => k.takeLine(s.line, { is: "rest" }) ?? []),
  );
  const salt = onTaste.find((s) => s.foods.includes("salt"));
  if (salt !== undefined) k.takeLine(salt.line, { is: "rest" });
  if (pot.waiting.length > 0 || salt !== undefined)
    addStep(d, pot, "season", salt === undefined ? {} : { saltTo: 0.009 });
  else told(d, "steps");
}
/** A supermarket block of about 300 g, 100 by 75 mm: its height by what it weighs. */
export function blockOf({ k }: Doing, pot: Pot): { readonly thicknessMm: number } {
  const massG = k.massIn(pot);
  const blocks = Math.max(1, Math.round(massG / 300));
  return { thicknessMm: Math.max(10, Math.min(60, Math.round(massG / blocks / 1.05 / 7.5))) };
}
