import { build } from "esbuild";

/** Bundled as for production: a loader that translates while it runs would be measured along with the core. */
const outfile = ".next/bench/run.mjs";
await build({
  entryPoints: ["bench/run.ts"],
  bundle: true,
  platform: "node",
  format: "esm",
  alias: { "@": "./src" },
  packages: "external",
  outfile,
  logLevel: "error",
});
await import(`../${outfile}`);
