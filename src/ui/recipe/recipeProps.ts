import type { Setting } from "@/core/bite/targets";
import type { Allergen } from "@/core/foods/allergens";
import type { Food } from "@/core/foods/food";
import type { RecipeAnswer } from "@/core/recipe/answer";
import type { LineChoice } from "@/core/recipe/lines/settle";
import type { SwapProps } from "../swap/swapProps";
import type { TextContext } from "@/words/words";

export interface RecipeProps {
  /** The text as it was given. */
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onRead: () => void;
  /** Why it is no recipe. */
  readonly problem: string | null;
  /** It is being read. */
  readonly reading: boolean;
  /** Null before one was read. */
  readonly answer: RecipeAnswer | null;
  /** The same recipe was turned over before: the name of the dish. */
  readonly before: string | null;
  readonly choices: Readonly<Record<number, LineChoice>>;
  readonly onChoice: (line: number, choice: LineChoice) => void;
  readonly onRoute: (line: number, route: string) => void;
  readonly onSetting: (setting: Setting) => void;
  readonly onServings: (servings: number) => void;
  /** Where it is from, as far as it or the cook said so. */
  readonly from: string;
  readonly onFrom: (from: string) => void;
  readonly avoids: readonly Allergen[] | null;
  readonly onAvoids: (avoids: readonly Allergen[]) => void;
  readonly people: SwapProps["people"];
  readonly dinner: SwapProps["dinner"];
  /** All foods, for a line that names one that is not known; null until they have come. */
  readonly foods: readonly Food[] | null;
  readonly textContext: TextContext;
  readonly onTake: () => void;
}
