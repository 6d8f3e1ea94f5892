import { lastServed, type ScheduleInput, type Task, waysOf } from "../task";
import type { Engine } from "./engine";
import type { Point, Use } from "./shared";

/** Tasks that can be done in several ways: which is taken is decided with the times. */
export interface Chosen {
  /** The end of each task. */
  readonly ends: readonly Point[];
  /** Whether each way of a task is taken; empty where there is one. */
  readonly ways: readonly (readonly number[])[];
}

/** Its fewest minutes, in whatever way. */
export const leastMinutes = (task: Task): number => Math.min(...waysOf(task).map((w) => w.minutes));
/** Its most minutes, in whatever way. */
export const mostMinutes = (task: Task): number => Math.max(...waysOf(task).map((w) => w.minutes));
/** What it needs of a thing. */
export const unitsOf = ({ demands }: Pick<Task, "demands">, thing: string): number => demands[thing] ?? 0;

/** What a task needs in each of its ways. */
export function alwaysNeeds(task: Task): Readonly<Record<string, number>> {
  const [own, ...others] = waysOf(task);
  if (own === undefined || others.length === 0) return task.demands;
  const least = Object.entries(own.demands).map(
    ([thing, units]) => [thing, others.reduce((m, w) => Math.min(m, unitsOf(w, thing)), units)] as const,
  );
  return Object.fromEntries(least.filter(([, units]) => units > 0));
}
/** Whether two needs together overdraw a thing. */
export const overdraws = (
  a: Readonly<Record<string, number>>,
  b: Readonly<Record<string, number>>,
  capacities: Readonly<Record<string, number>>,
): boolean =>
  Object.entries(a).some(([thing, units]) => {
    const other = b[thing] ?? 0;
    return units > 0 && other > 0 && units + other > (capacities[thing] ?? Infinity);
  });

/** Where a task can be done in several ways, one of them is taken, by all tasks of its choice, and its end is so much later. */
export function waysAndEnds(
  engine: Engine,
  { tasks, lags }: ScheduleInput,
  starts: readonly number[],
): Chosen & { readonly sound: boolean } {
  const choices = new Map<string, readonly number[]>();
  let sound = true;
  const ways = tasks.map((task): readonly number[] => {
    const n = waysOf(task).length;
    if (n === 1) return [];
    const choice = task.choice ?? task.id;
    const known = choices.get(choice);
    if (known !== undefined) return known;
    const made = Array.from({ length: n }, () => engine.variable(0, 1));
    choices.set(choice, made);
    sound &&= engine.clause(made.flatMap((v) => [2 * v, 1]));
    for (const [i, a] of made.entries())
      for (const b of made.slice(i + 1)) sound &&= engine.clause([2 * a + 1, 0, 2 * b + 1, 0]);
    return made;
  });
  const ends = tasks.map((task, i): Point => {
    const start = starts[i] as number;
    const chosen = ways[i] as readonly number[];
    if (chosen.length === 0) return { v: start, plus: task.minutes };
    const [least, most] = [leastMinutes(task), mostMinutes(task)];
    const v = engine.variable(engine.low(start) + least, Math.max(engine.high(start) + most, lastServed(lags)));
    sound &&= engine.difference(start, v, least) && engine.difference(v, start, -most);
    for (const [w, { minutes }] of waysOf(task).entries()) {
      const when = 2 * (chosen[w] as number);
      sound &&= engine.difference(start, v, minutes, when, 1) && engine.difference(v, start, -minutes, when, 1);
    }
    return { v, plus: 0 };
  });
  return { ways, ends, sound };
}
/** What a task needs of a thing: in every way, and more in some. */
export function usesOf(task: Task, thing: string, start: Point, end: Point, chosen: readonly number[]): Use[] {
  const all = waysOf(task);
  const always = alwaysNeeds(task)[thing] ?? 0;
  const more = all.flatMap((w, k): Use[] => {
    const units = unitsOf(w, thing) - always;
    return units > 0 ? [{ start, end, minutes: w.minutes, units, when: 2 * (chosen[k] as number) }] : [];
  });
  return always > 0 ? [{ start, end, minutes: leastMinutes(task), units: always }, ...more] : more;
}
/** Ways of two tasks that need more of something together than there is: these are done one after the other. */
export function exclusiveWays(
  engine: Engine,
  { tasks, capacities }: ScheduleInput,
  { starts, ends, ways }: Chosen & { readonly starts: readonly number[] },
): boolean {
  const chosenBy = (i: number, k: number) => {
    const v = ways[i]?.[k];
    return v === undefined ? [] : [2 * v + 1, 0];
  };
  for (const [i, a] of tasks.entries())
    for (let j = i + 1; j < tasks.length; j++) {
      const b = tasks[j] as Task;
      if ((a.orElse ?? b.orElse) === undefined) continue;
      const before = (x: number, y: number) => {
        const v = engine.variable(0, 1);
        const { v: from, plus } = ends[x] as Point;
        return engine.difference(from, starts[y] as number, plus, 2 * v, 1) ? [2 * v, 1] : [];
      };
      let orders: readonly number[] | null = null;
      for (const [k, x] of waysOf(a).entries())
        for (const [l, y] of waysOf(b).entries()) {
          if (!overdraws(x.demands, y.demands, capacities)) continue;
          orders ??= [...before(i, j), ...before(j, i)];
          if (!engine.clause([...orders, ...chosenBy(i, k), ...chosenBy(j, l)])) return false;
        }
    }
  return true;
}
