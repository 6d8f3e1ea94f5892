import { freeId } from "../dish/edit";
import type { Dish, Part } from "../dish/dish";
import type { FoodId } from "../foods/food";
import { newStep, type Step } from "../process/registry";
import type { Line } from "../process/step";
import type { Chain } from "./chain";

/** Water that a grain takes up under a lid, g for each gram of it dry (1 : 1.5–2 by volume; common practice). */
const DRINKS: Readonly<Record<FoodId, number>> = {
  "rice-white": 1.7,
  "rice-brown": 2.35,
  "pearl-barley": 2.55,
  bulgur: 1.7,
  quinoa: 2,
};
const PASTA: ReadonlySet<FoodId> = new Set(["pasta", "pasta-gf"]);
/** Much water: ten times what goes in, 7 g of salt to the litre (common practice). */
const PLENTY = { times: 10, saltPerG: 0.007 } as const;
/** A teaspoon of salt to the cup of grain is much: half of it (common practice). */
const SALT_SHARE = 0.012;
/** Off the heat under its lid, minutes. */
const STANDS_MIN = 10;

const ABSORBED = "grain-absorbed";
const IN_PLENTY = "grain-plenty";

/** Rice and other grains: first in the water that they take up, second in plenty of it; pasta in plenty. */
export function grainChains(kin: FoodId): readonly Chain[] {
  const plenty: Chain = {
    route: IN_PLENTY,
    name: "Boiled in plenty of water",
    how: "poured off when it is soft; most of the salt goes with the water",
    form: null,
  };
  if (PASTA.has(kin)) return [plenty];
  const absorbed: Chain = {
    route: ABSORBED,
    name: "In the water that it takes up",
    how: `lid on, then ${STANDS_MIN} min off the heat; nothing is poured off`,
    form: null,
  };
  return kin in DRINKS ? [absorbed, plenty] : [];
}

/** The part that such a chain makes; null for any other. */
export function grainPart(
  dish: Dish,
  { route }: Chain,
  { food, kin, name }: { readonly food: FoodId; readonly kin: FoodId; readonly name: string },
  massG: number,
): Part | null {
  if (route !== ABSORBED && route !== IN_PLENTY) return null;
  const id = freeId(dish, "grain");
  const line = (what: FoodId, grams: number): Line => ({
    kind: "food",
    food: what,
    massG: Math.round(grams * 10) / 10,
  });
  const made = (kind: "cook" | "drain" | "stand", adds: readonly Line[], more: object = {}): Step =>
    ({ ...newStep(kind, `${id}-${kind}`), ...more, adds }) as Step;
  const waterG = massG * (route === ABSORBED ? (DRINKS[kin] ?? 2) : PLENTY.times);
  const saltG = route === ABSORBED ? massG * SALT_SHARE : waterG * PLENTY.saltPerG;
  const cooked = made("cook", [line(food, massG), line("water", waterG), line("salt", saltG)]);
  const last = route === ABSORBED ? made("stand", [], { minutes: STANDS_MIN, foil: true }) : made("drain", []);
  return { id, name, steps: [cooked, last], waitsForTableMin: 10, saltTarget: null, route: null };
}
