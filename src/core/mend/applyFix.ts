import type { FoodId } from "../foods/food";
import { descriptorOf, newStep, type Step, type StepKind } from "../process/registry";
import { lineOf, type StepId } from "../process/step";
import type { Dish } from "../dish/dish";
import { addLine, addStep, editStep, freeId, setLine } from "../dish/edit";
import type { Fix } from "./fixes";

/**
 * The dish with a fix at one step.
 *
 * @param factor how many times the dish is made: grams shown over grams in the dish, above 0
 */
export function applyFix(dish: Dish, id: StepId, fix: Fix, factor: number): Dish {
  switch (fix.kind) {
    case "put-before":
      return putBeside(dish, id, fix.step, 0);
    case "put-after":
      return putBeside(dish, id, fix.step, 1);
    case "take":
      return editStep(dish, id, (s) => ({ ...newStep(fix.step, s.id), adds: s.adds }) as Step);
    case "minutes":
      return editStep(dish, id, (s) => ({ ...s, minutes: atMost(s, "minutes", fix.minutes) }) as Step);
    case "gear":
      return editStep(dish, id, (s) => ({ ...s, [fix.key]: fix.id }) as Step);
    case "chill":
      return editStep(dish, id, (s) => ({ ...s, [fix.key]: fix.key === "where" ? "fridge" : true }) as Step);
    case "heat":
      return editStep(dish, id, (s) => hotter(s, fix.key, fix.tempC));
    case "add":
      return editStep(dish, id, (s) => pour(s, fix.food, fix.massG / factor));
  }
}

/** What was done for minutes alone takes as long as its middle needs, where a step can be told so. */
function hotter(step: Step, key: string, tempC: number): Step {
  const minutes = descriptorOf(step.kind).fields.minutes;
  const byMiddle = key === "coreC" && "coreC" in step && step.coreC === null && minutes?.is === "number";
  const free = byMiddle && minutes.orNull === true ? { minutes: null } : {};
  return { ...step, ...free, [key]: atMost(step, key, tempC) } as Step;
}
/** No more than the setting takes. */
function atMost(step: Step, key: string, value: number): number {
  const field = descriptorOf(step.kind).fields[key];
  return field?.is === "number" ? Math.min(field.high, value) : value;
}
function putBeside(dish: Dish, id: StepId, kind: StepKind, by: 0 | 1): Dish {
  const part = dish.parts.find((p) => p.steps.some((s) => s.id === id));
  if (part === undefined) return dish;
  const before = part.steps[part.steps.findIndex((s) => s.id === id) + by - 1];
  return addStep(dish, part.id, newStep(kind, freeId(dish, `${part.id}-${kind}`)) as Step, before?.id ?? null);
}
/** More of a food that goes in already, or a line of it. */
function pour(step: Step, food: FoodId, massG: number): Step {
  const at = step.adds.findIndex((l) => l.kind === "food" && l.food === food && l.massG !== null);
  const line = step.adds[at];
  return line?.kind === "food" && line.massG !== null
    ? setLine(step, at, lineOf(line, line.massG + massG))
    : addLine(step, { kind: "food", food, massG });
}
