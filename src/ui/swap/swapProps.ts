import type { FoodId } from "@/core/foods/food";
import type { EaterId } from "@/core/household/people";
import type { Price } from "@/core/formats/household";
import type { RouteCard, SwapAnswer } from "@/core/swap/card";
import type { RouteId } from "@/core/dish/dish";
import type { Moved } from "@/core/swap/moved";
import type { SaidOfMeat } from "@/words/swapNames";
import type { TextContext } from "@/words/words";

/** What the cook has said of the meat, the table, and whose mouth counts. */
export interface Said extends SaidOfMeat {
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
  /** In a supper: whose place a route takes, and what that changes; null at the front door. */
  readonly target: {
    readonly choices: readonly { readonly id: string; readonly says: string }[];
    readonly chosen: string;
    readonly onChoose: (id: string) => void;
    readonly changes: string;
  } | null;
}
