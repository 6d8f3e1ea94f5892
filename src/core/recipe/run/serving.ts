import {
  addStep,
  besideMeat,
  type Doing,
  joins,
  named,
  potsOf,
  settleWaiting,
  told,
  willBake,
  workedOn,
} from "./doing";
import { heated } from "./heating";
import { holderOf, isEmpty, linesIn, type Pot } from "./pot";
import type { Mention } from "./references";
import { cookInWater } from "./water";

const COOKS_ON = /^(?:cook|simmer|warm|boil)$/;
/** What is laid over a dish. */
export function tops(d: Doing): void {
  const { k } = d;
  // "Scatter over the peas and cook for 5 minutes more": into the pot, and cooked there.
  const inPot = k.here === null ? null : holderOf(k.here);
  const goesOn =
    d.next !== null && COOKS_ON.test(d.next.action) && d.next.minutes !== null && d.next.sentence === d.clause.sentence;
  if (
    goesOn &&
    inPot !== null &&
    inPot.wet &&
    inPot.hot &&
    inPot.place === "hob" &&
    potsOf(named(d, "over")).length === 0
  )
    return d.by.add({ ...d, mentions: d.mentions.map((m) => ({ ...m, role: "object" })) });
  // "Sprinkle over the flour, stir for a minute": into the pan.
  const isFlour =
    d.mentions.length > 0 &&
    d.mentions.every((m) => m.is === "line" && k.line(m.line).foods.every((f) => /flour|starch/.test(f)));
  if (isFlour && k.here?.hot === true && k.here.place === "hob")
    return d.by.add({ ...d, mentions: d.mentions.map((m) => ({ ...m, role: "object" })) });
  if (
    /^\w+ in\b/.test(d.clause.text) ||
    (!/\bover\b|\btop\b/.test(d.clause.text) &&
      k.here !== null &&
      !k.here.hot &&
      k.here.place === "bowl" &&
      named(d, "over").length === 0 &&
      !willBake(d))
  )
    return d.by.add(d);
  // "Scatter the tagine with coriander."
  const under =
    named(d, "with").length > 0 ? potsOf(named(d, "object")).find((p) => p.left > 0.999 && p.meat === null) : undefined;
  const said = potsOf(named(d, "over", "into")).filter((p) => p.left > 0.001)[0] ?? under;
  // "Mix the crumbs with the oil, scatter over": over the dish that is being filled.
  const dish =
    said === undefined && k.here !== null && k.here.place !== "dish" && named(d, "object", "with").length === 0
      ? (k.pots.findLast((p) => p.place === "dish" && p.left > 0.999 && p !== k.here) ??
        // A glaze goes over the loaf that a route makes.
        (k.here.meat === null && !k.here.hot ? k.meats.findLast((p) => p.left > 0.999) : undefined))
      : undefined;
  const goal = said ?? dish;
  const objects =
    dish !== undefined && k.here !== null
      ? [{ is: "pot", pot: holderOf(k.here), role: "object", share: halfOr(d.clause.text), at: 0 } as Mention]
      : ofHere(d, named(d, "object", "with"), goal);
  const target = goal ?? (k.here === null ? null : holderOf(k.here));
  if (target === null || objects.length === 0) return d.by.add(d);
  // "Top with the mash": not the mash itself, which is in hand, but what was cooked before it.
  const isOver = objects.some((m) => m.is === "pot" && m.pot === target);
  const beneath = isOver
    ? k.pots.findLast(
        (p) =>
          !objects.some((m) => m.is === "pot" && m.pot === p) &&
          p.left > 0.999 &&
          p.meat === null &&
          !isEmpty(p) &&
          p.place !== "table" &&
          (p.wet || p.place === "hob" || p.place === "dish"),
      )
    : undefined;
  if (beneath !== undefined && beneath.place !== "dish" && willBake(d)) {
    return laidOver(d, beneath, objects);
  }
  const pot = target.meat !== null ? besideMeat(k, target) : k.workOn(beneath ?? target);
  if (target.meat !== null && willBake(d)) pot.place = "dish";
  if (pot.waiting.length + pot.joining.length > 0) settleWaiting(d, pot);
  const items = objects.filter((m) => !(m.is === "pot" && m.pot === pot)).flatMap((m) => k.take(m, pot));
  if (items.length > 0)
    addStep(
      d,
      pot,
      /\b(?:serve|garnish|finish)\b/.test(d.clause.verb) || (!willBake(d) && pot.place !== "dish") ? "serve" : "top",
      {},
      items,
    );
  k.here = pot;
}
const wholeOf = (pot: Pot): Mention => ({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 });
/** Into a dish what was cooked, and over it what covers it. */
function laidOver(d: Doing, below: Pot, over: readonly Mention[]): void {
  const { k } = d;
  const dish = k.open();
  if (below.waiting.length + below.joining.length > 0) settleWaiting(d, below);
  addStep(d, dish, "layer", {}, k.take(wholeOf(below), dish));
  dish.place = "dish";
  dish.hot = true;
  addStep(
    d,
    dish,
    "top",
    {},
    over.flatMap((m) => k.take(m, dish)),
  );
  k.here = dish;
}
const halfOr = (text: string): Mention["share"] =>
  /^\w+ half\b/.test(text) ? { is: "part", of: 0.5 } : { is: "plain" };
/** "Stir together and spread half over the loaf": half of what is in hand. */
function ofHere(d: Doing, objects: readonly Mention[], goal: Pot | undefined): readonly Mention[] {
  const { here } = d.k;
  // "Spread over the pastry case": what is in hand.
  const share =
    /^\w+ (half|it|this|the rest)\b/.exec(d.clause.text)?.[1] ??
    (/^(?:spread|spoon|pour|tip|pile|scrape|ladle) (?:over|into|onto|in)\b/.test(d.clause.text) ? "it" : undefined);
  if (
    objects.length > 0 ||
    goal === undefined ||
    here === null ||
    here === goal ||
    here.left <= 0.001 ||
    share === undefined
  )
    return objects;
  return [
    { is: "pot", pot: here, role: "object", share: share === "half" ? { is: "part", of: 0.5 } : { is: "rest" }, at: 0 },
  ];
}
/** "Spread over the pastry case": what stands behind "over" is no object where it is what takes it. */
function overWhatIsNamed(d: Doing): Doing {
  const [under] = potsOf(named(d, "object"));
  const isUnder =
    /^(?:spread|spoon|pile|tip|scrape) over\b/.test(d.clause.text) &&
    under !== undefined &&
    under !== d.k.here &&
    (under.called.has("case") || under.place === "dish");
  return isUnder
    ? { ...d, mentions: d.mentions.map((m) => (m.is === "pot" && m.pot === under ? { ...m, role: "over" } : m)) }
    : d;
}
/** Into the dish that goes in the oven, one over the other. */
export function layers(given0: Doing): void {
  const d = overWhatIsNamed(given0);
  const { k } = d;
  // "Lay the slabs in it for an hour": what is in hand is cold and wet.
  const bath = k.here === null ? null : holderOf(k.here);
  const laid = potsOf(named(d, "object")).filter((p) => p.left > 0.999 && p !== bath)[0];
  if (
    laid !== undefined &&
    bath !== null &&
    !bath.hot &&
    !isEmpty(bath) &&
    bath.meat === null &&
    d.clause.minutes !== null &&
    /\bin (?:it|this|the (?:marinade|mix|liquid))\b/.test(d.clause.text)
  )
    return d.by.marinate({
      ...d,
      clause: { ...d.clause, action: "marinate" },
      mentions: [{ ...wholeOf(laid) }, { ...wholeOf(bath), role: "into" }],
    });
  const onTop = /\b(?:on top|over the (?:top|filling|pie|stew|meat|mince|sauce)|over it|over them)\b/.test(
    d.clause.text,
  );
  if (
    onTop &&
    k.here !== null &&
    k.here.place !== "dish" &&
    !isEmpty(k.here) &&
    willBake(d) &&
    named(d, "object").length > 0 &&
    !named(d, "object").some((m) => m.is === "pot" && m.pot === k.here)
  ) {
    return laidOver(d, besideMeat(k, holderOf(k.here)), named(d, "object"));
  }
  if (
    (onTop || /\bover\b/.test(d.clause.text)) &&
    named(d, "object").length === 0 &&
    k.here !== null &&
    k.here.place !== "dish" &&
    !/\b(?:dish(?:es)?|tins?|trays?)\b/.test(d.clause.text) &&
    k.pots.some(
      (p) => p !== k.here && p.left > 0.999 && (p.place === "dish" || (p.meat !== null && k.here?.hot === false)),
    )
  )
    return tops({ ...d, mentions: [] });
  // "Roll out the crust and lay it over the filling."
  const [below] = potsOf(named(d, "over")).filter((p) => p.left > 0.999 && p !== k.here && p.meat === null);
  const lid = k.here;
  if (
    below !== undefined &&
    lid !== null &&
    lid.called.has("crust") &&
    named(d, "object").length === 0 &&
    below.place !== "dish"
  ) {
    return laidOver(d, below, [wholeOf(lid)]);
  }
  const spread = potsOf(named(d, "over", "into")).filter(
    (p) => (p.place === "dish" || p.called.has("case")) && p.left > 0.001,
  )[0];
  if (spread?.called.has("case") === true) return tops(d);
  if (spread !== undefined && /\bover\b|\bon\b|\btop\b|\bwith\b/.test(d.clause.text)) return tops(d);
  if (k.here?.place === "dish" && k.here.left > 0.999 && named(d, "with").length > 0 && named(d, "object").length === 0)
    return tops(d);
  // "Roll out the pastry, spread with the mushrooms."
  const isOnHere =
    named(d, "object").length === 0 && named(d, "with").length > 0 && named(d, "into", "over").length === 0;
  if (isOnHere && k.here !== null && k.here.meat === null && !isEmpty(k.here) && k.here.left > 0.999) return tops(d);
  const objects = named(d, "object", "with", "into", "over");
  // "Pour the batter into the hot tin": over what is in it.
  const filled = k.pots.findLast(
    (p) =>
      p.place === "dish" &&
      p.left > 0.999 &&
      p.meat === null &&
      p.steps.at(-1)?.kind === "bake" &&
      !objects.some((m) => m.is === "pot" && m.pot === p),
  );
  if (
    filled !== undefined &&
    objects.length > 0 &&
    willBake(d) &&
    /\b(?:in|into|to) the (?:hot )?(?:tin|dish|tray)\b/.test(d.clause.text)
  ) {
    const pot = k.workOn(filled);
    return addStep(
      d,
      pot,
      "top",
      {},
      objects.flatMap((m) => k.take(m, pot)),
    );
  }
  const isDish = /\b(?:dish(?:es)?|tins?|trays?|plates?|cases?)\b/.test(d.clause.text);
  const given =
    objects.length === 0 && k.here !== null && isDish
      ? [{ is: "pot", pot: holderOf(k.here), role: "object", share: { is: "plain" }, at: 0 } as Mention]
      : objects;
  if (given.length === 0) return;
  const onHere =
    k.here !== null &&
    k.here.place === "dish" &&
    k.here.left > 0.999 &&
    !given.some((m) => m.is === "pot" && m.pot === k.here)
      ? k.here
      : null;
  if (onHere !== null && d.clause.verb === "" && onHere.steps.at(-1)?.kind === "layer") {
    addStep(
      d,
      onHere,
      "layer",
      {},
      given.flatMap((m) => k.take(m, onHere)),
    );
    return;
  }
  if (
    k.here?.place === "dish" &&
    k.here.left > 0.999 &&
    !given.some((m) => m.is === "pot" && m.pot === k.here) &&
    (!isDish || /\bover\b|\btop\b/.test(d.clause.text))
  )
    return tops(d);
  if (!willBake(d)) return d.by.add(d);
  // "Pile the filling down the centre": on the pastry in hand.
  const sheet =
    k.here !== null &&
    k.here.left > 0.999 &&
    k.here.called.has("pastry") &&
    !given.some((m) => m.is === "pot" && m.pot === k.here)
      ? k.here
      : null;
  const pot = k.open();
  if (sheet !== null) pot.waiting.push(...k.take(wholeOf(sheet), pot));
  const items = given.flatMap((m) =>
    m.is === "pot" && m.pot.waiting.length + m.pot.joining.length > 0 && m.pot.meat === null
      ? (settleWaiting(d, m.pot), k.take(m, pot))
      : k.take(m, pot),
  );
  const isTray = /\btrays?\b/.test(d.clause.text);
  addStep(d, pot, isTray ? "weigh" : "layer", {}, items);
  pot.place = "dish";
  pot.hot = true;
  if (/\bloaf\b/.test(d.clause.text)) pot.called.add("loaf");
  if (d.clause.minutes !== null && d.clause.heats.some((h) => h.of === "oven")) heated(d, pot, "bake");
  k.here = pot;
}
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
