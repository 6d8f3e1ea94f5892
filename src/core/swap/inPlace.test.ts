import { DEMO_KITCHEN } from "@/demo/household";
import { dishOf, inputOf, supperOf } from "../__tests__/supper";
import { openBook } from "../foods/book";
import type { Eater } from "../household/people";
import { plan } from "../plan";
import { answersTo, type Ask, type Table } from "./answer";
import { inPlaceOf, partToSwap, replacedBy } from "./inPlace";

const FOODS = openBook({ foods: [], labels: [] }).food;
const ASK: Ask = {
  form: "strips",
  kind: "beef",
  words: "600 g beef strips",
  rawG: 600,
  setting: "sauce",
  availableMin: null,
  mostHandsMin: null,
  honestOnly: false,
  protein: "plate",
  bringsFat: false,
};
const tableOf = (eaters: readonly Eater[] = []): Table => {
  const supper = supperOf([], { eaters: eaters.map((e) => e.id), guests: 4 - eaters.length });
  return { supper, kitchen: DEMO_KITCHEN, eaters, foods: [], labels: [] };
};
const eater = (more: Partial<Eater>): Eater => ({
  id: "e",
  name: "Ilse",
  avoids: [],
  diets: [],
  dislikes: [],
  age: null,
  ...more,
});
const { answers } = answersTo(ASK, tableOf());
const made = (id: string) => {
  const answer = answers.find((a) => a.route.id === id);
  if (answer === undefined) throw new Error(`no ${id}`);
  return answer.dish;
};
const foodsIn = (dish: { parts: readonly { steps: readonly { adds: readonly object[] }[] }[] }) =>
  dish.parts.flatMap((p) => p.steps.flatMap((s) => s.adds.flatMap((l) => ("food" in l ? [l.food] : []))));

describe("another route in the place of the part that was there", () => {
  const dish = made("soy-strips-seared");
  const part = partToSwap(dish, FOODS);
  test("its part goes, everything else of the dish stays, and it can be cooked", () => {
    if (part === null) throw new Error("nothing to swap");
    const swapped = inPlaceOf(dish, part, made("king-shredded"));
    expect(foodsIn(swapped)).not.toContain("soy-strips");
    expect(swapped.parts.find((p) => p.id === "sauce")).toEqual(dish.parts.find((p) => p.id === "sauce"));
    expect(plan(inputOf([swapped])).blocked).toBe(0);
  });
  test("a dish for eight takes twice as much", () => {
    if (part === null) throw new Error("nothing to swap");
    const grams = (servings: number) =>
      inPlaceOf({ ...dish, servings }, part, dish)
        .parts.find((p) => p.id === part.id)
        ?.steps.flatMap((s) => s.adds.flatMap((l) => (l.kind === "food" ? [l.massG ?? NaN] : [])));
    expect(grams(8)?.map((g) => g / 2)).toEqual(grams(4));
    expect(replacedBy({ ...dish, servings: 8 }, dish)?.rawG).toBe(1200);
  });
  test("what others take the liquor of cannot go", () => {
    if (part === null) throw new Error("nothing to swap");
    const drains = part.steps.find((s) => s.kind === "drain");
    const uses = { kind: "liquor", step: drains?.id ?? "", share: 1 } as const;
    const hung = {
      ...dish,
      parts: dish.parts.map((p) =>
        p.id === part.id
          ? p
          : { ...p, steps: p.steps.map((s, i) => (i === 0 ? { ...s, adds: [...s.adds, uses] } : s)) },
      ),
    };
    expect(partToSwap(hung, FOODS)).toBeNull();
    expect(partToSwap(dishOf([]), FOODS)).toBeNull();
  });
});

test("what is eaten cold is cooled before it is sliced or laid out", () => {
  for (const { route, plan: planned } of answersTo({ ...ASK, form: "cold-slices", setting: "dry" }, tableOf())
    .answers) {
    const rows = planned.dishes[0]?.parts.find((p) => p.id === "main")?.rows ?? [];
    const last = rows.at(-1);
    expect([route.id, last?.state]).toEqual([route.id, "computed"]);
    if (last?.state === "computed") expect([route.id, last.outcome.after.batch.tempC < 25]).toEqual([route.id, true]);
  }
});
test("a gravy follows what somebody does not like, as the main food does", () => {
  const of = (dislikes: readonly string[]) =>
    answersTo(ASK, tableOf([eater({ dislikes })])).answers.find((a) => a.route.id === "soy-strips-seared");
  expect(foodsIn(of([])?.dish ?? dishOf([]))).toContain("onion");
  expect(foodsIn(of(["onion"])?.dish ?? dishOf([]))).not.toContain("onion");
  expect(of(["onion"])?.out).toEqual([]);
  // Nothing takes the place of water: whoever does not like it cannot have the route.
  expect(of(["water"])?.out.map((o) => o.kind)).toContain("disliked");
});
test("what comes for something disliked is nothing that somebody else must not have", () => {
  const eaters = [eater({ dislikes: ["tomato-paste"] }), eater({ id: "f", avoids: ["soy"] })];
  for (const { moved } of answersTo(ASK, tableOf(eaters)).answers)
    expect(moved.flatMap((m) => m.to)).not.toContain("miso");
});
test("a gravy has stock, something sour and a thickener; where stock would have to be read it is made without", () => {
  const of = (avoids: Eater["avoids"]) =>
    foodsIn(
      answersTo(ASK, tableOf([eater({ avoids })])).answers.find((a) => a.route.id === "king-shredded")?.dish ??
        answersTo(ASK, tableOf([eater({ avoids })])).answers[0]?.dish ??
        dishOf([]),
    );
  expect(of([])).toEqual(expect.arrayContaining(["onion", "stock", "cider-vinegar", "corn-starch"]));
  expect(of(["celery"])).not.toContain("stock");
});
test("hands grow with kilos where nobody counts the pieces", () => {
  const hands = (rawG: number) =>
    answersTo({ ...ASK, rawG }, tableOf()).answers.find((a) => a.route.id === "soy-strips-seared")?.handsMin ?? NaN;
  expect(hands(20_000)).toBeGreaterThan(2 * hands(600));
});
