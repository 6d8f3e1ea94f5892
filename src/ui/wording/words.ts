import type { Allergen } from "@/core/foods/allergens";
import type { Contradiction, Figure } from "@/core/foods/labels";
import type { MeasureQuestion } from "@/core/foods/measure";
import type { Blocks } from "@/core/foods/own";
import type { FoodLookup } from "@/core/foods/food";
import type { Thickness } from "@/core/models/thickening";
import type { MachineKind, StepFailure } from "@/core/process/ledger";
import type { StepKind } from "@/core/process/registry";
import type { WeighInFailure } from "@/core/process/weighIn";
import { writeMass, writeTemp } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";

/** Words of the product. A failure's tag becomes its sentence here and nowhere else. */

export const STEP_NAMES: Readonly<Record<StepKind, string>> = {
  weigh: "Weigh",
  sort: "Sort",
  cut: "Cut",
  pulse: "Pulse",
  mash: "Mash",
  soak: "Soak",
  cook: "Cook soft",
  boil: "Boil",
  steam: "Steam",
  blanch: "Blanch",
  gel: "Make a gel",
  drain: "Drain",
  rinse: "Rinse",
  squeeze: "Squeeze",
  press: "Press",
  freeze: "Freeze",
  thaw: "Thaw",
  pat: "Pat dry",
  season: "Season",
  marinate: "Marinate",
  glaze: "Glaze",
  toast: "Toast",
  batter: "Stir a batter",
  bind: "Bind",
  rest: "Rest",
  shape: "Shape",
  stuff: "Fill",
  slice: "Slice",
  coat: "Coat",
  sear: "Sear",
  brown: "Brown",
  sweat: "Sweat in water",
  fry: "Pan-fry",
  griddle: "Griddle",
  "deep-fry": "Deep-fry",
  "air-fry": "Air-fry",
  bake: "Bake",
  simmer: "Simmer",
  reduce: "Reduce",
  thicken: "Thicken",
  layer: "Layer",
  top: "Top",
  hold: "Keep warm",
  stand: "Let stand",
  cool: "Cool",
  store: "Store",
  reheat: "Reheat",
  serve: "Serve",
};

/** What is looked at, felt, heard or smelled to know that a step is done. */
export const CUES: Readonly<Record<StepKind, string>> = {
  weigh: "the scale agrees",
  sort: "no stones, no husks",
  cut: "pieces of one size",
  pulse: "bits you can still see",
  mash: "no lumps, falls slowly from the spoon",
  soak: "bends without a dry core",
  cook: "squashes between tongue and palate",
  boil: "a knife slides out",
  steam: "firm to the finger, hot in the middle",
  blanch: "bright green and still crisp",
  gel: "trembles like egg white",
  drain: "nothing runs any more",
  rinse: "a piece tastes of little salt",
  squeeze: "drips only when squeezed again",
  press: "the board has stopped sinking",
  freeze: "hard as a stone, yellowed",
  thaw: "bends, no ice in the middle",
  pat: "the towel stays dry",
  season: "tastes right to you",
  marinate: "nothing runs in the bowl",
  glaze: "shines all over",
  toast: "smells of nuts, a shade darker",
  batter: "runs off the spoon in a ribbon",
  bind: "a squeezed ball keeps its shape",
  rest: "releases the hand, no cracks at the edge",
  shape: "all alike when laid side by side",
  stuff: "level with the rim",
  slice: "slices of one thickness",
  coat: "no bare spots",
  sear: "brown at the edges, dry to the touch",
  brown: "the pan is dry and it smells nutty",
  sweat: "soft and glassy, the pan nearly dry",
  fry: "a crust that lets go of the pan",
  griddle: "dark stripes, lets go by itself",
  "deep-fry": "golden, and the bubbling slows",
  "air-fry": "crisp when tapped",
  bake: "brown at the edges, hot in the middle",
  simmer: "small bubbles all over",
  reduce: "a spoon leaves a trail",
  thicken: "coats the back of a spoon",
  layer: "level, pressed gently",
  top: "covered to the edge",
  hold: "still steams when opened",
  stand: "the juices have settled",
  cool: "cold to the hand underneath",
  store: "closed and dated",
  reheat: "steaming right through",
  serve: "on warm plates",
};

/** Kinds of step as a cook looks for them: in the order of work. */
export const STEP_GROUPS: readonly (readonly [string, readonly StepKind[]])[] = [
  ["Get ready", ["weigh", "sort", "cut", "pulse", "mash"]],
  ["Water in", ["soak", "cook", "boil", "steam", "blanch", "gel"]],
  ["Water out", ["drain", "rinse", "squeeze", "press", "freeze", "thaw", "pat"]],
  ["Flavour in", ["season", "marinate", "glaze", "toast"]],
  ["Structure", ["bind", "batter", "rest", "shape", "stuff", "slice", "coat"]],
  ["Heat", ["sear", "brown", "sweat", "fry", "griddle", "deep-fry", "air-fry", "bake", "simmer", "reduce", "thicken"]],
  ["Join and keep", ["layer", "top", "hold", "stand", "cool", "store", "reheat", "serve"]],
];

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

export const foodName = (foods: FoodLookup, id: string): string => foods(id)?.name ?? `“${id}”`;

/** A food as it is called at the stove: without what follows the comma on the shelf. */
export const foodInText = (foods: FoodLookup, id: string): string => {
  const [name = id] = foodName(foods, id).split(",");
  return name.charAt(0).toLowerCase() + name.slice(1);
};

export interface TextContext {
  readonly units: UnitSystem;
  readonly foods: FoodLookup;
  readonly part: (id: string) => string;
  /** Somebody at the table, by name. */
  readonly eater: (id: string) => string;
}

export const MACHINE_NAMES: Readonly<Record<MachineKind, string>> = {
  blender: "blender",
  "food-processor": "food processor",
  "pressure-cooker": "pressure cooker",
  "air-fryer": "air fryer",
  other: "machine",
};

/** Why a step cannot be done, and the way out. */
export function describeFailure(failure: StepFailure, { units, foods, part }: TextContext): string {
  switch (failure.kind) {
    case "not-a-number":
      return `${failure.field} is not a number. Type digits, such as 250.`;
    case "out-of-range":
      return `${failure.field} is ${round(failure.got)}; it can be ${round(failure.low)} to ${round(failure.high)}.`;
    case "unknown-food":
      return `Nobody knows the food “${failure.food}” any more. Choose another one in this step.`;
    case "unknown-water":
      return `How much water ${foodName(foods, failure.food)} holds is not known, so nothing after it can be worked out. Choose a food with figures.`;
    case "no-figures":
      return `There are no ${failure.wants} figures for ${foodName(foods, failure.food)}. Take this step out, or weigh before and after.`;
    case "other-step":
      return failure.take === "cook"
        ? `${foodName(foods, failure.food)} softens by its own minutes and drinks: take “${STEP_NAMES.cook}” for it.`
        : `“${STEP_NAMES.cook}” works out pulses, grains and pasta. For ${foodName(foods, failure.food).toLowerCase()} take “${STEP_NAMES[failure.take]}”.`;
    case "still-frozen":
      return "It is still frozen in the middle. Thaw it longer before this step.";
    case "not-frozen":
      return "Nothing here is frozen. Take this step out, or freeze long enough before it.";
    case "too-hard-pressed":
      return `${round(failure.pressureKPa)} kPa breaks a block; ${round(failure.mostKPa)} is the most. Use less weight or a larger board.`;
    case "no-machine":
      return `The kitchen has no ${MACHINE_NAMES[failure.wants]}. Add one under Kitchen, or do it another way.`;
    case "no-tin":
      return "The kitchen has no tin or oven dish. Add one under Kitchen.";
    case "no-oven":
      return "The kitchen has no oven. Add one under Kitchen.";
    case "never-soft":
      return `At ${writeTemp(failure.atC, units)} pulses never soften. Use pressure or a hotter pot.`;
    case "nothing-to-coat-with":
      return "There is nothing to coat with. Add starch, crumbs, seeds or a batter to this step.";
    case "liquor-missing":
      return "The step whose liquor should go in here is gone or pours nothing off. Choose another one.";
    case "liquor-used-up":
      return `That liquor is used ${round(failure.share * 100)} %, more than ran off. Lower a share.`;
    case "empty-vessel":
      return "The vessel is empty. Weigh something in first.";
    case "no-liquid":
      return "There is no liquid here. Add water, stock or a marinade.";
    case "part-missing":
      return "The part that should join here is gone. Choose another one.";
    case "part-blocked":
      return `${part(failure.part)} cannot be worked out yet; fix it first.`;
    case "part-frozen":
      return `${part(failure.part)} is still frozen. Thaw it in its own steps before it joins.`;
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
      return "There are no pieces yet. Put a shaping or slicing step before this one.";
  }
}

export function describeWeighInFailure(failure: WeighInFailure, units: UnitSystem): string {
  switch (failure.kind) {
    case "not-weighed-here":
      return "A reading says nothing at this step: weigh when nothing else lies in the bowl.";
    case "below-possible":
      return `That is less than the dry food in it (${writeMass(failure.lowestG, units)}). Was the bowl tared with food in it, or is it another unit?`;
    case "above-possible":
      return `That is more than was in the bowl (${writeMass(failure.highestG, units)}). Was the bowl tared, or is it another unit?`;
  }
}

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
  ledger: "Without its water nothing after it can be worked out.",
  salt: "Without its sodium the salt of a supper is only “at least”.",
  protein: "Without it the protein of a supper is only “at least”.",
  "soaking-and-pressing":
    "It has no figures for soaking, pressing, cooking and browning: borrow those of a food it is like.",
  "who-can-eat": "Allergens nobody read are asked at every supper.",
};
