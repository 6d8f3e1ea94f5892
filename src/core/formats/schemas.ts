import * as v from "valibot";
import { between, clock, id, instant, LIMITS, list, maybe, name, stepKeyText } from "./basics";
import { FoodSchema, LabelSayingSchema } from "./foodSchema";
import { StepSchema, StoredStepSchema } from "./stepSchema";
import { ALLERGENS } from "../foods/allergens";
import type { Food } from "../foods/food";
import { AT_HAND, type Dish, MOST_ROOM_MIN, ORIGIN, type Supper } from "../dish/dish";
import type { Kitchen } from "../household/kitchen";
import { AGE_GROUPS, DIETS, type Eater } from "../household/people";
import type { Entry } from "../notebook/entry";
import type { PlanInput } from "../plan";
import type { LogEntry } from "../process/log";
import { BITE } from "../bite/shifts";
import { MEAT_FORMS, MEAT_KINDS } from "../dish/meat";
import { STEP_KINDS } from "../process/registry";
import { SALT_TARGETS, type SaltTarget } from "../models/salt";

/** No supper is planned before this: an instant that reads so is a slip of the year. */
const EARLIEST_MS = Date.UTC(2001, 0, 1);

/** Shapes of everything that comes from outside: files, the API, the browser's own store. */

const differ = (ids: readonly string[]) => new Set(ids).size === ids.length;
const idsDiffer = (items: readonly { readonly id: string }[]) => differ(items.map((i) => i.id));
const stepIdsDiffer = (parts: readonly { readonly steps: readonly { readonly id: string }[] }[]) =>
  differ(parts.flatMap((p) => p.steps.map((s) => s.id)));
const DIFFERENT = "must have different ids";

const dishOf = (step: typeof StepSchema) =>
  v.strictObject({
    id,
    name,
    replaces: v.optional(
      maybe(
        v.strictObject({
          words: v.pipe(v.string(), v.maxLength(200)),
          form: maybe(v.picklist(MEAT_FORMS)),
          kind: maybe(v.picklist(MEAT_KINDS)),
          rawG: maybe(between(1, 1_000_000)),
        }),
      ),
      null,
    ),
    servings: between(1, 200),
    sure: v.optional(
      v.strictObject({ saltG: v.optional(between(0, 100_000)), liquidG: v.optional(between(0, 100_000)) }),
    ),
    origin: v.optional(
      v.strictObject({
        from: v.pipe(v.string(), v.maxLength(ORIGIN.from)),
        changed: list(v.pipe(v.string(), v.maxLength(ORIGIN.change)), ORIGIN.changes),
      }),
    ),
    parts: v.pipe(
      list(
        v.strictObject({
          id,
          name,
          steps: list(step, LIMITS.steps),
          waitsForTableMin: between(0, 1440),
          saltTarget: maybe(v.picklist(Object.keys(SALT_TARGETS) as SaltTarget[])),
          route: v.optional(
            maybe(v.strictObject({ id, form: v.picklist(MEAT_FORMS), kind: v.picklist(MEAT_KINDS) })),
            null,
          ),
        }),
        LIMITS.parts,
      ),
      v.check((items) => idsDiffer(items), DIFFERENT),
      v.check((parts) => stepIdsDiffer(parts), "must have steps with different ids"),
    ),
  });
/** A dish with parts and steps whose ids differ. */
export const DishSchema = dishOf(StepSchema);
/** The same as files have it. */
export const StoredDishSchema = dishOf(StoredStepSchema);
const supperOf = (dish: typeof DishSchema) =>
  v.strictObject({
    id,
    name,
    serveAt: v.pipe(
      instant,
      v.check((text) => !(Date.parse(text) < EARLIEST_MS), "must be in 2001 or later"),
    ),
    eaters: list(id, 200),
    guests: v.pipe(between(0, 200), v.integer("must be a whole number")),
    atHand: v.optional(list(v.strictObject({ food: id, state: v.picklist(AT_HAND) }), LIMITS.foods), []),
    dishes: v.pipe(
      list(dish, LIMITS.dishes),
      v.check((items) => idsDiffer(items), DIFFERENT),
    ),
    afterMin: v.optional(
      v.pipe(
        v.record(id, v.pipe(between(0, 600), v.integer("must be a whole number of minutes"))),
        v.check((of) => Object.keys(of).length <= LIMITS.dishes, "names more dishes than there are"),
      ),
      {},
    ),
    pins: v.optional(
      v.pipe(
        v.record(stepKeyText, instant),
        v.check((of) => Object.keys(of).length <= LIMITS.log, "holds too many"),
      ),
      {},
    ),
    roomMin: v.optional(v.pipe(between(0, MOST_ROOM_MIN), v.integer("must be a whole number of minutes")), 0),
    madeWith: v.optional(
      v.pipe(
        v.record(stepKeyText, v.strictObject({ supper: id, step: stepKeyText })),
        v.check((of) => Object.keys(of).length <= LIMITS.dishes, "holds too many"),
      ),
      {},
    ),
  });
/** A supper with its own copies of dishes. */
export const SupperSchema = supperOf(DishSchema);
/** The same as files have it. */
export const StoredSupperSchema = supperOf(StoredDishSchema);
const HoursSchema = v.strictObject({ days: list(v.pipe(between(1, 7), v.integer()), 7), from: clock, to: clock });
/** Gear, hours and units of a kitchen. */
export const KitchenSchema = v.strictObject({
  name,
  place: v.pipe(v.string(), v.maxLength(200)),
  timeZone: v.pipe(v.string(), v.check(knownZone, "is not a time zone such as Europe/Dublin")),
  altitudeM: between(-430, 9000),
  roomC: between(0, 45),
  cooks: v.pipe(
    list(v.strictObject({ id, name, hours: v.optional(maybe(HoursSchema), null) }), 20),
    v.minLength(1, "must name somebody"),
    v.check((items) => idsDiffer(items), DIFFERENT),
  ),
  burners: list(
    v.strictObject({ id, name, kind: v.picklist(["gas", "coil", "induction"]), watts: between(200, 10_000) }),
    12,
  ),
  ovens: v.pipe(
    list(v.strictObject({ id, name, shelves: v.pipe(between(1, 10), v.integer("must be a whole number")) }), 10),
    v.check((items) => idsDiffer(items), DIFFERENT),
  ),
  fridgeL: v.optional(maybe(between(1, 2000)), null),
  freezerL: v.optional(maybe(between(0, 2000)), null),
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
  away: list(HoursSchema, 20),
  units: v.picklist(["metric", "us"]),
  spoons: v.optional(v.picklist(["metric", "us", "imperial", "au"]), "metric"),
  scaleStepG: between(0.01, 50),
  scale: v.optional(v.picklist(["typed", "simulated"]), "typed"),
  pointMin: v.optional(between(0, 1000), 20),
});
/** Somebody of the household. */
export const EaterSchema = v.strictObject({
  id,
  name,
  avoids: list(v.picklist(ALLERGENS), ALLERGENS.length),
  diets: v.optional(list(v.picklist(DIETS), DIETS.length), []),
  dislikes: v.optional(list(id, LIMITS.foods), []),
  age: v.optional(maybe(v.picklist(AGE_GROUPS)), null),
});

const stamp = { at: between(0, 8.64e15) };
const onStep = { ...stamp, step: id };
/** One note of a cooking. */
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
  v.strictObject({
    kind: v.literal("amount"),
    ...onStep,
    line: v.pipe(between(0, LIMITS.lines), v.integer("must be a whole number")),
    massG: between(0, 100_000),
  }),
  v.strictObject({ kind: v.literal("clock"), ...stamp, byMs: between(-8.64e15, 8.64e15) }),
  v.strictObject({ kind: v.literal("burner"), ...stamp, burner: id, works: v.boolean() }),
  v.strictObject({ kind: v.literal("oven"), ...onStep, on: v.boolean() }),
  v.strictObject({
    kind: v.literal("accepted"),
    ...stamp,
    stops: list(v.strictObject({ step: id, rule: v.pipe(v.string(), v.maxLength(40)) }), LIMITS.log),
  }),
  v.strictObject({ kind: v.literal("aside"), ...stamp }),
  v.strictObject({ kind: v.literal("finished"), ...stamp }),
]);
const planInputOf = (supper: typeof SupperSchema) =>
  v.strictObject({
    supper,
    /** Own foods, and full ones whose figures win over the table that ships. */
    foods: list(FoodSchema, LIMITS.foods),
    labels: v.optional(list(LabelSayingSchema, 20 * LIMITS.foods), []),
    kitchen: KitchenSchema,
    eaters: list(EaterSchema, 200),
    log: list(LogEntrySchema, LIMITS.log),
  });
/** What a plan is computed from. */
export const PlanInputSchema = planInputOf(SupperSchema);
/** The same as files have it. */
export const StoredPlanInputSchema = planInputOf(StoredSupperSchema);
/** One entry of the notebook. */
export const EntrySchema = v.strictObject({
  id,
  supper: id,
  cooking: maybe(id),
  name,
  eaters: between(0, 1000),
  startedAt: instant,
  finishedAt: instant,
  servedForAt: instant,
  ended: v.picklist(["finished", "given-up"]),
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
  route: v.optional(maybe(id), null),
  person: v.optional(maybe(id), null),
  ratings: v.optional(v.record(v.picklist(BITE), between(0, 10)), {}),
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
export type Same<Schema extends v.GenericSchema, T> =
  v.InferOutput<Schema> extends T ? (T extends Loose<v.InferOutput<Schema>> ? true : never) : never;
type Loose<T> = T extends readonly (infer I)[]
  ? readonly Loose<I>[]
  : T extends object
    ? { readonly [K in keyof T]: Loose<T[K]> }
    : T;
/** @public read by the compiler alone */
export const SCHEMAS_AGREE: [
  Same<typeof DishSchema, Dish>,
  Same<typeof SupperSchema, Supper>,
  Same<typeof FoodSchema, Food>,
  Same<typeof KitchenSchema, Kitchen>,
  Same<typeof EaterSchema, Eater>,
  Same<typeof LogEntrySchema, LogEntry>,
  Same<typeof PlanInputSchema, PlanInput>,
  Same<typeof EntrySchema, Entry>,
] = [true, true, true, true, true, true, true, true];
