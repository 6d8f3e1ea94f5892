import { NOTHING, totalG } from "./contents";
import { conservationGapG, EMPTY_VESSEL, type Outcome } from "./ledger";
import { correctByReading, wayBack } from "./weighIn";
import { combineSolids, solidsOf } from "./solids";

/** 160 g strips at M0 0.08 soaked to M 2.30, squeezed to 363 g: the numbers of the hand calculation. */
const squeezed = (waterG: number, saltG: number): Outcome => ({
  after: { ...EMPTY_VESSEL, batch: { ...NOTHING, solids: solidsOf("soy-strips", 148.148), waterG, saltG } },
  inputs: [],
  outputs: [{ to: "drain", contents: { ...NOTHING, waterG: 340.741 - waterG, saltG: 2.99 - saltG } }],
  phases: [],
  needs: [],
  facts: [],
});

test("418 g instead of 363 g: water and salt both rise by the same factor, by hand", () => {
  const outcome = squeezed(212.983, 1.869);
  const corrected = correctByReading("liquor", outcome, 418);
  if (!corrected.ok) throw new Error("refused");
  // (418 − 148.148) / (363 − 148.148) = 269.852 / 214.852 = 1.25599
  const k = 269.852 / 214.852;
  const { batch } = corrected.value.outcome.after;
  expect(corrected.value.factor).toBeCloseTo(k, 5);
  expect(batch.waterG).toBeCloseTo(212.983 * k, 2);
  expect(batch.saltG).toBeCloseTo(1.869 * k, 3);
  expect(totalG(batch)).toBeCloseTo(418, 6);
  expect(corrected.value.outcome.outputs[0]?.contents.waterG).toBeCloseTo(340.741 - 212.983 * k, 2);
});

test.each([
  [120, "below-possible"],
  [148.1, "below-possible"],
  [900, "above-possible"],
] as const)("%s g after the squeeze asks instead of correcting", (readingG, kind) => {
  const corrected = correctByReading("liquor", squeezed(213, 1.87), readingG);
  expect(corrected).toMatchObject({ ok: false, failure: { kind } });
});

test("the most that can be in the bowl is all that ran off, with what is dissolved in it", () => {
  // 148.148 + 340.741 + 2.99 = 491.879 g: nothing was pressed out. Half a gram is the scale's own.
  expect(correctByReading("liquor", squeezed(213, 1.87), 492.3).ok).toBe(true);
  const over = correctByReading("liquor", squeezed(213, 1.87), 492.5);
  expect(over).toMatchObject({ ok: false, failure: { kind: "above-possible" } });
  if (!over.ok && over.failure.kind === "above-possible") expect(over.failure.highestG).toBeCloseTo(491.879, 3);
});

test("of a coat no more clings than was offered, but for the half gram of the scale", () => {
  const batch = { ...NOTHING, solids: solidsOf("tofu-firm", 100), waterG: 300 };
  const offered = { ...NOTHING, solids: solidsOf("corn-starch", 40) };
  const coated: Outcome = {
    after: {
      ...EMPTY_VESSEL,
      batch: { ...batch, solids: combineSolids(batch.solids, solidsOf("corn-starch", 25), 1) },
    },
    inputs: [{ from: "food", food: "corn-starch", massG: 40, contents: offered }],
    outputs: [{ to: "utensil", contents: { ...NOTHING, solids: solidsOf("corn-starch", 15) } }],
    phases: [],
    needs: [],
    facts: [],
  };
  const corrected = (readingG: number) => correctByReading("clings", coated, readingG);
  expect(corrected(440.4)).toMatchObject({ ok: true });
  expect(corrected(470)).toMatchObject({ ok: false, failure: { kind: "above-possible", highestG: 440 } });
  expect(corrected(380)).toMatchObject({ ok: false, failure: { kind: "below-possible", lowestG: 400 } });
});

test("within a tenth of what was computed no reading is refused, and every gram is accounted for", () => {
  const before = { ...EMPTY_VESSEL, batch: { ...NOTHING, solids: solidsOf("tofu-firm", 100), waterG: 300 } };
  const weighed = (meaning: "addition" | "clings" | "water" | "liquor", readingG: number) => {
    const outcome: Outcome = { after: before, inputs: [], outputs: [], phases: [], needs: [], facts: [] };
    const corrected = correctByReading(meaning, outcome, readingG);
    if (!corrected.ok) return corrected.failure.kind;
    expect(totalG(corrected.value.outcome.after.batch)).toBeCloseTo(readingG, 2);
    expect(conservationGapG(before, corrected.value.outcome)).toBeLessThan(0.01);
    return "accepted";
  };
  for (const readingG of [361, 390, 400, 410, 439]) {
    expect([readingG, weighed("water", readingG)]).toEqual([readingG, "accepted"]);
    expect([readingG, weighed("liquor", readingG)]).toEqual([readingG, "accepted"]);
  }
  expect([weighed("water", 445), weighed("liquor", 445)]).toEqual(["above-possible", "above-possible"]);
});

test("after frying a difference is water alone: the salt stays", () => {
  const fried: Outcome = {
    after: { ...EMPTY_VESSEL, batch: { ...NOTHING, solids: solidsOf("x", 100), waterG: 80, saltG: 3, oilG: 10 } },
    inputs: [],
    outputs: [{ to: "air", contents: { ...NOTHING, waterG: 40 } }],
    phases: [],
    needs: [],
    facts: [],
  };
  const corrected = correctByReading("water", fried, 203);
  if (!corrected.ok) throw new Error("refused");
  expect(corrected.value.outcome.after.batch).toMatchObject({ waterG: 90, saltG: 3, oilG: 10 });
  expect(corrected.value.outcome.outputs[0]?.contents.waterG).toBeCloseTo(30, 9);
});

test("nothing is weighed while the food still lies in its bath, or where a reading means nothing", () => {
  const outcome = squeezed(213, 1.87);
  const inBath = { ...outcome, after: { ...outcome.after, bath: { ...NOTHING, waterG: 100 } } };
  expect(correctByReading("liquor", inBath, 363)).toMatchObject({ ok: false, failure: { kind: "not-weighed-here" } });
  expect(correctByReading(null, outcome, 363)).toMatchObject({ ok: false, failure: { kind: "not-weighed-here" } });
});

test("the way back to plan: once more, water back in, what is missing; none for what cannot be taken out again", () => {
  const squeeze = { scaleSays: "liquor", again: true } as const;
  expect(wayBack(squeeze, 368, 418)).toEqual({ kind: "again", toG: 368 });
  expect(wayBack(squeeze, 368, 340)).toEqual({ kind: "water", massG: 28 });
  // 2 % of 368 g are 7.36 g; of little, 3 g.
  expect(wayBack(squeeze, 368, 375.3)).toBeNull();
  expect(wayBack(squeeze, 368, 375.4)).toEqual({ kind: "again", toG: 368 });
  expect(wayBack(squeeze, 50, 52.9)).toBeNull();
  expect(wayBack(squeeze, 50, 53)).toEqual({ kind: "again", toG: 50 });
  const season = { scaleSays: "addition", again: false } as const;
  expect(wayBack(season, 400, 380)).toEqual({ kind: "add", massG: 20 });
  expect(wayBack(season, 400, 420)).toBeNull();
  expect(wayBack({ scaleSays: "water", again: false }, 400, 300)).toBeNull();
});
