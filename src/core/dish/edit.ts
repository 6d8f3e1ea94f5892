import type { Line, PartId, StepId, DishId } from "../process/step";
import type { Step } from "../process/registry";
import type { Dish, Part, Supper } from "./dish";

const editParts = (dish: Dish, id: PartId, edit: (part: Part) => Part): Dish => ({
  ...dish,
  parts: dish.parts.map((p) => (p.id === id ? edit(p) : p)),
});

/** Changes one step wherever it stands; the others stay the same objects. */
export function editStep(dish: Dish, id: StepId, edit: (step: Step) => Step): Dish {
  const parts = dish.parts.map((p) => ({ ...p, steps: p.steps.map((s) => (s.id === id ? edit(s) : s)) }));
  return { ...dish, parts };
}
/** Puts a step after another one of the part, or at its start when `after` is null. */
export const addStep = (dish: Dish, part: PartId, step: Step, after: StepId | null): Dish =>
  editParts(dish, part, (p) => {
    const at = after === null ? 0 : p.steps.findIndex((s) => s.id === after) + 1;
    return { ...p, steps: [...p.steps.slice(0, at), step, ...p.steps.slice(at)] };
  });
/** Removes a step, and the lines that asked for what ran off at it. */
export function removeStep(dish: Dish, id: StepId): Dish {
  const kept = (l: Line) => l.kind !== "liquor" || l.step !== id;
  const parts = dish.parts.map((p) => ({
    ...p,
    steps: p.steps
      .filter((s) => s.id !== id)
      .map((s) => (s.adds.every(kept) ? s : ({ ...s, adds: s.adds.filter(kept) } as Step))),
  }));
  return { ...dish, parts };
}
/** The step that is in hand when this one goes: the next of its part, else the one before it. */
export function stepBeside(dish: Dish, id: StepId): StepId | null {
  const steps = dish.parts.find((p) => p.steps.some((s) => s.id === id))?.steps ?? [];
  const at = steps.findIndex((s) => s.id === id);
  return (steps[at + 1] ?? steps[at - 1])?.id ?? null;
}
/** Moves a step up (−1) or down (+1) inside its part; at the ends it is the same dish. */
export function moveStep(dish: Dish, id: StepId, by: -1 | 1): Dish {
  const parts = dish.parts.map((p) => {
    const from = p.steps.findIndex((s) => s.id === id);
    const step = p.steps[from];
    const other = p.steps[from + by];
    if (!step || !other) return p;
    const steps = p.steps.slice();
    steps[from] = other;
    steps[from + by] = step;
    return { ...p, steps };
  });
  return parts.every((p, i) => p === dish.parts[i]) ? dish : { ...dish, parts };
}
/** Puts a step of a part at another place of it, counted after it was taken out; past the ends is the end. */
export function placeStep(dish: Dish, id: StepId, index: number): Dish {
  const parts = dish.parts.map((p) => {
    const step = p.steps.find((s) => s.id === id);
    if (!step) return p;
    const others = p.steps.filter((s) => s.id !== id);
    const at = Math.max(0, Math.min(others.length, index));
    return { ...p, steps: [...others.slice(0, at), step, ...others.slice(at)] };
  });
  return { ...dish, parts };
}
/** Puts a part behind the others. */
export const addPart = (dish: Dish, part: Part): Dish => ({ ...dish, parts: [...dish.parts, part] });
/** Removes a part and every line that asked for it. */
export function removePart(dish: Dish, id: PartId): Dish {
  const gone = new Set(dish.parts.find((p) => p.id === id)?.steps.map((s) => s.id));
  const kept = (l: Line) => !(l.kind === "part" && l.part === id) && !(l.kind === "liquor" && gone.has(l.step));
  const parts = dish.parts
    .filter((p) => p.id !== id)
    .map((p) => ({ ...p, steps: p.steps.map((s) => ({ ...s, adds: s.adds.filter(kept) }) as Step) }));
  return { ...dish, parts };
}
/** Changes one part by its id. */
export const editPart = editParts;

/** Replaces one line of a step. */
export const setLine = (step: Step, index: number, line: Line): Step =>
  ({ ...step, adds: step.adds.map((l, i) => (i === index ? line : l)) }) as Step;
/** Puts a line behind the others. */
export const addLine = (step: Step, line: Line): Step => ({ ...step, adds: [...step.adds, line] }) as Step;
/** Takes one line out. */
export const removeLine = (step: Step, index: number): Step =>
  ({ ...step, adds: step.adds.filter((_, i) => i !== index) }) as Step;

/** Changes one dish of a supper by its id. */
export const editDish = (supper: Supper, id: DishId, edit: (dish: Dish) => Dish): Supper => ({
  ...supper,
  dishes: supper.dishes.map((d) => (d.id === id ? edit(d) : d)),
});

/** A dish under another name; a supper that is called after it ("Soy strips, Sun") goes along. */
export function renameDish(supper: Supper, id: DishId, name: string): Supper {
  const from = supper.dishes.find((d) => d.id === id)?.name;
  if (from === undefined) return supper;
  const short = (of: string) => of.split(",")[0] as string;
  const isAfter = supper.name === from || supper.name.startsWith(`${short(from)}, `);
  const called = isAfter ? short(name) + supper.name.slice(short(from).length) : supper.name;
  return { ...editDish(supper, id, (d) => ({ ...d, name })), name: called };
}

/** The first free id of the form `prefix-n` in a dish. */
export function freeId(dish: Dish, prefix: string): string {
  const taken = new Set([...dish.parts.map((p) => p.id), ...dish.parts.flatMap((p) => p.steps.map((s) => s.id))]);
  for (let n = 1; ; n++) if (!taken.has(`${prefix}-${n}`)) return `${prefix}-${n}`;
}
