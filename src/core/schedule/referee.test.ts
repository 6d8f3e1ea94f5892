import { DEMO_DISHES } from "@/demo/household";
import told from "../checks/referee.json";
import { solveByMiniZinc } from "../checks/__tests__/minizinc";
import { demoQuestion } from "./__tests__/questions";
import { broken, costOf } from "./__tests__/referee";
import { schedule } from "./schedule";
import { many } from "../__tests__/proof";

const named = told.answers.map((a) => [a.dishes.map((i) => DEMO_DISHES[i]?.id).join(" and "), a] as const);

// What MiniZinc with Gecode found in a minute each, with a model of its own (`checks/__tests__/kitchen.mzn`); `bench/referee.ts` asks again.
test.each(named)("%s: never worse than the referee, and equal to what it proved", (_name, { dishes, sum, proven }) => {
  const input = demoQuestion(dishes);
  const found = schedule({ ...input, nodes: 6_000 });
  if (found.kind !== "fits") throw new Error("does not fit");
  expect(broken(input, found.starts, "hard")).toEqual([]);
  const cost = Math.round(60 * costOf(input, found.starts));
  if (sum !== null) expect(cost).toBeLessThanOrEqual(sum);
  if (proven) expect([cost, found.proven]).toEqual([sum, true]);
});
const large = told.large.map((a) => [a.dishes.map((i) => DEMO_DISHES[i]?.id).join(" and "), a] as const);
// A few of them in the check, all in the proof.
test.each(large.slice(0, many(2, large.length)))(
  "%s: 30 to 80 tasks, never worse than the referee after a minute",
  (_name, { dishes, sum, proven }) => {
    const input = demoQuestion(dishes);
    expect(input.tasks.length).toBeGreaterThanOrEqual(30);
    expect(input.tasks.length).toBeLessThanOrEqual(90);
    const found = schedule({ ...input, nodes: 12_000 });
    if (found.kind !== "fits") throw new Error("does not fit");
    expect(broken(input, found.starts, "hard")).toEqual([]);
    const cost = Math.round(60 * costOf(input, found.starts));
    expect(cost).toBeLessThanOrEqual(sum ?? Infinity);
    if (proven) expect(cost).toBe(sum);
  },
);
test.each(named.slice(0, many(1, 5)))("%s: Gecode, asked again, proves the same", (_name, { dishes, sum }) => {
  expect(solveByMiniZinc(demoQuestion(dishes), 60)).toMatchObject({ sum, proven: true });
});
