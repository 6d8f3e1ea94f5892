import type { DishId, PartId, StepId } from "@/core/process/step";
import type { Dish, Part, Supper } from "@/core/dish/dish";
import type { Fix } from "@/core/mend/fixes";
import type { PatternId } from "@/core/dish/patternNames";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater, EaterId } from "@/core/household/people";
import type { Allergen, LabelState } from "@/core/foods/allergens";
import type { Food, FoodId } from "@/core/foods/food";
import type { TypedFood } from "@/core/recipe/lines/typed";
import type { Chain } from "@/core/swap/chain";
import type { Plan, PlannedPart } from "@/core/plan";
import type { Ranges } from "@/core/sampling";
import type { Caution } from "@/core/safety/rule";
import type { Doubt } from "@/core/season/doubts";
import type { Step, StepKind } from "@/core/process/registry";
import type { TextContext } from "@/words/words";
import type { SelectedStep } from "./StepForm";

/**
 * What can be done on the Bench. The same object for as long as the page is open: what an edit does not change is not
 * drawn again.
 */
export interface BenchActions {
  readonly scale: (factor: number, says: string) => void;
  readonly placeStep: (step: StepId, index: number) => void;
  readonly moveStep: (step: StepId, by: -1 | 1) => void;
  readonly selectPart: (part: PartId) => void;
  readonly selectDish: (dish: DishId) => void;
  readonly selectStep: (step: StepId) => void;
  /** After the step in hand; in a part that has none it may take what is left of another part. */
  readonly addStep: (kind: StepKind, takes?: PartId) => void;
  readonly addPart: (pattern: PatternId) => void;
  /** A part from a food, shown grams of it, by one of its usual chains; null only weighs it out. */
  readonly addChain: (chain: Chain, food: Pick<Food, "id" | "name" | "like">, massG: number) => void;
  /** A part of these foods, weighed out; null grams are to be said. */
  readonly addWeighed: (name: string, foods: readonly TypedFood[]) => void;
  readonly removePart: () => void;
  readonly renamePart: (name: string) => void;
  readonly changePart: (settings: Partial<Pick<Part, "waitsForTableMin" | "saltTarget">>) => void;
  readonly renameDish: (name: string) => void;
  readonly invite: (eaters: readonly EaterId[], guests: number) => void;
  readonly noteLabel: (food: FoodId, allergen: Allergen, state: LabelState) => void;
  /** Something else for a food that somebody must not have, in every dish; its plan is told before and after. */
  readonly exchange: (food: FoodId, allergen: Allergen) => void;
  readonly keep: () => void;
  /** Hands the dish over as a file: for another household, as a recipe for machines, or to be read. */
  readonly saveAs: (as: "file" | "json-ld" | "markdown") => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** On the step in hand. */
  readonly editStep: (label: string, edit: (step: Step) => Step) => void;
  /** Another food in a line of it; what that drags along is told. */
  readonly changeFood: (index: number, food: FoodId, grams: TypedFood["grams"]) => void;
  /** An amount that was asked about is right. */
  readonly beSure: (doubt: Doubt) => void;
  readonly removeStep: () => void;
  readonly takeFix: (fix: Fix) => void;
  /** A food of the cook's own, known by name alone; `then` gets its id. */
  readonly ownFood: (name: string, then: (food: FoodId) => void) => void;
}

export interface BenchProps {
  readonly supper: Supper;
  readonly dish: Dish;
  readonly plan: Plan;
  readonly cautions: readonly Caution[];
  readonly ranges: Ranges | null;
  readonly part: PlannedPart | null;
  readonly stepId: StepId | null;
  readonly textContext: TextContext;
  readonly eaters: readonly Eater[];
  readonly kitchen: Kitchen;
  /** Every food that can go in. */
  readonly foods: readonly Food[];
  readonly frozen: boolean;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  /** Where the recipe stands that the dish was made of, line by line before and after; null where there is none. */
  readonly recipeHref: string | null;
  /** The step in hand and what its form needs; null without one. */
  readonly selected: SelectedStep | null;
  readonly actions: BenchActions;
}

/** What the views of one part have in common. */
export interface PartViewProps {
  readonly part: PlannedPart;
  readonly plan: Plan;
  readonly stepId: StepId | null;
  readonly textContext: TextContext;
  readonly onSelect: (id: StepId) => void;
}
