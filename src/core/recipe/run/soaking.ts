import { addStep, type Doing, minutesOf, named, potsOf, told, willBake, workedOn } from "./doing";
import { adds } from "./adding";
import { type Item, linesIn, type Pot } from "./pot";
import type { Mention } from "./references";
import { layers, tops } from "./layering";

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
  else if (k.canSoak(food) && !k.drinksCold(food) && liquids.length === 0) {
    // Rice that stands in water before it is cooked: nobody works out what it drinks.
    addStep(d, pot, "rinse", { how: "soak", times: 1 });
    k.here = pot;
    return;
  } else if (k.canSoak(food) && k.drinksCold(food)) addStep(d, pot, "soak", { waterC: isHot ? 95 : 18, minutes }, bath);
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
