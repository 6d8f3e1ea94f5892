import { STEP_KINDS } from "@/core/process/registry";
import { openBook } from "@/core/foods/book";
import type { FileFailure } from "@/core/formats/household";
import { plan } from "@/core/plan";
import type { Fact, StepFailure } from "@/core/process/ledger";
import type { WeighInFailure } from "@/core/process/weighIn";
import { CARAWAY_PATTIES, DEMO_EATERS, DEMO_KITCHEN, demoSupper, MUSTARD_STRIPS } from "@/demo/household";
import { rowRanges } from "@/ui/__tests__/support";
import { describeStanding } from "./batches";
import { describeFact } from "./facts";
import { describeOpen } from "./open";
import { describeWhatGoesIn } from "./goesIn";
import { describeStep } from "./stepText";
import { titledWork } from "./tasks";
import {
  writeCountdown,
  writeDate,
  writeDay,
  writeUntil,
  writeWhen,
  describeMissingHour,
  describeTwice,
  writeClock,
} from "./time";
import { CUES, STEP_NAMES } from "./steps";
import { foodName, type TextContext, foodInText } from "./words";
import { describeFailure } from "./failures";
import { describeWeighInFailure } from "./weighInFailures";
import { describeFileFailure } from "./files";

const foods = openBook({ foods: [], labels: [] }).food;
const textContext: TextContext = {
  units: "metric",
  foods,
  part: (id) => (id === "strips" ? "Strips" : "Sauce"),
  eater: (id) => id,
};
const supper = { ...demoSupper("2026-11-29T19:00:00.000Z"), dishes: [MUSTARD_STRIPS, CARAWAY_PATTIES] };
const planned = plan({ supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: DEMO_EATERS, log: [] });
const rows = planned.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows.map((row) => ({ row, part: p.name }))));

/** A sentence a cook can act on: it begins large, ends with a stop, and shows no gap in the data. */
const sentence = (text: string) => {
  expect(text).toMatch(/^[“A-Z0-9]/);
  expect(text).toMatch(/[.?]$/);
  expect(text).not.toMatch(/undefined|NaN|null|\[object/);
  expect(text).not.toContain("!");
};

const FAILURES: StepFailure[] = [
  { kind: "not-a-number", field: "Mustard" },
  { kind: "out-of-range", field: "Minutes", got: -3, low: 0, high: 2880 },
  { kind: "unknown-food", food: "gone" },
  { kind: "amount-missing", foods: ["mustard"] },
  { kind: "no-figures", food: "potato", wants: "soaking" },
  { kind: "other-step", food: "potato", take: "boil" },
  { kind: "other-step", food: "red-lentils", take: "cook" },
  { kind: "empty-vessel" },
  { kind: "no-liquid" },
  { kind: "part-missing", part: "x" },
  { kind: "part-blocked", part: "strips" },
  { kind: "cycle", part: "strips" },
  { kind: "no-pan", wants: "pot" },
  { kind: "no-burner" },
  { kind: "piece-too-big", panMm: 280, pieceMm: 390 },
  { kind: "never-done", coreC: 95, aroundC: 93.3 },
  { kind: "too-weak", burnerW: 100 },
  { kind: "no-binder" },
  { kind: "part-used-up", part: "strips", share: 1.7 },
];
test.each(FAILURES)("the failure $kind is a sentence", (failure) => sentence(describeFailure(failure, textContext)));
test("failures name the field, the food, the part", () => {
  expect(describeFailure(FAILURES[1] as StepFailure, textContext)).toBe("Minutes is -3; it can be 0 to 2880.");
  expect(describeFailure(FAILURES[4] as StepFailure, textContext)).toContain("Potatoes, peeled");
  expect(describeFailure(FAILURES.at(-1) as StepFailure, textContext)).toContain("Strips is used 170 %");
  expect(describeFailure(FAILURES[15] as StepFailure, { ...textContext, units: "us" })).toContain("203 °F");
});

const FILES: FileFailure[] = [
  { kind: "too-big", bytes: 3e7, most: 2e7 },
  { kind: "not-json", cutOff: true },
  { kind: "not-json", cutOff: false },
  { kind: "foreign" },
  { kind: "newer", version: 4 },
  { kind: "wrong-field", field: "kitchen/cooks", problem: "must be a number" },
];
test.each(FILES)("a file that is refused ($kind) says that nothing was changed", (failure) => {
  sentence(describeFileFailure(failure));
  expect(describeFileFailure(failure)).toContain("Nothing was changed.");
});

const READINGS: WeighInFailure[] = [
  { kind: "not-weighed-here" },
  { kind: "below-possible", lowestG: 144 },
  { kind: "above-possible", highestG: 490 },
];
test.each(READINGS)("a reading that cannot be ($kind) asks", (failure) =>
  sentence(describeWeighInFailure(failure, "metric")),
);

const binding = {
  freeWaterG: -5,
  holdsFromG: 60,
  holdsToG: 160,
  position: -0.6,
  zone: "crumbly",
  strength: 3,
  set: "holds",
} as const;
const pieces = { count: 10, eachG: 58, form: "patty", diameterMm: 75, thicknessMm: 12.5, lengthMm: 75 } as const;
const FACTS: [Fact, string][] = [
  [{ kind: "soaked", share: 0.93, bathC: 82 }, "plain"],
  [{ kind: "already-drier", moisture: 1.1 }, "watch"],
  [{ kind: "bath-short", missingG: 40 }, "watch"],
  [{ kind: "nothing-in" }, "watch"],
  [{ kind: "slices", count: 10, thicknessMm: 23, askedMm: 12, fitting: 19 }, "watch"],
  [{ kind: "coarse-to-squeeze", mostMm: 8 }, "watch"],
  [{ kind: "block-size", eachG: 394, massG: 800, count: 2 }, "watch"],
  [{ kind: "block-size", eachG: 394, massG: 200, count: 1 }, "watch"],
  [{ kind: "nothing-to-drain" }, "watch"],
  [{ kind: "fitted", share: 0.43, drinksG: 26 }, "watch"],
  [{ kind: "left-in-bowl", massG: 12 }, "watch"],
  [{ kind: "salt-added", massG: 1.1, wanted: 0.01 }, "plain"],
  [{ kind: "already-saltier", share: 0.02, wanted: 0.01 }, "watch"],
  [{ kind: "batches", count: 2, eachG: 226, eachMin: 5.6, limitedBy: "heat of the burner" }, "plain"],
  [{ kind: "water-off", massG: 88 }, "plain"],
  [{ kind: "thickness", per100: 1.2, thickness: "light", atTable: "coating", starchG: 0, thinningG: 0 }, "plain"],
  [{ kind: "thickness", per100: 0.9, thickness: "light", atTable: "light", starchG: 4, thinningG: 0 }, "plain"],
  [{ kind: "thickness", per100: 5, thickness: "thick", atTable: "sets", starchG: 0, thinningG: 160 }, "plain"],
  [{ kind: "depth-reached", mm: 4, middleMm: 12 }, "plain"],
  [{ kind: "depth-reached", mm: 14, middleMm: 12 }, "plain"],
  [{ kind: "uncovered", needG: 900, pouredG: 600 }, "watch"],
  [{ kind: "cooked-through", minutes: 12.4, coreC: 95 }, "plain"],
  [{ kind: "binding", state: binding }, "harm"],
  [{ kind: "binding", state: { ...binding, zone: "holds", freeWaterG: 80 } }, "good"],
  [{ kind: "binding", state: { ...binding, zone: "soft" } }, "watch"],
  [{ kind: "pieces", pieces, offTarget: false, thick: false }, "plain"],
  [{ kind: "pieces", pieces: { ...pieces, form: "ball" }, offTarget: true, thick: false }, "watch"],
];
test.each(FACTS)("the fact %j speaks in its tone", (fact, tone) => {
  const said = describeFact(fact, textContext);
  sentence(said.says);
  expect(said.tone).toBe(tone);
});
test("what rests on a rule of thumb says so", () => {
  const thumb = FACTS.filter(([f]) => describeFact(f, textContext).ruleOfThumb).map(([f]) => f.kind);
  expect(new Set(thumb)).toEqual(
    new Set(["water-off", "thickness", "binding", "coarse-to-squeeze", "depth-reached", "uncovered"]),
  );
});

test("every kind of step has a name and a cue", () => {
  for (const kind of STEP_KINDS) {
    expect(STEP_NAMES[kind]).toMatch(/^[A-Z]/);
    expect(CUES[kind].length).toBeGreaterThan(8);
  }
});

test.each(rows.map(({ row, part }) => [row.key, row, part] as const))("%s is spoken", (_key, row, part) => {
  if (row.state !== "computed") throw new Error("blocked");
  const { title, does, why } = describeStep(row, part, null, textContext);
  expect(title).toMatch(/^[A-Z]/);
  sentence(does);
  if (why) sentence(why);
});
test("the squeeze says the weight and, when it is known, its range", () => {
  const squeeze = rows.find(({ row }) => row.step.kind === "squeeze");
  if (squeeze?.row.state !== "computed") throw new Error("no squeeze");
  const range = rowRanges({ massG: { low: 335, high: 382 } });
  expect(describeStep(squeeze.row, "Strips", range, textContext)).toMatchObject({
    title: "Squeeze the strips in both hands",
    does: "Squeeze until it weighs about 368 g (335–382 g).",
  });
});
test("what goes in is a list in the order of going in", () => {
  const marinate = rows.find(({ row }) => row.step.kind === "marinate");
  if (marinate?.row.state !== "computed") throw new Error("no marinade");
  expect(describeWhatGoesIn(marinate.row, textContext)).toMatch(
    /^30 g mustard, 10 g cider vinegar, .* and 1\.1 g salt$/,
  );
});
test("foods at the stove lose what follows the comma; unknown ones keep their id", () => {
  expect(foodInText(foods, "mustard")).toBe("mustard");
  expect(foodName(foods, "gone")).toBe("“gone”");
});

test("moves come in the order of the clock; without a clock in that of the dish", () => {
  const starts = Object.fromEntries(planned.tasks.map((t, i) => [t.id, -1000 + ((i * 37) % 500)]));
  const schedule = {
    kind: "fits",
    starts,
    startMin: -1000,
    handsBlocks: 1,
    handsMin: 1,
    boundMin: -1000,
    stretched: [],
    proven: true,
    nodesUsed: 1,
  } as const;
  const ordered = titledWork(planned, schedule).map((m) => m.startMin);
  expect(ordered).toEqual([...ordered].sort((a, b) => a - b));
  expect(titledWork(planned, null).map((m) => m.key)).toEqual(rows.map(({ row }) => row.key));
});

describe("time", () => {
  const sunday = { date: "2026-11-29", time: "19:00", weekday: 7 };
  test("days and hours", () => {
    expect(writeDay(sunday)).toBe("Sun 29 Nov, 19:00");
    expect(writeDate({ ...sunday, date: "2026-12-01", weekday: 2 })).toBe("Tue 1 Dec");
    expect(writeWhen({ ...sunday, time: "17:49" }, sunday)).toBe("17:49");
    expect(writeWhen({ date: "2026-11-28", time: "21:00", weekday: 6 }, sunday)).toBe("Sat 21:00");
    const twice = (doubled: "first" | "second") => ({ date: "2026-10-25", time: "01:30", weekday: 7, doubled });
    expect(writeDay(twice("second"))).toBe("Sun 25 Oct, 01:30²");
    expect(describeTwice([writeClock(twice("first")), "02:10"])).toContain("¹ is the first time");
    expect(describeTwice(["01:30", "02:10"])).toBeNull();
    expect(describeMissingHour("02:30", { ...sunday, time: "03:30" })).toContain("That night has no 02:30");
    expect(describeMissingHour("19:00", sunday)).toBeUndefined();
  });
  test.each([
    [0, "now"],
    [12, "in 12 min"],
    [185, "in 3 h 05"],
    [1440, "in 1 day"],
    [3000, "in 2 days"],
    [-14, "14 min late"],
  ])("%s minutes from now", (minutes, says) => expect(writeUntil(minutes)).toBe(says));
  test.each([
    [245_000, "4:05"],
    [3_729_000, "1:02:09"],
    [900, "0:01"],
    [-61_000, "−1:01"],
    [0, "0:00"],
  ])("%s ms on a timer", (ms, says) => expect(writeCountdown(ms)).toBe(says));
});

describe("what is still open of a supper", () => {
  const verdict = (eater: string, verdict: "contains" | "ask" | "clear", labels: number) => ({
    eater,
    allergen: "nuts" as const,
    verdict,
    contains: [],
    may: [],
    ask: Array.from({ length: labels }, (_, i) => ({ food: `food ${i}`, part: "p", step: "s" })) as never,
  });
  const [first] = DEMO_EATERS;
  const says = (blocked: number, ...verdicts: ReturnType<typeof verdict>[]) =>
    describeOpen({ blocked, verdicts, diets: [], doubts: [], dishes: [] }, [], DEMO_EATERS, textContext).map(
      ({ tone, says: text }) => `${tone}: ${text}`,
    );

  test("an allergen harms, an unread label is to be watched, a clear supper says nothing", () => {
    if (!first) throw new Error("the demo has eaters");
    expect(says(0, verdict(first.id, "contains", 2))).toEqual([`harm: Not for ${first.name}: it contains nuts`]);
    expect(says(0, verdict(first.id, "ask", 1))).toEqual([`watch: ${first.name}: 1 label to read for nuts`]);
    expect(says(0, verdict(first.id, "ask", 3))).toEqual([`watch: ${first.name}: 3 labels to read for nuts`]);
    expect(says(0, verdict(first.id, "clear", 0))).toEqual([]);
  });
  test("steps that cannot be worked out come first; an eater nobody knows any more still counts", () => {
    expect(says(1, verdict("gone", "contains", 0))).toEqual([
      "harm: 1 step cannot be worked out: fix it on the Bench",
      "harm: Not for Somebody: it contains nuts",
    ]);
    expect(says(2)).toEqual(["harm: 2 steps cannot be worked out: fix it on the Bench"]);
  });
});

test("a batch of another supper that cannot be counted on says why, with its numbers", () => {
  const of = { key: "a.b", part: "Beans", from: { supper: "s", step: "c.d" } } as const;
  expect(describeStanding({ ...of, kind: "gone" })).toBe(
    "Beans: another supper was to make this supper's share, and no longer does.",
  );
  expect(describeStanding({ ...of, kind: "later", with: "Sunday" })).toBe(
    "Beans: Sunday was to make this supper's share, and is eaten later by now.",
  );
  expect(describeStanding({ ...of, kind: "too-long", with: "Sunday", days: 3, keepsDays: 2 })).toBe(
    "Beans: its share would lie 3 days after Sunday, and keeps 2.",
  );
  expect(describeStanding({ ...of, kind: "too-little", with: "Sunday", share: 0.5 })).toBe(
    "Beans: Sunday sets aside 50 % of what this supper needs.",
  );
  expect(describeStanding({ ...of, kind: "too-little", with: "Sunday", share: 0 })).toBe(
    "Beans: Sunday sets aside something else by now.",
  );
});
