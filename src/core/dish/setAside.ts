import type { Step } from "../process/registry";
import type { FoodId } from "../foods/food";
import type { Line, PartId, StepId } from "../process/step";
import type { Dish, Part } from "./dish";

/** The share of what there is that a step puts by for another day; 0 where it puts nothing by. */
export const shareAside = (step: Step | undefined): number => (step?.kind === "set-aside" ? step.share : 0);

/** Of a food that was in the vessel, the share that leaves at a step: strained off or thrown away, 0–1. */
export type GoesOff = (step: StepId, food: FoodId) => number;

/**
 * How much of a food that goes in at a step is eaten at this supper, 0–1: some is set aside for another day, strained off or
 * thrown away. What was strained off and is taken by another step counts there.
 */
export function eatenShareOf(dish: Dish, goesOff: GoesOff): (part: PartId, step: StepId, food: FoodId) => number {
  const goes = dish.parts.some((p) => p.steps.some((s) => LEAVES.has(s.kind)));
  if (!goes) return () => 1;
  const byPart = new Map(dish.parts.map((p) => [p.id, p]));
  const shareFrom = (part: Part, from: number, food: FoodId, seen: ReadonlySet<PartId | StepId>): number => {
    let [stays, eaten] = [1, 0];
    for (const step of part.steps.slice(from)) {
      const off = step.kind === "strain" || step.kind === "discard" ? goesOff(step.id, food) : 0;
      if (off > 0 && !seen.has(step.id)) {
        const isIt = (l: Line) => l.kind === "liquor" && l.step === step.id;
        eaten += stays * off * takenOf(isIt, food, new Set([...seen, step.id])).eaten;
      }
      stays *= (1 - off) * (1 - shareAside(step));
    }
    if (seen.has(part.id)) return eaten + stays;
    const joined = takenOf((l) => l.kind === "part" && l.part === part.id, food, new Set([...seen, part.id]));
    return eaten + stays * (joined.eaten + joined.left);
  };
  const takenOf = (isIt: (line: Line) => boolean, food: FoodId, seen: ReadonlySet<PartId | StepId>) => {
    let [eaten, left] = [0, 1];
    for (const part of dish.parts)
      for (const [i, step] of part.steps.entries())
        for (const line of step.adds)
          if (line.kind !== "food" && isIt(line)) {
            const share = Math.min(left, line.share);
            eaten += share * shareFrom(part, i, food, seen);
            left -= share;
          }
    return { eaten, left };
  };
  return (id, stepId, food) => {
    const part = byPart.get(id);
    const at = part?.steps.findIndex((s) => s.id === stepId) ?? -1;
    return part === undefined || at < 0 ? 1 : shareFrom(part, at, food, new Set());
  };
}
const LEAVES: ReadonlySet<string> = new Set(["set-aside", "strain", "discard"]);
