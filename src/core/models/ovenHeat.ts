import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";
import { saturationPa } from "./boilingPoint";
import type { Shape } from "./conduction";
import type { ThermalProperties } from "./thermal";

/** Heat to evaporate from a warm surface, J/kg (about 75 °C, steam tables). */
const LATENT_J_PER_KG = 2.33e6;
/** Share of the surface's water that dries freely, 0.05–0.3 (engineering estimate; very influential). */
export const WET_SHARE = { low: 0.05, likely: 0.15, high: 0.3 } as const;
/** Water that leaves each m² before a crust forms, and how fast the crust closes it then, kg/m² (engineering estimates: loaves of a kilo lose 8–12 % in an hour, common practice). */
const FREE_DRYING = 0.5;
const CRUST_DRYING = 0.6;
/** Vapour in the oven air, Pa (engineering estimate). */
const VAPOUR_PA = 2000;
/** h_m/(R T) per W/m²K of convection by the Lewis analogy, air at 400 K: 1/(ρ c Le^⅔ R_v T). */
const VAPOUR_PER_CONVECTION = 1 / (0.8824 * 1014 * 0.87 ** (2 / 3) * 461.5 * 400);
/** Radiation of oven walls, W/m²K: of a still oven's 18 the air brings 11 (engineering estimate). Only moving air dries. */
const RADIATION = 7;
/** What of a surface coefficient is convection, 0–1. */
const convectiveShare = (surface: number): number => Math.max(0, (surface - RADIATION) / surface);

/** A piece in an oven: shape, half thickness m, surface W/m²K, start and oven °C. */
export interface OvenPiece {
  readonly shape: Shape;
  /** Half thickness or radius, m. */
  readonly halfM: number;
  readonly food: ThermalProperties;
  /** W/(m² K), radiation included. */
  readonly surface: number;
  /** Share of the surface that dries; 0 behind foil or a lid. */
  readonly wetShare: number;
  readonly startC: number;
  readonly ovenC: number;
}
/** What has become of it at every whole minute, from 0 on. */
export interface OvenCurve {
  readonly coreC: Float64Array;
  /** Share of the mass that went off as steam. */
  readonly lossShare: Float64Array;
}

/** Half as many cells, or steps of 10 s, move the minutes to a core by less than 0.3 % (tried at 20, 40 and 80 mm). */
const CELLS = 24;
const STEP_S = 4;
const STEPS_PER_MIN = 60 / STEP_S;

/**
 * A piece in the oven while its surface dries, by finite volumes: implicit in time, the surface balanced between
 * h(T∞ − Ts) and the heat of evaporation λ K f (p_sat(Ts) − p_v). Checked against scipy's BDF within 2 %.
 * Limits: no shrinkage, one direction, core below 100 °C.
 *
 * @param minutes how long to follow it, whole minutes
 */
export function ovenCurve(piece: OvenPiece, minutes: number): Result<OvenCurve, BadNumber> {
  const bad = firstBad(
    checkNumber("oven temperature", piece.ovenC, 40, 320),
    checkNumber("piece size", piece.halfM, 5e-4, 0.2),
    checkNumber("minutes", minutes, 0, 24 * 60),
  );
  if (bad) return fail(bad);
  const { halfM, food, surface } = piece;
  const power = { slab: 0, cylinder: 1, sphere: 2 }[piece.shape];
  const dr = halfM / CELLS;
  // Face areas and cell volumes per unit of solid angle, length or area.
  const face = Array.from({ length: CELLS + 1 }, (_, i) => (i * dr) ** power);
  const volume = Array.from(
    { length: CELLS },
    (_, i) => (((i + 1) * dr) ** (power + 1) - (i * dr) ** (power + 1)) / (power + 1),
  );
  const wholeVolume = halfM ** (power + 1) / (power + 1);
  const temps = new Float64Array(CELLS).fill(piece.startC);
  const drying = VAPOUR_PER_CONVECTION * convectiveShare(surface) * surface * piece.wetShare;
  const capacity = food.density * food.specificHeat;
  const [lower, main, upper, right] = [0, 1, 2, 3].map(() => new Float64Array(CELLS)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const coreC = new Float64Array(minutes + 1).fill(piece.startC);
  const lossShare = new Float64Array(minutes + 1);
  let lossKgPerM3 = 0;
  const last = CELLS - 1;
  for (let count = 1; count <= minutes * STEPS_PER_MIN; count++) {
    // Surface temperature from the half cell's conduction, by two fixed-point steps.
    const dried = (lossKgPerM3 * wholeVolume) / (face[CELLS] as number);
    const crust = Math.exp(-Math.max(0, dried - FREE_DRYING) / CRUST_DRYING);
    const inward = (2 * food.conductivity) / dr;
    let ts = temps[last] as number;
    let steam = 0;
    for (let k = 0; k < 3; k++) {
      steam = drying * crust * Math.max(0, saturationPa(Math.min(ts, 100)) - VAPOUR_PA);
      ts = Math.min(
        100.5 + (piece.wetShare === 0 ? 300 : 60),
        (inward * (temps[last] as number) + surface * piece.ovenC - LATENT_J_PER_KG * steam) / (inward + surface),
      );
    }
    const through = (inward * surface) / (inward + surface);
    const drawn = (LATENT_J_PER_KG * steam * inward) / (inward + surface);
    for (let i = 0; i < CELLS; i++) {
      const mass = (capacity * (volume[i] as number)) / STEP_S;
      const west = i === 0 ? 0 : (food.conductivity * (face[i] as number)) / dr;
      const east = i === last ? through * (face[CELLS] as number) : (food.conductivity * (face[i + 1] as number)) / dr;
      lower[i] = -west;
      upper[i] = i === last ? 0 : -east;
      main[i] = mass + west + east;
      right[i] = mass * (temps[i] as number) + (i === last ? east * piece.ovenC - drawn * (face[CELLS] as number) : 0);
    }
    solve(lower, main, upper, right, temps);
    lossKgPerM3 += (steam * (face[CELLS] as number) * STEP_S) / wholeVolume;
    if (count % STEPS_PER_MIN === 0) {
      // The centre lies half a cell before the first one: a parabola through the first two.
      coreC[count / STEPS_PER_MIN] = (9 * (temps[0] as number) - (temps[1] as number)) / 8;
      lossShare[count / STEPS_PER_MIN] = lossKgPerM3 / food.density;
    }
  }
  return succeed({ coreC, lossShare });
}

/** Minutes until the middle is at a temperature, null when the curve never gets there. */
export function minutesTo(curve: OvenCurve, wantedC: number): number | null {
  const at = curve.coreC.findIndex((c) => c >= wantedC);
  if (at <= 0) return at === 0 ? 0 : null;
  const [before, after] = [curve.coreC[at - 1] as number, curve.coreC[at] as number];
  return at - 1 + (wantedC - before) / (after - before);
}
/** A figure of the curve at any minute inside it. */
export function valueAt(series: Float64Array, minutes: number): number {
  const at = Math.min(Math.max(0, minutes), series.length - 1);
  const low = Math.floor(at);
  const from = series[low] as number;
  return from + ((series[Math.min(low + 1, series.length - 1)] as number) - from) * (at - low);
}

/** Thomas algorithm for a tridiagonal system; the right side is overwritten. */
function solve(
  lower: Float64Array,
  main: Float64Array,
  upper: Float64Array,
  right: Float64Array,
  out: Float64Array,
): void {
  const n = main.length;
  for (let i = 1; i < n; i++) {
    const w = (lower[i] as number) / (main[i - 1] as number);
    main[i] = (main[i] as number) - w * (upper[i - 1] as number);
    right[i] = (right[i] as number) - w * (right[i - 1] as number);
  }
  out[n - 1] = (right[n - 1] as number) / (main[n - 1] as number);
  for (let i = n - 2; i >= 0; i--)
    out[i] = ((right[i] as number) - (upper[i] as number) * (out[i + 1] as number)) / (main[i] as number);
}
