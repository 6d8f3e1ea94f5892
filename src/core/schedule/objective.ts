import type { SearchProblem } from "./search";

/** Lexicographic: start as late as possible, then few blocks of hands-on work, then everything late. */
export interface Found {
  readonly starts: readonly number[];
  readonly earliestStart: number;
  readonly handsBlocks: number;
  readonly sumOfStarts: number;
}

/** A plan with what it is judged by. */
export const foundIn = (problem: Pick<SearchProblem, "tasks" | "handsResource">, starts: readonly number[]): Found => ({
  starts: starts.slice(),
  earliestStart: Math.min(...starts),
  handsBlocks: handsBlocks(problem, starts),
  sumOfStarts: starts.reduce((a, b) => a + b, 0),
});

/** Whether one plan is better than another. */
export function better(a: Found, b: Found): boolean {
  if (a.earliestStart !== b.earliestStart) return a.earliestStart > b.earliestStart;
  if (a.handsBlocks !== b.handsBlocks) return a.handsBlocks < b.handsBlocks;
  return a.sumOfStarts > b.sumOfStarts;
}

/** Stretches of hands-on work without a gap. */
export function handsBlocks(
  problem: Pick<SearchProblem, "tasks" | "handsResource">,
  starts: readonly number[],
): number {
  const busy = problem.tasks
    .map((t, i) => ({
      from: starts[i] as number,
      to: (starts[i] as number) + t.duration,
      hands: t.demand[problem.handsResource] ?? 0,
    }))
    .filter((t) => t.hands > 0)
    .sort((a, b) => a.from - b.from);
  let blocks = 0;
  let end = -Infinity;
  for (const { from, to } of busy) {
    if (from > end) blocks++;
    end = Math.max(end, to);
  }
  return blocks;
}
