import { dishOf, inputOf as supperInput } from "../__tests__/supper";
import { plan, type PlanInput, withGearNamed } from "../plan";
import { frozenInput } from "../cooking";
import { plainKitchen } from "../household/plainKitchen";
import type { Kitchen } from "../household/kitchen";
import { newStep, type Step, type StepKind } from "../process/registry";
import type { Line } from "../process/step";
import type { Part } from "./dish";

const KITCHEN: Kitchen = {
  ...plainKitchen("UTC"),
  pans: [
    { id: "wide", name: "Wide", kind: "frying", diameterCm: 28, heightCm: 5 },
    { id: "middle", name: "Middle", kind: "frying", diameterCm: 24, heightCm: 5 },
    { id: "small", name: "Small", kind: "frying", diameterCm: 18, heightCm: 4 },
    { id: "stockpot", name: "Stockpot", kind: "pot", diameterCm: 26, heightCm: 20 },
    { id: "saucepan", name: "Saucepan", kind: "pot", diameterCm: 16, heightCm: 9 },
  ],
  tins: [
    { id: "big-tin", name: "Big tin", lengthCm: 35, widthCm: 25, heightCm: 6, round: false },
    { id: "little-tin", name: "Little tin", lengthCm: 20, widthCm: 15, heightCm: 6, round: false },
  ],
};
const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
const part = (id: string, ...steps: readonly [StepKind, readonly Line[], object?][]): Part => ({
  id,
  name: id,
  waitsForTableMin: 15,
  saltTarget: null,
  route: null,
  steps: steps.map(([kind, adds, more], i) => ({ ...newStep(kind, `${id}-${i}`), ...more, adds }) as Step),
});
const inputOf = (...dishes: readonly (readonly Part[])[]): PlanInput =>
  supperInput(
    dishes.map((parts, i) => dishOf(parts, `d${i}`)),
    { kitchen: KITCHEN },
  );
/** The pan that each step takes on the burner. */
const pansOf = (input: PlanInput) =>
  Object.fromEntries(
    plan(input).dishes.flatMap((d) =>
      d.parts.flatMap((p) =>
        p.rows.flatMap((row) => {
          const need = row.state === "computed" ? row.outcome.needs.find((n) => n.kind === "pan") : undefined;
          return need?.kind === "pan" ? [[`${d.id}.${row.step.id}`, need.pan]] : [];
        }),
      ),
    ),
  );
const mushrooms = (id: string, massG: number, ...more: readonly [StepKind, readonly Line[], object?][]) =>
  part(id, ["cut", [food("button-mushrooms", massG)], { pieceMm: 8 }], ["brown", [food("rapeseed-oil", 10)]], ...more);

describe("pans and tins for steps that name none (common practice)", () => {
  test("parts get different pans, the larger part the wider one, in whatever order they stand", () => {
    expect(pansOf(inputOf([mushrooms("a", 200), mushrooms("b", 500)]))).toEqual({
      "d0.a-1": "middle",
      "d0.b-1": "wide",
    });
    expect(pansOf(inputOf([mushrooms("a", 200)], [mushrooms("b", 500)]))["d1.b-1"]).toBe("wide");
  });
  test("a part stays in its pan: browned there, simmered there", () => {
    const stew = mushrooms("b", 500, ["simmer", [food("water", 400)]]);
    const pans = pansOf(inputOf([mushrooms("a", 200), stew]));
    expect(pans["d0.b-2"]).toBe(pans["d0.b-1"]);
  });
  test("30 g of nuts go into the small pan, potatoes for four into the pot that holds them", () => {
    expect(pansOf(inputOf([part("n", ["toast", [food("walnuts", 30)]])]))).toEqual({ "d0.n-0": "small" });
    const boiled = (massG: number, waterG: number) =>
      part("p", ["boil", [food("potato", massG), food("water", waterG)], { pieceMm: 25 }]);
    expect(pansOf(inputOf([boiled(900, 1300)]))).toEqual({ "d0.p-0": "stockpot" });
    expect(pansOf(inputOf([boiled(300, 600)]))).toEqual({ "d0.p-0": "saucepan" });
  });
  test("two litres and a half of sauce do not fit a frying pan: they go into the pot", () => {
    const soup = part("s", ["simmer", [food("water", 2200), food("tomato-paste", 200)]]);
    expect(pansOf(inputOf([soup]))).toEqual({ "d0.s-0": "stockpot" });
  });
  test("one that is named stays, and nobody else gets it", () => {
    const named = part("a", ["cut", [food("button-mushrooms", 500)], { pieceMm: 8 }], ["brown", [], { pan: "wide" }]);
    expect(pansOf(inputOf([named, mushrooms("b", 600)]))).toEqual({ "d0.a-1": "wide", "d0.b-1": "middle" });
  });
  test("a part with one step that names its pan stays in it; the same dish twice gets pans twice", () => {
    const half = part(
      "a",
      ["cut", [food("button-mushrooms", 200)], { pieceMm: 8 }],
      ["brown", [], { pan: "middle" }],
      ["simmer", [food("water", 200)]],
    );
    expect(pansOf(inputOf([half, mushrooms("b", 150)]))).toEqual({
      "d0.a-1": "middle",
      "d0.a-2": "middle",
      "d0.b-1": "wide",
    });
    const twice = [mushrooms("a", 300)];
    const input = inputOf(twice, twice);
    const [one] = input.supper.dishes;
    const same = { ...input, supper: { ...input.supper, dishes: [one, one] } } as PlanInput;
    const pans = plan(same).dishes.map((d) => {
      const row = d.parts[0]?.rows[1];
      return row?.state === "computed" ? row.outcome.needs.find((n) => n.kind === "pan") : null;
    });
    expect(pans).toEqual([
      { kind: "pan", pan: "wide" },
      { kind: "pan", pan: "middle" },
    ]);
  });
  test("a step that was done on another day takes no pan from anybody", () => {
    const lies = part("p", ["boil", [food("potato", 900), food("water", 1300)], { pieceMm: 25, ready: true }]);
    const boiled = part("q", ["boil", [food("potato", 800), food("water", 1300)], { pieceMm: 25 }]);
    expect(pansOf(inputOf([lies, boiled]))).toEqual({ "d0.q-0": "stockpot" });
  });
  test("a sauce that fries over goes into a pot, and the potatoes then into the other one", () => {
    const soup = part("s", ["simmer", [food("water", 2200), food("tomato-paste", 200)]]);
    const boiled = part("p", ["boil", [food("potato", 300), food("water", 600)], { pieceMm: 25 }]);
    expect(pansOf(inputOf([soup, boiled]))).toEqual({ "d0.s-0": "stockpot", "d0.p-0": "saucepan" });
  });
  test("with more parts than pans two share one that holds it", () => {
    const pans = pansOf(inputOf([1, 2, 3, 4].map((n) => mushrooms(`m${n}`, 400 + n))));
    expect(new Set(Object.values(pans)).size).toBe(3);
    expect(pans["d0.m1-1"]).toBe("wide");
  });
  test("a step that cannot be worked out gets the pot that holds what was there before it", () => {
    const blocked = (massG: number) =>
      pansOf(
        inputOf([
          part("b", ["simmer", [food("passata", massG)]], ["simmer", [food("nobody-knows", 10)]]),
          part("c", ["boil", [food("potato", 300), food("water", 600)], { pieceMm: 25 }]),
        ]),
      );
    expect(blocked(2400)).toMatchObject({ "d0.c-0": "saucepan" });
    const gear = withGearNamed(
      inputOf([part("b", ["weigh", [food("passata", 2400)]], ["simmer", [food("nobody-knows", 10)]])]),
    );
    expect(gear.supper.dishes[0]?.parts[0]?.steps[1]).toMatchObject({ pan: "stockpot" });
  });
  test("layers go into the tin that holds them", () => {
    const tinOf = (massG: number) => {
      const input = inputOf([part("t", ["layer", [food("tomatoes-tinned", massG)]], ["bake", [], { ovenC: 190 }])]);
      const row = plan(input).dishes[0]?.parts[0]?.rows[0];
      return row?.step.kind === "layer" ? row.step.tin : undefined;
    };
    expect(tinOf(800)).toBe("little-tin");
    // The largest is what a step without a name takes by itself.
    expect(tinOf(3000)).toBeNull();
  });
  test("a cooking keeps the pans that were chosen, and what is weighed in moves none", () => {
    const input = inputOf([mushrooms("a", 200), mushrooms("b", 500)]);
    const frozen = frozenInput(input);
    expect(frozen.supper).toEqual(withGearNamed(input).supper);
    expect(frozen.supper.dishes[0]?.parts.map((p) => (p.steps[1] as { pan: string }).pan)).toEqual(["middle", "wide"]);
    const weighed = {
      ...input,
      log: [{ at: 1, kind: "weighed", step: "d0.b-0", readingG: 120, by: "typed" } as const],
    };
    expect(pansOf(weighed as never)).toEqual(pansOf(input));
  });
});
