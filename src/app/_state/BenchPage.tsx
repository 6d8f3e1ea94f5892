"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type Dish, headCount } from "@/core/dish/dish";
import {
  addPart,
  addStep,
  editDish,
  editPart,
  editStep,
  freeId,
  moveStep,
  newStep,
  placeStep,
  removePart,
  removeStep,
} from "@/core/dish/edit";
import { partFromPattern } from "@/core/dish/patterns";
import { scaleAmounts } from "@/core/dish/scale";
import type { Allergen } from "@/core/foods/allergens";
import type { FoodId } from "@/core/foods/food";
import { ownFood } from "@/core/foods/own";
import type { Plan, PlannedDish } from "@/core/plan";
import { differences, type Difference } from "@/core/process/compare";
import type { Row } from "@/core/process/replay";
import type { Step } from "@/core/process/step";
import { Bench } from "@/ui/bench/Bench";
import { counted, type Speaking, STEP_NAMES } from "@/ui/wording/words";
import { computing } from "@/workers/client";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { change, changes, newId, put, useFoods, useHistory } from "./store";
import { saveSupper, type SupperView, useSupper } from "./supper";

export function BenchPage() {
  const state = useSupper();
  if (state.state === "missing") return <MissingSupper />;
  if (state.state === "loading" || state.plan === null) return null;
  return <Ready view={state} />;
}

function Ready({ view }: { view: SupperView }) {
  const { supper, plan, foods, units, frozen } = view;
  const allFoods = useFoods();
  const history = useHistory();
  const [taken, setTaken] = useState<{ dish: string | null; part: string | null; step: string | null }>({
    dish: null,
    part: null,
    step: null,
  });
  useUndoKeys();

  const dish = supper.dishes.find((d) => d.id === taken.dish) ?? (supper.dishes[0] as Dish);
  const plannedDish = plan?.dishes.find((d) => d.id === dish.id) ?? null;
  const part = plannedDish?.parts.find((p) => p.id === taken.part) ?? plannedDish?.parts[0] ?? null;
  const row = part?.rows.find((r) => r.step.id === taken.step) ?? part?.rows[0] ?? null;
  const stepId = row?.step.id ?? null;
  const dishStep = dish.parts.flatMap((p) => p.steps).find((s) => s.id === stepId) ?? null;

  // Names as text: an amount that changes must not make everything speak anew.
  const names = JSON.stringify(dish.parts.map(({ id, name }) => [id, name]));
  const speaking = useMemo<Speaking>(() => {
    const byId = new Map(JSON.parse(names) as [string, string][]);
    return { units, foods, part: (id) => byId.get(id) ?? "that part" };
  }, [units, foods, names]);
  const takeStep = useCallback((id: string) => setTaken((t) => ({ ...t, step: id })), []);
  const edited = useRef({ supper, dish: dish.id });
  useEffect(() => {
    edited.current = { supper, dish: dish.id };
  }, [supper, dish.id]);
  // The same function throughout: a long table is not drawn again because an amount was typed.
  const placed = useCallback((id: string, index: number) => {
    const { supper: now, dish: of } = edited.current;
    void saveSupper(
      editDish(now, of, (d) => placeStep(d, id, index)),
      "Move step",
    );
  }, []);
  if (plan === null || allFoods === null) return null;
  const edit = (label: string, by: (dish: Dish) => Dish, says?: string) =>
    void saveSupper(editDish(supper, dish.id, by), label, says);

  return (
    <Bench
      supper={supper}
      dish={dish}
      plan={plan}
      ranges={view.ranges}
      part={part}
      stepId={stepId}
      speaking={speaking}
      eaters={view.input.eaters}
      frozen={frozen}
      undoLabel={history.undoable?.label ?? null}
      redoLabel={history.redoable?.label ?? null}
      form={
        dishStep && {
          dishStep,
          kitchen: view.input.kitchen,
          units,
          foods: allFoods,
          parts: dish.parts.filter((p) => p.id !== part?.id).map(({ id, name }) => ({ id, name })),
          liquors: liquorsOf(plannedDish, dishStep.id),
          factor: Math.max(1, headCount(supper)) / dish.servings,
          frozen,
          pieces: piecesOf(row),
          onOwnFood: (name, then) => {
            const food = ownFood(newId("own"), name);
            void change(
              "A food of my own",
              [put("foods", food)],
              `${name} is known now. Its figures are under Kitchen.`,
            ).then(() => then(food.id));
          },
          onEdit: (label, by) => edit(label, (d) => editStep(d, dishStep.id, by)),
          onMove: (by) => edit("Move step", (d) => moveStep(d, dishStep.id, by)),
          onRemove: () => edit("Remove step", (d) => removeStep(d, dishStep.id), "The step is out."),
        }
      }
      onPlaceStep={placed}
      onScale={(factor, by) => {
        const scaled = editDish(supper, dish.id, (d) => scaleAmounts(d, factor));
        void computing.plan({ ...view.input, supper: scaled }).then((then) => {
          const kept = sayKept(differences(rowsOf(plan), rowsOf(then)));
          return saveSupper(scaled, "Scale the dish", `${by}: everything × ${factor.toFixed(2)}. ${kept}`);
        });
      }}
      onTakeDish={(id) => setTaken({ dish: id, part: null, step: null })}
      onTakePart={(id) => setTaken((t) => ({ ...t, part: id, step: null }))}
      onTakeStep={takeStep}
      onAddStep={(kind) => {
        if (!part) return;
        const step = newStep(kind, freeId(dish, `${part.id}-${kind}`)) as Step;
        edit("Add a step", (d) => addStep(d, part.id, step, stepId));
        setTaken((t) => ({ ...t, part: part.id, step: step.id }));
      }}
      onAddPart={(pattern) => {
        const added = partFromPattern(dish, pattern);
        edit("Add a part", (d) => addPart(d, added));
        setTaken({ dish: dish.id, part: added.id, step: null });
      }}
      onRemovePart={() => part && edit("Remove part", (d) => removePart(d, part.id), `${part.name} is out.`)}
      onRenamePart={(name) => part && edit("Rename part", (d) => editPart(d, part.id, (p) => ({ ...p, name })))}
      onPart={(changed) => edit("Part settings", (d) => editPart(d, changed.id, () => changed))}
      onRenameDish={(name) => edit("Rename dish", (d) => ({ ...d, name }))}
      onEaters={(eaters, guests) => void saveSupper({ ...supper, eaters, guests }, "Who eats")}
      onLabel={noteLabel}
      onKeep={() =>
        void change("Keep on the shelf", [put("dishes", dish)], `${dish.name} is on the shelf as it is now.`)
      }
      onUndo={() => void changes.undo()}
      onRedo={() => void changes.redo()}
    />
  );
}

const rowsOf = (plan: Plan) => plan.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows));
/** What did not grow with the grams, in words. */
function sayKept(found: readonly Difference[]): string {
  const batches = found.filter((d) => d.what.kind === "batches");
  const said = batches.map((d) => `${STEP_NAMES[d.step]}: ${d.from} → ${counted(Number(d.to), "batch", "batches")}`);
  return [...said, "Minutes by size, steam and chilli stay: taste and look."].join(". ");
}
/** Steps that pour something off, other than the one in hand. */
const liquorsOf = (dish: PlannedDish | null, inHand: string) =>
  (dish?.parts ?? []).flatMap((p) =>
    p.rows.flatMap((r) =>
      r.step.id !== inHand && r.state === "computed" && r.outcome.left.some((l) => l.to === "drain")
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

const noteLabel = (food: FoodId, allergen: Allergen, state: "contains" | "free") =>
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
      void (e.shiftKey ? changes.redo() : changes.undo());
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
