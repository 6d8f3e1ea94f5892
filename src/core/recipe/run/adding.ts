import {
  addStep,
  type Doing,
  into,
  isOnlyFat,
  minutesOf,
  named,
  potsOf,
  settleWaiting,
  told,
  willBake,
  workedOn,
} from "./doing";
import { heated } from "./heating";
import { mixed } from "./mixing";
import { holderOf, isEmpty, type Item, linesIn, type Pot } from "./pot";
import type { Mention } from "./references";
import { layers, tops } from "./serving";
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
/** What is poured over something dry soaks it; else it goes in. */
export function pours(d: Doing): void {
  const { k } = d;
  if (/\b(?:off|away)\b/.test(d.clause.text)) return told(d, "no-cooking");
  // "Pour over the leeks": the cold mix in hand goes over what lies there.
  const [under] = potsOf(named(d, "object"));
  const { here } = k;
  if (
    /^pour over\b/.test(d.clause.text) &&
    under !== undefined &&
    here !== null &&
    under !== here &&
    !under.wet &&
    !here.hot &&
    here.meat === null &&
    [...here.waiting, ...here.steps.flatMap((s) => s.items)].some((i) => k.isWet(i))
  )
    return tops({ ...d, mentions: d.mentions.map((m) => ({ ...m, role: "over" })) });
  const over = named(d, "over", "into").filter((m) => m.is === "line" && k.line(m.line).foods.some(k.canSoak));
  const over2 =
    over.length > 0 ? over : named(d, "object").filter((m) => m.is === "line" && k.line(m.line).foods.some(k.canSoak));
  if (
    /\b(?:dish|tin|pie plate|plate|case)\b/.test(d.clause.text) &&
    willBake(d) &&
    over.length === 0 &&
    !/\bover\b/.test(d.clause.text)
  )
    return layers(d);
  const poured = d.mentions.filter(
    (m) => !over2.includes(m) && (m.is === "pot" || k.line(m.line).foods.some((f) => k.isLiquid(f) || f === "water")),
  );
  const dry =
    k.here !== null &&
    k.here.steps.length === 0 &&
    !k.here.hot &&
    k.here.waiting.some((i) => i.is === "line" && k.foodsOf(i).some(k.canSoak))
      ? k.here
      : null;
  if (over2.length > 0 || (dry !== null && named(d, "into").length === 0)) {
    const pot = over2.length > 0 ? k.open() : (dry as Pot);
    for (const m of over2) pot.waiting.push(...k.take(m, pot));
    if (pot.waiting.length > 0) addStep(d, pot, "weigh");
    soaks(d, pot, poured);
    return;
  }
  if (named(d, "over").length + (/\bover\b/.test(d.clause.text) ? 1 : 0) > 0 && k.here?.place === "dish")
    return tops(d);
  adds(d);
}
const HOT = /\b(?:hot|boiling|just-boiled|boiled)\b/;
function soaks(d: Doing, pot: Pot, poured: readonly Mention[]): void {
  const { k } = d;
  const liquids = poured.flatMap((m) => k.take(m, pot));
  const isHot =
    HOT.test(d.clause.text) || liquids.some((i) => i.is === "line" && HOT.test(k.line(i.line).names.flat().join(" ")));
  const food = [...linesIn(pot)].flatMap((l) => k.line(l).foods)[0] ?? "";
  const bath: Item[] = liquids.length > 0 ? liquids : [{ is: "food", food: "water", massG: 4 * k.massIn(pot) }];
  const minutes = minutesOf(d) ?? (isHot ? 10 : 480);
  if (k.isBinder(food) && !k.canSoak(food)) addStep(d, pot, "gel", { minutes }, bath);
  else if (k.canSoak(food) && !k.drinksCold(food)) {
    // Rice that stands in water before it is cooked: nobody works out what it drinks.
    addStep(d, pot, "rinse", { how: "soak", times: 1 });
    k.here = pot;
    return;
  } else if (k.canSoak(food)) addStep(d, pot, "soak", { waterC: isHot ? 95 : 18, minutes }, bath);
  else {
    addStep(d, pot, pot.steps.length === 0 ? "weigh" : "season", {}, bath);
    addStep(d, pot, "rest", { minutes: Math.min(minutes, 2880), where: "worktop" });
  }
  pot.bathed = true;
  k.here = pot;
}
/** Soaks what is named in the liquid that stands beside it, in water where none does. */
export function soakIn(d: Doing): void {
  const objects = named(d, "object");
  const pot = workedOn(d);
  if (pot === null) return told(d, "no-cooking");
  if (pot.waiting.length > 0) addStep(d, pot, "weigh");
  soaks(
    d,
    pot,
    d.mentions.filter((m) => !objects.includes(m) && !(m.is === "pot" && m.pot === pot)),
  );
}
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
const wholeOf = (pot: Pot) => ({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 }) as const;
/** What is put somewhere: out of the pan, into the fridge, into the dish, or together in a bowl. */
export function puts(d: Doing): void {
  const { k, clause } = d;
  if (/\b(?:off|from) the heat\b/.test(clause.text)) return offHeat(d);
  if (/\b(?:out|aside|plate)\b/.test(clause.text)) return lifts(d);
  if (/\bback\b/.test(clause.text)) return adds(d);
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
  if (objects.length === 0) return named(d, "with").length > 0 ? adds(d) : told(d, "no-cooking");
  const start =
    objects.every((m) => m.is === "line") &&
    potsOf(named(d, "into", "over")).length === 0 &&
    /\b(?:bowl|pan|pot|tray)\b/.test(clause.text);
  if (start) k.open();
  adds(d);
  if (start && k.here !== null && !k.here.wet)
    k.here.inWater =
      /\b(?:pan|pot|saucepan) of (?:\w+ ){0,3}water\b|\bin (?:\w+ ){0,2}(?:salted|cold|boiling) water\b/.test(
        clause.text,
      );
}
