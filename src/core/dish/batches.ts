import { stepKey, type StepKey } from "../process/log";
import type { Step, StepKind, StepOf } from "../process/registry";
import { type DishId, type Line, type PartId, SHALLOW_MM, SHARES, type StepId, timesStep } from "../process/step";
import { type Dish, headCount, type MadeWith, type Part, type Supper } from "./dish";
import { shareAside } from "./setAside";
import { addStep, editDish, editPart, freeId, removeStep } from "./edit";

/**
 * One batch for two suppers: what two parts do alike at their beginning is done once, with the supper that is eaten first. That one
 * makes more and sets the other's share aside; at the other these steps lie ready. Grams of both stay as they were.
 */

const DAY_MS = 86_400_000;
/** Days that the result of a step keeps, closed, in the fridge or the freezer (USDA FSIS, 3–4 days cooked; the rest common practice). */
export const KEEPS: Readonly<
  Partial<Record<StepKind, { readonly days: number; readonly where: "fridge" | "freezer" }>>
> = {
  soak: { days: 1, where: "fridge" },
  drain: { days: 2, where: "fridge" },
  rinse: { days: 2, where: "fridge" },
  squeeze: { days: 2, where: "fridge" },
  press: { days: 2, where: "fridge" },
  thaw: { days: 2, where: "fridge" },
  marinate: { days: 2, where: "fridge" },
  cook: { days: 3, where: "fridge" },
  boil: { days: 3, where: "fridge" },
  steam: { days: 3, where: "fridge" },
  simmer: { days: 3, where: "fridge" },
  cool: { days: 3, where: "fridge" },
  freeze: { days: 90, where: "freezer" },
};
/** Two lines ask for the same when their grams stand in one ratio, to so much. */
const ALIKE = 0.02;

/** A part of a supper up to one of its steps. */
export interface Beginning {
  readonly dish: DishId;
  readonly part: PartId;
  /** The last step that is done alike. */
  readonly step: StepId;
}
/** What one batch could do for two suppers. */
export interface SharedBatch {
  /** At the supper that is eaten first. */
  readonly from: Beginning;
  /** At the other one. */
  readonly into: Beginning;
  /** Grams that the other one needs for each of the first one's. */
  readonly ratio: number;
  /** Where its share lies meanwhile, and for so many days. */
  readonly where: "fridge" | "freezer";
  readonly days: number;
}

/** What a dish's grams are multiplied by at its supper. */
export const scaleOf = (supper: Supper, dish: Dish): number => Math.max(1, headCount(supper)) / dish.servings;
/** Days from one supper to the other, whole ones: the last one counts as a day. */
export const daysBetween = (first: Supper, later: Supper): number =>
  Math.max(1, Math.ceil((Date.parse(later.serveAt) - Date.parse(first.serveAt)) / DAY_MS));

/** Every batch that the first supper could make for the other as well, the longest beginning of each part. */
export function batchesFor(first: Supper, later: Supper): readonly SharedBatch[] {
  if (first.id === later.id || first.serveAt >= later.serveAt) return [];
  const days = daysBetween(first, later);
  return later.dishes.flatMap((into) =>
    into.parts.flatMap((wanted): SharedBatch[] => {
      const found = first.dishes.flatMap((dish) =>
        dish.parts.flatMap((part) => {
          const alike = alikeUntil(part, wanted, days);
          return alike === null ? [] : [{ dish, part, ...alike }];
        }),
      );
      const best = found.sort((a, b) => b.steps - a.steps)[0];
      if (best === undefined) return [];
      const ratio = (best.ratio * scaleOf(later, into)) / scaleOf(first, best.dish);
      const share = ratio / (1 + ratio);
      const keeps = KEEPS[best.last.kind];
      if (keeps === undefined || share < SHARES.low || share > SHARES.high) return [];
      return [
        {
          from: { dish: best.dish.id, part: best.part.id, step: best.last.id },
          into: { dish: into.id, part: wanted.id, step: best.wantedLast.id },
          ratio,
          where: keeps.where,
          days,
        },
      ];
    }),
  );
}

/** The longest beginning of two parts that is the same work on food in one ratio and keeps for these days. */
function alikeUntil(part: Part, wanted: Part, days: number) {
  let found: { steps: number; last: Step; wantedLast: Step; ratio: number } | null = null;
  let ratio: number | null = null;
  for (const [i, step] of part.steps.entries()) {
    const other = wanted.steps[i];
    if (other === undefined || !isSameWork(step, other)) break;
    const lines = ratioOfLines(step.adds, other.adds, { steps: part.steps, others: wanted.steps }, ratio);
    if (lines === null) break;
    ratio = lines.ratio ?? ratio;
    const keeps = KEEPS[step.kind];
    if (ratio !== null && keeps !== undefined && keeps.days >= days)
      found = { steps: i + 1, last: step, wantedLast: other, ratio };
  }
  return found;
}
/** Its name, its lines and the gear and hands that it takes are as they come; everything else of the settings is the same. */
const AS_IT_COMES: ReadonlySet<string> = new Set([
  "id",
  "adds",
  "pan",
  "tin",
  "handsMin",
  "mayWaitMin",
  "washed",
  "note",
  "choices",
]);
function isSameWork(a: Step, b: Step): boolean {
  if (a.kind === "set-aside" || a.ready === true) return false;
  const names = new Set([...Object.keys(a), ...Object.keys(b)].filter((name) => !AS_IT_COMES.has(name)));
  return [...names].every((name) => a[name as keyof Step] === b[name as keyof Step]);
}

/** The ratio of the grams of two lists of lines; its own null where they bring no food, null where they are not alike. */
function ratioOfLines(
  lines: readonly Line[],
  others: readonly Line[],
  of: { readonly steps: readonly Step[]; readonly others: readonly Step[] },
  known: number | null,
): { readonly ratio: number | null } | null {
  if (lines.length !== others.length) return null;
  let ratio = known;
  for (const [i, line] of lines.entries()) {
    const other = others[i] as Line;
    if (line.kind === "food" && other.kind === "food" && line.food === other.food) {
      if (line.massG === null || other.massG === null || line.massG <= 0 || other.massG <= 0) return null;
      const own = other.massG / line.massG;
      if (ratio !== null && Math.abs(own / ratio - 1) > ALIKE) return null;
      ratio ??= own;
    } else if (line.kind === "liquor" && other.kind === "liquor" && line.share === other.share) {
      // What ran off an earlier step of the same beginning.
      const at = of.steps.findIndex((s) => s.id === line.step);
      if (at < 0 || of.others[at]?.id !== other.step) return null;
    } else return null;
  }
  return { ratio };
}

/** Both suppers with the batch made once, at the first. */
export function madeOnce(
  first: Supper,
  later: Supper,
  batch: SharedBatch,
): { readonly first: Supper; readonly later: Supper } {
  const { from, into, ratio, where, days } = batch;
  const made = first.dishes.find((d) => d.id === from.dish) as Dish;
  const aside: StepOf<"set-aside"> = {
    ...BARE,
    id: freeId(made, `${from.part}-aside`),
    kind: "set-aside",
    share: ratio / (1 + ratio),
    where,
    depthMm: SHALLOW_MM,
  };
  const larger = editPart(made, from.part, (part) => ({
    ...part,
    steps: part.steps.map((s, i) => (i <= indexOf(part, from.step) ? timesStep(s, 1 + ratio) : s)),
  }));
  const taking = later.dishes.find((d) => d.id === into.dish) as Dish;
  const lies: StepOf<"store"> = {
    ...BARE,
    id: freeId(taking, `${into.part}-from`),
    kind: "store",
    where,
    days,
    ready: true,
  };
  const readied = editPart(taking, into.part, (part) => ({
    ...part,
    steps: part.steps.map((s, i) => (i <= indexOf(part, into.step) ? { ...s, ready: true } : s)),
  }));
  return {
    first: editDish(first, from.dish, () => addStep(larger, from.part, aside, from.step)),
    later: {
      ...editDish(later, into.dish, () => addStep(readied, into.part, lies, into.step)),
      madeWith: {
        ...later.madeWith,
        [stepKey(into.dish, lies.id)]: { supper: first.id, step: stepKey(from.dish, aside.id) },
      },
    },
  };
}
const BARE = { adds: [], handsMin: null, mayWaitMin: null } as const;
const indexOf = (part: Part, step: StepId): number => part.steps.findIndex((s) => s.id === step);

/**
 * Both made by themselves again: the later supper does its own steps, the first one makes no more than it eats.
 *
 * @param at the step before which the later one's share lies ready
 * @param first null where it is gone
 */
export function madeApart(
  first: Supper | null,
  later: Supper,
  at: StepKey,
): { readonly first: Supper | null; readonly later: Supper } {
  const { [at]: link, ...madeWith } = later.madeWith;
  const own = partAt(later, at);
  const alone =
    own === null
      ? later
      : editDish(later, own.dish.id, (dish) =>
          removeStep(
            editPart(dish, own.part.id, (part) => ({
              ...part,
              steps: part.steps.map((s, i) => (i < own.index ? undone(s) : s)),
            })),
            own.step.id,
          ),
        );
  const given = first === null || link === undefined ? null : partAt(first, link.step);
  return {
    first:
      first === null || given === null || given.step.kind !== "set-aside"
        ? first
        : editDish(first, given.dish.id, (dish) =>
            removeStep(
              editPart(dish, given.part.id, (part) => smaller(part, given.index)),
              given.step.id,
            ),
          ),
    later: { ...alone, madeWith },
  };
}
function undone({ ready, ...step }: Step): Step {
  void ready;
  return step as Step;
}
/** A part that makes less of everything before this step, by what it sets aside; what others set aside before it stays the same. */
function smaller(part: Part, at: number): Part {
  const steps = part.steps.slice();
  // What this step takes is so much of what there is at the step looked at.
  let taken = shareAside(steps[at]);
  for (let i = at - 1; i >= 0; i--) {
    const step = steps[i] as Step;
    if (step.kind === "set-aside") {
      taken *= 1 - step.share;
      steps[i] = { ...step, share: Math.min(SHARES.high, step.share / (1 - taken)) };
    } else steps[i] = timesStep(step, 1 - taken);
  }
  return { ...part, steps };
}
/** The step of a supper with this key, and where it stands. */
export function partAt(supper: Supper, key: StepKey) {
  for (const dish of supper.dishes)
    for (const part of dish.parts)
      for (const [index, step] of part.steps.entries())
        if (stepKey(dish.id, step.id) === key) return { dish, part, step, index };
  return null;
}

/** Both suppers with a batch that no longer fits made anew, for what they need now; null where nothing is alike any more. */
export function fittedAgain(
  first: Supper,
  later: Supper,
  at: StepKey,
): { readonly first: Supper; readonly later: Supper } | null {
  const part = partAt(later, at)?.part.id;
  const apart = madeApart(first, later, at);
  if (apart.first === null) return null;
  const batch = batchesFor(apart.first, apart.later).find((b) => b.into.part === part);
  return batch === undefined ? null : madeOnce(apart.first, apart.later, batch);
}

/** A dish of a supper as it would be made for this supper alone: what stands on the shelf. @param takers suppers that have batches of it */
export function onItsOwn(supper: Supper, dish: Dish, takers: readonly Supper[]): Dish {
  const has = (s: Supper) => s.dishes.find((d) => d.id === dish.id) ?? dish;
  const keys = (Object.keys(supper.madeWith) as StepKey[]).filter((key) => partAt(supper, key)?.dish.id === dish.id);
  const taking = keys.reduce((s, key) => madeApart(null, s, key).later, supper);
  const links = takers.flatMap((taker) =>
    (Object.entries(taker.madeWith) as [StepKey, MadeWith][])
      .filter(([, from]) => from.supper === supper.id)
      .map(([key]) => ({ taker, key })),
  );
  return has(links.reduce((s, { taker, key }) => madeApart(s, taker, key).first ?? s, taking));
}
