import kitchens from "../../checks/clock-instances.json";
import published from "../../checks/instances.json";
import { DEMO_DISHES, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { plan } from "../../plan";
import { random } from "../../process/__tests__/context";
import { HOME_OVEN } from "../oven";
import { scheduleQuestion } from "../question";
import { type Lag, type ScheduleInput, SERVE, type Task } from "../task";

/** A task of an instance that has only numbers. */
export const taskOf = (i: number, minutes: number, demands: Task["demands"], attended: boolean): Task => ({
  id: String(i),
  step: String(i),
  dish: "d",
  part: "p",
  kind: attended ? "watch" : "wait",
  minutes,
  demands,
  ovenC: null,
});
const named = (units: readonly number[]): Record<string, number> =>
  Object.fromEntries(units.map((u, r) => [r === 0 ? "hands" : `r${r}`, u]));
const demandsOf = (demand: readonly (readonly number[])[], i: number) => named(demand.map((r) => r[i] as number));

/** One of the thirty kitchen instances as a question, served at the end of its horizon; null where its waits alone contradict. */
export function kitchenQuestion(x: (typeof kitchens.instances)[number]): ScheduleInput {
  const minutes = x.durations;
  const tasks = minutes.map((d, i) => taskOf(i, d, demandsOf(x.demand, i), x.attended[i] === 1));
  const lags = (x.startToStart as [number, number, number][]).map(([i, j, d]): Lag => {
    const least = d - (minutes[i] as number);
    return { from: String(i), to: String(j), minMin: least, maxMin: null };
  });
  return {
    tasks,
    lags,
    apart: [],
    capacities: named(x.capacity),
    blocked: x.nights.map(([a, b]) => [(a as number) - x.horizonSlots, (b as number) - x.horizonSlots] as const),
    horizonMin: x.horizonSlots,
    nodes: 60_000,
    objective: "latest-start",
  };
}
/** One of the published instances, whose makespan is known. */
export function publishedQuestion(x: (typeof published.instances)[number]): ScheduleInput {
  const minutes = x.durations;
  return {
    tasks: minutes.map((d, i) => taskOf(i, d, demandsOf(x.demand as number[][], i), false)),
    lags: (x.lags as [number, number, number][]).map(([i, j, w]) => ({
      from: String(i),
      to: String(j),
      minMin: w - (minutes[i] as number),
      maxMin: null,
    })),
    apart: [],
    capacities: named(x.capacity),
    blocked: [],
    horizonMin: minutes.reduce((a, b) => a + b, 0),
    nodes: 60_000,
    objective: "makespan",
  };
}
/** Some dishes of the demo shelf, by their places, as one supper for four. */
export function demoQuestion(dishes: readonly number[]): ScheduleInput {
  const at = "2026-11-29T19:00:00.000Z";
  const supper = { ...demoSupper(at), eaters: [], guests: 4, dishes: dishes.flatMap((i) => DEMO_DISHES[i] ?? []) };
  const planned = plan({ supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: [], log: [] });
  return scheduleQuestion(planned, DEMO_KITCHEN, at);
}

/** A kitchen instance by a seed: chains with usual waits, burners, an oven, a pan that is held, a night, a later course. */
export function randomQuestion(seed: number): ScheduleInput {
  const r = random(seed);
  const whole = (low: number, high: number) => low + Math.floor(r() * (high - low + 1));
  const tasks: Task[] = [];
  const lags: Lag[] = [];
  const pans: string[][] = [];
  for (let part = 0; part < whole(2, 4); part++) {
    const chain = Array.from({ length: whole(2, 4) }, (_, i): Task => {
      const kind = r() < 0.5 ? "hands" : r() < 0.5 ? "watch" : "wait";
      const at = r();
      const where: Record<string, number> = at < 0.35 ? { burner: 1 } : at < 0.5 ? { oven: 1 } : {};
      return {
        ...taskOf(0, whole(2, 20), kind === "hands" ? { ...where, hands: 1 } : where, kind !== "wait"),
        id: `${part}.${i}`,
        kind,
        ovenC: "oven" in where ? (r() < 0.5 ? 180 : 220) : null,
      };
    });
    tasks.push(...chain);
    const afterMin = r() < 0.2 ? 25 : 0;
    chain.forEach((task, i) => {
      const to = chain[i + 1]?.id ?? SERVE;
      const maxMin = r() < 0.6 ? whole(5, 60) : null;
      const soft = maxMin !== null && r() < 0.5;
      const loss = soft ? { hardMin: r() < 0.3 ? maxMin + 40 : null, pointsPerMin: 1 / whole(10, 120) } : {};
      lags.push({ from: task.id, to, minMin: 0, maxMin, ...loss, ...(to === SERVE ? { afterMin } : {}) });
    });
    if (r() < 0.5) pans.push(chain.map((t) => t.id));
  }
  const [first, second] = pans;
  return {
    tasks,
    lags,
    apart: first && second ? [[first, second]] : [],
    capacities: { hands: r() < 0.2 ? 2 : 1, burner: whole(1, 2), oven: 2 },
    ...(r() < 0.5 ? { ovenRates: HOME_OVEN } : {}),
    blocked: r() < 0.4 ? [[-60, -35]] : [],
    horizonMin: 400,
    nodes: 6_000,
  };
}
