import fc from "fast-check";
import { Linear } from "./linear";
import type { Propagation } from "./propagation";

/** What a rule raises at some bounds, and why. */
function raisedBy(rule: Linear, low: readonly number[], high: readonly number[]) {
  const raised: { half: number; least: number; because: readonly number[] }[] = [];
  let failed: readonly number[] | null = null;
  const bound = low.flatMap((l, v) => [l, -(high[v] as number)]);
  const engine = {
    bound,
    work: 0,
    holds: (half: number, least: number) => (bound[half] as number) >= least,
    claim: (half: number, least: number, because: readonly number[]) => {
      raised.push({ half, least, because });
      return true;
    },
    fail: (because: readonly number[]) => {
      failed = because;
      return false;
    },
  };
  rule.propagate(engine as unknown as Propagation);
  return { raised, failed: failed as readonly number[] | null };
}
const pairsOf = (claims: readonly number[]) =>
  claims.flatMap((half, i) => (i % 2 === 0 ? [[half, claims[i + 1] as number] as const] : []));

test("what a sum raises follows from its reason, as weak as that is; so does what it refuses", () => {
  const term = fc.record({
    low: fc.integer({ min: -20, max: 5 }),
    size: fc.nat(15),
    weight: fc.integer({ min: 1, max: 7 }),
  });
  let seen = 0;
  fc.assert(
    fc.property(fc.array(term, { minLength: 1, maxLength: 4 }), fc.integer({ min: -150, max: 120 }), (of, limit) => {
      const rule = new Linear(of.map(({ weight }, v) => [2 * v, weight] as const), limit); // prettier-ignore
      const low = of.map((t) => t.low);
      const { raised, failed } = raisedBy(rule, low, of.map((t) => t.low + t.size)); // prettier-ignore
      const least = (claims: readonly number[]) =>
        pairsOf(claims).reduce((sum, [half, k]) => sum + k * (of[half >> 1]?.weight ?? 0), 0);
      const holds = (claims: readonly number[]) =>
        pairsOf(claims).every(([half, k]) => k <= (low[half >> 1] as number));
      if (failed !== null) {
        expect(holds(failed)).toBe(true);
        expect(least(failed)).toBeGreaterThan(limit);
      }
      for (const { half, least: negative, because } of raised) {
        seen++;
        const most = -negative;
        const weight = of[half >> 1]?.weight as number;
        expect(holds(because)).toBe(true);
        // One more of it, beside what the reason says of the others, is above the limit; as much as is left is not refused.
        expect(least(because) + weight * (most + 1)).toBeGreaterThan(limit);
      }
    }),
    { numRuns: 500, seed: 7 },
  );
  expect(seen).toBeGreaterThan(50);
});
