import type { FoodId } from "../foods/food";
import type { BindingState } from "../models/binderWater";
import type { Thickness } from "../models/thickening";
import type { ShapeForm } from "./step";

/** Equal pieces, once shaped, sliced, filled or laid in a tin. */
export interface ShapedPieces {
  readonly count: number;
  readonly eachG: number;
  readonly form: ShapeForm | "slice" | "shell" | "layer";
  /** Across; for a log its thickness, for a layer in a tin the tin's width. */
  readonly diameterMm: number;
  /** The way that heat has to go. */
  readonly thicknessMm: number;
  readonly lengthMm: number;
}
/** What a step has to tell beside grams and minutes. */
export type Fact =
  /** `usual`: pulses overnight in a cool kitchen, which is no standing in the warm. */
  | { readonly kind: "soaked"; readonly share: number; readonly bathC: number; readonly usual?: true }
  | { readonly kind: "already-drier"; readonly moisture: number }
  /** So much liquid would keep the pieces under in a bowl of 22 cm. */
  | { readonly kind: "uncovered"; readonly needG: number; readonly pouredG: number }
  | { readonly kind: "bath-short"; readonly missingG: number }
  | { readonly kind: "nothing-to-drain" }
  /** It still lies in so much liquid, its own or that of a part that joined. */
  | { readonly kind: "undrained"; readonly massG: number }
  /** The liquid that it lay in went along into what is blended or simmered. */
  | { readonly kind: "bath-taken"; readonly massG: number }
  /** Nobody knows what it does to the food; whether heat and minutes are part of it. */
  | { readonly kind: "as-written"; readonly heated: boolean; readonly timed: boolean }
  | { readonly kind: "nothing-in" }
  /** Nobody knows how much water these hold: every figure from here on is a wide guess. */
  | { readonly kind: "guessed-water"; readonly foods: readonly FoodId[] }
  /** Worked out without these, since nobody said how much of them goes in. */
  | { readonly kind: "without-amount"; readonly foods: readonly FoodId[] }
  | { readonly kind: "fitted"; readonly share: number; readonly drinksG: number }
  | { readonly kind: "left-in-bowl"; readonly massG: number }
  /** So much of it was put by for another day. */
  | { readonly kind: "set-aside"; readonly massG: number }
  /** How far from the surface a tenth of the marinade's strength has come, against half of the thickness. */
  | { readonly kind: "depth-reached"; readonly mm: number; readonly middleMm: number }
  | { readonly kind: "salt-added"; readonly massG: number; readonly wanted: number }
  | { readonly kind: "already-saltier"; readonly share: number; readonly wanted: number }
  | {
      readonly kind: "batches";
      readonly count: number;
      readonly eachG: number;
      readonly eachMin: number;
      readonly limitedBy:
        "room in the pan" | "heat of the burner" | "room in the basket" | "room in the bowl" | "room on the trays";
    }
  | { readonly kind: "water-off"; readonly massG: number }
  | {
      readonly kind: "thickness";
      readonly per100: number;
      readonly thickness: Thickness;
      readonly atTable: Thickness;
      /** What would make it coat a spoon: g of corn starch, or of liquid; both 0 where it does. */
      readonly starchG: number;
      readonly thinningG: number;
    }
  | { readonly kind: "cooked-through"; readonly minutes: number; readonly coreC: number }
  | { readonly kind: "binding"; readonly state: BindingState }
  | { readonly kind: "pieces"; readonly pieces: ShapedPieces; readonly offTarget: boolean; readonly thick: boolean }
  /**
   * Softening of pulses and grains: minutes to soft under these conditions, the minutes of this step, and how far they
   * are now, earlier steps counted (1: soft).
   */
  | {
      readonly kind: "softened";
      readonly share: number;
      readonly softMin: number;
      readonly minutes: number;
      readonly atC: number;
    }
  | { readonly kind: "pressed"; readonly pressureKPa: number; readonly leavesG: number; readonly mostG: number }
  /** A block of the given edges weighs `eachG`, there are `massG`: so many blocks, or none of that size. */
  | { readonly kind: "block-size"; readonly eachG: number; readonly massG: number; readonly count: number }
  /** So many slices share a loaf's length and come out so thick; `fitting` of the thickness asked for go into it. */
  | {
      readonly kind: "slices";
      readonly count: number;
      readonly thicknessMm: number;
      readonly askedMm: number;
      readonly fitting: number;
    }
  | { readonly kind: "coarse-to-squeeze"; readonly mostMm: number }
  | { readonly kind: "rinsed"; readonly fromShare: number; readonly toShare: number }
  /** Freezing or thawing to the middle: minutes it takes with their range, and the minutes given. */
  | {
      readonly kind: "through";
      readonly what: "frozen" | "thawed";
      readonly neededMin: number;
      readonly lowMin: number;
      readonly highMin: number;
      readonly givenMin: number;
    }
  | { readonly kind: "gel"; readonly eggs: number; readonly waterPerG: number }
  | { readonly kind: "batter"; readonly waterPerFlour: number; readonly body: "thin" | "tray" | "thick" | "stiff" }
  | { readonly kind: "coated"; readonly takesG: number; readonly missingG: number }
  | { readonly kind: "splashes"; readonly count: number; readonly waterG: number }
  /** The middle needs longer; with a range where ovens differ: within it a thermometer decides. */
  | {
      readonly kind: "core-short";
      readonly neededMin: number;
      readonly givenMin: number;
      readonly coreC: number;
      readonly lowMin?: number;
      readonly highMin?: number;
    }
  /** So many times as much goes in, since so many times as much was weighed out at the start. */
  | { readonly kind: "grown"; readonly factor: number }
  /** Its middle is hot before the surface is dry and brown: that is what the minutes are. */
  | { readonly kind: "surface-clock"; readonly minutes: number; readonly coreMin: number }
  /** Vegetables: minutes until they are tender where the water boils at `atC`, and the minutes they get. */
  | { readonly kind: "tender"; readonly neededMin: number; readonly givenMin: number; readonly atC: number }
  /** Browned and taken out: the middle is so hot, and cooks on in what follows. */
  | { readonly kind: "browned-only"; readonly middleC: number }
  | { readonly kind: "oil-dips"; readonly lowestC: number; readonly floorC: number }
  /** How much of a pan, tin, bowl or cooker is filled: 1 is to the line that is safe for it. */
  | { readonly kind: "fill"; readonly of: "tin" | "pot" | "machine" | "pressure-cooker"; readonly share: number }
  | {
      readonly kind: "cooled";
      readonly toC: number;
      readonly hoursTo21: number | null;
      readonly hoursTo5: number | null;
      /** Minutes of this step between 60 and 5 °C: once it is cold it stands cold. */
      readonly warmMin: number;
    }
  /** The figure is only a usual one: nothing is known of this food under this step. */
  | { readonly kind: "rule-of-thumb"; readonly what: "loss" | "minutes" | "pick-up" };

type Short = Extract<Fact, { kind: "core-short" }>;
/** Whether minutes lie within what ovens differ by: neither enough nor plainly too few. */
export const isClose = (fact: Short): fact is Short & Readonly<Record<"lowMin" | "highMin", number>> =>
  fact.lowMin !== undefined && fact.givenMin >= fact.lowMin;
