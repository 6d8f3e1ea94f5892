import { Propagation } from "./propagation";
import type { Claims, Clause, Half, Reason } from "./trail";

const NONE = -2_000_000_000;

/**
 * Whole numbers between bounds, and what must hold of them: clauses over bounds, edges (differences) that hold under a claim, and
 * rules. Every raised bound keeps its reason, so that a contradiction becomes a new clause and is never met twice.
 *
 * Source: lazy clause generation after Ohrimenko, Stuckey and Codish, Propagation via lazy clause generation, Constraints 14 (2009)
 * 357; clause learning after Marques-Silva and Sakallah, IEEE Trans. Computers 48 (1999) 506. Bounds stand in the clauses
 * themselves instead of a Boolean for each value.
 */
export class Engine extends Propagation {
  conflicts = 0;
  private learned: Clause[] = [];
  private readonly needed: number[] = [];
  private readonly neededAt: number[] = [];

  override variable(low: number, high: number): number {
    this.needed.push(NONE, NONE);
    this.neededAt.push(-1, -1);
    return super.variable(low, high);
  }
  /** Learns from the last contradiction and goes back; false when it holds without any decision. */
  learn(): boolean {
    this.conflicts++;
    const level = this.levels.length;
    const touched: Half[] = [];
    let pending = 0;
    const need = (claims: Claims) => {
      for (let i = 0; i < claims.length; i += 2) {
        const [half, least] = [claims[i] as number, claims[i + 1] as number];
        if ((this.needed[half] as number) >= least) continue;
        const at = this.placeOf(half, least);
        if (at < 0 || this.trailLevel[at] === 0) continue;
        const before = this.neededAt[half] as number;
        if (before < 0) touched.push(half);
        if (this.trailLevel[at] === level && !(before >= 0 && this.trailLevel[before] === level)) pending++;
        this.needed[half] = least;
        this.neededAt[half] = at;
        this.activity.bump(half >> 1);
      }
    };
    need(this.failure);
    this.work += this.failure.length;
    if (pending === 0) {
      const atLevel = touched.reduce((most, h) => Math.max(most, this.trailLevel[this.neededAt[h] as number] ?? 0), 0);
      if (atLevel === 0) return false;
      // The contradiction stands since an earlier decision already.
      this.forget(touched);
      this.backTo(atLevel);
      this.conflicts--;
      return this.learn();
    }
    let unique = -1;
    for (let at = this.trailHalf.length - 1; ; at--) {
      const half = this.trailHalf[at] as number;
      if (this.neededAt[half] !== at) continue;
      if (pending === 1) {
        unique = half;
        break;
      }
      pending--;
      const least = this.needed[half] as number;
      this.needed[half] = NONE;
      this.neededAt[half] = -1;
      touched.splice(touched.indexOf(half), 1);
      const because = this.explain(this.trailReason[at] as Exclude<Reason, null>, half, least);
      this.work += because.length;
      need(because);
    }
    this.drop(touched, unique);
    const claims = [unique ^ 1, 1 - (this.needed[unique] as number)];
    let back = 0;
    let second = -1;
    for (const half of touched) {
      if (half === unique) continue;
      const place = this.neededAt[half] as number;
      if ((this.trailLevel[place] as number) > back) [back, second] = [this.trailLevel[place] as number, claims.length];
      claims.push(half ^ 1, 1 - (this.needed[half] as number));
    }
    this.forget(touched);
    if (second > 2) {
      [claims[2], claims[second]] = [claims[second] as number, claims[2] as number];
      [claims[3], claims[second + 1]] = [claims[second + 1] as number, claims[3] as number];
    }
    this.backTo(back);
    this.activity.decay();
    if (claims.length === 2) return this.claim(claims[0] as number, claims[1] as number, []);
    const clause: Clause = { claims, learned: true, worth: this.conflicts, dead: false };
    this.learned.push(clause);
    this.watch(clause);
    return this.claim(claims[0] as number, claims[1] as number, clause);
  }
  /** Leaves out what the rest already says. */
  private drop(touched: Half[], unique: Half): void {
    for (let t = touched.length - 1; t >= 0; t--) {
      const half = touched[t] as number;
      if (half === unique) continue;
      const reason = this.trailReason[this.neededAt[half] as number];
      if (reason === null || reason === undefined) continue;
      const because = this.explain(reason, half, this.needed[half] as number);
      let follows = true;
      for (let i = 0; follows && i < because.length; i += 2) {
        const [h, k] = [because[i] as number, because[i + 1] as number];
        if (h === half ? k > (this.needed[half] as number) : (this.needed[h] as number) >= k) {
          if (h === half) follows = false;
          continue;
        }
        const at = this.placeOf(h, k);
        follows = at < 0 || this.trailLevel[at] === 0;
      }
      if (!follows) continue;
      touched.splice(t, 1);
      this.needed[half] = NONE;
      this.neededAt[half] = -1;
    }
  }
  private forget(touched: readonly Half[]): void {
    for (const half of touched) {
      this.needed[half] = NONE;
      this.neededAt[half] = -1;
    }
  }
  /** Forgets the older half of what was learned. Only without decisions. */
  prune(keep: number): void {
    if (this.learned.length <= keep) return;
    const short = this.learned.filter((c) => c.claims.length <= 6);
    const long = this.learned.filter((c) => c.claims.length > 6);
    const from = long.length >> 1;
    for (const clause of long.slice(0, from)) clause.dead = true;
    this.learned = [...short, ...long.slice(from)];
  }
}
