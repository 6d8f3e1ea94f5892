import type { DishId } from "../process/step";
import type { Allergen, AllergenState } from "../foods/allergens";
import type { FoodId, FoodLookup } from "../foods/food";
import { labelCanFree, PACKED_TOGETHER } from "../foods/table";
import { type Dish, foodsOf, linesOf, type Supper } from "../dish/dish";
import type { Eater, EaterId } from "../household/people";

/** Where a food stands in the supper: the dish and the parts it goes into. */
export interface Finding {
  readonly food: FoodId;
  readonly dish: DishId;
  readonly parts: readonly string[];
  /** What the label says decides: nobody read it, or the kind has it unless the packet says free. */
  readonly labelDecides: boolean;
  /** A nut or seed, asked for what is packed beside it: one question for all of them. */
  readonly packed: boolean;
}
/**
 * Whether somebody can eat the whole supper. `ask` is not a pass: at least one label has to be read. Nor is `open`: a
 * dish without food, or a step that takes a part that is not there, leaves nothing to be clear about. The check reaches
 * every food of every part of every dish; a food nobody knows asks.
 */
export interface Verdict {
  readonly eater: EaterId;
  readonly allergen: Allergen;
  readonly verdict: "contains" | "may" | "ask" | "open" | "clear";
  readonly contains: readonly Finding[];
  /** Their labels say "may contain": no pass, and no "contains". */
  readonly may: readonly Finding[];
  readonly ask: readonly Finding[];
}

/** One verdict for each eater at the table and each allergen that they must not eat. */
export function eaterVerdicts(supper: Supper, eaters: readonly Eater[], foods: FoodLookup): Verdict[] {
  const findings = supper.dishes.flatMap(findingsOf);
  const open = supper.dishes.length === 0 || supper.dishes.some(isOpen);
  return eaters
    .filter((eater) => supper.eaters.includes(eater.id))
    .flatMap((eater) =>
      eater.avoids.map((allergen) => {
        const inState = (wanted: AllergenState, labelDecides: (food: FoodId) => boolean) =>
          findings
            .filter((f) => (foods(f.food)?.allergens[allergen] ?? "unknown") === wanted)
            .map((f): Finding => ({
              ...f,
              labelDecides: labelDecides(f.food),
              packed: wanted === "unknown" && foods(f.food)?.group === "nut" && PACKED_TOGETHER.includes(allergen),
            }));
        const contains = inState("contains", (food) => labelCanFree(food, allergen));
        const may = inState("may", () => true);
        const ask = inState("unknown", () => true);
        const verdict =
          contains.length > 0 ? "contains" : may.length > 0 ? "may" : ask.length > 0 ? "ask" : open ? "open" : "clear";
        return { eater: eater.id, allergen, verdict, contains, may, ask };
      }),
    );
}

/** A food that somebody would rather not have, and where it stands. */
export interface Disliked extends Omit<Finding, "labelDecides" | "packed"> {
  readonly eater: EaterId;
}
/**
 * What of the supper somebody at the table dislikes: these foods, and own foods that are like them.
 *
 * @param kin the built-in food that a food is, or is like
 */
export function dislikedFoods(supper: Supper, eaters: readonly Eater[], kin: (food: FoodId) => FoodId): Disliked[] {
  const atTable = eaters.filter((e) => e.dislikes.length > 0 && supper.eaters.includes(e.id));
  if (atTable.length === 0) return [];
  const findings = supper.dishes.flatMap(findingsOf);
  return atTable.flatMap((eater) => {
    const kinds = new Set(eater.dislikes.flatMap((food) => [food, kin(food)]));
    return findings
      .filter(({ food }) => kinds.has(food) || kinds.has(kin(food)))
      .map((finding) => ({ ...finding, eater: eater.id }));
  });
}

/** Something of the dish is not there yet: no food at all, or a line that takes a part or a liquor that is gone. */
export function isOpen(dish: Dish): boolean {
  const parts = new Set(dish.parts.map((p) => p.id));
  const steps = new Set(dish.parts.flatMap((p) => p.steps.map((s) => s.id)));
  return (
    foodsOf(dish).size === 0 ||
    linesOf(dish).some(
      ({ line }) =>
        (line.kind === "part" && !parts.has(line.part)) || (line.kind === "liquor" && !steps.has(line.step)),
    )
  );
}

/** Each food of a dish once, with the parts it goes into; salt that a target brings stands in none by name. */
export function findingsOf(dish: Dish): Omit<Finding, "labelDecides" | "packed">[] {
  const parts = new Map<FoodId, string[]>([...foodsOf(dish)].map((food) => [food, []]));
  for (const { line, part } of linesOf(dish)) {
    const names = line.kind === "food" ? parts.get(line.food) : undefined;
    if (names && !names.includes(part.name)) names.push(part.name);
  }
  return [...parts].map(([food, names]) => ({ food, dish: dish.id, parts: names }));
}
