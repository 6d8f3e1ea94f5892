import type { MeatForm, MeatKind } from "../../dish/meat";
import names from "./animals.json";

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
export const PRODUCTS: Readonly<Record<AnimalJob, readonly string[]>> = names.products;

/** Plant foods that are called after animals or after what comes of them. They are left alone, whatever stands in their names. */
export const SOUNDS_LIKE: readonly string[] = names.soundsLike;

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

const FORM_NAMES: ReadonlySet<string> = new Set(names.formNames);
/** Names that say a form, of whatever animal: beside another one they do not say the kind. */
export const isFormName = (name: string): boolean => FORM_NAMES.has(name);

/** Names of meats with their kind. */
export const meatNames = (): (readonly [string, MeatKind])[] =>
  (Object.entries(names.meats) as [MeatKind, string[]][]).flatMap(([kind, of]) =>
    of.map((name) => [name, kind] as const),
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
