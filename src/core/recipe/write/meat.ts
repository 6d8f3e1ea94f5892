import type { Dish, Part } from "../../dish/dish";
import type { Step, StepKind } from "../../process/registry";
import type { Line } from "../../process/step";

/** Where what the recipe puts into its meat goes: the first of these that the route has. */
const TAKES_MORE: readonly StepKind[] = ["bind", "marinate", "season", "pulse", "brown", "sear", "fry", "simmer"];

/**
 * The parts of a route but for its plain sauce and crust: the recipe brings its own. What it marinates the meat in, or mixes with it,
 * goes into the step of the route that does the same.
 */
export function meatParts(dish: Dish, at: number, within: readonly Line[]): Part[] {
  const steps = dish.parts.find((p) => p.id === "main")?.steps ?? [];
  const takes = TAKES_MORE.flatMap((kind) => steps.find((s) => s.kind === kind) ?? [])[0] ?? steps.at(-1);
  const renamed = (id: string) => (at === 0 ? id : `${id}-${at + 1}`);
  const step = (s: Step): Step => {
    const adds = s.adds.map((l): Line =>
      l.kind === "part" ? { ...l, part: renamed(l.part) } : l.kind === "liquor" ? { ...l, step: renamed(l.step) } : l,
    );
    return { ...s, id: renamed(s.id), adds: s === takes ? [...adds, ...within] : adds } as Step;
  };
  return dish.parts
    .filter((p) => p.id === "main" || p.id === "batter")
    .map((p) => ({ ...p, id: renamed(p.id), steps: p.steps.map(step) }));
}
