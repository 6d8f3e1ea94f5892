import * as v from "valibot";
import { COMMON_NUMBERS, type Field } from "../process/descriptor";
import { NOTE_MOST } from "../process/step";
import { type Step, STEP_REGISTRY, type StepRegistry } from "../process/registry";
import { between, id, LIMITS, list, maybe } from "./basics";

const Food = v.strictObject({
  kind: v.literal("food"),
  food: id,
  /** Null while nobody has said how much. */
  massG: maybe(between(0, 100_000)),
  between: v.optional(v.strictObject({ lowG: between(0, 100_000), highG: between(0, 100_000) })),
  sure: v.optional(v.literal(true)),
});
const Line = v.variant("kind", [
  Food,
  v.strictObject({ kind: v.literal("part"), part: id, share: between(0, 1) }),
  v.strictObject({ kind: v.literal("liquor"), step: id, share: between(0, 1) }),
]);
/** Numbers as they must be, or as they may have been stored by a version with other limits: the step then says what is wrong. */
type Read = "strict" | "stored";
const STORED_MOST = 1e9;
/** The schema of one setting, from the plain data of its descriptor. */
function fieldSchema(field: Field, read: Read): v.GenericSchema {
  switch (field.is) {
    case "number": {
      if (read === "stored") {
        const finite = between(-STORED_MOST, STORED_MOST);
        return field.orNull ? maybe(finite) : finite;
      }
      const checked = between(field.low, field.high);
      const schema = field.whole ? v.pipe(checked, v.integer("must be a whole number")) : checked;
      return field.orNull ? maybe(schema) : schema;
    }
    case "choice":
      return v.picklist(field.of);
    case "flag":
      return v.boolean();
    case "text":
      return v.pipe(v.string(), v.maxLength(field.most, `is longer than ${field.most} characters`));
    case "gear":
      return maybe(id);
  }
}
const common = (read: Read) => ({
  id,
  adds: list(Line, LIMITS.lines),
  handsMin: fieldSchema(COMMON_NUMBERS.handsMin, read),
  mayWaitMin: fieldSchema(COMMON_NUMBERS.mayWaitMin, read),
  ready: v.optional(v.boolean()),
  washed: v.optional(v.boolean()),
  note: v.optional(v.pipe(v.string(), v.maxLength(NOTE_MOST, `is longer than ${NOTE_MOST} characters`))),
  choices: v.optional(
    list(
      v.strictObject({
        of: v.pipe(list(Food, LIMITS.choices), v.minLength(1, "must name what can be chosen")),
        optional: v.boolean(),
      }),
      LIMITS.choices,
    ),
  ),
});
/** The schema of steps of every kind that a registry holds. */
export function stepSchemaOf(registry: StepRegistry, read: Read = "strict"): v.GenericSchema<Step> {
  const kinds = [...registry.values()].map(({ kind, fields }) => {
    const own = Object.fromEntries(
      Object.entries(fields).map(([name, field]) => [
        name,
        field.absent === undefined ? fieldSchema(field, read) : v.optional(fieldSchema(field, read), field.absent),
      ]),
    );
    return v.strictObject({ kind: v.literal(kind), ...common(read), ...own });
  });
  return v.variant("kind", kinds as never) as unknown as v.GenericSchema<Step>;
}
/** Steps of every kind that ships, as the API takes them. */
export const StepSchema = stepSchemaOf(STEP_REGISTRY);
/** The same as files have them: a number beyond today's limits is kept. */
export const StoredStepSchema = stepSchemaOf(STEP_REGISTRY, "stored");
