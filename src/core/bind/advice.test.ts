import { newStep } from "../process/registry";
import { processOf } from "../foods/process";
import { contents, foods, run, vesselOf } from "../process/__tests__/context";
import type { Vessel } from "../process/ledger";
import type { Row } from "../process/row";
import type { StepOf } from "../process/registry";
import { bindingAdvice } from "./advice";

/** A mix of lentils cooked dry, water and oat flour, after so many minutes of rest on the worktop. */
function rested(waterG: number, flourG: number, minutes: number): Row {
  const step: StepOf<"rest"> = { ...newStep("rest", "r"), minutes, where: "worktop" };
  const mix: Vessel = {
    ...vesselOf(contents("lentils-cooked", 400), contents("water", waterG), contents("oat-flour", flourG)),
    boundMin: 0,
  };
  const outcome = run(mix, step);
  return {
    key: "d.r",
    part: "p",
    step,
    state: "computed",
    before: mix,
    outcome,
    scaleSays: null,
    again: false,
    weighed: null,
    refusedReading: null,
  };
}
const adviceFor = (rows: readonly Row[]) => bindingAdvice(rows, foods, processOf).map((a) => a.correction);
const advice = (row: Row) => adviceFor([row])[0] ?? null;

// Card 6: oat flour holds between 1.0 and 2.4 g of water a gram and drinks with a time constant of 60 min.
test("a mix that holds needs nothing; one that has not rested is told to wait", () => {
  expect(advice(rested(30, 60, 600))).toBeNull();
  expect(advice(rested(30, 60, 5))).toEqual({ kind: "wait" });
});
test("too dry: spoons of liquid, by hand", () => {
  // Cooked lentils keep 1.9 g/g: what they hold above it is free. 80 g of flour want 80 to 192 g; the aim is 0.3 of the way.
  const found = advice(rested(20, 80, 600));
  if (found?.kind !== "add-liquid") throw new Error(found?.kind);
  const solids = contents("lentils-cooked", 400);
  const free = solids.waterG + 20 + contents("oat-flour", 80).waterG - 1.9 * (solids.solids.grams[0] ?? 0);
  expect(found.steps).toBeCloseTo((80 + 0.3 * 112 - free) / 9.858, -0.5);
});
test("too wet: spoons of the flour that is in it; far too wet or dry: another way", () => {
  expect(advice(rested(110, 60, 600))).toMatchObject({ kind: "add-binder", food: "oat-flour" });
  expect(advice(rested(600, 40, 600))).toMatchObject({ kind: "other-way", tooWet: true });
  expect(advice(rested(0, 300, 600))).toMatchObject({ kind: "other-way", tooWet: false });
});
test("a mix that holds after the rest it gets only has to be waited for", () => {
  const [mixed, later] = [rested(30, 60, 2), rested(30, 60, 600)];
  expect(adviceFor([mixed, later])).toEqual([{ kind: "wait" }]);
  expect(adviceFor([mixed])).toEqual([{ kind: "wait" }]);
  // Shaped after twenty minutes it holds, though in the long run the flour would want more than there is.
  expect(adviceFor([rested(0, 120, 2), rested(0, 120, 20)])).toEqual([{ kind: "wait" }]);
  expect(advice(rested(0, 120, 600))).not.toBeNull();
  expect(adviceFor([rested(110, 60, 2), rested(110, 60, 600)]).map((c) => c.kind)).toEqual([
    "add-binder",
    "add-binder",
  ]);
});
test("nothing is advised where nothing can be added, and none without a binder", () => {
  const row = rested(110, 60, 600);
  if (row.state !== "computed") throw new Error(row.state);
  const pieces = { count: 8, eachG: 60, form: "ball", diameterMm: 48, thicknessMm: 48, lengthMm: 48 } as const;
  expect(adviceFor([{ ...row, outcome: { ...row.outcome, after: { ...row.outcome.after, pieces } } }])).toEqual([]);
  expect(adviceFor([{ ...row, step: newStep("serve", "s") } as Row])).toEqual([]);
  const outcome = run(vesselOf(contents("lentils-cooked", 400)), newStep("rest", "r"));
  expect(adviceFor([{ ...row, outcome } as Row])).toEqual([]);
});

test("grated potato holds by its own starch once squeezed; wet, it asks for potato starch", () => {
  const binding = (waterG: number) => {
    const step: StepOf<"rest"> = { ...newStep("rest", "r"), minutes: 20, where: "worktop" };
    const raw = contents("potato", 1000);
    const before: Vessel = { ...vesselOf({ ...raw, waterG }), boundMin: 0 };
    const outcome = run(before, step);
    const row: Row = {
      key: "d.r",
      part: "p",
      step,
      state: "computed",
      before,
      outcome,
      scaleSays: null,
      again: false,
      weighed: null,
      refusedReading: null,
    };
    return advice(row);
  };
  // 207.5 g solids: a fifth to a third squeezed out leaves 460–590 g of water (2.2–2.8 g/g).
  expect(binding(590)).toBeNull();
  expect(binding(460)).toBeNull();
  // Unsqueezed: 207.5/0.93 · (1.4 + 0.75 · 2) = 647 g is where it should be.
  expect(binding(793)).toMatchObject({
    kind: "other-way",
    tooWet: true,
    waterG: expect.closeTo(793 - 647, -1) as number,
  });
  expect(binding(660)).toBeNull();
});
