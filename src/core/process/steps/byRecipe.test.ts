import { dishOf, inputOf } from "../../__tests__/supper";
import { DEMO_KITCHEN } from "@/demo/household";
import { judge } from "../../judge";
import type { Part } from "../../dish/dish";
import { plan, type PlanInput } from "../../plan";
import { totalG } from "../contents";
import { conservationGapG } from "../ledger";
import { newStep, type Step, type StepKind } from "../registry";
import { choosing, chosenOf, type FoodLine, type Line, timesStep } from "../step";

/** Kinds of step that whole recipes ask for: straining, throwing away, oil that is taken again, the recipe's own words. */

const food = (id: string, massG: number): FoodLine => ({ kind: "food", food: id, massG });
const step = (kind: StepKind, id: string, adds: readonly Line[] = [], more: object = {}): Step =>
  ({ ...newStep(kind, id), ...more, adds }) as Step;
const part = (id: string, ...steps: readonly Step[]): Part => ({
  id,
  name: id,
  steps,
  waitsForTableMin: 10,
  saltTarget: null,
  route: null,
});
const planned = (parts: readonly Part[], more: Partial<PlanInput> = {}) => plan(inputOf([dishOf(parts)], more));
const rowsOf = (parts: readonly Part[], more: Partial<PlanInput> = {}) => {
  const rows = planned(parts, more).dishes[0]?.parts.flatMap((p) => p.rows) ?? [];
  return (id: string) => {
    const row = rows.find((r) => r.step.id === id);
    if (row?.state !== "computed")
      throw new Error(`${id}: ${row?.state === "blocked" ? row.failure.kind : row?.state}`);
    return row.outcome;
  };
};
const stopsOf = (parts: readonly Part[]) => {
  const input = inputOf([dishOf(parts)]);
  return judge(input, plan(input), null).map((c) => c.rule);
};

describe("straining", () => {
  const STOCK = [
    step("weigh", "w", [food("onion", 300), food("carrot", 200), food("celery", 150)]),
    step("simmer", "s", [food("water", 2000)], { minutes: 45, lid: true }),
  ];
  test("a stock: nearly all of the water comes through, the vegetables weigh about what they weighed (common practice)", () => {
    const of = rowsOf([part("stock", ...STOCK, step("strain", "t"))]);
    const { after, outputs } = of("t");
    expect(totalG(after.batch)).toBeGreaterThan(1700);
    expect(totalG(after.batch)).toBeLessThan(2150);
    const left = totalG(outputs[0]?.contents ?? after.batch);
    expect(left).toBeGreaterThan(400);
    expect(left).toBeLessThan(750);
    expect(after.batch.solids.sum).toBe(0);
    expect(conservationGapG(of("s").after, of("t"))).toBeLessThan(1e-9);
  });
  test("pieces go on and what they lay in is taken by a sauce: no gram is lost between them", () => {
    const of = rowsOf([
      part("p", ...STOCK, step("strain", "t", [], { keep: "pieces" })),
      part("sauce", step("reduce", "r", [{ kind: "liquor", step: "t", share: 1 }, food("soy-sauce", 20)])),
    ]);
    expect(totalG(of("t").after.batch)).toBeLessThan(750);
    expect(of("r").inputs[0]).toMatchObject({ from: "liquor", step: "t" });
    expect(totalG(of("r").inputs[0]?.contents ?? of("t").after.batch)).toBeGreaterThan(1700);
  });
  test("lentils keep what they drank: 100 g dry come to two to three times as much (common practice), the salt is as strong in both", () => {
    const of = rowsOf([
      part(
        "p",
        step("weigh", "w", [food("green-lentils", 100)]),
        step("simmer", "s", [food("water", 800), food("salt", 6)], { minutes: 30 }),
        step("strain", "t", [], { keep: "pieces" }),
      ),
    ]);
    const { batch } = of("t").after;
    expect(totalG(batch)).toBeGreaterThan(200);
    expect(totalG(batch)).toBeLessThan(300);
    const poured = of("t").outputs[0]?.contents;
    expect((poured?.saltG ?? 0) / (poured?.waterG ?? 1)).toBeCloseTo(batch.saltG / batch.waterG, 3);
  });
  test("pieces that are strained off raw stay raw in whatever takes them", () => {
    const beans = (minutes: number) => [
      part(
        "beans",
        step("weigh", "w", [food("kidney-beans-dry", 200)]),
        step("soak", "k", [food("water", 800)], { minutes: 700, waterC: 18 }),
        step("simmer", "s", [food("water", 900)], { minutes }),
        step("strain", "t", [], { keep: "liquid" }),
      ),
      part("salad", step("season", "z", [{ kind: "liquor", step: "t", share: 1 }, food("lemon-juice", 20)])),
    ];
    expect(stopsOf(beans(2))).toContain("kidney-lectin");
    expect(rowsOf(beans(2))("z").after.marks).toContain("raw-beans");
  });
  test("a smooth sauce passes the sieve whole; from nothing nothing is strained", () => {
    const of = rowsOf([part("p", step("weigh", "w", [food("soy-milk", 400)]), step("strain", "t"))]);
    expect(totalG(of("t").after.batch)).toBeCloseTo(400, 6);
    expect(of("t").facts).toContainEqual({ kind: "nothing-to-drain" });
    expect(() => rowsOf([part("p", step("strain", "t"))])("t")).toThrow("empty-vessel");
  });
});

test("protein of what is strained off counts only where it is taken again", () => {
  const broth = (...more: readonly Part[]) =>
    planned([
      part(
        "p",
        step("weigh", "w", [food("chickpeas-cooked", 400)]),
        step("simmer", "s", [food("water", 900)], { minutes: 10 }),
        step("strain", "t"),
      ),
      ...more,
    ]).perEater.proteinG;
  const salad = (share: number) => part("salad", step("season", "z", [{ kind: "liquor", step: "t", share }]));
  expect(broth()).toBeCloseTo(0, 1);
  expect(broth(salad(1))).toBeCloseTo((4 * 8.86) / 4, -1);
  expect(broth(salad(0.5))).toBeCloseTo(broth(salad(1)) / 2, 1);
});
test("what is thrown away is neither eaten nor served", () => {
  const eaten = planned([
    part("p", step("weigh", "w", [food("tofu-firm", 400), food("salt", 4)]), step("discard", "x", [], { share: 0.5 })),
  ]);
  const whole = planned([part("p", step("weigh", "w", [food("tofu-firm", 400), food("salt", 4)]))]);
  expect(eaten.perEater.saltG).toBeCloseTo((whole.perEater.saltG ?? NaN) / 2, 6);
  expect(eaten.perEater.proteinG).toBeCloseTo(whole.perEater.proteinG / 2, 6);
  const none = planned([
    part("p", step("weigh", "w", [food("tofu-firm", 400)])),
    part("bin", step("weigh", "v", [food("onion", 100)]), step("discard", "x")),
  ]);
  expect(none.dishes[0]?.parts.find((p) => p.id === "bin")?.rows.at(-1)).toMatchObject({ state: "computed" });
  expect(none.perEater.proteinG).toBeCloseTo(
    planned([part("p", step("weigh", "w", [food("tofu-firm", 400)]))]).perEater.proteinG,
    6,
  );
});

test("chips are fried twice in one oil: what the first frying left is all that the second one has", () => {
  const of = rowsOf([
    part(
      "chips",
      step("cut", "c", [food("potato", 400)], { pieceMm: 10 }),
      step("deep-fry", "one", [food("rapeseed-oil", 1000)], { oilC: 140, minutes: 5 }),
      step("deep-fry", "two", [{ kind: "liquor", step: "one", share: 1 }], { oilC: 185, minutes: 2 }),
    ),
  ]);
  const left = of("one").outputs.find((o) => o.to === "drain")?.contents.oilG ?? 0;
  expect(left).toBeGreaterThan(900);
  expect(of("two").inputs[0]?.contents.oilG).toBeCloseTo(left, 6);
});

describe("minutes that a recipe gives for the pan", () => {
  const fried = (minutes: number | null, coreC: number | null = 74) =>
    rowsOf([
      part(
        "p",
        step("weigh", "w", [food("chickpeas-cooked", 400), food("egg", 50)]),
        step("shape", "h", [], { form: "patty", pieceG: 90, diameterMm: 85 }),
        step("fry", "f", [food("rapeseed-oil", 20)], { minutes, coreC }),
      ),
    ])("f");
  const fact = (of: ReturnType<typeof fried>, kind: string) => of.facts.find((f) => f.kind === kind);
  test("none: as long as the middle needs", () => expect(fact(fried(null), "cooked-through")).toBeDefined());
  test("too few: they are taken, the middle is what it is, and raw egg stays raw", () => {
    const short = fried(2);
    expect(fact(short, "batches")).toMatchObject({ eachMin: 2 });
    expect(fact(short, "core-short")).toMatchObject({ givenMin: 2, coreC: 74 });
    expect(short.after.batch.tempC).toBeLessThan(74);
    expect(short.after.marks).toContain("raw-egg");
  });
  test("enough: the middle is hot, and no hotter than asked", () => {
    const long = fried(20);
    expect(fact(long, "cooked-through")).toBeDefined();
    expect(long.after.batch.tempC).toBeCloseTo(74, 6);
    expect(long.after.marks).not.toContain("raw-egg");
  });
});

describe("a step in the recipe's own words", () => {
  const done = (more: object, adds: readonly Line[] = [], kitchen = DEMO_KITCHEN) =>
    [
      [
        part(
          "p",
          step("weigh", "w", [food("tofu-firm", 400)]),
          step("as-written", "a", adds, { text: "Flambé it.", ...more }),
        ),
      ],
      { kitchen },
    ] as const;
  test("it keeps every gram but steam, and nobody knows how much of that", () => {
    const cold = rowsOf(...done({}, [food("soy-sauce", 20)]))("a");
    expect(totalG(cold.after.batch)).toBeCloseTo(420, 6);
    const hot = rowsOf(...done({ heat: "hob" }))("a");
    expect(totalG(hot.after.batch)).toBeLessThan(400);
    expect(totalG(hot.after.batch)).toBeGreaterThan(300);
    expect(hot.facts).toContainEqual({ kind: "as-written", heated: true, timed: false });
  });
  test("it holds its burner, its oven, its oil; a kitchen without says so", () => {
    expect(rowsOf(...done({ heat: "hob" }))("a").needs).toContainEqual({ kind: "burner" });
    expect(rowsOf(...done({ heat: "oil" }))("a").needs).toContainEqual({ kind: "burner" });
    expect(rowsOf(...done({ heat: "oven", heatC: 160 }))("a").needs).toEqual([{ kind: "oven", tempC: 160 }]);
    expect(rowsOf(...done({}))("a").needs).toEqual([]);
    expect(() => rowsOf(...done({ heat: "oven" }, [], { ...DEMO_KITCHEN, ovens: [] }))("a")).toThrow("no-oven");
    expect(() => rowsOf(...done({ heat: "hob" }, [], { ...DEMO_KITCHEN, burners: [] }))("a")).toThrow("no-burner");
  });
  test("its minutes are those it says, under the hands, an eye, or by themselves; without any some are taken", () => {
    const of = (more: object) => rowsOf(...done(more))("a").phases.map((p) => [p.kind, Math.round(p.minutes)]);
    expect(of({ minutes: 12, attention: "wait" }).at(-1)).toEqual(["wait", 12]);
    expect(of({ minutes: 12, attention: "watch" }).at(-1)).toEqual(["watch", 12]);
    expect(of({ minutes: 12, attention: "hands" })).toEqual([["hands", 12]]);
    const [, guessed] = of({ attention: "watch" }).at(-1) ?? [];
    expect(Number(guessed)).toBeGreaterThanOrEqual(2);
    expect(Number(guessed)).toBeLessThanOrEqual(20);
  });
  test("nothing raw counts as cooked by it, however hot and long it says it is", () => {
    const raw = (...steps: readonly Step[]) =>
      rowsOf([
        part("p", step("weigh", "w", [food("chickpeas-cooked", 400), food("egg", 100)]), ...steps, step("serve", "v")),
      ])("v").after.marks;
    const words = { text: "Grill on a spit.", minutes: 90, heat: "oven", heatC: 250 };
    expect(raw(step("as-written", "a", [], words))).toContain("raw-egg");
    expect(
      raw(step("as-written", "a", [], words), step("simmer", "s", [food("water", 300)], { minutes: 60 })),
    ).not.toContain("raw-egg");
  });
});

describe("this or that", () => {
  const CHOICE = { of: [food("soy-sauce", 20), food("tamari", 20)], optional: false };
  const WINE = { of: [food("wine-red", 120)], optional: true };
  const pan = { ...step("simmer", "s", [food("water", 300), food("soy-sauce", 20)]), choices: [CHOICE, WINE] };
  test("one press takes the other where the first stood; what may be left out is, and comes back", () => {
    const other = choosing(pan, CHOICE, 1);
    expect(other.adds).toEqual([food("water", 300), food("tamari", 20)]);
    expect(chosenOf(other, CHOICE)).toEqual({ option: 1, line: 1 });
    expect(choosing(other, CHOICE, 0)).toEqual(pan);
    expect(choosing(pan, CHOICE, null)).toBe(pan);
    const withWine = choosing(pan, WINE, 0);
    expect(withWine.adds.at(-1)).toEqual(food("wine-red", 120));
    expect(choosing(withWine, WINE, null)).toEqual(pan);
  });
  test("what is not taken counts nowhere, and grows with the dish all the same", () => {
    const salt = (s: Step) => planned([part("p", s)]).perEater.saltG;
    const plain = step("simmer", "s", [food("water", 300), food("soy-sauce", 20)]);
    expect(salt(pan)).toBe(salt(plain));
    expect(timesStep(pan, 2).choices?.[1]?.of[0]).toEqual(food("wine-red", 240));
  });
});
