import type { EaterId } from "../household/people";
import { distance, type Gap, largestGaps, nearness, type Nearness, rated, shifted } from "../bite/rank";
import { type BiteAttribute, BITE_SHIFTS } from "../bite/shifts";
import { type Aim, type Bite, biteOf, inSetting, type Setting, targetOf } from "../bite/targets";
import type { AtHand, Dish, Supper, RouteId } from "../dish/dish";
import { foodsOf, headCount } from "../dish/dish";
import type { MeatForm, MeatKind } from "../dish/meat";
import type { Allergen } from "../foods/allergens";
import { openBook, type FoodBook } from "../foods/book";
import type { FoodId } from "../foods/food";
import { judge } from "../judge";
import { plan, type Plan, type PlanInput } from "../plan";
import { totalG } from "../process/contents";
import type { Caution } from "../safety/rule";
import { type Memory, newMemory } from "../quantities/memory";
import { BULK_G_PER_ML, bulkOf, type Leaving, leaving } from "./meats";
import { BEANS, type Extra, NO_EXTRA, type ProteinWay, statesOf, withExtra } from "./brings";
import { dishFor, type Wanted } from "./build";
import { type Exchanges, exchangesFor } from "./instead";
import { allergensOf, figuresOf, questionsOf } from "./figures";
import { narrowing, type Narrowing } from "./narrow";
import { type Out, reasonsOut } from "./out";
import type { Route } from "./routes";
import { ROUTES } from "./routeTable";

/** What is leaving the pan, and what the answer depends on. */
export interface Ask {
  readonly form: MeatForm;
  readonly kind: MeatKind;
  /** As the cook says it: "500 g beef strips". */
  readonly words: string;
  /** Raw, for the whole supper, g. */
  readonly rawG: number;
  readonly setting: Setting;
  /** Minutes until dinner; null when nobody said when it is. */
  readonly availableMin: number | null;
  /** Most hands-on minutes; null when it does not matter. */
  readonly mostHandsMin: number | null;
  /** Only vegetables that taste of themselves, or anything. */
  readonly honestOnly: boolean;
  /** How the protein of the meat is made up for. */
  readonly protein: ProteinWay;
  /** Whether the fat that leaves with the meat is put in again. */
  readonly bringsFat: boolean;
}
/** What this cook said of a route's bite before. */
export type Ratings = ReadonlyMap<RouteId, readonly Readonly<Partial<Record<BiteAttribute, number>>>[]>;

/** A label that has to be read before somebody may eat it. */
export interface Question {
  readonly eater: EaterId;
  readonly allergen: Allergen;
  readonly foods: readonly FoodId[];
}
/** A route as it would be cooked, with the figures that the Bench shows for the very same dish. */
export interface Answer {
  readonly route: Route;
  readonly dish: Dish;
  readonly plan: Plan;
  /** What was exchanged so that everybody can eat it. */
  readonly moved: readonly { readonly from: FoodId; readonly to: readonly FoodId[] }[];
  readonly out: readonly Out[];
  readonly asks: readonly Question[];
  /** What can harm in it, as far as that is known without times: the same that the Bench tells. */
  readonly cautions: readonly Caution[];
  /** What it holds for certain, and what only labels can tell: for as long as nobody said who must not eat what. */
  readonly contains: readonly Allergen[];
  readonly mayHold: readonly Allergen[];
  /** Null where there is nothing to bite on. */
  readonly bite: Bite | null;
  readonly distance: number;
  readonly nearness: Nearness | null;
  readonly gaps: readonly Gap[];
  /** What would narrow one of them. */
  readonly narrows: readonly Narrowing[];
  /** This cook rated it before, so many times. */
  readonly ratedTimes: number;
  /** Of the main food as it is bought, g; and how much of it would bring the protein of the meat, null where it brings none. */
  readonly mainG: number;
  readonly forProteinG: number | null;
  /** What the dish got beside its route. */
  readonly extra: Extra;
  /** How its food could lie ready, so that it takes less time. */
  readonly couldLie: readonly AtHand["state"][];
  /** At least so long before dinner, minutes. */
  readonly leadMin: number;
  readonly handsMin: number;
  readonly batches: number;
  readonly proteinG: number;
  readonly saltG: number | null;
  /** Free oil on the plate, all of it, g. */
  readonly oilG: number;
}
/** All routes that can be this form, ranked; those that are out come last. */
export interface Answers {
  readonly leaving: Leaving;
  readonly aim: Aim | null;
  readonly answers: readonly Answer[];
}

/** The first plan of a route is made with so much; the second with what comes to the wanted mass on the plate. */
const TRIAL_G = 300;
const MOST_LOOKS = 3;
const CLOSE_ENOUGH = 0.03;
/** Stock is made with twice the mass of the bones in water (common practice). */
const WATER_PER_BONES = 2;

/** The supper without a dish: who eats, in which kitchen, knowing which foods. */
export type Table = Omit<PlanInput, "log" | "supper"> & { readonly supper: Omit<Supper, "dishes"> };

/**
 * Every route that can be this form of meat, each built as a real part and planned. Ranked by the distance of its bite, an answer
 * without a question before one with; ties by name. Equal input gives an equal order.
 *
 * @param ask `rawG` above 0
 */
export function answersTo(ask: Ask, table: Table, ratings: Ratings = new Map(), memory: Memory = newMemory()): Answers {
  const meat = leaving(ask.form, ask.kind, ask.rawG, ask.setting);
  const bare = targetOf(ask.form, ask.kind);
  const aim = bare === null ? null : inSetting(bare, ask.setting);
  const book = openBook(table);
  const answers = ROUTES.filter((r) => r.forms.includes(ask.form) && (r.kinds?.includes(ask.kind) ?? true)).map(
    (route) => answerOf(route, { ask, table, meat, aim, ratings, memory, book }),
  );
  return { leaving: meat, aim, answers: answers.sort(inOrder) };
}

const inOrder = (a: Answer, b: Answer): number =>
  Number(a.out.length > 0) - Number(b.out.length > 0) ||
  a.distance - b.distance ||
  Number(a.asks.length > 0) - Number(b.asks.length > 0) ||
  (a.route.name < b.route.name ? -1 : 1);

interface World {
  readonly ask: Ask;
  readonly table: Table;
  readonly meat: Leaving;
  readonly aim: Aim | null;
  readonly ratings: Ratings;
  readonly memory: Memory;
  readonly book: FoodBook;
}

function answerOf(route: Route, world: World): Answer {
  const { ask, table, meat, aim } = world;
  const servings = Math.max(1, headCount({ ...table.supper, dishes: [] }));
  const plain = { instead: new Map(), saltShare: 1, moved: [] };
  let changes: Exchanges = plain;
  const wanted = (mainG: number, loafG: number | null): Wanted => ({
    form: ask.form,
    kind: ask.kind,
    setting: ask.setting,
    mainG,
    servings,
    words: ask.words,
    rawG: ask.rawG,
    instead: changes.instead,
    saltShare: changes.saltShare,
    lies: table.supper.atHand.flatMap((a) => (a.food === route.food ? [a.state] : [])),
    loafG,
  });
  const planned = (mainG: number, loafG: number | null, extra: Extra = NO_EXTRA) => {
    const dish = withExtra(dishFor(route, wanted(mainG, loafG), `swap-${route.id}`), extra);
    const supper: Supper = { ...table.supper, dishes: [dish] };
    return { dish, plan: plan({ ...table, supper, log: [] }, { memory: world.memory }) };
  };
  changes = exchangesFor(route, table, world.book, foodsOf(dishFor(route, wanted(TRIAL_G, null), "trial")));
  let mainG = ask.form === "stock-bones" ? WATER_PER_BONES * ask.rawG : TRIAL_G;
  let made = planned(mainG, null);
  // Nearly in proportion, but small amounts steam off and stick more: a second look, at most a third.
  for (let look = 0; look < MOST_LOOKS && ask.form !== "stock-bones"; look++) {
    const share = plateG(ask, meat, route) / (mainOf(made.plan)?.endG ?? NaN);
    const mixG = beforeShapingG(made.plan);
    if (!Number.isFinite(share) || (look > 0 && Math.abs(share - 1) < CLOSE_ENOUGH)) break;
    mainG = Math.max(1, Math.round(mainG * share));
    made = planned(mainG, mixG === null ? null : Math.round(mixG * share));
  }
  // Protein goes with the grams, so that one look is enough.
  const ownG = made.plan.perEater.proteinG * servings;
  const forProteinG = ownG > 0 && !route.littleProtein ? Math.round((mainG * meat.proteinG) / ownG) : null;
  if (ask.protein === "more" && forProteinG !== null && forProteinG > mainG) {
    const share = forProteinG / mainG;
    const mixG = beforeShapingG(made.plan);
    mainG = forProteinG;
    made = planned(mainG, mixG === null ? null : Math.round(mixG * share));
  }
  const extra = extraFor(made.plan, world, servings);
  if (extra !== NO_EXTRA) made = planned(mainG, loafOf(made.dish), extra);
  const base = biteOf(route.bite);
  const said = world.ratings.get(route.id) ?? [];
  const bite = aim === null ? null : rated(shifted(base, ...settingShifts(ask.setting, route)), said);
  const d = bite === null || aim === null ? 0 : distance(bite, aim);
  const gaps = bite === null || aim === null ? [] : largestGaps(bite, aim);
  const asks = questionsOf(made.plan);
  const figures = figuresOf(made.plan);
  return {
    route,
    ...made,
    moved: changes.moved,
    out: reasonsOut(route, made.plan, figures, ask),
    asks,
    cautions: judge({ ...table, supper: { ...table.supper, dishes: [made.dish] }, log: [] }, made.plan, null),
    ...allergensOf(made.dish, world.book),
    bite,
    distance: d,
    nearness: bite === null ? null : nearness(d),
    gaps,
    narrows: gaps.flatMap((gap) => narrowing(gap, route, ask.setting) ?? []),
    ratedTimes: said.length,
    mainG,
    forProteinG,
    extra,
    couldLie: statesOf(route.steps),
    ...figures,
  };
}

/** What the raw loaf was made to weigh, so that it stays one. */
const loafOf = (dish: Dish): number | null =>
  dish.parts.flatMap((p) => p.steps).flatMap((s) => (s.kind === "shape" && s.form === "loaf" ? [s.pieceG] : []))[0] ??
  null;

/** A generous side of beans, g (common practice). */
const MOST_BEANS_A_HEAD_G = 150;
/** Fat that left and is not in it yet, and beans for the protein that is missing. */
function extraFor(made: Plan, { ask, meat, book }: World, servings: number): Extra {
  const fatG = ask.bringsFat ? Math.max(0, meat.fatG - figuresOf(made).oilG) : 0;
  const per100 = book.food(BEANS)?.per100.proteinG ?? null;
  const missingG = meat.proteinG - made.perEater.proteinG * servings;
  const wanted = ask.protein === "side" || ask.protein === "sauce";
  const needG = wanted && per100 !== null && missingG > 0 ? (100 * missingG) / per100 : 0;
  // More beans than that are no side any more: what is still missing is told.
  const beansG = Math.min(needG, MOST_BEANS_A_HEAD_G * servings);
  if (fatG < 1 && beansG < 1) return NO_EXTRA;
  return { fatG, beansG, beansIn: ask.protein === "sauce" ? "sauce" : "side" };
}

/**
 * As much on the plate by volume as the meat would have been, g. What is torn or cut to the form lies as the meat did; only what is
 * ground lies closer than strips.
 */
function plateG({ form }: Ask, { cookedG }: Leaving, route: Route): number {
  const there = bulkOf(form);
  const here = route.bulk === "mince" && there === "strips" ? "mince" : there;
  return (cookedG.likely * BULK_G_PER_ML[here]) / BULK_G_PER_ML[there];
}
const mainOf = (made: Plan) => made.dishes[0]?.parts.find((p) => p.id === "main") ?? null;
/** What lies in the bowl before it is shaped, g. */
function beforeShapingG(made: Plan): number | null {
  const row = mainOf(made)?.rows.find((r) => r.step.kind === "shape");
  return row?.state === "computed" ? totalG(row.before.batch) : null;
}

/** What the setting does to a bite that its row does not hold already. */
function settingShifts(setting: Setting, route: Route) {
  const simmered = route.steps.some((s) => s.kind === "simmer");
  switch (setting) {
    case "sauce":
      return simmered ? [] : [BITE_SHIFTS.simmer ?? {}];
    case "glazed":
      return [{ crisp: 1 }];
    case "crust":
      return [{ crisp: -1 }];
    case "dry":
      return [];
  }
}
