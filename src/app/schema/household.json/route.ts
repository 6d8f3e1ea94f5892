import { toJsonSchema } from "@valibot/to-json-schema";
import { HouseholdFileSchema } from "@/core/formats/household";

export const dynamic = "force-static";
/** The published schema of the household file, made from the one that guards the import. */
export const GET = (): Response => Response.json(toJsonSchema(HouseholdFileSchema, { errorMode: "ignore" }));
