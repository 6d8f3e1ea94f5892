import type { Action } from "../method/verbs";
import {
  addStep,
  bringAlong,
  type Doing,
  foodsIn,
  isOnlyFat,
  isStaple,
  joins,
  minutesOf,
  named,
  potsOf,
  settleWaiting,
  told,
  workedOn,
} from "./doing";
import { isEmpty, type Item, type Pot } from "./pot";
import { simmered, WITH_ROUTE_MIN } from "./simmering";
import { cookInWater } from "./water";

/** Fat in which pieces swim, g. */
const DEEP_OIL_G = 400;
/** A gram of raw vegetables gives off a third of its mass before it browns: so many minutes on a usual burner (engineering estimate, 1 kW). */
const DRYING_MIN_PER_G = 0.016;
/** What is left of the minutes that a recipe gives once the water is off, to half a minute. */
const browningMin = (saidMin: number, rawG: number): number =>
  Math.max(Math.min(1, saidMin), Math.min(60, Math.round(2 * (saidMin - DRYING_MIN_PER_G * rawG)) / 2));
const USUAL_OVEN_C = 190;
const FRIES = new Set<Action>(["fry", "deep-fry", "sweat", "cook"]);
/** Heat on what is in a pot, by the step that does what the verb means here. */
export function heated(d: Doing, pot: Pot, said: Action): void {
  const { k, clause } = d;
  k.here = pot;
  const minutes = minutesOf(d);
  if (pot.meat !== null) return told(d, "with-meat");
  if (isOnlyFat(k, pot) && pot.steps.length === 0 && pot.joining.length === 0) {
    // "Shape into balls. Heat the oil and fry for 4 minutes": what was made for it.
    const made = FRIES.has(said)
      ? k.pots.findLast(
          (p) => p !== pot && p.meat === null && p.left > 0.999 && !p.hot && !p.out && (p.shaped || p.coated),
        )
      : undefined;
    if (made === undefined || named(d, "object").length > 0) return told(d, "steps");
    made.waiting.push(...pot.waiting.splice(0));
    return heated(d, k.workOn(made), said);
  }
  // The meat is done by its route, and nothing else lies in its fat.
  if (
    isOnlyFat(k, pot) &&
    pot.steps.length === 0 &&
    pot.meat === null &&
    pot.joining.every((m) => m.done) &&
    (said === "fry" || said === "deep-fry")
  ) {
    k.heatedMeat = true;
    k.giveBack(pot);
    return told(d, "with-meat");
  }
  if (isEmpty(pot)) return told(d, "no-cooking");
  // "Put them in a pan of cold water, bring to the boil and cook."
  if (pot.inWater && /^(?:cook|simmer|boil)$/.test(said) && !pot.wet) {
    pot.inWater = false;
    return cookInWater(d, "boil", pot);
  }
  // "Cook the peas for 3 minutes", "cook the noodles": nothing but what is boiled, and no fat.
  if (
    said === "cook" &&
    !pot.hot &&
    !pot.wet &&
    pot.steps.length === 0 &&
    pot.joining.length === 0 &&
    isForWater(d, pot)
  )
    return cookInWater(d, "boil", pot);
  const before = pot.steps.at(-1);
  if (
    before !== undefined &&
    (before.kind === "cook" || before.kind === "boil") &&
    before.settings.minutes === null &&
    pot.waiting.length === 0 &&
    minutes !== null
  ) {
    before.settings = { ...before.settings, minutes };
    return told(d, "steps");
  }
  const liquidComes = pot.waiting.some((i) => k.isWet(i));
  pot.wet ||= liquidComes && (pot.steps.length > 0 || said === "simmer");
  const oven = /\boven\b/.test(clause.text);
  const kind: Action =
    said === "cook" || said === "warm"
      ? oven || (said === "cook" && pot.steps.some((x) => x.kind === "bake"))
        ? "bake"
        : isStaple(d, pot) && !pot.hot
          ? "boil"
          : pot.wet || liquidComes
            ? "simmer"
            : said === "warm"
              ? "warm"
              : "sweat"
      : said;
  if (kind === "boil") return cookInWater(d, "boil", pot);
  const undone = pot.joining.filter((m) => !m.done);
  const isPan = kind === "fry" || kind === "sweat";
  if (isPan && undone.length > 0) {
    for (const m of undone) m.done = true;
    if (pot.waiting.length === 0 || isOnlyFat(k, pot)) return told(d, "with-meat");
  }
  switch (kind) {
    case "fry":
    case "sweat": {
      greased(d, pot);
      const oilG = pot.waiting
        .filter((i) => k.foodsOf(i).every((f) => k.groupOf(f) === "fat"))
        .reduce((g, i) => g + k.massOf(i), 0);
      if (oilG >= DEEP_OIL_G || pot.steps.some((x) => x.kind === "deep-fry")) return deepFried(d, pot);
      if (pot.wet) addStep(d, pot, "simmer", { minutes: minutes ?? 3, lid: false });
      else if (pot.shaped || pot.coated)
        addStep(d, pot, "fry", { minutes: minutes === null ? null : Math.max(0.5, Math.min(60, minutes)) });
      else if (kind === "sweat") addStep(d, pot, "sweat", { minutes: Math.max(0.5, Math.min(90, minutes ?? 6)) });
      else
        addStep(d, pot, "brown", {
          browningMin: browningMin(
            minutes ?? 5,
            pot.waiting.reduce((g, i) => g + k.massOf(i), 0),
          ),
        });
      pot.place = "hob";
      break;
    }
    case "deep-fry":
      return deepFried(d, pot);
    case "bake":
      return baked(d, pot);
    case "grill":
      if (pot.joining.length + pot.waiting.length > 0) settleWaiting(d, pot);
      addStep(d, pot, "griddle", { minutes: minutes === null ? null : Math.max(0.5, Math.min(60, minutes)) });
      break;
    case "toast":
      addStep(d, pot, "toast", { minutes: Math.max(0.1, Math.min(60, minutes ?? 3)) });
      break;
    case "reduce":
      addStep(d, pot, "reduce", { toShare: 0.6 }, joins(d, pot));
      break;
    case "warm":
      if (pot.waiting.length + pot.joining.length > 0) settleWaiting(d, pot);
      addStep(d, pot, "reheat", { where: pot.place === "hob" ? "hob" : "oven", minutes });
      break;
    default:
      simmered(d, pot, minutes);
  }
  pot.hot = true;
}
const BOILED =
  /^(?:peas?|bean|potato|carrot|broccoli|cauliflower|sweetcorn|corn|edamame|sprout|noodle|macaroni|pasta|spaghetti)$/;
/** Vegetables that are cooked in water where nothing else is said, and noodles that nobody knows. */
const isForWater = ({ k, clause }: Doing, pot: Pot): boolean =>
  pot.waiting.length > 0 &&
  !/\b(?:oil|butter|pan|fry|gently|oven)\b/.test(clause.text) &&
  pot.waiting.every((i) => i.is === "line" && k.line(i.line).names.some((n) => BOILED.test(n.at(-1) ?? "")));
/** A pan is greased with the fat of the list that nothing else takes, where a sentence names none. */
function greased(d: Doing, pot: Pot): void {
  const { k } = d;
  const isFat = (foods: readonly string[]) => foods.length > 0 && foods.every((f) => k.groupOf(f) === "fat");
  if (pot.wet || pot.waiting.some((i) => isFat(k.foodsOf(i))) || foodsIn(d, pot).some((f) => k.groupOf(f) === "fat"))
    return;
  const later = d.later.slice(d.clause.text.length);
  const free = k.stock.filter(
    (s) => isFat(s.foods) && (k.left.get(s.line) ?? 0) > 0.99 && !s.names.some((n) => later.includes(n.at(-1) ?? " ")),
  );
  const fat = free.find((s) => s.section.join(" ") === pot.section) ?? free[0];
  if (fat !== undefined)
    pot.waiting.push(
      ...(k.takeLine(fat.line, { is: "rest" }) === null ? [] : [{ is: "line", line: fat.line, share: 1 } as Item]),
    );
}
/** So much of the oil a frying leaves (engineering estimate). */
const OIL_LEFT = 0.93;
function deepFried(d: Doing, pot: Pot): void {
  const { k } = d;
  const isFat = (i: Item) => k.foodsOf(i).every((f) => k.groupOf(f) === "fat");
  let oil: readonly Item[] = pot.waiting.filter(isFat);
  pot.waiting = pot.waiting.filter((i) => !isFat(i));
  if (pot.waiting.length > 0) addStep(d, pot, pot.steps.length === 0 ? "weigh" : "season");
  if (oil.length === 0) {
    const pan = k.pots.findLast((p) => p !== pot && isOnlyFat(k, p) && p.steps.length === 0);
    if (pan !== undefined) {
      oil = pan.waiting;
      k.deepOil = pan.waiting;
      pan.waiting = [];
    } else if (k.deepOil.length > 0) oil = k.deepOil;
    else
      oil = k.stock
        .filter((s) => k.isLeft(s.line) && s.foods.every((f) => k.groupOf(f) === "fat") && (s.massG ?? 0) >= 80)
        .slice(0, 1)
        .flatMap((s) => k.takeLine(s.line, { is: "rest" }) ?? []);
  }
  const oilC = d.clause.heats.find((h) => h.of === "oil")?.tempC ?? k.oilC ?? 180;
  const minutes = Math.max(0.5, Math.min(60, minutesOf(d) ?? 5));
  const massG = oil.reduce((g, i) => g + k.massOf(i), 0);
  const isDeep = massG >= DEEP_OIL_G || massG === 0;
  if (isDeep) addStep(d, pot, "deep-fry", { oilC: Math.max(130, Math.min(230, oilC)), minutes }, oil);
  else addStep(d, pot, "sear", { browningMin: minutes }, oil);
  // The next frying has what this one left.
  const of = pot.steps.at(-1);
  if (isDeep && oil.length > 0 && of !== undefined)
    k.deepOil = [{ is: "kept", kept: { of, massG: massG * OIL_LEFT, lines: [], is: "oil" }, share: 1 }];
  else if (oil.length > 0) k.deepOil = oil;
  pot.hot = true;
  pot.place = "hob";
  k.here = pot;
}
/** What a route has baked already takes only what lies over it (common practice). */
const GLAZED_MIN = 15;
function isBakedByRoute({ k }: Doing, pot: Pot): boolean {
  const items = pot.steps.flatMap((x) => x.items);
  const holds = items.some(
    (i) => i.is === "pot" && i.pot.meat !== null && k.routeDoes[i.pot.meat]?.has("bake") === true,
  );
  const isOver = (food: string) => ["seasoning", "liquid", "fat", "other"].includes(k.groupOf(food));
  return holds && items.every((i) => (i.is === "pot" && i.pot.meat !== null) || k.foodsOf(i).every(isOver));
}
/** A stew in the oven: its hours were the meat's alone, unless something in it needs them as well. */
function isBraise(d: Doing, pot: Pot): boolean {
  const { k, clause } = d;
  const items = pot.steps.flatMap((x) => x.items);
  const isSlow = foodsIn(d, pot).some((f) => k.isBoiled(f) || SLOW.has(f));
  return (
    clause.covered &&
    !isSlow &&
    items.some((i) => i.is === "pot" && i.pot.meat !== null) &&
    items.some((i) => k.isWet(i)) &&
    pot.place !== "dish"
  );
}
const SLOW = new Set(["potato", "swede", "sweet-potato", "parsnip", "celeriac", "beetroot"]);
function baked(d: Doing, given: Pot): void {
  const { k, clause } = d;
  let pot = given;
  if (pot.waiting.length + pot.joining.length > 0) {
    if (pot.steps.length === 0) addStep(d, pot, "weigh", {}, joins(d, pot));
    else addStep(d, pot, pot.place === "dish" ? "top" : "season", {}, joins(d, pot));
  }
  pot = k.workOn(pot);
  const core = clause.heats.find((h) => h.of === "core")?.tempC ?? null;
  const ovenC = clause.heats.find((h) => h.of !== "core")?.tempC ?? k.ovenC ?? USUAL_OVEN_C;
  const said = minutesOf(d);
  const minutes =
    said === null
      ? null
      : isBakedByRoute(d, pot)
        ? Math.min(said, GLAZED_MIN)
        : isBraise(d, pot)
          ? Math.min(said, WITH_ROUTE_MIN)
          : said;
  if (said !== null && minutes !== null && minutes < said)
    k.shortened.set(clause.sentence, { saidMin: said, takenMin: minutes });
  addStep(d, pot, "bake", {
    ovenC: Math.max(50, Math.min(280, ovenC)),
    minutes: minutes === null ? (core === null ? 30 : null) : Math.min(600, minutes),
    coreC: minutes === null ? core : null,
    cover: clause.covered ? "lid" : "bare",
  });
  pot.hot = true;
  pot.place = pot.place === "hob" || pot.place === "bowl" ? "oven" : pot.place;
  k.here = pot;
}
/** Fat that is heated waits in its pan for what is fried in it; an oven that is heated is no step. */
export function melts(d: Doing): void {
  const { k, clause } = d;
  if (/\boven\b|\bgrill\b|\bheat (?:up|down|to)\b/.test(clause.text) && named(d, "object").length === 0)
    return told(d, "no-cooking");
  const objects = named(d, "object");
  // "Heat the oil to 185 °C" that is there already.
  if (
    objects.length > 0 &&
    clause.action === "heat" &&
    clause.minutes === null &&
    objects.every((m) => m.is === "pot") &&
    (clause.heats.length > 0 || /\b(?:oil|fat|butter)\b/.test(clause.text))
  )
    return told(d, "no-cooking");
  const fat = objects.filter((m) => m.is === "line" && k.line(m.line).foods.some((f) => k.groupOf(f) === "fat"));
  if (objects.length === 0 || fat.length < objects.length)
    return objects.length === 0 ? told(d, "no-cooking") : heats(d, "sweat");
  const pan = k.open();
  for (const m of fat) pan.waiting.push(...k.take(m, pan));
  pan.place = "hob";
  k.here = pan;
  told(d, "steps");
}
const IN_LIQUID = new Set<Action>(["cook", "boil", "simmer", "warm"]);
/** Heat by a verb: what is named, or what is in hand, with what stands beside it. */
export function heats(d: Doing, kind: Action): void {
  const objects = named(d, "object");
  const wet = named(d, "into", "with");
  // "Cook the noodles in the broth for 4 minutes": in what simmers there.
  const [broth] = potsOf(named(d, "into")).filter(
    (p) => p.wet && p.left > 0.999 && p.meat === null && p.place === "hob",
  );
  if (broth !== undefined && IN_LIQUID.has(kind) && objects.length > 0 && !potsOf(objects).includes(broth)) {
    const work = d.k.workOn(broth);
    bringAlong(d, work, ["object", "with"]);
    return heated(d, work, "simmer");
  }
  if (kind === "boil" || kind === "blanch" || kind === "steam") return cookInWater(d, kind);
  if (
    kind === "cook" &&
    /\bin (?:a \w+ of )?(?:plenty of |lots of )?(?:boiling|salted|simmering)\b(?: \w+)? water\b/.test(d.clause.text)
  )
    return cookInWater(d, "boil");
  const pot = workedOn(d);
  if (pot === null) return told(d, "no-cooking");
  bringAlong(d, pot, objects.length > 0 || wet.length > 0 ? ["with", "into", "over"] : []);
  heated(d, pot, kind);
}
