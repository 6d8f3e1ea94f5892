import type { FoodId } from "./foods/food";
import type { Plan } from "./plan";
import type { Caution } from "./safety/rule";
import { unsettles } from "./safety/unsettling";

/** What keeps a supper from being settled. */
export interface OpenIn {
  /** What can harm as it is planned. */
  readonly stops: readonly Caution[];
  /** Warnings that an edit removes. */
  readonly mendable: readonly Caution[];
  /** Foods without an amount, each once. */
  readonly unsaid: readonly FoodId[];
  /** All that is open, those and steps, people, diets and doubts: 0 is settled. */
  readonly count: number;
}

/** A supper is settled when nothing of it is open: no stop, no step without an account, no amount, label or doubt. */
export function openIn(
  plan: Pick<Plan, "blocked" | "verdicts" | "diets" | "doubts" | "dishes">,
  cautions: readonly Caution[],
): OpenIn {
  const unsaid = [...new Set(plan.dishes.flatMap((d) => d.parts.flatMap((p) => p.open)))];
  const stops = cautions.filter((c) => c.severity === "stop");
  const mendable = cautions.filter((c) => c.severity !== "stop" && unsettles(c));
  const people =
    plan.verdicts.filter((v) => v.verdict !== "clear").length + plan.diets.filter((d) => d.verdict !== "fits").length;
  const count = stops.length + mendable.length + unsaid.length + plan.blocked + people + plan.doubts.length;
  return { stops, mendable, unsaid, count };
}
