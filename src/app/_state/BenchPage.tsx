"use client";

import { type Dispatch, type SetStateAction, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import { type Dish, headCount, type Supper } from "@/core/dish/dish";
import {
  addPart,
  addStep,
  editDish,
  editPart,
  editStep,
  freeId,
  moveStep,
  placeStep,
  removePart,
  removeStep,
} from "@/core/dish/edit";
import { scaleAmounts } from "@/core/dish/scale";
import type { Allergen, LabelState } from "@/core/foods/allergens";
import type { FoodId } from "@/core/foods/food";
import { ownFood } from "@/core/foods/own";
import type { Plan, PlanInput, PlannedDish, PlannedPart } from "@/core/plan";
import { differences, type Difference } from "@/core/process/compare";
import { rowsOf } from "@/core/schedule/work";
import type { Row } from "@/core/process/replay";
import type { Step } from "@/core/process/registry";
import { Bench } from "@/ui/bench/Bench";
import type { BenchActions } from "@/ui/bench/benchProps";
import type { SelectedStep } from "@/ui/bench/StepForm";
import { useSame } from "@/ui/frame/useSame";
import { type TextContext } from "@/ui/wording/words";
import { STEP_NAMES } from "@/ui/wording/steps";
import { counted } from "@/ui/wording/count";
import { computing } from "@/workers/client";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { useDrawnInSlices } from "./first";
import { change, newId, put, redo, undo, useFoods, useHistory } from "./store";
import { nameIn, saveSupper, type SupperView, useSupper } from "./supper";

export function BenchPage() {
  const state = useSupper();
  const drawn = useDrawnInSlices(state.state === "ready" && state.plan !== null);
  if (state.state === "missing") return <MissingSupper />;
  if (!drawn || state.state === "loading" || state.plan === null) return null;
  return <Ready view={state} />;
}

function Ready({ view }: { view: SupperView }) {
  const { supper, plan, foods, units, frozen } = view;
  const { kitchen, eaters } = view.input;
  const allFoods = useFoods();
  const history = useHistory();
  const [selection, setSelection] = useState<Selection>({ dish: null, part: null, step: null });
  useUndoKeys();

  const dish = supper.dishes.find((d) => d.id === selection.dish) ?? (supper.dishes[0] as Dish);
  const plannedDish = plan?.dishes.find((d) => d.id === dish.id) ?? null;
  const part = plannedDish?.parts.find((p) => p.id === selection.part) ?? plannedDish?.parts[0] ?? null;
  const row = part?.rows.find((r) => r.step.id === selection.step) ?? part?.rows[0] ?? null;
  const stepId = row?.step.id ?? null;
  const dishStep = dish.parts.flatMap((p) => p.steps).find((s) => s.id === stepId) ?? null;

  // Names as text: an amount that changes must not make everything speak anew.
  const names = JSON.stringify(dish.parts.map(({ id, name }) => [id, name]));
  const textContext = useMemo<TextContext>(() => {
    const byId = new Map(JSON.parse(names) as [string, string][]);
    return { units, foods, part: (id) => byId.get(id) ?? "that part", eater: nameIn(eaters) };
  }, [units, foods, names, eaters]);
  const parts = useSame(dish.parts.filter((p) => p.id !== part?.id).map(({ id, name }) => ({ id, name })));
  const liquors = useSame(liquorsOf(plannedDish, stepId));
  const pieces = useSame(piecesOf(row));
  const factor = timesMade(supper, dish);
  const selected = useMemo<SelectedStep | null>(
    () =>
      dishStep === null || allFoods === null
        ? null
        : { step: dishStep, kitchen, units, foods: allFoods, parts, liquors, factor, frozen, pieces },
    [dishStep, kitchen, units, allFoods, parts, liquors, factor, frozen, pieces],
  );
  const actions = useActions(
    { supper, dish, plan, input: view.input, part, step: dishStep, textContext },
    setSelection,
  );
  if (plan === null || allFoods === null) return null;
  return (
    <Bench
      supper={supper}
      dish={dish}
      plan={plan}
      cautions={view.cautions}
      ranges={view.ranges}
      part={part}
      stepId={stepId}
      textContext={textContext}
      eaters={eaters}
      kitchen={kitchen}
      frozen={frozen}
      undoLabel={history.undoable?.label ?? null}
      redoLabel={history.redoable?.label ?? null}
      selected={selected}
      actions={actions}
    />
  );
}

/** Which dish, part and step the cook has in hand. */
interface Selection {
  readonly dish: string | null;
  readonly part: string | null;
  readonly step: string | null;
}
/** What an edit starts from. */
interface Newest {
  readonly supper: Supper;
  readonly dish: Dish;
  readonly plan: Plan | null;
  readonly input: PlanInput;
  readonly part: PlannedPart | null;
  readonly step: Step | null;
  readonly textContext: TextContext;
}

/** The actions of the Bench, one object for the life of the page; each looks at what is newest when it is done. */
function useActions(now: Newest, setSelection: Dispatch<SetStateAction<Selection>>): BenchActions {
  const newest = useRef(now);
  useLayoutEffect(() => {
    newest.current = now;
  });
  return useMemo<BenchActions>(() => {
    const edit = (label: string, by: (dish: Dish) => Dish, says?: string) => {
      const { supper, dish } = newest.current;
      const changed = by(dish);
      if (changed !== dish)
        void saveSupper(
          supper,
          editDish(supper, dish.id, () => changed),
          label,
          says,
        );
    };
    const onPart = (by: (part: PlannedPart) => void) => newest.current.part && by(newest.current.part);
    const onStep = (by: (step: Step) => void) => newest.current.step && by(newest.current.step);
    return {
      scale: (factor, by) => {
        const { supper, dish, plan, input } = newest.current;
        const scaled = editDish(supper, dish.id, (d) => scaleAmounts(d, factor));
        void computing.plan({ input: { ...input, supper: scaled }, today: null }).then((then) => {
          const kept = plan === null ? "" : sayKept(differences(rowsOf(plan), rowsOf(then.plan)));
          return saveSupper(supper, scaled, "Scale the dish", `${by}: everything × ${factor.toFixed(2)}. ${kept}`);
        });
      },
      moveStep: (id, by) => edit("Move step", (d) => moveStep(d, id, by)),
      placeStep: (id, index) => edit("Move step", (d) => placeStep(d, id, index)),
      selectDish: (dish) => setSelection({ dish, part: null, step: null }),
      selectPart: (part) => setSelection((t) => ({ ...t, part, step: null })),
      selectStep: (step) => setSelection((t) => ({ ...t, step })),
      addStep: async (kind) => {
        const { newStep } = await import("@/core/process/registry");
        onPart((part) => {
          const step = newStep(kind, freeId(newest.current.dish, `${part.id}-${kind}`)) as Step;
          const after = newest.current.step?.id ?? null;
          edit("Add a step", (d) => addStep(d, part.id, step, after));
          setSelection((t) => ({ ...t, part: part.id, step: step.id }));
        });
      },
      addPart: async (pattern) => {
        const { partFromPattern } = await import("@/core/dish/patterns");
        const { dish } = newest.current;
        const added = partFromPattern(dish, pattern);
        edit("Add a part", (d) => addPart(d, added));
        setSelection({ dish: dish.id, part: added.id, step: null });
      },
      removePart: () => onPart(({ id, name }) => edit("Remove part", (d) => removePart(d, id), `${name} is out.`)),
      renamePart: (name) => onPart(({ id }) => edit("Rename part", (d) => editPart(d, id, (p) => ({ ...p, name })))),
      changePart: (changed) =>
        onPart(({ id }) => edit("Part settings", (d) => editPart(d, id, (p) => ({ ...p, ...changed })))),
      renameDish: (name) => edit("Rename dish", (d) => ({ ...d, name })),
      invite: (eaters, guests) => {
        const { supper } = newest.current;
        void saveSupper(supper, { ...supper, eaters, guests }, "Who eats");
      },
      noteLabel,
      exchange: async (food, allergen) => {
        const { insteadOf, exchange } = await import("@/core/swap/instead");
        const { supper, plan, input } = newest.current;
        const way = insteadOf(food, allergen);
        if (way === null) return;
        const changed = { ...supper, dishes: supper.dishes.map((d) => exchange(d, way)) };
        const then = await computing.plan({ input: { ...input, supper: changed }, today: null });
        const blocked = then.plan.blocked - (plan?.blocked ?? 0);
        const grams = plan === null ? "" : sayGrams(plan, then.plan);
        await saveSupper(
          supper,
          changed,
          "Another food instead",
          blocked > 0 ? `Exchanged; ${counted(blocked, "step")} cannot be worked out with it.` : `Exchanged.${grams}`,
        );
      },
      keep: () => {
        const { dish } = newest.current;
        void change("Keep on the shelf", [put("dishes", dish)], `${dish.name} is on the shelf as it is now.`);
      },
      saveAs: async (as) => {
        const { dish, plan, input, textContext } = newest.current;
        if (plan === null) return;
        const { saveDish } = await import("./saveDish");
        await saveDish(as, dish, { plan, input, textContext, own: input.foods });
      },
      undo: () => void undo(),
      redo: () => void redo(),
      editStep: (label, by) => onStep(({ id }) => edit(label, (d) => editStep(d, id, by))),
      removeStep: () => onStep(({ id }) => edit("Remove step", (d) => removeStep(d, id), "The step is out.")),
      takeFix: async (fix) => {
        const { applyFix } = await import("@/core/mend/applyFix");
        const { supper } = newest.current;
        onStep(({ id }) => edit("Put it right", (d) => applyFix(d, id, fix, timesMade(supper, d))));
      },
      ownFood: (name, then) => {
        const food = ownFood(newId("own"), name);
        void change(
          "A food of my own",
          [put("foods", food)],
          `${name} is known now. Its figures are under Kitchen.`,
        ).then(() => then(food.id));
      },
    };
  }, [setSelection]);
}

/** Grams shown over grams of the dish as it is written. */
const timesMade = (supper: Supper, dish: Dish) => Math.max(1, headCount(supper)) / dish.servings;

/** How much heavier or lighter each eats, where it can be seen on a scale. */
function sayGrams(before: Plan, after: Plan): string {
  const [a, b] = [before.perEater.massG, after.perEater.massG];
  if (a === null || b === null || Math.abs(a - b) < 1) return " The plate weighs the same.";
  return ` Each eats ${Math.round(Math.abs(a - b))} g ${b > a ? "more" : "less"}.`;
}
/** What did not grow with the grams, in words. */
function sayKept(found: readonly Difference[]): string {
  const batches = found.filter((d) => d.what.kind === "batches");
  const said = batches.map((d) => `${STEP_NAMES[d.step]}: ${d.from} → ${counted(Number(d.to), "batch", "batches")}`);
  return [...said, "Minutes by size, steam and chilli stay: taste and look."].join(". ");
}
/** Steps that pour something off, other than the one in hand. */
const liquorsOf = (dish: PlannedDish | null, selected: string | null) =>
  (dish?.parts ?? []).flatMap((p) =>
    p.rows.flatMap((r) =>
      r.step.id !== selected && r.state === "computed" && r.outcome.outputs.some((l) => l.to === "drain")
        ? [{ step: r.step.id, name: `liquor of ${STEP_NAMES[r.step.kind].toLowerCase()}, ${p.name}` }]
        : [],
    ),
  );

/** The pieces of a shaping step and what of the mix they share. */
function piecesOf(row: Row | null) {
  const fact = row?.state === "computed" ? row.outcome.facts.find((f) => f.kind === "pieces") : undefined;
  if (fact?.kind !== "pieces") return null;
  return { count: fact.pieces.count, usableG: fact.pieces.count * fact.pieces.eachG };
}

const noteLabel = (food: FoodId, allergen: Allergen, state: LabelState) =>
  void change(
    "Label",
    [put("labels", { id: `${food}.${allergen}`, food, allergen, state } as never)],
    "Noted what the label says. It counts for every supper.",
  );

/** Ctrl or ⌘ with Z, and with Shift to do it again; not while typing, where the browser's own undo belongs. */
function useUndoKeys() {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== "z") return;
      if (e.target instanceof HTMLElement && e.target.closest("input, select, textarea")) return;
      e.preventDefault();
      void (e.shiftKey ? redo() : undo());
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
