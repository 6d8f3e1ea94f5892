import { BITE, type BiteAttribute, type BiteShift } from "./shifts";
import type { Bite, Target } from "./targets";

/** An attribute that misses its target: how far (below 0: less of it), and how much that counts. */
export interface Gap {
  readonly attribute: BiteAttribute;
  readonly by: number;
  readonly counts: number;
}
/** How near two bites are, in words of the house (models card 13). */
export type Nearness = "close" | "similar" | "stretch" | "different";

/** Weighted distance of two bites, 0 to 10: √(Σ w (a − b)² / Σ w) (models card 13). NaN where nothing counts. */
export function distance(a: Bite, { bite, weights }: Pick<Target, "bite" | "weights">): number {
  let sum = 0;
  let weight = 0;
  for (const attribute of BITE) {
    sum += weights[attribute] * (a[attribute] - bite[attribute]) ** 2;
    weight += weights[attribute];
  }
  return Math.sqrt(sum / weight);
}

/** Below 1 close, to 2 similar, to 3.5 a stretch, beyond it different. */
export function nearness(d: number): Nearness {
  if (d < 1) return "close";
  if (d <= 2) return "similar";
  return d <= 3.5 ? "stretch" : "different";
}

/** The largest gaps that count, at most so many; what misses by less than half a point is none. */
export function largestGaps(a: Bite, { bite, weights }: Pick<Target, "bite" | "weights">, most = 2): Gap[] {
  return BITE.map((attribute) => {
    const by = a[attribute] - bite[attribute];
    return { attribute, by, counts: weights[attribute] * by ** 2 };
  })
    .filter((g) => Math.abs(g.by) >= 0.5 && g.counts > 0)
    .sort((x, y) => y.counts - x.counts || BITE.indexOf(x.attribute) - BITE.indexOf(y.attribute))
    .slice(0, most);
}

/** A bite moved by what was done to it beyond its row; attributes stay within 0 to 10. */
export function shifted(bite: Bite, ...shifts: readonly BiteShift[]): Bite {
  const moved = (attribute: BiteAttribute) =>
    Math.max(
      0,
      Math.min(
        10,
        shifts.reduce((v, s) => v + (s[attribute] ?? 0), bite[attribute]),
      ),
    );
  return Object.fromEntries(BITE.map((a) => [a, moved(a)])) as unknown as Bite;
}

/** So many ratings weigh as much as the table (models card 13). */
const TABLE_WEIGHS = 3;
/** A bite as one cook rated it, drawn to the table while ratings are few: base + n/(n + 3) · (mean − base). */
export function rated(base: Bite, ratings: readonly Readonly<Partial<Record<BiteAttribute, number>>>[]): Bite {
  const one = (attribute: BiteAttribute): number => {
    const said = ratings.flatMap((r) => r[attribute] ?? []);
    if (said.length === 0) return base[attribute];
    const mean = said.reduce((a, b) => a + b, 0) / said.length;
    return base[attribute] + (said.length / (said.length + TABLE_WEIGHS)) * (mean - base[attribute]);
  };
  return Object.fromEntries(BITE.map((a) => [a, one(a)])) as unknown as Bite;
}
