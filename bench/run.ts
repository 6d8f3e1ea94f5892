import { FOODS } from "@/core/foods/table";
import { plan, type PlanInput } from "@/core/plan";
import { type SampledDishes, sampleRanges } from "@/core/sampling";
import { capacitiesOf } from "@/core/schedule/capacities";
import { schedule } from "@/core/schedule/schedule";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { openBook } from "@/core/foods/book";
import { answerRecipe } from "@/core/recipe/answer";
import { readFor } from "@/core/recipe/convert";
import { whoCanEat } from "@/core/safety/matrix";
import { answersTo } from "@/core/swap/answer";
import { newMemory } from "@/core/quantities/memory";
import { foodIndex } from "@/core/foods/search";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";

/** Figures as JSON lines: 50 warm-ups and 500 runs for what is quick, fewer for what takes its time. */
const supper = demoSupper("2026-11-29T19:00:00.000Z");
const inputOf = (s: typeof supper): PlanInput => ({
  supper: s,
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
});
const input = inputOf(supper);
const stepsOf = (d: (typeof DEMO_DISHES)[number]) => d.parts.reduce((n, p) => n + p.steps.length, 0);
const bySize = DEMO_DISHES.slice().sort((a, b) => stepsOf(b) - stepsOf(a));
const withDishes = (dishes: typeof DEMO_DISHES): PlanInput => inputOf({ ...supper, dishes });
const largest = withDishes(bySize.slice(0, 1));
const four = withDishes(bySize.slice(1, 5));
const fourSteps = bySize.slice(1, 5).reduce((n, d) => n + stepsOf(d), 0);

/**
 * Quick ones are asked one at a time, with a pause between as between two edits: run back to back, the compiler's
 * threads and the plan fight over two cores for the first second, and the tail tells of them alone.
 */
const PAUSE_MS = 5;
const pause = () => new Promise((done) => setTimeout(done, PAUSE_MS));

async function measure(
  name: string,
  run: () => unknown,
  { warmUps = 50, runs = 500, targetP99Ms }: { warmUps?: number; runs?: number; targetP99Ms?: number } = {},
) {
  for (let i = 0; i < warmUps; i++) run();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    await pause();
    const from = performance.now();
    run();
    times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  const at = (q: number) => Number((times[Math.min(runs - 1, Math.ceil(q * runs) - 1)] as number).toFixed(3));
  const heapMb = Number((process.memoryUsage().heapUsed / 2 ** 20).toFixed(1));
  console.log(JSON.stringify({ name, runs, p50Ms: at(0.5), p95Ms: at(0.95), p99Ms: at(0.99), targetP99Ms, heapMb }));
}
/** As the workers have it: one memory for all questions. */
const memory = newMemory();
const sample = (of: PlanInput, sampled: SampledDishes = new Map()) => {
  const run = sampleRanges(of, 500, 1, { memory, sampled });
  while (!run.next().done);
};
const sampledBefore: SampledDishes = new Map();
let edits = 0;
/** The last of the dishes with one more minute of handwork: the others were sampled before. */
const edited = (of: PlanInput): PlanInput => {
  const dishes = of.supper.dishes.slice();
  const last = dishes.pop() as (typeof dishes)[number];
  const [part, ...parts] = last.parts;
  if (part === undefined) throw new RangeError("The last dish has no part.");
  const [step, ...steps] = part.steps;
  if (step === undefined) throw new RangeError("The part has no step.");
  const first = { ...step, handsMin: ++edits };
  const dish = { ...last, parts: [{ ...part, steps: [first, ...steps] }, ...parts] };
  return { ...of, supper: { ...of.supper, dishes: [...dishes, dish] } };
};
const { tasks, lags, apart } = plan(input);
const clock = {
  tasks,
  lags,
  apart,
  capacities: capacitiesOf(DEMO_KITCHEN),
  blocked: [],
  horizonMin: 3 * 1440,
  nodes: 60_000,
};

async function all() {
  await measure("plan of the demo supper, no samples", () => plan(input, { memory }), { targetP99Ms: 5 });
  await measure("plan of the largest demo dish, no samples", () => plan(largest, { memory }), { targetP99Ms: 8 });
  await measure(`plan of four dishes, ${fourSteps} steps, no samples`, () => plan(four, { memory }));
  await measure("demo supper, 500 samples", () => sample(input), { warmUps: 2, runs: 20, targetP99Ms: 400 });
  await measure(`four dishes, ${fourSteps} steps, 500 samples`, () => sample(four), {
    warmUps: 2,
    runs: 10,
    targetP99Ms: 400,
  });
  sample(four, sampledBefore);
  await measure(`the same after an edit of one of them`, () => sample(edited(four), sampledBefore), {
    warmUps: 2,
    runs: 10,
  });
  const { find } = foodIndex(FOODS);
  let letter = 0;
  await measure("food search", () => find("abcdefghijklmnoprstuvw".charAt(letter++ % 22)), { targetP99Ms: 10 });
  await measure("schedule of the demo supper, 60 000 nodes", () => schedule(clock), { warmUps: 1, runs: 10 });
  const { supper: seated, ...house } = input;
  for (const [form, kind] of [
    ["strips", "beef"],
    ["loaf", "beef"],
  ] as const) {
    const asked = {
      form,
      kind,
      words: "500 g",
      rawG: 500,
      setting: "sauce",
      availableMin: null,
      mostHandsMin: null,
      honestOnly: false,
      protein: "plate",
      bringsFat: false,
    } as const;
    const ask = () => answersTo(asked, { ...house, supper: seated });
    await measure(`all routes for 500 g ${form}, planned and ranked, nothing remembered`, ask, {
      warmUps: 3,
      runs: 20,
      targetP99Ms: 150,
    });
  }
  const read = (name: string) => readFileSync(join("src/core/checks", name), "utf8").split("\n");
  const forty = read("recipe-lines.txt")
    .filter((l) => l !== "" && !l.startsWith("#") && !l.includes("heading |"))
    .map((l) => l.split(" | ")[0] as string)
    .filter(
      (l) =>
        !/\b(?:beef|pork|lamb|chicken|turkey|bacon|pancetta|sausage|chorizo|cod|salmon|tuna|prawns|ham)\b/i.test(l),
    )
    .slice(0, 39);
  const text = `A recipe of forty lines\nServes 4\nIngredients\n500 g stewing beef\n${forty.join("\n")}\nMethod\nFry the onions for 8 minutes. Add everything and simmer for 1 hour.`;
  const around = { table: { ...house, supper: seated }, spoons: "metric", availableMin: null } as const;
  const decided = { lines: {}, routes: {}, setting: null, servings: null };
  await measure("a recipe of forty lines read", () => readFor(text, around.table, "metric"), {
    warmUps: 20,
    runs: 100,
    targetP99Ms: 100,
  });
  const recipes = newMemory();
  await measure(
    "a recipe of forty lines read and turned over, its meat by planned routes",
    () => answerRecipe(text, decided, { ...around, memory: recipes }),
    {
      warmUps: 5,
      runs: 30,
      targetP99Ms: 100,
    },
  );
  const eightByTen = {
    ...supper,
    eaters: Array.from({ length: 8 }, (_, i) => `e${i}`),
    dishes: DEMO_DISHES.slice(0, 4),
  };
  const eight = eightByTen.eaters.map((id) => ({
    ...(DEMO_EATERS[0] as (typeof DEMO_EATERS)[number]),
    id,
    avoids: ["gluten", "nuts"] as const,
  }));
  await measure(
    "who can eat it: eight eaters, the parts of four dishes",
    () => whoCanEat(eightByTen, eight, openBook({ foods: [], labels: [] }).food),
    {
      targetP99Ms: 5,
    },
  );
  // Loaded only now: a browser driver in memory would be measured along with the core.
  if (process.argv[2] !== "core") await (await import("./browser")).measureInBrowser();
}
void all();
