import { type AgeGroup, type DietId, type Eater, LOW_SALT_G } from "@/core/household/people";
import { counted } from "./count";
import { ALLERGEN_NAMES } from "./words";

/** Name and definition of each diet: what counts is on screen, so that nobody has to guess. */
export const DIET_WORDS: Readonly<Record<DietId, { readonly name: string; readonly means: string }>> = {
  vegan: {
    name: "vegan",
    means: "nothing of animals: no meat, fish, egg, milk; wine and beer are asked, since some are fined with such",
  },
  "alcohol-free": { name: "no alcohol", means: "no wine, beer or cider in the pan, cooked off or not" },
  "halal-minded": {
    name: "halal-minded",
    means:
      "no wine, beer, cider or pork; other meat and cheese are asked, and so are vinegar, mustard, soy sauce and what else is fermented, since opinions differ about the little alcohol in them",
  },
  "no-added-salt": {
    name: "no added salt",
    means:
      "no salt, no seasoning or liquid with more than 1 g of salt in 100 g, and nothing bought with more than 0.3 g, such as bread, kraut or stock",
  },
  "no-added-sugar": {
    name: "no added sugar",
    means:
      "no sugar, syrup, treacle or sweetened fruit; seasonings with more than 10 g of sugars in 100 g, and what is bought with more than 5 g, are asked",
  },
  "no-added-oil": {
    name: "no added oil",
    means: "no oil, butter or other fat as an ingredient; what nuts and tofu hold is left aside",
  },
  "low-salt": {
    name: "low salt",
    means: `at most ${LOW_SALT_G} g of salt a head at one supper, a quarter of an adult's 6 g a day (NHS)`,
  },
};

export const AGE_WORDS: Readonly<Record<AgeGroup, string>> = {
  "under-1": "under one",
  "1-3": "1 to 3",
  "under-5": "under five",
  "4-6": "4 to 6",
  "7-10": "7 to 10",
  "11-17": "11 to 17",
  adult: "grown up",
};

/** Somebody in one line: "4 to 6; no gluten, no nuts; vegan". */
export function describeEater({ age, avoids, diets, dislikes }: Eater): string {
  const says = [
    age === null ? "age not said" : AGE_WORDS[age],
    avoids.map((a) => `no ${ALLERGEN_NAMES[a]}`).join(", "),
    diets.map((d) => DIET_WORDS[d].name).join(", "),
    dislikes.length === 0 ? "" : `dislikes ${counted(dislikes.length, "food")}`,
  ];
  const told = says.filter(Boolean).join("; ");
  return avoids.length + diets.length + dislikes.length === 0 ? `${told}; eats everything` : told;
}
