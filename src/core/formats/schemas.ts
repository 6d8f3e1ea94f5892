import * as v from "valibot";
import { ALLERGENS } from "../foods/allergens";
import type { Food } from "../foods/food";
import { contradictionIn } from "../foods/labels";
import type { Dish, Supper } from "../dish/dish";
import type { Eater, Kitchen } from "../dish/kitchen";
import type { Entry } from "../notebook/entry";
import type { PlanInput } from "../plan";
import type { LogEntry } from "../process/log";
import { STEP_KINDS } from "../dish/edit";
import { SALT_TARGETS, type SaltTarget } from "../models/salt";
import type { Step, StepKind } from "../process/step";
import type { ScheduleInput } from "../schedule/task";

/** Shapes of everything that comes from outside: files, the API, the browser's own store. */

const id = v.pipe(v.string(), v.minLength(1, "must not be empty"), v.maxLength(100, "is too long"));
const name = v.pipe(v.string(), v.minLength(1, "must not be empty"), v.maxLength(200, "is too long"));
const between = (low: number, high: number) =>
  v.pipe(
    v.number("must be a number"),
    v.finite("must be finite"),
    v.minValue(low, `must be at least ${low}`),
    v.maxValue(high, `must be at most ${high}`),
  );
const maybe = <T extends v.GenericSchema>(schema: T) => v.nullable(schema);
const list = <T extends v.GenericSchema>(item: T, most: number) =>
  v.pipe(v.array(item), v.maxLength(most, `must have at most ${most}`));
const clock = v.pipe(v.string(), v.regex(/^([01]\d|2[0-3]):[0-5]\d$/, "must be a time such as 19:00"));
const instant = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?Z$/, "must be an instant such as 2026-11-29T19:00:00.000Z"),
  v.check((text) => !Number.isNaN(Date.parse(text)), "is not a date"),
);

export const LIMITS = {
  bytes: 5_000_000,
  dishes: 12,
  parts: 20,
  steps: 60,
  lines: 40,
  foods: 500,
  tasks: 300,
  samples: 2000,
  nodes: 1_000_000,
  log: 5000,
} as const;

const Line = v.variant("kind", [
  v.strictObject({ kind: v.literal("food"), food: id, massG: between(0, 100_000) }),
  v.strictObject({ kind: v.literal("part"), part: id, share: between(0, 1) }),
  v.strictObject({ kind: v.literal("liquor"), step: id, share: between(0, 1) }),
]);
const common = {
  id,
  adds: list(Line, LIMITS.lines),
  handsMin: maybe(between(0, 1000)),
  mayWaitMin: maybe(between(0, 20_000)),
};
const pan = maybe(id);
const saltTo = maybe(between(0, 0.1));
const minutes = between(0, 14 * 1440);
const block = { lengthMm: between(5, 500), widthMm: between(5, 500), thicknessMm: between(3, 500) };
const baking = { ovenC: between(50, 300), minutes: maybe(between(1, 600)), coreC: maybe(between(40, 99)) };
const machine = maybe(id);
const step = <K extends StepKind, E extends v.ObjectEntries>(kind: K, own: E) =>
  v.strictObject({ kind: v.literal(kind), ...common, ...own });
/** Fields with a default came with version 2 of the file: older files have none. */
export const StepSchema = v.variant("kind", [
  step("weigh", {}),
  step("sort", {}),
  step("cut", {
    how: v.optional(v.picklist(["cut", "tear", "shred", "crumble", "grate"]), "cut"),
    pieceMm: between(1, 300),
  }),
  step("pulse", { machine, to: v.picklist(["bits", "smooth"]), saltTo }),
  step("mash", { saltTo }),
  step("soak", { waterC: between(0, 100), minutes, covered: v.boolean(), chilled: v.optional(v.boolean(), false) }),
  step("cook", { pan, pressure: v.boolean(), machine, minutes: maybe(minutes) }),
  step("boil", { pan, pieceMm: between(3, 120), coreC: between(40, 100) }),
  step("steam", { pan, coreC: between(40, 99), wrapped: v.boolean() }),
  step("blanch", { pan, minutes: between(0.1, 30) }),
  step("gel", { minutes }),
  step("drain", {}),
  step("rinse", {
    how: v.picklist(["swirl", "soak", "simmer"]),
    times: v.pipe(between(1, 20), v.integer("must be a whole number")),
    waterG: between(10, 50_000),
  }),
  step("squeeze", { how: v.picklist(["palm", "hands", "cloth"]), minutes: between(0, 60) }),
  step("press", { ...block, loadKg: between(0, 100), minutes, bothFaces: v.boolean() }),
  step("freeze", { ...block, minutes }),
  step("thaw", { ...block, minutes, how: v.picklist(["fridge", "cold-water"]) }),
  step("pat", {}),
  step("season", { saltTo }),
  step("marinate", { minutes, fit: v.boolean(), saltTo, chilled: v.boolean() }),
  step("glaze", {}),
  step("toast", { pan, minutes: between(0.1, 60) }),
  step("batter", { standMin: minutes }),
  step("bind", { saltTo }),
  step("rest", { minutes, where: v.picklist(["fridge", "worktop"]) }),
  step("shape", {
    form: v.picklist(["ball", "patty", "log", "loaf", "fillet", "rasher", "parcel"]),
    pieceG: between(3, 5000),
    diameterMm: between(10, 400),
  }),
  step("stuff", { count: between(1, 500), thicknessMm: between(3, 200) }),
  step("slice", { thicknessMm: between(0.5, 100), count: between(1, 500) }),
  step("coat", { coating: v.picklist(["starch", "batter", "crumb", "seeds"]), pickUp: maybe(between(0.005, 1)) }),
  step("sear", { pan, browningMin: between(0, 60) }),
  step("brown", { pan, browningMin: between(0, 60) }),
  step("sweat", { pan, minutes: between(0.5, 90) }),
  step("fry", { pan, coreC: between(40, 100) }),
  step("griddle", { pan, coreC: between(40, 100) }),
  step("deep-fry", { pan, oilC: between(130, 230), minutes: between(0.5, 60) }),
  step("air-fry", { ...baking, machine }),
  step("bake", { ...baking, fan: v.boolean(), cover: v.picklist(["bare", "foil", "parchment", "lid"]) }),
  step("simmer", { pan, minutes: between(0, 600), lid: v.boolean() }),
  step("reduce", { pan, toShare: between(0.1, 1) }),
  step("thicken", { pan, minutes: between(0, 60) }),
  step("layer", { tin: maybe(id) }),
  step("top", {}),
  step("hold", { minutes: between(0, 720), holdC: between(40, 130) }),
  step("stand", { minutes: between(0, 1440), foil: v.boolean() }),
  step("cool", {
    minutes: between(0, 2880),
    depthMm: between(5, 400),
    where: v.picklist(["room", "fridge", "ice-bath"]),
  }),
  step("store", { where: v.picklist(["fridge", "freezer"]), days: between(0, 365) }),
  step("reheat", { coreC: between(40, 99), minutes: between(1, 240), where: v.picklist(["oven", "hob"]) }),
  step("serve", {}),
]);

const differ = (ids: readonly string[]) => new Set(ids).size === ids.length;
const idsDiffer = (items: readonly { readonly id: string }[]) => differ(items.map((i) => i.id));
const stepIdsDiffer = (parts: readonly { readonly steps: readonly { readonly id: string }[] }[]) =>
  differ(parts.flatMap((p) => p.steps.map((s) => s.id)));
const DIFFERENT = "must have different ids";

export const DishSchema = v.strictObject({
  id,
  name,
  replaces: v.pipe(v.string(), v.maxLength(200)),
  servings: between(1, 200),
  parts: v.pipe(
    list(
      v.strictObject({
        id,
        name,
        steps: list(StepSchema, LIMITS.steps),
        waitsForTableMin: between(0, 1440),
        saltTarget: maybe(v.picklist(Object.keys(SALT_TARGETS) as SaltTarget[])),
      }),
      LIMITS.parts,
    ),
    v.check((items) => idsDiffer(items), DIFFERENT),
    v.check((parts) => stepIdsDiffer(parts), "must have steps with different ids"),
  ),
});
export const SupperSchema = v.strictObject({
  id,
  name,
  serveAt: instant,
  eaters: list(id, 200),
  guests: v.pipe(between(0, 200), v.integer("must be a whole number")),
  dishes: v.pipe(
    list(DishSchema, LIMITS.dishes),
    v.check((items) => idsDiffer(items), DIFFERENT),
  ),
});
const amount = maybe(between(0, 100));
const AllergenStates = v.strictObject(
  Object.fromEntries(ALLERGENS.map((a) => [a, v.picklist(["contains", "free", "unknown"])])) as Record<
    (typeof ALLERGENS)[number],
    v.PicklistSchema<["contains", "free", "unknown"], undefined>
  >,
);
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
});
export const KitchenSchema = v.strictObject({
  name,
  place: v.pipe(v.string(), v.maxLength(200)),
  timeZone: v.pipe(v.string(), v.check(knownZone, "is not a time zone such as Europe/Dublin")),
  altitudeM: between(-430, 9000),
  roomC: between(0, 45),
  cooks: v.pipe(between(1, 20), v.integer("must be a whole number")),
  burners: list(
    v.strictObject({ id, name, kind: v.picklist(["gas", "coil", "induction"]), watts: between(200, 10_000) }),
    12,
  ),
  ovens: v.pipe(between(0, 10), v.integer("must be a whole number")),
  pans: list(
    v.strictObject({
      id,
      name,
      kind: v.picklist(["frying", "pot"]),
      diameterCm: between(8, 80),
      heightCm: v.optional(maybe(between(1, 80)), null),
    }),
    40,
  ),
  tins: v.optional(
    list(
      v.strictObject({
        id,
        name,
        lengthCm: between(4, 80),
        widthCm: between(4, 80),
        heightCm: between(1, 40),
        round: v.boolean(),
      }),
      40,
    ),
    [],
  ),
  machines: list(
    v.strictObject({
      id,
      name,
      kind: v.optional(v.picklist(["blender", "food-processor", "pressure-cooker", "air-fryer", "other"]), "other"),
      volumeMl: v.optional(maybe(between(50, 50_000)), null),
      basketCm: v.optional(maybe(between(5, 80)), null),
    }),
    40,
  ),
  sleep: maybe(v.strictObject({ from: clock, to: clock })),
  away: list(v.strictObject({ days: list(v.pipe(between(1, 7), v.integer()), 7), from: clock, to: clock }), 20),
  units: v.picklist(["metric", "us"]),
  spoons: v.optional(v.picklist(["metric", "us", "imperial", "au"]), "metric"),
  scaleStepG: between(0.01, 50),
});
export const EaterSchema = v.strictObject({
  id,
  name,
  avoids: list(v.picklist(ALLERGENS), ALLERGENS.length),
  small: v.optional(v.boolean(), false),
});

const stamp = { at: between(0, 8.64e15) };
const onStep = { ...stamp, step: id };
export const LogEntrySchema = v.variant("kind", [
  v.strictObject({ kind: v.literal("begun"), ...onStep }),
  v.strictObject({ kind: v.literal("done"), ...onStep }),
  v.strictObject({ kind: v.literal("reopened"), ...onStep }),
  v.strictObject({
    kind: v.literal("weighed"),
    ...onStep,
    readingG: between(0, 100_000),
    by: v.picklist(["typed", "scale"]),
  }),
  v.strictObject({ kind: v.literal("timer"), ...onStep, minutes: between(0, 20_000) }),
  v.strictObject({ kind: v.literal("timer-off"), ...onStep }),
  v.strictObject({ kind: v.literal("cue"), ...onStep, seen: v.boolean() }),
  v.strictObject({ kind: v.literal("finished"), ...stamp }),
]);
export const PlanInputSchema = v.strictObject({
  supper: SupperSchema,
  foods: list(FoodSchema, LIMITS.foods),
  kitchen: KitchenSchema,
  eaters: list(EaterSchema, 200),
  log: list(LogEntrySchema, LIMITS.log),
});
/** What `POST /api/v1/plan` takes: a PlanInput, and how many samples its ranges are drawn from (0: none). */
export const PlanRequestSchema = v.strictObject({
  ...PlanInputSchema.entries,
  samples: v.optional(v.pipe(between(0, LIMITS.samples), v.integer("must be a whole number")), 0),
  seed: v.optional(v.pipe(between(0, 2 ** 31), v.integer()), 1),
});
const minute = v.pipe(between(-1e6, 1e6), v.integer("must be a whole number of minutes"));
export const ScheduleRequestSchema = v.strictObject({
  tasks: list(
    v.strictObject({
      id,
      step: id,
      dish: id,
      part: id,
      kind: v.picklist(["hands", "watch", "wait"]),
      minutes: v.pipe(between(0, 100_000), v.integer("must be a whole number of minutes")),
      demands: v.record(v.string(), between(0, 1000)),
      ovenC: v.optional(maybe(between(0, 400)), null),
    }),
    LIMITS.tasks,
  ),
  lags: list(v.strictObject({ from: id, to: id, minMin: minute, maxMin: maybe(minute) }), 4 * LIMITS.tasks),
  apart: list(v.strictTuple([list(id, LIMITS.tasks), list(id, LIMITS.tasks)]), 200),
  capacities: v.record(v.string(), between(0, 1000)),
  blocked: list(v.strictTuple([minute, minute]), 500),
  horizonMin: between(1, 100_000),
  nodes: v.pipe(between(1, LIMITS.nodes), v.integer()),
});
export const EntrySchema = v.strictObject({
  id,
  supper: id,
  name,
  eaters: between(0, 1000),
  startedAt: instant,
  finishedAt: instant,
  servedForAt: instant,
  rows: list(
    v.strictObject({
      key: id,
      part: name,
      step: v.picklist(STEP_KINDS),
      plannedMin: between(0, 100_000),
      actualMin: maybe(between(0, 1e7)),
      plannedG: between(0, 1e7),
      weighedG: maybe(between(0, 1e6)),
    }),
    2000,
  ),
  saltPerEaterG: maybe(between(0, 1000)),
  bite: maybe(between(0, 10)),
  note: v.pipe(v.string(), v.maxLength(10_000)),
});

function knownZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** The schemas and the types of the core must say the same; a difference does not compile. */
type Same<Schema extends v.GenericSchema, T> =
  v.InferOutput<Schema> extends T ? (T extends Loose<v.InferOutput<Schema>> ? true : never) : never;
type Loose<T> = T extends readonly (infer I)[]
  ? readonly Loose<I>[]
  : T extends object
    ? { readonly [K in keyof T]: Loose<T[K]> }
    : T;
export const SCHEMAS_AGREE: [
  Same<typeof StepSchema, Step>,
  Same<typeof DishSchema, Dish>,
  Same<typeof SupperSchema, Supper>,
  Same<typeof FoodSchema, Food>,
  Same<typeof KitchenSchema, Kitchen>,
  Same<typeof EaterSchema, Eater>,
  Same<typeof LogEntrySchema, LogEntry>,
  Same<typeof PlanInputSchema, PlanInput>,
  Same<typeof EntrySchema, Entry>,
  Same<typeof ScheduleRequestSchema, ScheduleInput>,
] = [true, true, true, true, true, true, true, true, true, true];
