import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";
import { kelvin } from "../quantities/units";
import { saturationPa } from "./boilingPoint";
import { LATENT_HEAT_J_PER_G } from "./panHeat";

/** What is boiled down, by how much, and on what burner. */
export interface BoilDown {
  readonly massG: number;
  readonly waterOffG: number;
  readonly startC: number;
  readonly boilC: number;
  readonly burnerW: number;
  /** Share of the burner's power that reaches the pan, 0–1. */
  readonly efficiency: number;
  readonly lossW: number;
  /** J/(g K); a sauce is about 3.9. */
  readonly specificHeat: number;
}

/** Why it cannot be boiled down. */
export type ReductionFailure = BadNumber | { readonly kind: "too-weak"; readonly burnerW: number };

/** Minutes to come to the boil and to boil water off, by power balance. */
export function minutesToReduce(pan: BoilDown): Result<{ heatMin: number; boilMin: number }, ReductionFailure> {
  const bad = firstBad(
    checkNumber("mass in the pan", pan.massG, 0, 50_000),
    checkNumber("burner power", pan.burnerW, 0, 20_000),
    checkNumber("water to boil off", pan.waterOffG, 0, pan.massG),
  );
  if (bad) return fail(bad);
  const netW = pan.efficiency * pan.burnerW - pan.lossW;
  if (netW <= 0) return fail({ kind: "too-weak", burnerW: pan.burnerW });
  const heatJ = pan.massG * pan.specificHeat * Math.max(0, pan.boilC - pan.startC);
  return succeed({ heatMin: heatJ / netW / 60, boilMin: (pan.waterOffG * LATENT_HEAT_J_PER_G) / netW / 60 });
}

const GAS_CONSTANT_WATER = 461.5; // J/(kg K)

/**
 * Water leaving an open surface below the boil, g per minute, by the Lewis analogy h_m = h_c/(ρ c Le^⅔).
 *
 * @param waterActivity 0.97 for a sauce; convective coefficient h_c 8 (5–12) W/m²K, engineering estimate
 */
export function openEvaporationGPerMin(
  tempC: number,
  surfaceM2: number,
  roomC: number,
  waterActivity = 0.97,
  convective = 8,
): number {
  const massTransfer = convective / (1.06 * 1007 * 0.87 ** (2 / 3));
  const vapourInRoomPa = 1000;
  const atSurface = (waterActivity * saturationPa(tempC)) / (GAS_CONSTANT_WATER * kelvin(tempC));
  const inRoom = vapourInRoomPa / (GAS_CONSTANT_WATER * kelvin(roomC));
  return Math.max(0, massTransfer * (atSurface - inRoom) * surfaceM2 * 1000 * 60);
}
