import { build } from "esbuild";

// Bundled like the benchmark, so that the core is attacked as it is built.
const outfile = ".next/attack/run.mjs";
await build({
  entryPoints: ["attack/run.ts"],
  bundle: true,
  platform: "node",
  format: "esm",
  alias: { "@": "./src" },
  packages: "external",
  outfile,
  logLevel: "error",
});
await import(`../${outfile}`);
