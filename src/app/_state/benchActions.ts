"use client";

import { type Dispatch, type SetStateAction, useLayoutEffect, useMemo, useRef } from "react";
import { type Dish, headCount, NEW_DISH, type Part, shareLeft, type Supper } from "@/core/dish/dish";
import {
  addLine,
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
  renameDish,
  setLine,
  stepBeside,
} from "@/core/dish/edit";
import { onItsOwn } from "@/core/dish/batches";
import { scaleAmounts } from "@/core/dish/scale";
import type { Allergen, LabelState } from "@/core/foods/allergens";
import type { FoodId } from "@/core/foods/food";
import { ownFood } from "@/core/foods/own";
import type { Plan, PlanInput, PlannedPart } from "@/core/plan";
import { differences, type Difference } from "@/core/process/compare";
import type { Doubt } from "@/core/season/doubts";
import type { Step } from "@/core/process/registry";
import { type DishId, lineWith, type PartId, type StepId } from "@/core/process/step";
import { rowsOf } from "@/core/schedule/work";
import type { BenchActions } from "@/ui/bench/benchProps";
import { counted } from "@/words/count";
import { STEP_NAMES } from "@/words/steps";
import type { TextContext } from "@/words/words";
import { computing } from "@/workers/client";
import { change, newId, put, redo, undo } from "./store";
import { saveSupper } from "./supper";

/** Which dish, part and step the cook has in hand. */
export interface Selection {
  readonly dish: DishId | null;
  readonly part: PartId | null;
  readonly step: StepId | null;
}
/** What an edit starts from. */
export interface Newest {
  readonly supper: Supper;
  readonly dish: Dish;
  /** Suppers that have a batch of this one. */
  readonly takers: readonly Supper[];
  readonly plan: Plan | null;
  readonly input: PlanInput;
  readonly part: PlannedPart | null;
  readonly step: Step | null;
  readonly textContext: TextContext;
}

/** The actions of the Bench, one object for the life of the page; each looks at what is newest when it is done. */
export function useActions(now: Newest, setSelection: Dispatch<SetStateAction<Selection>>): BenchActions {
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
    /** Another food, planned before it is taken, so that what it drags along is told. */
    const exchanged = async (changed: Supper) => {
      const { supper, plan, input } = newest.current;
      const then = await computing.plan({ input: { ...input, supper: changed }, today: null });
      const blocked = then.plan.blocked - (plan?.blocked ?? 0);
      const grams = plan === null ? "" : sayGrams(plan, then.plan);
      await saveSupper(
        supper,
        changed,
        "Another food instead",
        blocked > 0 ? `Exchanged; ${counted(blocked, "step")} cannot be worked out with it.` : `Exchanged.${grams}`,
      );
    };
    /** A dish that nobody has named yet is called after what it is made of. */
    const addParts = (parts: readonly Part[], called: string | null) => {
      const { supper, dish } = newest.current;
      const filled = editDish(supper, dish.id, (d) => parts.reduce(addPart, d));
      const named = dish.name === NEW_DISH && called !== null;
      void saveSupper(supper, named ? renameDish(filled, dish.id, called) : filled, "Add a part");
      setSelection({ dish: dish.id, part: parts[0]?.id ?? null, step: null });
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
      addStep: async (kind, takes) => {
        const { newStep } = await import("@/core/process/registry");
        onPart((part) => {
          const { dish } = newest.current;
          const fresh = newStep(kind, freeId(dish, `${part.id}-${kind}`)) as Step;
          const step =
            takes === undefined ? fresh : addLine(fresh, { kind: "part", part: takes, share: shareLeft(dish, takes) });
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
      addChain: async (chain, food, massG) => {
        const { partsFromChain } = await import("@/core/swap/chain");
        const { supper, dish } = newest.current;
        addParts(partsFromChain(dish, chain, food, massG / timesMade(supper, dish)), chain.name);
      },
      addWeighed: async (name, foods) => {
        const [{ partFromPattern }, { newStep }] = await Promise.all([
          import("@/core/dish/patterns"),
          import("@/core/process/registry"),
        ]);
        const { supper, dish } = newest.current;
        const part = partFromPattern(dish, "empty");
        const adds = foods.map(({ food, grams }) => lineWith(food, grams, timesMade(supper, dish)));
        addParts([{ ...part, name, steps: [{ ...newStep("weigh", `${part.id}-weigh-1`), adds }] }], null);
      },
      removePart: () => onPart(({ id, name }) => edit("Remove part", (d) => removePart(d, id), `${name} is out.`)),
      renamePart: (name) => onPart(({ id }) => edit("Rename part", (d) => editPart(d, id, (p) => ({ ...p, name })))),
      changePart: (changed) =>
        onPart(({ id }) => edit("Part settings", (d) => editPart(d, id, (p) => ({ ...p, ...changed })))),
      renameDish: (name) => {
        const { supper, dish } = newest.current;
        void saveSupper(supper, renameDish(supper, dish.id, name), "Rename dish");
      },
      invite: (eaters, guests) => {
        const { supper } = newest.current;
        const changed = { ...supper, eaters, guests };
        void saveSupper(supper, changed, "Who eats", sayTimes(headCount(supper), headCount(changed)));
      },
      noteLabel,
      exchange: async (food, allergen) => {
        const { insteadOf, exchange } = await import("@/core/swap/instead");
        const { supper } = newest.current;
        const way = insteadOf(food, allergen);
        if (way !== null) await exchanged({ ...supper, dishes: supper.dishes.map((d) => exchange(d, way)) });
      },
      changeFood: (index, food, grams) =>
        onStep(({ id }) => {
          const { supper, dish } = newest.current;
          const set = (s: Step) => {
            const line = s.adds[index];
            if (line?.kind !== "food") return s;
            return setLine(
              s,
              index,
              grams === null ? { ...line, food } : lineWith(food, grams, timesMade(supper, dish)),
            );
          };
          void exchanged(editDish(supper, dish.id, (d) => editStep(d, id, set)));
        }),
      beSure: (doubt) => {
        const { supper } = newest.current;
        void saveSupper(
          supper,
          editDish(supper, doubt.dish, (d) => sureOf(d, doubt)),
          "It is right",
        );
      },
      keep: () => {
        const { supper, dish, takers } = newest.current;
        void change(
          "Keep on the shelf",
          [put("dishes", onItsOwn(supper, dish, takers))],
          `${dish.name} is on the shelf as it is now.`,
        );
      },
      saveAs: async (as) => {
        const { supper, dish, takers, plan, input, textContext } = newest.current;
        if (plan === null) return;
        const { saveDish } = await import("./saveDish");
        await saveDish(as, as === "file" ? onItsOwn(supper, dish, takers) : dish, {
          plan,
          input,
          textContext,
          own: input.foods,
        });
      },
      undo: () => void undo(),
      redo: () => void redo(),
      editStep: (label, by) => onStep(({ id }) => edit(label, (d) => editStep(d, id, by))),
      removeStep: () =>
        onStep(({ id }) => {
          const beside = stepBeside(newest.current.dish, id);
          edit("Remove step", (d) => removeStep(d, id), "The step is out.");
          setSelection((t) => ({ ...t, step: beside }));
        }),
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

/** The dish with the cook's answer that so much is right. */
function sureOf(dish: Dish, doubt: Doubt): Dish {
  if (doubt.kind !== "share") {
    const figure = doubt.kind === "salt" ? { saltG: doubt.eachG } : { liquidG: doubt.eachG };
    return { ...dish, sure: { ...dish.sure, ...figure } };
  }
  return editStep(dish, doubt.step, (s) => {
    const line = s.adds[doubt.line];
    return line?.kind === "food" ? setLine(s, doubt.line, { ...line, sure: true }) : s;
  });
}
/** Grams shown over grams of the dish as it is written. */
export const timesMade = (supper: Supper, dish: Dish) => Math.max(1, headCount(supper)) / dish.servings;

/** "For 8: everything × 2"; nothing where as many eat as before. */
function sayTimes(before: number, after: number): string | undefined {
  if (before === after || before === 0 || after === 0) return undefined;
  return `For ${after}: everything × ${Number((after / before).toFixed(2))}.`;
}
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
const noteLabel = (food: FoodId, allergen: Allergen, state: LabelState) =>
  void change(
    "Label",
    [put("labels", { id: `${food}.${allergen}`, food, allergen, state } as never)],
    "Noted what the label says. It counts for every supper.",
  );
