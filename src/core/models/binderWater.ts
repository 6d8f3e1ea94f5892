import type { BinderFigures } from "../foods/process";
import type { FoodId } from "../foods/food";

/** Where a mix lies by its water, from crumbly to wet. */
export type WaterZone = "crumbly" | "dry edge" | "holds" | "soft" | "wet";
/** How far it has set. */
export type SetBand = "loose" | "holds" | "firm" | "dense";

/** A base that brings or steals water: solids, its moisture, and the moisture it keeps (g/g). */
export interface Base {
  readonly food: FoodId;
  readonly solidsG: number;
  readonly moisture: number;
  readonly keeps: number;
}
/** So much of one binder with its figures. */
export interface BinderAmount {
  readonly food: FoodId;
  readonly massG: number;
  readonly figures: BinderFigures;
}
/** A mix as the binding window sees it, g and minutes. */
export interface BindingInput {
  readonly addedWaterG: number;
  readonly bases: readonly Base[];
  readonly binders: readonly BinderAmount[];
  readonly totalG: number;
  /** Rest so far, minutes at room temperature; Infinity for "as long as it takes". */
  readonly restMin: number;
}

/** Where a mix lies in its window, and which way is out. */
export interface BindingState {
  /** Water free for the binders, g; below 0 the base drinks. */
  readonly freeWaterG: number;
  readonly holdsFromG: number;
  readonly holdsToG: number;
  /** 0 at the dry end of the window, 1 at the wet end. */
  readonly position: number;
  readonly zone: WaterZone;
  /** Flax-equivalent grams per 100 g of mix. */
  readonly strength: number;
  readonly set: SetBand;
}

/** In the fridge binders take 1.3 times as long (engineering estimate): a fridge minute counts 1/1.3. */
export const FRIDGE_SLOWNESS = 1.3;

/** Share of the binding that has happened: 1 − e^(−t/τ). */
export const boundShare = (figures: BinderFigures, restMin: number): number =>
  1 - Math.exp(-restMin / figures.timeConstantMin);

/** The zone of a share of the window's water. */
export function zoneOf(position: number): WaterZone {
  if (position < 0) return "crumbly";
  if (position < 0.15) return "dry edge";
  if (position <= 0.8) return "holds";
  return position <= 1 ? "soft" : "wet";
}
/** The band of a strength per 100 g. */
export function setBandOf(strength: number): SetBand {
  if (strength < 1.5) return "loose";
  if (strength < 6) return "holds";
  return strength < 14 ? "firm" : "dense";
}

/** Free water: what was added, plus what each base gives; a thirsty base takes back half of its want. */
export function freeWaterG(addedWaterG: number, bases: readonly Base[]): number {
  return bases.reduce((sum, { solidsG, moisture, keeps }) => {
    const spare = solidsG * (moisture - keeps);
    return sum + (spare >= 0 ? spare : spare / 2);
  }, addedWaterG);
}

/**
 * Where a mix stands in its binding window, or null without a binder.
 *
 * Engineering estimates calibrated on common practice (`docs/models.md`, card 6): consistency with kitchens, not
 * a validation. Oil softens and binds nothing; heat setting begins above 70–75 °C.
 */
export function bindingState(input: BindingInput): BindingState | null {
  if (input.binders.length === 0 || input.totalG <= 0) return null;
  let [from, to, strength] = [0, 0, 0];
  for (const { massG, figures } of input.binders) {
    const bound = boundShare(figures, input.restMin);
    from += massG * figures.holdsFrom * bound;
    to += massG * figures.holdsTo * bound;
    strength += massG * figures.strength * bound;
  }
  const free = freeWaterG(input.addedWaterG, input.bases);
  const position = to === from ? (free > to ? Infinity : -Infinity) : (free - from) / (to - from);
  const per100 = (100 * strength) / input.totalG;
  return {
    freeWaterG: free,
    holdsFromG: from,
    holdsToG: to,
    position,
    zone: zoneOf(position),
    strength: per100,
    set: setBandOf(per100),
  };
}
