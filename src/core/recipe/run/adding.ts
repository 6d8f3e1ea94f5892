import { type Doing, into, isOnlyFat, named, potsOf, settleWaiting, told, willBake } from "./doing";
import { heated } from "./heating";
import { mixed } from "./mixing";
import { holderOf, isEmpty } from "./pot";
import { lifts } from "./putting";
import { layers } from "./layering";
import { isInOven, isInPan, openAbout, verbless } from "./verbless";
import { cookInWater } from "./water";

const LITTLE = new Set(
  "the a an and then with of in for minute minutes min mins hour hours to more all both half rest some on back last it them into over now bit by up down lid low high heat again each about or so sec secs seconds tbsp tsp ml goes go few left same pan pot until till soft hot is are their its you have if use using like any what whatever is bowl bowls boiling water dish tray salted cold bare simmer covered boil oven gentle hob".split(
    " ",
  ),
);
/** Words without a verb that say more than what goes in: "wet granules make burgers that fall apart". */
function saysSomethingElse({ k, clause, mentions }: Doing): boolean {
  if (mentions.some((m) => m.share.is === "grams") || /\b(?:go|goes|went) in(?:to)?\b/.test(clause.text)) return false;
  const names = new Set(k.stock.flatMap((s) => s.names.flat()));
  const called = new Set(k.pots.flatMap((p) => [...p.called]));
  const others = clause.words.filter(
    (w) =>
      w.role !== "mark" &&
      /^[a-z]{2,}/.test(w.word) &&
      !LITTLE.has(w.word) &&
      !names.has(w.singular) &&
      !called.has(w.singular),
  );
  return others.length >= 3;
}
/** What is named goes into the pot in hand, or into the one that is named; it waits there for the heat or the mixing that takes it. */
export function adds(d: Doing): void {
  const { k, clause } = d;
  if (/^set (?:it |them |this |the \w+ |everything )?aside\b/.test(clause.text)) {
    lifts(d);
    return told(d, "no-cooking");
  }
  if (clause.verb === "" && saysSomethingElse(d)) return told(d, "no-cooking");
  if (clause.verb === "") openAbout(d);
  // "It all goes into the lentils": what is in hand goes there.
  const [goal] = potsOf(named(d, "into"));
  const inHand = k.here === null ? null : holderOf(k.here);
  if (
    goal !== undefined &&
    inHand !== null &&
    goal !== inHand &&
    !isEmpty(inHand) &&
    /^(?:then )?(?:it|that|this|everything)(?: all)? (?:goes|go|went)\b/.test(clause.text)
  ) {
    k.settle(inHand);
    goal.waiting.push(...k.take({ is: "pot", pot: inHand, role: "object", share: { is: "plain" }, at: 0 }, goal));
    k.here = goal;
  }
  const items = named(d, "object", "with");
  const beside = named(d, "into", "over");
  // "Tip into a baking dish": all that is in the pan.
  if (
    d.mentions.length === 0 &&
    willBake(d) &&
    /^(?:tip|pour|scrape|transfer|spoon|turn|ladle) (?:it |them |everything )?(?:out )?into (?:an? |the |your )?(?:\w+ ){0,2}(?:dish|tin)\b/.test(
      clause.text,
    )
  )
    return layers(d);
  // "Stir the flax into the water": both still lie on the list.
  if (/^(?:throw|chuck|tip) .*\baway\b/.test(clause.text)) return told(d, "no-cooking");
  // "Tip into a bowl", "scrape onto a plate": out of the pan.
  if (
    d.mentions.length === 0 &&
    /^(?:tip|scrape|transfer|spoon|turn|slide) (?:it |them |everything )?(?:out )?(?:in|on)to (?:an? |some |the )?(?:\w+ )?(?:bowl|plate|kitchen paper|paper|rack)\b/.test(
      clause.text,
    ) &&
    (k.here?.hot === true || (k.here !== null && k.here.joining.length > 0 && isOnlyFat(k, k.here)))
  )
    return d.by["lift-out"](d);
  if (clause.verb === "sit" && d.mentions.length === 0) return d.by.leave(d);
  if (
    /\b(?:boiling|boiled|hot|salted) water\b/.test(clause.text) &&
    d.mentions.some((m) => m.is === "line" && k.line(m.line).foods.some((f) => k.isBoiled(f) || k.canSoak(f)))
  )
    return cookInWater({ ...d, mentions: d.mentions.map((m) => ({ ...m, role: "object" })) }, "boil");
  const water = /(\d+) ?ml (?:of )?(?:\w+ )?water\b/.exec(clause.text)?.[1];
  if (water !== undefined && !d.mentions.some((m) => m.is === "line" && k.line(m.line).foods.includes("water"))) {
    const pot = into(d);
    pot.waiting.push({ is: "food", food: "water", massG: Number(water) });
    pot.wet ||= pot.hot;
    k.here = pot;
    if (items.length === 0) return told(d, "steps");
  }
  const all =
    items.length > 0 && beside.every((m) => m.is === "pot")
      ? items
      : [...items, ...beside.filter((m) => m.is === "line")];
  if (clause.verb === "" && verbless(d, items, beside, all)) return;
  if (all.length === 0) {
    // "Then lentils and stock: 40 minutes at a bare simmer."
    const pot = k.here === null ? null : holderOf(k.here);
    if (clause.verb === "" && clause.minutes !== null && pot !== null && pot.meat === null && pot.waiting.length > 0)
      return heated(
        d,
        pot,
        /\boven\b|\d ?°|\d{3} ?c\b/.test(clause.text)
          ? "bake"
          : pot.wet || pot.waiting.some((i) => k.isWet(i))
            ? "simmer"
            : "sweat",
      );
    // "Chop the vegetables and add them": to what was cooking before.
    const before = k.pots.findLast(
      (p) => p !== pot && p.hot && p.place === "hob" && p.left > 0.999 && !p.out && p.meat === null,
    );
    if (
      pot !== null &&
      before !== undefined &&
      !pot.hot &&
      (/^\w+ (?:it|them)\b/.test(clause.text) ||
        /\b(?:in|into|to) the (?:\w+ )?(?:pan|pot|casserole|wok|saucepan|skillet)\b/.test(clause.text)) &&
      beside.length === 0
    ) {
      before.waiting.push(...k.take({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 }, before));
      k.here = before;
      return told(d, "steps");
    }
    if (/^stir/.test(clause.verb) && clause.minutes !== null && k.here !== null)
      heated(d, k.here, k.here.wet ? "simmer" : "sweat");
    else if (k.here !== null && beside.length > 0) {
      const from = holderOf(k.here);
      const goal = into(d);
      // "Brown the meatballs; drop them into the sauce": not the fat that they lay in.
      if (from !== goal && from.joining.length > 0 && from.steps.length === 0 && isOnlyFat(k, from)) {
        goal.joining.push(...from.joining.splice(0));
        k.giveBack(from);
      } else if (from !== goal && from.meat !== null && from.left > 0.999) goal.joining.push(from);
      else if (from !== goal)
        goal.waiting.push(...k.take({ is: "pot", pot: from, role: "object", share: { is: "plain" }, at: 0 }, goal));
      k.here = goal;
      told(d, "steps");
      // "Slice the carrots; 10 min in the broth."
      if (clause.verb === "" && clause.minutes !== null && goal.waiting.length > 0) {
        k.here = goal;
        heated(d, goal, goal.wet ? "simmer" : "sweat");
      }
    }
    return;
  }
  const isTimed = clause.verb === "" && clause.minutes !== null;
  if (/\b(?:together|to a)\b/.test(clause.text) || (!isTimed && beside.some((m) => m.is === "line"))) return mixed(d);
  const [only] = potsOf(all);
  if (k.boils && all.length === 1 && only !== undefined && only.meat === null && only.left > 0.999) {
    k.boils = false;
    only.inWater = true;
    k.here = only;
    return told(d, "steps");
  }
  const isInWater = k.boils && beside.length === 0 && all.every((m) => m.is === "line");
  k.boils = false;
  if (isInWater) k.open();
  const pot = into(d);
  pot.inWater ||= isInWater;
  const dry = pot.waiting.length + pot.steps.length === 0;
  for (const m of all) {
    if (m.is === "pot" && m.pot === pot) continue;
    if (m.is === "pot" && m.pot.meat !== null && m.pot.left > 0.999) pot.joining.push(m.pot);
    else pot.waiting.push(...k.take(m, pot));
  }
  const isDough = pot.steps.some((s) => s.kind === "bind");
  pot.wet ||= !dry && !isDough && pot.waiting.some((i) => k.isWet(i));
  if (clause.offHeat || /\boff the heat\b/.test(clause.text)) settleWaiting(d, pot);
  else if (
    clause.minutes !== null &&
    (pot.steps.length > 0 ||
      pot.hot ||
      pot.place === "hob" ||
      pot.joining.length > 0 ||
      clause.verb === "in" ||
      isInPan(d, pot))
  )
    heated(
      d,
      pot,
      isInOven(d) ? "bake" : pot.wet || (dry && pot.waiting.every((i) => k.isWet(i))) ? "simmer" : "sweat",
    );
  told(d, "steps");
  k.here = pot;
}
