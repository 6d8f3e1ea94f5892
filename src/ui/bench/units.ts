import {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  type UnitSystem,
} from "@/core/quantities/units";
import type { FieldUnit } from "./stepFields";

export interface Unit {
  readonly name: string;
  readonly out: (n: number) => number;
  readonly into: (n: number) => number;
  readonly digits: number;
}
const same = (name: string, digits = 0): Unit => ({ name, out: (n) => n, into: (n) => n, digits });
/** How a field's unit is written and read in each system; inside it stays g, °C, mm and fractions. */
export function unitOf(unit: FieldUnit, units: UnitSystem): Unit {
  const us = units === "us";
  switch (unit) {
    case "min":
      return same("min", 1);
    case "hours":
      return { name: "h", out: (n) => n / 60, into: (n) => n * 60, digits: 1 };
    case "days":
      return same("days", 1);
    case "count":
      return same("");
    case "load":
      return us
        ? { name: "lb", out: (n) => (n * 1000) / GRAMS_PER_POUND, into: (n) => (n * GRAMS_PER_POUND) / 1000, digits: 1 }
        : same("kg", 1);
    case "percent":
      return { name: "%", out: (n) => n * 100, into: (n) => n / 100, digits: 2 };
    case "temp":
      return us ? { name: "°F", out: fahrenheitFromCelsius, into: celsiusFromFahrenheit, digits: 0 } : same("°C");
    case "length":
      return us ? { name: "in", out: (n) => n / 25.4, into: (n) => n * 25.4, digits: 2 } : same("mm");
    case "mass":
      return us
        ? { name: "oz", out: (n) => n / GRAMS_PER_OUNCE, into: (n) => n * GRAMS_PER_OUNCE, digits: 2 }
        : same("g", 1);
  }
}
