import { type BadNumber, checkNumber, fail, firstBad, type Result, succeed } from "../quantities/result";
import { findRoot } from "./roots";
import type { ThermalProperties } from "./thermal";

/** Bodies of the series solutions. */
export type Shape = "slab" | "cylinder" | "sphere";

/**
 * Bessel functions of the first kind, orders 0 and 1, by their integral form (trapezoid on a periodic integrand
 * converges geometrically: what is left out is a Bessel function of twice as many orders as panels, below 1e-12). Abramowitz and Stegun, 9.1.18 and 9.1.21.
 */
function bessel(order: 0 | 1, x: number): number {
  const panels = 20 + Math.ceil(Math.abs(x));
  let sum = 0;
  for (let i = 0; i < panels; i++) {
    const angle = ((i + 0.5) * Math.PI) / panels;
    sum += Math.cos(order * angle - x * Math.sin(angle));
  }
  return sum / panels;
}
/** Bessel function of order 0, series for small and asymptotic for large arguments. */
export const j0 = (x: number): number => bessel(0, x);
/** Bessel function of order 1, in the same way. */
export const j1 = (x: number): number => bessel(1, x);

/** The n-th root (n from 0) and coefficient of the series for a body with surface resistance. */
export interface Mode {
  readonly zeta: number;
  readonly coefficient: number;
}

/** Roots of J1, bracketing those of the cylinder: McMahon's estimate for large ones is enough to bracket. */
const J1_ROOTS = [0, 3.831705970207512, 7.015586669815619, 10.173468135062722, 13.323691936314223, 16.470630050877634];
const J0_ROOTS = [2.404825557695773, 5.520078110286311, 8.653727912911013, 11.791534439014281, 14.930917708487787];

/**
 * Modes of transient conduction. Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, section 5.5–5.6:
 * slab ζ tan ζ = Bi, cylinder ζ J1/J0 = Bi, sphere 1 − ζ cot ζ = Bi.
 */
export function conductionModes(shape: Shape, biot: number, count = 6): Mode[] {
  const modes: Mode[] = [];
  for (let n = 0; n < count; n++) {
    const zeta = rootOf(shape, biot, n);
    if (zeta === null) break;
    modes.push({ zeta, coefficient: coefficientOf(shape, zeta) });
  }
  return modes;
}

function rootOf(shape: Shape, biot: number, n: number): number | null {
  switch (shape) {
    case "slab":
      return findRoot((z) => z * Math.sin(z) - biot * Math.cos(z), n * Math.PI + 1e-12, (n + 0.5) * Math.PI);
    case "sphere":
      return findRoot(
        (z) => (1 - biot) * Math.sin(z) - z * Math.cos(z),
        n * Math.PI + (n === 0 ? 1e-6 : 1e-12),
        (n + 1) * Math.PI - 1e-12,
      );
    case "cylinder": {
      const low = J1_ROOTS[n];
      const high = J0_ROOTS[n];
      if (low === undefined || high === undefined) return null;
      return findRoot((z) => z * j1(z) - biot * j0(z), low + 1e-12, high);
    }
  }
}

function coefficientOf(shape: Shape, zeta: number): number {
  switch (shape) {
    case "slab":
      return (4 * Math.sin(zeta)) / (2 * zeta + Math.sin(2 * zeta));
    case "sphere":
      return (4 * (Math.sin(zeta) - zeta * Math.cos(zeta))) / (2 * zeta - Math.sin(2 * zeta));
    case "cylinder":
      return ((2 / zeta) * j1(zeta)) / (j0(zeta) ** 2 + j1(zeta) ** 2);
  }
}

/** Centre temperature left to gain, as a share of the first difference: Σ C e^(−ζ² Fo). */
export const centreRemaining = (modes: readonly Mode[], fourier: number): number =>
  modes.reduce((sum, m) => sum + m.coefficient * Math.exp(-(m.zeta ** 2) * fourier), 0);

/** One direction of a body: half thickness or radius in metres. */
export interface Direction {
  readonly shape: Shape;
  readonly halfM: number;
}
/** A piece, its surroundings and the temperature wanted in its middle. */
export interface CoreHeating {
  /** One direction for a ball, two for a short log, three for a loaf: the solutions multiply. */
  readonly directions: readonly Direction[];
  readonly food: ThermalProperties;
  /** Surface coefficient, W/(m² K), radiation included. */
  readonly surface: number;
  readonly startC: number;
  readonly aroundC: number;
  readonly coreC: number;
}

/**
 * Minutes until the centre reaches `coreC`. A surface that stays wet never passes 100 °C: give that as
 * `aroundC` for water, sauce, oil and pan. In an oven the result is a lower bound (no drying counted).
 */
export function minutesToCore(body: CoreHeating): Result<number, BadNumber | { kind: "never"; aroundC: number }> {
  const bad = firstBad(
    checkNumber("core temperature", body.coreC, -20, 250),
    checkNumber("surface coefficient", body.surface, 0.1, 5000),
    ...body.directions.map((d) => checkNumber("piece size", d.halfM, 1e-4, 0.5)),
  );
  if (bad) return fail(bad);
  if (body.coreC >= body.aroundC) return fail({ kind: "never", aroundC: body.aroundC });
  if (body.coreC <= body.startC) return succeed(0);
  const wanted = (body.coreC - body.aroundC) / (body.startC - body.aroundC);
  const series = heatingSeries(body.directions, body.food, body.surface);
  const remaining = (seconds: number) =>
    series.reduce((product, s) => product * centreRemaining(s.modes, s.perSecond * seconds), 1);
  const seconds = findRoot((t) => remaining(t) - wanted, 1, 48 * 3600);
  return seconds === null ? fail({ kind: "never", aroundC: body.aroundC }) : succeed(seconds / 60);
}

/** A body's series, worked out once for a size and a surface; from it follows its middle at any time. */
export interface HeatingSeries {
  readonly modes: readonly Mode[];
  /** Fourier number that passes in a second. */
  readonly perSecond: number;
}
/** The series of each direction of a body; twenty terms serve the first seconds too, eight from a Fourier number of 0.02 on. */
export const heatingSeries = (
  directions: readonly Direction[],
  food: ThermalProperties,
  surface: number,
  terms = 20,
): HeatingSeries[] =>
  directions.map(({ shape, halfM }) => ({
    modes: conductionModes(shape, (surface * halfM) / food.conductivity, terms),
    perSecond: food.diffusivity / halfM ** 2,
  }));

/** °C in the middle after `minutes` in surroundings of `aroundC`. In the first moments, where the series swings, the start. */
export function middleAfter(
  series: readonly HeatingSeries[],
  heat: { readonly startC: number; readonly aroundC: number },
  minutes: number,
): number {
  const left = series.reduce((p, s) => p * centreRemaining(s.modes, s.perSecond * minutes * 60), 1);
  return heat.aroundC + (heat.startC - heat.aroundC) * Math.min(1, Math.max(0, left));
}

/** Coefficient behind wrappings: 1/h_eff = 1/h + ΣR (thermal resistances in series). */
export const wrappedSurface = (surface: number, resistances: readonly number[]): number =>
  1 / (1 / surface + resistances.reduce((a, b) => a + b, 0));
