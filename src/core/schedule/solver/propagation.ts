import { ALWAYS, type Clause, type Edge, type Half, Trail } from "./trail";

/** A rule that looks at several variables at once. It raises bounds through `claim` and says false where nothing is left. */
export interface Rule {
  readonly halves: readonly Half[];
  readonly propagate: (engine: Propagation) => boolean;
}

/** A bound that edges raised so often in one go may run in a circle. */
const LOOK_FOR_CIRCLE = 3;
const LONGEST_CIRCLE = 120;

/** Clauses, edges and rules over a trail, and all that follows from them. */
export class Propagation extends Trail {
  private readonly watchers: { clause: Clause; least: number }[][] = [];
  private readonly edges: Edge[][] = [];
  private readonly waking: Edge[][] = [];
  private readonly rulesOf: number[][] = [];
  private readonly rules: Rule[] = [];
  private readonly dirty: boolean[] = [];
  private readonly dirtyRules: number[] = [];
  /** How often edges have raised each half in this go. */
  private readonly raises: number[] = [];
  private readonly raised: Half[] = [];

  override variable(low: number, high: number): number {
    for (const lists of [this.watchers, this.edges, this.waking, this.rulesOf]) lists.push([], []);
    this.raises.push(0, 0);
    return super.variable(low, high);
  }
  /** One of the claims holds, from now on. False when that cannot be. Only before any decision. */
  clause(claims: number[]): boolean {
    const open: number[] = [];
    for (let i = 0; i < claims.length; i += 2) {
      const [half, least] = [claims[i] as number, claims[i + 1] as number];
      if (this.holds(half, least)) return true;
      if (!this.excluded(half, least)) open.push(half, least);
    }
    if (open.length === 0) return false;
    if (open.length === 2) return this.claim(open[0] as number, open[1] as number, []);
    this.watch({ claims: open, learned: false, worth: 0, dead: false });
    return true;
  }
  /** to − from ≥ gap, for variables; under a claim, or always. */
  difference(from: number, to: number, gap: number, when: Half = ALWAYS, whenLeast = 1): boolean {
    for (const edge of [
      { from: 2 * from, to: 2 * to, gap, when, whenLeast },
      { from: 2 * to + 1, to: 2 * from + 1, gap, when, whenLeast },
    ]) {
      this.edges[edge.from]?.push(edge);
      if (when !== ALWAYS) this.waking[when]?.push(edge);
      if (!this.along(edge)) return false;
    }
    return true;
  }
  /** @returns its place, for `again` */
  rule(rule: Rule): number {
    const at = this.rules.push(rule) - 1;
    this.dirty.push(true);
    this.dirtyRules.push(at);
    for (const half of rule.halves) this.rulesOf[half]?.push(at);
    return at;
  }
  /** A rule asks for more than before: it is looked at again. */
  again(rule: number): void {
    if (this.dirty[rule]) return;
    this.dirty[rule] = true;
    this.dirtyRules.push(rule);
  }

  /** All that follows; false when it contradicts (then `learn`). */
  propagate(): boolean {
    for (const half of this.raised) this.raises[half] = 0;
    this.raised.length = 0;
    for (;;) {
      while (this.looked < this.trailHalf.length) {
        const half = this.trailHalf[this.looked++] as number;
        for (const at of this.rulesOf[half] as number[])
          if (!this.dirty[at]) {
            this.dirty[at] = true;
            this.dirtyRules.push(at);
          }
        const edges = this.edges[half] as Edge[];
        this.work += edges.length + 1;
        for (const edge of edges) if (!this.along(edge)) return false;
        for (const edge of this.waking[half] as Edge[])
          if (this.holds(half, edge.whenLeast) && !this.along(edge)) return false;
        if (!this.watched(half)) return false;
      }
      const at = this.dirtyRules.pop();
      if (at === undefined) return true;
      this.dirty[at] = false;
      if (!(this.rules[at] as Rule).propagate(this)) return false;
    }
  }

  private along(edge: Edge): boolean {
    const { from, to, gap, when, whenLeast } = edge;
    const least = (this.bound[from] as number) + gap;
    if ((this.bound[to] as number) >= least) return true;
    if (when === ALWAYS || this.holds(when, whenLeast)) {
      const raised = (this.raises[to] = (this.raises[to] as number) + 1);
      if (raised === 1) this.raised.push(to);
      return (raised % LOOK_FOR_CIRCLE !== 0 || !this.circle(edge)) && this.claim(to, least, edge);
    }
    if (this.excluded(when, whenLeast) || !this.excluded(to, least)) return true;
    // It would contradict: so what it holds under does not.
    const other = 1 - gap - (this.bound[from] as number);
    return this.claim(when ^ 1, 1 - whenLeast, [from, this.bound[from] as number, to ^ 1, other]);
  }
  /**
   * Whether an edge closes a circle of edges whose gaps add up to more than nothing: then the bounds on it would rise minute by
   * minute to the end of the day. What the edges hold under contradicts.
   */
  private circle(last: Edge): boolean {
    let gap = last.gap;
    const because = last.when === ALWAYS ? [] : [last.when, last.whenLeast];
    // A way back may run into another circle that this edge is no part of: that one is found from its own edges.
    let steps = 0;
    for (let half = last.from; half !== last.to;) {
      this.work++;
      if (++steps > LONGEST_CIRCLE) return false;
      const reason = this.trailReason[this.newest[half] as number];
      if (reason === null || reason === undefined || !("gap" in reason)) return false;
      gap += reason.gap;
      if (reason.when !== ALWAYS) because.push(reason.when, reason.whenLeast);
      half = reason.from;
    }
    if (gap <= 0) return false;
    this.fail(because);
    return true;
  }
  protected watch(clause: Clause): void {
    const { claims } = clause;
    for (const i of [0, 2]) {
      const [half, least] = [claims[i] as number, claims[i + 1] as number];
      this.watchers[half ^ 1]?.push({ clause, least: 1 - least });
    }
  }
  /** Clauses that watch a claim which this bound has just excluded. */
  private watched(half: Half): boolean {
    const list = this.watchers[half] as { clause: Clause; least: number }[];
    const now = this.bound[half] as number;
    let kept = 0;
    this.work += list.length;
    for (let w = 0; w < list.length; w++) {
      const watcher = list[w] as { clause: Clause; least: number };
      const { clause } = watcher;
      if (watcher.least > now) {
        list[kept++] = watcher;
        continue;
      }
      if (clause.dead) continue;
      const { claims } = clause;
      // The one that is excluded goes to the second place.
      if (claims[0] === (half ^ 1) && claims[1] === 1 - watcher.least) {
        [claims[0], claims[1], claims[2], claims[3]] = [
          claims[2] as number,
          claims[3] as number,
          claims[0],
          claims[1] as number,
        ];
      }
      const [first, least] = [claims[0] as number, claims[1] as number];
      if (this.holds(first, least)) {
        list[kept++] = watcher;
        continue;
      }
      let moved = false;
      for (let i = 4; i < claims.length; i += 2) {
        const [h, k] = [claims[i] as number, claims[i + 1] as number];
        if (this.excluded(h, k)) continue;
        claims[i] = claims[2] as number;
        claims[i + 1] = claims[3] as number;
        claims[2] = h;
        claims[3] = k;
        this.watchers[h ^ 1]?.push({ clause, least: 1 - k });
        moved = true;
        break;
      }
      if (moved) continue;
      list[kept++] = watcher;
      if (!this.claim(first, least, clause)) {
        for (w++; w < list.length; w++) list[kept++] = list[w] as { clause: Clause; least: number };
        list.length = kept;
        return false;
      }
    }
    list.length = kept;
    return true;
  }
}
