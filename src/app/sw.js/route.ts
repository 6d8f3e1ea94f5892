import { createHash } from "node:crypto";
import { readdirSync } from "node:fs";
import { join } from "node:path";
import { build } from "esbuild";
import { pagesIn } from "../pages";

export const dynamic = "force-static";

/** What a browser asks for beside pages and scripts. */
const MORE = ["/manifest.webmanifest", "/icon.svg", "/schema/household.json", "/api/v1/openapi.json"];

/** Files below a folder, as paths under it. */
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.(js|css|woff2|wasm|svg|ico|png)$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name).slice(folder.length + 1));

/**
 * The service worker, bundled while the pages are built: after one visit every page and calculation of this build is kept and works
 * without a network. Scripts and fonts carry a hash in their names; pages are those of this set of scripts.
 */
export async function GET(): Promise<Response> {
  const root = process.cwd();
  const hashed = filesIn(join(root, ".next/static")).sort();
  const revision = createHash("sha256").update(hashed.join("\n")).digest("hex").slice(0, 16);
  const entries = [
    ...hashed.map((file) => ({ url: `/_next/static/${file}`, revision: null })),
    ...filesIn(join(root, "public")).map((file) => ({ url: `/${file}`, revision })),
    ...[...pagesIn(join(root, "src/app")), ...MORE].map((url) => ({ url, revision })),
  ];
  const { outputFiles } = await build({
    entryPoints: [join(root, "src/sw/sw.ts")],
    bundle: true,
    write: false,
    minify: true,
    format: "iife",
    target: "es2022",
    define: { PRECACHED: JSON.stringify(entries), "process.env.NODE_ENV": '"production"' },
  });
  return new Response(outputFiles[0]?.text ?? "", { headers: { "Content-Type": "text/javascript; charset=utf-8" } });
}
