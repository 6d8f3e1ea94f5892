import { descriptorOf, newStep, STEP_KINDS } from "../process/registry";
import { sampledDraws } from "../quantities/draw";
import { applyStep } from "./apply";
import { contents, context, likely, random, run } from "./__tests__/context";
import { randomStep, randomVessel } from "./__tests__/samples";
import { add, type Contents, moistureOf, totalG } from "./contents";
import { conservationGapG, EMPTY_VESSEL, type Vessel, vesselContents } from "./ledger";
import type { Step, StepKind } from "./registry";
import { correctByReading } from "./weighIn";
import { many, seedOf } from "../__tests__/proof";

describe.each(STEP_KINDS)("%s", (kind) => {
  test("accounts for every gram over seeded batches and sampled parameters", () => {
    const batches = many(50, 1000);
    const r = random(seedOf(20_260 + kind.length));
    const drawOf = sampledDraws(batches, seedOf(7));
    let ran = 0;
    for (let i = 0; i < batches; i++) {
      const vessel = randomVessel(kind, r);
      const applied = applyStep(vessel, randomStep(kind, r), context(drawOf(i)));
      if (!applied.ok) continue;
      ran++;
      expect(conservationGapG(vessel, applied.value)).toBeLessThan(1e-9 * totalG(vesselContents(vessel)) + 1e-9);
      const { batch } = applied.value.after;
      for (const grams of [batch.waterG, batch.oilG, batch.saltG, batch.sugarG, ...batch.solids.grams])
        expect(grams).toBeGreaterThanOrEqual(-1e-9);
      for (const phase of applied.value.phases) expect(phase.minutes).toBeGreaterThanOrEqual(0);
    }
    expect(ran).toBeGreaterThan(batches * 0.7);
  });

  const meaning = descriptorOf(kind).weighed;
  if (meaning !== null)
    test("a weigh-in moves grams, creates none, and takes none below zero, wherever the scale may stand", () => {
      const r = random(seedOf(99));
      const nothingBelowZero = (c: Contents) => {
        for (const grams of [c.waterG, c.oilG, c.saltG, c.sugarG, c.acidG, c.umamiG, ...c.solids.grams])
          expect(grams).toBeGreaterThanOrEqual(-1e-7);
      };
      let corrected = 0;
      for (let i = 0; i < many(40, 600); i++) {
        const vessel = randomVessel(kind, r);
        const applied = applyStep(vessel, randomStep(kind, r), likely);
        if (!applied.ok || applied.value.after.bath) continue;
        const computed = totalG(applied.value.after.batch);
        const result = correctByReading(
          meaning,
          applied.value,
          computed * (i % 2 ? 0.97 + 0.06 * r() : 0.6 + 0.8 * r()),
        );
        if (!result.ok) continue;
        corrected++;
        const { outcome } = result.value;
        expect(conservationGapG(vessel, outcome)).toBeLessThan(1e-7);
        nothingBelowZero(outcome.after.batch);
        for (const { contents: c } of [...outcome.outputs, ...outcome.inputs]) nothingBelowZero(c);
      }
      expect(corrected).toBeGreaterThan(2);
    });
});

test.each(STEP_KINDS)(
  "after %s pieces weigh what the batch weighs, or there are none, or they lie in what was added",
  (kind) => {
    const r = random(5);
    for (let i = 0; i < 40; i++) {
      const batch = randomVessel(kind, r).batch;
      const pieces = {
        count: 8,
        eachG: totalG(batch) / 8,
        form: "ball",
        diameterMm: 40,
        thicknessMm: 40,
        lengthMm: 40,
      } as const;
      const marks = kind === "thaw" ? (["frozen"] as const) : [];
      const step = randomStep(kind, r);
      const applied = applyStep({ ...EMPTY_VESSEL, batch, pieces, marks }, step, likely);
      if (!applied.ok || applied.value.after.pieces === null) continue;
      const { after, inputs } = applied.value;
      if (descriptorOf(kind).addsAround && inputs.length > 0) continue;
      const gap = (after.pieces as typeof pieces).count * (after.pieces as typeof pieces).eachG - totalG(after.batch);
      expect([kind, Math.abs(gap) / totalG(after.batch) < 0.02]).toEqual([kind, true]);
    }
  },
);

test("an empty vessel is a reason, not a number", () => {
  for (const kind of STEP_KINDS) {
    if (kind === "weigh") continue;
    const step = newStep(kind, "x") as Step;
    const applied = applyStep(EMPTY_VESSEL, step, likely);
    expect(applied.ok).toBe(false);
  }
});

describe("monotonicity", () => {
  const soaked = (): Vessel => ({
    ...EMPTY_VESSEL,
    batch: { ...contents("soy-strips", 160), waterG: 355, saltG: 3, tempC: 60 },
  });
  const squeezeAfter = (how: "palm" | "hands" | "cloth", minutes: number) =>
    totalG(run(soaked(), { ...newStep("squeeze", "s"), how, minutes }).after.batch);

  test("a harder and a longer squeeze is lighter", () => {
    expect(squeezeAfter("cloth", 2)).toBeLessThan(squeezeAfter("hands", 2));
    expect(squeezeAfter("hands", 2)).toBeLessThan(squeezeAfter("palm", 2));
    expect(squeezeAfter("hands", 5)).toBeLessThanOrEqual(squeezeAfter("hands", 0.2));
  });
  test("a hotter and a longer soak drinks more", () => {
    const soak = (waterC: number, minutes: number) =>
      moistureOf(
        run(
          { ...EMPTY_VESSEL, batch: contents("soy-strips", 160) },
          {
            ...newStep("soak", "s"),
            adds: [{ kind: "food", food: "water", massG: 900 }],
            waterC,
            minutes,
          },
        ).after.batch,
      );
    expect(soak(90, 10)).toBeGreaterThan(soak(20, 10));
    expect(soak(20, 30)).toBeGreaterThan(soak(20, 10));
  });
  test("wetter strips mean a longer sear, and a weaker burner more batches", () => {
    const searing = (vessel: Vessel, netW: number) => {
      const step = { ...newStep("sear", "s"), adds: [{ kind: "food" as const, food: "rapeseed-oil", massG: 20 }] };
      const applied = applyStep(vessel, step, { ...likely, burner: { netW, ratedW: netW / 0.4, efficiency: 0.4 } });
      const fact = applied.ok ? applied.value.facts.find((f) => f.kind === "batches") : undefined;
      if (fact?.kind !== "batches") throw new Error("no batches");
      return fact;
    };
    const wet = soaked();
    const dry: Vessel = { ...wet, batch: { ...wet.batch, waterG: 210 } };
    const total = (f: { count: number; eachMin: number }) => f.count * f.eachMin;
    expect(total(searing(wet, 800))).toBeGreaterThan(total(searing(dry, 800)));
    expect(searing(wet, 500).count).toBeGreaterThan(searing(wet, 1600).count);
  });
  test("bigger pieces boil longer, about as the size itself, as cooks find it", () => {
    const minutes = (pieceMm: number) => {
      const step = { ...newStep("boil", "b"), pieceMm, adds: [{ kind: "food" as const, food: "water", massG: 1500 }] };
      const fact = run({ ...EMPTY_VESSEL, batch: contents("potato", 1000) }, step).facts.find(
        (f) => f.kind === "tender",
      );
      return fact?.kind === "tender" ? fact.neededMin : NaN;
    };
    // 25–30 mm: 12–18 min (common practice)
    expect(minutes(25)).toBeGreaterThan(9);
    expect(minutes(30)).toBeLessThan(18);
    expect(minutes(40) / minutes(20)).toBeGreaterThan(1.6);
    expect(minutes(40) / minutes(20)).toBeLessThan(2.1);
  });
});

describe("chains of fifteen steps of every kind", () => {
  test("keep every gram, and end in grams that can be", () => {
    const chains = many(60, 600);
    const r = random(seedOf(4_711));
    const drawOf = sampledDraws(chains, seedOf(3));
    const ran = new Set<StepKind>();
    for (let i = 0; i < chains; i++) {
      let vessel: Vessel = { ...EMPTY_VESSEL, batch: add(contents("soy-strips", 400), contents("green-lentils", 60)) };
      const on = context(drawOf(i));
      for (let n = 0; n < 15; n++) {
        // What is frozen is thawed as often as anything else is tried with it.
        const next = vessel.marks.includes("frozen") && r() < 0.5 ? STEP_KINDS.indexOf("thaw") : null;
        const kind = STEP_KINDS[next ?? Math.floor(r() * STEP_KINDS.length)] as StepKind;
        const step = randomStep(kind, r);
        const applied = applyStep(vessel, step, on);
        // A step that does not fit is a reason and leaves the vessel as it was.
        if (!applied.ok) continue;
        ran.add(kind);
        const whole = totalG(vesselContents(vessel)) + 1;
        expect([kind, conservationGapG(vessel, applied.value) < 1e-8 * whole]).toEqual([kind, true]);
        vessel = applied.value.after;
        for (const grams of [vessel.batch.waterG, vessel.batch.oilG, vessel.batch.saltG, ...vessel.batch.solids.grams])
          expect([kind, grams >= -1e-7]).toEqual([kind, true]);
        expect(Number.isFinite(vessel.batch.tempC)).toBe(true);
        // What grows without end is no supper: begin again.
        if (totalG(vessel.batch) > 20_000) break;
      }
    }
    expect(STEP_KINDS.filter((k) => !ran.has(k))).toEqual([]);
  });
});
