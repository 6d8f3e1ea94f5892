import { DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { correctionFor } from "../bind/correction";
import { processOf } from "../foods/process";
import { plan, type PlanInput } from "../plan";
import { differences } from "../process/compare";
import { NOTHING } from "../process/contents";
import { type LogEntry, progressOf, readings } from "../process/log";
import { saltStanding } from "../season/standing";
import { entryRows, handsOnMinutes } from "./entry";

const SQUEEZE = "mustard-strips.strips-squeeze";
const input: PlanInput = {
  supper: demoSupper("2026-11-29T19:00:00.000Z"),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
};
const minute = 60_000;
const log: LogEntry[] = [
  { kind: "begun", at: 0, step: SQUEEZE },
  { kind: "timer", at: 1 * minute, step: SQUEEZE, minutes: 10 },
  { kind: "weighed", at: 2 * minute, step: SQUEEZE, readingG: 425, by: "typed" },
  { kind: "weighed", at: 3 * minute, step: SQUEEZE, readingG: 418, by: "scale" },
  { kind: "cue", at: 3 * minute, step: SQUEEZE, seen: true },
  { kind: "done", at: 5 * minute, step: SQUEEZE },
];

describe("the log", () => {
  test("tells where the cooking stands, whoever reads it and whenever", () => {
    const progress = progressOf(log);
    expect(progress.begunAt.get(SQUEEZE)).toBe(0);
    expect(progress.doneAt.get(SQUEEZE)).toBe(5 * minute);
    expect(progress.timers.get(SQUEEZE)).toEqual({ startedAt: minute, endsAt: 11 * minute });
    expect(progress.cues.has(SQUEEZE)).toBe(true);
    expect(progress.finishedAt).toBeNull();
  });
  test("a mistake is corrected by a later entry", () => {
    const later = progressOf([
      ...log,
      { kind: "reopened", at: 6 * minute, step: SQUEEZE },
      { kind: "timer-off", at: 6 * minute, step: SQUEEZE },
      { kind: "cue", at: 6 * minute, step: SQUEEZE, seen: false },
      { kind: "begun", at: 7 * minute, step: SQUEEZE },
      { kind: "finished", at: 9 * minute },
    ]);
    expect(later.doneAt.has(SQUEEZE)).toBe(false);
    expect(later.timers.size).toBe(0);
    expect(later.cues.size).toBe(0);
    expect(later.begunAt.get(SQUEEZE)).toBe(0);
    expect(later.finishedAt).toBe(9 * minute);
    expect(readings(log).get(SQUEEZE)).toBe(418);
  });
});

describe("an entry", () => {
  const rows = entryRows(plan(input), log);
  test("keeps planned and actual side by side; what was not done stays open", () => {
    const squeeze = rows.find((r) => r.key === SQUEEZE);
    expect(squeeze).toMatchObject({ step: "squeeze", part: "Strips", plannedMin: 3, actualMin: 5, weighedG: 418 });
    expect(squeeze?.plannedG).toBeGreaterThan(360);
    expect(rows.find((r) => r.step === "sear")).toMatchObject({ actualMin: null, weighedG: null });
    // Done two seconds before it was begun, by a clock that was corrected in between: no time, and an entry that can be read again.
    const corrected: LogEntry[] = [
      { kind: "begun", at: 10_000, step: SQUEEZE },
      { kind: "done", at: 8000, step: SQUEEZE },
    ];
    expect(entryRows(plan(input), corrected).find((r) => r.key === SQUEEZE)?.actualMin).toBe(0);
    expect(rows).toHaveLength(15);
  });
  test("waiting is not the cook's", () => {
    expect(
      handsOnMinutes([
        { kind: "hands", minutes: 2 },
        { kind: "wait", minutes: 30 },
        { kind: "hands", minutes: 1 },
      ]),
    ).toBe(3);
  });
});

describe("from what to what", () => {
  const rowsOf = (i: PlanInput) => plan(i).dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows]));
  const found = differences(rowsOf(input), rowsOf({ ...input, log: log.filter((e) => e.kind === "weighed") }));
  test("names each amount, batch, minute and weight that moved, in the order of the steps", () => {
    const of = (kind: string) => found.filter((d) => d.what.kind === kind).map((d) => d.key.split(".")[1]);
    expect(of("batches")).toEqual(["strips-sear"]);
    expect(of("goes-in")).toEqual(expect.arrayContaining(["strips-marinate", "sauce-season"]));
    expect(of("minutes")).toContain("strips-sear");
    expect(found.some((d) => d.key.includes("mash"))).toBe(false);
    const salt = found.find(
      (d) => d.what.kind === "goes-in" && d.what.food === "salt" && d.key.endsWith("strips-marinate"),
    );
    expect(salt?.to).toBeGreaterThan(salt?.from as number);
  });
  test("the same plan differs in nothing, a gram is not worth saying", () => {
    expect(differences(rowsOf(input), rowsOf(input))).toEqual([]);
    const near = {
      ...input,
      log: [{ kind: "weighed" as const, at: 1, step: SQUEEZE, readingG: Math.round(rows418()), by: "typed" as const }],
    };
    expect(differences(rowsOf(input), rowsOf(near)).filter((d) => d.what.kind === "batches")).toEqual([]);
  });
  const rows418 = () => entryRows(plan(input), []).find((r) => r.key === SQUEEZE)?.plannedG ?? 0;
});

describe("salt against what is usual", () => {
  const at = (share: number) => ({ ...NOTHING, waterG: 1000 * (1 - share), saltG: 1000 * share });
  test.each([
    [0.008, "low"],
    [0.011, "right"],
    [0.015, "right"],
    [0.0151, "high"],
  ] as const)("%s in a braise is %s", (share, standing) => {
    expect(saltStanding(at(share), 4, "braised")).toMatchObject({ standing, perEaterG: (1000 * share) / 4 });
  });
  test("without a usual value nothing is judged", () => {
    expect(saltStanding(at(0.05), 0, null)).toMatchObject({ standing: "unmeasured", target: null, perEaterG: 50 });
  });
});

describe("what brings a mix into its window", () => {
  const figures = (food: string) => processOf(food).binder as NonNullable<ReturnType<typeof processOf>["binder"]>;
  const oat = { food: "oat-flour", massG: 60, figures: figures("oat-flour") };
  const flax = { food: "ground-flax", massG: 14, figures: figures("ground-flax") };
  const mix = (addedWaterG: number, restMin = Infinity) => ({
    addedWaterG,
    bases: [],
    binders: [oat, flax],
    totalG: 700,
    restMin,
  });
  test("it holds: fine; unrested: wait before adding anything", () => {
    expect(correctionFor(mix(150), oat, 5.9)).toEqual({ kind: "fine" });
    expect(correctionFor(mix(150, 3), oat, 5.9)).toEqual({ kind: "wait" });
  });
  test("a little dry: spoons of liquid; a little wet: spoons of oat", () => {
    // 14·3 + 60·1 = 102 to 14·8 + 60·2.4 = 256 g; 0.3 of it is 148.2: (148.2 − 110)/9.858 = 3.9.
    expect(correctionFor(mix(110), oat, 5.9)).toEqual({ kind: "add-liquid", steps: 4 });
    expect(correctionFor(mix(240), oat, 5.9)).toMatchObject({ kind: "add-binder", food: "oat-flour", steps: 2 });
  });
  test("more than eight spoons is another matter; without a binder nothing is said", () => {
    // 148.2 − 20 is missing; down to 0.75 of the window, 102 + 0.75 · 154 = 217.5, 682.5 is too much.
    expect(correctionFor(mix(20), oat, 5.9)).toEqual({
      kind: "other-way",
      tooWet: false,
      waterG: expect.closeTo(128.2, 6) as number,
    });
    expect(correctionFor(mix(900), oat, 5.9)).toEqual({
      kind: "other-way",
      tooWet: true,
      waterG: expect.closeTo(682.5, 6) as number,
    });
    expect(correctionFor({ ...mix(100), binders: [] }, oat, 5.9)).toBeNull();
  });
});
