import type { Action } from "../method/verbs";
import { adds } from "./adding";
import { asWritten, isUnheardOf } from "./asWritten";
import { addStep, bringAlong, type Doing, minutesOf, named, type Rule, told, workedOn } from "./doing";
import { blockOf, cuts, drains, leaves, on, seasons, slices } from "./handling";
import { heated, heats, melts } from "./heating";
import { layers, tops } from "./layering";
import { withMeat } from "./meat";
import { dipped, mixed, shaped } from "./mixing";
import { holderOf, isEmpty, linesIn } from "./pot";
import type { Mention } from "./references";
import { lifts, puts } from "./putting";
import { serves, stuffs } from "./serving";
import { pours, soakIn } from "./soaking";
import { strains } from "./straining";
import { cookInWater } from "./water";

/** What is done by each action. */
const RULES: Readonly<Record<Action, Rule>> = {
  fry: (d) => heats(d, "fry"),
  sweat: (d) => heats(d, "sweat"),
  "deep-fry": (d) => heats(d, "deep-fry"),
  simmer: (d) => heats(d, "simmer"),
  reduce: (d) => heats(d, "reduce"),
  thicken: (d) => heats(d, "simmer"),
  warm: (d) => heats(d, /\bthick/.test(d.clause.text) ? "simmer" : "warm"),
  cook: (d) => heats(d, "cook"),
  boil: (d) => heats(d, "boil"),
  bring: (d) => {
    const raw = named(d, "object").some((m) =>
      m.is === "line"
        ? k0(d, m)
        : m.pot.steps.every((s) => s.kind === "rinse" || s.kind === "weigh") &&
          [...linesIn(m.pot)].some((l) => d.k.line(l).foods.some(d.k.isBoiled)),
    );
    const here = d.k.here;
    const pot =
      named(d, "object").length === 0 &&
      here !== null &&
      !here.wet &&
      here.steps.every((s) => s.kind === "rinse" || s.kind === "weigh") &&
      [...linesIn(here)].some((l) => d.k.line(l).foods.some(d.k.isBoiled));
    if (raw || pot) return cookInWater(d, "boil");
    if (/\btogether\b/.test(d.clause.text)) return mixed(d);
    // "Bring a pan of water to a simmer": for what comes next.
    if (d.mentions.length === 0 && /\b(?:pan|pot|saucepan) of (?:\w+ ){0,3}water\b/.test(d.clause.text)) {
      d.k.boils = true;
      return told(d, "no-cooking");
    }
    adds(d);
    const boiling = d.k.here;
    if (boiling === null || boiling.meat !== null || isEmpty(boiling)) return;
    boiling.place = "hob";
    boiling.hot = true;
    boiling.wet ||= boiling.waiting.some((i) => d.k.isWet(i));
    told(d, "steps");
  },
  blanch: (d) => heats(d, "blanch"),
  steam: (d) => heats(d, "steam"),
  bake: (d) => heats(d, "bake"),
  grill: (d) => heats(d, "grill"),
  toast: (d) => heats(d, "toast"),
  melt: melts,
  heat: melts,
  add: adds,
  return: (d) => {
    adds(d);
    // "Return to the oven for 45 minutes."
    const here = d.k.here === null ? null : holderOf(d.k.here);
    if (
      /\b(?:to|in|into) the oven\b/.test(d.clause.text) &&
      d.clause.minutes !== null &&
      here !== null &&
      !isEmpty(here) &&
      here.meat === null
    )
      heated(d, here, "bake");
  },
  pour: pours,
  mix: mixed,
  knead: mixed,
  // "Turn down", "turn the heat up", "turning once" do nothing to what is in the pan.
  toss: (d) =>
    /\bheat\b/.test(d.clause.text) &&
    d.clause.minutes !== null &&
    d.k.here !== null &&
    d.k.here.hot &&
    d.k.here.meat === null
      ? heated(d, holderOf(d.k.here), d.k.here.wet ? "simmer" : "sweat")
      : (/\b(?:heat|oven)\b/.test(d.clause.text) || /^turn (?:it )?(?:down|up|off|over)\b/.test(d.clause.text)) &&
          d.mentions.length === 0
        ? told(d, "no-cooking")
        : mixed(d),
  mash: (d) => {
    const pot = workedOn(d);
    if (pot === null) return told(d, "no-cooking");
    if (pot.bathed) drains({ ...d, mentions: [] });
    bringAlong(d, pot, ["with"]);
    addStep(d, pot, "mash", {});
    pot.hot = false;
    pot.called.add("mash");
  },
  blend: (d) => {
    const pot = workedOn(d);
    if (pot === null) return told(d, "no-cooking");
    for (const i of pot.waiting.filter((w) => w.is === "line" && d.k.line(w.line).soaked && pot.steps.length === 0)) {
      const side = d.k.open();
      side.waiting.push(i);
      pot.waiting = pot.waiting.filter((w) => w !== i);
      drains({ ...d, mentions: [] });
      pot.waiting.push(...d.k.take({ is: "pot", pot: side, role: "object", share: { is: "plain" }, at: 0 }, pot));
    }
    d.k.here = pot;
    bringAlong(d, pot, ["with", "into"]);
    const smooth = /\b(?:smooth|paste|cream|puree|purée)\b/.test(d.clause.text) && !/\bcoarse\b/.test(d.clause.text);
    addStep(d, pot, "pulse", { to: smooth ? "smooth" : "bits" });
    for (const name of ["paste", "cream", "mix", "mince"]) pot.called.add(name);
    pot.bathed = false;
    pot.hot = false;
  },
  shape: shaped,
  "roll-out": (d) => told(d, "no-cooking"),
  cut: cuts,
  slice: slices,
  soak: soakIn,
  cover: (d) => {
    // "Cover, oven 180, 40 min."
    if (d.clause.minutes !== null && d.clause.heats.some((h) => h.of === "oven")) return heats(d, "bake");
    const by = named(d, "with");
    const isPoured = by.some(
      (m) => m.is === "line" && d.k.line(m.line).foods.some((f) => d.k.isLiquid(f) || f === "water"),
    );
    if (isPoured) return pours(d);
    if (by.length === 0) {
      if (d.k.here !== null && /\bwith (?:\w+ ){0,3}water\b/.test(d.clause.text)) holderOf(d.k.here).inWater = true;
      return told(d, "no-cooking");
    }
    tops({ ...d, clause: { ...d.clause, text: `${d.clause.text} over the top` } });
  },
  drain: drains,
  strain: strains,
  rinse: on("rinse", () => ({ how: "swirl" })),
  squeeze: (d) => {
    // "Squeeze in the lime juice."
    if (
      /^squeeze (?:in|over)\b/.test(d.clause.text) ||
      /\b(?:juice|lemon|lime)\b.*\b(?:in|over|into)\b/.test(d.clause.text)
    )
      return adds(d);
    const isOutOfHere =
      /^(?:squeeze|wring) (?:out )?(?:the |any |all |all the |excess |as much |its |their )*(?:\w+ )?(?:water|liquid|moisture)\b/;
    const pot = workedOn(isOutOfHere.test(d.clause.text) ? { ...d, mentions: [] } : d);
    if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
    const can = [...linesIn(pot)].every((l) =>
      d.k.line(l).foods.every((f) => d.k.canPress(f) || d.k.isLiquid(f) || d.k.groupOf(f) === "seasoning"),
    );
    if (pot.waiting.length > 0) addStep(d, pot, "weigh");
    if (pot.bathed) drains({ ...d, mentions: [] });
    addStep(d, pot, can ? "squeeze" : "pat");
  },
  press: (d) => {
    if (/\btin\b|\bdish\b/.test(d.clause.text)) return layers(d);
    // "Press into the crumbs."
    if (
      named(d, "into", "over").some((m) => m.is === "line" && d.k.line(m.line).foods.some((f) => /crumb|panko/.test(f)))
    )
      return dipped(d);
    on("press", (x, pot) =>
      isEmpty(pot)
        ? null
        : [...linesIn(pot)].every((l) => x.k.line(l).foods.every(x.k.canPress))
          ? { minutes: minutesOf(x) ?? 30 }
          : null,
    )(d);
  },
  // "Pat out": a dough.
  pat: (d) => (/^pat (?:it |them |the \w+ )?(?:out|into)\b/.test(d.clause.text) ? told(d, "no-cooking") : on("pat")(d)),
  freeze: on("freeze", (d, pot) => ({ ...blockOf(d, pot), minutes: minutesOf(d) ?? 720 })),
  thaw: on("thaw", (d, pot) => ({
    ...blockOf(d, pot),
    minutes: minutesOf(d) ?? (blockOf(d, pot).thicknessMm > 30 ? 2880 : 1440),
    how: "fridge",
  })),
  marinate: (d) => {
    if (
      d.mentions.length > 1 &&
      d.mentions.every(
        (m) =>
          m.is === "line" &&
          d.k.line(m.line).foods.every((f) => f === "water" || ["fat", "grain", "starch"].includes(d.k.groupOf(f))),
      )
    )
      return mixed(d);
    const pot = workedOn(d);
    if (pot === null) return told(d, "no-cooking");
    if (pot.waiting.length > 0 && pot.steps.length === 0) addStep(d, pot, "weigh");
    bringAlong(d, pot, ["with", "into"]);
    if (pot.waiting.length > 0)
      addStep(d, pot, "marinate", {
        minutes: minutesOf(d) ?? 10,
        chilled: /\bfridge\b|\bovernight\b/.test(d.clause.text),
      });
    else leaves(d);
  },
  season: seasons,
  coat: dipped,
  brush: dipped,
  leave: leaves,
  cool: leaves,
  chill: leaves,
  stuff: stuffs,
  layer: layers,
  spread: layers,
  top: tops,
  serve: serves,
  "lift-out": lifts,
  put: puts,
  none: (d) => {
    // "Bring up, skim, 1 h 15 min barely moving."
    const here = d.k.here === null ? null : holderOf(d.k.here);
    if (d.clause.verb === "wait") return leaves(d);
    if (
      /^(?:skim|continue|keep)$/.test(d.clause.verb) &&
      d.clause.minutes !== null &&
      here !== null &&
      here.wet &&
      here.meat === null
    )
      return heated(d, here, "simmer");
    told(d, "no-cooking");
  },
};
const k0 = (d: Doing, m: Mention & { is: "line" }): boolean => d.k.line(m.line).foods.some(d.k.isBoiled);
/** A verb may mean another one here, and that one a third; deeper than this nobody means anything by it, and the sentence stays open. */
const MOST_MEANINGS = 8;
const bounded =
  (rule: Rule): Rule =>
  (d) => {
    if (d.k.meanings >= MOST_MEANINGS) return;
    d.k.meanings += 1;
    rule(d);
    d.k.meanings -= 1;
  };
/** What is done by each action, for a verb that means another one here; bounded. */
export const BY_VERB = Object.fromEntries(
  Object.entries(RULES).map(([action, rule]) => [action, bounded(rule)]),
) as Readonly<Record<Action, Rule>>;
/** Carries out one clause. */
export function carryOut(d: Doing): void {
  if (isUnheardOf(d)) asWritten(d);
  else if (!withMeat(d)) BY_VERB[d.clause.action](d);
}
