import * as v from "valibot";
import { between, clock, id, instant, LIMITS, list, maybe, name } from "./basics";
import { FoodSchema, LabelSayingSchema } from "./foodSchema";
import { StepSchema } from "./stepSchema";
import { ALLERGENS } from "../foods/allergens";
import type { Food } from "../foods/food";
import { AT_HAND, type Dish, type Supper } from "../dish/dish";
import type { Kitchen } from "../household/kitchen";
import { AGE_GROUPS, DIETS, type Eater } from "../household/people";
import type { Entry } from "../notebook/entry";
import type { PlanInput } from "../plan";
import type { LogEntry } from "../process/log";
import { BITE } from "../bite/shifts";
import { EGG_USES } from "../recipe/replace";
import { SETTINGS } from "../bite/targets";
import { MEAT_FORMS, MEAT_KINDS } from "../dish/meat";
import { STEP_KINDS } from "../process/registry";
import { SALT_TARGETS, type SaltTarget } from "../models/salt";
import type { ScheduleInput } from "../schedule/task";
import type { Ask, Table } from "../swap/answer";
import { PROTEIN_WAYS } from "../swap/brings";

/** Shapes of everything that comes from outside: files, the API, the browser's own store. */

const differ = (ids: readonly string[]) => new Set(ids).size === ids.length;
const idsDiffer = (items: readonly { readonly id: string }[]) => differ(items.map((i) => i.id));
const stepIdsDiffer = (parts: readonly { readonly steps: readonly { readonly id: string }[] }[]) =>
  differ(parts.flatMap((p) => p.steps.map((s) => s.id)));
const DIFFERENT = "must have different ids";

/** A dish with parts and steps whose ids differ. */
export const DishSchema = v.strictObject({
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
  parts: v.pipe(
    list(
      v.strictObject({
        id,
        name,
        steps: list(StepSchema, LIMITS.steps),
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
/** A supper with its own copies of dishes. */
export const SupperSchema = v.strictObject({
  id,
  name,
  serveAt: instant,
  eaters: list(id, 200),
  guests: v.pipe(between(0, 200), v.integer("must be a whole number")),
  atHand: v.optional(list(v.strictObject({ food: id, state: v.picklist(AT_HAND) }), LIMITS.foods), []),
  dishes: v.pipe(
    list(DishSchema, LIMITS.dishes),
    v.check((items) => idsDiffer(items), DIFFERENT),
  ),
});
/** Gear, hours and units of a kitchen. */
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
  scale: v.optional(v.picklist(["typed", "simulated"]), "typed"),
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
  v.strictObject({ kind: v.literal("aside"), ...stamp }),
  v.strictObject({ kind: v.literal("finished"), ...stamp }),
]);
/** What a plan is computed from. */
export const PlanInputSchema = v.strictObject({
  supper: SupperSchema,
  /** Own foods, and full ones whose figures win over the table that ships. */
  foods: list(FoodSchema, LIMITS.foods),
  labels: v.optional(list(LabelSayingSchema, 20 * LIMITS.foods), []),
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
const TOO_MANY_PAIRS = `must keep at most ${LIMITS.pairs} pairs of tasks apart`;
const minute = v.pipe(between(-1e6, 1e6), v.integer("must be a whole number of minutes"));
/** What `POST /api/v1/schedule` takes. */
export const ScheduleRequestSchema = v.strictObject({
  tasks: list(
    v.strictObject({
      id,
      step: id,
      dish: id,
      part: id,
      kind: v.picklist(["hands", "watch", "wait"]),
      minutes: v.pipe(between(0, 100_000), v.integer("must be a whole number of minutes")),
      demands: v.pipe(
        v.record(v.string(), between(0, 1000)),
        v.check((of) => Object.keys(of).length <= LIMITS.resources, `must name at most ${LIMITS.resources}`),
      ),
      ovenC: v.optional(maybe(between(0, 400)), null),
      heatsOvenTo: v.optional(between(0, 400)),
    }),
    LIMITS.tasks,
  ),
  lags: list(
    v.strictObject({
      from: id,
      to: id,
      minMin: minute,
      maxMin: maybe(minute),
      hardMin: v.optional(maybe(minute)),
      pointsPerMin: v.optional(between(0, 10)),
    }),
    4 * LIMITS.tasks,
  ),
  apart: v.pipe(
    list(v.strictTuple([list(id, LIMITS.tasks), list(id, LIMITS.tasks)]), 200),
    v.check((pairs) => pairs.reduce((n, [a, b]) => n + a.length * b.length, 0) <= LIMITS.pairs, TOO_MANY_PAIRS),
  ),
  capacities: v.pipe(
    v.record(v.string(), between(0, 1000)),
    v.check((of) => Object.keys(of).length <= LIMITS.resources, `must name at most ${LIMITS.resources}`),
  ),
  ovenRates: v.optional(v.strictObject({ up: between(0.1, 1000), down: between(0.1, 1000) })),
  blocked: list(v.strictTuple([minute, minute]), 500),
  horizonMin: between(1, 100_000),
  nodes: v.pipe(between(1, LIMITS.nodes), v.integer()),
});
const TableSchema = v.strictObject({
  supper: v.omit(SupperSchema, ["dishes"]),
  foods: v.optional(list(FoodSchema, LIMITS.foods), []),
  labels: v.optional(list(LabelSayingSchema, 20 * LIMITS.foods), []),
  kitchen: KitchenSchema,
  eaters: v.optional(list(EaterSchema, 200), []),
});
/** What `POST /api/v1/swap` takes: what leaves the pan, and the table that it leaves. */
export const SwapRequestSchema = v.strictObject({
  ask: v.strictObject({
    form: v.picklist(MEAT_FORMS),
    kind: v.picklist(MEAT_KINDS),
    words: v.pipe(v.string(), v.maxLength(200)),
    rawG: between(1, 100_000),
    setting: v.picklist(SETTINGS),
    availableMin: v.optional(maybe(between(0, 1e6)), null),
    mostHandsMin: v.optional(maybe(between(0, 1e6)), null),
    honestOnly: v.optional(v.boolean(), false),
    protein: v.optional(v.picklist(PROTEIN_WAYS), "plate"),
    bringsFat: v.optional(v.boolean(), false),
  }),
  table: TableSchema,
});
const placeOnList = v.pipe(v.string(), v.regex(/^\d{1,3}$/, "must be a line's place in the list, counted from 0"));
/** What `POST /api/v1/convert` takes: a recipe as text, the table, and what was decided of its lines and routes so far. */
export const ConvertRequestSchema = v.strictObject({
  text: v.pipe(v.string(), v.maxLength(LIMITS.recipe, "is too long")),
  table: TableSchema,
  spoons: v.optional(v.picklist(["metric", "us", "imperial", "au"]), "metric"),
  availableMin: v.optional(maybe(between(0, 1e6)), null),
  decisions: v.optional(
    v.strictObject({
      lines: v.optional(
        v.record(
          placeOnList,
          v.strictObject({
            leaveOut: v.optional(v.boolean()),
            massG: v.optional(between(0.01, 100_000)),
            food: v.optional(id),
            eggUse: v.optional(v.picklist(EGG_USES)),
            looked: v.optional(v.boolean()),
            which: v.optional(v.pipe(between(0, 20), v.integer("must be a whole number"))),
          }),
        ),
        {},
      ),
      routes: v.optional(v.record(placeOnList, id), {}),
      setting: v.optional(maybe(v.picklist(SETTINGS)), null),
      servings: v.optional(maybe(v.pipe(between(1, 100), v.integer("must be a whole number"))), null),
    }),
    { lines: {}, routes: {}, setting: null, servings: null },
  ),
});
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
type Same<Schema extends v.GenericSchema, T> =
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
  Same<typeof ScheduleRequestSchema, ScheduleInput>,
  Same<typeof SwapRequestSchema, { readonly ask: Ask; readonly table: Table }>,
] = [true, true, true, true, true, true, true, true, true, true];
