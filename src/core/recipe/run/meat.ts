import type { Action } from "../method/verbs";
import { type Doing, isOnlyFat, named, potsOf, told } from "./doing";
import type { Item } from "./pot";

/** What is done to raw meat until it is done: the route takes its place. */
const WITH_MEAT = new Set<Action>(
  "fry sweat deep-fry simmer boil blanch steam bake grill toast marinate season coat brush mix toss knead shape cut slice soak leave cool chill press pat rinse squeeze drain cook cover".split(
    " ",
  ) as Action[],
);
const HEATS = new Set<Action>(
  "fry sweat deep-fry simmer boil blanch steam bake grill toast cook".split(" ") as Action[],
);
const JOINS = new Set<Action>(["simmer", "bake"]);

/** Salt that is tasted: the route salts by itself. */
const isTasted = ({ k }: Doing, line: number): boolean => k.line(line).byTaste && k.line(line).foods.includes("salt");
/** The stretch from raw to done of a meat alone: the route does it, and what goes into the meat goes where the route does the same. */
export function withMeat(d: Doing): boolean {
  const { k, clause } = d;
  // "Stir the chicken with the yoghurt" is a mixing.
  const inMarinade =
    (clause.action === "add" || clause.action === "put" || clause.action === "toss") &&
    /\b(?:in|into|to|with) the marinade\b/.test(clause.text);
  // "Tip the mince into a bowl with the onion and egg, mix with your hands".
  const inBowl =
    (clause.action === "add" || clause.action === "put") &&
    /\bbowl\b/.test(clause.text) &&
    d.mentions.some((m) => m.role === "with") &&
    /\b(?:mix|combine|knead|squish|work|blend)\w*\b/.test(d.later);
  const action: Action = inMarinade
    ? "marinate"
    : inBowl
      ? "mix"
      : clause.action === "add" && /^stir/.test(clause.verb) && d.mentions.some((m) => m.role === "with")
        ? "mix"
        : clause.action;
  if (!WITH_MEAT.has(action)) return false;
  const objects = named(d, "object");
  const spoken = potsOf(objects.length > 0 ? objects : d.mentions);
  const meats = spoken.filter((p) => p.meat !== null && p.left > 0.999);
  // "Dip each cutlet in flour, then egg, then breadcrumbs".
  const again = action === "coat" && clause.verb === "";
  const here =
    (objects.length === 0 || again) && k.here !== null && k.here.meat !== null && k.here.left > 0.999 ? [k.here] : [];
  const all = meats.length > 0 ? meats : !again && d.mentions.some((m) => m.role === "object") ? [] : here;
  const [meat] = all;
  if (meat === undefined) return false;
  const others = d.mentions.filter((m) => !(m.is === "pot" && all.includes(m.pot)));
  const isFat = (line: number) => k.line(line).foods.every((f) => k.groupOf(f) === "fat");
  const beside = others.filter(
    (m) => (m.role === "object" || m.role === "with") && !(m.is === "line" && isFat(m.line)),
  );
  const undone = !all.every((m) => m.done);
  if (HEATS.has(action)) {
    // Other things that cook with it keep their own heat.
    if (beside.length > 0) return false;
    if (!undone && (action === "simmer" || action === "cook" || action === "bake")) return false;
    // A sauce that it simmers in stays; milk that it is poached in is poured off for later.
    if (
      action === "simmer" &&
      clause.verb !== "poach" &&
      others.some((m) => m.is === "line" && m.role === "into" && k.line(m.line).foods.some(k.isLiquid))
    )
      return false;
    if (JOINS.has(action) && others.some((m) => m.role !== "object" && m.is === "pot")) return false;
    for (const m of all) m.done = true;
    k.heatedMeat = true;
    for (const m of others) if (m.is === "line" && isFat(m.line)) k.fatOfMeat.add(m.line);
    // It stays in its fat until it is lifted out.
    if (k.here === null || !isOnlyFat(k, k.here)) k.here = meat;
    else k.here.joining.push(...all.filter((m) => !k.here?.joining.includes(m)));
    told(d, "with-meat");
    return true;
  }
  if (
    [
      "leave",
      "cool",
      "chill",
      "cut",
      "slice",
      "press",
      "pat",
      "rinse",
      "squeeze",
      "drain",
      "knead",
      "shape",
      "cover",
    ].includes(action) &&
    others.length === 0
  ) {
    k.here = meat;
    if (action === "shape")
      for (const w of clause.words)
        if (
          w.role !== "mark" &&
          w.singular.length > 3 &&
          /^(?:ball|patt|burger|loaf|cake|kebab|skewer|cutlet|kofta|meatball|sausage|log)/.test(w.singular)
        )
          meat.called.add(w.singular);
    told(d, "with-meat");
    return true;
  }
  if (!undone) return false;
  // The route brings no coat: what the recipe coats it with stays.
  const brings = k.routeDoes[meat.meat ?? 0];
  if (
    ["coat", "toss"].includes(action) &&
    others.some((m) => m.is === "pot" || k.line(m.line).foods.some((f) => /crumb|panko|flour|starch/.test(f))) &&
    brings?.has("coat") !== true &&
    /\b(?:fry|bake|crumb|breadcrumb|batter|dredge)/.test(d.later) &&
    /\b(?:dredge|dip|coat|crumb)\b/.test(clause.text)
  ) {
    for (const m of all) m.done = true;
    return false;
  }
  const { here: hand } = k;
  const inHand =
    hand !== null &&
    hand.meat === null &&
    hand.left > 0.999 &&
    objects.length === 0 &&
    ["mix", "toss"].includes(action) &&
    (hand.steps.length > 0 || hand.waiting.length > 0)
      ? hand
      : null;
  if (
    inHand !== null &&
    (inHand.hot || !/\b(?:shape|form|roll|patt|ball|cakes|loaf|dumpling|stuff|fill|pinch)/.test(d.later))
  ) {
    for (const m of all) m.done = true;
    return false;
  }
  if (["mix", "toss", "marinate", "season", "coat", "brush", "soak", "knead"].includes(action)) {
    const within = k.within.get(meat) ?? [];
    k.within.set(meat, [
      ...within,
      ...(inHand === null
        ? []
        : k.take({ is: "pot", pot: inHand, role: "object", share: { is: "plain" }, at: 0 }, meat)),
      ...others.flatMap((m): Item[] =>
        (m.is === "pot" && m.pot.meat !== null) || (m.is === "line" && isTasted(d, m.line)) ? [] : k.take(m, meat),
      ),
    ]);
    if (["coat", "brush"].includes(action)) k.coats.add(meat);
    if (["mix", "knead"].includes(action) || /\bmix\b/.test(clause.text)) k.mixes.add(meat);
    k.here = meat;
    told(d, "with-meat");
    return true;
  }
  return false;
}
