import { FRIDGE_SLOWNESS } from "../../models/binderWater";
import { fail } from "../../quantities/result";
import { at, totalG } from "../contents";
import type { Fact, StepContext, Vessel } from "../ledger";
import { type Applied, bindingOf, hands, outcome, wait } from "./common";
import { cooledDown } from "./coolingBody";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { minutes: number(0, 2880), where: choice("fridge", "worktop") } as const;
type RestStep = StepWith<"rest", typeof FIELDS>;

/** Still air of a fridge: °C and W/m²K (engineering estimates). */
const FRIDGE = { aroundC: 4, surface: 10 } as const;

/** Rest: nothing moves but time and heat; in the fridge binders take 1.3 times as long, and it cools no faster than its mass allows. */
function rest(vessel: Vessel, step: RestStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  const counted = step.where === "fridge" ? step.minutes / FRIDGE_SLOWNESS : step.minutes;
  const boundMin = vessel.boundMin === null ? null : vessel.boundMin + counted;
  const state = boundMin === null ? null : bindingOf(vessel.batch, boundMin, context.figures);
  const facts: Fact[] = state === null ? [] : [{ kind: "binding", state }];
  const place = step.where === "fridge" ? FRIDGE : { aroundC: context.roomC, surface: FRIDGE.surface };
  const { tempC, cooling } = cooledDown(vessel, vessel.batch, place, step.minutes, null);
  return outcome(
    { ...vessel, batch: at(vessel.batch, tempC), boundMin, cooling },
    [hands(step, context, 1), wait(step.minutes)],
    {
      needs: step.where === "fridge" ? [{ kind: "fridge" }] : [],
      facts,
    },
  );
}

/** What the house knows of “rest”: settings, defaults, waits, weigh-in and rule. */
export const restStep = defineStep({
  kind: "rest",
  fields: FIELDS,
  usual: { minutes: 30, where: "fridge" },
  waitsMin: 24 * 60,
  weighed: null,
  lines: "before",
  fitsBath: true,
  apply: rest,
});
