import type { ScheduleInput } from "../task";

/** A problem on which the solver spends all that it is allowed to. */
export const heavy: ScheduleInput = {
  tasks: Array.from({ length: 30 }, (_, i) => ({
    id: `t${i}`,
    step: `t${i}`,
    dish: "d",
    part: "p",
    kind: "hands",
    minutes: 7 + ((i * 13) % 17),
    demands: { hands: 1 + (i % 2) },
    ovenC: null,
  })),
  lags: [],
  apart: [],
  capacities: { hands: 3 },
  blocked: [[-100, -60]],
  horizonMin: 300,
  nodes: 1_000_000,
};
