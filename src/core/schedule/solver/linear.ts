import type { Propagation, Rule } from "./propagation";
import type { Half } from "./trail";

/** A sum that stays within a limit: Σ weight × half ≤ limit. Weights are whole and above 0; a half counts as its variable, or as less it. */
export class Linear implements Rule {
  readonly halves: readonly Half[];
  constructor(
    readonly terms: readonly (readonly [half: Half, weight: number])[],
    public limit: number,
  ) {
    this.halves = terms.map(([half]) => half);
  }

  /** The least that the sum can be. */
  least({ bound }: Pick<Propagation, "bound">): number {
    let sum = 0;
    for (const [half, weight] of this.terms) sum += weight * (bound[half] as number);
    return sum;
  }
  propagate(engine: Propagation): boolean {
    const { bound } = engine;
    const slack = this.limit - this.least(engine);
    engine.work += this.terms.length;
    if (slack < 0) return engine.fail(this.because(engine, -1, -slack - 1));
    for (const [half, weight] of this.terms) {
      const most = (bound[half] as number) + Math.floor(slack / weight);
      if (engine.holds(half ^ 1, -most)) continue;
      // So much more could be left before it follows no longer.
      const spare = weight * (most + 1 - (bound[half] as number)) - slack - 1;
      if (!engine.claim(half ^ 1, -most, this.because(engine, half, spare))) return false;
    }
    return true;
  }
  /** What the others are at least, each as weak as it may be. */
  private because({ bound }: Propagation, but: Half, spare: number): number[] {
    const claims: number[] = [];
    let left = spare;
    for (const [half, weight] of this.terms) {
      if (half === but) continue;
      const less = Math.floor(left / weight);
      left -= less * weight;
      claims.push(half, (bound[half] as number) - less);
    }
    return claims;
  }
}
