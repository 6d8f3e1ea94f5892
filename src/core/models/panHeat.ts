import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";

/** Heat to evaporate water at 100 °C, J/g (IAPWS steam tables: 2256.4 kJ/kg). */
export const LATENT_HEAT_J_PER_G = 2256.4;
/** Specific heat of a moist food, J/(g K) (engineering estimate, Siebel-like). */
export const FOOD_HEAT_J_PER_G_K = 3.3;

/** Pieces that lie in one layer: ⌊packing · pan area / piece area⌋; 0 when a piece is larger than that. */
export const piecesPerLayer = (panAreaM2: number, pieceAreaM2: number, packing: number): number =>
  Math.floor((packing * panAreaM2) / pieceAreaM2);

/** Area of a disc of this diameter, m². */
export const discM2 = (diameterM: number): number => (Math.PI / 4) * diameterM ** 2;

/** Batches for a number of pieces, or null when not one fits. */
export const batchesFor = (pieces: number, perBatch: number): number | null =>
  perBatch < 1 ? null : Math.max(1, Math.ceil(pieces / perBatch));

/** Minutes for all batches: preheat, cooking, and the changes in between. */
export const batchMinutes = (batches: number, each: number, change: number, preheat: number): number =>
  preheat + batches * each + (batches - 1) * change;

/** Food, pan and burner for the heat balance of searing. */
export interface SearHeat {
  /** Heat that reaches the food, W: burner watts × efficiency. */
  readonly netW: number;
  readonly massG: number;
  /** Water that must leave before the surface browns, g. */
  readonly waterOffG: number;
  readonly startC: number;
  readonly boilC: number;
}

/**
 * Minutes to heat a batch and drive its water off, by energy: (m c ΔT + w λ)/P. Browning begins only after that,
 * because a wet surface stays at the boiling point.
 */
export function minutesToDry(batch: SearHeat): Result<number, BadNumber> {
  const bad = firstBad(
    checkNumber("burner power", batch.netW, 50, 10_000),
    checkNumber("mass in the pan", batch.massG, 0, 50_000),
    checkNumber("water to drive off", batch.waterOffG, 0, 50_000),
  );
  if (bad) return fail(bad);
  const joules =
    batch.massG * FOOD_HEAT_J_PER_G_K * Math.max(0, batch.boilC - batch.startC) + batch.waterOffG * LATENT_HEAT_J_PER_G;
  return succeed(joules / batch.netW / 60);
}

/** Oil, pot, burner and food for the heat balance of frying. */
export interface OilBath {
  /** Heat capacity of oil and pan, J/K. */
  readonly capacity: number;
  readonly netW: number;
  /** Loss to the room, W/K. */
  readonly lossWPerK: number;
  readonly roomC: number;
  readonly startC: number;
  /** Heat a kilogram of food takes in all, J/kg, and the time constant of its taking, s. */
  readonly demandJPerKg: number;
  readonly timeConstantS: number;
}

/**
 * Temperature of frying oil t seconds after `foodKg` goes in, °C. Solution of
 * C dT/dt = P − UA(T − Ta) − (m e/τ) e^(−t/τ); stirred oil, burner full on.
 */
export function oilTempC(bath: OilBath, foodKg: number, seconds: number): number {
  const theta = bath.capacity / bath.lossWPerK;
  const settled = bath.roomC + bath.netW / bath.lossWPerK;
  return settled + (bath.startC - settled) * Math.exp(-seconds / theta) - foodKg * coolingPerKg(bath, seconds);
}

function coolingPerKg(bath: OilBath, seconds: number): number {
  const theta = bath.capacity / bath.lossWPerK;
  const tau = bath.timeConstantS;
  const scale = bath.demandJPerKg / (bath.capacity * tau);
  const difference = 1 / theta - 1 / tau;
  if (Math.abs(difference) < 1e-9) return scale * seconds * Math.exp(-seconds / tau);
  return (scale * (Math.exp(-seconds / tau) - Math.exp(-seconds / theta))) / difference;
}

/** Largest batch, kg, that never takes the oil below `floorC`; or that the burner cannot hold it at all. */
export function largestBatchKg(bath: OilBath, floorC: number): Result<number, { kind: "cannot-hold"; floorC: number }> {
  if (bath.netW <= bath.lossWPerK * (floorC - bath.roomC)) return fail({ kind: "cannot-hold", floorC });
  let largest = Infinity;
  let since = 0;
  for (let t = 1; t <= 1200; t++) {
    const cooling = coolingPerKg(bath, t);
    const most = cooling > 0 ? (oilTempC(bath, 0, t) - floorC) / cooling : Infinity;
    // There is one coldest moment: when it has been warmer again for two minutes, it has passed.
    if (most < largest) [largest, since] = [most, 0];
    else if (++since > 120 && largest < Infinity) break;
  }
  return succeed(largest);
}

/** Seconds to heat oil and pan from one temperature to another (first-order). */
export function heatUpSeconds(bath: OilBath, toC: number): number {
  const settled = bath.roomC + bath.netW / bath.lossWPerK;
  return (bath.capacity / bath.lossWPerK) * Math.log((settled - bath.startC) / (settled - toC));
}
