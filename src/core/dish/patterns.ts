import type { FoodId } from "../foods/food";
import { type Line, timesLine } from "../process/step";
import type { Step, StepKind, StepOf } from "../process/registry";
import { type Dish, type Part, partsToJoin, shareLeft } from "./dish";
import { PATTERN_NAMES, type PatternId } from "./patternNames";
import { freeId } from "./edit";
import { newStep } from "../process/registry";

/** The chain of steps that a kind of part usually needs, with amounts for four that any cook will change. Common practice, no dish. */
interface Pattern {
  /** The step, by its place, at which everything joins that no other part takes yet. */
  readonly joins?: number;
  readonly salt: Part["saltTarget"];
  readonly waits: number;
  readonly steps: readonly { readonly kind: StepKind; readonly adds?: readonly Line[]; readonly more?: object }[];
}
const food = (id: FoodId, massG: number): Line => ({ kind: "food", food: id, massG });
const more = <K extends StepKind>(_kind: K, settings: Partial<StepOf<K>>): object => settings;

/** A plain sauce. */
const SAUCE: Pattern["steps"] = [
  { kind: "cut", adds: [food("onion", 120)], more: more("cut", { pieceMm: 6 }) },
  { kind: "brown", adds: [food("rapeseed-oil", 15)] },
  { kind: "simmer", adds: [food("water", 350), food("tomato-paste", 40)], more: more("simmer", { minutes: 8 }) },
  { kind: "thicken", adds: [food("corn-starch", 7), food("water", 20)] },
  { kind: "season", more: more("season", { saltTo: 0.009 }) },
];
/** Steps and amounts of each pattern. */
export const PATTERNS: Readonly<Record<PatternId, Pattern>> = {
  seared: {
    salt: "braised",
    waits: 10,
    steps: [
      { kind: "weigh", adds: [food("soy-strips", 120)] },
      { kind: "soak", adds: [food("water", 750)] },
      { kind: "drain" },
      { kind: "squeeze" },
      {
        kind: "marinate",
        adds: [food("soy-sauce", 15), food("water", 30), food("cider-vinegar", 8)],
        more: more("marinate", { saltTo: 0.01 }),
      },
      { kind: "sear", adds: [food("rapeseed-oil", 20)] },
    ],
  },
  bound: {
    salt: "mince",
    waits: 10,
    steps: [
      { kind: "weigh", adds: [food("soy-granules", 120)] },
      { kind: "soak", adds: [food("water", 250)], more: more("soak", { minutes: 12 }) },
      { kind: "drain" },
      {
        kind: "bind",
        adds: [food("ground-flax", 16), food("chickpea-flour", 40), food("water", 20)],
        more: more("bind", { saltTo: 0.013 }),
      },
      { kind: "rest" },
      { kind: "shape", more: more("shape", { pieceG: 60, diameterMm: 75 }) },
      { kind: "fry", adds: [food("rapeseed-oil", 25)] },
    ],
  },
  sauce: { salt: "sauce", waits: 15, steps: SAUCE },
  stew: { salt: "sauce", waits: 15, joins: 2, steps: SAUCE },
  grain: {
    salt: null,
    waits: 10,
    steps: [
      { kind: "cook", adds: [food("rice-white", 300), food("water", 510), food("salt", 3.5)] },
      { kind: "stand", more: more("stand", { minutes: 10, foil: true }) },
    ],
  },
  pot: {
    salt: null,
    waits: 10,
    steps: [{ kind: "cook", adds: [food("pasta", 320), food("water", 3000), food("salt", 25)] }, { kind: "drain" }],
  },
  cream: {
    salt: "sauce",
    waits: 60,
    steps: [
      {
        kind: "soak",
        adds: [food("cashews", 150), food("water", 450)],
        more: more("soak", { minutes: 60, waterC: 90 }),
      },
      { kind: "drain" },
      {
        kind: "pulse",
        adds: [food("water", 260), food("lemon-juice", 10)],
        more: more("pulse", { to: "smooth", saltTo: 0.008 }),
      },
    ],
  },
  baked: {
    salt: null,
    waits: 15,
    joins: 0,
    steps: [{ kind: "layer" }, { kind: "bake", more: more("bake", { ovenC: 190, minutes: null, coreC: 74 }) }],
  },
  mash: {
    salt: "mash",
    waits: 15,
    steps: [
      { kind: "cut", adds: [food("potato", 900)], more: more("cut", { pieceMm: 28 }) },
      { kind: "boil", adds: [food("water", 1300), food("salt", 10)] },
      { kind: "mash", adds: [food("olive-oil", 30), food("soy-milk", 120)], more: more("mash", { saltTo: 0.008 }) },
    ],
  },
  vegetables: {
    salt: null,
    waits: 15,
    steps: [
      { kind: "cut", adds: [food("carrot", 500)], more: more("cut", { pieceMm: 12 }) },
      { kind: "brown", adds: [food("rapeseed-oil", 15)], more: more("brown", { browningMin: 6 }) },
      { kind: "season", more: more("season", { saltTo: 0.008 }) },
    ],
  },
  empty: { salt: null, waits: 15, steps: [] },
};

/**
 * A new part of a dish from a pattern; amounts are brought from four servings to the dish's own number. What is simmered or
 * baked together takes the parts that no other part takes yet.
 */
export function partFromPattern(dish: Dish, id: PatternId): Part {
  const pattern = PATTERNS[id];
  const part = freeId(dish, id);
  const scale = dish.servings / 4;
  const free = partsToJoin(dish, null).map((p): Line => ({ kind: "part", part: p.id, share: shareLeft(dish, p.id) }));
  const steps = pattern.steps.map(({ kind, adds = [], more: settings }, i) => {
    const lines = [...(i === pattern.joins ? free : []), ...adds.map((l) => timesLine(l, scale))];
    return { ...newStep(kind, `${part}-${kind}-${i + 1}`), ...settings, adds: lines } as Step;
  });
  return {
    id: part,
    name: PATTERN_NAMES[id],
    steps,
    waitsForTableMin: pattern.waits,
    saltTarget: pattern.salt,
    route: null,
  };
}
