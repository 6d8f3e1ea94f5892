import { addPart, freeId } from "../dish/edit";
import type { AtHand, Dish, Part } from "../dish/dish";
import type { MeatForm, MeatKind } from "../dish/meat";
import { partFromPattern } from "../dish/patterns";
import { newStep, type Step, type StepKind } from "../process/registry";
import { type Line, type ShapeForm, type DishId, type StepId, timesLine } from "../process/step";
import type { FoodId } from "../foods/food";
import type { Setting } from "../bite/targets";
import { stepsDone } from "./brings";
import type { ChainStep, Route } from "./routes";

/** What a route is built for. */
export interface Wanted {
  readonly form: MeatForm;
  readonly kind: MeatKind;
  readonly setting: Setting;
  /** Of the route's main food, as it is bought, g. */
  readonly mainG: number;
  readonly servings: number;
  /** Words for what left the pan: "500 g beef strips". */
  readonly words: string;
  readonly rawG: number | null;
  /** Foods taken instead of those of the table, for somebody who must not have them. */
  readonly instead: ReadonlyMap<FoodId, readonly (readonly [food: FoodId, share: number])[]>;
  /** Share of every salt target that stays. */
  readonly saltShare: number;
  /** How the route's food lies ready: the steps up to there are done already. */
  readonly lies: readonly AtHand["state"][];
  /** What a loaf weighs raw, so that it is one; null while nobody knows. */
  readonly loafG: number | null;
}

/** The shapes of meat forms that are shaped by hand: grams of a piece and its size, mm (common practice). */
const PIECES: Readonly<Partial<Record<MeatForm, { form: ShapeForm; pieceG: number; diameterMm: number }>>> = {
  ball: { form: "ball", pieceG: 40, diameterMm: 42 },
  patty: { form: "patty", pieceG: 90, diameterMm: 90 },
  loaf: { form: "loaf", pieceG: 0, diameterMm: 100 },
  sausage: { form: "log", pieceG: 85, diameterMm: 140 },
};
/** Whether a form is one that the hands give this route: shaped from a mix, or threaded. */
export const isShapedAs = (route: Route, form: MeatForm): boolean =>
  form === "skewer" || (PIECES[form] !== undefined && route.steps.some((s) => s.kind === "shape"));

/** A loaf is baked to its middle, everything else that is bound is fried (common practice). */
const LOAF_OVEN = { ovenC: 180, minutes: null, coreC: 78 } as const;
/** What is threaded before it meets the heat. */
const SKEWER = { form: "skewer", pieceG: 90, diameterMm: 150 } as const;
/** A block as it is bought; more of it lies beside it, so it is as long and thick, and wider. */
const BLOCK = { massG: 394, widthMm: 75, mostMm: 500 } as const;
const BLOCKS: readonly StepKind[] = ["press", "freeze", "thaw"];
const HEATS: readonly StepKind[] = ["sear", "fry", "griddle", "bake", "deep-fry", "air-fry", "brown"];

/**
 * The dish that a route makes of a meat's place: its part, the batter that it may need, and in a sauce the sauce around it.
 * Whatever the Bench says of it a moment later is worked out from the very same parts.
 */
export function dishFor(route: Route, wanted: Wanted, id: DishId): Dish {
  const empty: Dish = {
    id,
    name: route.name,
    replaces: { words: wanted.words, form: wanted.form, kind: wanted.kind, rawG: wanted.rawG },
    servings: wanted.servings,
    parts: [],
  };
  const main = mainPart(route, wanted);
  const parts: Part[] = [main];
  if (route.second !== null)
    parts.push({
      id: "batter",
      name: route.second.name,
      steps: route.second.steps.map((s, i) => stepOf(s, `batter-${i + 1}`, wanted)),
      waitsForTableMin: 15,
      saltTarget: null,
      route: null,
    });
  if (wanted.setting === "sauce") parts.push(asWanted(sauceAround({ ...empty, parts }), wanted));
  return wanted.setting === "crust" ? underCrust({ ...empty, parts }, wanted) : { ...empty, parts };
}

/** Everything under a crust of mash, in one dish in the oven; any cook will change the crust. */
function underCrust(dish: Dish, wanted: Wanted): Dish {
  const crust = asWanted({ ...partFromPattern(dish, "mash"), name: "Crust" }, wanted);
  const mashed = addPart(dish, crust);
  return addPart(mashed, { ...partFromPattern(mashed, "baked"), name: "Under the crust" });
}

function mainPart(route: Route, wanted: Wanted): Part {
  const chain = chainFor(route, wanted);
  const done = stepsDone(chain, wanted.lies);
  return {
    id: "main",
    name: route.name.split(",")[0] as string,
    steps: chain.map((s, i) => {
      const step = stepOf(s, `main-${s.kind}-${i + 1}`, wanted);
      return i < done ? { ...step, ready: true } : step;
    }),
    waitsForTableMin: route.waitsMin,
    saltTarget: route.salt,
    route: { id: route.id, form: wanted.form, kind: wanted.kind },
  };
}

/** What is eaten cold is cold before it is sliced or laid out: a log in its wrap in ice water, all else spread out in the fridge (common practice; FDA Food Code 3-501.14). */
const COOLED = {
  shaped: { minutes: 75, where: "ice-bath", depthMm: 40 },
  spread: { minutes: 120, where: "fridge", depthMm: 15 },
} as const;
function cooled(chain: readonly ChainStep[]): ChainStep[] {
  const shaped = chain.some((s) => s.kind === "shape");
  const cold: ChainStep = { kind: "cool", adds: [], with: shaped ? COOLED.shaped : COOLED.spread };
  const bare = chain.filter((s) => s.kind !== "cool");
  if (bare.some((s) => s.kind === "marinate")) return bare;
  const slice = bare.findLastIndex((s) => s.kind === "slice");
  const at = slice > 0 ? slice : bare.length;
  return [...bare.slice(0, at), cold, ...bare.slice(at)];
}

/** The chain as this form and setting want it: shaped as the meat was, skewered, baked as a loaf, glazed at the end. */
function chainFor(route: Route, { form, setting }: Wanted): ChainStep[] {
  const pieces = PIECES[form];
  const chain = route.steps.flatMap((step): ChainStep[] => {
    if (pieces && step.kind === "shape") return [{ ...step, with: pieces }];
    // A loaf goes into the oven; what was to be fried is baked to its middle.
    if (form === "loaf" && step.kind === "fry") return [{ kind: "bake", adds: step.adds, with: LOAF_OVEN }];
    return [step];
  });
  if (form === "skewer") {
    const heat = chain.findIndex((s) => HEATS.includes(s.kind));
    if (heat >= 0) chain.splice(heat, 0, { kind: "shape", adds: [], with: SKEWER });
  }
  if (form === "cold-slices") return cooled(chain);
  if (setting === "glazed")
    chain.push({
      kind: "glaze",
      adds: [
        ["maple-syrup", 8],
        ["cider-vinegar", 3],
        ["tomato-paste", 4],
      ],
      with: {},
    });
  return chain;
}
function stepOf({ kind, adds, with: settings }: ChainStep, id: StepId, wanted: Wanted): Step {
  const { mainG } = wanted;
  const lines = adds.flatMap(([food, per100]): Line[] => {
    if (food === "@batter") return [{ kind: "part", part: "batter", share: 1 }];
    const others = wanted.instead.get(food) ?? [[food, 1] as const];
    return others.map(([other, share]) => ({
      kind: "food",
      food: other,
      massG: round((per100 * share * mainG) / 100),
    }));
  });
  const sized =
    BLOCKS.includes(kind) && !("widthMm" in settings)
      ? { widthMm: Math.min(BLOCK.mostMm, Math.round(BLOCK.widthMm * Math.max(1, mainG / BLOCK.massG))) }
      : {};
  const salted = "saltTo" in settings && typeof settings.saltTo === "number" ? saltOf(settings.saltTo, wanted) : {};
  const loaf = kind === "shape" && settings.form === "loaf" ? { pieceG: wanted.loafG ?? MOST_LOAF_G } : {};
  return { ...newStep(kind, id), ...settings, ...sized, ...salted, ...loaf, adds: lines } as Step;
}
const saltOf = (saltTo: number, { saltShare }: Wanted) => ({ saltTo: saltShare === 0 ? null : saltTo * saltShare });
/** What stands around a route as those at the table take it: other foods, less salt. */
function asWanted(part: Part, wanted: Wanted): Part {
  const line = (l: Line): Line[] => {
    const others = l.kind === "food" ? wanted.instead.get(l.food) : undefined;
    return l.kind === "food" && others !== undefined
      ? others.map(([food, share]) => timesLine({ ...l, food }, share))
      : [l];
  };
  const step = (s: Step): Step => {
    const salted = "saltTo" in s && s.saltTo !== null && wanted.saltShare !== 1 ? saltOf(s.saltTo, wanted) : {};
    return { ...s, ...salted, adds: s.adds.flatMap(line) } as Step;
  };
  return { ...part, steps: part.steps.map(step) };
}
/** One loaf, whatever it comes to. */
const MOST_LOAF_G = 5000;
/** Amounts that a cook can weigh: whole grams, tenths below ten. */
const round = (grams: number): number => (grams < 10 ? Math.round(grams * 10) / 10 : Math.round(grams));

/** What meat gave to a gravy: stock, a little tomato for colour, something sour at the end; g for four (common practice). */
const GRAVY = { stock: 330, "tomato-paste": 15 } as const;
const SOUR: readonly (readonly [FoodId, number])[] = [["cider-vinegar", 6]];
/** A gravy that the part joins at the end: browned onion, stock, thickened, something sour; any cook will change it. */
function sauceAround(dish: Dish): Part {
  const sauce = partFromPattern(dish, "sauce");
  const lines = (foods: readonly (readonly [FoodId, number])[]): Line[] =>
    foods.map(([food, grams]) => ({ kind: "food", food, massG: round((grams * dish.servings) / 4) }));
  const steps = sauce.steps.map((s): Step => {
    if (s.kind === "simmer") return { ...s, adds: lines(Object.entries(GRAVY)) };
    return s.kind === "season" ? { ...s, adds: [...lines(SOUR), { kind: "part", part: "main", share: 1 }] } : s;
  });
  return { ...sauce, id: freeId(dish, "sauce"), steps };
}
