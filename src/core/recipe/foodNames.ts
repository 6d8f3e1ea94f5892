import type { Food, FoodId } from "../foods/food";
import {
  type Animal,
  type AnimalJob,
  isFormName,
  isOfPlants,
  meatNames,
  PRODUCTS,
  SOUNDS_LIKE,
  formOf,
} from "./animals";

/** What words of a line name: a food of the table, an animal product, or a plant food that the table does not have. */
export type Named =
  | { readonly is: "food"; readonly food: FoodId; readonly sure: boolean }
  | { readonly is: "animal"; readonly animal: Animal; readonly sure: boolean }
  | { readonly is: "unknown" };
/** One name found on a line, with the words it was found in. */
export interface NameOnLine {
  readonly words: string;
  readonly named: Named;
}

/** Names in recipes that the food table does not carry. Common practice. */
const ALSO: Readonly<Record<FoodId, string>> = {
  "wheat-flour":
    "flour, plain flour, white flour, self-raising flour, all purpose flour, bread flour, wheat flour, ap flour",
  "black-pepper": "pepper, ground pepper, black pepper, peppercorn, black peppercorn, white pepper",
  "tomato-paste": "tomato paste, tomato puree, double concentrate tomato paste, tomato concentrate",
  "rapeseed-oil":
    "oil, vegetable oil, cooking oil, neutral oil, canola oil, rapeseed oil, frying oil, corn oil, groundnut oil",
  "olive-oil": "olive oil, extra virgin olive oil, evoo",
  pasta:
    "pasta, spaghetti, penne, macaroni, tagliatelle, linguine, fettuccine, rigatoni, fusilli, farfalle, lasagne, lasagne sheet, lasagna noodle, orzo, pasta shell, ziti, elbow macaroni",
  beer: "beer, stout, lager, ale, brown ale, pale ale",
  chilli:
    "chilli, chili, chile, red chilli, green chilli, jalapeno, serrano chile, red chili, thai chili, bird eye chilli",
  "red-pepper":
    "red pepper, bell pepper, capsicum, red bell pepper, sweet pepper, yellow pepper, orange pepper, green pepper, green bell pepper, romano pepper",
  stock: "stock, vegetable stock, vegetable broth, veg stock, broth, mushroom stock",
  "stock-powder":
    "stock cube, vegetable stock cube, vegetable bouillon, stock powder, vegetable stock powder, bouillon powder, bouillon cube",
  "button-mushrooms":
    "mushroom, button mushroom, chestnut mushroom, cremini mushroom, crimini mushroom, white mushroom, cremini, closed cup mushroom",
  parsley: "parsley, flat-leaf parsley, italian parsley, curly parsley",
  "rice-white":
    "rice, white rice, long grain rice, long-grain rice, basmati rice, jasmine rice, basmati, arborio rice, risotto rice, paella rice, sushi rice",
  "rice-cooked": "cooked rice, leftover rice, steamed rice, day-old rice",
  "corn-starch": "cornstarch, corn starch, cornflour, maize starch",
  salt: "salt, sea salt, kosher salt, flaky salt, table salt, fine salt, coarse salt",
  "wine-red": "red wine",
  "wine-white": "white wine, dry white wine, vermouth",
  "white-beans-dry": "cannellini bean, haricot bean, navy bean, great northern bean, white bean",
  "black-beans-dry": "black bean",
  "pinto-beans-dry": "pinto bean",
  "butter-beans-dry": "butter bean, butterbean, lima bean",
  "kidney-beans-dry": "kidney bean, red kidney bean",
  "borlotti-dry": "borlotti bean, borlotti",
  "chickpeas-dry": "chickpea, chick pea, garbanzo, garbanzo bean",
  "green-lentils": "lentil, puy lentil, green lentil",
  "red-lentils": "red lentil, split red lentil, masoor dal",
  tomato: "tomato, plum tomato, cherry tomato, vine tomato, beefsteak tomato, beef tomato, roma tomato, grape tomato",
  "tomatoes-tinned":
    "chopped tomato, diced tomato, crushed tomato, peeled tomato, tinned tomato, canned tomato, stewed tomato",
  passata: "passata, tomato passata, strained tomato, tomato sauce",
  potato:
    "potato, floury potato, waxy potato, new potato, baby potato, maris piper potato, yukon gold potato, russet potato, mashing potato",
  onion: "onion, yellow onion, brown onion, white onion, sweet onion, pearl onion",
  "red-onion": "red onion",
  "spring-onion": "spring onion, scallion, green onion, salad onion",
  "white-cabbage": "cabbage, white cabbage, green cabbage, savoy cabbage, pointed cabbage, napa cabbage",
  "green-beans": "green bean, french bean, fine bean, string bean, runner bean",
  fennel: "fennel, fennel bulb, bulb fennel",
  "soy-cream": "soy cream, soya cream",
  "oat-cream": "oat cream",
  "plant-butter":
    "vegan butter, plant butter, vegan margarine, margarine dairy-free, vegan spread, dairy-free butter, plant-based butter",
  "plant-cheese": "vegan cheese, plant cheese, dairy-free cheese, vegan cheddar, vegan mozzarella, vegan parmesan",
  "plant-mayonnaise": "vegan mayonnaise, vegan mayo, plant mayonnaise, egg-free mayonnaise",
  "soy-yoghurt": "soy yoghurt, soya yoghurt, soy yogurt, vegan yoghurt, vegan yogurt, dairy-free yoghurt",
  "oat-milk": "oat milk, oat drink, plant milk, vegan milk, plant-based milk, dairy-free milk",
  "soy-milk": "soy milk, soya milk",
  "almond-milk": "almond milk",
  "coconut-milk": "coconut milk, tinned coconut milk, coconut cream",
  ginger: "ginger, fresh ginger, root ginger, ginger root",
  thyme: "thyme, fresh thyme, thyme leaf, dried thyme",
  rosemary: "rosemary, dried rosemary",
  oregano: "oregano, dried oregano",
  cumin: "cumin, ground cumin, cumin seed",
  "coriander-seed": "ground coriander, coriander seed",
  "coriander-leaf": "coriander, fresh coriander, cilantro, coriander leaf",
  paprika: "paprika, sweet paprika, paprika powder, hungarian paprika",
  cayenne: "cayenne, cayenne pepper",
  "chilli-flakes":
    "chilli flake, chili flake, red pepper flake, crushed red pepper, chile flake, chilli powder, chili powder",
  caraway: "caraway, caraway seed",
  "mustard-smooth": "mustard, dijon, dijon mustard, english mustard, yellow mustard, american mustard",
  mustard: "wholegrain mustard, grainy mustard, whole grain mustard",
  "cider-vinegar": "cider vinegar, apple cider vinegar, vinegar",
  "wine-vinegar": "wine vinegar, red wine vinegar, white wine vinegar, sherry vinegar",
  "lemon-juice": "lemon juice, juice of lemon, lemon juiced",
  "lime-juice": "lime juice",
  sugar: "sugar, caster sugar, granulated sugar, white sugar, superfine sugar",
  "brown-sugar": "brown sugar, light brown sugar, dark brown sugar, soft brown sugar, muscovado",
  molasses: "molasses, treacle, black treacle",
  breadcrumbs: "breadcrumb, dried breadcrumb, dry breadcrumb, fresh breadcrumb, white breadcrumb, bread crumb",
  panko: "panko, panko breadcrumb",
  bread: "bread, white bread, sourdough, baguette, ciabatta, toast, crusty bread, sandwich bread",
  buns: "bun, burger bun, hamburger bun, hot dog bun, bread roll, roll",
  flatbread: "flatbread, pitta, pita, pita bread, flour tortilla, tortilla wrap, wrap",
  "tortilla-corn": "corn tortilla, taco shell",
  "rice-noodles": "rice noodle, rice vermicelli, vermicelli rice",
  "soy-sauce": "soy sauce, light soy sauce, soya sauce",
  "soy-sauce-less": "low sodium soy sauce, low-sodium soy sauce, reduced salt soy sauce",
  "dark-soy-sauce": "dark soy sauce",
  "hot-sauce": "hot sauce, sriracha, chilli sauce",
  "barbecue-sauce": "bbq sauce, barbecue sauce",
  "yeast-flakes": "nutritional yeast, yeast flake",
  "sesame-oil": "sesame oil, toasted sesame oil",
  sweetcorn: "sweetcorn, corn, corn kernel, frozen corn",
  peas: "pea, frozen pea, garden pea, petits pois, petit pois, green pea",
  "split-peas": "split pea, yellow split pea",
  "baking-soda": "baking soda, bicarbonate of soda, bicarb",
  garlic: "garlic, garlic clove",
  carrot: "carrot",
  celery: "celery, celery stick, celery stalk",
  leek: "leek",
  shallot: "shallot, banana shallot",
  courgette: "courgette, zucchini",
  aubergine: "aubergine, eggplant, egg plant",
  beetroot: "beetroot, beet",
  "squash-whole": "pumpkin, acorn squash, kabocha",
  butternut: "butternut squash, butternut, squash",
  cauliflower: "cauliflower",
  olives: "olive, green olive, black olive, kalamata olive",
  gherkins: "gherkin, pickle, dill pickle, cornichon",
  raisins: "raisin, sultana, currant",
  water: "water, cold water, hot water, boiling water, warm water",
  "tofu-firm": "tofu, firm tofu",
  "ground-flax": "ground flax, flax, flaxseed, flax seed, ground flaxseed, linseed, ground linseed, flax meal",
  ketchup: "ketchup, tomato ketchup, catsup",
  "maple-syrup": "maple syrup",
  "peanut-butter": "peanut butter",
  "hearts-of-palm": "hearts of palm, heart of palm, palm heart",
  "oyster-mushrooms": "oyster mushroom",
  "king-oyster": "king oyster mushroom, king oyster, king trumpet mushroom",
  "shiitake-dried": "dried shiitake, dried mushroom",
  shiitake: "shiitake, shiitake mushroom",
  "porcini-dried": "dried porcini, porcini",
  portobello: "portobello, portobello mushroom, flat mushroom, field mushroom",
  "kidney-beans-cooked": "cooked kidney bean",
  "wild-mushrooms": "wild mushroom, chanterelle",
  horseradish: "horseradish, grated horseradish",
  bay: "bay leaf, bay",
  spinach: "spinach, baby spinach, frozen spinach",
  kale: "kale, cavolo nero",
};
/** Sound like something else when they are dictated; the reading has to be looked at. */
const HOMOPHONES: Readonly<Record<string, string>> = {
  flower: "flour",
  flowers: "flour",
  leak: "leek",
  leaks: "leeks",
  time: "thyme",
  muscles: "mussels",
  stake: "steak",
  stakes: "steaks",
  beat: "beet",
  beats: "beets",
  currents: "currants",
  chilly: "chilli",
  peace: "peas",
  source: "sauce",
};

/** The same word in the singular, without accents. */
export function singular(word: string): string {
  const plain = word
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase()
    .replace(/['’]s?$/, "");
  if (/(?:ss|us|is|as)$/.test(plain) || plain.length < 4) return plain;
  if (/ves$/.test(plain) && !/(?:olives|chives|endives|cloves)$/.test(plain))
    return plain === "leaves" ? "leaf" : plain === "calves" || plain === "halves" ? `${plain.slice(0, -3)}f` : plain;
  if (/(?:ch|sh|ss|x|to)es$/.test(plain)) return plain.slice(0, -2);
  if (/ies$/.test(plain) && plain.length > 5) return plain === "cookies" ? "cookie" : `${plain.slice(0, -3)}y`;
  return plain.endsWith("s") ? plain.slice(0, -1) : plain;
}
const wordsOf = (text: string): string[] =>
  text
    .split(/[^\p{L}\p{N}'’-]+/u)
    .filter(Boolean)
    .map(singular);

/** Everything that can be named on a line. */
export interface Lexicon {
  /** Names on a line in the order in which they stand; one inside a longer one is not a name of its own. */
  readonly namesIn: (text: string) => readonly NameOnLine[];
}
type Entry = Named | { readonly is: "meat"; readonly kind: Parameters<typeof formOf>[1] };

/** The names of these foods, of meats and other animal products, and of what only sounds like them. */
export function lexiconOf(foods: readonly Food[]): Lexicon {
  const entries = new Map<string, Entry>();
  const put = (names: string, entry: Entry) => {
    for (const name of names.split(", ")) entries.set(wordsOf(name).join(" "), entry);
  };
  const known = new Set(foods.map((f) => f.id));
  const foodEntry = (food: FoodId): Entry => ({ is: "food", food, sure: true });
  put(SOUNDS_LIKE, { is: "unknown" });
  for (const f of foods) {
    if (f.group === "animal") continue;
    const [first = ""] = f.name.split(",");
    // The plain name of several foods ("Lentils, cooked", "Lentils, tinned") is that of the first, and asked by its state.
    const inside = /\(([^)]+)\)/.exec(first)?.[1] ?? first;
    const plain = first.replace(/\s*\(.*/, "");
    for (const name of [plain, plain.replace(/ in .*/, ""), inside, ...f.also.flatMap((a) => a.split(/[,(]/)[0] ?? [])])
      if (!entries.has(wordsOf(name).join(" ")) || entries.get(wordsOf(name).join(" "))?.is === "unknown")
        put(name.trim(), foodEntry(f.id));
  }
  for (const [food, names] of Object.entries(ALSO)) if (known.has(food)) put(names, foodEntry(food));
  for (const [job, names] of Object.entries(PRODUCTS) as [AnimalJob, string][])
    put(names, { is: "animal", animal: { job }, sure: job !== "hidden" });
  for (const [name, kind] of meatNames()) put(name, { is: "meat", kind });
  // The cook's own foods are called what the cook calls them.
  for (const f of foods) if (f.from.source === "the cook") put(f.name.replaceAll(",", ""), foodEntry(f.id));
  const longest = Math.max(...[...entries.keys()].map((k) => k.split(" ").length));
  return { namesIn: (text) => namesIn(text, entries, longest, known) };
}

function namesIn(
  text: string,
  entries: ReadonlyMap<string, Entry>,
  longest: number,
  known: ReadonlySet<FoodId>,
): NameOnLine[] {
  const joined = text.replace(/\b(meat|egg|dairy|milk|fish|plant)\s+(free|based)\b/gi, "$1-$2");
  const heard = joined.replace(/\p{L}+/gu, (w) => HOMOPHONES[w.toLowerCase()] ?? w);
  const doubted = heard !== joined;
  const words = wordsOf(heard);
  const found: NameOnLine[] = [];
  /** Behind the last name. */
  let end = 0;
  for (let i = 0; i < words.length; i++) {
    for (let length = Math.min(longest, words.length - i); length > 0; length--) {
      const phrase = words.slice(i, i + length).join(" ");
      const entry = entries.get(phrase);
      if (entry === undefined) continue;
      const named = resolved(entry, phrase, text, words.slice(0, i).join(" "), doubted, known);
      // "Tofu bacon" is no tofu: what it is made of is part of its name.
      if (named.is === "unknown" && entry.is !== "unknown" && end === i && found.at(-1)?.named.is === "food")
        found.pop();
      found.push({ words: phrase, named });
      end = i + length;
      i += length - 1;
      break;
    }
  }
  return found;
}

function resolved(
  entry: Entry,
  phrase: string,
  line: string,
  wordsBefore: string,
  doubted: boolean,
  known: ReadonlySet<FoodId>,
): Named {
  const tinned = /\b(?:tins?|cans?|tinned|canned|jars?)\b/i.test(line);
  if (entry.is === "unknown") return entry;
  if (entry.is === "food")
    return { ...entry, ...inState(entry.food, line, tinned, known), ...(doubted ? { sure: false } : {}) };
  // "vegan sausages", "soya mince": called after the animal, made of plants; the packet is asked like any other.
  const job = entry.is === "meat" || entry.animal.job === "meat" ? null : entry.animal.job;
  if (isOfPlants(job, wordsBefore, isFormName(phrase))) return { is: "unknown" };
  if (entry.is === "meat")
    return {
      is: "animal",
      animal: { job: "meat", kind: entry.kind, form: formOf(line, entry.kind, tinned && /fish/.test(entry.kind)) },
      sure: !doubted,
    };
  return doubted ? { ...entry, sure: false } : entry;
}
/** Dry, cooked or tinned: of a pulse it is said, or has to be looked at. */
function inState(
  food: FoodId,
  line: string,
  tinned: boolean,
  known: ReadonlySet<FoodId>,
): { food: FoodId; sure: boolean } {
  const base =
    food === "tomato"
      ? "tomatoes"
      : food === "green-lentils" && !/\bgreen|puy\b/i.test(line)
        ? "lentils"
        : food.replace(/-(?:dry|cooked|tinned)$/, "");
  const as = (state: string) => (known.has(`${base}-${state}`) ? `${base}-${state}` : null);
  if (tinned && as("tinned") !== null) return { food: as("tinned") as string, sure: true };
  if (/\b(?:cooked|ready[- ]cooked|leftover)\b/i.test(line) && as("cooked") !== null)
    return { food: as("cooked") as string, sure: true };
  if (/\bdrained\b/i.test(line) && as("tinned") !== null && base !== "tomatoes")
    return { food: as("tinned") as string, sure: false };
  const open = food.endsWith("-dry") && !/\b(?:dry|dried|soaked)\b/i.test(line);
  return { food, sure: !open };
}
