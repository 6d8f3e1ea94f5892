import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { openBook } from "../foods/book";
import { kitchenFacts } from "../household/kitchen";
import { likelyDraw, sampledDraws } from "../quantities/draw";
import { newMemory } from "../quantities/memory";
import { totalG } from "./contents";
import { EMPTY_VESSEL } from "./ledger";
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
