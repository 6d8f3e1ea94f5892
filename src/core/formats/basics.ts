import * as v from "valibot";
import { isOneLine } from "../quantities/oneLine";

/** What the schemas of everything that comes from outside are made of. */

const ONE_LINE = "must be one line, without control characters";
/** A name that programs read: one line of 1 to 100 characters. */
export const id = v.pipe(
  v.string(),
  v.minLength(1, "must not be empty"),
  v.maxLength(100, "is too long"),
  v.check(isOneLine, ONE_LINE),
);
/** A step of a supper, `dish.step`. */
export const stepKeyText = v.pipe(
  v.string(),
  v.minLength(1, "must not be empty"),
  v.maxLength(201, "is too long"),
  v.check(isOneLine, ONE_LINE),
);
/** A name that people read: one line of 1 to 200 characters. */
export const name = v.pipe(
  v.string(),
  v.minLength(1, "must not be empty"),
  v.maxLength(200, "is too long"),
  v.check(isOneLine, ONE_LINE),
);
/** A finite number within limits, both included. */
export const between = (low: number, high: number) =>
  v.pipe(
    v.number("must be a number"),
    v.finite("must be finite"),
    v.minValue(low, `must be at least ${low}`),
    v.maxValue(high, `must be at most ${high}`),
  );
/** The value, or null for unknown. */
export const maybe = <T extends v.GenericSchema>(schema: T) => v.nullable(schema);
/** At most so many of these. */
export const list = <T extends v.GenericSchema>(item: T, most: number) =>
  v.pipe(v.array(item), v.maxLength(most, `must have at most ${most}`));
/** A wall-clock time, HH:MM. */
export const clock = v.pipe(v.string(), v.regex(/^([01]\d|2[0-3]):[0-5]\d$/, "must be a time such as 19:00"));
/** An instant, ISO 8601 in UTC. */
export const instant = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?Z$/, "must be an instant such as 2026-11-29T19:00:00.000Z"),
  v.check((text) => !Number.isNaN(Date.parse(text)), "is not a date"),
);

/** What files and requests may hold at the most. */
export const LIMITS = {
  bytes: 5_000_000,
  /** values of a request, by the commas between them */
  values: 300_000,
  dishes: 12,
  parts: 20,
  steps: 60,
  lines: 40,
  /** of what may stand instead of a line */
  choices: 12,
  foods: 500,
  tasks: 300,
  resources: 200,
  /** in which a task can be done instead */
  ways: 7,
  /** of tasks that stay apart */
  pairs: 50_000,
  samples: 2000,
  nodes: 1_000_000,
  log: 5000,
  /** characters of a recipe as it was given */
  recipe: 100_000,
} as const;
