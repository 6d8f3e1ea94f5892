import type { FoodId } from "../foods/food";

/**
 * Grams of solids by food: the foods in the order in which they came, and the grams of each beside it. Two lists and
 * no record, since a supper's samples add and divide them a million times, and a record of twenty foods that grows
 * key by key is a hundred times slower.
 */
export interface Solids {
  readonly foods: readonly FoodId[];
  readonly grams: readonly number[];
  /** The sum of them, since it is asked for a million times. */
  readonly sum: number;
}

/** None. */
export const NO_SOLIDS: Solids = { foods: [], grams: [], sum: 0 };

/** One list a food, so that equal lists are the same object and their unions are found again. */
const alone = new Map<FoodId, readonly FoodId[]>();
/** Solids of one food. */
export function solidsOf(food: FoodId, grams: number): Solids {
  let foods = alone.get(food);
  if (foods === undefined) alone.set(food, (foods = [food]));
  return { foods, grams: [grams], sum: grams };
}

/** Grams of one food; none of it is 0. */
export const solidsOfFood = ({ foods, grams }: Solids, food: FoodId): number => grams[foods.indexOf(food)] ?? 0;

/** Grams of all foods together. */
export const sumOfSolids = ({ sum }: Solids): number => sum;

/** The sum of a figure over the foods, given each with its grams. */
export function sumOver({ foods, grams }: Solids, figure: (food: FoodId, grams: number) => number): number {
  let sum = 0;
  for (let i = 0; i < foods.length; i++) sum += figure(foods[i] as FoodId, grams[i] as number);
  return sum;
}

/** The foods of both lists, the first one's in front, and where each of the second one's stands. */
interface Union {
  readonly foods: readonly FoodId[];
  readonly at: readonly number[];
}
const unions = new WeakMap<readonly FoodId[], WeakMap<readonly FoodId[], Union>>();
function unionOf(a: readonly FoodId[], b: readonly FoodId[]): Union {
  let known = unions.get(a);
  if (known === undefined) unions.set(a, (known = new WeakMap()));
  let union = known.get(b);
  if (union === undefined) {
    const more = b.filter((food) => !a.includes(food));
    const foods = more.length === 0 ? a : [...a, ...more];
    known.set(b, (union = { foods, at: b.map((food) => foods.indexOf(food)) }));
  }
  return union;
}

/** Both together, or what is left of the first without the second. */
export function combineSolids(a: Solids, b: Solids, sign: 1 | -1): Solids {
  if (b.foods.length === 0) return a;
  if (a.foods.length === 0 && sign === 1) return b;
  const { foods, at } = unionOf(a.foods, b.foods);
  const grams = a.grams.slice();
  while (grams.length < foods.length) grams.push(0);
  for (let i = 0; i < at.length; i++) {
    const place = at[i] as number;
    grams[place] = (grams[place] as number) + sign * (b.grams[i] as number);
  }
  // Added up anew: a difference of sums would leave a rest where nothing is left.
  let sum = 0;
  for (let i = 0; i < grams.length; i++) sum += grams[i] as number;
  return { foods, grams, sum };
}

/** Those of some foods alone. */
export function solidsWhere({ foods, grams }: Solids, isWanted: (food: FoodId) => boolean): Solids {
  let kept = NO_SOLIDS;
  for (let i = 0; i < foods.length; i++) {
    const food = foods[i] as FoodId;
    if (isWanted(food)) kept = combineSolids(kept, solidsOf(food, grams[i] as number), 1);
  }
  return kept;
}

/** A share of each. */
export function scaledSolids({ foods, grams }: Solids, share: number): Solids {
  const scaled = new Array<number>(grams.length);
  let sum = 0;
  for (let i = 0; i < grams.length; i++) sum += scaled[i] = (grams[i] as number) * share;
  return { foods, grams: scaled, sum };
}
