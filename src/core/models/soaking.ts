import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";
import { GAS_CONSTANT, kelvin } from "../quantities/units";

/** Rates are given for 20 °C (card 3). */
const REFERENCE_K = 293.15;

/** How one dried food drinks. Moistures are g water per g solids. */
export interface SoakingKinetics {
  readonly startMoisture: number;
  readonly fullMoisture: number;
  /** Minutes to 90 % of the way at 20 °C. */
  readonly t90At20Min: number;
  readonly activationKJ: number;
  /** Starchy legumes: above `breakC` the activation energy is `activationAboveKJ`, continuous at the break. */
  readonly breakC?: number;
  readonly activationAboveKJ?: number;
}

/** A vessel of liquid that loses heat to the room. */
export interface CoolingBath {
  readonly startC: number;
  readonly roomC: number;
  /** Time constant of the cooling, minutes; Infinity for a bath held at its temperature. */
  readonly timeConstantMin: number;
}

/** Temperature of a bath that cools by Newton's law, °C after minutes. */
export const bathTempC = (bath: CoolingBath, minutes: number): number =>
  bath.roomC + (bath.startC - bath.roomC) * Math.exp(-minutes / bath.timeConstantMin);

/**
 * Peleg rate k2/k1 as a function of the temperature, per minute.
 *
 * Peleg, J. Food Sci. 53 (1988) 1216: M(t) = M0 + t/(k1 + k2 t), so 90 % is reached at t90 = 9 k1/k2.
 * 1/k1 follows Arrhenius; the break near 55 °C for chickpea after Turhan, Sayar and Gunasekaran, J. Food Eng. 53
 * (2002) 153 (form published, numbers from memory and estimates).
 */
export function pelegRate(food: SoakingKinetics): (tempC: number) => number {
  const at20 = 9 / food.t90At20Min;
  const below = (tempC: number) => at20 * arrhenius(food.activationKJ, REFERENCE_K, kelvin(tempC));
  const { breakC, activationAboveKJ } = food;
  if (breakC === undefined || activationAboveKJ === undefined) return below;
  const atBreak = below(breakC);
  return (tempC) =>
    tempC <= breakC ? below(tempC) : atBreak * arrhenius(activationAboveKJ, kelvin(breakC), kelvin(tempC));
}
const arrhenius = (energyKJ: number, fromK: number, toK: number): number =>
  Math.exp(((-energyKJ * 1000) / GAS_CONSTANT) * (1 / toK - 1 / fromK));

/** Simpson's rule for τ = ∫ k2/k1(T) dt over a cooling bath; 200 panels hold 1e-7 for a bowl that cools within hours. */
function soakingProgress(food: SoakingKinetics, bath: CoolingBath, minutes: number, panels = 200): number {
  const rateAt = pelegRate(food);
  const rate = (t: number) => rateAt(bathTempC(bath, t));
  if (!Number.isFinite(bath.timeConstantMin) || bath.startC === bath.roomC) return rate(0) * minutes;
  const step = minutes / panels;
  let sum = rate(0) + rate(minutes);
  for (let i = 1; i < panels; i++) sum += (i % 2 === 1 ? 4 : 2) * rate(i * step);
  return (sum * step) / 3;
}

/**
 * Share of the possible uptake that has happened: y = τ/(1 + τ), from dy/dt = (k2/k1(T))(1 − y)².
 *
 * The hyperbola read as a rate law is our extension of Peleg; at constant temperature it is Peleg's curve.
 */
export function soakedFraction(food: SoakingKinetics, bath: CoolingBath, minutes: number, panels?: number): number {
  const tau = soakingProgress(food, bath, minutes, panels);
  return tau / (1 + tau);
}

/** Moisture (g/g) after so many minutes in the bath. Limits: 4–98 °C, thickness as sold; late uptake is overstated. */
export function moistureAfterSoak(
  food: SoakingKinetics,
  bath: CoolingBath,
  minutes: number,
  panels?: number,
): Result<number, BadNumber> {
  const bad = firstBad(
    checkNumber("water temperature", bath.startC, 0, 100),
    checkNumber("minutes", minutes, 0, 48 * 60),
    checkNumber("full moisture", food.fullMoisture, food.startMoisture + 1e-9, 20),
  );
  if (bad) return fail(bad);
  const reached = soakedFraction(food, bath, minutes, panels);
  return succeed(food.startMoisture + (food.fullMoisture - food.startMoisture) * reached);
}

/** When a moisture is reached, or that it never is. */
export type SoakTime =
  { readonly kind: "reached"; readonly minutes: number } | { readonly kind: "not-reached"; readonly fraction: number };

/** Minutes until `fraction` (0–0.98) of the uptake has happened, or how far it gets within 48 h. */
export function minutesToSoak(food: SoakingKinetics, bath: CoolingBath, fraction = 0.9): SoakTime {
  const wanted = Math.min(fraction, 0.98);
  const longest = 48 * 60;
  const atLongest = soakedFraction(food, bath, longest, 2000);
  if (atLongest < wanted) return { kind: "not-reached", fraction: atLongest };
  let [low, high] = [0, longest];
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    if (soakedFraction(food, bath, middle, 600) < wanted) low = middle;
    else high = middle;
  }
  return { kind: "reached", minutes: high };
}

/** Something that brings heat into a mix: mass (g), specific heat J/(kg K), temperature (°C). */
export interface HeatShare {
  readonly massG: number;
  readonly specificHeat: number;
  readonly tempC: number;
}

/** Temperature of a mix without loss: Σ m c T / Σ m c (energy balance). */
export function mixedTempC(shares: readonly HeatShare[]): number {
  let heat = 0;
  let capacity = 0;
  for (const { massG, specificHeat, tempC } of shares) {
    heat += massG * specificHeat * tempC;
    capacity += massG * specificHeat;
  }
  return heat / capacity;
}

/**
 * Time constant of a cooling bowl, minutes: Σ m c / (h A).
 *
 * @param surfaceWPerK h·A; h about 12 W/m²K covered, 20–30 open and hot (engineering estimates)
 */
export function coolingTimeConstantMin(shares: readonly HeatShare[], surfaceWPerK: number): number {
  const capacityJ = shares.reduce((sum, s) => sum + (s.massG / 1000) * s.specificHeat, 0);
  return capacityJ / surfaceWPerK / 60;
}

/** A vessel's floor and a food's packing, for the liquid that covers it. Lengths in metres, densities kg/m³. */
export interface CoverInput {
  readonly dryG: number;
  readonly startMoisture: number;
  readonly moisture: number;
  readonly bowlDiameterM: number;
  readonly coverM?: number;
  readonly voidFraction?: number;
  readonly wetDensity?: number;
  readonly dryBulkDensity?: number;
  readonly dryPieceDensity?: number;
}

/**
 * Liquid that keeps soaking pieces covered, grams: at the end (swollen, under a plate) and at the start (floating).
 * All packing figures are engineering estimates.
 */
export function coveringLiquidG(input: CoverInput): { finalG: number; initialG: number; needG: number } {
  const { dryG, startMoisture, moisture, bowlDiameterM } = input;
  const { coverM = 0.01, voidFraction = 0.4, wetDensity = 1030, dryBulkDensity = 160, dryPieceDensity = 450 } = input;
  const solidsKg = dryG / 1000 / (1 + startMoisture);
  const floorM2 = (Math.PI / 4) * bowlDiameterM ** 2;
  const waterDensity = 1000;
  const wetM3 = (solidsKg * (1 + moisture)) / wetDensity;
  const voidM3 = (voidFraction / (1 - voidFraction)) * wetM3;
  const finalG = 1000 * (solidsKg * (moisture - startMoisture) + waterDensity * (voidM3 + floorM2 * coverM));
  const dryHeightM = dryG / 1000 / (dryBulkDensity * floorM2);
  const initialG = 1000 * waterDensity * (floorM2 * (dryHeightM + coverM) - dryG / 1000 / dryPieceDensity);
  return { finalG, initialG, needG: Math.max(finalG, initialG) };
}
