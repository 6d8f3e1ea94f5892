import { random } from "../process/__tests__/context";
import { type Bound, closeNetwork } from "./network";
import { handsBlocks } from "./objective";
import { search, type SearchProblem } from "./search";

/** Small random instances, solved again by looking at every combination of starts. */
interface Small {
  readonly durations: number[];
  readonly demand: number[][];
  readonly capacity: number[];
  readonly lags: [number, number, number, number][];
  readonly attended: boolean[];
  readonly blocked: [number, number][];
  readonly horizon: number;
}

function make(seed: number): Small {
  const r = random(seed);
  const n = 4;
  const whole = (low: number, high: number) => low + Math.floor(r() * (high - low + 1));
  return {
    durations: Array.from({ length: n }, () => whole(1, 3)),
    demand: Array.from({ length: n }, () => [whole(0, 1), whole(0, 1)]),
    capacity: [1, whole(1, 2)],
    lags: [
      [0, 1, 0, whole(0, 4)],
      [2, 3, whole(0, 1), whole(1, 5)],
    ],
    attended: Array.from({ length: n }, () => r() < 0.6),
    blocked: r() < 0.5 ? [[-4, -2]] : [],
    horizon: 9,
  };
}

function feasible(s: Small, starts: readonly number[]): boolean {
  const end = (i: number) => (starts[i] as number) + (s.durations[i] as number);
  for (let i = 0; i < starts.length; i++) {
    if (end(i) > 0 || (starts[i] as number) < -s.horizon) return false;
    if (s.attended[i] && s.blocked.some(([f, t]) => (starts[i] as number) < t && end(i) > f)) return false;
  }
  for (const [a, b, min, max] of s.lags) {
    const gap = (starts[b] as number) - end(a);
    if (gap < min || gap > max) return false;
  }
  for (let t = -s.horizon; t < 0; t++)
    for (let k = 0; k < s.capacity.length; k++) {
      let use = 0;
      for (let i = 0; i < starts.length; i++)
        if ((starts[i] as number) <= t && t < end(i)) use += (s.demand[i] as number[])[k] as number;
      if (use > (s.capacity[k] as number)) return false;
    }
  return true;
}

function bruteForce(s: Small) {
  let best: [number, number, number] | null = null;
  const starts: number[] = [];
  const walk = (i: number): void => {
    if (i === s.durations.length) {
      if (!feasible(s, starts)) return;
      const blocks = handsBlocks(problemOf(s) as SearchProblem, starts);
      const score: [number, number, number] = [Math.min(...starts), -blocks, starts.reduce((a, b) => a + b, 0)];
      if (
        !best ||
        score[0] > best[0] ||
        (score[0] === best[0] && (score[1] > best[1] || (score[1] === best[1] && score[2] > best[2])))
      )
        best = score;
      return;
    }
    for (let v = -s.horizon; v < 0; v++) {
      starts[i] = v;
      walk(i + 1);
    }
  };
  walk(0);
  return best as [number, number, number] | null;
}

function problemOf(s: Small): SearchProblem | null {
  const n = s.durations.length;
  const bounds: Bound[] = s.lags.flatMap(([from, to, min, max], why): Bound[] => [
    { from: to, to: from, atMost: -((s.durations[from] as number) + min), why },
    { from, to, atMost: (s.durations[from] as number) + max, why },
  ]);
  for (let i = 0; i < n; i++)
    bounds.push(
      { from: n, to: i, atMost: -(s.durations[i] as number), why: -1 },
      { from: i, to: n, atMost: s.horizon, why: -1 },
    );
  const network = closeNetwork(n + 1, bounds);
  if (network.kind === "conflict") return null;
  const at = (i: number, j: number) => network.distance[i * (n + 1) + j] as number;
  const distance = new Float64Array(n * n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) distance[i * n + j] = at(i, j);
  return {
    tasks: s.durations.map((duration, i) => ({
      duration,
      demand: s.demand[i] as number[],
      attended: s.attended[i] as boolean,
      ovenC: null,
    })),
    capacity: s.capacity,
    handsResource: 0,
    ovenResource: null,
    ovenToleranceK: 10,
    ovenRates: null,
    distance,
    earliest: s.durations.map((_, i) => -at(i, n)),
    latest: s.durations.map((_, i) => at(n, i)),
    blocked: s.blocked,
    apart: [],
    nodes: 500_000,
  };
}

test.each(Array.from({ length: 25 }, (_, seed) => [seed]))(
  "seed %s: the same optimum as looking at everything",
  (seed) => {
    const small = make(seed);
    const expected = bruteForce(small);
    const problem = problemOf(small);
    if (problem === null) {
      expect(expected).toBeNull();
      return;
    }
    const { best, complete } = search(problem);
    expect(complete).toBe(true);
    expect(best && [best.earliestStart, -best.handsBlocks, best.sumOfStarts]).toEqual(expected);
    if (best) expect(feasible(small, best.starts)).toBe(true);
  },
);

test("a network that contradicts itself names the bounds of the cycle", () => {
  const network = closeNetwork(3, [
    { from: 0, to: 1, atMost: 4, why: 10 },
    { from: 1, to: 2, atMost: -3, why: 11 },
    { from: 2, to: 0, atMost: -2, why: 12 },
    { from: 0, to: 2, atMost: 50, why: 13 },
  ]);
  expect(network.kind).toBe("conflict");
  if (network.kind === "conflict") expect([...network.cycle].sort()).toEqual([10, 11, 12]);
});

test("two groups that hold one pan never interleave", () => {
  const free = make(1);
  const base = problemOf({
    ...free,
    durations: [2, 1, 1, 2],
    demand: [
      [0, 0],
      [0, 0],
      [0, 0],
      [0, 0],
    ],
    lags: [
      [0, 1, 0, 6],
      [2, 3, 0, 6],
    ],
    blocked: [],
    attended: [false, false, false, false],
  }) as SearchProblem;
  const { best } = search({
    ...base,
    apart: [
      [
        [0, 1],
        [2, 3],
      ],
    ],
  });
  const starts = best?.starts ?? [];
  const firstEnds = Math.max((starts[0] as number) + 2, (starts[1] as number) + 1);
  const secondEnds = Math.max((starts[2] as number) + 1, (starts[3] as number) + 2);
  const firstBegins = Math.min(starts[0] as number, starts[1] as number);
  const secondBegins = Math.min(starts[2] as number, starts[3] as number);
  expect(firstEnds <= secondBegins || secondEnds <= firstBegins).toBe(true);
  expect(search(base).best?.earliestStart).toBeGreaterThan(best?.earliestStart as number);
});
