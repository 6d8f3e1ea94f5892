import type { Fix } from "@/core/mend/fixes";
import { writeMass, writeMinutes, writeTemp } from "@/core/quantities/write";
import { STEP_NAMES } from "./steps";
import { foodName, type TextContext } from "./words";

const HEATS = {
  coreC: "Heat the middle to",
  ovenC: "Turn the oven down to",
  oilC: "Keep the oil at",
  holdC: "Hold it at",
} as const;

/** What a press on a way out does. */
export function sayFix(fix: Fix, { units, foods }: TextContext): string {
  switch (fix.kind) {
    case "put-before":
      return `Put “${STEP_NAMES[fix.step]}” before it`;
    case "put-after":
      return `Put “${STEP_NAMES[fix.step]}” after it`;
    case "take":
      return `Make it “${STEP_NAMES[fix.step]}”`;
    case "minutes":
      return `Give it ${writeMinutes(fix.minutes)}`;
    case "gear":
      return `Take “${fix.name}”`;
    case "chill":
      return "Put it in the fridge";
    case "heat":
      return `${HEATS[fix.key]} ${writeTemp(fix.tempC, units)}`;
    case "add":
      return `Add ${writeMass(fix.massG, units)} of ${foodName(foods, fix.food).toLowerCase()}`;
  }
}
