import type { Dish, Part, Supper } from "@/core/dish/dish";
import type { PatternId } from "@/core/dish/patterns";
import type { Eater } from "@/core/dish/kitchen";
import type { Allergen } from "@/core/foods/allergens";
import type { FoodId } from "@/core/foods/food";
import type { Plan, PlannedPart, Ranges } from "@/core/plan";
import type { StepKind } from "@/core/process/step";
import type { Speaking } from "../wording/words";
import type { StepFormProps } from "./StepForm";

export interface BenchProps {
  readonly supper: Supper;
  readonly dish: Dish;
  readonly plan: Plan;
  readonly ranges: Ranges | null;
  readonly part: PlannedPart | null;
  readonly stepId: string | null;
  readonly speaking: Speaking;
  readonly eaters: readonly Eater[];
  readonly frozen: boolean;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  readonly form:
    (Omit<StepFormProps, "step" | "part" | "number"> & { readonly dishStep: StepFormProps["step"] }) | null;
  readonly onScale: (factor: number, says: string) => void;
  readonly onPlaceStep: (step: string, index: number) => void;
  readonly onTakePart: (part: string) => void;
  readonly onTakeDish: (dish: string) => void;
  readonly onTakeStep: (step: string) => void;
  readonly onAddStep: (kind: StepKind) => void;
  readonly onAddPart: (pattern: PatternId) => void;
  readonly onRemovePart: () => void;
  readonly onRenamePart: (name: string) => void;
  readonly onPart: (part: Part) => void;
  readonly onRenameDish: (name: string) => void;
  readonly onEaters: (eaters: readonly string[], guests: number) => void;
  readonly onLabel: (food: FoodId, allergen: Allergen, state: "contains" | "free") => void;
  readonly onKeep: () => void;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

/** What the views of one part have in common. */
export interface PartViewProps {
  readonly part: PlannedPart;
  readonly plan: Plan;
  readonly stepId: string | null;
  readonly speaking: Speaking;
  readonly onTake: (id: string) => void;
}
