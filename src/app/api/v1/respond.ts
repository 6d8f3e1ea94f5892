import * as v from "valibot";
import { canonicalJson } from "@/core/formats/canonical";
import {
  foreignOrigin,
  notJson,
  type Problem,
  PROBLEM_TYPE,
  tooLarge,
  wrongField,
  wrongMedia,
  wrongMethod,
} from "@/core/formats/problem";
import { LIMITS } from "@/core/formats/basics";

const problemResponse = (problem: Problem): Response =>
  new Response(canonicalJson(problem), { status: problem.status, headers: { "Content-Type": PROBLEM_TYPE } });

/** What is refused before a byte of the body is read. */
function refusalOf(request: Request): Problem | null {
  const type = request.headers.get("content-type") ?? "";
  if (!/^application\/(?:[\w.-]+\+)?json\s*(?:;|$)/i.test(type)) return wrongMedia;
  const origin = request.headers.get("origin");
  if (origin !== null && hostOf(origin) !== (request.headers.get("host") ?? new URL(request.url).host))
    return foreignOrigin;
  return Number(request.headers.get("content-length") ?? 0) > LIMITS.bytes ? tooLarge(LIMITS.bytes) : null;
}
const hostOf = (origin: string): string | null => {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
};
/** The body as text; null as soon as it is longer than allowed: the rest of it is not read. */
async function textWithin(request: Request, most: number): Promise<string | null> {
  const reader = request.body?.getReader();
  if (reader === undefined) return "";
  const decoder = new TextDecoder();
  let text = "";
  let bytes = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > most) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

/** Every other method of a door that takes POST. */
export const onlyPost = (): Response =>
  new Response(canonicalJson(wrongMethod("POST")), {
    status: 405,
    headers: { "Content-Type": PROBLEM_TYPE, Allow: "POST" },
  });

/** Reads a JSON body within the byte limit and a schema, and answers with JSON or a problem document (RFC 9457). */
export async function respond<S extends v.GenericSchema>(
  request: Request,
  schema: S,
  answer: (input: v.InferOutput<S>) => unknown,
): Promise<Response> {
  const refused = refusalOf(request);
  if (refused !== null) return problemResponse(refused);
  const text = await textWithin(request, LIMITS.bytes);
  if (text === null) return problemResponse(tooLarge(LIMITS.bytes));
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return problemResponse(notJson);
  }
  const parsed = v.safeParse(schema, data, { abortEarly: true });
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
