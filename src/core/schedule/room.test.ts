import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { inputOf } from "../__tests__/supper";
import { withoutBurners } from "../household/kitchen";
import { plan, type PlanInput } from "../plan";
import { progressOf } from "../process/log";
import { sampleRanges } from "../sampling";
import { chanceOnTime } from "./chance";
import { chanceQuestion } from "./chanceQuestion";
import { capacitiesOf } from "./capacities";
import { fromNow, NOTHING_DONE } from "./fromNow";
import { heldAt } from "./pins";
import { scheduleQuestion } from "./question";
import { type Schedule, schedule } from "./schedule";
import { hardestOf } from "./stretch";
import { SERVE } from "./task";
import { whatIf } from "./whatIf";
import { many } from "../__tests__/proof";

const AT = "2026-11-29T19:00:00.000Z";
type Fits = Extract<Schedule, { kind: "fits" }>;

const withRoom = (roomMin: number, dishes = DEMO_DISHES.slice(0, 1)): PlanInput => {
  const input = inputOf(dishes);
  return { ...input, supper: { ...input.supper, roomMin } };
};
const planned = (roomMin: number, dishes = DEMO_DISHES.slice(0, 1)) => {
  const made = plan(withRoom(roomMin, dishes));
  return { made, found: schedule(scheduleQuestion(made, DEMO_KITCHEN, AT)) as Fits };
};

describe("room before a supper is served", () => {
  test.each(DEMO_DISHES.slice(0, many(4, DEMO_DISHES.length)).map((d) => [d.name, d] as const))(
    "%s is ready by then, or as early as it may be",
    (_, dish) => {
      const none = planned(0, [dish]);
      const some = planned(12, [dish]);
      expect(some.found.kind).toBe("fits");
      expect(some.found.startMin).toBeLessThanOrEqual(none.found.startMin);
      const toTable = some.made.lags.filter((l) => l.to === SERVE);
      expect(toTable.length).toBeGreaterThan(0);
      for (const lag of toTable) {
        const task = some.made.tasks.find((t) => t.id === lag.from);
        const end = (some.found.starts[lag.from] ?? NaN) + (task?.minutes ?? NaN);
        // Never so early that it is ruined or unsafe by the time it is served.
        const asked = Math.min(lag.minMin + 12, hardestOf(lag) ?? Infinity);
        expect([lag.from, end + asked <= 0]).toEqual([lag.from, true]);
      }
    },
  );
  test("what may wait only five minutes is ready five minutes before, not twenty", () => {
    const { made } = planned(0);
    const lag = { from: made.tasks[0]?.id ?? "", to: SERVE, minMin: 0, maxMin: 5 } as const;
    const asked = (more: object) =>
      scheduleQuestion({ ...made, lags: [{ ...lag, ...more }], roomMin: 20 }, DEMO_KITCHEN, AT).lags[0]?.minMin;
    expect(asked({})).toBe(5);
    expect(asked({ maxMin: null })).toBe(20);
    expect(asked({ maxMin: null, minMin: 3 })).toBe(23);
  });
  test("it makes it likelier to be in time: the minutes that the chance asks for bring nine evenings of ten", () => {
    const of = (roomMin: number) => {
      const { made, found } = planned(roomMin);
      const sampling = sampleRanges(withRoom(roomMin), 200, 3);
      let ranges = sampling.next();
      while (!ranges.done) ranges = sampling.next();
      return chanceOnTime(chanceQuestion(made, found, ranges.value, capacitiesOf(DEMO_KITCHEN)));
    };
    const tight = of(0);
    expect(tight.earlierMin).toBeGreaterThan(5);
    const calm = of(tight.earlierMin);
    expect(tight.onTime).toBeLessThan(0.6);
    expect(calm.onTime).toBeGreaterThan(0.85);
  });
  test("what it costs in waits is counted", () => {
    const lost = ({ found }: ReturnType<typeof planned>) => found.stretched.reduce((sum, s) => sum + s.points, 0);
    expect(lost(planned(60))).toBeGreaterThan(lost(planned(0)));
  });
  test("a step that is moved, and a day that changes, keep it", () => {
    const { made } = planned(20);
    expect(heldAt(made, made.tasks[0]?.id ?? "", null).roomMin).toBe(20);
    const starts = (roomMin: number) => whatIf(planned(roomMin).made, DEMO_KITCHEN, AT).map((w) => w.startMin ?? NaN);
    starts(20).forEach((start, i) => expect(start).toBeLessThan(starts(0)[i] ?? NaN));
  });
  test("once it is late nobody leaves room any more", () => {
    const now = Date.parse(AT) - 30 * 60_000;
    const of = (roomMin: number) => fromNow(planned(roomMin).made, DEMO_KITCHEN, AT, NOTHING_DONE, now);
    expect(of(20)).toEqual(of(0));
  });
});

describe("a burner that fails while somebody cooks", () => {
  const [first, second] = DEMO_KITCHEN.burners.map((b) => b.id) as [string, string];
  test("is noted and taken back, by its own name", () => {
    const log = [
      { kind: "burner", at: 1, burner: first, works: false },
      { kind: "burner", at: 2, burner: second, works: false },
      { kind: "burner", at: 3, burner: first, works: true },
    ] as const;
    expect([...progressOf(log.slice(0, 2)).failed]).toEqual([first, second]);
    expect([...progressOf(log).failed]).toEqual([second]);
    const whole = { kitchen: DEMO_KITCHEN };
    expect(withoutBurners(whole, new Set())).toBe(whole);
  });
  test("the rest is worked out on those that are left", () => {
    const { kitchen } = withoutBurners({ kitchen: DEMO_KITCHEN }, new Set([first, second]));
    expect(kitchen.burners).toHaveLength(DEMO_KITCHEN.burners.length - 2);
    const made = plan({ ...inputOf(DEMO_DISHES.slice(0, 1)), kitchen });
    const now = Date.parse(AT) - 70 * 60_000;
    const rest = fromNow(made, kitchen, AT, NOTHING_DONE, now) as Fits;
    const before = fromNow(planned(0).made, DEMO_KITCHEN, AT, NOTHING_DONE, now) as Fits;
    expect(rest.kind).toBe("fits");
    expect(rest.tableMin).toBeGreaterThan(before.tableMin ?? 0);
    const onHob = made.tasks.filter((t) => (t.demands.burner ?? 0) > 0);
    for (const t of onHob) {
      const at = rest.starts[t.id] ?? NaN;
      const beside = onHob.filter(
        (o) => (rest.starts[o.id] ?? NaN) <= at && at < (rest.starts[o.id] ?? NaN) + o.minutes,
      );
      expect(beside.length).toBeLessThanOrEqual(kitchen.burners.length);
    }
  });
});
