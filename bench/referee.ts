/**
 * Asks MiniZinc with Gecode about every dish of the demo shelf, twenty pairs and some large suppers, and writes down what it finds in a
 * minute each: `node scripts/run.mjs bench/referee.ts`, with `large` behind it for the large ones alone. The solver's tests are held against it.
 */
import { writeFileSync } from "node:fs";
import { DEMO_DISHES } from "@/demo/household";
import told from "@/core/checks/referee.json";
import { solveByMiniZinc } from "@/core/checks/__tests__/minizinc";
import { demoQuestion } from "@/core/schedule/__tests__/questions";

const SECONDS = 60;
const dishes = DEMO_DISHES.map((_, i) => [i]);
const pairs = DEMO_DISHES.flatMap((_, i) => DEMO_DISHES.slice(i + 1).map((_, k) => [i, i + 1 + k])).filter(
  (_, at) => at % 4 === 0,
);
/** Thirty to eighty tasks. */
const LARGE = [
  [0, 1, 2],
  [3, 6, 9],
  [4, 7, 10],
  [0, 1, 2, 3],
  [5, 8, 11, 12],
  [2, 5, 7, 9],
];
const ask = (of: readonly number[]) => {
  const { sum, proven } = solveByMiniZinc(demoQuestion(of), SECONDS);
  console.log(of.map((i) => DEMO_DISHES[i]?.id).join(" and "), sum, proven);
  return { dishes: of, sum, proven };
};
const answers = process.argv.includes("large") ? told.answers : [...dishes, ...pairs.slice(0, 20)].map(ask);
const large = LARGE.map(ask);
const note = `Smallest sums, in sixtieths of a minute of beginning earlier, that MiniZinc with Gecode 6.2 found for dishes of the demo shelf in ${SECONDS} s each.`;
writeFileSync("src/core/checks/referee.json", `${JSON.stringify({ note, answers, large }, null, 1)}\n`);
