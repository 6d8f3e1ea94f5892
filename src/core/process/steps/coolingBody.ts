import { hoursBetween } from "../../models/cooling";
import { MOIST_FOOD } from "../../models/thermal";
import { type Contents, totalG } from "../contents";
import type { Cooling, Fact, Vessel } from "../ledger";

/** J/(kg K) of a cooked dish (engineering estimate). */
const SPECIFIC_HEAT = 3900;
/** kg/m³, that of water (engineering estimate). */
const DENSITY = 1000;
/** FDA Food Code 3-501.14 counts from 135 °F to 70 °F and on to 41 °F. */
const FROM_C = (135 - 32) / 1.8;
const FIRST_C = (70 - 32) / 1.8;
const LAST_C = (41 - 32) / 1.8;

/** Between 140 and 40 °F minutes in the warm count (USDA FSIS); a fridge at work holds 5 °C. */
const WARM_C = (140 - 32) / 1.8;
const COLD_C = 5;

/**
 * Time constant of a dish that cools or warms as a whole, minutes: τ = m c/(h A), slower for thick food, whose middle lags:
 * × (1 + Bi/3) with Bi = h L/k and L the volume over the surface (the lumped series' first correction). With a depth it lies
 * that deep in a tray and cools from above and below; without, it is a heap as wide as it is high.
 */
export function lumpedMinutes(massG: number, depthMm: number | null, surface: number, stirred = false): number {
  const volume = massG / 1000 / DENSITY;
  const area = depthMm === null ? 6 * volume ** (2 / 3) : (2 * volume) / (depthMm / 1000);
  const biot = stirred ? 0 : (surface * (volume / area)) / MOIST_FOOD.conductivity;
  return (((massG / 1000) * SPECIFIC_HEAT) / (surface * area) / 60) * (1 + biot / 3);
}

/** Where it cools, °C and W/m²K; stirred, its middle does not lag. */
export interface CoolPlace {
  readonly aroundC: number;
  readonly surface: number;
  readonly stirred?: boolean;
}
type Cooled = Extract<Fact, { kind: "cooled" }>;

/**
 * A batch that stands somewhere cooler: how warm it is afterwards, what has become of its count, and when it passes the two
 * limits of the Food Code if it stays there. What was never hot has nothing to tell.
 *
 * @param depthMm how deep it is spread now; null as it lies already
 */
export function cooledDown(
  vessel: Vessel,
  batch: Contents,
  place: CoolPlace,
  minutes: number,
  depthMm: number | null,
): { readonly tempC: number; readonly cooling: Cooling | null; readonly fact: Cooled | null } {
  const { aroundC } = place;
  const depth = depthMm ?? vessel.cooling?.depthMm ?? null;
  const tau = lumpedMinutes(totalG(batch), depth, place.surface, place.stirred);
  const startC = batch.tempC;
  const tempC = aroundC + (startC - aroundC) * Math.exp(-minutes / tau);
  const before = startC >= FROM_C ? null : vessel.cooling;
  if (startC < FROM_C && before === null) return { tempC, cooling: null, fact: null };
  const until = (toC: number): number | null => {
    if (startC <= toC) return 0;
    const hours = hoursBetween(startC, toC, aroundC, tau * 60);
    return hours === null ? null : hours * 60;
  };
  // Minutes spent above 135 °F do not count.
  const hotMin = until(FROM_C) ?? Infinity;
  const since = (toC: number): number | null => {
    const min = until(toC);
    return min === null ? null : (before?.sinceMin ?? 0) + min - hotMin;
  };
  const first = before?.to21Min ?? since(FIRST_C);
  const last = since(LAST_C);
  const sinceMin = (before?.sinceMin ?? 0) + Math.max(0, minutes - hotMin);
  return {
    tempC,
    cooling: { sinceMin, to21Min: first !== null && tempC <= FIRST_C ? first : null, depthMm: depth },
    fact: {
      kind: "cooled",
      toC: tempC,
      hoursTo21: first === null ? null : first / 60,
      hoursTo5: last === null ? null : last / 60,
      warmMin: Math.max(0, Math.min(minutes, until(COLD_C) ?? Infinity) - Math.max(0, until(WARM_C) ?? 0)),
    },
  };
}
