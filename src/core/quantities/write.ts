import { fahrenheitFromCelsius, GRAMS_PER_OUNCE, GRAMS_PER_POUND, ML_OF, type UnitSystem } from "./units";

/** Rounds to what a home scale can show: 1 g, below 10 g 0.1 g. */
function scaleReading(massG: number): string {
  return Math.abs(massG) < 9.95 ? trimZero(massG.toFixed(1)) : String(Math.round(massG));
}
const trimZero = (text: string): string => text.replace(/\.0$/, "");

/**
 * A mass as the cook reads it.
 *
 *     writeMass(312.4) // => "312 g"
 *     writeMass(4.26) // => "4.3 g"
 *     writeMass(12345) // => "12.3 kg"
 *     writeMass(340, "us") // => "12 oz"
 */
export function writeMass(massG: number, units: UnitSystem = "metric"): string {
  if (units === "us") {
    if (Math.abs(massG) >= GRAMS_PER_POUND) return `${(massG / GRAMS_PER_POUND).toFixed(2)} lb`;
    return `${trimZero((massG / GRAMS_PER_OUNCE).toFixed(massG < 10 * GRAMS_PER_OUNCE ? 1 : 0))} oz`;
  }
  return Math.abs(massG) >= 9_950 ? `${(massG / 1000).toFixed(1)} kg` : `${scaleReading(massG)} g`;
}

/**
 * A range, or one figure when both ends read the same.
 *
 *     writeMassRange(340, 400) // => "340–400 g"
 *     writeMassRange(312.1, 312.4) // => "312 g"
 */
export function writeMassRange(low: number, high: number, units: UnitSystem = "metric"): string {
  const [from, to] = [writeMass(low, units), writeMass(high, units)];
  if (from === to) return from;
  const [number, unit] = from.split(" ");
  return to.endsWith(` ${unit}`) ? `${number}–${to}` : `${from} – ${to}`;
}

/** A temperature in whole degrees: `180 °C`, `356 °F`. */
export function writeTemp(tempC: number, units: UnitSystem = "metric"): string {
  return units === "us" ? `${Math.round(fahrenheitFromCelsius(tempC))} °F` : `${Math.round(tempC)} °C`;
}

/**
 * Minutes in words.
 *
 *     writeMinutes(0.75) // => "45 s"
 *     writeMinutes(70) // => "1 h 10"
 *     writeMinutes(51 * 60) // => "2 days 3 h"
 */
export function writeMinutes(minutes: number): string {
  if (minutes > 0 && minutes < 1) return `${Math.round(minutes * 60)} s`;
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  if (hours >= 48) return `${Math.floor(hours / 24)} days${hours % 24 > 0 ? ` ${hours % 24} h` : ""}`;
  return whole % 60 === 0 ? `${hours} h` : `${hours} h ${String(whole % 60).padStart(2, "0")}`;
}

/**
 * A volume; US cups to the quarter.
 *
 *     writeVolume(250) // => "250 mL"
 *     writeVolume(250, "us") // => "1 cup"
 */
export function writeVolume(ml: number, units: UnitSystem = "metric"): string {
  if (units === "metric") return ml >= 1000 ? `${trimZero((ml / 1000).toFixed(1))} L` : `${Math.round(ml)} mL`;
  const cups = Math.round((4 * ml) / ML_OF.us.cup) / 4;
  return `${cups} ${cups > 1 ? "cups" : "cup"}`;
}

/** A fraction as per cent: `1.18 %`. */
export const writePercent = (fraction: number, digits = 2): string => `${(fraction * 100).toFixed(digits)} %`;
/** A length: `8 mm`, `23 cm`, `0.3 in`. */
export const writeLength = (lengthMm: number, units: UnitSystem = "metric"): string =>
  units === "us"
    ? `${(lengthMm / 25.4).toFixed(1)} in`
    : lengthMm >= 100
      ? `${(lengthMm / 10).toFixed(0)} cm`
      : `${Math.round(lengthMm)} mm`;
