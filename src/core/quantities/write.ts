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
    const ounces = massG / GRAMS_PER_OUNCE;
    return `${trimZero(ounces.toFixed(Math.abs(ounces) < 1 ? 2 : Math.abs(ounces) < 10 ? 1 : 0))} oz`;
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

const SPOONS: readonly (readonly ["cup" | "tbsp" | "tsp", readonly number[]])[] = [
  ["cup", [1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4]],
  ["tbsp", [1, 3 / 2, 2, 3]],
  ["tsp", [1 / 8, 1 / 4, 1 / 2, 3 / 4, 1, 5 / 4, 3 / 2, 2, 5 / 2]],
];
const FRACTIONS: readonly (readonly [number, string])[] = [
  [1 / 8, "⅛"],
  [1 / 4, "¼"],
  [1 / 3, "⅓"],
  [1 / 2, "½"],
  [2 / 3, "⅔"],
  [3 / 4, "¾"],
];
/** Spoons are not the scale: an amount that no spoon meets within this is written by weight. */
const SPOON_MISS = 0.08;

/**
 * A small volume in US cups and spoons, the largest that meet it within 8 %; null when none does.
 *
 *     writeSpoons(5) // => "1 tsp"
 *     writeSpoons(22.2) // => "1½ tbsp"
 *     writeSpoons(355) // => "1½ cups"
 *     writeSpoons(0.2) // => null
 */
export function writeSpoons(ml: number): string | null {
  for (const [unit, amounts] of SPOONS) {
    const asked = ml / ML_OF.us[unit];
    const all = unit === "cup" ? [...amounts, ...cupsNear(asked)] : amounts;
    const nearest = all.reduce((a, b) => (Math.abs(b - asked) < Math.abs(a - asked) ? b : a));
    if (Math.abs(nearest - asked) <= SPOON_MISS * asked)
      return `${mixedNumber(nearest)} ${unit}${unit === "cup" && nearest > 1 ? "s" : ""}`;
  }
  return null;
}
/**
 * A pinch that no spoon meets, beside its weight: the nearest teaspoon, scant or generous; null above a tablespoon.
 *
 *     writeNearSpoon(1.6) // => "generous ¼ tsp"
 */
export function writeNearSpoon(ml: number): string | null {
  const asked = ml / ML_OF.us.tsp;
  const [, amounts] = SPOONS[2] as (typeof SPOONS)[number];
  const nearest = amounts.reduce((a, b) => (Math.abs(b - asked) < Math.abs(a - asked) ? b : a));
  if (asked > 3 || asked < 0.05) return null;
  return `${asked < nearest ? "scant" : "generous"} ${mixedNumber(nearest)} tsp`;
}
const cupsNear = (cups: number) => [Math.round(4 * cups) / 4, Math.round(3 * cups) / 3].filter((n) => n >= 1);
function mixedNumber(value: number): string {
  const whole = Math.floor(value + 0.01);
  const glyph = FRACTIONS.find(([part]) => Math.abs(value - whole - part) < 0.01)?.[1] ?? "";
  return `${whole > 0 ? whole : ""}${glyph}`;
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
