import { fail } from "../../quantities/result";
import { at, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { cooledDown } from "./coolingBody";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = {
  minutes: number(0, 2880),
  depthMm: number(5, 400),
  where: choice("room", "fridge", "ice-bath"),
} as const;
type CoolStep = StepWith<"cool", typeof FIELDS>;

/** Room, fridge and stirred ice bath: °C and W/m²K (engineering estimates). */
const PLACES = {
  room: { surface: 10, tempC: null, stirred: false },
  fridge: { surface: 10, tempC: 4, stirred: false },
  "ice-bath": { surface: 100, tempC: 0.5, stirred: true },
} as const;
/** Cool: how warm it still is after the minutes, and how long to 21 and to 5 °C, the two limits of the Food Code. */
function cool(vessel: Vessel, step: CoolStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const place = PLACES[step.where];
  const aroundC = place.tempC ?? context.roomC;
  const { tempC, cooling, fact } = cooledDown(vessel, batch, { ...place, aroundC }, step.minutes, step.depthMm);
  return outcome({ ...vessel, batch: at(batch, tempC), cooling }, [hands(step, context, 2), wait(step.minutes)], {
    needs: step.where === "fridge" ? [{ kind: "fridge" }] : [],
    facts: [fact ?? { kind: "cooled", toC: tempC, hoursTo21: 0, hoursTo5: 0, warmMin: step.minutes }],
  });
}

/** What the house knows of “cool”: settings, defaults, waits, weigh-in and rule. */
export const coolStep = defineStep({
  kind: "cool",
  fields: FIELDS,
  usual: { minutes: 60, depthMm: 40, where: "room" },
  waitsMin: 60,
  weighed: null,
  lines: "before",
  fitsBath: true,
  apply: cool,
});
