import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, MUSTARD_STRIPS } from "@/demo/household";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import { conservationGapG, vesselContents } from "../process/ledger";
import { totalG } from "../process/contents";
import type { Row } from "../process/row";
import { editStep, placeStep, removePart, removeStep } from "./edit";
import { STEP_KINDS, newStep } from "../process/registry";
import type { Dish } from "./dish";
import { duplicate, factorForGrams, factorForTin, gramsOf, scaleAmounts } from "./scale";

const inputOf = (dish: Dish, guests = dish.servings): PlanInput => ({
  supper: {
    id: "s",
    name: "S",
    serveAt: "2026-11-29T19:00:00.000Z",
    eaters: [],
    guests,
    atHand: [],
    afterMin: {},
    pins: {},
    roomMin: 0,
    madeWith: {},
    dishes: [dish],
  },
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
});
const rowsOf = (input: PlanInput): Row[] => plan(input).dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows]));

describe("the demo shelf", () => {
  test("at least ten dishes, and between them every kind of step but what is for another supper, or comes of a recipe", () => {
    expect(DEMO_DISHES.length).toBeGreaterThanOrEqual(10);
    const used = new Set(DEMO_DISHES.flatMap((d) => d.parts.flatMap((p) => p.steps.map((s) => s.kind))));
    expect(STEP_KINDS.filter((k) => !used.has(k))).toEqual(["strain", "discard", "set-aside", "as-written"]);
  });
  test.each(DEMO_DISHES.map((d) => [d.id, d] as const))("%s cooks to the end, safe, every gram kept", (_id, dish) => {
    const planned = plan(inputOf(dish));
    expect(planned.blocked).toBe(0);
    expect(judge(inputOf(dish), planned, null).filter((c) => c.severity === "stop")).toEqual([]);
    expect(planned.perEater.massG).toBeGreaterThan(150);
    for (const row of rowsOf(inputOf(dish)))
      if (row.state === "computed")
        expect(conservationGapG(row.before, row.outcome)).toBeLessThan(
          1e-9 * totalG(vesselContents(row.before)) + 1e-9,
        );
  });
});

describe("scaling", () => {
  test("by grams in hand: 240 g of strips where 160 are written is half as much again", () => {
    const factor = factorForGrams(MUSTARD_STRIPS, "soy-strips", 240, 1);
    expect(factor).toEqual({ ok: true, value: 1.5 });
    expect(gramsOf(scaleAmounts(MUSTARD_STRIPS, 1.5), "soy-strips")).toBe(240);
    expect(scaleAmounts(MUSTARD_STRIPS, 1)).toEqual(MUSTARD_STRIPS);
    const [part] = MUSTARD_STRIPS.parts;
    const counted = [
      { ...newStep("slice", "a"), count: 20 },
      { ...newStep("stuff", "b"), count: 6 },
    ] as const;
    const sliced = { ...MUSTARD_STRIPS, parts: [{ ...part!, steps: counted }] };
    const counts = (factor: number) =>
      scaleAmounts(sliced, factor).parts[0]?.steps.map((s) => ("count" in s ? s.count : null));
    expect([counts(1.5), counts(0.01)]).toEqual([
      [30, 9],
      [1, 1],
    ]);
    expect(factorForGrams(MUSTARD_STRIPS, "beef-mince", 240, 1)).toMatchObject({ ok: false });
    expect(factorForGrams(MUSTARD_STRIPS, "soy-strips", 90_000, 1)).toMatchObject({
      failure: { kind: "out-of-range" },
    });
  });
  test("by tin: 8 × 8 to 9 × 13 in is × 1.83, a 12 in round is about a 9 × 13 (0.97; common practice)", () => {
    const inch = 2.54;
    const tin = (l: number, w: number, round = false) => ({
      id: "t",
      name: "T",
      lengthCm: l * inch,
      widthCm: w * inch,
      heightCm: 5,
      round,
    });
    const factor = (a: ReturnType<typeof tin>, b: ReturnType<typeof tin>) => {
      const f = factorForTin(a, b);
      return f.ok ? f.value : NaN;
    };
    expect(factor(tin(8, 8), tin(9, 13))).toBeCloseTo(1.83, 2);
    expect(factor(tin(9, 13), tin(12, 12, true))).toBeCloseTo(0.967, 3);
  });
  test("grams scale, minutes by size and targets don't; batches grow", () => {
    const of = (factor: number, id: string) => {
      const row = rowsOf(inputOf(scaleAmounts(MUSTARD_STRIPS, factor), 5)).find((r) => r.step.id === id);
      if (row?.state !== "computed") throw new Error(id);
      return row;
    };
    const mass = (factor: number, id: string) => totalG(of(factor, id).outcome.after.batch);
    expect(mass(2, "strips-drain") / mass(1, "strips-drain")).toBeGreaterThan(1.95);
    const minutes = (factor: number) => of(factor, "mash-boil").outcome.facts.find((f) => f.kind === "cooked-through");
    expect(minutes(2)).toEqual(minutes(1));
    const batches = (factor: number) => of(factor, "strips-sear").outcome.facts.find((f) => f.kind === "batches");
    expect((batches(2) as { count: number }).count).toBeGreaterThan((batches(1) as { count: number }).count);
  });
  test("a dish without kitchen limits is homogeneous: eaters doubled, grams doubled", () => {
    const gel: Dish = {
      ...MUSTARD_STRIPS,
      parts: [
        {
          id: "g",
          name: "G",
          waitsForTableMin: 10,
          saltTarget: null,
          route: null,
          steps: [
            { ...newStep("weigh", "w"), adds: [{ kind: "food", food: "chickpeas-cooked", massG: 300 }] },
            { ...newStep("season", "s"), saltTo: 0.012, adds: [{ kind: "food", food: "lemon-juice", massG: 20 }] },
          ],
        },
      ],
    };
    const end = (guests: number) => plan(inputOf(gel, guests)).dishes[0]?.parts[0]?.endG as number;
    expect(end(10) / end(5)).toBeCloseTo(2, 12);
  });
  test("a copy has another id and nothing else but its name", () => {
    expect({ ...duplicate(MUSTARD_STRIPS, "x", "Again"), id: MUSTARD_STRIPS.id, name: MUSTARD_STRIPS.name }).toEqual(
      MUSTARD_STRIPS,
    );
  });
});

describe("parts as a graph", () => {
  const torn = DEMO_DISHES.find((d) => d.id === "torn-filling") as Dish;
  const bake = DEMO_DISHES.find((d) => d.id === "polenta-bake") as Dish;
  const row = (dish: Dish, id: string) => rowsOf(inputOf(dish)).find((r) => r.step.id === id);
  test("a sauce is used twice, and its shares add up", () => {
    const white = plan(inputOf(bake)).dishes[0]?.parts.find((p) => p.id === "white");
    expect(white?.served).toBe(false);
    const greedy = editStep(bake, "bake-top", (s) => ({ ...s, adds: [{ kind: "part", part: "white", share: 0.6 }] }));
    const blocked = rowsOf(inputOf(greedy)).find((r) => r.state === "blocked");
    expect(blocked).toMatchObject({ failure: { kind: "part-used-up", part: "white" } });
  });
  test("liquor that ran off goes into another step, salt and all, and only once", () => {
    const reduce = row(torn, "dressing-reduce");
    const drained = row(torn, "dressing-drain");
    if (reduce?.state !== "computed" || drained?.state !== "computed") throw new Error("not computed");
    const ran = drained.outcome.outputs.find((l) => l.to === "drain");
    const came = reduce.outcome.inputs.find((c) => c.from === "liquor");
    expect(came?.contents).toEqual(ran?.contents);
    const twice = editStep(torn, "dressing-season", (s) => ({
      ...s,
      adds: [{ kind: "liquor", step: "dressing-drain", share: 0.5 }],
    }));
    expect(row(twice, "dressing-season")).toMatchObject({ failure: { kind: "liquor-used-up" } });
  });
  test("a step that is gone takes the lines with it that asked for its liquor; a missing one is said", () => {
    const without = removeStep(torn, "dressing-drain");
    expect(JSON.stringify(without)).not.toContain('"liquor","step":"dressing-drain"');
    const asking = editStep(torn, "dressing-season", (s) => ({
      ...s,
      adds: [{ kind: "liquor", step: "no", share: 1 }],
    }));
    expect(row(asking, "dressing-season")).toMatchObject({ failure: { kind: "liquor-missing", step: "no" } });
    expect(
      removePart(bake, "white")
        .parts.flatMap((p) => p.steps.flatMap((s) => s.adds))
        .some((l) => l.kind === "part" && l.part === "white"),
    ).toBe(false);
  });
  test("a cycle names the part and leaves the others computed", () => {
    const round = editStep(bake, "white-weigh", (s) => ({ ...s, adds: [{ kind: "part", part: "bake", share: 0.5 }] }));
    const planned = plan(inputOf(round));
    expect(
      planned.dishes[0]?.parts.flatMap((p) => p.rows).some((r) => r.state === "blocked" && r.failure.kind === "cycle"),
    ).toBe(true);
    expect(planned.dishes[0]?.parts.find((p) => p.id === "polenta")?.endG).toBeGreaterThan(0);
  });
  test("a step put elsewhere and back is the same dish; past the ends is the end", () => {
    const moved = placeStep(torn, "torn-press", 0);
    expect(moved.parts[0]?.steps[0]?.id).toBe("torn-press");
    expect(placeStep(moved, "torn-press", 2)).toEqual(torn);
    expect(placeStep(torn, "torn-freeze", -5)).toEqual(torn);
    expect(placeStep(torn, "torn-freeze", 99).parts[0]?.steps.at(-1)?.id).toBe("torn-freeze");
  });
  test("a part that is frozen does not join, and whatever comes to a frozen block waits for the thaw", () => {
    const frozen = editStep(bake, "crumble-season", (s) => ({ ...newStep("store", s.id), where: "freezer" as const }));
    expect(row(frozen, "bake-layer")).toMatchObject({ failure: { kind: "part-frozen", part: "crumble" } });
    const hasty = removeStep(torn, "torn-thaw");
    for (const id of ["torn-press", "torn-tear"])
      expect(
        row(
          {
            ...hasty,
            parts: hasty.parts.map((p) => ({
              ...p,
              steps: p.steps.filter((s) => s.id === "torn-freeze" || s.id === id),
            })),
          },
          id,
        ),
      ).toMatchObject({
        failure: { kind: "still-frozen" },
      });
  });
});
