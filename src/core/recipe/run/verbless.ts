import { type Doing, told, willBake } from "./doing";
import { heated } from "./heating";
import { holderOf, isEmpty, linesIn, type Pot } from "./pot";
import type { Mention } from "./references";
import { layers, tops } from "./layering";
import { cookInWater } from "./water";

/** What a recipe in few words says without a verb, as cooks write on boards and in messages. Common practice of the language. */
type Said = readonly Mention[];

/** "Sauce is 100 g peanut butter, …": in a bowl or pan of its own. */
export function openAbout({ k, clause: { about } }: Doing): void {
  if (about === "" || k.here === null || isEmpty(k.here) || k.here.section === about) return;
  const fresh = k.open(about);
  fresh.section = about;
  fresh.called.add(about);
}

/**
 * Carries out a clause without a verb by what stands in it: its minutes and heat, its dish, its crumbs, its fridge. False where it only
 * names what goes in; a pan of its own may be open by then.
 */
export function verbless(d: Doing, items: Said, beside: Said, all: Said): boolean {
  const done = meant(d, items, beside, all);
  done?.();
  return done !== null;
}
/** What it means beyond going in; null where it means that. */
function meant(d: Doing, items: Said, beside: Said, all: Said): (() => void) | null {
  const { k, clause } = d;
  const { text, minutes } = clause;
  openPan(d);
  const here = k.here === null || isEmpty(k.here) ? null : holderOf(k.here);
  // "15 mins fridge."
  if (minutes !== null && d.mentions.length === 0 && /\b(?:fridge|freezer)\b/.test(text))
    return () => d.by.chill({ ...d, clause: { ...clause, action: "chill" } });
  // "12 balls."
  const shapes = /^\d+ (?:\w+ )?(?:balls|patties|burgers|cakes|rounds|logs|sausages)$/.test(text);
  if (shapes && items.length === 0 && here !== null && !here.hot)
    return () => d.by.shape({ ...d, clause: { ...clause, action: "shape" } });
  // "Flour, soy milk, crumbs": what it is turned in, one after the other.
  if (isCoating(d, all))
    return () =>
      d.by.coat({ ...d, clause: { ...clause, action: "coat" }, mentions: all.map((m) => ({ ...m, role: "with" })) });
  // "Pastry lid."
  if (k.here?.place === "dish" && items.length > 0 && beside.length === 0 && /\b(?:lid|on top|over)$/.test(text))
    return () => tops({ ...d, clause: { ...clause, text: `${text} over the top` } });
  // "300 g rice, the usual": cooked by itself.
  if (minutes === null && k.here?.wet === true && items.length === 1 && isDryStaple(d, items))
    return () => cookedBeside(d, items);
  // "Aubergine, mince, aubergine, white sauce": one over the other.
  if (all.length > 2 && all.every((m) => m.is === "pot") && willBake(d)) return () => layers(d);
  openForSection(d, beside, all);
  if (all.length > 0) return null;
  // "200 °C, 30 minutes."
  if (minutes !== null && isInOven(d) && here !== null && here.left > 0.999)
    return () => (here.meat === null ? heated(d, here, "bake") : told(d, "with-meat"));
  // "Into a pie dish."
  return /^(?:in|into|to) (?:a |an |the )?(?:\w+ ){0,2}(?:dish|tin|tray)\b/.test(text) && willBake(d)
    ? () => layers(d)
    : null;
}
/** "Wok very hot: chillies 20 seconds", "mince and onion in a pan": in another vessel than what is in hand. */
function openPan({ k, clause: { text, minutes } }: Doing): void {
  const { here } = k;
  const last = here?.steps.at(-1)?.kind;
  if (here === null || last === undefined || (here.hot && last !== "bake" && here.place !== "dish")) return;
  const isPan =
    /^(?:wok|pan|frying pan|skillet|pot)\b/.test(text) ||
    /\bin an? (?:\w+ )?(?:pan|pot|wok|skillet|saucepan)\b/.test(text) ||
    (minutes !== null && /\bin (?:the |a bit of |a little |some )?(?:\w+ )?(?:oil|butter)\b/.test(text));
  if (isPan && !/\b(?:it|them)\b/.test(text)) k.open();
}
/** "Butter + flour 2 min": of another heading than what is in hand, in a pan of its own. */
function openForSection({ k, clause: { minutes } }: Doing, beside: Said, all: Said): void {
  const sections = new Set(all.map((m) => (m.is === "line" ? k.line(m.line).section.join(" ") : "")));
  const [section = ""] = sections;
  if (minutes === null || beside.length > 0 || sections.size !== 1 || section === "") return;
  const lines = k.here === null ? [] : [...linesIn(holderOf(k.here))];
  if (lines.length > 0 && !lines.some((l) => k.line(l).section.join(" ") === section)) k.open();
}
function cookedBeside(d: Doing, items: Said): void {
  const before = d.k.here;
  cookInWater({ ...d, mentions: items.map((m) => ({ ...m, role: "object" })) }, "boil");
  d.k.here = before;
}
const isDryStaple = ({ k, clause }: Doing, mentions: Said): boolean =>
  !/\b(?:in|back)\b/.test(clause.text) &&
  mentions.every(
    (m) =>
      m.is === "line" &&
      k.line(m.line).foods.some((f) => /^(?:rice|pasta|quinoa|couscous|bulgur)/.test(f) && !/-cooked$/.test(f)),
  );
/** With its minutes, and with fat or a pan: "onion in a bit of oil 8 min". */
export const isInPan = ({ k, clause }: Doing, pot: Pot): boolean =>
  clause.verb === "" &&
  (/\b(?:oil|butter|pan|wok|pot|hot)\b/.test(clause.text) ||
    pot.waiting.some((i) => k.foodsOf(i).some((f) => k.groupOf(f) === "fat")));
/** An oven's heat stands beside its minutes: "200 °C, 30 minutes", "30 min 200 till risen". */
export const isInOven = ({ clause, k }: Doing): boolean =>
  clause.heats.some((h) => h.of === "oven") ||
  /\boven\b/.test(clause.text) ||
  (k.here?.place === "dish" && /\b(?:1[4-9]\d|2[0-6]\d)\b(?! ?(?:g|ml))/.test(clause.text));
/** What something is coated with, one after the other, with the crumbs last. */
function isCoating({ k }: Doing, mentions: Said): boolean {
  const lines = mentions.filter((m) => m.is === "line");
  const last = lines.at(-1);
  return (
    lines.length > 1 &&
    lines.length === mentions.length &&
    last !== undefined &&
    k.line(last.line).foods.some((f) => /crumb|panko/.test(f)) &&
    lines.some((m) => k.line(m.line).foods.some((f) => /flour|starch/.test(f)))
  );
}
