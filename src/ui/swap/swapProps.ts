import type { FoodId } from "@/core/foods/food";
import type { EaterId } from "@/core/household/people";
import type { Setting } from "@/core/bite/targets";
import type { Price } from "@/core/formats/household";
import type { MeatForm, MeatKind } from "@/core/dish/meat";
import type { Allergen } from "@/core/foods/allergens";
import type { RouteCard, SwapAnswer } from "@/core/swap/card";
import type { AtHand, RouteId } from "@/core/dish/dish";
import type { Moved } from "@/core/swap/moved";
import type { ProteinWay } from "@/core/swap/brings";
import type { TextContext } from "../wording/words";

/** What the cook has said of the meat and the table. */
export interface Said {
  readonly form: MeatForm | null;
  readonly kind: MeatKind;
  /** Of the meat, raw or cooked as said, for all who eat. */
  readonly massG: number;
  readonly weighed: "raw" | "cooked";
  readonly setting: Setting;
  readonly honestOnly: boolean;
  readonly protein: ProteinWay;
  readonly bringsFat: boolean;
  /** What of the routes' foods lies ready, and how. */
  readonly atHand: readonly AtHand[];
  /** Most hands-on minutes, or it does not matter. */
  readonly mostHandsMin: number | null;
  /** What somebody at the table must not eat; null until it was asked, empty when nobody. */
  readonly avoids: readonly Allergen[] | null;
  /** Whose ratings count; null takes those who rated last. */
  readonly rater: EaterId | null;
}
export interface SwapProps {
  readonly said: Said;
  readonly onSaid: (said: Said) => void;
  /** People of the household who eat; where there are any, what they must not eat is known. */
  readonly people: readonly { readonly name: string; readonly avoids: string }[];
  /** Guests, where no people are known yet. */
  readonly heads: number;
  readonly onHeads: ((heads: number) => void) | null;
  readonly dinner: {
    readonly date: string;
    readonly time: string;
    readonly onSet: ((date: string, time: string) => void) | null;
  };
  /** Who rated routes before, and whose ratings count now. */
  readonly raters: readonly { readonly id: EaterId | null; readonly name: string }[];
  readonly rater: EaterId | null;
  readonly answer: SwapAnswer | null;
  /** Routes that stand elsewhere since something was asked otherwise, and what that was. */
  readonly moved: { readonly routes: ReadonlyMap<RouteId, Moved>; readonly since: string } | null;
  /** The answer is still that of what was said before: it is shown, and not to be taken. */
  readonly behind: boolean;
  readonly textContext: TextContext;
  /** When a route has to begin by the clock of this kitchen; null when it fits in no way, undefined while nobody knows. */
  readonly begin: (id: RouteId) => string | null | undefined;
  /** What a pack costs, by food; absent is not known. */
  readonly prices: ReadonlyMap<string, Price>;
  readonly onPrice: (food: FoodId, price: number | null, packG: number) => void;
  readonly onTake: (card: RouteCard) => void;
  /** The other ways in, where the desk is the front door. */
  readonly others: readonly { readonly says: string; readonly onPress: () => void }[];
  readonly title: string;
}
