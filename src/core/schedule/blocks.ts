import type { Task } from "./task";

/** Stretches of hands-on work without a gap. */
export function handsBlocks(tasks: readonly Task[], starts: Readonly<Record<string, number>>): number {
  const busy = tasks
    .filter((t) => (t.demands.hands ?? 0) > 0 && t.minutes > 0)
    .map((t) => ({ from: starts[t.id] as number, to: (starts[t.id] as number) + t.minutes }))
    .sort((a, b) => a.from - b.from);
  let blocks = 0;
  let end = -Infinity;
  for (const { from, to } of busy) {
    if (from > end) blocks++;
    end = Math.max(end, to);
  }
  return blocks;
}
