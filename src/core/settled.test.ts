import { DEMO_DISHES, DEMO_EATERS } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf } from "./__tests__/supper";
import type { Dish } from "./dish/dish";
import { judge } from "./judge";
import { openIn } from "./open";
import { plan, type PlanInput } from "./plan";
import type { Line } from "./process/step";
import type { Doubt } from "./season/doubts";

/** "Settled" is earned: nothing that harms, is unsaid, unread, or ten times what cooks take. */
const open = (input: PlanInput) => {
  const planned = plan(input);
  return openIn(planned, judge(input, planned, null));
};
const sauce = (line: Line, more: Partial<Dish> = {}): PlanInput =>
  inputOf([
    {
      ...dishOf([
        part("s", "S", null, 15, [
          step("cut", "cut", [food("onion", 300)], { pieceMm: 8 }),
          step("brown", "brown", [food("olive-oil", 20)], { browningMin: 5 }),
          step("simmer", "simmer", [food("passata", 700), line], { minutes: 20 }),
        ]),
      ]),
      ...more,
    },
  ]);
const doubts = (input: PlanInput): readonly Doubt[] => plan(input).doubts;

describe("an amount far from what cooks take", () => {
  // Usual grams in a kilogram: the table of seasonings, from memory; ten times that is asked.
  test.each([
    ["chilli-flakes", 100, true],
    ["chilli-flakes", 3, false],
    ["stock-powder", 300, true],
    ["stock-powder", 10, false],
    ["bay", 30, true],
    ["oregano", 4, false],
    ["oregano", 90, true],
    ["harissa", 60, false],
    ["corn-starch", 25, false],
    ["soy-granules", 400, false],
    ["red-pepper", 900, false],
  ])("%s, %d g beside a kilogram of sauce: asked %s", (id, massG, asked) => {
    const found = doubts(sauce(food(id, massG))).filter((d) => d.kind === "share");
    expect(found.map((d) => d.food)).toEqual(asked ? [id] : []);
    // It changes no figure.
    if (asked) expect(plan(sauce(food(id, massG))).blocked).toBe(0);
  });
  test("water that is poured away does not thin it", () => {
    const strips = (massG: number) =>
      inputOf([
        dishOf([
          part("s", "S", null, 15, [
            step("soak", "soak", [food("soy-strips", 160), food("water", 3000)]),
            step("drain", "drain", []),
            step("squeeze", "squeeze", []),
            step("marinate", "m", [food("soy-sauce", 20), food("water", 30), food("chilli-flakes", massG)]),
          ]),
        ]),
      ]);
    expect(doubts(strips(40)).filter((d) => d.kind === "share")).toHaveLength(1);
    expect(doubts(strips(1)).filter((d) => d.kind === "share")).toEqual([]);
  });
  test("one press answers it, until the amount is another one", () => {
    const line: Line = { kind: "food", food: "chilli-flakes", massG: 100, sure: true };
    expect(doubts(sauce(line)).filter((d) => d.kind === "share")).toEqual([]);
  });
  test("more than 6 g of salt, or 1.5 kg of liquid, for each is asked; guests are eaters", () => {
    const salty = sauce(food("salt", 40));
    expect(doubts(salty)).toContainEqual(expect.objectContaining({ kind: "salt" }));
    expect(doubts({ ...salty, supper: { ...salty.supper, guests: 12 } }).filter((d) => d.kind === "salt")).toHaveLength(
      1,
    );
    expect(doubts(sauce(food("salt", 8))).filter((d) => d.kind === "salt")).toEqual([]);
    const each = doubts(salty).find((d) => d.kind === "salt");
    const answered = sauce(food("salt", 40), { sure: { saltG: each?.kind === "salt" ? each.eachG : 0 } });
    expect(doubts(answered).filter((d) => d.kind === "salt")).toEqual([]);
    // The answer was for that much, and for no more.
    const more = sauce(
      food("salt", 60),
      answered.supper.dishes[0]?.sure === undefined ? {} : { sure: answered.supper.dishes[0].sure },
    );
    expect(doubts(more).filter((d) => d.kind === "salt")).toHaveLength(1);
    expect(doubts(sauce(food("water", 8000)))).toContainEqual(expect.objectContaining({ kind: "liquid" }));
  });
  test("salted water for pasta and oil to fry in are as cooks take them", () => {
    const pasta = inputOf([
      dishOf([
        part("p", "P", null, 15, [
          step("weigh", "w", [food("pasta", 400)]),
          step("cook", "c", [food("water", 4000), food("salt", 40)]),
          step("drain", "d", []),
        ]),
      ]),
    ]);
    expect(doubts(pasta)).toEqual([]);
  });
  test("nothing of the demo is asked", () => {
    for (const dish of DEMO_DISHES)
      expect([dish.name, doubts(inputOf([dish], { eaters: DEMO_EATERS }))]).toEqual([dish.name, []]);
  });
});

describe("settled is earned", () => {
  test("the demo's dishes are settled by themselves", () => {
    for (const dish of DEMO_DISHES) expect([dish.name, open(inputOf([dish])).count]).toEqual([dish.name, 0]);
  });
  test("a stop, a step without an account, an unsaid amount, a doubt and a warning that an edit removes are each open", () => {
    const raw = inputOf([
      dishOf([
        part("p", "P", null, 15, [
          step("soak", "s", [food("kidney-beans-dry", 200), food("water", 800)], { minutes: 600, chilled: true }),
          step("drain", "d", []),
          step("season", "x", [food("olive-oil", 20)]),
        ]),
      ]),
    ]);
    expect(open(raw).stops.map((c) => c.rule)).toContain("raw-pulses");
    expect(open(raw).count).toBeGreaterThan(0);
    expect(open(sauce({ kind: "food", food: "gone", massG: 5 })).count).toBe(1);
    expect(open(sauce({ kind: "food", food: "basil", massG: null })).unsaid).toEqual(["basil"]);
    expect(open(sauce(food("chilli-flakes", 100))).count).toBe(1);
    const hard = inputOf([
      dishOf([
        part("p", "P", null, 15, [
          step("weigh", "w", [food("green-lentils", 300)]),
          step("cook", "c", [food("water", 1200)], { minutes: 4 }),
          step("drain", "d", []),
        ]),
      ]),
    ]);
    expect(open(hard).mendable.map((c) => c.rule)).toContain("pulses-underdone");
  });
  test("what stands beside any such work unsettles nothing", () => {
    const boiled = inputOf([
      dishOf([
        part("p", "P", null, 15, [
          step("cut", "c", [food("potato", 600)], { pieceMm: 25 }),
          step("boil", "b", [food("water", 1500)], { minutes: 15 }),
          step("drain", "d", []),
        ]),
      ]),
    ]);
    const planned = plan(boiled);
    expect(judge(boiled, planned, null).map((c) => c.rule)).toContain("boiling-water");
    expect(open(boiled).count).toBe(0);
  });
});
