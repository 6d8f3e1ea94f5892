import { type ScheduleInput, type Task } from "../task";
import { HANDS, type Model, otherHeat, ovensOf, SCALE } from "./model";
import type { Point } from "./shared";

/** What is made as small as it can be, in this order; each only as far as those before it allow. */
export type Aim = "table" | "loss" | "sum" | "latest-start" | "makespan" | "blocks" | "heats" | "lateness";
/** A sum to keep small. */
export type Terms = readonly (readonly [half: number, weight: number])[];

/** So many bakes are looked at for how often the oven changes its heat. */
const MOST_BAKES = 10;

/** The sum of an aim in a model; adds what it needs. */
export function termsOf(aim: Aim, model: Model, input: ScheduleInput): Terms {
  const { first, starts, excess, table } = model;
  switch (aim) {
    case "sum":
      return [[2 * first + 1, SCALE], ...excess.map(({ v, price }) => [2 * v, price] as const)];
    case "latest-start":
      return [[2 * first + 1, 1]];
    case "loss":
      return excess.map(({ v, price }) => [2 * v, price] as const);
    case "table":
    case "makespan":
      return [[2 * table, 1]];
    case "lateness": {
      // What is to begin early pulls nothing else along.
      const others = 1 + input.tasks.filter((t) => t.early).length;
      return starts.map((s, i) => (input.tasks[i]?.early ? ([2 * s, 1] as const) : ([2 * s + 1, others] as const)));
    }
    case "blocks":
      return stretchesOfHands(model, input);
    case "heats":
      return heatsOfTheOven(model, input);
  }
}

/** One for each stretch of hands-on work. */
function stretchesOfHands(model: Model, input: ScheduleInput): Terms {
  const { engine, starts } = model;
  const hands = input.tasks.flatMap((t, i) => ((t.demands[HANDS] ?? 0) > 0 && t.minutes > 0 ? [i] : []));
  return hands.map((i) => {
    // It begins a stretch unless another one that began before it, or with it, still runs or has just ended.
    const begins = engine.variable(0, 1);
    const ways = [2 * begins, 1];
    for (const j of hands) {
      const [a, b] = [starts[j] as number, starts[i] as number];
      const end = model.ends[j] as Point;
      const ahead = j < i ? 0 : 1;
      if (i === j || engine.high(b) < engine.low(a) + ahead || engine.low(b) > engine.high(end.v) + end.plus) continue;
      const follows = engine.variable(0, 1);
      if (!engine.difference(a, b, ahead, 2 * follows, 1) || !engine.difference(b, end.v, -end.plus, 2 * follows, 1))
        model.sound = false;
      ways.push(2 * follows, 1);
    }
    if (!engine.clause(ways)) model.sound = false;
    return [2 * begins, 1] as const;
  });
}
/** One for each time that the one oven is brought to a heat: a bake at the heat of the one before it needs none. */
function heatsOfTheOven(model: Model, input: ScheduleInput): Terms {
  const { engine, starts, ends } = model;
  const { tasks } = input;
  const bakes = tasks.flatMap((t, i) => (t.ovenC !== null && t.minutes > 0 ? [i] : []));
  const differ = (i: number, j: number) => otherHeat(input, tasks[i] as Task, tasks[j] as Task);
  const oneHeat = !bakes.some((i) => bakes.some((j) => differ(i, j)));
  if (oneHeat || bakes.length > MOST_BAKES || ovensOf(input) > 1) return [];
  const must = (holds: boolean) => {
    if (!holds) model.sound = false;
  };
  /** Whether a task has ended when another begins. */
  const before = bakes.map((i) =>
    bakes.map((j) => {
      if (!differ(i, j)) return null;
      const v = engine.variable(0, 1);
      const { v: end, plus } = ends[i] as Point;
      must(engine.difference(end, starts[j] as number, plus, 2 * v, 1));
      return v;
    }),
  );
  return bakes.map((b, y) => {
    const brought = engine.variable(0, 1);
    const ways = [2 * brought, 1];
    for (const [x, a] of bakes.entries()) {
      if (a === b || differ(a, b)) continue;
      const keeps = engine.variable(0, 1);
      must(engine.difference(starts[a] as number, starts[b] as number, a < b ? 0 : 1, 2 * keeps, 1));
      for (const [z, between] of bakes.entries()) {
        if (!differ(between, b)) continue;
        const sides = [before[z]?.[x], before[y]?.[z]].flatMap((v) => (v == null ? [] : [2 * v, 1]));
        must(engine.clause([2 * keeps + 1, 0, ...sides]));
      }
      ways.push(2 * keeps, 1);
    }
    must(engine.clause(ways));
    return [2 * brought, 1] as const;
  });
}
