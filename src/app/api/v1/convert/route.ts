import { ConvertRequestSchema } from "@/core/formats/schemas";
import { answerRecipe } from "@/core/recipe/answer";
import type { Decisions } from "@/core/recipe/convert";
import type { Table } from "@/core/swap/answer";
import { respond } from "../respond";

/** A recipe read and turned over: what becomes of each line, the routes of its meats, and the dish that comes of it. */
export function POST(request: Request): Promise<Response> {
  return respond(request, ConvertRequestSchema, ({ text, table, spoons, availableMin, decisions }) =>
    answerRecipe(text, decisions as Decisions, { table: table as Table, spoons, availableMin }),
  );
}

export { onlyPost as GET, onlyPost as PUT, onlyPost as PATCH, onlyPost as DELETE } from "../respond";
