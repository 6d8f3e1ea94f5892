import type { Kitchen } from "../household/kitchen";
import type { StepKey } from "../process/log";
import type { Task } from "./task";

/** Shelves that a home oven bakes on at once (common practice). */
export const SHELVES_OF_ONE_OVEN = 2;

/** One burner, for tasks that stand on no other. */
const BURNER = "burner:";
/** What a task asks for that stands on this burner and on no other. */
export const burnerKey = (id: string): string => `${BURNER}${id}`;
/** The burner that a step was given; null where it has the choice. */
export function burnerGiven(tasks: readonly Pick<Task, "step" | "demands">[], step: StepKey): string | null {
  const things = tasks.flatMap((t) => (t.step === step ? Object.keys(t.demands) : []));
  return things.find((thing) => thing.startsWith(BURNER))?.slice(BURNER.length) ?? null;
}
/** The task on any burner. */
export const onAnyBurner = (task: Task): Task => ({
  ...task,
  demands: Object.fromEntries(Object.entries(task.demands).filter(([thing]) => !thing.startsWith(BURNER))),
});

/** What the kitchen has of each thing that tasks share; single burners as far as tasks were given one. */
export function capacitiesOf(kitchen: Kitchen, tasks: readonly Pick<Task, "demands">[] = []): Record<string, number> {
  const capacities: Record<string, number> = {
    hands: kitchen.cooks.length,
    burner: kitchen.burners.length,
    oven: kitchen.ovens.reduce((sum, o) => sum + o.shelves, 0),
  };
  for (const pan of kitchen.pans) capacities[`pan:${pan.id}`] = 1;
  for (const machine of kitchen.machines) capacities[`machine:${machine.id}`] = 1;
  for (const { demands } of tasks)
    for (const thing of Object.keys(demands)) if (thing.startsWith(BURNER)) capacities[thing] = 1;
  if (kitchen.fridgeL !== null) capacities.fridge = kitchen.fridgeL;
  if (kitchen.freezerL !== null) capacities.freezer = kitchen.freezerL;
  return capacities;
}
