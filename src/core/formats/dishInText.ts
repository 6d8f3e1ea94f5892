import * as v from "valibot";
import type { Dish } from "../dish/dish";
import type { Food } from "../foods/food";
import type { KeptDish } from "../recipe/answer";
import { readHtml } from "../recipe/html";
import { parsed } from "../recipe/jsonLd";
import { FoodSchema } from "./foodSchema";
import { DishSchema } from "./schemas";

/** The property of a recipe's data, and the mark in Markdown, that hold a dish of ours whole. */
export const OWN_PROPERTY = "jadePan:dish";
const IN_MARKDOWN = /<!--\s*jadePan:dish\s+(\{[\s\S]*?\})\s*-->/;
const Kept = v.object({ dish: DishSchema, foods: v.optional(v.array(FoodSchema), []) });

/** A dish as it is written into Markdown: a comment, which no reader shows. */
export const dishAsComment = (kept: KeptDish): string =>
  // Two hyphens would end it; inside a text of JSON they can be written otherwise.
  `<!-- ${OWN_PROPERTY} ${JSON.stringify(kept).replace(/--/g, "-\\u002d")} -->`;

/**
 * The dish of ours that a recipe carries, with foods of a cook's own; null where it carries none, or none that can be read: then it is read
 * like any other recipe.
 *
 *     dishInText("Serves 4, 500 g mince") // => null
 */
export function dishInText(text: string): KeptDish | null {
  const comment = IN_MARKDOWN.exec(text)?.[1];
  const blocks =
    comment !== undefined
      ? [comment]
      : /^\s*[[{]/.test(text)
        ? [text]
        : /<script/i.test(text)
          ? readHtml(text).data
          : [];
  for (const block of blocks) {
    const found = comment === undefined ? ownIn(parsed(block), 0) : parsed(block);
    const read = v.safeParse(Kept, found);
    if (read.success) return { dish: read.output.dish as Dish, foods: read.output.foods as readonly Food[] };
  }
  return null;
}
/** How deep data may lie in other data. */
const DEEPEST = 6;
function ownIn(value: unknown, depth: number): unknown {
  if (typeof value !== "object" || value === null || depth > DEEPEST) return null;
  const node = value as Readonly<Record<string, unknown>>;
  const own = node[OWN_PROPERTY] as Readonly<Record<string, unknown>> | undefined;
  if (own !== undefined) return own["@value"] ?? own;
  for (const inner of Array.isArray(value) ? value : [node["@graph"], node.mainEntity]) {
    const found = ownIn(inner, depth + 1);
    if (found !== null) return found;
  }
  return null;
}
