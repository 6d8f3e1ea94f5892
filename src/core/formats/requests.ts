import { ORIGIN } from "../dish/dish";
import * as v from "valibot";
import { between, id, LIMITS, list, maybe } from "./basics";
import { FoodSchema, LabelSayingSchema } from "./foodSchema";
import { EaterSchema, KitchenSchema, PlanInputSchema, type Same, SupperSchema } from "./schemas";
import { SETTINGS } from "../bite/targets";
import { MEAT_FORMS, MEAT_KINDS } from "../dish/meat";
import { EGG_USES } from "../recipe/lines/replace";
import { OBJECTIVES, type ScheduleInput } from "../schedule/task";
import type { Ask, Table } from "../swap/answer";
import { PROTEIN_WAYS } from "../swap/brings";

/** Shapes of what the doors of the API take. */

/** What `POST /api/v1/plan` takes: a PlanInput, and how many samples its ranges are drawn from (0: none). */
export const PlanRequestSchema = v.strictObject({
  ...PlanInputSchema.entries,
  samples: v.optional(v.pipe(between(0, LIMITS.samples), v.integer("must be a whole number")), 0),
  seed: v.optional(v.pipe(between(0, 2 ** 31), v.integer()), 1),
});
const TOO_MANY_PAIRS = `must keep at most ${LIMITS.pairs} pairs of tasks apart`;
const minute = v.pipe(between(-1e6, 1e6), v.integer("must be a whole number of minutes"));
const takes = v.pipe(between(0, 100_000), v.integer("must be a whole number of minutes"));
const demands = v.pipe(
  v.record(v.string(), between(0, 1000)),
  v.check((of) => Object.keys(of).length <= LIMITS.resources, `must name at most ${LIMITS.resources}`),
);
/** What `POST /api/v1/schedule` takes. */
export const ScheduleRequestSchema = v.strictObject({
  tasks: list(
    v.strictObject({
      id,
      step: v.optional(id, "step"),
      dish: v.optional(id, "dish"),
      part: v.optional(id, "part"),
      kind: v.picklist(["hands", "watch", "wait"]),
      minutes: takes,
      demands,
      ovenC: v.optional(maybe(between(0, 400)), null),
      heatsOvenTo: v.optional(between(0, 400)),
      notBefore: v.optional(minute),
      notAfter: v.optional(minute),
      early: v.optional(v.boolean()),
      orElse: v.optional(
        list(v.strictObject({ minutes: takes, demands, points: v.optional(between(0, 10)) }), LIMITS.ways),
      ),
      choice: v.optional(id),
    }),
    LIMITS.tasks,
  ),
  lags: v.optional(
    list(
      v.strictObject({
        from: id,
        to: id,
        minMin: v.optional(minute, 0),
        maxMin: v.optional(maybe(minute), null),
        hardMin: v.optional(maybe(minute)),
        pointsPerMin: v.optional(between(0, 10)),
        afterMin: v.optional(between(0, 1440)),
      }),
      4 * LIMITS.tasks,
    ),
    [],
  ),
  apart: v.optional(
    v.pipe(
      list(v.strictTuple([list(id, LIMITS.tasks), list(id, LIMITS.tasks)]), 200),
      v.check((pairs) => pairs.reduce((n, [a, b]) => n + a.length * b.length, 0) <= LIMITS.pairs, TOO_MANY_PAIRS),
    ),
    [],
  ),
  capacities: v.pipe(
    v.record(v.string(), between(0, 1000)),
    v.check((of) => Object.keys(of).length <= LIMITS.resources, `must name at most ${LIMITS.resources}`),
  ),
  ovens: v.optional(v.pipe(between(0, 10), v.integer("must be a whole number"))),
  ovenRates: v.optional(v.strictObject({ up: between(0.1, 1000), down: between(0.1, 1000) })),
  alikeK: v.optional(between(0, 100)),
  blocked: v.optional(list(v.strictTuple([minute, minute]), 500), []),
  gone: v.optional(
    v.pipe(
      v.record(v.string(), list(v.strictTuple([minute, minute, between(0, 1000)]), 500)),
      v.check((of) => Object.keys(of).length <= LIMITS.resources, `must name at most ${LIMITS.resources}`),
    ),
  ),
  horizonMin: v.optional(between(1, 100_000), 6 * 1440),
  nodes: v.optional(v.pipe(between(1, LIMITS.nodes), v.integer()), 60_000),
  budgets: v.optional(
    list(
      v.strictObject({
        lags: list(v.strictObject({ from: id, to: id, afterMin: v.optional(between(0, 1440)) }), LIMITS.tasks),
        mostMin: minute,
        rule: id,
      }),
      LIMITS.tasks,
    ),
  ),
  pointMin: v.optional(between(0, 1000)),
  objective: v.optional(v.picklist(OBJECTIVES)),
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
      from: v.optional(v.pipe(v.string(), v.maxLength(ORIGIN.from))),
    }),
    { lines: {}, routes: {}, setting: null, servings: null },
  ),
});

/** @public read by the compiler alone */
export const REQUESTS_AGREE: [
  Same<typeof ScheduleRequestSchema, ScheduleInput>,
  Same<typeof SwapRequestSchema, { readonly ask: Ask; readonly table: Table }>,
] = [true, true];
