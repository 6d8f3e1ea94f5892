import { contents, food, refusal, run, vesselOf } from "../__tests__/context";
import { at, totalG } from "../contents";
import { conservationGapG, type Vessel } from "../ledger";
import { newStep, type StepOf } from "../registry";

const aside = (more: Partial<StepOf<"set-aside">> = {}): StepOf<"set-aside"> => ({
  ...newStep("set-aside", "s"),
  ...more,
});
const beans = vesselOf(contents("chickpeas-dry", 500));

test("a share goes, the rest stays as it was, in three minutes", () => {
  const made = run(beans, aside({ share: 0.4 }));
  expect(totalG(made.after.batch)).toBeCloseTo(300, 9);
  expect(made.after.batch.tempC).toBe(20);
  expect(made.outputs).toMatchObject([{ to: "kept" }]);
  expect(made.facts).toEqual([{ kind: "set-aside", massG: expect.closeTo(200, 9) }]);
  expect(made.phases).toEqual([{ kind: "hands", minutes: 3 }]);
  expect(conservationGapG(beans, made)).toBeLessThan(1e-9);
});
test("with as much of what it lies in", () => {
  const wet: Vessel = { ...beans, bath: contents("water", 1000) };
  const made = run(wet, aside({ share: 0.25 }));
  expect(totalG(made.after.bath as NonNullable<Vessel["bath"]>)).toBeCloseTo(750, 9);
  expect(conservationGapG(wet, made)).toBeLessThan(1e-9);
});
test("of pieces whole ones: of nine patties a third is three, of two always one", () => {
  const shaped = (count: number): Vessel => ({
    ...beans,
    pieces: { count, eachG: 500 / count, form: "patty", diameterMm: 80, thicknessMm: 12, lengthMm: 80 },
  });
  const of = (count: number, share: number) => run(shaped(count), aside({ share })).after;
  expect(of(9, 0.35).pieces).toMatchObject({ count: 6, eachG: 500 / 9 });
  expect(totalG(of(9, 0.35).batch)).toBeCloseTo((500 * 6) / 9, 9);
  expect(of(2, 0.05).pieces?.count).toBe(1);
  expect(of(2, 0.95).pieces?.count).toBe(1);
  // A single loaf is cut.
  expect(of(1, 0.4).pieces).toMatchObject({ count: 1, eachG: expect.closeTo(300, 9) });
});
test("what is hot is told how fast it cools there, by its own depth; what is cold is not", () => {
  const hot = (massG: number) => vesselOf(at(contents("chickpeas-dry", massG), 95));
  const hours = (depthMm: number, where: "fridge" | "freezer" = "fridge") =>
    run(hot(1000), aside({ where, depthMm })).facts.flatMap((f) =>
      f.kind === "cooled" ? [f.hoursTo21 as number] : [],
    );
  expect(hours(80)[0]).toBeGreaterThan(hours(25)[0] as number);
  expect(hours(50, "freezer")[0]).toBeLessThan(hours(50)[0] as number);
  // FDA Food Code 3-501.14: an inch deep it is below 21 °C within two hours, a pot's depth is not.
  expect(hours(25)[0]).toBeLessThan(2);
  expect(hours(80)[0]).toBeGreaterThan(2);
  expect(run(beans, aside()).facts.some((f) => f.kind === "cooled")).toBe(false);
});
test("nothing there, a share of none or all", () => {
  expect(refusal(vesselOf(contents("water", 0)), aside())).toMatchObject({ kind: "empty-vessel" });
  for (const share of [0, 1, -1, Number.NaN])
    expect(refusal(beans, aside({ share }))).toMatchObject({ kind: expect.stringMatching(/range|number/) });
});
test("its own lines lie in it before", () => {
  expect(totalG(run(beans, aside({ adds: [food("water", 500)] })).after.batch)).toBeCloseTo(500, 9);
});
