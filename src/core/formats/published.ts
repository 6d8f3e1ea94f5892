import { toJsonSchema } from "@valibot/to-json-schema";
import { FoodSchema } from "./foodSchema";
import { HouseholdFileSchema } from "./household";
import {
  DishSchema,
  EaterSchema,
  EntrySchema,
  KitchenSchema,
  LogEntrySchema,
  PlanInputSchema,
  SupperSchema,
  StoredDishSchema,
  StoredPlanInputSchema,
  StoredSupperSchema,
} from "./schemas";
import { StepSchema, StoredStepSchema } from "./stepSchema";

/** What requests say again and again, by name. */
export const NAMED = {
  Step: StepSchema,
  Dish: DishSchema,
  Supper: SupperSchema,
  Kitchen: KitchenSchema,
  Eater: EaterSchema,
  Food: FoodSchema,
  LogEntry: LogEntrySchema,
  PlanInput: PlanInputSchema,
  Entry: EntrySchema,
};

/** The same of files: a number of a step may lie beyond today's limits there. */
const NAMED_IN_FILES = {
  ...NAMED,
  Step: StoredStepSchema,
  Dish: StoredDishSchema,
  Supper: StoredSupperSchema,
  PlanInput: StoredPlanInputSchema,
};

/** JSON Schema of the household file, made from the schema that guards the import. */
export const householdJsonSchema = () =>
  toJsonSchema(HouseholdFileSchema, { errorMode: "ignore", definitions: NAMED_IN_FILES });
