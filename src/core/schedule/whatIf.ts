import type { Kitchen } from "../household/kitchen";
import { withOneMore } from "../household/oneMore";
import { onAnyBurner } from "./capacities";
import { scheduleQuestion } from "./question";
import { tryOut } from "./schedule";
import { besides, type Taken } from "./taken";
import type { TaskNet } from "./task";

/** Something that may change on the day. */
export const CHANGES = ["hour-earlier", "hour-later", "burner-less", "helper", "longer-hands"] as const;
/** One of these. */
export type DayChange = (typeof CHANGES)[number];
/** The supper as it would be then. */
export interface WhatIf {
  readonly change: DayChange;
  /** Start, minutes relative to the serving time as it is now; null when it does not fit. */
  readonly startMin: number | null;
  /** Points of bite that longer waits cost then. */
  readonly points: number;
}
const HOUR_MS = 3_600_000;
/** Hands that are slower than usual (an estimate of a bad day). */
const SLOW = 1.3;
/** Each answer may take such a part of the clock's budget: it is a look ahead, not the plan. */
const SHARE = 4;

/**
 * What becomes of the supper when the day changes: each worked out anew, none kept.
 *
 * @param taken what other suppers have of the kitchen
 */
export function whatIf(net: TaskNet, kitchen: Kitchen, serveAt: string, taken: readonly Taken[] = []): WhatIf[] {
  return CHANGES.flatMap((change): WhatIf[] => {
    const changed = changedBy(change, net, kitchen, serveAt);
    if (changed === null) return [];
    const { net: then, in: there, at, shiftMin } = changed;
    const question = besides(scheduleQuestion(then, there, at), taken, at);
    const found = tryOut({ ...question, nodes: Math.ceil(question.nodes / SHARE) });
    if (found.kind !== "fits") return [{ change, startMin: null, points: 0 }];
    const points = found.stretched.reduce((sum, s) => sum + s.points, 0);
    return [{ change, startMin: found.startMin + shiftMin, points }];
  });
}

/** The question of a change; null where it makes none (a kitchen with one burner keeps it). */
function changedBy(
  change: DayChange,
  net: TaskNet,
  kitchen: Kitchen,
  serveAt: string,
): { readonly net: TaskNet; readonly in: Kitchen; readonly at: string; readonly shiftMin: number } | null {
  const moved = (ms: number) => new Date(Date.parse(serveAt) + ms).toISOString();
  const same = { net, in: kitchen, at: serveAt, shiftMin: 0 };
  switch (change) {
    case "hour-earlier":
      return { ...same, at: moved(-HOUR_MS), shiftMin: -60 };
    case "hour-later":
      return { ...same, at: moved(HOUR_MS), shiftMin: 60 };
    case "burner-less":
      return kitchen.burners.length < 2 || !net.tasks.some((t) => (t.demands.burner ?? 0) > 0)
        ? null
        : {
            ...same,
            net: { ...net, tasks: net.tasks.map(onAnyBurner) },
            in: { ...kitchen, burners: kitchen.burners.slice(0, -1) },
          };
    case "helper":
      return { ...same, in: withOneMore(kitchen, "hands") };
    case "longer-hands":
      return {
        ...same,
        net: {
          ...net,
          tasks: net.tasks.map((t) => (t.kind === "hands" ? { ...t, minutes: Math.ceil(t.minutes * SLOW) } : t)),
        },
      };
  }
}
