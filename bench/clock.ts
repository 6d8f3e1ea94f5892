/** The Clock, with the referee beside it in the same run: `npm run bench:clock`. */
import kitchens from "@/core/checks/clock-instances.json";
import { solveByMiniZinc } from "@/core/checks/__tests__/minizinc";
import { demoQuestion, kitchenQuestion } from "@/core/schedule/__tests__/questions";
import { costOf } from "@/core/schedule/__tests__/referee";
import { inputOf, supperOf } from "@/core/__tests__/supper";
import type { Dish } from "@/core/dish/dish";
import { plan } from "@/core/plan";
import { sampleRanges } from "@/core/sampling";
import { capacitiesOf } from "@/core/schedule/capacities";
import { chanceOnTime } from "@/core/schedule/chance";
import { chanceQuestion } from "@/core/schedule/chanceQuestion";
import { scheduleQuestion } from "@/core/schedule/question";
import { schedule } from "@/core/schedule/schedule";
import { waysOut } from "@/core/waysOut";
import { DEMO_DISHES } from "@/demo/household";
import type { ScheduleInput } from "@/core/schedule/task";

const median = (of: readonly number[]) => of.slice().sort((a, b) => a - b)[of.length >> 1] as number;
const round = (ms: number) => Math.round(ms * 10) / 10;
function timed(work: () => unknown): number {
  const begin = performance.now();
  work();
  return performance.now() - begin;
}

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

/** What has to answer while a cook waits: ways out of a supper that is late, and the chance of being on time. */
for (const [name, which, hours] of [
  ["ways out, a frozen block", [8], 30],
  ["ways out, two dishes", [0, 1], 0.5],
  ["ways out, four dishes", [0, 1, 2, 3], 1],
] as const) {
  const dishes = which.map((i) => DEMO_DISHES[i] as Dish);
  const input = inputOf(dishes, { supper: supperOf(dishes) });
  const now = Date.parse(input.supper.serveAt) - hours * 3_600_000;
  waysOut(input, now);
  const times = Array.from({ length: 5 }, () => timed(() => waysOut(input, now)));
  console.log(JSON.stringify({ what: name, ms: round(median(times)), asked: 2000 }));
}
{
  const dishes = [0, 1, 2].map((i) => DEMO_DISHES[i] as Dish);
  const input = inputOf(dishes, { supper: supperOf(dishes) });
  const planned = plan(input);
  const found = schedule(scheduleQuestion(planned, input.kitchen, input.supper.serveAt));
  if (found.kind !== "fits") throw new Error("does not fit");
  const sampling = sampleRanges(input, 500, 1);
  let ranges = sampling.next();
  while (!ranges.done) ranges = sampling.next();
  const question = chanceQuestion(planned, found, ranges.value, capacitiesOf(input.kitchen));
  chanceOnTime(question);
  const times = Array.from({ length: 5 }, () => timed(() => chanceOnTime(question)));
  console.log(
    JSON.stringify({ what: "4,000 evenings", tasks: planned.tasks.length, ms: round(median(times)), asked: 250 }),
  );
}
