import { hoursBetween } from "../../models/cooling";
import { checkNumber, fail, firstBad } from "../../quantities/result";
import { at, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { lumpedMinutes } from "./coolingBody";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = {
  minutes: number(0, 2880),
  depthMm: number(5, 400),
  where: choice("room", "fridge", "ice-bath"),
} as const;
type CoolStep = StepWith<"cool", typeof FIELDS>;

/** Room, fridge and stirred ice bath: °C and W/m²K (engineering estimates). */
const PLACES = {
  room: { surface: 10, tempC: null },
  fridge: { surface: 10, tempC: 4 },
  "ice-bath": { surface: 100, tempC: 0.5 },
} as const;
/** A lumped body is optimistic for thick food (card 16). */
const THICK_FOOD = 1.3;

/** Cool: how warm it still is after the minutes, and how long to 21 and to 5 °C, the two limits of the Food Code. */
function cool(vessel: Vessel, step: CoolStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const bad = firstBad(checkNumber("minutes", step.minutes, 0, 48 * 60), checkNumber("depth", step.depthMm, 5, 400));
  if (bad) return fail(bad);
  const place = PLACES[step.where];
  const aroundC = place.tempC ?? context.roomC;
  const tau = lumpedMinutes(totalG(batch), step.depthMm, place.surface) * THICK_FOOD;
  const toC = aroundC + (batch.tempC - aroundC) * Math.exp(-step.minutes / tau);
  const hours = (to: number) => (batch.tempC <= to ? 0 : hoursBetween(batch.tempC, to, aroundC, tau * 60));
  return outcome({ ...vessel, batch: at(batch, toC) }, [hands(step, context, 2), wait(step.minutes)], {
    needs: step.where === "fridge" ? [{ kind: "fridge" }] : [],
    facts: [{ kind: "cooled", toC, hoursTo21: hours(21), hoursTo5: hours(5) }],
  });
}

/** What the house knows of “cool”: settings, defaults, waits, weigh-in and rule. */
export const coolStep = defineStep({
  kind: "cool",
  fields: FIELDS,
  usual: { minutes: 60, depthMm: 40, where: "room" },
  waitsMin: 60,
  weighed: null,
  apply: cool,
});
