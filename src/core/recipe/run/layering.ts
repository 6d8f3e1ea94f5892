import { addStep, besideMeat, type Doing, named, potsOf, settleWaiting, wholeOf, willBake } from "./doing";
import { heated } from "./heating";
import { holderOf, isEmpty, type Pot } from "./pot";
import type { Mention } from "./references";

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
