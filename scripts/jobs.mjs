// Bundles the threads of the API beside the built pages: `src/app/api/v1/pool.ts` runs them.
import { build } from "esbuild";

await build({
  entryPoints: ["src/app/api/v1/job.ts"],
  bundle: true,
  platform: "node",
  format: "esm",
  target: "node20",
  alias: { "@": "./src" },
  banner: { js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);' },
  outfile: ".next/jobs.mjs",
  logLevel: "error",
});
