import { DEMO_KITCHEN } from "@/demo/household";
import type { Eater } from "../household/people";
import { isSmall, saltADayG } from "../household/people";
import { ownFood } from "../foods/own";
import { plan, type PlanInput } from "../plan";
import { DIET_RULES, dietSays } from "./diets";
import { newStep } from "../process/registry";
import type { Step } from "../process/registry";

const eater = (more: Partial<Eater>): Eater => ({
  id: "a",
  name: "A",
  avoids: [],
  diets: [],
  dislikes: [],
  age: null,
  ...more,
});
function inputOf(
  lines: readonly (readonly [string, number])[],
  eaters: readonly Eater[],
  labels: PlanInput["labels"] = [],
): PlanInput {
  const adds = lines.map(([food, massG]) => ({ kind: "food" as const, food, massG }));
  const steps = [{ ...newStep("weigh", "w"), adds } as Step];
  const part = { id: "p", name: "P", steps, waitsForTableMin: 10, saltTarget: null, route: null };
  return {
    supper: {
      id: "s",
      name: "S",
      serveAt: "2026-11-29T19:00:00.000Z",
      eaters: eaters.map((e) => e.id),
      guests: 0,
      atHand: [],
      afterMin: {},
      pins: {},
      roomMin: 0,
      madeWith: {},
      dishes: [{ id: "d", name: "D", replaces: null, servings: eaters.length, parts: [part] }],
    },
    foods: [],
    labels,
    kitchen: DEMO_KITCHEN,
    eaters,
    log: [],
  };
}
const diet = (id: Eater["diets"][number], ...lines: readonly (readonly [string, number])[]) =>
  plan(inputOf(lines, [eater({ diets: [id] })])).diets[0];

describe("diets are rules", () => {
  test.each([
    ["vegan", [["potato", 300]], "fits"],
    [
      "vegan",
      [
        ["potato", 300],
        ["butter", 20],
      ],
      "against",
    ],
    [
      "vegan",
      [
        ["potato", 300],
        ["egg", 50],
      ],
      "against",
    ],
    // Stock powder may hold milk, wine may be fined with egg or fish.
    [
      "vegan",
      [
        ["potato", 300],
        ["stock-powder", 5],
      ],
      "ask",
    ],
    [
      "vegan",
      [
        ["potato", 300],
        ["wine-white", 50],
      ],
      "ask",
    ],
    [
      "alcohol-free",
      [
        ["potato", 300],
        ["beer", 50],
      ],
      "against",
    ],
    [
      "alcohol-free",
      [
        ["potato", 300],
        ["wine-vinegar", 10],
      ],
      "fits",
    ],
    ["no-added-oil", [["walnuts", 60]], "fits"],
    ["halal-minded", [["carrot", 200]], "fits"],
    ["halal-minded", [["wine-white", 50]], "against"],
    ["halal-minded", [["bacon", 50]], "against"],
    ["halal-minded", [["beef-mince", 200]], "ask"],
    ["halal-minded", [["butter", 20]], "fits"],
    ["halal-minded", [["cod", 200]], "fits"],
    ["halal-minded", [["wine-vinegar", 10]], "ask"],
    ["halal-minded", [["tamari", 10]], "ask"],
    ["no-added-salt", [["carrot", 200]], "fits"],
    ["no-added-salt", [["salt", 2]], "against"],
    ["no-added-salt", [["soy-sauce", 10]], "against"],
    ["no-added-salt", [["cider-vinegar", 10]], "fits"],
    ["no-added-sugar", [["apple", 200]], "fits"],
    ["no-added-sugar", [["maple-syrup", 10]], "against"],
    ["no-added-sugar", [["balsamic", 10]], "ask"],
    [
      "no-added-oil",
      [
        ["walnuts", 60],
        ["olive-oil", 5],
      ],
      "against",
    ],
    [
      "low-salt",
      [
        ["potato", 300],
        ["salt", 1.4],
      ],
      "fits",
    ],
    [
      "low-salt",
      [
        ["potato", 300],
        ["salt", 1.6],
      ],
      "against",
    ],
    ["vegan", [["nobody-knows", 5]], "ask"],
  ] as const)("%s with %j: %s", (id, lines, verdict) => {
    expect(diet(id, ...lines)).toMatchObject({ diet: id, verdict });
  });
  test("the foods are named; an empty dish is open, and who keeps no diet has no verdict", () => {
    expect(diet("vegan", ["potato", 300], ["butter", 20])?.against.map((f) => f.food)).toEqual(["butter"]);
    expect(diet("vegan")?.verdict).toBe("open");
    expect(plan(inputOf([["butter", 20]], [eater({})])).diets).toEqual([]);
  });
});

describe("a label that says may contain", () => {
  const verdict = (state: "may" | "free" | "contains") =>
    plan(
      inputOf(
        [["stock-powder", 5]],
        [eater({ avoids: ["celery"] })],
        [{ food: "stock-powder", allergen: "celery", state }],
      ),
    ).verdicts[0];
  test("is no pass and no contains: it stands by itself", () => {
    expect(verdict("may")).toMatchObject({ verdict: "may", contains: [], ask: [], may: [{ food: "stock-powder" }] });
    expect(verdict("free")?.verdict).toBe("clear");
    expect(verdict("contains")?.verdict).toBe("contains");
  });
});

test("ages: shapes that choke below five, the stricter where a group straddles it; salt a day by the NHS", () => {
  expect((["under-1", "1-3", "under-5", "4-6"] as const).every((age) => isSmall(eater({ age })))).toBe(true);
  expect(isSmall(eater({ age: "7-10" })) || isSmall(eater({ age: null }))).toBe(false);
  expect(saltADayG(eater({ age: "1-3" }))).toBe(2);
  expect(saltADayG(eater({ age: "7-10" }))).toBe(5);
  expect(saltADayG(eater({ age: null }))).toBe(6);
});

test("a seasoning counts as salted from 400 mg of sodium in 100 g on", () => {
  const rule = DIET_RULES.find((r) => r.id === "no-added-salt");
  const says = (sodiumMg: number | null) => {
    const paste = { ...ownFood("paste", "Paste"), group: "seasoning" as const };
    const food = { ...paste, per100: { ...paste.per100, sodiumMg } };
    return rule && dietSays(rule, "paste", { food: () => food, kin: (id) => id });
  };
  expect([says(399), says(400), says(450), says(null)]).toEqual(["fits", "against", "against", "ask"]);
});
