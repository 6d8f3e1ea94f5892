import { dishOf, inputOf as supperInput, supperOf } from "../__tests__/supper";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import { orderOfWork, takesUp } from "../schedule/work";
import { totalG } from "./contents";
import { newStep, type Step, type StepKind } from "./registry";

const step = (kind: StepKind, more: object = {}, ...adds: readonly (readonly [string, number])[]): Step =>
  ({
    ...newStep(kind, `s-${kind}`),
    ...more,
    adds: adds.map(([food, massG]) => ({ kind: "food", food, massG })),
  }) as Step;
const inputOf = (...steps: readonly Step[]): PlanInput => {
  const part = { id: "p", name: "P", steps, waitsForTableMin: 15, saltTarget: null, route: null };
  return supperInput([{ ...dishOf([part]), servings: 2 }], {
    supper: supperOf([{ ...dishOf([part]), servings: 2 }], { guests: 2 }),
  });
};
const chain = (ready: boolean): readonly Step[] => [
  step("freeze", { ready, minutes: 2880 }, ["tofu-firm", 400]),
  step("thaw", { how: "fridge", minutes: 2400 }),
  step("press"),
  step("cut", { pieceMm: 15 }),
  step("sear", {}, ["rapeseed-oil", 15]),
];
const rowsOf = (input: PlanInput) => plan(input).dishes[0]?.parts[0]?.rows ?? [];

test("a block that lies in the freezer is the block that was frozen: the same grams, no minutes, nothing to do", () => {
  const [fresh, lies] = [inputOf(...chain(false)), inputOf(...chain(true))];
  const grams = (input: PlanInput) =>
    rowsOf(input).map((r) => (r.state === "computed" ? totalG(r.outcome.after.batch) : r.state));
  expect(grams(lies)).toEqual(grams(fresh));
  const made = plan(lies);
  expect(made.tasks.some((t) => t.step === "d.s-freeze")).toBe(false);
  expect(plan(fresh).tasks.some((t) => t.step === "d.s-freeze")).toBe(true);
  expect(orderOfWork(made, null).map((m) => m.row.step.kind)).toEqual(["thaw", "press", "cut", "sear"]);
  // Nobody has to tick it off before the thaw may begin.
  const thaw = rowsOf(lies)[1];
  expect(thaw && takesUp(made, thaw)).toEqual([]);
  expect(judge(lies, made, null).filter((c) => c.severity === "stop")).toEqual([]);
});
test("it still tells what the food is, and no longer how long that took", () => {
  const row = rowsOf(inputOf(...chain(true)))[0];
  if (row?.state !== "computed") throw new Error("blocked");
  expect(row.outcome.facts.map((f) => f.kind)).not.toContain("through");
  expect(row.outcome.needs).toEqual([]);
  const soaked = rowsOf(inputOf(step("soak", { ready: true }, ["soy-strips", 100], ["water", 900])))[0];
  expect(soaked?.state === "computed" && soaked.outcome.facts.map((f) => f.kind)).toContain("soaked");
});
test("what was cooked on another day comes from the fridge: five degrees, and no warm minutes behind it", () => {
  const cooked = (ready: boolean) =>
    inputOf(step("cook", { ready }, ["green-lentils", 200], ["water", 800]), step("drain"), step("mash"));
  const tempOf = (input: PlanInput) => {
    const row = rowsOf(input)[0];
    return row?.state === "computed" ? row.outcome.after.batch.tempC : NaN;
  };
  expect(tempOf(cooked(true))).toBe(5);
  expect(tempOf(cooked(false))).toBeGreaterThan(90);
  // Never warmer than it was: a bowl that was colder stays so.
  const cold = inputOf(
    step("weigh", {}, ["lentils-cooked", 300]),
    step("store", { where: "fridge", days: 1 }),
    step("pat", { ready: true }),
  );
  const pat = rowsOf(cold)[2];
  expect(pat?.state === "computed" && pat.outcome.after.batch.tempC).toBeLessThanOrEqual(5);
});
test("a part that is ready whole waits for nobody and can be taken by another", () => {
  const input = inputOf(step("cook", { ready: true }, ["green-lentils", 200], ["water", 800]));
  const made = plan(input);
  expect(made.tasks).toEqual([]);
  expect(made.blocked).toBe(0);
  expect(made.perEater.massG).toBeGreaterThan(100);
});

test("what was frozen is frozen, whatever minutes stand there, and the thaw goes on from it", () => {
  const short = (ready: boolean) => inputOf(step("freeze", { ready, minutes: 10 }, ["tofu-firm", 400]), step("thaw"));
  expect(rowsOf(short(false))[1]?.state).toBe("blocked");
  expect(rowsOf(short(true))[1]?.state).toBe("computed");
});
test("what was hot on another day is cooked through, although it comes cold: no raw mark, and a loaf has set", () => {
  const rules = (input: PlanInput) => judge(input, plan(input), null).map((c) => c.rule);
  const mushrooms = (ready: boolean) =>
    inputOf(step("cut", {}, ["enoki", 200]), step("simmer", { ready, minutes: 15 }, ["water", 100]), step("serve"));
  expect(rules(mushrooms(true))).not.toContain("mushrooms-served-raw");
  expect(rules(inputOf(step("cut", {}, ["enoki", 200]), step("serve")))).toContain("mushrooms-served-raw");
  const loaf = inputOf(
    step("bind", {}, ["lentils-cooked", 400], ["oat-flour", 60], ["potato-starch", 20], ["water", 40]),
    step("shape", { form: "loaf", pieceG: 520, diameterMm: 90 }),
    step("bake", { ready: true, ovenC: 180, minutes: null, coreC: 78 }),
    step("slice", { count: 6, thicknessMm: 15 }),
  );
  const baked = rowsOf(loaf)[2];
  expect(baked?.state === "computed" && baked.outcome.after.marks).toContain("set-by-heat");
  expect(baked?.state === "computed" && baked.outcome.after.batch.tempC).toBe(5);
});
test("what lies in the fridge is told to be eaten within days, cooked rice within one; what lies frozen is not", () => {
  const rules = (input: PlanInput) => judge(input, plan(input), null).map((c) => c.rule);
  const cooked = (food: string) => inputOf(step("cook", { ready: true }, [food, 200], ["water", 800]), step("serve"));
  expect(rules(cooked("green-lentils"))).toContain("fridge-days");
  expect(rules(cooked("green-lentils"))).not.toContain("cooked-rice");
  expect(rules(cooked("rice-white"))).toContain("cooked-rice");
  const block = inputOf(...chain(true));
  expect(judge(block, plan(block), null).find((c) => c.rule === "fridge-days")).toBeUndefined();
});
