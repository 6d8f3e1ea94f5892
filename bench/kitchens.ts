/**
 * Ten thousand random kitchens, each plan held against the referee: `node scripts/run.mjs bench/kitchens.ts [how many] [first seed]`.
 * `check` runs 300 of them.
 */
import { randomQuestion } from "@/core/schedule/__tests__/questions";
import { broken } from "@/core/schedule/__tests__/referee";
import { schedule } from "@/core/schedule/schedule";

const [many = 10_000, first = 0] = process.argv.slice(2).map(Number);
let fits = 0;
let proven = 0;
let slowest = 0;
const faults: number[] = [];
const begin = performance.now();
for (let seed = first; seed < first + many; seed++) {
  const input = randomQuestion(seed);
  const at = performance.now();
  const found = schedule(input);
  slowest = Math.max(slowest, performance.now() - at);
  if (found.proven) proven++;
  if (found.kind !== "fits") continue;
  fits++;
  if (broken(input, found.starts, "hard").length > 0) faults.push(seed);
}
console.log(
  `${many} kitchens: ${fits} fit, ${proven} proven, ${faults.length} break a rule ${faults.slice(0, 9).join(" ")}; ` +
    `slowest ${slowest.toFixed(0)} ms, ${((performance.now() - begin) / 1000).toFixed(0)} s in all`,
);
if (faults.length > 0) process.exitCode = 1;
