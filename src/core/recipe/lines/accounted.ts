import { isFormName } from "./animals";
import { type Lexicon, type Named, type NameOnLine, singular } from "./lexicon";
import { isUnitWord } from "./readAmount";

/**
 * Every word of an ingredient line is accounted for: it belongs to the name of a food that was taken, to an amount, or to the
 * words below, which change nothing about what the food is. Any other word opens the line. English puts the kind of thing last
 * ("almond flour"), so the last noun never wins over a word before it that nobody has explained.
 */

/** Size, cut, quality, place and time, one word each in the singular; common practice of cook books. A word of state or claim is none. */
const CHANGES_NOTHING: ReadonlySet<string> = new Set(
  (
    "a about according additional all also an and another any approx approximately around as at available before best both but by " +
    "ca can't choice d'inde desired each either enough etc extra few first for from generous good handful have heaped heaping if in " +
    "inch into is it its just keep kept leftover less level like little lot more most need needed note of off on one only optional or other our " +
    "part per plenty plus possible prefer preferably preference quality quantity quite rather required rest roughly same scant see several " +
    "side size sized so some something sort still such taste than that the their them then these they thing this to together too total under until up use used " +
    "using usual very want well what when which while with without you your " +
    "bite-sized big bigger cm coarse coarsely diagonally even evenly fat fine finely half halved halves heavy-duty huge large larger lengthway " +
    "lengthwise lengthways long medium medium-large medium-sized mm narrow paper-thin piece portion quarter quartered round short small smaller square thick thickly thin thinly " +
    "thumb thumb-sized tiny wide small-medium thick-cut thin-cut walnut-sized half-moon " +
    "baton bit block bunch chop chopped chunk chunkily chunky coin crosswise crumbled crushed cube cubed cut dice diced grate grated grating julienned " +
    "lightly matchstick mash mashed mince minced pounded pressed ribbon ring rough scored segment shaved shaving shred shredded slice sliced slit slither sliver " +
    "snipped split spiral stick strip tear torn trim trimmed trimming wedge zested pulled picked plucked rubbed bruised smashed separated sieved sifted strained " +
    "bone bone-in boned boneless core cored deboned destemmed deseeded de-seeded de-veined deveined end fat-trimmed hull hulled husked pip pitted pod podded removed rind rinsed " +
    "discarded reserved scrubbed seed-removed skin skinless skinned skin-on shelled shell-on stalk stalk-removed stem stemmed stone stoned stringed stripped tail topped top tailed trimmed unpeeled washed peeled " +
    "peel-on drained drain patted dry dry-patted squeezed soaked thawed defrosted refreshed wiped warmed melted softened whisked beaten whipped room temperature chilled chill cold " +
    "cool cooled ice-cold room-temperature lukewarm tepid warm " +
    "fresh freshly ripe unripe raw new old young baby mature tender firm crisp juicy plump lean free-range organic fairtrade local seasonal homemade shop-bought store-bought bought ready-made " +
    "broken snapped toasted floury waxy flatten flattened torn premium favourite favorite nice proper authentic traditional standard regular normal ordinary plain simple everyday supermarket butcher's butcher farmhouse rustic " +
    "serve serving garnish garnishing drizzle drizzling dust dusting sprinkle sprinkling scatter scattering brush brushing grease greasing fry frying deep-frying shallow-frying pan-frying " +
    "coat coating roll rolling cook cooking boil simmer simmering baking bake roast-tin stir-frying stir-fry stewing braising roasting-pan finish finishing top topping decorate dip dipping sauté sauteing sautéing " +
    "bowl dish jug pan pot tin-foil foil tray board plate time minute min hour hr second overnight day today advance beforehand later end night " +
    "person people serving eater guest adult kid family weight gross net measured packed loosely tightly firmly flat level rounded unit amount " +
    "crown floret spear stalk head leg-on heart leave leaf sprig bulb rib root tip trimmed joint rack fillet loin breast thigh shoulder leg neck wing drumstick belly rump cheek shank haunch carcass tenderloin medallion " +
    "it's don't not no never yes maybe e.g eg i.e ie aka x & tsp tbsp lg med sm crust spray unflavored unflavoured jarred"
  ).split(" "),
);
/** Names of a kind of thing: a word beside one says of what it is, and makes it another food with allergens of its own. */
const KINDS: ReadonlySet<string> = new Set(
  (
    "flour oil butter milk cream sauce paste powder salt vinegar drink bread crumb breadcrumb noodle pasta spaghetti macaroni penne " +
    "sugar syrup cheese yoghurt yogurt stock broth mayonnaise mustard pepper seed nut starch flake spread sausage mince burger " +
    "juice jam chutney pesto pickle relish salsa dressing mix seasoning spice curry soup cake biscuit cracker crisp chip granule cube bouillon " +
    "bean pea lentil sprout wrapper wrap tortilla bun roll pastry wine beer spirit liqueur chocolate cereal protein strip chunk slice fillet"
  ).split(" "),
);
/** Said of a pulse, a grain or tomatoes: the reading of the line has listened to it. */
const STATE_HEARD = /(?:-dry|-cooked|-tinned)$|^tomatoes-|^(?:green|brown|red|black)-lentils$|^pasta|noodles$/;
const STATES: ReadonlySet<string> = new Set([
  "dry",
  "dried",
  "tinned",
  "canned",
  "cooked",
  "ready-cooked",
  "jarred",
  "cartoned",
]);
/** Spices that are sold ground as well as whole, with the same weight in a spoon or nearly so. */
const isGroundSpice = (group: string | null, food: string): boolean =>
  group === "seasoning" && !/chilli|cayenne/.test(food);
/** Heat of what is poured: hot stock is stock. */
const POURED: ReadonlySet<string> = new Set(["liquid", "fat"]);
const HEAT: ReadonlySet<string> = new Set(["hot", "boiling", "boiled", "just-boiled", "freshly-boiled", "simmering"]);
const PACKED_IN = /\bin (?:oil|brine|water)\b/i;
const WITH_SOMETHING_ELSE = /\bto serve with\b.*$|\bserved with\b.*$/i;

/** What of a line nobody has explained. */
export interface Unexplained {
  /** Words that open the line, as they are written, in their order. */
  readonly words: readonly string[];
  /** Places in the list of taken foods that are not what they seem: another food stands in the same name. */
  readonly doubtful: readonly number[];
  /** The name of a food stands beside a product of an animal ("honey mustard"), which alone would be replaced. */
  readonly besideAnimal: boolean;
}

/**
 * @param text the line without its amount
 * @param taken what was read on it
 */
export function unexplainedOn(
  text: string,
  taken: readonly Named[],
  own: readonly string[],
  lexicon: Lexicon,
): Unexplained {
  const whole = text.replace(WITH_SOMETHING_ELSE, " ");
  const read = taken.some((t) => t.is === "animal") ? whole.replace(PACKED_IN, " ") : whole;
  const tokens = lexicon.wordsIn(read);
  const covered = tokens.map(() => false);
  const names = lexicon.namesIn(read);
  /** Where the name of each taken food stands. */
  const places = taken.map(() => [] as number[]);
  // "Beef chuck" is one meat by its animal and its cut: a second animal, a second cut, a second thing that hides one are others.
  const one = new Map<string, string>();
  for (const name of names) {
    const of = taken.findIndex((t) => isSame(t, name));
    if (of < 0) continue;
    const slot = taken[of]?.is === "animal" ? slotOf(name) : null;
    if (slot !== null) {
      const before = one.get(slot);
      if (before !== undefined && before !== name.words) continue;
      one.set(slot, name.words);
    }
    for (let i = 0; i < name.length; i++) {
      covered[name.at + i] = true;
      places[of]?.push(name.at + i);
    }
  }
  const ownWords = new Set(own.flatMap((words) => lexicon.wordsIn(words)));
  const groups = taken.map((t) => (t.is === "food" ? lexicon.groupOf(t.food) : null));
  const open = tokens.flatMap((token, at) => {
    if (covered[at] || ownWords.has(token) || isPlain(token, tokens[at - 1], lexicon)) return [];
    return isHeard(token, taken, groups, lexicon) ? [] : [at];
  });
  const doubtful = new Set<number>();
  let besideAnimal = false;
  for (const at of open) {
    const token = tokens[at] as string;
    const nearest = nearestTo(at, places);
    const of = nearest === null ? undefined : taken[nearest];
    // A meat leaves with all that is on it, and what hides an animal product is asked as a whole.
    if (of?.is === "animal" && of.animal.job !== "meat" && of.animal.job !== "hidden" && namesSomething(token, lexicon))
      besideAnimal = true;
    if (nearest === null || of?.is !== "food") continue;
    const beside = places[nearest] ?? [];
    const isBeside = beside.some((p) => Math.abs(p - at) === 1);
    // "Flour" by itself says nothing but its kind; "soy sauce" has said of what it is.
    const ofAKind = beside.length === 1 && KINDS.has(tokens[beside[0] as number] as string);
    if (namesSomething(token, lexicon) || (isBeside && (ofAKind || KINDS.has(token)))) doubtful.add(nearest);
  }
  return { words: open.map((at) => asWritten(tokens[at] as string, read)), doubtful: [...doubtful], besideAnimal };
}

/** A word of the line as the recipe writes it, for whoever is asked. */
const asWritten = (token: string, text: string): string =>
  text.split(/[^\p{L}\p{N}'’-]+/u).find((word) => singular(word) === token) ?? token;

/** Whether a piece of a line says only how something is, or what is done to it: no food by itself. */
export const saysOnlyHow = (piece: string, lexicon: Lexicon): boolean =>
  lexicon.wordsIn(piece).every((token) => isPlain(token, undefined, lexicon) || /(?:ed|ly|ing)$/.test(token));

/** Changes nothing, and is no name by itself: "egg" is counted like a unit, and a food all the same; "half-and-half" is milk. */
function isPlain(token: string, before: string | undefined, lexicon: Lexicon): boolean {
  if (lexicon.isName(token) && !isFormName(token))
    return isUnitWord(token) && token !== "egg" && /^\d/.test(before ?? "");
  return (
    /^[\d-]/.test(token) ||
    token.length < 2 ||
    CHANGES_NOTHING.has(token) ||
    // "2 cloves": a unit where a number stands before it; "cloves" by themselves are a spice.
    (isUnitWord(token) && (token !== "clove" || /^\d/.test(before ?? "") || before === "garlic")) ||
    (token.includes("-") &&
      token.split("-").every((part) => part === "" || part === "style" || isPlain(part, undefined, lexicon)))
  );
}

/** Words of state that the reading of these foods goes by, or that change nothing of them. */
const isHeard = (
  token: string,
  taken: readonly Named[],
  groups: readonly (string | null)[],
  lexicon: Lexicon,
): boolean =>
  taken.some(
    (t, i) =>
      (t.is === "food" &&
        (lexicon.nameOf(t.food).has(token) ||
          (STATES.has(token) && STATE_HEARD.test(t.food)) ||
          (token === "ground" && isGroundSpice(groups[i] ?? null, t.food)) ||
          (HEAT.has(token) && (POURED.has(groups[i] ?? "") || t.food === "stock")) ||
          (token === "mushroom" && groups[i] === "mushroom") ||
          // "1 tin plum tomatoes": the sort of them.
          (t.food === "tomatoes-tinned" && /^(?:plum|cherry)$/.test(token)) ||
          (groups[i] === "nut" && token === "roasted") ||
          ((groups[i] === "mushroom" || t.food === "red-pepper") && token === "mixed") ||
          (/^(?:lemon|lime)-juice$/.test(t.food) && /^(?:lemon|lime|juice|juiced)$/.test(token)))) ||
      (t.is === "animal" &&
        (OF_ANIMAL.test(token) || (t.animal.job === "meat" && (isFormName(token) || OF_MEAT.test(token))))),
  );
/** What is said of meat that a route takes the place of: all of it leaves with the meat. */
const OF_MEAT =
  /^(?:skirt|flank|bavette|onglet|featherblade|oxtail|rolled|ground|grass-fed|corn-fed|streaky|back|unsmoked|cured)$/;
/** What is said of anything that comes of an animal and is replaced by something else: its state and strength go with it. */
const OF_ANIMAL =
  /^(?:smoked|frozen|cooked|roast|roasted|dried|stewing|braising|frying|hot|salted|unsalted|low-sodium|reduced-salt|low-salt|strong|mild|instant|powdered|hard-boiled|soft-boiled|condensed|full-fat|low-fat|semi-skimmed|whole|greek-style|thick|set|dark|white|red|tinned|canned|cooking)$/;

/** Whether a word changes nothing about what a food is, of plants or of an animal. */
export const changesNothing = (word: string, lexicon: Lexicon): boolean =>
  isPlain(word, undefined, lexicon) || OF_ANIMAL.test(word) || OF_MEAT.test(word);

/** Whether a word, or a part of one ("anchovy-stuffed"), is the name of a food or of what comes of an animal. */
const namesSomething = (token: string, lexicon: Lexicon): boolean =>
  [token, ...token.split("-")].some((part) => part.length > 2 && lexicon.namesIn(part).length > 0) ||
  ALLERGEN_WORDS.has(token);
const ALLERGEN_WORDS: ReadonlySet<string> = new Set(
  (
    "almond hazelnut walnut cashew pecan pistachio brazil macadamia nut peanut groundnut soy soya lupin sesame tahini gluten wheat rye barley oat " +
    "spelt kamut semolina celery celeriac mustard sulphite sulfite egg milk dairy lactose whey casein fish anchovy shellfish crustacean mollusc prawn shrimp " +
    "crab oyster squid honey gluten-free wheat-free nut-free dairy-free"
  ).split(" "),
);

function isSame(taken: Named, name: NameOnLine): boolean {
  const { named } = name;
  if (taken.is === "food") return named.is === "food" && kindOf(named.food) === kindOf(taken.food);
  if (taken.is === "unknown") return named.is === "unknown";
  if (named.is !== "animal") return false;
  if (taken.animal.job !== "meat" || named.animal.job !== "meat") return taken.animal.job === named.animal.job;
  return taken.animal.kind === named.animal.kind || isFormName(name.words);
}
/** Cuts that are called by no animal: each goes with one. */
const CUTS: ReadonlySet<string> = new Set(
  "brisket sirloin chuck ribeye rib-eye topside silverside gammon lardon pancetta prosciutto loin belly chop".split(
    " ",
  ),
);
/** What of a line there is one of: the animal, its cut, its form, the thing that hides an animal product; null for the others. */
function slotOf({ named, words }: NameOnLine): string | null {
  if (named.is !== "animal" || words === "meat") return null;
  if (isFormName(words)) return "form";
  if (named.animal.job === "meat") return CUTS.has(words) ? "cut" : "animal";
  return named.animal.job === "hidden" ? "hidden" : null;
}
/** Dry, cooked and tinned are one food by its name; the line says which. */
const kindOf = (food: string): string => food.replace(/-(?:dry|cooked|tinned)$/, "");
function nearestTo(at: number, places: readonly (readonly number[])[]): number | null {
  let best: number | null = null;
  let least = Infinity;
  places.forEach((of, i) => {
    for (const p of of)
      if (Math.abs(p - at) < least) {
        least = Math.abs(p - at);
        best = i;
      }
  });
  return best;
}
