import {
  addStep,
  besideMeat,
  type Doing,
  joins,
  named,
  potsOf,
  settleWaiting,
  told,
  wholeOf,
  willBake,
  workedOn,
} from "./doing";
import { holderOf, isEmpty, linesIn, type Pot } from "./pot";
import type { Mention } from "./references";
import { layers } from "./layering";
import { cookInWater } from "./water";

const BREAD = new Set(["bread", "bun", "roll", "tortilla", "flatbread", "wrap", "pitta", "baguette", "toast"]);
/** Fills shells that are baked, or bread that is eaten so. */
export function stuffs(d: Doing): void {
  const { k, clause } = d;
  // "Wrap the tofu in a clean tea towel": in nothing that is eaten.
  if (clause.verb === "wrap" && /\b(?:towel|cloth|paper|foil|film|muslin|cling)/.test(clause.text)) {
    const wrapped = workedOn(d);
    if (wrapped !== null && wrapped.waiting.length > 0 && wrapped.steps.length === 0) addStep(d, wrapped, "weigh");
    return told(d, "steps");
  }
  const isPut = clause.verb === "spoon" || clause.verb === "pack" || clause.verb === "pile";
  const shells = isPut ? named(d, "into") : named(d, "object");
  // "Pile into buns with salad": what is in hand, and the salad.
  const inHand = isPut && shells.length > 0 && named(d, "object").length === 0 && k.here !== null && !isEmpty(k.here);
  const filling = inHand
    ? [wholeOf(holderOf(k.here as Pot)), ...named(d, "with")]
    : isPut
      ? named(d, "object")
      : named(d, "with");
  const onBread =
    k.here !== null &&
    [...linesIn(holderOf(k.here))].some((l) =>
      k
        .line(l)
        .names.flat()
        .some((w) => BREAD.has(w)),
    );
  if (isPut && shells.length === 0 && !onBread) return layers(d);
  const [shell] = shells;
  const target =
    shell ??
    (k.here === null
      ? undefined
      : ({ is: "pot", pot: holderOf(k.here), role: "object", share: { is: "plain" }, at: 0 } as Mention));
  if (target === undefined || filling.length === 0) return told(d, "no-cooking");
  const words =
    target.is === "line"
      ? k.line(target.line).names.flat()
      : [...linesIn(target.pot)].flatMap((l) => k.line(l).names.flat());
  const pot =
    target.is === "pot" && target.pot.left > 0.999 && target.pot.meat === null ? k.workOn(target.pot) : k.open();
  if (!(target.is === "pot" && target.pot === pot)) pot.waiting.push(...k.take(target, pot));
  if (pot.steps.length === 0 && pot.waiting.length > 0) addStep(d, pot, "weigh");
  const items = filling.filter((m) => !(m.is === "pot" && m.pot === pot)).flatMap((m) => k.take(m, pot));
  const isBread = words.some((w) => BREAD.has(w)) || (!willBake(d) && !pot.shaped);
  if (items.length > 0) addStep(d, pot, isBread ? "serve" : "stuff", {}, items);
  pot.place = isBread ? "table" : "dish";
  k.here = pot;
}
const ROOTS = new Set(["potato", "sweet-potato", "swede", "parsnip", "celeriac", "cassava"]);
/** Puts to it what comes to the table; staples that were never cooked are cooked. */
export function serves(d: Doing): void {
  const { k } = d;
  const staples = d.mentions.filter(
    (m) => m.is === "line" && k.line(m.line).foods.some((f) => k.isBoiled(f) && !/-(?:cooked|tinned)$/.test(f)),
  );
  if (staples.length > 0) {
    const before = k.here;
    cookInWater({ ...d, mentions: staples.map((m) => ({ ...m, role: "object" })) }, "boil");
    if (before !== null) k.here = before;
  }
  // Nobody eats a potato raw: "serve with 800 g potatoes, boiled and crushed".
  const roots = d.mentions.filter(
    (m) => m.is === "line" && k.line(m.line).massG !== null && k.line(m.line).foods.some((f) => ROOTS.has(f)),
  );
  for (const m of roots) {
    const before = k.here;
    cookInWater({ ...d, mentions: [{ ...m, role: "object" }] }, "boil");
    const pot = k.here;
    if (pot !== null && pot !== before) {
      d.by.drain({ ...d, mentions: [] });
      if (/\b(?:mash|crush)/.test(d.clause.text)) addStep(d, pot, "mash", {});
    }
    if (before !== null) k.here = before;
  }
  // "Divide the noodles between bowls": what comes next goes over them.
  const [dealt] = potsOf(named(d, "object")).filter((p) => p.left > 0.999 && p.meat === null);
  if (dealt !== undefined && /\b(?:between|among|into|in) (?:\w+ ){0,3}(?:bowls|plates)\b/.test(d.clause.text)) {
    k.settle(dealt);
    dealt.out = false;
    dealt.bathed = false;
    k.here = dealt;
  }
  const lines = d.mentions.filter((m) => m.is === "line" && !staples.includes(m) && !roots.includes(m));
  const pots = [...new Set(potsOf(d.mentions))].filter((p) => p.left > 0.999);
  const target = potsOf(named(d, "object"))[0] ?? (k.here === null ? pots[0] : holderOf(k.here));
  if (target !== undefined && lines.length > 0 && target.meat === null) {
    const pot = k.workOn(target);
    addStep(d, pot, "serve", {}, [...joins(d, pot), ...lines.flatMap((m) => k.take(m, pot))]);
  } else if (target !== undefined && lines.length > 0) {
    const plate = besideMeat(k, target);
    addStep(d, plate, "serve", {}, [...joins(d, plate), ...lines.flatMap((m) => k.take(m, plate))]);
  } else if (target !== undefined && target.meat === null && target.waiting.length + target.joining.length > 0)
    settleWaiting(d, target);
  told(d, "steps");
}
