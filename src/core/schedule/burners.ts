import { type Kitchen, netWatts } from "../household/kitchen";
import type { StepKey } from "../process/log";
import type { StepKind } from "../process/registry";
import type { Move } from "./work";

/** Steps that were computed with the strongest burner choose first. */
const NEEDS_HEAT: ReadonlySet<StepKind> = new Set(["sear", "fry", "brown", "reduce", "boil"]);

/**
 * Which burner each step stands on: the strongest that is free, the hottest steps choosing first.
 *
 * @returns ids of burners by step; steps without a free one are missing
 */
export function burnersOf(moves: readonly Move[], kitchen: Kitchen): ReadonlyMap<StepKey, string> {
  const burners = kitchen.burners.slice().sort((a, b) => netWatts(b) - netWatts(a));
  const taken = new Map<string, [number, number][]>(burners.map((b) => [b.id, []]));
  const stands = new Map<StepKey, string>();
  const onBurner = moves.filter((m) => m.row.outcome.needs.some((n) => n.kind === "burner"));
  const hottest = [
    ...onBurner.filter((m) => NEEDS_HEAT.has(m.row.step.kind)),
    ...onBurner.filter((m) => !NEEDS_HEAT.has(m.row.step.kind)),
  ];
  for (const move of hottest) {
    const [from, to] = [move.startMin, move.startMin + move.minutes];
    const free = burners.find((b) => taken.get(b.id)?.every(([f, t]) => to <= f || from >= t));
    if (!free) continue;
    taken.get(free.id)?.push([from, to]);
    stands.set(move.key, free.id);
  }
  return stands;
}
