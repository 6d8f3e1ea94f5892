import type { StepKey } from "../process/log";
import type { Step } from "../process/registry";
import { daysBetween, KEEPS, partAt, scaleOf } from "./batches";
import type { MadeWith, Part, Supper } from "./dish";
import { editDish, editPart } from "./edit";
import { shareAside } from "./setAside";

/** A batch is too little for a supper that wants so much more than is set aside. */
const ENOUGH = 0.97;

/** How a batch stands that a supper has of another: there, or why it cannot be counted on. */
export type BatchStanding = { readonly key: StepKey; readonly part: string; readonly from: MadeWith } & (
  | { readonly kind: "stands"; readonly with: string; readonly where: "fridge" | "freezer" }
  /** The other supper, its dish or its step is not there any more. */
  | { readonly kind: "gone" }
  /** The other one is eaten after this one by now. */
  | { readonly kind: "later"; readonly with: string }
  /** It would lie longer than it keeps, days. */
  | { readonly kind: "too-long"; readonly with: string; readonly days: number; readonly keepsDays: number }
  /** It sets aside so much less than is needed, or something else; share of what is needed. */
  | { readonly kind: "too-little"; readonly with: string; readonly share: number }
);
/** How every batch stands that this supper has of others. */
export function batchStandings(later: Supper, others: readonly Supper[]): readonly BatchStanding[] {
  return (Object.keys(later.madeWith) as StepKey[]).flatMap((key): BatchStanding[] => {
    const own = partAt(later, key);
    const from = later.madeWith[key] as MadeWith;
    // The cook took the step out, and does the work: nothing is counted on.
    if (own === null || own.step.kind !== "store") return [];
    const told = { key, part: own.part.name, from } as const;
    const first = others.find((s) => s.id === from.supper);
    const given = first === undefined ? null : partAt(first, from.step);
    if (first === undefined || given === null || given.step.kind !== "set-aside") return [{ ...told, kind: "gone" }];
    const named = { ...told, with: first.name } as const;
    if (first.serveAt >= later.serveAt) return [{ ...named, kind: "later" }];
    const days = daysBetween(first, later);
    const keepsDays = KEEPS[own.part.steps[own.index - 1]?.kind ?? "serve"]?.days ?? 0;
    if (days > keepsDays) return [{ ...named, kind: "too-long", days, keepsDays }];
    const share = Math.min(
      ...shares(
        foodsBefore(own.part, own.index, scaleOf(later, own.dish)),
        foodsFor(given.part, given.index, scaleOf(first, given.dish)),
      ),
    );
    if (share < ENOUGH) return [{ ...named, kind: "too-little", share }];
    return [{ ...named, kind: "stands", where: given.step.where }];
  });
}
/** Of each food that is needed the share that is there. */
function shares(needed: ReadonlyMap<string, number>, there: ReadonlyMap<string, number>): number[] {
  return [1, ...[...needed].map(([food, massG]) => (there.get(food) ?? 0) / massG)];
}
/** Grams of every food that goes in before a step. */
function foodsBefore(part: Part, at: number, scale: number): Map<string, number> {
  return gramsOf(part.steps.slice(0, at).map((s) => [s, scale] as const));
}
/** The same for what a set-aside step takes of it. */
function foodsFor(part: Part, at: number, scale: number): Map<string, number> {
  let taken = shareAside(part.steps[at]);
  const counted: (readonly [Step, number])[] = [];
  for (const step of part.steps.slice(0, at).reverse()) {
    taken *= 1 - shareAside(step);
    counted.push([step, scale * taken]);
  }
  return gramsOf(counted);
}
function gramsOf(steps: readonly (readonly [Step, number])[]): Map<string, number> {
  const grams = new Map<string, number>();
  for (const [step, factor] of steps)
    for (const line of step.adds)
      if (line.kind === "food" && line.massG !== null && line.massG > 0)
        grams.set(line.food, (grams.get(line.food) ?? 0) + line.massG * factor);
  return grams;
}

/** The supper as it stands on its own days: what it has of others lies as long as the other one is eaten before it. */
export function withDays(later: Supper, others: readonly Supper[]): Supper {
  return (Object.entries(later.madeWith) as [StepKey, MadeWith][]).reduce((supper, [key, { supper: id }]) => {
    const first = others.find((s) => s.id === id);
    const own = partAt(supper, key);
    if (first === undefined || own === null || own.step.kind !== "store") return supper;
    const days = daysBetween(first, later);
    if (own.step.days === days) return supper;
    const { step } = own;
    return editDish(supper, own.dish.id, (dish) =>
      editPart(dish, own.part.id, (part) => ({
        ...part,
        steps: part.steps.map((s) => (s.id === step.id ? { ...step, days } : s)),
      })),
    );
  }, later);
}
