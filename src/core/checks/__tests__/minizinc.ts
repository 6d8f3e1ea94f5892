import { spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { SHELVES_OF_ONE_OVEN } from "../../schedule/capacities";
import { SAME_HEAT_K } from "../../schedule/oven";
import { type ScheduleInput, SERVE } from "../../schedule/task";

const MODEL = join(process.cwd(), "src/core/checks/__tests__/kitchen.mzn");
const ALL_POINTS = 10;

/** A question as data for the model beside this file. */
export function dataOf(input: ScheduleInput): string {
  const { tasks, lags, capacities, blocked, apart, ovenRates, budgets = [] } = input;
  const place = (id: string) => (id === SERVE ? 0 : tasks.findIndex((t) => t.id === id) + 1);
  const things = Object.keys(capacities);
  const soft = lags.map((l) => l.maxMin !== null && l.hardMin !== undefined && l.hardMin !== l.maxMin);
  const most = lags.map((l, i) => {
    if (l.maxMin === null || !soft[i]) return l.maxMin ?? -1;
    const ruined =
      (l.pointsPerMin ?? 0) > 0 ? l.maxMin + Math.floor(ALL_POINTS / (l.pointsPerMin as number)) : Infinity;
    const hard = Math.min(l.hardMin ?? Infinity, ruined);
    return hard === Infinity ? -1 : hard;
  });
  const set = (ids: readonly string[]) => `{${ids.map(place).join(",")}}`;
  const of = (values: readonly unknown[]) => `[${values.join(",")}]`;
  return Object.entries({
    n: tasks.length,
    horizon: input.horizonMin,
    last: Math.max(0, ...lags.map((l) => l.afterMin ?? 0)),
    minutes: of(tasks.map((t) => t.minutes)),
    attended: of(tasks.map((t) => t.kind !== "wait")),
    ovenC: of(tasks.map((t) => t.ovenC ?? -1)),
    lags: lags.length,
    from: of(lags.map((l) => place(l.from))),
    to: of(lags.map((l) => place(l.to))),
    least: of(lags.map((l) => l.minMin)),
    most: of(most),
    usual: of(lags.map((l, i) => (soft[i] ? l.maxMin : -1))),
    price: of(lags.map((l) => Math.round((l.pointsPerMin ?? 0) * 20 * 60))),
    after: of(lags.map((l) => l.afterMin ?? 0)),
    things: things.length,
    // Litres come in tenths.
    capacity: of(things.map((t) => Math.round(10 * (capacities[t] as number)))),
    demand: `array2d(1..${things.length}, 1..${tasks.length}, ${of(things.flatMap((t) => tasks.map((x) => Math.round(10 * (x.demands[t] ?? 0)))))})`,
    blocks: blocked.length,
    blockFrom: of(blocked.map((b) => b[0])),
    blockTo: of(blocked.map((b) => b[1])),
    pairs: apart.length,
    first: of(apart.map(([a]) => set(a))),
    second: of(apart.map(([, b]) => set(b))),
    budgets: budgets.length,
    over: of(
      budgets.map(
        (b) => `{${b.lags.map((x) => lags.findIndex((l) => l.from === x.from && l.to === x.to) + 1).join(",")}}`,
      ),
    ),
    mostOf: of(budgets.map((b) => b.mostMin)),
    oneOven: (capacities.oven ?? 0) <= SHELVES_OF_ONE_OVEN,
    sameHeat: SAME_HEAT_K,
    upPerMin: ovenRates?.up ?? 0,
    downPerMin: ovenRates?.down ?? 0,
  })
    .map(([name, value]) => `${name} = ${value};`)
    .join("\n");
}

/** What Gecode finds: the smallest sum so far, in sixtieths of a minute, and whether it is proven. Null where it finds no plan. */
export function solveByMiniZinc(
  input: ScheduleInput,
  seconds: number,
): { readonly sum: number | null; readonly proven: boolean; readonly ms: number } {
  const data = join(mkdtempSync(join(tmpdir(), "kitchen-")), "question.dzn");
  writeFileSync(data, dataOf(input));
  const begin = performance.now();
  const run = spawnSync("minizinc", ["--solver", "gecode", "--time-limit", String(seconds * 1000), "-a", MODEL, data], {
    encoding: "utf8",
  });
  if (run.error) throw run.error;
  if (run.stdout === "" && run.status !== 0) throw new Error(run.stderr);
  const sums = run.stdout.match(/^-?\d+$/gm) ?? [];
  return {
    sum: sums.length === 0 ? null : Number(sums.at(-1)),
    proven: /==========|=====UNSATISFIABLE=====/.test(run.stdout),
    ms: performance.now() - begin,
  };
}
