import type { Dish } from "@/core/dish/dish";

/** What left the pan, in the words of the first dish that says so. */
export const describeReplaced = (dishes: readonly Dish[]): string =>
  dishes.flatMap((d) => d.replaces?.words ?? [])[0] ?? "what left";
