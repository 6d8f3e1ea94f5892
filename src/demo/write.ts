import type { MeatForm, MeatKind } from "@/core/dish/meat";
import type { Part, Replaced } from "@/core/dish/dish";
import { newStep } from "@/core/process/registry";
import type { Line, StepId } from "@/core/process/step";
import type { Step, StepKind, StepOf } from "@/core/process/registry";

/** Short hands for writing demo dishes down. */
export const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
export const joined = (part: string): Line => ({ kind: "part", part, share: 1 });
/** The result is named as a step of any kind: left to itself the compiler weighs every kind against every other. */
export const step = <K extends StepKind>(
  kind: K,
  id: StepId,
  adds: readonly Line[],
  more: Partial<StepOf<K>> = {},
): Step => ({ ...newStep(kind, id), adds, ...more }) as unknown as Step;
export const part = (
  id: string,
  name: string,
  saltTarget: Part["saltTarget"],
  waitsForTableMin: number,
  steps: Part["steps"],
): Part => ({
  id,
  name,
  saltTarget,
  waitsForTableMin,
  steps,
  route: null,
});
/** What left the pan, in words alone. */
export const instead = (words: string, form: MeatForm, kind: MeatKind, rawG: number): Replaced => ({
  words,
  form,
  kind,
  rawG,
});
export const liquor = (from: StepId, share = 1): Line => ({ kind: "liquor", step: from, share });
export const shareOf = (id: string, share: number): Line => ({ kind: "part", part: id, share });
