import { fail } from "../../quantities/result";
import { at, totalG } from "../contents";
import { COOKED_C, marked, type StepContext, type Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { cooledDown } from "./coolingBody";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { where: choice("fridge", "freezer"), days: number(0, 365) } as const;
type StoreStep = StepWith<"store", typeof FIELDS>;

const DAY_MIN = 24 * 60;

/** Still air of fridge and freezer: °C and W/m²K (engineering estimates). */
export const COLD_PLACES = { fridge: { aroundC: 4, surface: 10 }, freezer: { aroundC: -18, surface: 10 } } as const;

/**
 * Store, dated: nothing leaves it; it cools to the fridge's 4 °C or the freezer's −18 °C as fast as its mass and depth allow, and
 * what went in hot is held against the limits for cooling.
 */
function store(vessel: Vessel, step: StoreStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  if (step.where === "freezer" && !context.freezer) return fail({ kind: "no-freezer" });
  const cold = step.where === "freezer";
  const { tempC, cooling, fact } = cooledDown(vessel, vessel.batch, COLD_PLACES[step.where], step.days * DAY_MIN, null);
  return outcome(
    {
      ...vessel,
      batch: at(vessel.batch, tempC),
      marks: cold ? marked(cooked(vessel), "frozen") : cooked(vessel),
      cooling,
    },
    [hands(step, context, 3), wait(step.days * DAY_MIN)],
    { needs: [{ kind: cold ? "freezer" : "fridge" }], facts: fact === null ? [] : [fact] },
  );
}

/** What was cooked and has gone cold is heated right through when it is heated again. */
const cooked = (vessel: Vessel): Vessel["marks"] =>
  vessel.cooling === null && vessel.batch.tempC < COOKED_C ? vessel.marks : marked(vessel.marks, "kept-cooked");

/** What the house knows of “store”: settings, defaults, waits, weigh-in and rule. */
export const storeStep = defineStep({
  kind: "store",
  fields: FIELDS,
  usual: { where: "fridge", days: 1 },
  waitsMin: null,
  weighed: null,
  lines: "before",
  fitsFrozen: true,
  fitsBath: true,
  apply: store,
});
