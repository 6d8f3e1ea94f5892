import type { FoodId } from "../foods/food";
import { totalG } from "./contents";
import type { StepKey } from "./log";
import type { Row } from "./row";
import type { StepKind } from "./registry";

/** One figure that differs between two replays of the same steps, from what to what. */
export interface Difference {
  readonly key: StepKey;
  readonly step: StepKind;
  readonly what:
    | { readonly kind: "weight" }
    | { readonly kind: "goes-in"; readonly food: FoodId }
    | { readonly kind: "batches" }
    | { readonly kind: "minutes" };
  readonly from: number;
  readonly to: number;
}

type Computed = Extract<Row, { state: "computed" }>;
const batches = (row: Computed) => {
  const fact = row.outcome.facts.find((f) => f.kind === "batches");
  return fact?.kind === "batches" ? fact.count : null;
};
const minutes = (row: Computed) => row.outcome.phases.reduce((m, p) => m + p.minutes, 0);
const amounts = (row: Computed) => {
  const byFood = new Map<string, number>();
  for (const c of row.outcome.inputs) if (c.from === "food") byFood.set(c.food, (byFood.get(c.food) ?? 0) + c.massG);
  return byFood;
};

/** Smallest differences that a cook can act on: grams below 10 g count to 0.1 g, above to 1 g; minutes to a half. */
const matters = (from: number, to: number): boolean => Math.abs(to - from) >= (Math.min(from, to) < 10 ? 0.1 : 1);

/** What changed, in the order of the steps; only where both replays have figures. */
export function differences(before: readonly Row[], after: readonly Row[]): Difference[] {
  const earlier = new Map(before.map((r) => [r.key, r]));
  return after.flatMap((row): Difference[] => {
    const old = earlier.get(row.key);
    if (row.state !== "computed" || old?.state !== "computed") return [];
    const base = { key: row.key, step: row.step.kind };
    const found: Difference[] = [];
    const oldAmounts = amounts(old);
    for (const [food, to] of amounts(row)) {
      const from = oldAmounts.get(food) ?? 0;
      if (matters(from, to)) found.push({ ...base, what: { kind: "goes-in", food }, from, to });
    }
    const [b0, b1] = [batches(old), batches(row)];
    if (b0 !== null && b1 !== null && b0 !== b1) found.push({ ...base, what: { kind: "batches" }, from: b0, to: b1 });
    const [w0, w1] = [totalG(old.outcome.after.batch), totalG(row.outcome.after.batch)];
    if (matters(w0, w1)) found.push({ ...base, what: { kind: "weight" }, from: w0, to: w1 });
    const [m0, m1] = [minutes(old), minutes(row)];
    if (Math.abs(m1 - m0) >= 0.5) found.push({ ...base, what: { kind: "minutes" }, from: m0, to: m1 });
    return found;
  });
}
