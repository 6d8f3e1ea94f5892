import { food as lineOf, part as demoPart, step } from "@/demo/write";
import { dishOf, inputOf } from "../__tests__/supper";
import { plan } from "../plan";
import { DEMO_DISHES, DEMO_EATERS, demoSupper } from "@/demo/household";
import { openBook } from "../foods/book";
import { ownFood } from "../foods/own";
import { exchange, insteadOf } from "../swap/instead";
import type { Dish, Supper } from "../dish/dish";
import type { Eater } from "../household/people";
import { eaterVerdicts } from "./eaters";
import { whoCanEat, whoseDiet } from "./matrix";

const book = openBook({ foods: [ownFood("dust", "Dust")], labels: [] });
const part = (id: string, adds: Dish["parts"][number]["steps"][number]["adds"]) =>
  ({
    id,
    name: id,
    steps: [{ id: `${id}-1`, kind: "weigh", adds, handsMin: null, mayWaitMin: null }],
    waitsForTableMin: 10,
    saltTarget: null,
    route: null,
  }) as unknown as Dish["parts"][number];
const food = (id: string) => ({ kind: "food", food: id, massG: 100 }) as const;
const of = (id: string) => ({ kind: "part", part: id, share: 1 }) as const;
const dish = (...parts: Dish["parts"]): Dish => ({ id: "d", name: "D", replaces: null, servings: 2, parts });
const supperOf = (d: Dish): Supper => ({ ...demoSupper("2026-11-29T19:00:00.000Z"), eaters: ["a"], dishes: [d] });
const ada: Eater = { id: "a", name: "Ada", avoids: ["wheat", "nuts"], diets: [], dislikes: [], age: null };
const cells = (d: Dish) =>
  whoCanEat(supperOf(d), [ada], book.food).map((c) => [
    c.part,
    c.verdict,
    c.by.map((b) => `${b.food}:${b.allergen}`).join(" "),
  ]);

test("part by part, with all that a part takes from another; what nobody knows asks, what is missing is open", () => {
  expect(
    cells(
      dish(
        part("plain", [food("carrot")]),
        part("batter", [food("wheat-flour"), food("walnuts")]),
        part("fried", [food("oyster-mushrooms"), of("batter")]),
        part("odd", [food("dust")]),
        part("empty", []),
        part("torn", [food("carrot"), of("gone")]),
      ),
    ),
  ).toEqual([
    ["plain", "clear", ""],
    ["batter", "contains", "wheat-flour:wheat walnuts:nuts"],
    ["fried", "contains", "wheat-flour:wheat walnuts:nuts"],
    ["odd", "ask", "dust:wheat dust:nuts"],
    ["empty", "open", ""],
    ["torn", "open", ""],
  ]);
});
test("what is fried in the oil of another part, or baked on its tray, is clear only apart from it", () => {
  type Steps = Dish["parts"][number]["steps"];
  const cooked = (id: string, kind: string, ...adds: Steps[number]["adds"]) => {
    const [first] = part(id, adds).steps;
    return { ...part(id, adds), steps: [first, { ...first, id: `${id}-2`, kind, adds: [] }] as unknown as Steps };
  };
  const batter = part("batter", [food("wheat-flour")]);
  const shared = (...parts: Dish["parts"]) =>
    whoCanEat(supperOf(dish(...parts)), [ada], book.food).map((c) => [
      c.part,
      c.verdict,
      c.shared.map((s) => `${s.in} ${s.part} ${s.by.map((b) => b.food).join(" ")}`).join(", "),
    ]);
  const fillets = cooked("fillets", "deep-fry", food("celeriac"), of("batter"));
  const chips = cooked("chips", "deep-fry", food("potato"));
  expect(shared(batter, fillets, chips, part("dip", [food("tomato")]))).toEqual([
    ["batter", "contains", ""],
    ["fillets", "contains", ""],
    ["chips", "shared", "oil fillets wheat-flour"],
    ["dip", "clear", ""],
  ]);
  // What takes the chips is fried with them; what goes into the fillets is not fried beside them.
  expect(shared(batter, fillets, chips, part("plate", [of("chips")])).at(-1)).toEqual([
    "plate",
    "shared",
    "oil fillets wheat-flour",
  ]);
  expect(shared(batter, fillets, cooked("chips", "bake", food("potato"))).at(-1)).toEqual(["chips", "clear", ""]);
  const crust = cooked("crust", "bake", food("wheat-flour"));
  expect(shared(crust, cooked("roots", "bake", food("carrot"))).at(-1)).toEqual([
    "roots",
    "shared",
    "tray crust wheat-flour",
  ]);
  expect(shared(crust, cooked("roots", "air-fry", food("carrot"))).at(-1)).toEqual(["roots", "clear", ""]);
  // In a dish of its own it touches no tray; what was done on another day is done.
  const [cut] = part("pie", [food("carrot")]).steps;
  const inDish = [
    { ...cut, kind: "layer" },
    { ...cut, id: "pie-2", kind: "bake", adds: [] },
  ] as unknown as Steps;
  expect(shared(crust, { ...part("pie", []), steps: inDish }).at(-1)).toEqual(["pie", "clear", ""]);
  const ready = { ...crust, steps: crust.steps.map((s) => ({ ...s, ready: true })) };
  expect(shared(ready, cooked("roots", "bake", food("carrot"))).at(-1)).toEqual(["roots", "clear", ""]);
  // Dust in the oil is unknown: no pass either.
  expect(shared(cooked("odd", "deep-fry", food("dust")), chips).at(-1)).toEqual([
    "chips",
    "shared",
    "oil odd dust dust",
  ]);
});
test("two parts that take each other are open, not endless; who avoids nothing has no column", () => {
  expect(cells(dish(part("x", [of("y")]), part("y", [of("x")])))).toEqual([
    ["x", "open", ""],
    ["y", "open", ""],
  ]);
  expect(whoCanEat(supperOf(dish(part("x", []))), [{ ...ada, avoids: [] }], book.food)).toEqual([]);
});
test("no part is clear of what the verdict on the whole finds in it, in every dish of the demo", () => {
  for (const d of DEMO_DISHES) {
    const supper: Supper = { ...supperOf(d), eaters: DEMO_EATERS.map((e) => e.id) };
    const table = whoCanEat(supper, DEMO_EATERS, book.food);
    for (const v of eaterVerdicts(supper, DEMO_EATERS, book.food))
      for (const found of v.contains)
        for (const name of found.parts) {
          const p = d.parts.find((x) => x.name === name);
          expect(table.find((c) => c.part === p?.id && c.eater === v.eater)?.verdict).toBe("contains");
        }
  }
});
test("an exchange takes a food's place everywhere, with its share, and clears what it was for", () => {
  const before = dish(part("batter", [food("wheat-flour"), food("water")]));
  const way = insteadOf("wheat-flour", "wheat");
  const after = exchange(before, way as NonNullable<typeof way>);
  expect(after.parts[0]?.steps[0]?.adds).toEqual([food("rice-flour"), food("water")]);
  expect(cells(after)[0]?.[1]).not.toBe("contains");
  expect(insteadOf("tofu-firm", "soy")).toBeNull();
  expect(insteadOf("wheat-flour", "soy")).toBeNull();
});

test("diets part by part, with what a part takes from another; a food nobody knows asks, and no diet has no cell", () => {
  const bea: Eater = {
    id: "a",
    name: "Bea",
    avoids: [],
    diets: ["vegan", "no-added-salt", "low-salt"],
    dislikes: [],
    age: null,
  };
  const made = dish(
    part("plain", [food("carrot")]),
    part("brine", [food("salt"), food("milk")]),
    part("pickled", [food("cabbage-white"), of("brine")]),
    part("odd", [food("nobody-knows-it")]),
  );
  const told = whoseDiet(supperOf(made), [bea], book).map((c) => [
    c.part,
    c.against.map((x) => `${x.food}:${x.diet}`).sort(),
    c.ask.map((x) => `${x.food}:${x.diet}`),
  ]);
  expect(told[0]).toEqual(["plain", [], []]);
  expect(told[1]).toEqual(["brine", ["milk:vegan", "salt:no-added-salt"], []]);
  expect(told[2]?.[1]).toEqual(["milk:vegan", "salt:no-added-salt"]);
  expect(told[3]).toEqual(["odd", [], ["nobody-knows-it:vegan", "nobody-knows-it:no-added-salt"]]);
  expect(whoseDiet(supperOf(made), [{ ...bea, diets: [] }], book)).toEqual([]);
  // Low salt is a matter of the whole supper: no part is called fitting for it.
  expect(whoseDiet(supperOf(made), [{ ...bea, diets: ["low-salt"] }], book)).toEqual([]);
  const gaps = whoseDiet(supperOf(dish(part("empty", []), part("gone", [of("nowhere")]))), [bea], book);
  expect(gaps.map((c) => c.open)).toEqual([true, true]);
  expect(whoseDiet({ ...supperOf(made), eaters: [] }, [bea], book)).toEqual([]);
});

test("a pan, a board or a blender that another part was in is clear only apart, or after a wash, which takes its minutes", () => {
  const steps = (id: string, kind: string, more: object, ...adds: Dish["parts"][number]["steps"][number]["adds"]) => {
    const [first] = part(id, adds).steps;
    return { ...part(id, adds), steps: [first, { ...first, id: `${id}-2`, kind, adds: [], ...more }] } as never;
  };
  const seen = (d: Dish) =>
    whoCanEat(supperOf(d), [ada], book.food).map((c) => [c.part, c.verdict, c.shared.map((s) => s.in)]);
  const both = (kind: string, more: object = {}, others: object = {}) =>
    seen(dish(steps("seitan", kind, others, food("seitan")), steps("tofu", kind, more, food("carrot"))));
  for (const [kind, where] of [
    ["sear", "pan"],
    ["cut", "board"],
    ["pulse", "blender"],
  ] as const) {
    expect(both(kind)[1]).toEqual(["tofu", "shared", [where]]);
    expect(both(kind, { washed: true })[1]).toEqual(["tofu", "clear", []]);
  }
  // Another pan by name is another pan.
  expect(both("sear", { pan: "a" }, { pan: "b" })[1]).toEqual(["tofu", "clear", []]);
  expect(both("sear", { pan: "a" }, { pan: "a" })[1]).toEqual(["tofu", "shared", ["pan"]]);
  const washing = (washed: boolean) =>
    plan(
      inputOf([
        dishOf([demoPart("p", "P", null, 15, [step("cut", "c", [lineOf("carrot", 300)], washed ? { washed } : {})])]),
      ]),
    ).tasks.reduce((m, t) => (t.kind === "hands" ? m + t.minutes : m), 0);
  expect(washing(true) - washing(false)).toBeCloseTo(3, 6);
});
