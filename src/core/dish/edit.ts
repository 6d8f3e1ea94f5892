import type { Line, PartId, Step, StepId, StepKind, StepOf } from "../process/step";
import type { Dish, Part, Supper } from "./dish";

/** A fresh step of each kind, with the usual settings and nothing in it. */
export function newStep<K extends StepKind>(kind: K, id: StepId): StepOf<K> {
  return { id, kind, adds: [], handsMin: null, mayWaitMin: null, ...USUAL[kind] } as unknown as StepOf<K>;
}
type Own<K extends StepKind> = Omit<StepOf<K>, "id" | "kind" | "adds" | "handsMin" | "mayWaitMin">;
const USUAL: { readonly [K in StepKind]: Own<K> } = {
  weigh: {},
  cut: { pieceMm: 10 },
  soak: { waterC: 95, minutes: 10, covered: true },
  drain: {},
  squeeze: { how: "hands", minutes: 2 },
  marinate: { minutes: 10, fit: true, saltTo: null, chilled: false },
  sear: { pan: null, browningMin: 2 },
  brown: { pan: null, browningMin: 3 },
  season: { saltTo: null },
  simmer: { pan: null, minutes: 5, lid: false },
  reduce: { pan: null, toShare: 0.75 },
  thicken: { pan: null, minutes: 2 },
  boil: { pan: null, pieceMm: 28, coreC: 95 },
  mash: { saltTo: 0.01 },
  bind: { saltTo: null },
  rest: { minutes: 30, where: "fridge" },
  shape: { form: "patty", pieceG: 80, diameterMm: 85 },
  fry: { pan: null, coreC: 74 },
};
export const STEP_KINDS = Object.keys(USUAL) as readonly StepKind[];

const editParts = (dish: Dish, id: PartId, edit: (part: Part) => Part): Dish => ({
  ...dish,
  parts: dish.parts.map((p) => (p.id === id ? edit(p) : p)),
});

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
export const removeStep = (dish: Dish, id: StepId): Dish => ({
  ...dish,
  parts: dish.parts.map((p) => ({ ...p, steps: p.steps.filter((s) => s.id !== id) })),
});
/** Moves a step up (−1) or down (+1) inside its part; at the ends nothing changes. */
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
  return { ...dish, parts };
}
export const addPart = (dish: Dish, part: Part): Dish => ({ ...dish, parts: [...dish.parts, part] });
/** Removes a part and every line that asked for it. */
export function removePart(dish: Dish, id: PartId): Dish {
  const kept = (l: Line) => l.kind !== "part" || l.part !== id;
  const parts = dish.parts
    .filter((p) => p.id !== id)
    .map((p) => ({ ...p, steps: p.steps.map((s) => ({ ...s, adds: s.adds.filter(kept) }) as Step) }));
  return { ...dish, parts };
}
export const editPart = editParts;

export const setLine = (step: Step, index: number, line: Line): Step =>
  ({ ...step, adds: step.adds.map((l, i) => (i === index ? line : l)) }) as Step;
export const addLine = (step: Step, line: Line): Step => ({ ...step, adds: [...step.adds, line] }) as Step;
export const removeLine = (step: Step, index: number): Step =>
  ({ ...step, adds: step.adds.filter((_, i) => i !== index) }) as Step;

export const editDish = (supper: Supper, id: string, edit: (dish: Dish) => Dish): Supper => ({
  ...supper,
  dishes: supper.dishes.map((d) => (d.id === id ? edit(d) : d)),
});

/** The first free id of the form `prefix-n` in a dish. */
export function freeId(dish: Dish, prefix: string): string {
  const taken = new Set([...dish.parts.map((p) => p.id), ...dish.parts.flatMap((p) => p.steps.map((s) => s.id))]);
  for (let n = 1; ; n++) if (!taken.has(`${prefix}-${n}`)) return `${prefix}-${n}`;
}
