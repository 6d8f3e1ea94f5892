/** Mass fractions of a food; they need not sum to one, the rest is left out. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly fibre: number;
  readonly ash: number;
}
/** Conductivity W/mK, density kg/m³, specific heat J/kgK. */
export interface ThermalProperties {
  /** W/(m K) */
  readonly conductivity: number;
  /** kg/m³ */
  readonly density: number;
  /** J/(kg K) */
  readonly specificHeat: number;
  /** m²/s */
  readonly diffusivity: number;
}

type Polynomial = readonly [number, number, number];
const at = ([a, b, c]: Polynomial, tempC: number) => a + b * tempC + c * tempC ** 2;

/**
 * Choi and Okos (1986) as reprinted in the ASHRAE Refrigeration Handbook, thermal properties of foods; the
 * coefficients are from memory. Water's specific heat begins at 4176.2: a reprint with 4128.9 is a misprint.
 */
const COEFFICIENTS: Record<keyof Composition, { k: Polynomial; rho: Polynomial; cp: Polynomial }> = {
  water: {
    k: [0.57109, 1.7625e-3, -6.7036e-6],
    rho: [997.18, 3.1439e-3, -3.7574e-3],
    cp: [4176.2, -0.090864, 5.4731e-3],
  },
  protein: { k: [0.17881, 1.1958e-3, -2.7178e-6], rho: [1329.9, -0.5184, 0], cp: [2008.2, 1.2089, -1.3129e-3] },
  fat: { k: [0.18071, -2.7604e-4, -1.7749e-7], rho: [925.59, -0.41757, 0], cp: [1984.2, 1.4733, -4.8008e-3] },
  carbohydrate: { k: [0.20141, 1.3874e-3, -4.3312e-6], rho: [1599.1, -0.31046, 0], cp: [1548.8, 1.9625, -5.9399e-3] },
  fibre: { k: [0.18331, 1.2497e-3, -3.1683e-6], rho: [1311.5, -0.36589, 0], cp: [1845.9, 1.8306, -4.6509e-3] },
  ash: { k: [0.32962, 1.4011e-3, -2.9069e-6], rho: [2423.8, -0.28063, 0], cp: [1092.6, 1.8896, -3.6817e-3] },
};
/** Still air at about 30 °C, W/(m K) (handbook). */
const AIR_CONDUCTIVITY = 0.026;

/** Parallel conduction by volume share; Maxwell–Eucken for air in the pores. Evaluate at 40–50 °C. */
export function thermalProperties(food: Composition, tempC: number, porosity = 0): ThermalProperties {
  let specificVolume = 0;
  let specificHeat = 0;
  let conductivityByVolume = 0;
  for (const key of Object.keys(COEFFICIENTS) as (keyof Composition)[]) {
    const { k, rho, cp } = COEFFICIENTS[key];
    const volume = food[key] / at(rho, tempC);
    specificVolume += volume;
    specificHeat += food[key] * at(cp, tempC);
    conductivityByVolume += volume * at(k, tempC);
  }
  const solid = conductivityByVolume / specificVolume;
  const ka = AIR_CONDUCTIVITY;
  const conductivity =
    (solid * (2 * solid + ka - 2 * porosity * (solid - ka))) / (2 * solid + ka + porosity * (solid - ka));
  const density = (1 - porosity) / specificVolume;
  return { conductivity, density, specificHeat, diffusivity: conductivity / (density * specificHeat) };
}

/** Cooked potato, vegetable or patty without a better composition: k 0.5, α 1.39e-7 (card mix at 40 °C). */
export const MOIST_FOOD: ThermalProperties = thermalProperties(
  { water: 0.62, protein: 0.18, fat: 0.06, carbohydrate: 0.1, fibre: 0.02, ash: 0.02 },
  40,
);
