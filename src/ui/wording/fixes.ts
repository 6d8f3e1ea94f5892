import type { Fix } from "@/core/mend/fixes";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import { STEP_NAMES } from "./steps";
import { foodName, type TextContext } from "./words";

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
    case "add":
      return `Add ${writeMass(fix.massG, units)} of ${foodName(foods, fix.food).toLowerCase()}`;
  }
}
