import type { FoodId } from "../foods/food";
import { RAW_MEATS } from "../foods/insideMarks";
import { processOf } from "../foods/process";
import { mainFood } from "../process/contents";
import {
  brings,
  type Computed,
  factOf,
  foodSet,
  holds,
  is,
  NO_FACTS,
  rule,
  type Rule,
  type RuleContext,
  when,
} from "./rule";

const RAW_FLOUR = foodSet(
  "wheat-flour",
  "oat-flour",
  "oats",
  "chickpea-flour",
  "rice-flour",
  "buckwheat-flour",
  "quinoa-flour",
);
/** Where water boils cooler than this no boil is trusted (this house's own margin). */
const NEVER_BOILS_ENOUGH_C = 90;
const MADE_INTO = [
  "pulse",
  "mash",
  "bind",
  "shape",
  "fry",
  "bake",
  "air-fry",
  "deep-fry",
  "hold",
  "layer",
  "serve",
] as const;
/** What has to boil is known by the mark; the food is named that brings it, or most of it where figures of its own do. */
const beanIn = (row: Computed, { kin }: RuleContext): FoodId => {
  const { batch } = row.outcome.after;
  return batch.solids.foods.find((f) => processOf(kin(f)).raw === "raw-beans") ?? mainFood(batch) ?? "";
};
/** Which of these foods comes in at this step. */
const foodOf = (row: Computed, foods: ReadonlySet<FoodId>, { kin }: RuleContext): FoodId => {
  const came = row.outcome.inputs.find((c) => c.from === "food" && foods.has(kin(c.food)));
  return came?.from === "food" ? came.food : "";
};
/** Nearly soft: what is left of it nobody bites on. */
const DONE = 0.9;
/** Any pulse that is cooked from dry. */
const holdsPulses = (row: Computed, { kin, food }: RuleContext): boolean =>
  row.outcome.after.batch.solids.foods.some(
    (id) => food(id)?.group === "pulse" && processOf(kin(id)).cook !== undefined,
  );
/** Ground raw and fried, soaked pulses are another thing: their middle is asked instead. */
const isGround = (row: Computed, { earlier }: RuleContext): boolean =>
  [...earlier, row].some((r) => is(r, "pulse", "mash"));
const SEAWEED = foodSet("seaweed-kombu", "seaweed-wakame", "seaweed-nori", "seaweed-hijiki");
const HIJIKI = foodSet("seaweed-hijiki");
const TEMPEH = foodSet("tempeh");
const PEEL = foodSet("banana-peel");
const LECTIN = foodSet("kidney-beans-dry", "white-beans-dry");
/** Potatoes, which two themes ask for. */
export const POTATO = foodSet("potato", "baking-potato");
const COOK_MUSHROOMS = foodSet("enoki", "shiitake", "shiitake-dried");
const MORELS = foodSet("morels", "morels-dried");
const FORAGED = foodSet("wild-mushrooms", ...MORELS);
const CYANIDE = foodSet("cassava", "bamboo-shoots-raw");
const BITTER = foodSet("apricot-kernels", "bitter-almonds");
/** Sold and cooked frozen; kept with the figures of what they are thawed. */
const FROZEN = foodSet("potato-nuggets");
const SPROUTS = foodSet("bean-sprouts");
/** Vegetables that come frozen and unheated as a rule. */
const SOLD_FROZEN = foodSet("peas", "edamame", "broad-beans");
/** Hot right through: 165 °F. */
const HOT_C = (165 - 32) / 1.8;
const BANANA = foodSet("banana-peel", "banana-blossom");

/** From here on a pickle is kept, not eaten up; and so sour is its liquid (rules of thumb). */
const PICKLE = { keptDays: 7, acidInWater: 0.01 } as const;
/** A fifth of what poison centres hear of (this house's margin). */
const NUTMEG_G = 1;
const RAW_ANIMAL = foodSet(...RAW_MEATS, "egg");

/** Foods that ask for care of their own: raw flour, pulses, mushrooms, seaweed, peel. */
export const FOODS_WITH_CARE: readonly Rule[] = [
  rule({
    id: "raw-flour",
    severity: "warn",
    authority: "FDA, raw flour advice",
    touches: (row, context) => when(is(row, "bind", "batter") && holds(row, RAW_FLOUR, context), NO_FACTS),
  }),
  rule({
    id: "seaweed-iodine",
    severity: "warn",
    authority: "EFSA; UK FSA",
    touches: (row, context) => when(brings(row, SEAWEED, context), NO_FACTS),
  }),
  rule({
    id: "hijiki",
    severity: "stop",
    authority: "UK FSA",
    touches: (row, context) => when(brings(row, HIJIKI, context), NO_FACTS),
  }),
  rule({
    id: "kidney-lectin",
    severity: "warn",
    authority: "FDA Bad Bug Book",
    touches: (row, context) => when(is(row, "soak", "cook") && holds(row, LECTIN, context), NO_FACTS),
  }),
  rule({
    id: "raw-pulses",
    severity: "stop",
    authority: "FDA Bad Bug Book",
    touches: (row, context) => {
      const raw = row.outcome.after.marks.includes("raw-beans");
      // However it is served: wherever it is made into something, and at the last step of what comes to the table.
      const told = context.last || is(row, ...MADE_INTO);
      return when(raw && told, {
        food: beanIn(row, context),
        boilC: context.boilC,
        needsPressure: context.boilC < NEVER_BOILS_ENOUGH_C,
      });
    },
  }),
  rule({
    id: "pulses-underdone",
    severity: "warn",
    authority: "common practice",
    touches: (row, context) =>
      when(
        is(row, "cook", "simmer") && holdsPulses(row, context) && (factOf(row, "softened")?.share ?? 1) < DONE,
        NO_FACTS,
      ),
  }),
  rule({
    id: "pulses-served-hard",
    severity: "stop",
    authority: "EFSA and FDA on lectins of raw pulses; common practice",
    touches: (row, context) => {
      const { softness, marks } = row.outcome.after;
      // Of beans with lectin more is said already.
      return when(
        context.last &&
          !marks.includes("raw-beans") &&
          softness !== null &&
          softness < DONE &&
          holdsPulses(row, context) &&
          !isGround(row, context),
        NO_FACTS,
      );
    },
  }),
  rule({
    id: "raw-sprouts",
    severity: "warn",
    authority: "FDA and BfR: raw sprouts have carried Salmonella and STEC",
    touches: (row, context) => {
      const cooked = [...context.earlier, row].some((r) => r.outcome.after.batch.tempC >= HOT_C);
      return when(context.last && !cooked && holds(row, SPROUTS, context), NO_FACTS);
    },
  }),
  rule({
    id: "served-frozen-kind",
    severity: "warn",
    authority: "EFSA, 2020: Listeria in frozen vegetables, which are meant to be cooked",
    touches: (row, context) => {
      const found = row.outcome.after.batch.solids.foods.find((id) => SOLD_FROZEN.has(context.kin(id)));
      const cooked = [...context.earlier, row].some((r) => r.outcome.after.batch.tempC >= HOT_C);
      return context.last && !cooked && found !== undefined ? { food: found } : null;
    },
  }),
  rule({
    id: "from-frozen",
    severity: "warn",
    authority: "common practice; the packet",
    touches: (row, context) =>
      when(is(row, "bake", "air-fry", "fry", "deep-fry", "layer", "top") && holds(row, FROZEN, context), NO_FACTS),
  }),
  rule({
    id: "mushrooms-raw",
    severity: "warn",
    authority: "FDA / CDC (Listeria in enoki; rash from raw shiitake)",
    touches: (row, context) => when(brings(row, COOK_MUSHROOMS, context), NO_FACTS),
  }),
  rule({
    id: "mushrooms-served-raw",
    severity: "stop",
    authority: "FDA / CDC",
    touches: (row, { last }) =>
      when((is(row, "serve") || last) && row.outcome.after.marks.includes("raw-mushrooms"), NO_FACTS),
  }),
  rule({
    id: "morels",
    severity: "warn",
    authority: "FDA, morel advice of 2023, from memory",
    touches: (row, context) => when(brings(row, MORELS, context), NO_FACTS),
  }),
  rule({
    id: "foraged",
    severity: "warn",
    authority: "national poison centres; BfR",
    touches: (row, context) => when(brings(row, FORAGED, context), NO_FACTS),
  }),
  rule({
    id: "cyanide-raw",
    severity: "warn",
    authority: "FSANZ, cassava and bamboo shoots, from memory",
    touches: (row, context) => (brings(row, CYANIDE, context) ? { food: foodOf(row, CYANIDE, context) } : null),
  }),
  rule({
    id: "cyanide-served-raw",
    severity: "stop",
    authority: "FSANZ; BfR",
    touches: (row, { last }) =>
      when((is(row, "serve") || last) && row.outcome.after.marks.includes("raw-cyanide"), NO_FACTS),
  }),
  rule({
    id: "bitter-kernels",
    severity: "stop",
    authority: "EFSA, 2016; BfR",
    touches: (row, context) => when(brings(row, BITTER, context), NO_FACTS),
  }),
  rule({
    id: "pickle-on-the-shelf",
    severity: "warn",
    authority: "USDA Complete Guide to Home Canning",
    touches: (row) => {
      const { batch, bath } = row.outcome.after;
      const acidG = batch.acidG + (bath?.acidG ?? 0);
      const waterG = batch.waterG + (bath?.waterG ?? 0);
      const kept = row.step.kind === "store" && row.step.where === "fridge" && row.step.days >= PICKLE.keptDays;
      return when(kept && acidG >= PICKLE.acidInWater * waterG, NO_FACTS);
    },
  }),
  rule({
    id: "tempeh-served-raw",
    severity: "stop",
    authority: "common practice: steamed ten minutes or hot right through",
    touches: (row, { last }) =>
      when((is(row, "serve") || last) && row.outcome.after.marks.includes("raw-tempeh"), NO_FACTS),
  }),
  rule({
    id: "nutmeg",
    severity: "warn",
    authority: "poison centres: symptoms from about 5 g, from memory",
    touches: (row, { kin, heads }) => {
      const aHeadG =
        row.outcome.inputs.reduce((m, c) => (c.from === "food" && kin(c.food) === "nutmeg" ? m + c.massG : m), 0) /
        heads;
      return when(aHeadG > NUTMEG_G, { aHeadG });
    },
  }),
  rule({
    id: "raw-animal",
    severity: "warn",
    authority: "USDA FSIS",
    touches: (row, context) => when(brings(row, RAW_ANIMAL, context), NO_FACTS),
  }),
  rule({
    id: "tempeh",
    severity: "warn",
    authority: "common practice",
    touches: (row, context) => when(brings(row, TEMPEH, context), { leastC: 74 }),
  }),
  rule({
    id: "banana-peel",
    severity: "warn",
    authority: "common practice; allergology (latex–fruit syndrome)",
    touches: (row, context) => when(brings(row, BANANA, context), { peel: brings(row, PEEL, context) }),
  }),
  rule({
    id: "green-potato",
    severity: "warn",
    authority: "BfR and FSA advice on glycoalkaloids",
    touches: (row, context) => when(brings(row, POTATO, context), NO_FACTS),
  }),
];
