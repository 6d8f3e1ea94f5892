import { freeId } from "../dish/edit";
import type { AtHand, Dish, Part } from "../dish/dish";
import type { Food, Pack, FoodId } from "../foods/food";
import { newStep, type Step, type StepKind } from "../process/registry";
import type { Line } from "../process/step";
import type { ChainStep } from "./routes";

/** How the protein of the meat is made up for: as much as lies on the plate, more of it, beans beside or beans in the sauce. */
export const PROTEIN_WAYS = ["plate", "more", "side", "sauce"] as const;
/** One of these ways. */
export type ProteinWay = (typeof PROTEIN_WAYS)[number];

/** What a dish gets beside its route: grams of fat that left with the meat, grams of beans and where they go. */
export interface Extra {
  readonly fatG: number;
  readonly beansG: number;
  readonly beansIn: "side" | "sauce";
}
/** Nothing beside the route. */
export const NO_EXTRA: Extra = { fatG: 0, beansG: 0, beansIn: "side" };
/** Beans that make up for protein: bland, soft, from the tin, and none of the fourteen allergens. */
export const BEANS = "white-beans-tinned";
/** Fat that tastes of little and bears heat. */
const FAT = "rapeseed-oil";

/** The dish with what it gets beside its route. */
export function withExtra(dish: Dish, { fatG, beansG, beansIn }: Extra): Dish {
  const fatter = fatG < 1 ? dish : withFat(dish, Math.round(fatG));
  if (beansG < 1) return fatter;
  return beansIn === "sauce" ? beansInSauce(fatter, Math.round(beansG)) : beansBeside(fatter, Math.round(beansG));
}

const line = (food: FoodId, massG: number): Line => ({ kind: "food", food, massG });
const isSauce = (part: Part) => part.id.startsWith("sauce");

/** Into the sauce where there is one, else over the finished pieces. */
function withFat(dish: Dish, fatG: number): Dish {
  const into = dish.parts.find(isSauce) ?? dish.parts.find((p) => p.id === "main");
  if (into === undefined) return dish;
  const last = into.steps[into.steps.length - 1];
  const steps: readonly Step[] =
    last?.kind === "season"
      ? [...into.steps.slice(0, -1), { ...last, adds: [...last.adds, line(FAT, fatG)] }]
      : [...into.steps, { ...newStep("season", freeId(dish, `${into.id}-fat`)), adds: [line(FAT, fatG)] }];
  return { ...dish, parts: dish.parts.map((p) => (p === into ? { ...p, steps } : p)) };
}
/** With the liquid of the sauce, so that they are hot through; without a sauce they come beside. */
function beansInSauce(dish: Dish, beansG: number): Dish {
  const at = dish.parts.find(isSauce)?.steps.find((s) => s.kind === "simmer");
  if (at === undefined) return beansBeside(dish, beansG);
  const with_ = (s: Step): Step => (s === at ? { ...s, adds: [...s.adds, line(BEANS, beansG)] } : s);
  return { ...dish, parts: dish.parts.map((p) => ({ ...p, steps: p.steps.map(with_) })) };
}
/** Warmed in a little oil and salted (common practice). */
function beansBeside(dish: Dish, beansG: number): Dish {
  const id = freeId(dish, "beans");
  const side: Part = {
    id,
    name: "White beans",
    waitsForTableMin: 15,
    saltTarget: null,
    route: null,
    steps: [
      {
        ...newStep("sweat", `${id}-1`),
        minutes: 6,
        adds: [line(BEANS, beansG), line(FAT, Math.max(1, beansG * 0.03))],
      },
      { ...newStep("season", `${id}-2`), saltTo: 0.008 },
    ],
  };
  return { ...dish, parts: [...dish.parts, side] };
}

/** The steps that have been done when a food lies ready in a state. */
const THROUGH: Readonly<Record<AtHand["state"], readonly StepKind[]>> = {
  there: [],
  frozen: ["freeze"],
  thawed: ["thaw"],
  soaked: ["soak"],
  cooked: ["cook", "boil"],
};
/** States in which a route's food can lie ready, so that its chain begins later. */
export const statesOf = (steps: readonly Pick<ChainStep, "kind">[]): readonly AtHand["state"][] =>
  (["frozen", "thawed", "soaked", "cooked"] as const).filter((state) =>
    steps.some((s) => THROUGH[state].includes(s.kind)),
  );
/** How many steps of a chain are done when its food lies ready so; 0 when that shortens nothing. */
export function stepsDone(steps: readonly Pick<ChainStep, "kind">[], states: readonly AtHand["state"][]): number {
  let done = 0;
  for (const state of states)
    steps.forEach((s, i) => THROUGH[state].includes(s.kind) && (done = Math.max(done, i + 1)));
  return done;
}

/** Whole packs that hold so much, and what is left over, g. */
export interface Packs {
  readonly pack: Pack;
  readonly count: number;
  readonly leftG: number;
}
/** What of a pack is food: drained, where it lies in liquid. */
export const foodInPackG = (pack: Pack): number => pack.drainedG ?? pack.netG;
/** What a pack costs, from a price that was noted for another size perhaps; null while nobody said. */
export const packPrice = (known: { price: number; packG: number } | undefined, pack: Pack): number | null =>
  known === undefined ? null : (known.price * foodInPackG(pack)) / known.packG;
/** The packs with the least left over; of equal ones the larger. Null for what is sold loose. */
export function packsFor({ packs }: Pick<Food, "packs">, massG: number): Packs | null {
  const asked = packs
    .map((pack) => {
      const count = Math.max(1, Math.ceil(massG / foodInPackG(pack) - 1e-6));
      return { pack, count, leftG: count * foodInPackG(pack) - massG };
    })
    .sort((a, b) => a.leftG - b.leftG || b.pack.netG - a.pack.netG);
  return asked[0] ?? null;
}
