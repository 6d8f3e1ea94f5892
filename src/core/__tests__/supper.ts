import { DEMO_KITCHEN } from "@/demo/household";
import type { Dish, Part, Supper } from "../dish/dish";
import type { PlanInput } from "../plan";

/** A supper of these dishes for a test: guests at the table whom nobody knows. */
export const supperOf = (dishes: readonly Dish[], more: Partial<Supper> = {}): Supper => ({
  id: "s",
  name: "S",
  serveAt: "2026-11-29T19:00:00.000Z",
  eaters: [],
  guests: 4,
  atHand: [],
  afterMin: {},
  pins: {},
  roomMin: 0,
  madeWith: {},
  dishes,
  ...more,
});
/** The same as an input of `plan()`, in the demo kitchen unless the test has one of its own. */
export const inputOf = (dishes: readonly Dish[], more: Partial<PlanInput> = {}): PlanInput => ({
  supper: supperOf(dishes),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: [],
  log: [],
  ...more,
});
/** A dish of these parts for four. */
export const dishOf = (parts: readonly Part[], id = "d"): Dish => ({
  id,
  name: "D",
  replaces: null,
  servings: 4,
  parts,
});
