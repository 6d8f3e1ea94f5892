import {
  addStep,
  besideMeat,
  type Doing,
  foodsIn,
  joins,
  minutesOf,
  named,
  potsOf,
  settleWaiting,
  told,
  workedOn,
} from "./doing";
import { heated } from "./heating";
import { isEmpty, type Pot } from "./pot";

const BATTER = /\bbatter\b/;
/** Stirred together: a batter, a dough, a mix that holds, a marinade or a cold sauce, by what it is made of and what follows. */
export function mixed(d: Doing): void {
  const { k, clause } = d;
  // "Crumbs tossed in the oil over it."
  if (
    clause.action === "toss" &&
    /\bover (?:it|them|the top)\b|\bon top\b/.test(clause.text) &&
    k.here?.place === "dish"
  )
    return d.by.top({ ...d, mentions: d.mentions.map((m) => ({ ...m, role: "object" })) });
  const objects = named(d, "object", "with", "into", "over");
  const pots = [...new Set(potsOf(objects))].filter((p) => p.left > 0.001);
  const [first] = potsOf(named(d, "object")).filter((p) => p.left > 0.001);
  const goal = potsOf(named(d, "into")).filter((p) => p.left > 0.001 && p !== first)[0];
  const open =
    k.here !== null && k.here.left > 0.999 && !k.here.out && !isEmpty(k.here) && k.here.meat === null ? k.here : null;
  // Nothing on the list beside what is in hand: "mix with your hands".
  const usesHere =
    objects.length === 0 ||
    (open !== null && open.waiting.length > 0 && !open.hot && pots.length === 0) ||
    // "Milk, whisk till thick 6 min, cheese": in the pan where the milk waits.
    (open !== null &&
      open.hot &&
      open.place === "hob" &&
      open.waiting.some((i) => k.isWet(i)) &&
      pots.length === 0 &&
      !/\b(?:bowl|jug|meanwhile|separate)/.test(clause.text)) ||
    (/^(?:(?:it|them|this|these|everything) )?(?:in|with)\b/.test(clause.text.slice(clause.verb.length).trim()) &&
      open !== null &&
      first === undefined);
  const target =
    clause.action === "toss" || clause.verb === "stir"
      ? clause.action === "toss" && first !== undefined
        ? first
        : (goal ?? first)
      : (first ?? goal);
  const pot =
    usesHere && open !== null
      ? open
      : target !== undefined &&
          (target.meat !== null || pots.length === 1 || clause.action === "toss") &&
          target.left > 0.999
        ? target
        : k.open();
  if (pot.meat !== null) return mixedWithMeat(d, pot, objects);
  for (const m of objects) {
    if (m.is === "pot" && m.pot === pot) continue;
    if (m.is === "pot" && m.pot.meat !== null && m.pot.left > 0.999) pot.joining.push(m.pot);
    else {
      pot.waiting.push(...k.take(m, pot));
    }
  }
  // "Mix the cornflour and salt, add the tofu and toss": the tofu is coated with it.
  const isDust = (f: string) => k.groupOf(f) === "starch" || k.groupOf(f) === "seasoning" || /flour$/.test(f);
  if (
    clause.action === "toss" &&
    !pot.hot &&
    pot.steps.length === 1 &&
    pot.waiting.length > 0 &&
    pot.steps[0]?.kind === "weigh" &&
    pot.steps[0].items.every((i) => k.foodsOf(i).every(isDust)) &&
    pot.steps[0].items.some((i) => k.foodsOf(i).some((f) => k.groupOf(f) === "starch" || /flour$/.test(f))) &&
    pot.waiting.every((i) => k.foodsOf(i).some((f) => !isDust(f)))
  ) {
    const coated = k.open();
    coated.waiting.push(...pot.waiting.splice(0));
    addStep(d, coated, "weigh");
    addStep(
      d,
      coated,
      "coat",
      { coating: "starch" },
      k.take({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 }, coated),
    );
    coated.coated = true;
    return;
  }
  k.here = pot;
  if (isEmpty(pot)) return told(d, "no-cooking");
  const foods = foodsIn(d, pot);
  if (pot.waiting.length + pot.joining.length === 0 && clause.action !== "knead") return told(d, "steps");
  const liquid = pot.waiting.some((i) => k.foodsOf(i).some((f) => k.isLiquid(f) || f === "water"));
  // "Whisk in the milk": the roux is a sauce from here on.
  if (liquid && pot.hot && pot.place === "hob" && pot.steps.length > 0) {
    pot.wet = true;
    if (clause.minutes !== null) {
      return heated(d, pot, "simmer");
    }
  }
  const items = joins(d, pot);
  const gels =
    foods.every((f) => k.isBinder(f) || f === "water" || k.isLiquid(f)) &&
    foods.some((f) => /flax|psyllium|husk|chia/.test(f));
  const floury = foods.some((f) => k.groupOf(f) === "grain" || k.groupOf(f) === "starch" || f === "chickpea-flour");
  const toBind =
    /\b(?:shape|form|patt|balls?|loaf|knead|dough|press|log|divide|roll)\b/.test(`${clause.text} ${d.later}`) &&
    foods.some(k.isBinder);
  for (const what of ["thing", "ingredient", "mix"]) pot.called.add(`${liquid ? "wet" : "dry"} ${what}`);
  const dry =
    !liquid &&
    pot.steps.length === 0 &&
    items.length === 0 &&
    pot.waiting.every(
      (i) =>
        i.is === "line" &&
        k.foodsOf(i).every((f) => ["grain", "starch", "seasoning", "pulse", "protein", "nut"].includes(k.groupOf(f))),
    );
  if (gels) addStep(d, pot, "gel", { minutes: minutesOf(d) ?? 10 });
  else if (
    BATTER.test(clause.text) ||
    (floury && BATTER.test(d.next?.text ?? "")) ||
    (floury && !toBind && BATTER.test(d.later) && foods.some((f) => /flour|starch/.test(f)))
  ) {
    if (liquid || pot.steps.length > 0) addStep(d, pot, "batter", {}, items);
    else told(d, "steps");
    pot.called.add("batter");
  } else if (clause.action === "knead" && pot.steps.at(-1)?.kind === "bind") told(d, "steps");
  else if (pot.hot && pot.wet) addStep(d, pot, "season", {}, items);
  else if (toBind && !pot.hot && clause.action !== "toss") {
    if (dry) told(d, "steps");
    else {
      addStep(d, pot, "bind", {}, items);
      pot.wet = false;
    }
  } else if (
    clause.action === "toss" &&
    pot.steps.length > 0 &&
    !pot.hot &&
    pot.waiting.some((i) =>
      k.foodsOf(i).some((f) => k.isLiquid(f) || k.groupOf(f) === "fat" || /sauce|juice|vinegar/.test(f)),
    ) &&
    /\bleave|\bmarinat|\bfridge/.test(d.next?.text ?? "")
  ) {
    addStep(d, pot, "marinate", { minutes: 10 }, items);
  } else if (clause.action === "toss" && pot.waiting.some((i) => k.foodsOf(i).some((f) => k.groupOf(f) === "starch"))) {
    addStep(d, pot, "coat", { coating: "starch" }, items);
    pot.coated = true;
  } else addStep(d, pot, pot.steps.length === 0 && items.length === 0 ? "weigh" : "season", {}, items);
  // "To make a dough" says what it is; "the filling" that still lies under its heading is another thing.
  const says = MADE.filter((name) => new RegExp(`\\b${name}`).test(clause.text));
  for (const name of says.length > 0 ? ["mix", "mixture", ...says] : MADE)
    if (new RegExp(`\\b${name}`).test(`${clause.text} ${d.later}`) && !isStillListed(d, name)) pot.called.add(name);
}
const MADE = ["mix", "mixture", "dough", "marinade", "filling", "paste", "jelly", "gel"];
const isStillListed = ({ k }: Doing, name: string): boolean =>
  k.stock.some((s) => s.section.includes(name) && k.isLeft(s.line));
/** What is mixed with a meat that is done lies with it in a pot; it is joined where that is cooked on. */
function mixedWithMeat(d: Doing, meat: Pot, objects: Doing["mentions"]): void {
  const pot = besideMeat(d.k, meat);
  for (const m of objects) if (!(m.is === "pot" && m.pot === meat)) pot.waiting.push(...d.k.take(m, pot));
  pot.hot = false;
  pot.place = "bowl";
  d.k.here = pot;
  told(d, "steps");
}
/** Dusted, dipped, brushed: what clings. */
export function dipped(d: Doing): void {
  const { k, clause } = d;
  const again = clause.verb === "" && k.here !== null;
  const found = again ? k.here : workedOn(d);
  if (found === null || isEmpty(found)) return told(d, "no-cooking");
  let pot = found;
  if (pot.meat !== null) {
    pot = k.open();
    addStep(d, pot, "weigh", {}, k.take({ is: "pot", pot: found, role: "object", share: { is: "plain" }, at: 0 }, pot));
    for (const name of found.called) pot.called.add(name);
  }
  if (pot.waiting.length + pot.joining.length > 0) addStep(d, pot, "weigh", {}, joins(d, pot));
  const items = (again ? d.mentions : named(d, "with", "into", "over")).filter(
    (m) => !(m.is === "pot" && m.pot === pot),
  );
  for (const m of items) {
    const isBatter = m.is === "pot" && m.pot.steps.some((s) => s.kind === "batter");
    if (m.is === "pot" && m.pot.waiting.length > 0) settleWaiting(d, m.pot);
    const taken = k.take(m, pot);
    if (taken.length === 0) continue;
    const foods = taken.flatMap((i) => k.foodsOf(i));
    const fat = foods.every((f) => k.groupOf(f) === "fat");
    if (clause.action === "brush")
      addStep(
        d,
        pot,
        fat ? (pot.place === "dish" ? "top" : "season") : pot.steps.length > 0 && pot.hot ? "glaze" : "season",
        {},
        taken,
      );
    else
      addStep(
        d,
        pot,
        "coat",
        {
          coating: isBatter
            ? "batter"
            : foods.some((f) => /crumb|panko/.test(f))
              ? "crumb"
              : foods.some((f) => k.groupOf(f) === "starch" || k.groupOf(f) === "grain")
                ? "starch"
                : foods.some((f) => /seed|sesame/.test(f))
                  ? "seeds"
                  : "batter",
        },
        taken,
      );
    pot.coated ||= clause.action !== "brush";
  }
  k.here = pot;
}
const FORMS: readonly (readonly [RegExp, string])[] = [
  [/\bballs?\b/, "ball"],
  [/\blog\b/, "log"],
  [/\bloaf\b/, "loaf"],
  [/\b(?:sausages?|skewers?|koftas?|kebabs?|fingers?)\b/, "skewer"],
  [/\b(?:rounds?|parcels?|dumplings?)\b/, "parcel"],
];
/** Shapes as many pieces as are said; dough that is rolled out takes the names of a crust. */
export function shaped(d: Doing): void {
  const { k, clause } = d;
  if (
    /\broll out\b/.test(clause.text) ||
    (/^roll/.test(clause.text) &&
      /\b(?:pastry|crust|dough)\b/.test(clause.text) &&
      !/\bballs?|rounds?\b/.test(clause.text))
  ) {
    const dough = workedOn(d);
    for (const name of ["case", "crust", "pastry", "base", "lid"]) dough?.called.add(name);
    return told(d, "no-cooking");
  }
  // "Divide between two bowls": at the table.
  if (clause.verb === "divide" && /\b(?:between|among)\b.*\b(?:bowls|plates)\b/.test(clause.text)) return d.by.serve(d);
  if (clause.verb === "divide" && /\b(?:shape|form|roll)\b/.test(d.next?.text ?? "")) {
    k.count = Number(/\b(\d+)\b/.exec(clause.text)?.[1] ?? 0) || k.count;
    return told(d, "steps");
  }
  const pot = workedOn(d);
  if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
  if (pot.meat !== null) return told(d, "with-meat");
  if (pot.waiting.length > 0) settleWaiting(d, pot);
  const form = FORMS.find(([word]) => word.test(clause.text))?.[1] ?? "patty";
  const said = Number(
    /\b(\d+)\s+(?:\w+\s+)?(?:balls?|patties|cakes|burgers|pieces|rounds|sausages|fingers|\w+s)\b/.exec(
      clause.text,
    )?.[1] ?? 0,
  );
  const count = said || k.count || (form === "log" || form === "loaf" ? 1 : 8);
  k.count = 0;
  const pieceG = Math.max(3, Math.min(5000, Math.round(k.massIn(pot) / count)));
  addStep(d, pot, "shape", { form, pieceG });
  pot.shaped = true;
  if (k.dishName !== "") pot.called.add(k.dishName);
  for (const name of [
    "ball",
    "patty",
    "cake",
    "burger",
    "log",
    "loaf",
    "dumpling",
    "sausage",
    "kebab",
    "round",
    "gnocchi",
  ])
    if (clause.text.includes(name.slice(0, 4)) || name === form) pot.called.add(name);
  if (form === "patty") for (const name of ["burger", "patty"]) pot.called.add(name);
}
