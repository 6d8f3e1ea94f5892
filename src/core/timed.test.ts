import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf as planInput } from "./__tests__/supper";
import type { Dish } from "./dish/dish";
import type { Burner, Kitchen } from "./household/kitchen";
import { plan, type Plan } from "./plan";
import { broken, costOf } from "./schedule/__tests__/referee";
import { burnersOf } from "./schedule/burners";
import { scheduleQuestion } from "./schedule/question";
import { tryOut } from "./schedule/schedule";
import { rowsOf } from "./schedule/work";
import { timedPlan } from "./timed";
import { many } from "./__tests__/proof";

const burner = (id: string, watts: number): Burner => ({ id, name: id, kind: "induction", watts });
const kitchenWith = (...burners: readonly Burner[]): Kitchen => ({ ...DEMO_KITCHEN, burners });
const inputOf = (dishes: readonly Dish[], kitchen: Kitchen) => planInput(dishes, { kitchen });
const minutesOf = (of: Plan, key: string): number => {
  const row = rowsOf(of).find((r) => r.key === key);
  return row?.state === "computed" ? row.outcome.phases.reduce((m, p) => m + p.minutes, 0) : NaN;
};
/** Two pots of sauce that are boiled down, each in a pan of its own, both wanted hot at the table. */
const sauce = (id: string, pan: string) =>
  part(id, id, null, 1, [
    step("weigh", `${id}-weigh`, [food("passata", 500), food("water", 500)]),
    step("reduce", `${id}-reduce`, [], { pan, toShare: 0.5 }),
  ]);
const TWO = dishOf([sauce("red", "pot"), sauce("white", "small-pot")]);
const at = (of: ReturnType<typeof timedPlan>) => {
  if (of.schedule.kind !== "fits") throw new Error("does not fit");
  return of.schedule;
};

test("two sauces boiled down at once: on two strong burners as quick as alone, beside a weak one slower or one after the other", () => {
  const strong = timedPlan(inputOf([TWO], kitchenWith(burner("a", 2000), burner("b", 2000))));
  const mixed = timedPlan(inputOf([TWO], kitchenWith(burner("a", 2000), burner("b", 1000))));
  expect(strong.burners).toEqual({});
  const alone = minutesOf(strong.plan, "d.red-reduce");
  // Half a kilogram of water off takes 2.26 MJ/kg (handbook) from 1600 W: 12 min and the way to the boil; from 800 W twice as long and more.
  expect(alone).toBeGreaterThan(12);
  expect(alone).toBeLessThan(30);
  const slower = ["red", "white"].map((p) => minutesOf(mixed.plan, `d.${p}-reduce`));
  expect(Math.min(...slower)).toBeCloseTo(alone, 6);
  const weakOne = Math.max(...slower);
  expect(weakOne === alone || weakOne > 1.9 * alone).toBe(true);
  expect(at(mixed).startMin).toBeLessThan(at(strong).startMin);
  // What was given is what it says: the weak one stands where it was slowed.
  for (const [key, id] of Object.entries(mixed.burners))
    expect(minutesOf(mixed.plan, key) > alone + 1).toBe(id === "b");
});
test("what stands on a burner stands on no other, and its minutes are that burner's: the plan with its burners gives the same again", () => {
  for (const which of [[0], [0, 4], [1, 2]].slice(0, many(2, 3))) {
    const input = inputOf(
      which.map((i) => DEMO_DISHES[i] as Dish),
      DEMO_KITCHEN,
    );
    const found = timedPlan(input);
    const question = scheduleQuestion(found.plan, input.kitchen, input.supper.serveAt);
    expect(broken(question, at(found).starts, "hard")).toEqual([]);
    const again = plan(input, { burners: found.burners });
    for (const row of rowsOf(found.plan)) expect(minutesOf(again, row.key)).toBe(minutesOf(found.plan, row.key));
    const stands = burnersOf(found.plan, found.schedule, input.kitchen);
    for (const [step, id] of Object.entries(found.burners)) expect(stands.get(step)).toBe(id);
    // Two on one burner never at the same time.
    const uses = found.plan.tasks
      .filter((t) => (t.demands.burner ?? 0) > 0)
      .map((t) => ({
        step: t.step,
        on: stands.get(t.step),
        from: at(found).starts[t.id] as number,
        to: (at(found).starts[t.id] as number) + t.minutes,
      }));
    for (const a of uses)
      for (const b of uses)
        if (a.step < b.step && a.on !== undefined && a.on === b.on)
          expect(a.to <= b.from || b.to <= a.from ? "apart" : `${a.step} and ${b.step} on ${a.on}`).toBe("apart");
  }
});
test("the demo supper: the cream simmers on the small burner at the back, and takes longer there", () => {
  const input = inputOf([DEMO_DISHES[0] as Dish], DEMO_KITCHEN);
  const found = timedPlan(input);
  const key = "mustard-strips.sauce-simmer";
  expect(found.burners[key]).toBe("back");
  expect(minutesOf(found.plan, key)).toBeGreaterThan(minutesOf(plan(input), key) + 2);
  // Nothing else waits for it.
  expect(
    rowsOf(found.plan).filter((r) => minutesOf(found.plan, r.key) > minutesOf(plan(input), r.key) + 0.1),
  ).toHaveLength(1);
});
test("no other choice of burners is cheaper: each is planned and put on the clock", () => {
  const mixed = kitchenWith(burner("a", 2000), burner("b", 1000));
  for (const input of [inputOf([TWO], mixed), inputOf([DEMO_DISHES[0] as Dish], DEMO_KITCHEN)]) {
    const found = timedPlan(input);
    const priceOf = (of: Plan, starts: Readonly<Record<string, number>>) =>
      costOf(scheduleQuestion(of, input.kitchen, input.supper.serveAt), starts);
    const hot = Object.keys(found.burners);
    const ids = ["a", "b", "front-left", "back"].filter((id) => input.kitchen.burners.some((b) => b.id === id));
    const prices: number[] = [];
    for (let bits = 0; bits < 2 ** hot.length; bits++) {
      const burners = Object.fromEntries(hot.map((step, i) => [step, ids[bits & (1 << i) ? 1 : 0] as string]));
      const made = plan(input, { burners });
      const tried = tryOut(scheduleQuestion(made, input.kitchen, input.supper.serveAt));
      if (tried.kind === "fits") prices.push(priceOf(made, tried.starts));
    }
    expect(prices.length).toBeGreaterThan(1);
    expect(priceOf(found.plan, at(found).starts)).toBeLessThanOrEqual(Math.min(...prices) + 0.01);
  }
});
test("on whatever burner a step has minutes that end, or says that it cannot be done", () => {
  for (const dish of DEMO_DISHES)
    for (const watts of [300, 700, 1000, 1400]) {
      const found = plan(inputOf([dish], kitchenWith(burner("one", watts))));
      const endless = rowsOf(found).filter(
        (r) => r.state === "computed" && !r.outcome.phases.every((p) => Number.isFinite(p.minutes)),
      );
      expect([dish.id, watts, endless.map((r) => r.key)]).toEqual([dish.id, watts, []]);
    }
});
test("a step that a burner cannot do at all never stands on it; one burner, or all alike, ask for no choice", () => {
  const sear = part("strips", "Strips", null, 10, [
    step("sear", "sear", [food("tofu-firm", 400), food("rapeseed-oil", 20)], { pan: "iron" }),
  ]);
  const dish = dishOf([sear, sauce("red", "pot")]);
  const found = timedPlan(inputOf([dish], kitchenWith(burner("strong", 2200), burner("tiny", 60))));
  expect(found.plan.blocked).toBe(0);
  expect(Object.values(found.burners)).not.toContain("tiny");
  expect(found.burners["d.sear"]).toBe("strong");
  expect(plan(inputOf([dish], kitchenWith(burner("tiny", 60)))).blocked).toBeGreaterThan(0);
  expect(timedPlan(inputOf([dish], kitchenWith(burner("one", 1800)))).burners).toEqual({});
  expect(timedPlan(inputOf([dish], kitchenWith(burner("a", 1800), burner("b", 1800)))).burners).toEqual({});
  // A burner that is gone since is none: the strongest takes its place.
  const input = inputOf([TWO], kitchenWith(burner("a", 2000)));
  expect(minutesOf(plan(input, { burners: { "d.red-reduce": "gone" } }), "d.red-reduce")).toBe(
    minutesOf(plan(input), "d.red-reduce"),
  );
});
