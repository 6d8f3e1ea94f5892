import type { Kitchen } from "../household/kitchen";

/** Shelves that a home oven bakes on at once (common practice). */
export const SHELVES_OF_ONE_OVEN = 2;

/** What the kitchen has of each thing that tasks share. */
export function capacitiesOf(kitchen: Kitchen): Record<string, number> {
  const capacities: Record<string, number> = {
    hands: kitchen.cooks,
    burner: kitchen.burners.length,
    oven: kitchen.ovens * SHELVES_OF_ONE_OVEN,
  };
  for (const pan of kitchen.pans) capacities[`pan:${pan.id}`] = 1;
  for (const machine of kitchen.machines) capacities[`machine:${machine.id}`] = 1;
  return capacities;
}
