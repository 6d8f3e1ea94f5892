import type { Dish, Supper } from "../dish/dish";
import type { Kitchen } from "../household/kitchen";
import { totalG } from "../process/contents";
import { servedParts } from "../dish/dish";
import { entryPhase } from "../process/ledger";
import { standsWarm, warmLimitMin, warmMinutes } from "../process/warmth";
import type { ReplayedPart, Row } from "../process/row";
import { descriptorOf, STEP_REGISTRY, type StepRegistry } from "../process/registry";
import type { StepKey } from "../process/log";
import { burnerKey } from "./capacities";
import { pointsPerMin, REHEATED_PER_MIN } from "./loss";
import { changeoverMin } from "./oven";
import { type Apart, type Lag, SERVE, type Task, type TaskId, type TaskNet } from "./task";
import { warmBudgets } from "./warmBudgets";

/** How long the result of a step waits usually, and at most. */
type Wait = Pick<Lag, "maxMin" | "hardMin" | "pointsPerMin">;
/**
 * Usual waits, shortened where the food would stand too long in the warm with what it has stood before: that limit is hard, the
 * usual one is not. A wait that the cook allows stays as it is: the judgement says when it breaks a rule.
 */
function waitLimits(
  parts: readonly ReplayedPart[],
  roomC: number,
  registry: StepRegistry,
): (row: Computed, usual?: number | null) => Wait {
  const warm = warmMinutes(
    parts.map((p) => p.rows),
    null,
  );
  return (row, usual = waitAfter(row, registry)) => {
    const rate = pointsPerMin(row.step.kind);
    const leftMin = standsWarm(row.outcome) ? Math.floor(warmLimitMin(roomC) - (warm.get(row) ?? 0)) : null;
    if (usual === null && (leftMin === null || leftMin < 0)) return { maxMin: null };
    if (leftMin === null) return { maxMin: usual, hardMin: null, pointsPerMin: rate };
    if (leftMin < 0) return { maxMin: usual, hardMin: usual, pointsPerMin: rate };
    if (row.step.mayWaitMin !== null && usual !== null)
      return { maxMin: usual, hardMin: Math.max(usual, leftMin), pointsPerMin: rate };
    return { maxMin: usual === null ? leftMin : Math.min(usual, leftMin), hardMin: leftMin, pointsPerMin: rate };
  };
}

type Computed = Extract<Row, { state: "computed" }>;

/** Oil that is hot waits so long for what goes into it. */
const HOT_OIL_WAITS_MIN = 5;
/** How long the result of a step may wait for the next by itself, minutes; null is no limit. */
export const waitAfter = (row: Row, registry: StepRegistry = STEP_REGISTRY): number | null =>
  row.step.mayWaitMin ?? descriptorOf(row.step.kind, registry).waitsMin;

/** What of a kitchen decides about waits and what stands in the cold. */
type Room = Pick<Kitchen, "roomC" | "fridgeL" | "freezerL" | "burners">;

/** Space that food takes with its box, L: boxes are filled to two thirds (common practice), food weighs about as water. */
const litresOf = ({ outcome }: Computed): number => Math.round((totalG(outcome.after.batch) / 1000) * 1.5 * 10) / 10;
/** Whether it is not sure to be through in its minutes. */
const mayTakeLonger = ({ outcome }: Computed): boolean =>
  outcome.facts.some((f) => f.kind === "through" && f.givenMin < f.highMin);
/** Where the cook holds a step, minutes relative to serving; null where it may move. */
function pinnedAt({ pins, serveAt }: Pick<Supper, "serveAt" | "pins">, key: string): number | null {
  const at = pins[key];
  return at === undefined ? null : Math.round((Date.parse(at) - Date.parse(serveAt)) / 60_000);
}

/** Tasks by pan and by the part whose food is in it. */
type Held = Map<string, Map<string, TaskId[]>>;

/**
 * Tasks and lags of the dishes of a supper, and what must not interleave: a pan holds one part's food at a time, of all dishes.
 *
 * @param stands the burner that a step was given
 */
export function taskNetOf(
  supper: Pick<Supper, "id" | "serveAt" | "afterMin" | "pins" | "roomMin">,
  dishes: readonly { readonly dish: Dish; readonly parts: readonly ReplayedPart[] }[],
  kitchen: Room,
  stands: Readonly<Record<StepKey, string>> = {},
  registry: StepRegistry = STEP_REGISTRY,
): TaskNet {
  const held: Held = new Map();
  const nets = dishes.map(({ dish, parts }) => netOfDish(supper, dish, parts, held, { ...kitchen, stands }, registry));
  return {
    tasks: nets.flatMap((n) => n.tasks),
    lags: nets.flatMap((n) => n.lags),
    apart: apartOf(held),
    budgets: nets.flatMap((n) => n.budgets),
    roomMin: supper.roomMin,
  };
}

/**
 * Tasks and lags of one dish. A step's phases follow each other at once; steps of a part wait no longer than the
 * food allows; a part that is joined waits by its last step; parts for the table by their own limit. Blocked steps
 * have no minutes and are left out: the plan says so elsewhere.
 */
function netOfDish(
  supper: Pick<Supper, "id" | "serveAt" | "afterMin" | "pins">,
  dish: Dish,
  parts: readonly ReplayedPart[],
  held: Held,
  { roomC, fridgeL, freezerL, burners, stands }: Room & { readonly stands: Readonly<Record<StepKey, string>> },
  registry: StepRegistry,
): Omit<TaskNet, "apart" | "roomMin"> {
  // The supper is part of the name: two suppers of one week share a kitchen, and a dish may be in both.
  const taskId = (row: Row, phase: number) => `${supper.id}/${row.key}#${phase}`;
  const firstTask = (row: Computed) => taskId(row, entryPhase(row.outcome.phases));
  const lastTask = (row: Computed) => taskId(row, row.outcome.phases.length - 1);
  const tasks: Task[] = [];
  const lags: Lag[] = [];
  const served = new Set(servedParts(dish).map((p) => p.id));
  const last = new Map<string, Computed>();
  const ran = new Map<string, Computed>();
  const mayWait = waitLimits(parts, roomC, registry);
  const afterMin = supper.afterMin[dish.id] ?? 0;

  for (const part of parts) {
    let previous: Computed | null = null;
    for (const row of part.rows) {
      if (row.state !== "computed") break;
      const { phases, needs } = row.outcome;
      // Done on another day: nothing of it is in the way.
      if (phases.length === 0) continue;
      const demands: Record<string, number> = {};
      let ovenC: number | null = null;
      for (const need of needs) {
        if (need.kind === "burner") {
          demands.burner = (demands.burner ?? 0) + 1;
          const given = burners.find((b) => b.id === stands[row.key]);
          if (given !== undefined) demands[burnerKey(given.id)] = 1;
        }
        if (need.kind === "fridge" && fridgeL !== null) demands.fridge = litresOf(row);
        if (need.kind === "freezer" && freezerL !== null) demands.freezer = litresOf(row);
        if (need.kind === "machine") demands[`machine:${need.machine}`] = 1;
        if (need.kind === "oven") {
          demands.oven = 1;
          ovenC = need.tempC;
        }
        if (need.kind === "pan") {
          demands[`pan:${need.pan}`] = 1;
          const byPart = held.get(need.pan) ?? new Map<string, string[]>();
          const whose = `${dish.id}/${part.id}`;
          byPart.set(whose, [...(byPart.get(whose) ?? []), ...phases.map((_, i) => taskId(row, i))]);
          held.set(need.pan, byPart);
        }
      }
      const pinned = pinnedAt(supper, row.key);
      // With its first and its last moment at hand.
      const early = mayTakeLonger(row);
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
          ...(early ? { early } : {}),
          ...(pinned !== null && i === entryPhase(phases) ? { notBefore: pinned, notAfter: pinned } : {}),
        });
        const isHotOil = phases[i - 1]?.early;
        if (i > 0)
          lags.push({
            from: taskId(row, i - 1),
            to: taskId(row, i),
            minMin: 0,
            maxMin: isHotOil ? HOT_OIL_WAITS_MIN : 0,
          });
      });
      if (ovenC !== null) {
        // Somebody has to switch it on; whether it is hot already, `oven` tells once the times are known.
        const on = `${supper.id}/${row.key}#oven`;
        const minutes = changeoverMin(roomC, ovenC);
        const at = { step: row.key, dish: dish.id, part: part.id, ovenC: null };
        if (minutes > 0) {
          tasks.push({ id: on, ...at, kind: "watch", minutes, demands: {}, heatsOvenTo: ovenC });
          lags.push({ from: on, to: taskId(row, 0), minMin: 0, maxMin: 0 });
        }
      }
      if (previous) {
        const reheated = row.step.kind === "reheat" ? { pointsPerMin: REHEATED_PER_MIN } : {};
        lags.push({ from: lastTask(previous), to: firstTask(row), minMin: 0, ...mayWait(previous), ...reheated });
      }
      ran.set(row.step.id, row);
      previous = row;
    }
    if (previous) {
      last.set(part.id, previous);
      const limit = dish.parts.find((p) => p.id === part.id)?.waitsForTableMin ?? 30;
      if (served.has(part.id)) {
        const { hardMin, pointsPerMin: rate } = mayWait(previous, limit);
        const hard = hardMin === null || hardMin === undefined ? null : Math.max(limit, hardMin) + 1;
        lags.push({
          from: lastTask(previous),
          to: SERVE,
          minMin: 1,
          maxMin: limit + 1,
          hardMin: hard,
          pointsPerMin: rate ?? 0,
          ...(afterMin > 0 ? { afterMin } : {}),
        });
      }
    }
  }
  // Joins come last: a part may be listed after the one that takes it.
  for (const row of ran.values())
    for (const line of row.step.adds) {
      const joined =
        line.kind === "part" ? last.get(line.part) : line.kind === "liquor" ? ran.get(line.step) : undefined;
      if (!joined || joined === row) continue;
      // Liquor that was kept may stand; a part waits as long as its last step allows.
      const wait: Wait = line.kind === "part" ? mayWait(joined) : { maxMin: null };
      lags.push({ from: lastTask(joined), to: firstTask(row), minMin: 0, ...wait });
    }
  const budgets = warmBudgets(parts, lags, roomC, { first: firstTask, last: lastTask });
  return { tasks, lags, budgets };
}

/** One pan holds one part's food from the first step in it to the last. */
function apartOf(held: Held): Apart[] {
  const apart: Apart[] = [];
  for (const byPart of held.values()) {
    const groups = [...byPart.values()];
    groups.forEach((first, i) => groups.slice(i + 1).forEach((second) => apart.push([first, second])));
  }
  return apart;
}
