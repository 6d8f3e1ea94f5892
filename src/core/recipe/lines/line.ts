import type { Amount } from "../../quantities/amount";
import type { SpoonSystem } from "../../quantities/units";
import { unexplainedOn } from "./accounted";
import { isFormName } from "./animals";
import type { Lexicon, Named, NameOnLine } from "./lexicon";
import { plainText, withoutBullet } from "../plainText";
import { readAmountOnLine } from "./readAmount";

/** A food as a line names it. */
export interface FoodOnLine {
  readonly words: string;
  readonly named: Named;
}
/** A line of a recipe's list, as far as it could be read. */
export type LineRead =
  | { readonly kind: "heading"; readonly text: string }
  | { readonly kind: "note"; readonly text: string }
  | {
      readonly kind: "ingredient";
      /** As it was given. */
      readonly text: string;
      /** Null when none is given; a question when it contradicts itself. */
      readonly amount: Amount | null;
      readonly toTaste: boolean;
      readonly optional: boolean;
      /** The list has it not: a sentence of the method names it. */
      readonly ofMethod?: true;
      readonly foods: readonly FoodOnLine[];
      /** Whether the foods are alternatives of each other, or all go in. */
      readonly joined: "and" | "or";
      readonly preparation: string;
      /** Words that nobody has explained: they open the line. */
      readonly open: readonly string[];
    };

/** How long a name may be that no number stands beside: beyond it is prose. */
const PROSE_WORDS = 7;

/**
 * Reads one line of an ingredient list. What is not known stays as words: a food of its own that no allergen check passes.
 */
export function readLine(given: string, lexicon: Lexicon, spoons: SpoonSystem): LineRead | null {
  const text = withoutBullet(plainText(given).replace(/\n/g, " ")).replace(/\s+/g, " ").trim();

  if (!/[\p{L}]/u.test(text)) return null;
  const bare = text.replace(/\*$/, "");
  if (isHeading(bare)) return { kind: "heading", text: bare.replace(/[:#\s]+$/, "").replace(/^#+\s*/, "") };
  const four = /^for (eggs?|cloves|carrots|onions|potatoes|tomatoes|sausages)\b/i.exec(bare);
  // "hazelnuts (or walnuts)" are two to choose from; what a tin holds drained says no other food.
  const asChoice = bare
    .replace(/^optional(?:ly)?\s*:?\s+/i, "")
    .replace(/\s*\((or [\p{L} -]{3,40})\)/iu, (whole, other: string) =>
      lexicon.namesIn(other).some((n) => n.named.is === "food") ? ` ${other}` : whole,
    )
    .replace(
      /\s+for the (?:pork|chicken|beef|lamb|fish|turkey|meat|mash|batter|sauce|dough|top|topping|marinade|tofu|tempeh|gravy|paste|dressing|slaw|glaze|filling|dip|salad|spice paste|base|crust|pastry)$/i,
      "",
    )
    .replace(/(?<=\S\s.*)\s+for the [\p{L}]+$/iu, "")
    .replace(/\s+for (?:\d+|two|three|four|five|six|eight)(?: people)?(?=\s*\()/i, "")
    .replace(/,?\s+soaked (?:in|for|over)\b[^,;]*/i, ", soaked")
    .replace(/\s+for it$/i, "")
    .replace(/,?\s*\((?:\d+\s*g )drained(?: each| weight)?\)/i, "");
  const { amount: read, toTaste, words: said } = readAmountOnLine(asChoice, spoons);
  // "3 peppers" are the vegetable: nobody counts the spice.
  const isCounted = read?.kind === "count" && read.of === "piece";
  const words = isCounted ? said.replace(/^(?=peppers?\b(?!corn))/i, "bell ") : said;
  const amount: Amount | null = four ? { kind: "question", asks: { kind: "no-number" } } : read;
  const optional = /\boptional\b|\bif you like\b/i.test(bare);
  const { food, preparation } = parted(words);
  // "2 tins tomatoes" are not the fresh ones.
  const whole = /\b(?:tins?|cans?)\b/i.test(bare) ? null : lexicon.wholeName(words);
  const named: readonly FoodOnLine[] =
    whole === null
      ? foodsIn(food, preparation, bare, lexicon)
      : [{ words, named: { is: "food", food: whole, sure: true } }];
  // What is neither counted nor known stays as it was written.
  const foods =
    amount === null && named.every((f) => f.named.is === "unknown")
      ? [{ words: bare, named: { is: "unknown" as const } }]
      : named;
  if (amount === null && foods.every((f) => f.named.is === "unknown") && food.split(" ").length >= PROSE_WORDS)
    return { kind: "note", text };
  const joined = /\bor\b/i.test(food) && foods.length > 1 ? "or" : "and";
  // "Rotwein (red wine)": the words of one that was named in brackets are its own.
  const isOwn = (f: FoodOnLine) => f.named.is === "unknown" || lexicon.namesIn(f.words).length === 0;
  const unknown = foods.flatMap((f) => (isOwn(f) ? f.words : []));
  const open = unexplainedOn(
    words,
    foods.map((f) => f.named),
    unknown,
    lexicon,
  );
  const each = foods.map((f, i) => (open.doubtful.includes(i) ? otherFood(f, tidy(food)) : f));
  const looked = open.besideAnimal
    ? [...each, otherFood({ words: tidy(food), named: { is: "unknown" } }, tidy(food))]
    : each;
  return { kind: "ingredient", text, amount, toTaste, optional, foods: looked, joined, preparation, open: open.words };
}

/** Another food stands in the same name: nobody knows it, so every allergen of it is asked. */
const otherFood = (food: FoodOnLine, whole: string): FoodOnLine => ({
  words: whole === "" ? food.words : whole,
  named: { is: "unknown" },
});

const isHeading = (text: string): boolean =>
  /^#+\s/.test(text) ||
  (/:\s*$/.test(text) && !/^\d/.test(text)) ||
  (/^(?:for the|to serve|to garnish|to finish|for serving)\b/i.test(text) &&
    !/\d/.test(text) &&
    text.split(" ").length < 6) ||
  (/^[\p{Lu}\s&]+$/u.test(text) && text.length > 3 && !/\b[A-Z] [A-Z] \b/.test(text));

/** The food's words and what is done to it: behind a comma, a dash, in brackets. */
function parted(words: string): { food: string; preparation: string } {
  const plain = words.replace(/^\s*(?:of\s+)?(?:the\s+)?/i, "").replace(/\boptional\b/gi, "");
  const brackets = [...plain.matchAll(/\(([^)]*)\)/g)].map((m) => (m[1] ?? "").trim()).filter((b) => /\p{L}/u.test(b));
  const open = plain
    .replace(/\([^)]*\)?/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  const at = open.search(/\s*(?:,|;|\s–\s|\s—\s|\s-\s)/);
  // "onion, carrot": both are foods; the list stays whole where nothing is done behind the comma.
  const food = at < 0 ? open : open.slice(0, at);
  const rest = at < 0 ? "" : open.slice(at).replace(/^[\s,;–—-]+/, "");
  return { food: food.trim(), preparation: [rest, ...brackets].filter(Boolean).join(", ") };
}

/** A short name in brackets behind another one. */
const GLOSS = /\((?!for|to|see|or|about|from|like|such|with|optional)[^)]{2,25}\)/i;
/** Words that a name is not made of: they only say what it is kept in or for. */
const BEHIND = /\s(?:in|with|for|from|without|plus extra|to serve|to taste)\s.*$/i;

/** Words that only say how something is, or what is done to it. */
const SAYS_HOW =
  /(?:ed|ly|ing|less)$|^(?:the |its |their |all )|\b(?:fresh|ripe|juicy|large|small|dry|soft|fine|firm|crisp|thin|thick|whole|tender|hot|cold|cut|skin|skins|bones?|stalks?|leaves|seeds?|more|extra|rind|pips|ends|tops|tails|half|halves|quarters)$/i;

/** "Or a vegetarian alternative" names no food. */
const ANOTHER =
  /^(?:an? |other |any |your )?(?:(?:vegan|vegetarian|veggie|dairy-free|plant-based|similar|another|other)[ -]?)*(?:alternative|equivalent|substitute|version)s?$/i;
function foodsIn(food: string, preparation: string, line: string, lexicon: Lexicon): FoodOnLine[] {
  // "1 lemon, juiced" is its juice.
  const juiced = /^(lemon|lime)s?$/i.exec(food.trim());
  const head = juiced && /\bjuice/i.test(preparation) ? `${juiced[1] as string} juice` : food.replace(BEHIND, "");
  // Several foods on one line all stay: "salt and pepper", "dripping or lard", "1 each: onion, carrot".
  const each = /\beach\b/i.test(line) ? `${food}, ${preparation}` : head;
  const pieces = each
    .split(/\s*(?:\band\b|\bor\b|&|\+|\/|(?<=\S),)\s+/i)
    .filter((p) => /\p{L}/u.test(p) && !ANOTHER.test(p));
  // "Chilli and soy paste" is one name.
  const isOne = lexicon
    .namesIn(each)
    .some((n) => pieces.every((p) => !lexicon.namesIn(p).some((m) => m.words === n.words)));
  if (pieces.length > 1 && !isOne) {
    // "Ground cumin and coriander": both are ground.
    const state = /^(?:ground|dried|fresh|smoked|frozen|tinned|toasted)\b/i.exec(each)?.[0] ?? "";
    const read = pieces.map((piece, i) => {
      const alone = headOf(lexicon.namesIn(piece));
      const shared = i > 0 && state !== "" ? headOf(lexicon.namesIn(`${state} ${piece}`)) : null;
      const name = shared !== null && (alone === null || shared.length > alone.length) ? shared : alone;
      return { words: piece.trim(), named: name?.named ?? null };
    });
    // "lettuce and tomato": what nobody knows beside what is known is a food too; "peeled and chopped" is none.
    const foods = read.filter((r) => r.named !== null || !SAYS_HOW.test(r.words));
    if (foods.length > 1 && foods.some((r) => r.named !== null))
      return foods.map(({ words, named }) => ({ words, named: named ?? { is: "unknown" } }));
  }
  const names = lexicon.namesIn(withUnit(head, line, preparation));
  const name = headOf(names.filter((n) => lexicon.namesIn(head).some((h) => h.words === n.words)));
  // An animal product anywhere on the line is never dropped for a plant that stands behind it.
  const animals = lexicon
    .namesIn(head)
    .filter((n) => n.named.is === "animal" && n !== name && n.words !== name?.words)
    .filter((n) => name?.named.is !== "animal" || !sameAnimal(n.named, name.named));
  const words = tidy(head);
  if (name === null) {
    // "Rotwein (red wine)": what stands in brackets says what it is.
    const all = lexicon.namesIn(`${food}, ${preparation}`);
    const inside = headOf(all.filter((n) => n.named.is === "animal" || GLOSS.test(line)));
    return [{ words, named: inside?.named ?? { is: "unknown" } }];
  }
  return [{ words, named: name.named }, ...animals.map((n) => ({ words: n.words, named: n.named }))];
}
const sameAnimal = (a: Named, b: Named): boolean =>
  a.is === "animal" &&
  b.is === "animal" &&
  (a.animal.job === b.animal.job || a.animal.job === "meat" || b.animal.job === "meat");
/** The container and what is done to it help to tell dry from tinned, and a fillet from strips. */
const withUnit = (head: string, line: string, preparation: string): string => {
  const packed = /\b(?:tins?|cans?|jars?)\b/i.exec(line)?.[0];
  return `${head}${packed && !head.includes(packed) ? ` ${packed}` : ""}, ${preparation}`;
};
const tokens = ({ words }: NameOnLine): number => words.split(" ").length;
/** English names its foods last: of "butternut squash soup mix" the last one counts; the longest wins over one inside it. */
const headOf = (names: readonly NameOnLine[]): NameOnLine | null => {
  const animals = names.filter((n) => n.named.is === "animal");
  // "lamb mince", "beef sausages", "turkey bacon": the animal is named first, its form behind it.
  const animal = animals.filter((n) => !isFormName(n.words)).at(-1) ?? animals.at(-1);
  if (animal !== undefined) return animal;
  const foods = names.filter((n) => n.named.is === "food");
  return (foods.length > 0 ? foods : names).reduce<NameOnLine | null>(
    (best, n) => (best === null || tokens(n) >= tokens(best) ? n : best),
    null,
  );
};
const tidy = (words: string): string =>
  words
    .replace(
      /^(?:(?:fresh|freshly|ripe|large|small|medium|whole|good-quality|organic|extra|finely|roughly|coarsely|thinly|chopped|sliced|diced|grated|ground|crushed|dried|raw)\s+)+(?=\S)/i,
      (m) => (/ground|dried|raw|whole/i.test(m) ? m : ""),
    )
    .trim();
