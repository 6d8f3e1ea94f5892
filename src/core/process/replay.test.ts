import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { openBook } from "../foods/book";
import { kitchenFacts } from "../household/kitchen";
import { likelyDraw, sampledDraws } from "../quantities/draw";
import { newMemory } from "../quantities/memory";
import { totalG } from "./contents";
import { EMPTY_VESSEL } from "./ledger";
import { growsWith } from "./log";
import { newStep, type Step, STEP_REGISTRY } from "./registry";
import { type Exchange, replay, replayPart, type ReplayWorld, shareOfPart } from "./replay";

const book = openBook({ foods: [], labels: [] });
const worldOf = (dishId: string): ReplayWorld => ({
  ...kitchenFacts(DEMO_KITCHEN),
  burnerOf: new Map(),
  dishId,
  foods: book.food,
  figures: book.figures,
  kin: book.kin,
  grows: () => true,
  brought: new Map(),
  known: new Map(),
  readings: new Map(),
  memory: newMemory(),
  steps: STEP_REGISTRY,
  scaleStepG: 1,
});

describe.each(DEMO_DISHES.map((d) => [d.id, d] as const))("%s, part by part", (_id, dish) => {
  test.each(["likely", "sampled"])("from any step with the vessel there, the rest comes out the same (%s)", (how) => {
    const draw = how === "likely" ? likelyDraw : sampledDraws(20, 3)(7);
    const world = worldOf(dish.id);
    const whole = replay(dish.parts, world, draw);
    const ends = new Map(whole.map((p) => [p.id, p.end]));
    // What other parts and other steps gave, handed in as it was.
    const rows = whole.flatMap((p) => p.rows);
    const exchange: Exchange = {
      part: (id, share) => shareOfPart(id, ends.get(id) ?? EMPTY_VESSEL, share),
      liquor: (step, share) => {
        const came = rows
          .flatMap((r) => (r.state === "computed" ? r.outcome.inputs : []))
          .find((c) => c.from === "liquor" && c.step === step);
        return came ?? { kind: "liquor-used-up", step, share };
      },
      endOf: (id) => ends.get(id) ?? null,
      ranOff: () => {},
    };
    for (const part of dish.parts) {
      const told = whole.find((p) => p.id === part.id);
      for (let index = 0; index < part.steps.length; index++) {
        const from = told?.rows[index];
        if (from?.state !== "computed") throw new Error(`${part.id} ${index}`);
        const tail = replayPart(part, world, draw, exchange, { index, vessel: from.before });
        expect(tail.rows.map((r) => (r.state === "computed" ? r.outcome.after : r.state))).toEqual(
          told?.rows.slice(index).map((r) => (r.state === "computed" ? r.outcome.after : r.state)),
        );
        expect(tail.end).toEqual(told?.end);
      }
    }
  });
});

test("another vessel gives another end: half the food, half the grams", () => {
  const dish = DEMO_DISHES[0]!;
  const part = dish.parts[0]!;
  const nobody: Exchange = {
    part: (id) => ({ kind: "part-missing", part: id }),
    liquor: (step) => ({ kind: "liquor-missing", step }),
    endOf: () => null,
    ranOff: () => {},
  };
  const world = worldOf(dish.id);
  const all = replayPart(part, world, likelyDraw, nobody);
  const squeeze = all.rows.findIndex((r) => r.step.kind === "squeeze");
  const row = all.rows[squeeze]!;
  if (row.state !== "computed") throw new Error("not computed");
  const half = { ...row.before, batch: { ...row.before.batch, waterG: row.before.batch.waterG / 2 } };
  const drier = replayPart({ ...part, steps: part.steps.slice(0, squeeze + 1) }, world, likelyDraw, nobody, {
    index: squeeze,
    vessel: half,
  });
  expect(totalG(drier.end!.batch)).toBeLessThan(totalG(row.outcome.after.batch));
});

test("the liquor of a part that stands further down is there when it is asked for", () => {
  const step = (kind: "weigh" | "drain" | "season" | "soak", id: string, adds: Step["adds"]): Step => ({
    ...newStep(kind, id),
    adds,
  });
  const sauce = {
    id: "sauce",
    steps: [step("season", "mix", [{ kind: "liquor", step: "poured", share: 1 }])],
  };
  const mushrooms = {
    id: "mushrooms",
    steps: [
      step("weigh", "dry", [{ kind: "food", food: "porcini-dried", massG: 20 }]),
      step("soak", "soak", [{ kind: "food", food: "water", massG: 300 }]),
      step("drain", "poured", []),
    ],
  };
  const grams = (parts: Parameters<typeof replay>[0]) =>
    replay(parts, worldOf("d")).map((p) => (p.end === null ? null : totalG(p.end.batch)));
  const [sauceG, mushroomsG] = grams([sauce, mushrooms]);
  expect(sauceG).toBeGreaterThan(200);
  expect(grams([mushrooms, sauce])).toEqual([mushroomsG, sauceG]);
});

describe("more of the food than was planned", () => {
  const steps = [
    { ...newStep("weigh", "w"), adds: [{ kind: "food", food: "soy-strips", massG: 100 }] },
    { ...newStep("soak", "s"), adds: [{ kind: "food", food: "water", massG: 700 }] },
    newStep("drain", "d"),
    { ...newStep("season", "m"), saltTo: null, adds: [{ kind: "food", food: "soy-sauce", massG: 20 }] },
  ] as readonly Step[];
  const poured = (readingG: number, more: Partial<ReplayWorld> = {}) => {
    const world = { ...worldOf("d"), readings: new Map([["d.w", readingG]]), ...more };
    return replay([{ id: "p", steps }], world)[0]?.rows.flatMap((r) =>
      r.state === "computed" && r.step.kind !== "weigh"
        ? r.outcome.inputs.flatMap((c) => (c.from === "food" ? [Math.round(c.massG)] : []))
        : [],
    );
  };
  test("what is poured grows with it, and shrinks with less; a gram or two changes nothing", () => {
    expect(poured(100)).toEqual([700, 20]);
    expect(poured(120)).toEqual([840, 24]);
    expect(poured(80)).toEqual([560, 16]);
    expect(poured(101)).toEqual([700, 20]);
  });
  test("but not where the cook has said how much went in, or it was in before the scale was read", () => {
    expect(poured(120, { grows: (step) => step !== "d.s" })).toEqual([700, 24]);
    const read = { kind: "weighed", at: 10, step: "d.w", readingG: 120, by: "typed" } as const;
    const done = (at: number) => ({ kind: "done", at, step: "d.s" }) as const;
    expect(growsWith([done(5), read])("d.s", "d.w")).toBe(false);
    expect(growsWith([read, done(15)])("d.s", "d.w")).toBe(true);
    expect(growsWith([read, { kind: "amount", at: 12, step: "d.s", line: 0, massG: 650 }])("d.s", "d.w")).toBe(false);
  });
  test("more water is no more of the food: after a squeeze nothing grows", () => {
    const world = { ...worldOf("d"), readings: new Map([["d.d", 420]]) };
    const last = replay([{ id: "p", steps }], world)[0]?.rows.at(-1);
    if (last?.state !== "computed") throw new Error("not computed");
    expect(last.outcome.inputs.map((c) => (c.from === "food" ? c.massG : 0))).toContain(20);
  });
});
