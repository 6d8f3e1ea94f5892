import type { Dish } from "../dish/dish";
import { editStep, removeStep } from "../dish/edit";
import type { Kitchen, Pan } from "../household/kitchen";
import type { GearId } from "../process/ledger";
import type { Step, StepOf } from "../process/registry";
import type { Row } from "../process/row";
import type { DishId, PartId, StepId } from "../process/step";

/**
 * What a step gives way to: a warm bath for the fridge, hot water for cold, pressure for the hob, no freezing at all, food that was
 * bought thawed, the widest pan of the kitchen for a narrow one that is filled again and again, two pans at once for half the batches.
 */
export const QUICKER_KINDS = [
  "thaw-in-water",
  "hot-soak",
  "pressure",
  "unfrozen",
  "bought-thawed",
  "wider-pan",
  "two-pans",
] as const;
/** One of these. */
export type QuickerKind = (typeof QUICKER_KINDS)[number];
/** A step that can be done in less time, and how. */
export interface QuickerWay {
  readonly kind: QuickerKind;
  readonly dish: DishId;
  readonly part: PartId;
  readonly step: StepId;
}

/** Minutes that are tried in turn until the food is through. */
const TRIED_MIN: Readonly<Record<QuickerKind, readonly number[]>> = {
  "thaw-in-water": [30, 45, 60, 90, 120, 180, 240, 360, 480],
  "hot-soak": [15, 30, 45, 60, 90, 120, 180],
  pressure: [0],
  unfrozen: [0],
  "bought-thawed": [0],
  "wider-pan": [0],
  "two-pans": [0],
};
/** A soak that is no longer than this is quick already. */
const LONG_SOAK_MIN = 90;
/** Water off the boil. */
const HOT_C = 95;
/** A hot soak may stop a little short of the cold one, shares of what the food can hold. */
const NEARLY = 0.1;

/** Steps of a dish for which there is a quicker way in this kitchen. */
export function quickerWays(
  dish: Dish,
  kitchen: Pick<Kitchen, "machines" | "pans" | "burners">,
): readonly QuickerWay[] {
  const widest = widestOf(kitchen);
  const hasCooker = kitchen.machines.some((m) => m.kind === "pressure-cooker");
  return dish.parts.flatMap((part) =>
    part.steps.flatMap((step): QuickerWay[] => {
      const way = (kind: QuickerKind) => ({ kind, dish: dish.id, part: part.id, step: step.id });
      // What lies ready already takes no time at all.
      if (step.ready) return [];
      const before = part.steps.slice(0, part.steps.indexOf(step));
      if (step.kind === "thaw" && step.how === "fridge")
        // What lies in the freezer already can be bought out of the fridge; what the cook freezes cannot.
        return [
          way("thaw-in-water"),
          ...(before.some((s) => s.kind === "freeze" && s.ready) ? [way("bought-thawed")] : []),
        ];
      if (step.kind === "freeze" && isThawedLater(part.steps, step)) return [way("unfrozen")];
      if (step.kind === "soak" && step.minutes > LONG_SOAK_MIN) return [way("hot-soak")];
      if (step.kind === "cook" && !step.pressure && hasCooker) return [way("pressure")];
      const ways: QuickerWay[] = [];
      if (step.kind === "sear" && step.pan !== null && widest !== null && isNarrower(step.pan, widest, kitchen))
        ways.push(way("wider-pan"));
      if (isFried(step) && !step.twoPans && hasTwo(kitchen)) ways.push(way("two-pans"));
      return ways;
    }),
  );
}

/** What is done in batches on the floor of a frying pan. */
const isFried = (step: Step): step is StepOf<"sear" | "fry" | "griddle"> =>
  step.kind === "sear" || step.kind === "fry" || step.kind === "griddle";
const hasTwo = ({ pans, burners }: Pick<Kitchen, "pans" | "burners">): boolean =>
  pans.filter((p) => p.kind === "frying").length > 1 && burners.length > 1;
/** The widest frying pan that there is. */
const widestOf = ({ pans }: Pick<Kitchen, "pans">): Pan | null =>
  pans
    .filter((p) => p.kind === "frying")
    .reduce<Pan | null>((a, b) => (a !== null && a.diameterCm >= b.diameterCm ? a : b), null);
const isNarrower = (pan: GearId, { diameterCm }: Pan, { pans }: Pick<Kitchen, "pans">): boolean =>
  pans.some((p) => p.id === pan && p.diameterCm < diameterCm);

/** A thaw in the same part, and a step after it that goes on with the food. */
const isThawedLater = (steps: readonly Step[], freeze: Step): boolean =>
  steps.slice(steps.indexOf(freeze) + 1, -1).some((s) => s.kind === "thaw");

/**
 * The dish done the quicker way.
 *
 * @param rowOf how a dish's step comes out in this kitchen
 * @returns null where it comes out in no time that is tried, or cannot be done
 */
export function takeQuicker(
  dish: Dish,
  way: QuickerWay,
  rowOf: (dish: Dish, step: StepId) => Row | null,
  kitchen: Pick<Kitchen, "pans">,
): Dish | null {
  if (way.kind === "unfrozen") return unfrozen(dish, way);
  const pan = widestOf(kitchen)?.id ?? null;
  const before = rowOf(dish, way.step);
  for (const minutes of TRIED_MIN[way.kind]) {
    const changed = editStep(dish, way.step, (s) => quicker(s, way.kind, minutes, pan));
    const row = rowOf(changed, way.step);
    if (row?.state !== "computed") return null;
    if (isThrough(row, before)) return changed;
  }
  return null;
}
/** Without the freezing and the thaw after it: what went in at the first goes in at the step after them. */
function unfrozen(dish: Dish, way: QuickerWay): Dish | null {
  const steps = dish.parts.find((p) => p.id === way.part)?.steps ?? [];
  const freeze = steps.findIndex((s) => s.id === way.step);
  const thaw = steps.findIndex((s, i) => i > freeze && s.kind === "thaw");
  const [next, ...gone] = [steps[thaw + 1], steps[freeze], steps[thaw]];
  if (next === undefined || gone.some((s) => s === undefined)) return null;
  const adds = gone.flatMap((s) => s?.adds ?? []);
  const without = gone.reduce((d, s) => (s === undefined ? d : removeStep(d, s.id)), dish);
  return editStep(without, next.id, (s) => ({ ...s, adds: [...adds, ...s.adds] }) as Step);
}
function quicker(step: Step, kind: QuickerKind, minutes: number, pan: GearId | null): Step {
  if (kind === "bought-thawed") return { ...step, ready: true };
  if (isFried(step) && kind === "two-pans") return { ...step, twoPans: true };
  if (step.kind === "sear" && kind === "wider-pan") return { ...step, pan } satisfies Step;
  if (step.kind === "thaw" && kind === "thaw-in-water") return { ...step, how: "cold-water", minutes } satisfies Step;
  if (step.kind === "soak" && kind === "hot-soak")
    return { ...step, waterC: HOT_C, covered: true, chilled: false, minutes } satisfies StepOf<"soak">;
  if (step.kind === "cook" && kind === "pressure") return { ...step, pressure: true, pan: null, minutes: null };
  return step;
}
/** Thawed even where it goes slowly; soaked nearly as far as before; of pressure the minutes are worked out. */
function isThrough(row: Extract<Row, { state: "computed" }>, before: Row | null): boolean {
  const soakedOf = (r: Row | null) =>
    r?.state === "computed" ? r.outcome.facts.find((f) => f.kind === "soaked") : undefined;
  const wanted = soakedOf(before)?.share ?? 1;
  return row.outcome.facts.every((f) =>
    f.kind === "through"
      ? f.givenMin >= f.highMin
      : f.kind === "soaked"
        ? f.share >= Math.min(1, wanted) - NEARLY
        : f.kind !== "fill" || f.share <= 1,
  );
}
