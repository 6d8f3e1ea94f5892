import { mainFood, NOTHING } from "./contents";
import {
  combineSolids,
  NO_SOLIDS,
  scaledSolids,
  type Solids,
  solidsOf,
  solidsOfFood,
  sumOfSolids,
  sumOver,
} from "./solids";

const mix = (grams: Record<string, number>): Solids =>
  Object.entries(grams).reduce((all, [food, g]) => combineSolids(all, solidsOf(food, g), 1), NO_SOLIDS);
/** What the two lists say, food by food. */
const read = ({ foods, grams }: Solids) => Object.fromEntries(foods.map((food, i) => [food, grams[i]]));

test("foods add up one by one, whichever order they came in", () => {
  const a = mix({ lentil: 30, onion: 5 });
  const b = mix({ carrot: 7, onion: 2, lentil: 1 });
  expect(read(combineSolids(a, b, 1))).toEqual({ lentil: 31, onion: 7, carrot: 7 });
  expect(read(combineSolids(b, a, 1))).toEqual({ carrot: 7, onion: 7, lentil: 31 });
  expect(read(a)).toEqual({ lentil: 30, onion: 5 });
});
test("taking away what was added leaves what was there", () => {
  const a = mix({ lentil: 30, onion: 5 });
  const b = mix({ onion: 4, walnut: 9 });
  const back = combineSolids(combineSolids(a, b, 1), b, -1);
  expect(read(back)).toEqual({ lentil: 30, onion: 5, walnut: 0 });
});
test("nothing added or taken is the same mix", () => {
  const a = mix({ lentil: 30 });
  expect(combineSolids(a, NO_SOLIDS, 1)).toBe(a);
  expect(combineSolids(a, NO_SOLIDS, -1)).toBe(a);
  expect(combineSolids(NO_SOLIDS, a, 1)).toBe(a);
});
test("lists that went through a file or a worker are read like any other", () => {
  const a = mix({ lentil: 30, onion: 5 });
  const b = JSON.parse(JSON.stringify(mix({ onion: 1, carrot: 2 }))) as Solids;
  expect(read(combineSolids(a, b, 1))).toEqual({ lentil: 30, onion: 6, carrot: 2 });
});
test("sums, shares and single foods", () => {
  const a = mix({ lentil: 30, onion: 5 });
  expect(sumOfSolids(a)).toBe(35);
  expect(read(scaledSolids(a, 0.5))).toEqual({ lentil: 15, onion: 2.5 });
  expect(solidsOfFood(a, "onion")).toBe(5);
  expect(solidsOfFood(a, "walnut")).toBe(0);
  expect(sumOver(a, (food, grams) => (food === "onion" ? grams : 0))).toBe(5);
});

test("of two foods as heavy as each other the first one is the main one", () => {
  const solids = mix({ lentil: 30, onion: 30, carrot: 10 });
  expect(mainFood({ ...NOTHING, solids })).toBe("lentil");
  expect(mainFood({ ...NOTHING, solids: mix({ lentil: 30, onion: 31 }) })).toBe("onion");
  expect(mainFood(NOTHING)).toBeNull();
});
