import { longWaits, waitOf } from "./stretch";
import { SERVE, type ScheduleInput, type Task } from "./task";

const task = (id: string, minutes: number): Task => ({
  id,
  step: id,
  dish: "d",
  part: id,
  kind: "hands",
  minutes,
  demands: {},
  ovenC: null,
});
const input: ScheduleInput = {
  tasks: [task("a", 10), task("b", 10), task("c", 10), task("e", 10)],
  lags: [
    { from: "a", to: SERVE, minMin: 0, maxMin: 5, hardMin: null, pointsPerMin: 0.1 },
    { from: "b", to: "c", minMin: 0, maxMin: 10, hardMin: 100, pointsPerMin: 0.5 },
    { from: "c", to: SERVE, minMin: 0, maxMin: 30, hardMin: null, pointsPerMin: 1 },
    { from: "e", to: SERVE, minMin: 0, maxMin: 10 },
  ],
  apart: [],
  capacities: {},
  blocked: [],
  horizonMin: 600,
  nodes: 1,
};
/** a ends at −50, b at −60, c goes from −40 to −30, e ends at −20. */
const starts = { a: -60, b: -70, c: -40, e: -30 };

test("how long food waits for the next task, or for the table", () => {
  expect(input.lags.map((lag) => waitOf(input, lag, starts))).toEqual([50, 20, 30, 20]);
});
test("waits beyond the usual are told with what they cost, the dearest first; a hard limit is none of them", () => {
  // 10 minutes over at half a point: 5; 45 over at a tenth: 4.5; c is at its limit, e has a hard one.
  const told = longWaits(input, starts);
  expect(told.map((w) => [w.from, w.usualMin, w.waitsMin])).toEqual([
    ["b", 10, 20],
    ["a", 5, 50],
  ]);
  expect(told.map((w) => w.points)).toEqual([5, 4.5]);
  // As dear as each other: by name.
  const even = { ...input, lags: input.lags.map((l) => (l.from === "a" ? { ...l, pointsPerMin: 5 / 45 } : l)) };
  expect(longWaits(even, starts).map((w) => w.from)).toEqual(["a", "b"]);
});
