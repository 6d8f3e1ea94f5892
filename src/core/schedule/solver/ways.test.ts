import { random } from "../../process/__tests__/context";
import { randomQuestion, taskOf } from "../__tests__/questions";
import { broken, costOf } from "../__tests__/referee";
import { schedule } from "../schedule";
import { asDone, type ScheduleInput, SERVE, type Task, type TaskId, waysOf } from "../task";
import { many, seedOf } from "../../__tests__/proof";

/** A random kitchen with a strong burner and a weak one: what stands on the hob takes longer on the weak one. */
function twoBurners(seed: number): ScheduleInput {
  const r = random(seed + 500);
  const input = randomQuestion(seed);
  const tasks = input.tasks.map((t): Task => {
    if (t.demands.burner === undefined || r() < 0.3) return t;
    const slow = { ...t.demands, weak: 1 };
    const points = r() < 0.3 ? { points: 1 / 4 } : {};
    return {
      ...t,
      demands: { ...t.demands, strong: 1 },
      orElse: [{ minutes: Math.ceil(t.minutes * 1.25), demands: slow, ...points }],
      ...(r() < 0.3 ? { choice: t.id.slice(0, 1) } : {}),
    };
  });
  // Two strong ones now and then: more than two tasks share them, and no order of two says it.
  const strong = r() < 0.4 ? 2 : 1;
  return { ...input, tasks, capacities: { ...input.capacities, burner: strong + 1, strong, weak: 1 } };
}
const pointsOf = (tasks: readonly Task[], ways: Readonly<Record<TaskId, number>>): number =>
  tasks.reduce((sum, t) => sum + (waysOf(t)[ways[t.id] ?? 0]?.points ?? 0), 0);
/** The cheapest of all choices, each put on the clock with nothing left to choose. */
function cheapest(input: ScheduleInput): number | null {
  const choices = [...new Set(input.tasks.flatMap((t) => (t.orElse ? [t.choice ?? t.id] : [])))];
  let best: number | null = null;
  for (let bits = 0; bits < 2 ** choices.length; bits++) {
    const way = (t: Task) => (t.orElse && bits & (1 << choices.indexOf(t.choice ?? t.id)) ? 1 : 0);
    const ways = Object.fromEntries(input.tasks.map((t) => [t.id, way(t)]));
    const fixed = { ...input, tasks: asDone(input.tasks, ways) };
    const found = schedule(fixed);
    if (!found.proven) throw new Error("not proven");
    if (found.kind !== "fits") continue;
    const cost = costOf(fixed, found.starts) + 20 * pointsOf(input.tasks, ways);
    if (best === null || cost < best) best = cost;
  }
  return best;
}

test("random kitchens with two kinds of burners: as cheap as the cheapest of all choices, and sound", () => {
  let fits = 0;
  let slow = 0;
  for (let n = 0; n < many(20, 240); n++) {
    const seed = seedOf(n);
    const input = twoBurners(seed);
    if (!input.tasks.some((t) => t.orElse)) continue;
    const found = schedule(input);
    const least = cheapest(input);
    expect([seed, found.proven, found.kind === "fits"]).toEqual([seed, true, least !== null]);
    if (found.kind !== "fits" || least === null) continue;
    fits++;
    const ways = found.ways ?? {};
    const fixed = { ...input, tasks: asDone(input.tasks, ways) };
    expect([seed, broken(fixed, found.starts, "hard")]).toEqual([seed, []]);
    expect(costOf(fixed, found.starts) + 20 * pointsOf(input.tasks, ways)).toBeCloseTo(least, 1);
    const choices = new Map<string, number>();
    for (const t of input.tasks.filter((x) => x.choice !== undefined && x.orElse)) {
      const before = choices.get(t.choice as string) ?? (ways[t.id] as number);
      expect(ways[t.id]).toBe(before);
      choices.set(t.choice as string, before);
    }
    if (Object.values(ways).some((w) => w === 1)) slow++;
  }
  expect(fits).toBeGreaterThan(many(8, 100));
  expect(slow).toBeGreaterThan(many(0, 20));
});

const soups = (minutes: number, slower: number): ScheduleInput => ({
  tasks: ["a", "b"].map((id) => ({
    ...taskOf(0, minutes, { strong: 1 }, true),
    id,
    orElse: [{ minutes: slower, demands: { weak: 1 } }],
  })),
  lags: ["a", "b"].map((from) => ({ from, to: SERVE, minMin: 0, maxMin: 0, hardMin: null, pointsPerMin: 1 })),
  apart: [],
  capacities: { strong: 1, weak: 1 },
  blocked: [],
  horizonMin: 300,
  nodes: 6_000,
});
test("two soups at once: one goes on the weak burner where that takes less than to wait", () => {
  const both = schedule(soups(10, 14));
  expect(both).toMatchObject({ kind: "fits", proven: true, startMin: -14, stretched: [] });
  expect(both.kind === "fits" && Object.values(both.ways ?? {}).sort()).toEqual([0, 1]);
  // One after the other begins 20 min before and waits 10; the weak one alone takes longer than all that costs.
  const inTurn = schedule(soups(2, 300));
  expect(inTurn).toMatchObject({ kind: "fits", proven: true, startMin: -4, ways: { a: 0, b: 0 } });
});
test("a way that costs is taken only where it saves more, and the makespan knows ways too", () => {
  const dear = soups(10, 14);
  const with2 = {
    ...dear,
    tasks: dear.tasks.map((t) => ({ ...t, orElse: [{ ...t.orElse?.[0], points: 15 } as never] })),
  };
  expect(schedule(with2)).toMatchObject({ startMin: -20, ways: { a: 0, b: 0 } });
  expect(schedule({ ...dear, objective: "makespan" })).toMatchObject({ kind: "fits", proven: true });
  const spans = schedule({ ...dear, lags: [], objective: "makespan" });
  expect(
    spans.kind === "fits" &&
      Math.max(...dear.tasks.map((t) => (spans.starts[t.id] ?? 0) + (spans.ways?.[t.id] ? 14 : 10))),
  ).toBe(-286);
});
test("a task ends when its way is through, the phases of a step go one way, and three pots share two strong burners", () => {
  const pot = (id: string, more: Partial<Task> = {}): Task => ({
    ...taskOf(0, 10, { strong: 1 }, true),
    id,
    orElse: [{ minutes: 14, demands: { weak: 1 } }],
    ...more,
  });
  const hard = (from: string, to: string = SERVE) => ({ from, to, minMin: 0, maxMin: 0 });
  const asked = (tasks: readonly Task[], lags: ScheduleInput["lags"], strong = 1): ScheduleInput => ({
    ...soups(1, 1),
    tasks,
    lags,
    capacities: { strong, weak: 1 },
  });
  // Held twelve minutes before serving, neither way ends with it.
  expect(schedule(asked([pot("a", { notBefore: -12, notAfter: -12 })], [hard("a")])).kind).toBe("does-not-fit");
  const three = asked(
    ["a", "b", "c"].map((id) => pot(id)),
    ["a", "b", "c"].map((id) => hard(id)),
    2,
  );
  expect(schedule(three)).toMatchObject({ kind: "fits", proven: true, startMin: -14 });
  // The other pot has the strong burner for the last ten minutes: both phases go on the weak one.
  const phases = ["p", "q"].map((id) => pot(id, { choice: "s" }));
  const other = { ...pot("o"), orElse: undefined } as unknown as Task;
  const lags = [hard("p", "q"), hard("q"), hard("o")];
  expect(schedule(asked([...phases, other], lags))).toMatchObject({ startMin: -28, ways: { p: 1, q: 1 } });
  const free = phases.map(({ choice: _, ...t }) => (void _, t));
  expect(schedule(asked([...free, other], lags))).toMatchObject({ startMin: -24, ways: { p: 0, q: 1 } });
});
