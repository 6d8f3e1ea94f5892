import { ownFood } from "./foods/own";
import { CARAWAY_PATTIES, DEMO_EATERS, DEMO_KITCHEN, demoSupper, MUSTARD_STRIPS } from "@/demo/household";
import { editStep, moveStep } from "./dish/edit";
import { newStep } from "./process/registry";
import { type Dish, scaleDish } from "./dish/dish";
import { FOODS } from "./foods/table";
import { judge } from "./judge";
import { plan, type PlanInput } from "./plan";
import { type Ranges, type SampledDishes, sampleRanges, type SamplingTools } from "./sampling";
import { saltShare, totalG } from "./process/contents";
import type { Row } from "./process/row";
import { boilingPointC } from "./models/boilingPoint";

const supper = demoSupper("2026-11-29T19:00:00.000Z");
const input: PlanInput = { supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: DEMO_EATERS, log: [] };
const cautionsOf = (i: PlanInput) => judge(i, plan(i), null);
const rows = (i: PlanInput): Row[] => plan(i).dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows]));
const row = (i: PlanInput, id: string) => {
  const found = rows(i).find((r) => r.step.id === id);
  if (found?.state !== "computed") throw new Error(`${id} is ${found?.state}: ${JSON.stringify(found)}`);
  return found;
};
const fact = <K extends string>(i: PlanInput, id: string, kind: K) => {
  const found = row(i, id).outcome.facts.find((f) => f.kind === kind);
  return found as Extract<NonNullable<typeof found>, { kind: K }>;
};
const weighed = (readingG: number): PlanInput => ({
  ...input,
  log: [{ kind: "weighed", at: 1, step: "mustard-strips.strips-squeeze", readingG, by: "typed" }],
});
const grams = (i: PlanInput, step: string, food: string) =>
  row(i, step).outcome.inputs.reduce((m, c) => (c.from === "food" && c.food === food ? m + c.massG : m), 0);

test("both demo dishes are computed to the end, and hold what cooks know", () => {
  const both = { ...input, supper: { ...supper, dishes: [MUSTARD_STRIPS, CARAWAY_PATTIES] } };
  expect(plan(both).blocked).toBe(0);
  // As-sold dry mass × about 2.3 after two hands (models card 3, common practice 2.1–2.6)
  const squeezed = totalG(row(input, "strips-squeeze").outcome.after.batch) / 160;
  expect(squeezed).toBeGreaterThan(2.1);
  expect(squeezed).toBeLessThan(2.6);
  const patties = fact(both, "patties-rest", "binding").state;
  expect(patties.zone).toBe("holds");
});

describe("the weigh-in changes what follows", () => {
  const wet = weighed(418);
  test("less marinade, more salt, one batch more; nothing before it moves", () => {
    expect(grams(wet, "strips-marinate", "mustard")).toBeLessThan(0.7 * grams(input, "strips-marinate", "mustard"));
    expect(fact(wet, "strips-marinate", "salt-added").massG).toBeGreaterThan(
      fact(input, "strips-marinate", "salt-added").massG + 1,
    );
    expect(fact(input, "strips-sear", "batches").count).toBe(2);
    expect(fact(wet, "strips-sear", "batches").count).toBe(3);
    expect(totalG(row(wet, "strips-drain").outcome.after.batch)).toBe(
      totalG(row(input, "strips-drain").outcome.after.batch),
    );
  });
  test("the salt ends where it was aimed, by hand: x = (pM − S)/(1 − p)", () => {
    const after = row(wet, "strips-marinate").outcome.after.batch;
    expect(saltShare(after)).toBeCloseTo(0.01, 9);
    const before = row(wet, "strips-squeeze").outcome.after.batch;
    const marinade = row(wet, "strips-marinate").outcome.inputs.filter((c) => c.from === "food" && c.food !== "salt");
    const mixed = totalG(before) + marinade.reduce((m, c) => m + totalG(c.contents), 0);
    const salt = before.saltG + marinade.reduce((m, c) => m + c.contents.saltG, 0);
    expect(fact(wet, "strips-marinate", "salt-added").massG).toBeCloseTo((0.01 * mixed - salt) / 0.99, 9);
  });
  test("an impossible reading corrects nothing and says so", () => {
    const refused = row(weighed(90), "strips-squeeze");
    expect(refused.weighed).toBeNull();
    expect(refused.refusedReading).toMatchObject({ kind: "below-possible" });
  });
});

test("soaked lentils go on softening in the sauce that they are joined to", () => {
  const [first, second] = MUSTARD_STRIPS.parts;
  if (!first || !second) throw new Error("the demo dish has two parts");
  const line = (food: string, massG: number) => ({ kind: "food", food, massG }) as const;
  const soak = { ...newStep("soak", "l-soak"), adds: [line("red-lentils", 200), line("water", 600)] };
  const simmer = {
    ...newStep("simmer", "s-simmer"),
    minutes: 5,
    adds: [line("water", 400), { kind: "part", part: "lentils", share: 1 } as const],
  };
  const parts = [
    { ...first, id: "lentils", steps: [soak, newStep("drain", "l-drain")] },
    { ...second, id: "sauce", steps: [simmer] },
  ];
  const joined = { ...input, supper: { ...supper, dishes: [{ ...MUSTARD_STRIPS, parts }] } };
  const { share, softMin } = fact(joined, "s-simmer", "softened");
  expect(share).toBeCloseTo(5 / softMin, 9);
  expect(cautionsOf(joined).map((c) => c.rule)).toContain("pulses-underdone");
});

test("raw potato that comes as a part still keeps its water", () => {
  const [first, second] = MUSTARD_STRIPS.parts;
  if (!first || !second) throw new Error("the demo dish has two parts");
  const raw = { ...newStep("weigh", "r-weigh"), adds: [{ kind: "food", food: "potato", massG: 500 } as const] };
  const join = { ...newStep("season", "j-join"), adds: [{ kind: "part", part: "raw", share: 1 } as const] };
  const parts = [
    { ...first, id: "raw", steps: [raw] },
    { ...second, id: "joined", steps: [join, newStep("squeeze", "j-squeeze")] },
  ];
  const both = { ...input, supper: { ...supper, dishes: [{ ...MUSTARD_STRIPS, parts }] } };
  expect(fact(both, "j-squeeze", "coarse-to-squeeze").mostMm).toBe(8);
});

describe("failures stay where they are", () => {
  const changed = (edit: Parameters<typeof editStep>[2], step: string, more: Partial<PlanInput> = {}): PlanInput => ({
    ...input,
    ...more,
    supper: { ...supper, dishes: [editStep(MUSTARD_STRIPS, step, edit)] },
  });
  const states = (i: PlanInput) => Object.fromEntries(rows(i).map((r) => [r.step.id, r.state]));

  test("a food that no longer exists blocks its step and what follows, not the mash", () => {
    const broken = changed((s) => ({ ...s, adds: [{ kind: "food", food: "gone", massG: 5 }] }), "strips-marinate");
    const found = states(broken);
    expect(found["strips-squeeze"]).toBe("computed");
    expect(found["strips-marinate"]).toBe("blocked");
    expect(found["strips-sear"]).toBe("waiting");
    expect(found["sauce-join"]).toBe("blocked");
    expect(found["mash-mash"]).toBe("computed");
  });
  test("a cycle between parts is found on the step that closes it", () => {
    const cyclic = changed((s) => ({ ...s, adds: [{ kind: "part", part: "sauce", share: 1 }] }), "strips-marinate");
    const failures = rows(cyclic).flatMap((r) => (r.state === "blocked" ? [r.failure.kind] : []));
    expect(failures).toContain("cycle");
  });
  test("a part cannot be used more than whole", () => {
    const twice = changed((s) => ({ ...s, adds: [{ kind: "part", part: "strips", share: 0.7 }] }), "mash-mash");
    expect(rows(twice).find((r) => r.state === "blocked")).toMatchObject({
      failure: { kind: "part-used-up", part: "strips" },
    });
  });
  test.each([
    [-5, "out-of-range"],
    [Number.NaN, "not-a-number"],
    [1e9, "out-of-range"],
  ])("%s g is refused with the field's name", (massG, kind) => {
    const bad = changed((s) => ({ ...s, adds: [{ kind: "food", food: "mustard", massG }] }), "strips-marinate");
    expect(rows(bad).find((r) => r.state === "blocked")).toMatchObject({ failure: { kind, field: "Mustard, grainy" } });
  });
  test("a kitchen without a burner, or without a pan, says which is missing", () => {
    const kinds = (kitchen: PlanInput["kitchen"]) =>
      rows({ ...input, kitchen }).flatMap((r) => (r.state === "blocked" ? [r.failure.kind] : []));
    expect(kinds({ ...DEMO_KITCHEN, burners: [] })).toContain("no-burner");
    expect(kinds({ ...DEMO_KITCHEN, pans: DEMO_KITCHEN.pans.filter((p) => p.kind === "pot") })).toContain("no-pan");
  });
  test("high in the hills potatoes take longer, and nothing is held up", () => {
    const high = { ...input, kitchen: { ...DEMO_KITCHEN, altitudeM: 2000 } };
    expect(boilingPointC(2000)).toBeLessThan(95);
    expect(plan(high).blocked).toBe(0);
    expect(fact(high, "mash-boil", "tender").neededMin).toBeGreaterThan(
      1.2 * fact(input, "mash-boil", "tender").neededMin,
    );
  });
});

describe("scaling", () => {
  test("twice the eaters, twice the grams; the soak is no longer, the sear is", () => {
    const ten = { ...input, supper: { ...supper, guests: 5 } };
    expect(totalG(row(ten, "mash-mash").outcome.after.batch)).toBeCloseTo(
      2 * totalG(row(input, "mash-mash").outcome.after.batch),
      6,
    );
    expect(row(ten, "strips-soak").outcome.phases[1]?.minutes).toBe(10);
    expect(fact(ten, "strips-sear", "batches").count).toBeGreaterThan(fact(input, "strips-sear", "batches").count);
  });
  test("scaling there and back is the same dish", () => {
    const back = scaleDish(scaleDish(MUSTARD_STRIPS, 3), 1 / 3);
    back.parts.forEach((p, i) =>
      p.steps.forEach((s, j) =>
        s.adds.forEach((l, k) => {
          const original = MUSTARD_STRIPS.parts[i]?.steps[j]?.adds[k];
          if (l.kind === "food" && original?.kind === "food") expect(l.massG).toBeCloseTo(original.massG ?? NaN, 9);
        }),
      ),
    );
  });
});

describe("who can eat it", () => {
  test("the coeliac is asked about every label, in every part, and clear only when all are read", () => {
    const verdict = plan(input).verdicts.find((v) => v.eater === "ilse");
    // Oats count as gluten until the packet says otherwise: a plain no.
    expect(verdict?.verdict).toBe("contains");
    expect(verdict?.contains.map((f) => f.food).sort()).toEqual(["oat-cream", "oat-milk"]);
    expect(verdict?.ask.map((f) => f.food).sort()).toEqual([
      "mustard",
      "plant-butter",
      "soy-strips",
      "stock-powder",
      "tamari",
    ]);
    expect(verdict?.ask.find((f) => f.food === "mustard")?.parts).toEqual(["Strips", "Mushroom cream"]);
    const labels = FOODS.map((f) => ({ food: f.id, allergen: "gluten", state: "free" }) as const);
    expect(plan({ ...input, labels }).verdicts.find((v) => v.eater === "ilse")?.verdict).toBe("clear");
  });
  test("a food nobody knows asks, and wheat is a plain no", () => {
    const wheat = {
      ...supper,
      dishes: [
        editStep(MUSTARD_STRIPS, "sauce-thicken", (s) => ({
          ...s,
          adds: [{ kind: "food", food: "wheat-flour", massG: 15 }],
        })),
      ],
    };
    expect(plan({ ...input, supper: wheat }).verdicts.find((v) => v.eater === "ilse")?.verdict).toBe("contains");
    const gone = {
      ...supper,
      dishes: [
        editStep(MUSTARD_STRIPS, "sauce-thicken", (s) => ({ ...s, adds: [{ kind: "food", food: "gone", massG: 15 }] })),
      ],
    };
    expect(plan({ ...input, supper: gone }).verdicts.find((v) => v.eater === "noor")?.verdict).toBe("ask");
  });
});

test("nothing but an unknown food stands between an eater and the supper: ask", () => {
  const eaters = [{ id: "fin", name: "Fin", avoids: ["fish" as const], diets: [], dislikes: [], age: null }];
  const verdict = (dishes: typeof supper.dishes) =>
    plan({ ...input, eaters, supper: { ...supper, eaters: ["fin"], dishes } }).verdicts[0];
  const fishless = editStep(MUSTARD_STRIPS, "sauce-simmer", (s) => ({
    ...s,
    adds: s.adds.filter((l) => l.kind !== "food" || l.food !== "stock-powder"),
  }));
  expect(verdict([MUSTARD_STRIPS])).toMatchObject({ verdict: "ask", ask: [{ food: "stock-powder" }] });
  expect(verdict([fishless])?.verdict).toBe("clear");
  const gone = editStep(fishless, "mash-mash", (s) => ({
    ...s,
    adds: [{ kind: "food", food: "gone", massG: 5 }],
  }));
  expect(verdict([gone])).toMatchObject({ verdict: "ask", ask: [{ food: "gone", parts: ["Mash"] }] });
  // Nothing there is nothing to be clear about: no dish, a dish without food, a part that is taken and gone.
  expect(verdict([])?.verdict).toBe("open");
  expect(verdict([{ ...MUSTARD_STRIPS, parts: [] }])?.verdict).toBe("open");
  expect(verdict([fishless, { ...CARAWAY_PATTIES, parts: [] }])?.verdict).toBe("open");
  expect(verdict([{ ...fishless, parts: fishless.parts.filter((p) => p.id !== "strips") }])?.verdict).toBe("open");
});

test("what somebody dislikes is told with its parts, and so is an own food that is like it; nobody else's wish counts", () => {
  const eaters = DEMO_EATERS.map((e) => ({ ...e, dislikes: e.id === "bram" ? ["tarragon", "dill"] : [] }));
  const told = (i: PlanInput) => plan(i).disliked.map((d) => [d.eater, d.food, d.parts]);
  expect(told({ ...input, eaters })).toEqual([["bram", "tarragon", ["Strips"]]]);
  expect(told({ ...input, eaters, supper: { ...supper, eaters: ["oda"] } })).toEqual([]);
  const mine = { ...ownFood("own-leaf", "Garden leaf"), like: "tarragon" };
  const leaf = editStep(MUSTARD_STRIPS, "strips-marinate", (s) => ({
    ...s,
    adds: [{ kind: "food", food: "own-leaf", massG: 4 }],
  }));
  expect(told({ ...input, eaters, foods: [mine], supper: { ...supper, dishes: [leaf] } })).toEqual([
    ["bram", "own-leaf", ["Strips"]],
  ]);
});

test("another amount put in while cooking counts from its step on, in the grams of the vessel", () => {
  const step = `${MUSTARD_STRIPS.id}.strips-marinate`;
  const salt = { kind: "amount", at: 5, step, line: 2, massG: 40 } as const;
  const row = (i: PlanInput, id: string) => plan(i).dishes[0]?.parts[0]?.rows.find((r) => r.step.id === id);
  const after = (i: PlanInput, id: string) => {
    const found = row(i, id);
    return found?.state === "computed" ? totalG(found.outcome.after.batch) : NaN;
  };
  const logged = { ...input, log: [salt] };
  const planned = row(input, "strips-marinate")?.step.adds[2] as { massG: number };
  expect(row(logged, "strips-marinate")?.step.adds[2]).toMatchObject({ food: "tamari", massG: 40 });
  expect(after(logged, "strips-squeeze")).toBe(after(input, "strips-squeeze"));
  expect(plan(logged).perEater.saltG).toBeGreaterThan(plan(input).perEater.saltG as number);
  // The last word counts; the amount that was planned changes nothing.
  const back = { ...salt, at: 6, massG: planned.massG };
  expect(after({ ...input, log: [salt, back] }, "strips-marinate")).toBeCloseTo(after(input, "strips-marinate"), 9);
  expect(plan({ ...input, log: [{ ...salt, line: 99 }] }).perEater).toEqual(plan(input).perEater);
});

test("an unknown figure is never nought: the sum says at least", () => {
  expect(plan(input).perEater).toMatchObject({ saltAtLeast: false, proteinAtLeast: false });
  const unread = FOODS.map((f) =>
    f.id === "mustard" ? { ...f, per100: { ...f.per100, sodiumMg: null, proteinG: null } } : f,
  );
  expect(plan({ ...input, foods: unread }).perEater).toMatchObject({ saltAtLeast: true, proteinAtLeast: true });
});

describe("cautions", () => {
  const rules = (i: PlanInput) => cautionsOf(i).map((c) => c.rule);
  const withStep = (id: string, edit: Parameters<typeof editStep>[2]) => ({
    ...input,
    supper: { ...supper, dishes: [editStep(MUSTARD_STRIPS, id, edit)] },
  });
  test("hot oil and boiling water warn; two hours exactly pass, more stop", () => {
    expect(rules(input)).toEqual(expect.arrayContaining(["hot-oil", "boiling-water"]));
    const soakFor = (minutes: number) => withStep("strips-soak", (s) => (s.kind === "soak" ? { ...s, minutes } : s));
    // The marinade stands for 15 minutes more, and the work between them counts: with it 105 come to more than two hours.
    expect(rules(soakFor(80))).not.toContain("danger-zone");
    expect(cautionsOf(soakFor(105)).find((c) => c.rule === "danger-zone")?.severity).toBe("stop");
  });
  test("a core below 74 °C is stopped", () => {
    const patties = { ...input, supper: { ...supper, dishes: [CARAWAY_PATTIES] } };
    const cooler = editStep(CARAWAY_PATTIES, "patties-fry", (s) => (s.kind === "fry" ? { ...s, coreC: 70 } : s));
    expect(rules(patties)).not.toContain("core");
    expect(rules({ ...patties, supper: { ...supper, dishes: [cooler] } })).toContain("core");
  });
});

describe("ranges", () => {
  const ranges = (i: PlanInput): Ranges => {
    const run = sampleRanges(i, 200, 3);
    for (let step = run.next(); ; step = run.next()) if (step.done) return step.value;
  };
  test("equal input, equal ranges; low ≤ high; the likely value lies near them", () => {
    const first = ranges(input);
    expect(ranges(input)).toEqual(first);
    const squeeze = first["mustard-strips.strips-squeeze"];
    const computed = totalG(row(input, "strips-squeeze").outcome.after.batch);
    expect(squeeze?.massG.low).toBeLessThan(computed);
    expect(squeeze?.massG.high).toBeGreaterThan(computed * 0.97);
  });
  test("after an edit only the dish that differs is sampled again, and all have the ranges of a fresh start", () => {
    const two = { ...input, supper: { ...supper, dishes: [MUSTARD_STRIPS, CARAWAY_PATTIES] } };
    const sampled: SampledDishes = new Map();
    const runs = (i: PlanInput, tools: SamplingTools) => {
      const run = sampleRanges(i, 40, 3, { ...tools, chunkRows: 1 });
      for (let yields = 0; ; yields++) {
        const step = run.next();
        if (step.done) return { ranges: step.value, yields };
      }
    };
    const first = runs(two, { sampled });
    expect(first.yields).toBe(80);
    expect(runs(two, { sampled })).toEqual({ ranges: first.ranges, yields: 0 });
    // It looks up after so many rows: at every second run of a dish where they are those of two.
    const rowsOfOne = rows({ ...two, supper: { ...supper, dishes: [MUSTARD_STRIPS] } }).length;
    const alone = sampleRanges({ ...two, supper: { ...supper, dishes: [MUSTARD_STRIPS] } }, 40, 3, {
      chunkRows: 2 * rowsOfOne,
    });
    let looks = 0;
    while (!alone.next().done) looks++;
    expect(looks).toBe(20);
    const [one, other] = two.supper.dishes as [Dish, Dish];
    const longer = { ...other, servings: other.servings + 1 };
    const edited = { ...two, supper: { ...supper, dishes: [one, longer] } };
    const again = runs(edited, { sampled });
    expect(again.yields).toBe(40);
    expect(again.ranges).toEqual(runs(edited, {}).ranges);
    expect(again.ranges).not.toEqual(first.ranges);
    // Another kitchen, other figures of a food, a reading: everything that a range depends on counts.
    expect(runs({ ...two, kitchen: { ...DEMO_KITCHEN, altitudeM: 2000 } }, { sampled }).yields).toBe(80);
    const key = Object.keys(first.ranges)[0] as string;
    const weighed = { ...two, log: [{ at: 0, kind: "weighed", step: key, readingG: 200, by: "typed" }] as const };
    expect(runs(weighed, { sampled }).yields).toBe(40);
  });
  test("minutes by kind and grams by kind lie round the likely ones", () => {
    const all = ranges(input);
    for (const id of ["strips-soak", "strips-sear", "mash-boil"]) {
      const found = all[`mustard-strips.${id}`];
      if (!found) throw new Error(id);
      const { after, phases, outputs: left } = row(input, id).outcome;
      const inside = ({ low, high }: { low: number; high: number }, likely: number) => {
        expect(likely).toBeGreaterThanOrEqual(low * 0.97);
        expect(likely).toBeLessThanOrEqual(high * 1.03);
      };
      for (const kind of ["hands", "watch", "wait"] as const)
        inside(
          found[kind],
          phases.reduce((m, p) => (p.kind === kind ? m + p.minutes : m), 0),
        );
      inside(found.waterG, after.batch.waterG);
      inside(found.oilG, after.batch.oilG);
      inside(found.solidsG, totalG(after.batch) - after.batch.waterG - after.batch.oilG);
      inside(
        found.outputsG,
        left.reduce((g, l) => g + totalG(l.contents), 0),
      );
    }
  });
  test("a step added elsewhere does not make other ranges flicker", () => {
    const longer = {
      ...input,
      supper: {
        ...supper,
        dishes: [
          {
            ...MUSTARD_STRIPS,
            parts: MUSTARD_STRIPS.parts.map((p) =>
              p.id === "mash" ? { ...p, steps: [...p.steps, newStep("season", "extra")] } : p,
            ),
          },
        ],
      },
    };
    expect(ranges(longer)["mustard-strips.strips-sear"]).toEqual(ranges(input)["mustard-strips.strips-sear"]);
  });
  test("the order in which parts are listed moves no range", () => {
    const turned = { ...MUSTARD_STRIPS, parts: [...MUSTARD_STRIPS.parts].reverse() };
    const other = ranges({ ...input, supper: { ...supper, dishes: [turned] } });
    expect(other["mustard-strips.sauce-join"]).toEqual(ranges(input)["mustard-strips.sauce-join"]);
  });
  test("a reading narrows the range to the scale's own step", () => {
    const { massG } = ranges(weighed(418))["mustard-strips.strips-squeeze"] ?? { massG: { low: 0, high: 999 } };
    expect(massG.high - massG.low).toBeLessThan(1);
  });
});

test("moving a step and moving it back is the same dish; at the end it stays", () => {
  const moved = moveStep(MUSTARD_STRIPS, "strips-drain", 1);
  expect(moved.parts[0]?.steps[3]?.id).toBe("strips-drain");
  expect(moveStep(moved, "strips-drain", -1)).toEqual(MUSTARD_STRIPS);
  expect(moveStep(MUSTARD_STRIPS, "strips-weigh", -1)).toBe(MUSTARD_STRIPS);
});
