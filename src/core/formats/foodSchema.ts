import * as v from "valibot";
import { ALLERGENS } from "../foods/allergens";
import { contradictionIn, FIGURES } from "../foods/labels";
import { STARCHES } from "../foods/process";
import { between, id, list, maybe, name } from "./basics";

const figure = v.pipe(v.number(), v.finite());
const estimate = v.pipe(
  v.strictObject({ low: figure, likely: figure, high: figure }),
  v.check(({ low, likely, high }) => low <= likely && likely <= high, "must run from low over likely to high"),
);
const holding = { holdsFrom: figure, holdsTo: figure, strength: figure };
/** Process figures as a cooking keeps them. */
export const ProcessSchema = v.strictObject({
  raw: v.exactOptional(v.picklist(["raw-beans", "raw-mushrooms", "raw-tempeh", "raw-cyanide"])),
  cook: v.exactOptional(
    v.strictObject({
      zK: v.exactOptional(figure),
      softMin: estimate,
      from: v.picklist(["dry", "soaked"]),
      cookedMoisture: estimate,
      leach: estimate,
      foams: v.boolean(),
    }),
  ),
  bakedLoss: v.exactOptional(estimate),
  drinksOil: v.exactOptional(estimate),
  soak: v.exactOptional(
    v.strictObject({
      startMoisture: figure,
      fullMoisture: estimate,
      t90At20Min: estimate,
      activationKJ: estimate,
      breakC: v.exactOptional(figure),
      activationAboveKJ: v.exactOptional(figure),
      leach: estimate,
    }),
  ),
  press: v.exactOptional(
    v.strictObject({
      referenceMoisture: figure,
      thresholdKPa: figure,
      exponent: estimate,
      consolidationM2PerS: estimate,
      cells: v.exactOptional(v.literal(true)),
    }),
  ),
  binder: v.exactOptional(
    v.strictObject({
      ...holding,
      timeConstantMin: figure,
      eggG: v.exactOptional(figure),
      base: v.exactOptional(v.literal(true)),
      hot: v.exactOptional(v.strictObject(holding)),
    }),
  ),
  keepsMoisture: v.exactOptional(figure),
  brownedLoss: v.exactOptional(estimate),
  wallMm: v.exactOptional(figure),
  skin: v.exactOptional(v.literal(true)),
  layerMm: v.exactOptional(estimate),
  brownsAtMoisture: v.exactOptional(estimate),
  starch: v.exactOptional(v.picklist(STARCHES)),
});
/** A packet that says whether it contains an allergen. */
export const AllergenSaying = v.strictObject({
  food: id,
  allergen: v.picklist(ALLERGENS),
  state: v.picklist(["contains", "may", "free"]),
});
/** A packet that states a figure per 100 g. */
export const FigureSaying = v.strictObject({ food: id, figure: v.picklist(FIGURES), per100: between(0, 40_000) });
/** What a packet's label said of one allergen, or of one figure per 100 g. */
export const LabelSayingSchema = v.union([AllergenSaying, FigureSaying]);

const amount = maybe(between(0, 100));
const AllergenStates = v.strictObject(
  Object.fromEntries(ALLERGENS.map((a) => [a, v.picklist(["contains", "may", "free", "unknown"])])) as Record<
    (typeof ALLERGENS)[number],
    v.PicklistSchema<["contains", "may", "free", "unknown"], undefined>
  >,
);
/** A food, own or full; figures that contradict each other are refused. */
export const FoodSchema = v.strictObject({
  id,
  name,
  also: list(v.string(), 30),
  group: v.picklist([
    "protein",
    "pulse",
    "mushroom",
    "vegetable",
    "grain",
    "starch",
    "fat",
    "liquid",
    "seasoning",
    "nut",
    "animal",
    "other",
  ]),
  per100: v.pipe(
    v.strictObject({
      waterG: amount,
      proteinG: amount,
      fatG: amount,
      carbohydrateG: amount,
      fibreG: amount,
      sugarsG: amount,
      sodiumMg: maybe(between(0, 40_000)),
      acidG: between(0, 100),
      glutamateG: between(0, 100),
    }),
    v.check(
      (per100) => contradictionIn(per100) === null,
      "contradicts itself: more than 100 g in 100 g, or a part larger than its whole",
    ),
  ),
  allergens: AllergenStates,
  measures: v.record(v.string(), between(0, 100_000)),
  packs: v.optional(
    list(v.strictObject({ name, netG: between(1, 100_000), drainedG: maybe(between(1, 100_000)) }), 10),
    [],
  ),
  keeps: v.optional(
    v.strictObject({
      fridge: v.exactOptional(between(0, 4000)),
      freezer: v.exactOptional(between(0, 4000)),
      cupboard: v.exactOptional(between(0, 4000)),
    }),
    {},
  ),
  like: v.optional(maybe(id), null),
  from: v.strictObject({ source: v.string(), confidence: v.picklist(["high", "medium", "low"]) }),
  bought: v.exactOptional(v.literal(true)),
  process: v.exactOptional(ProcessSchema),
});
