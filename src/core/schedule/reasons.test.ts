import { randomQuestion, taskOf } from "./__tests__/questions";
import { begunFrom, possibleReasons, reasonsOf, type Reason, without } from "./reasons";
import { schedule } from "./schedule";
import { type ScheduleInput, SERVE } from "./task";
import { many, seedOf } from "../__tests__/proof";

const two = (more: Partial<ScheduleInput> = {}): ScheduleInput => ({
  tasks: ["a", "b"].map((id) => ({ ...taskOf(0, 10, { hands: 1, oven: 1 }, true), id, kind: "hands" })),
  lags: ["a", "b"].map((from) => ({ from, to: SERVE, minMin: 0, maxMin: 5 })),
  apart: [],
  capacities: { hands: 1, oven: 2, burner: 1 },
  blocked: [],
  horizonMin: 300,
  nodes: 60_000,
  ...more,
});
const kinds = (reasons: readonly Reason[]) => reasons.map((r) => (r.kind === "thing" ? r.thing : r.kind));

test("one pair of hands and food that may not wait: either alone is no reason, what is there in plenty is none", () => {
  expect(reasonsOf(two())).toEqual([{ kind: "waits" }, { kind: "thing", thing: "hands", units: 1, workMin: 20 }]);
  expect(reasonsOf(two({ capacities: { hands: 2, oven: 1, burner: 1 } }))).toEqual([
    { kind: "waits" },
    { kind: "thing", thing: "oven", units: 1, workMin: 20 },
  ]);
  expect(reasonsOf(two({ capacities: { hands: 2, oven: 2 } }))).toEqual([]);
});
test("two things that each are in the way: one that is left over is told; two pairs of hands share their work", () => {
  const hands = two().tasks;
  const baked = hands.map((t) => ({ ...t, id: `${t.id}2`, kind: "wait" as const, demands: { oven: 1 } }));
  const lags = [...hands, ...baked].map((t) => ({ from: t.id, to: SERVE, minMin: 0, maxMin: 5 }));
  const both = two({
    tasks: [...hands.map((t) => ({ ...t, demands: { hands: 1 } })), ...baked],
    lags,
    capacities: { hands: 1, oven: 1 },
  });
  expect(kinds(reasonsOf(both))).toEqual(["waits", "oven"]);
  const heats = baked.map((t, i) => ({ ...t, ovenC: i === 0 ? 180 : 220 }));
  const oneOven = two({ tasks: heats, lags: lags.slice(2), capacities: { oven: 2 }, ovens: 1 });
  expect(kinds(reasonsOf(oneOven))).toEqual(["waits", "oven"]);
  const three = [...hands, { ...(hands[0] as (typeof hands)[number]), id: "c" }].map((t) => ({
    ...t,
    demands: { hands: 1 },
  }));
  const crowd = two({
    tasks: three,
    lags: three.map((t) => ({ from: t.id, to: SERVE, minMin: 0, maxMin: 5 })),
    capacities: { hands: 2 },
  });
  expect(reasonsOf(crowd)).toContainEqual({ kind: "thing", thing: "hands", units: 2, workMin: 15 });
});
test("an oven that another supper has is told as the oven, hands that it has as hours in which nobody is free", () => {
  const bake = two({
    tasks: [{ ...taskOf(0, 10, { oven: 1 }, false), id: "a" }],
    lags: [{ from: "a", to: SERVE, minMin: 0, maxMin: 5 }],
    capacities: { oven: 1, hands: 1 },
    gone: { oven: [[-30, 0, 1]] },
    blocked: [[-300, -290]],
  });
  expect(kinds(reasonsOf(bake))).toEqual(["waits", "oven"]);
  const stir = { ...bake, tasks: [{ ...taskOf(0, 10, { hands: 1 }, true), id: "a" }] };
  // Another hour or another cook: either would do.
  expect(kinds(reasonsOf({ ...stir, gone: { hands: [[-30, 0, 1]] } }))).toEqual(["waits", "nobody", "hands"]);
  expect(kinds(reasonsOf({ ...stir, gone: {}, blocked: [[-30, 0]] }))).toEqual(["waits", "nobody"]);
});
test("a step that is held and let go begins no earlier than now either", () => {
  const alone = two({
    tasks: two()
      .tasks.slice(0, 1)
      .map((t) => ({ ...t, notBefore: -4, notAfter: -4 })),
    lags: [],
    capacities: { hands: 1, oven: 1 },
  });
  expect(kinds(reasonsOf(begunFrom(alone, -12)))).toEqual(["held"]);
  expect(reasonsOf(begunFrom(alone, -8))).toEqual([]);
});
test("hours, held steps and rules; minutes that are too many alone are no reason", () => {
  expect(kinds(reasonsOf(two({ capacities: { hands: 2, oven: 2 }, blocked: [[-14, -1]] })))).toEqual([
    "waits",
    "nobody",
  ]);
  const held = two({ capacities: { hands: 2, oven: 2 } });
  const tasks = held.tasks.map((t) => ({ ...t, notBefore: -50, notAfter: -50 }));
  expect(kinds(reasonsOf({ ...held, tasks }))).toEqual(["waits", "held"]);
  const late = held.tasks.map((t) => ({ ...t, notBefore: -4, notAfter: -4 }));
  expect(kinds(reasonsOf({ ...held, tasks: late }))).toEqual(["held"]);
  const free = held.lags.map((l) => ({ ...l, maxMin: null }));
  const budgets = [
    {
      lags: [
        { from: "a", to: "b" },
        { from: "b", to: SERVE },
      ],
      mostMin: 5,
      rule: "warm",
    },
  ];
  const chain = { ...held, lags: [{ from: "a", to: "b", minMin: 8, maxMin: null }, ...free], budgets };
  expect(reasonsOf(chain)).toEqual([{ kind: "rule", rule: "warm" }]);
  expect(reasonsOf(begunFrom(two(), -9))).toEqual([]);
  expect(kinds(reasonsOf(begunFrom(two({ lags: free }), -15)))).toEqual(["hands"]);
  expect(kinds(reasonsOf(begunFrom(two({ lags: free }), -20)))).toEqual([]);
});
test("random kitchens begun too late: the reasons are enough, and none is too many", () => {
  const told = new Set<string>();
  let cases = 0;
  for (let n = 0; n < many(24, 200); n++) {
    const seed = seedOf(n);
    const free = randomQuestion(seed);
    const found = schedule(free);
    if (found.kind !== "fits") continue;
    const input = begunFrom({ ...free, nodes: 60_000 }, found.startMin + 8);
    const reasons = reasonsOf(input);
    if (reasons.length === 0) continue;
    cases++;
    const others = possibleReasons(input).filter(
      (r) => !reasons.includes(r) && !kinds(reasons).includes(kinds([r])[0] as string),
    );
    const bare = others.reduce(without, input);
    expect([seed, schedule({ ...bare, nodes: 6_000 }).kind]).toEqual([seed, "does-not-fit"]);
    for (const reason of reasons) {
      told.add(kinds([reason])[0] as string);
      expect([seed, schedule({ ...without(bare, reason), nodes: 6_000 }).kind]).toEqual([seed, "fits"]);
    }
  }
  expect(cases).toBeGreaterThan(many(8, 70));
  expect([...told]).toEqual(expect.arrayContaining(["hands", "waits"]));
});
