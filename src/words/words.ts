import type { PartId } from "@/core/process/step";
import type { EaterId } from "@/core/household/people";
import type { Allergen } from "@/core/foods/allergens";
import type { Contradiction, Figure } from "@/core/foods/labels";
import { list } from "./count";
import { densityOf } from "@/core/foods/density";
import type { MeasureQuestion } from "@/core/foods/measure";
import type { Blocks } from "@/core/foods/own";
import type { FoodLookup, FoodId } from "@/core/foods/food";
import type { WaterZone } from "@/core/models/binderWater";
import type { Thickness } from "@/core/models/thickening";
import type { MachineKind } from "@/core/process/ledger";
import { writeMass, writeNearSpoon, writeSpoons } from "@/core/quantities/write";
import { ML_OF, type UnitSystem } from "@/core/quantities/units";

/** Words of the product. A failure's tag becomes its sentence here and nowhere else. */

export const ALLERGEN_NAMES: Readonly<Record<Allergen, string>> = {
  gluten: "gluten",
  wheat: "wheat",
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

export const FIGURE_NAMES: Readonly<Record<Figure, string>> = {
  waterG: "water",
  proteinG: "protein",
  fatG: "fat",
  carbohydrateG: "carbohydrate",
  fibreG: "fibre",
  sugarsG: "sugars",
  sodiumMg: "sodium",
};

export const THICKNESS_NAMES: Readonly<Record<Thickness, string>> = {
  broth: "thin as broth",
  light: "light, runs off the spoon",
  coating: "coats a spoon",
  thick: "thick",
  sets: "sets when it cools",
};

/** How thick it is, behind "it then". */
export const THICKNESS_IS: Readonly<Record<Thickness, string>> = {
  broth: "is thin as broth",
  light: "is light and runs off the spoon",
  coating: "coats a spoon",
  thick: "is thick",
  sets: "sets when it cools",
};
/** How a mix stands, behind "the mix". */
export const MIX_IS: Readonly<Record<WaterZone, string>> = {
  crumbly: "is crumbly",
  "dry edge": "is on the dry side",
  holds: "holds",
  soft: "is on the soft side",
  wet: "is wet",
};

export const foodName = (foods: FoodLookup, id: FoodId): string => foods(id)?.name ?? `“${id}”`;

/** A food as it is called at the stove: without what follows the comma on the shelf. */
export const foodInText = (foods: FoodLookup, id: FoodId): string => {
  const [name = id] = foodName(foods, id).split(",");
  return name.charAt(0).toLowerCase() + name.slice(1);
};

/** Several of them, each once: "saffron, lemon and salt". */
export const foodsInText = (foods: FoodLookup, ids: readonly FoodId[]): string =>
  list([...new Set(ids)].map((id) => foodInText(foods, id)));

/** So many grams of a food as the cook measures them: in US units a spoonful by the spoon, a liquid by the cup. */
export function amountInText({ units, foods }: TextContext, id: FoodId, massG: number): string {
  const food = units === "us" ? foods(id) : null;
  const density = food === null ? null : densityOf(food, true);
  if (food !== null && density !== null) {
    const ml = massG / density.gPerMl;
    const pours = food.group === "liquid" || food.group === "fat";
    const spoons = pours || ml < ML_OF.us.cup / 3 ? writeSpoons(ml) : null;
    if (spoons !== null) return spoons;
    const near = writeNearSpoon(ml);
    if (near !== null) return `${writeMass(massG, units)} (${near})`;
  }
  return writeMass(massG, units);
}

export interface TextContext {
  readonly units: UnitSystem;
  readonly foods: FoodLookup;
  readonly part: (id: PartId) => string;
  /** Somebody at the table, by name. */
  readonly eater: (id: EaterId) => string;
}

export const MACHINE_NAMES: Readonly<Record<MachineKind, string>> = {
  blender: "blender",
  "food-processor": "food processor",
  "pressure-cooker": "pressure cooker",
  "air-fryer": "air fryer",
  other: "machine",
};

export const round = (n: number): string => (Math.abs(n) >= 100 ? n.toFixed(0) : String(Math.round(n * 10) / 10));

/** A question about an amount, with the way to answer it. */
export function describeQuestion(question: MeasureQuestion, food: string): string {
  switch (question.kind) {
    case "no-number":
      return `${food}: there is no amount in that. Type grams, or words such as “2 tbsp” or “a 400 g tin”.`;
    case "unknown-unit":
      return `${food}: “${question.unit}” is no unit known here. Use g, ml, tsp, tbsp, cup, piece or tin.`;
    case "which-degrees":
      return `${question.degrees} degrees: of which? Write “${question.degrees} C” or “${question.degrees} F”.`;
    case "two-amounts":
      return `${food}: two amounts, ${question.first} and ${question.second}. Which one counts?`;
    case "impossible":
      return `${food}: “${question.text}” runs backwards. Write the smaller number first.`;
    case "no-measure":
      return `${food}: what one ${question.measure} weighs is not known${question.known.length > 0 ? ` (known: ${question.known.join(", ")})` : ""}. Put it on the scale and type the grams.`;
    case "which-pack":
      return `${food}: which one? ${question.packs.map((p) => `“a ${p.netG} g ${p.name}”${p.drainedG === null ? "" : ` gives ${p.drainedG} g`}`).join(", ")}.`;
    case "not-an-amount":
      return `${food}: that is a temperature, not an amount.`;
  }
}

/** What a food's figures contradict, and the way out. */
export function describeContradiction(contradiction: Contradiction): string {
  switch (contradiction.kind) {
    case "more-than-whole":
      return `${contradiction.figures.map((f) => FIGURE_NAMES[f]).join(", ")} make ${round(contradiction.sumG)} g in 100 g. Look at the label again: one of them is of another portion.`;
    case "part-over-whole":
      return `There cannot be more ${FIGURE_NAMES[contradiction.part]} than ${FIGURE_NAMES[contradiction.whole]}. Correct one of the two.`;
    case "salt-over-whole":
      return `The sodium makes ${round(contradiction.saltG)} g of salt, more than there is room for. Is it salt in g, or sodium in mg?`;
  }
}
/** What stays unsaid as long as something is unknown. */
export const BLOCKS_SAY: Readonly<Record<Blocks, string>> = {
  ledger: "Without its water every figure after it is a wide guess.",
  salt: "Without its sodium the salt of a supper is only “at least”.",
  protein: "Without it the protein of a supper is only “at least”.",
  "soaking-and-pressing":
    "It has no figures for soaking, pressing, cooking and browning: borrow those of a food it is like.",
  "who-can-eat": "Allergens nobody read are asked at every supper.",
};
