import {
  addStep,
  type Doing,
  isOnlyFat,
  named,
  potsOf,
  settleWaiting,
  told,
  wholeOf,
  willBake,
  workedOn,
} from "./doing";
import { holderOf, isEmpty } from "./pot";
import { layers } from "./layering";
import { cookInWater } from "./water";

/** What is lifted out stays a part of its own; what comes next into the pan is another. */
export function lifts(d: Doing): void {
  const { k } = d;
  if (/\b(?:off|from) the heat\b|\blid\b|\bfoil\b/.test(d.clause.text)) return offHeat(d);
  // The meat alone comes out of what it lay on.
  if (named(d, "object").some((m) => m.is === "pot" && m.ofMeat === true && m.pot.meat === null))
    return told(d, "with-meat");
  // It comes out of its fat, which stays in the pan.
  const meats = potsOf(named(d, "object")).filter((p) => p.meat !== null);
  const pan =
    k.here !== null && named(d, "object").length === 0 && k.here.steps.length === 0 && isOnlyFat(k, k.here)
      ? k.here
      : null;
  const out = pan === null ? meats : [...pan.joining];
  if (out.length > 0) {
    for (const p of k.pots) p.joining = p.joining.filter((m) => !out.includes(m));
    if (pan === null && !(k.here !== null && isOnlyFat(k, k.here))) k.here = out[0] ?? k.here;
    return told(d, "with-meat");
  }
  // "Remove the bay leaves": what only gave its taste is fished out, and the rest stays.
  const words = new Set(d.clause.words.filter((w) => w.role === "object").map((w) => w.singular));
  const meant = k.stock.filter((s) => s.names.some((n) => words.has(n.at(-1) ?? "")));
  if (
    meant.length > 0 &&
    meant.every((s) => s.foods.every((f) => k.groupOf(f) === "seasoning" || f === "seaweed-kombu"))
  )
    return told(d, "no-cooking");
  const pot = named(d, "object").length > 0 ? workedOn(d) : k.here === null ? null : holderOf(k.here);
  if (pot === null) return told(d, "no-cooking");
  if (pot.waiting.length > 0 && pot.steps.length > 0) settleWaiting(d, pot);
  pot.out = true;
  told(d, pot.meat !== null ? "with-meat" : "steps");
}
function offHeat(d: Doing): void {
  told(d, "no-cooking");
}
/** What is put somewhere: out of the pan, into the fridge, into the dish, or together in a bowl. */
export function puts(d: Doing): void {
  const { k, clause } = d;
  if (/\b(?:off|from) the heat\b/.test(clause.text)) return offHeat(d);
  if (/\b(?:out|aside|plate)\b/.test(clause.text)) return lifts(d);
  if (/\bback\b/.test(clause.text)) return d.by.add(d);
  if (
    /\b(?:on(?:to)? each|(?:in|at|down|along|on) (?:the|1|one) (?:middle|centre|center|end|side|half)(?: of)?)\b/.test(
      clause.text,
    ) &&
    k.here !== null
  ) {
    const [wrapper] = named(d, "into", "over", "from").filter((m) => m.is === "line");
    const held = wholeOf(holderOf(k.here));
    const said = named(d, "object").filter((m) => !(m.is === "pot" && m.pot === k.here));
    // "A teaspoon of filling in the middle of each wrapper": what is in hand goes into what the list has.
    const filling = wrapper !== undefined && said.length === 0 ? [held] : said;
    const shells = wrapper === undefined ? k.workOn(held.pot) : k.open();
    if (wrapper !== undefined) {
      shells.waiting.push(...k.take(wrapper, shells));
      addStep(d, shells, "weigh");
    }
    for (const name of ["dumpling", "parcel", "wonton", "pasty", "pocket", k.dishName]) shells.called.add(name);
    if (filling.length > 0 && !isEmpty(shells))
      return addStep(
        d,
        shells,
        "stuff",
        { count: 8 },
        filling.flatMap((m) => k.take(m, shells)),
      );
  }
  // "Put the chicken between two sheets of cling film".
  if (/\b(?:cling ?film|greaseproof|baking paper|parchment|plastic bag|freezer bag|foil)\b/.test(clause.text)) {
    const [meant] = potsOf(named(d, "object"));
    if (meant !== undefined) k.here = meant;
    return told(d, meant !== undefined && meant.meat !== null ? "with-meat" : "no-cooking");
  }
  if (/\bon (?:to )?(?:boil|first)\b/.test(clause.text)) return cookInWater(d, "boil");
  if (/\bfridge\b/.test(clause.text)) return d.by.leave(d);
  // "Put the flour, eggs and crumbs on three plates": only set out.
  if (/\b(?:on|in|into) (?:\d+|separate|shallow|individual) (?:\w+ )?(?:plates|bowls|dishes)\b/.test(clause.text))
    return told(d, "no-cooking");
  if (/\b(?:dish|tin|tray|casserole)\b/.test(clause.text) && willBake(d)) return layers(d);
  const objects = named(d, "object");
  if (objects.length === 0) return named(d, "with").length > 0 ? d.by.add(d) : told(d, "no-cooking");
  const start =
    objects.every((m) => m.is === "line") &&
    potsOf(named(d, "into", "over")).length === 0 &&
    /\b(?:bowl|pan|pot|tray)\b/.test(clause.text);
  if (start) k.open();
  d.by.add(d);
  if (start && k.here !== null && !k.here.wet)
    k.here.inWater =
      /\b(?:pan|pot|saucepan) of (?:\w+ ){0,3}water\b|\bin (?:\w+ ){0,2}(?:salted|cold|boiling) water\b/.test(
        clause.text,
      );
}
