import { fail } from "../../quantities/result";
import { add, portion, subtract, totalG } from "../contents";
import { type Fact, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, together } from "./common";
import { choice, defineStep, numberOrNull, type StepWith } from "../descriptor";
import { spreadBy } from "../parameters";

const FIELDS = { coating: choice("starch", "batter", "crumb", "seeds"), pickUp: numberOrNull(0.005, 1) } as const;
type CoatStep = StepWith<"coat", typeof FIELDS>;

/** Coat with starch, batter, flour–wet–crumb or seeds: a share of the pieces' mass clings, the rest stays in the bowl. */
function coat(vessel: Vessel, step: CoatStep, context: StepContext): Applied {
  const mass = totalG(vessel.batch);
  if (mass <= 0) return fail({ kind: "empty-vessel" });
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const offered = together(came.value);
  const offeredG = totalG(offered);
  if (offeredG <= 0) return fail({ kind: "nothing-to-coat-with" });
  const wantsG = mass * (step.pickUp ?? context.draw("pick-up", spreadBy("pick-up", step.coating)));
  const takesG = Math.min(wantsG, offeredG);
  const taken = portion(offered, takesG / offeredG);
  const stays = subtract(offered, taken);
  const batch = { ...add(vessel.batch, taken), tempC: vessel.batch.tempC };
  const facts: Fact[] = [{ kind: "coated", takesG, missingG: wantsG - takesG }];
  if (step.pickUp === null) facts.push({ kind: "rule-of-thumb", what: "pick-up" });
  const each = step.coating === "crumb" ? 0.8 : 0.4;
  const minutes = 2 + each * Math.min(60, vessel.pieces?.count ?? mass / 40);
  return outcome({ ...vessel, batch }, [hands(step, context, minutes)], {
    inputs: came.value,
    outputs: totalG(stays) > 1e-9 ? [{ to: "utensil", contents: stays }] : [],
    facts,
  });
}

/** What the house knows of “coat”: settings, defaults, waits, weigh-in and rule. */
export const coatStep = defineStep({
  kind: "coat",
  fields: FIELDS,
  usual: { coating: "starch", pickUp: null },
  waitsMin: 15,
  weighed: "clings",
  lines: "coat",
  apply: coat,
});
