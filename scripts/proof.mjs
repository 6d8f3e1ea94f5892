// `npm run proof`: every long check whole, with a fresh seed; PROOF_SEED=7 repeats a run. Figures go into the note of an issue.
import { spawnSync } from "node:child_process";

const seed = process.env.PROOF_SEED ?? String(Date.now() % 1_000_000_000);
console.log(`proof, seed ${seed}`);
const from = Date.now();
const { status } = spawnSync("npx", ["jest", "--ci", "--silent", ...process.argv.slice(2)], {
  stdio: "inherit",
  env: { ...process.env, PROOF: "1", PROOF_SEED: seed },
});
console.log(
  `proof, seed ${seed}: ${status === 0 ? "held" : "failed"} in ${Math.round((Date.now() - from) / 60_000)} min`,
);
process.exit(status ?? 1);
