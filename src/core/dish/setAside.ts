import type { Step } from "../process/registry";
import type { PartId, StepId } from "../process/step";
import type { Dish, Part } from "./dish";

/** The share of what there is that a step puts by for another day; 0 where it puts nothing by. */
export const shareAside = (step: Step | undefined): number => (step?.kind === "set-aside" ? step.share : 0);

/** How much of what goes in at a step is eaten at this supper, 0–1: the rest is set aside for another day. */
export function eatenShareOf(dish: Dish): (part: PartId, step: StepId) => number {
  const hasAside = dish.parts.some((p) => p.steps.some((s) => s.kind === "set-aside"));
  if (!hasAside) return () => 1;
  const byPart = new Map(dish.parts.map((p) => [p.id, p]));
  const shareFrom = (part: Part, from: number, seen: ReadonlySet<PartId>): number => {
    const stays = part.steps.slice(from).reduce((share, s) => share * (1 - shareAside(s)), 1);
    return stays * shareOfPart(part.id, seen);
  };
  const shareOfPart = (id: PartId, seen: ReadonlySet<PartId>): number => {
    if (seen.has(id)) return 1;
    const with_ = new Set([...seen, id]);
    let [eaten, left] = [0, 1];
    for (const part of dish.parts)
      for (const [i, step] of part.steps.entries())
        for (const line of step.adds)
          if (line.kind === "part" && line.part === id) {
            const share = Math.min(left, line.share);
            eaten += share * shareFrom(part, i, with_);
            left -= share;
          }
    return eaten + left;
  };
  return (id, stepId) => {
    const part = byPart.get(id);
    const at = part?.steps.findIndex((s) => s.id === stepId) ?? -1;
    return part === undefined || at < 0 ? 1 : shareFrom(part, at, new Set());
  };
}
