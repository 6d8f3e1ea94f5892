import { dishOf, inputOf } from "../__tests__/supper";
import type { Part } from "../dish/dish";
import { plan } from "../plan";
import { NOTHING, totalG } from "./contents";
import { conservationGapG } from "./ledger";
import { descriptorOf, newStep, type Step, STEP_KINDS, type StepKind } from "./registry";
import type { Line } from "./step";

const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
const step = (kind: StepKind, id: string, adds: readonly Line[] = [], more: object = {}): Step =>
  ({ ...newStep(kind, id), ...more, adds }) as Step;
const part = (id: string, ...steps: readonly Step[]): Part => ({
  id,
  name: id,
  steps,
  waitsForTableMin: 10,
  saltTarget: null,
  route: null,
});
/** The last row of the last part, computed or the kind of what stands against it. */
function last(...parts: readonly Part[]) {
  const row = plan(inputOf([dishOf(parts)]))
    .dishes[0]?.parts.at(-1)
    ?.rows.at(-1);
  if (row?.state === "computed") return row;
  throw new Error(row?.state === "blocked" ? row.failure.kind : String(row?.state));
}

/** What each kind can be done to, and what it wants beside it. */
const TOFU = [step("weigh", "w", [food("tofu-firm", 400)])];
const STRIPS = [step("weigh", "w", [food("soy-strips", 150)]), step("soak", "k", [food("water", 900)])];
const DUMPLINGS = [
  step("bind", "w", [food("chickpeas-cooked", 500), food("wheat-flour", 60)]),
  step("shape", "k", [], { form: "ball", pieceG: 40, diameterMm: 42 }),
];
const ICE = [step("freeze", "w", [food("tofu-firm", 400)], { minutes: 2000 })];
/** Settings in which each leaves something to look at. */
const SET: Partial<Record<StepKind, object>> = { discard: { share: 0.4 } };
const OF: Partial<Record<StepKind, readonly [readonly Step[], readonly Line[]]>> = {
  drain: [STRIPS, []],
  strain: [STRIPS, []],
  discard: [STRIPS, []],
  rinse: [STRIPS, []],
  squeeze: [STRIPS, []],
  press: [TOFU, []],
  thaw: [ICE, []],
  pat: [TOFU, []],
  rest: [DUMPLINGS, []],
  shape: [DUMPLINGS.slice(0, 1), []],
  hold: [DUMPLINGS, []],
  stand: [DUMPLINGS, []],
  cool: [DUMPLINGS, []],
  store: [DUMPLINGS, []],
  "set-aside": [DUMPLINGS, []],
  mash: [[step("boil", "w", [food("potato", 500), food("water", 900)])], [food("oat-milk", 60)]],
  soak: [[step("weigh", "w", [food("soy-strips", 150)])], [food("water", 900)]],
  marinate: [TOFU, [food("soy-sauce", 40), food("water", 60)]],
  glaze: [DUMPLINGS, [food("soy-sauce", 30)]],
  coat: [TOFU, [food("corn-starch", 40)]],
  sear: [TOFU, [food("rapeseed-oil", 15)]],
  fry: [DUMPLINGS, [food("rapeseed-oil", 15)]],
  griddle: [DUMPLINGS, [food("rapeseed-oil", 5)]],
  "deep-fry": [DUMPLINGS, [food("rapeseed-oil", 1200)]],
  stuff: [TOFU, [food("walnuts", 60)]],
};
const WITH_LINES = STEP_KINDS.filter((k) => descriptorOf(k).lines !== undefined);

test("every kind that says what its lines are is tried", () => {
  expect(Object.keys(OF).sort()).toEqual([...WITH_LINES].sort());
});

describe.each(WITH_LINES)("%s", (kind) => {
  const [before, lines] = OF[kind] ?? [[], []];
  const inLine = last(part("p", ...before, step(kind, "s", lines, SET[kind]))).outcome;

  test("done to a part that goes on here, it gives what it gives in line, pieces and all", () => {
    // Marks of raw and frozen, cuts, pieces: everything goes on. What is frozen joins nothing (thaw).
    const makes = () =>
      last(
        part("a", ...before),
        part("b", step(kind, "s", [{ kind: "part", part: "a", share: 1 }, ...lines], SET[kind])),
      );
    if (kind === "thaw") return expect(makes).toThrow("part-frozen");
    const { outcome } = makes();
    expect(outcome.after).toEqual(inLine.after);
    expect(outcome.phases).toEqual(inLine.phases);
    expect(outcome.inputs[0]).toMatchObject({ from: "part", part: "a" });
  });
  test("of half a part there is half", () => {
    if (kind === "thaw") return;
    const half = last(
      part("a", ...before),
      part("b", step(kind, "s", [{ kind: "part", part: "a", share: 0.5 }, ...lines], SET[kind])),
    );
    const { before: empty, outcome } = half;
    expect(totalG(empty.batch)).toBe(0);
    expect(conservationGapG(empty, outcome)).toBeLessThan(1e-9);
    const { pieces, batch } = outcome.after;
    if (pieces !== null && kind !== "stuff") expect(pieces.count * pieces.eachG).toBeCloseTo(totalG(batch), 0);
  });
  test("what its own line brings is in the bowl", () => {
    const salted = [...lines, food("salt", 5)];
    const { before: was, outcome } = last(part("p", ...before, step(kind, "s", salted, SET[kind])));
    expect(outcome.inputs.some((i) => i.from === "food" && i.food === "salt" && i.massG > 0)).toBe(true);
    const { pieces, batch } = outcome.after;
    if (["rest", "hold", "stand", "cool"].includes(kind))
      expect((pieces?.count ?? 0) * (pieces?.eachG ?? 0)).toBeCloseTo(totalG(batch), 6);
    expect(conservationGapG(was, outcome)).toBeLessThan(1e-9);
  });
});

test.each([
  ["sear", [food("rapeseed-oil", 15)]],
  ["coat", [food("corn-starch", 40)]],
  ["marinate", [food("soy-sauce", 40), food("water", 60)]],
  ["press", []],
  ["pat", []],
] as const)("%s: food that stands in its own line is what it is done to", (kind, lines) => {
  const tofu = food("tofu-firm", 400);
  const own = last(part("p", step(kind, "s", [...lines, tofu]))).outcome;
  const inLine = last(part("p", step("weigh", "w", [tofu]), step(kind, "s", lines, SET[kind]))).outcome;
  expect(own.after).toEqual(inLine.after);
});

test("a filling comes into what stands first; two parts lie together and are no longer pieces", () => {
  const filling = part("f", step("weigh", "f1", [food("walnuts", 60)]));
  const filled = last(
    filling,
    part("p", step("stuff", "s", [food("portobello", 400), { kind: "part", part: "f", share: 1 }])),
  );
  expect(totalG(filled.outcome.after.batch)).toBeCloseTo(460, 6);
  const [one, other] = [part("a", ...DUMPLINGS), part("b", ...DUMPLINGS.map((s) => ({ ...s, id: `${s.id}2` })))];
  const both = last(
    one,
    other,
    part(
      "c",
      step("rest", "s", [
        { kind: "part", part: "a", share: 1 },
        { kind: "part", part: "b", share: 1 },
      ]),
    ),
  );
  expect(both.outcome.after.pieces).toBeNull();
  expect(totalG(both.outcome.after.batch)).toBeCloseTo(2 * totalG(last(one).outcome.after.batch), 6);
});

test("salt strewn into the soaking bowl at the drain runs off with the liquor, all but a film", () => {
  const { outcome } = last(part("p", ...STRIPS, step("drain", "s", [food("salt", 10)])));
  const drained = outcome.outputs.find((l) => l.to === "drain");
  expect(drained?.contents.saltG).toBeGreaterThan(8);
  expect(outcome.after.batch.saltG).toBeLessThan(2);
});

test("parts that lie in liquid nobody drained are told of where they come together, and one that goes on is drained there", () => {
  const soaked = (id: string): Part => part(id, ...STRIPS.map((s) => ({ ...s, id: `${id}-${s.id}` })));
  const both: Line[] = ["a", "b"].map((id) => ({ kind: "part", part: id, share: 1 }));
  const { outcome } = last(soaked("a"), soaked("b"), part("c", step("rest", "s", both)));
  const bathG = last(soaked("a")).outcome.after.bath;
  expect(outcome.facts).toContainEqual({ kind: "undrained", massG: 2 * totalG(bathG ?? NOTHING) });
  // Told once, not for the part and for its bath.
  const one = last(soaked("a"), part("c", step("shape", "s", both.slice(0, 1)))).outcome;
  expect(one.facts.filter((f) => f.kind === "undrained")).toEqual([
    { kind: "undrained", massG: totalG(bathG ?? NOTHING) },
  ]);
  const drained = last(soaked("a"), part("c", step("drain", "s", both.slice(0, 1)))).outcome;
  expect(drained.facts.some((f) => f.kind === "undrained")).toBe(false);
  expect(drained.after.bath).toBeNull();
});

test("raw beans stay raw beans where they lie in a step's own line", () => {
  const { outcome } = last(part("p", step("rest", "s", [food("kidney-beans-dry", 100)])));
  expect(outcome.after.marks).toContain("raw-beans");
});

test("an empty vessel with nothing but oil in its line is still empty", () => {
  expect(() => last(part("p", step("sear", "s", [food("rapeseed-oil", 15)])))).toThrow("empty-vessel");
});
