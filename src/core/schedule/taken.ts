import type { Plan } from "../plan";
import type { Schedule } from "./schedule";
import type { ScheduleInput, Task } from "./task";

/** A stretch of time in which another supper has something of the kitchen. Instants in ms since 1970 UTC. */
export interface Taken {
  readonly thing: string;
  readonly units: number;
  readonly from: number;
  readonly to: number;
}
const OVEN = "oven";
const PAN = "pan:";
const MINUTE_MS = 60_000;

/**
 * What a supper with times takes of the kitchen: hands, burners, machines, space in the cold; its oven whole, because it has one heat;
 * and a pan from the first step of a part in it to the last.
 */
export function takenBy({ tasks }: Pick<Plan, "tasks">, schedule: Schedule, serveAt: string, shelves: number): Taken[] {
  if (schedule.kind !== "fits") return [];
  const serveMs = Date.parse(serveAt);
  const span = (of: readonly Task[]) => ({
    from: serveMs + Math.min(...of.map((t) => schedule.starts[t.id] ?? 0)) * MINUTE_MS,
    to: serveMs + Math.max(...of.map((t) => (schedule.starts[t.id] ?? 0) + t.minutes)) * MINUTE_MS,
  });
  const taken: Taken[] = [];
  const held = new Map<string, { readonly pan: string; readonly tasks: Task[] }>();
  for (const task of tasks) {
    // The oven on its way up is taken as well.
    if (task.heatsOvenTo !== undefined) taken.push({ thing: OVEN, units: shelves, ...span([task]) });
    for (const [thing, units] of Object.entries(task.demands)) {
      if (thing.startsWith(PAN)) {
        const key = JSON.stringify([thing, task.dish, task.part]);
        const known = held.get(key) ?? { pan: thing, tasks: [] };
        known.tasks.push(task);
        held.set(key, known);
      } else taken.push({ thing, units: thing === OVEN ? shelves : units, ...span([task]) });
    }
  }
  for (const { pan, tasks: of } of held.values()) taken.push({ thing: pan, units: 1, ...span(of) });
  return taken;
}

/** The question of a supper beside what others take: of each thing so much less for a time. */
export function besides<Q extends Pick<ScheduleInput, "gone" | "capacities" | "horizonMin">>(
  question: Q,
  taken: readonly Taken[],
  serveAt: string,
): Q {
  const serveMs = Date.parse(serveAt);
  const gone = new Map(Object.entries(question.gone ?? {}).map(([thing, spans]) => [thing, [...spans]]));
  for (const { thing, units, from, to } of taken) {
    const [begins, ends] = [Math.floor((from - serveMs) / MINUTE_MS), Math.ceil((to - serveMs) / MINUTE_MS)];
    const there = question.capacities[thing];
    if (there === undefined || ends <= -question.horizonMin) continue;
    gone.set(thing, [...(gone.get(thing) ?? []), [begins, ends, Math.min(units, there)]]);
  }
  return { ...question, gone: Object.fromEntries(gone) };
}
