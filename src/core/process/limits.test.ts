import * as v from "valibot";
import { dishOf, inputOf } from "../__tests__/supper";
import { PlanRequestSchema } from "../formats/requests";
import { StoredPlanInputSchema } from "../formats/schemas";
import { plan, type PlanInput } from "../plan";
import { DEMO_KITCHEN } from "@/demo/household";
import { descriptorOf, newStep, type Step, type StepKind, STEP_KINDS } from "./registry";
import type { Row } from "./row";
import type { Line } from "./step";

const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
const fresh = (kind: StepKind, id: string, adds: readonly Line[] = []): Step =>
  ({ ...newStep(kind, id), adds }) as Step;
const TOFU = [fresh("weigh", "w", [food("tofu-firm", 500)])];
const SLICES = [...TOFU, fresh("slice", "sl")];
/** What lies in the vessel before, where tofu would not do. */
const BEFORE: Partial<Record<StepKind, readonly Step[]>> = {
  cook: [fresh("weigh", "w", [food("kidney-beans-dry", 300)])],
  soak: [fresh("weigh", "w", [food("soy-strips", 100)])],
  squeeze: [
    fresh("weigh", "w", [food("soy-strips", 100)]),
    fresh("soak", "so", [food("water", 600)]),
    fresh("drain", "dr"),
  ],
  rinse: [fresh("weigh", "w", [food("capers", 60)])],
  boil: [fresh("weigh", "w", [food("potato", 800)])],
  steam: [fresh("weigh", "w", [food("carrot", 400)])],
  blanch: [fresh("weigh", "w", [food("spinach", 300)])],
  sweat: [fresh("weigh", "w", [food("onion", 200), food("rapeseed-oil", 20)])],
  brown: [fresh("weigh", "w", [food("button-mushrooms", 400), food("rapeseed-oil", 20)])],
  toast: [fresh("weigh", "w", [food("cashews", 80)])],
  gel: [fresh("weigh", "w", [food("ground-flax", 20), food("water", 80)])],
  batter: [fresh("weigh", "w", [food("wheat-flour", 100), food("water", 150)])],
  thicken: [fresh("weigh", "w", [food("water", 500), food("corn-starch", 20)])],
  reduce: [fresh("weigh", "w", [food("passata", 500)])],
  simmer: [fresh("weigh", "w", [food("passata", 500)])],
  thaw: [...TOFU, fresh("freeze", "fr")],
  sear: SLICES,
  fry: SLICES,
  griddle: SLICES,
  coat: SLICES,
  "deep-fry": SLICES,
  "air-fry": SLICES,
};
const ADDS: Partial<Record<StepKind, readonly Line[]>> = {
  coat: [food("corn-starch", 40)],
  "deep-fry": [food("sunflower-oil", 1000)],
  fry: [food("rapeseed-oil", 20)],
  sear: [food("rapeseed-oil", 20)],
  soak: [food("water", 600)],
  cook: [food("water", 1500)],
  boil: [food("water", 2000)],
  bind: [food("ground-flax", 20), food("water", 60)],
  marinate: [food("soy-sauce", 30), food("water", 60)],
  stuff: [food("button-mushrooms", 200)],
};
const kitchen = {
  ...DEMO_KITCHEN,
  machines: [
    { id: "pc", name: "Cooker", kind: "pressure-cooker", volumeMl: 6000, basketCm: null },
    { id: "af", name: "Fryer", kind: "air-fryer", volumeMl: null, basketCm: 24 },
    { id: "fp", name: "Processor", kind: "food-processor", volumeMl: 1500, basketCm: null },
    { id: "bl", name: "Blender", kind: "blender", volumeMl: 1500, basketCm: null },
  ],
} as PlanInput["kitchen"];

function planWith(step: Step): { readonly input: PlanInput; readonly row: Row } {
  const { kind } = step;
  const steps = [...(BEFORE[kind] ?? TOFU), { ...step, adds: ADDS[kind] ?? [] }];
  const part = { id: "p", name: "P", steps, waitsForTableMin: 10, saltTarget: null, route: null };
  const input = { ...inputOf([dishOf([part as never])]), kitchen };
  const row = plan(input).dishes[0]?.parts[0]?.rows.at(-1);
  if (row === undefined) throw new Error(`no row of ${kind}`);
  return { input, row };
}
const settings = STEP_KINDS.flatMap((kind) =>
  descriptorOf(kind).numbers.map(([name, field]) => ({ kind, name, field })),
);

describe("the limits of a setting stand once", () => {
  let computed = 0;
  test.each(settings.map((s) => [s.kind, s.name, s.field] as const))("%s, %s", (kind, name, field) => {
    for (const value of [field.low, field.high]) {
      const { input, row } = planWith({ ...newStep(kind, "x"), [name]: value } as Step);
      // What the API takes, the rule takes; physics may still refuse it.
      expect(v.safeParse(PlanRequestSchema, { ...input, samples: 0 }).issues).toBeUndefined();
      expect(row.state === "blocked" ? row.failure.kind : "computed").not.toMatch(/out-of-range|not-a-number/);
      if (row.state === "computed") computed++;
    }
    for (const value of [field.low - 0.001, field.high * 1.001 + 0.001]) {
      const { input, row } = planWith({ ...newStep(kind, "x"), [name]: value } as Step);
      // The API refuses it; a stored file keeps it, and the step says what is wrong.
      expect(v.safeParse(PlanRequestSchema, { ...input, samples: 0 }).success).toBe(false);
      const stored = v.parse(StoredPlanInputSchema, input);
      const step = stored.supper.dishes[0]?.parts[0]?.steps.at(-1) as unknown as Record<string, unknown>;
      expect(step[name]).toBe(value);
      expect(row).toMatchObject({ state: "blocked", failure: { kind: "out-of-range", field: name, got: value } });
    }
  });
  test("most of these steps were worked out at their limits", () => {
    expect(computed).toBeGreaterThan(settings.length * 2 * 0.95);
  });
});
