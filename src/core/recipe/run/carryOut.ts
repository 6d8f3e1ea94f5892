import type { Action } from "../method/verbs";
import { adds, lifts, pours, puts, soakIn } from "./adding";
import { addStep, bringAlong, type Doing, minutesOf, named, type Rule, told, workedOn } from "./doing";
import { blockOf, cuts, drains, leaves, on, seasons, slices } from "./handling";
import { heats, melts } from "./heating";
import { withMeat } from "./meat";
import { dipped, mixed, shaped } from "./mixing";
import { isEmpty, linesIn } from "./pot";
import type { Mention } from "./references";
import { layers, serves, stuffs, tops } from "./serving";
import { cookInWater } from "./water";

/** What is done by each action. */
export const BY_VERB: Readonly<Record<Action, Rule>> = {
  fry: (d) => heats(d, "fry"),
  sweat: (d) => heats(d, "sweat"),
  "deep-fry": (d) => heats(d, "deep-fry"),
  simmer: (d) => heats(d, "simmer"),
  reduce: (d) => heats(d, "reduce"),
  thicken: (d) => heats(d, "simmer"),
  warm: (d) => heats(d, "warm"),
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
    adds(d);
    const boiling = d.k.here;
    if (boiling === null || boiling.meat !== null || isEmpty(boiling)) return;
    boiling.place = "hob";
    boiling.hot = true;
    boiling.wet ||= boiling.waiting.some((i) => d.k.isWet(i));
  },
  blanch: (d) => heats(d, "blanch"),
  steam: (d) => heats(d, "steam"),
  bake: (d) => heats(d, "bake"),
  grill: (d) => heats(d, "grill"),
  toast: (d) => heats(d, "toast"),
  melt: melts,
  heat: melts,
  add: adds,
  return: adds,
  pour: pours,
  mix: mixed,
  knead: mixed,
  // "Turn down", "turn the heat up", "turning once" do nothing to what is in the pan.
  toss: (d) =>
    (/\b(?:heat|oven)\b/.test(d.clause.text) || /^turn (?:it )?(?:down|up|off|over)\b/.test(d.clause.text)) &&
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
    const by = named(d, "with");
    const isPoured = by.some(
      (m) => m.is === "line" && d.k.line(m.line).foods.some((f) => d.k.isLiquid(f) || f === "water"),
    );
    if (isPoured) return pours(d);
    if (by.length === 0) return told(d, "no-cooking");
    tops({ ...d, clause: { ...d.clause, text: `${d.clause.text} over the top` } });
  },
  drain: drains,
  strain: (d) => told(d, "no-cooking"),
  rinse: on("rinse", () => ({ how: "swirl" })),
  squeeze: (d) => {
    const pot = workedOn(d);
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
    on("press", (x, pot) =>
      isEmpty(pot)
        ? null
        : [...linesIn(pot)].every((l) => x.k.line(l).foods.every(x.k.canPress))
          ? { minutes: minutesOf(x) ?? 30 }
          : null,
    )(d);
  },
  pat: on("pat"),
  freeze: on("freeze", (d, pot) => ({ ...blockOf(d, pot), minutes: minutesOf(d) ?? 720 })),
  thaw: on("thaw", (d, pot) => ({ ...blockOf(d, pot), minutes: minutesOf(d) ?? 1440, how: "fridge" })),
  marinate: (d) => {
    if (
      d.mentions.length > 1 &&
      d.mentions.every(
        (m) =>
          m.is === "line" && d.k.line(m.line).foods.every((f) => ["fat", "grain", "starch"].includes(d.k.groupOf(f))),
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
  none: (d) => told(d, "no-cooking"),
};
const k0 = (d: Doing, m: Mention & { is: "line" }): boolean => d.k.line(m.line).foods.some(d.k.isBoiled);
/** Carries out one clause. */
export function carryOut(d: Doing): void {
  if (!withMeat(d)) BY_VERB[d.clause.action](d);
}
