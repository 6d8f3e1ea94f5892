"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState } from "react";
import { type Dish, partsToJoin, shareLeft } from "@/core/dish/dish";
import type { PlannedDish } from "@/core/plan";
import type { Row } from "@/core/process/row";
import { db } from "@/data/db";
import { Bench } from "@/ui/bench/Bench";
import type { SelectedStep } from "@/ui/bench/StepForm";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { useSame } from "@/ui/frame/useSame";
import { STEP_NAMES } from "@/words/steps";
import type { TextContext } from "@/words/words";
import { type Selection, timesMade, useActions } from "./benchActions";
import type { Food, FoodLookup } from "@/core/foods/food";
import { useAfterPaint, useDrawnInSlices } from "@/ui/frame/useDrawnInSlices";
import { useLimits } from "./computed";
import { redo, undo, useFoods, useHistory } from "./store";
import { nameIn, type SupperView, useSupper } from "./supper";

export function BenchPage() {
  const state = useSupper();
  const drawn = useDrawnInSlices(state.state === "ready" && state.plan !== null);
  if (state.state === "missing") return <MissingSupper />;
  if (!drawn || state.state === "loading" || state.plan === null) return null;
  return <Ready view={state} />;
}

/** Whether dried pulses may be in it; also where nobody can tell yet. */
const holdsPulses = (row: Row | null, foods: FoodLookup): boolean =>
  row?.state !== "computed" ||
  row.outcome.after.batch.solids.foods.some((id) => ["pulse", undefined].includes(foods(id)?.group));

function Ready({ view }: { view: SupperView }) {
  const { supper, plan, foods, units, frozen } = view;
  const { kitchen, eaters } = view.input;
  // The first figures stand before the food table comes: only forms and searches need all of it.
  const allFoods = useFoods(useAfterPaint(plan !== null));
  const history = useHistory();
  const [selection, setSelection] = useState<Selection>({ dish: null, part: null, step: null });
  useUndoKeys();

  const dish = supper.dishes.find((d) => d.id === selection.dish) ?? (supper.dishes[0] as Dish);
  const recipe = useLiveQuery(() => db.recipes.where("dish").equals(dish.id).first(), [dish.id]);
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
  const toJoin = useSame(partsToJoin(dish, part?.id ?? null).map(({ id }) => ({ id, share: shareLeft(dish, id) })));
  const liquors = useSame(liquorsOf(plannedDish, stepId));
  const pieces = useSame(piecesOf(row));
  const doubts = useSame(
    (plan?.doubts ?? []).filter((d) => d.kind === "share" && d.dish === dish.id && d.step === stepId),
  );
  const pan = panOf(row);
  const pulses = holdsPulses(row, foods);
  const factor = timesMade(supper, dish);
  const byKind = useLimits();
  const limits = dishStep === null ? null : (byKind?.[dishStep.kind] ?? null);
  const selected = useMemo<SelectedStep | null>(
    () =>
      dishStep === null || allFoods === null || limits === null
        ? null
        : {
            step: dishStep,
            kitchen,
            units,
            foods: allFoods,
            parts,
            toJoin,
            liquors,
            limits,
            doubts,
            factor,
            frozen,
            pieces,
            pan,
            pulses,
          },
    [dishStep, kitchen, units, allFoods, parts, toJoin, liquors, limits, doubts, factor, frozen, pieces, pan, pulses],
  );
  const actions = useActions(
    { supper, dish, takers: view.takers, plan, input: view.input, part, step: dishStep, textContext },
    setSelection,
  );
  if (plan === null) return null;
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
      foods={allFoods ?? NO_FOODS}
      frozen={frozen}
      undoLabel={history.undoable?.label ?? null}
      redoLabel={history.redoable?.label ?? null}
      recipeHref={recipe ? `/recipe?of=${encodeURIComponent(recipe.id)}` : null}
      selected={selected}
      actions={actions}
    />
  );
}

const NO_FOODS: readonly Food[] = [];
/** Steps that pour something off, other than the one in hand. */
const liquorsOf = (dish: PlannedDish | null, selected: string | null) =>
  (dish?.parts ?? []).flatMap((p) =>
    p.rows.flatMap((r) =>
      r.step.id !== selected && r.state === "computed" && r.outcome.outputs.some((l) => l.to === "drain")
        ? [{ step: r.step.id, name: `liquor of ${STEP_NAMES[r.step.kind].toLowerCase()}, ${p.name}` }]
        : [],
    ),
  );

/** The pan that a step is done in. */
function panOf(row: Row | null): string | null {
  const need = row?.state === "computed" ? row.outcome.needs.find((n) => n.kind === "pan") : undefined;
  return need?.kind === "pan" ? need.pan : null;
}

/** The pieces of a shaping step and what of the mix they share. */
function piecesOf(row: Row | null) {
  const fact = row?.state === "computed" ? row.outcome.facts.find((f) => f.kind === "pieces") : undefined;
  if (fact?.kind !== "pieces") return null;
  return { count: fact.pieces.count, usableG: fact.pieces.count * fact.pieces.eachG };
}

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
