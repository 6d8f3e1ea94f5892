import { DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf, supperOf } from "../../__tests__/supper";
import type { Dish } from "../../dish/dish";
import type { Kitchen } from "../../household/kitchen";
import { plan } from "../../plan";
import type { Computed } from "../../safety/rule";
import { broken } from "../../schedule/__tests__/referee";
import { scheduleQuestion } from "../../schedule/question";
import { schedule } from "../../schedule/schedule";
import { rowsOf } from "../../schedule/work";
import { timedPlan } from "../../timed";
import { waysOut } from "../../waysOut";

/** Searing and frying in two pans at once, as a cook would plan it: a 28 cm and a 26 cm pan, two strong burners and a weak one. */
const KITCHEN: Kitchen = { ...DEMO_KITCHEN, sleep: null, away: [] };
const patties = (twoPans: boolean, kind: "fry" | "griddle" = "fry"): Dish =>
  dishOf([
    part("p", "Patties", null, 10, [
      step("bind", "mix", [food("chickpeas-cooked", 900), food("wheat-flour", 100), food("water", 40)]),
      step("shape", "shape", [], { form: "patty", pieceG: 80, diameterMm: 85 }),
      step(kind, "fry", [food("rapeseed-oil", 40)], { twoPans }),
    ]),
  ]);
const strips = (twoPans: boolean): Dish =>
  dishOf([
    part("s", "Strips", null, 10, [
      step("soak", "soak", [food("soy-strips", 500), food("water", 3200)], { waterC: 95, minutes: 20, covered: true }),
      step("drain", "drain", []),
      step("squeeze", "squeeze", [], { how: "cloth", minutes: 2 }),
      step("sear", "fry", [food("rapeseed-oil", 40)], { twoPans }),
    ]),
  ]);
const fried = (dish: Dish, kitchen: Kitchen = KITCHEN): Computed => {
  const row = rowsOf(plan(inputOf([dish], { kitchen }))).find((r) => r.step.id === "fry");
  if (row?.state !== "computed") throw new Error(row?.state === "blocked" ? JSON.stringify(row.failure) : "waiting");
  return row;
};
const count = ({ outcome }: Computed) => outcome.facts.find((f) => f.kind === "batches")?.count ?? NaN;
const minutes = ({ outcome }: Computed) => outcome.phases.reduce((sum, p) => sum + p.minutes, 0);

test.each(["fry", "griddle"] as const)(
  "thirteen patties: two pans full one after the other, or both at once (%s)",
  (kind) => {
    const [one, two] = [fried(patties(false, kind)), fried(patties(true, kind))];
    // Models card 9: seven of 8.5 cm lie in a pan of 28 cm with room to turn them, six in one of 26.
    expect(count(one)).toBe(2);
    expect(count(two)).toBe(1);
    expect(minutes(two)).toBeLessThan(minutes(one) * 0.75);
    // What becomes of them is the same: only how many lie there at once differs.
    expect(two.outcome.after.batch).toEqual(one.outcome.after.batch);
  },
);
test("strips: each pan takes what its own burner dries, so that a weak one helps by half as much", () => {
  const [one, two] = [fried(strips(false)), fried(strips(true))];
  expect(count(two)).toBeLessThan(count(one));
  expect(minutes(two)).toBeLessThan(minutes(one));
  const weak = { ...KITCHEN, burners: KITCHEN.burners.map((b) => (b.id === "back" ? { ...b, watts: 500 } : b)) };
  expect(minutes(fried(strips(true), weak))).toBeGreaterThan(minutes(two));
  // Never slower than the strong one alone by more than a change of pans.
  expect(minutes(fried(strips(true), weak))).toBeLessThan(minutes(one) + 3);
  expect(two.outcome.after.batch.waterG).toBeCloseTo(one.outcome.after.batch.waterG, 9);
});
test("of two pans that are full by their floor the one on the weaker burner decides how long a load takes", () => {
  // A large burner dries what lies in the wide pan sooner than four minutes; the small one needs them.
  const burners = (watts: number) =>
    KITCHEN.burners.map((b) => ({ ...b, kind: "induction" as const, watts: b.id === "back" ? watts : 3500 }));
  const each = (watts: number) => {
    const fact = fried(strips(true), { ...KITCHEN, burners: burners(watts) }).outcome.facts.find(
      (f) => f.kind === "batches",
    );
    return fact?.kind === "batches" ? fact : null;
  };
  expect(each(1200)?.count).toBe(each(3500)?.count);
  expect(each(1200)?.eachMin).toBeGreaterThan((each(3500)?.eachMin ?? NaN) * 1.3);
});
test("both pans and two burners are taken for as long", () => {
  const { tasks } = plan(inputOf([patties(true)], { kitchen: KITCHEN }));
  const [task] = tasks.filter((t) => t.step === "d.fry");
  expect(task?.demands).toEqual({ burner: 2, "pan:iron": 1, "pan:saute": 1, hands: 1 });
  // Beside a sauce on a burner of its own and one in the second pan: the first runs along, the other one waits.
  const sauce = (id: string, pan: string) =>
    dishOf(
      [part("x", "Sauce", null, 30, [step("simmer", "simmer", [food("passata", 400)], { pan, minutes: 25 })])],
      id,
    );
  const supper = supperOf([patties(true), sauce("a", "pot"), sauce("b", "saute")]);
  const input = inputOf([], { supper, kitchen: KITCHEN });
  const { plan: planned, schedule: found } = timedPlan(input);
  if (found.kind !== "fits") throw new Error("does not fit");
  const question = scheduleQuestion(planned, KITCHEN, supper.serveAt);
  expect(broken(question, found.starts, "hard")).toEqual([]);
  const span = (key: string): [number, number] => {
    const own = planned.tasks.filter((t) => t.step === key);
    const from = own.map((t) => found.starts[t.id] ?? NaN);
    return [Math.min(...from), Math.max(...own.map((t, i) => (from[i] as number) + t.minutes))];
  };
  const [f, b] = [span("d.fry"), span("b.simmer")];
  expect(f[1] <= b[0] || b[1] <= f[0]).toBe(true);
});
test("one pan or one burner: said with the way out", () => {
  const without = (more: Partial<Kitchen>) => () => fried(patties(true), { ...KITCHEN, ...more });
  expect(without({ pans: KITCHEN.pans.filter((p) => p.id !== "saute") })).toThrow('"wants":"pan"');
  expect(without({ burners: KITCHEN.burners.slice(0, 1) })).toThrow('"wants":"burner"');
});
test("late for dinner, two pans are a way out, as long as there are two", () => {
  const many = { ...patties(false), parts: patties(false).parts };
  const supper = supperOf([many], { guests: 16 });
  const input = inputOf([], { supper, kitchen: KITCHEN });
  const { schedule: found } = timedPlan(input);
  if (found.kind !== "fits") throw new Error("does not fit");
  const now = Date.parse(supper.serveAt) + (found.startMin + 20) * 60_000;
  const way = (kitchen: Kitchen) =>
    waysOut({ ...input, kitchen }, now).ways.find(
      (w) => w.change.kind === "quicker" && w.change.steps.some((s) => s.way === "two-pans"),
    );
  expect(way(KITCHEN)?.tableMin).toBe(0);
  const made = way(KITCHEN)?.supper.dishes[0]?.parts[0]?.steps.at(-1);
  expect(made).toMatchObject({ kind: "fry", twoPans: true });
  expect(way({ ...KITCHEN, pans: KITCHEN.pans.filter((p) => p.id !== "saute") })).toBeUndefined();
  // It stands with what it says.
  const tried = way(KITCHEN);
  if (tried === undefined) throw new Error("no way");
  const again = plan(inputOf([], { supper: tried.supper, kitchen: KITCHEN }));
  expect(schedule(scheduleQuestion(again, KITCHEN, supper.serveAt)).kind).toBe("fits");
});
