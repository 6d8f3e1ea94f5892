import type { Allergen } from "@/core/foods/allergens";
import type { FoodLookup } from "@/core/foods/food";
import type { FileFailure } from "@/core/formats/household";
import type { Thickness } from "@/core/models/thickening";
import type { StepFailure } from "@/core/process/ledger";
import type { StepKind } from "@/core/process/step";
import type { WeighInFailure } from "@/core/process/weighIn";
import { writeMass, writeTemp } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";

/** Words of the product. A failure's tag becomes its sentence here and nowhere else. */

export const STEP_NAMES: Readonly<Record<StepKind, string>> = {
  weigh: "Weigh",
  cut: "Cut",
  soak: "Soak",
  drain: "Drain",
  squeeze: "Squeeze",
  marinate: "Marinate",
  sear: "Sear",
  brown: "Brown",
  season: "Season",
  simmer: "Simmer",
  reduce: "Reduce",
  thicken: "Thicken",
  boil: "Boil",
  mash: "Mash",
  bind: "Bind",
  rest: "Rest",
  shape: "Shape",
  fry: "Pan-fry",
};

/** What is looked at, felt, heard or smelled to know that a step is done. */
export const CUES: Readonly<Record<StepKind, string>> = {
  weigh: "the scale agrees",
  cut: "pieces of one size",
  soak: "bends without a dry core",
  drain: "nothing runs any more",
  squeeze: "drips only when squeezed again",
  marinate: "nothing runs in the bowl",
  sear: "brown at the edges, dry to the touch",
  brown: "the pan is dry and it smells nutty",
  season: "tastes right to you",
  simmer: "small bubbles all over",
  reduce: "a spoon leaves a trail",
  thicken: "coats the back of a spoon",
  boil: "a knife slides out",
  mash: "no lumps, falls slowly from the spoon",
  bind: "a squeezed ball keeps its shape",
  rest: "releases the hand, no cracks at the edge",
  shape: "all alike when laid side by side",
  fry: "a crust that lets go of the pan",
};

export const ALLERGEN_NAMES: Readonly<Record<Allergen, string>> = {
  gluten: "gluten",
  crustaceans: "crustaceans",
  egg: "egg",
  fish: "fish",
  peanut: "peanut",
  soy: "soy",
  milk: "milk",
  nuts: "nuts",
  celery: "celery",
  mustard: "mustard",
  sesame: "sesame",
  sulphites: "sulphites",
  lupin: "lupin",
  molluscs: "molluscs",
};

export const THICKNESS_NAMES: Readonly<Record<Thickness, string>> = {
  broth: "thin as broth",
  light: "light, runs off the spoon",
  coating: "coats a spoon",
  thick: "thick",
  sets: "sets when it cools",
};

export const foodName = (foods: FoodLookup, id: string): string => foods(id)?.name ?? `“${id}”`;

/** A food as it is called at the stove: without what follows the comma on the shelf. */
export const spokenFood = (foods: FoodLookup, id: string): string => {
  const [name = id] = foodName(foods, id).split(",");
  return name.charAt(0).toLowerCase() + name.slice(1);
};

export interface Speaking {
  readonly units: UnitSystem;
  readonly foods: FoodLookup;
  readonly part: (id: string) => string;
}

/** Why a step cannot be done, and the way out. */
export function sayFailure(failure: StepFailure, { units, foods, part }: Speaking): string {
  switch (failure.kind) {
    case "not-a-number":
      return `${failure.field} is not a number. Type digits, such as 250.`;
    case "out-of-range":
      return `${failure.field} is ${round(failure.got)}; it can be ${round(failure.low)} to ${round(failure.high)}.`;
    case "unknown-food":
      return `Nobody knows the food “${failure.food}” any more. Choose another one in this step.`;
    case "unknown-water":
      return `How much water ${foodName(foods, failure.food)} holds is not known, so nothing after it can be reckoned. Choose a food with figures.`;
    case "no-figures":
      return `There are no ${failure.wants} figures for ${foodName(foods, failure.food)}. Take this step out, or weigh before and after.`;
    case "empty-vessel":
      return "The vessel is empty. Weigh something in first.";
    case "no-bath":
      return "There is nothing to drain: no liquid stands round the food here.";
    case "no-liquid":
      return "There is no liquid here. Add water, stock or a marinade.";
    case "part-missing":
      return "The part that should join here is gone. Choose another one.";
    case "part-blocked":
      return `${part(failure.part)} cannot be reckoned yet; mend it first.`;
    case "cycle":
      return `${part(failure.part)} needs this part, and this part needs it. Take one of the two joins out.`;
    case "part-used-up":
      return `${part(failure.part)} is used ${round(failure.share * 100)} %, more than there is. Lower a share.`;
    case "no-pan":
      return `The kitchen has no ${failure.wants === "pot" ? "pot" : "frying pan"}. Add one under Kitchen.`;
    case "no-burner":
      return "The kitchen has no burner. Add one under Kitchen.";
    case "piece-too-big":
      return `A piece of ${round(failure.pieceMm)} mm does not fit a pan of ${round(failure.panMm)} mm. Make it smaller, or choose a wider pan.`;
    case "never-done":
      return `The middle never reaches ${writeTemp(failure.coreC, units)}: round it there are ${failure.aroundC.toFixed(1)} °C at your height. Lower the target or use pressure.`;
    case "too-weak":
      return `A burner of ${failure.burnerW} W cannot boil this down. Use a stronger one.`;
    case "no-binder":
      return "Nothing in this mix binds. Add flax, flour, crumbs, starch or husk.";
    case "not-shaped":
      return "There are no pieces yet. Put a shaping step before this one.";
  }
}

export function sayWeighInFailure(failure: WeighInFailure, units: UnitSystem): string {
  switch (failure.kind) {
    case "not-weighed-here":
      return "A reading says nothing at this step: weigh when nothing else lies in the bowl.";
    case "below-possible":
      return `That is less than the dry food in it (${writeMass(failure.lowestG, units)}). Was the bowl tared with food in it, or is it another unit?`;
    case "above-possible":
      return `That is more than was in the bowl (${writeMass(failure.highestG, units)}). Was the bowl tared, or is it another unit?`;
  }
}

export function sayFileFailure(failure: FileFailure): string {
  switch (failure.kind) {
    case "too-big":
      return `The file is larger than ${Math.round(failure.most / 1e6)} MB; a household is never that large. Nothing was changed.`;
    case "not-json":
      return failure.cutOff
        ? "The file stops in the middle. Copy it again, whole. Nothing was changed."
        : "The file is not JSON. Choose a file that was exported here. Nothing was changed.";
    case "foreign":
      return "The file is JSON, but not a Jade Pan household. Nothing was changed.";
    case "newer":
      return `The file was written by a newer Jade Pan (version ${failure.version}). Update this one first. Nothing was changed.`;
    case "wrong-field":
      return `The file is damaged at ${failure.field}: ${failure.problem}. Nothing was changed.`;
  }
}

export const round = (n: number): string => (Math.abs(n) >= 100 ? n.toFixed(0) : String(Math.round(n * 10) / 10));
