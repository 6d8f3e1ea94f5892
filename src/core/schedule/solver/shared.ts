import type { Propagation, Rule } from "./propagation";
import type { Half } from "./trail";

/** A moment: a variable and minutes after it. */
export interface Point {
  readonly v: number;
  readonly plus: number;
}
/** A stretch that needs some of a thing. */
export interface Use {
  readonly start: Point;
  readonly end: Point;
  readonly minutes: number;
  readonly units: number;
  /** Only where this is claimed: a task that can be done without it. */
  readonly when?: Half;
}
/** A stretch in which so many units are not there, minutes. */
export type Gone = readonly [from: number, to: number, units: number];

/** Stretches that follow each other, none with more units than there are. */
export function disjoint(gone: readonly Gone[], capacity: number): Gone[] {
  const moments = [...new Set(gone.flatMap(([from, to]) => [from, to]))].sort((a, b) => a - b);
  return moments.flatMap((from, i): Gone[] => {
    const to = moments[i + 1];
    if (to === undefined) return [];
    const units = gone.reduce((sum, [f, t, u]) => (f <= from && to <= t ? sum + u : sum), 0);
    return units > 0 ? [[from, to, Math.min(capacity, units)]] : [];
  });
}

/**
 * A thing that several tasks share: never more than there is of it, at no moment (time-table), and no more work between two moments
 * than it can do (overload). Explained as bounds on starts and ends at one moment, or within one stretch.
 *
 * Source: Schutt, Feydy, Stuckey and Wallace, Explaining the cumulative propagator, Constraints 16 (2011) 250.
 */
export class Shared implements Rule {
  readonly halves: readonly Half[];
  /** Of each use the earliest start and the latest end, and the uses by their latest ends: kept so that nothing is made anew. */
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly goneTo: Float64Array;
  private readonly order: Int32Array;
  private readonly work: Float64Array;
  constructor(
    private readonly uses: readonly Use[],
    private readonly capacity: number,
    private readonly gone: readonly Gone[] = [],
    /** Whether single moments are looked at; where any two exclude each other, their order does that already. */
    private readonly moments = true,
  ) {
    const of = new Set(uses.flatMap(({ start, end }) => [start.v, end.v]));
    this.halves = [...[...of].flatMap((v) => [2 * v, 2 * v + 1]), ...uses.flatMap((u) => u.when ?? [])];
    this.from = new Int32Array(uses.length);
    this.to = new Int32Array(uses.length);
    this.goneTo = new Float64Array(uses.length);
    this.order = Int32Array.from(uses, (_, i) => i);
    this.work = Float64Array.from(uses, (u) => u.units * u.minutes);
  }

  propagate(engine: Propagation): boolean {
    return (!this.moments || this.timeTable(engine)) && this.overload(engine);
  }

  private timeTable(engine: Propagation): boolean {
    const { uses, capacity, gone } = this;
    const parts: { from: number; to: number; units: number; use: number }[] = gone.map(([from, to, units]) => ({
      from,
      to,
      units,
      use: -1,
    }));
    uses.forEach((u, use) => {
      if (!isTaken(engine, u)) return;
      const [from, to] = [latest(engine, u.start), earliest(engine, u.end)];
      if (from < to) parts.push({ from, to, units: u.units, use });
    });
    engine.work += uses.length * (1 + parts.length);
    const moments = [...new Set(parts.map((p) => p.from))].sort((a, b) => a - b);
    for (const at of moments) {
      const running = parts.filter((p) => p.from <= at && at < p.to);
      const used = running.reduce((sum, p) => sum + p.units, 0);
      if (used > capacity) return engine.fail(this.because(running, at));
      // Until the first of them ends it stays as full as this, or fuller.
      const until = running.reduce((least, p) => Math.min(least, p.to), Infinity);
      for (let i = 0; i < uses.length; i++) {
        const u = uses[i] as Use;
        if (used + u.units <= capacity || !isTaken(engine, u) || running.some((p) => p.use === i)) continue;
        if (!this.push(engine, u, running, at, until)) return false;
      }
    }
    return true;
  }
  /** A use that does not fit in beside what runs from `at` to `until` lies before it, or after it, where only one is possible. */
  private push(
    engine: Propagation,
    { start, end, when }: Use,
    running: readonly Part[],
    at: number,
    until: number,
  ): boolean {
    while (earliest(engine, start) < until && earliest(engine, end) > at) {
      const moment = Math.min(until, earliest(engine, end)) - 1;
      const because = this.because(running, moment);
      because.push(2 * end.v, moment + 1 - end.plus, ...claimed(when));
      if (!engine.claim(2 * start.v, moment + 1 - start.plus, because)) return false;
      if (start.v !== end.v) break;
    }
    while (latest(engine, end) > at && latest(engine, start) < until) {
      const moment = Math.max(at, latest(engine, start));
      const because = this.because(running, moment);
      because.push(2 * start.v + 1, start.plus - moment, ...claimed(when));
      if (!engine.claim(2 * end.v + 1, end.plus - moment, because)) return false;
      if (start.v !== end.v) break;
    }
    return true;
  }
  /** All of these run at a moment. */
  private because(running: readonly Part[], moment: number): number[] {
    return running.flatMap(({ use }) => {
      if (use < 0) return [];
      const { start, end, when } = this.uses[use] as Use;
      return [2 * start.v + 1, start.plus - moment, 2 * end.v, moment + 1 - end.plus, ...claimed(when)];
    });
  }

  private overload(engine: Propagation): boolean {
    const { uses, capacity, from, to, goneTo, order, work } = this;
    const n = uses.length;
    if (n < 3) return true;
    engine.work += n;
    for (let i = 0; i < n; i++) {
      const u = uses[i] as Use;
      if (u.when !== undefined) work[i] = isTaken(engine, u) ? u.units * u.minutes : 0;
      from[i] = earliest(engine, u.start);
      to[i] = latest(engine, u.end);
      goneTo[i] = this.goneUntil(to[i] as number);
    }
    // By their latest ends; nearly sorted since the last time.
    for (let i = 1; i < n; i++) {
      const x = order[i] as number;
      let j = i;
      for (; j > 0 && (to[order[j - 1] as number] as number) > (to[x] as number); j--)
        order[j] = order[j - 1] as number;
      order[j] = x;
    }
    for (let k = 0; k < n; k++) {
      const begin = from[k] as number;
      const gone = this.goneUntil(begin);
      let sum = 0;
      engine.work += n >> 2;
      for (let o = 0; o < n; o++) {
        const i = order[o] as number;
        if ((from[i] as number) < begin) continue;
        sum += work[i] as number;
        const end = to[i] as number;
        const room = capacity * (end - begin);
        if (sum <= room - (goneTo[i] as number) + gone) continue;
        const inside = uses.filter(
          (u, j) => (from[j] as number) >= begin && (to[j] as number) <= end && isTaken(engine, u),
        );
        return engine.fail(
          inside.flatMap(({ start, end: last, when }) => [
            ...[2 * start.v, begin - start.plus, 2 * last.v + 1, last.plus - end],
            ...claimed(when),
          ]),
        );
      }
    }
    return true;
  }
  /** Units × minutes that are not there until a moment. */
  private goneUntil(at: number): number {
    let sum = 0;
    for (const [from, to, units] of this.gone) {
      if (from >= at) break;
      sum += units * (Math.min(to, at) - from);
    }
    return sum;
  }
}
interface Part {
  readonly from: number;
  readonly to: number;
  readonly units: number;
  readonly use: number;
}
const isTaken = (engine: Propagation, { when }: Use): boolean => when === undefined || engine.holds(when, 1);
const claimed = (when: Half | undefined): number[] => (when === undefined ? [] : [when, 1]);
const earliest = ({ bound }: Propagation, { v, plus }: Point): number => (bound[2 * v] as number) + plus;
const latest = ({ bound }: Propagation, { v, plus }: Point): number => -(bound[2 * v + 1] as number) + plus;
