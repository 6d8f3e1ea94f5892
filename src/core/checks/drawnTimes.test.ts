/** Times of suppers drawn by chance, each told by digests of all that the core says of it: see `__tests__/drawn`. */
import { judge } from "../judge";
import { plan } from "../plan";
import { sampleRanges, type Ranges } from "../sampling";
import { burnersOf } from "../schedule/burners";
import { capacitiesOf } from "../schedule/capacities";
import { chanceOnTime } from "../schedule/chance";
import { chanceQuestion } from "../schedule/chanceQuestion";
import { scheduleQuestion } from "../schedule/question";
import { schedule } from "../schedule/schedule";
import { whatIf } from "../schedule/whatIf";
import { orderOfWork } from "../schedule/work";
import { digest, drawnSupper, seeds, stays } from "./__tests__/drawn";
import { many } from "../__tests__/proof";

test("times of drawn suppers: orders, burners, waits, what if, and the chance of being on time", () => {
  const now = seeds(many(16, 90)).map((seed) => {
    const input = { ...drawnSupper(seed), log: [] };
    const made = plan(input);
    const found = schedule({ ...scheduleQuestion(made, input.kitchen, input.supper.serveAt), nodes: 3000 });
    const moves = orderOfWork(made, found);
    const parts = [
      digest(found),
      digest(moves.map((m) => [m.key, m.startMin])),
      digest(burnersOf(made, found, input.kitchen)),
    ];
    parts.push(digest(judge(input, made, found)));
    if (found.kind === "fits" && seed % 3 === 0) {
      const run = sampleRanges(input, 12, seed);
      let step = run.next();
      while (step.done !== true) step = run.next();
      const question = chanceQuestion(made, found, step.value as Ranges, capacitiesOf(input.kitchen));
      parts.push(digest(step.value), digest(chanceOnTime(question, 200, 3)));
    }
    if (seed % 9 === 0) parts.push(digest(whatIf(made, input.kitchen, input.supper.serveAt)));
    return `${seed} ${parts.join(" ")}`;
  });
  stays("drawn-times.txt", now);
});
