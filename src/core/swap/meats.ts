import type { MeatForm, MeatKind } from "../dish/meat";
import type { Setting } from "../bite/targets";
import { SODIUM_SHARE_OF_SALT } from "../models/salt";
import type { Range } from "../quantities/range";
import type { Bulk } from "./routes";

/** Meat raw and cooked, per 100 g of each: protein, fat in g, sodium in mg; and the share of the raw mass that is left cooked. */
interface MeatRow {
  readonly name: string;
  readonly raw: readonly [proteinG: number, fatG: number, sodiumMg: number];
  readonly cooked: readonly [proteinG: number, fatG: number, sodiumMg: number];
  readonly yields: readonly [low: number, likely: number, high: number];
}
const row = (name: string, raw: MeatRow["raw"], cooked: MeatRow["cooked"], yields: MeatRow["yields"]): MeatRow => ({
  name,
  raw,
  cooked,
  yields,
});

/** USDA SR Legacy and Agriculture Handbook 102, from memory; `checks/meats.csv` names the rows and is held against it. */
export const MEATS = {
  "beef-mince": row("beef mince, 20 % fat", [17.17, 20, 66], [27, 17.4, 91], [0.62, 0.66, 0.7]),
  "beef-patty": row("beef patty, 20 % fat", [17.17, 20, 66], [25.75, 17.78, 75], [0.66, 0.7, 0.74]),
  "pork-mince": row("pork mince", [16.88, 21.19, 56], [25.69, 20.77, 73], [0.64, 0.68, 0.72]),
  "chicken-mince": row("chicken mince", [17.44, 8.1, 60], [23.28, 10.92, 75], [0.71, 0.75, 0.78]),
  "lamb-mince": row("lamb mince", [16.56, 23.41, 59], [24.75, 19.65, 81], [0.64, 0.68, 0.72]),
  "beef-strips": row("beef strips", [21.5, 7, 55], [29, 8.5, 63], [0.72, 0.75, 0.8]),
  "beef-chuck": row("braising beef", [19, 15, 70], [28, 18, 58], [0.6, 0.65, 0.7]),
  "beef-roast": row("roast beef", [21.5, 7, 58], [28.5, 8, 60], [0.72, 0.76, 0.82]),
  "pork-shoulder": row("pork shoulder", [17.4, 17.9, 65], [27, 20, 72], [0.58, 0.62, 0.68]),
  "pork-chop": row("pork loin", [20.5, 9, 55], [27, 12, 58], [0.7, 0.74, 0.8]),
  "pork-sausage": row("pork sausages", [15.4, 24.8, 739], [18.5, 27.25, 814], [0.75, 0.8, 0.86]),
  bacon: row("bacon", [12.62, 39.69, 662], [33.9, 35.1, 1684], [0.29, 0.33, 0.37]),
  ham: row("cooked ham", [19, 6, 1100], [20, 6.3, 1160], [0.9, 0.94, 0.97]),
  "chicken-breast": row("chicken breast", [22.5, 2.62, 45], [31.02, 3.57, 74], [0.7, 0.73, 0.78]),
  "chicken-thigh": row("chicken thigh", [19.66, 4.12, 95], [24.8, 5.5, 106], [0.7, 0.74, 0.8]),
  turkey: row("turkey breast", [23.7, 1.5, 113], [30.1, 2.1, 99], [0.72, 0.76, 0.8]),
  "lamb-leg": row("leg of lamb", [17.9, 17.1, 56], [25.6, 16.5, 66], [0.66, 0.71, 0.77]),
  cod: row("cod", [17.81, 0.67, 54], [22.83, 0.86, 78], [0.75, 0.79, 0.85]),
  salmon: row("salmon", [20.42, 13.42, 59], [22.1, 12.35, 61], [0.82, 0.86, 0.9]),
  prawns: row("prawns", [20.1, 0.51, 119], [23.98, 0.28, 111], [0.76, 0.82, 0.86]),
} as const satisfies Record<string, MeatRow>;
/** A row of the table. */
export type MeatId = keyof typeof MEATS;

const MINCED: Readonly<Record<MeatKind, MeatId>> = {
  beef: "beef-mince",
  pork: "pork-mince",
  poultry: "chicken-mince",
  lamb: "lamb-mince",
  "white-fish": "cod",
  "oily-fish": "salmon",
  seafood: "prawns",
};
const QUICK: Readonly<Record<MeatKind, MeatId>> = {
  ...MINCED,
  beef: "beef-strips",
  pork: "pork-chop",
  poultry: "chicken-breast",
  lamb: "lamb-leg",
};
const SLOW: Readonly<Record<MeatKind, MeatId>> = {
  ...QUICK,
  beef: "beef-chuck",
  pork: "pork-shoulder",
  poultry: "chicken-thigh",
};
const ROASTED: Readonly<Record<MeatKind, MeatId>> = { ...QUICK, beef: "beef-roast", poultry: "turkey" };
const BY_FORM: Readonly<Record<MeatForm, Readonly<Record<MeatKind, MeatId>>>> = {
  mince: MINCED,
  ball: MINCED,
  loaf: MINCED,
  patty: { ...MINCED, beef: "beef-patty" },
  strips: QUICK,
  skewer: QUICK,
  bits: QUICK,
  cutlet: QUICK,
  fillet: QUICK,
  battered: QUICK,
  chunks: SLOW,
  pulled: SLOW,
  "stock-bones": SLOW,
  roast: ROASTED,
  "cold-slices": { ...ROASTED, pork: "ham" },
  rasher: { ...QUICK, pork: "bacon" },
  sausage: { ...MINCED, pork: "pork-sausage", beef: "pork-sausage", poultry: "pork-sausage", lamb: "pork-sausage" },
};
/** The row whose figures stand for a form and kind of meat. */
export const meatOf = (form: MeatForm, kind: MeatKind): MeatId => BY_FORM[form][kind];

/** Mass of a millilitre on the plate, g (engineering estimates, the same on both sides). */
export const BULK_G_PER_ML: Readonly<Record<Bulk, number>> = { mince: 0.75, strips: 0.6, whole: 1.05 };
/** How a form of meat lies on the plate. */
export const bulkOf = (form: MeatForm): Bulk =>
  form === "mince" ? "mince" : ["strips", "pulled", "bits", "rasher"].includes(form) ? "strips" : "whole";

/** Raw meat a head, g (common practice), unless somebody said how much. */
export const RAW_A_HEAD_G = 150;

/** What the meat brought to the table, and what leaves the pan with it. Masses in g. */
export interface Leaving {
  readonly meat: MeatId;
  readonly rawG: number;
  readonly cookedG: Range & { readonly likely: number };
  readonly proteinG: number;
  /** What would have come to the plate: in a sauce all of it, browned and drained the rest. */
  readonly fatG: number;
  readonly saltG: number;
  /** Liquid that the meat gave to the pan. */
  readonly waterG: number;
}

/**
 * Of bones in twice their water so much goes into the stock: gelatine, and the fat that nobody skims (USDA SR, home-made chicken
 * stock: 2.5 g of protein in 100 g, from memory).
 */
const DRAWN_OUT = { protein: 0.045, fat: 0.02 } as const;

/**
 * What so much raw meat comes to. Where a table's cooked row would hold more of something than went in, the raw figure stands.
 *
 * @param rawG above 0
 */
export function leaving(form: MeatForm, kind: MeatKind, rawG: number, setting: Setting): Leaving {
  const meat = meatOf(form, kind);
  const { raw, cooked, yields }: MeatRow = MEATS[meat];
  const [low, likely, high] = yields.map((share) => share * rawG) as [number, number, number];
  const kept = (i: 0 | 1 | 2) => Math.min((raw[i] * rawG) / 100, (cooked[i] * likely) / 100);
  const fatG = setting === "sauce" || setting === "crust" ? (raw[1] * rawG) / 100 : kept(1);
  if (form === "stock-bones")
    // Bones are thrown away: what came to the table is what their stock drew out.
    return {
      meat,
      rawG,
      cookedG: { low, likely, high },
      proteinG: DRAWN_OUT.protein * rawG,
      fatG: DRAWN_OUT.fat * rawG,
      saltG: 0,
      waterG: 0,
    };
  return {
    meat,
    rawG,
    cookedG: { low, likely, high },
    proteinG: kept(0),
    fatG,
    saltG: kept(2) / 1000 / SODIUM_SHARE_OF_SALT,
    waterG: Math.max(0, rawG - likely - ((raw[1] * rawG) / 100 - kept(1))),
  };
}

/** The raw mass of meat that was given cooked, g. */
export const rawFromCookedG = (form: MeatForm, kind: MeatKind, cookedG: number): number =>
  cookedG / MEATS[meatOf(form, kind)].yields[1];
