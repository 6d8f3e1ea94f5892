import { dishOf, inputOf } from "../__tests__/supper";
import * as v from "valibot";
import { stepSchemaOf } from "../formats/stepSchema";
import { plan, type PlanInput } from "../plan";
import { flag, number, defineStep, type StepWith } from "./descriptor";
import { add, portion, subtract, totalG, water } from "./contents";
import { conservationGapG, type StepContext, type Vessel } from "./ledger";
import { descriptorOf, registryOf, type Step, STEP_KINDS, STEP_REGISTRY, STEPS, type StepRegistry } from "./registry";
import { hands, outcome, wait } from "./steps/common";

/** A kind that nobody cooks: steeping in tea leaves a tenth of the batch in the pot. */
const FIELDS = { minutes: number(1, 30), strong: flag } as const;
function steep(vessel: Vessel, step: StepWith<"steep", typeof FIELDS>, context: StepContext) {
  const tea = water(step.strong ? 200 : 100, 95);
  const stays = portion(vessel.batch, 0.1);
  return outcome(
    { ...vessel, batch: add(subtract(vessel.batch, stays), tea) },
    [hands(step, context, 1), wait(step.minutes)],
    { inputs: [{ from: "step", contents: tea }], outputs: [{ to: "utensil", contents: stays }] },
  );
}
const steepStep = defineStep({
  kind: "steep",
  fields: FIELDS,
  usual: { minutes: 5, strong: false },
  waitsMin: 7,
  weighed: "addition",
  apply: steep,
});

describe("a kind of step is one descriptor", () => {
  const registry: StepRegistry = registryOf([...STEP_REGISTRY.values(), steepStep as never]);
  const made = { id: "t", kind: "steep", adds: [], handsMin: null, mayWaitMin: null, minutes: 10, strong: true };
  const weigh = { ...made, id: "w", kind: "weigh", adds: [{ kind: "food", food: "tofu-firm", massG: 400 }] };
  const stand = { ...made, id: "s", kind: "rest", minutes: 5, where: "fridge" };
  const part = { id: "p", name: "P", steps: [weigh, made, stand], waitsForTableMin: 10, saltTarget: null, route: null };
  const input = {
    ...inputOf([dishOf([part as never])]),
    log: [{ kind: "weighed", at: 1, step: "d.t", readingG: 570, by: "typed" }],
  } as unknown as PlanInput;
  const planned = plan(input, { steps: registry });
  const row = planned.dishes[0]?.parts[0]?.rows[1];

  test("it is computed, and conserves every gram", () => {
    if (row?.state !== "computed") throw new Error(JSON.stringify(row));
    expect(totalG(row.before.batch)).toBeCloseTo(400, 9);
    expect(conservationGapG(row.before, row.outcome)).toBeLessThan(1e-9);
  });
  test("a weigh-in after it means what it says: 400 g less 40 left, 200 of tea came, and 10 more on the scale", () => {
    if (row?.state !== "computed") throw new Error("not computed");
    expect(row.weighed).toMatchObject({ readingG: 570, computedG: 560 });
    expect(totalG(row.outcome.after.batch)).toBeCloseTo(570, 6);
  });
  test("it is scheduled with its minutes and its usual wait", () => {
    const mine = planned.tasks.filter((t) => t.step === "d.t");
    expect(mine.map((t) => t.kind)).toEqual(["hands", "wait"]);
    expect(mine[1]?.minutes).toBe(10);
    expect(planned.lags.find((l) => l.from === mine[1]?.id)?.maxMin).toBe(7);
  });
  test("its settings are validated by its own fields", () => {
    const schema = stepSchemaOf(registry);
    const { adds: _adds, ...rest } = made;
    void _adds;
    expect(v.is(schema, made)).toBe(true);
    expect(v.is(schema, { ...made, minutes: 31 })).toBe(false);
    expect(v.is(schema, { ...made, strong: "yes" })).toBe(false);
    expect(v.is(schema, { ...made, sugar: 1 })).toBe(false);
    expect(v.is(schema, rest)).toBe(false);
    expect(v.is(stepSchemaOf(STEP_REGISTRY), made)).toBe(false);
  });
  test("without it the kind is misuse, and throws", () => {
    expect(() => plan(input)).toThrow(RangeError);
  });
});

test("every kind has usual settings that its own schema takes", () => {
  const schema = stepSchemaOf(STEP_REGISTRY);
  for (const kind of STEP_KINDS) {
    const step = { id: "s", kind, adds: [], handsMin: null, mayWaitMin: null, ...descriptorOf(kind).usual };
    expect([kind, v.is(schema, step)]).toEqual([kind, true]);
    const { [Object.keys(descriptorOf(kind).usual)[0] ?? "id"]: _gone, ...short } = step as unknown as Step &
      Record<string, unknown>;
    void _gone;
    expect([kind, v.is(schema, short)]).toEqual([kind, false]);
  }
  expect(new Set(STEP_KINDS).size).toBe(STEPS.length);
});
