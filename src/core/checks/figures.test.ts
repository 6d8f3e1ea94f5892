/**
 * Every figure that the demo dishes, the practice cases and the usual chains are planned with, as it was last approved. A check
 * of nothing but stillness: whether a figure is right is asked in `checks.test` and `practice.test`; here none moves unseen.
 */
import { join } from "node:path";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN } from "@/demo/household";
import { dishOf, inputOf as supperInput, supperOf } from "../__tests__/supper";
import type { Dish } from "../dish/dish";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import type { Fields } from "../process/descriptor";
import { descriptorOf, newStep, type Step, STEP_KINDS, type StepKind } from "../process/registry";
import { ROUTES } from "../swap/routeTable";
import { chainsFor, partsFromChain } from "../swap/chain";
import { sampleRanges } from "../sampling";
import { capacitiesOf } from "../schedule/capacities";
import { schedule } from "../schedule/schedule";
import { approved } from "./__tests__/approved";
import { BRINGS } from "./__tests__/brings";
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
    const parts = partsFromChain(dish, chain, { id: food, like: null, name: food }, 400);
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

/** What the hands may have before them: a block, strips in their bath, cut potatoes, shaped patties, a sauce. */
const BEFORE: Readonly<Record<string, readonly Step[]>> = {
  block: [made("weigh", {}, ["tofu-firm", 400])],
  bath: [made("soak", { minutes: 30 }, ["soy-strips", 120], ["water", 700])],
  cut: [made("cut", { pieceMm: 20 }, ["potato", 600])],
  mix: [
    made("bind", {}, ["lentils-cooked", 400], ["oat-flour", 80], ["ground-flax", 15], ["water", 60]),
    made("shape", { form: "patty", pieceG: 60, diameterMm: 75 }),
  ],
  sauce: [made("simmer", { minutes: 5 }, ["water", 400], ["tomato-paste", 40], ["corn-starch", 4])],
};
function made(kind: StepKind, more: object, ...adds: readonly (readonly [string, number])[]): Step {
  const lines = adds.map(([food, massG]) => ({ kind: "food", food, massG }));
  return { ...newStep(kind, `before-${kind}`), ...more, adds: lines } as Step;
}
/** A step with one setting at each of its ends, the others as usual. */
function settingsOf(kind: StepKind): object[] {
  const { fields } = descriptorOf(kind);
  const ends = Object.entries(fields as Fields).flatMap(([name, field]): object[] => {
    if (field.is === "number") return [field.low, field.high].map((v) => ({ [name]: v }));
    if (field.is === "choice") return field.of.map((v) => ({ [name]: v }));
    return field.is === "flag" ? [{ [name]: true }] : [];
  });
  return [{}, ...ends];
}
test("every kind of step, with each setting at its ends, on five things", () => {
  const now = STEP_KINDS.flatMap((kind) =>
    Object.entries(BEFORE).flatMap(([name, before]) =>
      settingsOf(kind).flatMap((settings) => {
        const steps = [...before, { ...made(kind, settings, ...(BRINGS[kind] ?? [])), id: "it" } as Step];
        const part = { id: "p", name: "P", steps, waitsForTableMin: 15, saltTarget: null, route: null };
        // Only the step itself: what was before it is the same in every line.
        return [`${kind} ${JSON.stringify(settings)} on ${name}`, linesOf("", ofDishes([dishOf([part])])).at(-1) ?? ""];
      }),
    ),
  );
  expect(now).toEqual(
    approved(file("ends.txt"), `${now.join("\n")}\n`)
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
