import { checkNumber, fail } from "../../quantities/result";
import { at, totalG } from "../contents";
import { marked, type StepContext, type Vessel } from "../ledger";
import { type Applied, hands, outcome, wait } from "./common";
import { choice, defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { where: choice("fridge", "freezer"), days: number(0, 365) } as const;
type StoreStep = StepWith<"store", typeof FIELDS>;

const DAY_MIN = 24 * 60;

/** Store, dated: nothing leaves it; the fridge keeps it at 4 °C, the freezer at −18 °C until it is thawed. */
function store(vessel: Vessel, step: StoreStep, context: StepContext): Applied {
  if (totalG(vessel.batch) <= 0) return fail({ kind: "empty-vessel" });
  const bad = checkNumber("days", step.days, 0, 365);
  if (bad) return fail(bad);
  const cold = step.where === "freezer";
  return outcome(
    {
      ...vessel,
      batch: at(vessel.batch, cold ? -18 : 4),
      marks: cold ? marked(vessel.marks, "frozen") : vessel.marks,
    },
    [hands(step, context, 3), wait(step.days * DAY_MIN)],
    { needs: [{ kind: cold ? "freezer" : "fridge" }] },
  );
}

/** What the house knows of “store”: settings, defaults, waits, weigh-in and rule. */
export const storeStep = defineStep({
  kind: "store",
  fields: FIELDS,
  usual: { where: "fridge", days: 1 },
  waitsMin: null,
  weighed: null,
  fitsFrozen: true,
  apply: store,
});
