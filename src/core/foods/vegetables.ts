import { type Estimate, estimate } from "../quantities/range";
import type { FoodId } from "./food";

/** Minutes until pieces of one size are tender, in water that boils at 100 °C and in its steam: from, to. */
interface Tender {
  /** The way that heat has to go, mm: side of dice, thickness of coins, width of what is whole. */
  readonly mm: number;
  readonly boiled: readonly [number, number];
  readonly steamed: readonly [number, number];
}
const row = (mm: number, boiled: Tender["boiled"], steamed: Tender["steamed"]): Tender => ({ mm, boiled, steamed });

const BUTTERNUT = [row(25, [8, 12], [10, 13])];
const CABBAGE = [row(40, [8, 12], [10, 14])];
const LEAVES = [row(3, [4, 7], [5, 8])];
/** By food, smallest pieces first. Common practice, from memory; `checks/vegetable-minutes.csv` is held against it. */
const TENDER: Readonly<Record<FoodId, readonly Tender[]>> = {
  potato: [
    row(15, [7, 9], [9, 12]),
    row(25, [12, 15], [14, 18]),
    row(45, [18, 24], [22, 28]),
    row(65, [30, 40], [35, 45]),
  ],
  "baking-potato": [row(65, [30, 40], [35, 45])],
  "sweet-potato": [row(25, [9, 12], [11, 14])],
  carrot: [row(10, [6, 9], [7, 10]), row(20, [10, 14], [12, 16])],
  parsnip: [row(20, [8, 12], [10, 13])],
  celeriac: [row(20, [12, 16], [14, 18])],
  swede: [row(20, [15, 20], [17, 22])],
  beetroot: [row(60, [40, 60], [45, 65])],
  butternut: BUTTERNUT,
  "squash-whole": BUTTERNUT,
  cauliflower: [row(40, [5, 8], [6, 10])],
  broccoli: [row(40, [3, 5], [4, 6])],
  "green-beans": [row(8, [4, 7], [5, 8])],
  "white-cabbage": CABBAGE,
  "red-cabbage": CABBAGE,
  kale: LEAVES,
  chard: LEAVES,
  spinach: [row(1, [1, 2], [2, 3])],
  turnip: [row(20, [8, 12], [10, 14])],
  "brussels-sprouts": [row(30, [6, 9], [8, 11])],
  asparagus: [row(12, [3, 5], [4, 7])],
  "pak-choi": [row(25, [2, 4], [3, 5])],
  "broad-beans": [row(12, [3, 5], [4, 6])],
  leek: [row(20, [7, 10], [8, 12])],
  fennel: [row(30, [10, 15], [12, 16])],
  sweetcorn: [row(45, [4, 7], [6, 9])],
  "spring-greens": LEAVES,
  mangetout: [row(6, [2, 3], [3, 4])],
  kohlrabi: [row(20, [10, 14], [12, 16])],
  okra: [row(15, [5, 8], [6, 9])],
  plantain: [row(25, [12, 16], [14, 18])],
  yam: [row(25, [12, 16], [14, 18])],
  samphire: [row(3, [1, 2], [2, 3])],
  peas: [row(8, [2, 4], [3, 4])],
};
/** Vegetables without a row of their own (rule of thumb). */
const UNKNOWN = [row(20, [6, 14], [8, 16])];

/** Beyond the rows minutes go with the size to this power: 0.7 (carrot) to 1 (potato) in the table. */
const SIZE_POWER = 0.9;

/** Size of a vegetable that is cooked as it grows, such as beans, leaves or peas, mm; null without a row. */
export const usualMm = (food: FoodId): number | null => TENDER[food]?.[0]?.mm ?? null;

/**
 * Minutes until pieces of a vegetable are tender, where water boils at 100 °C: between two rows along a straight line, beyond
 * them by size.
 *
 * @param mm the way that heat has to go, above 0
 */
export function tenderMinutes(food: FoodId, way: "boiled" | "steamed", mm: number): Estimate {
  const rows = TENDER[food] ?? UNKNOWN;
  const above = rows.findIndex((r) => r.mm >= mm);
  const [first, last] = [rows[0] as Tender, rows.at(-1) as Tender];
  if (above <= 0 || rows.length === 1) {
    const nearest = above === 0 ? first : last;
    const factor = (mm / nearest.mm) ** SIZE_POWER;
    const [low, high] = nearest[way];
    return estimate(low * factor, ((low + high) / 2) * factor, high * factor);
  }
  const [a, b] = [rows[above - 1] as Tender, rows[above] as Tender];
  const share = (mm - a.mm) / (b.mm - a.mm);
  const between = (i: 0 | 1) => a[way][i] + share * (b[way][i] - a[way][i]);
  return estimate(between(0), (between(0) + between(1)) / 2, between(1));
}
