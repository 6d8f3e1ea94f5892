import { unsoundness } from "./sound";
import type { ScheduleInput, Task } from "./task";

const task = (id: string, more: Partial<Task> = {}): Task => ({
  id,
  step: id,
  dish: "d",
  part: "p",
  kind: "hands",
  minutes: 5,
  demands: { hands: 1 },
  ovenC: null,
  ...more,
});
const question = (more: Partial<ScheduleInput>): ScheduleInput => ({
  tasks: [task("a"), task("b")],
  lags: [{ from: "a", to: "b", minMin: 0, maxMin: 10 }],
  apart: [],
  capacities: { hands: 1 },
  blocked: [[-60, -30]],
  horizonMin: 300,
  nodes: 100,
  ...more,
});
const lag = (more: object) => [{ from: "a", to: "b", minMin: 0, maxMin: null, ...more }];

test("a sound question passes, one that does not fit too", () => {
  expect(unsoundness(question({}))).toBeNull();
  expect(unsoundness(question({ tasks: [task("a", { demands: { hands: 5 } })], lags: [] }))).toBeNull();
  expect(unsoundness(question({ lags: lag({ to: "serve" }), blocked: [[-5, -5]] }))).toBeNull();
});
test.each<[string, Partial<ScheduleInput>]>([
  ["tasks/1/id", { tasks: [task("a"), task("a")] }],
  ["tasks/0/id", { tasks: [task("serve")], lags: [] }],
  ["tasks/0/demands/wok", { tasks: [task("a", { demands: { wok: 1 } }), task("b")] }],
  ["tasks/0/demands/toString", { tasks: [task("a", { demands: { toString: 1 } }), task("b")] }],
  [
    "tasks/1/orElse/0/demands/wok",
    { tasks: [task("a"), task("b", { orElse: [{ minutes: 9, demands: { wok: 1 } }] })] },
  ],
  [
    "tasks/1/orElse",
    { tasks: [task("a", { choice: "c", orElse: [{ minutes: 9, demands: {} }] }), task("b", { choice: "c" })] },
  ],
  ["lags/0/from", { lags: lag({ from: "x" }) }],
  ["lags/0/from", { lags: lag({ from: "serve" }) }],
  ["lags/0/to", { lags: lag({ to: "x" }) }],
  ["lags/0/maxMin", { lags: lag({ minMin: 6, maxMin: 5 }) }],
  ["lags/0/hardMin", { lags: lag({ maxMin: 5, hardMin: 4 }) }],
  ["apart/0/1/0", { apart: [[["a"], ["x"]]] }],
  [
    "blocked/1",
    {
      blocked: [
        [-60, -30],
        [-10, -20],
      ],
    },
  ],
])("%s is named", (field, more) => {
  expect(unsoundness(question(more))?.field).toBe(field);
});
