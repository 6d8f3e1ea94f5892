import { allergenTable } from "./allergens";
import { allFoods, freezeFoods, openBook, withAllergensOfToday } from "./book";
import type { Food } from "./food";
import { ownFood } from "./own";
import { processOf } from "./process";
import { FOODS } from "./table";

const like = (id: string, more: Partial<Food> = {}): Food => ({ ...ownFood("own-1", "Mine"), like: id, ...more });
const NOTHING = { foods: [], labels: [] };

describe("one way to look a food up", () => {
  test("the table, then labels, then own foods; nobody knows the rest", () => {
    const book = openBook({
      foods: [like("wheat-flour")],
      labels: [
        { food: "tamari", figure: "sodiumMg", per100: 6100 },
        { food: "tamari", allergen: "gluten", state: "free" },
      ],
    });
    expect(book.food("tamari")).toMatchObject({ per100: { sodiumMg: 6100 }, allergens: { gluten: "free" } });
    expect(book.food("own-1")?.name).toBe("Mine");
    expect(book.food("gone")).toBeNull();
    expect(openBook(NOTHING).food("tamari")).toEqual(FOODS.find((f) => f.id === "tamari"));
  });
  test("an own food inherits process figures and what it contains, never that it is free", () => {
    const book = openBook({ foods: [like("wheat-flour")], labels: [] });
    const { allergens } = book.food("own-1") as Food;
    expect(allergens.gluten).toBe("contains");
    // Wheat flour is free of soy; of the own food nobody knows.
    expect(allergens.soy).toBe("unknown");
    expect(book.figures("own-1")).toBe(processOf("wheat-flour"));
    expect(book.kin("own-1")).toBe("wheat-flour");
    expect(book.food("own-1")?.measures.tbsp).toBe(FOODS.find((f) => f.id === "wheat-flour")?.measures.tbsp);
  });
  test("what the cook said of an own food stands: a flour like wheat whose packet says gluten-free", () => {
    const free = like("wheat-flour", { allergens: { ...ownFood("x", "x").allergens, gluten: "free" } });
    expect(openBook({ foods: [free], labels: [] }).food("own-1")?.allergens.gluten).toBe("free");
  });
  test("an own food may be like another own food; a circle ends", () => {
    const second = { ...ownFood("own-2", "Second"), like: "own-1" };
    const book = openBook({ foods: [like("kidney-beans-dry"), second], labels: [] });
    expect(book.kin("own-2")).toBe("kidney-beans-dry");
    const circle = openBook({ foods: [like("own-2"), second], labels: [] });
    expect(circle.food("own-1")?.name).toBe("Mine");
    expect(circle.figures("own-2")).toEqual({});
  });
  test("all foods: the table's own when nothing was said, own ones behind it otherwise", () => {
    expect(allFoods(NOTHING)).toBe(FOODS);
    const all = allFoods({ foods: [like("tofu-firm")], labels: [] });
    expect(all).toHaveLength(FOODS.length + 1);
    expect(all.at(-1)?.allergens.soy).toBe("contains");
  });
});

describe("a cooking keeps its figures, not its allergens", () => {
  const book = openBook({ foods: [like("soy-strips")], labels: [] });
  const frozen = freezeFoods(["own-1", "tamari", "gone"], book);
  test("process figures go along, and win over the table", () => {
    expect(frozen.map((f) => f.id)).toEqual(["own-1", "tamari"]);
    expect(frozen[0]?.process).toBe(processOf("soy-strips"));
    const other = { ...(frozen[0] as Food), process: { keepsMoisture: 9 } };
    expect(openBook({ foods: [other], labels: [] }).figures("own-1")).toEqual({ keepsMoisture: 9 });
    const wetter = { ...(frozen[1] as Food), per100: { ...(frozen[1] as Food).per100, waterG: 50 } };
    expect(openBook({ foods: [wetter], labels: [] }).food("tamari")?.per100.waterG).toBe(50);
  });
  test("of allergens the stricter of then and today holds, and the change is told", () => {
    const today = openBook({
      foods: [like("soy-strips", { allergens: allergenTable(["nuts"]) })],
      labels: [{ food: "tamari", allergen: "gluten", state: "contains" }],
    });
    const { foods, changes } = withAllergensOfToday(frozen, today);
    expect(foods[1]?.allergens.gluten).toBe("contains");
    expect(foods[0]?.allergens).toMatchObject({ nuts: "contains", soy: "contains", fish: "unknown" });
    expect(changes).toContainEqual({ food: "tamari", allergen: "gluten", from: "unknown", to: "contains" });
    // A label that says free today does not free what was stored as containing it.
    const stored = foods[1] as Food;
    const freed = openBook({ foods: [stored], labels: [{ food: "tamari", allergen: "gluten", state: "free" }] });
    expect(freed.food("tamari")?.allergens.gluten).toBe("contains");
  });
});
