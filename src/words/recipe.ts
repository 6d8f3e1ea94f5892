import type { Heat } from "@/core/recipe/method/method";
import type { RecipeProblem } from "@/core/recipe/recipe";
import type { EggUse, ReplaceReason } from "@/core/recipe/lines/replace";
import type { LineAsk, Put, Settled } from "@/core/recipe/lines/settle";
import { writeMinutes, writeTemp } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import type { Part } from "@/core/dish/dish";
import type { Sentence } from "@/core/recipe/write/turn";
import { list } from "./count";
import { STEP_NAMES } from "./steps";
import { FORM_NAMES, KIND_NAMES } from "./swapNames";
import { amountInText, foodInText, type TextContext } from "./words";

type TooMuch = Extract<RecipeProblem, { kind: "too-much" }>;
const TOO_MUCH: Readonly<Record<TooMuch["of"], (found: number, most: number) => string>> = {
  lines: (found, most) =>
    `Recipe: it has ${found} lines; ${most} are read. Paste one recipe alone, without the page around it.`,
  words: (found, most) =>
    `Recipe: it has ${found} words; ${most} are read. Paste one recipe alone, without the page around it.`,
  meats: (found, most) =>
    `Recipe: it has ${found} lines with meat; ${most} are turned over at once. Paste one recipe at a time.`,
  line: (found, most) =>
    `Recipe: one line has ${found} characters and no end of a sentence; ${most} are read. Put each ingredient on a line of its own.`,
};
/** What is wrong with a text that is no recipe, and the way out. */
export function describeRecipeProblem(problem: RecipeProblem): string {
  switch (problem.kind) {
    case "empty":
      return "Recipe: nothing is in it yet. Paste the list of ingredients and the method.";
    case "too-long":
      return `Recipe: it is longer than ${problem.most.toLocaleString("en")} characters. Paste the recipe alone, without the page around it.`;
    case "too-much":
      return TOO_MUCH[problem.of](problem.found, problem.most);
    case "no-ingredients":
      return "Recipe: no ingredient was found. Put each on a line of its own, with its amount: “500 g beef mince”.";
  }
}

const REASONS: Readonly<Record<ReplaceReason, string>> = {
  stock: "vegetable stock for the savour; taste its salt",
  gelatine: "agar sets it, a third of the grams; it has to boil two minutes",
  "egg-binds": "the egg bound it: ground flax with water binds instead",
  "egg-brushed": "the egg made it shine: soy drink browns as well",
  "egg-sets": "the egg set it: silken tofu with chickpea flour sets in the oven",
  "egg-raises": "the egg raised it: the liquid of a chickpea tin whips",
  "egg-emulsion": "the egg held oil and water together: the liquid of a chickpea tin does too",
  "egg-itself": "the egg was eaten as egg: tofu, with sulphurous salt for the smell",
  butter: "plant butter, gram for gram",
  "butter-fried": "only fried in it: oil, a fifth less, since butter holds water",
  fat: "animal fat: oil",
  milk: "oat drink, measure for measure",
  buttermilk: "soy drink soured with vinegar, five minutes before",
  cream: "oat cream; it does not whip",
  "sour-cream": "soy yoghurt is sour as well; stir it in off the heat",
  yoghurt: "soy yoghurt",
  "cheese-melt": "plant cheese; less salt and protein",
  "cheese-hard": "yeast flakes and salt for the savour",
  "cheese-soft": "tofu crumbled with lemon and salt",
  honey: "maple syrup; bees made it",
  "fish-sauce": "soy sauce and salt: the same salt",
  anchovy: "capers and miso",
  worcester: "usually holds anchovy: soy sauce, malt vinegar and treacle",
  "oyster-sauce": "made of oysters: mushroom sauce",
  mayonnaise: "plant mayonnaise",
  "egg-pasta": "egg in the dough: dry wheat pasta; read its label",
  noodles: "egg in the dough: rice noodles",
  hidden: "often holds egg, milk or fish: read its label, or take one that says vegan",
};
/** Why something takes the place of an animal product. */
export const describeReason = (reason: ReplaceReason): string => REASONS[reason];

/** What an egg is for, to choose from. */
export const EGG_USE_NAMES: Readonly<Record<EggUse, string>> = {
  binds: "binds",
  brushed: "is brushed on",
  raises: "raises, whipped",
  sets: "it sets a filling in the oven",
  emulsion: "holds oil and water together",
  itself: "is eaten as egg",
};

/** "14 g ground flax and 80 g water", "about 2 g black pepper". */
export function describePuts(puts: readonly Put[], context: TextContext): string {
  const said = puts.map(({ food, words, massG, byTaste }) => {
    const name = food === null ? words : foodInText(context.foods, food);
    if (massG === null) return name;
    if (byTaste) return `${name}, to taste`;
    return `${amountInText(context, food ?? "", massG.likely)} ${name}`;
  });
  return list(said);
}

/** What becomes of a line. */
export function describeSettled(settled: Settled, covered: boolean, context: TextContext): string {
  if (settled.state === "left-out" || settled.instead?.out === true) return "left out";
  const meats = settled.meats.map((m) => `${KIND_NAMES[m.kind]}, ${FORM_NAMES[m.form]}`).join(" and ");
  if (covered) return "not needed: the route brings its own";
  const puts = describePuts(settled.puts, context);
  return meats === "" ? puts : `${meats}: a route takes its place${puts === "" ? "" : `; ${puts}`}`;
}

/** What has to be looked at. */
export function describeAsk(ask: LineAsk): string {
  switch (ask.kind) {
    case "amount":
      return "How much of it?";
    case "two-amounts":
      return `${ask.first} or ${ask.second}? They differ.`;
    case "unknown-food":
      return `“${ask.words}” is not known here: every allergen of it is asked. Choose what it is, or keep it by its name.`;
    case "words":
      return `“${ask.words.join(" ")}” is not known here. Is it the same food all the same?`;
    case "look":
      return "Is this what is meant?";
    case "alternatives":
      return "Which of them? The other stays a choice on the Bench.";
    case "optional":
      return ask.out
        ? "The recipe says it may be left out: it is left out for now. Take it in here, or with one press on the Bench."
        : "The recipe says it may be left out: it is in for now. Leave it out here, or with one press on the Bench.";
    case "egg-use":
      return "What does the egg do here?";
    case "label":
      return "Its label has to be read; until then nobody's check passes it.";
  }
}

/** A heat of the method that means two things. */
export const describeHeat = (heat: Heat, units: UnitSystem): string =>
  heat.tempC !== null
    ? `${heat.from}: ${writeTemp(heat.tempC, units)}`
    : heat.why === "which-unit"
      ? `“${heat.from}”: °C or °F is not said. The oven step takes 190 °C until you set it on the Bench.`
      : `“${heat.from}” contradicts itself. Set the oven step on the Bench.`;

/** What became of a sentence of the method: its steps in the Bench's words, or why it is none. */
export function describeSentence(sentence: Sentence | undefined, parts: readonly Part[]): string {
  if (sentence === undefined) return "";
  switch (sentence.told) {
    case "steps": {
      const said = parts.flatMap((part) => {
        const kinds = part.steps.filter((s) => sentence.steps.includes(s.id)).map((s) => STEP_NAMES[s.kind]);
        return kinds.length === 0 ? [] : [`${part.name}: ${kinds.join(", ").toLowerCase()}`];
      });
      const { shortened } = sentence;
      const less =
        shortened === undefined
          ? []
          : [`the meat needed ${writeMinutes(shortened.saidMin)}, this needs ${writeMinutes(shortened.takenMin)}`];
      return said.length + less.length === 0 ? "Goes into a step further on." : [...said, ...less].join(" · ");
    }
    case "with-meat":
      return "Goes with the meat: the route does it.";
    case "note":
      return "Stands as a note on the step before it.";
    case "no-cooking":
      return "No cooking step.";
    case "open":
      return "In no step yet.";
  }
}

/** Lines of the list that no sentence names. */
export const describeUnplaced = (lines: readonly string[]): string =>
  lines.length === 1
    ? `No sentence says where this goes: ${lines.join("")}. On the Bench it lies in a part of its own.`
    : `No sentence says where these go: ${lines.join(" · ")}. On the Bench they lie in a part of their own.`;
