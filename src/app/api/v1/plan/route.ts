import { PlanRequestSchema } from "@/core/formats/schemas";
import { judge } from "@/core/judge";
import { plan, type PlanInput } from "@/core/plan";
import { sampleRanges } from "@/core/sampling";
import { capacitiesOf } from "@/core/schedule/capacities";
import { respond } from "../respond";

/** The plan of a supper; with `samples` above 0 also the ranges, P10 to P90. */
export function POST(request: Request): Promise<Response> {
  return respond(request, PlanRequestSchema, ({ samples, seed, ...input }) => {
    const planned = plan(input as PlanInput);
    const cautions = judge(input as PlanInput, planned, null);
    const answered = { ...planned, cautions, capacities: capacitiesOf(input.kitchen) };
    if (samples === 0) return { ...answered, ranges: null };
    const run = sampleRanges(input as PlanInput, samples, seed);
    for (let step = run.next(); ; step = run.next()) if (step.done) return { ...answered, ranges: step.value };
  });
}

export { onlyPost as GET, onlyPost as PUT, onlyPost as PATCH, onlyPost as DELETE } from "../respond";
