import * as v from "valibot";
import { canonicalJson } from "@/core/formats/canonical";
import { notJson, type Problem, PROBLEM_TYPE, tooLarge, wrongField } from "@/core/formats/problem";
import { LIMITS } from "@/core/formats/basics";

const problemResponse = (problem: Problem): Response =>
  new Response(canonicalJson(problem), { status: problem.status, headers: { "Content-Type": PROBLEM_TYPE } });

/** Reads a JSON body within the byte limit and a schema, and answers with JSON or a problem document (RFC 9457). */
export async function respond<S extends v.GenericSchema>(
  request: Request,
  schema: S,
  answer: (input: v.InferOutput<S>) => unknown,
): Promise<Response> {
  const announced = Number(request.headers.get("content-length") ?? 0);
  if (announced > LIMITS.bytes) return problemResponse(tooLarge(LIMITS.bytes));
  const text = await request.text();
  if (new TextEncoder().encode(text).length > LIMITS.bytes) return problemResponse(tooLarge(LIMITS.bytes));
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return problemResponse(notJson);
  }
  const parsed = v.safeParse(schema, data);
  if (!parsed.success) return problemResponse(wrongField(parsed.issues));
  try {
    return new Response(canonicalJson(answer(parsed.output)), { headers: { "Content-Type": "application/json" } });
  } catch (error) {
    // Misuse that a schema cannot see, such as a lag that names no task.
    if (!(error instanceof RangeError)) throw error;
    return problemResponse({
      type: "/problems/contradiction",
      title: "The request contradicts itself",
      status: 422,
      detail: error.message,
    });
  }
}
