import { Activity } from "./activity";

/**
 * Half of an integer variable: 2v is v itself, 2v + 1 is −v. Both grow: `bound[2v]` is the least that v can be, `bound[2v + 1]` the
 * least that −v can be.
 */
export type Half = number;
/** Claims in a row, flat: half, least, half, least … Each says: that half is at least so much. */
export type Claims = readonly number[];
/** One of its claims holds; the first two are watched. */
export interface Clause {
  readonly claims: number[];
  readonly learned: boolean;
  worth: number;
  dead: boolean;
}
/** to ≥ from + gap, where the claim `when` holds (a half and how much it is at least), or always. */
export interface Edge {
  readonly from: Half;
  readonly to: Half;
  readonly gap: number;
  readonly when: Half;
  readonly whenLeast: number;
}
/** Why a bound was raised; null is a decision. */
export type Reason = Clause | Edge | Claims | null;
/** An edge that holds always. */
export const ALWAYS = -1;

/** Bounds of whole-number variables, each raise with its reason, and the way back. */
export class Trail {
  readonly bound: number[] = [];
  /** Claims looked at so far: the measure of work. */
  work = 0;
  readonly activity = new Activity();

  protected readonly trailHalf: Half[] = [];
  protected readonly trailOld: number[] = [];
  protected readonly trailPrevious: number[] = [];
  protected readonly trailLevel: number[] = [];
  protected readonly trailReason: Reason[] = [];
  protected readonly newest: number[] = [];
  protected readonly levels: number[] = [];
  /** How much of the trail has been followed up. */
  protected looked = 0;
  protected failure: Claims = [];

  /** A new variable from `low` to `high`, whole numbers. */
  variable(low: number, high: number): number {
    const v = this.bound.length / 2;
    this.bound.push(low, -high);
    this.newest.push(-1, -1);
    this.activity.add(v);
    return v;
  }
  low(v: number): number {
    return this.bound[2 * v] as number;
  }
  high(v: number): number {
    return -(this.bound[2 * v + 1] as number);
  }
  get level(): number {
    return this.levels.length;
  }
  holds(half: Half, least: number): boolean {
    return (this.bound[half] as number) >= least;
  }
  excluded(half: Half, least: number): boolean {
    return (this.bound[half ^ 1] as number) >= 1 - least;
  }

  /** Raises a bound for a reason, whose claims all hold; false when that contradicts. */
  claim(half: Half, least: number, reason: Reason): boolean {
    const old = this.bound[half] as number;
    if (old >= least) return true;
    if (this.excluded(half, least)) {
      this.failure = [...(reason === null ? [] : this.explain(reason, half, least)), half ^ 1, 1 - least];
      return false;
    }
    this.trailHalf.push(half);
    this.trailOld.push(old);
    this.trailPrevious.push(this.newest[half] as number);
    this.trailLevel.push(this.levels.length);
    this.trailReason.push(reason);
    this.newest[half] = this.trailHalf.length - 1;
    this.bound[half] = least;
    return true;
  }
  /** Claims that all hold and together contradict. */
  fail(because: Claims): false {
    this.failure = because;
    return false;
  }
  decide(half: Half, least: number): void {
    this.levels.push(this.trailHalf.length);
    this.claim(half, least, null);
  }
  backTo(level: number): void {
    if (this.levels.length <= level) return;
    const keep = this.levels[level] as number;
    for (let i = this.trailHalf.length - 1; i >= keep; i--) {
      const half = this.trailHalf[i] as number;
      this.bound[half] = this.trailOld[i] as number;
      this.newest[half] = this.trailPrevious[i] as number;
      this.activity.open(half >> 1);
    }
    for (const list of [this.trailHalf, this.trailOld, this.trailPrevious, this.trailLevel]) list.length = keep;
    this.trailReason.length = keep;
    this.levels.length = level;
    this.looked = keep;
  }

  /** The place on the trail that first made a claim hold; −1 where it always did. */
  protected placeOf(half: Half, least: number): number {
    let at = this.newest[half] as number;
    while (at >= 0 && (this.trailOld[at] as number) >= least) at = this.trailPrevious[at] as number;
    return at;
  }

  protected explain(reason: Exclude<Reason, null>, half: Half, least: number): Claims {
    if ("gap" in reason) {
      const from = [reason.from, least - reason.gap];
      return reason.when === ALWAYS ? from : [...from, reason.when, reason.whenLeast];
    }
    if (!("claims" in reason)) return reason;
    const { claims } = reason;
    const because: number[] = [];
    let skipped = false;
    for (let i = 0; i < claims.length; i += 2) {
      const [h, k] = [claims[i] as number, claims[i + 1] as number];
      if (!skipped && h === half && k >= least) skipped = true;
      else because.push(h ^ 1, 1 - k);
    }
    return because;
  }
}
