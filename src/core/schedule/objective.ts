import type { SearchProblem } from "./search";

/** Lexicographic: start as late as possible, then few blocks of hands-on work, then everything late. */
export interface Found {
  readonly starts: readonly number[];
  readonly earliestStart: number;
  readonly handsBlocks: number;
  readonly sumOfStarts: number;
}

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
