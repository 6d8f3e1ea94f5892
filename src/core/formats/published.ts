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
} from "./schemas";
import { StepSchema } from "./stepSchema";

/** What a file says again and again, by name. */
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

/** JSON Schema of the household file, made from the schema that guards the import. */
export const householdJsonSchema = () => toJsonSchema(HouseholdFileSchema, { errorMode: "ignore", definitions: NAMED });
