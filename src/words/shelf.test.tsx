import { STEP_KINDS } from "@/core/process/registry";
import { openBook } from "@/core/foods/book";
import { plan } from "@/core/plan";
import { sampleRanges } from "@/core/sampling";
import { capacitiesOf } from "@/core/schedule/capacities";
import { schedule } from "@/core/schedule/schedule";
import type { MeasureQuestion } from "@/core/foods/measure";
import type { Fact, StepFailure } from "@/core/process/ledger";
import { DEMO_DISHES, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { lanesOf } from "@/ui/clock/lanes";
import type { BindingAdvice } from "@/core/bind/advice";
import { describeAdvice, describeFact } from "./facts";
import { HOW_SURE } from "./steps";
import { describeWhatGoesIn } from "./goesIn";
import { describeStep } from "./stepText";
import { titledWork } from "./tasks";
import { BLOCKS_SAY, describeContradiction, describeQuestion, type TextContext } from "./words";
import { describeFailure } from "./failures";
import { STEP_GROUPS, STEP_NAMES } from "./steps";

const foods = openBook({ foods: [], labels: [] }).food;
const textContext: TextContext = { units: "metric", foods, part: (id) => id, eater: (id) => id };
const input = (dish: (typeof DEMO_DISHES)[number]) => ({
  supper: { ...demoSupper("2026-11-29T19:00:00.000Z"), eaters: [], guests: dish.servings, dishes: [dish] },
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: [],
  log: [],
});
/** Every step of the shelf, with what is said of it at the stove. */
const spoken = DEMO_DISHES.flatMap((dish) => {
  const part = (id: string) => dish.parts.find((p) => p.id === id)?.name ?? "part";
  const says: TextContext = { ...textContext, part };
  return plan(input(dish)).dishes.flatMap((d) =>
    d.parts.flatMap((p) =>
      p.rows.map((row) => {
        if (row.state !== "computed") throw new Error(row.step.id);
        return { id: `${dish.id}: ${row.step.id}`, row, part: p.name, says, ...describeStep(row, p.name, null, says) };
      }),
    ),
  );
});
test.each(DEMO_DISHES.map((d) => [d.id, d] as const))("%s can be cooked in every sample", (_id, dish) => {
  const run = sampleRanges(input(dish), 200, 7);
  let step = run.next();
  while (!step.done) step = run.next();
  const stopped = Object.entries(step.value).filter(([, { doneShare }]) => doneShare < 1);
  expect(stopped).toEqual([]);
  expect(Object.keys(step.value)).toHaveLength(dish.parts.flatMap((p) => p.steps).length);
});

test.each(DEMO_DISHES.map((d) => [d.id, d] as const))(
  "%s holds when it is shaped, and no pot runs dry",
  (_id, dish) => {
    const { advice, dishes } = plan(input(dish));
    expect(advice.filter((a) => a.correction.kind !== "wait")).toEqual([]);
    const facts = dishes.flatMap((d) =>
      d.parts.flatMap((p) => p.rows.flatMap((r) => (r.state === "computed" ? r.outcome.facts : []))),
    );
    expect(facts.filter((f) => f.kind === "bath-short" || f.kind === "core-short")).toEqual([]);
  },
);

const sentence = (text: string) => {
  expect(text).toMatch(/^[“A-Z0-9−]/);
  expect(text).toMatch(/[.?]$/);
  expect(text).not.toMatch(/undefined|NaN|null|Infinity|\[object|!/);
  expect(text).not.toMatch(/ {2}| ,|\.\.|: \.| 0 min|\b(\w+) \1\b/);
};

test("in US units nothing is told in grams, litres, centimetres or °C", () => {
  const metric = /[\d.]\s?(°C|g|kg|mL|L|mm|cm)\b/;
  for (const { row, part, says, id } of spoken) {
    const us = { ...says, units: "us" as const };
    const { does, why } = describeStep(row, part, null, us);
    expect(`${id}: ${does} ${why}`).not.toMatch(metric);
    for (const fact of row.outcome.facts) expect(`${id}: ${describeFact(fact, us).says}`).not.toMatch(metric);
  }
});

describe("the stove speaks every step of the shelf", () => {
  test.each(spoken.map((s) => [s.id, s] as const))("%s", (_id, { title, does, why }) => {
    expect(title).toMatch(/^[A-Z]/);
    expect(title).not.toMatch(/undefined|  |the the|\b(\w{4,}) \1\b/);
    sentence(does);
    if (why !== "") sentence(why);
  });
  test("verbs of two words close round the part, and nothing is named twice", () => {
    const titles = spoken.map((s) => s.title);
    expect(titles).toEqual(
      expect.arrayContaining([
        "Pat the rashers dry",
        "Keep the roast roots warm",
        "Sweat the sour apple in water",
        "Stir the batter",
        "Make the flax gel",
        "Layer the bake",
        "Shred the king oyster mushrooms and onion",
        "Mash it",
        "Fill the boats, 8 pieces",
        "Shape 1 loaf",
      ]),
    );
  });
  test("water that a step takes up by itself is not asked of the cook", () => {
    for (const { row, says } of spoken) {
      const asked = describeWhatGoesIn(row, says);
      if (row.step.kind === "steam" || row.step.kind === "sweat") expect(asked).not.toContain("water");
      if (row.step.kind === "blanch") expect(asked).toMatch(/^\d+ g (peas|chard)$/);
    }
  });
  test("a marinade that stays in the bowl is said to stay, one that is taken up to be taken up", () => {
    const why = (id: string) => spoken.find((s) => s.id.endsWith(id))?.why;
    expect(why("rashers-marinate")).toMatch(/^About \d+ g stays in the bowl/);
    expect(why("strips-marinate")).toMatch(/^It should take up all of this/);
  });
  test("oil is put on before the pieces are there", () => {
    expect(spoken.find((s) => s.row.step.kind === "deep-fry")?.does).toMatch(/put it on \d+ min before/);
  });
  test("liquor that was kept is called so", () => {
    expect(spoken.find((s) => s.id.endsWith("dressing-reduce"))?.does).toMatch(/of the liquor kept/);
  });
});

test("every fact of the shelf speaks, and rules of thumb are marked", () => {
  const facts = spoken.flatMap((s) => s.row.outcome.facts.map((fact) => ({ fact, says: s.says })));
  for (const { fact, says } of facts) sentence(describeFact(fact, says).says);
  expect(new Set(facts.map((f) => f.fact.kind)).size).toBeGreaterThan(18);
  for (const { fact, says } of facts.filter((f) => f.fact.kind === "rule-of-thumb" || f.fact.kind === "coated"))
    expect(describeFact(fact, says).ruleOfThumb).toBe(true);
});

describe("what is wrong is said with its way out", () => {
  const through = (givenMin: number, what: "frozen" | "thawed" = "thawed"): Fact => ({
    kind: "through",
    what,
    neededMin: 2400,
    lowMin: 1900,
    highMin: 3600,
    givenMin,
  });
  test.each<[Fact, string, RegExp]>([
    [through(4000), "good", /Surely thawed/],
    [through(2500), "watch", /Likely thawed by then, not surely/],
    [through(600), "harm", /cold water in a leak-proof bag/],
    [through(600, "frozen"), "harm", /Not frozen to the middle/],
    [{ kind: "core-short", neededMin: 40, givenMin: 20, coreC: 74 }, "harm", /20 min is too short/],
    [{ kind: "oil-dips", lowestC: 150, floorC: 160 }, "watch", /soaks instead of frying/],
    [{ kind: "fill", of: "pressure-cooker", share: 1.2 }, "harm", /120 %/],
    [{ kind: "softened", share: 0.5, softMin: 60, minutes: 30, atC: 100 }, "watch", /Still hard/],
    [{ kind: "softened", share: 1.6, softMin: 25, minutes: 40, atC: 100 }, "watch", /fall apart/],
    [{ kind: "batter", waterPerFlour: 0.6, body: "stiff" }, "watch", /dough/],
    [{ kind: "coated", takesG: 40, missingG: 30 }, "watch", /30 g more would cover it all/],
    [{ kind: "pressed", pressureKPa: 20, leavesG: 50, mostG: 80 }, "watch", /bulge/],
    [
      { kind: "cooled", toC: 60, hoursTo21: null, hoursTo5: null, warmMin: 60 },
      "harm",
      /it does not come to 21 °C here/,
    ],
  ])("%j", (fact, tone, says) => {
    const said = describeFact(fact, textContext);
    expect(said.tone).toBe(tone);
    expect(said.says).toMatch(says);
    sentence(said.says);
  });
  test.each<[BindingAdvice["correction"], RegExp]>([
    [{ kind: "wait" }, /wait before you add/],
    [{ kind: "add-liquid", steps: 2 }, /about 4 teaspoons of liquid \(20 g\)/],
    [{ kind: "add-binder", food: "oat-flour", steps: 1 }, /about 1 tablespoon of oat flour \(6 g\)/],
    [{ kind: "other-way", tooWet: true, waterG: 61.2 }, /squeeze or dry about 60 g of water out of the base/],
    [{ kind: "other-way", tooWet: false, waterG: 118 }, /leave about 120 g more water in the base/],
  ])("advice for a mix: %j", (correction, says) => {
    const said = describeAdvice({ step: "d.s", correction, spoonG: 6 }, textContext);
    sentence(said);
    expect(said).toMatch(says);
  });
  test("a rinse of what holds no salt doesn't count it", () => {
    expect(describeFact({ kind: "rinsed", fromShare: 0.012, toShare: 0.008 }, textContext).says).toContain(
      "1.20 % to 0.80 %",
    );
    expect(describeFact({ kind: "rinsed", fromShare: 0.0001, toShare: 0.00009 }, textContext).says).toContain(
      "hardly any",
    );
  });
  test.each<StepFailure>([
    { kind: "still-frozen" },
    { kind: "not-frozen" },
    { kind: "part-frozen", part: "Ragout" },
    { kind: "too-hard-pressed", pressureKPa: 80, mostKPa: 60 },
    { kind: "no-machine", wants: "pressure-cooker" },
    { kind: "no-tin" },
    { kind: "no-oven" },
    { kind: "never-soft", atC: 55 },
    { kind: "nothing-to-coat-with" },
    { kind: "liquor-missing", step: "x" },
    { kind: "liquor-used-up", step: "x", share: 1.4 },
  ])("the failure $kind", (failure) => sentence(describeFailure(failure, textContext)));
  test.each<MeasureQuestion>([
    { kind: "no-number" },
    { kind: "unknown-unit", unit: "glug" },
    { kind: "which-degrees", degrees: 200 },
    { kind: "two-amounts", first: "1 cup", second: "240 g" },
    { kind: "impossible", text: "5–3 g" },
    { kind: "no-measure", measure: "clove", known: [] },
    { kind: "which-pack", packs: [{ name: "tin", netG: 400, drainedG: 240 }] },
    { kind: "not-an-amount" },
  ])("the question $kind names the food", (question) => {
    const said = describeQuestion(question, "Chickpeas");
    sentence(said);
    expect(said).toMatch(question.kind === "which-degrees" ? /200 degrees/ : /^Chickpeas/);
  });
  test("labels that contradict themselves, and what unknown figures block", () => {
    sentence(describeContradiction({ kind: "part-over-whole", part: "sugarsG", whole: "carbohydrateG" }));
    sentence(describeContradiction({ kind: "salt-over-whole", saltG: 12 }));
    for (const says of Object.values(BLOCKS_SAY)) sentence(says);
  });
});

test("every kind stands in one group, has a name of its own and says how it is worked out", () => {
  const grouped = STEP_GROUPS.flatMap(([, kinds]) => kinds);
  expect([...grouped].sort()).toEqual([...STEP_KINDS].sort());
  expect(new Set(Object.values(STEP_NAMES)).size).toBe(STEP_KINDS.length);
  for (const kind of STEP_KINDS) sentence(HOW_SURE[kind]);
});

describe("lanes of the whole kitchen", () => {
  const lanes = (id: string) => {
    const dish = DEMO_DISHES.find((d) => d.id === id) as (typeof DEMO_DISHES)[number];
    const planned = plan(input(dish));
    const found = schedule({
      ...planned,
      capacities: capacitiesOf(DEMO_KITCHEN),
      blocked: [],
      horizonMin: 6 * 1440,
      nodes: 3000,
    });
    if (found.kind !== "fits") throw new Error("does not fit");
    const moves = titledWork(planned, found);
    return { lanes: lanesOf(planned, found, moves, DEMO_KITCHEN, {}), moves };
  };
  const saysOn = (all: ReturnType<typeof lanes>["lanes"], name: string) =>
    new Set(all.find((l) => l.name === name)?.bars.map((b) => b.says));
  test("what bakes is on the oven, what freezes in the freezer, nothing of it on the worktop", () => {
    const { lanes: torn } = lanes("torn-filling");
    expect(saysOn(torn, "Oven")).toEqual(new Set(["Bake · Torn tofu", "Oven on, 210 °C"]));
    expect(saysOn(torn, "Freezer")).toEqual(new Set(["Freeze · Torn tofu"]));
    expect(saysOn(torn, "Fridge")).toEqual(new Set(["Thaw · Torn tofu", "Cool · Torn tofu", "Rest · Torn tofu"]));
    expect([...saysOn(torn, "Worktop")].some((s) => /Bake|Freeze|Thaw/.test(s))).toBe(false);
  });
  test("machines have lanes of their own", () => {
    expect(saysOn(lanes("ragged-stew").lanes, "Pressure cooker")).toEqual(new Set(["Cook soft · Brown rice"]));
    expect(saysOn(lanes("crumbed-slices").lanes, "Air fryer")).toEqual(new Set(["Air-fry · Slices"]));
  });
  test("a batter is stirred before it coats, and frying comes after coating in the order of work", () => {
    const order = lanes("battered-palm").moves.map((m) => m.title);
    expect(order.indexOf("Stir a batter · Batter")).toBeLessThan(order.lastIndexOf("Coat · Fillets"));
    expect(order.lastIndexOf("Coat · Fillets")).toBeLessThan(order.indexOf("Deep-fry · Fillets"));
  });
});
