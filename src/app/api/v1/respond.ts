import { canonicalJson } from "@/core/formats/canonical";
import {
  busy,
  foreignOrigin,
  type Problem,
  PROBLEM_TYPE,
  tooLarge,
  wrongMedia,
  wrongMethod,
} from "@/core/formats/problem";
import { LIMITS } from "@/core/formats/basics";
import type { DoorName } from "./doors";
import { hasRoomFor, workOut } from "./pool";

const problemResponse = (problem: Problem, headers: Record<string, string> = {}): Response =>
  new Response(canonicalJson(problem), {
    status: problem.status,
    headers: { "Content-Type": PROBLEM_TYPE, ...headers },
  });

/** What is refused before a byte of the body is read. */
function refusalOf(request: Request): Problem | null {
  const type = request.headers.get("content-type") ?? "";
  if (!/^application\/(?:[\w.-]+\+)?json\s*(?:;|$)/i.test(type)) return wrongMedia;
  const origin = request.headers.get("origin");
  if (origin !== null && hostOf(origin) !== (request.headers.get("host") ?? new URL(request.url).host))
    return foreignOrigin;
  const bytes = Number(request.headers.get("content-length") ?? 0);
  if (bytes > LIMITS.bytes) return tooLarge(LIMITS.bytes, "bytes");
  return hasRoomFor(bytes) ? null : busy;
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
export const onlyPost = (): Response => problemResponse(wrongMethod("POST"), { Allow: "POST" });

/** How soon a caller may try again where too many wait, s. */
const RETRY_S = "10";
const toldProblem = (problem: Problem): Response =>
  problemResponse(problem, problem.status === 503 ? { "Retry-After": RETRY_S } : {});
/** Nobody reads it: the connection is gone (the number that servers note for it). */
const GONE = 499;

/** Reads a body within the byte limit and answers with JSON or a problem document (RFC 9457). */
export async function respond(request: Request, door: DoorName): Promise<Response> {
  const refused = refusalOf(request);
  if (refused !== null) return toldProblem(refused);
  const text = await textWithin(request, LIMITS.bytes);
  if (text === null) return problemResponse(tooLarge(LIMITS.bytes, "bytes"));
  const outcome = await workOut(door, text, request.signal);
  if (outcome === "cut") return new Response(null, { status: GONE });
  if ("problem" in outcome) return toldProblem(outcome.problem);
  const { status, body } = outcome.answer;
  return new Response(body, {
    status,
    headers: { "Content-Type": status === 200 ? "application/json" : PROBLEM_TYPE },
  });
}
