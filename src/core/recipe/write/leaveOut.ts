import type { Part } from "../../dish/dish";
import type { Step } from "../../process/registry";
import { type Choice, chosenOf, choosing, type PartId } from "../../process/step";

/** Kinds that begin a part and are nothing without what they bring. */
const BRINGS = new Set<Step["kind"]>(["weigh", "cut", "toast", "sort"]);

/**
 * Takes what is optional and unwanted out of the steps that it was written into: it stays there as a choice, one press away. A step
 * that has nothing else to do goes, and a part of such steps; their choices go on to the step that comes next.
 *
 * @param isOut whether a choice is left out for now
 */
export function leaveOut(parts: readonly Part[], isOut: (choice: Choice) => boolean): Part[] {
  if (!parts.some((p) => p.steps.some((s) => s.choices?.some(isOut)))) return [...parts];
  let handed = new Map<PartId, readonly Choice[]>();
  const made = parts.map((part) => {
    let waiting: readonly Choice[] = [];
    const steps = part.steps.flatMap((was, i): Step[] => {
      const outs = (was.choices ?? []).filter(isOut);
      const without = outs.reduce<Step>((s, c) => (chosenOf(s, c) === null ? s : choosing(s, c, null)), was);
      const step = waiting.length === 0 ? without : { ...without, choices: [...(without.choices ?? []), ...waiting] };
      if (without.adds.length === 0 && was.adds.length > 0 && BRINGS.has(was.kind) && isFirst(part, i, without)) {
        waiting = step.choices ?? [];
        return [];
      }
      waiting = [];
      return [step];
    });
    if (steps.length === 0) handed = new Map([...handed, [part.id, waiting]]);
    return { ...part, steps };
  });
  if (handed.size === 0) return made;
  return made
    .filter((p) => !handed.has(p.id))
    .map((p) => ({
      ...p,
      steps: p.steps.map((s): Step => {
        const gone = s.adds.flatMap((l) => (l.kind === "part" ? (handed.get(l.part) ?? []) : []));
        const adds = s.adds.filter((l) => l.kind !== "part" || !handed.has(l.part));
        return gone.length === 0 && adds.length === s.adds.length
          ? s
          : { ...s, adds, choices: [...(s.choices ?? []), ...gone] };
      }),
    }));
}
/** Whether nothing of the part lies in the vessel yet. */
const isFirst = (part: Part, at: number, step: Step): boolean =>
  part.steps.slice(0, at).every((s) => s.adds.length === 0 || s.choices !== undefined) && step.adds.length === 0;
