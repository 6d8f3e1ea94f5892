import { minutesIn } from "../method/method";
import { addStep, type Doing, foodsIn, isStaple, minutesOf, named, told, workedOn } from "./doing";
import { isEmpty, type Item, linesIn, type Pot } from "./pot";
import { waterFor } from "./waterFor";
import { simmered } from "./simmering";

const SALT_OF_WATER = 0.008;
/** In water that is poured off or drunk up: pasta, grains, pulses; or vegetables until they are tender. */
export function cookInWater(d: Doing, said: "boil" | "blanch" | "steam", given: Pot | null = null): void {
  const { k, clause } = d;
  const isBath = (m: (typeof d.mentions)[number]) =>
    m.is === "line" &&
    k.line(m.line).foods.every((f) => f === "water" || f === "salt" || (k.isLiquid(f) && m.role !== "object"));
  const bathLines = d.mentions.filter(isBath);
  const rest: Doing = { ...d, mentions: d.mentions.filter((m) => !isBath(m)) };
  const objects = named(rest, "object", "with");
  const pot = given ?? workedOn(rest, objects.length > 0 ? ["object", "with"] : ["object"]);
  if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
  if (pot.meat !== null) return told(d, "with-meat");
  // The meat alone lies in the water.
  const [meat] = pot.joining;
  if (meat !== undefined && pot.waiting.length + pot.steps.length === 0) {
    for (const m of pot.joining) m.done = true;
    pot.joining = [];
    k.here = meat;
    return told(d, "with-meat");
  }
  // "Boil 5 minutes" of a sauce.
  if (pot.wet && said === "boil" && objects.length === 0) return simmered(d, pot, minutesOf(d));
  if (pot.joining.length > 0) for (const m of pot.joining) m.done = true;
  const minutes = minutesOf(d);
  const begun = pot.steps.at(-1);
  if (
    begun !== undefined &&
    (begun.kind === "cook" || begun.kind === "boil") &&
    begun.settings.minutes === null &&
    pot.waiting.length === 0 &&
    bathLines.length === 0
  ) {
    begun.settings = { ...begun.settings, minutes };
    return told(d, "steps");
  }
  if (said === "steam") {
    if (pot.waiting.length > 0) addStep(d, pot, "weigh");
    addStep(d, pot, "steam", {
      minutes,
      wrapped: /\b(?:foil|wrap)/.test(clause.text) || /\b(?:foil|wrap)/.test(k.lastText),
    });
    pot.hot = true;
    return;
  }
  partVegetables(d, pot);
  const staple = isStaple(d, pot);
  const massG = k.massIn(pot);
  const bath: Item[] = bathLines.flatMap((m) => k.take(m, pot));
  const poured = pot.bathed ? bath : bath;
  const first = foodsIn(d, pot)[0] ?? "";
  const hasWater = poured.some((i) => k.foodsOf(i).some((f) => f === "water" || k.isLiquid(f)));
  const perG = staple ? waterFor(first).perG : 1.3;
  const waterG = perG * massG;
  const all: Item[] = hasWater ? poured : [...poured, { is: "food", food: "water", massG: waterG }];
  if (/\bsalted\b/.test(clause.text) && !hasWater)
    all.push({ is: "food", food: "salt", massG: waterG * SALT_OF_WATER });
  if (said === "blanch") addStep(d, pot, "blanch", { minutes: minutes ?? 2 }, all);
  else if (staple) {
    if (pot.steps.length === 0) addStep(d, pot, "weigh");
    if (
      pot.steps.every((x) => x.kind === "weigh" || x.kind === "rinse" || x.kind === "drain") &&
      [...linesIn(pot)].some((l) => k.line(l).soaked)
    ) {
      addStep(d, pot, "soak", { waterC: 18, minutes: 600 }, [{ is: "food", food: "water", massG: 3 * massG }]);
      addStep(d, pot, "drain");
    }
    // Minutes under pressure are those of a cooker that this kitchen may not have: they are worked out.
    addStep(d, pot, "cook", { minutes: /\bpressure/.test(clause.text) ? null : minutes }, all);
    pot.bathed = true;
    const { comesAfter } = k;
    k.comesAfter = null;
    if (comesAfter !== null) pot.afterDraining.push(comesAfter);
  } else {
    addStep(d, pot, "boil", { minutes: minutes === null ? null : Math.max(0.5, Math.min(240, minutes)) }, all);
    pot.bathed = true;
  }
  pot.hot = true;
  pot.place = "hob";
  k.here = pot;
}
/** Pasta with peas in for the last minutes: what is no staple is boiled by itself and comes to it. */
function partVegetables(d: Doing, pot: Pot): void {
  const { k } = d;
  if (pot.steps.length > 0) return;
  const isOne = (i: Item) => i.is === "line" && k.foodsOf(i).some(k.isBoiled);
  const others = pot.waiting.filter(
    (i) =>
      i.is === "line" && k.foodsOf(i).every((f) => !k.isBoiled(f) && (k.groupOf(f) === "vegetable" || f === "peas")),
  );
  if (others.length === 0 || !pot.waiting.some(isOne)) return;
  pot.waiting = pot.waiting.filter((i) => !others.includes(i));
  const side = k.open();
  side.waiting = others;
  const minutes = minutesIn(d.clause.text).at(-1);
  const water: Item = { is: "food", food: "water", massG: 1.3 * k.massIn(side) };
  addStep(
    d,
    side,
    "boil",
    { minutes: minutes === undefined ? null : Math.max(0.5, (minutes.low + minutes.high) / 2) },
    [water],
  );
  addStep(d, side, "drain");
  k.here = pot;
  k.comesAfter = side;
}
