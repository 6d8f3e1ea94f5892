/**
 * Every figure that the demo dishes, the practice cases and the usual chains are planned with, as it was last approved. A check
 * of nothing but stillness: whether a figure is right is asked in `checks.test` and `practice.test`; here none moves unseen.
 */
import { join } from "node:path";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN } from "@/demo/household";
import { inputOf as supperInput, supperOf } from "../__tests__/supper";
import type { Dish } from "../dish/dish";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import { ROUTES } from "../swap/routeTable";
import { chainsFor, partsFromChain } from "../swap/chain";
import { sampleRanges } from "../sampling";
import { capacitiesOf } from "../schedule/capacities";
import { schedule } from "../schedule/schedule";
import { approved } from "./__tests__/approved";
import { figure, told } from "./__tests__/told";
import { inputOf, OWN_CASES, PRACTICE_CASES } from "./__tests__/practiceCases";

const ofDishes = (dishes: readonly Dish[]): PlanInput =>
  supperInput(dishes, {
    supper: supperOf(dishes, { eaters: DEMO_EATERS.map((e) => e.id), guests: 1 }),
    eaters: DEMO_EATERS,
  });
const chains = [...new Set(ROUTES.map((r) => r.food))].flatMap((food) =>
  chainsFor({ id: food, like: null }).map((chain): readonly [string, PlanInput] => {
    const dish = { id: "d", name: "D", replaces: null, servings: 4, parts: [] };
    const parts = partsFromChain(dish, chain, food, 400);
    return [`${chain.route} ${chain.form ?? "as it is"}`, ofDishes([{ ...dish, parts }])];
  }),
);
const ASKED: readonly (readonly [string, PlanInput])[] = [
  ...DEMO_DISHES.map((dish) => [`demo ${dish.id}`, ofDishes([dish])] as const),
  ...[...PRACTICE_CASES, ...OWN_CASES].map((c) => [c.id, inputOf(c)] as const),
  ...chains,
];

function linesOf(name: string, input: PlanInput): string[] {
  const made = plan(input);
  const cautions = judge(input, made, null);
  const rows = made.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows));
  return [
    `# ${name}: ${JSON.stringify(told(made.perEater))}`,
    ...rows.map((row) => {
      const rules = cautions.flatMap((c) => (c.step === row.key ? [`${c.rule} ${JSON.stringify(told(c.facts))}`] : []));
      if (row.state !== "computed")
        return `${row.key} ${row.state === "blocked" ? JSON.stringify(told(row.failure)) : "waits"}`;
      const { after, phases, facts, needs } = row.outcome;
      const { batch } = after;
      const grams = [batch.waterG, batch.oilG, batch.saltG, batch.tempC].map(figure).join(" ");
      const minutes = phases.map((p) => `${p.kind} ${figure(p.minutes)}`).join(", ");
      return [row.key, grams, minutes, JSON.stringify(told(needs)), JSON.stringify(told(facts)), ...rules].join(" | ");
    }),
  ];
}
const file = (name: string) => join(__dirname, name);

test("grams, minutes, needs, facts and cautions of every step", () => {
  const now = ASKED.flatMap(([name, input]) => linesOf(name, input));
  expect(now).toEqual(
    approved(file("figures.txt"), `${now.join("\n")}\n`)
      .trimEnd()
      .split("\n"),
  );
});

test("ranges and start times of the demo dishes", () => {
  const now = DEMO_DISHES.flatMap((dish) => {
    const input = ofDishes([dish]);
    const sampling = sampleRanges(input, 40, 7);
    let run = sampling.next();
    while (run.done !== true) run = sampling.next();
    const ranges = Object.entries(run.value).map(([key, r]) => `${key} ${JSON.stringify(told(r))}`);
    const made = plan(input);
    const times = schedule({
      tasks: made.tasks,
      lags: made.lags,
      apart: made.apart,
      capacities: capacitiesOf(DEMO_KITCHEN),
      blocked: [],
      horizonMin: 3 * 1440,
      nodes: 60_000,
    });
    return [`# ${dish.id}`, ...ranges, JSON.stringify(told(times))];
  });
  expect(now).toEqual(
    approved(file("ranges.txt"), `${now.join("\n")}\n`)
      .trimEnd()
      .split("\n"),
  );
});
