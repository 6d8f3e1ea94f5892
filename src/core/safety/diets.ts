import { SODIUM_SHARE_OF_SALT } from "../models/salt";
import type { AllergenState } from "../foods/allergens";
import type { Food, FoodId } from "../foods/food";
import type { Supper } from "../dish/dish";
import { type DietId, type Eater, LOW_SALT_G, type EaterId } from "../household/people";
import { type Finding, findingsOf, isOpen } from "./eaters";

/** What decides about a diet beside the food itself: the built-in food whose cautions count, and salt a head. */
export interface DietTools {
  readonly food: (id: FoodId) => Food | null;
  readonly kin: (id: FoodId) => FoodId;
  /** Grams of salt a head; null where something cannot be computed. */
  readonly saltG: number | null;
  readonly saltAtLeast: boolean;
}
/** Whether a food is against a diet, is not, or only its label can tell. */
type Says = "against" | "ask" | "fits";
/** A way of eating as a rule: what each food says, or what the supper as a whole says. */
export interface Diet {
  readonly id: DietId;
  readonly food?: (food: Food, kin: FoodId) => Says;
  readonly supper?: (tools: DietTools) => Says;
}

const ANIMAL = ["milk", "egg", "fish", "crustaceans", "molluscs"] as const;
/** The gravest of what is known of several allergens. */
const gravest = (states: readonly AllergenState[]): Says =>
  states.includes("contains") ? "against" : states.includes("unknown") || states.includes("may") ? "ask" : "fits";
/** Drinks with alcohol, of which some stays in a dish. */
export const ALCOHOLIC: ReadonlySet<FoodId> = new Set([
  "wine-white",
  "wine-red",
  "beer",
  "cider",
  "rice-wine",
  "mirin",
  "fortified-wine",
  "spirits",
]);
const PORK: ReadonlySet<FoodId> = new Set(["pork-mince", "pork-shoulder", "bacon", "sausages", "ham"]);
/** A little alcohol stays in them, and opinions differ about it (common practice: asked, not settled here). */
const FERMENTED: ReadonlySet<FoodId> = new Set([
  "wine-vinegar",
  "balsamic",
  "malt-vinegar",
  "cider-vinegar",
  "rice-vinegar",
  "mustard",
  "mustard-smooth",
  "soy-sauce",
  "soy-sauce-less",
  "dark-soy-sauce",
  "tamari",
  "miso",
  "miso-soy-free",
  "gochujang",
  "hoisin",
  "black-bean-sauce",
  "mushroom-sauce",
  "worcester-sauce",
  "barbecue-sauce",
  "ketchup",
  "hot-sauce",
  "kimchi",
  "vanilla",
  "teriyaki-sauce",
  "sauerkraut",
  "gherkins",
  "capers",
]);
const SUGARS: ReadonlySet<FoodId> = new Set([
  "sugar",
  "brown-sugar",
  "maple-syrup",
  "agave",
  "molasses",
  "cranberries-dried",
]);
/** Fruit that is sweet by itself. */
const SWEET_FRUIT: ReadonlySet<FoodId> = new Set(["raisins", "dates", "tomatoes-dried"]);
/** What is bought with more salt than this had salt added: "low in salt" on a packet (Regulation (EC) 1924/2006: 0.3 g in 100 g). */
const ADDED_SALT_G = 0.3;
/** What is bought with more sugars than this may be sweetened: its label says. g in 100 g (rule of thumb). */
const BOUGHT_SWEET_G = 5;
const saltIn = (sodiumMg: number): number => sodiumMg / 1000 / SODIUM_SHARE_OF_SALT;
/** A seasoning above this is salted, mg of sodium in 100 g: ten times what vegetables hold by themselves. */
const SALTY_MG = 400;
/** A seasoning above this may be sweetened: its label says. g in 100 g (rule of thumb). */
const SWEETENED_G = 10;
/** Rules in data; their names and definitions stand in `words/diets`. */
export const DIET_RULES: readonly Diet[] = [
  {
    id: "vegan",
    food: (food, kin) =>
      food.group === "animal"
        ? "against"
        : ALCOHOLIC.has(kin)
          ? // Wine and beer may be fined with egg, milk, fish or gelatine.
            "ask"
          : gravest(ANIMAL.map((a) => food.allergens[a])),
  },
  { id: "alcohol-free", food: (_food, kin) => (ALCOHOLIC.has(kin) ? "against" : "fits") },
  {
    id: "halal-minded",
    food: (food, kin) => {
      if (ALCOHOLIC.has(kin) || PORK.has(kin)) return "against";
      // Milk, egg and fish are no question; of other meat only its seller can tell, as of cheese and its rennet.
      const isMeat = food.group === "animal" && gravest(ANIMAL.map((a) => food.allergens[a])) !== "against";
      return isMeat || kin === "cheddar" || FERMENTED.has(kin) ? "ask" : "fits";
    },
  },
  {
    id: "no-added-salt",
    food: ({ group, bought, per100: { sodiumMg } }, kin) => {
      if (kin === "salt") return "against";
      if (bought === true) return sodiumMg === null ? "ask" : saltIn(sodiumMg) > ADDED_SALT_G ? "against" : "fits";
      if (group !== "seasoning" && group !== "liquid") return "fits";
      return sodiumMg === null ? "ask" : sodiumMg >= SALTY_MG ? "against" : "fits";
    },
  },
  {
    id: "no-added-sugar",
    food: ({ group, bought, per100: { sugarsG } }, kin) => {
      if (SUGARS.has(kin)) return "against";
      if (bought === true && group !== "seasoning" && !SWEET_FRUIT.has(kin))
        return sugarsG === null || sugarsG > BOUGHT_SWEET_G ? "ask" : "fits";
      if (group !== "seasoning") return "fits";
      return sugarsG === null || sugarsG > SWEETENED_G ? "ask" : "fits";
    },
  },
  { id: "no-added-oil", food: (food) => (food.group === "fat" ? "against" : "fits") },
  {
    id: "low-salt",
    supper: ({ saltG, saltAtLeast }) =>
      saltG !== null && saltG > LOW_SALT_G ? "against" : saltG === null || saltAtLeast ? "ask" : "fits",
  },
];

/** What a diet says of one food; one that nobody knows asks. */
export function dietSays(diet: Diet, id: FoodId, { food: known, kin }: Pick<DietTools, "food" | "kin">): Says {
  const food = known(id);
  return food === null ? "ask" : (diet.food?.(food, kin(id)) ?? "fits");
}

/** What a diet says of the whole supper. `ask` and `open` are no pass. */
export interface DietVerdict {
  readonly eater: EaterId;
  readonly diet: DietId;
  readonly verdict: "against" | "ask" | "open" | "fits";
  readonly against: readonly Omit<Finding, "labelDecides" | "packed">[];
  readonly ask: readonly Omit<Finding, "labelDecides" | "packed">[];
  /** Grams of salt a head where the diet is about salt; null elsewhere, or when it is not known. */
  readonly saltG: number | null;
}

/** One verdict for each eater at the table and each diet they keep. A food that nobody knows asks. */
export function dietVerdicts(supper: Supper, eaters: readonly Eater[], tools: DietTools): DietVerdict[] {
  const findings = supper.dishes.flatMap(findingsOf);
  const open = supper.dishes.length === 0 || supper.dishes.some(isOpen);
  return eaters
    .filter((eater) => supper.eaters.includes(eater.id))
    .flatMap((eater) =>
      DIET_RULES.filter((d) => eater.diets.includes(d.id)).map((diet): DietVerdict => {
        const says = (id: FoodId) => dietSays(diet, id, tools);
        const against = findings.filter((f) => says(f.food) === "against");
        const ask = findings.filter((f) => says(f.food) === "ask");
        const whole = diet.supper?.(tools) ?? "fits";
        const verdict =
          against.length > 0 || whole === "against"
            ? "against"
            : ask.length > 0 || whole === "ask"
              ? "ask"
              : open
                ? "open"
                : "fits";
        return { eater: eater.id, diet: diet.id, verdict, against, ask, saltG: diet.supper ? tools.saltG : null };
      }),
    );
}
