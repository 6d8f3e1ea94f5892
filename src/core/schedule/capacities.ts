import type { Kitchen } from "../household/kitchen";

/** Shelves that a home oven bakes on at once (common practice). */
export const SHELVES_OF_ONE_OVEN = 2;

/** What the kitchen has of each thing that tasks share. */
export function capacitiesOf(kitchen: Kitchen): Record<string, number> {
  const capacities: Record<string, number> = {
    hands: kitchen.cooks.length,
    burner: kitchen.burners.length,
    oven: kitchen.ovens.reduce((sum, o) => sum + o.shelves, 0),
  };
  for (const pan of kitchen.pans) capacities[`pan:${pan.id}`] = 1;
  for (const machine of kitchen.machines) capacities[`machine:${machine.id}`] = 1;
  if (kitchen.fridgeL !== null) capacities.fridge = kitchen.fridgeL;
  if (kitchen.freezerL !== null) capacities.freezer = kitchen.freezerL;
  return capacities;
}
