import type { Step } from "@/core/process/registry";
import type { UnitSystem } from "@/core/quantities/units";
import { writeLength, writeMass, writeMinutes, writeTemp } from "@/core/quantities/write";
import { round } from "./words";

type NumbersOf<S> = { [K in keyof S]-?: S[K] extends number | null ? K : never }[keyof S];
/** Every setting of any kind of step that is a number. */
type NumberSetting = Step extends infer S ? (S extends unknown ? NumbersOf<S> : never) : never;
type Write = (value: number, units: UnitSystem) => string;
const minutes: Write = (value) => writeMinutes(value);
const percent: Write = (value) => `${round(value * 100)} %`;
const plain: Write = round;

/** What each is called in a sentence, and how its value is written. */
const SETTINGS: Readonly<Record<NumberSetting, readonly [name: string, write: Write]>> = {
  handsMin: ["Hands-on time", minutes],
  mayWaitMin: ["The time that it may wait", minutes],
  minutes: ["The time", minutes],
  standMin: ["The time that it stands", minutes],
  browningMin: ["The browning time", minutes],
  days: ["The number of days", plain],
  count: ["The number of pieces", plain],
  times: ["The number of rinses", plain],
  waterC: ["The water temperature", writeTemp],
  oilC: ["The oil temperature", writeTemp],
  ovenC: ["The oven temperature", writeTemp],
  holdC: ["The holding temperature", writeTemp],
  heatC: ["The heat", writeTemp],
  coreC: ["The temperature of the middle", writeTemp],
  lengthMm: ["The length", writeLength],
  widthMm: ["The width", writeLength],
  thicknessMm: ["The thickness", writeLength],
  diameterMm: ["The diameter", writeLength],
  pieceMm: ["The piece size", writeLength],
  depthMm: ["The depth", writeLength],
  waterG: ["The water of a rinse", writeMass],
  pieceG: ["The weight of a piece", writeMass],
  loadKg: ["The weight on the board", (value) => `${round(value)} kg`],
  saltTo: ["The salt", percent],
  pickUp: ["What clings", percent],
  toShare: ["What stays", percent],
  share: ["The share", percent],
};
const isSetting = (field: string): field is NumberSetting => field in SETTINGS;

/** "The oven temperature is 400 °C; it can be 50 °C to 300 °C." A field that is no setting is called as it is. */
export function describeOutOfRange(
  {
    field,
    got,
    low,
    high,
  }: { readonly field: string; readonly got: number; readonly low: number; readonly high: number },
  units: UnitSystem,
): string {
  const [name, write] = isSetting(field) ? SETTINGS[field] : [field, plain];
  return `${name} is ${write(got, units)}; it can be ${write(low, units)} to ${write(high, units)}.`;
}
/** A field by its name in a sentence. */
export const settingName = (field: string): string => (isSetting(field) ? SETTINGS[field][0] : field);
