import { SwapRequestSchema } from "@/core/formats/schemas";
import { answersTo, type Table } from "@/core/swap/answer";
import { cardsOf } from "@/core/swap/card";
import { respond } from "../respond";

/** Every route that can take the place of this meat at this table, built, planned and ranked. */
export function POST(request: Request): Promise<Response> {
  return respond(request, SwapRequestSchema, ({ ask, table }) =>
    cardsOf(answersTo(ask, table as Table), table as Table),
  );
}

export { onlyPost as GET, onlyPost as PUT, onlyPost as PATCH, onlyPost as DELETE } from "../respond";
