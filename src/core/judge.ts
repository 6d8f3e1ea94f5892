import { openBook } from "./foods/book";
import type { FoodId } from "./foods/food";
import { kitchenFacts } from "./household/kitchen";
import type { Plan, PlanInput } from "./plan";
import { isSmall } from "./household/people";
import type { Avoidance, Caution, Computed } from "./safety/rule";
import { cautionsOf } from "./safety/rules";
import { warmthOf } from "./safety/warmth";
import type { Schedule } from "./schedule/schedule";
import { waitsBetween } from "./schedule/waits";

/**
 * The third front door: what can harm or be lost, over a plan and, when there is one, its times. It warns and stops, and
 * changes nothing.
 *
 * With a schedule the minutes that food stands between two steps count. Without one a wait is told only where the cook
 * allows one that would break a rule; usual waits are shortened to the rule by `schedule/fromPlan`.
 */
export function judge(input: PlanInput, plan: Plan, schedule: Schedule | null): Caution[] {
  const { kin, food } = openBook(input);
  const eating = input.eaters.filter((e) => input.supper.eaters.includes(e.id));
  const { roomC, boilC } = kitchenFacts(input.kitchen);
  const who = {
    smallEaters: eating.some(isSmall),
    avoided: avoidedFoods(plan),
    kin,
    food,
    roomC,
    boilC,
    eating,
    heads: plan.eaters,
    saltG: plan.perEater.saltG,
  };
  const atTable = plan.dishes.flatMap((d) => d.parts.filter((p) => p.served));
  const waits = schedule?.kind === "fits" ? waitsBetween(plan, schedule.starts) : null;
  return plan.dishes.flatMap((dish) => {
    const parts = dish.parts.map((p) => p.rows);
    const warmth = warmthOf(parts, waits);
    return dish.parts.flatMap((part) => {
      const computed = part.rows.filter((r): r is Computed => r.state === "computed");
      return cautionsOf(computed, who, warmth, !part.served ? "no" : part === atTable.at(-1) ? "last of all" : "yes");
    });
  });
}

/** Foods that certainly hold what somebody at the table avoids. */
function avoidedFoods({ verdicts }: Plan): ReadonlyMap<FoodId, readonly Avoidance[]> {
  const avoided = new Map<FoodId, Avoidance[]>();
  for (const { contains, allergen, eater } of verdicts)
    for (const { food } of contains) avoided.set(food, [...(avoided.get(food) ?? []), { eater, allergen }]);
  return avoided;
}
