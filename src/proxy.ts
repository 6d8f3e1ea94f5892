import { readFileSync } from "node:fs";
import { join } from "node:path";
import { type NextRequest, NextResponse } from "next/server";

const isDevelopment = process.env.NODE_ENV === "development";

/** Hashes of the inline scripts of each built page (`scripts/inlineScripts.mjs`); null while developing. */
const known = isDevelopment
  ? null
  : (JSON.parse(readFileSync(join(process.cwd(), ".next/inline-scripts.json"), "utf8")) as Record<string, string[]>);

/** What the scripts of a page may be: of this address, and the inline ones that the build put into it, by their hashes. */
function scriptsOf(path: string): string {
  if (known === null) return "'self' 'unsafe-inline' 'unsafe-eval'";
  const hashes = known[path] ?? known["/_not-found"] ?? [];
  return ["'self'", ...hashes.map((hash) => `'${hash}'`)].join(" ");
}
const policyOf = (path: string): string =>
  [
    "default-src 'self'",
    `script-src ${scriptsOf(path)}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");

/** Pages stay static: what differs from page to page is this header alone. */
export function proxy(request: NextRequest): NextResponse {
  const response = NextResponse.next();
  response.headers.set("Content-Security-Policy", policyOf(request.nextUrl.pathname));
  return response;
}
/** Pages; scripts, styles and doors have nothing inline. */
export const config = { matcher: "/((?!_next/|api/|schema/).*)" };
