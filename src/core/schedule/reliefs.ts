import { SHELVES_OF_ONE_OVEN } from "./capacities";
import type { Schedule } from "./schedule";
import { type Lag, type ScheduleInput, SERVE, type Task } from "./task";

/** A change that would make the supper fit, found by trying it. */
export type Relief =
  | {
      readonly kind: "wait-longer";
      readonly from: string;
      readonly to: string;
      readonly nowMin: number;
      readonly neededMin: number | null;
    }
  | { readonly kind: "one-more"; readonly resource: string }
  | { readonly kind: "be-home" };

/** Each change that is tried takes such a part of the budget; together they take no more than twice the whole of it. */
const RELIEF_SHARE = 8;
const MOST_TRIES = 16;
/** Counted in litres: twice the space is tried, not one more. */
const SPACES: ReadonlySet<string> = new Set(["fridge", "freezer"]);

/** Tries one change at a time, on a fraction of the budget, and keeps those that help. */
export function reliefsFor(input: ScheduleInput, solve: (input: ScheduleInput) => Schedule): Relief[] {
  const nodes = Math.ceil(input.nodes / RELIEF_SHARE);
  let tries = 0;
  const fits = (changed: Partial<ScheduleInput>) => {
    if (tries++ >= MOST_TRIES) return null;
    const tried = solve({ ...input, ...changed, nodes });
    return tried.kind === "fits" ? tried : null;
  };
  const reliefs: Relief[] = [];
  for (const resource of Object.keys(input.capacities)) {
    const used = input.tasks.some((t) => (t.demands[resource] ?? 0) > 0);
    const there = input.capacities[resource] as number;
    const more = SPACES.has(resource) ? there : resource === "oven" ? SHELVES_OF_ONE_OVEN : 1;
    const capacities = { ...input.capacities, [resource]: there + more };
    // One more oven has a heat of its own.
    const ovens = resource === "oven" && input.ovens !== undefined ? { ovens: input.ovens + 1 } : {};
    if (used && fits({ capacities, ...ovens })) reliefs.push({ kind: "one-more", resource });
  }
  if (input.blocked.length > 0 && fits({ blocked: [] })) reliefs.push({ kind: "be-home" });
  input.lags.forEach((lag, i) => {
    // Phases of one step follow each other at once: no cook can let them wait; and a limit that a rule or ruined food sets is none to lift.
    if (lag.maxMin === null || lag.maxMin === 0 || lag.hardMin !== undefined) return;
    const without = input.lags.map((l, j): Lag => (j === i ? { ...l, maxMin: null, hardMin: null } : l));
    const found = fits({ lags: without });
    if (!found) return;
    const end = (found.starts[lag.from] as number) + (input.tasks.find((t) => t.id === lag.from) as Task).minutes;
    const start = lag.to === SERVE ? (lag.afterMin ?? 0) : (found.starts[lag.to] as number);
    reliefs.push({ kind: "wait-longer", from: lag.from, to: lag.to, nowMin: lag.maxMin, neededMin: start - end });
  });
  return reliefs;
}
