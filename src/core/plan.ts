import type { GearId } from "./process/ledger";
import { type BindingAdvice, bindingAdvice } from "./bind/advice";
import { type FoodBook, type FoodsSaid, openBook } from "./foods/book";
import type { FoodId, FoodLookup } from "./foods/food";
import { chooseGear, type ChosenGear, withGear } from "./dish/gear";
import {
  type Dish,
  headCount,
  linesOf,
  openFoods,
  type Part,
  scaleDish,
  servedParts,
  type Supper,
  withAmounts,
} from "./dish/dish";
import { eatenShareOf, type GoesOff } from "./dish/setAside";
import { burnerFacts, type Kitchen, kitchenFacts } from "./household/kitchen";
import type { Eater } from "./household/people";
import { totalG } from "./process/contents";
import { vesselContents } from "./process/ledger";
import { solidsOfFood } from "./process/solids";
import { amountsPutIn, growsWith, type LogEntry, readings, stepKey, type StepKey } from "./process/log";
import { replay, type ReplayWorld } from "./process/replay";
import type { ReplayedPart, Row } from "./process/row";
import { STEP_REGISTRY, type StepRegistry } from "./process/registry";
import type { PartId, StepId, DishId } from "./process/step";
import { type Memory, newMemory } from "./quantities/memory";
import { dietVerdicts, type DietVerdict } from "./safety/diets";
import { type Disliked, dislikedFoods, eaterVerdicts, type Verdict } from "./safety/eaters";
import { taskNetOf } from "./schedule/fromPlan";
import type { TaskNet } from "./schedule/task";
import { type Doubt, doubtsOf } from "./season/doubts";
import { type SaltStanding, saltStanding } from "./season/standing";

/**
 * Everything a plan is computed from: plain data, self-contained but for the food table that ships. `foods` and `labels`
 * say what differs from it. The API takes exactly this.
 */
export interface PlanInput extends FoodsSaid {
  readonly supper: Supper;
  readonly kitchen: Kitchen;
  readonly eaters: readonly Eater[];
  readonly log: readonly LogEntry[];
}

/** One part of a planned dish: its rows, and what of it comes to the table. */
export interface PlannedPart {
  readonly id: PartId;
  readonly name: string;
  readonly rows: readonly Row[];
  /** Whether it comes to the table, and what of it. */
  readonly served: boolean;
  readonly endG: number | null;
  readonly salt: SaltStanding | null;
  /** Foods in it, and in what joins it, whose amount nobody has said: its grams are those of the others. */
  readonly open: readonly FoodId[];
}
/** A dish with its planned parts. */
export interface PlannedDish {
  readonly id: DishId;
  readonly name: string;
  readonly parts: readonly PlannedPart[];
}
/** Sums over the table. null where a figure is missing; `atLeast` when some food's figure is unknown. */
export interface PerEater {
  readonly saltG: number | null;
  /** Some food's sodium is unknown: the salt is that of the others. */
  readonly saltAtLeast: boolean;
  readonly proteinG: number;
  readonly proteinAtLeast: boolean;
  readonly massG: number | null;
  /** Some food's amount is not known yet: the grams are those of the others. */
  readonly massAtLeast: boolean;
}
/** A supper computed without clock times. */
export interface Plan extends TaskNet {
  readonly eaters: number;
  readonly dishes: readonly PlannedDish[];
  /** For mixes that would not hold: what brings them there. */
  readonly advice: readonly BindingAdvice[];
  readonly verdicts: readonly Verdict[];
  /** The same for diets. */
  readonly diets: readonly DietVerdict[];
  /** Foods of the supper that somebody at the table would rather not have. */
  readonly disliked: readonly Disliked[];
  readonly perEater: PerEater;
  /** What is far from what cooks take: asked, never changed. */
  readonly doubts: readonly Doubt[];
  /** How many steps cannot be computed. */
  readonly blocked: number;
}

/** What a caller may pass in beside the input; answers are the same without it. */
export interface PlanTools {
  /** For whoever plans again and again: minutes found before need not be searched again. */
  readonly memory?: Memory;
  /** On which burner, by id, steps stand; the strongest where nothing is said. */
  readonly burners?: BurnerChoice;
  /** Kinds of step; those that ship unless a test brings its own. */
  readonly steps?: StepRegistry;
}

/** Which burner a step stands on, by `dish.step`. */
export type BurnerChoice = Readonly<Record<StepKey, string>>;

/** A dish of a supper as it is cooked, and the world that its steps see. */
export interface DishInWorld {
  /** Scaled to the eaters, with the gear that was chosen and the amounts that were put in. */
  readonly dish: Dish;
  readonly world: ReplayWorld;
  /** Its likely run, where choosing the gear needed it already. */
  readonly parts: readonly ReplayedPart[] | null;
  /** Pan or tin of each step that names none. */
  readonly gear: ReadonlyMap<StepId, GearId>;
}

/** The dishes of a supper as they are cooked. */
export function worldsOf(input: PlanInput, book: FoodBook, tools: PlanTools): DishInWorld[] {
  const facts = kitchenFacts(input.kitchen);
  const weighed = readings(input.log);
  const putIn = amountsPutIn(input.log);
  const memory = tools.memory ?? newMemory();
  const heads = Math.max(1, headCount(input.supper));
  const asPutIn = (dish: Dish): Dish =>
    putIn.size === 0 ? dish : withAmounts(dish, (step) => putIn.get(stepKey(dish.id, step.id)));
  const steps = tools.steps ?? STEP_REGISTRY;
  const burnerOf = burnersGiven(input.kitchen, tools.burners);
  const worlds = input.supper.dishes.map((dish) => ({
    dish: scaleDish(dish, heads / dish.servings),
    world: {
      ...facts,
      burnerOf,
      dishId: dish.id,
      foods: book.food,
      figures: book.figures,
      kin: book.kin,
      brought: new Map(),
      known: new Map(),
      readings: weighed,
      grows: growsWith(input.log),
      memory,
      steps,
      scaleStepG: input.kitchen.scaleStepG,
    },
  }));
  // Which pan a part gets depends on what is planned, never on what the scale says in the middle of it.
  const asPlanned = worlds.map(({ dish, world }) => ({
    dish,
    parts: replay(dish.parts, weighed.size === 0 ? world : { ...world, readings: new Map() }),
  }));
  const gear = chooseGear(asPlanned, input.kitchen, steps);
  return worlds.map(({ dish, world }, i) => {
    const chosen = gear[i] as ChosenGear;
    const cooked = asPutIn(withGear(dish, chosen.moved, steps));
    const same = cooked === dish && weighed.size === 0;
    return { dish: cooked, world, gear: chosen.all, parts: same ? (asPlanned[i]?.parts ?? null) : null };
  });
}

/** What each step that was given a burner has under its pan; a burner that is gone is none. */
function burnersGiven({ burners }: Kitchen, choice: BurnerChoice = {}): ReplayWorld["burnerOf"] {
  return new Map(
    Object.entries(choice).flatMap(([step, id]) => {
      const burner = burners.find((b) => b.id === id);
      return burner === undefined ? [] : [[step, burnerFacts(burner)] as const];
    }),
  );
}
/** The same input with every pan and tin named: those that would be chosen now. */
export function withGearNamed(input: PlanInput): PlanInput {
  const worlds = worldsOf({ ...input, log: [] }, openBook(input), {});
  const dishes = input.supper.dishes.map((dish, i) => withGear(dish, worlds[i]?.gear ?? new Map(), STEP_REGISTRY));
  return { ...input, supper: { ...input.supper, dishes } };
}

const replayAll = (input: PlanInput, book: FoodBook, tools: PlanTools) =>
  worldsOf(input, book, tools).map(({ dish, world, parts }) => ({
    dish,
    world,
    parts: parts ?? replay(dish.parts, world),
  }));

/**
 * The plan of a supper: ledgers, tasks without times, verdicts. Pure, and quick enough for every edit.
 * A step that cannot be computed says why and holds up only what follows it.
 */
export function plan(input: PlanInput, tools: PlanTools = {}): Plan {
  const heads = Math.max(1, headCount(input.supper));
  const book = openBook(input);
  const replayed = replayAll(input, book, tools);
  const dishes = replayed.map(({ dish, parts }) => plannedDish(dish, parts, heads));
  const rows = dishes.flatMap((d) => d.parts.flatMap((p) => p.rows));
  const verdicts = eaterVerdicts(input.supper, input.eaters, book.food);
  const eaten = perEater(replayed, dishes, book.food, heads);
  return {
    eaters: heads,
    dishes,
    ...taskNetOf(input.supper, replayed, input.kitchen, tools.burners, tools.steps),
    advice: replayed.flatMap(({ parts }) => parts.flatMap((p) => bindingAdvice(p.rows, book.food, book.figures))),
    verdicts,
    diets: dietVerdicts(input.supper, input.eaters, { ...book, saltG: eaten.saltG, saltAtLeast: eaten.saltAtLeast }),
    disliked: dislikedFoods(input.supper, input.eaters, book.kin),
    perEater: eaten,
    doubts: replayed.flatMap(({ dish, parts }, i) =>
      doubtsOf(dish, eachEatsOf(dishes[i] as PlannedDish, parts, heads), book.food, book.kin),
    ),
    blocked: rows.filter((r) => r.state === "blocked").length,
  };
}

function plannedDish(dish: Dish, parts: readonly ReplayedPart[], heads: number): PlannedDish {
  const served = new Set(servedParts(dish).map((p) => p.id));
  return {
    id: dish.id,
    name: dish.name,
    parts: parts.map((replayedPart, i) => {
      const part = dish.parts[i] as Part;
      const end = replayedPart.rows.length === 0 ? null : replayedPart.end;
      return {
        id: part.id,
        name: part.name,
        rows: replayedPart.rows,
        served: served.has(part.id),
        endG: end === null ? null : totalG(end.batch),
        salt: end === null ? null : saltStanding(end.batch, heads, part.saltTarget),
        open: [...openFoods(dish, part.id)],
      };
    }),
  };
}

/** Salt and water of one dish as eaten, g for each; null where a part of it cannot be computed. */
function eachEatsOf(dish: PlannedDish, parts: readonly ReplayedPart[], heads: number) {
  let saltG: number | null = 0;
  let waterG: number | null = 0;
  dish.parts.forEach((part, p) => {
    if (!part.served) return;
    const source = parts[p];
    const end = source && source.rows.length > 0 ? source.end : null;
    const share = (1 - (source?.usedShare ?? 0)) / heads;
    saltG = saltG === null || end === null ? null : saltG + end.batch.saltG * share;
    waterG = waterG === null || end === null ? null : waterG + end.batch.waterG * share;
  });
  return { saltG, waterG };
}

/** Of what a food had in the vessel, by the ledger of a step: how much of it left there. */
const goesOffAt =
  (parts: readonly ReplayedPart[]): GoesOff =>
  (step, food) => {
    const row = parts.flatMap((p) => p.rows).find((r) => r.step.id === step);
    if (row?.state !== "computed") return 0;
    const { outputs, after } = row.outcome;
    const offG = outputs.reduce((g, o) => g + solidsOfFood(o.contents.solids, food), 0);
    const allG = offG + solidsOfFood(vesselContents(after).solids, food);
    return allG <= 0 ? 0 : offG / allG;
  };

function perEater(
  replayed: readonly { dish: Dish; parts: readonly ReplayedPart[] }[],
  dishes: readonly PlannedDish[],
  foods: FoodLookup,
  heads: number,
): PerEater {
  let proteinG = 0;
  let proteinAtLeast = false;
  let saltAtLeast = false;
  let massAtLeast = false;
  for (const { dish, parts } of replayed) {
    const eatenShare = eatenShareOf(dish, goesOffAt(parts));
    for (const { line, part, step } of linesOf(dish)) {
      if (line.kind !== "food") continue;
      const per100 = foods(line.food)?.per100;
      if ((per100?.sodiumMg ?? null) === null) saltAtLeast = true;
      const protein = per100?.proteinG ?? null;
      if (line.massG === null) {
        massAtLeast = true;
        if (per100?.sodiumMg !== 0) saltAtLeast = true;
        if (protein !== 0) proteinAtLeast = true;
      } else if (protein === null) proteinAtLeast = true;
      else proteinG += ((protein * line.massG) / 100) * eatenShare(part.id, step.id, line.food);
    }
  }
  let saltG: number | null = 0;
  let massG: number | null = 0;
  dishes.forEach((dish, d) =>
    dish.parts.forEach((part, p) => {
      if (!part.served) return;
      const source = replayed[d]?.parts[p];
      const end = source && source.rows.length > 0 ? source.end : null;
      const share = 1 - (source?.usedShare ?? 0);
      saltG = saltG === null || end === null ? null : saltG + end.batch.saltG * share;
      massG = massG === null || end === null ? null : massG + totalG(end.batch) * share;
    }),
  );
  return {
    saltG: saltG === null ? null : saltG / heads,
    saltAtLeast,
    massG: massG === null ? null : massG / heads,
    massAtLeast,
    proteinG: proteinG / heads,
    proteinAtLeast,
  };
}
