import type { Dish, Part } from "@/core/dish/dish";
import { counted } from "./count";

/** What taking a route would change in a supper: a part of a dish, or nothing but one dish more. */
export function describeSwapChanges(target: { readonly dish: Dish; readonly part: Part } | null): string {
  if (target === null) return "A route becomes one more dish of this supper; the others stay as they are.";
  const { dish, part } = target;
  const steps = counted(part.steps.length, "step");
  const others = dish.parts.length > 1 ? " The rest of the dish stays as it is." : "";
  return `A route takes the place of “${part.name}” in “${dish.name}”: its ${steps} go, with what you changed in them.${others}`;
}
