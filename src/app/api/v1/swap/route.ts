import { SwapRequestSchema } from "@/core/formats/schemas";
import { newMemory } from "@/core/quantities/memory";
import type { Table } from "@/core/swap/answer";
import { swapAnswer } from "@/core/swap/card";
import { respond } from "../respond";

/** Every route that can take the place of this meat at this table, built, planned and ranked. */
export function POST(request: Request): Promise<Response> {
  return respond(request, SwapRequestSchema, ({ ask, table }) =>
    swapAnswer(ask, table as Table, new Map(), newMemory()),
  );
}
