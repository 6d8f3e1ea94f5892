import type { FoodLookup } from "../../foods/food";
import { cutMm } from "../lines/cutMm";
import type { Settled } from "../lines/settle";
import type { RecipeRead } from "../recipe";
import type { Stock } from "../run/machine";
import { namesFrom } from "../run/calling";
import { ownId } from "./ownId";

/** "30 g butter for the mash". */
const sectionOf = (text: string): readonly string[] | null => {
  const of = /\bfor the ([a-z]+)\b/.exec(text)?.[1];
  return of === undefined ? null : namesFrom(of);
};
const GREENS = /^(?:spinach|kale|chard|cabbage|pak-choi|spring-greens|collard)/;
/** The words that a line is called by: as it stands there, by its animal, by its sort, by the food that goes in for it. */
function namesOf(
  line: Extract<RecipeRead["lines"][number], { kind: "ingredient" }>,
  { puts, instead }: Settled,
  into: readonly string[],
  hasBalls: boolean,
  foods: FoodLookup,
): readonly (readonly string[])[] {
  const isChoice = line.joined === "or" && line.foods.length > 1 && puts.length > 0;
  const there = [...puts, ...(instead?.others ?? [])];
  const taken = isChoice ? line.foods.filter((f) => there.some((p) => p.words === f.words)) : line.foods;
  const names = taken.flatMap(({ words, named }): string[][] => {
    const own = [namesFrom(words)].map((n) => [...n]);
    // What is made of passata is called tomato sauce.
    const made = named.is === "food" && named.food === "passata" ? [["tomato"]] : [];
    if (named.is === "food") {
      const sort =
        foods(named.food)?.group === "mushroom" ? [["mushroom"]] : GREENS.test(named.food) ? [["green"]] : [];
      return [...own, [...namesFrom(named.food.replaceAll("-", " "))], ...made, ...sort];
    }
    if (named.is !== "animal") return own;
    const { animal } = named;
    if (animal.job !== "meat") return [...own, [animal.job.startsWith("cheese") ? "cheese" : animal.job]];
    const ball = hasBalls && (animal.form === "ball" || animal.form === "mince") ? [["meatball"]] : [];
    return [...own, ...animal.kind.split("-").map((w) => [w]), ...ball, ["meat"]];
  });
  const crumbs = into.includes("breadcrumbs") || into.includes("panko") ? [["breadcrumb"]] : [];
  return [...names, ...crumbs].filter((n) => n.length > 0);
}

const GELS = /^(?:ground-flax|chia|husk|husk-powder|psyllium)/;
/** "Ground flax mixed with 3 tbsp water" is read as two lines: the water right behind a binder is that binder's. */
function waterOf({ lines }: RecipeRead, at: number, into: readonly string[]): number | null {
  const next = lines[at + 1];
  const isWater =
    next?.kind === "ingredient" &&
    next.foods.length === 1 &&
    next.foods[0]?.named.is === "food" &&
    next.foods[0].named.food === "water" &&
    /^[\d½¼¾]+\s*(?:tbsp|tablespoons?|ml|g)\b/i.test(next.text);
  return isWater && into.length > 0 && into.every((f) => GELS.test(f)) ? at + 1 : null;
}

/** What a line is called, and what goes in for it; lines that were left out are none. */
export function stockOf(
  recipe: RecipeRead,
  settled: readonly Settled[],
  meatAt: ReadonlyMap<number, number>,
  foods: FoodLookup,
): Stock[] {
  const hasBalls = recipe.method.some((m) => /meat ?ball/i.test(m.text));
  let section: readonly string[] = [];
  const sections = recipe.lines.map((l) => {
    if (l.kind === "heading")
      section = namesFrom(l.text.replace(/^(?:for|to) (?:the )?/i, "")).filter((w) => w !== "ingredient");
    return l.kind === "ingredient" && l.ofMethod === true ? [] : section;
  });
  return settled.flatMap((s): Stock[] => {
    const line = recipe.lines[s.line];
    if (s.state === "left-out" || line?.kind !== "ingredient") return [];
    const into = s.puts.map((p) => p.food ?? ownId(p.words));
    const text = line.text.toLowerCase();
    const under = sectionOf(text) ?? sections[s.line] ?? [];
    const grams = s.puts.map((p) => p.massG?.likely ?? null);
    const isKnown = grams.length > 0 && grams.every((g) => g !== null);
    return [
      {
        line: s.line,
        names: namesOf(line, s, into, hasBalls, foods),
        section: under,
        group: foods(into[0] ?? "")?.group ?? "other",
        foods: into,
        massG: isKnown ? grams.reduce((sum: number, g) => sum + (g ?? 0), 0) : null,
        cutMm: cutMm(text),
        toServe: /\bto (?:serve|garnish|finish)\b/.test(text) || /^(?:serve|finish|garnish)/.test(under.join(" ")),
        soaked: /\bsoaked\b/.test(text),
        soakedHot: /\bsoaked in (?:hot|boiling|just-boiled|warm)\b/.test(text),
        mixedWith: waterOf(recipe, s.line, into),
        byTaste: s.puts.some((p) => p.byTaste),
        meat: meatAt.get(s.line) ?? null,
      },
    ];
  });
}
