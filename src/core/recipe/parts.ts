import type { Dish, Part } from "../dish/dish";
import type { Food, FoodId, FoodLookup } from "../foods/food";
import { newStep, type Step, type StepKind } from "../process/registry";
import type { Line } from "../process/step";
import type { MethodStep, Operation } from "./method";
import type { RecipeRead } from "./recipe";

/** A food of the recipe that goes into the dish. */
export interface Known {
  readonly food: FoodId;
  readonly massG: number;
  readonly line: number;
  readonly byTaste: boolean;
}
type Made = readonly [kind: StepKind, adds: readonly Line[], settings: object];

/** Whether a sentence does any of this. */
export const does = (step: MethodStep, ...any: readonly Operation[]): boolean =>
  any.some((op) => step.operations.includes(op));
/** What is poured: a liquid, and whatever is mostly water and no vegetable. */
export const isWet = (food: Food | null): boolean =>
  food !== null && food.id !== "tomato" && (food.group === "liquid" || food.id === "tomatoes-tinned");
/** The id of a food that only the recipe's words name. */
export const ownId = (words: string): FoodId =>
  `own-${words
    .toLowerCase()
    .replace(/[^\p{L}0-9]+/gu, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 40)}`;

const round = (g: number): number => (g < 10 ? Math.round(g * 10) / 10 : Math.round(g));
const line = (food: FoodId, massG: number): Line => ({ kind: "food", food, massG: round(massG) });
const linesOf = (known: readonly Known[]): Line[] => known.map((k) => line(k.food, k.massG));

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
export const openPart = (unknown: readonly (readonly [words: string, massG: number])[]): Part =>
  part("open", "Still to be looked at", [["weigh", unknown.map(([words, massG]) => line(ownId(words), massG)), {}]]);

/** The parts of a route but for its plain sauce and crust: the recipe brings its own. */
export function meatParts(dish: Dish, at: number): Part[] {
  const renamed = (id: string) => (at === 0 ? id : `${id}-${at + 1}`);
  const step = (s: Step): Step => {
    const adds = s.adds.map((l): Line => (l.kind === "part" ? { ...l, part: renamed(l.part) } : l));
    return { ...s, id: renamed(s.id), adds } as Step;
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
export function ownPots(known: readonly Known[], { method }: RecipeRead, foods: FoodLookup): Apart {
  const mashed = method.some((m) => does(m, "mash"));
  const boiled = (k: Known) =>
    k.food === "potato" && method.some((m) => m.lines.includes(k.line) && does(m, "boil", "mash"));
  let left = known;
  const parts: Part[] = [];
  for (const k of known.filter((one) => one.food in OWN_POT || boiled(one))) {
    left = left.filter((other) => other !== k);
    const id = `pot-${parts.length + 1}`;
    const name = (foods(k.food)?.name ?? k.food).split(",")[0] as string;
    const pot = OWN_POT[k.food];
    if (pot === undefined) {
      const steps: Made[] = [
        ["cut", [line(k.food, k.massG)], { pieceMm: 30 }],
        ["boil", [line("water", POTATO_WATER * k.massG), line("salt", POTATO_SALT * k.massG)], {}],
      ];
      parts.push(part(id, mashed ? "Mash" : name, [...steps, [mashed ? "mash" : "drain", [], {}]]));
      continue;
    }
    const needG = pot.water * k.massG;
    const broth = pot.drained ? undefined : left.find((o) => o.food === "stock" && together(k, o, method));
    const brothG = Math.min(needG, broth?.massG ?? 0);
    if (broth !== undefined)
      left = left.flatMap((o) => (o !== broth ? [o] : o.massG > brothG ? [{ ...o, massG: o.massG - brothG }] : []));
    const bath = [line("stock", brothG), line("water", needG - brothG)].filter((l) => l.kind === "food" && l.massG > 0);
    const steps: Made[] = [
      ["weigh", [line(k.food, k.massG)], {}],
      ["cook", bath, {}],
    ];
    parts.push(part(id, name, pot.drained ? [...steps, ["drain", [], {}]] : steps));
  }
  return { parts, left };
}
const together = (a: Known, b: Known, method: readonly MethodStep[]): boolean =>
  method.some((m) => m.lines.includes(a.line) && m.lines.includes(b.line));

const HEATED = (m: MethodStep) => does(m, "fry", "sear", "simmer", "boil", "bake", "grill", "steam", "deep-fry");
/** Where a food of the list goes in: at the frying, where it is wet, or at the end. */
function placeOf(k: Known, method: readonly MethodStep[], food: Food | null): "fried" | "wet" | "end" {
  const at = method.findIndex((m) => m.lines.includes(k.line));
  const step = method[at];
  if (step === undefined) return method.some((m) => does(m, "simmer", "boil")) ? "wet" : "end";
  if (does(step, "serve") && !HEATED(step)) return "end";
  const fries = food !== null && ["vegetable", "mushroom", "fat"].includes(food.group);
  if (does(step, "fry", "sear") && (fries || !does(step, "simmer", "boil"))) return "fried";
  return method.slice(at).some(HEATED) ? "wet" : "end";
}

const SAUCE_SALT = 0.009;
const LONG_SIMMER_MIN = 40;
const PIECE_MM = 8;

/** Everything else, in the order of the method; the meat's parts join where it is wet. */
export function restOf(known: readonly Known[], mains: readonly Part[], recipe: RecipeRead, foods: FoodLookup): Part[] {
  const { method } = recipe;
  const tastesSalt = known.some((k) => k.food === "salt" && k.byTaste);
  const list = known.filter((k) => !(k.food === "salt" && k.byTaste));
  const wet = (k: Known) => isWet(foods(k.food));
  const group = (k: Known) => foods(k.food)?.group ?? "other";
  const at = (place: "fried" | "wet" | "end") => list.filter((k) => placeOf(k, method, foods(k.food)) === place);
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
    if (toCut.length > 0) steps.push(["cut", linesOf(toCut), { pieceMm: PIECE_MM }]);
    const others = linesOf(inPan.filter((k) => !toCut.includes(k)));
    steps.push(["brown", others, { browningMin: minutesOf(method, "fry", 3, 20) }]);
  }
  if (wets) {
    const minutes = minutesOf(method, "simmer", 10, 600);
    const lid = minutes > LONG_SIMMER_MIN || method.some((m) => does(m, "simmer") && m.covered);
    steps.push(["simmer", linesOf(pot), { minutes, lid }]);
    steps.push(["season", [...joins, ...linesOf(at("end"))], salting]);
    if (oven !== undefined && joins.length > 0) steps.push(["bake", [], bakedAs(oven, method)]);
  } else {
    if (pot.length > 0) steps.push([fries ? "season" : "weigh", linesOf(pot), {}]);
    if (oven !== undefined && pot.some((k) => group(k) === "vegetable"))
      steps.push(["bake", [], bakedAs(oven, method)]);
    const end = linesOf(at("end"));
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
