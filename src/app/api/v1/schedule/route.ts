import { ScheduleRequestSchema } from "@/core/formats/schemas";
import { schedule } from "@/core/schedule/schedule";
import { respond } from "../respond";

/** Start times for the tasks that `POST /api/v1/plan` answered, or why they don't fit. */
export function POST(request: Request): Promise<Response> {
  return respond(request, ScheduleRequestSchema, schedule);
}

export { onlyPost as GET, onlyPost as PUT, onlyPost as PATCH, onlyPost as DELETE } from "../respond";
