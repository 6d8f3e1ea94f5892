import type { Nearness } from "@/core/bite/rank";
import { BITE, type BiteAttribute } from "@/core/bite/shifts";
import type { Bite, Setting } from "@/core/bite/targets";
import type { AtHand } from "@/core/dish/dish";
import type { Allergen } from "@/core/foods/allergens";
import type { ProteinWay } from "@/core/swap/brings";
import type { MeatForm, MeatKind } from "@/core/dish/meat";
import type { UnitSystem } from "@/core/quantities/units";
import { writeMass } from "@/core/quantities/write";

/** Words of the question; what is said of the answers stands in `swap`, which is fetched with them. */
export const FORM_NAMES: Readonly<Record<MeatForm, string>> = {
  mince: "mince",
  strips: "strips",
  chunks: "chunks",
  pulled: "pulled",
  fillet: "fillet",
  battered: "battered fillet",
  rasher: "rashers",
  ball: "balls",
  sausage: "sausages",
  patty: "patties",
  loaf: "loaf",
  roast: "roast",
  cutlet: "cutlet",
  skewer: "skewers",
  bits: "bits in a sauce",
  "cold-slices": "cold slices",
  "stock-bones": "bones for stock",
};
export const KIND_NAMES: Readonly<Record<MeatKind, string>> = {
  beef: "beef",
  pork: "pork",
  poultry: "poultry",
  lamb: "lamb",
  "white-fish": "white fish",
  "oily-fish": "oily fish",
  seafood: "seafood",
};
/** The kind that a form usually is of, and where it usually goes (common practice). */
export const USUAL: Readonly<Record<MeatForm, readonly [MeatKind, Setting]>> = {
  mince: ["beef", "sauce"],
  strips: ["beef", "sauce"],
  chunks: ["beef", "sauce"],
  pulled: ["pork", "sauce"],
  fillet: ["white-fish", "dry"],
  battered: ["white-fish", "dry"],
  rasher: ["pork", "dry"],
  ball: ["beef", "sauce"],
  sausage: ["pork", "dry"],
  patty: ["beef", "dry"],
  loaf: ["beef", "dry"],
  roast: ["beef", "dry"],
  cutlet: ["pork", "dry"],
  skewer: ["poultry", "dry"],
  bits: ["poultry", "sauce"],
  "cold-slices": ["pork", "dry"],
  "stock-bones": ["poultry", "dry"],
};
export const PROTEIN_NAMES: Readonly<Record<ProteinWay, string>> = {
  plate: "as it comes",
  more: "more of it",
  side: "beans beside it",
  sauce: "beans in the sauce",
};
export const LIES_NAMES: Readonly<Record<AtHand["state"], string>> = {
  there: "there",
  frozen: "frozen",
  thawed: "frozen and thawed",
  soaked: "soaked",
  cooked: "cooked",
};
export const SETTING_NAMES: Readonly<Record<Setting, string>> = {
  dry: "dry and crisp",
  glazed: "glazed",
  sauce: "in a sauce",
  crust: "under a crust",
};
export const NEARNESS_NAMES: Readonly<Record<Nearness, string>> = {
  close: "very near",
  similar: "similar",
  stretch: "a stretch",
  different: "different",
};
export const BITE_NAMES: Readonly<Record<BiteAttribute, string>> = {
  firm: "firm",
  spring: "spring",
  chew: "chew",
  strands: "strands",
  flakes: "flakes",
  juice: "juice",
  crisp: "crisp",
  hold: "hold",
};

/** The rule in words, for those who do not see it. */
export const describeBite = (bite: Bite, target: Bite): string =>
  BITE.map((a) => `${BITE_NAMES[a]} ${round(bite[a])}, the meat ${round(target[a])}`).join("; ");
const round = (n: number): string => String(Math.round(n * 10) / 10);

/** What is leaving, in words for the dish: "500 g beef strips". */
export const describeMeat = (rawG: number, kind: MeatKind, form: MeatForm, units: UnitSystem): string =>
  form === "fillet" || form === "battered"
    ? `${writeMass(rawG, units)} ${KIND_NAMES[kind]}`
    : `${writeMass(rawG, units)} ${KIND_NAMES[kind]} ${FORM_NAMES[form]}`;

/** What the cook has said of the meat and the table. */
export interface SaidOfMeat {
  readonly form: MeatForm | null;
  readonly kind: MeatKind;
  /** Of the meat, raw or cooked as said, for all who eat. */
  readonly massG: number;
  readonly weighed: "raw" | "cooked";
  readonly setting: Setting;
  readonly honestOnly: boolean;
  readonly protein: ProteinWay;
  readonly bringsFat: boolean;
  /** What of the routes' foods lies ready, and how. */
  readonly atHand: readonly AtHand[];
  /** Most hands-on minutes, or it does not matter. */
  readonly mostHandsMin: number | null;
  /** What somebody at the table must not eat; null until it was asked, empty when nobody. */
  readonly avoids: readonly Allergen[] | null;
}
/** The same with what else moves routes: dinner, who eats, whose ratings count. */
export interface AskedOf extends SaidOfMeat {
  readonly serveAt: string | null;
  readonly eaters: readonly string[];
  readonly ratings: object;
}
/** What was asked otherwise, in words; null where it is another meat, so that nothing moved, or nothing changed. */
export function describeAskedOtherwise(before: AskedOf, after: AskedOf): string | null {
  const differs = (...keys: (keyof AskedOf)[]) =>
    keys.some((key) => JSON.stringify(before[key]) !== JSON.stringify(after[key]));
  if (differs("form", "kind")) return null;
  const found = [
    differs("setting") ? `it comes ${SETTING_NAMES[after.setting]} now` : "",
    differs("avoids", "eaters") ? "others eat now" : "",
    differs("serveAt") ? "dinner is at another time" : "",
    differs("mostHandsMin") ? "other minutes of handwork" : "",
    differs("honestOnly") ? (after.honestOnly ? "honest vegetables only" : "not only honest vegetables") : "",
    differs("atHand") ? "other things lie ready" : "",
    differs("protein", "bringsFat") ? "what it brings of protein and fat" : "",
    differs("massG", "weighed") ? "another amount" : "",
    before.ratings === after.ratings ? "" : "other ratings count",
  ].filter(Boolean);
  return found.length === 0 ? null : found.join(", ");
}
