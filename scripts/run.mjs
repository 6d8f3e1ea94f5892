// Runs a script that is written in TypeScript: `node scripts/run.mjs bench/run.ts`. Bundled as for production: a loader that
// translates while it runs would be measured along with the core.
import { build } from "esbuild";

const [entry] = process.argv.splice(2, 1);
const outfile = `.next/${entry.replace(/\.ts$/, ".mjs")}`;
await build({
  entryPoints: [entry],
  bundle: true,
  platform: "node",
  format: "esm",
  alias: { "@": "./src" },
  packages: "external",
  outfile,
  logLevel: "error",
});
await import(`../${outfile}`);
