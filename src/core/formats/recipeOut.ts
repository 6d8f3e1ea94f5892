import { SODIUM_SHARE_OF_SALT } from "../models/salt";
import type { KeptDish } from "../recipe/answer";
import { dishAsComment, OWN_PROPERTY } from "./dishInText";

/** A dish in words, as a recipe: made where the sentences are. */
export interface RecipeOut {
  readonly name: string;
  readonly servings: number;
  /** "160 g soy strips", part by part. */
  readonly ingredients: readonly { readonly part: string; readonly lines: readonly string[] }[];
  readonly steps: readonly { readonly part: string; readonly title: string; readonly text: string }[];
  readonly handsMin: number;
  readonly totalMin: number;
  readonly tools: readonly string[];
  readonly proteinG: number;
  /** Each, g; null when it is not known. */
  readonly saltG: number | null;
  readonly replaces: string | null;
  /** The dish itself, so that it comes back whole where it is read again. */
  readonly kept: KeptDish | null;
}

/**
 * Minutes as ISO 8601 duration, as schema.org wants its times.
 *
 *     isoDuration(95) // => "PT1H35M"
 *     isoDuration(2900) // => "P2DT20M"
 */
export function isoDuration(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const [days, hours, rest] = [Math.floor(whole / 1440), Math.floor((whole % 1440) / 60), whole % 60];
  const time = `${hours > 0 ? `${hours}H` : ""}${rest > 0 ? `${rest}M` : ""}`;
  if (days === 0 && time === "") return "PT0M";
  return `P${days > 0 ? `${days}D` : ""}${time === "" ? "" : `T${time}`}`;
}
const grams = (g: number): string => `${Math.round(g * 10) / 10} g`;

/** A schema.org `Recipe` as JSON-LD: yields, times in ISO 8601, steps in sections, tools, nutrition for one serving. */
export function writeRecipeJsonLd(recipe: RecipeOut): string {
  const sodiumMg = recipe.saltG === null ? null : Math.round(recipe.saltG * SODIUM_SHARE_OF_SALT * 1000);
  const parts = [...new Set(recipe.steps.map((s) => s.part))];
  return `${JSON.stringify(
    {
      "@context": recipe.kept === null ? "https://schema.org" : ["https://schema.org", { jadePan: "urn:jade-pan:" }],
      "@type": "Recipe",
      name: recipe.name,
      recipeYield: `${recipe.servings} ${recipe.servings === 1 ? "serving" : "servings"}`,
      prepTime: isoDuration(recipe.handsMin),
      totalTime: isoDuration(recipe.totalMin),
      recipeIngredient: recipe.ingredients.flatMap((i) => i.lines),
      recipeInstructions: parts.map((part) => ({
        "@type": "HowToSection",
        name: part,
        itemListElement: recipe.steps
          .filter((s) => s.part === part)
          .map((s) => ({ "@type": "HowToStep", name: s.title, text: s.text })),
      })),
      tool: recipe.tools.map((name) => ({ "@type": "HowToTool", name })),
      nutrition: {
        "@type": "NutritionInformation",
        servingSize: "1 serving",
        proteinContent: grams(recipe.proteinG),
        ...(sodiumMg === null ? {} : { sodiumContent: `${sodiumMg} mg` }),
      },
      ...(recipe.kept?.dish.origin === undefined ? {} : { isBasedOn: recipe.kept.dish.origin.from }),
      ...(recipe.kept === null ? {} : { [OWN_PROPERTY]: { "@type": "@json", "@value": recipe.kept } }),
    },
    null,
    2,
  )}\n`;
}

/** The same as Markdown, to be read, printed or pasted somewhere. */
export function writeRecipeMarkdown(recipe: RecipeOut): string {
  const plain = (text: string) => text.replace(/([\\`*_[\]<>#|])/g, "\\$1");
  const lines = [`# ${plain(recipe.name)}`, "", `Serves ${recipe.servings}`, ""];
  if (recipe.replaces !== null) lines.push(`Instead of ${plain(recipe.replaces)}.`, "");
  lines.push("## Ingredients", "");
  for (const { part, lines: list } of recipe.ingredients)
    lines.push(`### ${plain(part)}`, "", ...list.map((l) => `- ${plain(l)}`), "");
  lines.push("## Method", "");
  recipe.steps.forEach((s, i) => lines.push(`${i + 1}. **${plain(s.title)}.** ${plain(s.text)}`));
  lines.push("", "## Notes", "");
  lines.push(
    `Each eats ${grams(recipe.proteinG)} of protein${recipe.saltG === null ? "" : ` and ${grams(recipe.saltG)} of salt`}.`,
    "",
  );
  const origin = recipe.kept?.dish.origin;
  if (origin !== undefined) {
    lines.push(`From: ${plain(origin.from)}`, "");
    if (origin.changed.length > 0) lines.push("Changed:", "", ...origin.changed.map((c) => `- ${plain(c)}`), "");
  }
  if (recipe.kept !== null) lines.push(dishAsComment(recipe.kept), "");
  return lines.join("\n");
}
