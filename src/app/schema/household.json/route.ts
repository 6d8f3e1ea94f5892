import { householdJsonSchema } from "@/core/formats/published";

export const dynamic = "force-static";
/** The published schema of the household file. */
export const GET = (): Response => Response.json(householdJsonSchema());
