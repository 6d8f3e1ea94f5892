import type { MeatForm, MeatKind } from "../dish/meat";

/** What an animal product does in a dish: what takes its place depends on that. */
export const ANIMAL_JOBS = [
  "stock",
  "gelatine",
  "egg",
  "butter",
  "fat",
  "milk",
  "cream",
  "yoghurt",
  "cheese-melt",
  "cheese-hard",
  "cheese-soft",
  "honey",
  "fish-sauce",
  "anchovy",
  "worcester",
  "oyster-sauce",
  "mayonnaise",
  "egg-pasta",
  "hidden",
] as const;
/** Everything of an animal but its meat. */
export type AnimalJob = (typeof ANIMAL_JOBS)[number];
/** A meat with its form and kind, or another product with its job. */
export type Animal =
  { readonly job: "meat"; readonly form: MeatForm; readonly kind: MeatKind } | { readonly job: AnimalJob };

/** Words of products that are no meat, each with its job; longer ones win over shorter ones inside them. Common practice. */
export const PRODUCTS: Readonly<Record<AnimalJob, string>> = {
  stock:
    "beef stock, chicken stock, lamb stock, ham stock, pork stock, turkey stock, veal stock, duck stock, game stock, fish stock, seafood stock, shellfish stock, meat stock, beef broth, chicken broth, fish broth, turkey broth, bone broth, meat broth, beef bouillon, chicken bouillon, fish bouillon, beef consomme, chicken consomme, beef stock cube, chicken stock cube, fish stock cube, lamb stock cube, ham stock cube, beef bouillon cube, chicken bouillon cube, chicken stock powder, beef stock powder, stock pot beef, dashi, bonito flake, fish fumet, demi-glace, demiglace, beef gravy, meat gravy, gravy granule, beef extract",
  gelatine: "gelatine, gelatin, leaf gelatine, sheet gelatin, jelly cube, aspic, isinglass, marshmallow",
  egg: "egg, egg white, egg yolk, yolk, quail egg, duck egg, beaten egg, egg wash, eggwash, albumen, egg powder, meringue",
  butter: "butter, unsalted butter, salted butter, clarified butter, browned butter, brown butter, garlic butter",
  fat: "lard, dripping, beef dripping, suet, beef suet, tallow, beef tallow, schmaltz, goose fat, duck fat, chicken fat, bacon fat, bacon grease, bacon dripping, pork fat, pork lard, lardo, ghee, beef fat, fatback, caul fat",
  milk: "milk, whole milk, skimmed milk, semi-skimmed milk, cow milk, goat milk, sheep milk, buttermilk, condensed milk, evaporated milk, milk powder, powdered milk, dried milk, half and half, half-and-half, whey, whey protein, malted milk, milk chocolate, white chocolate, caramel, dulce de leche, casein, kefir, ice cream",
  cream:
    "cream, double cream, single cream, heavy cream, whipping cream, heavy whipping cream, sour cream, soured cream, creme fraiche, clotted cream, light cream, thickened cream, smetana, crema",
  yoghurt:
    "yoghurt, yogurt, natural yoghurt, greek yoghurt, greek yogurt, plain yogurt, plain yoghurt, labneh, skyr, quark, curd, raita, tzatziki, fromage frais",
  "cheese-melt":
    "cheese, cheddar, cheddar cheese, mozzarella, gruyere, emmental, monterey jack, gouda, swiss cheese, american cheese, provolone, fontina, red leicester, colby, edam, raclette, cheese slice, processed cheese, brie, camembert, stilton, blue cheese, gorgonzola, roquefort, taleggio, comte, jarlsberg, wensleydale, lancashire cheese, scamorza, burrata, cheese sauce",
  "cheese-hard":
    "parmesan, parmesan cheese, parmigiano, parmigiano reggiano, pecorino, pecorino romano, grana padano, romano cheese, asiago, manchego, hard cheese",
  "cheese-soft":
    "feta, feta cheese, ricotta, cream cheese, mascarpone, cottage cheese, goat cheese, goats cheese, halloumi, paneer, queso fresco, soft cheese, cotija, bocconcini",
  honey: "honey, runny honey, clear honey, beeswax, royal jelly, bee pollen",
  "fish-sauce":
    "fish sauce, nam pla, nuoc mam, garum, shrimp paste, prawn paste, belacan, blachan, crab paste, xo sauce",
  anchovy: "anchovy, anchovy fillet, anchovy paste, anchovy essence",
  worcester:
    "worcestershire sauce, worcester sauce, worcestershire, worcestershire-type sauce, steak sauce, brown sauce",
  "oyster-sauce": "oyster sauce",
  mayonnaise:
    "mayonnaise, mayo, aioli, tartare sauce, tartar sauce, hollandaise, bearnaise, ranch dressing, ranch, caesar dressing, remoulade, thousand island dressing, salad cream, blue cheese dressing",
  "egg-pasta":
    "egg noodle, fresh pasta, egg pasta, fresh egg pasta, egg tagliatelle, fresh lasagne sheet, tortellini, ravioli, spaetzle, chow mein noodle",
  hidden:
    "pesto, brioche, brioche bun, brioche roll, naan, naan bread, challah, croissant, shortcrust pastry, pie crust, pie dough, pastry case, pancake, yorkshire pudding, biscuit dough, lemon curd, butterscotch, chicken seasoning, beef seasoning, custard, hot cross bun, cheesecake, milk bread, milk roll, bechamel, white sauce, alfredo sauce, vodka sauce, carbonara sauce, cream of chicken soup, cream of mushroom soup, onion soup mix, stuffing mix, gravy, au jus, prawn cracker, shrimp chip, nougat, lasagne sauce, meat sauce, ragu, buffalo sauce, cheese cracker, garlic bread, queso, furikake, carmine, cochineal, shellac",
};

/** Plant foods that are called after animals or after what comes of them. They are left alone, whatever stands in their names. */
export const SOUNDS_LIKE =
  "butter bean, butterbean, butternut, butternut squash, butter lettuce, butterhead, butterhead lettuce, peanut butter, almond butter, nut butter, cashew butter, apple butter, cocoa butter, shea butter, seed butter, sunflower butter, plant butter, cream of tartar, cream soda, coconut cream, creamed coconut, coconut butter, coconut milk, oat cream, soy cream, soya cream, cashew cream, oat milk, oat drink, soy milk, soya milk, almond milk, rice milk, nut milk, hemp milk, cashew milk, hazelnut milk, pea milk, coconut yoghurt, coconut yogurt, soy yoghurt, soya yoghurt, soy yogurt, milk thistle, oyster mushroom, king oyster mushroom, king oyster, oyster plant, oyster cracker, vegetarian oyster sauce, chicken of the woods, chicken of the wood, hen of the woods, beefsteak tomato, beef tomato, beefsteak plant, beefsteak mushroom, oxheart tomato, oxheart cabbage, ox tongue mushroom, lamb lettuce, lambs lettuce, lambs quarter, lamb quarter, hearts of palm, heart of palm, artichoke heart, celery heart, palm heart, lettuce heart, heart of romaine, romaine heart, crab apple, goose berry, gooseberry, goosefoot, horse radish, horseradish, horse bean, horse gram, kidney bean, red kidney bean, pigeon pea, cowpea, black-eyed pea, turtle bean, bird eye chilli, birdseye chilli, bird eye chili, monkey nut, tiger nut, lion mane, lion mane mushroom, elephant garlic, bear garlic, dragon fruit, honeydew, honeydew melon, honeynut squash, honeycrisp apple, honey mushroom, honey fungus, fish mint, bull blood, egg plant, eggplant, egg tomato, hamburger bun, burger bun, hot dog bun, hot dog roll, duck sauce, duck pancake, steak seasoning, steak spice, poultry seasoning, fish spice, fish masala, meat masala, chicken masala powder, steak tomato, goat pepper, goat horn pepper, cheese fruit, cheesecloth, cheese cloth, milk cap mushroom, mock duck, mock chicken, chickweed, chick pea, chickpea, cockscomb mushroom, hedgehog mushroom, lobster mushroom, crab seasoning, prawn seasoning, sausage fruit, sausage seasoning, turkey tail mushroom, buttercup squash, butter squash, butterfly pea, ladyfinger okra, lady finger okra, milkweed, milk vetch, cream cracker, cream sherry, ice cream wafer, egg fruit, egg replacer, egg substitute powder, fishless fillet, beefless mince";

const MADE_OF_PLANTS = /\b(?:vegan|plant[- ]based|mock|faux)\b/i;
const WITHOUT_MEAT =
  /\b(?:vegetarian|veggie|meat[- ]free|meatless|no[- ]chicken|no[- ]beef|beefless|chickenless|fishless|fish[- ]free)\b/i;
const WITHOUT_MILK_OR_EGG = /\b(?:dairy[- ]free|non[- ]dairy|milk[- ]free|egg[- ]free|eggless)\b/i;
/** Plants that milks, creams, butters and meat's forms are made of: only right before them, "oat milk" but not "coconut prawns". */
const RIGHT_BEFORE =
  /(?:^|\s)(?:soya?|soja|tofu|seitan|tempeh|jackfruit|pea|lentil|bean|mushroom|oat|rice|hemp|coconut|almond|cashew|hazelnut|nut)$/i;
const OF_MILK_OR_EGG: ReadonlySet<AnimalJob> = new Set([
  "egg",
  "butter",
  "milk",
  "cream",
  "yoghurt",
  "cheese-melt",
  "cheese-hard",
  "cheese-soft",
  "mayonnaise",
  "egg-pasta",
  "hidden",
]);
/**
 * Whether the words before a name make it one of plants; the label is still to be read. "Vegetarian" Parmesan is cheese all the
 * same, and coconut prawns are prawns.
 *
 * @param job null for a meat
 * @param before the words before the name
 * @param form the name says a form ("mince", "bacon"), not an animal
 */
export function isOfPlants(job: AnimalJob | null, before: string, form: boolean): boolean {
  if (MADE_OF_PLANTS.test(before)) return true;
  const ofMilk = job !== null && OF_MILK_OR_EGG.has(job);
  if ((ofMilk ? WITHOUT_MILK_OR_EGG : WITHOUT_MEAT).test(before)) return true;
  return (ofMilk || (job === null && form)) && RIGHT_BEFORE.test(before.trim());
}

const KINDS: Readonly<Record<MeatKind, string>> = {
  beef: "beef, steak, veal, ox, oxtail, brisket, sirloin, rump, chuck, ribeye, rib-eye, topside, silverside, venison, bison, elk, kangaroo, horse, burger, hamburger, beefburger, meatball, meatloaf, corned beef, pastrami, bresaola, biltong, jerky, tripe, tongue, mince, mincemeat beef, skirt steak, flank steak, short rib, shin, meat, salt beef, bison mince, rindfleisch, kalb",
  pork: "pork, bacon, pancetta, lardon, guanciale, prosciutto, ham, gammon, sausage, chorizo, salami, pepperoni, nduja, frankfurter, bratwurst, kielbasa, hot dog, hotdog, wiener, bockwurst, black pudding, blood sausage, white pudding, mortadella, speck, serrano, jamon, spare rib, sparerib, pork belly, pork loin, pork shoulder, pork butt, trotter, crackling, pork rind, cooked ham, parma ham, saucisson, andouille, boerewors, chipolata, merguez, sausagemeat, sausage meat, boar, wild boar, pate, liver sausage, liverwurst, rib rack, schweinefleisch, speckwürfel, schinken",
  poultry:
    "chicken, turkey, duck, goose, quail, pheasant, guinea fowl, partridge, pigeon, grouse, hen, poussin, cockerel, poultry, foie gras, chicken wing, drumstick, hähnchen, rabbit, ostrich, frog leg",
  lamb: "lamb, mutton, goat, hogget, kid, lammfleisch",
  "white-fish":
    "cod, haddock, hake, halibut, pollock, pollack, plaice, sole, sea bass, seabass, bass, bream, sea bream, tilapia, monkfish, snapper, catfish, coley, whiting, white fish, fish, fish fillet, basa, turbot, john dory, barramundi, grouper, mahi mahi, perch, pike, carp, skate, fish finger, fish stick, fish ball, fish cake, surimi, crab stick, stockfish, salt cod, bacalao, flounder, fish pie mix, roe, caviar, cod roe",
  "oily-fish":
    "salmon, trout, mackerel, tuna, sardine, herring, kipper, eel, swordfish, pilchard, whitebait, sprat, smoked salmon, lox, bonito, char, tinned fish, bluefish, rollmop",
  seafood:
    "prawn, king prawn, shrimp, crab, lobster, crayfish, crawfish, langoustine, scampi, mussel, clam, oyster, scallop, squid, calamari, octopus, cuttlefish, cockle, whelk, winkle, abalone, snail, escargot, seafood, seafood mix, shellfish, sea urchin, crabmeat, squid ink, jellyfish, sea cucumber",
};
/** Words that say the form, first match counts; what is done to it behind the comma is read last. */
const FORMS: readonly (readonly [RegExp, MeatForm])[] = [
  [/\b(?:bones|carcass(?:es)?|frames?|backs and necks|soup bones)\b/i, "stock-bones"],
  [/\b(?:mince|minced|ground|mincemeat|haché)\b/i, "mince"],
  [/\b(?:meat ?balls?|fish balls?)\b/i, "ball"],
  [/\b(?:burgers?|hamburgers?|beefburgers?|patt(?:y|ies)|fish ?cakes?)\b/i, "patty"],
  [/\b(?:meat ?loaf)\b/i, "loaf"],
  [
    /\b(?:sausages?|chorizo|bratwursts?|frankfurters?|wieners?|hot ?dogs?|kielbasa|chipolatas?|merguez|andouille|boerewors|black pudding|white pudding|bockwurst|sausage ?meat)\b/i,
    "sausage",
  ],
  [/\b(?:bacon|pancetta|lardons?|guanciale|prosciutto|speck|serrano|jamon|parma ham|rashers?)\b/i, "rasher"],
  [
    /\b(?:salami|pepperoni|mortadella|pastrami|corned beef|bresaola|ham|gammon|pate|smoked salmon|lox|saucisson|jerky|biltong|tongue|liverwurst|liver sausage|deli|cold cuts?)\b/i,
    "cold-slices",
  ],
  [/\b(?:pulled|shredded|rotisserie|leftover)\b/i, "pulled"],
  [/\b(?:skewers?|kebabs?|kabobs?|souvlaki|satay)\b/i, "skewer"],
  [/\b(?:fish fingers?|fish sticks?|battered|scampi)\b/i, "battered"],
  [/\b(?:chops?|cutlets?|schnitzels?|escalopes?|escallops?)\b/i, "cutlet"],
  [
    /\b(?:stewing|stew|braising|casserole|diced|cubed|cubes|chunks?|chuck(?! roast)|shin|short ribs?|cheeks?|thighs?|drumsticks?|wings?|ribs?|spare ?ribs?|oxtail|neck|goulash|curry pieces|pieces|belly)\b/i,
    "chunks",
  ],
  [/\b(?:livers?|kidneys?|hearts?|strips?|stir[- ]?fry|sliced|slices|shaved|doner|gyros|fajita|tripe)\b/i, "strips"],
  [
    /\b(?:joint|roast|roasting|leg|shoulder|whole|topside|silverside|rack|crown|brisket|spatchcock|butt|rolled)\b/i,
    "roast",
  ],
  [
    /\b(?:breasts?|fillets?|filets?|loins?|steaks?|tenderloins?|tenders?|medallions?|sirloin|rump|supremes?)\b/i,
    "fillet",
  ],
];
const USUAL_FORM: Readonly<Record<MeatKind, MeatForm>> = {
  beef: "chunks",
  pork: "chunks",
  poultry: "chunks",
  lamb: "chunks",
  "white-fish": "fillet",
  "oily-fish": "fillet",
  seafood: "bits",
};

const FORM_NAMES = new Set(
  "mince, steak, burger, hamburger, beefburger, meatball, meatloaf, meat, shin, rump, short rib, sausage, hot dog, hotdog, frankfurter, bacon, ham, pate, rib rack, trotter, crackling, drumstick, fish cake, jerky, tongue, tripe, sausage meat, sausagemeat, salami, gammon".split(
    ", ",
  ),
);
/** Names that say a form, of whatever animal: beside another one they do not say the kind. */
export const isFormName = (name: string): boolean => FORM_NAMES.has(name);

/** Names of meats with their kind. */
export const meatNames = (): (readonly [string, MeatKind])[] =>
  (Object.entries(KINDS) as [MeatKind, string][]).flatMap(([kind, names]) =>
    names.split(", ").map((name) => [name, kind] as const),
  );

/** The form in which a meat of this kind stands on a line, by its words and what is done to it. */
export function formOf(line: string, kind: MeatKind, tinned: boolean): MeatForm {
  if (kind === "seafood") return "bits";
  if (tinned) return "bits";
  const [name = "", ...rest] = line.split(",");
  const cut = rest.join(",");
  // "chicken breast, sliced": what it is cut to; "pork shoulder" in a stew is what the method makes of it.
  const named = FORMS.find(([words]) => words.test(name))?.[1];
  const done = FORMS.find(([words]) => words.test(cut))?.[1];
  if (kind === "white-fish" || kind === "oily-fish") {
    const shaped = named === "patty" || named === "ball" || named === "battered" || named === "cold-slices";
    return shaped ? named : "fillet";
  }
  const fromCut = done === "strips" || done === "chunks" || done === "mince" || done === "pulled" ? done : undefined;
  if (fromCut !== undefined && (named === undefined || named === "fillet" || named === "roast")) return fromCut;
  if (named === "roast" && kind === "pork" && /shoulder|butt/i.test(name)) return "chunks";
  return named ?? done ?? USUAL_FORM[kind];
}
