import { DEMO_EATERS, DEMO_KITCHEN, MUSTARD_STRIPS } from "@/demo/household";
import { dishOf, inputOf as supperInput, supperOf } from "../__tests__/supper";
import { plainKitchen } from "../household/plainKitchen";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import { type Dish, foodsOf, headCount, partsToJoin, scaleDish, servedParts, shareLeft } from "./dish";
import {
  addLine,
  addPart,
  addStep,
  editDish,
  editStep,
  freeId,
  removeLine,
  removePart,
  removeStep,
  renameDish,
  setLine,
  stepBeside,
} from "./edit";
import { newStep, STEP_KINDS } from "../process/registry";
import { kitchenFacts } from "../household/kitchen";
import { PATTERN_IDS } from "./patternNames";
import { partFromPattern } from "./patterns";

const empty = dishOf([]);
const inputOf = (dish: Dish): PlanInput => supperInput([dish], { kitchen: plainKitchen("UTC") });

describe("patterns", () => {
  const mashed = addPart(empty, partFromPattern(empty, "mash"));
  test.each(PATTERN_IDS.filter((id) => id !== "empty"))("%s cooks to the end in a plain kitchen", (id) => {
    // What is baked or simmered together needs something to take.
    const before = id === "baked" ? mashed : empty;
    const dish = addPart(before, partFromPattern(before, id));
    const planned = plan(inputOf(dish));
    expect(planned.blocked).toBe(0);
    expect(planned.dishes[0]?.parts.at(-1)?.endG).toBeGreaterThan(200);
    expect(judge(inputOf(dish), planned, null).filter((c) => c.severity === "stop")).toEqual([]);
  });
  test("what is baked or simmered together takes every part that no other one takes, and no more", () => {
    const sauced = addPart(mashed, partFromPattern(mashed, "stew"));
    const baked = partFromPattern(sauced, "baked");
    expect(sauced.parts[1]?.steps[2]?.adds[0]).toEqual({ kind: "part", part: mashed.parts[0]?.id, share: 1 });
    expect(baked.steps[0]?.adds).toEqual([{ kind: "part", part: sauced.parts[1]?.id, share: 1 }]);
    expect(plan(inputOf(addPart(sauced, baked))).blocked).toBe(0);
  });
  test("amounts follow the dish's servings, and a second part of a kind gets names of its own", () => {
    const eight = { ...empty, servings: 8 };
    const once = addPart(eight, partFromPattern(eight, "mash"));
    const twice = addPart(once, partFromPattern(once, "mash"));
    expect(twice.parts[0]?.steps[0]?.adds[0]).toMatchObject({ massG: 1800 });
    const ids = twice.parts.flatMap((p) => [p.id, ...p.steps.map((s) => s.id)]);
    expect(new Set(ids).size).toBe(ids.length);
  });
});

test("only a part that is left over, and takes none of this one, can join it", () => {
  const withMash = addPart(empty, partFromPattern(empty, "mash"));
  const both = addPart(withMash, partFromPattern(withMash, "stew"));
  const names = (into: string | null) => partsToJoin(both, into).map((p) => p.id);
  expect(names(null)).toEqual(["stew-1"]);
  expect(names("stew-1")).toEqual([]);
  // The stew holds the mash: in the mash it would go round in a circle.
  expect(names("mash-1")).toEqual([]);
  const half = editStep(both, "stew-1-simmer-3", (s) => setLine(s, 0, { kind: "part", part: "mash-1", share: 0.5 }));
  expect(partsToJoin(half, "stew-1").map((p) => p.id)).toEqual(["mash-1"]);
  expect([shareLeft(half, "mash-1"), shareLeft(both, "mash-1"), shareLeft(both, "stew-1")]).toEqual([0.5, 0, 1]);
  // A pattern that joins what is free takes what is left of it.
  const adds = partFromPattern(half, "baked").steps[0]?.adds ?? [];
  expect(adds).toContainEqual({ kind: "part", part: "mash-1", share: 0.5 });
});

describe("editing is on values", () => {
  const [strips] = MUSTARD_STRIPS.parts;
  test("steps are added after one, at the start, and taken out again", () => {
    const step = newStep("season", "extra");
    const after = addStep(MUSTARD_STRIPS, "strips", step, "strips-soak");
    expect(after.parts[0]?.steps.map((s) => s.id).slice(0, 4)).toEqual([
      "strips-weigh",
      "strips-soak",
      "extra",
      "strips-drain",
    ]);
    expect(addStep(MUSTARD_STRIPS, "strips", step, null).parts[0]?.steps[0]?.id).toBe("extra");
    expect(removeStep(after, "extra")).toEqual(MUSTARD_STRIPS);
    // What is in hand when it goes: the next one of the part, at the end the one before, and none beside an only one.
    const [part] = MUSTARD_STRIPS.parts;
    const ids = part?.steps.map((s) => s.id) ?? [];
    expect(ids.map((id) => stepBeside(MUSTARD_STRIPS, id))).toEqual([...ids.slice(1), ids.at(-2)]);
    expect(
      stepBeside({ ...MUSTARD_STRIPS, parts: [{ ...part!, steps: part!.steps.slice(0, 1) }] }, ids[0]!),
    ).toBeNull();
    expect(strips?.steps).toHaveLength(6);
  });
  test("removing a part takes its joins along", () => {
    const without = removePart(MUSTARD_STRIPS, "strips");
    expect(without.parts.map((p) => p.id)).toEqual(["sauce", "mash"]);
    expect(without.parts.flatMap((p) => p.steps.flatMap((s) => s.adds)).some((l) => l.kind === "part")).toBe(false);
    // What is no part and no liquor of it stays where it was.
    const foods = (parts: Dish["parts"]) =>
      parts
        .filter((p) => p.id !== "strips")
        .flatMap((p) => p.steps.flatMap((s) => s.adds.filter((l) => l.kind === "food")));
    expect(foods(without.parts)).toEqual(foods(MUSTARD_STRIPS.parts));
    const poured = { kind: "liquor", step: "strips-drain", share: 1 } as const;
    const sauced = editStep(MUSTARD_STRIPS, "sauce-brown", (s) => addLine(s, poured));
    expect(removePart(sauced, "strips")).toEqual(without);
    expect(removePart(sauced, "mash").parts.flatMap((p) => p.steps.flatMap((s) => s.adds))).toContainEqual(poured);
  });
  test("lines", () => {
    const step = addLine(newStep("weigh", "w"), { kind: "food", food: "salt", massG: 5 });
    expect(setLine(step, 0, { kind: "food", food: "salt", massG: 6 }).adds).toEqual([
      { kind: "food", food: "salt", massG: 6 },
    ]);
    expect(removeLine(step, 0).adds).toEqual([]);
  });
  test("an edit of one dish leaves the supper's others alone; ids are free", () => {
    const two = { ...supperOf([empty]), dishes: [empty, MUSTARD_STRIPS] };
    const edited = editDish(two, "d", (d) => ({ ...d, name: "Other" }));
    expect(edited.dishes[1]).toBe(MUSTARD_STRIPS);
    expect(freeId(MUSTARD_STRIPS, "strips")).toBe("strips-1");
    expect(editStep(MUSTARD_STRIPS, "nobody", (s) => ({ ...s, handsMin: 9 }))).toEqual(MUSTARD_STRIPS);
  });
  test("every kind of step has its usual settings", () => {
    expect(STEP_KINDS).toHaveLength(52);
    for (const kind of STEP_KINDS)
      expect(newStep(kind, "x")).toMatchObject({ kind, id: "x", adds: [], handsMin: null, mayWaitMin: null });
  });
});

test("parts that are joined whole don't come to the table, half-used ones do", () => {
  expect(servedParts(MUSTARD_STRIPS).map((p) => p.id)).toEqual(["sauce", "mash"]);
  const half = editStep(MUSTARD_STRIPS, "sauce-join", (s) => ({
    ...s,
    adds: [{ kind: "part", part: "strips", share: 0.5 }],
  }));
  expect(servedParts(half).map((p) => p.id)).toEqual(["strips", "sauce", "mash"]);
});
test("salt that only a target brings is a food of the dish", () => {
  expect(foodsOf(MUSTARD_STRIPS).has("salt")).toBe(true);
  expect(foodsOf(empty).size).toBe(0);
});
test("heads and scale", () => {
  expect(headCount({ ...supperOf([empty]), eaters: ["a", "b"], guests: 3 })).toBe(5);
  expect(scaleDish(MUSTARD_STRIPS, 1)).toBe(MUSTARD_STRIPS);
  expect(scaleDish(MUSTARD_STRIPS, 2).parts[0]?.steps[1]).toMatchObject({ minutes: 10, adds: [{ massG: 1800 }] });
});

describe("the kitchen as steps see it", () => {
  const facts = kitchenFacts(DEMO_KITCHEN);
  test("the strongest burner, by what reaches the pan", () => {
    expect(facts.burner).toEqual({ netW: 720, ratedW: 1800, efficiency: 0.4 });
    const mixed = kitchenFacts({
      ...DEMO_KITCHEN,
      burners: [...DEMO_KITCHEN.burners, { id: "i", name: "I", kind: "induction", watts: 1200 }],
    });
    expect(mixed.burner?.netW).toBe(960);
  });
  test("a named pan, else the widest of its kind, else none", () => {
    expect(facts.pan("saute", "frying")?.diameterM).toBe(0.26);
    expect(facts.pan(null, "frying")?.id).toBe("iron");
    expect(facts.pan("gone", "pot")?.id).toBe("pot");
    expect(kitchenFacts({ ...DEMO_KITCHEN, pans: [] }).pan(null, "pot")).toBeNull();
  });
  test("eaters of the demo are five, one of them coeliac", () => {
    expect(DEMO_EATERS.filter((e) => e.avoids.includes("gluten")).map((e) => e.name)).toEqual(["Ilse"]);
  });
});

test("a supper that is called after its dish goes along with its name, any other keeps its own", () => {
  const strips = { ...empty, name: "Soy strips, squeezed and seared" };
  const called = (name: string) => renameDish(supperOf([strips], { name }), "d", "Goulash, mild");
  expect(called("Soy strips, Sun")).toMatchObject({ name: "Goulash, Sun", dishes: [{ name: "Goulash, mild" }] });
  expect(called("Soy strips, squeezed and seared").name).toBe("Goulash, squeezed and seared");
  expect(called("Soy stripsy evening").name).toBe("Soy stripsy evening");
  expect(called("Birthday").name).toBe("Birthday");
  const same = supperOf([strips]);
  expect(renameDish(same, "nobody", "X")).toBe(same);
});
