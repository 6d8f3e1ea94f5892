/** How much water each gram is cooked in, and whether it is poured off (common practice). */
const WATER: Readonly<Record<string, number>> = {
  pasta: 6,
  "pasta-gf": 6,
  "rice-white": 1.6,
  "rice-brown": 2.2,
  bulgur: 1.8,
  couscous: 1.4,
  quinoa: 2,
  "pearl-barley": 3,
};
const USUAL_WATER = 4;
/** Grams of water for each gram of it, and whether what is left of that is poured off. */
export const waterFor = (food: string): { readonly perG: number; readonly drained: boolean } => ({
  perG: WATER[food] ?? USUAL_WATER,
  drained: (WATER[food] ?? USUAL_WATER) > 3.5,
});
