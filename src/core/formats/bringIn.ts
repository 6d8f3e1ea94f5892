import type { Choice } from "../process/step";
import type { SupperId } from "../dish/dish";
import { type Allergen, type AllergenState, ALLERGENS, stricter } from "../foods/allergens";
import { type FoodBook, openBook } from "../foods/book";
import { FOODS } from "../foods/table";
import type { FoodId } from "../foods/food";
import type { LogEntry } from "../process/log";
import type { Cooking, Household, Label } from "./household";
import { labelId } from "./labelsOnce";

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
 * of something nobody read here is a difference as well. In place of each other both sides are walked: what was read here and
 * the file knows nothing of is a difference where the word here is the stricter one.
 */
export function clashesOf(here: Household, file: Household, how: HowToBringIn): Clashes {
  return {
    labels: how === "copies" ? clashesBeside(here, file) : clashesInPlace(here, file),
    logs: logClashes(here, file, how),
  };
}

const keyOf = (food: FoodId, allergen: Allergen): string => `${food}.${allergen}`;
const saidIn = (household: Household): Map<string, AllergenLabel> =>
  new Map(allergenLabels(household).map((l) => [keyOf(l.food, l.allergen), l]));

function clashesBeside(here: Household, file: Household): LabelClash[] {
  const said = saidIn(here);
  const ownThere = new Set(file.foods.map((f) => f.id));
  return [...saidIn(file).values()].flatMap(({ food, allergen, state }) => {
    // An own food of the file gets an id of its own among copies: nothing here speaks of it.
    if (ownThere.has(food)) return [];
    const id = keyOf(food, allergen);
    const read = said.get(id)?.state;
    const stands = read ?? table.get(food)?.[allergen] ?? "unknown";
    if (stands === state) return [];
    const kept = stricter(stands, state);
    // Nobody here has said otherwise: the stricter word of the file simply counts.
    if (read === undefined && kept === state) return [];
    return [{ id, food, allergen, here: stands, file: state, kept }];
  });
}

/** Of each food that both sides know: what each makes of it, with its own foods and everything that packets said. */
function clashesInPlace(here: Household, file: Household): LabelClash[] {
  const [saidHere, saidThere] = [saidIn(here), saidIn(file)];
  const [mine, theirs] = [here, file].map(({ foods, labels }) => openBook({ foods, labels })) as [FoodBook, FoodBook];
  const ownThere = new Set(file.foods.map((f) => f.id));
  const foods = new Set([
    ...[...saidHere.values(), ...saidThere.values()].map((l) => l.food),
    ...here.foods.map((f) => f.id).filter((id) => ownThere.has(id)),
  ]);
  return [...foods].flatMap((food) => {
    const [now, then] = [mine.food(food)?.allergens, theirs.food(food)?.allergens];
    if (now === undefined || then === undefined) return [];
    return ALLERGENS.flatMap((allergen) => {
      const id = keyOf(food, allergen);
      const [stands, state] = [now[allergen], then[allergen]];
      const kept = stricter(stands, state);
      // Nobody here has spoken, or only one side has and the file's word is the safer: it simply counts.
      const bothSaid = saidHere.has(id) && saidThere.has(id);
      const saidNothing = !saidHere.has(id) && !ownThere.has(food);
      if (stands === state || saidNothing || (kept === state && !bothSaid)) return [];
      return [{ id, food, allergen, here: stands, file: state, kept }];
    });
  });
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
    labels: settled(file, kept),
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

/** Labels with the word that stands, also where the file had none; "unknown" is no label at all. Own foods keep it themselves. */
function settled({ labels, foods }: Household, kept: ReadonlyMap<string, AllergenState>): Label[] {
  const own = new Set(foods.map((f) => f.id));
  const had = new Set(labels.map(labelId));
  const stands = labels.flatMap((label): Label[] => {
    if (!isAllergenLabel(label)) return [label];
    const state = kept.get(labelId(label)) ?? label.state;
    return state === "unknown" ? [] : [{ ...label, state }];
  });
  const missing = [...kept].flatMap(([id, state]): Label[] => {
    const at = id.lastIndexOf(".");
    const [food, allergen] = [id.slice(0, at), id.slice(at + 1) as Allergen];
    return had.has(id) || own.has(food) || state === "unknown" ? [] : [{ id, food, allergen, state }];
  });
  return [...stands, ...missing];
}

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
  const inChoice = (choice: Choice): Choice => ({
    ...choice,
    of: choice.of.map((l) => ({ ...l, food: food(l.food) })),
  });
  const inDish = <D extends Household["dishes"][number]>(dish: D): D => ({
    ...dish,
    parts: dish.parts.map((part) => ({
      ...part,
      steps: part.steps.map((step) => ({
        ...step,
        adds: step.adds.map((line) => (line.kind === "food" ? { ...line, food: food(line.food) } : line)),
        ...(step.choices === undefined ? {} : { choices: step.choices.map(inChoice) }),
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
  const known = new Set(here.labels.map(labelId));
  const own = new Set(file.foods.map((f) => f.id));
  const labels = settled(file, kept).flatMap((label): Label[] => {
    if (own.has(label.food)) {
      const what = isAllergenLabel(label) ? label.allergen : label.figure;
      return [{ ...label, food: food(label.food), id: `${food(label.food)}.${what}` }];
    }
    // A figure that was read here stays; of an allergen the stricter word is written.
    return isAllergenLabel(label) || !known.has(labelId(label)) ? [label] : [];
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
