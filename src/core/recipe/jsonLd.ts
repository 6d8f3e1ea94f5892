import { readHtml } from "./html";
import type { RecipeText } from "./parts";

type Node = Readonly<Record<string, unknown>>;
const isNode = (value: unknown): value is Node => typeof value === "object" && value !== null && !Array.isArray(value);
/** How deep data may lie in other data. */
const DEEPEST = 12;

/** The first schema.org `Recipe` in JSON, or in the data of an HTML page; null when there is none. */
export function recipeInData(text: string): (RecipeText & { readonly data: Node }) | null {
  const blocks = /^\s*[[{]/.test(text) ? [text] : /<script/i.test(text) ? readHtml(text).data : [];
  for (const block of blocks) {
    const recipe = recipeNode(parsed(block), 0);
    if (recipe !== null) return { ...partsOfNode(recipe), data: recipe };
  }
  return null;
}
/** What a text of JSON says; null where it is none. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}
function recipeNode(value: unknown, depth: number): Node | null {
  if (depth > DEEPEST) return null;
  if (Array.isArray(value)) {
    for (const item of value) {
      const found = recipeNode(item, depth + 1);
      if (found !== null) return found;
    }
    return null;
  }
  if (!isNode(value)) return null;
  const types = [value["@type"]].flat();
  if (types.some((t) => typeof t === "string" && /(?:^|[/:])Recipe$/i.test(t))) return value;
  for (const nested of [value["@graph"], value.mainEntity, value.mainEntityOfPage, value.itemListElement]) {
    const found = recipeNode(nested, depth + 1);
    if (found !== null) return found;
  }
  return null;
}

function partsOfNode(node: Node): RecipeText {
  return {
    name: textsIn(node.name, 0)[0] ?? "",
    yields:
      [node.recipeYield]
        .flat()
        .map(String)
        .find((y) => /\d/.test(y)) ?? "",
    ingredients: textsIn(node.recipeIngredient ?? node.ingredients, 0),
    method: textsIn(node.recipeInstructions, 0),
    aside: [],
  };
}
/** Text of a step, of sections of steps, of plain strings, line by line. */
function textsIn(value: unknown, depth: number): string[] {
  if (depth > DEEPEST) return [];
  if (typeof value === "string")
    return readable(value)
      .split("\n")
      .map((l) => l.trim())
      .filter(Boolean);
  if (Array.isArray(value)) return value.flatMap((item) => textsIn(item, depth + 1));
  if (!isNode(value)) return [];
  if (value.itemListElement !== undefined) return textsIn(value.itemListElement, depth + 1);
  return textsIn(value.text ?? value.name ?? "", depth + 1);
}
const readable = (text: string): string => (/[<&]/.test(text) ? readHtml(text).text : text);
