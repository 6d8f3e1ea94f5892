import type { RouteId } from "../dish/dish";
import type { Eight } from "../bite/targets";
import type { MeatForm, MeatKind } from "../dish/meat";
import type { FoodId } from "../foods/food";
import type { SaltTarget } from "../models/salt";
import type { StepKind } from "../process/registry";

/** How loosely it lies on the plate: the mass of a millilitre differs. */
export type Bulk = "mince" | "strips" | "whole";
/** One step of a route: its kind, grams of each food per 100 g of the route's main food, its settings. */
export interface ChainStep {
  readonly kind: StepKind;
  /** A food and its grams; `@batter` takes the route's second part whole. */
  readonly adds: readonly (readonly [food: FoodId | "@batter", per100G: number])[];
  readonly with: Readonly<Record<string, unknown>>;
}
/** A plant food and the chain of preparations that gives it a bite. */
export interface Route {
  readonly id: RouteId;
  readonly name: string;
  /** What is done, in a few words. */
  readonly how: string;
  readonly food: FoodId;
  /** Forms that it can be cut, torn or shaped to: only those compete. */
  readonly forms: readonly MeatForm[];
  /** Kinds that it cannot be taken for, where that matters: fish routes are none of beef. */
  readonly kinds: readonly MeatKind[] | null;
  /** First, spring, chew, strands, flakes, juice, crisp, hold; the preparation is in it. */
  readonly bite: Eight;
  /** From `checks/bite-routes.csv`, or this house's own estimate. */
  readonly from: "table" | "house";
  readonly bulk: Bulk;
  readonly salt: SaltTarget;
  readonly waitsMin: number;
  readonly steps: readonly ChainStep[];
  /** A batter or the like that is stirred on its own; grams per 100 g of the main food as well. */
  readonly second: { readonly name: string; readonly steps: readonly ChainStep[] } | null;
  /** Looks and eats like itself: for who wants an honest vegetable. */
  readonly honest: boolean;
  /** A vegetable, fruit or mushroom that brings next to no protein, and says so. */
  readonly littleProtein: boolean;
}
