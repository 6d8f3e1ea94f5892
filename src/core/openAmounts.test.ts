import * as v from "valibot";
import { food, joined, part, step } from "@/demo/write";
import { dishOf, inputOf } from "./__tests__/supper";
import { linesOf, scaleDish } from "./dish/dish";
import { applyFix } from "./mend/applyFix";
import { PlanRequestSchema } from "./formats/requests";
import { ownFood } from "./foods/own";
import type { Eater } from "./household/people";
import { plan, type PlanInput } from "./plan";
import { totalG } from "./process/contents";
import type { Line } from "./process/step";
import { type Ranges, sampleRanges } from "./sampling";

/** A food whose amount nobody has said stays in the dish, and no sum takes it for nothing. */
const unsaid = (id: string): Line => ({ kind: "food", food: id, massG: null });
const eater = (avoids: Eater["avoids"]): Eater => ({ id: "e", name: "E", avoids, diets: [], dislikes: [], age: null });
const stew = (nuts: Line, sauce: Line) =>
  dishOf([
    part("stew", "Stew", null, 15, [
      step("cut", "cut", [food("carrot", 300), nuts], { pieceMm: 10 }),
      step("simmer", "simmer", [food("passata", 500), sauce], { minutes: 20 }),
    ]),
  ]);
const open = inputOf([stew(unsaid("cashews"), unsaid("soy-sauce"))], { eaters: [eater(["nuts"])] });
const atTable = (input: PlanInput): PlanInput => ({ ...input, supper: { ...input.supper, eaters: ["e"] } });
const rowOf = (input: PlanInput, id: string) =>
  plan(input)
    .dishes.flatMap((d) => d.parts.flatMap((p) => p.rows))
    .find((r) => r.step.id === id);
const factsOf = (input: PlanInput, id: string) => {
  const row = rowOf(input, id);
  return row?.state === "computed" ? row.outcome.facts : [];
};
const endG = (input: PlanInput, id: string) => {
  const row = rowOf(input, id);
  return row?.state === "computed" ? totalG(row.outcome.after.batch) : null;
};

describe("an amount that nobody has said", () => {
  test("counts for allergens: whoever avoids nuts cannot eat it", () => {
    expect(plan(atTable(open)).verdicts).toMatchObject([{ eater: "e", allergen: "nuts", verdict: "contains" }]);
  });
  test("its step computes without it and says so; nothing is blocked", () => {
    const planned = plan(open);
    expect(planned.blocked).toBe(0);
    expect(factsOf(open, "cut")).toContainEqual({ kind: "without-amount", foods: ["cashews"] });
    expect(factsOf(open, "simmer")).toContainEqual({ kind: "without-amount", foods: ["soy-sauce"] });
    expect(endG(open, "cut")).toBeCloseTo(300, 0);
  });
  test("sums say at least, by what is missing", () => {
    expect(plan(open).perEater).toMatchObject({ massAtLeast: true, saltAtLeast: true, proteinAtLeast: true });
    expect(plan(open).dishes[0]?.parts[0]?.open).toEqual(["cashews", "soy-sauce"]);
    const water = inputOf([stew(food("cashews", 50), unsaid("water"))]);
    expect(plan(water).perEater).toMatchObject({ massAtLeast: true, saltAtLeast: false, proteinAtLeast: false });
    const said = inputOf([stew(food("cashews", 50), food("soy-sauce", 20))]);
    expect(plan(said).perEater).toMatchObject({ massAtLeast: false, saltAtLeast: false, proteinAtLeast: false });
  });
  test("what is put in while cooking fills it", () => {
    const key = "d.simmer";
    const cooked: PlanInput = { ...open, log: [{ kind: "amount", at: 1, step: key, line: 1, massG: 30 }] };
    const row = rowOf(cooked, "simmer");
    expect(row?.state === "computed" && row.outcome.inputs).toContainEqual(
      expect.objectContaining({ food: "soy-sauce", massG: 30 }),
    );
    expect(factsOf(cooked, "simmer").some((f) => f.kind === "without-amount")).toBe(false);
  });
  test("for more eaters, or with more of a food, it is still not said", () => {
    const massOf = (dish: ReturnType<typeof stew>) =>
      linesOf(dish).flatMap(({ line }) => (line.kind === "food" ? [line.massG] : []));
    const dish = stew(unsaid("cashews"), unsaid("passata"));
    expect(massOf(scaleDish(dish, 3))).toEqual([900, null, 1500, null]);
    // A fix pours beside it, and never takes the unsaid amount for so much.
    const more = applyFix(
      stew(unsaid("cashews"), unsaid("water")),
      "simmer",
      { kind: "add", food: "water", massG: 50 },
      1,
    );
    expect(massOf(more).filter((g) => g === null)).toHaveLength(2);
  });
  test("alone in its part it blocks that part by its name, and what takes the part is worked out without it", () => {
    const soup = inputOf([
      dishOf([
        part("nuts", "Nuts", null, 60, [
          step("soak", "soak", [unsaid("cashews"), unsaid("water")], { minutes: 60 }),
          step("drain", "drain", []),
        ]),
        part("soup", "Soup", null, 15, [
          step("simmer", "simmer", [food("passata", 500), joined("nuts")], { minutes: 10 }),
        ]),
      ]),
    ]);
    expect(rowOf(soup, "soak")).toMatchObject({
      state: "blocked",
      failure: { kind: "amount-missing", foods: ["cashews", "water"] },
    });
    expect(rowOf(soup, "simmer")).toMatchObject({ state: "computed" });
    expect(plan(soup).dishes[0]?.parts[1]?.open).toEqual(["cashews", "water"]);
    expect(plan(soup).perEater.massAtLeast).toBe(true);
  });
  test("raw beans of an amount that nobody said are raw all the same", () => {
    const raw = inputOf([
      dishOf([
        part("p", "P", null, 15, [step("season", "season", [food("passata", 300), unsaid("kidney-beans-dry")])]),
      ]),
    ]);
    const row = rowOf(raw, "season");
    expect(row?.state === "computed" && row.outcome.after.marks).toContain("raw-beans");
  });
  test("the API takes it, and takes a body without any such field as before", () => {
    expect(v.safeParse(PlanRequestSchema, open).success).toBe(true);
    expect(v.safeParse(PlanRequestSchema, inputOf([stew(food("cashews", 50), food("soy-sauce", 20))])).success).toBe(
      true,
    );
    const negative = inputOf([stew(food("cashews", -1), food("soy-sauce", 20))]);
    expect(v.safeParse(PlanRequestSchema, negative).success).toBe(false);
  });
});

describe("a range of grams", () => {
  const ranged = (massG: number): Line => ({
    kind: "food",
    food: "onion",
    massG,
    between: { lowG: 0.7 * massG, highG: 1.5 * massG },
  });
  const weighed = (line: Line) => inputOf([dishOf([part("p", "P", null, 15, [step("weigh", "weigh", [line])])])]);
  const rangesOf = (input: PlanInput): Ranges => {
    const run = sampleRanges(input, 200, 1);
    for (let next = run.next(); ; next = run.next()) if (next.done === true) return next.value;
  };
  const massG = (input: PlanInput) => rangesOf(input)["d.weigh"]?.massG;
  test("“1 onion” is what one weighs, likely in the plan and between in its ranges", () => {
    expect(endG(weighed(ranged(110)), "weigh")).toBeCloseTo(110, 6);
    const found = massG(weighed(ranged(110)));
    expect(found?.low).toBeGreaterThan(80);
    expect(found?.low).toBeLessThan(100);
    expect(found?.high).toBeGreaterThan(125);
    const exact = massG(weighed(food("onion", 110)));
    expect(exact?.high).toBeCloseTo(exact?.low ?? NaN, 6);
  });
  test("a food of which nobody knows the water computes, widely, and says so", () => {
    const mine = ownFood("own-x", "Aunt's mix");
    const input: PlanInput = {
      ...inputOf([
        dishOf([
          part("p", "P", null, 15, [
            step("simmer", "simmer", [food("own-x", 200), food("passata", 300)], { minutes: 10 }),
          ]),
        ]),
      ]),
      foods: [mine],
    };
    expect(plan(input).blocked).toBe(0);
    expect(factsOf(input, "simmer")).toContainEqual({ kind: "guessed-water", foods: ["own-x"] });
    expect(plan(input).perEater).toMatchObject({ saltAtLeast: true, proteinAtLeast: true });
    const found = rangesOf(input)["d.simmer"];
    expect((found?.waterG.high ?? 0) - (found?.waterG.low ?? 0)).toBeGreaterThan(60);
  });
});
