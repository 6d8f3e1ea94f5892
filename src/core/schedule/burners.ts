import { type Kitchen, netWatts } from "../household/kitchen";
import type { Plan } from "../plan";
import type { StepKey } from "../process/log";
import type { StepKind } from "../process/registry";
import { burnerGiven } from "./capacities";
import type { Schedule } from "./schedule";
import { rowsOf } from "./work";

/** Steps that were computed with the strongest burner choose first. */
const NEEDS_HEAT: ReadonlySet<StepKind> = new Set(["sear", "fry", "brown", "reduce", "boil"]);

/**
 * Which burner each step stands on: the one that it was given, else the strongest that is free from its first minute on the hob to its
 * last, the hottest steps choosing first.
 *
 * @returns ids of burners by step; steps without a free one are missing
 */
export function burnersOf(
  plan: Pick<Plan, "tasks" | "dishes">,
  schedule: Schedule,
  kitchen: Pick<Kitchen, "burners">,
): ReadonlyMap<StepKey, string> {
  if (schedule.kind !== "fits") return new Map();
  const burners = kitchen.burners.slice().sort((a, b) => netWatts(b) - netWatts(a));
  const given = new Map(
    plan.tasks.flatMap(({ step }) => {
      const id = burnerGiven(plan.tasks, step);
      return burners.some((b) => b.id === id) ? [[step, id as string] as const] : [];
    }),
  );
  const uses = new Map<StepKey, readonly [number, number]>();
  for (const task of plan.tasks.filter((t) => (t.demands.burner ?? 0) > 0)) {
    const from = schedule.starts[task.id] ?? 0;
    const [first, last] = uses.get(task.step) ?? [from, from];
    uses.set(task.step, [Math.min(first, from), Math.max(last, from + task.minutes)]);
  }
  const rank = new Map(rowsOf(plan as Plan).map((r) => [r.key, NEEDS_HEAT.has(r.step.kind) ? 1 : 2]));
  const rankOf = (step: StepKey) => (given.has(step) ? 0 : (rank.get(step) ?? 2));
  const inOrder = [...uses].sort(([a, [from]], [b, [begins]]) => rankOf(a) - rankOf(b) || from - begins);
  const taken = new Map<string, (readonly [number, number])[]>(burners.map((b) => [b.id, []]));
  const stands = new Map<StepKey, string>();
  for (const [step, use] of inOrder) {
    const isFree = (id: string) => taken.get(id)?.every(([f, t]) => use[1] <= f || use[0] >= t);
    const found = given.get(step) ?? burners.find((b) => isFree(b.id))?.id;
    if (found === undefined) continue;
    taken.get(found)?.push(use);
    stands.set(step, found);
  }
  return stands;
}
