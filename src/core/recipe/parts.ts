import type { Dish, Part } from "../dish/dish";
import type { FoodId, FoodLookup } from "../foods/food";
import { newStep, type Step, type StepKind } from "../process/registry";
import type { FoodLine, Line } from "../process/step";
import type { MethodStep, Operation } from "./method";
import { cutMm, does, isWet, type Known, type Place, placeOf, TOPS, withMash } from "./places";
import type { RecipeRead } from "./recipe";

type Made = readonly [kind: StepKind, adds: readonly Line[], settings: object];

/** The id of a food that only the recipe's words name. */
export const ownId = (words: string): FoodId =>
  `own-${words
    .toLowerCase()
    .replace(/[^\p{L}0-9]+/gu, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 40)}`;

const round = (g: number): number => (g < 10 ? Math.round(g * 10) / 10 : Math.round(g));
const line = (food: FoodId, massG: number | null): FoodLine => ({
  kind: "food",
  food,
  massG: massG === null ? null : round(massG),
});
const knownLine = ({ food, massG, between }: Known): FoodLine => ({
  ...line(food, massG),
  ...(between == null ? {} : { between: { lowG: round(between.lowG), highG: round(between.highG) } }),
});
const linesOf = (known: readonly Known[]): Line[] => known.map(knownLine);
/** So much for each gram; nobody knows how much, of what nobody has weighed. */
const per = (share: number, massG: number | null): number | null => (massG === null ? null : share * massG);

function part(id: string, name: string, steps: readonly Made[], more: Partial<Part> = {}): Part {
  return {
    id,
    name,
    steps: steps.map(
      ([kind, adds, settings], i) => ({ ...newStep(kind, `${id}-${kind}-${i + 1}`), ...settings, adds }) as Step,
    ),
    waitsForTableMin: 15,
    saltTarget: null,
    route: null,
    ...more,
  };
}

/** What nobody knows, in a part of its own: it stops nothing else, and everybody's check asks for it. */
export const openPart = (unknown: readonly Known[]): Part =>
  part("open", "Still to be looked at", [["weigh", linesOf(unknown), {}]]);

/** Where what the recipe puts into its meat goes: the first of these that the route has. */
const TAKES_MORE: readonly StepKind[] = ["bind", "marinate", "season", "pulse"];

/**
 * The parts of a route but for its plain sauce and crust: the recipe brings its own. What it marinates the meat in, or mixes with
 * it, goes into the step of the route that does the same; `null` where the route has none.
 */
export function meatParts(dish: Dish, at: number, within: readonly Known[]): Part[] | null {
  const steps = dish.parts.find((p) => p.id === "main")?.steps ?? [];
  const takes = TAKES_MORE.flatMap((kind) => steps.find((s) => s.kind === kind) ?? [])[0];
  if (within.length > 0 && takes === undefined) return null;
  const renamed = (id: string) => (at === 0 ? id : `${id}-${at + 1}`);
  const step = (s: Step): Step => {
    const adds = s.adds.map((l): Line => (l.kind === "part" ? { ...l, part: renamed(l.part) } : l));
    return { ...s, id: renamed(s.id), adds: s === takes ? [...adds, ...linesOf(within)] : adds } as Step;
  };
  return dish.parts
    .filter((p) => p.id === "main" || p.id === "batter")
    .map((p) => ({ ...p, id: renamed(p.id), steps: p.steps.map(step) }));
}

/** Cooked in their own pot, and how much water each takes for a gram (common practice). */
const OWN_POT: Readonly<Record<FoodId, { readonly water: number; readonly drained: boolean }>> = {
  pasta: { water: 6, drained: true },
  "pasta-gf": { water: 6, drained: true },
  "rice-white": { water: 2, drained: false },
  "rice-brown": { water: 2.5, drained: false },
  bulgur: { water: 2, drained: false },
  quinoa: { water: 2, drained: false },
  "pearl-barley": { water: 3, drained: false },
  "red-lentils": { water: 3, drained: false },
  "green-lentils": { water: 4, drained: true },
  "brown-lentils": { water: 4, drained: true },
};
const POTATO_WATER = 1.3;
const POTATO_SALT = 0.01;

/** What is left of a list of foods when some of them were put elsewhere. */
interface Apart {
  readonly parts: readonly Part[];
  readonly left: readonly Known[];
}

/** Pasta, grains and boiled potatoes cook beside, rice in the stock that the method gives it; and what is left without them. */
export function ownPots(known: readonly Known[], recipe: RecipeRead, foods: FoodLookup): Apart {
  const { method } = recipe;
  const mashed = method.some((m) => does(m, "mash"));
  const isChips = (k: Known) => k.food === "potato" && CHIPS.test(recipe.lines[k.line]?.text ?? "");
  const boiled = (k: Known) =>
    k.food === "potato" && method.some((m) => m.lines.includes(k.line) && does(m, "boil", "mash"));
  let left = known;
  const parts: Part[] = [];
  // Pulses that simmer in the sauce drink from it and belong there.
  const inSauce = (k: Known) =>
    OWN_POT[k.food]?.drained === true && known.some((o) => isWet(foods(o.food)) && together(k, o, method));
  for (const k of known.filter((one) => (one.food in OWN_POT && !inSauce(one)) || isChips(one) || boiled(one))) {
    left = left.filter((other) => other !== k);
    const id = `pot-${parts.length + 1}`;
    const name = (foods(k.food)?.name ?? k.food).split(",")[0] as string;
    const pot = OWN_POT[k.food];
    if (isChips(k)) {
      const oil = left.find((o) => foods(o.food)?.group === "fat" && (o.massG ?? 0) >= DEEP_OIL_G);
      left = left.filter((o) => o !== oil);
      parts.push(part(id, "Chips", chips(k, oil, method)));
      continue;
    }
    if (pot === undefined) {
      const within = withMash(left, k.line, recipe);
      left = left.filter((o) => !within.includes(o));
      const steps: Made[] = [
        ["cut", [knownLine(k)], { pieceMm: 30 }],
        ["boil", [line("water", per(POTATO_WATER, k.massG)), line("salt", per(POTATO_SALT, k.massG))], {}],
      ];
      parts.push(part(id, mashed ? "Mash" : name, [...steps, [mashed ? "mash" : "drain", linesOf(within), {}]]));
      continue;
    }
    const needG = per(pot.water, k.massG);
    const broth = pot.drained ? undefined : left.find((o) => o.food === "stock" && together(k, o, method));
    const { taken, rest } = takenOf(broth, needG);
    if (broth !== undefined) left = left.flatMap((o) => (o !== broth ? [o] : rest));
    const takenG = taken?.massG ?? 0;
    const bath = [
      ...(taken === null ? [] : [knownLine(taken)]),
      ...(needG === null || needG > takenG ? [line("water", needG === null ? null : needG - takenG)] : []),
    ];
    const steps: Made[] = [
      ["weigh", [knownLine(k)], {}],
      ["cook", bath, {}],
    ];
    parts.push(part(id, name, pot.drained ? [...steps, ["drain", [], {}]] : steps));
  }
  return { parts, left };
}
/** Of a stock as much as is needed, and what stays of it; all of it where either amount is not known. */
function takenOf(
  broth: Known | undefined,
  needG: number | null,
): { readonly taken: Known | null; readonly rest: readonly Known[] } {
  if (broth === undefined) return { taken: null, rest: [] };
  const { massG } = broth;
  if (massG === null || needG === null || massG <= needG) return { taken: broth, rest: [] };
  const exactly = (g: number): Known => ({ ...broth, massG: g, between: null });
  return { taken: exactly(needG), rest: [exactly(massG - needG)] };
}
/** Potatoes that are cut and fried or baked, and so much oil that they swim in it. */
const CHIPS = /\b(?:chips?|fries|wedges)\b/i;
const DEEP_OIL_G = 400;
const CHIP_MM = 12;
/** Where the method says no more (common practice): a frying of a few minutes at 180 °C. */
const FRYING = { oilC: 180, minutes: 6 } as const;
function chips(k: Known, oil: Known | undefined, method: readonly MethodStep[]): Made[] {
  const cut: Made = ["cut", [knownLine(k)], { pieceMm: CHIP_MM }];
  if (oil === undefined) {
    const oven = method.find((m) => m.lines.includes(k.line) && does(m, "bake"));
    return [cut, ["bake", [], oven === undefined ? {} : bakedAs(oven, method)]];
  }
  // Every time they go in, at the heat that was named last.
  const fryings = method.flatMap((m, i): Made[] => {
    if (!CHIPS.test(m.text) || m.minutes.length === 0) return [];
    const heat = method
      .slice(0, i + 1)
      .flatMap((one) => one.heats)
      .findLast((h) => h.tempC !== null)?.tempC;
    return [["deep-fry", [], { oilC: Math.max(130, Math.min(230, heat ?? FRYING.oilC)), minutes: middle(m) }]];
  });
  const [first = ["deep-fry", [], FRYING] as Made, ...others] = fryings;
  const again = others.map(([kind, , settings]): Made => [kind, [line(oil.food, oil.massG)], settings]);
  return [cut, [first[0], [line(oil.food, oil.massG)], first[2]], ...again];
}
const together = (a: Known, b: Known, method: readonly MethodStep[]): boolean =>
  method.some((m) => m.lines.includes(a.line) && m.lines.includes(b.line));

const SAUCE_SALT = 0.009;
const LONG_SIMMER_MIN = 40;

/** Everything else, in the order of the method; the meat's parts join where it is wet, a mash goes over it before the oven. */
export function restOf(
  known: readonly Known[],
  mains: readonly Part[],
  pots: readonly Part[],
  recipe: RecipeRead,
  foods: FoodLookup,
): Part[] {
  const { method } = recipe;
  const mash = pots.find((p) => p.steps.some((s) => s.kind === "mash"));
  const isOver =
    method.some((m) => TOPS.test(m.text) && /\b(?:mash|potato)/i.test(m.text)) || /\bpie\b/i.test(recipe.name);
  const mashOver: Line[] = mash !== undefined && isOver ? [{ kind: "part", part: mash.id, share: 1 }] : [];
  const tastesSalt = known.some((k) => k.food === "salt" && k.byTaste);
  const list = known.filter((k) => !(k.food === "salt" && k.byTaste));
  const wet = (k: Known) => isWet(foods(k.food));
  const group = (k: Known) => foods(k.food)?.group ?? "other";
  const at = (place: Place) => list.filter((k) => placeOf(k, recipe, foods(k.food)) === place);
  const inPan = at("fried").filter((k) => !wet(k));
  const toCut = inPan.filter((k) => group(k) === "vegetable" || group(k) === "mushroom");
  const fries = inPan.some((k) => group(k) !== "fat" && group(k) !== "seasoning");
  const pot = [...at("fried").filter((k) => !fries || wet(k)), ...at("wet")];
  const wets = pot.some(wet);
  const salting = tastesSalt || !list.some((k) => k.food === "salt") ? { saltTo: SAUCE_SALT } : {};
  const joins = mains.filter((p) => p.route !== null).map((p): Line => ({ kind: "part", part: p.id, share: 1 }));
  const oven = method.find((m) => does(m, "bake") && m.minutes.length > 0);
  const steps: Made[] = [];
  if (fries) {
    // One step for each size; what there is most of comes last, since the bowl is known by it.
    const bySize = new Map<number, Known[]>();
    for (const k of toCut) bySize.set(cutMm(k.line, recipe), [...(bySize.get(cutMm(k.line, recipe)) ?? []), k]);
    const massG = (those: readonly Known[]) => those.reduce((g, k) => g + (k.massG ?? 0), 0);
    for (const [pieceMm, those] of [...bySize].sort(([, a], [, b]) => massG(a) - massG(b)))
      steps.push(["cut", linesOf(those), { pieceMm }]);
    const others = linesOf(inPan.filter((k) => !toCut.includes(k)));
    steps.push(["brown", others, { browningMin: minutesOf(method, "fry", 3, 20) }]);
  }
  if (wets) {
    const minutes = minutesOf(method, "simmer", 10, 600);
    const lid = minutes > LONG_SIMMER_MIN || method.some((m) => does(m, "simmer") && m.covered);
    steps.push(["simmer", linesOf(pot), { minutes, lid }]);
    const end = linesOf(at("end"));
    if (oven === undefined || joins.length === 0)
      steps.push(["season", [...joins, ...linesOf(at("top")), ...end], salting]);
    else {
      steps.push(["season", joins, salting]);
      const over = [...mashOver, ...linesOf(at("top"))];
      if (over.length > 0) steps.push(["top", over, {}]);
      steps.push(["bake", [], bakedAs(oven, method)]);
      if (end.length > 0) steps.push(["serve", end, {}]);
    }
  } else {
    if (pot.length > 0) steps.push([fries ? "season" : "weigh", linesOf(pot), {}]);
    if (oven !== undefined && pot.some((k) => group(k) === "vegetable"))
      steps.push(["bake", [], bakedAs(oven, method)]);
    const end = linesOf([...at("top"), ...at("end")]);
    if (end.length > 0 || (tastesSalt && steps.length > 0))
      steps.push([steps.length > 0 ? "season" : "weigh", end, steps.length > 0 && tastesSalt ? salting : {}]);
  }
  if (steps.length === 0) return [];
  return [part("rest", wets ? "Sauce" : "The rest", steps, wets ? { saltTarget: "sauce" } : {})];
}

const USUAL_OVEN_C = 190;
const bakedAs = (oven: MethodStep, method: readonly MethodStep[]) => ({
  ovenC: method.flatMap((m) => m.heats).find((h) => h.tempC !== null)?.tempC ?? USUAL_OVEN_C,
  minutes: Math.min(600, middle(oven)),
  cover: oven.covered ? "lid" : "bare",
});
function minutesOf(method: readonly MethodStep[], op: Operation, usual: number, most: number): number {
  const sum = method.filter((m) => does(m, op)).reduce((s, m) => s + middle(m), 0);
  return Math.max(1, Math.min(most, Math.round(sum > 0 ? sum : usual)));
}
const middle = ({ minutes: [first] }: MethodStep): number =>
  first === undefined ? 0 : ((first.low + first.high) / 2) * (first.eachSide ? 2 : 1);
