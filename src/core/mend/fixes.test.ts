import { DEMO_KITCHEN } from "@/demo/household";
import { judge } from "../judge";
import { plan, type PlannedPart } from "../plan";
import type { Caution } from "../safety/rule";
import { newStep, type Step, type StepKind } from "../process/registry";
import type { Fact } from "../process/fact";
import { applyFix } from "./applyFix";
import type { Dish } from "../dish/dish";
import { type Fix, fixesOf } from "./fixes";

type Made = readonly [kind: StepKind, settings: object, ...adds: readonly (readonly [food: string, massG: number])[]];

const dishOf = (...steps: readonly Made[]): Dish => ({
  id: "d",
  name: "Try",
  servings: 2,
  replaces: null,
  parts: [
    {
      id: "p",
      name: "Part",
      steps: steps.map(
        ([kind, settings, ...adds], i) =>
          ({
            ...newStep(kind, `s${i + 1}`),
            ...settings,
            adds: adds.map(([food, massG]) => ({ kind: "food", food, massG })),
          }) as Step,
      ),
      waitsForTableMin: 30,
      saltTarget: null,
      route: null,
    },
  ],
});
/** The one part of the dish, made for so many people. */
function planned(
  dish: Dish,
  guests = 2,
): PlannedPart & { readonly advice: ReturnType<typeof plan>["advice"]; readonly cautions: readonly Caution[] } {
  const supper = {
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
  };
  const input = { supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: [], log: [] };
  const whole = plan(input);
  const part = whole.dishes[0]?.parts[0];
  if (!part) throw new Error("no part");
  return { ...part, advice: whole.advice, cautions: judge(input, whole, null) };
}
function offered(dish: Dish, step: string, guests = 2): readonly Fix[] {
  const part = planned(dish, guests);
  const at = part.rows.findIndex((r) => r.step.id === step);
  const key = part.rows[at]?.key;
  return fixesOf(part.rows, at, {
    advice: part.advice.find((a) => a.step === key) ?? null,
    cautions: part.cautions.filter((c) => c.step === key),
    kitchen: DEMO_KITCHEN,
  });
}
/** The only fix of a step, taken. */
function taken(dish: Dish, step: string, guests = 2): Dish {
  const [fix, ...others] = offered(dish, step, guests);
  if (!fix || others.length > 0) throw new Error(`fixes of ${step}: ${others.length + (fix ? 1 : 0)}`);
  return applyFix(dish, step, fix, guests / 2);
}
const told = (dish: Dish, step: string, guests = 2): readonly Fact["kind"][] => {
  const row = planned(dish, guests).rows.find((r) => r.step.id === step);
  if (row?.state !== "computed") throw new Error(`${step} is ${row?.state}`);
  return row.outcome.facts.map((f) => f.kind);
};

const MIXED: readonly Made[] = [
  ["bind", {}, ["lentils-cooked", 400], ["onion", 80], ["oat-flour", 60], ["ground-flax", 15], ["water", 20]],
  ["shape", { form: "loaf", pieceG: 570, diameterMm: 90 }],
];
const SOAKED: readonly Made[] = [["soak", { waterC: 90, minutes: 40 }, ["soy-strips", 100], ["water", 120]]];

describe("one press, and the plan says it no more", () => {
  test.each<readonly [StepKind, object]>([
    ["bake", { ovenC: 180, minutes: 15, coreC: 74 }],
    ["bake", { ovenC: 160, minutes: 20, coreC: 85, cover: "foil" }],
    ["steam", { minutes: 10, coreC: 74 }],
    ["air-fry", { ovenC: 190, minutes: 10, coreC: 74 }],
  ])("a loaf that is cold inside after %s gets its minutes", (kind, settings) => {
    const dish = dishOf(...MIXED, [kind, settings]);
    expect(told(dish, "s3")).toContain("core-short");
    expect(told(taken(dish, "s3"), "s3")).toContain("cooked-through");
  });
  test.each([2, 5])("strips that drink the bowl dry get the water, at %d in the table", (guests) => {
    const dish = dishOf(...SOAKED);
    expect(told(dish, "s1", guests)).toContain("bath-short");
    const fixed = taken(dish, "s1", guests);
    expect(told(fixed, "s1", guests)).toEqual(["soaked"]);
    // More of the water that goes in, not a second line of it.
    expect(fixed.parts[0]?.steps[0]?.adds).toHaveLength(2);
  });
  test("rice in too little water gets what is missing", () => {
    const dish = dishOf(["cook", {}, ["rice-white", 200], ["water", 180]]);
    expect(told(dish, "s1")).toContain("bath-short");
    expect(told(taken(dish, "s1"), "s1")).not.toContain("bath-short");
  });
  test("a frozen block is thawed before it is pressed; a thaw that was too short is not followed by another", () => {
    const frozen = (...between: readonly Made[]) =>
      dishOf(["weigh", {}, ["tofu-firm", 400]], ["freeze", {}], ...between, ["press", {}]);
    const fixed = taken(frozen(), "s3");
    expect(fixed.parts[0]?.steps.map((s) => s.kind)).toEqual(["weigh", "freeze", "thaw", "press"]);
    expect(told(fixed, "s3")).toContain("pressed");
    const short = frozen(["thaw", { minutes: 10, how: "fridge" }]);
    expect(offered(short, "s4")).toEqual([]);
    expect(told(taken(short, "s3"), "s4")).toContain("pressed");
  });
  test("soaked strips are drained before they are browned", () => {
    const dish = dishOf(
      ["soak", { minutes: 40 }, ["soy-strips", 100], ["water", 600]],
      ["brown", {}, ["sunflower-oil", 20]],
    );
    expect(told(dish, "s2")).toContain("undrained");
    const fixed = taken(dish, "s2");
    expect(fixed.parts[0]?.steps.map((s) => s.kind)).toEqual(["soak", "drain", "brown"]);
    expect(told(fixed, "s2")).not.toContain("undrained");
  });
  test("potatoes in a step for pulses, and rice in a step for potatoes, change the step and keep what goes in", () => {
    const potato = taken(dishOf(["cook", {}, ["potato", 500], ["water", 900], ["salt", 8]]), "s1");
    expect(potato.parts[0]?.steps[0]).toMatchObject({ id: "s1", kind: "boil" });
    expect(potato.parts[0]?.steps[0]?.adds).toHaveLength(3);
    expect(told(potato, "s1")).not.toEqual([]);
    const rice = taken(dishOf(["boil", {}, ["rice-white", 200], ["water", 500]]), "s1");
    expect(rice.parts[0]?.steps[0]?.kind).toBe("cook");
    expect(told(rice, "s1")).toContain("softened");
  });
  test.each([2, 1])(
    "a mix that is too wet or too dry holds once its spoons are in and it has rested, for %d",
    (guests) => {
      const mix = (waterG: number, flourG: number) =>
        dishOf(
          ["bind", {}, ["lentils-cooked", 400], ["oat-flour", flourG], ["water", waterG]],
          ["rest", { minutes: 60 }],
        );
      for (const [dish, food] of [
        [mix(0, 90), "water"],
        [mix(140, 60), "oat-flour"],
      ] as const) {
        const [fix] = offered(dish, "s1", guests);
        expect(fix).toMatchObject({ kind: "add", food });
        const after = planned(applyFix(dish, "s1", fix as Fix, guests / 2), guests);
        expect(after.advice.filter(({ correction }) => correction.kind !== "wait")).toEqual([]);
      }
    },
  );
  test("a mix that only has to wait gets a rest behind it, once", () => {
    const mix = (...more: readonly Made[]) =>
      dishOf(["bind", {}, ["lentils-cooked", 400], ["oat-flour", 80], ["water", 60]], ...more);
    const waits = offered(mix(), "s1");
    expect(waits).toEqual([{ kind: "put-after", step: "rest" }]);
    expect(taken(mix(), "s1").parts[0]?.steps.map((s) => s.kind)).toEqual(["bind", "rest"]);
    expect(offered(mix(["rest", { minutes: 60 }]), "s1")).toEqual([]);
  });
  test("carrots that would stay firm and lentils that would stay hard get their minutes", () => {
    const carrots = dishOf(["boil", { pieceMm: 20, minutes: 3 }, ["carrot", 400], ["water", 900]]);
    expect(taken(carrots, "s1").parts[0]?.steps[0]).toMatchObject({ minutes: expect.any(Number) });
    expect(offered(taken(carrots, "s1"), "s1")).toEqual([]);
    // Tempeh is tender as it comes: ten minutes of steam are its own.
    expect(offered(dishOf(["steam", { minutes: 10 }, ["tempeh", 300]]), "s1")).toEqual([]);
    const lentils = dishOf(["cook", { minutes: 8 }, ["green-lentils", 200], ["water", 800]]);
    const after = taken(lentils, "s1");
    expect(offered(after, "s1")).toEqual([]);
    expect((after.parts[0]?.steps[0] as { minutes: number }).minutes).toBeGreaterThan(15);
  });
  test("a sauce that is too thin at its end gets starch, and one that is thickened later does not", () => {
    const thin = dishOf(["simmer", { minutes: 5 }, ["water", 400], ["tomato-paste", 20], ["corn-starch", 3]]);
    expect(offered(thin, "s1")).toMatchObject([{ kind: "add", food: "corn-starch" }]);
    expect(offered(taken(thin, "s1"), "s1")).toEqual([]);
    const later: readonly Made[] = [
      ["simmer", { minutes: 5 }, ["water", 400], ["tomato-paste", 20], ["corn-starch", 3]],
      ["thicken", {}, ["corn-starch", 8]],
    ];
    expect(offered(dishOf(...later), "s1")).toEqual([]);
  });
  test("a pot that is too small for the oil is changed for one that is not; the blender for the food processor is no fix", () => {
    const frying = dishOf(
      ["cut", { pieceMm: 15 }, ["potato", 400]],
      ["deep-fry", { pan: "small-pot", oilC: 175, minutes: 6 }, ["sunflower-oil", 1500]],
    );
    expect(offered(frying, "s2")).toEqual([{ kind: "gear", key: "pan", id: "pot", name: "Big pot" }]);
    const larger = taken(frying, "s2");
    expect(larger.parts[0]?.steps[1]).toMatchObject({ pan: "pot" });
    expect(offered(larger, "s2")).toEqual([]);
  });
  test("what would stand warm for too long goes into the fridge; what is held or fried at a wrong heat gets the right one", () => {
    const rested = dishOf(
      ["bind", {}, ["lentils-cooked", 400], ["oat-flour", 80], ["water", 60]],
      ["rest", { minutes: 200, where: "worktop" }],
    );
    expect(offered(rested, "s2")).toEqual([{ kind: "chill", key: "where" }]);
    expect(taken(rested, "s2").parts[0]?.steps[1]).toMatchObject({ where: "fridge" });
    const marinated = dishOf(
      ["cut", {}, ["tofu-firm", 400]],
      ["marinate", { minutes: 300, chilled: false }, ["soy-sauce", 40], ["water", 60]],
    );
    expect(offered(marinated, "s2")).toContainEqual({ kind: "chill", key: "chilled" });
    const held = dishOf(["cook", {}, ["green-lentils", 200], ["water", 800]], ["hold", { holdC: 50, minutes: 20 }]);
    expect(offered(held, "s2")).toContainEqual({ kind: "heat", key: "holdC", tempC: 60 });
    expect(offered(applyFix(held, "s2", { kind: "heat", key: "holdC", tempC: 60 }, 1), "s2")).toEqual([]);
    const lukewarm = dishOf(["weigh", {}, ["lentils-cooked", 400]], ["reheat", { coreC: 60 }]);
    expect(offered(lukewarm, "s2")).toContainEqual({ kind: "heat", key: "coreC", tempC: expect.closeTo(74, 0) });
  });
  test("a setting takes no more than its field", () => {
    const dish = dishOf(["boil", { pieceMm: 20, minutes: 3 }, ["carrot", 400], ["water", 900]]);
    const fixed = applyFix(dish, "s1", { kind: "minutes", minutes: 9000 }, 1);
    expect(fixed.parts[0]?.steps[0]).toMatchObject({ minutes: 240 });
  });
  test("what is well, waits or has several ways out offers nothing", () => {
    expect(offered(dishOf(["soak", {}, ["soy-strips", 100], ["water", 900]]), "s1")).toEqual([]);
    const blocked = dishOf(["press", {}], ["cut", {}]);
    expect(offered(blocked, "s1")).toEqual([]);
    expect(offered(blocked, "s2")).toEqual([]);
    expect(fixesOf([], 0, { advice: null, cautions: [], kitchen: DEMO_KITCHEN })).toEqual([]);
  });
});
