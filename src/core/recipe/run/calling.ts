import { singular } from "../lines/lexicon";

/** A line of the list as the method may call it. */
export interface Callable {
  readonly line: number;
  /** Its name's words in the singular, the last one its head. */
  readonly names: readonly (readonly string[])[];
  /** The words of the heading that it stands under. */
  readonly section: readonly string[];
  readonly group: string;
}
const isVegetable = (c: Callable): boolean =>
  !c.names.some((n) => n.includes("tinned")) &&
  (c.group === "vegetable" ||
    c.names.some((n) => !n.includes("split") && /^(?:pea|carrot|sweetcorn)$/.test(n.at(-1) ?? "")));
/** Seasonings that nobody calls a spice. */
const FROM_JARS = new Set(
  "gherkin pickle caper olive kimchi sauerkraut ketchup mayonnaise chutney relish jam jelly syrup sugar treacle honey yeast miso stock cube saffron-water extract".split(
    " ",
  ),
);
/** Classes that a method speaks of as one. */
export const CLASSES: Readonly<Record<string, (c: Callable) => boolean>> = {
  vegetable: isVegetable,
  veg: isVegetable,
  spice: (c) =>
    c.group === "seasoning" &&
    !c.names.some((n) => n.includes("leaf")) &&
    !c.names.some((n) =>
      n.some((w) =>
        ["salt", "sauce", "juice", "vinegar", "lemon", "lime", "paste", "mustard", "zest", "garlic", "ginger"].includes(
          w,
        ),
      ),
    ) &&
    !c.names.some((n) => n.some((w) => FROM_JARS.has(w))),
  seasoning: (c) => c.group === "seasoning",
  aromatic: (c) => c.names.some((n) => ["onion", "garlic", "ginger", "shallot"].includes(n.at(-1) ?? "")),
  fat: (c) => c.group === "fat" && !c.names.some((n) => n.includes("oil")),
  salad: (c) => c.names.some((n) => SALAD.has(n.at(-1) ?? "")),
  herb: (c) => c.names.some((n) => HERBS.has(n.at(-1) ?? "")),
};
const SALAD = new Set("lettuce tomato cucumber rocket radish cress watercress slaw gherkin".split(" "));
/** Whether a text names what this class or this line is. */
export const isNamedIn = (c: Callable, text: string): boolean => {
  const words = new Set(text.split(/[^\p{L}'-]+/u).map(plain));
  return c.names.some((n) => words.has(n.at(-1) ?? "")) || (words.has("salad") && CLASSES.salad?.(c) === true);
};
const HERBS = new Set("parsley coriander mint dill basil thyme rosemary sage chive tarragon oregano bay".split(" "));
/** All that is left, or all under a heading. */
export const EVERYTHING =
  /\b(?:everything|all (?:of )?the (?:[a-z]+ ){1,2}ingredients|all (?:of )?(?:the |it |them )?(?:ingredients|rest|remaining)|the rest of the ingredients|remaining ingredients|the remaining (?:sauce |dough |marinade )?ingredients|the lot)\b/;
/** Of a name these say only how it is sold or cut: without them it is called in full. */
export const NEUTRAL = new Set(
  "plain all-purpose fresh dried large small medium chopped ground fine whole raw hot cold big good quality unsalted salted extra virgin frozen ripe".split(
    " ",
  ),
);
/** Of a name these alone call nothing. */
export const VAGUE = new Set(
  "fresh dried large small little medium ground plain dry raw ripe whole fine white red green black brown sweet hot cold boneless skinless smoked tinned canned and the with for piece cut thick thin unsalted salted low sodium extra virgin frozen baby long grain natural double single powder of or in self-raising all-purpose ready-rolled new big young soft chopped good quality textured vegan plant vegetable spring dark light sheet clove strong leftover cooked firm toasted clear fat mixed stick stalk head bunch sprig leaf juice zest unsweetened rolled sauce paste powder".split(
    " ",
  ),
);
const ALIKE: Readonly<Record<string, string>> = {
  broth: "stock",
  puree: "paste",
  granulated: "sugar",
  passata: "passata",
  cornflour: "cornflour",
  flaxseed: "flax",
  linseed: "flax",
  prawn: "prawn",
  crumb: "breadcrumb",
  chip: "potato",
  minced: "mince",
  loaf: "loaf",
  mayo: "mayonnaise",
  spud: "potato",
  soya: "soy",
  aubergine: "aubergine",
  eggplant: "aubergine",
  topping: "top",
  corn: "sweetcorn",
  paprikas: "paprika",
  minces: "mince",
  chillie: "chilli",
  chilly: "chilli",
  yogurt: "yoghurt",
};
/** A word in the singular, one of several words for the same. */
export const plain = (w: string): string => {
  const s = singular(w);
  return ALIKE[s] ?? s;
};

/** The words by which a line is called, from how its food stands on it. */
export const namesFrom = (words: string): readonly string[] =>
  words
    .replace(/\b(?:of|in|with|for)\b.*$/i, "")
    .split(/[^\p{L}'-]+/u)
    .filter((w) => w.length > 1 && !/^(?:and|the|for|to|or)$/i.test(w))
    .map(plain);

/** Last words of names that say a kind of thing, not the thing. */
export const KIND_HEADS = new Set(
  "stock broth sauce paste oil vinegar milk cream powder juice flour butter sugar mustard cube".split(" "),
);
/** What a method calls what it has in hand, whatever is in it. */
export const IN_HAND = new Set(
  "filling mixture mix sauce stew soup curry ragu stuffing paste dough chili chilli gravy casserole pie broth".split(
    " ",
  ),
);
/** Heads that call something by themselves where nothing else is called so. */
export const ONLY_ONE = new Set(["paste", "powder", "zest", "juice", "sheet"]);
/** What a method calls what simmers. */
export const SIMMERS =
  /^(?:tagine|dal|dhal|gumbo|goulash|chowder|ragout|bolognese|stroganoff|hotpot|soup|sauce|stew|curry|ragu|gravy|broth|casserole|chili|chilli)$/;
