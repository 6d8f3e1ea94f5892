import type { Dish } from "../dish/dish";
import { servedParts } from "../dish/dish";
import type { Kitchen } from "../dish/kitchen";
import { entryPhase } from "../process/ledger";
import type { ReplayedPart, Row } from "../process/replay";
import type { StepKind } from "../process/step";
import { SHELVES_OF_ONE_OVEN } from "./schedule";
import { type Apart, type Lag, SERVE, type Task } from "./task";

/** How long the result of a step may wait for the next, minutes; null is no limit (common practice). */
const USUAL_WAIT_MIN: Readonly<Record<StepKind, number | null>> = {
  weigh: null,
  sort: null,
  cut: 240,
  pulse: 240,
  mash: 20,
  soak: 20,
  cook: 60,
  boil: 5,
  steam: 60,
  blanch: 240,
  gel: 240,
  drain: 15,
  rinse: 120,
  squeeze: 60,
  press: 240,
  freeze: null,
  thaw: 24 * 60,
  pat: 60,
  season: 60,
  marinate: 90,
  glaze: 30,
  toast: null,
  batter: 15,
  bind: 20,
  rest: 24 * 60,
  shape: 120,
  stuff: 120,
  slice: 60,
  coat: 15,
  sear: 10,
  brown: 60,
  sweat: 60,
  fry: 10,
  griddle: 10,
  "deep-fry": 10,
  "air-fry": 15,
  bake: 30,
  simmer: 60,
  reduce: 60,
  thicken: 30,
  layer: 60,
  top: 60,
  hold: 10,
  stand: 20,
  cool: 60,
  store: null,
  reheat: 10,
  serve: 10,
};

export interface TaskNet {
  readonly tasks: readonly Task[];
  readonly lags: readonly Lag[];
  readonly apart: readonly Apart[];
}

type Computed = Extract<Row, { state: "computed" }>;
const taskId = (row: Row, phase: number) => `${row.key}#${phase}`;
const firstTask = (row: Computed) => taskId(row, entryPhase(row.outcome.phases));
/** Oil that is hot waits so long for what goes into it. */
const HOT_OIL_WAITS_MIN = 5;
const lastTask = (row: Computed) => taskId(row, row.outcome.phases.length - 1);
export const waitAfter = (row: Row): number | null => row.step.mayWaitMin ?? USUAL_WAIT_MIN[row.step.kind];

/**
 * Tasks and lags of one dish. A step's phases follow each other at once; steps of a part wait no longer than the
 * food allows; a part that is joined waits by its last step; parts for the table by their own limit. Blocked steps
 * have no minutes and are left out: the plan says so elsewhere.
 */
export function taskNetOf(dish: Dish, parts: readonly ReplayedPart[]): TaskNet {
  const tasks: Task[] = [];
  const lags: Lag[] = [];
  const held = new Map<string, Map<string, string[]>>();
  const served = new Set(servedParts(dish).map((p) => p.id));
  const last = new Map<string, Computed>();
  const ran = new Map<string, Computed>();

  for (const part of parts) {
    let previous: Computed | null = null;
    for (const row of part.rows) {
      if (row.state !== "computed") break;
      const { phases, needs } = row.outcome;
      const demands: Record<string, number> = {};
      let ovenC: number | null = null;
      for (const need of needs) {
        if (need.kind === "burner") demands.burner = 1;
        if (need.kind === "machine") demands[`machine:${need.machine}`] = 1;
        if (need.kind === "oven") {
          demands.oven = 1;
          ovenC = need.tempC;
        }
        if (need.kind === "pan") {
          demands[`pan:${need.pan}`] = 1;
          const byPart = held.get(need.pan) ?? new Map<string, string[]>();
          byPart.set(part.id, [...(byPart.get(part.id) ?? []), ...phases.map((_, i) => taskId(row, i))]);
          held.set(need.pan, byPart);
        }
      }
      phases.forEach((phase, i) => {
        tasks.push({
          id: taskId(row, i),
          step: row.key,
          dish: dish.id,
          part: part.id,
          kind: phase.kind,
          minutes: Math.max(1, Math.ceil(phase.minutes - 1e-9)),
          demands: phase.kind === "hands" ? { ...demands, hands: 1 } : demands,
          ovenC,
        });
        const early = phases[i - 1]?.early;
        if (i > 0)
          lags.push({
            from: taskId(row, i - 1),
            to: taskId(row, i),
            minMin: 0,
            maxMin: early ? HOT_OIL_WAITS_MIN : 0,
          });
      });
      if (previous) lags.push({ from: lastTask(previous), to: firstTask(row), minMin: 0, maxMin: waitAfter(previous) });
      ran.set(row.step.id, row);
      previous = row;
    }
    if (previous) {
      last.set(part.id, previous);
      const limit = dish.parts.find((p) => p.id === part.id)?.waitsForTableMin ?? 30;
      if (served.has(part.id)) lags.push({ from: lastTask(previous), to: SERVE, minMin: 1, maxMin: limit + 1 });
    }
  }
  // Joins come last: a part may be listed after the one that takes it.
  for (const row of ran.values())
    for (const line of row.step.adds) {
      const joined =
        line.kind === "part" ? last.get(line.part) : line.kind === "liquor" ? ran.get(line.step) : undefined;
      if (!joined || joined === row) continue;
      // Liquor that was kept may stand; a part waits as long as its last step allows.
      const maxMin = line.kind === "part" ? waitAfter(joined) : null;
      lags.push({ from: lastTask(joined), to: firstTask(row), minMin: 0, maxMin });
    }
  return { tasks, lags, apart: apartOf(held) };
}

/** One pan holds one part's food from the first step in it to the last. */
function apartOf(held: ReadonlyMap<string, ReadonlyMap<string, readonly string[]>>): Apart[] {
  const apart: Apart[] = [];
  for (const byPart of held.values()) {
    const groups = [...byPart.values()];
    groups.forEach((first, i) => groups.slice(i + 1).forEach((second) => apart.push([first, second])));
  }
  return apart;
}

/** What the kitchen has of each thing that tasks share. */
export function capacitiesOf(kitchen: Kitchen): Record<string, number> {
  const capacities: Record<string, number> = {
    hands: kitchen.cooks,
    burner: kitchen.burners.length,
    oven: kitchen.ovens * SHELVES_OF_ONE_OVEN,
  };
  for (const pan of kitchen.pans) capacities[`pan:${pan.id}`] = 1;
  for (const machine of kitchen.machines) capacities[`machine:${machine.id}`] = 1;
  return capacities;
}
