import type { SupperId } from "../dish/dish";
import { type Allergen, type AllergenState, stricter } from "../foods/allergens";
import { FOODS } from "../foods/table";
import type { FoodId } from "../foods/food";
import type { LogEntry } from "../process/log";
import type { Cooking, Household, Label } from "./household";

/** A file takes the place of what is here, or its rows stand beside it with ids of their own. */
export type HowToBringIn = "replace" | "copies";

/** The household here and a file say different things of one allergen; until the cook decides, `kept` stands. */
export interface LabelClash {
  readonly id: string;
  readonly food: FoodId;
  readonly allergen: Allergen;
  readonly here: AllergenState;
  readonly file: AllergenState;
  readonly kept: AllergenState;
}
/** One cooking was logged here and in the file, and the logs part ways; the one here stands until the cook decides. */
export interface LogClash {
  readonly id: string;
  readonly supper: SupperId;
  readonly here: number;
  readonly file: number;
}
/** Everything that has to be decided before a file is brought in. */
export interface Clashes {
  readonly labels: readonly LabelClash[];
  readonly logs: readonly LogClash[];
}
/** Ids of clashes in which the cook decided against the word that stands by default. */
export type Overruled = ReadonlySet<string>;

type AllergenLabel = Extract<Label, { allergen: Allergen }>;
const isAllergenLabel = (label: Label): label is AllergenLabel => "allergen" in label;
const allergenLabels = (household: Household): AllergenLabel[] => household.labels.filter(isAllergenLabel);
const table = new Map(FOODS.map((f) => [f.id, f.allergens]));

/**
 * What a file and this household say differently, and the safer of the two. Beside each other, a label that says "free"
 * of something nobody read here is a difference as well; in place of each other, only what somebody here has said is.
 */
export function clashesOf(here: Household, file: Household, how: HowToBringIn): Clashes {
  return {
    labels: [...labelClashes(here, file, how), ...ownFoodClashes(here, file, how)],
    logs: logClashes(here, file, how),
  };
}

function labelClashes(here: Household, file: Household, how: HowToBringIn): LabelClash[] {
  const said = new Map(allergenLabels(here).map((l) => [l.id, l.state]));
  const ownThere = new Set(file.foods.map((f) => f.id));
  return allergenLabels(file).flatMap(({ id, food, allergen, state }) => {
    // An own food of the file gets an id of its own among copies: nothing here speaks of it.
    if (how === "copies" && ownThere.has(food)) return [];
    const read = said.get(id);
    const stands = read ?? (how === "copies" ? (table.get(food)?.[allergen] ?? "unknown") : undefined);
    if (stands === undefined || stands === state) return [];
    const kept = stricter(stands, state);
    // Nobody here has said otherwise: the stricter word of the file simply counts.
    if (read === undefined && kept === state) return [];
    return [{ id, food, allergen, here: stands, file: state, kept }];
  });
}

/** An own food that is on both sides under one id. Copies get ids of their own, so nothing clashes there. */
function ownFoodClashes(here: Household, file: Household, how: HowToBringIn): LabelClash[] {
  if (how === "copies") return [];
  const mine = new Map(here.foods.map((f) => [f.id, f.allergens]));
  return file.foods.flatMap((food) =>
    (Object.keys(food.allergens) as Allergen[]).flatMap((allergen) => {
      const stands = mine.get(food.id)?.[allergen];
      const state = food.allergens[allergen];
      if (stands === undefined || stands === state) return [];
      const kept = stricter(stands, state);
      return kept === state
        ? []
        : [{ id: `${food.id}.${allergen}`, food: food.id, allergen, here: stands, file: state, kept }];
    }),
  );
}

function logClashes(here: Household, file: Household, how: HowToBringIn): LogClash[] {
  if (how === "copies") return [];
  const mine = new Map(here.cookings.map((c) => [c.id, c]));
  return file.cookings.flatMap((c) => {
    const log = mine.get(c.id)?.log;
    return log === undefined || longerLog(log, c.log) !== null
      ? []
      : [{ id: c.id, supper: c.supper, here: log.length, file: c.log.length }];
  });
}

/** The longer of two logs when the other is its beginning; null when they part ways. */
export function longerLog<E extends LogEntry>(a: readonly E[], b: readonly E[]): readonly E[] | null {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  return short.every((entry, i) => JSON.stringify(entry) === JSON.stringify(long[i])) ? long : null;
}

/**
 * The rows that a file brings. *replace*: the whole household as it will be. *copies*: rows to put beside what is here,
 * each under an id of its own with everything that refers to it; labels of built-in foods are shared, and the stricter
 * word stands where the cook did not overrule it.
 *
 * @param suffix makes ids that are free here, such as "~4f2a"; at most 20 characters
 */
export function broughtIn(
  here: Household,
  file: Household,
  how: HowToBringIn,
  overruled: Overruled,
  suffix: string,
): Household {
  const kept = new Map(
    clashesOf(here, file, how).labels.map((c) => {
      const other = c.kept === c.file ? c.here : c.file;
      return [c.id, overruled.has(c.id) ? other : c.kept];
    }),
  );
  return how === "replace" ? replaced(here, file, overruled, kept) : asCopies(here, file, suffix, kept);
}

function replaced(
  here: Household,
  file: Household,
  overruled: Overruled,
  kept: ReadonlyMap<string, AllergenState>,
): Household {
  const mine = new Map(here.cookings.map((c) => [c.id, c.log]));
  return {
    ...file,
    labels: settled(file.labels, kept),
    foods: file.foods.map((food) => {
      const allergens = { ...food.allergens };
      for (const allergen of Object.keys(allergens) as Allergen[])
        allergens[allergen] = kept.get(`${food.id}.${allergen}`) ?? allergens[allergen];
      return { ...food, allergens };
    }),
    cookings: file.cookings.map((c) => {
      const log = mine.get(c.id);
      if (log === undefined) return c;
      return { ...c, log: [...(longerLog(log, c.log) ?? (overruled.has(c.id) ? c.log : log))] };
    }),
  };
}

/** Labels with the stricter word where it stands; "unknown" is no label at all. */
const settled = (labels: readonly Label[], kept: ReadonlyMap<string, AllergenState>): Label[] =>
  labels.flatMap((label) => {
    const state = isAllergenLabel(label) ? (kept.get(label.id) ?? label.state) : null;
    if (state === null || !isAllergenLabel(label)) return [label];
    return state === "unknown" ? [] : [{ ...label, state }];
  });

function asCopies(
  here: Household,
  file: Household,
  suffix: string,
  kept: ReadonlyMap<string, AllergenState>,
): Household {
  const LONGEST = 100;
  const renamed = (id: string) => `${id.slice(0, LONGEST - suffix.length)}${suffix}`;
  const those = (rows: readonly { readonly id: string }[]) => {
    const ids = new Set(rows.map((r) => r.id));
    return (id: string) => (ids.has(id) ? renamed(id) : id);
  };
  const eater = those(file.eaters);
  const food = those(file.foods);
  const supper = those(file.suppers);
  const inDish = <D extends Household["dishes"][number]>(dish: D): D => ({
    ...dish,
    parts: dish.parts.map((part) => ({
      ...part,
      steps: part.steps.map((step) => ({
        ...step,
        adds: step.adds.map((line) => (line.kind === "food" ? { ...line, food: food(line.food) } : line)),
      })),
    })),
  });
  const inSupper = (s: Household["suppers"][number]) => ({
    ...s,
    id: renamed(s.id),
    eaters: s.eaters.map(eater),
    atHand: s.atHand.map((a) => ({ ...a, food: food(a.food) })),
    // Dishes of a supper keep their ids: the log names steps by them.
    dishes: s.dishes.map(inDish),
    madeWith: Object.fromEntries(
      Object.entries(s.madeWith).map(([step, from]) => [step, { ...from, supper: supper(from.supper) }]),
    ),
  });
  const inFood = <F extends Household["foods"][number]>(f: F): F => ({
    ...f,
    id: food(f.id),
    like: f.like === null ? null : food(f.like),
  });
  const inCooking = (c: Household["cookings"][number]): Household["cookings"][number] => ({
    ...c,
    id: renamed(c.id),
    supper: renamed(c.supper),
    input: {
      ...c.input,
      supper: inSupper(c.input.supper),
      foods: c.input.foods.map(inFood),
      eaters: c.input.eaters.map((e) => ({ ...e, id: eater(e.id), dislikes: e.dislikes.map(food) })),
    } as Cooking["input"],
  });
  const known = new Set(here.labels.map((l) => l.id));
  const own = new Set(file.foods.map((f) => f.id));
  const labels = settled(file.labels, kept).flatMap((label): Label[] => {
    if (own.has(label.food)) {
      const what = isAllergenLabel(label) ? label.allergen : label.figure;
      return [{ ...label, food: food(label.food), id: `${food(label.food)}.${what}` }];
    }
    // A figure that was read here stays; of an allergen the stricter word is written.
    return isAllergenLabel(label) || !known.has(label.id) ? [label] : [];
  });
  return {
    kitchen: null,
    eaters: file.eaters.map((e) => ({ ...e, id: renamed(e.id), dislikes: e.dislikes.map(food) })),
    labels,
    foods: file.foods.map(inFood),
    dishes: file.dishes.map((d) => ({ ...inDish(d), id: renamed(d.id) })),
    suppers: file.suppers.map(inSupper),
    recipes: file.recipes.map((r) => ({ ...r, id: renamed(r.id), dish: renamed(r.dish) })),
    // A price that was typed here stays; one of an own food goes with its copy.
    prices: file.prices.flatMap((p) =>
      own.has(p.id) ? [{ ...p, id: food(p.id) }] : here.prices.some((mine) => mine.id === p.id) ? [] : [p],
    ),
    cookings: file.cookings.map(inCooking),
    entries: file.entries.map((e) => ({
      ...e,
      id: renamed(e.id),
      supper: renamed(e.supper),
      cooking: e.cooking === null ? null : renamed(e.cooking),
    })),
  };
}
