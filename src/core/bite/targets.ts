import type { MeatForm, MeatKind } from "../dish/meat";
import { BITE, type BiteAttribute } from "./shifts";

/** The eight attributes, 0 to 10 each. */
export type Bite = Readonly<Record<BiteAttribute, number>>;
/** Attributes in the order of `BITE`: of a bite, or of the weights that they have in it. */
export type Eight = readonly [number, number, number, number, number, number, number, number];
/** Eight figures as a bite, in the order of `BITE`. */
export const biteOf = (eight: Eight): Bite =>
  Object.fromEntries(BITE.map((attribute, i) => [attribute, eight[i]])) as unknown as Bite;

/** What a bite is held against: the meat that left, attribute by attribute, and how much each of them counts. */
export interface Target {
  readonly id: TargetId;
  readonly bite: Bite;
  readonly weights: Bite;
}
interface TargetRow {
  readonly bite: Eight;
  readonly weights: Eight;
}

/**
 * Targets by form, and by kind where kinds differ. Expert estimates of one author (models card 13 as corrected in
 * `checks/bite-forms.csv`); oily fish, seafood and fresh sausage are this house's own, of low confidence.
 */
const ROWS = {
  pulled: { bite: [4, 3, 5, 9, 2, 8, 1, 4], weights: [1, 0.5, 1.5, 3, 0.5, 2, 0.5, 1] },
  mince: { bite: [5, 4, 5, 2, 0, 6, 3, 3], weights: [2, 1, 2, 1, 0.5, 1.5, 1, 1] },
  patty: { bite: [5, 4, 5, 2, 1, 7, 4, 7], weights: [2, 1, 1.5, 0.5, 0.5, 2, 1, 2] },
  "poultry-strips": { bite: [6, 5, 6, 7, 2, 7, 4, 7], weights: [1.5, 1, 2, 2, 0.5, 1.5, 1, 1] },
  "red-strips": { bite: [6, 5, 8, 8, 1, 6, 4, 7], weights: [1.5, 1, 2.5, 2.5, 0.5, 1.5, 1, 1] },
  rasher: { bite: [5, 1, 5, 3, 1, 3, 9, 5], weights: [1, 0.5, 1.5, 0.5, 0.5, 1, 3, 1] },
  "white-fish": { bite: [3, 2, 2, 3, 9, 8, 1, 3], weights: [1.5, 0.5, 1, 1, 3, 2, 0.5, 1] },
  "oily-fish": { bite: [4, 2, 3, 3, 7, 9, 2, 4], weights: [1.5, 0.5, 1, 1, 2.5, 2, 0.5, 1] },
  seafood: { bite: [6, 7, 5, 2, 1, 7, 2, 8], weights: [1.5, 2.5, 1.5, 0.5, 0.5, 2, 0.5, 1.5] },
  "battered-fish": { bite: [3, 2, 2, 3, 8, 8, 8, 5], weights: [1, 0.5, 1, 1, 2.5, 2, 2.5, 1] },
  ball: { bite: [5, 5, 4, 2, 0, 7, 3, 8], weights: [1.5, 1, 1, 0.5, 0.5, 1.5, 0.5, 3] },
  "smoked-sausage": { bite: [6, 8, 4, 1, 0, 7, 3, 9], weights: [1.5, 3, 1, 0.5, 0.5, 1.5, 0.5, 2] },
  "fresh-sausage": { bite: [5, 5, 5, 2, 0, 8, 4, 8], weights: [1.5, 1.5, 1.5, 0.5, 0.5, 2, 1, 2] },
  loaf: { bite: [5, 3, 3, 2, 1, 7, 2, 8], weights: [1.5, 0.5, 1, 0.5, 0.5, 1.5, 0.5, 3] },
  roast: { bite: [7, 4, 7, 6, 1, 6, 2, 8], weights: [2, 1, 2, 1.5, 0.5, 1.5, 0.5, 2] },
  chunks: { bite: [5, 3, 5, 6, 2, 8, 1, 5], weights: [1.5, 1, 1.5, 1.5, 0.5, 1.5, 1, 1.5] },
  "cold-slices": { bite: [6, 4, 4, 3, 1, 6, 0, 8], weights: [1.5, 1, 1.5, 1, 0.5, 1.5, 1, 1.5] },
  cutlet: { bite: [5, 4, 5, 5, 2, 6, 8, 7], weights: [1.5, 1, 1.5, 1.5, 0.5, 1.5, 1.5, 1.5] },
  skewer: { bite: [6, 6, 6, 6, 1, 6, 5, 8], weights: [1.5, 1, 1.5, 1.5, 0.5, 1.5, 1, 1.5] },
  bits: { bite: [4, 3, 4, 3, 1, 7, 1, 4], weights: [1.5, 1, 1.5, 1.5, 0.5, 1.5, 1, 1.5] },
} as const satisfies Record<string, TargetRow>;
/** A row of the table. */
export type TargetId = keyof typeof ROWS;
/** All rows, for whoever checks them. */
export const TARGET_IDS = Object.keys(ROWS) as readonly TargetId[];

/** The row of a form where kinds do not differ, or the one that stands for kinds without a row of their own. */
const BY_FORM: Readonly<Record<Exclude<MeatForm, "stock-bones">, TargetId>> = {
  mince: "mince",
  strips: "red-strips",
  chunks: "chunks",
  pulled: "pulled",
  fillet: "white-fish",
  battered: "battered-fish",
  rasher: "rasher",
  ball: "ball",
  sausage: "fresh-sausage",
  patty: "patty",
  loaf: "loaf",
  roast: "roast",
  cutlet: "cutlet",
  skewer: "skewer",
  bits: "bits",
  "cold-slices": "cold-slices",
};
const BY_KIND: Readonly<Partial<Record<`${MeatForm} ${MeatKind}`, TargetId>>> = {
  "strips poultry": "poultry-strips",
  "strips beef": "red-strips",
  "strips lamb": "red-strips",
  "strips pork": "red-strips",
  "fillet white-fish": "white-fish",
  "fillet oily-fish": "oily-fish",
  "fillet seafood": "seafood",
  "fillet poultry": "poultry-strips",
  "battered white-fish": "battered-fish",
  "skewer seafood": "seafood",
  "bits seafood": "seafood",
  "chunks seafood": "seafood",
  "chunks oily-fish": "oily-fish",
  "chunks white-fish": "white-fish",
  "sausage pork": "fresh-sausage",
};
/** Kinds that a form's own row was written for; any other takes it as the nearest, and says so. */
const WRITTEN_FOR: Readonly<Partial<Record<MeatForm, readonly MeatKind[]>>> = {
  mince: ["beef", "pork", "lamb"],
  patty: ["beef", "lamb"],
  pulled: ["pork", "beef"],
  rasher: ["pork"],
  ball: ["beef", "pork", "lamb"],
  loaf: ["beef", "pork"],
  roast: ["beef", "lamb", "pork"],
  chunks: ["beef", "lamb", "pork"],
  "cold-slices": ["pork", "poultry", "beef"],
  cutlet: ["pork", "poultry"],
  skewer: ["beef", "lamb", "pork", "poultry"],
  bits: ["beef", "pork", "poultry"],
};

/** A target, and whether it is that of a near kind because this one has none. */
export interface Aim extends Target {
  readonly nearest: boolean;
}

/** What the meat was to bite on; null for bones, which have none. */
export function targetOf(form: MeatForm, kind: MeatKind): Aim | null {
  if (form === "stock-bones") return null;
  const own = BY_KIND[`${form} ${kind}`];
  const id = own ?? BY_FORM[form];
  const nearest = own === undefined && !(WRITTEN_FOR[form]?.includes(kind) ?? false);
  return { id, ...target(id), nearest };
}
/** A row as a target. */
export const target = (id: TargetId): Pick<Target, "bite" | "weights"> => ({
  bite: biteOf(ROWS[id].bite),
  weights: biteOf(ROWS[id].weights),
});

/** How the dish brings it to the table. */
export const SETTINGS = ["dry", "glazed", "sauce", "crust"] as const;
/** Dry and crisp, glazed, in a sauce, or baked under a crust. */
export type Setting = (typeof SETTINGS)[number];

/**
 * What the setting asks of a bite: in a sauce nobody expects crisp and juice gains; a glaze adds a sweet crust; under a crust
 * pieces have to hold (this house's estimates).
 */
export function inSetting(aim: Aim, setting: Setting): Aim {
  const { bite, weights } = aim;
  switch (setting) {
    case "dry":
      return aim;
    case "sauce":
      return { ...aim, weights: { ...weights, crisp: 0, juice: weights.juice + 0.5 } };
    case "glazed":
      return { ...aim, bite: { ...bite, crisp: Math.min(10, bite.crisp + 1) } };
    case "crust":
      return { ...aim, weights: { ...weights, crisp: 0, hold: weights.hold + 0.5 } };
  }
}
