import * as v from "valibot";
import type { Field } from "../process/descriptor";
import { type Step, STEP_REGISTRY, type StepRegistry } from "../process/registry";
import { between, id, LIMITS, list, maybe } from "./basics";

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
  ready: v.optional(v.boolean()),
};
/** The schema of one setting, from the plain data of its descriptor. */
function fieldSchema(field: Field): v.GenericSchema {
  switch (field.is) {
    case "number": {
      const checked = between(field.low, field.high);
      const schema = field.whole ? v.pipe(checked, v.integer("must be a whole number")) : checked;
      return field.orNull ? maybe(schema) : schema;
    }
    case "choice":
      return v.picklist(field.of);
    case "flag":
      return v.boolean();
    case "gear":
      return maybe(id);
  }
}
/** The schema of steps of every kind that a registry holds. */
export function stepSchemaOf(registry: StepRegistry): v.GenericSchema<Step> {
  const kinds = [...registry.values()].map(({ kind, fields }) => {
    const own = Object.fromEntries(
      Object.entries(fields).map(([name, field]) => [
        name,
        field.absent === undefined ? fieldSchema(field) : v.optional(fieldSchema(field), field.absent),
      ]),
    );
    return v.strictObject({ kind: v.literal(kind), ...common, ...own });
  });
  return v.variant("kind", kinds as never) as unknown as v.GenericSchema<Step>;
}
/** Steps of every kind that ships. */
export const StepSchema = stepSchemaOf(STEP_REGISTRY);
