/** The Clock, with the referee beside it in the same run: `npm run bench:clock`. */
import kitchens from "@/core/checks/clock-instances.json";
import { solveByMiniZinc } from "@/core/checks/__tests__/minizinc";
import { demoQuestion, kitchenQuestion } from "@/core/schedule/__tests__/questions";
import { costOf } from "@/core/schedule/__tests__/referee";
import { schedule } from "@/core/schedule/schedule";
import type { ScheduleInput } from "@/core/schedule/task";

const median = (of: readonly number[]) => of.slice().sort((a, b) => a - b)[of.length >> 1] as number;
const round = (ms: number) => Math.round(ms * 10) / 10;

function one(input: ScheduleInput) {
  const begin = performance.now();
  let first = NaN;
  const found = schedule(input, () => (first = Number.isNaN(first) ? performance.now() - begin : first));
  const cost = found.kind === "fits" ? costOf(input, found.starts) : null;
  return { first, ms: performance.now() - begin, proven: found.proven, cost };
}
/** Ours over some runs, the referee's once. */
function beside(name: string, input: ScheduleInput, runs: number, refereeSeconds: number) {
  one(input);
  const times = Array.from({ length: runs }, () => one(input));
  const referee = solveByMiniZinc(input, refereeSeconds);
  console.log(
    JSON.stringify({
      what: name,
      tasks: input.tasks.length,
      firstPlanMs: round(median(times.map((t) => t.first))),
      allMs: round(median(times.map((t) => t.ms))),
      proven: times[0]?.proven,
      cost: times[0]?.cost,
      referee: { ms: round(referee.ms), proven: referee.proven, cost: referee.sum === null ? null : referee.sum / 60 },
    }),
  );
}
beside("one dish", demoQuestion([0]), 20, 60);
beside("a dish that is frozen and thawed", demoQuestion([8]), 10, 60);
beside("two dishes", demoQuestion([0, 4]), 10, 60);
beside("four dishes", demoQuestion([0, 1, 2, 3]), 3, 60);
beside("four dishes over four days", demoQuestion([5, 8, 11, 12]), 3, 60);

const ours: number[] = [];
const theirs: number[] = [];
for (const x of kitchens.instances) {
  const input: ScheduleInput = { ...kitchenQuestion(x), objective: "kitchen" };
  one(input);
  ours.push(one(input).ms);
  theirs.push(solveByMiniZinc(input, 60).ms);
}
console.log(
  JSON.stringify({
    what: "thirty kitchen instances, median",
    ourMs: round(median(ours)),
    referee: { ms: round(median(theirs)), times: round(median(theirs) / median(ours)) },
  }),
);
